import { expect, it } from 'vitest';
import { contentWords } from '../text/tokens.ts';
import { phraseWeights } from './modifiers.ts';

/** The words of a text that count less than others. */
const less = (text: string) =>
  contentWords(text).flatMap((w, i) => ((phraseWeights(text)[i] ?? 1) < 1 ? w.text : []));

it('a noun that tells another one apart counts less than that', () => {
  expect(less('Lemon pasta in fifteen minutes')).toEqual(['Lemon']);
  expect(less('Our new desk lamp')).toEqual(['desk']);
  expect(less('The town library lends fire extinguishers')).toEqual(['town', 'fire']);
});

it('names, verbs, and nouns with a sign between them count in full', () => {
  for (const text of [
    'Why your houseplants die in winter',
    'Coffee, bread and butter',
    'The last keeper of Orrin Head',
    'Mira Tarrow mends clocks',
    '',
  ])
    expect(less(text), text).toEqual([]);
  const text = 'Electric bikes, honestly';
  expect(phraseWeights(text)).toHaveLength(contentWords(text).length);
});
