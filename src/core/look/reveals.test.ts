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
};
function firstStyle(): RevealStyle {
  return lookOf(LOOK_NAMES[0] as (typeof LOOK_NAMES)[number]).layouts.caption.reveal;
}
/** Two words, said from frame 20 to 30 and from 40 to 50. */
const line = (index = 0): RevealLine => ({
  ...{ index, x: 100, width: 400, pad: 10 },
  words: [
    { x: 100, width: 180, start: 20, end: 30 },
    { x: 300, width: 200, start: 40, end: 50 },
  ],
});
const moment = (frame: number, more: Partial<RevealMoment> = {}): RevealMoment => ({
  ...{ frame, pageStart: 0, opening: false, standing: false, style: STYLE },
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

  it('begins with nothing and ends with the whole line, ground and all', () => {
    expect(reveal.line(line(), moment(-3))).toBeNull();
    expect(reveal.line(line(), moment(500))).toEqual({ width: 420, alpha: 1 });
    expect(reveal.word(word(1), moment(500))).toEqual({ alpha: 1, said: 0 });
  });

  it('never takes back what it has shown', () => {
    let before = { width: 0, alpha: 0 };
    for (let f = 0; f < 80; f++) {
      const now = reveal.line(line(), moment(f)) ?? { width: 0, alpha: 0 };
      expect(now.width).toBeGreaterThanOrEqual(before.width);
      expect(now.alpha).toBeGreaterThanOrEqual(before.alpha);
      before = now;
    }
  });

  it('comes at once where the voice says other words', () => {
    const standing = { standing: true, pageStart: 100 };
    expect(reveal.line(line(), moment(99, standing))).toBeNull();
    expect(reveal.line(line(), moment(112, standing))).toEqual({ width: 420, alpha: 1 });
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
  });
});
