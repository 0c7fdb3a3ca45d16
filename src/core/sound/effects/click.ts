import { sine, struck } from './shapes.ts';
import type { Effect } from './types.ts';

/** A key that is pressed. */
export const click: Effect = {
  label: 'Click',
  hitMs: 4,
  lengthMs: 90,
  band: () => ({ hz: 3200, q: 1.2 }),
  at: (t, noise) =>
    0.9 * noise() * struck(t - 0.003, 0.0006, 0.004) +
    0.5 * sine(1450, t) * struck(t - 0.003, 0.0008, 0.007) +
    0.35 * noise() * struck(t - 0.048, 0.0006, 0.003),
};
