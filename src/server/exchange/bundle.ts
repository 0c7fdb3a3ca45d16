import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import path from 'node:path';
import Joi from 'joi';
import { nanoid } from 'nanoid';
import { LICENCES, type Licence } from '../../core/exchange/credits.ts';
import { Failed } from '../../core/failure.ts';
import { oneOf } from '../../core/piece/field.ts';
import { DamagedPiece, migrateHistory, type PieceWithHistory } from '../../core/piece/migrate.ts';
import type { StoredDoc, StoredEdit, StoredHistoryEntry } from '../../core/piece/migrations/types.ts';
import { PIECE_VERSION } from '../../core/piece/types.ts';
import { pictureApart } from '../apart/apart.ts';
import { importClip } from '../assets/clips.ts';
import { type AssetRecord, assetFile, assetRecord } from '../assets/record.ts';
import { dataPath } from '../config.ts';
import { db } from '../db/client.ts';
import { edits, pieces } from '../db/schema.ts';
import { changeTrack, keepTrack, ownTrackFile, tracksOf } from '../music/own-tracks.ts';
import { aboutOf } from '../pieces/about.ts';
import { readHistory } from '../pieces/history.ts';
import { loadPiece } from '../pieces/pieces.ts';
import { Package } from '../read/package.ts';
import { ownWordsOf, shelve } from '../shelf/own.ts';
import { keepRecording, recordingFile } from '../speech/recordings.ts';
import { needRoom } from '../store/room.ts';
import type { ZipPart } from './zip.ts';

/** What a bundle says of itself; its other parts are the files that it names. */
interface Manifest {
  format: 'nabbet-piece';
  version: 1;
  piece: StoredDoc;
  /** Every edit with its inverse, in order. */
  history: (StoredHistoryEntry & { id: string; kind: 'do' | 'undo' | 'redo'; ref: string | null })[];
  pictures: {
    id: string;
    file: string;
    kind: 'still' | 'clip';
    title: string;
    licence: 'own' | 'source';
    origin: string | null;
    /** Of the own shelf; null for a picture that is not on it. */
    shelf: { tags: string[]; licence: Licence; credit: string } | null;
  }[];
  recordings: { id: string; file: string }[];
  tracks: { id: string; file: string; title: string; licence: Licence; credit: string }[];
}

const MANIFEST = 'nabbet.json';
/** Bytes of the manifest, of one file and of all of them. */
const MOST = { manifest: 30_000_000, part: 300_000_000, all: 900_000_000 } as const;

const name = Joi.string().max(120).required();
const id = Joi.string()
  .pattern(/^[A-Za-z0-9_-]{1,64}$/)
  .required();
const title = Joi.string().allow('').max(300).required();
const licence = oneOf(LICENCES).required();
const credit = Joi.string().allow('').max(300).required();
const manifestSchema = Joi.object<Manifest>({
  format: Joi.valid('nabbet-piece').required(),
  version: Joi.valid(1).required(),
  piece: Joi.object().unknown().required(),
  history: Joi.array()
    .items(
      Joi.object({
        id,
        kind: Joi.valid('do', 'undo', 'redo').required(),
        ref: Joi.string().max(64).allow(null).required(),
        edit: Joi.object().unknown().required(),
        inverse: Joi.object().unknown().required(),
      }),
    )
    .max(200_000)
    .required(),
  pictures: Joi.array()
    .items(
      Joi.object({
        ...{ id, file: name, title },
        kind: Joi.valid('still', 'clip').required(),
        licence: Joi.valid('own', 'source').required(),
        origin: Joi.string().max(2000).allow(null).required(),
        shelf: Joi.object({
          tags: Joi.array().items(Joi.string().max(80)).max(100).required(),
          ...{ licence, credit },
        })
          .allow(null)
          .required(),
      }),
    )
    .max(2000)
    .required(),
  recordings: Joi.array()
    .items(Joi.object({ id, file: name }))
    .max(5000)
    .required(),
  tracks: Joi.array()
    .items(Joi.object({ id, file: name, title, licence, credit }))
    .max(100)
    .required(),
});

/** A piece with its history and everything of its own that it uses. Throws Failed. */
export async function bundleOf(pieceId: string): Promise<{ title: string; parts: ZipPart[] }> {
  const { piece } = await loadPiece(pieceId);
  const { entries } = await readHistory(pieceId, piece, db());
  const said = JSON.stringify([piece, entries]);
  const named = (pattern: RegExp) => [...new Set([...said.matchAll(pattern)].map((m) => m[1] ?? ''))];
  const parts: ZipPart[] = [];
  const manifest: Manifest = {
    ...{ format: 'nabbet-piece', version: 1, piece: piece as unknown as StoredDoc },
    history: entries.map(({ id, kind, ref, edit, inverse }) => ({
      ...{ id, kind, ref },
      edit: edit as unknown as StoredEdit,
      inverse: inverse as unknown as StoredEdit,
    })),
    ...{ pictures: [], recordings: [], tracks: [] },
  };
  const assetIds = named(/"assetId":"(a[0-9a-f]{20})"/g);
  const words = await ownWordsOf(assetIds);
  for (const assetId of assetIds) {
    const record = await assetRecord(assetId);
    const from = record && (await assetFile(assetId, record.kind === 'clip' ? 'clip' : 'picture'));
    if (!record || !from) continue;
    const file = `pictures/${assetId}${record.kind === 'clip' ? '' : '.webp'}`;
    const { kind, title, licence, origin } = record;
    const own = words.get(assetId);
    const shelf = own ? { tags: own.tags, licence: own.licence, credit: own.credit } : null;
    manifest.pictures.push({ id: assetId, file, kind, title, licence, origin, shelf });
    parts.push({ name: file, content: { file: from } });
  }
  const recorded = new Set(named(/"takeId":"([0-9a-f]{32})"/g));
  for (const scene of piece.scenes) for (const takeId of scene.recorded) recorded.add(takeId);
  for (const takeId of recorded) {
    const from = recordingFile(takeId);
    if (!from) continue;
    const file = `recordings/${takeId}.flac`;
    manifest.recordings.push({ id: takeId, file });
    parts.push({ name: file, content: { file: from } });
  }
  for (const { id: trackId, title, licence, credit } of await tracksOf(piece)) {
    const from = ownTrackFile(trackId);
    if (!from) continue;
    const file = `music/${trackId}.flac`;
    manifest.tracks.push({ id: trackId, file, title, licence, credit });
    parts.push({ name: file, content: { file: from } });
  }
  return { title: piece.title, parts: [{ name: MANIFEST, content: JSON.stringify(manifest) }, ...parts] };
}

