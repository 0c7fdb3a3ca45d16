import { describe, expect, it } from 'vitest';
import { LONGEST_WORD, speechForms, speechRuns } from './speech.ts';
import { contentWords, stem } from './tokens.ts';

const said = (text: string) => speechForms(text).map((f) => f.form);

describe('speechForms', () => {
  it('writes out what an English voice cannot read', () => {
    expect(said('£9 and £1 and €2.50')).toEqual([
      '9',
      'pounds',
      'and',
      '1',
      'pound',
      'and',
      '2',
      'euros',
      '50',
    ]);
    expect(said('40% of 12,500 people & more')).toEqual([
      '40',
      'percent',
      'of',
      '12500',
      'people',
      'and',
      'more',
    ]);
    expect(said('“Zoë’s” café — naïve…')).toEqual(["Zoe's", 'cafe', 'naive.']);
    expect(said('#mending @home https://www.example.org/a?b=1')).toEqual([
      'mending',
      'at',
      'home',
      'example',
      'dot',
      'org',
    ]);
  });

  it('keeps the place of every word in the text, also of words that become several', () => {
    const text = 'Pay £9 now 🙂.';
    for (const f of speechForms(text)) expect(text.slice(f.start, f.end)).toMatch(/^(Pay|£9|now)$/);
  });

  it('gives nothing for what has no sound, and cuts endless words', () => {
    expect(said('🙂 — … !!!')).toEqual([]);
    expect(said('z'.repeat(5000))).toEqual(['z'.repeat(LONGEST_WORD)]);
  });
});

describe('speechRuns', () => {
  it('breaks long texts at sentences and loses no word', () => {
    const forms = speechForms(
      Array.from({ length: 40 }, (_, i) => `This is sentence number ${i}.`).join(' '),
    );
    const runs = speechRuns(forms, 120);
    expect(runs.flat()).toEqual(forms);
    for (const r of runs.slice(0, -1)) expect(r.at(-1)?.form).toMatch(/\.$/);
  });
});

describe('contentWords', () => {
  it('finds the words that carry the meaning, with their places', () => {
    const text = 'On Thursday evenings, five neighbours open an old boathouse.';
    const words = contentWords(text);
    expect(words.map((w) => w.text)).toEqual([
      'Thursday',
      'evenings',
      'neighbours',
      'open',
      'old',
      'boathouse',
    ]);
    for (const w of words) expect(text.slice(w.start, w.end)).toBe(w.text);
  });
  it('brings forms of a word together', () => {
    expect(stem('mended')).toBe(stem('mends'));
    expect(stem('café’s')).toBe(stem('Cafe'));
  });
});
