import { FPS } from '../../../core/time.ts';
import { renderSize } from '../../../core/timeline/segments.ts';
import type { Timeline } from '../../../core/timeline/types.ts';
import { RenderCancelled } from '../../frames/render.ts';
import { run } from '../../program.ts';
import { makeWhole } from '../../store/files.ts';
import { paintedFrames } from '../painted-frames.ts';
import type { Maker } from '../types.ts';

/** So long, at so many frames a second and so many lines. */
const PREVIEW = { seconds: 6, fps: 10, lines: 480, quality: 60 } as const;
const STEP = FPS / PREVIEW.fps;

/** The first seconds, silent, round and round. */
export const preview: Maker = async ({ timeline, out, signal, onProgress }) => {
  const size = renderSize(timeline, PREVIEW.lines);
  const frames = Array.from(
    { length: Math.ceil(Math.min(timeline.frames, PREVIEW.seconds * FPS) / STEP) },
    (_, i) => i * STEP,
  );
  try {
    await makeWhole(out, (temporary) =>
      run(
        'ffmpeg',
        [
          ...[
            '-y',
            '-v',
            'error',
            '-f',
            'rawvideo',
            '-pix_fmt',
            'rgba',
            '-s',
            `${size.width}x${size.height}`,
          ],
          ...[
            '-r',
            String(PREVIEW.fps),
            '-i',
            'pipe:0',
            '-c:v',
            'libwebp_anim',
            '-quality',
            String(PREVIEW.quality),
          ],
          ...['-loop', '0', '-f', 'webp', temporary],
        ],
        { input: pixels(timeline, size, frames, onProgress), timeoutMs: 600_000, signal },
      ),
    );
  } catch (e) {
    throw signal.aborted ? new RenderCancelled('The render was cancelled.') : e;
  }
};

async function* pixels(
  timeline: Timeline,
  size: { width: number; height: number },
  frames: readonly number[],
  onProgress: (p: { done: number; total: number; painted: number }) => void | Promise<void>,
): AsyncGenerator<Uint8Array> {
  let done = 0;
  for await (const canvas of paintedFrames(timeline, size, frames)) {
    yield new Uint8Array(canvas.data());
    done++;
    await onProgress({ done, total: frames.length, painted: done });
  }
}
