import { easeInOut } from '../easing.ts';
import { scaled, sheer } from './draws.ts';
import type { Transition } from './types.ts';

/** Into what goes, and what comes settles from a little larger. */
export const zoom: Transition = {
  label: 'Zoom through',
  takesTime: true,
  sound: 'rush',
  between(before, after, t, { size: { width, height } }) {
    const at = { x: width / 2, y: height / 2 };
    const k = easeInOut(t);
    return [
      ...scaled(before, 1 + 0.9 * k, at),
      ...sheer(scaled(after, 1.35 - 0.35 * k, at), easeInOut(Math.min(1, t * 1.5))),
    ];
  },
};
