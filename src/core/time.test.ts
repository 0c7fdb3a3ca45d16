import { describe, expect, it } from 'vitest';
import {
  clock,
  FPS,
  framesToMs,
  framesToSamples,
  framesToSeconds,
  msToFrames,
  msToSamples,
  msToSeconds,
  SAMPLE_RATE,
  SAMPLES_PER_FRAME,
  samplesToMs,
  samplesToSeconds,
} from './time.ts';

describe('time', () => {
  it('goes from frames to milliseconds and back without loss', () => {
    for (let f = 0; f < 20_000; f += 7) expect(msToFrames(framesToMs(f))).toBe(f);
    expect([msToFrames(16), msToFrames(17), msToFrames(1000)]).toEqual([0, 1, FPS]);
    expect(framesToMs(1)).toBe(33);
  });

  it('has whole samples in every frame and millisecond', () => {
    expect(SAMPLES_PER_FRAME).toBe(1600);
    expect(framesToSamples(FPS)).toBe(SAMPLE_RATE);
    for (const ms of [0, 1, 333, 59_999]) expect(samplesToMs(msToSamples(ms))).toBe(ms);
    expect(msToSamples(1)).toBe(48);
  });

  it('has seconds with a fraction', () => {
    expect([framesToSeconds(45), samplesToSeconds(24_000), msToSeconds(250)]).toEqual([1.5, 0.5, 0.25]);
  });

  it.each([
    [-1, '0:00'],
    [999, '0:00'],
    [59_999, '0:59'],
    [61_000, '1:01'],
    [3_599_999, '59:59'],
    [3_600_000, '1:00:00'],
    [7_265_000, '2:01:05'],
  ])('%i ms is shown as %s', (ms, shown) => expect(clock(ms)).toBe(shown));
});
