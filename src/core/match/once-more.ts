import type { MatchLine, Scored } from './types.ts';

const ONCE_MORE = {
  /** How much better it must be than what stands there, which is less sure than this. */
  gain: 0.12,
  under: 0.55,
  /** How sure it must be itself. */
  from: 0.4,
  /** Scenes from one time to the other. */
  apart: 3,
  /** So many of the best pictures of a line are looked at. */
  among: 8,
} as const;

/**
 * Gives a line the picture of another one where that fits much better than what was left for it: in a piece about a roof of
 * solar panels the one picture of them, rather than a meeting. None is seen more than twice, the title keeps its own, and a
 * brief asks for what it asks. chosen: id of the picture of each line; changed. certainty: of a picture for a line, 0 to 1.
 * Returns the lines where a picture is seen once more.
 */
export function onceMore(
  chosen: string[],
  scoreOf: readonly ReadonlyMap<string, Scored>[],
  ranked: readonly (readonly Scored[])[],
  lines: readonly MatchLine[],
  certainty: (s: Scored) => number,
): Set<number> {
  const again = new Set<number>();
  lines.forEach((line, r) => {
    const own = scoreOf[r]?.get(chosen[r] ?? '');
    if (!own || line.brief || line.title || certainty(own) >= ONCE_MORE.under) return;
    const better = ranked[r]?.slice(0, ONCE_MORE.among).find((s) => {
      const at = chosen.flatMap((id, k) => (id === s.item.id ? [k] : []));
      return (
        at.length === 1 &&
        at.every((k) => Math.abs(k - r) >= ONCE_MORE.apart) &&
        s.score - own.score >= ONCE_MORE.gain &&
        certainty(s) >= ONCE_MORE.from
      );
    });
    if (!better) return;
    chosen[r] = better.item.id;
    again.add(r);
  });
  return again;
}
