import { stat } from 'node:fs/promises';
import { LOOK_NAMES } from '../core/look/looks.ts';
import type { Piece } from '../core/piece/types.ts';
import { encoderAlone, jobsIn, round } from './bench-measure.ts';

/**
 * CPU time of the encoder alone on the frames of each look against the whole render of them: 1 at the most. Of the whole
 * piece: in a few scenes, what a process costs before it is warm counts for more than what is drawn.
 */
export async function benchEachLook(
  folder: string,
  piece: Piece,
  say: (line: string) => void,
): Promise<Record<string, number>> {
  const { at, job, forget } = jobsIn(folder);
  const out: Record<string, number> = {};
  await job('prepare', piece, '-');
  for (const look of LOOK_NAMES) {
    const dressed: Piece = { ...piece, look };
    await job('dump', dressed, at('frames.yuv'));
    if (!(await stat(at('frames.yuv'))).size) throw new Error(`The look ${look} has no frames.`);
    const startup = await job('prepare', dressed, '-');
    const alone = await encoderAlone(at('frames.yuv'), at('alone.mp4'));
    await forget('segments', 'mixes');
    const whole = await job('render', dressed, at('whole.mp4'));
    await forget('frames.yuv');
    out[look] = round(alone.cpu / (whole.cpu - startup.cpu));
    say(`${look}: encoder alone / whole render ${out[look]} (aim 0.80)`);
  }
  return out;
}
