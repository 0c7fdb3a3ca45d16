import { coverMoment } from '../../../core/deliver/delivery.ts';
import { msToFrames } from '../../../core/time.ts';
import { renderSize } from '../../../core/timeline/segments.ts';
import { writeWhole } from '../../store/files.ts';
import { paintedFrames } from '../painted-frames.ts';
import type { Maker } from '../types.ts';

const QUALITY = 92;

export const cover: Maker = async ({ piece, timeline, height, out }) => {
  const frame = Math.min(timeline.frames - 1, msToFrames(coverMoment(piece, timeline)));
  for await (const canvas of paintedFrames(timeline, renderSize(timeline, height), [frame]))
    await writeWhole(out, await canvas.encode('jpeg', QUALITY));
};
