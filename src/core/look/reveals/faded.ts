import { lineProgress, wholeLine } from './clock.ts';
import type { Reveal } from './types.ts';

/** Line by line, out of nothing. */
export const faded: Reveal = {
  label: 'Faded in line by line',
  byLetter: false,
  withVoice: false,
  line(line, moment) {
    const alpha = lineProgress(line, moment);
    return alpha > 0 ? { ...wholeLine(line), alpha } : null;
  },
  word: () => ({ alpha: 1, said: 0 }),
};
