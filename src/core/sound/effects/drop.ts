import { falling, struck } from './shapes.ts';
import type { Effect } from './types.ts';

/** Water that drips: its pitch goes up as the bubble closes. */
export const drop: Effect = {
  label: 'Drop of water',
  hitMs: 8,
  lengthMs: 260,
  band: null,
  at: (t) => falling(620, 1900, 0.05, t) * struck(t, 0.004, 0.04),
};
