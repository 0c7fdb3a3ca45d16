import { sceneEdit } from '../../piece/edit.ts';
import { type Check, type Finding, rowsOf } from '../types.ts';

export interface DoubleWordFinding extends Finding {
  word: string;
}

/** Words that English may say twice: "that that", "had had". */
const ALLOWED = new Set(['that', 'had', 'so', 'very', 'no', 'bye', 'now', 'well', 'ha', 'knock', 'there']);
const TWICE = /(?<![\p{L}\p{N}'’-])(\p{L}+)(\s+)\1(?![\p{L}\p{N}'’-])/giu;

/** A word stands twice in a row. Mended by leaving the second out. */
export const doubleWord: Check<DoubleWordFinding> = {
  weight: 'look',
  pass: 'words',
  find: (input) =>
    rowsOf(input).flatMap(({ scene }) =>
      [...scene.shown.matchAll(TWICE)].flatMap((m) => {
        const [all, word = ''] = m;
        // "New York, New York" has a comma; "Bora Bora" and "Duran Duran" are names.
        const name = /^\p{Lu}/u.test(all.slice(-word.length));
        if (ALLOWED.has(word.toLowerCase()) || name) return [];
        const shown = scene.shown.slice(0, m.index + word.length) + scene.shown.slice(m.index + all.length);
        return [{ sceneId: scene.id, word, repair: sceneEdit('type', scene.id, { shown, highlights: [] }) }];
      }),
    ),
};
