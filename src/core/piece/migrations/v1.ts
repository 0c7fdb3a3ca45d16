import { scenesOf } from './apply.ts';
import type { Migration } from './types.ts';

const sceneOf = (scene: object) => ({ marks: [], from: null, ...scene });

/** Lines know where they came from, words can be highlighted, a piece has a target length. */
export const fromV1: Migration = {
  doc: (doc) => ({ source: null, targetMs: null, ...doc, scenes: scenesOf(doc).map(sceneOf), version: 2 }),
  op: (op) => (op.op === 'insert' ? { ...op, scene: sceneOf(op.scene as object) } : op),
};
