import { stat } from 'node:fs/promises';
import path from 'node:path';
import type { ShelfEntryView } from '../../api/shelf.ts';
import type { ViewName } from '../../core/piece/types.ts';
import type { AssetFact } from '../../core/timeline/types.ts';
import { dataPath } from '../config.ts';
import { shelf, shelfFile } from '../shelf/shelf.ts';
import { shelfEntryView } from '../shelf/view.ts';
import { writeWhole } from '../store/files.ts';
import { blurredOf } from './analyse.ts';
import { proxyState } from './clips.ts';
import {
  type AssetRecord,
  assetFact,
  assetFile,
  assetPath,
  assetRecord,
  isAssetId,
  reliefOf,
  viewName,
} from './record.ts';

/** A picture's facts, wherever it is kept: on the shipped shelf or among what was brought in. */
export async function pictureFact(id: string): Promise<AssetFact | null> {
  const fact = (await shelf()).facts[id];
  if (fact) return fact;
  const record = await assetRecord(id);
  return record && assetFact(record);
}

/** The file of a picture in a view. */
export async function pictureFile(id: string, view: ViewName): Promise<string | null> {
  return (await shelfFile(id, view)) ?? (await assetFile(id));
}

/** The file of a clip as it was brought. */
export const clipFile = (id: string): Promise<string | null> => assetFile(id, 'clip');

/** The blurred copy of a picture for its surround; made when it is first asked for. */
export async function blurredFile(id: string, view: ViewName): Promise<string | null> {
  const own = isAssetId(id);
  const from = own ? await assetFile(id) : await shelfFile(id, view, true);
  if (!from) return null;
  const file = own ? assetPath(id, 'blurred') : dataPath('blurred', `${path.basename(from, '.webp')}.png`);
  const [made, source] = await Promise.all([stat(file).catch(() => null), stat(from)]);
  if (!made || made.mtimeMs < source.mtimeMs) await writeWhole(file, await blurredOf(from));
  return file;
}

/** What the interface knows of a picture that was brought in. */
export async function assetView(r: AssetRecord): Promise<ShelfEntryView> {
  const src = `/media/assets/${r.id}`;
  const proxy = r.kind === 'clip' ? await proxyState(r.id) : null;
  return {
    id: r.id,
    kind: r.kind,
    title: r.title,
    description: r.description,
    tags: r.keywords,
    licence: r.licence === 'own' ? 'own' : 'unknown',
    credit: '',
    own: true,
    machineMade: r.origin?.startsWith('studio:') ?? false,
    cutOut: r.cutOut,
    colours: r.colours,
    people: null,
    takenAt: r.takenAt,
    loopFrames: 0,
    durationMs: r.durationMs,
    sound: r.sound,
    clip: proxy && {
      proxy: `${src}/proxy`,
      direct: r.direct ? `${src}/clip` : null,
      strip: `${src}/strip`,
      ...proxy,
    },
    views: {
      [viewName(r)]: {
        width: r.width,
        height: r.height,
        focal: r.focal,
        relief: reliefOf(r),
        src,
        thumb: `${src}?thumb`,
      },
    },
  };
}

/** What the interface knows of a picture. */
export async function pictureView(id: string): Promise<ShelfEntryView | null> {
  const entry = (await shelf()).entries.get(id);
  if (entry) return shelfEntryView(entry);
  const record = await assetRecord(id);
  return record && assetView(record);
}

/** Views of several pictures; ids that nothing is known of are left out. */
export async function pictureViews(ids: Iterable<string>): Promise<ShelfEntryView[]> {
  const found = await Promise.all([...new Set(ids)].map((id) => pictureView(id)));
  return found.filter((v) => v !== null);
}
