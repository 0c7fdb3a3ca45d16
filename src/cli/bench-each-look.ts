import { stat } from 'node:fs/promises';
import { LOOK_NAMES } from '../core/look/looks.ts';
import type { Piece } from '../core/piece/types.ts';
import { encoderFor } from '../server/frames/encode.ts';
import { jobsIn, measured, round } from './bench-measure.ts';

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
  const raw = [
    '-f',
    'rawvideo',
    '-pix_fmt',
    'yuv420p',
    '-s',
    '1080x1920',
    '-r',
    '30',
    '-i',
    at('frames.yuv'),
  ];
  const encode = ['ffmpeg', '-y', '-v', 'error', ...raw, ...encoderFor(1080), at('alone.mp4')];
  const out: Record<string, number> = {};
  await job('prepare', piece, '-');
  for (const look of LOOK_NAMES) {
    const dressed: Piece = { ...piece, look };
    await job('dump', dressed, at('frames.yuv'));
    if (!(await stat(at('frames.yuv'))).size) throw new Error(`The look ${look} has no frames.`);
    const sums = { alone: 0, whole: 0 };
    for (let i = 0; i < ROUNDS; i++) {
      const startup = await job('prepare', dressed, '-');
      sums.alone += (await measured(encode, {})).cpu;
      await forget('segments', 'mixes');
      sums.whole += (await job('render', dressed, at('whole.mp4'))).cpu - startup.cpu;
    }
    await forget('frames.yuv');
    out[look] = round(sums.alone / sums.whole);
    say(`${look}: encoder alone / whole render ${out[look]} (aim 0.80)`);
  }
  return out;
}
