import { wholeLine } from './clock.ts';
import type { Reveal } from './types.ts';

/** All at once. */
export const whole: Reveal = {
  label: 'All at once',
  byLetter: false,
  withVoice: false,
  line: (line, { frame, pageStart, style }) => (frame >= pageStart + style.delay ? wholeLine(line) : null),
  word: () => ({ alpha: 1, said: 0 }),
};
