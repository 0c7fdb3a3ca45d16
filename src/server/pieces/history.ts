import { and, asc, eq, gt, inArray } from 'drizzle-orm';
import type { StoredEntry } from '../../api/edits.ts';
import type { Edit } from '../../core/piece/edit.ts';
import { migrateHistory } from '../../core/piece/migrate.ts';
import type { StoredDoc, StoredEdit, StoredHistoryEntry } from '../../core/piece/migrations/types.ts';
import { PIECE_VERSION, type Piece } from '../../core/piece/types.ts';
import type { Db } from '../db/client.ts';
import { json } from '../db/json.ts';
import { edits, pieces } from '../db/schema.ts';

type Row = typeof edits.$inferSelect;

/** A connection, or a transaction to read and write in. */
export type Reader = Pick<Db, 'select'>;
export type Writer = Pick<Db, 'select' | 'update' | 'insert'>;

/** Up to version 3 the label stood beside the operations; since then a row holds the whole edit. */
function editOf({ ops, label }: Row): StoredEdit {
  const stored = json(ops);
  return Array.isArray(stored) ? ({ label, ops: stored } as StoredEdit) : (stored as StoredEdit);
}

/** A row as the migrations take it. */
export const historyOf = (row: Row): StoredHistoryEntry => ({
  edit: editOf(row),
  inverse: json(row.inverse) as StoredEdit,
});

/** The entries after a revision, as they are stored. */
const rowsAfter = (pieceId: string, afterSeq: number, from: Reader): Promise<Row[]> =>
  from
    .select()
    .from(edits)
    .where(and(eq(edits.pieceId, pieceId), gt(edits.seq, afterSeq)))
    .orderBy(asc(edits.seq));

const entryOf = ({ seq, id, kind, ref }: Row, edit: Edit, inverse: Edit): StoredEntry => ({
  seq,
  id,
  kind,
  ref,
  edit,
  inverse,
});

/** A piece and its whole history as the current version, whatever versions they were stored in. Throws DamagedPiece. */
export async function readHistory(
  pieceId: string,
  doc: unknown,
  from: Reader,
): Promise<{ piece: Piece; entries: StoredEntry[]; rows: Row[] }> {
  const rows = await rowsAfter(pieceId, 0, from);
  const { piece, entries } = migrateHistory(doc, rows.map(historyOf));
  return {
    piece,
    rows,
    entries: entries.flatMap((e, i) => (e ? [entryOf(rows[i] as Row, e.edit, e.inverse)] : [])),
  };
}

/** The entries after a revision of a piece that is stored in the current version. */
export async function entriesAfter(pieceId: string, afterSeq: number, from: Reader): Promise<StoredEntry[]> {
  return (await rowsAfter(pieceId, afterSeq, from)).map((r) =>
    entryOf(r, editOf(r) as unknown as Edit, json(r.inverse) as Edit),
  );
}

export const isCurrent = (doc: unknown): boolean => (doc as StoredDoc)?.version === PIECE_VERSION;

/**
 * Brings a stored piece up to the current version, document and history together: what comes after stands on both. An
 * entry that cannot be read any more stays as it is.
 */
export async function storeCurrent(pieceId: string, doc: unknown, tx: Writer): Promise<Piece> {
  const { piece, entries } = await readHistory(pieceId, doc, tx);
  for (const { seq, edit, inverse } of entries)
    await tx
      .update(edits)
      .set({ version: PIECE_VERSION, ops: edit, inverse })
      .where(and(eq(edits.pieceId, pieceId), eq(edits.seq, seq)));
  await tx.update(pieces).set({ doc: piece }).where(eq(pieces.id, pieceId));
  return piece;
}

/** Of these ids of entries those that are stored. */
export async function storedIds(pieceId: string, ids: readonly string[], from: Reader): Promise<string[]> {
  const rows = await from
    .select({ id: edits.id })
    .from(edits)
    .where(and(eq(edits.pieceId, pieceId), inArray(edits.id, [...ids])));
  return rows.map((r) => r.id);
}

/** A row for an entry that is stored now. */
export const rowOf = (
  pieceId: string,
  { seq, id, kind, ref, edit, inverse }: StoredEntry,
  at: Date,
): typeof edits.$inferInsert => ({
  ...{ pieceId, seq, id, kind, ref, inverse, at },
  version: PIECE_VERSION,
  ops: edit,
});
