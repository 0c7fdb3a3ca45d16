import { rm, stat } from 'node:fs/promises';
import { and, asc, desc, eq, gte, inArray, sql } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import type { RenderView, SceneTime } from '../../api/renders.ts';
import { pieceFor } from '../../core/deliver/delivery.ts';
import { type DeliveryKindName, deliveryKind } from '../../core/deliver/kinds.ts';
import type { Loudness } from '../../core/deliver/loudness.ts';
import { deliveryName } from '../../core/deliver/name.ts';
import { Failed } from '../../core/failure.ts';
import { migratePiece } from '../../core/piece/migrate.ts';
import type { Delivery } from '../../core/piece/outputs.ts';
import type { Piece } from '../../core/piece/types.ts';
import type { Height } from '../../core/timeline/heights.ts';
import { dataPath } from '../config.ts';
import { db } from '../db/client.ts';
import { renders } from '../db/schema.ts';
import { loadPiece } from '../pieces/pieces.ts';
import { needRoom } from '../store/room.ts';

export const renderFile = (id: string, kind: DeliveryKindName = 'mp4'): string =>
  dataPath('renders', `${id}.${deliveryKind(kind).ending}`);

type Row = typeof renders.$inferSelect;

function view(r: Row, now: Date): RenderView {
  const running = r.state === 'running' && r.startedAt && r.done > 0 && r.total > 0;
  const spent = r.startedAt ? now.getTime() - r.startedAt.getTime() : 0;
  return {
    id: r.id,
    pieceId: r.pieceId,
    title: r.title,
    kind: r.kind,
    format: r.format,
    height: r.height,
    state: r.state,
    step: r.step,
    done: r.done,
    total: r.total,
    remainingMs: running ? Math.round((spent / r.done) * (r.total - r.done)) : null,
    error: r.error,
    bytes: r.bytes,
    file: r.state === 'done' ? renderFile(r.id, r.kind) : null,
    durationMs: r.durationMs,
    rev: r.rev,
    version: r.version,
    place: r.place,
    name: r.name,
    language: r.language,
    createdAt: r.createdAt.toISOString(),
    finishedAt: r.finishedAt?.toISOString() ?? null,
  };
}

/** What may be said of a render besides. version: under which reviewers watch it. */
interface More {
  kind: DeliveryKindName;
  version: number | null;
  loudness: Loudness;
  language: string | null;
  name: string;
}

/** Asks for a render of a piece as it is now. */
export async function requestRender(
  pieceId: string,
  piece: Piece,
  rev: number,
  height: Height,
  { kind = 'mp4', version = null, loudness = -14, language = null, name = '' }: Partial<More> = {},
): Promise<string> {
  const id = nanoid(12);
  const now = new Date();
  await db()
    .insert(renders)
    .values({
      id,
      pieceId,
      title: piece.title,
      doc: piece,
      rev,
      format: piece.format,
      height,
      ...{ kind, version, loudness, language, name },
      place: now.getTime(),
      state: 'waiting',
      step: 'waiting',
      done: 0,
      total: 0,
      painted: 0,
      attempt: 0,
      cancelRequested: false,
      createdAt: now,
    });
  return id;
}

/** What a scene of some seconds takes at most, as segments and once more in the video. */
const SCENE_BYTES: Record<Height, number> = { 480: 3_000_000, 720: 6_000_000, 1080: 14_000_000 };

/** Asks for deliveries of a stored piece as it is now, in this order. Throws Failed. */
export async function renderPiece(pieceId: string, deliveries: readonly Delivery[]): Promise<string[]> {
  const { piece, rev } = await loadPiece(pieceId);
  if (!piece.scenes.length) throw new Failed({ code: 'no-scenes' });
  const bytes = deliveries.reduce(
    (n, { height, kind }) => n + (deliveryKind(kind).sized ? SCENE_BYTES[height] : 0),
    0,
  );
  await needRoom(piece.scenes.length * bytes);
  const ids: string[] = [];
  for (const d of deliveries) ids.push(await requestRender(pieceId, pieceFor(piece, d), rev, d.height, d));
  return ids;
}

