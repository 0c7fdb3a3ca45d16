import { sceneEdit } from '../../piece/edit.ts';
import type { Crop } from '../../timeline/types.ts';
import { type Check, type Finding, rowsOf } from '../types.ts';

export interface CutFinding extends Finding {
  /** Share of the subject that is seen, 0 to 1. */
  seen: number;
}

/** Less of the subject than this looks like a mistake. */
const LEAST = 0.45;

/** A frame set by hand leaves out most of what the picture is about. Mended by the machine's own frame. */
export const subjectCut: Check<CutFinding> = {
  weight: 'look',
  pass: 'pictures',
  find: (input) =>
    rowsOf(input).flatMap(({ scene, at }) => {
      const k = at.shots.findIndex((shot, i) => {
        const framing = scene.pictures[i]?.framing;
        if (!framing || shot.fit !== 'fill' || !framing.aims[shot.view]?.length) return false;
        return seenOf(shot.to, shot.size, input.facts.assets[shot.assetId]?.views[shot.view]?.focal) < LEAST;
      });
      const shot = at.shots[k];
      if (!shot) return [];
      const seen = seenOf(shot.to, shot.size, input.facts.assets[shot.assetId]?.views[shot.view]?.focal);
      const pictures = scene.pictures.map((p, i) => (i === k ? { ...p, framing: null } : p));
      return [{ sceneId: scene.id, seen, repair: sceneEdit('frame', scene.id, { pictures }) }];
    }),
};

/** Share of the subject's box that a crop shows; 1 where no box is known. */
function seenOf(
  crop: Crop,
  size: { width: number; height: number },
  focal: readonly number[] | undefined,
): number {
  if (!focal) return 1;
  const [x = 0, y = 0, w = 0, h = 0] = focal;
  const box = { x: x * size.width, y: y * size.height, width: w * size.width, height: h * size.height };
  const across = Math.min(box.x + box.width, crop.x + crop.width) - Math.max(box.x, crop.x);
  const down = Math.min(box.y + box.height, crop.y + crop.height) - Math.max(box.y, crop.y);
  return box.width * box.height > 0
    ? (Math.max(0, across) * Math.max(0, down)) / (box.width * box.height)
    : 1;
}
