import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { SAMPLE_RATE } from '../time.ts';
import { LoudnessMeter } from './loudness.ts';
import { rideOf } from './ride.ts';

/** Noise whose level changes, dB at a second. */
function swelling(seconds: number, db: (second: number) => number): Float32Array {
  const random = seeded('swell');
  return Float32Array.from(
    { length: seconds * SAMPLE_RATE },
    (_, i) => (random() - 0.5) * 10 ** (db(i / SAMPLE_RATE) / 20),
  );
}

function measured(x: Float32Array): LoudnessMeter {
  const meter = new LoudnessMeter();
  meter.push([x, x]);
  return meter;
}

/** Distance between the loudest and the quietest three seconds. */
const range = (x: Float32Array): number => {
  const values = measured(x).shortTerm.slice(20, -20);
  return Math.max(...values) - Math.min(...values);
};

const ridden = (x: Float32Array): Float32Array => {
  const meter = measured(x);
  const ride = rideOf(meter.shortTerm, meter.integrated);
  return x.map((v, i) => v * ride(i));
};

describe('a ride', () => {
  it('takes nearly all of what is missing, most of what is too much, never more than so much, and passes silence over', () => {
    const db = (shortTerm: number[], step: number) =>
      20 * Math.log10(rideOf(shortTerm, -18)(((step + 0.5) * SAMPLE_RATE) / 10));
    expect(db([-18, -18], 0)).toBeCloseTo(0);
    expect(db([-22, -22], 0)).toBeCloseTo(4 * 0.9);
    expect(db([-14, -14], 0)).toBeCloseTo(-4 * 0.7);
    expect(db([-40, -40], 1)).toBeCloseTo(9);
    expect(db([-2, -2], 1)).toBeCloseTo(-6);
    // What is no music keeps the gain of what is beside it, before it and, at the beginning, after it.
    const silence = Number.NEGATIVE_INFINITY;
    expect(db([-22, silence, -45], 1)).toBeCloseTo(3.6);
    expect(db([-22, silence, -45], 2)).toBeCloseTo(3.6);
    expect(db([silence, silence, -14], 0)).toBeCloseTo(-2.8);
    expect(db([silence, silence], 1)).toBeCloseTo(0);
    expect(db([], 0)).toBe(0);
    expect(db([-44, -18], 0)).toBeCloseTo(9);
    // Between two steps it runs straight in dB, and stays before the first and after the last.
    const ride = rideOf([-18, -22], -18);
    expect(20 * Math.log10(ride(SAMPLE_RATE / 10))).toBeCloseTo(1.8);
    expect(ride(0)).toBe(1);
    expect(20 * Math.log10(ride(SAMPLE_RATE))).toBeCloseTo(3.6);
  });

  it('makes slow swells small, up and down', () => {
    const swell = swelling(40, (s) => -20 + 9 * Math.sin(s / 5));
    expect(range(swell)).toBeGreaterThan(14);
    expect(range(ridden(swell))).toBeLessThan(8);
    const intro = swelling(30, (s) => (s < 8 ? -32 : -20));
    expect(range(ridden(intro))).toBeLessThan(range(intro) / 2);
  });

  it('leaves what is even as it is, and beats with it', () => {
    const beats = swelling(20, (s) => (s % 0.5 < 0.1 ? -12 : -30));
    const after = ridden(beats);
    const ratio = (x: Float32Array, from: number, to: number) =>
      Math.hypot(...x.subarray(from * SAMPLE_RATE, to * SAMPLE_RATE));
    for (const at of [5, 8, 11]) {
      const before = ratio(beats, at, at + 0.1) / ratio(beats, at + 0.2, at + 0.4);
      expect(ratio(after, at, at + 0.1) / ratio(after, at + 0.2, at + 0.4)).toBeCloseTo(before, 0);
    }
  });

  it('does not bring up an ending that dies away, nor silence', () => {
    const ride = rideOf([-20, -20, -22, -60, Number.NEGATIVE_INFINITY], -20);
    expect(ride(4 * 4800 + 2400)).toBeCloseTo(ride(2 * 4800 + 2400), 6);
    expect(rideOf([], -20)(0)).toBe(1);
    expect(rideOf([Number.NEGATIVE_INFINITY], -20)(100)).toBe(1);
  });

  it('never jumps', () => {
    const random = seeded('jumps');
    const ride = rideOf(
      Array.from({ length: 300 }, () => -20 - 10 * random()),
      -24,
    );
    let before = ride(0);
    for (let at = 48; at < 29 * SAMPLE_RATE; at += 48) {
      const now = ride(at);
      expect(Math.abs(20 * Math.log10(now / before))).toBeLessThan(0.12);
      before = now;
    }
  });
});
