import { readFile, stat } from 'node:fs/promises';
import { contentKey } from '../../core/hash.ts';
import { integratedLoudness } from '../../core/sound/loudness.ts';
import type { Stereo } from '../../core/sound/mix.ts';
import { SAMPLE_RATE, samplesToSeconds } from '../../core/time.ts';
import type { ClipSound } from '../../core/timeline/types.ts';
import { dataPath } from '../config.ts';
import { run } from '../program.ts';
import { readWav, writeWav } from '../sound/wav.ts';
import { keepNewest, writeWhole } from '../store/files.ts';
import { assetFile } from './record.ts';

/** As loud as a take, so that a level in dB is one against the voice; what is nearly silent is not blown up. */
const LUFS = -16;
const MOST_GAIN = 10 ** (18 / 20);

/** Sounds that are kept; they can be made again. */
const KEPT = 200;

type Part = Pick<ClipSound, 'assetId' | 'inMs' | 'speed' | 'samples'>;

/** The file with the own sound of a clip's part, as WAV; made when it is first asked for. null without the clip. */
export async function clipSoundFile({ assetId, inMs, speed, samples }: Part): Promise<string | null> {
  const clip = await assetFile(assetId, 'clip');
  if (!clip) return null;
  const folder = dataPath('sounds');
  const file = `${folder}/${contentKey({ sound: 1, assetId, inMs, speed, samples })}.wav`;
  if (await stat(file).catch(() => null)) return file;
  const seconds = samplesToSeconds(samples);
  const { stdout } = await run(
    'ffmpeg',
    [
      ...['-v', 'error', '-protocol_whitelist', 'file'],
      ...['-ss', (inMs / 1000).toFixed(4), '-t', (seconds * speed + 0.2).toFixed(4), '-i', clip, '-vn'],
      ...['-af', `${tempo(speed)}aresample=${SAMPLE_RATE},apad=whole_len=${samples}`],
      ...['-ac', '2', '-t', seconds.toFixed(5), '-c:a', 'pcm_f32le', '-f', 'wav', 'pipe:1'],
    ],
    { timeoutMs: 300_000 },
  );
  const { channels } = readWav(stdout);
  const [left = new Float32Array(samples), right = left] = channels.map((c) => {
    const out = new Float32Array(samples);
    out.set(c.subarray(0, samples));
    return out;
  });
  const loudness = integratedLoudness([left, right]);
  const gain = Number.isFinite(loudness) ? Math.min(MOST_GAIN, 10 ** ((LUFS - loudness) / 20)) : 1;
  const scaled = [left, right].map((c) => c.map((v) => Math.max(-1, Math.min(1, v * gain))));
  await writeWhole(file, writeWav(scaled, SAMPLE_RATE));
  await keepNewest(folder, KEPT);
  return file;
}

/** ffmpeg's tempo filter goes from 0.5 upwards: slower is done in two steps. */
const tempo = (speed: number): string =>
  speed === 1 ? '' : speed < 0.5 ? `atempo=0.5,atempo=${speed / 0.5},` : `atempo=${speed},`;

export async function clipSamples(part: Part): Promise<Stereo> {
  const file = await clipSoundFile(part);
  if (!file) throw new Error(`The file of the clip ${part.assetId} is gone.`);
  const [left, right] = readWav(await readFile(file)).channels;
  if (!left) throw new Error('The clip has no sound.');
  return { left, right: right ?? left };
}
