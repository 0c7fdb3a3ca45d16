import { lettersThere, wholeLine } from './clock.ts';
import type { Reveal } from './types.ts';

const WRITING = { framesEach: 1.7, share: 0.55 } as const;

/** As a hand writes: along each word, without a jump from letter to letter. */
export const writing: Reveal = {
  label: 'Written on',
  byLetter: true,
  withVoice: false,
  line(line, moment) {
    const first = line.words[0];
    return first && lettersThere(moment, WRITING) > first.before ? wholeLine(line) : null;
  },
  word(word, moment) {
    const shown = lettersThere(moment, WRITING) - word.before;
    return shown > 0 ? { alpha: 1, said: 0, shown: Math.min(shown, word.letters) } : null;
  },
};
