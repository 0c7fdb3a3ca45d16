import { lettersThere, wholeLine } from './clock.ts';
import type { Reveal } from './types.ts';

const WRITING = { framesEach: 1.7, share: 0.55 } as const;

/** As a hand writes: along the strokes of each word. */
export const writing: Reveal = {
  label: 'Written on',
  byLetter: false,
  withVoice: false,
  line(line, moment) {
    const first = line.words[0];
    return first && lettersThere(moment, WRITING) > first.before ? wholeLine(line) : null;
  },
  word(word, moment) {
    const shown = lettersThere(moment, WRITING) - word.before;
    return shown > 0 ? { alpha: 1, said: 0, written: Math.min(1, shown / Math.max(1, word.letters)) } : null;
  },
};
