import { swell } from './shapes.ts';
import type { Effect } from './types.ts';

/** Air that is pulled past. */
export const rush: Effect = {
  label: 'Rush of air',
  hitMs: 260,
  lengthMs: 620,
  band: (t) => ({ hz: 350 + 2600 * swell(t, 0.26, 0.62, 1.4), q: 1.4 }),
  at: (t, noise) => 1.1 * noise() * swell(t, 0.26, 0.62),
};
