import { easeInOut } from '../easing.ts';
import { flood } from './draws.ts';
import type { Transition } from './types.ts';

/** Down into the ink of the look, and up again. */
export const dip: Transition = {
  label: 'Dip to dark',
  takesTime: true,
  sound: null,
  between: (before, after, t, { size, ink }) =>
    t < 0.5
      ? [...before, flood(size, ink, easeInOut(t * 2))]
      : [...after, flood(size, ink, easeInOut((1 - t) * 2))],
};
