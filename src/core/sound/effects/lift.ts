import { swell } from './shapes.ts';
import type { Effect } from './types.ts';

/** Rises, and stops at the border. */
export const lift: Effect = {
  label: 'Lift',
  hitMs: 760,
  lengthMs: 840,
  band: (t) => ({ hz: 400 + 4200 * Math.min(1, t / 0.76) ** 2, q: 2 }),
  at: (t, noise) => noise() * swell(t, 0.76, 0.84, 2.4),
};
