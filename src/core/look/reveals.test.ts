import { describe, expect, it } from 'vitest';
import { easeInOut, easeOut } from './easing.ts';
import { LOOK_NAMES, lookOf } from './looks.ts';
import type { RevealLine, RevealMoment } from './reveals/types.ts';
import { REVEAL_KINDS, REVEALS, type RevealKind } from './reveals.ts';
import type { RevealStyle } from './types.ts';

const STYLE = {
  ...firstStyle(),
  kind: 'laid' as RevealKind,
  frames: 10,
  lead: 1,
  lineDelay: 4,
  wordFrames: 4,
  unsaidFrames: 5,
  wholeAtOpening: true,
  restDelay: 0,
  ahead: 0,
};
function firstStyle(): RevealStyle {
  return lookOf(LOOK_NAMES[0] as (typeof LOOK_NAMES)[number]).layouts.caption.reveal;
}
/** Two words, said from frame 20 to 30 and from 40 to 50. */
const line = (index = 0): RevealLine => ({
  ...{ index, x: 100, width: 400, pad: 10, size: 60 },
  words: [
    { text: 'two', x: 100, width: 180, start: 20, end: 30, before: 0, letters: 3 },
    { text: '4,321', x: 300, width: 200, start: 40, end: 50, before: 3, letters: 5, counts: true },
  ],
});
const moment = (frame: number, more: Partial<RevealMoment> = {}): RevealMoment => ({
  ...{ frame, pageStart: 0, pageEnd: 90, pageLetters: 8, opening: false, standing: false, style: STYLE },
  ...more,
});
const word = (n: 0 | 1) => line().words[n] as RevealLine['words'][number];

describe('easing', () => {
  it('runs from 0 to 1, never back, and holds outside', () => {
    for (const ease of [easeOut, easeInOut]) {
      const values = Array.from({ length: 101 }, (_, i) => ease(i / 100));
      expect([values[0], values[100]]).toEqual([0, 1]);
      expect(values).toEqual([...values].sort((a, b) => a - b));
    }
    expect([easeOut(-1), easeOut(2), easeOut(0.5)]).toEqual([0, 1, 0.875]);
    expect([easeInOut(0.5), easeInOut(0.25)]).toEqual([0.5, 0.15625]);
  });
});

describe.each(REVEAL_KINDS)('the reveal %s', (kind) => {
  const reveal = REVEALS[kind];
  /** Where a line and a word are when nothing moves any more. */
  const still = (at: { dx?: number; dy?: number; grow?: number } | null) =>
    at && {
      dx: Math.abs(at.dx ?? 0),
      dy: Math.abs(at.dy ?? 0),
      grow: Math.round((at.grow ?? 1) * 1e6) / 1e6,
    };

  it('begins with nothing and ends with the whole line, ground and all, in its place', () => {
    expect(reveal.line(line(), moment(-3))).toBeNull();
    const [end, last] = [reveal.line(line(), moment(500)), reveal.word(word(1), moment(500))];
    expect(end).toMatchObject({ width: 420, alpha: 1 });
    expect(last).toMatchObject({ alpha: 1, said: 0 });
    expect([still(end), still(last)]).toEqual([
      { dx: 0, dy: 0, grow: 1 },
      { dx: 0, dy: 0, grow: 1 },
    ]);
    expect(last?.shown ?? 5).toBe(5);
    expect(last?.text ?? '4,321').toBe('4,321');
  });

  it('never takes back what it has shown', () => {
    let before = { width: 0, alpha: 0, letters: 0 };
    for (let f = 0; f < 120; f++) {
      const of = reveal.line(line(), moment(f)) ?? { width: 0, alpha: 0 };
      const one = reveal.word(word(0), moment(f));
      const now = { ...of, letters: one ? (one.shown ?? 3) : 0 };
      for (const k of ['width', 'alpha', 'letters'] as const)
        expect(now[k]).toBeGreaterThanOrEqual(before[k] - 1e-9);
      before = now;
    }
  });

  it('waits as long as it is told to', () => {
    const first = (delay: number) =>
      Array.from({ length: 200 }, (_, f) => f).find((f) => {
        const m = moment(f, { style: { ...STYLE, wholeAtOpening: false, delay } });
        return reveal.line(line(), m) !== null && reveal.word(word(0), m) !== null;
      });
    expect(first(12)).toBe((first(0) ?? 0) + 12);
  });

  it('comes without the voice where that says other words', () => {
    const standing = { standing: true, pageStart: 100, pageEnd: 190 };
    expect(reveal.line(line(), moment(99, standing))).toBeNull();
    expect(reveal.line(line(), moment(142, standing))).toMatchObject({ width: 420, alpha: 1 });
  });

  it('stands whole in the first frame where the look wants a cover', () => {
    if (reveal.withVoice || kind === 'whole') return;
    const m = moment(0, { opening: true });
    expect(reveal.line(line(2), m)).toMatchObject({ width: 420, alpha: 1 });
    expect(reveal.word(word(1), m)?.shown ?? 5).toBe(5);
  });
});

