import { describe, expect, it } from 'vitest';
import { shiftHighlights, shownPatch, tidy, toggleHighlight } from './highlights.ts';
import { scene } from './testing.ts';
import type { Span } from './types.ts';

describe('highlights after the text was changed', () => {
  const of = (before: string, after: string, ...highlights: Span[]) =>
    shiftHighlights(highlights, before, after).map(([s, e]) => after.slice(s, e));

  it.each([
    ['one two three', 'zero one two three', [4, 7], ['two']],
    ['one two three', 'one two four', [4, 7], ['two']],
    ['one two three', 'one twenty-two three', [4, 7], ['twenty-two']],
    ['one two three', 'one t three', [4, 7], ['t']],
    ['one two three', 'one  three', [4, 7], []],
    ['one two three', 'two three', [4, 7], ['two']],
    ['one two three', 'one', [4, 7], []],
    ['one two three', '', [4, 7], []],
    ['one two', 'one two three', [4, 7], ['two']],
    ['one two three', 'one xx three', [3, 8], [' xx ']],
    ['aaaa', 'aaaaa', [1, 3], ['aa']],
  ] as [string, string, Span, string[]][])('“%s” to “%s”', (before, after, span, expected) => {
    expect(of(before, after, span)).toEqual(expected);
  });

  it('are copies when nothing changed, and nothing where there were none', () => {
    const spans: Span[] = [[0, 3]];
    const same = shiftHighlights(spans, 'one two', 'one two');
    expect(same).toEqual(spans);
    expect(same).not.toBe(spans);
    expect(shiftHighlights([], 'one', 'two')).toEqual([]);
  });
});

describe('tidy highlights', () => {
  it('are in order, inside the text, joined where they touch, none empty', () => {
    expect(
      tidy(
        [
          [5, 9],
          [0, 2],
          [2, 4],
          [8, 20],
          [7, 7],
          [-3, 1],
        ],
        12,
      ),
    ).toEqual([
      [0, 4],
      [5, 12],
    ]);
    expect(
      tidy(
        [
          [0, 10],
          [2, 4],
        ],
        12,
      ),
    ).toEqual([[0, 10]]);
    expect(
      tidy(
        [
          [12, 15],
          [4, 2],
        ],
        12,
      ),
    ).toEqual([]);
    expect(
      tidy(
        [
          [0, 2],
          [3, 5],
        ],
        12,
      ),
    ).toEqual([
      [0, 2],
      [3, 5],
    ]);
  });
});

describe('a highlight that is switched', () => {
  const at = (highlights: Span[], s: number, e: number) => toggleHighlight(highlights, [s, e], 20);
  it('comes, grows, and goes where the whole part has it', () => {
    expect(at([], 2, 5)).toEqual([[2, 5]]);
    expect(at([[2, 5]], 5, 8)).toEqual([[2, 8]]);
    expect(at([[2, 5]], 4, 8)).toEqual([[2, 8]]);
    expect(at([[2, 8]], 2, 8)).toEqual([]);
    expect(at([[2, 8]], 4, 6)).toEqual([
      [2, 4],
      [6, 8],
    ]);
    expect(at([[2, 8]], 2, 4)).toEqual([[4, 8]]);
    expect(at([[2, 8]], 6, 8)).toEqual([[2, 6]]);
    expect(
      at(
        [
          [0, 2],
          [4, 6],
          [8, 9],
        ],
        4,
        6,
      ),
    ).toEqual([
      [0, 2],
      [8, 9],
    ]);
    expect(at([[2, 8]], 5, 5)).toEqual([[2, 8]]);
    expect(at([[2, 8]], 6, 5)).toEqual([[2, 8]]);
  });
});

describe('the patch for new words', () => {
  it('is the words alone without highlights, with them otherwise', () => {
    expect(shownPatch(scene('a', 'one'), 'one two')).toEqual({ shown: 'one two' });
    expect(shownPatch(scene('a', 'one', { highlights: [[0, 3]] }), 'x one')).toEqual({
      ...{ shown: 'x one', highlights: [[0, 5]] },
    });
  });
  it('makes words seen that are typed on a picture that stood alone', () => {
    const plain = (shown: string) => scene('a', shown, { layout: 'plain' });
    expect(shownPatch(plain(''), 'Hi.')).toEqual({ shown: 'Hi.', layout: 'caption' });
    expect(shownPatch(plain('Hi.'), 'Hi!')).toEqual({ shown: 'Hi!' });
    expect(shownPatch(plain(''), '')).toEqual({ shown: '' });
    expect(shownPatch(scene('a', '', { layout: 'title' }), 'Hi.')).toEqual({ shown: 'Hi.' });
  });
});
