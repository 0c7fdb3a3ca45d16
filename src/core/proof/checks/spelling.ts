import { spokenOf } from '../../piece/types.ts';
import { type Check, type Finding, rowsOf } from '../types.ts';

export interface SpellingFinding extends Finding {
  word: string;
  /** Where it stands. */
  in: 'shown' | 'spoken';
}

/** Whoever writes a word so often in one piece means it: it is a term. A capital makes it a name sooner. */
const MEANT = { term: 3, name: 2 } as const;
const CAPITAL = /^\p{Lu}/u;

/** "Radka Venn": at the beginning of a sentence only the name after it tells a name from another word. */
const isFullName = (text: string, start: number, end: number): boolean =>
  CAPITAL.test(text.slice(start)) && /^\s+\p{Lu}\p{Ll}/u.test(text.slice(end));

/** A word that no dictionary has, where it stands first. */
export const spelling: Check<SpellingFinding> = {
  weight: 'look',
  pass: 'words',
  find(input) {
    const names = new Set<string>();
    const found = new Map<string, { finding: SpellingFinding; times: number }>();
    for (const { scene } of rowsOf(input)) {
      const said =
        scene.spoken === null || scene.narration.kind === 'take' ? [] : [['spoken', spokenOf(scene)]];
      for (const [where, text] of [['shown', scene.shown], ...said] as ['shown' | 'spoken', string][])
        for (const { word, start, end } of input.facts.misspelled(text)) {
          // What a source has, letter by letter, is its term; a slip is what somebody has written here.
          if (scene.from?.text.includes(word)) continue;
          const key = word.toLowerCase();
          if (isFullName(text, start, end)) names.add(key);
          const have = found.get(key);
          if (have) have.times += where === 'shown' ? 1 : 0;
          else found.set(key, { finding: { sceneId: scene.id, word, in: where, repair: null }, times: 1 });
        }
    }
    return [...found].flatMap(([key, { finding, times }]) => {
      const meant = times >= (CAPITAL.test(finding.word) ? MEANT.name : MEANT.term);
      return meant || names.has(key) ? [] : [finding];
    });
  },
};
