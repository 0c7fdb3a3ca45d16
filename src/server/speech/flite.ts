import { randomUUID } from 'node:crypto';
import { mkdtemp, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import Joi from 'joi';
import { Failed } from '../../core/failure.ts';
import { joined } from '../../core/sound/joined.ts';
import { limit } from '../../core/sound/limit.ts';
import { integratedLoudness } from '../../core/sound/loudness.ts';
import { type Speech, type SpeechEngine, VOICES } from '../../core/sound/speech.ts';
import { speechForms, speechRuns } from '../../core/text/speech.ts';
import { SAMPLE_RATE } from '../../core/time.ts';
import type { TakeWord } from '../../core/timeline/types.ts';
import { dataPath } from '../config.ts';
import { run } from '../program.ts';
import { readWav, writeWav } from '../sound/wav.ts';

/** How a voice is made: a Flite voice, its natural speed, and a filter that changes its colour. */
interface Recipe {
  flite: 'slt' | 'rms' | 'awb';
  /** Duration relative to the engine's own at pace 1. */
  stretch: number;
  filter: string;
}

const lower = (by: number) => `rubberband=pitch=${by}:formant=preserved`;
/** Formants moved by one factor and pitch by another, in one pass; timing stays. */
const formants = (by: number, pitch = 1) =>
  `asetrate=${48_000 * by},aresample=48000,rubberband=tempo=${1 / by}:pitch=${pitch / by}:formant=preserved`;

const RECIPES: Record<string, Recipe> = {
  maud: { flite: 'slt', stretch: 0.9, filter: '' },
  alder: { flite: 'rms', stretch: 0.92, filter: '' },
  fenn: { flite: 'awb', stretch: 0.95, filter: '' },
  tilda: { flite: 'slt', stretch: 0.93, filter: formants(0.9) },
  bram: { flite: 'rms', stretch: 0.97, filter: lower(0.88) },
  corin: { flite: 'rms', stretch: 0.88, filter: formants(1.1, 1.15) },
};

/** Tone: rumble off, less boxiness, more presence, sibilants and level evened. */
const TONE =
  'highpass=f=70,equalizer=f=280:t=q:w=1:g=-2.5,equalizer=f=3200:t=q:w=0.9:g=3,highshelf=f=6500:g=3,deesser=i=0.3,acompressor=threshold=-24dB:ratio=3:attack=5:release=90:makeup=2';

/** Level of a take, and what is left before the first and after the last word. */
const TAKE = { lufs: -16, ceilingDb: -1.5, headMs: 40, footMs: 120, sentencePauseMs: 240 } as const;

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
});

/** Flite, by way of a small helper program that also tells when each word is said. */
export const flite: SpeechEngine = {
  voices: VOICES,
  async speak(text, voice, pace) {
    const recipe = RECIPES[voice];
    if (!recipe) throw new Failed({ code: 'no-voice', name: voice, voices: VOICES.map((v) => v.name) });
    const runs = speechRuns(speechForms(text));
    if (!runs.length) throw new Failed({ code: 'unspeakable' });
    const folder = await mkdtemp(path.join(tmpdir(), 'nabbet-speech-'));
    try {
      const parts: Float32Array[] = [];
      const words: TakeWord[] = [];
      let at = 0;
      for (const forms of runs) {
        const part = await speakRun(forms, recipe, pace, folder);
        for (const w of part.words) words.push({ ...w, startMs: w.startMs + at, endMs: w.endMs + at });
        const pause = new Float32Array((TAKE.sentencePauseMs * 16000) / 1000);
        parts.push(part.samples, pause);
        at += ((part.samples.length + pause.length) * 1000) / 16000;
      }
      parts.pop();
      return await finish(joined(parts), words, recipe);
    } finally {
      await rm(folder, { recursive: true, force: true });
    }
  },
};

async function speakRun(
  forms: { form: string; start: number; end: number }[],
  recipe: Recipe,
  pace: number,
  folder: string,
) {
  const file = path.join(folder, `${randomUUID()}.wav`);
  const { stdout } = await run(
    dataPath('bin', 'flite-words'),
    [recipe.flite, file, (recipe.stretch / pace).toFixed(3)],
    {
      input: forms.map((f) => f.form).join(' '),
      timeoutMs: 30_000,
    },
  );
  const { value, error } = reply.validate(JSON.parse(stdout.toString('utf8')));
  if (error) throw new Failed({ code: 'voice-answer', detail: error.message });
  const said = value as { words: { token: number; start: number; end: number }[] };
  const samples = readWav(await readFile(file)).channels[0] ?? new Float32Array();
  const first = said.words[0];
  const last = said.words[said.words.length - 1];
  if (!first || !last) throw new Failed({ code: 'unspeakable' });
  const from = Math.max(0, Math.round((first.start - TAKE.headMs / 1000) * 16000));
  const to = Math.min(samples.length, Math.round((last.end + TAKE.footMs / 1000) * 16000));
  const words: TakeWord[] = [];
  for (const w of said.words) {
    const form = forms[w.token];
    if (!form) continue;
    const startMs = Math.round(w.start * 1000 - from / 16);
    const endMs = Math.round(w.end * 1000 - from / 16);
    const before = words[words.length - 1];
    if (before && before.start === form.start) before.endMs = endMs;
    else words.push({ start: form.start, end: form.end, startMs, endMs });
  }
  return { samples: samples.slice(from, to), words };
}

/** Tone in ffmpeg, then loudness and ceiling by the core's own meters. Timing is unchanged within 5 ms. */
async function finish(samples: Float32Array, words: TakeWord[], recipe: Recipe): Promise<Speech> {
  const filter = ['aresample=48000:resampler=soxr', recipe.filter, TONE].filter(Boolean).join(',');
  const { stdout } = await run(
    'ffmpeg',
    [
      '-v',
      'error',
      '-f',
      'wav',
      '-i',
      'pipe:0',
      '-af',
      filter,
      '-ac',
      '1',
      '-ar',
      String(SAMPLE_RATE),
      '-f',
      'f32le',
      'pipe:1',
    ],
    { input: writeWav([samples], 16000), timeoutMs: 60_000 },
  );
  const wanted = Math.round((samples.length * SAMPLE_RATE) / 16000);
  const out = new Float32Array(wanted);
  out.set(
    new Float32Array(stdout.buffer, stdout.byteOffset, Math.min(wanted, Math.floor(stdout.length / 4))),
  );
  const now = integratedLoudness([out]);
  if (Number.isFinite(now)) {
    const gain = 10 ** ((TAKE.lufs - now) / 20);
    for (let i = 0; i < wanted; i++) out[i] = (out[i] as number) * gain;
  }
  limit([out], TAKE.ceilingDb);
  fade(out);
  return { samples: out, words };
}

/** 4 ms at both ends, so that a cut never clicks. */
function fade(x: Float32Array): void {
  const n = Math.min(192, x.length >> 1);
  for (let i = 0; i < n; i++) {
    x[i] = ((x[i] as number) * i) / n;
    x[x.length - 1 - i] = ((x[x.length - 1 - i] as number) * i) / n;
  }
}
