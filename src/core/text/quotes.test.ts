import { describe, expect, it } from 'vitest';
import { missingQuotes, printedQuotes } from './quotes.ts';

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

describe('typewriter marks in print', () => {
  it.each([
    [`"A town that sleeps," says the mayor.`, 'en', '“A town that sleeps,” says the mayor.'],
    [`"Ein Ort," sagt sie.`, 'de', '„Ein Ort,“ sagt sie.'],
    [`"Un lieu", dit-elle, l'eau`, 'fr', `"Un lieu", dit-elle, l’eau`],
    [`You don't know it's Rosa's`, 'en', 'You don’t know it’s Rosa’s'],
    [`Rock 'n' roll in the '90s, 'tis all`, 'en', 'Rock ’n’ roll in the ’90s, ’tis all'],
    [`"He said 'never' twice."`, 'en', '“He said ‘never’ twice.”'],
    [`("So")—"yes"`, 'en', '(“So”)—“yes”'],
    [`5'10" tall, a 6" pipe`, 'en', `5'10" tall, a 6" pipe`],
    [`It was "1984"`, 'en', 'It was “1984”'],
    [`“Printed” and the dogs' bowls`, 'en', '“Printed” and the dogs’ bowls'],
    [`„Schon“ "gemischt"`, 'de', `„Schon“ "gemischt"`],
    ['', 'en', ''],
  ])('%s (%s)', (typed, language, printed) => {
    expect(printedQuotes(typed, language)).toBe(printed);
    expect(printedQuotes(typed, language)).toHaveLength(typed.length);
    // What is printed is not changed again.
    expect(printedQuotes(printed, language)).toBe(printed);
  });
});
