import { mkdtemp, rm } from 'node:fs/promises';
import path from 'node:path';
import { setImmediate } from 'node:timers/promises';
import { mixInParts, type Sound, type Stereo } from '../../core/sound/mix.ts';
import type { Timeline } from '../../core/timeline/types.ts';
import { clipSoundFile, clipSoundOf } from '../assets/clip-sound.ts';
import { dataPath } from '../config.ts';
import { unpackTrack } from '../music/tracks.ts';
import { takeFile } from '../speech/takes.ts';
import { WavFile } from './wav.ts';

/** The sound of a timeline in parts, from the takes, tracks and clips in the store. Throws when one of them is gone. */
export async function* mixed(timeline: Timeline): AsyncGenerator<Stereo> {
  const work = await mkdtemp(path.join(dataPath(), 'sound-'));
  try {
    const takes = new Map<string, Sound>();
    for (const { voice } of timeline.scenes)
      if (voice && !takes.has(voice.key)) takes.set(voice.key, new WavFile(takeFile(voice.key) ?? ''));
    const tracks = new Map<string, Sound>();
    for (const { track } of timeline.sound.beds) {
      if (!track || tracks.has(track.key)) continue;
      const file = path.join(work, `${tracks.size}.wav`);
      await unpackTrack(track.key, file);
      tracks.set(track.key, new WavFile(file));
    }
    const clips = new Map<string, Sound>();
    for (const c of timeline.sound.clips) {
      if (clips.has(c.key)) continue;
      const file = clipSoundFile(await clipSoundOf(c));
      if (file) clips.set(c.key, new WavFile(file));
    }
    const parts = mixInParts(timeline, {
      take: (k) => takes.get(k) ?? null,
      clip: (k) => clips.get(k) ?? null,
      track: (k) => tracks.get(k) ?? null,
    });
    for (const part of parts) {
      if (part) yield part;
      await setImmediate();
    }
  } finally {
    await rm(work, { recursive: true, force: true });
  }
}

/** The same as bytes for an encoder: 32-bit float, left and right in turn. */
export async function* mixedBytes(timeline: Timeline): AsyncGenerator<Uint8Array> {
  for await (const { left, right } of mixed(timeline)) {
    const out = new Float32Array(left.length * 2);
    for (let i = 0; i < left.length; i++) {
      out[i * 2] = left[i] as number;
      out[i * 2 + 1] = right[i] as number;
    }
    yield new Uint8Array(out.buffer);
  }
}
