import { easeInOut } from '../easing.ts';
import { clipped, even, upright } from './draws.ts';
import type { Transition } from './types.ts';

/** An upright edge goes across, and what comes is behind it. */
export const wipe: Transition = {
  label: 'Wipe',
  takesTime: true,
  sound: 'rush',
  between: (before, after, t, { size: { width, height } }) => [
    ...before,
    ...clipped(after, upright({ x: 0, y: 0, width: even(width * easeInOut(t)), height })),
  ],
};
