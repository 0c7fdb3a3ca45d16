import { describe, expect, it } from 'vitest';
import { laidAddress, readsLikeArticle, wishedLength } from './laid-as.ts';

describe('what is laid on the sheet', () => {
  it.each([
    ['https://paper.example/story', 'https://paper.example/story', null],
    ['paper.example/a/b?c=1', 'paper.example/a/b?c=1', null],
    ['  https://paper.example/story  in 45 seconds ', 'https://paper.example/story', 45_000],
    ['30 s http://127.0.0.1:4300/demo-web/lantern', 'http://127.0.0.1:4300/demo-web/lantern', 30_000],
    ['paper.example/story 1:30', 'paper.example/story', 90_000],
    ['shop.example 2 min', 'shop.example', 120_000],
  ])('is an address: %s', (text, address, targetMs) => {
    expect(laidAddress(text)).toEqual({ address, targetMs });
  });

  it.each([
    'See lantern.example for more',
    'Come to the market.',
    'lantern.example.',
    'The lamp costs 3.50 and lasts.',
    'You find it at https://shop.example and we are open from nine to five on every day of the week',
    '',
  ])('is words: %s', (text) => {
    expect(laidAddress(text)).toBeNull();
  });

  it('holds a wished length within what can be made', () => {
    expect(wishedLength('as long as it takes')).toBeNull();
    expect(wishedLength('1 s')).toBe(5000);
    expect(wishedLength('999 minutes')).toBeNull();
    expect(wishedLength('90 minutes')).toBe(3_600_000);
    expect(wishedLength('1 minute 30 seconds')).toBe(90_000);
  });

  it('reads like an article when it is long and in paragraphs, and like a script otherwise', () => {
    const paragraph =
      'The workshop opens every Thursday evening, and whoever has something that does not work any more may bring it along. Five neighbours sit at the long bench and look at it together, with a great deal of patience and a cup of tea. ';
    const article = Array.from({ length: 8 }, () => paragraph.repeat(2)).join('\n\n');
    expect(readsLikeArticle(article)).toBe(true);
    expect(readsLikeArticle(paragraph)).toBe(false);
    expect(readsLikeArticle(Array.from({ length: 60 }, (_, i) => `Line ${i} is said here.`).join('\n'))).toBe(
      false,
    );
    expect(
      readsLikeArticle(
        Array.from({ length: 30 }, (_, i) => `Line ${i} of the poem is said here with ten words.`).join('\n'),
      ),
    ).toBe(false);
  });
});
