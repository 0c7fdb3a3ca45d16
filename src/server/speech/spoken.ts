import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { Failed } from '../../core/failure.ts';
import type { PieceVoice, Saying } from '../../core/piece/types.ts';
import { joined } from '../../core/sound/joined.ts';
import { limit } from '../../core/sound/limit.ts';
import { integratedLoudness } from '../../core/sound/loudness.ts';
import { withPauses } from '../../core/sound/pauses.ts';
import type { Speech } from '../../core/sound/speech.ts';
import { TONES } from '../../core/sound/tones.ts';
import { languageOfVoice } from '../../core/sound/voices.ts';
import { wavFile } from '../../core/sound/wav.ts';
import { type SpeechForm, speechForms, speechRuns } from '../../core/text/speech.ts';
import { type Milliseconds, SAMPLE_RATE } from '../../core/time.ts';
import type { TakeWord } from '../../core/timeline/types.ts';
import { run } from '../program.ts';

/** What a program gave for a run of words: mono samples, and the words by their forms' places in the text. */
export interface Spoken {
  samples: Float32Array;
  rate: number;
  words: TakeWord[];
  /** Its sounds in IPA, where the program tells them; pauses have an empty name. */
  sounds?: SpokenSound[];
}

/** A sound of speech, and when it is heard. */
export interface SpokenSound {
  sound: string;
  startMs: Milliseconds;
  endMs: Milliseconds;
}

/** How the colour of a program's voice is changed: pitch and formants by factors. */
export interface Colour {
  formants: number;
  pitch: number;
}

/** Level of a take, and what is left before the first and after the last word. */
const TAKE = { lufs: -16, ceilingDb: -1.5, headMs: 40, footMs: 120, runPauseMs: 240 } as const;

/**
 * A text as a take: spoken in runs, pauses as the voice and its tone have them, colour and tone by ffmpeg, loudness and
 * ceiling by the core's own meters. Throws Failed when there is nothing to say.
 */
