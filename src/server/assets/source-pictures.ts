import { readFile } from 'node:fs/promises';
import path from 'node:path';
import pLimit from 'p-limit';
import { Failed, failureOf } from '../../core/failure.ts';
import type { Source, SourcePicture } from '../../core/source/types.ts';
import { FETCH_LIMITS, fetchGuarded } from '../read/fetch.ts';
import { importPicture } from './assets.ts';

/** Where the relative addresses of a page that was saved on this machine lead; nothing is ever fetched from it. */
export const SAVED_BASE = 'http://saved-page.invalid/';

/** At most so many pictures of a source are fetched. */
const MOST_PICTURES = 24;

interface FetchOptions {
  /** Where a saved page stands, whose own pictures may be read below it. */
  folder?: string | null;
  /** How a picture is taken in. */
  take?: typeof importPicture;
}

/** Fetches the pictures of a source and takes them in; each that cannot be says why. */
export async function fetchPictures(source: Source, options: FetchOptions = {}): Promise<Source> {
  const limit = pLimit(4);
  const pictures = await Promise.all(
    source.pictures.map((p, i) =>
      i < MOST_PICTURES
        ? limit(() => fetchOne(p, source, options))
        : { ...p, problem: { code: 'too-many-pictures' as const } },
    ),
  );
  return { ...source, pictures };
}

async function fetchOne(
  picture: SourcePicture,
  source: Source,
  { folder = null, take = importPicture }: FetchOptions,
): Promise<SourcePicture> {
  if (picture.assetId || !picture.address) return picture;
  try {
    const bytes = picture.address.startsWith(SAVED_BASE)
      ? await readFromFolder(picture.address, folder)
      : (await fetchGuarded(picture.address, /^image\/|octet-stream/i, FETCH_LIMITS.pictureBytes)).bytes;
    const record = await take(bytes, {
      title: picture.caption || picture.alt || `Picture from ${source.site || source.title}`,
      licence: 'source',
      origin: picture.address.startsWith(SAVED_BASE) ? null : picture.address,
    });
    return { ...picture, assetId: record.id, problem: null };
  } catch (e) {
    return { ...picture, problem: failureOf(e) };
  }
}

/** A picture file below the folder of a saved page. */
async function readFromFolder(address: string, folder: string | null): Promise<Buffer> {
  if (folder === null) throw new Failed({ code: 'without-pictures' });
  const file = path.resolve(folder, `.${decodeURIComponent(new URL(address).pathname)}`);
  if (!file.startsWith(path.resolve(folder) + path.sep)) throw new Failed({ code: 'picture-outside' });
  return readFile(file).catch(() => {
    throw new Failed({ code: 'picture-missing' });
  });
}
