import { standsWhole, wholeLine } from './clock.ts';
import type { Reveal, RevealMoment } from './types.ts';

/** Frames for a letter, and at most so much of the page for all of them. */
const TYPING = { frames: 1.3, share: 0.45 } as const;

/** How many letters of the page are there. */
function typed(moment: RevealMoment): number {
  const { frame, pageStart, pageEnd, pageLetters, style } = moment;
  if (standsWhole(moment)) return pageLetters;
  const all = Math.min(pageLetters * TYPING.frames, (pageEnd - pageStart) * TYPING.share);
  return ((frame - pageStart - style.delay + 1) / Math.max(1, all)) * pageLetters;
}

/** Letter by letter. */
export const letters: Reveal = {
  label: 'Letter by letter',
  byLetter: true,
  withVoice: false,
  line(line, moment) {
    const first = line.words[0];
    return first && typed(moment) > first.before ? wholeLine(line) : null;
  },
  word(word, moment) {
    const shown = Math.floor(typed(moment) - word.before);
    return shown >= 1 ? { alpha: 1, said: 0, shown: Math.min(shown, word.letters) } : null;
  },
};
