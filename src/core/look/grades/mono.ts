import type { Grade } from './types.ts';

/** Without colour. */
export const mono: Grade = {
  label: 'Black and white',
  washes: [{ mode: 'saturation', colour: '#808080', alpha: 1 }],
};
