import { easeInOut } from '../easing.ts';
import { sheer } from './draws.ts';
import type { Transition } from './types.ts';

/** What comes appears over what goes. */
export const dissolve: Transition = {
  label: 'Dissolve',
  takesTime: true,
  sound: null,
  between: (before, after, t) => [...before, ...sheer(after, easeInOut(t))],
};
