import { comesBack } from '../../match/comes-back.ts';
import { seenScenes } from '../../timeline/times.ts';
import { type Check, type Finding, rowsOf } from '../types.ts';

export interface RepeatFinding extends Finding {
  assetId: string;
  /** The scene in which it was seen before. */
  beforeId: string;
}

/** A picture that has been seen already, in another scene than the one before. */
export const repeatedPicture: Check<RepeatFinding> = {
  weight: 'look',
  pass: 'pictures',
  find(input) {
    const back = comesBack(input.piece.scenes);
    const title = input.piece.scenes[0]?.pictures[0]?.assetId;
    const seen = new Map<string, { sceneId: string; index: number }>();
    const from = seenScenes(input.piece.scenes);
    return rowsOf(input).flatMap(({ scene, index }) =>
      (from[index] === index ? scene.pictures : []).flatMap(({ assetId, by, reasons }) => {
        const before = seen.get(assetId);
        seen.set(assetId, { sceneId: scene.id, index });
        // The picture of the title closes the piece on purpose.
        if (back.has(scene.id) && assetId === title) return [];
        // What was chosen to come again says so itself.
        if (by === 'nab' && reasons.some((r) => r.code === 'again')) return [];
        // A picture that comes again at once goes on, as far as a viewer is concerned.
        return before && before.index < index - 1
          ? [{ sceneId: scene.id, assetId, beforeId: before.sceneId, repair: null }]
          : [];
      }),
    );
  },
};
