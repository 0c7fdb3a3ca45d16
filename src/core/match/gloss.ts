import { contentWords, stem } from '../text/tokens.ts';
import type { Lexicon } from './lexicon.ts';

/** What a line in another language says, in the words by which pictures are found. */
export interface Gloss {
  /** English words in the order of the line; '' where nothing of it is known. */
  text: string;
  /** Words of the line that are not small ones, and how many of them are known. */
  words: number;
  known: number;
  /** Which word each of them stands for, by the English one in lower case. */
  said: Map<string, string>;
}

/** What the shelf has. */
export interface Known {
  /** Anything for an English word. */
  shows: (word: string) => boolean;
  /** A picture of the writer's own that is described by a word as it stands. */
  owns: (word: string) => boolean;
}

/** Translations that are this much less likely than the likeliest are left out. */
const LIKELY = 0.55;
/** A second one beside the first: it has to be nearly as likely, and to be on the shelf. */
const AS_LIKELY = 0.85;

/**
 * Reads a line word by word with a dictionary. language: two letters, by which words are told apart. Of likely translations
 * those are taken for which the shelf has something. Words that are in no dictionary stay as they are where the shelf knows
 * them ("computer"), and are left out otherwise; those that own pictures are described by stay beside what they mean.
 */
export function glossed(text: string, language: string, lexicon: Lexicon, { shows, owns }: Known): Gloss {
  const said = new Map<string, string>();
  const words = [...new Intl.Segmenter(language, { granularity: 'word' }).segment(text)]
    .filter((s) => s.isWordLike && /\p{L}/u.test(s.segment))
    .filter((s) => !lexicon.isSmall(s.segment) || isNoun(s.segment, text.slice(0, s.index), lexicon))
    .map((s) => s.segment);
  let known = 0;
  const out = words.flatMap((word) => {
    const meant = lexicon.look(word);
    const itself = owns(word) || (!meant.length && shows(word)) ? [word] : [];
    if (!meant.length && !itself.length) return [];
    known++;
    // What is mostly a small word says nothing of what is seen.
    if (!saysSomething(meant[0]?.[0])) return itself;
    const chosen = choose(meant, shows);
    for (const w of chosen) for (const { text: part } of contentWords(w)) said.set(part.toLowerCase(), word);
    return [...itself, ...chosen];
  });
  return { text: out.join(' '), words: words.length, known, said };
}

/** A noun by its capital: not at the beginning of a sentence, where every word has one. */
const isNoun = (word: string, before: string, lexicon: Lexicon): boolean =>
  lexicon.rules.capitalNouns === true && /^\p{Lu}/u.test(word) && /[\p{L}\p{N},;][\s“”„"»«’]*$/u.test(before);

const saysSomething = (english: string | undefined): boolean =>
  english !== undefined && contentWords(english).length > 0;

function choose(meant: readonly [string, number][], shows: (word: string) => boolean): string[] {
  const most = meant[0]?.[1] ?? 0;
  const likely = meant.filter(([english, worth]) => worth >= most * LIKELY && saysSomething(english));
  const seen = likely.filter(([english]) => contentWords(english).every((w) => shows(w.text)));
  const [first, second] = seen.length ? seen : likely;
  if (!first) return [];
  const both =
    second && seen.length > 1 && second[1] >= first[1] * AS_LIKELY && stem(second[0]) !== stem(first[0]);
  return both ? [first[0], second[0]] : [first[0]];
}
