import { and, desc, eq } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import type { ComparedVersion, KeptVersion } from '../../api/desk.ts';
import { Failed } from '../../core/failure.ts';
import { changesBetween } from '../../core/piece/changes.ts';
import { editTo } from '../../core/piece/edit-to.ts';
import { migratePiece } from '../../core/piece/migrate.ts';
import type { Piece } from '../../core/piece/types.ts';
import { db } from '../db/client.ts';
import { json } from '../db/json.ts';
import { pieces, renders, versions } from '../db/schema.ts';
import { appendEntries, loadPiece } from '../pieces/pieces.ts';
import { entryViews } from '../shelf/search.ts';

/** Keeps a piece as it is now under a name. Throws Failed. */
export async function keepVersion(pieceId: string, name: string): Promise<string> {
  const { piece, rev } = await loadPiece(pieceId);
  const id = nanoid(12);
  await db().insert(versions).values({ id, pieceId, name, doc: piece, rev, at: new Date() });
  return id;
}

/** States that can be returned to, the newest first: those with a name, and those that went out. Throws Failed. */
export async function listVersions(
  pieceId: string,
): Promise<{ title: string; rev: number; versions: KeptVersion[] }> {
  const [piece] = await db()
    .select({ title: pieces.title, rev: pieces.rev })
    .from(pieces)
    .where(eq(pieces.id, pieceId));
  if (!piece) throw new Failed({ code: 'no-piece' });
  const named = await db()
    .select({ id: versions.id, name: versions.name, at: versions.at, rev: versions.rev })
    .from(versions)
    .where(eq(versions.pieceId, pieceId));
  const out = await db()
    .select({ id: renders.id, version: renders.version, at: renders.createdAt, rev: renders.rev })
    .from(renders)
    .where(and(eq(renders.pieceId, pieceId), eq(renders.state, 'done')))
    .orderBy(desc(renders.createdAt));
  // Several deliveries of one state are one.
  const delivered = new Map(out.filter((r) => r.version === null).map((r) => [r.rev, r]));
  const all: KeptVersion[] = [
    ...named.map((v) => ({ ...v, kind: 'named' as const, at: v.at.toISOString() })),
    ...out.flatMap(({ id, version, at, rev: of }) =>
      version === null
        ? []
        : [{ id, kind: 'sent' as const, name: String(version), at: at.toISOString(), rev: of }],
    ),
    ...[...delivered.values()].map(({ id, at, rev: of }) => ({
      ...{ id, kind: 'delivered' as const, name: '', at: at.toISOString(), rev: of },
    })),
  ];
  return { ...piece, versions: all.sort((a, b) => (a.at < b.at ? 1 : -1)) };
}

/** A kept state of this piece. Throws Failed (no-version). */
async function versionOf(pieceId: string, id: string): Promise<{ version: KeptVersion; piece: Piece }> {
  const version = (await listVersions(pieceId)).versions.find((v) => v.id === id);
  if (!version) throw new Failed({ code: 'no-version' });
  const table = version.kind === 'named' ? versions : renders;
  const [row] = await db().select({ doc: table.doc }).from(table).where(eq(table.id, id));
  if (!row) throw new Failed({ code: 'no-version' });
  return { version, piece: migratePiece(json(row.doc)) };
}

/** A version beside the piece as it is now. Throws Failed. */
export async function compareVersion(pieceId: string, id: string): Promise<ComparedVersion> {
  const { version, piece: before } = await versionOf(pieceId, id);
  const { piece: now } = await loadPiece(pieceId);
  const used = new Set([...before.scenes, ...now.scenes].flatMap((s) => s.pictures.map((p) => p.assetId)));
  return { version, before, now, changes: changesBetween(before, now), assets: await entryViews(used) };
}

/** Leads a piece back to a version, by one edit that can be undone. Throws Failed. */
export async function returnToVersion(pieceId: string, id: string): Promise<number> {
  const { piece: to } = await versionOf(pieceId, id);
  for (;;) {
    const { piece: from, rev } = await loadPiece(pieceId);
    const edit = editTo(from, to, 'return');
    if (!edit) return rev;
    const entry = { id: nanoid(12), kind: 'do' as const, ref: null, edit };
    const done = await appendEntries(pieceId, rev, [entry]);
    // Somebody else was quicker: from where the piece is now, once more.
    if (!done.behind) return done.rev;
  }
}

/** Throws Failed (no-version) for one that the writer did not keep. */
export async function dropVersion(pieceId: string, id: string): Promise<void> {
  const [result] = await db()
    .delete(versions)
    .where(and(eq(versions.id, id), eq(versions.pieceId, pieceId)));
  if (!result.affectedRows) throw new Failed({ code: 'no-version' });
}
