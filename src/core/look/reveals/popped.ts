import { easeOut } from '../easing.ts';
import { comesAt, saidAt, wholeLine } from './clock.ts';
import type { Reveal } from './types.ts';

/** How large a word is when it comes. */
const FROM = 0.6;

/** Word by word with the voice, each growing to its size, a little beyond it and back. */
export const popped: Reveal = {
  label: 'Popped up with the voice',
  byLetter: false,
  withVoice: true,
  line(line, moment) {
    const first = Math.min(...line.words.map((w) => comesAt(w, moment)));
    const alpha = easeOut((moment.frame - first + 1) / moment.style.wordFrames);
    return alpha > 0 ? { ...wholeLine(line), alpha } : null;
  },
  word(word, moment) {
    const comes = comesAt(word, moment);
    if (moment.frame < comes) return null;
    const t = Math.min(1, (moment.frame - comes + 1) / (moment.style.wordFrames + 2));
    // A spring that has come to rest at 1.
    const grow = 1 - (1 - FROM) * (1 - t) ** 2 * Math.cos(t * Math.PI * 1.5);
    return { alpha: easeOut(t * 2), said: saidAt(word, moment), grow };
  },
};
