import { describe, expect, it } from 'vitest';
import { dressedDraft } from '../look/choose.ts';
import { piece, scene } from '../piece/testing.ts';
import { newBed } from '../piece/types.ts';
import { compose } from './compose.ts';
import { MOOD_NAMES, MOODS } from './moods.ts';
import { SUITED_MUSIC, scoredDraft, suitedMoods } from './suited.ts';

const of = (...lines: string[]) =>
  piece(
    lines.map((l, i) => scene(`s${i}`, l)),
    { title: lines[0] ?? '' },
  );

describe('music that suits', () => {
  it.each([
    ['The engine sends data to the server', 'A sensor measures the battery', 'circuit'],
    ['The cat tells a joke at the party', 'A silly game with balloons', 'playful'],
    ['The moon and the sea', 'Dust on a letter to a ghost', 'tender'],
  ] as const)('“%s ... %s” is %s, with the words that say so', (a, b, mood) => {
    const [best] = suitedMoods(of(a, b));
    expect(best?.mood).toBe(mood);
    expect(best?.reasons[0]?.code).toBe('words');
  });

  it('is the plain mood when nothing speaks for another, and does not depend on the music there is', () => {
    const plain = of('It is so.', 'And that is that.');
    expect(suitedMoods(plain)[0]).toEqual({ mood: 'gentle', reasons: [] });
    const loud = { ...plain, beds: [newBed('m', { kind: 'composed', mood: 'drive', seed: 1 })] };
    expect(suitedMoods(loud)).toEqual(suitedMoods(plain));
  });

  it('goes by what words mean in English where they are in another language', () => {
    const german = of('Der Rechner schickt Werte', 'Ein Fühler misst den Strom');
    const said = 'engine sends data server\nsensor measures battery';
    expect(suitedMoods(german)[0]?.mood).toBe('gentle');
    expect(suitedMoods(german, said)[0]?.mood).toBe('circuit');
    const draft = { ...german, beds: [newBed('m', { kind: 'composed', mood: 'gentle', seed: 1 })] };
    expect(scoredDraft(draft, SUITED_MUSIC, said).beds[0]?.source).toMatchObject({ mood: 'circuit' });
    expect(dressedDraft(german, said).look).toBe(
      dressedDraft({
        ...of('The engine sends data to the server', 'A sensor measures the battery'),
        title: german.title,
      }).look,
    );
  });

  it('is put in where it was asked for, and nowhere else', () => {
    const bed = newBed('m', { kind: 'composed', mood: 'gentle', seed: 1 });
    const draft = { ...of('The engine sends data to the server', 'A sensor measures it'), beds: [bed] };
    expect(scoredDraft(draft, SUITED_MUSIC).beds[0]?.source).toMatchObject({ mood: 'circuit' });
    expect(scoredDraft(draft, 'bright')).toBe(draft);
    expect(scoredDraft({ ...draft, beds: [] }, SUITED_MUSIC).beds).toEqual([]);
  });
});

describe('moods', () => {
  it('are at least ten that a listener tells apart: by tempo, mode, density, instruments or beat', () => {
    expect(MOOD_NAMES.length).toBeGreaterThanOrEqual(10);
    const facts = MOOD_NAMES.map((mood) => {
      const { tempo, scale, band } = MOODS[mood];
      const notes = compose(mood, 1, 30_000).notes.length / 30;
      return { mood, tempo, scale, notes, chords: band.chords, beat: band.beat };
    });
    for (const [i, a] of facts.entries())
      for (const b of facts.slice(i + 1)) {
        const apart = [
          Math.abs(a.tempo - b.tempo) / Math.min(a.tempo, b.tempo) > 0.08,
          a.scale !== b.scale,
          Math.max(a.notes, b.notes) / Math.min(a.notes, b.notes) > 1.25,
          Math.floor(a.chords / 8) !== Math.floor(b.chords / 8),
          a.beat !== b.beat,
        ].filter(Boolean).length;
        expect([a.mood, b.mood, apart >= 2]).toEqual([a.mood, b.mood, true]);
      }
  });
});
