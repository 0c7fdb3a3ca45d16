import type { Grade } from './types.ts';

/** More colour, deeper shadows. */
export const rich: Grade = {
  label: 'Richer',
  washes: [
    { mode: 'saturation', colour: '#ff0000', alpha: 0.24 },
    { mode: 'soft-light', colour: '#1a1420', alpha: 0.18 },
  ],
};
