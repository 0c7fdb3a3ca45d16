import { copyFile } from 'node:fs/promises';
import { encodedSound } from '../../sound/encoded.ts';
import { makeWhole } from '../../store/files.ts';
import type { Maker } from '../types.ts';

/** As it is mixed under the video. */
export const sound: Maker = async ({ timeline, loudness, out }) => {
  const mixed = await encodedSound(timeline, loudness);
  await makeWhole(out, (temporary) => copyFile(mixed, temporary));
};
