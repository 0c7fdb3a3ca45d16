import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { CLAUSES, clauses, sentences } from './sentences.ts';

describe('sentences', () => {
  it('keeps abbreviations, initials, decimals and quotes together', () => {
    expect(
      sentences(
        'Dr. Marrow lives at No. 4. She has 3.5 acres. “Come in!” she said. J. Fenn came at 7 p.m. and left.',
      ),
    ).toEqual([
      'Dr. Marrow lives at No. 4.',
      'She has 3.5 acres.',
      '“Come in!” she said.',
      'J. Fenn came at 7 p.m. and left.',
    ]);
  });

  it('ends at question marks, exclamation marks and an ellipsis', () => {
    expect(sentences('Really? Yes! Well… Then go.')).toEqual(['Really?', 'Yes!', 'Well…', 'Then go.']);
  });

  it('are the same in a long text as in a short one: where it is read in parts cannot be seen', () => {
    const random = seeded('windows');
    const some = [
      'The boat goes. ',
      '1. ',
      'Dr. Fenn ',
      'He said: “Go!” ',
      'a.b.c.!? ',
      '… ',
      'x',
      ' ',
      '3.5 ',
    ];
    for (let round = 0; round < 30; round++) {
      const text = Array.from({ length: 2500 }, () => some[Math.floor(random() ** 2 * some.length)]).join('');
      const plain = [...new Intl.Segmenter('en', { granularity: 'sentence' }).segment(text)].length;
      const found = sentences(text);
      expect(found.length).toBeLessThanOrEqual(plain + 50);
      // What stands before a cut cannot change what comes long after it.
      const later = sentences(`${'A line before it. '.repeat(300)}${text}`);
      expect(later.slice(-found.length + 2)).toEqual(found.slice(2));
    }
  });

  it('loses nothing but white space, whatever the text', () => {
    const random = seeded('sentences');
    const words = [
      'The',
      'boat',
      'Dr.',
      '3.5',
      'said:',
      '“Go!”',
      'why?',
      'e.g.',
      'a',
      'stop.',
      'Ünal',
      '🙂',
      '(yes).',
      '…',
    ];
    for (let i = 0; i < 200; i++) {
      const text = Array.from(
        { length: 1 + Math.floor(random() * 30) },
        () => words[Math.floor(random() * words.length)],
      ).join(' ');
      expect(sentences(text).join(' ').replace(/\s+/g, ' ')).toBe(text);
    }
  });
});

describe('clauses', () => {
  const long =
    'The workshop opens every Thursday evening in the old boathouse, and anyone who carries a broken thing through its door is met by five neighbours, who bring screwdrivers, glue and a great deal of patience.';

  it('leaves a short sentence alone', () => {
    expect(clauses('They bring screwdrivers.')).toEqual(['They bring screwdrivers.']);
  });

  it('cuts a long sentence at punctuation or conjunctions into even parts that give it again', () => {
    const parts = clauses(long);
    expect(parts.join(' ')).toBe(long);
    expect(parts.length).toBeGreaterThan(1);
    for (const p of parts) {
      expect(p.length).toBeLessThanOrEqual(CLAUSES.longest);
      expect(p.length).toBeGreaterThanOrEqual(CLAUSES.shortest);
    }
    for (const p of parts.slice(0, -1)) expect(p).toMatch(/[,;:]$|\w$/);
  });

  it('never cuts inside a number', () => {
    const text = `It cost 12,500 pounds in the first year, ${'and then a little more, '.repeat(8)}or 1,000,000 in all.`;
    expect(clauses(text).join(' ')).toBe(text);
    expect(clauses(text).some((p) => p.includes('12,500'))).toBe(true);
  });

  it('keeps a single endless word whole', () => {
    expect(clauses('x'.repeat(400))).toEqual(['x'.repeat(400)]);
  });
});

it.each<[string, string[]]>([
  [
    'Mr. Otto met Dr. A. Lind at 5 p.m. on Nov. 3. They left.',
    ['Mr. Otto met Dr. A. Lind at 5 p.m. on Nov. 3.', 'They left.'],
  ],
  [
    'He said “Stop.” and went. “Why?” she asked. Nobody knew… Then it rained.',
    ['He said “Stop.” and went.', '“Why?” she asked.', 'Nobody knew…', 'Then it rained.'],
  ],
  [
    'It costs 3.50 today. No. 5 is late. The co. is small.',
    ['It costs 3.50 today.', 'No. 5 is late.', 'The co. is small.'],
  ],
  ['wait... what? yes! no', ['wait... what?', 'yes!', 'no']],
  ['A… and b. It ended … Quite.', ['A… and b.', 'It ended …', 'Quite.']],
  ['  Two   spaces.\n And\ta tab. ', ['Two spaces.', 'And a tab.']],
  ['', []],
])('“%s” has these sentences', (text, expected) => {
  expect(sentences(text)).toEqual(expected);
});

