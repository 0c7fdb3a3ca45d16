import { mkdtemp, rm, stat, utimes } from 'node:fs/promises';
import path from 'node:path';
import PQueue from 'p-queue';
import { Failed } from '../../core/failure.ts';
import { compose } from '../../core/music/compose.ts';
import { barsIn, fitted } from '../../core/music/fitted.ts';
import { midiFile } from '../../core/music/midi.ts';
import type { TrackSource } from '../../core/piece/types.ts';
import { type Milliseconds, msToSamples, SAMPLE_RATE, type Samples } from '../../core/time.ts';
import { trackKey } from '../../core/timeline/keys.ts';
import type { TrackFact, WantedTrack } from '../../core/timeline/types.ts';
import { sound } from '../apart/apart.ts';
import { CONFIG, dataPath } from '../config.ts';
import { run } from '../program.ts';
import { keepNewest, writeWhole } from '../store/files.ts';
import { UnderWay } from '../store/under-way.ts';
import { levelTrack } from './level.ts';
import { hasTrackFile, heardTrack, ownTrackFile } from './own-tracks.ts';

const KEY = /^[0-9a-f]{32}$/;
/** How many are kept: each edit that changes the length makes a new one. */
const TRACKS = { keep: 120, longestMs: 3_600_000 } as const;
const queue = new PQueue({ concurrency: 1 });
const underWay = new UnderWay<TrackFact>();

export const trackFile = (key: string): string | null =>
  KEY.test(key) ? dataPath('tracks', `${key}.flac`) : null;

/** The track that a bed wants, at its length; made now if it has not been before. Throws Failed (no-track). */
export async function trackOf({ source, lengthMs, steady }: Omit<WantedTrack, 'key'>): Promise<TrackFact> {
  const key = trackKey(source, lengthMs, steady);
  const samples = msToSamples(lengthMs);
  const { bars, make } = await planOf(source, Math.min(lengthMs, TRACKS.longestMs), steady, samples);
  const fact: TrackFact = { key, samples, bars };
  const file = dataPath('tracks', `${key}.flac`);
  if (await stat(file).catch(() => null)) {
    await utimes(file, new Date(), new Date()).catch(() => undefined);
    return fact;
  }
  return underWay.once(key, () =>
    queue.add(async () => {
      await make(file);
      await keepNewest(dataPath('tracks'), TRACKS.keep);
      return fact;
    }),
  );
}

interface TrackPlan {
  /** Where its bars begin. */
  bars: Samples[];
  make(file: string): Promise<void>;
}

async function planOf(
  source: TrackSource,
  lengthMs: Milliseconds,
  steady: boolean,
  samples: Samples,
): Promise<TrackPlan> {
  if (source.kind === 'composed') {
    const score = compose(source.mood, source.seed, lengthMs, steady);
    return { bars: score.barStarts, make: (file) => sound('track', midiFile(score), samples, file) };
  }
  const { analysis, endMs } = await heardTrack(source.trackId);
  const from = ownTrackFile(source.trackId);
  if (!from || !(await hasTrackFile(source.trackId))) throw new Failed({ code: 'no-track' });
  const fit = fitted(analysis, { startMs: source.startMs, endMs }, lengthMs, steady);
  return {
    bars: analysis ? barsIn(fit, analysis).map(msToSamples) : [],
    make: (file) => sound('fit-track', from, fit, samples, file),
  };
}

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
    await levelTrack(wav, samples, file, SAMPLE_RATE);
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
