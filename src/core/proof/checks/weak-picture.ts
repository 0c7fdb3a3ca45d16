import { WEAK } from '../../match/nab.ts';
import { seenScenes } from '../../timeline/times.ts';
import { type Check, type Finding, rowsOf } from '../types.ts';

export interface WeakFinding extends Finding {
  assetId: string;
  /** 0 to 1. */
  confidence: number;
}

/** A picture was chosen that is hardly more than a guess. */
export const weakPicture: Check<WeakFinding> = {
  weight: 'look',
  pass: 'pictures',
  find(input) {
    const seen = seenScenes(input.piece.scenes);
    return rowsOf(input).flatMap(({ scene, index }) => {
      const [first] = scene.pictures;
      if (first?.by !== 'nab' || first.confidence >= WEAK || seen[index] !== index) return [];
      return [{ sceneId: scene.id, assetId: first.assetId, confidence: first.confidence, repair: null }];
    });
  },
};
