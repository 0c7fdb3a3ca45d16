import { type LookName, lookOf } from '../look/looks.ts';
import type { TransitionKind } from '../look/transitions.ts';
import { framesToMs } from '../time.ts';
import {
  AS_THE_LOOK,
  AS_THE_PIECE,
  type BorderTransition,
  type SceneLook,
  type Style,
} from './appearance.ts';
import { type Edit, edit, type Op, pieceEdit } from './edit.ts';
import type { Piece, Scene } from './types.ts';

/** Whether an exception changes anything. */
const isPlain = (look: object): boolean => Object.values(look).every((v) => v === null);

/** What scenes change of the look of the piece. Exceptions that change nothing any more are gone. */
export function styleScenes(
  scenes: readonly Scene[],
  change: Partial<SceneLook>,
  merge: string | null = null,
): Edit | null {
  const ops = scenes.map((s): Op => {
    const look = { ...(s.look ?? AS_THE_PIECE), ...change };
    return { op: 'scene', id: s.id, patch: { look: isPlain(look) ? null : look } };
  });
  return ops.length ? { ...edit('style', ops, ops.length), merge } : null;
}

/** What the whole piece changes of its look. */
export const stylePiece = (piece: Piece, change: Partial<Style>, merge: string | null = null): Edit =>
  pieceEdit('style', { style: { ...piece.style, ...change } }, merge);

/** Another look for the piece; what scenes change of it stays. */
export const setLook = (look: LookName): Edit => pieceEdit('look', { look });

/** Scenes as the piece has it, in everything, or in one thing. */
export function clearLook(scenes: readonly Scene[], name: keyof SceneLook | null = null): Edit | null {
  const changed = scenes.filter((s) => s.look !== null && (name === null || s.look[name] !== null));
  return styleScenes(changed, name === null ? AS_THE_PIECE : { [name]: null });
}

/** The piece as its look has it, in everything. */
export const clearStyle = (): Edit => pieceEdit('style', { style: AS_THE_LOOK });

/** Which things a scene, or the piece, changes. */
export const changesOf = (style: Style | SceneLook | null): (keyof SceneLook)[] =>
  style === null
    ? []
    : (Object.keys(style) as (keyof SceneLook)[]).filter((k) => style[k as keyof Style] !== null);

/** The transition before a scene as it is: its own, that of the piece, or that of the look. */
export function transitionOf(
  piece: Pick<Piece, 'look' | 'transition'>,
  scene: Pick<Scene, 'transition'>,
): BorderTransition {
  const chosen = scene.transition ?? piece.transition;
  if (chosen) return chosen;
  const { kind, frames } = lookOf(piece.look).transition;
  return { kind, lengthMs: Math.round(framesToMs(frames)) };
}

/** A transition on the borders before scenes; null as the piece has it. */
export function transitScenes(scenes: readonly Scene[], transition: BorderTransition | null): Edit | null {
  const ops = scenes.map((s): Op => ({ op: 'scene', id: s.id, patch: { transition } }));
  return ops.length ? edit('transition', ops, ops.length) : null;
}

/** A transition on all borders: those that had one of their own have this one too. */
export function transitPiece(piece: Piece, transition: BorderTransition | null): Edit {
  const own = piece.scenes.filter((s) => s.transition !== null);
  return edit('transition', [
    { op: 'piece', patch: { transition } },
    ...own.map((s): Op => ({ op: 'scene', id: s.id, patch: { transition: null } })),
  ]);
}

/** Lengths that are offered for a transition, by its kind. */
export const usualLength = (kind: TransitionKind): number =>
  kind === 'cut' ? 0 : kind === 'whip' ? 300 : kind === 'page' ? 700 : 450;
