import { readFile, stat } from 'node:fs/promises';
import Joi from 'joi';
import PQueue from 'p-queue';
import { SAMPLE_RATE } from '../../core/time.ts';
import { takeKey } from '../../core/timeline/keys.ts';
import type { TakeFact } from '../../core/timeline/types.ts';
import { dataPath } from '../config.ts';
import { writeWav } from '../sound/wav.ts';
import { writeWhole } from '../store/files.ts';
import { UnderWay } from '../store/under-way.ts';
import { flite } from './flite.ts';

const KEY = /^[0-9a-f]{32}$/;
const folder = (key: string, ext: string) => dataPath('takes', key.slice(0, 2), `${key}.${ext}`);

const factSchema = Joi.object({
  key: Joi.string().pattern(KEY).required(),
  samples: Joi.number().integer().min(1).required(),
  words: Joi.array()
    .items(
      Joi.object({
        start: Joi.number(),
        end: Joi.number(),
        startMs: Joi.number(),
        endMs: Joi.number(),
      }).options({ presence: 'required' }),
    )
    .required(),
});

/** Two voices speak at a time; the same text asked for twice is spoken once. */
const queue = new PQueue({ concurrency: 2 });
const underWay = new UnderWay<TakeFact>();

/** The take of a key if it has been made; null if not, or if its files are damaged. */
export async function knownTake(key: string): Promise<TakeFact | null> {
  if (!KEY.test(key)) return null;
  try {
    const { value, error } = factSchema.validate(JSON.parse(await readFile(folder(key, 'json'), 'utf8')));
    if (error) return null;
    const size = (await stat(folder(key, 'wav'))).size;
    return size === 44 + value.samples * 2 ? (value as TakeFact) : null;
  } catch {
    return null;
  }
}

/** The take of a text, spoken now if it has not been before. Throws Failed (see cannotSpeak) when the voice cannot say it. */
export async function takeOf(text: string, voice: { name: string; pace: number }): Promise<TakeFact> {
  const clean = text.replace(/\s+/g, ' ').trim();
  const key = takeKey(clean, voice);
  const known = await knownTake(key);
  if (known) return known;
  return underWay.once(key, () =>
    queue.add(async (): Promise<TakeFact> => {
      const speech = await flite.speak(clean, voice.name, voice.pace);
      const fact: TakeFact = { key, samples: speech.samples.length, words: speech.words };
      await writeWhole(folder(key, 'wav'), writeWav([speech.samples], SAMPLE_RATE));
      await writeWhole(folder(key, 'json'), JSON.stringify(fact));
      return fact;
    }),
  );
}

export const takeFile = (key: string): string | null => (KEY.test(key) ? folder(key, 'wav') : null);
