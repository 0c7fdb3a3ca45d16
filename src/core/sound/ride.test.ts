import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { SAMPLE_RATE } from '../time.ts';
import { LoudnessMeter } from './loudness.ts';
import { Ride, rideOf } from './ride.ts';

const at = (ride: Ride, sample: number): number => ride.gains(sample, 1)[0] as number;

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
  const gains = ride.gains(0, x.length);
  return x.map((v, i) => v * (gains[i] as number));
};

describe('a ride', () => {
  it('takes nearly all of what is missing, most of what is too much, never more than so much, and passes silence over', () => {
    const db = (shortTerm: number[], step: number) =>
      20 * Math.log10(at(rideOf(shortTerm, -18), ((step + 0.5) * SAMPLE_RATE) / 10));
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
    expect(20 * Math.log10(at(ride, SAMPLE_RATE / 10))).toBeCloseTo(1.8);
    expect(at(ride, 0)).toBe(1);
    expect(20 * Math.log10(at(ride, SAMPLE_RATE))).toBeCloseTo(3.6);
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
    expect(at(ride, 4 * 4800 + 2400)).toBeCloseTo(at(ride, 2 * 4800 + 2400), 6);
    expect(at(rideOf([], -20), 0)).toBe(1);
    expect(at(rideOf([Number.NEGATIVE_INFINITY], -20), 100)).toBe(1);
  });

  it('never jumps', () => {
    const random = seeded('jumps');
    const ride = rideOf(
      Array.from({ length: 300 }, () => -20 - 10 * random()),
      -24,
    );
    let before = at(ride, 0);
    for (let sample = 48; sample < 29 * SAMPLE_RATE; sample += 48) {
      const now = at(ride, sample);
      expect(Math.abs(20 * Math.log10(now / before))).toBeLessThan(0.12);
      before = now;
    }
  });

  it('is the same whether it is asked for at once or in parts, and two are as one after the other', () => {
    const random = seeded('parts');
    const steps = () => Array.from({ length: 40 }, () => -30 + 20 * random());
    const [one, other] = [rideOf(steps(), -20), rideOf(steps(), -22)];
    const n = 4 * SAMPLE_RATE + 777;
    const whole = one.and(other).gains(0, n);
    const [a, b] = [one.gains(0, n), other.gains(0, n)];
    let off = 0;
    for (let from = 0; from < n; ) {
      const length = Math.min(n - from, 1 + Math.floor(random() * 9000));
      const part = one.and(other).gains(from, length);
      for (const [i, g] of part.entries()) {
        const both = (a[from + i] as number) * (b[from + i] as number);
        off = Math.max(off, Math.abs(g / both - 1), Math.abs(g / (whole[from + i] as number) - 1));
      }
      from += length;
    }
    expect(off).toBeLessThan(1e-9);
    expect(new Ride().and(one).gains(5000, 3)).toEqual(one.gains(5000, 3));
  });
});
