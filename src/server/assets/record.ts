import { readFile, stat } from 'node:fs/promises';
import { LRUCache } from 'lru-cache';
import type { Box } from '../../core/look/formats.ts';
import type { Relief } from '../../core/picture/relief.ts';
import type { Milliseconds } from '../../core/time.ts';
import type { AssetFact } from '../../core/timeline/types.ts';
import { dataPath } from '../config.ts';
import { writeWhole } from '../store/files.ts';

/** What was measured of a picture or clip that came from outside the shipped shelf. Its id is its content. */
export interface AssetRecord {
  id: string;
  kind: 'still' | 'clip';
  title: string;
  /** What the file itself says: its caption and its keywords. */
  description: string;
  keywords: string[];
  /** own: uploaded; source: taken from a page, whose address is the origin. */
  licence: 'own' | 'source';
  origin: string | null;
  /** Of the working copy of a still, of the file of a clip; pixels, upright. */
  width: number;
  height: number;
  focal: Box;
  /** See measureRelief; empty where it was not measured. */
  relief: string;
  /** Boxes of the faces seen from the front, largest first. */
  heads: readonly Box[];
  colours: string[];
  /** Local time as the camera wrote it. */
  takenAt: string | null;
  /** Of 64 bits, as 16 hex digits; see differenceHash. */
  differenceHash: string;
  sharpness: number;
  /** Faces seen from the front. */
  faces: number;
  /** Of a clip; 0 and false for a still. */
  durationMs: Milliseconds;
  sound: boolean;
  /** A clip whose own file browsers play, so that it can be seen before its copy is made. */
  direct: boolean;
  /** A drawing without ground, such as a logo. */
  cutOut: boolean;
}

const ID = /^a[0-9a-f]{20}$/;
export const isAssetId = (id: string): boolean => ID.test(id);

/** The files of an asset: stills have a working copy, clips their own file, a proxy for playing and a film strip. */
const FILES = {
  picture: 'picture.webp',
  thumb: 'thumb.webp',
  blurred: 'blurred.png',
  clip: 'clip',
  proxy: 'proxy.mp4',
  strip: 'strip.webp',
} as const;
export type AssetFileKind = keyof typeof FILES;

export const assetFolder = (id: string): string => dataPath('assets', id.slice(1, 3), id);
export const assetPath = (id: string, kind: AssetFileKind): string => `${assetFolder(id)}/${FILES[kind]}`;

/** Records that were read, up to 40 MB. */
const known = new LRUCache<string, AssetRecord>({
  maxSize: 40_000_000,
  sizeCalculation: (record) => 2 * JSON.stringify(record).length,
});

/** Fields that records of earlier versions do not have. */
const DEFAULTS = {
  description: '',
  keywords: [],
  faces: 0,
  relief: '',
  heads: [],
  durationMs: 0,
  sound: false,
  direct: false,
  cutOut: false,
};

/** What is known of an asset; null when there is none of that id. */
export async function assetRecord(id: string): Promise<AssetRecord | null> {
  if (!isAssetId(id)) return null;
  const have = known.get(id);
  if (have) return have;
  const text = await readFile(`${assetFolder(id)}/record.json`, 'utf8').catch(() => null);
  return text === null ? null : remember(parseRecord(text));
}

/** A stored record; one of an earlier version called the difference hash a look. */
function parseRecord(text: string): AssetRecord {
  const { look, ...stored } = JSON.parse(text) as AssetRecord & { look?: string };
  return { ...DEFAULTS, ...(look === undefined ? {} : { differenceHash: look }), ...stored };
}

/** Written after the asset's files, so that a record always has them. */
export async function writeRecord(record: AssetRecord): Promise<AssetRecord> {
  await writeWhole(`${assetFolder(record.id)}/record.json`, JSON.stringify(record));
  return remember(record);
}

function remember(record: AssetRecord): AssetRecord {
  known.set(record.id, record);
  return record;
}

/** A file of an asset; null when it is not there. */
export async function assetFile(id: string, kind: AssetFileKind = 'picture'): Promise<string | null> {
  if (!isAssetId(id)) return null;
  const file = assetPath(id, kind);
  return (await stat(file).catch(() => null)) ? file : null;
}

export const viewName = (r: { width: number; height: number }): 'wide' | 'tall' =>
  r.width >= r.height ? 'wide' : 'tall';

/** What words on the picture have to know; null where it was not measured. */
export const reliefOf = ({ relief, heads }: Pick<AssetRecord, 'relief' | 'heads'>): Relief | null =>
  relief ? { cells: relief, heads } : null;

/** What the timeline needs: one view, named by its proportions. */
export const assetFact = (r: AssetRecord): AssetFact => ({
  id: r.id,
  kind: r.kind,
  views: { [viewName(r)]: { width: r.width, height: r.height, focal: r.focal, relief: reliefOf(r) } },
  loopFrames: 0,
  durationMs: r.durationMs,
  sound: r.sound,
});

/** A clip's own file, where browsers play it; null otherwise. */
export async function playableFile(id: string): Promise<string | null> {
  return (await assetRecord(id))?.direct ? assetFile(id, 'clip') : null;
}
