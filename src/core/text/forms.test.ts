import { describe, expect, it } from 'vitest';
import { CASES, type Case, changeCase } from './case.ts';
import { charactersPerSecond } from './pace.ts';
import { estimateSpeech, readingTime } from './reading.ts';
import { speechForms, speechRuns } from './speech.ts';
import { spelledWords } from './spelling.ts';

it.each<[string, Record<Case, string>]>([
  [
    'the lock of the town and its keeper',
    {
      sentence: 'The lock of the town and its keeper',
      title: 'The Lock of the Town and Its Keeper',
      upper: 'THE LOCK OF THE TOWN AND ITS KEEPER',
    },
  ],
  [
    'THE LOCK OF OSIERWICK. AND THEN?',
    {
      sentence: 'The lock of osierwick. And then?',
      title: 'The Lock of Osierwick. And Then?',
      upper: 'THE LOCK OF OSIERWICK. AND THEN?',
    },
  ],
  [
    'The Lock Of Osierwick Opens',
    {
      sentence: 'The lock of osierwick opens',
      title: 'The Lock of Osierwick Opens',
      upper: 'THE LOCK OF OSIERWICK OPENS',
    },
  ],
  [
    'i think i’m late. so is Otto',
    {
      sentence: 'I think I’m late. So is Otto',
      title: 'I Think I’m Late. So Is Otto',
      upper: 'I THINK I’M LATE. SO IS OTTO',
    },
  ],
  [
    'an iPhone and a McLeod stand',
    {
      sentence: 'An iPhone and a McLeod stand',
      title: 'An iPhone and a McLeod Stand',
      upper: 'AN IPHONE AND A MCLEOD STAND',
    },
  ],
  [
    'Straße am fluss: a walk to',
    {
      sentence: 'Straße am fluss: a walk to',
      title: 'Straße Am Fluss: A Walk To',
      upper: 'STRAßE AM FLUSS: A WALK TO',
    },
  ],
  [
    'one. “two” (three)',
    { sentence: 'One. “Two” (three)', title: 'One. “Two” (Three)', upper: 'ONE. “TWO” (THREE)' },
  ],
  [
    'I Am Late And So Are You',
    {
      sentence: 'I am late and so are you',
      title: 'I Am Late and so Are You',
      upper: 'I AM LATE AND SO ARE YOU',
    },
  ],
  ['', { sentence: '', title: '', upper: '' }],
])('“%s” in every case, as long as it was', (text, expected) => {
  for (const to of CASES) {
    expect(changeCase(text, to)).toBe(expected[to]);
    expect(changeCase(text, to)).toHaveLength(text.length);
  }
});

it.each<[string, string[]]>([
  ['The boat’s oars aren’t here.', ['The 0', 'boat 4', 'oars 11', "aren't 15", 'here 23']],
  ['Otto said hello. Nobody answered Otto', ['Otto 0', 'said 5', 'hello 10', 'Nobody 17', 'answered 24']],
  ['NASA and PCs, iPhone, 3rd v2', ['and 5']],
  ['#lock @otto a/b see www.x.example', ['see 16']],
  ['a ‹their price› and more', ['and 16', 'more 20']],
  ['well-known x-ray e.g. I', ['well 0', 'known 5', 'ray 13']],
  ['“Quoted” words: Also this… And that', ['Quoted 1', 'words 9', 'Also 16', 'this 21', 'And 27', 'that 31']],
  ['mcLeod naïve café', ['naïve 7', 'café 13']],
])('of “%s” these words are looked up', (text, expected) => {
  expect(spelledWords(text).map((w) => `${w.word} ${w.start}`)).toEqual(expected);
  for (const w of spelledWords(text)) expect(w.end - w.start).toBe(w.word.length);
});

it.each<[string, string[]]>([
  [
    'It’s £1 or £1,200.50, not €3.00.',
    ["It's", '1', 'pound', 'or', '1200', 'pounds', '50,', 'not', '3', 'euros.'],
  ],
  [
    '50% of 21°C & more + #lock @otto',
    ['50', 'percent', 'of', '21', 'degrees', 'and', 'more', 'plus', 'lock', 'at', 'otto'],
  ],
  ['“Größe” – naïve Ærø…', ['Grosse', 'naive', 'aero.']],
  ['https://www.paper.example/a?b', ['paper', 'dot', 'example']],
  [
    '½ ¼ ¾ 3×4 (a/b) [c]',
    ['a', 'half', 'a', 'quarter', 'three', 'quarters', '3', 'times', '4', 'a', 'b', 'c'],
  ],
  ['🚤 ♥', []],
  ['x'.repeat(45), ['x'.repeat(40)]],
  ['Łódź Đ Þ œ ß ø', ['lodz', 'd', 'th', 'oe', 'ss', 'o']],
  ['¥5 ₹1 ₹2', ['5', 'yen', '1', 'rupee', '2', 'rupees']],
  ['1,234,567 12,34', ['1234567', '12,34']],
])('“%s” is said as these words', (text, expected) => {
  const forms = speechForms(text);
  expect(forms.map((f) => f.form)).toEqual(expected);
  for (const f of forms) expect(text.slice(f.start, f.end)).toMatch(/^\S+$/);
});

it('runs end at a stop when there is one, and take what they hold otherwise', () => {
  const words = (n: number, each: (i: number) => string) =>
    speechForms(Array.from({ length: n }, (_, i) => each(i)).join(' '));
  const sizes = (forms: ReturnType<typeof words>, longest: number) =>
    speechRuns(forms, longest).map((r) => r.length);
  expect(
    sizes(
      words(10, () => 'four'),
      20,
    ),
  ).toEqual([5, 5]);
  expect(
    sizes(
      words(10, (i) => (i === 2 ? 'four.' : 'four')),
      20,
    ),
  ).toEqual([3, 5, 2]);
  expect(
    sizes(
      words(4, () => 'four'),
      20,
    ),
  ).toEqual([4]);
  expect(speechRuns([])).toEqual([]);
});

describe('times of words', () => {
  it.each([
    ['', 0, 0],
    [' ', 0, 0],
    ['a', 450, 1085],
    ['One.', 654, 1085],
    ['One, two; three: four — five.', 2334, 3010],
    ['It costs 1234 pounds.', 2402, 2240],
  ])('“%s” takes %i ms to say and %i ms to read', (text, said, read) => {
    expect([estimateSpeech(text), readingTime(text)]).toEqual([said, read]);
    expect(estimateSpeech(text, 2)).toBe(Math.round(said / 2));
  });
  it('go by letters a second, white space counted once', () => {
    expect(charactersPerSecond('ten   letters', 1000)).toBe(11);
    expect(charactersPerSecond(' ten letters ', 500)).toBe(22);
    expect([charactersPerSecond('', 1000), charactersPerSecond('a', 0)]).toEqual([0, 0]);
  });
});
