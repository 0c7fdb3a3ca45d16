import { and, asc, desc, eq, isNull, like, lt, or } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { HISTORY_AT_ONCE, type HistoryEntry } from '../../api/edits.ts';
import {
  type ExportedPiece,
  type LoadedPiece,
  PIECES_AT_ONCE,
  type PiecePage,
  type PieceSummary,
} from '../../api/pieces.ts';
import { Failed, failureOf } from '../../core/failure.ts';
import { type Edit, pieceEditing } from '../../core/piece/edit.ts';
import { LIMITS } from '../../core/piece/limits.ts';
import { DamagedPiece, migratePiece } from '../../core/piece/migrate.ts';
import type { PieceOptions } from '../../core/piece/options.ts';
import { pieceSchema } from '../../core/piece/schema.ts';
import type { Piece } from '../../core/piece/types.ts';
import type { Split } from '../../core/text/script.ts';
import { match } from '../apart/apart.ts';
import { pictureView } from '../assets/lookup.ts';
import { db } from '../db/client.ts';
import { json } from '../db/json.ts';
import { edits, pieces } from '../db/schema.ts';
import { type Appended, append } from '../edits/append.ts';
import { log } from '../log.ts';
import { knownFacts } from '../material.ts';
import { entryViews } from '../shelf/search.ts';
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

/** Of the last changed pieces so many, their titles with what is to be found, after the place where a page ended. */
export async function listPieces({ find, after }: { find: string; after: string }): Promise<PiecePage> {
  const [ms, lastId] = after ? [Number(after.split('-', 1)[0]), after.slice(after.indexOf('-') + 1)] : [];
  const rows = await db()
    .select({
      id: pieces.id,
      title: pieces.title,
      format: pieces.format,
      scenes: pieces.scenes,
      cover: pieces.cover,
      updatedAt: pieces.updatedAt,
    })
    .from(pieces)
    .where(
      and(
        isNull(pieces.archivedAt),
        find ? like(pieces.title, `%${find.replace(/[\\%_]/g, '\\$&')}%`) : undefined,
        ms === undefined || lastId === undefined
          ? undefined
          : or(
              lt(pieces.updatedAt, new Date(ms)),
              and(eq(pieces.updatedAt, new Date(ms)), lt(pieces.id, lastId)),
            ),
      ),
    )
    .orderBy(desc(pieces.updatedAt), desc(pieces.id))
    .limit(PIECES_AT_ONCE + 1);
  const shown = rows.slice(0, PIECES_AT_ONCE);
  const last = rows.length > PIECES_AT_ONCE ? shown.at(-1) : undefined;
  return {
    pieces: await Promise.all(
      shown.map(async (row) => ({
        id: row.id,
        title: row.title,
        about: await summaryOf(row),
        updatedAt: row.updatedAt.toISOString(),
      })),
    ),
    next: last ? `${last.updatedAt.getTime()}-${last.id}` : null,
  };
}

/** What the desk shows of a piece, kept in columns of its own: documents are only read to open them. */
export const aboutOf = (doc: Piece) => ({
  format: doc.format,
  scenes: doc.scenes.length,
  cover: doc.scenes.flatMap((s) => s.pictures)[0]?.assetId ?? '',
});

type SummaryRow = Pick<typeof pieces.$inferSelect, 'id' | 'format' | 'scenes' | 'cover'>;

/** null: the stored document cannot be read. */
async function summaryOf(row: SummaryRow): Promise<PieceSummary['about']> {
  let { format, scenes, cover } = row;
  if (format === null || scenes === null || cover === null) {
    try {
      ({ format, scenes, cover } = aboutOf((await loadPiece(row.id)).piece));
    } catch (e) {
      // Only what is stored can be damaged; a database that is away is not.
      if (failureOf(e).code !== 'damaged-piece') throw e;
      log.warn({ piece: row.id }, 'a stored piece cannot be read');
      return null;
    }
    await db().update(pieces).set({ format, scenes, cover }).where(eq(pieces.id, row.id));
  }
  return { format, scenes, cover: cover ? await pictureView(cover) : null };
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

export async function copyPiece(id: string): Promise<string> {
  const { piece } = await loadPiece(id);
  return createPiece({ ...piece, title: `${piece.title} (copy)`.slice(0, LIMITS.titleLength) });
}

/** Puts a piece away, or back on the desk. Nothing is deleted. */
export async function archivePiece(id: string, away: boolean): Promise<void> {
  const [result] = await db()
    .update(pieces)
    .set({ archivedAt: away ? new Date() : null })
    .where(eq(pieces.id, id));
  if (!result.affectedRows) throw new Failed({ code: 'no-piece' });
}
