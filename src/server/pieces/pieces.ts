import { desc, eq, isNull } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import type { HistoryEntry, LoadedPiece, PieceOptions, PieceSummary, StoredEntry } from '../../api/pieces.ts';
import { Failed } from '../../core/failure.ts';
import { draftFromLines } from '../../core/outline/draft.ts';
import { applyEdit, type EditFailure } from '../../core/piece/edit.ts';
import { LIMITS } from '../../core/piece/limits.ts';
import { DamagedPiece, migratePiece } from '../../core/piece/migrate.ts';
import type { Piece } from '../../core/piece/types.ts';
import { cutScript, type Split } from '../../core/text/script.ts';
import { pictureView } from '../assets/lookup.ts';
import { db } from '../db/client.ts';
import { json } from '../db/json.ts';
import { edits, pieces } from '../db/schema.ts';
import { knownFacts } from '../material.ts';
import { entryViews, nabFrom } from '../shelf/search.ts';
import { withPictures } from '../shelf/shelf.ts';
import { entriesAfter, isCurrent, readHistory, rowOf, storeCurrent } from './history.ts';

/** Begins a piece with a script: cut, pictures nabbed. Throws Failed. */
export async function beginPiece(script: string, split: Split, options: PieceOptions): Promise<string> {
  const lines = cutScript(script, split);
  if (!lines.length) throw new Failed({ code: 'no-lines' });
  mustFit(lines.length, 'script');
  return createDraft(draftFromLines(lines, options, () => nanoid(10)));
}

/** Throws Failed when a piece does not hold so many scenes. */
export function mustFit(scenes: number, from: 'script' | 'outline'): void {
  if (scenes > LIMITS.scenes)
    throw new Failed({ code: 'too-many-scenes', scenes, most: LIMITS.scenes, from });
}

/** Stores a draft, with pictures nabbed for the scenes that have none. */
export async function createDraft(draft: Piece): Promise<string> {
  return createPiece(await withPictures(draft, await nabFrom(draft)));
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
      const doc = migratePiece(json(r.doc));
      const first = doc.scenes.flatMap((s) => s.pictures)[0];
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

async function rowOfPiece(id: string): Promise<typeof pieces.$inferSelect> {
  const [row] = await db().select().from(pieces).where(eq(pieces.id, id));
  if (!row) throw new Failed({ code: 'no-piece' });
  return row;
}

/** Throws Failed: there is no such piece, or it cannot be read. */
export async function loadPiece(id: string): Promise<{ piece: Piece; rev: number }> {
  const { doc, rev } = await rowOfPiece(id);
  return { piece: readable(() => migratePiece(json(doc))), rev };
}

/** A piece with everything that is needed to go on with it. Throws Failed. */
export async function openPiece(id: string): Promise<LoadedPiece> {
  const { doc, rev } = await rowOfPiece(id);
  const { piece, entries } = await readHistory(id, json(doc), db()).catch((e) =>
    readable(() => {
      throw e;
    }),
  );
  // Undo can bring pictures back that are not in the piece now.
  const pictures = new Set(
    [...JSON.stringify([piece, entries]).matchAll(/"assetId":"(a[0-9a-f]{20})"/g)].map((m) => m[1] ?? ''),
  );
  const [{ takes }, assets] = await Promise.all([knownFacts(piece), entryViews(pictures)]);
  return { id, piece, rev, history: entries, takes, assets };
}

/** What a reading gives; a document that cannot be read is an expected failure. */
function readable<T>(read: () => T): T {
  try {
    return read();
  } catch (e) {
    if (e instanceof DamagedPiece)
      throw new Failed({ code: 'damaged-piece', reason: e.reason, detail: e.message });
    throw e;
  }
}

/** The revision that was reached; behind: what others did in between, in which case nothing was stored. */
export interface Appended {
  rev: number;
  behind?: StoredEntry[];
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
): Promise<Appended> {
  return db().transaction(async (tx): Promise<Appended> => {
    const [row] = await tx.select().from(pieces).where(eq(pieces.id, pieceId)).for('update');
    if (!row) throw new Failed({ code: 'no-piece' });
    const doc = json(row.doc);
    let piece = isCurrent(doc) ? (doc as Piece) : await storeCurrent(pieceId, doc, tx);
    let fresh = entries;
    if (row.rev !== baseRev) {
      const since = await entriesAfter(pieceId, baseRev, tx);
      const known = new Set(since.map((e) => e.id));
      fresh = entries.filter((e) => !known.has(e.id));
      if (!fresh.length) return { rev: row.rev };
      const own = since.every((e) => entries.some((x) => x.id === e.id));
      if (!own) return { rev: row.rev, behind: since };
    }
    let rev = row.rev;
    const now = new Date();
    const rows: (typeof edits.$inferInsert)[] = [];
    for (const entry of fresh) {
      const result = applyEdit(piece, entry.edit);
      if (!result.ok) throw new Failed(refused(result.failure));
      piece = result.piece;
      rev += 1;
      rows.push(rowOf(pieceId, rev, entry, result.inverse, now));
    }
    await tx.insert(edits).values(rows);
    await tx
      .update(pieces)
      .set({ doc: piece, rev, title: piece.title.slice(0, LIMITS.titleLength), updatedAt: now })
      .where(eq(pieces.id, pieceId));
    return { rev };
  });
}

function refused(failure: EditFailure): Failed['failure'] {
  const detail =
    failure.reason === 'invalid' ? failure.message : failure.reason === 'full' ? String(failure.most) : '';
  return { code: 'edit-refused', reason: failure.reason, detail };
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
