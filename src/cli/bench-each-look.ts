import { stat } from 'node:fs/promises';
import { LOOK_NAMES } from '../core/look/looks.ts';
import type { Piece } from '../core/piece/types.ts';
import { encoderAlone, jobsIn, round } from './bench-measure.ts';

/** Scenes of the piece that is rendered in each look, and renders of it; the sums are compared. */
const SCENES = 3;
const ROUNDS = 2;

/** CPU time of the encoder alone on the frames of each look against the whole render of them: 1 at the most. */
export async function benchEachLook(
  folder: string,
  whole: Piece,
  say: (line: string) => void,
): Promise<Record<string, number>> {
  const { at, job, forget } = jobsIn(folder);
  const piece = { ...whole, scenes: whole.scenes.slice(0, SCENES) };
  const out: Record<string, number> = {};
  await job('prepare', piece, '-');
  for (const look of LOOK_NAMES) {
    const dressed: Piece = { ...piece, look };
    await job('dump', dressed, at('frames.yuv'));
    if (!(await stat(at('frames.yuv'))).size) throw new Error(`The look ${look} has no frames.`);
    const sums = { alone: 0, whole: 0 };
    for (let i = 0; i < ROUNDS; i++) {
      const startup = await job('prepare', dressed, '-');
      sums.alone += (await encoderAlone(at('frames.yuv'), at('alone.mp4'))).cpu;
      await forget('segments', 'mixes');
      sums.whole += (await job('render', dressed, at('whole.mp4'))).cpu - startup.cpu;
    }
    await forget('frames.yuv');
    out[look] = round(sums.alone / sums.whole);
    say(`${look}: encoder alone / whole render ${out[look]} (aim 0.80)`);
  }
  return out;
}
