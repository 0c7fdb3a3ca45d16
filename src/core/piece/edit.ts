import { assertNever } from '../assert-never.ts';
import type { EditFailure, EditHead, Editing } from '../editing.ts';
import { LIMITS } from './limits.ts';
import { editSchema, piecePatchSchema, scenePatchSchema, sceneSchema } from './schema.ts';
import type { Piece, Scene } from './types.ts';

export type PiecePatch = Partial<Omit<Piece, 'version' | 'scenes'>>;
export type ScenePatch = Partial<Omit<Scene, 'id'>>;

/** The smallest changes; every edit is a list of these. */
export type Op =
  | { op: 'piece'; patch: PiecePatch }
  | { op: 'scene'; id: string; patch: ScenePatch }
  | { op: 'insert'; at: number; scene: Scene }
  | { op: 'remove'; id: string }
  /** to: index after the scene was taken out. */
  | { op: 'move'; id: string; to: number };

/** One change as the writer thinks of it: plain data, applied as a whole or not at all. count: of scenes or lines. */
export interface Edit extends EditHead {
  ops: Op[];
}

export type EditResult = { ok: true; piece: Piece; inverse: Edit } | { ok: false; failure: EditFailure };

/** An edit that is a step of its own. */
export const edit = (name: string, ops: Op[], count?: number): Edit => ({
  name,
  merge: null,
  ops,
  ...(count === undefined ? {} : { count }),
});

/** A change of one scene. merge: what flows, such as typing, under this key. */
export const sceneEdit = (name: string, id: string, patch: ScenePatch, merge?: string): Edit => ({
  name,
  merge: merge === undefined ? null : `${merge}/${id}`,
  ops: [{ op: 'scene', id, patch }],
});

/** A change of the piece itself. */
export const pieceEdit = (name: string, patch: PiecePatch, merge: string | null = null): Edit => ({
  name,
  merge,
  ops: [{ op: 'piece', patch }],
});

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
  return { ok: true, piece: now, inverse: { ...edit, merge: null, ops: inverse } };
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
      if (piece.scenes.some((s) => s.id === op.scene.id)) return { reason: 'twice' };
      if (piece.scenes.length >= LIMITS.scenes) return { reason: 'full', most: LIMITS.scenes };
      const at = Math.min(op.at, piece.scenes.length);
      return {
        piece: { ...piece, scenes: piece.scenes.toSpliced(at, 0, op.scene) },
        inverse: { op: 'remove', id: op.scene.id },
      };
    }
    case 'scene':
    case 'remove':
    case 'move':
      return changeScene(piece, op);
    default:
      return assertNever(op);
  }
}

function changeScene(
  piece: Piece,
  op: Extract<Op, { op: 'scene' | 'remove' | 'move' }>,
): { piece: Piece; inverse: Op } | EditFailure {
  const index = piece.scenes.findIndex((s) => s.id === op.id);
  const scene = piece.scenes[index];
  if (!scene) return { reason: 'gone' };
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
    default:
      return assertNever(op);
  }
}

function before<T extends object, P extends Partial<T>>(whole: T, patch: P): P {
  return Object.fromEntries(Object.keys(patch).map((k) => [k, whole[k as keyof T]])) as P;
}

/**
 * Whether a later edit may take the place of an earlier one in the history: both have the same merge key, and both
 * set the same fields. Time between them is the caller's business.
 */
export function mergeEdits(earlier: Edit, later: Edit): Edit | null {
  if (earlier.merge === null || earlier.merge !== later.merge) return null;
  const sets = new Set(later.ops.map(touched));
  const same = earlier.ops.length === later.ops.length && earlier.ops.every((op) => sets.has(touched(op)));
  return same ? later : null;
}

/** What an operation sets: only those that set fields can be set again by a later one. */
function touched(op: Op): string {
  switch (op.op) {
    case 'piece':
      return `piece/${Object.keys(op.patch).join()}`;
    case 'scene':
      return `scene/${op.id}/${Object.keys(op.patch).join()}`;
    default:
      return JSON.stringify(op);
  }
}

/** The words that an operation would put in. */
function wordsIn(op: Op): string[] {
  const of = (fields: { shown?: string; spoken?: string | null }) =>
    [fields.shown, fields.spoken].flatMap((t) => (t ? [t] : []));
  if (op.op === 'scene') return of(op.patch);
  return op.op === 'insert' ? of(op.scene) : [];
}

export const pieceEditing: Editing<Piece, Edit> = {
  apply(piece, edit) {
    const r = applyEdit(piece, edit);
    return r.ok ? { ok: true, doc: r.piece, inverse: r.inverse } : r;
  },
  merge: mergeEdits,
  words: (edit) => edit.ops.flatMap(wordsIn),
  schema: editSchema,
};
