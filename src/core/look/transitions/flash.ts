import { easeOut } from '../easing.ts';
import { flood } from './draws.ts';
import type { Transition } from './types.ts';

/** Over the paper of the look, which is there quickly and goes slowly. */
export const flash: Transition = {
  label: 'Dip to light',
  takesTime: true,
  sound: 'shutter',
  between: (before, after, t, { size, paper }) =>
    t < 0.3
      ? [...before, flood(size, paper, easeOut(t / 0.3) * 0.96)]
      : [...after, flood(size, paper, (1 - easeOut((t - 0.3) / 0.7)) * 0.96)],
};
