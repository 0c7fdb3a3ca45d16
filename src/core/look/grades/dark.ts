import type { Grade } from './types.ts';

/** Less light everywhere. */
export const dark: Grade = {
  label: 'Darker',
  washes: [{ mode: 'multiply', colour: '#50505c', alpha: 0.85 }],
};
