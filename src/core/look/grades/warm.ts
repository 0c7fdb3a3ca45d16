import type { Grade } from './types.ts';

/** Towards orange. */
export const warm: Grade = {
  label: 'Warmer',
  washes: [{ mode: 'soft-light', colour: '#ff9838', alpha: 0.55 }],
};
