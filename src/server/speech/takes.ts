import { readFile, stat } from 'node:fs/promises';
import Joi from 'joi';
import PQueue from 'p-queue';
import { failureOf } from '../../core/failure.ts';
import type { RecordedPart } from '../../core/piece/types.ts';
import { thirdRate } from '../../core/sound/align/align.ts';
import type { FoundLines } from '../../core/sound/align/narration.ts';
import { clippedPeaks } from '../../core/sound/clipped.ts';
import { cannotSpeak, type Speech } from '../../core/sound/speech.ts';
import { wavFile } from '../../core/sound/wav.ts';
import { SAMPLE_RATE } from '../../core/time.ts';
import { recordedKey, takeKey, type WantedTake } from '../../core/timeline/keys.ts';
import type { TakeFact } from '../../core/timeline/types.ts';
import { sound } from '../apart/apart.ts';
import type { Reference } from '../apart/tasks.ts';
import { dataPath } from '../config.ts';
import { readWav } from '../sound/wav.ts';
import { writeWhole } from '../store/files.ts';
import { UnderWay } from '../store/under-way.ts';
import { engineOf } from './engines.ts';
import { rawSamplesOf, samplesOf } from './recordings.ts';
import { levelled } from './spoken.ts';

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
  clipped: Joi.number().integer().min(0).optional(),
});

/** Two voices speak at a time, and two recordings are listened to; the same take asked for twice is made once. */
const speaking = new PQueue({ concurrency: 2 });
const listening = new PQueue({ concurrency: 2 });
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

/** The take that is wanted, made now if it has not been before. Throws Failed (see cannotSpeak; no-take) when it cannot be. */
export async function takeOf(wanted: Omit<WantedTake, 'key'>): Promise<TakeFact> {
  const text = wanted.text.replace(/\s+/g, ' ').trim();
  const { voice, says, recorded } = wanted;
  const key = recorded ? recordedKey(recorded, text) : takeKey(text, voice, says);
  const known = await knownTake(key);
  if (known) return known;
  return underWay.once(key, () =>
    (recorded ? listening : speaking).add(async (): Promise<TakeFact> => {
      const speech = recorded
        ? await recordedSpeech(recorded, { text, voice, says })
        : await engineOf(voice.name).speak(text, voice, says);
      const clipped = recorded ? { clipped: clippedPeaks(await rawSamplesOf(recorded)) } : {};
      const fact: TakeFact = { key, samples: speech.samples.length, words: speech.words, ...clipped };
      await writeWhole(folder(key, 'wav'), wavFile([speech.samples], SAMPLE_RATE));
      await writeWhole(folder(key, 'json'), JSON.stringify(fact));
      return fact;
    }),
  );
}

/** A part of a recording at the level of a take, and when the words of a text are said in it. */
async function recordedSpeech(part: RecordedPart, spoken: Spoken): Promise<Speech> {
  const samples = await samplesOf(part);
  const reference = await spokenReference(spoken);
  const words = reference ? await sound('align', reference, thirdRate(samples)) : [];
  levelled(samples);
  return { samples, words };
}

type Spoken = Pick<WantedTake, 'text' | 'voice' | 'says'>;

/** A line as a voice would say it, to be listened for: at 16 kHz; null when no voice can say it. */
async function spokenReference(spoken: Spoken): Promise<Reference | null> {
  if (!spoken.text) return null;
  try {
    const take = await takeOf({ ...spoken, recorded: null });
    const wav = readWav(await readFile(folder(take.key, 'wav')));
    return { samples: thirdRate(wav.channels[0] ?? new Float32Array()), words: take.words };
  } catch (e) {
    if (cannotSpeak(failureOf(e))) return null;
    throw e;
  }
}

/** Where lines are heard in one long recording of them; null for what was left out. Throws Failed (no-take). */
export async function linesIn(recording: string, lines: readonly Spoken[]): Promise<FoundLines> {
  const samples = await samplesOf({ takeId: recording, startMs: 0, endMs: null, clean: false });
  const references = await Promise.all(lines.map(spokenReference));
  return sound(
    'find-lines',
    references.map((r) => r ?? { samples: new Float32Array(), words: [] }),
    thirdRate(samples),
  );
}

export const takeFile = (key: string): string | null => (KEY.test(key) ? folder(key, 'wav') : null);