describe('figures', () => {
  it('count up to what they are and keep their digits and signs', () => {
    const seen = Array.from(
      { length: 60 },
      (_, f) => REVEALS.counted.word(word(1), moment(f))?.text ?? '4,321',
    );
    const values = seen.map((t) => Number(t.replace(',', '')));
    expect(seen.every((t) => /^\d,\d{3}$/.test(t))).toBe(true);
    expect(values).toEqual([...values].sort((a, b) => a - b));
    expect([values[0] ?? 0, values.at(-1)]).toEqual([expect.any(Number), 4321]);
    expect(values[0]).toBeLessThan(2500);
    expect(REVEALS.counted.word({ ...word(1), counts: false }, moment(2))?.text).toBeUndefined();
    const said = { ...word(1), text: 'twice' };
    expect(REVEALS.counted.word(said, moment(2))?.text).toBeUndefined();
    for (const text of ['007', '£9.99', '12345678901234567', '1st'])
      expect(REVEALS.counted.word({ ...said, text }, moment(80))?.text ?? text).toBe(text);
  });
});

describe('line by line', () => {
  it.each(['laid', 'faded'] as const)('%s: each line begins a little after the one before', (kind) => {
    const { line: of } = REVEALS[kind];
    const begins = (index: number, more: Partial<RevealMoment> = {}) =>
      Array.from({ length: 60 }, (_, f) => f).find((f) => of(line(index), moment(f, more)) !== null);
    expect([begins(0), begins(1), begins(2)]).toEqual([0, 4, 8]);
    expect(begins(1, { pageStart: 20 })).toBe(24);
    // The piece opens with its title whole, so that the cover shows it; where the look does not want that, it comes.
    expect([begins(2, { opening: true }), of(line(2), moment(0, { opening: true }))?.width]).toEqual([
      0, 420,
    ]);
    expect(begins(2, { opening: true, style: { ...STYLE, wholeAtOpening: false } })).toBe(8);
  });

  it('laid: the ground is laid from the left; faded: it is whole and comes out of nothing', () => {
    const half = REVEALS.laid.line(line(), moment(4));
    expect(half).toEqual({ width: 420 * easeOut(0.5), alpha: 1 });
    expect(REVEALS.faded.line(line(), moment(4))).toEqual({ width: 420, alpha: easeOut(0.5) });
  });
});

describe('word by word with the voice', () => {
  const { line: of, word: one } = REVEALS.spoken;

  it('is nothing before the first word, and reaches to the end of the word that is said', () => {
    expect(of(line(), moment(19))).toBeNull();
    expect(of(line(), moment(29))?.width).toBeCloseTo(180 + 20, 6);
    expect(of(line(), moment(39))?.width).toBeCloseTo(200, 6);
    expect(of(line(), moment(44))?.width).toBeCloseTo(180 + 220 * easeOut(0.5) + 20, 6);
    expect(of(line(), moment(49))?.width).toBeCloseTo(420, 6);
  });

  it('marks the word while it is said, and lets go of it then', () => {
    const w = word(0);
    expect(one(w, moment(19))).toBeNull();
    expect(one(w, moment(20))).toEqual({ alpha: easeOut(1 / 4), said: easeOut(1 / 4) });
    expect(one(w, moment(25))).toEqual({ alpha: 1, said: 1 });
    expect(one(w, moment(30))?.said).toBeCloseTo(1 - easeOut(1 / 5), 9);
    expect(one(w, moment(34))).toEqual({ alpha: 1, said: 0 });
    expect(one(word(1), moment(34))).toBeNull();
  });

  it('marks the words that are said also where all stand from the start', () => {
    const standing = { standing: true, pageStart: 10 };
    expect(one(word(0), moment(9, standing))).toBeNull();
    expect(one(word(0), moment(10, standing))).toEqual({ alpha: easeOut(1 / 4), said: 0 });
    expect(one(word(0), moment(25, standing))).toEqual({ alpha: 1, said: 1 });
    // None is marked where the voice says none of them.
    expect(one(word(0), moment(25, { ...standing, unsaid: true }))).toEqual({ alpha: 1, said: 0 });
  });
});
