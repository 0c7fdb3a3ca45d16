import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { compose } from '../music/compose.ts';
import { midiFile } from '../music/midi.ts';
import { MOODS } from '../music/moods.ts';
import { msToSamples, SAMPLE_RATE, SAMPLES_PER_FRAME } from '../time.ts';
import type { SoundBed, Timeline } from '../timeline/types.ts';
import { CARVE } from './carve.ts';
import { joined } from './joined.ts';
import { limit } from './limit.ts';
import { integratedLoudness, truePeak } from './loudness.ts';
import { gainCurve, MIX, mix, mixPart, soundOf } from './mix.ts';

const sine = (seconds: number, hz: number, dbfs: number) =>
  Float32Array.from(
    { length: seconds * SAMPLE_RATE },
    (_, i) => 10 ** (dbfs / 20) * Math.sin((2 * Math.PI * hz * i) / SAMPLE_RATE),
  );

describe('loudness', () => {
  it('measures the reference tone of EBU Tech 3341: 1 kHz at -23 dBFS in both channels is -23 LUFS', () => {
    const tone = sine(20, 1000, -23);
    expect(integratedLoudness([tone, tone])).toBeCloseTo(-23, 1);
  });
  it('leaves quiet passages out by its gates', () => {
    const tone = sine(20, 1000, -23);
    const withSilence = new Float32Array(SAMPLE_RATE * 60);
    withSilence.set(tone);
    expect(integratedLoudness([withSilence, withSilence])).toBeCloseTo(-23, 0);
    expect(integratedLoudness([new Float32Array(SAMPLE_RATE)])).toBe(Number.NEGATIVE_INFINITY);
  });
  it('finds peaks between samples: a tone at a quarter of the rate, 45° off', () => {
    const x = Float32Array.from({ length: 4800 }, (_, i) => 0.5 * Math.sin((Math.PI / 2) * i + Math.PI / 4));
    expect(truePeak([x])).toBeGreaterThan(-6.4);
    expect(20 * Math.log10(x.reduce((m, v) => Math.max(m, Math.abs(v)), 0))).toBeLessThan(-8.9);
  });
});

describe('limit', () => {
  it('holds the ceiling on noise with bursts, and leaves quiet sound alone', () => {
    const random = seeded('noise');
    const x = Float32Array.from(
      { length: SAMPLE_RATE * 2 },
      (_, i) => (random() - 0.5) * (i % 20_000 < 400 ? 4 : 0.3),
    );
    const quiet = x.slice();
    expect(limit([x], -2)).toBeGreaterThan(3);
    expect(truePeak([x])).toBeLessThanOrEqual(-1.7);
    for (let i = 0; i < quiet.length; i++) quiet[i] = (quiet[i] ?? 0) * 0.1;
    const before = quiet.slice();
    expect(limit([quiet], -2)).toBe(0);
    expect(quiet).toEqual(before);
  });
});

describe('gainCurve', () => {
  it('is down before every word and open in long pauses', () => {
    const s = (ms: number) => msToSamples(ms);
    const curve = gainCurve(
      [
        [s(2000), s(4000)],
        [s(9000), s(10_000)],
      ],
      s(14_000),
      { gainDb: 0, duckDb: null },
    );
    const at = (ms: number) => {
      const i = curve.findLastIndex((p) => p.at <= s(ms));
      const [a, b] = [curve[i], curve[Math.min(curve.length - 1, i + 1)]];
      if (!a || !b || a.at === b.at) return a?.db;
      return a.db + ((b.db - a.db) * (s(ms) - a.at)) / (b.at - a.at);
    };
    expect(at(500)).toBe(MIX.musicOpenDb);
    for (const ms of [2000, 3000, 4000, 9000, 9500]) expect(at(ms)).toBeCloseTo(MIX.musicUnderVoiceDb, 6);
    expect(at(6500)).toBe(MIX.musicOpenDb);
    expect(at(13_000)).toBe(MIX.musicOpenDb);
    for (let i = 1; i < curve.length; i++) expect(curve[i]?.at).toBeGreaterThanOrEqual(curve[i - 1]?.at ?? 0);
  });
});

const bed = (more: Partial<SoundBed>): SoundBed => ({
  bedId: 'music',
  start: 0,
  length: SAMPLE_RATE,
  gainDb: 0,
  duckDb: null,
  wanted: { key: 'm', source: { kind: 'composed', mood: 'gentle', seed: 1 }, lengthMs: 1000, steady: false },
  track: { key: 'm', samples: SAMPLE_RATE * 10, bars: [] },
  ...more,
});

