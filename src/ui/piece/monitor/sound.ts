'use client';

import { addressOf } from '../../../api/endpoint.ts';
import { askClipSound, clipSound, takeSound, trackSound } from '../../../api/material.ts';
import { peaks } from '../../../core/sound/mix.ts';
import { SAMPLE_RATE } from '../../../core/time.ts';
import type { ClipSound, Timeline } from '../../../core/timeline/types.ts';
import type { MixAnswer, MixMessage } from '../../../workers/mix.worker.ts';
import { call } from '../../shared/api.ts';

/** A track is made for one length of the piece, so with every change of it the ones before become useless. */
const TRACKS_KEPT = 3;
/** Up to this length what is heard is fetched before it is asked for. */
const AHEAD = 180 * SAMPLE_RATE;
/** Parts of a track's wave. */
const TRACK_PARTS = 1200;

/** Fetches takes and tracks, has them mixed in a worker, and keeps the result for playing. */
export class Sound {
  private readonly worker = new Worker(new URL('../../../workers/mix.worker.ts', import.meta.url), {
    type: 'module',
  });
  private readonly decoder = new OfflineAudioContext(2, 1, SAMPLE_RATE);
  private readonly sent = new Map<string, Promise<void>>();
  /** Tracks that the worker has, the one that was used last at the end. */
  private readonly tracks = new Set<string>();
  private readonly waves = new Map<string, number[]>();
  private readonly listeners = new Set<() => void>();
  private wavesCame = 0;
  private readonly waiting = new Map<
    number,
    { resolve: (b: AudioBuffer) => void; reject: (e: Error) => void }
  >();
  private nextId = 1;
  private mixed: { key: string; buffer: Promise<AudioBuffer> } | null = null;

  constructor() {
    this.worker.onmessage = ({ data }: MessageEvent<MixAnswer>) => {
      const w = this.waiting.get(data.id);
      this.waiting.delete(data.id);
      if (!w) return;
      if ('error' in data) w.reject(new Error(data.error));
      else {
        const buffer = new AudioBuffer({
          numberOfChannels: 2,
          length: Math.max(1, data.left.length),
          sampleRate: SAMPLE_RATE,
        });
        if (data.left.length) {
          buffer.copyToChannel(data.left as Float32Array<ArrayBuffer>, 0);
          buffer.copyToChannel(data.right as Float32Array<ArrayBuffer>, 1);
        }
        w.resolve(buffer);
      }
    };
  }

  private post(m: MixMessage): void {
    this.worker.postMessage(m);
  }

  /** Wave of a take or track for drawing, 0 to 1; null until it has been fetched. */
  wave(key: string): number[] | null {
    return this.waves.get(key) ?? null;
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Another number whenever more waves are there. */
  getWaves = (): number => this.wavesCame;

  private keepWave(key: string, wave: number[]): void {
    this.waves.set(key, wave);
    this.wavesCame++;
    for (const l of this.listeners) l();
  }

  /** Fetches what a short piece is heard with before it is played: then it begins at once, and its waves can be seen. */
  fetchAhead({ scenes, sound }: Timeline): void {
    if (sound.samples > AHEAD) return;
    const keys = scenes.flatMap((s) => (s.voice ? [s.voice.key] : []));
    const tracks = sound.beds.flatMap((b) => (b.track ? [b.track.key] : []));
    // What does not come is asked for again when it is played, and said then.
    void Promise.allSettled([
      ...keys.map((k) => this.fetchTake(k)),
      ...tracks.map((k) => this.fetchTrack(k)),
    ]).then(() => this.keepTracks(tracks));
  }

  fetchTake(key: string): Promise<void> {
    return this.once(`take/${key}`, async () => {
      const buffer = await this.decode(addressOf(takeSound, { key }));
      const samples = buffer.getChannelData(0).slice();
      this.keepWave(key, peaks(samples, Math.min(260, Math.max(60, Math.round(samples.length / 800)))));
      this.post({ kind: 'take', key, samples });
    });
  }

  private fetchTrack(key: string): Promise<void> {
    return this.fetchStereo('track', key, async () => addressOf(trackSound, { key }));
  }

  private keepTracks(used: readonly string[]): void {
    for (const key of used) {
      this.tracks.delete(key);
      this.tracks.add(key);
    }
    const old = [...this.tracks].slice(0, Math.max(0, this.tracks.size - Math.max(TRACKS_KEPT, used.length)));
    for (const key of old) {
      this.tracks.delete(key);
      this.waves.delete(key);
      this.sent.delete(`track/${key}`);
      this.post({ kind: 'forget-track', key });
    }
  }

  private fetchClip({ key, assetId, inMs, speed, samples }: ClipSound): Promise<void> {
    return this.fetchStereo('clip', key, async () => {
      const made = await call(askClipSound, { body: { assetId, inMs, speed, samples } });
      return addressOf(clipSound, { key: made.key });
    });
  }

  private fetchStereo(kind: 'track' | 'clip', key: string, address: () => Promise<string>): Promise<void> {
    return this.once(`${kind}/${key}`, async () => {
      const buffer = await this.decode(await address());
      if (kind === 'track') this.keepWave(key, peaks(buffer.getChannelData(0), TRACK_PARTS));
      this.post({
        kind,
        key,
        track: {
          left: buffer.getChannelData(0).slice(),
          right: buffer.getChannelData(buffer.numberOfChannels - 1).slice(),
        },
      });
    });
  }

  private once(name: string, work: () => Promise<void>): Promise<void> {
    const known = this.sent.get(name);
    if (known) return known;
    const job = work().catch((e) => {
      this.sent.delete(name);
      throw e;
    });
    this.sent.set(name, job);
    return job;
  }

  private async decode(url: string): Promise<AudioBuffer> {
    const response = await fetch(url);
    if (!response.ok) throw new Error(`The sound ${url} cannot be read (${response.status}).`);
    return this.decoder.decodeAudioData(await response.arrayBuffer());
  }

  /** The mix of a timeline; made once for the same voices, places and music. */
  mixOf(timeline: Timeline): Promise<AudioBuffer> {
    const voices = timeline.scenes.map((s) => s.voice && [s.voice.key, s.voice.start, s.voice.samples]);
    const key = JSON.stringify([voices, timeline.sound]);
    if (this.mixed?.key === key) return this.mixed.buffer;
    const buffer = (async () => {
      await Promise.all(timeline.scenes.flatMap((s) => (s.voice ? [this.fetchTake(s.voice.key)] : [])));
      await Promise.all(timeline.sound.clips.map((c) => this.fetchClip(c)));
      const tracks = timeline.sound.beds.flatMap((b) => (b.track ? [b.track.key] : []));
      await Promise.all(tracks.map((track) => this.fetchTrack(track)));
      this.keepTracks(tracks);
      const id = this.nextId++;
      return new Promise<AudioBuffer>((resolve, reject) => {
        this.waiting.set(id, { resolve, reject });
        this.post({ kind: 'mix', id, timeline });
      });
    })();
    this.mixed = { key, buffer };
    buffer.catch(() => {
      if (this.mixed?.key === key) this.mixed = null;
    });
    return buffer;
  }

  dispose(): void {
    this.worker.terminate();
  }
}
