import { SAFE } from '../../look/looks/make.ts';
import { styleScenes } from '../../piece/style.ts';
import { type Check, rowsOf } from '../types.ts';

/** So far beyond the area words may reach, in shares of the stage's width, before it is said. */
const SLACK = 0.02;

/** Words that were moved or made larger by hand lie where players put their own buttons, or beyond the edge. */
export const outsideSafe: Check = {
  weight: 'look',
  pass: 'look',
  find: (input) =>
    rowsOf(input).flatMap(({ scene, at }) => {
      const { width, height, format } = input.timeline;
      const changed =
        scene.look !== null && (scene.look.places?.[format] !== undefined || scene.look.size !== null);
      if (!at.words || !changed) return [];
      const { x, y, width: w, height: h } = at.words.box;
      const safe = SAFE(format);
      const slack = width * SLACK;
      const inside =
        x >= Math.min(safe.x, 60) - slack &&
        x + w <= Math.max(safe.x + safe.width, width - 60) + slack &&
        y >= Math.min(safe.top, height * 0.1) - slack &&
        y + h <= Math.max(safe.bottom, height * 0.86) + slack;
      if (inside) return [];
      const { [format]: _, ...places } = scene.look?.places ?? {};
      const rest = Object.keys(places).length ? places : null;
      return [{ sceneId: scene.id, repair: styleScenes([scene], { places: rest, size: null }) }];
    }),
};
