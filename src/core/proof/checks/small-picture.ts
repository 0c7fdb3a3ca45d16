import { type Check, type Finding, rowsOf } from '../types.ts';

export interface SmallFinding extends Finding {
  /** How many times larger than it is it would be shown at 1080 lines. */
  enlarged: number;
}

/** More than this is seen as softness. */
const MOST = 1.6;

/** A picture has too few pixels for the frame that it fills. */
export const smallPicture: Check<SmallFinding> = {
  weight: 'look',
  pass: 'pictures',
  find: (input) =>
    rowsOf(input).flatMap(({ scene, at }) => {
      const area = at.frame?.area ?? input.timeline;
      const enlarged = at.shots.reduce((most, { fit, from, to }) => {
        // Loops of the shelf are small files of plain shapes, and bear it.
        const narrowest = Math.min(from.width, to.width);
        return fit === 'fill' ? Math.max(most, area.width / narrowest) : most;
      }, 0);
      const own = at.shots.every((s) => s.kind !== 'loop');
      return own && enlarged > MOST ? [{ sceneId: scene.id, enlarged, repair: null }] : [];
    }),
};
