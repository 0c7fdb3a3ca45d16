import type { Migration } from './types.ts';

/** Documents from before versions were written: captions were always on. */
export const fromV0: Migration = {
  doc: (doc) => ({ captions: true, ...doc, version: 1 }),
  op: (op) => op,
};
