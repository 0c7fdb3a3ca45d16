import type { Edit } from './edit.ts';
import { applyStored } from './migrations/apply.ts';
import type { Migration, StoredDoc, StoredEdit, StoredHistoryEntry } from './migrations/types.ts';
import { fromV0 } from './migrations/v0.ts';
import { fromV1 } from './migrations/v1.ts';
import { fromV2 } from './migrations/v2.ts';
import { fromV3 } from './migrations/v3.ts';
import { fromV4 } from './migrations/v4.ts';
import { fromV5 } from './migrations/v5.ts';
import { fromV6 } from './migrations/v6.ts';
import { fromV7 } from './migrations/v7.ts';
import { fromV8 } from './migrations/v8.ts';
import { fromV9 } from './migrations/v9.ts';
import { fromV10 } from './migrations/v10.ts';
import { editSchema, pieceSchema } from './schema.ts';
import { PIECE_VERSION, type Piece } from './types.ts';

/** MIGRATIONS[v] leads from version v to v + 1. */
const MIGRATIONS: readonly Migration[] = [
  fromV0,
  fromV1,
  fromV2,
  fromV3,
  fromV4,
  fromV5,
  fromV6,
  fromV7,
  fromV8,
  fromV9,
  fromV10,
];

/**
 * Edits that were stored before edits had a version of their own may be of any version up to this one. The steps up to it
 * leave alone what has their fields already, so all of them are taken.
 */
export const UNVERSIONED_EDITS = 3;

export interface PieceWithHistory {
  piece: Piece;
  /** In the order in which they were done; null for an entry that cannot be read any more. */
  entries: ({ edit: Edit; inverse: Edit } | null)[];
}

/** A stored document that cannot be read, with the first thing that is wrong. */
export class DamagedPiece extends Error {
  override name = 'DamagedPiece';
  constructor(
    readonly reason: 'no-document' | 'newer' | 'invalid',
    message: string,
  ) {
    super(message);
  }
}

const versionOf = (doc: StoredDoc): number => (typeof doc.version === 'number' ? doc.version : 0);

/** A stored document as the current version. Throws DamagedPiece. */
export const migratePiece = (stored: unknown): Piece => migrateHistory(stored, []).piece;

/**
 * A stored document with its whole history as the current version, so that everything that was ever done can still be
 * undone. Both go step by step and together: an old operation may have to know the document on which it was done, which is
 * found by undoing what came after it. Throws DamagedPiece.
 */
export function migrateHistory(stored: unknown, history: readonly StoredHistoryEntry[]): PieceWithHistory {
  if (!stored || typeof stored !== 'object')
    throw new DamagedPiece('no-document', 'The stored piece is not a document.');
  let doc = stored as StoredDoc;
  const from = versionOf(doc);
  if (from > PIECE_VERSION)
    throw new DamagedPiece(
      'newer',
      `The piece was made by a newer Nabbet (document version ${from}, this one reads up to ${PIECE_VERSION}).`,
    );
  let entries = [...history];
  MIGRATIONS.forEach((step, version) => {
    const done = version < from;
    if (!done) doc = step.doc(doc);
    if (!done || (from <= UNVERSIONED_EDITS && version < UNVERSIONED_EDITS))
      entries = migrateEntries(step, doc, entries);
  });
  const { error, value } = pieceSchema.validate(doc);
  if (error) throw new DamagedPiece('invalid', `The stored piece is damaged: ${error.message}`);
  return { piece: value as Piece, entries: entries.map(checked) };
}

function checked({ edit, inverse }: StoredHistoryEntry): PieceWithHistory['entries'][number] {
  if (editSchema.validate(edit).error || editSchema.validate(inverse).error) return null;
  return { edit: edit as unknown as Edit, inverse: inverse as unknown as Edit };
}

/** Walks back from the document as it is: each entry meets the documents between which it stands. */
function migrateEntries(
  step: Migration,
  doc: StoredDoc,
  entries: readonly StoredHistoryEntry[],
): StoredHistoryEntry[] {
  const out: StoredHistoryEntry[] = [];
  let now = doc;
  for (const entry of entries.toReversed()) {
    const back = migrateEdit(step, entry.inverse, now);
    out.push({ inverse: back.edit, edit: migrateEdit(step, entry.edit, back.after).edit });
    now = back.after;
  }
  return out.reverse();
}

function migrateEdit(
  step: Migration,
  stored: StoredEdit,
  before: StoredDoc,
): { edit: StoredEdit; after: StoredDoc } {
  let after = before;
  const ops = stored.ops.map((op) => {
    const now = step.op(op, after);
    after = applyStored(after, now);
    return now;
  });
  const edit = { ...stored, ops };
  return { edit: step.edit?.(edit) ?? edit, after };
}