/** Has a render that waits made before the others. Throws Failed when it does not wait. */
export async function renderFirst(id: string): Promise<void> {
  const [row] = await db()
    .select({ place: sql<number>`min(${renders.place})` })
    .from(renders)
    .where(eq(renders.state, 'waiting'));
  const [moved] = await db()
    .update(renders)
    .set({ place: Number(row?.place ?? 0) - 1 })
    .where(and(eq(renders.id, id), eq(renders.state, 'waiting')));
  if (!moved.affectedRows) await refuse(id, 'render-over');
}

/**
 * Has renders that wait made in this order, among the others where they stand. The queue goes on while
 * somebody puts it in order: what has begun meanwhile is passed over. Throws Failed when none of them waits any more.
 */
export async function orderRenders(ids: readonly string[]): Promise<void> {
  await db().transaction(async (tx) => {
    const rows = await tx
      .select({ id: renders.id, place: renders.place })
      .from(renders)
      .where(and(inArray(renders.id, [...ids]), eq(renders.state, 'waiting')))
      .orderBy(asc(renders.place))
      .for('update');
    const waiting = ids.filter((id) => rows.some((r) => r.id === id));
    if (!waiting.length) await refuse(ids[0] as string, 'render-over');
    let before = Number.NEGATIVE_INFINITY;
    for (const [i, { place }] of rows.entries()) {
      // Those that came in one moment get places of their own.
      before = Math.max(place, before + 1);
      await tx
        .update(renders)
        .set({ place: before })
        .where(eq(renders.id, waiting[i] as string));
    }
  });
}

export async function listRenders(pieceId?: string): Promise<RenderView[]> {
  const rows = await db()
    .select()
    .from(renders)
    .where(pieceId ? eq(renders.pieceId, pieceId) : undefined)
    .orderBy(desc(renders.createdAt))
    .limit(200);
  const now = new Date();
  return rows.map((r) => view(r, now));
}

/** Throws Failed (no-render). */
export async function getRender(id: string): Promise<RenderView> {
  const [row] = await db().select().from(renders).where(eq(renders.id, id));
  if (!row) throw new Failed({ code: 'no-render' });
  return view(row, new Date());
}

/** The name under which a delivery is kept by who fetches it. */
export const renderName = ({ name, createdAt, ...of }: RenderView): string =>
  deliveryName(name, { ...of, date: createdAt.slice(0, 10) });

/** A waiting render is cancelled at once, a running one at its next frame. Throws Failed when it is over already. */
export async function cancelRender(id: string): Promise<void> {
  const [waiting] = await db()
    .update(renders)
    .set({ state: 'cancelled', step: 'cancelled', finishedAt: new Date() })
    .where(and(eq(renders.id, id), eq(renders.state, 'waiting')));
  if (waiting.affectedRows) return;
  const [running] = await db()
    .update(renders)
    .set({ cancelRequested: true })
    .where(and(eq(renders.id, id), eq(renders.state, 'running')));
  if (!running.affectedRows) await refuse(id, 'render-over');
}

/** Why a render cannot be changed: there is none, or its state does not allow it. */
async function refuse(id: string, code: 'render-over' | 'render-running'): Promise<never> {
  await getRender(id);
  throw new Failed({ code });
}

/** Removes a render that is over, with its file. Throws Failed when it is under way. */
export async function deleteRender(id: string): Promise<void> {
  const { kind } = await getRender(id);
  const [result] = await db()
    .delete(renders)
    .where(and(eq(renders.id, id), inArray(renders.state, ['done', 'failed', 'cancelled'])));
  if (!result.affectedRows) await refuse(id, 'render-running');
  await rm(renderFile(id, kind), { force: true });
}

export interface Job {
  id: string;
  loudness: Loudness;
  pieceId: string;
  version: number | null;
  piece: Piece;
  kind: DeliveryKindName;
  height: Height;
  attempt: number;
}

/** How often a render may stop the worker before it is given up, so that the others get their turn. */
const MOST_ATTEMPTS = 3;

/**
 * After a worker died: its jobs wait again, those that stopped it too often are failed. There is one worker; it calls this
 * when it starts.
 */
