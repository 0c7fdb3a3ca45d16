import { FPS, type Frames } from '../../time.ts';
import type { Check, Finding } from '../types.ts';

export interface FlashingFinding extends Finding {
  /** Within one second. */
  changes: number;
}

/** More within a second can harm people with photosensitive epilepsy (WCAG 2.2, 2.3.1: three flashes or below). */
const MOST = 3;

/** Pictures change so fast that they flash. */
export const flashing: Check<FlashingFinding> = {
  weight: 'stop',
  pass: 'pictures',
  find({ timeline }) {
    const changes = timeline.scenes.flatMap(({ sceneId, start, shots, transition }, i) => {
      const own = shots.slice(1).map((s) => ({ sceneId, at: start + s.start }));
      const border = i > 0 ? [{ sceneId, at: start }] : [];
      // A dip to light is bright and dark again.
      return [...border, ...(transition.kind === 'flash' && transition.frames > 0 ? border : []), ...own];
    });
    const out = new Map<string, number>();
    changes.forEach(({ sceneId, at }, i) => {
      const within = changes.slice(i).filter((c): boolean => c.at - at < (FPS as Frames)).length;
      if (within > MOST) out.set(sceneId, Math.max(within, out.get(sceneId) ?? 0));
    });
    return [...out].map(([sceneId, n]) => ({ sceneId, changes: n, repair: null }));
  },
};
