import { asc, eq } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { HISTORY_AT_ONCE, type HistoryEntry } from '../../api/edits.ts';
import type { ExportedPiece, LoadedPiece } from '../../api/pieces.ts';
import { Failed } from '../../core/failure.ts';
import { type Edit, pieceEditing } from '../../core/piece/edit.ts';
import { LIMITS } from '../../core/piece/limits.ts';
import { DamagedPiece, migratePiece } from '../../core/piece/migrate.ts';
import type { PieceOptions } from '../../core/piece/options.ts';
import { pieceSchema } from '../../core/piece/schema.ts';
import type { Piece } from '../../core/piece/types.ts';
import type { Split } from '../../core/text/script.ts';
import { match } from '../apart/apart.ts';
import { db } from '../db/client.ts';
import { json } from '../db/json.ts';
import { edits, pieces } from '../db/schema.ts';
import { type Appended, append } from '../edits/append.ts';
import { knownFacts } from '../material.ts';
import { entryViews } from '../shelf/search.ts';
import { aboutOf } from './about.ts';
import { entriesAfter, isCurrent, readHistory, rowOf, storeCurrent, storedIds } from './history.ts';

/** Begins a piece with a script: cut, pictures nabbed. Throws Failed. */
export const beginPiece = async (
  script: string,
  split: Split,
  options: PieceOptions,
  brought: readonly string[] = [],
): Promise<string> => createPiece(await match('draft-script', script, split, options, brought));

/** Stores a new piece. What could not be read again is not stored: throws for a document that its schema refuses. */
export async function createPiece(doc: Piece): Promise<string> {
  const { error } = pieceSchema.validate(doc);
  if (error) throw new Error(`A piece was made that cannot be stored: ${error.message}`);
  const id = nanoid(12);
  const now = new Date();
  await db()
    .insert(pieces)
    .values({ id, title: doc.title, doc, rev: 0, ...aboutOf(doc), createdAt: now, updatedAt: now });
  return id;
}

/** Everything that is stored of a piece, as it is stored. Throws Failed (no-piece). */
export async function exportPiece(id: string): Promise<ExportedPiece> {
  const { title, rev, doc } = await rowOfPiece(id);
  const rows = await db().select().from(edits).where(eq(edits.pieceId, id)).orderBy(asc(edits.seq));
  return {
    id,
    title,
    rev,
    doc: text(doc),
    edits: rows.map(({ seq, kind, version, ops, inverse, at }) => ({
      ...{ seq, kind, version, ops: text(ops), inverse: text(inverse), at: at.toISOString() },
    })),
  };
}

/** A stored value; one that is no JSON is given as the text that it is. */
function text(value: unknown): unknown {
  try {
    return json(value);
  } catch {
    return value;
  }
}

async function rowOfPiece(id: string): Promise<typeof pieces.$inferSelect> {
  const [row] = await db().select().from(pieces).where(eq(pieces.id, id));
  if (!row) throw new Failed({ code: 'no-piece' });
  return row;
}

/** Throws Failed: there is no such piece, or it cannot be read. */
export async function loadPiece(id: string): Promise<{ piece: Piece; rev: number }> {
  const { doc, rev } = await rowOfPiece(id);
  try {
    return { piece: migratePiece(json(doc)), rev };
  } catch (e) {
    return unreadable(e);
  }
}

/** A piece with everything that is needed to go on with it. Throws Failed. */
export async function openPiece(id: string): Promise<LoadedPiece> {
  const { doc, rev } = await rowOfPiece(id);
  const read = await readHistory(id, json(doc), db()).catch((e) => unreadable(e));
  const { piece } = read;
  const entries = read.entries.slice(-HISTORY_AT_ONCE);
  // Undo can bring pictures back that are not in the piece now.
  const pictures = new Set(
    [...JSON.stringify([piece, entries]).matchAll(/"assetId":"(a[0-9a-f]{20})"/g)].map((m) => m[1] ?? ''),
  );
  const [{ takes }, assets] = await Promise.all([knownFacts(piece), entryViews(pictures)]);
  return { id, piece, rev, history: entries, takes, assets };
}

/** A document that cannot be read is an expected failure. */
function unreadable(e: unknown): never {
  if (e instanceof DamagedPiece)
    throw new Failed({ code: 'damaged-piece', reason: e.reason, detail: e.message });
  throw e;
}

/**
 * Stores entries that were made on revision baseRev: document and history in one transaction, so that what is
 * acknowledged survives a crash. Entries that are stored already are skipped, so a request may be sent again. All or
 * nothing: throws Failed when one of them cannot be applied.
 */
export async function appendEntries(
  pieceId: string,
  baseRev: number,
  entries: readonly HistoryEntry[],
): Promise<Appended<Edit>> {
  return db().transaction(async (tx) => {
    const [row] = await tx.select().from(pieces).where(eq(pieces.id, pieceId)).for('update');
    if (!row) throw new Failed({ code: 'no-piece' });
    const stored = json(row.doc);
    const doc = isCurrent(stored)
      ? (stored as Piece)
      : await storeCurrent(pieceId, stored, tx).catch((e) => unreadable(e));
    const held = {
      ...{ doc, rev: row.rev },
      since: (rev: number) => entriesAfter(pieceId, rev, tx),
      known: (ids: readonly string[]) => storedIds(pieceId, ids, tx),
    };
    const { rev, behind, store } = await append(pieceEditing, held, baseRev, entries);
    if (store) {
      const now = new Date();
      await tx.insert(edits).values(store.entries.map((e) => rowOf(pieceId, e, now)));
      const title = store.doc.title.slice(0, LIMITS.titleLength);
      await tx
        .update(pieces)
        .set({ doc: store.doc, rev, title, updatedAt: now, ...aboutOf(store.doc) })
        .where(eq(pieces.id, pieceId));
    }
    return behind ? { rev, behind } : { rev };
  });
}
