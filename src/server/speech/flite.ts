import { randomUUID } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import path from 'node:path';
import Joi from 'joi';
import { Failed } from '../../core/failure.ts';
import { ipaOf } from '../../core/sound/ipa.ts';
import type { SpeechEngine } from '../../core/sound/speech.ts';
import type { SpeechForm } from '../../core/text/speech.ts';
import { dataPath } from '../config.ts';
import { run } from '../program.ts';
import { readWav } from '../sound/wav.ts';
import { type Colour, type Spoken, speakWhole } from './spoken.ts';

/** How a voice is made: a Flite voice, its natural speed, and what changes its colour. */
interface Recipe extends Colour {
  flite: 'slt' | 'rms' | 'awb';
  /** Duration relative to the engine's own at pace 1. */
  stretch: number;
}

const recipe = (flite: Recipe['flite'], stretch: number, formants = 1, pitch = 1): Recipe => ({
  ...{ flite, stretch, formants, pitch },
});

/** A recogniser understands each of these about as well as the voice that it is made from (`nabbet bench`). */
const RECIPES: Record<string, Recipe> = {
  maud: recipe('slt', 0.9),
  alder: recipe('rms', 0.92),
  fenn: recipe('awb', 0.95),
  tilda: recipe('slt', 0.93, 0.9),
  bram: recipe('rms', 0.97, 1, 0.92),
  corin: recipe('rms', 0.88, 1.1, 1.15),
  hesper: recipe('slt', 0.96, 1, 0.86),
  lorne: recipe('awb', 1, 1, 0.9),
  gale: recipe('awb', 1.04, 0.88, 0.94),
  pia: recipe('slt', 0.86, 1.09, 1),
  odd: recipe('rms', 1, 0.9),
  tam: recipe('awb', 0.9, 1.1, 1.16),
};

/** How a voice is made; null for one that is none of these. */
export const recipeOf = (name: string): Recipe | null => RECIPES[name] ?? null;

const reply = Joi.object({
  rate: Joi.number().valid(16000).required(),
  samples: Joi.number().integer().min(1).required(),
  words: Joi.array()
    .items(
      Joi.object({
        token: Joi.number().integer().required(),
        start: Joi.number().required(),
        end: Joi.number().required(),
      }),
    )
    .required(),
  sounds: Joi.array()
    .items(
      Joi.object({
        name: Joi.string().required(),
        start: Joi.number().required(),
        end: Joi.number().required(),
      }),
    )
    .required(),
});

/** Flite, by way of a small helper program that also tells when each word is said. */
export const flite: SpeechEngine = {
  voices: Object.keys(RECIPES),
  async speak(text, voice, says) {
    const recipe = RECIPES[voice.name];
    if (!recipe) throw new Failed({ code: 'no-voice', name: voice.name, voices: Object.keys(RECIPES) });
    return speakWhole(text, voice, says, recipe, (forms, pace, folder) =>
      fliteRun(forms, recipe, pace, folder),
    );
  },
};

/** One run of words. folder: for its file while it is made. */
export async function fliteRun(
  forms: SpeechForm[],
  { flite, stretch }: Pick<Recipe, 'flite' | 'stretch'>,
  pace: number,
  folder: string,
): Promise<Spoken> {
  const file = path.join(folder, `${randomUUID()}.wav`);
  const { stdout } = await run(dataPath('bin', 'flite-words'), [flite, file, (stretch / pace).toFixed(3)], {
    input: forms.map((f) => f.form).join(' '),
    timeoutMs: 30_000,
  });
  const { value, error } = reply.validate(JSON.parse(stdout.toString('utf8')));
  if (error) throw new Failed({ code: 'voice-answer', detail: error.message });
  const said = value as {
    rate: number;
    words: { token: number; start: number; end: number }[];
    sounds: { name: string; start: number; end: number }[];
  };
  return {
    samples: readWav(await readFile(file)).channels[0] ?? new Float32Array(),
    rate: said.rate,
    words: said.words.flatMap((w) => {
      const form = forms[w.token];
      if (!form) return [];
      return [{ start: form.start, end: form.end, startMs: w.start * 1000, endMs: w.end * 1000 }];
    }),
    sounds: said.sounds.map((s) => ({
      ...{ sound: ipaOf(s.name), startMs: s.start * 1000, endMs: s.end * 1000 },
    })),
  };
}
