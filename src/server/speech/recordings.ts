import { rm, stat } from 'node:fs/promises';
import type { Recording } from '../../api/material.ts';
import { Failed } from '../../core/failure.ts';
import type { RecordedPart } from '../../core/piece/types.ts';
import { thirdRate } from '../../core/sound/align/align.ts';
import { features } from '../../core/sound/align/features.ts';
import { voiced } from '../../core/sound/align/voiced.ts';
import { HOP } from '../../core/sound/mel.ts';
import { SAMPLE_RATE } from '../../core/time.ts';
import { dataPath } from '../config.ts';
import { run } from '../program.ts';
import { keptSound } from '../sound/kept-sound.ts';

const ID = /^[0-9a-f]{32}$/;

/** A recording as it is kept: mono, 48 kHz, FLAC, at the loudness that it came with. */
const fileOf = (id: string): string => dataPath('recordings', id.slice(0, 2), `${id}.flac`);
export const recordingFile = (id: string): string | null => (ID.test(id) ? fileOf(id) : null);

/** The longest recording, and what is left round the speech in it. */
const RECORDING = { mostSeconds: 7200, headMs: 90, footMs: 180 } as const;

/**
 * Keeps a recording by its content, in whatever form it came; the same one is kept once. Throws Failed (no-sound) when
 * nothing can be heard in it.
 */
export async function keepRecording(bytes: Uint8Array): Promise<Recording> {
  const { id, file } = await keptSound(bytes, { channels: 1, mostSeconds: RECORDING.mostSeconds, fileOf });
  const samples = await samplesOf({ takeId: id, startMs: 0, endMs: null, clean: false });
  const lengthMs = Math.round((samples.length * 1000) / SAMPLE_RATE);
  const { speaks } = voiced(features(thirdRate(samples)));
  const [first, last] = [speaks.indexOf(1), speaks.lastIndexOf(1)];
  if (!samples.some((v) => Math.abs(v) > 1e-4) || first < 0) {
    await rm(file, { force: true });
    throw new Failed({ code: 'no-sound' });
  }
  const ms = (frame: number) => (frame * HOP) / 16;
  return {
    ...{ id, lengthMs },
    startMs: Math.max(0, Math.round(ms(first) - RECORDING.headMs)),
    endMs: Math.min(lengthMs, Math.round(ms(last + 1) + RECORDING.footMs)),
  };
}

/** Of a room: hum and rumble, and steady noise by its spectrum. */
const CLEAN = 'highpass=f=80,afftdn=nr=18:nf=-32:tn=1';
/** What every recording gets: nothing below the voice, and a level that does not jump. */
const EVEN = 'highpass=f=55,acompressor=threshold=-26dB:ratio=2.2:attack=8:release=140:makeup=1.4';

/** Mono samples at 48 kHz of a part of a recording, evened, and cleaned where that is wanted. Throws Failed (no-take). */
export const samplesOf = (part: RecordedPart): Promise<Float32Array> =>
  decoded(part, ['-af', part.clean ? `${CLEAN},${EVEN}` : EVEN]);

/** A part of a recording as it came. Throws Failed (no-take). */
export const rawSamplesOf = (part: RecordedPart): Promise<Float32Array> => decoded(part, []);

async function decoded(part: RecordedPart, change: readonly string[]): Promise<Float32Array> {
  const file = recordingFile(part.takeId);
  if (!file || !(await stat(file).catch(() => null))) throw new Failed({ code: 'no-take' });
  const length = part.endMs === null ? [] : ['-t', ((part.endMs - part.startMs) / 1000).toFixed(4)];
  const { stdout } = await run(
    'ffmpeg',
    [
      ...['-v', 'error', '-ss', (part.startMs / 1000).toFixed(4), ...length, '-i', file],
      ...change,
      ...['-ac', '1', '-ar', String(SAMPLE_RATE), '-f', 'f32le', 'pipe:1'],
    ],
    { timeoutMs: 600_000 },
  );
  const n = Math.floor(stdout.length / 4);
  return new Float32Array(stdout.buffer.slice(stdout.byteOffset, stdout.byteOffset + n * 4));
}
