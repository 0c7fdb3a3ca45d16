import type { LayoutRule } from '../types.ts';
import { numbered } from '../typeset/arrange.ts';
import { central } from '../typeset/stand.ts';

/** One of a list: the number with which the words begin, large, and the words. */
export const number = {
  label: 'Number in a list',
  words: { arrange: numbered, stand: central, caption: false, ordinal: true },
  hold: 'short',
  wantsPicture: true,
  standsInPicture: true,
} satisfies LayoutRule;
