import { describe, expect, it } from 'vitest';
import type { Saying } from '../piece/types.ts';
import { sayingsAt, sayingsIn } from './sayings.ts';
import { speechForms } from './speech.ts';

const said = (text: string, says: Saying[] = []) =>
  speechForms(text, 'en', says)
    .map((f) => f.form)
    .join(' ');

describe('English words for the voice', () => {
  it.each([
    ['It costs $19.99.', 'It costs 19 dollars 99.'],
    ['$5M and €1.2bn and £1', '5 million dollars and 1.2 billion euros and 1 pound'],
    ['10k people, 3x faster', '10 thousand people, 3 times faster'],
    ['a 12 km walk and 1 kg of rice', 'a 12 kilometres walk and 1 kilogram of rice'],
    ['12km at 30mph', '12 kilometres at 30 miles per hour'],
    ['Open 14:30, not 9:00.', "Open 2 30 p m, not 9 o'clock."],
    ['On 2026-11-30 we meet.', 'On November 30 2026 we meet.'],
    ['5-10 boats, 1939–45', '5 to 10 boats, 1939 to 45'],
    ['e.g. bread, soup etc.', 'for example bread, soup et cetera.'],
    ['No. 7 said no.', 'number 7 said no.'],
    ['#CanalWalk is on', 'Canal Walk is on'],
    ['~20 of 100+', 'about 20 of 100 plus'],
    ['See www.example.org/shop?x=1', 'See w w w dot example dot org'],
    ['24/7', '24 7'],
  ])('%s', (text, words) => {
    expect(said(text)).toBe(words);
  });

  it('leaves names alone that look like units', () => {
    expect(said('Plan 9 M is here')).toBe('Plan 9 M is here');
    expect(said('call 555-0199-22')).toBe('call 555-0199-22');
  });
});

describe('words that are read in a way of their own', () => {
  const OSIER: Saying = { written: 'Osierwick', said: 'oh zher wick' };

  it('are said so, with the place of the word and its full stop', () => {
    const text = 'We live in Osierwick. It rains.';
    const forms = speechForms(text, 'en', [OSIER]);
    expect(forms.map((f) => f.form)).toEqual(['We', 'live', 'in', 'oh', 'zher', 'wick.', 'It', 'rains.']);
    for (const f of forms.slice(3, 6)) expect(text.slice(f.start, f.end)).toBe('Osierwick.');
  });

  it('may be several words, which are one place then', () => {
    const text = 'The Lower Marsh Post, today.';
    const forms = speechForms(text, 'en', [{ written: 'Lower Marsh Post', said: 'L M P' }]);
    expect(forms.map((f) => f.form)).toEqual(['The', 'L', 'M', 'P,', 'today.']);
    expect(text.slice(forms[1]?.start, forms[1]?.end)).toBe('Lower Marsh Post');
  });

  it('are whole words; capitals count only where all are', () => {
    expect(sayingsIn('the osierwicks', [OSIER])).toEqual([]);
    expect(sayingsIn('in osierwick', [OSIER])).toEqual([OSIER]);
    expect(sayingsIn('join us', [{ written: 'US', said: 'U S' }])).toEqual([]);
    const both = sayingsAt('New Osierwick', [OSIER, { written: 'New Osierwick', said: 'x' }]);
    expect(both.map((s) => s.said)).toEqual(['x']);
  });
});

describe('words of other languages', () => {
  it('stay as they are written, without what has no sound', () => {
    const forms = speechForms('Größe: 12 €, „Übung“ 🙂 #Straße', 'de').map((f) => f.form);
    expect(forms).toEqual(['Größe:', '12', 'Übung', 'Straße']);
  });
});
