import { lettersThere, wholeLine } from './clock.ts';
import type { Reveal } from './types.ts';

const TYPING = { framesEach: 1.3, share: 0.45 } as const;

/** Letter by letter. */
export const letters: Reveal = {
  label: 'Letter by letter',
  byLetter: true,
  withVoice: false,
  line(line, moment) {
    const first = line.words[0];
    return first && lettersThere(moment, TYPING) > first.before ? wholeLine(line) : null;
  },
  word(word, moment) {
    const shown = Math.floor(lettersThere(moment, TYPING) - word.before);
    return shown >= 1 ? { alpha: 1, said: 0, shown: Math.min(shown, word.letters) } : null;
  },
};
