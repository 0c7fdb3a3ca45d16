import type { LayoutRule } from '../types.ts';
import { twoParts } from '../typeset/arrange.ts';
import { middle } from '../typeset/stand.ts';

/** A closing card: the first line large, the rest small. */
export const end = {
  label: 'End card',
  words: { arrange: twoParts, stand: middle, caption: false },
  hold: 'short',
  wantsPicture: true,
  standsInPicture: true,
} satisfies LayoutRule;
