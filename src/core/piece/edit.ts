import { FLOWING } from './pictures.ts';
import { LIMITS, piecePatchSchema, scenePatchSchema, sceneSchema } from './schema.ts';
import type { Piece, Scene } from './types.ts';

/** The smallest changes; every edit is a list of these. */
export type Op =
  | { op: 'piece'; patch: Partial<Omit<Piece, 'version' | 'scenes'>> }
  | { op: 'scene'; id: string; patch: Partial<Omit<Scene, 'id'>> }
  | { op: 'insert'; at: number; scene: Scene }
  | { op: 'remove'; id: string }
  /** to: index after the scene was taken out. */
  | { op: 'move'; id: string; to: number };

/** One change as the writer thinks of it: plain data, applied as a whole or not at all. */
export interface Edit {
  /** What it does, for the history and the undo button: "Split scene". */
  label: string;
  ops: Op[];
}

/** Why an edit cannot be applied: the scene is gone, it would be there twice, or the result is no valid piece. */
export type EditFailure = { reason: 'gone' | 'twice' | 'invalid'; message: string };

export type EditResult = { ok: true; piece: Piece; inverse: Edit } | { ok: false; failure: EditFailure };

/**
 * Applies an edit to a valid piece without changing it; the inverse undoes exactly this edit. Each operation is checked
 * by its schema, so the result is valid too, and typing in a long piece stays quick.
 */
export function applyEdit(piece: Piece, edit: Edit): EditResult {
  let now = piece;
  const inverse: Op[] = [];
  for (const op of edit.ops) {
    const step = applyOp(now, op);
    if ('reason' in step) return { ok: false, failure: step };
    now = step.piece;
    inverse.unshift(step.inverse);
  }
  return { ok: true, piece: now, inverse: { label: edit.label, ops: inverse } };
}

function applyOp(piece: Piece, op: Op): { piece: Piece; inverse: Op } | EditFailure {
  switch (op.op) {
    case 'piece': {
      const { error } = piecePatchSchema.validate(op.patch);
      if (error) return { reason: 'invalid', message: error.message };
      return { piece: { ...piece, ...op.patch }, inverse: { op: 'piece', patch: before(piece, op.patch) } };
    }
    case 'insert': {
      const { error } = sceneSchema.validate(op.scene);
      if (error) return { reason: 'invalid', message: error.message };
      if (piece.scenes.some((s) => s.id === op.scene.id))
        return { reason: 'twice', message: `Scene ${op.scene.id} is already in the piece.` };
      if (piece.scenes.length >= LIMITS.scenes)
        return { reason: 'invalid', message: `A piece holds at most ${LIMITS.scenes} scenes.` };
      const at = Math.min(op.at, piece.scenes.length);
      return {
        piece: { ...piece, scenes: piece.scenes.toSpliced(at, 0, op.scene) },
        inverse: { op: 'remove', id: op.scene.id },
      };
    }
  }
  const index = piece.scenes.findIndex((s) => s.id === op.id);
  const scene = piece.scenes[index];
  if (!scene) return { reason: 'gone', message: 'The scene was deleted in the meantime.' };
  switch (op.op) {
    case 'scene': {
      const { error } = scenePatchSchema.validate(op.patch);
      if (error) return { reason: 'invalid', message: error.message };
      return {
        piece: { ...piece, scenes: piece.scenes.with(index, { ...scene, ...op.patch }) },
        inverse: { op: 'scene', id: op.id, patch: before(scene, op.patch) },
      };
    }
    case 'remove':
      return {
        piece: { ...piece, scenes: piece.scenes.toSpliced(index, 1) },
        inverse: { op: 'insert', at: index, scene },
      };
    case 'move': {
      const without = piece.scenes.toSpliced(index, 1);
      const to = Math.min(op.to, without.length);
      return {
        piece: { ...piece, scenes: without.toSpliced(to, 0, scene) },
        inverse: { op: 'move', id: op.id, to: index },
      };
    }
  }
}

function before<T extends object, P extends Partial<T>>(whole: T, patch: P): P {
  return Object.fromEntries(Object.keys(patch).map((k) => [k, whole[k as keyof T]])) as P;
}

/**
 * Whether a later edit may be folded into an earlier one for the history: both type in the same field of the same
 * scene (or piece), or move the same thing on. Time between them is the caller's business.
 */
export function mergeTyping(earlier: Edit, later: Edit): Edit | null {
  const [a, b] = [earlier.ops[0], later.ops[0]];
  if (earlier.ops.length !== 1 || later.ops.length !== 1 || !a || !b || a.op !== b.op) return null;
  const keys = (patch: object) => Object.keys(patch).join();
  if (a.op === 'scene' && b.op === 'scene' && a.id === b.id && keys(a.patch) === keys(b.patch)) {
    if (earlier.label === later.label && (FLOWING as readonly string[]).includes(later.label)) return later;
    return ['shown', 'shown,marks', 'spoken', 'wish'].includes(keys(a.patch)) ? later : null;
  }
  if (a.op === 'piece' && b.op === 'piece' && keys(a.patch) === keys(b.patch))
    return keys(a.patch) === 'title' ? later : null;
  return null;
}
