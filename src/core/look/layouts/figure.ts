import type { LayoutRule } from '../types.ts';
import { twoParts } from '../typeset/arrange.ts';
import { central } from '../typeset/stand.ts';

/** The first line very large (a number, a price), the rest small below it. */
export const figure = {
  label: 'Large figure',
  words: { arrange: twoParts, stand: central, caption: false },
  hold: 'short',
  wantsPicture: true,
  standsInPicture: true,
} satisfies LayoutRule;
