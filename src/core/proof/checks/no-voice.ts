import type { Failure } from '../../failure.ts';
import { sceneEdit } from '../../piece/edit.ts';
import { narrationKey } from '../../timeline/keys.ts';
import { type Check, type Finding, rowsOf } from '../types.ts';

export interface NoVoiceFinding extends Finding {
  why: Failure;
}

/** No voice can say the line. Mended by making it silent. */
export const noVoice: Check<NoVoiceFinding> = {
  weight: 'look',
  pass: 'voice',
  find: (input) =>
    rowsOf(input).flatMap(({ scene }) => {
      const key = narrationKey(scene, input.piece);
      const why = key === null ? undefined : input.facts.refused[key];
      return why ? [{ sceneId: scene.id, why, repair: sceneEdit('silence', scene.id, { spoken: '' }) }] : [];
    }),
};
