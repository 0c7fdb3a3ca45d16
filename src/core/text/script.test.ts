import { describe, expect, it } from 'vitest';
import { cutScript, extractBrief, type Split, titleFrom } from './script.ts';

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
      speaker: null,
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
    expect(
      titleFrom([{ layout: 'caption', shown: `${'word '.repeat(40)}end`, brief: '', speaker: null }]),
    ).toMatch(/^word .* …$/);
  });
});

describe('scripts of many forms', () => {
  const cut = (script: string, split: Split) =>
    cutScript(script, split).map(
      (l) => `${l.layout === 'title' ? '# ' : ''}${l.shown}${l.brief && ` [${l.brief}]`}`,
    );
  const HEADED =
    '# The lock keeper #\n\nShe opens at six. [a lock at dawn]\n## Later\nNobody comes.\n\n[an empty towpath]\n\nA heron stands. It waits.';
  const TINY =
    'Yes. No. The boat is late today and everyone on the quay knows it well. Ah. Well then, good night to all of you.';
  const LONG =
    'The keeper of the lock, who had worked there since the old bridge was taken down in the spring of that year, opened the gates at six every morning and closed them again when the last boat had gone through.';
  const LONG_PARTS = [
    'The keeper of the lock, who had worked there since the old bridge was taken down in the spring of that year,',
    'opened the gates at six every morning and closed them again when the last boat had gone through.',
  ];

  it.each<[string, string, Split, string[]]>([
    [
      'headings without empty lines',
      HEADED,
      'sentence',
      [
        '# The lock keeper',
        'She opens at six. [a lock at dawn]',
        '# Later',
        'Nobody comes.',
        'A heron stands. It waits. [an empty towpath]',
      ],
    ],
    [
      'headings, by paragraph',
      HEADED,
      'paragraph',
      [
        '# The lock keeper',
        'She opens at six. [a lock at dawn]',
        '# Later',
        'Nobody comes.',
        'A heron stands. It waits. [an empty towpath]',
      ],
    ],
    [
      'a first line that ends',
      'It ends.\n\nThe lamps are lit.\nThe door is shut.',
      'sentence',
      ['It ends.', 'The lamps are lit. The door is shut.'],
    ],
    [
      'a short first line of several',
      'It ends.\n\nThe lamps are lit.\nThe door is shut.',
      'line',
      ['# It ends.', 'The lamps are lit.', 'The door is shut.'],
    ],
    [
      'tiny sentences',
      TINY,
      'sentence',
      [
        'Yes. No. The boat is late today and everyone on the quay knows it well. Ah.',
        'Well then, good night to all of you.',
      ],
    ],
    ['tiny sentences, by line', TINY, 'line', [TINY]],
    ['a long sentence', LONG, 'sentence', LONG_PARTS],
    ['a long line that is not too long', LONG, 'line', [LONG]],
    [
      'a line that is too long',
      `${LONG} And so on and so forth, every day of the year.`,
      'line',
      [...LONG_PARTS, 'And so on and so forth, every day of the year.'],
    ],
    ['a long paragraph', LONG, 'paragraph', [LONG]],
    [
      'remarks before, between and unclosed',
      '[a map]\nWhere is it? [a river] Here. [unclosed\nDone [ x , y ] now .',
      'sentence',
      ['Where is it? [a map, a river]', 'Here. [unclosed Done now. [x , y]'],
    ],
    [
      'a remark in a remark',
      'A boat [with a sail [red, torn]] goes by.',
      'line',
      ['A boat goes by. [red, torn, with a sail]'],
    ],
    ['a remark at the very end', 'A boat goes by.\n\n[a heron]', 'line', ['A boat goes by. [a heron]']],
    ['nothing but marks', '. , ;\n\n…', 'line', ['…']],
  ])('%s', (_, script, split, expected) => {
    expect(cut(script, split)).toEqual(expected);
  });
});
