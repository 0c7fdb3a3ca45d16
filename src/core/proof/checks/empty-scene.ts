import { deleteScenes } from '../../piece/actions.ts';
import type { Scene } from '../../piece/types.ts';
import { seenScenes } from '../../timeline/times.ts';
import { type Check, rowsOf } from '../types.ts';

/** Neither words nor a picture of its own, nor a sound; null for spoken words means the shown ones. */
export const isEmpty = ({ shown, spoken, pictures, effect }: Scene): boolean =>
  !shown.trim() && !spoken?.trim() && !pictures.length && (effect?.name ?? 'none') === 'none';

/** Nothing is seen or heard in a scene: the video stands still on its ground. Mended by taking it out. */
export const emptyScene: Check = {
  weight: 'look',
  pass: 'words',
  find(input) {
    const { scenes } = input.piece;
    // A piece of which nothing is written yet has no flaw.
    if (scenes.every(isEmpty)) return [];
    const seen = seenScenes(scenes);
    return rowsOf(input).flatMap(({ scene, index }) =>
      isEmpty(scene) && seen[index] === index
        ? [{ sceneId: scene.id, repair: deleteScenes([scene.id]) }]
        : [],
    );
  },
};
