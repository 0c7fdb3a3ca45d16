import { describe, expect, it } from 'vitest';
import type { TakeWord } from '../timeline/types.ts';
import { heardWords, withPauses } from './pauses.ts';

const RATE = 16_000;
/** A tone where words are, silence between them. */
function spoken(words: readonly TakeWord[], lengthMs: number): Float32Array {
  const x = new Float32Array((lengthMs * RATE) / 1000);
  for (const w of words)
    for (let i = (w.startMs * RATE) / 1000; i < (w.endMs * RATE) / 1000; i++) x[i] = 0.4 * Math.sin(i / 5);
  return x;
}
const WORDS: TakeWord[] = [
  { start: 0, end: 3, startMs: 40, endMs: 300 },
  { start: 4, end: 7, startMs: 320, endMs: 600 },
  { start: 8, end: 11, startMs: 1000, endMs: 1400 },
];
const loud = (x: Float32Array, from: number, to: number) =>
  Math.max(...x.subarray(Math.round(from * 16), Math.round(to * 16)).map(Math.abs));

describe('withPauses', () => {
  it.each([0.3, 0.5, 2, 3])(
    'makes pauses %d times as long and keeps the words in time with their sound',
    (times) => {
      const x = spoken(WORDS, 1600);
      const out = withPauses(x, RATE, WORDS, times);
      const [a, b, c] = out.words as [TakeWord, TakeWord, TakeWord];
      expect(c.startMs - b.endMs).toBeCloseTo(400 * times, -1);
      // A gap inside the flow of speech stays.
      expect(b.startMs - a.endMs).toBe(20);
      for (const [i, w] of out.words.entries()) {
        const was = WORDS[i] as TakeWord;
        expect(w.endMs - w.startMs).toBe(was.endMs - was.startMs);
        expect(loud(out.samples, w.startMs + 20, w.endMs - 20)).toBeGreaterThan(0.35);
      }
      expect(loud(out.samples, b.endMs + 10, c.startMs - 10)).toBe(0);
      expect(out.samples.length - x.length).toBeCloseTo(400 * (times - 1) * 16, -2);
    },
  );

  it('leaves speech as it is at 1', () => {
    const x = spoken(WORDS, 1600);
    const out = withPauses(x, RATE, WORDS, 1);
    expect(out.words).toEqual(WORDS);
    expect(out.samples).toEqual(x);
  });
});

describe('heardWords', () => {
  it('ends words where their sound ends', () => {
    const x = spoken(WORDS, 1600);
    // Each word is said to last until the next one begins.
    const long = WORDS.map((w, i) => ({ ...w, endMs: WORDS[i + 1]?.startMs ?? 1600 }));
    for (const [i, w] of heardWords(x, RATE, long).entries())
      expect(Math.abs(w.endMs - (WORDS[i] as TakeWord).endMs)).toBeLessThanOrEqual(20);
  });

  it('leaves a word that cannot be heard as it is', () => {
    const silent = [{ start: 0, end: 1, startMs: 0, endMs: 500 }];
    expect(heardWords(new Float32Array(RATE), RATE, silent)).toEqual(silent);
  });
});
