import path from 'node:path';
import { CONFIG } from '../server/config.ts';

/** Arguments of Node.js for a TypeScript file of this project. */
export const LOADER = [
  '--expose-gc',
  '--import',
  `file://${path.join(CONFIG.root, 'node_modules/tsx/dist/loader.mjs')}`,
];

/**
 * Of a process that paints. Its lists of draws are short-lived, and nobody waits for a single one of them: with a large
 * nursery, and a collector that comes when memory is full, the whole heap is gone through about 5 times in a render instead
 * of 19. ./nabbet starts itself with the same.
 */
export const PAINTING = [
  '--min-semi-space-size=32',
  '--max-semi-space-size=32',
  '--no-incremental-marking',
  ...LOADER,
];
