import type { LayoutRule } from '../types.ts';
import { twoParts } from '../typeset/arrange.ts';
import { central } from '../typeset/stand.ts';

/** Somebody's words, and who said them. */
export const quote = {
  label: 'Quotation',
  words: { arrange: twoParts, stand: central, caption: false },
  hold: 'short',
  wantsPicture: true,
  standsInPicture: true,
} satisfies LayoutRule;
