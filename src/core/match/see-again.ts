import type { MatchLine, Scored } from './types.ts';

const SEE_AGAIN = {
  /** How much better it must be than what stands there, which is less sure than this. */
  gain: 0.05,
  under: 0.85,
  /** How sure it must be itself. */
  from: 0.4,
  /** Scenes from one time to the other; nearer ones go on without a break. */
  apart: 2,
  /** And where it begins one scene earlier than it would. */
  gainBefore: 0.12,
  /** Under this a line that points back shows nothing of its own. */
  pointsBackUnder: 0.35,
  /** So many of the best pictures of a line are looked at. */
  among: 8,
} as const;

/** A choice for a whole piece, line by line. */
export interface Choice {
  /** Id of the picture of each line. It is changed where one is seen again. */
  chosen: string[];
  scoreOf: readonly ReadonlyMap<string, Scored>[];
  ranked: readonly (readonly Scored[])[];
  lines: readonly MatchLine[];
  /** Place of the scene of each line in the piece; lines without a place do not stand beside others. */
  places: readonly number[];
  /** How sure a picture is for a line, 0 to 1. */
  certainty: (s: Scored) => number;
}

export interface SeenAgain {
  /** Lines where a picture is seen once more. */
  again: Set<number>;
  /** Lines through which the picture of the line before goes on, with it as it fits them; chosen is what they would show themselves. */
  goesOn: Map<number, Scored>;
}

/**
 * Gives a line the picture of another one where that fits better than what was left for it: in a piece about a roof of solar
 * panels the one picture of them, rather than a meeting. Where the other line stands right beside it, its picture goes on, as
 * it does through a line that points back and says little that can be seen.
 * None is seen at more than two places, the title keeps its own, and a brief asks for what it asks.
 */
export function seeAgain({ chosen, scoreOf, ranked, lines, places, certainty }: Choice): SeenAgain {
  const again = new Set<number>();
  const goesOn = new Map<number, Scored>();
  const shown = (r: number) => goesOn.get(r)?.item.id ?? chosen[r];
  const free = (r: number) => !lines[r]?.brief && !lines[r]?.title && !goesOn.has(r);
  const distance = (r: number, k: number) => (places[r] as number) - (places[k] as number);
  /** The line whose scene stands so many after that of another one, or -1. */
  const at = (r: number, after: number) => lines.findIndex((_, k) => distance(k, r) === after);
  /** Its picture goes on through the line after it. */
  const held = (r: number) => goesOn.has(at(r, 1));
  const better = lines.flatMap((_, r) => {
    const own = scoreOf[r]?.get(chosen[r] ?? '');
    if (!own || !free(r) || certainty(own) >= SEE_AGAIN.under) return [];
    return (ranked[r] ?? [])
      .slice(0, SEE_AGAIN.among)
      .filter((s) => s.score - own.score >= SEE_AGAIN.gain && certainty(s) >= SEE_AGAIN.from)
      .map((s) => ({ r, s, gain: s.score - own.score }));
  });
  // Where it helps most first: a picture is not seen over and over.
  for (const { r, s, gain } of better.sort((x, y) => y.gain - x.gain)) {
    if (!free(r) || again.has(r) || held(r)) continue;
    const seenAt = lines.flatMap((_, k) => (shown(k) === s.item.id ? [k] : []));
    const beside = seenAt.filter((k) => Math.abs(distance(r, k)) < SEE_AGAIN.apart);
    const [k, ...others] = beside;
    if (k === undefined) {
      if (seenAt.filter((x) => !goesOn.has(x)).length !== 1) continue;
      chosen[r] = s.item.id;
      again.add(r);
    } else if (others.length || goesOn.has(k) || held(k)) continue;
    else if (distance(r, k) === 1) goesOn.set(r, s);
    else if (free(k) && gain >= SEE_AGAIN.gainBefore) begins(r, k, s);
  }
  // "They are made to last": what was seen goes on.
  lines.forEach(({ pointsBack }, r) => {
    const own = scoreOf[r]?.get(chosen[r] ?? '');
    if (!pointsBack || !own || !free(r) || held(r) || certainty(own) >= SEE_AGAIN.pointsBackUnder) return;
    const before = at(r, -1);
    const seen = scoreOf[before]?.get(chosen[before] ?? '');
    if (!seen || goesOn.has(before) || shown(at(r, 1)) === seen.item.id) return;
    goesOn.set(
      r,
      scoreOf[r]?.get(seen.item.id) ?? { ...seen, score: 0, meaning: 0, hits: [], preference: 0 },
    );
  });
  return { again: second(), goesOn };

  /** Of two times that a picture is seen, in the order of the piece, the second. */
  function second(): Set<number> {
    const twice = new Set([...again].map((r) => chosen[r]));
    const inOrder = lines.map((_, r) => r).sort((a, b) => distance(a, b));
    const seen = new Set<string | undefined>();
    return new Set(
      inOrder.filter((r) => {
        if (goesOn.has(r) || !twice.has(chosen[r])) return false;
        const before = seen.has(chosen[r]);
        seen.add(chosen[r]);
        return before;
      }),
    );
  }

  /** The picture of the line after this one begins with this one. */
  function begins(r: number, k: number, s: Scored): void {
    const next = ranked[k]?.find((x) => !chosen.includes(x.item.id));
    const of = scoreOf[k]?.get(s.item.id);
    if (!next || !of) return;
    chosen[k] = next.item.id;
    chosen[r] = s.item.id;
    if (again.delete(k)) again.add(r);
    goesOn.set(k, of);
  }
}
