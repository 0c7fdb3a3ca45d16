import { sine, struck } from './shapes.ts';
import type { Effect } from './types.ts';

/** Partials of a small bell (Fletcher and Rossing, "The physics of musical instruments"), to the fundamental. */
const PARTIALS = [
  [0.5, 0.35, 0.9],
  [1, 1, 0.55],
  [1.19, 0.5, 0.42],
  [1.5, 0.35, 0.36],
  [2, 0.6, 0.3],
  [2.67, 0.28, 0.18],
  [3.01, 0.16, 0.12],
] as const;

export const bell: Effect = {
  label: 'Bell',
  hitMs: 3,
  lengthMs: 2400,
  band: null,
  at: (t) =>
    PARTIALS.reduce((s, [ratio, loud, half]) => s + loud * sine(880 * ratio, t) * struck(t, 0.002, half), 0) /
    2.4,
};
