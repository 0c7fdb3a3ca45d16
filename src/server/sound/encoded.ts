import { mkdir, stat, utimes } from 'node:fs/promises';
import path from 'node:path';
import { gainFor, type Loudness } from '../../core/deliver/loudness.ts';
import { contentKey } from '../../core/hash.ts';
import { type Decibels, SAMPLE_RATE } from '../../core/time.ts';
import type { Timeline } from '../../core/timeline/types.ts';
import { dataPath } from '../config.ts';
import { run } from '../program.ts';
import { keepNewest, makeWhole } from '../store/files.ts';
import { UnderWay } from '../store/under-way.ts';
import { mixedBytes } from './mixing.ts';

/** Goes into the key of every mix that is kept: raise it with any change of what is heard. */
const MIXER_VERSION = 2;

/** Of the two coders this one came nearer to the original (39 dB against 34 at this rate), in less time. */
const ENCODER = ['-c:a', 'aac', '-aac_coder', 'fast', '-b:a', '192k'] as const;

const MIXES_KEPT = 200;

const underWay = new UnderWay<string>();

/** The sound of a timeline as AAC in an MP4: mixed and encoded when it is first asked for. loudness: LUFS. Gives its file. */
export function encodedSound(timeline: Timeline, loudness: Loudness = -14): Promise<string> {
  const gain = gainFor(loudness);
  const { sound, scenes } = timeline;
  const key = contentKey({
    ...{ mixer: MIXER_VERSION, encoder: ENCODER, sound },
    voices: scenes.map((s) => s.voice),
    ...(gain ? { gain } : {}),
  });
  return underWay.once(key, async () => {
    const folder = dataPath('mixes');
    const file = path.join(folder, `${key}.m4a`);
    if (await stat(file).catch(() => null)) {
      await utimes(file, new Date(), new Date()).catch(() => undefined);
      return file;
    }
    await mkdir(folder, { recursive: true });
    await makeWhole(file, (temporary) => encode(timeline, temporary, gain));
    await keepNewest(folder, MIXES_KEPT);
    return file;
  });
}

const encode = (timeline: Timeline, out: string, gain: Decibels) =>
  run(
    'ffmpeg',
    [
      ...['-y', '-v', 'error', '-f', 'f32le', '-ar', String(SAMPLE_RATE), '-ac', '2', '-i', 'pipe:0'],
      ...(gain ? ['-af', `volume=${gain}dB`] : []),
      ...[...ENCODER, '-f', 'mp4', out],
    ],
    { input: mixedBytes(timeline), timeoutMs: 1_800_000 },
  );
