import { scenesOf } from './apply.ts';
import type { Migration } from './types.ts';

const withPictureFields = <T extends object>(scene: T): T => {
  const picture = 'picture' in scene ? scene.picture : null;
  return picture ? { ...scene, picture: { framing: null, clip: null, ...picture } } : scene;
};

const sceneOf = (scene: object) => ({
  more: [],
  runsOn: false,
  treatment: null,
  ...withPictureFields(scene),
});

/** Pictures can be framed, cut and treated; a scene can hold several, or go on with the one before. */
export const fromV2: Migration = {
  doc: (doc) => ({ ...doc, scenes: scenesOf(doc).map(sceneOf), version: 3 }),
  op(op) {
    if (op.op === 'insert') return { ...op, scene: sceneOf(op.scene as object) };
    return op.op === 'scene' ? { ...op, patch: withPictureFields(op.patch as object) } : op;
  },
};
