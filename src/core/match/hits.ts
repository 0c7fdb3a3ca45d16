import { dot } from './dot.ts';
import type { MatchLine, ShelfItem, WordHit } from './types.ts';

/** How well a word of the line is met in one picture. */
export interface Met {
  worth: number;
  tag: string;
  close: number;
  subject?: boolean;
}

/** The words by which a line and a picture met, the closest first. */
export function hitsOf(
  words: readonly { text: string }[],
  met: readonly ReadonlyMap<number, Met>[],
  i: number,
  line: MatchLine,
  item: ShelfItem,
): WordHit[] {
  const hits = words.flatMap((w, k): WordHit[] => {
    const m = met[k]?.get(i);
    return m ? [{ word: w.text, tag: m.tag, close: m.close }] : [];
  });
  return (hits.length ? hits : closestWord(words, line, item)).sort((a, b) => b.close - a.close);
}

/** Where only the meaning of the whole line led to a picture: the word that is nearest to it. */
function closestWord(words: readonly { text: string }[], line: MatchLine, item: ShelfItem): WordHit[] {
  let found: WordHit | null = null;
  words.forEach((w, k) => {
    const v = line.wordVectors[k];
    const close = v ? dot(v, item.textVector) : 0;
    if (close > (found?.close ?? 0.12)) found = { word: w.text, tag: item.title, close };
  });
  return found ? [found] : [];
}
