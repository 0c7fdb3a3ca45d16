import { describe, expect, it } from 'vitest';
import { cutScript, extractBrief, titleFrom } from './script.ts';

const SCRIPT = `The bench that mends anything

Do not throw your toaster away. [a broken toaster. Old] Five neighbours open a boathouse.
Yes. They do.

[the canal at dusk]
Come along on Thursday.`;

describe('cutScript', () => {
  it('makes a title of a first line that stands alone', () => {
    expect(cutScript(SCRIPT, 'sentence')[0]).toEqual({
      layout: 'title',
      shown: 'The bench that mends anything',
      brief: '',
    });
  });

  it('gives a remark to the sentence it follows, and one alone to the line after it', () => {
    const lines = cutScript(SCRIPT, 'sentence');
    expect(lines.find((l) => l.shown.startsWith('Do not'))?.brief).toBe('a broken toaster. Old');
    expect(lines.find((l) => l.shown.startsWith('Five'))?.brief).toBe('');
    expect(lines.find((l) => l.shown.startsWith('Come'))?.brief).toBe('the canal at dusk');
    expect(lines.map((l) => l.shown).join(' ')).not.toMatch(/[[\]]/);
  });

  it('joins tiny sentences to their neighbour', () => {
    expect(cutScript(SCRIPT, 'sentence').map((l) => l.shown)).toContain(
      'Five neighbours open a boathouse. Yes. They do.',
    );
  });

  it('cuts by line and by paragraph as asked', () => {
    expect(cutScript('one line\nanother line\n\nthird', 'line').map((l) => l.shown)).toEqual([
      'one line',
      'another line',
      'third',
    ]);
    expect(cutScript('one line.\nanother line.\n\nthird.', 'paragraph').map((l) => l.shown)).toEqual([
      'one line. another line.',
      'third.',
    ]);
  });

  it('takes # as a heading but not as a hashtag', () => {
    expect(cutScript('# A heading\nText here follows.', 'sentence')[0]).toMatchObject({
      layout: 'title',
      shown: 'A heading',
    });
    expect(cutScript('#mending is fun.\n\nMore text here today.', 'sentence')[0]?.shown).toBe(
      '#mending is fun.',
    );
  });

  it('reads Windows line ends, byte order marks and hard spaces', () => {
    expect(
      cutScript('\ufeffFirst line here\r\n\r\nSecond\u00a0line is here.', 'line').map((l) => l.shown),
    ).toEqual(['First line here', 'Second line is here.']);
  });

  it('gives nothing for nothing, and keeps a remark that nothing follows', () => {
    expect(cutScript(' \n\t ', 'sentence')).toEqual([]);
    expect(cutScript('Some words are here. [end picture]', 'sentence')[0]?.brief).toBe('end picture');
    expect(cutScript('[only a remark]', 'sentence')).toEqual([]);
  });

  it('keeps every spoken word of a long script', () => {
    const text = Array.from(
      { length: 60 },
      (_, i) =>
        `Sentence number ${i} says, among other things, that the canal is ${i} feet wide and that nobody minds it at all.`,
    ).join(' ');
    expect(
      cutScript(text, 'sentence')
        .map((l) => l.shown)
        .join(' '),
    ).toBe(text);
  });
});

describe('extractBrief', () => {
  it('takes remarks out without leaving gaps', () => {
    expect(extractBrief('A boat [slow] on the water [dusk], still.')).toEqual({
      shown: 'A boat on the water, still.',
      brief: 'slow, dusk',
    });
    expect(extractBrief('An [open bracket stays')).toEqual({ shown: 'An [open bracket stays', brief: '' });
  });
});

describe('titleFrom', () => {
  it('takes the title line, or the start of the first', () => {
    expect(titleFrom(cutScript(SCRIPT, 'sentence'))).toBe('The bench that mends anything');
    expect(titleFrom([{ layout: 'caption', shown: `${'word '.repeat(40)}end`, brief: '' }])).toMatch(
      /^word .* …$/,
    );
  });
});