it.each<[string, string[]]>([
  ['Short.', ['Short.']],
  [
    'One two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen twenty twenty-one.',
    [
      'One two three four five six seven eight nine ten eleven twelve thirteen',
      'fourteen fifteen sixteen seventeen eighteen nineteen twenty twenty-one.',
    ],
  ],
  [
    'Bring your kettle, your radio, your lamp, your toaster, and the chair that nobody has sat on since the winter before last; we mend them all, and you help.',
    [
      'Bring your kettle, your radio, your lamp, your toaster,',
      'and the chair that nobody has sat on since the winter before last; we mend them all, and you help.',
    ],
  ],
])('“%s” has these clauses', (text, expected) => {
  expect(clauses(text)).toEqual(expected);
});

describe('where a sentence ends', () => {
  it.each([
    ['He waited… Then it came.', ['He waited…', 'Then it came.']],
    ['He waited…” Then it came.', ['He waited…”', 'Then it came.']],
    ['He waited… then it came.', ['He waited… then it came.']],
    ['“Go!” she said. “Stop!” He ran.', ['“Go!” she said.', '“Stop!”', 'He ran.']],
    ['(Was it so?) he asked. It was.', ['(Was it so?) he asked.', 'It was.']],
    ['It is “good.” Really.', ['It is “good.”', 'Really.']],
    ['Ask J. R. Miller. Or Dr. Lee.', ['Ask J. R. Miller.', 'Or Dr. Lee.']],
    ['Bring pens, ink, etc. All of it.', ['Bring pens, ink, etc. All of it.']],
    ['It is plan B. Then we left.', ['It is plan B.', 'Then we left.']],
    [
      'It hums in the key of A. When it dies, it hums lower.',
      ['It hums in the key of A.', 'When it dies, it hums lower.'],
    ],
    ['It is by J. Lund. It is by J. Osei.', ['It is by J. Lund.', 'It is by J. Osei.']],
    ['We saw NASA. Then we left.', ['We saw NASA.', 'Then we left.']],
    ['  One   two.\n\nThree. ', ['One two.', 'Three.']],
    ['', []],
    [' \n ', []],
  ])('%s', (text, parts) => {
    expect(sentences(text)).toEqual(parts);
  });
});

describe('where a long sentence is cut', () => {
  const filled = (n: number, end = '') => `${'able '.repeat(40).slice(0, n - end.length)}${end}`;
  it('is told by its length', () => {
    expect(clauses(`  ${filled(118, 'x')} `)).toHaveLength(1);
    expect(clauses(filled(119, 'x')).length).toBe(2);
  });

  it.each([
    ['after a semicolon', `${filled(60, 'x;')} ${filled(70, 'y')}`],
    ['after a colon and a mark of speech', `${filled(60, 'x:”')} ${filled(70, 'y')}`],
    ['after a dash', `${filled(60, 'x —')} ${filled(70, 'y')}`],
    ['before a dash', `${filled(60, 'x')} —${filled(70, 'y')}`],
    ['after a comma', `${filled(60, 'x,')} ${filled(70, 'y')}`],
    ['after a comma and a mark of speech', `${filled(60, 'x,”')} ${filled(70, 'y')}`],
    ['before a conjunction', `${filled(60, 'x')} because ${filled(62, 'y')}`],
    ['before one in capitals', `${filled(60, 'x')} And ${filled(66, 'y')}`],
  ])('%s, rather than at an even place', (_, text) => {
    const [first, ...rest] = clauses(text);
    expect(rest).toHaveLength(1);
    expect(text.startsWith(first ?? '-')).toBe(true);
    expect([58, 59, 60, 61, 62]).toContain(first?.length);
    expect([first, ...rest].join(' ')).toBe(text);
  });

  it('prefers a semicolon to a comma, a comma to a conjunction, and that to a bare space', () => {
    const cut = (a: string, b: string) =>
      clauses(`${filled(52, a)} ${filled(22, b)} ${filled(52, 'z.')}`)[0]?.length;
    expect([cut('x,', 'y;'), cut('x;', 'y,')]).toEqual([75, 52]);
    expect([cut('x', 'y,'), cut('x,', 'y')]).toEqual([75, 52]);
  });

  it('never leaves a scrap of fewer than twenty-four letters where it need not', () => {
    const text = `${filled(20, 'x,')} ${filled(88, 'y')} ${filled(30, 'z')}`;
    for (const part of clauses(text)) expect(part.length).toBeGreaterThanOrEqual(24);
  });

  it('keeps an endless word whole, with its neighbours apart', () => {
    const word = 'x'.repeat(150);
    expect(clauses(`${filled(60, 'a')} ${word} ${filled(60, 'b')}`)).toEqual([
      filled(60, 'a'),
      word,
      filled(60, 'b'),
    ]);
  });
});

describe('initials and ranks', () => {
  it.each([
    ['It failed in the R.M. Senate. He left.', ['It failed in the R.M. Senate.', 'He left.']],
    ['It failed in the R.M. The vote was close.', ['It failed in the R.M.', 'The vote was close.']],
    ['It failed in the R.M. “They knew.”', ['It failed in the R.M.', '“They knew.”']],
    ['Gen. Ida Lund and Sen. Osei met.', ['Gen. Ida Lund and Sen. Osei met.']],
    ['He has a Ph.D. in law. Nobody knew.', ['He has a Ph.D. in law.', 'Nobody knew.']],
  ])('%s', (text, parts) => {
    expect(sentences(text)).toEqual(parts);
  });
});
