import equal from 'fast-deep-equal';
import { longestRising } from './changes.ts';
import { type Edit, edit, type Op } from './edit.ts';
import { PIECE_FIELDS, type Piece, SCENE_FIELDS, type Scene } from './types.ts';

/** The edit that leads from one state of a piece to another; null when they are equal. name: of the edit. */
export function editTo(from: Piece, to: Piece, name: string): Edit | null {
  const ops: Op[] = [];
  const patch = patchOf(PIECE_FIELDS, from, to);
  if (patch) ops.push({ op: 'piece', patch });
  const wanted = new Map(to.scenes.map((s) => [s.id, s]));
  for (const { id } of from.scenes) if (!wanted.has(id)) ops.push({ op: 'remove', id });
  const kept = from.scenes.filter((s) => wanted.has(s.id));
  for (const scene of kept) {
    const change = patchOf(SCENE_FIELDS, scene, wanted.get(scene.id) as Scene);
    if (change) ops.push({ op: 'scene', id: scene.id, patch: change });
  }
  ops.push(...orderOf(kept, to.scenes));
  return ops.length ? edit(name, ops) : null;
}

/** Moves and insertions by which the kept scenes come into the wanted order: the fewest that do. */
function orderOf(kept: readonly Scene[], wanted: readonly Scene[]): Op[] {
  const was = new Map(kept.map((s, i) => [s.id, i]));
  const still = new Set(longestRising(wanted.flatMap((s) => was.get(s.id) ?? [])));
  const now = kept.map((s) => s.id);
  const ops: Op[] = [];
  wanted.forEach((scene, at) => {
    const place = was.get(scene.id);
    if (place !== undefined && still.has(place)) return;
    if (place !== undefined) now.splice(now.indexOf(scene.id), 1);
    // What is moved later may still stand before: the one that goes before is in its place already.
    const before = wanted[at - 1];
    const to = before ? now.indexOf(before.id) + 1 : 0;
    now.splice(to, 0, scene.id);
    ops.push(place === undefined ? { op: 'insert', at: to, scene } : { op: 'move', id: scene.id, to });
  });
  return ops;
}

function patchOf<T extends object>(fields: Partial<Record<keyof T, unknown>>, from: T, to: T) {
  const names = (Object.keys(fields) as (keyof T)[]).filter((n) => !equal(from[n], to[n]));
  return names.length ? (Object.fromEntries(names.map((n) => [n, to[n]])) as Partial<T>) : null;
}
