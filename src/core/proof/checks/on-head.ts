import { type Check, rowsOf } from '../types.ts';

/** Words stand on somebody's head. */
export const onHead: Check = {
  weight: 'look',
  pass: 'look',
  find: (input) =>
    rowsOf(input).flatMap(({ scene, at }) => (at.words?.onHead ? [{ sceneId: scene.id, repair: null }] : [])),
};
