import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { SAMPLE_RATE } from '../time.ts';
import { limit } from './limit.ts';
import { peakAround, truePeak } from './loudness.ts';

/** The limiter as its description says it, the slow way. */
function plainly(
  channels: readonly Float32Array[],
  ceilingDb: number,
): { out: Float64Array[]; gain: number[] } {
  const max = 10 ** (ceilingDb / 20);
  const n = channels[0]?.length ?? 0;
  const ahead = 0.004 * SAMPLE_RATE;
  const all = Array.from({ length: n }, (_, i) => i);
  const need = all.map((i) =>
    channels.reduce((g, c) => {
      const p = peakAround(c, i, 0);
      return p > max ? Math.min(g, max / p) : g;
    }, 1),
  );
  const least = all.map((i) => Math.min(...need.slice(i, i + ahead + 1)));
  const released: number[] = [];
  for (const i of all) {
    const before = released[i - 1] ?? 1;
    released.push(Math.min(least[i] ?? 1, 1 - (1 - before) * Math.exp(-1 / (0.12 * SAMPLE_RATE))));
  }
  const gain = all.map((i) => {
    const last = released.slice(Math.max(0, i - ahead + 1), i + 1);
    return last.reduce((a, b) => a + b, 0) / last.length;
  });
  return { gain, out: channels.map((c) => Float64Array.from(c, (x, i) => x * (gain[i] ?? 1))) };
}

/** Quiet noise with peaks at places. */
function noise(seed: string, n: number, peaks: Record<number, number>, level = 0.2): Float32Array {
  const random = seeded(seed);
  const x = Float32Array.from({ length: n }, () => (random() - 0.5) * 2 * level);
  for (const [at, value] of Object.entries(peaks)) x[Number(at)] = value;
  return x;
}

describe('the limiter', () => {
  it.each([
    ['one peak', 1500, { 700: 1.4 }],
    [
      'peaks that follow each other closely, the later one higher',
      1500,
      { 500: 1, 560: 1.2, 640: 1.6, 900: 0.9 },
    ],
    ['peaks that follow each other closely, the later one lower', 1500, { 500: 1.6, 560: 1.2, 700: 1.01 }],
    ['peaks at the very ends', 900, { 0: 1.3, 899: 1.5 }],
    ['a sound shorter than the look-ahead', 100, { 50: 2 }],
    ['peaks on both sides', 1200, { 300: 1.2, 301: -1.7 }],
  ])('does what its description says: %s', (_, n, peaks) => {
    const x = noise('a', n, peaks);
    const { out, gain } = plainly([x], -2);
    const reduction = limit([x], -2);
    x.forEach((v, i) => {
      expect(Math.abs(v - (out[0]?.[i] ?? 9))).toBeLessThan(1e-6);
    });
    expect(reduction).toBeCloseTo(-20 * Math.log10(Math.min(...gain)), 4);
  });

  it('turns both channels down by the same, as the louder one needs', () => {
    const [left, right] = [noise('l', 1200, { 400: 1.5 }), noise('r', 1200, { 800: -1.2 })];
    const wanted = plainly([left, right], -1);
    const [l, r] = [left.slice(), right.slice()];
    limit([l, r], -1);
    for (const [now, was] of [
      [l, wanted.out[0]],
      [r, wanted.out[1]],
    ] as const)
      now.forEach((v, i) => {
        expect(Math.abs(v - (was?.[i] ?? 9))).toBeLessThan(1e-6);
      });
  });

  it('leaves what is under the ceiling alone, to the bit, also when it is just under it', () => {
    for (const peak of [0.5, 0.79]) {
      const x = new Float32Array(400);
      // A slow swing has no peaks between its samples.
      for (let i = 0; i < x.length; i++) x[i] = peak * Math.sin(i / 60);
      const before = x.slice();
      expect(limit([x], -2)).toBe(0);
      expect(x).toEqual(before);
    }
    expect(limit([], -2)).toBe(0);
    expect(limit([new Float32Array(0)], -2)).toBe(0);
  });

  it('is down before the peak comes, and lets go over a tenth of a second', () => {
    const n = SAMPLE_RATE / 2;
    const x = new Float32Array(n).fill(0.1);
    x[10_000] = 1.8;
    limit([x], -2);
    const gain = (i: number) => (x[i] ?? 0) / 0.1;
    expect(gain(10_000 - 400)).toBeCloseTo(1, 6);
    expect(gain(9_999)).toBeLessThan(0.55);
    for (let i = 10_300; i < n - 1; i++) expect(gain(i + 1)).toBeGreaterThanOrEqual(gain(i) - 1e-6);
    const [low, later] = [gain(10_300), gain(10_300 + 0.12 * SAMPLE_RATE)];
    expect((1 - later) / (1 - low)).toBeCloseTo(Math.exp(-1), 2);
  });

  it.each(['a', 'b', 'c'])('keeps the true peak of loud noise under the ceiling, seed %s', (seed) => {
    const x = noise(seed, 9600, {}, 1.6);
    expect(truePeak([x])).toBeGreaterThan(2);
    limit([x], -2);
    expect(truePeak([x])).toBeLessThanOrEqual(-1.7);
  });
});
