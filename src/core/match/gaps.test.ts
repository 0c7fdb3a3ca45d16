import { describe, expect, it } from 'vitest';
import { stem } from '../text/tokens.ts';
import { gapsOf } from './gaps.ts';

const lines = [
  { of: 'a', text: 'The dishwasher was repaired on Monday.', best: 0.2 },
  { of: 'b', text: 'Two dishwashers stood in the hall of Osierwick.', best: 0.3 },
  { of: 'b', text: 'The hall has a projector.', best: 0.1 },
  { of: 'b', text: 'Another projector came later.', best: 0.1 },
  { of: 'c', text: 'The dishwasher gleams.', best: 0.7 },
];

describe('what the shelf lacks', () => {
  it('is what lines without a picture ask for, words of several texts first, in their commonest form', () => {
    const gaps = gapsOf(lines, (s) => s === stem('hall'));
    expect(gaps[0]).toEqual({
      word: 'dishwasher',
      lines: 2,
      texts: 2,
      example: 'The dishwasher was repaired on Monday.',
    });
    expect(gaps[1]).toMatchObject({ word: 'projector', lines: 2, texts: 1 });
    expect(gaps.map((g) => g.word)).not.toContain('hall');
    expect(gaps.map((g) => g.word)).not.toContain('osierwick');
    const small = gapsOf(
      [{ of: 'a', text: 'Of its own, all of our parts are there.', best: 0 }],
      () => false,
    );
    expect(small.map((g) => g.word)).toEqual(['parts']);
  });

  it('is nothing where every line has its picture', () => {
    expect(
      gapsOf(
        lines.map((l) => ({ ...l, best: 0.9 })),
        () => false,
      ),
    ).toEqual([]);
  });
});
