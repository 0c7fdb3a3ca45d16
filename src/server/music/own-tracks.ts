import { rm, stat } from 'node:fs/promises';
import path from 'node:path';
import { desc, eq, inArray } from 'drizzle-orm';
import type { OwnTrack, TrackChange } from '../../api/music.ts';
import { Failed } from '../../core/failure.ts';
import type { TrackAnalysis } from '../../core/music/fitted.ts';
import type { Piece } from '../../core/piece/types.ts';
import type { Milliseconds } from '../../core/time.ts';
import type { OwnTrackFact } from '../../core/timeline/types.ts';
import { sound } from '../apart/apart.ts';
import { dataPath } from '../config.ts';
import { db } from '../db/client.ts';
import { json } from '../db/json.ts';
import { ownTracks } from '../db/schema.ts';
import { keptSound } from '../sound/kept-sound.ts';

const ID = /^[0-9a-f]{32}$/;
/** What is kept of a long one, seconds. */
const MOST_SECONDS = 1800;

/** A track as it is kept: stereo, 48 kHz, FLAC, at the loudness that it came with. */
export const ownTrackFile = (id: string): string | null =>
  ID.test(id) ? dataPath('music', id.slice(0, 2), `${id}.flac`) : null;

/** What is heard in a track. */
export interface HeardTrack {
  lengthMs: Milliseconds;
  /** Where sound ends; 0 when there is none. */
  endMs: Milliseconds;
  wave: number[];
  /** null: nothing in it keeps time. */
  analysis: TrackAnalysis | null;
}

/**
 * Keeps a track by its content, in whatever form it comes, and finds its beats; the same one is kept once, and comes back when
 * it was put away. Throws Failed (no-sound).
 */
export async function keepTrack(bytes: Uint8Array, name: string): Promise<OwnTrack> {
  const fileOf = (id: string) => ownTrackFile(id) as string;
  const { id, file } = await keptSound(bytes, { channels: 2, mostSeconds: MOST_SECONDS, fileOf });
  const have = await rowOf(id);
  if (have) {
    await db().update(ownTracks).set({ archivedAt: null }).where(eq(ownTracks.id, id));
    return viewOf({ ...have, archivedAt: null });
  }
  const heard = await sound('hear-track', file);
  if (heard.endMs === 0) {
    await rm(file, { force: true });
    throw new Failed({ code: 'no-sound' });
  }
  const now = new Date();
  await db()
    .insert(ownTracks)
    .values({
      id,
      title: titleOf(name),
      credit: '',
      licence: 'unknown',
      favourite: false,
      heard,
      addedAt: now,
      archivedAt: null,
    })
    .onDuplicateKeyUpdate({ set: { archivedAt: null } });
  return viewOf((await rowOf(id)) as Row);
}

/** The file's name as a title: without its ending, underscores and numbers in front. */
function titleOf(name: string): string {
  const plain = path
    .parse(name.replaceAll('\\', '/'))
    .name.replace(/[_]+/g, ' ')
    .replace(/^\s*\d{1,3}[\s.-]+/, '')
    .replace(/\s+/g, ' ')
    .trim();
  return plain.slice(0, 200) || 'A track';
}

type Row = typeof ownTracks.$inferSelect;

async function rowOf(id: string): Promise<Row | null> {
  const [row] = await db().select().from(ownTracks).where(eq(ownTracks.id, id)).limit(1);
  return row ?? null;
}

const heardIn = ({ heard }: Pick<Row, 'heard'>): HeardTrack => json(heard) as HeardTrack;

const NO_BEAT: OwnTrackFact = { beats: [], meter: 4, first: 0, sure: 0 };

function viewOf(row: Row): OwnTrack {
  const { endMs, wave, analysis } = heardIn(row);
  const { beats, meter, first, sure } = analysis ?? NO_BEAT;
  const { id, title, credit, licence, favourite, archivedAt } = row;
  return {
    ...{ id, title, credit, licence, favourite, archived: archivedAt !== null },
    ...{ beats, meter, first, sure },
    lengthMs: endMs,
    tempo: analysis?.tempo ?? 0,
    wave,
  };
}

/** All tracks that were brought, also those that were put away, the newest first. */
export async function listTracks(): Promise<OwnTrack[]> {
  const rows = await db().select().from(ownTracks).orderBy(desc(ownTracks.addedAt), ownTracks.id);
  return rows.map(viewOf);
}

/** The tracks that a piece plays. */
export async function tracksOf({ beds }: Pick<Piece, 'beds'>): Promise<OwnTrack[]> {
  const ids = beds.flatMap(({ source }) => (source.kind === 'brought' ? [source.trackId] : []));
  return ids.length
    ? (await db().select().from(ownTracks).where(inArray(ownTracks.id, ids))).map(viewOf)
    : [];
}

/** Throws Failed (no-track). */
export async function heardTrack(id: string): Promise<HeardTrack> {
  const row = ID.test(id) ? await rowOf(id) : null;
  if (!row) throw new Failed({ code: 'no-track' });
  return heardIn(row);
}

/** Throws Failed (no-track). */
export async function changeTrack(id: string, { archived, ...change }: TrackChange): Promise<void> {
  if (!(await rowOf(id))) throw new Failed({ code: 'no-track' });
  const away = archived === undefined ? {} : { archivedAt: archived ? new Date() : null };
  await db()
    .update(ownTracks)
    .set({ ...change, ...away })
    .where(eq(ownTracks.id, id));
}

/** Whether a track is there, with its file. */
export const hasTrackFile = async (id: string): Promise<boolean> => {
  const file = ownTrackFile(id);
  return file !== null && (await stat(file).catch(() => null)) !== null;
};
