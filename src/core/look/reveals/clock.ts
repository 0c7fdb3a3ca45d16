import { easeOut } from '../easing.ts';
import type { RevealLine, RevealMoment, RevealWord } from './types.ts';

/** The piece opens with its first page whole, where its look wants that. */
export const standsWhole = ({ opening, style }: RevealMoment): boolean => opening && style.wholeAtOpening;

/** How far a line is, 0 to 1, when lines begin one after the other. */
export function lineProgress(line: Pick<RevealLine, 'index'>, moment: RevealMoment): number {
  const { frame, pageStart, style } = moment;
  if (standsWhole(moment)) return 1;
  return easeOut(
    (frame - pageStart - style.delay + style.lead - line.index * style.lineDelay) / style.frames,
  );
}

export const wholeLine = (line: RevealLine): { width: number; alpha: number } => ({
  width: line.width + line.pad * 2,
  alpha: 1,
});

/** When a word is said, or when its page begins where the voice says other words. */
export const comesAt = (
  word: Pick<RevealWord, 'start'>,
  { standing, pageStart, style }: RevealMoment,
): number => (standing ? pageStart : word.start) + style.delay;

/** How far the mark of a word is that is being said, 0 to 1; none where the voice says other words. */
export function saidAt(
  word: Pick<RevealWord, 'start' | 'end'>,
  { frame, unsaid, style }: RevealMoment,
): number {
  if (unsaid || frame < word.start) return 0;
  return frame < word.end
    ? easeOut((frame - word.start + 1) / style.wordFrames)
    : 1 - easeOut((frame - word.end + 1) / style.unsaidFrames);
}

/**
 * How many letters of the page are there when they come one after the other. framesEach: for a letter; share: at most so much of
 * the page for all of them.
 */
export function lettersThere(
  moment: RevealMoment,
  { framesEach, share }: { framesEach: number; share: number },
): number {
  const { frame, pageStart, pageEnd, pageLetters, style } = moment;
  if (standsWhole(moment)) return pageLetters;
  const all = Math.min(pageLetters * framesEach, (pageEnd - pageStart) * share);
  return ((frame - pageStart - style.delay + 1) / Math.max(1, all)) * pageLetters;
}
