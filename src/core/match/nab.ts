import { type PictureChoice, plainUse } from '../piece/types.ts';
import { assign } from './assign.ts';
import type { ShelfIndex } from './score.ts';
import type { MatchLine, Scored, ShelfItem } from './types.ts';

/** How the whole piece is weighed against the single line. */
export const NAB = {
  /** Taken off when a picture of the same motif stands in the piece already, and more when it stands next to it. */
  sameGroup: 0.06,
  sameGroupNextTo: 0.16,
  samePaletteNextTo: 0.012,
  /** Taken off for each use of a picture before this one, when there are more lines than pictures. */
  repeat: 0.5,
  alternatives: 3,
  /** Score at which a choice is a guess, and at which it is certain. */
  guess: 0.16,
  certain: 0.52,
} as const;

/** So many pictures are looked at for each line; of a large shelf the rest is too far away. */
const RANKED = 120;
/** Value of a picture that is not among those looked at for a line. */
const FAR = -10;

/** Confidence under which a choice is shown as weak. */
export const WEAK = 0.35;

/**
 * Chooses a picture for every line at once: the assignment with the best total, no picture twice while others are
 * left, then improved by exchanges so that pictures of one motif or one light do not crowd. taken: pictures that stay
 * where the writer put them; allow: pictures that may be chosen. Determined by its input.
 */
export function nab(
  index: ShelfIndex,
  lines: readonly MatchLine[],
  taken: readonly string[] = [],
  allow: (item: ShelfItem) => boolean = () => true,
): Record<string, PictureChoice> {
  const ranked = lines.map((line) => index.rank(line, { limit: Math.max(RANKED, 2 * lines.length), allow }));
  if (!lines.length || !index.items.length) return {};
  const near = new Set(ranked.flatMap((r) => r.map((s) => s.item)));
  const items = [...near].filter((it) => !taken.includes(it.id));
  const pool = items.length ? items : [...near];
  const copies = Math.ceil(lines.length / pool.length);
  const scoreOf = ranked.map((r) => new Map(r.map((s) => [s.item.id, s])));
  const value = lines.map((_, r) =>
    Array.from({ length: copies }, (_, c) =>
      pool.map((it) => (scoreOf[r]?.get(it.id)?.score ?? FAR) - c * NAB.repeat),
    ).flat(),
  );
  const columns = assign(value);
  const chosen = columns.map((c) => pool[c % pool.length]?.id ?? '');
  improve(chosen, scoreOf, ranked, taken, lines.length <= pool.length);
  return Object.fromEntries(
    lines.flatMap((line, r) => {
      const best = scoreOf[r]?.get(chosen[r] ?? '') ?? ranked[r]?.[0];
      if (!best) return [];
      const others = (ranked[r] ?? []).filter(
        (s) => s.item.id !== best.item.id && s.item.group !== best.item.group,
      );
      const near = (ranked[r] ?? []).filter((s) => s.item.id !== best.item.id);
      const alternatives = [...new Set([...others.slice(0, NAB.alternatives), ...near])].slice(
        0,
        NAB.alternatives,
      );
      return [[line.sceneId, choice(best, alternatives)]];
    }),
  );
}

function choice(best: Scored, alternatives: Scored[]): PictureChoice {
  return {
    ...plainUse(best.item.id),
    by: 'nab',
    reason: reasonOf(best),
    confidence: Math.round(confidenceOf(best.score) * 100) / 100,
    found: [...new Set(best.hits.map((h) => h.word))].slice(0, 6),
    alternatives: alternatives.map((s) => ({ assetId: s.item.id, reason: reasonOf(s) })),
  };
}

export const confidenceOf = (score: number): number =>
  Math.max(0, Math.min(1, (score - NAB.guess) / (NAB.certain - NAB.guess)));

/** Why a picture was found, in words: which words met which tags, and how close the whole line is. */
export function reasonOf(s: Scored): string {
  const words = s.hits
    .slice(0, 3)
    .map((h) => (h.close === 1 ? `“${h.word}” is in it` : `“${h.word}” is close to “${h.tag}”`));
  const meaning = `meaning ${Math.round(s.meaning * 100)} %`;
  return [...words, meaning].join(' · ');
}

function improve(
  chosen: string[],
  scoreOf: Map<string, Scored>[],
  ranked: Scored[][],
  taken: readonly string[],
  enough: boolean,
): void {
  const groups = new Map<string, Scored>();
  for (const r of ranked) for (const s of r) groups.set(s.item.id, s);
  const item = (id: string | undefined) => (id ? groups.get(id)?.item : undefined);
  const at = (r: number, id: string): number => {
    const me = item(id);
    let v = scoreOf[r]?.get(id)?.score ?? FAR;
    chosen.forEach((other, k) => {
      if (k === r) return;
      const o = item(other);
      if (other === id) v -= NAB.repeat;
      if (o && me && o.group === me.group) v -= Math.abs(k - r) === 1 ? NAB.sameGroupNextTo : NAB.sameGroup;
      if (o && me && Math.abs(k - r) === 1 && o.palette === me.palette) v -= NAB.samePaletteNextTo;
    });
    return v;
  };
  for (let round = 0; round < 4; round++) {
    let changed = false;
    for (let r = 0; r < chosen.length; r++) {
      let best = chosen[r] as string;
      let value = at(r, best);
      for (const s of (ranked[r] ?? []).slice(0, 14)) {
        if (taken.includes(s.item.id) || (enough && chosen.includes(s.item.id))) continue;
        const v = at(r, s.item.id);
        if (v > value + 1e-9) {
          value = v;
          best = s.item.id;
        }
      }
      if (best !== chosen[r]) {
        chosen[r] = best;
        changed = true;
      }
    }
    if (!changed) return;
  }
}
