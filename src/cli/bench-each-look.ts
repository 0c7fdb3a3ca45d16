import { stat } from 'node:fs/promises';
import type { LookName } from '../core/look/looks.ts';
import type { Piece } from '../core/piece/types.ts';
import { encoderAlone, jobsIn, round } from './bench-measure.ts';

/** Whatever else the machine does only adds: of so many measurements in turn, the least counts. */
const ROUNDS = 2;

/**
 * CPU time of the encoder alone on the frames of each look against the whole render of them: 1 at the most. Of the whole
 * piece: in a few scenes, what a process costs before it is warm counts for more than what is drawn.
 */
export async function benchEachLook(
  folder: string,
  piece: Piece,
  looks: readonly LookName[],
  say: (line: string) => void,
): Promise<Record<string, number>> {
  const { at, job, forget } = jobsIn(folder);
  const out: Record<string, number> = {};
  await job('prepare', piece, '-');
  for (const look of looks) {
    const dressed: Piece = { ...piece, look };
    await job('dump', dressed, at('frames.yuv'));
    if (!(await stat(at('frames.yuv'))).size) throw new Error(`The look ${look} has no frames.`);
    let [startup, alone, whole] = [Infinity, Infinity, Infinity];
    for (let i = 0; i < ROUNDS; i++) {
      startup = Math.min(startup, (await job('prepare', dressed, '-')).cpu);
      alone = Math.min(alone, (await encoderAlone(at('frames.yuv'), at('alone.mp4'))).cpu);
      await forget('segments', 'mixes');
      whole = Math.min(whole, (await job('render', dressed, at('whole.mp4'))).cpu);
    }
    await forget('frames.yuv');
    out[look] = round(alone / (whole - startup));
    say(`${look}: encoder alone / whole render ${out[look]} (aim 0.80)`);
  }
  return out;
}
