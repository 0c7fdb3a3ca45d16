import { easeInOut } from '../easing.ts';
import { moved } from './draws.ts';
import type { Transition } from './types.ts';

/** What comes slides over what stays. */
export const slide: Transition = {
  label: 'Slide over',
  takesTime: true,
  sound: 'rush',
  between: (before, after, t, { size }) => [...before, ...moved(after, size.width * (1 - easeInOut(t)), 0)],
};
