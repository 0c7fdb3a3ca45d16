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
      spoken: null,
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
  it('leaves stops where the writer set them, with the space of their language', () => {
    const french = '« Encore chaud ! » dit-il ; et vous ?';
    expect(extractBrief(french).shown).toBe(french);
    expect(extractBrief('Chaud ! [du pain] Venez [le four] .').shown).toBe('Chaud ! Venez.');
    expect(extractBrief('[a] [b] , so').shown).toBe(', so');
  });

  it('takes remarks out without leaving gaps', () => {
    expect(extractBrief('A boat [slow] on the water [dusk], still.')).toMatchObject({
      shown: 'A boat on the water, still.',
      brief: 'slow, dusk',
    });
    expect(extractBrief('An [open bracket stays')).toMatchObject({
      shown: 'An [open bracket stays',
      brief: '',
    });
  });
});

describe('titleFrom', () => {
  it('takes the title line, or the start of the first', () => {
    expect(titleFrom(cutScript(SCRIPT, 'sentence'))).toBe('The bench that mends anything');
    expect(
      titleFrom([
        { layout: 'caption', shown: `${'word '.repeat(40)}end`, brief: '', spoken: null, speaker: null },
      ]),
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
      ['# It ends.', 'The lamps are lit.', 'The door is shut.'],
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
      ['Where is it? Here. [unclosed [a map, a river]', 'Done now. [x , y]'],
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

describe('at its borders a script', () => {
  const shown = (text: string, split: Split = 'line') =>
    cutScript(text, split).map((l) => `${l.layout === 'title' ? '# ' : ''}${l.shown}`);
  const briefs = (text: string, split: Split = 'line') =>
    cutScript(text, split).map((l) => [l.shown, l.brief]);
  const long = (n: number) => `${'ab '.repeat(n)}`.slice(0, n);

  it('has a title where a line without a stop stands right over sentences, and not where a sentence was wrapped', () => {
    const under = 'It is not the cold. It is the water.\nSo the soil stays wet and the roots rot.';
    expect(shown(`Why your houseplants die in winter\n${under}`, 'sentence')[0]).toBe(
      '# Why your houseplants die in winter',
    );
    // The last line may have none, and is no title though it says the same.
    expect(shown(`Why your houseplants die\n${under}\nWhy your houseplants die`, 'sentence')).toEqual([
      '# Why your houseplants die',
      'It is not the cold. It is the water.',
      'So the soil stays wet and the roots rot.',
      'Why your houseplants die',
    ]);
    for (const text of [
      'Why your houseplants die in\nwinter is not the cold.\nIt is the water.',
      'The town of Sedgemoor and its mayor, Mrs\nTarrow waited.',
      `Mira: It is the water\nJon: No, it is the cold.\nMira: The water, I said.\nJon: The cold.`,
      `1. Stick a finger into the soil\n2. Walk away.\n3. Come back.`,
    ])
      expect(shown(text, 'sentence').filter((l) => l.startsWith('#'))).toEqual([]);
  });

  it('has a title where a short line without a stop stands alone over more', () => {
    expect(shown(`${long(89)}x\n\nMore of it.`)[0]).toBe(`# ${long(89)}x`);
    expect(shown(`${long(89)}xy\n\nMore of it.`)[0]).toBe(`${long(89)}xy`);
    for (const end of ['.', '!', '?', '…', ':', ';', ',', '.”', '!")', '.’'])
      expect(shown(`A line that ends${end}\n\nMore.`)[0]).toBe(`A line that ends${end}`);
    expect(shown('A line that goes on')).toEqual(['A line that goes on']);
    expect(shown('One line\nand another\n\nMore of this.')).toEqual([
      '# One line',
      'and another',
      'More of this.',
    ]);
    expect(shown('One line\nand another')).toEqual(['One line', 'and another']);
    expect(shown('[only a wish]\n\nMore of this.\n\nAnd this.')).toEqual(['More of this.', 'And this.']);
  });

  it('opens with its first line where three follow, and that is short', () => {
    const opening = 'The forty-eight letters of this line are a title.';
    expect(opening.length).toBe(49);
    expect(shown(`${opening}\nb.\nc.`)[0]).toBe(opening);
    expect(shown(`${opening.slice(1)}\nb.\nc.`)[0]).toBe(`# ${opening.slice(1)}`);
    expect(shown(`${opening.slice(1)}\nb.`)[0]).toBe(opening.slice(1));
  });

  it('takes headings of one to six marks, with or without marks behind', () => {
    expect(shown('## Head ##\nbody one two.\n#tag here.\n####### seven')).toEqual([
      '# Head',
      'body one two.',
      '#tag here.',
      '####### seven',
    ]);
    expect(shown('body\n###### Six   words###\nbody')).toEqual(['# body', '# Six words', 'body']);
    expect(shown('a.\n#   spaced\nb.')[1]).toBe('# spaced');
  });

  it('reads every kind of line end and of empty line', () => {
    expect(shown('a one\r\n \t\r\nb two\rc three\n\n\n\nd four')).toEqual([
      '# a one',
      'b two',
      'c three',
      'd four',
    ]);
    expect(cutScript('\u200b \ufeff\u00a0', 'line')).toEqual([]);
  });

  it('gives wishes to the line after them, and at the end to the last', () => {
    expect(briefs('One [a]\n\n[b] [c]\n\nTwo words here.\n\nThree words here.')).toEqual([
      ['One', 'a'],
      ['Two words here.', 'b, c'],
      ['Three words here.', ''],
    ]);
    expect(briefs('One [a] two.\n[b]\n[c]')).toEqual([['One two.', 'a, b, c']]);
    expect(briefs('Here [one] it is! [two] Next comes [three].', 'sentence')).toEqual([
      ['Here it is!', 'one, two'],
      ['Next comes.', 'three'],
    ]);
    expect(
      briefs(
        'He went home to his own house.” [a door]  Then it rained on the roof for hours.',
        'sentence',
      )[0],
    ).toEqual(['He went home to his own house.”', 'a door']);
    expect(extractBrief('[x] , [y [z]] end [')).toMatchObject({ shown: ', end [', brief: 'x, z, y' });
    expect(extractBrief('[x] , [ ].')).toMatchObject({ shown: '', brief: 'x' });
  });

  it('joins tiny sentences up to a length, and never over a wish', () => {
    const lines = (text: string) => cutScript(text, 'sentence').map((l) => l.shown);
    expect(lines('Twenty-one letters is. So be it as it may be for them.')).toHaveLength(2);
    expect(lines('Twenty letters, is. So be it as it may be for them.')).toHaveLength(1);
    expect(lines('It stands. So be it [a wall] as it may be for all of them.')).toHaveLength(2);
    const most = `It is. Ab ${long(79)}.`;
    expect(most.length).toBe(90);
    expect(lines(most)).toHaveLength(1);
    expect(lines(`It is. Ab ${long(80)}x.`)).toHaveLength(2);
  });

  it('cuts a line only when it is longer than anybody reads at once', () => {
    const sentence = 'The boat lies at the quay and waits. ';
    const line = (n: number) => sentence.repeat(8).slice(0, n);
    expect(shown(line(240))).toHaveLength(1);
    expect(shown(line(242)).length).toBeGreaterThan(4);
    expect(briefs(`${line(240)} [a quay]`)).toHaveLength(1);
    const cut = briefs(`${sentence.repeat(7)}[a quay]`);
    expect(cut.map(([, brief]) => brief)).toEqual(['a quay', ...cut.slice(1).map(() => '')]);
  });

  it('is named by its title, or by the beginning of its first line, at a word', () => {
    const line = (text: string, layout: 'title' | 'caption' = 'caption') => ({
      ...{ layout, shown: text, brief: '', spoken: null, speaker: null },
    });
    expect(titleFrom([line('First...'), line('The title…', 'title')])).toBe('The title');
    expect(titleFrom([line('It is. And so on...')])).toBe('It is. And so on');
    expect(titleFrom([])).toBe('');
    expect(titleFrom([line(long(70))])).toBe(long(70));
    expect(titleFrom([line(`${'word '.repeat(14)}end`)])).toBe(`${'word '.repeat(14).trim()} …`);
    expect(titleFrom([line('x'.repeat(71))])).toBe(`${'x'.repeat(70)} …`);
  });
});

describe('lines that were meant as such', () => {
  const cut = (text: string, split: Split = 'sentence') =>
    cutScript(text, split).map((l) => `${{ title: '# ', number: '№ ', caption: '' }[l.layout]}${l.shown}`);

  it('are the points of a list, each with its number, and what it says first by itself', () => {
    const list = `Five things about bees 🐝

1. They sleep. Up to eight hours, and some hold feet.
2) One bee makes a twelfth of a teaspoon of honey in her whole life.
3. In winter they shiver in a ball so that the queen is warm, and whoever has been outside goes in for some time.

Would you keep a hive?`;
    expect(cut(list)).toEqual([
      '# Five things about bees 🐝',
      '№ 1. They sleep.',
      'Up to eight hours, and some hold feet.',
      '№ 2) One bee makes a twelfth of a teaspoon of honey in her whole life.',
      '3. In winter they shiver in a ball so that the queen is warm, and whoever has been outside goes in for some time.',
      'Would you keep a hive?',
    ]);
    expect(cut('It was cold.\n3. May it was, and dark.')).toEqual([
      'It was cold.',
      '3. May it was, and dark.',
    ]);
  });

  it('are points with a sign, without it', () => {
    expect(
      cut('You need\n- flour\n- two eggs from the farm\n- a little patience and a wooden spoon'),
    ).toEqual(['# You need flour', 'two eggs from the farm', 'a little patience and a wooden spoon']);
    expect(cut('– Come in, said she, and shut the door behind you.\nIt was so.')[0]).toMatch(/^– Come in/);
  });

  it('each end a sentence: nothing of two lines is joined but a scrap', () => {
    expect(
      cut('Roll your shoulders back.\nFollow for more.\nLink in bio.\nSend this to a friend. #stretch'),
    ).toEqual([
      '# Roll your shoulders back.',
      'Follow for more. Link in bio.',
      'Send this to a friend. #stretch',
    ]);
    expect(cut('It is here.\nGo. Now.\n[a door]\nStop.')).toEqual(['It is here. Go. Now.', 'Stop.']);
  });

  it('are verse: short, and mostly without an end', () => {
    expect(
      cut('I wrote you a letter\nand burned it in the sink\n\nnow the window is open\nagain\nagain'),
    ).toEqual(['# I wrote you a letter', 'and burned it in the sink', 'now the window is open again again']);
  });

  it('are none where prose was wrapped', () => {
    const wrapped =
      'The ferry leaves the east bank at six with forty people who stand at\nthe rail and drink their coffee. Nobody has ever been left behind on\nthe shore. The lamps are lit.';
    expect(cut(wrapped)).toEqual([
      'The ferry leaves the east bank at six with forty people who stand at the rail and drink their coffee.',
      'Nobody has ever been left behind on the shore. The lamps are lit.',
    ]);
  });
});
