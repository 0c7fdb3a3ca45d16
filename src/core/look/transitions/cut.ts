import type { Transition } from './types.ts';

/** From one frame to the next. */
export const cut: Transition = {
  label: 'Cut',
  takesTime: false,
  sound: null,
  between: (_, after) => [...after],
};
