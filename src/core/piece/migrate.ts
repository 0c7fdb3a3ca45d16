import type { Edit } from './edit.ts';
import { pieceSchema } from './schema.ts';
import { PIECE_VERSION, type Piece } from './types.ts';

type Stored = Record<string, unknown> & { version?: unknown };

/**
 * Steps from one document version to the next: MIGRATIONS[v] takes a document of version v and gives one of v + 1.
 * A step is never changed once it was released; a new shape gets a new version and a new step.
 */
export const MIGRATIONS: Record<number, (doc: Stored) => Stored> = {
  /** Documents from before versions were written: captions were always on. */
  0: (doc) => ({ captions: true, ...doc, version: 1 }),
  /** Lines know where they came from, words can be highlighted, a piece has a target length. */
  1: (doc) => ({
    ...doc,
    source: null,
    targetMs: null,
    scenes: (Array.isArray(doc.scenes) ? doc.scenes : []).map((s: object) => ({
      marks: [],
      from: null,
      ...s,
    })),
    version: 2,
  }),
  /** Pictures can be framed, cut and treated; a scene can hold several, or go on with the one before. */
  2: (doc) => ({
    ...doc,
    scenes: (Array.isArray(doc.scenes) ? doc.scenes : []).map((s: object) => ({
      ...SCENE_3,
      ...withPictureFields(s),
    })),
    version: 3,
  }),
};

const SCENE_3 = { more: [], runsOn: false, treatment: null };

function withPictureFields<T extends object>(scene: T): T {
  const picture = 'picture' in scene ? scene.picture : null;
  return picture ? { ...scene, picture: { framing: null, clip: null, ...picture } } : scene;
}

/** A stored document as the current version; throws with the first thing that is wrong when it cannot be read. */
export function migratePiece(stored: unknown): Piece {
  if (!stored || typeof stored !== 'object') throw new Error('The stored piece is not a document.');
  let doc = stored as Stored;
  let version = typeof doc.version === 'number' ? doc.version : 0;
  if (version > PIECE_VERSION)
    throw new Error(
      `The piece was made by a newer Nabbet (document version ${version}, this one reads up to ${PIECE_VERSION}).`,
    );
  for (; version < PIECE_VERSION; version++) {
    const step = MIGRATIONS[version];
    if (!step) throw new Error(`There is no migration from document version ${version}.`);
    doc = step(doc);
  }
  const { error, value } = pieceSchema.validate(doc);
  if (error) throw new Error(`The stored piece is damaged: ${error.message}`);
  return value as Piece;
}

/**
 * A stored edit as the current version: scenes and pictures that it puts in get the fields that they have gained since, so
 * that an old step can still be undone.
 */
export function migrateEdit(edit: Edit): Edit {
  return {
    ...edit,
    ops: edit.ops.map((op) => {
      if (op.op === 'insert') return { ...op, scene: { ...SCENE_DEFAULTS, ...withPictureFields(op.scene) } };
      return op.op === 'scene' ? { ...op, patch: withPictureFields(op.patch) } : op;
    }),
  };
}

/** What scenes of older versions do not have. */
const SCENE_DEFAULTS = { marks: [], from: null, ...SCENE_3 };
