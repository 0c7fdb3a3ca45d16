import { falling, struck } from './shapes.ts';
import type { Effect } from './types.ts';

/** Something heavy is put down. */
export const thud: Effect = {
  label: 'Thud',
  hitMs: 8,
  lengthMs: 520,
  band: () => ({ hz: 300, q: 0.8 }),
  at: (t, noise) =>
    falling(150, 52, 0.03, t) * struck(t, 0.004, 0.07) + 0.8 * noise() * struck(t, 0.001, 0.018),
};
