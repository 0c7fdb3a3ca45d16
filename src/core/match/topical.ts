import { mean } from './context.ts';
import type { ShelfIndex } from './score.ts';
import type { MatchLine, Scored } from './types.ts';

const TOPICAL = {
  /** Added at most to a picture from the world of the piece; lines from which there is one. */
  most: 0.12,
  lines: 3,
  /** Mean of its two best scores for other lines, and its likeness to all together: from where they count, and over which range. */
  fits: 0.45,
  fitsRange: 0.35,
  near: 0.3,
  nearRange: 0.3,
} as const;

/**
 * Raises pictures from the world of the piece: those that fit other lines as well, and are near to what all lines say together.
 * Of two that fit a line about as well, such a one is right more often. It is a preference, and makes no line surer.
 */
export function raiseTopical(
  ranked: readonly Scored[][],
  lines: readonly MatchLine[],
  index: ShelfIndex,
): void {
  if (lines.length < TOPICAL.lines) return;
  const near = index.closeTo(mean(lines.map((l) => l.vector)));
  const fits = new Map<string, number[]>();
  ranked.forEach((list, r) => {
    for (const s of list) {
      const row = fits.get(s.item.id) ?? [];
      row[r] = s.score - (s.preference ?? 0);
      fits.set(s.item.id, row);
    }
  });
  const share = (x: number, from: number, range: number) => Math.max(0, Math.min(1, (x - from) / range));
  ranked.forEach((list, r) => {
    for (const s of list) {
      const [first = 0, second = 0] = (fits.get(s.item.id) ?? [])
        .filter((_, k) => k !== r)
        .sort((a, b) => b - a);
      const fit = share((first + second) / 2, TOPICAL.fits, TOPICAL.fitsRange);
      const close = share(near.get(s.item.id) ?? 0, TOPICAL.near, TOPICAL.nearRange);
      const more = TOPICAL.most * Math.sqrt(fit * close);
      s.preference = (s.preference ?? 0) + more;
      s.score += more;
    }
    list.sort((a, b) => b.score - a.score);
  });
}
