import type { Milliseconds } from '../time.ts';

/** How fast words on the screen may go, characters a second with spaces; above the first it is tiring, above the second lost. */
export const READING_SPEED = { brisk: 17, tooFast: 21 } as const;

/** Characters a second of a text that stands so long; 0 for an empty one. */
export function charactersPerSecond(text: string, ms: Milliseconds): number {
  const length = text.replace(/\s+/g, ' ').trim().length;
  return ms > 0 ? (length * 1000) / ms : 0;
}

/** Whoever looks decides within the first five seconds: an opening that takes longer than this, by estimate, is helped along. */
export const OPENING_MS: Milliseconds = 4200;
