import { struck } from './shapes.ts';
import type { Effect } from './types.ts';

/** Of a camera: open, and shut. */
export const shutter: Effect = {
  label: 'Shutter',
  hitMs: 6,
  lengthMs: 220,
  band: (t) => ({ hz: t < 0.06 ? 2600 : 1700, q: 0.9 }),
  at: (t, noise) =>
    noise() * struck(t - 0.004, 0.0008, 0.008) +
    0.7 * noise() * struck(t - 0.022, 0.002, 0.01) +
    0.9 * noise() * struck(t - 0.092, 0.0008, 0.014),
};
