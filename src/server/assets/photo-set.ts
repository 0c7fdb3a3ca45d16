import { readdir, readFile, stat } from 'node:fs/promises';
import path from 'node:path';
import { Failed, failureOf } from '../../core/failure.ts';
import { PHOTO, PHOTO_NAMES } from '../../core/outline/photos.ts';
import { emptySource, type Photo, type Source } from '../../core/source/types.ts';
import { ASSET_LIMITS, importPicture } from './assets.ts';
import { titleFromName } from './keywords.ts';
import type { AssetRecord } from './record.ts';

/** A photo of a set from its asset. */
export function photoOf(
  record: AssetRecord,
  file: { id: string; name: string; bytes: number; modifiedMs: number },
): Photo {
  return {
    ...file,
    assetId: record.id,
    takenAt: record.takenAt,
    width: record.width,
    height: record.height,
    differenceHash: record.differenceHash,
    sharpness: record.sharpness,
  };
}

/** Reads a folder of photos, its own folders included. Files that cannot be read are named in the notes. */
export async function readPhotoFolder(
  folder: string,
  onPhoto: (done: number, total: number) => void = () => undefined,
): Promise<Source> {
  const names = (await readdir(folder, { recursive: true }))
    .filter((n) => PHOTO_NAMES.test(n) && !path.basename(n).startsWith('.'))
    .sort();
  const source: Source = {
    ...emptySource('photos', { kind: 'photos', count: names.length }),
    title: path.basename(path.resolve(folder)).replace(/[_-]+/g, ' '),
  };
  if (names.length > PHOTO.most)
    source.notes.push({ code: 'photos-read', read: PHOTO.most, of: names.length });
  const chosen = names.slice(0, PHOTO.most);
  for (const [i, name] of chosen.entries()) {
    const file = path.join(folder, name);
    try {
      const info = await stat(file);
      if (info.size > ASSET_LIMITS.bytes)
        throw new Failed({ code: 'picture-large', bytes: info.size, most: ASSET_LIMITS.bytes });
      const record = await importPicture(await readFile(file), {
        title: titleFromName(path.basename(name)) || 'Photo',
        licence: 'own',
        origin: null,
      });
      if (source.photos.some((p) => p.assetId === record.id))
        source.notes.push({ code: 'photo-twice', name });
      else
        source.photos.push(
          photoOf(record, { id: `f${i}`, name, bytes: info.size, modifiedMs: Math.round(info.mtimeMs) }),
        );
    } catch (e) {
      source.notes.push({ code: 'unreadable', name, failure: failureOf(e) });
    }
    onPhoto(i + 1, chosen.length);
  }
  return source;
}
