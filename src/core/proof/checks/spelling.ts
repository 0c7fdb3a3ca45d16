import type { Scene } from '../../piece/types.ts';
import type { SpelledWord } from '../../text/spelling.ts';
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

/** A word that no dictionary has, [start, end) of the text of a scene. */
export interface Slip extends SpelledWord {
  sceneId: string;
  in: 'shown' | 'spoken';
}

/** What a source has, letter by letter, is its term; a slip is what somebody has written here. */
export const isSourced = (scene: Pick<Scene, 'from'>, word: string): boolean =>
  scene.from?.text.includes(word) ?? false;

/** Every word of some scenes that is likely a slip: neither in a dictionary nor in the source, and not meant. */
export function slips(
  scenes: readonly Scene[],
  misspelled: (text: string) => readonly SpelledWord[],
): Slip[] {
  const names = new Set<string>();
  const times = new Map<string, number>();
  const all: Slip[] = [];
  for (const scene of scenes) {
    const said = scene.spoken === null || scene.narration.kind === 'take' ? [] : [['spoken', scene.spoken]];
    for (const [where, text] of [['shown', scene.shown], ...said] as ['shown' | 'spoken', string][])
      for (const w of misspelled(text)) {
        if (isSourced(scene, w.word)) continue;
        const key = w.word.toLowerCase();
        if (isFullName(text, w.start, w.end)) names.add(key);
        times.set(key, (times.get(key) ?? 0) + (where === 'shown' ? 1 : 0));
        all.push({ ...w, sceneId: scene.id, in: where });
      }
  }
  const meant = ({ word }: Slip) => {
    const key = word.toLowerCase();
    return names.has(key) || (times.get(key) ?? 0) >= (CAPITAL.test(word) ? MEANT.name : MEANT.term);
  };
  return all.filter((w) => !meant(w));
}

/** A likely slip, where it stands first. */
export const spelling: Check<SpellingFinding> = {
  weight: 'look',
  pass: 'words',
  find(input) {
    const first = new Map<string, SpellingFinding>();
    const scenes = rowsOf(input).map(({ scene }) => scene);
    for (const { sceneId, word, in: where } of slips(scenes, input.facts.misspelled)) {
      const key = word.toLowerCase();
      if (!first.has(key)) first.set(key, { sceneId, word, in: where, repair: null });
    }
    return [...first.values()];
  },
};
