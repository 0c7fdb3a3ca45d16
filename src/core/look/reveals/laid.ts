import { lineProgress } from './clock.ts';
import type { Reveal } from './types.ts';

/** Line by line, its ground laid from left to right and the words with it. */
export const laid: Reveal = {
  label: 'Laid line by line',
  byLetter: false,
  withVoice: false,
  line(line, moment) {
    const t = lineProgress(line, moment);
    return t > 0 ? { width: (line.width + line.pad * 2) * t, alpha: 1 } : null;
  },
  word: () => ({ alpha: 1, said: 0 }),
};
