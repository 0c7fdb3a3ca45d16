import { sceneEdit } from '../../piece/edit.ts';
import { LIMITS } from '../../piece/limits.ts';
import { charactersPerSecond, READING_SPEED } from '../../text/pace.ts';
import { framesToMs } from '../../time.ts';
import { type Check, type Finding, rowsOf } from '../types.ts';

export interface SpeedFinding extends Finding {
  /** Characters a second. */
  speed: number;
  most: number;
}

/** The words go faster than most viewers read. Mended by letting the scene stand long enough. */
export const readingSpeed: Check<SpeedFinding> = {
  weight: 'look',
  pass: 'words',
  find: (input) =>
    rowsOf(input).flatMap(({ scene, at }) => {
      // No words are seen: captions may be off.
      if (!at.words) return [];
      const ms = framesToMs(at.words.pages.at(-1)?.end ?? at.end - at.start);
      const speed = charactersPerSecond(scene.shown, ms);
      if (speed <= READING_SPEED.tooFast) return [];
      const enough = Math.ceil((ms * speed) / READING_SPEED.brisk / 100) * 100;
      const durationMs = Math.min(LIMITS.maxSceneMs, enough);
      return [
        {
          sceneId: scene.id,
          speed,
          most: READING_SPEED.tooFast,
          repair: sceneEdit('length', scene.id, { durationMs }),
        },
      ];
    }),
};
