import { lineProgress, wholeLine } from './clock.ts';
import type { Reveal } from './types.ts';

/** From how far on the side, in font sizes. */
const FROM = 2.4;

/** Line by line, from the side. */
export const slide: Reveal = {
  label: 'Slid in line by line',
  byLetter: false,
  withVoice: false,
  line(line, moment) {
    const t = lineProgress(line, moment);
    const side = line.index % 2 ? 1 : -1;
    return t > 0
      ? { ...wholeLine(line), alpha: Math.min(1, t * 1.5), dx: side * (1 - t) * FROM * line.size }
      : null;
  },
  word: () => ({ alpha: 1, said: 0 }),
};
