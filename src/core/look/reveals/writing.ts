import { standsWhole, wholeLine } from './clock.ts';
import type { Reveal, RevealMoment } from './types.ts';

/** Frames for a letter, and at most so much of the page for all of them. */
const WRITING = { frames: 1.7, share: 0.55 } as const;

function written(moment: RevealMoment): number {
  const { frame, pageStart, pageEnd, pageLetters, style } = moment;
  if (standsWhole(moment)) return pageLetters;
  const all = Math.min(pageLetters * WRITING.frames, (pageEnd - pageStart) * WRITING.share);
  return ((frame - pageStart - style.delay + 1) / Math.max(1, all)) * pageLetters;
}

/** As a hand writes: along each word, without a jump from letter to letter. */
export const writing: Reveal = {
  label: 'Written on',
  byLetter: true,
  withVoice: false,
  line(line, moment) {
    const first = line.words[0];
    return first && written(moment) > first.before ? wholeLine(line) : null;
  },
  word(word, moment) {
    const shown = written(moment) - word.before;
    return shown > 0 ? { alpha: 1, said: 0, shown: Math.min(shown, word.letters) } : null;
  },
};
