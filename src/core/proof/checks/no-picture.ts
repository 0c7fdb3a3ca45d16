import { layoutRule } from '../../look/layouts.ts';
import { seenScenes } from '../../timeline/times.ts';
import { type Check, rowsOf } from '../types.ts';
import { isEmpty } from './empty-scene.ts';

/** A scene that wants a picture has none, and none goes on into it. */
export const noPicture: Check = {
  weight: 'look',
  pass: 'pictures',
  find(input) {
    const seen = seenScenes(input.piece.scenes);
    return rowsOf(input).flatMap(({ scene, index }) =>
      scene.pictures.length ||
      isEmpty(scene) ||
      seen[index] !== index ||
      !layoutRule(scene.layout).wantsPicture
        ? []
        : [{ sceneId: scene.id, repair: null }],
    );
  },
};
