const clamp01 = (t: number): number => Math.min(1, Math.max(0, t));

/** Quick at first, then slower: a cubic, from 0 to 1; held outside. */
export const easeOut = (t: number): number => 1 - (1 - clamp01(t)) ** 3;

/** Slow at both ends (smoothstep), for t from 0 to 1. */
export const easeInOut = (t: number): number => t * t * (3 - 2 * t);
