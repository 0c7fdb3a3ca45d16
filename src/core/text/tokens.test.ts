import { describe, expect, it } from 'vitest';
import { blank, blanks } from './blanks.ts';
import { contentWords, hashtags, stem, tokens, weightOf } from './tokens.ts';

const texts = (text: string) => tokens(text).map((t) => t.text);

describe('words of a text', () => {
  it('keep inner apostrophes, hyphens, points and commas, and none at their edges', () => {
    expect(texts("Don't pay £1,250.50 for a well-worn boat, 'they' said.")).toEqual([
      ...["Don't", 'pay', '1,250.50', 'for', 'a', 'well-worn', 'boat', 'they', 'said'],
    ]);
    expect(texts('Ålesund… naïve—it’s 3:30')).toEqual(['Ålesund', 'naïve', 'it’s', '3', '30']);
    expect(texts(' … — !')).toEqual([]);
  });

  it('say where they stand', () => {
    const text = '  The old, old ferry’s bell.';
    for (const t of tokens(text)) expect(text.slice(t.start, t.end)).toBe(t.text);
    expect(tokens(text).map((t) => t.start)).toEqual([2, 6, 11, 15, 23]);
  });

  it('that carry meaning leave out the small ones, single letters and what begins with a figure', () => {
    const words = contentWords('The 12 ferries of Osierwick CAME back, b and all, in 2nd gear; it’s ours');
    expect(words.map((w) => w.text)).toEqual(['ferries', 'Osierwick', 'gear']);
    const first = words[0];
    expect(first).toMatchObject({ text: 'ferries', stem: stem('ferry'), start: 7, end: 14 });
  });

  it('keep an inner figure: it is no small word', () => {
    expect(contentWords('MP3 player B2B').map((w) => w.text)).toEqual(['MP3', 'player', 'B2B']);
  });
});

describe('stems', () => {
  it.each([
    ['ferries', 'ferry'],
    ['Mending', 'mends'],
    ['caught', 'catch'],
    ['leaves', 'leaf'],
    ['women', 'woman'],
    ['Café', 'cafe'],
    ['ferry’s', 'ferry'],
    ["mender's", 'mender'],
    ["o'clock", 'oclock'],
    ['TEETH', 'tooth'],
  ])('of %s and %s are one', (a, b) => {
    expect(stem(a)).toBe(stem(b));
    // The second time it is remembered.
    expect(stem(a)).toBe(stem(b));
  });

  it('of other words are others', () => {
    expect(stem('boat')).not.toBe(stem('boots'));
    expect(stem("it'salt")).not.toBe(stem('it'));
    expect(new Set(['kettle', 'ferry', 'bench', 'bread'].map(stem)).size).toBe(4);
    expect(stem('ferry')).toBe('ferri');
  });

  it('stay right when more words have been met than are remembered', () => {
    for (let i = 0; i < 50_100; i++) stem(`w${i}`);
    expect(stem('caught')).toBe('catch');
    expect(stem('w7')).toBe('w7');
  });
});

it('words say much, something or little of what is seen', () => {
  expect(weightOf('kettle')).toBe(1);
  expect(weightOf('Kettle')).toBe(1);
  expect(weightOf('Story')).toBe(0.55);
  expect(weightOf('MONDAY')).toBe(0.1);
  // Verbs as they are bent; a noun in “-ing” is something to be seen.
  expect(['holds', 'lasted', 'misses', 'started', 'helps'].map(weightOf)).toEqual(Array(5).fill(0.55));
  expect(['meetings', 'building', 'shoes', 'bed'].map(weightOf)).toEqual([1, 1, 1, 1]);
  // It is said of time before it is said of anything else.
  expect(weightOf('week')).toBe(0.1);
});

describe('hashtags', () => {
  const found = (text: string) => hashtags(text).map(([s, e]) => text.slice(s, e));
  it('are a sign and letters', () => {
    expect(found('See #osierwick and #ferry_day2 or #2ferries!')).toEqual([
      '#osierwick',
      '#ferry_day2',
      '#2ferries',
    ]);
    expect(found('(#été) #Fähre.')).toEqual(['#été', '#Fähre']);
  });
  it('are no numbers, no entities, no anchors and no doubled signs', () => {
    expect(found('We are #1 &#xa0; page#top ##twice # alone 7#a')).toEqual([]);
  });
});

describe('blanks', () => {
  it('are found in order, with what belongs there', () => {
    const text = `Come on ${blank('day')} at ${blank('hour')}.`;
    expect(text).toBe('Come on ‹day› at ‹hour›.');
    expect(blanks(text).map((b) => b.hint)).toEqual(['day', 'hour']);
    for (const b of blanks(text)) expect(text.slice(b.start, b.end)).toBe(blank(b.hint));
  });
  it('may be empty, and are whole', () => {
    expect(blanks('‹› and ‹open and ‹in› closed›')).toEqual([
      { hint: '', start: 0, end: 2 },
      { hint: 'in', start: 17, end: 21 },
    ]);
    expect(blanks('none here')).toEqual([]);
  });
});
