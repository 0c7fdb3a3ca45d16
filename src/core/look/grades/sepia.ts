import type { Grade } from './types.ts';

/** Brown, like an old print. */
export const sepia: Grade = {
  label: 'Sepia',
  washes: [
    { mode: 'saturation', colour: '#808080', alpha: 0.9 },
    { mode: 'soft-light', colour: '#c0853a', alpha: 0.75 },
  ],
};
