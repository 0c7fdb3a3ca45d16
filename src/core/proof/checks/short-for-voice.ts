import { sceneEdit } from '../../piece/edit.ts';
import { framesToMs, type Milliseconds } from '../../time.ts';
import { type Check, type Finding, rowsOf } from '../types.ts';

export interface ShortFinding extends Finding {
  wantedMs: Milliseconds;
  /** As long as the voice needs. */
  isMs: Milliseconds;
}

/** The length that was set by hand is too short for the voice, so it does not hold. Mended by following the voice. */
export const shortForVoice: Check<ShortFinding> = {
  weight: 'note',
  pass: 'voice',
  find: (input) =>
    rowsOf(input).flatMap(({ scene, at }) =>
      at.stretched && scene.durationMs !== null
        ? [
            {
              sceneId: scene.id,
              wantedMs: scene.durationMs,
              isMs: framesToMs(at.end - at.start),
              repair: sceneEdit('length', scene.id, { durationMs: null }),
            },
          ]
        : [],
    ),
};