export async function speakWhole(
  text: string,
  voice: PieceVoice,
  says: readonly Saying[],
  colour: Colour,
  speakRun: (forms: SpeechForm[], pace: number, folder: string) => Promise<Spoken>,
): Promise<Speech> {
  const tone = TONES[voice.tone];
  const runs = speechRuns(speechForms(text, languageOfVoice(voice.name), says));
  if (!runs.length) throw new Failed({ code: 'unspeakable' });
  const folder = await mkdtemp(path.join(tmpdir(), 'nabbet-speech-'));
  try {
    const parts: Float32Array[] = [];
    const words: TakeWord[] = [];
    let rate = SAMPLE_RATE;
    let at = 0;
    for (const forms of runs) {
      const part = trimmed(await speakRun(forms, voice.pace * tone.pace, folder));
      rate = part.rate;
      for (const w of part.words) words.push({ ...w, startMs: w.startMs + at, endMs: w.endMs + at });
      const pause = new Float32Array((TAKE.runPauseMs * rate) / 1000);
      parts.push(part.samples, pause);
      at += ((part.samples.length + pause.length) * 1000) / rate;
    }
    parts.pop();
    const paused = withPauses(joined(parts), rate, words, voice.pauses * tone.pauses);
    return await finish({ ...paused, rate }, voice, colour);
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}

/** From a little before the first word to a little after the last one; the words of one form as one. */
function trimmed({ samples, rate, words }: Spoken): Spoken {
  const first = words[0];
  const last = words[words.length - 1];
  if (!first || !last) throw new Failed({ code: 'unspeakable' });
  const at = (ms: number) => Math.round((ms * rate) / 1000);
  const from = Math.max(0, at(first.startMs - TAKE.headMs));
  const to = Math.min(samples.length, at(last.endMs + TAKE.footMs));
  const lengthMs = Math.floor(((to - from) * 1000) / rate);
  const out: TakeWord[] = [];
  for (const w of words) {
    const startMs = Math.round(w.startMs - (from * 1000) / rate);
    const endMs = Math.min(lengthMs, Math.round(w.endMs - (from * 1000) / rate));
    const before = out[out.length - 1];
    if (before && before.start === w.start) before.endMs = endMs;
    else out.push({ ...w, startMs, endMs });
  }
  return { samples: samples.slice(from, to), rate, words: out };
}

/** Tone: rumble off, less boxiness, more presence, sibilants and level evened. */
function toneFilter({ tone: name }: PieceVoice): string {
  const tone = TONES[name];
  return [
    'highpass=f=70',
    `bass=f=200:g=${tone.lowDb}`,
    'equalizer=f=280:t=q:w=1:g=-2.5',
    `equalizer=f=3200:t=q:w=0.9:g=${3 + tone.presenceDb}`,
    `highshelf=f=6500:g=${3 + tone.airDb}`,
    'deesser=i=0.3',
    'acompressor=threshold=-24dB:ratio=3:attack=5:release=90:makeup=2',
  ].join(',');
}

/** Formants moved by one factor and pitch by another, in one pass; timing stays. Nothing when both are as they were. */
function colourFilter(colour: Colour, semitones: number): string {
  const pitch = colour.pitch * 2 ** (semitones / 12);
  const { formants } = colour;
  if (formants === 1) return pitch === 1 ? '' : `rubberband=pitch=${pitch}:formant=preserved`;
  return `asetrate=${SAMPLE_RATE * formants},aresample=${SAMPLE_RATE},rubberband=tempo=${1 / formants}:pitch=${pitch / formants}:formant=preserved`;
}

/** A filter that changes the rate, as well as it can be done. */
export const resampling = (rate: number): string => `aresample=${rate}:resampler=soxr`;

/** Timing is unchanged within 5 ms. */
async function finish(spoken: Spoken, voice: PieceVoice, colour: Colour): Promise<Speech> {
  const { samples, rate, words } = spoken;
  const filter = [
    resampling(SAMPLE_RATE),
    colourFilter(colour, voice.pitch + TONES[voice.tone].pitch),
    toneFilter(voice),
  ]
    .filter(Boolean)
    .join(',');
  const out = await filtered(wavFile([samples], rate), filter, SAMPLE_RATE);
  const whole = new Float32Array(Math.round((samples.length * SAMPLE_RATE) / rate));
  whole.set(out.subarray(0, whole.length));
  levelled(whole);
  return { samples: whole, words };
}

/** A WAV through a filter of ffmpeg: mono samples at a rate. */
export async function filtered(wav: Uint8Array, filter: string, rate: number): Promise<Float32Array> {
  const { stdout } = await run(
    'ffmpeg',
    [
      ...['-v', 'error', '-f', 'wav', '-i', 'pipe:0', '-af', filter],
      ...['-ac', '1', '-ar', String(rate), '-f', 'f32le', 'pipe:1'],
    ],
    { input: wav, timeoutMs: 60_000 },
  );
  return new Float32Array(stdout.buffer.slice(stdout.byteOffset, stdout.byteOffset + (stdout.length & ~3)));
}

/** To the level of a take, in place: loudness, ceiling, and 4 ms of fade at both ends, so that a cut never clicks. */
export function levelled(x: Float32Array): void {
  const now = integratedLoudness([x]);
  if (Number.isFinite(now)) {
    const gain = 10 ** ((TAKE.lufs - now) / 20);
    for (let i = 0; i < x.length; i++) x[i] = (x[i] as number) * gain;
  }
  limit([x], TAKE.ceilingDb);
  const n = Math.min((SAMPLE_RATE * 4) / 1000, x.length >> 1);
  for (let i = 0; i < n; i++) {
    x[i] = ((x[i] as number) * i) / n;
    x[x.length - 1 - i] = ((x[x.length - 1 - i] as number) * i) / n;
  }
}
