import { lineProgress } from './laid.ts';
import type { Reveal } from './types.ts';

/** Line by line, out of nothing. */
export const faded: Reveal = {
  label: 'Faded in line by line',
  line(line, moment) {
    const alpha = lineProgress(line, moment);
    return alpha > 0 ? { width: line.width + line.pad * 2, alpha } : null;
  },
  word: () => ({ alpha: 1, said: 0 }),
};
