import type { Bilingual } from './freedict.ts';

/** What a word can be in English, likeliest first, each with how much speaks for it. */
export type Meant = readonly [english: string, worth: number][];

export interface LexiconRules {
  /** Stem of a word in lower case; the word itself where the language has no stemmer here. */
  stem: (word: string) => string;
  /** Words in lower case that say nothing of what is seen: articles, pronouns, auxiliaries. */
  small: ReadonlySet<string>;
  /** Words are put together to longer ones that no dictionary lists. */
  compounds: boolean;
  /** Nouns are written with a capital wherever they stand. */
  capitalNouns?: boolean;
}

/** Translations of a word that are kept. */
const KEPT = 5;

/** A dictionary as a lexicon wants it: a line for each word, sorted by code units; the word, and its likeliest translations. */
export const lexiconText = (words: Bilingual): string =>
  [...words]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([word, meant]) =>
      [
        word,
        ...[...meant]
          .sort((a, b) => b[1] - a[1])
          .slice(0, KEPT)
          .map(written),
      ].join('\t'),
    )
    .join('\n');

const written = ([english, worth]: [string, number]): string => `${english}=${worth.toFixed(2)}`;

/** Endings by which a form may be longer or shorter than the word in the dictionary, letters. */
const ENDING = 3;
/** What no stemmer knows may lose a letter of every so many. */
const LONG = 5;
/** Of a word at least so many letters are looked for, and of the parts of a longer one. */
const LEAST = { stem: 4, head: 3, tail: 3 } as const;
/** What may stand between the parts of a longer word (German, Dutch, the Scandinavian languages). */
const LINKS = ['', 's', 'n', 'en', 'es', 'e'];

/** What words of a language mean in English: as they stand in a dictionary, as forms of such words, or put together of them. */
export class Lexicon {
  /** Where its lines begin: a large dictionary has hundreds of thousands, and only a few are ever read. */
  private readonly starts: Uint32Array;

  /** text: of lexiconText. */
  constructor(
    private readonly text: string,
    readonly rules: LexiconRules,
  ) {
    const starts: number[] = [];
    for (let at = 0; at < text.length; ) {
      starts.push(at);
      const end = text.indexOf('\n', at);
      at = end < 0 ? text.length : end + 1;
    }
    this.starts = Uint32Array.from(starts);
  }

  isSmall(word: string): boolean {
    return this.rules.small.has(word.toLowerCase());
  }

  /** What a word can mean, likeliest first; [] for a word that is not known. */
  look(word: string): Meant {
    const small = word.toLowerCase();
    return this.single(small) ?? this.joined(small) ?? this.nearly(small) ?? [];
  }

  private single(word: string): Meant | null {
    const exact = this.exact(word);
    if (exact) return exact;
    const stem = this.rules.stem(word);
    if (stem.length < LEAST.stem) return null;
    // Some stemmers change letters as well: of Häuser they make haus.
    const begun = new Set([word.slice(0, stem.length), stem]);
    const alike = [...begun].flatMap((b) => this.beginning(b, word.length + ENDING));
    return this.shortest(alike.filter((w) => this.rules.stem(w) === stem));
  }

  /** Of a longer word the last part is what it is, the first says of which kind. */
  private joined(word: string): Meant | null {
    if (!this.rules.compounds) return null;
    for (let cut = LEAST.head; cut <= word.length - LEAST.tail; cut++) {
      const tail = this.single(word.slice(cut));
      if (!tail) continue;
      const first = word.slice(0, cut);
      const link = LINKS.find(
        (l) => first.endsWith(l) && this.exact(first.slice(0, first.length - l.length)) !== null,
      );
      const head = link === undefined ? null : this.exact(first.slice(0, first.length - link.length));
      if (head?.[0] && tail[0]) return [tail[0], head[0], ...tail.slice(1)];
    }
    return null;
  }

  /** A form of which the stemmer knows nothing: the shortest word that begins like it. */
  private nearly(word: string): Meant | null {
    const stem = this.rules.stem(word);
    for (let cut = 1; cut <= stem.length / LONG && stem.length - cut >= LEAST.stem; cut++) {
      const found = this.shortest(this.beginning(stem.slice(0, -cut), word.length + 1));
      if (found) return found;
    }
    return null;
  }

  private shortest(words: readonly string[]): Meant | null {
    const [first] = [...words].sort((a, b) => a.length - b.length);
    return first === undefined ? null : this.exact(first);
  }

  /** Of the line at a place among all. */
  private word(line: number): string {
    const start = this.starts[line] as number;
    return this.text.slice(start, this.text.indexOf('\t', start));
  }

  private exact(word: string): Meant | null {
    const line = this.from(word);
    if (line >= this.starts.length || this.word(line) !== word) return null;
    const end = this.starts[line + 1] ?? this.text.length + 1;
    return this.text
      .slice((this.starts[line] as number) + word.length + 1, end - 1)
      .split('\t')
      .map((m): Meant[number] => {
        const cut = m.lastIndexOf('=');
        return [m.slice(0, cut), Number(m.slice(cut + 1))];
      });
  }

  /** The first line whose word does not come before another one. */
  private from(word: string): number {
    let [low, high] = [0, this.starts.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (this.word(middle) < word) low = middle + 1;
      else high = middle;
    }
    return low;
  }

  /** The words that begin so, of so many letters at most. */
  private beginning(prefix: string, longest: number): string[] {
    const found: string[] = [];
    for (let i = this.from(prefix); i < this.starts.length; i++) {
      const word = this.word(i);
      if (!word.startsWith(prefix)) break;
      if (word.length <= longest) found.push(word);
    }
    return found;
  }
}
