import type { Grade } from './types.ts';

/** Violet shadows under an orange light. */
export const dusk: Grade = {
  label: 'Dusk',
  washes: [
    { mode: 'multiply', colour: '#5b4f96', alpha: 0.7 },
    { mode: 'soft-light', colour: '#ff8a5c', alpha: 0.4 },
  ],
};
