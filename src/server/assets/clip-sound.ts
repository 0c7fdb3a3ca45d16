import { mkdtemp, rm, stat, utimes } from 'node:fs/promises';
import path from 'node:path';
import { Failed } from '../../core/failure.ts';
import { contentKey } from '../../core/hash.ts';
import { SAMPLE_RATE, samplesToSeconds } from '../../core/time.ts';
import type { ClipSound } from '../../core/timeline/types.ts';
import { sound } from '../apart/apart.ts';
import { dataPath } from '../config.ts';
import { run } from '../program.ts';
import { loudnessOf, partsOf, wavOf } from '../sound/parts.ts';
import { keepNewest, writeWhole } from '../store/files.ts';
import { UnderWay } from '../store/under-way.ts';
import { assetFile } from './record.ts';

/** As loud as a take, so that a level in dB is one against the voice; what is nearly silent is not blown up. */
const LUFS = -16;
const MOST_GAIN = 10 ** (18 / 20);

/** Sounds that are kept; they can be made again. */
const KEPT = 200;

const underWay = new UnderWay<string>();

type Part = Pick<ClipSound, 'assetId' | 'inMs' | 'speed' | 'samples'>;

const KEY = /^[0-9a-f]{32}$/;

/** The file of a sound that was made. */
export const clipSoundFile = (key: string): string | null =>
  KEY.test(key) ? dataPath('sounds', `${key}.wav`) : null;

/** The own sound of a clip's part; made when it is first asked for. Gives its key. Throws Failed (no-clip). */
export async function clipSoundOf({ assetId, inMs, speed, samples }: Part): Promise<string> {
  const clip = await assetFile(assetId, 'clip');
  if (!clip) throw new Failed({ code: 'no-clip' });
  const key = contentKey({ sound: 1, assetId, inMs, speed, samples });
  const file = dataPath('sounds', `${key}.wav`);
  if (await stat(file).catch(() => null)) {
    await utimes(file, new Date(), new Date()).catch(() => undefined);
    return key;
  }
  return underWay.once(key, async () => {
    await sound('clip-sound', clip, { inMs, speed, samples }, file);
    await keepNewest(dataPath('sounds'), KEPT);
    return key;
  });
}

/** Takes the own sound of a clip's part to a WAVE file, at the loudness of a take. */
export async function levelClipSound(
  clip: string,
  { inMs, speed, samples }: Pick<Part, 'inMs' | 'speed' | 'samples'>,
  file: string,
): Promise<void> {
  const seconds = samplesToSeconds(samples);
  const work = await mkdtemp(path.join(dataPath(), 'sound-'));
  try {
    const raw = path.join(work, 'raw.wav');
    await run(
      'ffmpeg',
      [
        ...['-v', 'error', '-protocol_whitelist', 'file'],
        ...['-ss', (inMs / 1000).toFixed(4), '-t', (seconds * speed + 0.2).toFixed(4), '-i', clip, '-vn'],
        ...['-af', `${tempo(speed)}aresample=${SAMPLE_RATE},apad=whole_len=${samples}`],
        ...['-ac', '2', '-t', seconds.toFixed(5), '-c:a', 'pcm_f32le', '-f', 'wav', raw],
      ],
      { timeoutMs: 300_000 },
    );
    const loudness = loudnessOf(raw, samples);
    const gain = Number.isFinite(loudness) ? Math.min(MOST_GAIN, 10 ** ((LUFS - loudness) / 20)) : 1;
    await writeWhole(
      file,
      wavOf(
        samples,
        partsOf(raw, samples, (_, length) => new Float64Array(length).fill(gain)),
      ),
    );
  } finally {
    await rm(work, { recursive: true, force: true });
  }
}

/** ffmpeg's tempo filter goes from 0.5 upwards: slower is done in two steps. */
const tempo = (speed: number): string =>
  speed === 1 ? '' : speed < 0.5 ? `atempo=0.5,atempo=${speed / 0.5},` : `atempo=${speed},`;
