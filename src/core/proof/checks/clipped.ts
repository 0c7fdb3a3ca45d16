import { wantedTakes } from '../../timeline/keys.ts';
import { type Check, type Finding, rowsOf } from '../types.ts';

export interface ClippedFinding extends Finding {
  /** How often the recording hit the ceiling. */
  peaks: number;
}

/** Fewer are not heard. */
const HEARD_FROM = 3;

/** A recording that was too loud for its microphone: what is cut off cannot be brought back, only said again. */
export const clipped: Check<ClippedFinding> = {
  weight: 'look',
  pass: 'voice',
  find(input) {
    const recorded = new Set(wantedTakes(input.piece).flatMap((t) => (t.recorded ? [t.key] : [])));
    return rowsOf(input).flatMap(({ scene, at }) => {
      const take = at.voice && recorded.has(at.voice.key) ? input.facts.takes[at.voice.key] : undefined;
      const peaks = take?.clipped ?? 0;
      return peaks >= HEARD_FROM ? [{ sceneId: scene.id, peaks, repair: null }] : [];
    });
  },
};
