import { describe, expect, it } from 'vitest';
import { layRows, scriptOfRows } from './laid.ts';
import { cutScript, SPLITS } from './script.ts';
import { namedLine, speakersOf } from './speakers.ts';

const TALK = `Two sisters and a ferry

Mira: The ferry leaves at seven. Nobody is on it, and nobody knows why that is so.
Jon: Then who bought forty tickets?
Mira: That is what I want to know. [a ticket]

They walk along the quay until the lamps come on.

JON: Look, the door is open.`;

describe('who speaks', () => {
  it('is the name before a colon', () => {
    expect(namedLine('Mira: Come in.')).toEqual({ name: 'Mira', length: 6 });
    expect(namedLine('Old Mr. Hale : Come in.')?.name).toBe('Old Mr. Hale');
    for (const none of [
      'mira: no',
      'Mira:',
      'At 7:30 it opens',
      'https://a.example/b',
      'One two three four: no',
    ])
      expect(namedLine(none)).toBeNull();
  });

  it('needs at least two who take turns', () => {
    expect(speakersOf(['A: one.', 'B: two.', 'A: three.'])).toEqual(['A', 'B']);
    expect(speakersOf(['Note: one.', 'Then this.', 'Tip: two.'])).toEqual([]);
    expect(speakersOf(['Tip: one.', 'Tip: two.', 'Tip: three.'])).toEqual([]);
    expect(speakersOf(['Flour: 200 g.', 'Butter: 100 g.', 'Eggs: two.'])).toEqual([]);
  });

  it.each(SPLITS)('is known of every line, cut by %s, and stands in none', (split) => {
    const lines = cutScript(TALK, split);
    const by = (words: string) => lines.find((l) => l.shown.includes(words))?.speaker;
    expect(by('Two sisters')).toBeNull();
    expect(by('ferry leaves')).toBe('Mira');
    expect(by('nobody knows')).toBe('Mira');
    expect(by('forty tickets')).toBe('Jon');
    expect(by('They walk')).toBeNull();
    // Other capitals are the same name.
    expect(by('door is open')).toBe('Jon');
    for (const l of lines) expect(l.shown).not.toMatch(/^(Mira|Jon|JON):/);
  });

  it('survives the empty sheet: rows cut by lines give the same speakers', () => {
    let n = 0;
    const rows = layRows(TALK, 'sentence', () => `r${n++}`);
    const again = cutScript(scriptOfRows(rows), 'line');
    expect(again.map((l) => [l.speaker, l.shown])).toEqual(
      cutScript(TALK, 'sentence').map((l) => [l.speaker, l.shown]),
    );
  });
});
