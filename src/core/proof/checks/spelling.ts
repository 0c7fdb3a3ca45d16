import { spokenOf } from '../../piece/types.ts';
import { type Check, type Finding, rowsOf } from '../types.ts';

export interface SpellingFinding extends Finding {
  word: string;
  /** Where it stands. */
  in: 'shown' | 'spoken';
}

/** Whoever writes a word so often in one piece means it: it is a term, or a name. */
const TERM = 3;

/** A word that no dictionary has, where it stands first. */
export const spelling: Check<SpellingFinding> = {
  weight: 'look',
  pass: 'words',
  find(input) {
    const found = new Map<string, { finding: SpellingFinding; times: number }>();
    for (const { scene } of rowsOf(input)) {
      const said =
        scene.spoken === null || scene.narration.kind === 'take' ? [] : [['spoken', spokenOf(scene)]];
      for (const [where, text] of [['shown', scene.shown], ...said] as ['shown' | 'spoken', string][])
        for (const { word } of input.facts.misspelled(text)) {
          const key = word.toLowerCase();
          const have = found.get(key);
          if (have) have.times += where === 'shown' ? 1 : 0;
          else found.set(key, { finding: { sceneId: scene.id, word, in: where, repair: null }, times: 1 });
        }
    }
    return [...found.values()].filter((f) => f.times < TERM).map((f) => f.finding);
  },
};
