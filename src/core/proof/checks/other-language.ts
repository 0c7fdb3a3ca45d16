import { sceneEdit } from '../../piece/edit.ts';
import { spokenOf, voiceIn } from '../../piece/types.ts';
import { voiceFor } from '../../sound/cast.ts';
import { languageOfVoice } from '../../sound/voices.ts';
import { sureLanguageOf } from '../../text/language.ts';
import { type Check, type Finding, rowsOf } from '../types.ts';

export interface OtherLanguageFinding extends Finding {
  /** Two letters: of the words, and of the voice. */
  written: string;
  spoken: string;
}

/** A voice reads words of another language than its own. Mended by a voice that speaks it, for this scene. */
export const otherLanguage: Check<OtherLanguageFinding> = {
  weight: 'look',
  pass: 'voice',
  find: (input) =>
    rowsOf(input).flatMap(({ scene }) => {
      if (scene.narration.kind === 'take') return [];
      const voice = voiceIn(input.piece, scene);
      const spoken = languageOfVoice(voice.name);
      const written = sureLanguageOf(spokenOf(scene));
      if (!written || written === spoken) return [];
      const other = voiceFor(written, voice);
      const repair = other && sceneEdit('voice', scene.id, { voice: other });
      return [{ sceneId: scene.id, written, spoken, repair }];
    }),
};
