import { randomUUID } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import path from 'node:path';
import Joi from 'joi';
import { Failed } from '../../core/failure.ts';
import { heardWords } from '../../core/sound/pauses.ts';
import type { SpeechEngine } from '../../core/sound/speech.ts';
import { VOICES, type VoiceInfo } from '../../core/sound/voices.ts';
import type { SpeechForm } from '../../core/text/speech.ts';
import type { TakeWord } from '../../core/timeline/types.ts';
import { dataPath } from '../config.ts';
import { run } from '../program.ts';
import { readWav } from '../sound/wav.ts';
import { type Spoken, speakWhole } from './spoken.ts';

/** Words a minute at pace 1. */
const WORDS_PER_MINUTE = 158;

/** Languages that the program calls otherwise than by their two letters. */
const CALLED: Record<string, string> = { fr: 'fr-fr' };

/** Throats in the program's own terms. */
const VARIANTS: Record<VoiceInfo['of'], string> = { woman: 'f2', man: 'm3' };

const OWN = VOICES.filter((v) => v.language !== 'en');

const reply = Joi.object({
  rate: Joi.number().valid(22050).required(),
  samples: Joi.number().integer().min(1).required(),
  words: Joi.array()
    .items(Joi.object({ at: Joi.number().integer().required(), start: Joi.number().required() }))
    .required(),
  sounds: Joi.array()
    .items(Joi.object({ name: Joi.string().allow('').required(), start: Joi.number().required() }))
    .required(),
});

/** eSpeak NG, by way of a small helper program that also tells when each word begins. */
export const espeak: SpeechEngine = {
  voices: OWN.map((v) => v.name),
  async speak(text, voice, says) {
    const info = OWN.find((v) => v.name === voice.name);
    if (!info) throw new Failed({ code: 'no-voice', name: voice.name, voices: OWN.map((v) => v.name) });
    return speakWhole(text, voice, says, { formants: 1, pitch: 1 }, (forms, pace, folder) =>
      espeakRun(forms, info, pace, folder),
    );
  },
};

/** One run of words. folder: for its file while it is made. */
export async function espeakRun(
  forms: SpeechForm[],
  info: Pick<VoiceInfo, 'language' | 'of'>,
  pace: number,
  folder: string,
): Promise<Spoken> {
  const file = path.join(folder, `${randomUUID()}.wav`);
  const { stdout } = await run(
    dataPath('bin', 'espeak-words'),
    [
      CALLED[info.language] ?? info.language,
      VARIANTS[info.of],
      file,
      String(Math.round(WORDS_PER_MINUTE * pace)),
    ],
    { input: forms.map((f) => f.form).join(' '), timeoutMs: 30_000 },
  );
  const { value, error } = reply.validate(JSON.parse(stdout.toString('utf8')));
  if (error) throw new Failed({ code: 'voice-answer', detail: error.message });
  const said = value as {
    rate: number;
    words: { at: number; start: number }[];
    sounds: { name: string; start: number }[];
  };
  const samples = readWav(await readFile(file)).channels[0] ?? new Float32Array();
  const lengthMs = (samples.length * 1000) / said.rate;
  const words = wordsOf(forms, said.words, lengthMs);
  return {
    ...{ samples, rate: said.rate },
    words: heardWords(samples, said.rate, words),
    // A sound lasts until the next one.
    sounds: said.sounds.map(({ name, start }, i) => ({
      sound: name,
      startMs: start * 1000,
      endMs: (said.sounds[i + 1]?.start ?? lengthMs / 1000) * 1000,
    })),
  };
}

/**
 * When each form is said. An event may stand for several forms ("of the"), or a form have several (a number in words):
 * time is shared by letters among the forms between one event and the next.
 */
function wordsOf(
  forms: readonly SpeechForm[],
  events: readonly { at: number; start: number }[],
  lengthMs: number,
): TakeWord[] {
  const starts: number[] = [];
  let at = 0;
  for (const { form } of forms) {
    starts.push(at);
    at += [...form].length + 1;
  }
  const formAt = (place: number) =>
    Math.max(
      0,
      starts.findLastIndex((s) => s <= place),
    );
  const first = new Map<number, number>();
  for (const e of events) {
    const form = formAt(e.at);
    if (!first.has(form)) first.set(form, e.start * 1000);
  }
  const out: TakeWord[] = [];
  const known = [...first.keys()].sort((a, b) => a - b);
  known.forEach((form, k) => {
    // What stands before the first event is said with it.
    const from = k === 0 ? 0 : form;
    const to = known[k + 1] ?? forms.length;
    const start = first.get(form) as number;
    const end = first.get(known[k + 1] as number) ?? lengthMs;
    out.push(...sharedByLetters(forms.slice(from, to), start, end));
  });
  return out;
}

/** Words that are said between two moments, milliseconds, each as long as it has letters. */
export function sharedByLetters(forms: readonly SpeechForm[], start: number, end: number): TakeWord[] {
  const letters = forms.reduce((n, f) => n + f.form.length, 0);
  let t = start;
  return forms.map((f) => {
    const startMs = t;
    t += ((end - start) * f.form.length) / letters;
    return { start: f.start, end: f.end, startMs, endMs: t };
  });
}
