import { easeOut } from '../easing.ts';
import { lineProgress, standsWhole, wholeLine } from './clock.ts';
import type { Reveal } from './types.ts';

/** Frames until a figure has counted up. */
const COUNTING = 28;

/** A number that keeps how many digits it has: 3,412 counts from 1,000. share: 0 to 1 of the way. */
function onTheWay(text: string, share: number): string {
  const digits = text.replace(/\D/g, '');
  const whole = Number(digits);
  if (!digits || digits.length > 12 || share >= 1) return text;
  const least = digits.length > 1 ? 10 ** (digits.length - 1) : 0;
  if (String(whole).length !== digits.length) return text;
  const now = String(Math.round(least + (whole - least) * share)).padStart(digits.length, '0');
  let at = 0;
  return text.replace(/\d/g, () => now[at++] ?? '');
}

/** The first figure counts up to what it is (of "4.9 / 5" the 4.9); other words come line by line. */
export const counted: Reveal = {
  label: 'Figures count up',
  byLetter: false,
  withVoice: false,
  line(line, moment) {
    const alpha = lineProgress(line, moment);
    return alpha > 0 ? { ...wholeLine(line), alpha } : null;
  },
  word(word, moment) {
    if (!word.counts) return { alpha: 1, said: 0 };
    const { frame, pageStart, style } = moment;
    const share = standsWhole(moment) ? 1 : easeOut((frame - pageStart - style.delay + 1) / COUNTING);
    const text = onTheWay(word.text, share);
    return text === word.text ? { alpha: 1, said: 0 } : { alpha: 1, said: 0, text };
  },
};
