import { easeInOut } from '../easing.ts';
import { clipped, upright } from './draws.ts';
import type { Transition } from './types.ts';

const SLATS = 8;

/** Slats open one after the other, from above. */
export const blinds: Transition = {
  label: 'Blinds',
  takesTime: true,
  sound: 'click',
  between(before, after, t, { size: { width, height } }) {
    const high = height / SLATS;
    const slats = Array.from({ length: SLATS }, (_, i) => {
      const open = easeInOut(Math.min(1, Math.max(0, t * 1.6 - (0.6 * i) / (SLATS - 1))));
      return { x: 0, y: i * high, width, height: high * open };
    });
    return [...before, ...slats.flatMap((s) => clipped(after, upright(s)))];
  },
};
