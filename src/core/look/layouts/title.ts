import type { LayoutRule } from '../types.ts';
import { fitLargest } from '../typeset/arrange.ts';
import { central } from '../typeset/stand.ts';

/** Few large words. */
export const title = {
  label: 'Title',
  words: { arrange: fitLargest, stand: central, caption: false },
  hold: 'long',
  wantsPicture: false,
  standsInPicture: true,
} satisfies LayoutRule;
