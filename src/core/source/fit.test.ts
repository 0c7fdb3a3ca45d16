import { expect, it } from 'vitest';
import { cutSentences, fitSource } from './fit.ts';
import { sourceSchema } from './schema.ts';
import { emptySource, type Source } from './types.ts';

const source = (text: string, more: Partial<Source> = {}): Source => ({
  ...emptySource('article', { kind: 'text' }),
  passages: [{ id: 'p0', kind: 'text', level: 0, sentences: [{ id: 'p0.0', text }] }],
  ...more,
});

it('cuts a sentence that is none into several, without losing a word', () => {
  const text = 'word '.repeat(3000).trim();
  const [passage] = cutSentences(source(text)).passages;
  expect(passage?.sentences.map((s) => s.id)).toEqual(['p0.0', 'p0.0+1', 'p0.0+2', 'p0.0+3']);
  expect(passage?.sentences.map((s) => s.text).join(' ')).toBe(text);
  const short = source('A boat.');
  expect(cutSentences(short)).toEqual(short);
});

it('ends what is longer than can be stored, and leaves the rest alone', () => {
  const long = source('A boat.', {
    title: 't'.repeat(5000),
    left: [{ text: '🚤'.repeat(900), why: 'advertisement' }],
  });
  expect(sourceSchema.validate(long).error).toBeDefined();
  const fitted = fitSource(long);
  expect(sourceSchema.validate(fitted).error?.message).toBeUndefined();
  expect(fitted.title).toHaveLength(2000);
  expect(fitted.left[0]?.text.isWellFormed()).toBe(true);
  expect(fitted.passages).toEqual(long.passages);
  const fine = source('A boat.');
  expect(fitSource(fine)).toBe(fine);
});
