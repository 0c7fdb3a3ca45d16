import type { Canvas } from '@napi-rs/canvas';
import type { Size } from '../../core/look/formats.ts';
import { frameAt } from '../../core/paint/frame.ts';
import type { Frames } from '../../core/time.ts';
import { locate } from '../../core/timeline/compile.ts';
import type { Timeline } from '../../core/timeline/types.ts';
import { ServerCanvas } from '../frames/canvas-frames.ts';
import { readyFonts } from '../frames/fonts.ts';

/** Single frames of a timeline on a canvas, which is the same for all of them. */
export async function* paintedFrames(
  timeline: Timeline,
  size: Size,
  frames: readonly Frames[],
): AsyncGenerator<Canvas> {
  readyFonts();
  const surface = new ServerCanvas(size);
  try {
    for (const f of frames) {
      const { index, local } = locate(timeline, f);
      await surface.draw(frameAt(timeline, { index, frame: local }, size));
      yield surface.canvas;
    }
  } finally {
    surface.close();
  }
}
