import type { LayoutRule } from '../types.ts';

/** The picture alone. */
export const plain = {
  label: 'Picture alone',
  words: null,
  hold: 'short',
  wantsPicture: true,
  standsInPicture: false,
} satisfies LayoutRule;
