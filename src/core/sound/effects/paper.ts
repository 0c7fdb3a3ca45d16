import { struck, swell } from './shapes.ts';
import type { Effect } from './types.ts';

/** A sheet that is turned: it rustles in small tears. */
export const paper: Effect = {
  label: 'Paper',
  hitMs: 190,
  lengthMs: 480,
  band: (t) => ({ hz: 2400 + 2400 * swell(t, 0.2, 0.48, 1), q: 0.7 }),
  at: (t, noise) => {
    const crackle = Math.max(0, Math.sin(t * 233) * Math.sin(t * 97 + 1) * Math.sin(t * 41 + 2)) ** 0.7;
    return (
      noise() * (0.35 + 1.2 * crackle) * swell(t, 0.17, 0.4, 1.3) +
      0.6 * noise() * struck(t - 0.37, 0.004, 0.012)
    );
  },
};
