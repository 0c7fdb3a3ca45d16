import { readFile, stat } from 'node:fs/promises';
import { type About, ASSET_LIMITS, takeIn } from './assets.ts';
import { isClip, takeInClip } from './clips.ts';
import { AssetError, type AssetRecord } from './record.ts';

/** Takes in a file, a clip or a picture as its content says. move: the file of a clip may be moved away instead of copied. */
export async function takeInFile(file: string, about: About, move: boolean): Promise<AssetRecord> {
  if (await isClip(file)) return takeInClip(file, about, move);
  if ((await stat(file)).size > ASSET_LIMITS.bytes)
    throw new AssetError(
      `This is neither a clip that can be read (MP4, MOV, WebM, MKV) nor a picture of at most ${ASSET_LIMITS.bytes / 1e6} MB.`,
    );
  return takeIn(await readFile(file), about);
}
