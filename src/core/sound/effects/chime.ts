import { sine, struck } from './shapes.ts';
import type { Effect } from './types.ts';

/** Three bars of a glockenspiel, upwards. */
const NOTES = [
  [0, 1047],
  [0.09, 1319],
  [0.18, 1568],
] as const;

export const chime: Effect = {
  label: 'Three notes up',
  hitMs: 3,
  lengthMs: 1500,
  band: null,
  at: (t) =>
    NOTES.reduce(
      (s, [from, hz]) =>
        s + (sine(hz, t - from) + 0.3 * sine(hz * 2.76, t - from)) * struck(t - from, 0.002, 0.22) * 0.4,
      0,
    ),
};
