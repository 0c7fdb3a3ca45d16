import { describe, expect, it } from 'vitest';
import { missingQuotes } from './quotes.ts';

const missing = (text: string) => {
  const { before, after } = missingQuotes(text);
  return `${before}|${after}`;
};

describe('halves of quotations that are missing', () => {
  it.each([
    '“Come in,” she says.',
    'He said “no” and “never”.',
    '„Ich habe gewartet“, sagt er.',
    '„Czekałem”, mówi.',
    '«J’attends», dit-il.',
    '»Ich warte«, sagt er.',
    'She called it “the „old“ boat”.',
    'No quotation; 5’ 6” is no mark of one here.'.replace('”', '″'),
    '(“So”) – “so”',
    '',
  ])('none in %s', (text) => {
    expect(missing(text)).toBe('|');
  });

  it.each([
    ['“I waited.', '|”'],
    ['She says “no', '|”'],
    ['„Ich habe gewartet.', '|“'],
    ['„Czekałem” i „nic', '|”'],
    ['«J’attends', '|»'],
    ['»Ich warte', '|«'],
    ['I waited.”', '“|'],
    ['gewartet“, sagt er.', '„|'],
    ['j’attends», dit-il.', '«|'],
    ['warte«, sagt er.', '»|'],
    ['That was all.” Then: “Go', '“|”'],
  ])('of %s are %s', (text, halves) => {
    expect(missing(text)).toBe(halves);
  });
});
