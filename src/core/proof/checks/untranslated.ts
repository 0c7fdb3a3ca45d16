import { translationState } from '../../piece/translate.ts';
import type { Check, Finding } from '../types.ts';

export interface UntranslatedFinding extends Finding {
  /** Two letters. */
  language: string;
  /** The words have changed since; otherwise there is no translation. */
  older: boolean;
}

/** A delivery is in a language, and a line is not, or not as it reads now. */
export const untranslated: Check<UntranslatedFinding> = {
  weight: 'look',
  pass: 'words',
  find({ piece }) {
    const languages = new Set(piece.deliveries.flatMap((d) => d.language ?? []));
    return [...languages].flatMap((language) =>
      piece.scenes.flatMap((scene) => {
        const state = translationState(scene, language);
        return state === 'missing' || state === 'older'
          ? [{ sceneId: scene.id, language, older: state === 'older', repair: null }]
          : [];
      }),
    );
  },
};
