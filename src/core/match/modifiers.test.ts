import { expect, it } from 'vitest';
import { contentWords } from '../text/tokens.ts';
import { growthWeights, phraseWeights } from './modifiers.ts';

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

it('what grows is seen rather than the fruit that it is named for', () => {
  expect(growthWeights('Under the old lime trees it was cool.')).toEqual([1, 0.3, 1, 1]);
  expect(growthWeights('A slice of lime.')).toEqual([1, 1]);
  expect(growthWeights('The lime. Trees are older.')).toEqual([1, 1, 1]);
});
