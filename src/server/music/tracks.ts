import { mkdtemp, rm, stat, utimes } from 'node:fs/promises';
import path from 'node:path';
import PQueue from 'p-queue';
import { compose } from '../../core/music/compose.ts';
import { midiFile } from '../../core/music/midi.ts';
import type { Mood } from '../../core/music/moods.ts';
import type { LoudnessMeter } from '../../core/sound/loudness.ts';
import { rideOf } from '../../core/sound/ride.ts';
import { type Milliseconds, msToSamples, SAMPLE_RATE, type Samples } from '../../core/time.ts';
import { trackKey } from '../../core/timeline/keys.ts';
import type { TrackFact } from '../../core/timeline/types.ts';
import { sound } from '../apart/apart.ts';
import { CONFIG, dataPath } from '../config.ts';
import { run } from '../program.ts';
import { meterOf, partsOf, wavOf } from '../sound/parts.ts';
import { keepNewest, makeWhole, writeWhole } from '../store/files.ts';
import { UnderWay } from '../store/under-way.ts';

const KEY = /^[0-9a-f]{32}$/;
/** Loudness of a stored track, and how many are kept: each edit that changes the length makes a new one. */
const TRACKS = { lufs: -18, keep: 120, longestMs: 3_600_000 } as const;
const queue = new PQueue({ concurrency: 1 });
const underWay = new UnderWay<TrackFact>();

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
  return underWay.once(key, () =>
    queue.add(async () => {
      await sound('track', midiFile(score), msToSamples(lengthMs), file);
      await keepNewest(dataPath('tracks'), TRACKS.keep);
      return fact;
    }),
  );
}

const rideFor = ({ shortTerm, integrated }: LoudnessMeter) => rideOf(shortTerm, integrated);

/**
 * FluidSynth plays the score; the track is cut to length, ridden so that its swells are small, faded at its end
 * and brought to its loudness. */
export async function playTrack(midi: Uint8Array, samples: Samples, file: string): Promise<void> {
  const work = await mkdtemp(path.join(dataPath(), 'sound-'));
  try {
    const mid = path.join(work, 'score.mid');
    const wav = path.join(work, 'score.wav');
    await writeWhole(mid, midi);
    await run(
      'fluidsynth',
      ['-ni', '-q', '-F', wav, '-r', String(SAMPLE_RATE), '-g', '0.6', CONFIG.soundfont, mid],
      { timeoutMs: 600_000 },
    );
    const once = rideFor(meterOf(wav, samples));
    // What three seconds hold is not even yet where they hold a soft beginning and what follows it.
    const again = rideFor(meterOf(wav, samples, (v, i) => v * once(i)));
    const ride = (i: Samples) => once(i) * again(i);
    const loudness = meterOf(wav, samples, (v, i) => v * ride(i)).integrated;
    const gain = Number.isFinite(loudness) ? 10 ** ((TRACKS.lufs - loudness) / 20) : 1;
    const fade = Math.min(samples, SAMPLE_RATE);
    const levelled = partsOf(wav, samples, (v, i) => {
      const left = samples - i;
      return Math.max(-1, Math.min(1, v * ride(i) * gain)) * (left < fade ? (left / fade) ** 1.5 : 1);
    });
    await makeWhole(file, (temporary) =>
      run(
        'ffmpeg',
        ['-y', '-v', 'error', '-f', 'wav', '-i', 'pipe:0', '-c:a', 'flac', '-f', 'flac', temporary],
        { input: wavOf(samples, levelled), timeoutMs: 600_000 },
      ),
    );
  } finally {
    await rm(work, { recursive: true, force: true });
  }
}

/** Unpacks a track to a WAVE file, from which parts are read. */
export async function unpackTrack(key: string, to: string): Promise<void> {
  const file = trackFile(key);
  if (!file) throw new Error(`“${key}” is no key of a track.`);
  await run('ffmpeg', ['-y', '-v', 'error', '-i', file, '-f', 'wav', to], { timeoutMs: 600_000 });
}
