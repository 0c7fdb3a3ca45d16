import { rm } from 'node:fs/promises';
import { RenderCancelled, render } from '../../frames/render.ts';
import { run } from '../../program.ts';
import { makeWhole } from '../../store/files.ts';
import type { Maker } from '../types.ts';

/** VP9 at constant quality, about as good as the MP4 it is made from and a third smaller; two processors, a few frames a second each. */
const VP9 = [
  '-c:v',
  'libvpx-vp9',
  '-crf',
  '32',
  '-b:v',
  '0',
  '-deadline',
  'good',
  '-cpu-used',
  '5',
  '-row-mt',
  '1',
];
const OPUS = ['-c:a', 'libopus', '-b:a', '128k'];

/** The MP4, whose parts are kept for the next time, as VP9 and Opus. */
export const webm: Maker = async ({ timeline, height, loudness, out, signal, onProgress }) => {
  const from = `${out}.mp4`;
  try {
    await render(timeline, { height, loudness, out: from, signal, onProgress });
    await makeWhole(out, (temporary) =>
      run('ffmpeg', ['-y', '-v', 'error', '-i', from, ...VP9, ...OPUS, '-f', 'webm', temporary], {
        timeoutMs: 6 * 3_600_000,
        signal,
      }),
    );
  } catch (e) {
    throw signal.aborted ? new RenderCancelled('The render was cancelled.') : e;
  } finally {
    await rm(from, { force: true });
  }
};
