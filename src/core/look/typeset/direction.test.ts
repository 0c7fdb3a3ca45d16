import { describe, expect, it } from 'vitest';
import { isRightToLeft, visualOrder } from './direction.ts';
import { breakLines, inLine, wordsToFit } from './lines.ts';

const seen = (text: string) => {
  const words = text.split(' ');
  return visualOrder(words)
    .map((k) => words[k])
    .join(' ');
};

describe('direction', () => {
  it('is that of the first letter', () => {
    expect(['abc', '12 שלום', '«مرحبا»', '123', '', '日本'].map(isRightToLeft)).toEqual([
      false,
      true,
      true,
      false,
      false,
      false,
    ]);
  });

  it('turns the words of a line round, and leaves those of another direction in their order', () => {
    expect(seen('one two three')).toBe('one two three');
    expect(seen('א ב ג')).toBe('ג ב א');
    expect(seen('א ב Nabbet for two ג')).toBe('ג Nabbet for two ב א');
    expect(seen('Say א ב to him')).toBe('Say ב א to him');
    expect(seen('א 12 ב')).toBe('ב 12 א');
  });
});

describe('lines of scripts without spaces', () => {
  const widthOf = (t: string) => [...t].length * 10;
  it('break between words, and keep what may not begin or end a line', () => {
    const text = '「なんでも」直す作業台は、六時に開きます。誰も急ぎません。';
    const words = wordsToFit(text, 120, widthOf);
    expect(inLine(words)).toBe(text);
    const lines = breakLines(words, 120, widthOf).map((l) => inLine(words.slice(l.start, l.end)));
    expect(lines.length).toBeGreaterThan(1);
    for (const l of lines) {
      expect(widthOf(l)).toBeLessThanOrEqual(120);
      expect(l).not.toMatch(/^[、。」ー]/);
      expect(l).not.toMatch(/「$/);
    }
  });

  it('have places in the text as it was typed, also in capitals', () => {
    for (const text of [
      'straße am fluss',
      'โต๊ะซ่อมทุกอย่าง',
      '日本 and 日本語',
      'aVeryLongWordThatDoesNotFit',
    ]) {
      const words = wordsToFit(text, 90, widthOf, true);
      expect(words.map((w) => text.slice(w.start, w.end).toLocaleUpperCase())).toEqual(
        words.map((w) => w.text),
      );
      expect(words.map((w) => text.slice(w.start, w.end)).join('')).toBe(text.replace(/\s/g, ''));
    }
  });

  it('do not leave one short word alone in the last line', () => {
    const words = 'one two six ten and a half of it'.split(' ').map((text) => ({ text, joined: false }));
    const last = breakLines(words, 280, widthOf).at(-1);
    expect((last?.end ?? 0) - (last?.start ?? 0)).toBeGreaterThan(1);
  });
});
