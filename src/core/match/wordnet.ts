import { LRUCache } from 'lru-cache';

/** How a word of the shelf is related to a word of a line. */
export type Relation = 'same' | 'kind of' | 'example' | 'form';

/** A word of WordNet that is near to another one. */
export interface NearWord {
  /** In lower case, words of a phrase with blanks between. */
  word: string;
  relation: Relation;
  /** How much it counts of the word itself, 0 to 1. */
  worth: number;
}

export type WordClass = 'noun' | 'verb' | 'adj';

/** The files of one word class as bytes, as WordNet ships them. */
export interface WordNetFiles {
  index: Uint8Array;
  data: Uint8Array;
}

interface Synset {
  /** Number of its lexicographer file. */
  file: string;
  words: string[];
  pointers: { symbol: string; offset: number; pos: string }[];
}

/** What the senses of a word count, likeliest first; further ones are left out. */
const SENSES = [1, 0.6, 0.35];
/** Among the first senses of a noun, what can be seen goes before what cannot: its lexicographer files (lexnames(5WN)). */
const SENSES_SORTED = 4;
const VISIBLE = new Set(['05', '06', '08', '13', '15', '17', '18', '19', '20', '27']);
/** What a step up the tree of kinds leaves: dog, canine, carnivore. */
const UP = [0.75, 0.65, 0.55, 0.45];
const SAME = 0.9;
const EXAMPLE = 0.6;
const FORM = 0.8;
/** Kinds that say nothing of what is seen, and everything above them. */
const TOO_GENERAL = new Set(
  `entity object whole artifact thing matter abstraction attribute state group relation measure event act action
  activity change move cause make be person organism being unit part quality condition communication instrumentality
  location region content message`.split(/\s+/),
);
/** Kinds with more examples than this are not opened. */
const MOST_EXAMPLES = 40;

const NEWLINE = 10;

/**
 * WordNet (Fellbaum 1998) in its database format, read in place: the index is searched by halving, synsets are read at
 * their offsets, nothing is unpacked. Format: wndb(5WN).
 */
export class WordNet {
  private readonly files: Record<WordClass, WordNetFiles>;
  private readonly known = new LRUCache<string, NearWord[]>({
    maxSize: 20_000_000,
    sizeCalculation: (words) => 100 + 80 * words.length,
  });

  constructor(files: Record<WordClass, WordNetFiles>) {
    this.files = files;
  }

  /** Whether it has a word, or a phrase with blanks, in its base form. */
  has(word: string, of: WordClass): boolean {
    return this.offsets(word, of).length > 0;
  }

  /** Words that are near to a word in its base form, nearest first. Empty when WordNet has not got it. */
  nearWords(word: string, of: WordClass): NearWord[] {
    const key = `${of} ${word}`;
    const before = this.known.get(key);
    if (before) return before;
    const found = new Map<string, NearWord>();
    const add = (synset: Synset, relation: Relation, worth: number) => {
      for (const w of synset.words)
        if (w !== word && worth > (found.get(w)?.worth ?? 0)) found.set(w, { word: w, relation, worth });
    };
    this.senses(word, of)
      .slice(0, SENSES.length)
      .forEach((synset, i) => {
        const weight = SENSES[i] as number;
        add(synset, 'same', weight * SAME);
        for (const p of synset.pointers) {
          const target = classOf(p.pos);
          if (target && p.symbol === '+') add(this.synset(target, p.offset), 'form', weight * FORM);
          if (p.symbol === '&') add(this.synset(of, p.offset), 'same', weight * FORM * 0.75);
        }
        this.climb(of, synset, weight, add);
        const examples = synset.pointers.filter((p) => p.symbol === '~');
        if (examples.length <= MOST_EXAMPLES)
          for (const p of examples) add(this.synset(of, p.offset), 'example', weight * EXAMPLE);
      });
    const list = [...found.values()].sort((a, b) => b.worth - a.worth);
    this.known.set(key, list);
    return list;
  }

  /** Adds the kinds above a synset, up to what is too general to be painted. */
  private climb(
    of: WordClass,
    from: Synset,
    weight: number,
    add: (s: Synset, relation: Relation, worth: number) => void,
  ): void {
    let level = [from];
    for (const step of UP) {
      level = level
        .flatMap((s) => s.pointers)
        .filter((p) => p.symbol === '@' || p.symbol === '@i')
        .map((p) => this.synset(of, p.offset))
        .filter((s) => !s.words.some((w) => TOO_GENERAL.has(w)));
      for (const s of level) add(s, 'kind of', weight * step);
    }
  }

  /** The synsets of a word, likeliest first. */
  private senses(word: string, of: WordClass): Synset[] {
    const first = this.offsets(word, of)
      .slice(0, SENSES_SORTED)
      .map((offset) => this.synset(of, offset));
    const visible = (s: Synset) => (of === 'noun' && VISIBLE.has(s.file) ? 0 : 1);
    return first.sort((a, b) => visible(a) - visible(b));
  }

  /** Offsets of the synsets of a word, most frequent first. */
  private offsets(word: string, of: WordClass): number[] {
    const lemma = word.replace(/ /g, '_');
    const { index } = this.files[of];
    let [lo, hi] = [0, index.length];
    while (lo < hi) {
      const at = lineStart(index, (lo + hi) >> 1);
      const line = lineAt(index, at);
      const here = line.slice(0, line.indexOf(' '));
      // The licence at the head of the file is indented, so its "words" are empty and sort first.
      if (here === lemma) {
        const parts = line.trim().split(' ');
        return parts.slice(-Number(parts[2])).map(Number);
      }
      if (here < lemma) lo = at + line.length + 1;
      else hi = at;
    }
    return [];
  }

  private synset(of: WordClass, offset: number): Synset {
    const parts = lineAt(this.files[of].data, offset).split(' | ')[0]?.split(' ') ?? [];
    const count = Number.parseInt(parts[3] ?? '0', 16);
    const words = Array.from({ length: count }, (_, i) =>
      (parts[4 + i * 2] ?? '')
        .replace(/\(\w+\)$/, '')
        .replace(/_/g, ' ')
        .toLowerCase(),
    );
    const from = 4 + count * 2;
    const pointers = Array.from({ length: Number(parts[from] ?? 0) }, (_, i) => ({
      symbol: parts[from + 1 + i * 4] ?? '',
      offset: Number(parts[from + 2 + i * 4]),
      pos: parts[from + 3 + i * 4] ?? '',
    }));
    return { file: parts[1] ?? '', words, pointers };
  }
}

const classOf = (pos: string): WordClass | null =>
  pos === 'n' ? 'noun' : pos === 'v' ? 'verb' : pos === 'a' || pos === 's' ? 'adj' : null;

/** The start of the line that holds a byte. */
function lineStart(bytes: Uint8Array, at: number): number {
  const before = at > 0 ? bytes.lastIndexOf(NEWLINE, at - 1) : -1;
  return before + 1;
}

function lineAt(bytes: Uint8Array, start: number): string {
  const end = bytes.indexOf(NEWLINE, start);
  return String.fromCharCode(...bytes.subarray(start, end < 0 ? bytes.length : end));
}
