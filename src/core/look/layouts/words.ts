import type { LayoutRule } from '../types.ts';
import { fitLargest } from '../typeset/arrange.ts';
import { middle } from '../typeset/stand.ts';

/** The words alone, on the ground of the look. */
export const words = {
  label: 'Words alone',
  words: { arrange: fitLargest, stand: middle, caption: false },
  hold: 'long',
  wantsPicture: false,
  standsInPicture: false,
} satisfies LayoutRule;
