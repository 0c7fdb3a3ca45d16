import { easeInOut } from '../easing.ts';
import { clipped, upright } from './draws.ts';
import type { Transition } from './types.ts';

/** What comes opens in a circle. */
export const iris: Transition = {
  label: 'Iris',
  takesTime: true,
  sound: 'shutter',
  between(before, after, t, { size: { width, height } }) {
    const r = (Math.hypot(width, height) / 2) * easeInOut(t) * 1.02;
    const circle = { x: width / 2 - r, y: height / 2 - r, width: 2 * r, height: 2 * r };
    return [...before, ...clipped(after, upright(circle, r))];
  },
};
