import { deleteScenes } from '../../piece/actions.ts';
import { tokens } from '../../text/tokens.ts';
import { type Check, type Finding, rowsOf } from '../types.ts';

export interface RepeatedLineFinding extends Finding {
  /** Place of the scene that says the same, from 0. */
  before: number;
}

/** Shorter lines may come back on purpose. */
const LEAST_WORDS = 4;

/** A line says what another one has said, word for word. Mended by taking it out. */
export const repeatedLine: Check<RepeatedLineFinding> = {
  weight: 'look',
  pass: 'words',
  find(input) {
    const met = new Map<string, number>();
    return rowsOf(input).flatMap(({ scene, index }) => {
      const words = tokens(scene.shown).map((t) => t.text.toLowerCase());
      if (words.length < LEAST_WORDS) return [];
      const line = words.join(' ');
      const before = met.get(line);
      if (before === undefined) {
        met.set(line, index);
        return [];
      }
      return [{ sceneId: scene.id, before, repair: deleteScenes([scene.id]) }];
    });
  },
};
