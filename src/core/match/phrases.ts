import { contentWords, stem, tokens } from '../text/tokens.ts';
import type { NearWord, WordClass } from './wordnet.ts';

/** Words of a line that a dictionary has as one: "fire station", "cross out". */
export interface Phrase {
  /** Places among the content words of the line. */
  at: number[];
  /** It means something else than its words do one by one: a verb with its particle. */
  apart: boolean;
  /** Words near to the whole; none for one that means something else, of which little can be seen. */
  nearWords: readonly NearWord[];
}

/** What is asked of a dictionary. */
export interface Dictionary {
  has(word: string, of: WordClass): boolean;
  nearWords(word: string, of: WordClass): readonly NearWord[];
}

const LONGEST = 3;
const PARTICLES = new Set(
  'about across after ahead along apart around aside away back by down for forth forward in into off on out over through to together under up upon'.split(
    ' ',
  ),
);

/** The forms under which a dictionary may have a noun, as it stands first. */
export const singular = (word: string): string[] => [
  ...new Set([word, word.replace(/ies$/, 'y'), word.replace(/(s|x|ch|sh)es$/, '$1'), word.replace(/s$/, '')]),
];

/**
 * Phrases of a line, the longest first, none within another. Of verbs only those that do not mean what the verb does: "sit down"
 * is to sit, "cross out" is not to cross. baseOf: the base form of a verb as it stands in the line.
 */
export function phrasesIn(line: string, dictionary: Dictionary, baseOf: (word: string) => string): Phrase[] {
  const all = tokens(line);
  const places = new Map(contentWords(line).map((w, i) => [w.start, i]));
  const adjacent = (i: number, n: number) =>
    all.slice(i, i + n - 1).every((t, k) => /^ $/.test(line.slice(t.end, all[i + k + 1]?.start)));
  const out: Phrase[] = [];
  for (let i = 0; i < all.length; i++)
    for (let n = Math.min(LONGEST, all.length - i); n >= 2; n--) {
      if (!adjacent(i, n)) continue;
      const run = all.slice(i, i + n);
      const at = run.flatMap((t) => places.get(t.start) ?? []);
      const found = at.length ? (nounIn(run, dictionary) ?? verbIn(run, dictionary, baseOf)) : null;
      if (!found) continue;
      out.push({ at, ...found });
      i += n - 1;
      break;
    }
  return out;
}

type Found = Omit<Phrase, 'at'>;
type Words = readonly { text: string }[];

function nounIn(run: Words, dictionary: Dictionary): Found | null {
  const small = run.map((t) => t.text.toLowerCase());
  const before = small.slice(0, -1);
  // A noun with an article or a particle in it ("cup of tea") is understood by its words.
  if (before.some((w) => PARTICLES.has(w) || w.length < 3)) return null;
  for (const last of singular(small.at(-1) ?? '')) {
    const phrase = [...before, last].join(' ');
    if (dictionary.has(phrase, 'noun'))
      return { apart: false, nearWords: dictionary.nearWords(phrase, 'noun') };
  }
  return null;
}

function verbIn(run: Words, dictionary: Dictionary, baseOf: (word: string) => string): Found | null {
  const [verb = '', ...rest] = run.map((t) => t.text.toLowerCase());
  if (!rest.every((w) => PARTICLES.has(w))) return null;
  const base = baseOf(verb);
  const phrase = [base, ...rest].join(' ');
  if (!dictionary.has(phrase, 'verb')) return null;
  const nearWords = dictionary.nearWords(phrase, 'verb');
  const same = nearWords.some(
    (w) => (w.relation === 'same' || w.relation === 'kind of') && stem(w.word) === stem(base),
  );
  return same ? null : { apart: true, nearWords: [] };
}
