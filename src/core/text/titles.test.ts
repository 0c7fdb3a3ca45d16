import { describe, expect, it } from 'vitest';
import { plainTitle } from './titles.ts';

describe('a title', () => {
  it.each([
    ['9.10. Backup', 'Backup'],
    ['4.3.2 Creating contexts', 'Creating contexts'],
    ['B.3. Making a file', 'Making a file'],
    ['Chapter 4. Pipes', 'Pipes'],
    ['Appendix A. Appendix', 'Appendix'],
    ['Chapter IV: The ferry', 'The ferry'],
    ['3. Scope of this document¶', 'Scope of this document'],
    ['a) Lamps', 'Lamps'],
  ])('goes without its number: %s', (title, plain) => {
    expect(plainTitle(title)).toBe(plain);
  });

  it.each([
    'The ferry',
    '10 things to mend',
    '3.5 million lanterns',
    '1984',
    '42.',
    'A. ',
    '7.2 % more rain',
    'Part of the town',
    'Chapter and verse',
    'I, lantern',
  ])('keeps figures that belong to it: %s', (title) => {
    expect(plainTitle(title)).toBe(title.trim());
  });
});
