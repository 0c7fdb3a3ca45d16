import { lineProgress, wholeLine } from './clock.ts';
import type { Reveal } from './types.ts';

/** From how far below, in font sizes. */
const FROM = 0.7;

/** Line by line, from a little below. */
export const rise: Reveal = {
  label: 'Risen line by line',
  byLetter: false,
  withVoice: false,
  line(line, moment) {
    const t = lineProgress(line, moment);
    return t > 0 ? { ...wholeLine(line), alpha: t, dy: (1 - t) * FROM * line.size } : null;
  },
  word: () => ({ alpha: 1, said: 0 }),
};
