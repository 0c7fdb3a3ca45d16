import { describe, expect, it } from 'vitest';
import { seeded } from '../../hash.ts';
import { FEATURE_RATE } from '../mel.ts';
import { type Beats, beatsOf, harmonyOf } from './beats.ts';

interface Played {
  tempo: number;
  meter: 3 | 4;
  seconds: number;
  /** Beats before the first bar begins. */
  pickup?: number;
  noise?: number;
  /** How much players are early or late, ms. */
  loose?: number;
}

/** A kick on the first beat, a tick on every beat, a chord of its own in every bar. */
function played({ tempo, meter, seconds, pickup = 0, noise = 0, loose = 0 }: Played): {
  samples: Float32Array;
  beats: number[];
} {
  const random = seeded(`${tempo} ${meter} ${pickup}`);
  const samples = new Float32Array(seconds * FEATURE_RATE);
  const beats: number[] = [];
  const beat = 60 / tempo;
  for (let b = 0; (b + 1) * beat < seconds; b++) {
    const at = b * beat;
    beats.push(at * 1000);
    const bar = Math.floor((b - pickup + 100 * meter) / meter);
    const heard = at + (random() - 0.5) * 0.002 * loose;
    const tone = 220 * 2 ** (((bar * 5) % 12) / 12);
    const first = (b - pickup + 100 * meter) % meter === 0;
    for (let i = 0; i < beat * FEATURE_RATE; i++) {
      const t = i / FEATURE_RATE;
      const o = Math.round(heard * FEATURE_RATE) + i;
      if (o < 0 || o >= samples.length) continue;
      const tick = 0.25 * (2 * random() - 1) * Math.exp(-t * 90);
      const kick = first ? 0.6 * Math.sin(2 * Math.PI * 60 * t) * Math.exp(-t * 14) : 0;
      const chord =
        0.12 * (Math.sin(2 * Math.PI * tone * t) + Math.sin(2 * Math.PI * tone * 1.5 * t)) * Math.exp(-t * 2);
      samples[o] = (samples[o] as number) + tick + kick + chord;
    }
  }
  for (let i = 0; i < samples.length; i++) samples[i] = (samples[i] as number) + noise * (2 * random() - 1);
  return { samples, beats };
}

/** F-measure at ±70 ms. */
function hits(found: readonly number[], truth: readonly number[]): number {
  const near = truth.filter((t) => found.some((f) => Math.abs(f - t) <= 70)).length;
  return (2 * near) / (found.length + truth.length);
}

const found = (p: Played): { beats: Beats; truth: number[] } => {
  const { samples, beats: truth } = played(p);
  const beats = beatsOf(samples);
  if (!beats) throw new Error('No beat was found.');
  return { beats, truth };
};

describe('the beats of music', () => {
  it.each([
    { tempo: 72, meter: 4, seconds: 30 },
    { tempo: 96, meter: 4, seconds: 20, noise: 0.02 },
    { tempo: 118, meter: 4, seconds: 25, loose: 12 },
    { tempo: 141, meter: 4, seconds: 20, noise: 0.05 },
    { tempo: 90, meter: 3, seconds: 30 },
  ] as Played[])('at $tempo a minute, $meter in a bar, are found where they are', (p) => {
    const { beats, truth } = found(p);
    expect(hits(beats.beats, truth)).toBeGreaterThanOrEqual(0.95);
    expect(Math.abs(beats.tempo / p.tempo - 1)).toBeLessThan(0.02);
    expect(beats.meter).toBe(p.meter);
    expect(beats.sure).toBeGreaterThan(0.1);
    const errors = truth
      .map((t) => Math.min(...beats.beats.map((b) => Math.abs(b - t))))
      .sort((a, b) => a - b);
    expect(errors[errors.length >> 1]).toBeLessThanOrEqual(20);
  });

  it.each([0, 1, 2, 3])('begin bars where they do, also %i beats after the start', (pickup) => {
    const { beats, truth } = found({ tempo: 100, meter: 4, seconds: 30, pickup });
    const bars = beats.beats.filter((_, i) => i % beats.meter === beats.first);
    const where = truth.filter((_, i) => i % 4 === pickup);
    expect(hits(bars, where)).toBeGreaterThan(0.9);
  });

  it('are in order and keep their distance', () => {
    const { beats } = found({ tempo: 118, meter: 4, seconds: 30, loose: 15, noise: 0.03 });
    beats.beats.slice(1).forEach((b, i) => {
      const gap = b - (beats.beats[i] as number);
      expect(gap).toBeGreaterThan(400);
      expect(gap).toBeLessThan(620);
    });
  });

  it('are none in silence, in a moment of sound, and hardly any in noise', () => {
    expect(beatsOf(new Float32Array(20 * FEATURE_RATE))).toBeNull();
    expect(beatsOf(new Float32Array(FEATURE_RATE).fill(0.3))).toBeNull();
    const random = seeded('noise');
    const noise = Float32Array.from({ length: 20 * FEATURE_RATE }, () => 0.4 * (2 * random() - 1));
    expect(beatsOf(noise)?.sure ?? 0).toBeLessThan(0.3);
  });

  it('know their harmony: the same chord is alike, another is not', () => {
    const { samples, beats } = played({ tempo: 100, meter: 4, seconds: 30 });
    const sounds = harmonyOf(samples, beats);
    const like = (a: number, b: number) =>
      (sounds[a] as number[]).reduce((s, v, c) => s + v * (sounds[b]?.[c] as number), 0);
    // Chords come back every twelve bars; neighbours are a fourth apart.
    expect(like(1, 2)).toBeGreaterThan(0.9);
    expect(like(1, 49 - 12)).toBeLessThan(like(1, 2));
  });
});
