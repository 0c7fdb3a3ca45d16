import { easeInOut } from '../easing.ts';
import { outOfFocus, sheer } from './draws.ts';
import type { Transition } from './types.ts';

/** How much smaller than it is seen a picture is kept when it is out of focus. */
const SMALLER = 28;

/** Out of focus, and into focus again. */
export const blur: Transition = {
  label: 'Out of focus',
  takesTime: true,
  sound: 'rush',
  between(before, after, t) {
    const soft = (draws: typeof before) => outOfFocus(draws, SMALLER);
    return t < 0.5
      ? [
          ...before,
          ...sheer(soft(before), easeInOut(t * 2)),
          ...sheer(soft(after), easeInOut(Math.max(0, t * 4 - 1))),
        ]
      : [...soft(after), ...sheer(after, easeInOut(t * 2 - 1))];
  },
};
