import { and, desc, eq, isNotNull, max } from 'drizzle-orm';
import type { VersionView } from '../../api/reviews.ts';
import { Failed } from '../../core/failure.ts';
import { changesBetween, sameToViewers } from '../../core/piece/changes.ts';
import { migratePiece } from '../../core/piece/migrate.ts';
import type { Piece } from '../../core/piece/types.ts';
import type { Height } from '../../core/timeline/heights.ts';
import { db } from '../db/client.ts';
import { json } from '../db/json.ts';
import { renders } from '../db/schema.ts';
import { requestRender } from '../jobs/renders.ts';
import { loadPiece } from '../pieces/pieces.ts';

/** Lines of the videos that reviewers watch: sharp enough on a phone and in a window, and quick to send. */
const REVIEW_HEIGHT: Height = 720;

type Row = typeof renders.$inferSelect;

const ofPiece = (pieceId: string) => and(eq(renders.pieceId, pieceId), isNotNull(renders.version));

const viewOf = (
  row: Pick<Row, 'version' | 'state' | 'done' | 'total' | 'createdAt' | 'rev'>,
): VersionView => ({
  version: row.version ?? 0,
  state:
    row.state === 'done' ? 'ready' : row.state === 'waiting' || row.state === 'running' ? 'coming' : 'failed',
  done: row.done,
  total: row.total,
  at: row.createdAt.toISOString(),
  rev: row.rev,
});

/** The versions of a piece that were sent to reviewers, the newest first. */
export async function versionsOf(pieceId: string): Promise<VersionView[]> {
  const { version, state, done, total, createdAt, rev } = renders;
  const rows = await db()
    .select({ version, state, done, total, createdAt, rev })
    .from(renders)
    .where(ofPiece(pieceId))
    .orderBy(desc(renders.version));
  return rows.map(viewOf);
}

/** A version as it was rendered. */
export interface SentVersion {
  version: number;
  renderId: string;
  piece: Piece;
  scenes: NonNullable<Row['scenes']>;
}

/** The versions that can be watched, the newest first; at most so many. */
export async function watchable(pieceId: string, most: number): Promise<SentVersion[]> {
  const rows = await db()
    .select({ id: renders.id, version: renders.version, doc: renders.doc, scenes: renders.scenes })
    .from(renders)
    .where(and(ofPiece(pieceId), eq(renders.state, 'done')))
    .orderBy(desc(renders.version))
    .limit(most);
  return rows.map((r) => ({
    version: r.version ?? 0,
    renderId: r.id,
    piece: migratePiece(json(r.doc)),
    scenes: timesOf(r.scenes),
  }));
}

/** The video of one version. Throws Failed (no-version) when it cannot be watched. */
export async function videoOf(
  pieceId: string,
  version: number,
): Promise<Pick<SentVersion, 'renderId' | 'scenes'>> {
  if (!Number.isSafeInteger(version)) throw new Failed({ code: 'no-version' });
  const [row] = await db()
    .select({ renderId: renders.id, scenes: renders.scenes })
    .from(renders)
    .where(and(eq(renders.pieceId, pieceId), eq(renders.version, version), eq(renders.state, 'done')));
  if (!row) throw new Failed({ code: 'no-version' });
  return { renderId: row.renderId, scenes: timesOf(row.scenes) };
}

const timesOf = (stored: unknown): SentVersion['scenes'] =>
  (json(stored) as SentVersion['scenes'] | null) ?? [];

/**
 * Has reviewers see a piece as it is now: a render with the next number. Where a viewer would notice nothing since the last
 * one, or when there is one and that is enough, that one stays. Throws Failed.
 */
export async function sendVersion(
  pieceId: string,
  when: 'if-changed' | 'if-none' = 'if-changed',
): Promise<{ version: number; made: boolean }> {
  const { piece, rev } = await loadPiece(pieceId);
  if (!piece.scenes.length) throw new Failed({ code: 'no-scenes' });
  const [last] = await db()
    .select({ version: renders.version, state: renders.state, doc: renders.doc })
    .from(renders)
    .where(ofPiece(pieceId))
    .orderBy(desc(renders.version))
    .limit(1);
  if (last && last.state !== 'failed' && last.state !== 'cancelled') {
    const same = sameToViewers(changesBetween(migratePiece(json(last.doc)), piece));
    if (when === 'if-none' || same) return { version: last.version ?? 0, made: false };
  }
  const [highest] = await db()
    .select({ n: max(renders.version) })
    .from(renders)
    .where(ofPiece(pieceId));
  const version = (highest?.n ?? 0) + 1;
  await requestRender(pieceId, piece, rev, REVIEW_HEIGHT, { version });
  return { version, made: true };
}
