import { mkdir, mkdtemp, readFile, rm, stat, utimes } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import PQueue from 'p-queue';
import { compose } from '../../core/music/compose.ts';
import { midiFile } from '../../core/music/midi.ts';
import type { Mood } from '../../core/music/moods.ts';
import { integratedLoudness } from '../../core/sound/loudness.ts';
import type { Stereo } from '../../core/sound/mix.ts';
import { type Milliseconds, msToSamples, SAMPLE_RATE } from '../../core/time.ts';
import { trackKey } from '../../core/timeline/keys.ts';
import type { TrackFact } from '../../core/timeline/types.ts';
import { CONFIG, dataPath } from '../config.ts';
import { run } from '../program.ts';
import { readWav, writeWav } from '../sound/wav.ts';
import { keepNewest, writeWhole } from '../store/files.ts';

const KEY = /^[0-9a-f]{32}$/;
/** Loudness of a stored track, and how many are kept: each edit that changes the length makes a new one. */
const TRACKS = { lufs: -18, keep: 120, longestMs: 3_600_000 } as const;
const queue = new PQueue({ concurrency: 1 });
const underWay = new Map<string, Promise<TrackFact>>();

export const trackFile = (key: string): string | null =>
  KEY.test(key) ? dataPath('tracks', `${key}.flac`) : null;

/** The track of a mood, composed and played to a length; played now if it has not been before. */
export async function trackOf(mood: Mood, seed: number, lengthMs: Milliseconds): Promise<TrackFact> {
  const key = trackKey(mood, seed, lengthMs);
  const score = compose(mood, seed, Math.min(lengthMs, TRACKS.longestMs));
  const fact: TrackFact = { key, samples: msToSamples(lengthMs), bars: score.barStarts };
  const file = dataPath('tracks', `${key}.flac`);
  if (await stat(file).catch(() => null)) {
    await utimes(file, new Date(), new Date()).catch(() => undefined);
    return fact;
  }
  const running = underWay.get(key);
  if (running) return running;
  const job = queue
    .add(async () => {
      await play(midiFile(score), msToSamples(lengthMs), file);
      await keepNewest(dataPath('tracks'), TRACKS.keep);
      return fact;
    })
    .finally(() => underWay.delete(key)) as Promise<TrackFact>;
  underWay.set(key, job);
  return job;
}

/** FluidSynth plays the score; the track is cut to length, faded at its end and brought to its loudness. */
async function play(midi: Uint8Array, samples: number, file: string): Promise<void> {
  const folder = await mkdtemp(path.join(tmpdir(), 'nabbet-music-'));
  try {
    const mid = path.join(folder, 'score.mid');
    const wav = path.join(folder, 'score.wav');
    await writeWhole(mid, midi);
    await run(
      'fluidsynth',
      ['-ni', '-q', '-F', wav, '-r', String(SAMPLE_RATE), '-g', '0.6', CONFIG.soundfont, mid],
      { timeoutMs: 600_000 },
    );
    const played = readWav(await readFile(wav));
    const channels = [0, 1].map((c) => {
      const out = new Float32Array(samples);
      out.set((played.channels[c] ?? played.channels[0] ?? new Float32Array()).subarray(0, samples));
      return out;
    });
    const gain = 10 ** ((TRACKS.lufs - integratedLoudness(channels)) / 20);
    const fade = Math.min(samples, SAMPLE_RATE);
    for (const c of channels)
      for (let i = 0; i < samples; i++) {
        const left = samples - i;
        c[i] =
          Math.max(-1, Math.min(1, (c[i] as number) * (Number.isFinite(gain) ? gain : 1))) *
          (left < fade ? (left / fade) ** 1.5 : 1);
      }
    await mkdir(path.dirname(file), { recursive: true });
    const { stdout } = await run(
      'ffmpeg',
      ['-v', 'error', '-f', 'wav', '-i', 'pipe:0', '-c:a', 'flac', '-f', 'flac', 'pipe:1'],
      {
        input: writeWav(channels, SAMPLE_RATE),
      },
    );
    await writeWhole(file, stdout);
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}

export async function trackSamples(key: string): Promise<Stereo> {
  const file = trackFile(key);
  if (!file) throw new Error(`“${key}” is no key of a track.`);
  const { stdout } = await run('ffmpeg', ['-v', 'error', '-i', file, '-f', 'wav', 'pipe:1']);
  const [left, right] = readWav(stdout).channels;
  if (!left) throw new Error('The track has no sound.');
  return { left, right: right ?? left };
}
