import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import type { TakeWord } from '../timeline/types.ts';
import { saysOthers, timeWords } from './word-times.ts';

const shown = (text: string) => text.split(' ').map((t) => ({ text: t }));
/** A take in which each word takes 10 frames, with a pause of so many after it. */
function take(spoken: string, pause = 2): TakeWord[] {
  return [...spoken.matchAll(/\S+/g)].map((m, i) => ({
    ...{ start: m.index, end: m.index + m[0].length },
    ...{ startMs: (i * (10 + pause) * 1000) / 30, endMs: ((i * (10 + pause) + 10) * 1000) / 30 },
  }));
}
const times = (words: string, spoken: string, pause = 2) =>
  timeWords(shown(words), spoken, take(spoken, pause), 100, 100 + spoken.split(' ').length * (10 + pause));

describe('when shown words are said', () => {
  it('is when the same words are spoken, whatever their case, accents and punctuation; to the next word', () => {
    expect(times('The Café opens.', 'the cafe, opens')).toEqual([
      { start: 100, end: 112 },
      { start: 112, end: 124 },
      { start: 124, end: 134 },
    ]);
  });

  it('ends with the word where a long pause follows', () => {
    expect(times('One two', 'one two', 16)[0]).toEqual({ start: 100, end: 110 });
    expect(times('One two', 'one two', 15)[0]).toEqual({ start: 100, end: 125 });
  });

  it('lies between its neighbours where a word is not spoken, longer for longer words', () => {
    const t = times('One extraordinary x two', 'one two', 14);
    expect([t[0]?.start, t[3]?.start]).toEqual([100, 124]);
    const [long = 0, short = 0] = [1, 2].map((i) => (t[i]?.end ?? 0) - (t[i]?.start ?? 0));
    expect(long).toBeGreaterThan(short * 3);
    expect(t[1]?.start).toBe(110);
  });

  it('is spread over the whole voice where nothing of it is spoken', () => {
    const t = times('Entirely other words', 'one two', 2);
    expect([t[0]?.start, t.at(-1)?.end]).toEqual([100, 124]);
    expect(timeWords(shown('No voice yet'), 'x', [], 30, 90).at(-1)?.end).toBe(90);
    expect(timeWords([], 'x', [], 30, 90)).toEqual([]);
  });

  it('pairs as many words as it can, in their order', () => {
    const t = times('a b c d', 'b x c a d');
    expect([t[1]?.start, t[2]?.start, t[3]?.start]).toEqual([100, 124, 148]);
  });

  it.each(['1', '2', '3', '4'])('never goes back, and gives every word a moment, seed %s', (seed) => {
    const random = seeded(seed);
    const some = (n: number) =>
      Array.from({ length: n }, () => 'abcdefg'[Math.floor(random() * 7)]).join(' ');
    for (let i = 0; i < 40; i++) {
      const t = times(
        some(1 + Math.floor(random() * 12)),
        some(1 + Math.floor(random() * 12)),
        Math.floor(random() * 20),
      );
      for (const [k, w] of t.entries()) {
        expect(w.end).toBeGreaterThan(w.start);
        expect(w.start).toBeGreaterThanOrEqual(t[k - 1]?.start ?? 100);
      }
    }
  });
});

it.each([
  ['5 AM club? No thanks.', 'You do not have to wake up at five.', true],
  ['The barge holds.', 'After a long winter the barge holds again.', false],
  ['Osierwick opens at 6', 'Ozer-wick opens at six', false],
  ['Öffnet um sechs', 'Offnet um sechs', false],
  ['Stop', '', true],
])('%s: whether the voice says other words', (words, spoken, others) => {
  expect(saysOthers(shown(words), spoken)).toBe(others);
});
