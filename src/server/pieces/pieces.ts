import { and, asc, desc, eq, gt, isNull } from 'drizzle-orm';
import Joi from 'joi';
import { nanoid } from 'nanoid';
import { applyEdit, type Edit } from '../../core/piece/edit.ts';
import { migrateEdit, migratePiece } from '../../core/piece/migrate.ts';
import { editSchema } from '../../core/piece/schema.ts';
import type { Piece } from '../../core/piece/types.ts';
import { pictureView } from '../assets/lookup.ts';
import { type Db, db } from '../db/client.ts';
import { edits, pieces } from '../db/schema.ts';
import type { ShelfEntryView } from '../shelf/view.ts';

/** One row of the history, as it is sent and stored. */
export interface HistoryEntry {
  id: string;
  kind: 'do' | 'undo' | 'redo';
  ref: string | null;
  edit: Edit;
}

export interface StoredEntry extends HistoryEntry {
  seq: number;
  inverse: Edit;
}

const idSchema = Joi.string().pattern(/^[A-Za-z0-9_-]{6,24}$/);

export const entriesSchema = Joi.object({
  baseRev: Joi.number().integer().min(0).required(),
  entries: Joi.array()
    .items(
      Joi.object({
        id: idSchema.required(),
        kind: Joi.string().valid('do', 'undo', 'redo').required(),
        ref: idSchema.allow(null).required(),
        edit: editSchema.required(),
      }),
    )
    .min(1)
    .max(500)
    .required(),
});

export interface PieceSummary {
  id: string;
  title: string;
  format: string;
  scenes: number;
  /** The first picture of the piece. */
  cover: ShelfEntryView | null;
  updatedAt: string;
}

export async function createPiece(doc: Piece): Promise<string> {
  const id = nanoid(12);
  const now = new Date();
  await db().insert(pieces).values({ id, title: doc.title, doc, rev: 0, createdAt: now, updatedAt: now });
  return id;
}

export async function listPieces(): Promise<PieceSummary[]> {
  const rows = await db()
    .select()
    .from(pieces)
    .where(isNull(pieces.archivedAt))
    .orderBy(desc(pieces.updatedAt))
    .limit(500);
  return Promise.all(
    rows.map(async (r) => {
      const doc = migratePiece(parsed(r.doc));
      const first = doc.scenes.find((s) => s.picture)?.picture;
      return {
        id: r.id,
        title: r.title,
        format: doc.format,
        scenes: doc.scenes.length,
        cover: first ? await pictureView(first.assetId) : null,
        updatedAt: r.updatedAt.toISOString(),
      };
    }),
  );
}

/** MariaDB gives JSON columns as text. */
const parsed = (v: unknown): unknown => (typeof v === 'string' ? JSON.parse(v) : v);

export async function loadPiece(id: string): Promise<{ piece: Piece; rev: number } | null> {
  const [row] = await db().select().from(pieces).where(eq(pieces.id, id));
  return row ? { piece: migratePiece(parsed(row.doc)), rev: row.rev } : null;
}

/** The entries after a revision. from: the transaction to read in, so that it does not wait for a second connection. */
export async function history(
  pieceId: string,
  afterSeq = 0,
  from: Pick<Db, 'select'> = db(),
): Promise<StoredEntry[]> {
  const rows = await from
    .select()
    .from(edits)
    .where(and(eq(edits.pieceId, pieceId), gt(edits.seq, afterSeq)))
    .orderBy(asc(edits.seq));
  return rows.map((r) => ({
    seq: r.seq,
    id: r.id,
    kind: r.kind,
    ref: r.ref,
    edit: migrateEdit({ label: r.label, ops: parsed(r.ops) as Edit['ops'] }),
    inverse: migrateEdit(parsed(r.inverse) as Edit),
  }));
}

export type AppendResult =
  | { status: 'saved'; rev: number }
  /** Others were faster: their entries, on top of which the client applies its own again. */
  | { status: 'behind'; rev: number; since: StoredEntry[] }
  | { status: 'refused'; message: string }
  | { status: 'missing' };

/**
 * Stores entries that were made on revision baseRev: document and history in one transaction, so that what is
 * acknowledged survives a crash. Entries that are stored already are skipped, so a request may be sent again.
 */
export async function appendEntries(
  pieceId: string,
  baseRev: number,
  entries: HistoryEntry[],
): Promise<AppendResult> {
  return db().transaction(async (tx): Promise<AppendResult> => {
    const [row] = await tx.select().from(pieces).where(eq(pieces.id, pieceId)).for('update');
    if (!row) return { status: 'missing' };
    let fresh = entries;
    if (row.rev !== baseRev) {
      const since = await history(pieceId, baseRev, tx);
      const known = new Set(since.map((e) => e.id));
      fresh = entries.filter((e) => !known.has(e.id));
      if (!fresh.length) return { status: 'saved', rev: row.rev };
      const own = since.every((e) => entries.some((x) => x.id === e.id));
      if (!own) return { status: 'behind', rev: row.rev, since };
    }
    let piece = migratePiece(parsed(row.doc));
    let rev = row.rev;
    const now = new Date();
    const rows: (typeof edits.$inferInsert)[] = [];
    for (const { id, kind, ref, edit } of fresh) {
      const result = applyEdit(piece, edit);
      if (!result.ok) return { status: 'refused', message: result.failure.message };
      piece = result.piece;
      rev += 1;
      const { label, ops } = edit;
      rows.push({ pieceId, seq: rev, id, kind, ref, label, ops, inverse: result.inverse, at: now });
    }
    // All or nothing: what was checked before a refused entry is not stored either.
    await tx.insert(edits).values(rows);
    await tx
      .update(pieces)
      .set({ doc: piece, rev, title: piece.title.slice(0, 200), updatedAt: now })
      .where(eq(pieces.id, pieceId));
    return { status: 'saved', rev };
  });
}

export async function copyPiece(id: string): Promise<string | null> {
  const found = await loadPiece(id);
  return found && createPiece({ ...found.piece, title: `${found.piece.title} (copy)`.slice(0, 200) });
}

/** Puts a piece away, or back on the desk. Nothing is deleted. */
export async function archivePiece(id: string, away: boolean): Promise<boolean> {
  const [result] = await db()
    .update(pieces)
    .set({ archivedAt: away ? new Date() : null })
    .where(eq(pieces.id, id));
  return result.affectedRows > 0;
}
