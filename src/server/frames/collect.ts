/** Frames between two collections of what was made for them. */
export const COLLECT_FRAMES = 4;

/** Pixels that were used once hold much memory for small objects, of which the collector would not hurry to be rid. */
export const collectPassed = (): void =>
  (globalThis as { gc?: (o: { type: string }) => void }).gc?.({ type: 'minor' });
