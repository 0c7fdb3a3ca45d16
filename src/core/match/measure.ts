import { confidenceOf, WEAK } from './nab.ts';
import type { RankOptions, ShelfIndex } from './score.ts';
import type { MatchLine } from './types.ts';

/** A line with the pictures that a writer would keep for it. */
export interface JudgedLine {
  line: string;
  brief?: string;
  good: string[];
}

/** Shares of lines, 0 to 1. */
export interface Retrieval {
  /** The first picture is a good one; one of the first three is. */
  hit1: number;
  hit3: number;
  /** Discounted cumulative gain of the first five against the best order (Järvelin and Kekäläinen, 2002). */
  ndcg5: number;
  /** The first picture is marked as weak; of those, the share of good ones. */
  weak: number;
  weakRight: number;
  /** Lines without a good picture among the first three. */
  missed: string[];
}

/** How well an index finds good pictures for single lines. */
export function measureRetrieval(
  index: ShelfIndex,
  judged: readonly JudgedLine[],
  lines: readonly MatchLine[],
  use: RankOptions['use'],
): Retrieval {
  let [hit1, hit3, gain, weak, weakRight] = [0, 0, 0, 0, 0];
  const missed: string[] = [];
  judged.forEach(({ line, good }, i) => {
    const ranked = index.rank(lines[i] as MatchLine, { use, limit: 5 });
    const found = ranked.map((s) => good.includes(s.item.id));
    if (found[0]) hit1++;
    if (confidenceOf(ranked[0]?.score ?? 0) < WEAK) {
      weak++;
      if (found[0]) weakRight++;
    }
    if (found.slice(0, 3).includes(true)) hit3++;
    else missed.push(line);
    const dcg = found.reduce((n, ok, k) => n + (ok ? 1 / Math.log2(k + 2) : 0), 0);
    const ideal = Array.from({ length: Math.min(5, good.length) }).reduce<number>(
      (n, _, k) => n + 1 / Math.log2(k + 2),
      0,
    );
    gain += dcg / ideal;
  });
  const n = judged.length || 1;
  return {
    hit1: hit1 / n,
    hit3: hit3 / n,
    ndcg5: gain / n,
    weak: weak / n,
    weakRight: weakRight / (weak || 1),
    missed,
  };
}