export async function requeueRunning(): Promise<{ again: number; failed: number }> {
  const running = eq(renders.state, 'running');
  const [failed] = await db()
    .update(renders)
    .set({
      state: 'failed',
      step: 'failed',
      error: `This render stopped the renderer ${MOST_ATTEMPTS} times, so it was given up and the others went on. Change what was new in the piece, or take a lower height, and render again.`,
      finishedAt: new Date(),
    })
    .where(and(running, gte(renders.attempt, MOST_ATTEMPTS)));
  const [again] = await db()
    .update(renders)
    .set({ state: 'waiting', step: 'waiting', done: 0 })
    .where(running);
  return { again: again.affectedRows, failed: failed.affectedRows };
}

/** A job that a worker lays down because it is asked to end: it is not to blame. */
export async function layDown(id: string): Promise<void> {
  await db()
    .update(renders)
    .set({ state: 'waiting', step: 'waiting', done: 0, attempt: sql`${renders.attempt} - 1` })
    .where(and(eq(renders.id, id), eq(renders.state, 'running')));
}

/** Shows that the worker lives, whatever it is busy with. */
export async function beat(id: string): Promise<void> {
  await db().update(renders).set({ heartbeatAt: new Date() }).where(eq(renders.id, id));
}

/** The render that is under way with its last beat; null when there is none. */
export async function runningBeat(): Promise<string | null> {
  const [row] = await db()
    .select({ id: renders.id, at: renders.heartbeatAt })
    .from(renders)
    .where(eq(renders.state, 'running'))
    .limit(1);
  return row ? `${row.id} ${row.at?.toISOString()}` : null;
}

/** The waiting job whose turn it is, now running; null when there is none. */
export async function claimJob(): Promise<Job | null> {
  return db().transaction(async (tx) => {
    const [row] = await tx
      .select()
      // In the order of the index, so that a row is locked and not all that wait.
      .from(renders, { forceIndex: ['renders_queue'] })
      .where(eq(renders.state, 'waiting'))
      .orderBy(asc(renders.place), asc(renders.createdAt))
      .limit(1)
      .for('update', { skipLocked: true });
    if (!row) return null;
    const now = new Date();
    await tx
      .update(renders)
      .set({
        state: 'running',
        step: 'voices',
        startedAt: now,
        heartbeatAt: now,
        attempt: row.attempt + 1,
        error: null,
      })
      .where(eq(renders.id, row.id));
    const doc = typeof row.doc === 'string' ? JSON.parse(row.doc) : row.doc;
    const { id, pieceId, version, kind, loudness } = row;
    return {
      id,
      pieceId,
      version,
      loudness,
      piece: migratePiece(doc),
      kind,
      height: row.height as Height,
      attempt: row.attempt + 1,
    };
  });
}

/** Notes how far a job is, and tells whether it is to be cancelled. */
export async function reportJob(
  id: string,
  progress: { step: string; done: number; total: number; painted: number },
): Promise<{ cancel: boolean }> {
  await db()
    .update(renders)
    .set({ ...progress, heartbeatAt: new Date() })
    .where(eq(renders.id, id));
  const [row] = await db()
    .select({ cancel: renders.cancelRequested })
    .from(renders)
    .where(eq(renders.id, id));
  return { cancel: row?.cancel ?? true };
}

export async function finishJob(
  id: string,
  outcome:
    | { state: 'done'; durationMs: number; scenes?: SceneTime[] }
    | { state: 'failed'; error: string }
    | { state: 'cancelled' },
): Promise<void> {
  const bytes =
    outcome.state === 'done' ? (await stat(renderFile(id, (await getRender(id)).kind))).size : null;
  await db()
    .update(renders)
    .set({
      state: outcome.state,
      step: outcome.state,
      error: outcome.state === 'failed' ? outcome.error.slice(0, 2000) : null,
      durationMs: outcome.state === 'done' ? outcome.durationMs : null,
      scenes: outcome.state === 'done' ? (outcome.scenes ?? null) : null,
      bytes,
      ...(outcome.state === 'done' ? { done: sql`${renders.total}` } : {}),
      finishedAt: new Date(),
    })
    .where(eq(renders.id, id));
}
