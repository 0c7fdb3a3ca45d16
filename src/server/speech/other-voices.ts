import type { VoiceList } from '../../api/voices.ts';
import { Failed } from '../../core/failure.ts';
import type { Piece } from '../../core/piece/types.ts';
import { languageOfPiece } from '../../core/sound/cast.ts';
import type { SpeechEngine } from '../../core/sound/speech.ts';
import { firstVoiceOf, type OtherVoice, otherVoice } from '../../core/sound/voices.ts';
import { wavFile } from '../../core/sound/wav.ts';
import type { SpeechForm } from '../../core/text/speech.ts';
import type { TakeWord } from '../../core/timeline/types.ts';
import { sound } from '../apart/apart.ts';
import type { Reference, Utterance } from '../apart/tasks.ts';
import { sharedByLetters } from './espeak.ts';
import { ownModels, sayOwn, voicesFolder } from './own-voices.ts';
import { referenceRun } from './reference.ts';
import { filtered, resampling, type Spoken, speakWhole } from './spoken.ts';
import { SERVICES, sayServed } from './voice-services.ts';

/** Samples a second at which words are listened for. */
const HEARD_RATE = 16_000;
/** Where nothing is louder than this against the loudest, nobody speaks. */
const SILENCE = 0.02;

/** The voices that did not ship: own ones that were not put away, and those of services that answer. */
export async function otherVoices(): Promise<OtherVoice[]> {
  const [models, ...served] = await Promise.all([ownModels(), ...SERVICES.map((s) => s.voices())]);
  return [...models.filter((m) => !m.away).flatMap((m) => m.voices), ...served.flat()];
}

/** Of those the ones that may be wanted for a draft: none where a voice that ships speaks its language. */
export async function otherVoicesFor(draft: Pick<Piece, 'scenes'>): Promise<OtherVoice[]> {
  const language = languageOfPiece(draft);
  return language === null || firstVoiceOf(language) ? [] : otherVoices();
}

/** All of them as they are shown, with those that were put away, where they are kept, and services that do not answer. */
export async function voiceList(): Promise<VoiceList> {
  const [models, ...served] = await Promise.all([ownModels(), ...SERVICES.map((s) => s.voices())]);
  return {
    own: models.flatMap((m) => m.voices.map((v) => ({ ...v, away: m.away }))),
    served: served.flat(),
    silent: SERVICES.filter((_, i) => !served[i]?.length).map((s) => s.name),
    folder: voicesFolder(),
  };
}

/**
 * Voices that did not ship: models that somebody brought, and services. They only give sound; when each word is said is found
 * by listening for the line as a voice that ships says it.
 */
export const others: SpeechEngine = {
  voices: [],
  async speak(text, voice, says) {
    const named = otherVoice(voice.name);
    if (!named) throw new Failed({ code: 'no-voice', name: voice.name, voices: [] });
    const say = named.kind === 'own' ? sayOwn : sayServed;
    return speakWhole(text, voice, says, { formants: 1, pitch: 1 }, async (forms, pace, folder) => {
      const said = await say(voice.name, forms.map((f) => f.form).join(' '), pace);
      return { ...said, words: await wordsIn(said, forms, named.language, folder) };
    });
  },
};

/** When each form is said. Throws Failed (unspeakable) when nothing is heard. */
async function wordsIn(
  said: Utterance,
  forms: SpeechForm[],
  language: string,
  folder: string,
): Promise<TakeWord[]> {
  const { samples, rate } = said;
  const floor = SILENCE * samples.reduce((m, v) => Math.max(m, Math.abs(v)), 0);
  const first = samples.findIndex((v) => Math.abs(v) > floor);
  if (first < 0) throw new Failed({ code: 'unspeakable' });
  const last = samples.findLastIndex((v) => Math.abs(v) > floor);
  const reference = await referenceRun(forms, language, folder);
  if (!reference?.words.length) return sharedByLetters(forms, (first * 1000) / rate, (last * 1000) / rate);
  return sound('align', await heardAs(reference), (await heardAs({ ...said, words: [] })).samples);
}

const heardAs = async ({ samples, rate, words }: Spoken): Promise<Reference> => ({
  samples:
    rate === HEARD_RATE
      ? samples
      : await filtered(wavFile([samples], rate), resampling(HEARD_RATE), HEARD_RATE),
  words,
});
