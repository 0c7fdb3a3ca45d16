import type { Grade } from './types.ts';

/** Little colour, grey shadows. */
export const faded: Grade = {
  label: 'Faded',
  washes: [
    { mode: 'saturation', colour: '#808080', alpha: 0.4 },
    { mode: 'screen', colour: '#3a3f4a', alpha: 0.8 },
  ],
};
