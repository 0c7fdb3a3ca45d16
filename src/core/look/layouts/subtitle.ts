import type { LayoutRule } from '../types.ts';
import { pagesOfLines } from '../typeset/arrange.ts';
import { low } from '../typeset/stand.ts';

/** What is said, quietly at the foot, phrase by phrase. */
export const subtitle = {
  label: 'Subtitle',
  words: { arrange: pagesOfLines, stand: low, caption: true },
  hold: 'short',
  wantsPicture: true,
  standsInPicture: false,
} satisfies LayoutRule;
