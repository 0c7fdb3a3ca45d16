import type { Grade } from './types.ts';

/** The picture as it comes. */
export const none: Grade = {
  label: 'As it is',
  washes: [],
};
