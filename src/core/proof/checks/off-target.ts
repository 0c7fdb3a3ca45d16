import { framesToMs, type Milliseconds } from '../../time.ts';
import { fitLength } from '../../timeline/fit-length.ts';
import type { Check, Finding } from '../types.ts';

export interface TargetFinding extends Finding {
  isMs: Milliseconds;
  wantedMs: Milliseconds;
}

/** The whole is so much longer or shorter than it shall be, as a share of that. */
const OFF = 0.12;

/** The piece misses the length that the writer wants. */
export const offTarget: Check<TargetFinding> = {
  weight: 'look',
  pass: 'words',
  find({ piece, timeline, facts }) {
    const { targetMs, scenes } = piece;
    const last = scenes.at(-1);
    // While voices are being made lengths are estimates.
    if (targetMs === null || !last || timeline.scenes.some((s) => s.estimated)) return [];
    const isMs = framesToMs(timeline.frames);
    return Math.abs(isMs - targetMs) > targetMs * OFF
      ? [{ sceneId: last.id, isMs, wantedMs: targetMs, repair: fitLength(piece, facts, targetMs).edit }]
      : [];
  },
};
