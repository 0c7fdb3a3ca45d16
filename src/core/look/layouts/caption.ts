import type { LayoutRule } from '../types.ts';
import { pagesOfLines } from '../typeset/arrange.ts';
import { low } from '../typeset/stand.ts';

/** What is said, word by word with the voice. */
export const caption = {
  label: 'Caption',
  words: { arrange: pagesOfLines, stand: low, caption: true },
  hold: 'short',
  wantsPicture: true,
  standsInPicture: false,
} satisfies LayoutRule;
