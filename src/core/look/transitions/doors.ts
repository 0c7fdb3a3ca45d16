import { easeInOut } from '../easing.ts';
import { clipped, moved, upright } from './draws.ts';
import type { Transition } from './types.ts';

/** What goes opens in the middle like two doors. */
export const doors: Transition = {
  label: 'Doors',
  takesTime: true,
  sound: 'thud',
  between(before, after, t, { size: { width, height } }) {
    const half = 2 * Math.round(width / 4);
    const gone = half * easeInOut(t);
    return [
      ...after,
      ...moved(clipped(before, upright({ x: 0, y: 0, width: half, height })), -gone, 0),
      ...moved(clipped(before, upright({ x: half, y: 0, width: width - half, height })), gone, 0),
    ];
  },
};
