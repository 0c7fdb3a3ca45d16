import { describe, expect, it } from 'vitest';
import { filledPattern, placesIn } from './pattern.ts';

describe('a pattern of words', () => {
  const row = { Name: 'Odile', 'Price in pounds': ' 12 ', empty: '' };

  it('gets the values of a row, whatever the case and the spaces of its places', () => {
    expect(filledPattern('{name} pays {PRICE IN POUNDS}. Thanks, { Name }!', row)).toEqual({
      text: 'Odile pays 12. Thanks, Odile!',
      left: [],
    });
  });

  it('leaves out lines that would have a hole, and says which', () => {
    expect(filledPattern('Hello {name}.\r\n  It costs {empty}.\nBye, {nowhere}.\nDone.', row)).toEqual({
      text: 'Hello Odile.\nDone.',
      left: ['It costs {empty}.', 'Bye, {nowhere}.'],
    });
    expect(placesIn('{a} {B} {A} {b c}\n{}')).toEqual(['A', 'B', 'b c']);
  });

  it('takes doubled braces for braces, and what reaches over a line for words', () => {
    expect(filledPattern('{{name}} and {name', row)).toEqual({ text: '{name} and {name', left: [] });
    expect(placesIn('{not\na place}')).toEqual([]);
  });

  it('does not read values as patterns', () => {
    expect(filledPattern('{a}', { a: '{b}', b: 'x' }).text).toBe('{b}');
  });
});