describe('mix', () => {
  const timeline = (samples: number): Timeline => ({
    format: '9:16',
    width: 1080,
    height: 1920,
    frames: samples / SAMPLES_PER_FRAME,
    colours: { ink: '#000000', paper: '#ffffff', ground: ['#000000', '#000000'] },
    scenes: [
      {
        sceneId: 'a',
        start: 0,
        end: samples / SAMPLES_PER_FRAME,
        transition: { kind: 'cut', frames: 0 },
        tail: 0,
        shots: [],
        grading: null,
        frame: null,
        colours: { ink: '#000000', paper: '#ffffff', ground: ['#000000', '#000000'] },
        words: null,
        voice: { key: 'v', start: SAMPLE_RATE, samples: SAMPLE_RATE * 4 },
        estimated: false,
        stretched: false,
      },
    ],
    sound: {
      samples,
      speech: [[SAMPLE_RATE, SAMPLE_RATE * 5]],
      beds: [bed({ length: samples })],
      clips: [],
      effects: [],
    },
  });
  it('reaches the loudness, holds the ceiling, and keeps the music well under the voice', () => {
    const n = SAMPLE_RATE * 10;
    const random = seeded('voice');
    const voice = Float32Array.from(
      { length: SAMPLE_RATE * 4 },
      (_, i) => Math.sin(i / 20) * (0.25 + 0.2 * random()) * (Math.sin(i / 9000) > -0.4 ? 1 : 0.05),
    );
    const music = sine(10, 440, -15);
    const material = { take: () => soundOf(voice), clip: () => null, track: () => soundOf(music, music) };
    const { left, right } = mix(timeline(n), material);
    expect(left.length).toBe(n);
    expect(integratedLoudness([left, right])).toBeCloseTo(MIX.targetLufs, 0);
    expect(truePeak([left, right])).toBeLessThanOrEqual(MIX.ceilingDb + 0.3);
    const again = mix(timeline(n), material);
    expect(again.left).toEqual(left);
  });
  it('carves the music under a voice, not where nobody speaks, and the same however it is cut', () => {
    const n = SAMPLE_RATE * 10;
    const silent = { take: () => null, clip: () => null };
    const db = (x: Float32Array, from: number, to: number) =>
      10 * Math.log10(x.subarray(from, to).reduce((sum, v) => sum + v * v, 0) / (to - from));
    const drop = (hz: number) => {
      const music = sine(10, hz, -15);
      const [left] = mixPart(timeline(n), { ...silent, track: () => soundOf(music) }, 0, n);
      if (!left) throw new Error('No sound.');
      return db(left, 7 * SAMPLE_RATE, 9 * SAMPLE_RATE) - db(left, 2 * SAMPLE_RATE, 4 * SAMPLE_RATE);
    };
    const gains = MIX.musicOpenDb - MIX.musicUnderVoiceDb;
    expect(drop(CARVE.hz) - gains).toBeCloseTo(-CARVE.db, 1);
    for (const hz of [60, 12_000]) expect(Math.abs(drop(hz) - gains)).toBeLessThan(0.8);
    const random = seeded('noise');
    const noise = Float32Array.from({ length: n }, () => random() - 0.5);
    const material = { ...silent, track: () => soundOf(noise) };
    const [whole] = mixPart(timeline(n), material, 0, n);
    const cut = [0, 77_777, 240_001].map((from, i, all) =>
      mixPart(timeline(n), material, from, all[i + 1] ?? n),
    );
    const again = joined(cut.map(([left]) => left as Float32Array));
    expect(again.length).toBe(n);
    again.forEach((v, i) => {
      if (Math.abs(v - (whole?.[i] ?? 0)) > 1e-6) throw new Error(`Other at ${i}.`);
    });
  });
  it('plays on without a take or a track that is missing', () => {
    const { left } = mix(timeline(SAMPLE_RATE * 2), {
      take: () => null,
      clip: () => null,
      track: () => null,
    });
    expect(left.every((v) => v === 0)).toBe(true);
  });
});

describe('compose', () => {
  it('fills any length with whole bars and ends with it, near the mood’s tempo', () => {
    for (const mood of Object.keys(MOODS) as (keyof typeof MOODS)[])
      for (const ms of [5000, 12_345, 30_000, 61_700, 180_000, 600_000]) {
        const score = compose(mood, 3, ms);
        expect(Math.abs(score.tempo / MOODS[mood].tempo - 1)).toBeLessThanOrEqual(
          ms > 20_000 ? 0.081 : 0.131,
        );
        const close = (score.barStarts.at(-1) ?? 0) / 48;
        expect(close).toBeLessThan(ms);
        // A slow bar more or less is longer.
        const bar = 240_000 / score.tempo;
        expect(ms - close).toBeLessThan(Math.max(ms > 12_000 ? 4600 : 5000, 2600 + bar));
        expect(ms - close).toBeGreaterThan(900);
        for (const n of score.notes) {
          expect(n.pitch).toBeGreaterThanOrEqual(20);
          expect(n.pitch).toBeLessThanOrEqual(110);
          expect(n.velocity).toBeGreaterThanOrEqual(1);
        }
      }
  });
  it('gives the same bytes for the same brief, others for another seed', () => {
    expect(midiFile(compose('gentle', 1, 30_000))).toEqual(midiFile(compose('gentle', 1, 30_000)));
    expect(midiFile(compose('gentle', 2, 30_000))).not.toEqual(midiFile(compose('gentle', 1, 30_000)));
  });
});
