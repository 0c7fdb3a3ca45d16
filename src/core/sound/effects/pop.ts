import { falling, struck } from './shapes.ts';
import type { Effect } from './types.ts';

export const pop: Effect = {
  label: 'Pop',
  hitMs: 6,
  lengthMs: 160,
  band: null,
  at: (t) => falling(320, 1250, 0.02, t) * struck(t, 0.003, 0.022),
};
