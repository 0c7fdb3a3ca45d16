import { contentWords, stem, weightOf } from '../text/tokens.ts';
import type { StockPicture } from './types.ts';

const MERGE = {
  /** Share of the words that are met beside the place that the library itself gave. */
  wordsShare: 0.7,
  /** A word met in the title or the tags, and one met in a part of a longer tag. */
  tagWorth: 1,
  titleWorth: 0.9,
} as const;

/** How well a picture meets the words that are looked for, 0 to 1. */
export function wordsMet(text: string, picture: StockPicture): number {
  const words = contentWords(text);
  const tags = new Set(picture.tags.flatMap((t) => [stem(t), ...contentWords(t).map((w) => w.stem)]));
  const title = new Set(contentWords(picture.title).map((w) => w.stem));
  let met = 0;
  let all = 0;
  for (const w of words) {
    const weight = weightOf(w.text);
    all += weight;
    met += weight * (tags.has(w.stem) ? MERGE.tagWorth : title.has(w.stem) ? MERGE.titleWorth : 0);
  }
  return all ? met / all : 0;
}

/**
 * What several libraries offer for some words as one list, best first: by the words that are met, and by the place at which
 * each library put it (reciprocal rank). Of equal ones the cheaper goes first. lists: as each library ordered them.
 */
export function mergeStock(words: string, lists: readonly (readonly StockPicture[])[]): StockPicture[] {
  return lists
    .flatMap((list) =>
      list.map((picture, place) => ({
        picture,
        score: MERGE.wordsShare * wordsMet(words, picture) + (1 - MERGE.wordsShare) / (1 + place),
      })),
    )
    .sort(
      (a, b) =>
        b.score - a.score ||
        a.picture.priceCents - b.picture.priceCents ||
        (a.picture.library + a.picture.id < b.picture.library + b.picture.id ? -1 : 1),
    )
    .map((x) => x.picture);
}
