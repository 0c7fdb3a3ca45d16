import { spokenOf } from '../../piece/types.ts';
import { type Check, type Finding, rowsOf } from '../types.ts';

export interface SpellingFinding extends Finding {
  word: string;
  /** Where it stands. */
  in: 'shown' | 'spoken';
}

/** A word that no dictionary has. */
export const spelling: Check<SpellingFinding> = {
  weight: 'look',
  pass: 'words',
  find(input) {
    const { misspelled } = input.facts;
    return rowsOf(input).flatMap(({ scene }) => {
      const of = (text: string, where: SpellingFinding['in']) =>
        misspelled(text).map(({ word }) => ({ sceneId: scene.id, word, in: where, repair: null }));
      const shown = of(scene.shown, 'shown');
      const said =
        scene.spoken === null || scene.narration.kind === 'take' ? [] : of(spokenOf(scene), 'spoken');
      // Once is enough for the same slip in both.
      return [...shown, ...said.filter((s) => !shown.some((o) => o.word === s.word))];
    });
  },
};
