import type { LayoutRule } from '../types.ts';
import { fitLargest } from '../typeset/arrange.ts';
import { middle } from '../typeset/stand.ts';

/** Picture and words side by side, or above each other. */
export const split = {
  label: 'Picture and words',
  words: { arrange: fitLargest, stand: middle, caption: false },
  hold: 'short',
  wantsPicture: true,
  standsInPicture: false,
} satisfies LayoutRule;
