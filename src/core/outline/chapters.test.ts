import { describe, expect, it } from 'vitest';
import { emptySource, type Source } from '../source/types.ts';
import { chosenChapters, toldChapters } from './chapters.ts';

const book = (...titles: string[]): Source => ({
  ...emptySource('article', { kind: 'book', count: titles.length }),
  passages: titles.map((t, i) => ({
    id: `p${i}`,
    kind: 'text',
    level: 0,
    sentences: [{ id: `p${i}.0`, text: t }],
  })),
  chapters: titles.map((title, i) => ({ id: `c${i}`, title, start: i, end: i + 1 })),
});
const told = (source: Source, chapters: string[] = []) =>
  chosenChapters(source, { chapters }).passages.map((p) => p.sentences[0]?.text);

describe('chapters of a book', () => {
  it('that are told are the chosen ones, in their order', () => {
    const all = book('One', 'Two', 'Three');
    expect(told(all, ['c2', 'c0', 'gone'])).toEqual(['One', 'Three']);
    expect(told(all, ['gone'])).toEqual(['One']);
  });

  it('begin with the first of the book itself', () => {
    expect(
      told(book('About Lund', 'Copyright', 'Table of Contents', 'The coming of the boats', 'Two')),
    ).toEqual(['The coming of the boats']);
    expect(told(book('Cover', 'Also by the same hand'))).toEqual(['Cover']);
    const motto = book('To the reader', 'The coming of the boats');
    const [a, b] = motto.passages;
    if (a && b) b.sentences = [{ id: 'p1.0', text: 'It opens. '.repeat(200) }];
    expect(toldChapters(motto, { chapters: [] })).toEqual(['c1']);
    expect(told(book('Coverdale opens', 'Two'))).toEqual(['Coverdale opens']);
  });

  it('are not asked for where there are none', () => {
    const none = emptySource('article', { kind: 'text' });
    expect([toldChapters(none, { chapters: [] }), chosenChapters(none, { chapters: ['c0'] })]).toEqual([
      [],
      none,
    ]);
  });
});
