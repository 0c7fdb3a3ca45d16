import { terms } from '../outline/condense/grammar.ts';
import { contentWords, stem } from '../text/tokens.ts';
import { confidenceOf, WEAK } from './nab.ts';

/** A line of some text, and how well the best picture of the shelf fits it. */
export interface AskedLine {
  /** Which text. */
  of: string;
  text: string;
  /** 0 to about 1. */
  best: number;
}

/** Something that lines ask for and the shelf does not have. */
export interface Gap {
  word: string;
  lines: number;
  texts: number;
  /** A line that asks for it. */
  example: string;
}

/**
 * What the shelf lacks, most wanted first: nouns (no names) of lines that no picture fits and that no picture is called by.
 * Words of many texts go before words that one text repeats.
 * has: whether the shelf has a word, by its stem.
 */
export function gapsOf(lines: readonly AskedLine[], has: (wordStem: string) => boolean): Gap[] {
  const found = new Map<
    string,
    { word: Map<string, number>; lines: number; texts: Set<string>; example: string }
  >();
  for (const { of, text, best } of lines) {
    if (confidenceOf(best) >= WEAK) continue;
    const seen = new Set<string>();
    for (const t of terms(text)) {
      const word = t.text.toLowerCase().replace(/[’']s$/, '');
      const s = stem(word);
      if (
        !t.noun ||
        t.pronoun ||
        t.name ||
        t.value ||
        !/^\p{L}{3,}$/u.test(word) ||
        !contentWords(word).length ||
        seen.has(s) ||
        has(s)
      )
        continue;
      seen.add(s);
      const gap = found.get(s) ?? {
        word: new Map<string, number>(),
        lines: 0,
        texts: new Set<string>(),
        example: text,
      };
      gap.lines++;
      gap.texts.add(of);
      gap.word.set(word, (gap.word.get(word) ?? 0) + 1);
      found.set(s, gap);
    }
  }
  return [...found.values()]
    .map(({ word, lines: n, texts, example }) => ({
      word: [...word].sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1))[0]?.[0] ?? '',
      ...{ lines: n, texts: texts.size, example },
    }))
    .sort((a, b) => b.texts - a.texts || b.lines - a.lines || (a.word < b.word ? -1 : 1));
}
