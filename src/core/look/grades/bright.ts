import type { Grade } from './types.ts';

/** More light everywhere. */
export const bright: Grade = {
  label: 'Brighter',
  washes: [
    { mode: 'soft-light', colour: '#ffffff', alpha: 0.6 },
    { mode: 'screen', colour: '#ffffff', alpha: 0.08 },
  ],
};