/**
 * Takes a bundle in as a new piece, with its history; what is in it is checked as what anybody brings. Gives the piece's id.
 * Throws Failed (damaged, damaged-piece, huge).
 */
export async function openBundle(bytes: Buffer): Promise<string> {
  await needRoom(3 * bytes.length);
  const bundle = await Package.open(bytes, 'bundle');
  const manifest = await manifestIn(bundle);
  const ids = new Map<string, string>();
  let left: number = MOST.all;
  const partOf = async (file: string): Promise<Buffer | null> => {
    const part = await bundle.bytes(file, Math.min(MOST.part, left));
    left -= part?.length ?? 0;
    return part;
  };
  for (const picture of manifest.pictures) {
    const part = await partOf(picture.file);
    if (part) ids.set(picture.id, await takePicture(part, picture));
  }
  for (const { id: old, file } of manifest.recordings) {
    const part = await partOf(file);
    if (part) ids.set(old, (await keepRecording(part)).id);
  }
  for (const { id: old, file, title, licence, credit } of manifest.tracks) {
    const part = await partOf(file);
    if (!part) continue;
    const track = await keepTrack(part, title);
    await changeTrack(track.id, { licence, credit, ...(title.trim() ? { title: title.trim() } : {}) });
    ids.set(old, track.id);
  }
  return storePiece(manifest, ids);
}

async function manifestIn(bundle: Package): Promise<Manifest> {
  const text = await bundle.text(MANIFEST, MOST.manifest);
  let raw: unknown = null;
  try {
    raw = JSON.parse(text ?? '');
  } catch {
    throw new Failed({ code: 'damaged', what: 'bundle' });
  }
  const { error, value } = manifestSchema.validate(raw);
  if (error) throw new Failed({ code: 'damaged', what: 'bundle' });
  return value;
}

async function takePicture(
  bytes: Buffer,
  { kind, title, licence, origin, shelf }: Manifest['pictures'][number],
): Promise<string> {
  const about = { title, licence, origin };
  const record = kind === 'clip' ? await clipFrom(bytes, about) : await pictureApart(bytes, about);
  if (shelf) await shelve(record, { name: title, folder: '', ...shelf });
  return record.id;
}

async function clipFrom(bytes: Buffer, about: Parameters<typeof importClip>[1]): Promise<AssetRecord> {
  const work = await mkdtemp(path.join(dataPath(), 'bundle-'));
  try {
    const file = path.join(work, 'clip');
    await writeFile(file, bytes);
    return await importClip(file, about, true);
  } finally {
    await rm(work, { recursive: true, force: true });
  }
}

/** ids: what material is called here. A history that does not fit is left behind: the piece is worth more. */
async function storePiece(manifest: Manifest, ids: ReadonlyMap<string, string>): Promise<string> {
  const { piece: doc, history } = renamed({ piece: manifest.piece, history: manifest.history }, ids);
  let read: PieceWithHistory;
  let kept = history;
  try {
    read = migrateHistory(doc, history);
  } catch {
    try {
      read = migrateHistory(doc, []);
    } catch (e) {
      if (e instanceof DamagedPiece)
        throw new Failed({ code: 'damaged-piece', reason: e.reason, detail: e.message });
      throw e;
    }
    kept = [];
  }
  if (read.entries.includes(null)) [read, kept] = [{ ...read, entries: [] }, []];
  const { piece } = read;
  const now = new Date();
  const id = nanoid(12);
  await db().transaction(async (tx) => {
    await tx.insert(pieces).values({
      ...{ id, title: piece.title, doc: piece, rev: kept.length, ...aboutOf(piece) },
      ...{ createdAt: now, updatedAt: now },
    });
    const rows = read.entries.flatMap((e, i) => {
      const from = kept[i];
      return e && from
        ? [
            {
              ...{
                pieceId: id,
                seq: i + 1,
                id: from.id,
                kind: from.kind,
                ref: from.ref,
                version: PIECE_VERSION,
              },
              ...{ ops: e.edit, inverse: e.inverse, at: now },
            },
          ]
        : [];
    });
    for (let i = 0; i < rows.length; i += 200) await tx.insert(edits).values(rows.slice(i, i + 200));
  });
  return id;
}

/** The same with other names for material; they are long enough to be nothing else. */
function renamed<T>(value: T, ids: ReadonlyMap<string, string>): T {
  return JSON.parse(JSON.stringify(value), (_, v) => (typeof v === 'string' ? (ids.get(v) ?? v) : v)) as T;
}
