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
};

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
