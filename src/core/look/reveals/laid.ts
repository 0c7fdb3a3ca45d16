import { easeOut } from '../easing.ts';
import type { Reveal, RevealLine, RevealMoment } from './types.ts';

/** How far a line is, 0 to 1, when lines begin one after the other. */
export function lineProgress(line: RevealLine, { frame, pageStart, opening, style }: RevealMoment): number {
  if (opening && style.wholeAtOpening) return 1;
  return easeOut((frame - pageStart + style.lead - line.index * style.lineDelay) / style.frames);
}

/** Line by line, its ground laid from left to right and the words with it. */
export const laid: Reveal = {
  label: 'Laid line by line',
  line(line, moment) {
    const t = lineProgress(line, moment);
    return t > 0 ? { width: (line.width + line.pad * 2) * t, alpha: 1 } : null;
  },
  word: () => ({ alpha: 1, said: 0 }),
};
