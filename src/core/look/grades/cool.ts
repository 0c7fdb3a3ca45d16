import type { Grade } from './types.ts';

/** Towards blue. */
export const cool: Grade = {
  label: 'Cooler',
  washes: [{ mode: 'soft-light', colour: '#2f86ff', alpha: 0.55 }],
};
