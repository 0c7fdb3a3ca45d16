import { easeOut } from '../easing.ts';
import { comesAt, saidAt } from './clock.ts';
import type { Reveal, RevealLine, RevealMoment } from './types.ts';

/** How far a line has come with the voice, pixels from its left edge. */
function reached(line: RevealLine, { frame, style }: RevealMoment): number {
  let reach = 0;
  for (const w of line.words) {
    if (frame < w.start + style.delay) break;
    reach += (w.x + w.width - line.x - reach) * easeOut((frame - w.start - style.delay + 1) / style.frames);
  }
  return reach;
}

/**
 * Word by word with the voice, the ground laid as far as it has come, and the word that is being said marked. Where the
 * voice says other words, all come at once.
 */
export const spoken: Reveal = {
  label: 'Word by word with the voice',
  byLetter: false,
  withVoice: true,
  line(line, moment) {
    const { frame, pageStart, standing, style } = moment;
    const width = standing
      ? line.width * easeOut((frame - pageStart - style.delay + 1) / style.frames)
      : reached(line, moment);
    return width > 0 ? { width: width + line.pad * 2, alpha: 1 } : null;
  },
  word(word, moment) {
    const { frame, style } = moment;
    const comes = comesAt(word, moment);
    if (frame < comes) return null;
    return { alpha: easeOut((frame - comes + 1) / style.wordFrames), said: saidAt(word, moment) };
  },
};
