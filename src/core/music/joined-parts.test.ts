import { describe, expect, it } from 'vitest';
import { joined } from '../sound/joined.ts';
import { soundOf } from '../sound/mix.ts';
import { SAMPLE_RATE } from '../time.ts';
import { joinedParts } from './joined-parts.ts';

const tone = (hz: number, seconds: number) =>
  Float32Array.from(
    { length: seconds * SAMPLE_RATE },
    (_, i) => 0.5 * Math.sin((2 * Math.PI * hz * i) / SAMPLE_RATE),
  );

const whole = (parts: [number, number][], sound = soundOf(tone(220, 30), tone(330, 30))) => {
  const blocks = [...joinedParts(sound, parts)];
  return [0, 1].map((c) => joined(blocks.map((b) => b[c] as Float32Array)));
};

describe('parts of a sound that are joined', () => {
  it('are as long as they are together, and outside the seams what they were', () => {
    const parts: [number, number][] = [
      [0, 12 * SAMPLE_RATE],
      [20 * SAMPLE_RATE, 25 * SAMPLE_RATE],
    ];
    const [left, right] = whole(parts);
    expect(left?.length).toBe(17 * SAMPLE_RATE);
    const source = tone(330, 30);
    for (const [at, from] of [
      [5, 5],
      [11.9, 11.9],
      [12.1, 20.1],
      [16, 24],
    ] as const)
      expect(right?.[at * SAMPLE_RATE]).toBe(source[Math.round(from * SAMPLE_RATE)]);
  });

  it('do not click where they meet', () => {
    // A seam in the middle of a wave.
    const [left] = whole([
      [0, SAMPLE_RATE + 31],
      [7 * SAMPLE_RATE + 80, 9 * SAMPLE_RATE],
    ]);
    const steps = (x: Float32Array) =>
      Math.max(...Array.from(x.slice(1), (v, i) => Math.abs(v - (x[i] as number))));
    const round = left?.slice(SAMPLE_RATE - 2000, SAMPLE_RATE + 4000) as Float32Array;
    expect(steps(round)).toBeLessThan(steps(tone(220, 1).slice(0, 2000)) * 1.6);
  });

  it('that follow each other anyhow are not touched', () => {
    const [left] = whole([
      [0, 4000],
      [4000, 9000],
    ]);
    expect(left).toEqual(tone(220, 30).slice(0, 9000));
  });
});
