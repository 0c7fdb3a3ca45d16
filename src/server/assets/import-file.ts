import { readFile, stat } from 'node:fs/promises';
import { Failed } from '../../core/failure.ts';
import { type About, ASSET_LIMITS, importPicture } from './assets.ts';
import { importClip, isClip } from './clips.ts';
import type { AssetRecord } from './record.ts';

/**
 * Takes in a file, a clip or a picture as its content says. move: the file of a clip may be
 * moved away instead of copied. take: how a picture is taken in.
 */
export async function importFile(
  file: string,
  about: About,
  move: boolean,
  take: typeof importPicture = importPicture,
): Promise<AssetRecord> {
  if (await isClip(file)) return importClip(file, about, move);
  if ((await stat(file)).size > ASSET_LIMITS.bytes)
    throw new Failed({ code: 'picture-or-clip', most: ASSET_LIMITS.bytes });
  return take(await readFile(file), about);
}
