import { closeSync, openSync, writeSync } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import path from 'node:path';
import type { FittedTrack } from '../../core/music/fitted.ts';
import { joinedParts } from '../../core/music/joined-parts.ts';
import { beatsOf, harmonyOf } from '../../core/sound/beats/beats.ts';
import { FEATURE_RATE } from '../../core/sound/mel.ts';
import { peaks } from '../../core/sound/mix.ts';
import { wavHead, wavSamples } from '../../core/sound/wav.ts';
import { msToSamples, SAMPLE_RATE, type Samples } from '../../core/time.ts';
import { dataPath } from '../config.ts';
import { run } from '../program.ts';
import { WavFile } from '../sound/wav.ts';
import { levelTrack } from './level.ts';
import type { HeardTrack } from './own-tracks.ts';

/** Parts of the wave that is drawn; what is no louder is no music; what is quieter than this against the loudest is silence. */
const HEARD = { parts: 400, least: 1e-3, silence: 0.004 } as const;
/** A track that is not played to its own end fades over so long. */
const FADE = { whole: 400, cut: 2500 } as const;

/** What is heard in a track: its length, its wave, its beats. */
export async function hearTrack(file: string): Promise<HeardTrack> {
  const { stdout } = await run(
    'ffmpeg',
    ['-v', 'error', '-i', file, '-ac', '1', '-ar', String(FEATURE_RATE), '-f', 'f32le', 'pipe:1'],
    { timeoutMs: 600_000 },
  );
  const n = Math.floor(stdout.length / 4);
  const samples = new Float32Array(stdout.buffer.slice(stdout.byteOffset, stdout.byteOffset + n * 4));
  const loudest = samples.reduce((m, v) => Math.max(m, Math.abs(v)), 0);
  const ms = (i: number) => Math.round((i * 1000) / FEATURE_RATE);
  const lengthMs = ms(n);
  if (loudest < HEARD.least) return { lengthMs, endMs: 0, wave: [], analysis: null };
  const end = samples.findLastIndex((v) => Math.abs(v) > loudest * HEARD.silence) + 1;
  const heard = samples.subarray(0, end);
  const beats = beatsOf(heard);
  return {
    lengthMs,
    endMs: ms(end),
    wave: peaks(heard, HEARD.parts).map((v) => Math.round((v / loudest) * 100) / 100),
    analysis: beats && { ...beats, endMs: ms(end), harmony: harmonyOf(heard, beats.beats) },
  };
}

/** Plays a track as it was fitted: parts joined without a click, a little faster or slower at the same pitch, levelled. */
export async function fitTrack(
  track: string,
  fit: FittedTrack,
  samples: Samples,
  file: string,
): Promise<void> {
  const work = await mkdtemp(path.join(dataPath(), 'sound-'));
  try {
    const whole = path.join(work, 'whole.wav');
    await run('ffmpeg', ['-y', '-v', 'error', '-i', track, '-c:a', 'pcm_s16le', '-f', 'wav', whole], {
      timeoutMs: 600_000,
    });
    const parts = fit.parts.map(([a, b]): [Samples, Samples] => [msToSamples(a), msToSamples(b)]);
    const joined = path.join(work, 'joined.wav');
    const length = parts.reduce((n, [a, b]) => n + b - a, 0);
    const to = openSync(joined, 'w');
    try {
      writeSync(to, wavHead(length, 2, SAMPLE_RATE));
      for (const part of joinedParts(new WavFile(whole), parts)) writeSync(to, wavSamples(part));
    } finally {
      closeSync(to);
    }
    const played = path.join(work, 'played.wav');
    const speed = Math.abs(fit.speed - 1) < 1e-4 ? 'anull' : `rubberband=tempo=${fit.speed.toFixed(6)}`;
    await run(
      'ffmpeg',
      ['-y', '-v', 'error', '-i', joined, '-af', speed, '-c:a', 'pcm_s16le', '-f', 'wav', played],
      {
        timeoutMs: 600_000,
      },
    );
    await levelTrack(played, samples, file, msToSamples(fit.whole ? FADE.whole : FADE.cut));
  } finally {
    await rm(work, { recursive: true, force: true });
  }
}
