import { easeInOut } from '../easing.ts';
import { moved } from './draws.ts';
import type { Transition } from './types.ts';

/** What comes pushes what goes up and out. */
export const push: Transition = {
  label: 'Push up',
  takesTime: true,
  sound: 'rush',
  between(before, after, t, { size: { height } }) {
    const gone = 2 * Math.round((height * easeInOut(t)) / 2);
    return [...moved(before, 0, -gone), ...moved(after, 0, height - gone)];
  },
};
