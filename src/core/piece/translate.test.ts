import { describe, expect, it } from 'vitest';
import { pieceFor } from '../deliver/delivery.ts';
import { joinWithPrevious, splitScene } from './actions.ts';
import { applyEdit, type Edit, sceneEdit } from './edit.ts';
import { newDelivery } from './outputs.ts';
import { piece, scene } from './testing.ts';
import {
  inLanguage,
  languagesOf,
  removeLanguage,
  retold,
  textOnto,
  translate,
  translateAll,
  translationState,
} from './translate.ts';
import type { Piece, Scene } from './types.ts';

const done = (p: Piece, e: Edit | null): Piece => {
  const r = applyEdit(p, e as Edit);
  if (!r.ok) throw new Error(JSON.stringify(r.failure));
  expect(applyEdit(r.piece, r.inverse)).toMatchObject({ ok: true, piece: p });
  return r.piece;
};
const at = (p: Piece, i: number) => p.scenes[i] as Scene;
const states = (p: Piece, language = 'de') => p.scenes.map((s) => translationState(s, language));

describe('words in another language', () => {
  const first = piece([
    scene('a', 'The gate opens.'),
    scene('b', 'Short', { spoken: 'It is long.' }),
    scene('c', ' '),
  ]);
  const told = done(
    done(first, translate(at(first, 0), 'de', { shown: 'Das Tor geht auf.' })),
    translate(at(first, 1), 'de', { shown: 'Kurz', spoken: 'Es ist lang.' }),
  );

  it('are kept by scene, know when their line has changed, and go when they are emptied', () => {
    expect(states(first)).toEqual(['missing', 'missing', 'none']);
    expect(states(told)).toEqual(['done', 'done', 'none']);
    expect(languagesOf(done(told, translate(at(told, 0), 'fr', { shown: 'La porte' })))).toEqual([
      'de',
      'fr',
    ]);
    const changed = done(told, sceneEdit('type-spoken', 'b', { spoken: 'It is longer.' }));
    expect(states(changed)).toEqual(['done', 'older', 'none']);
    expect(states(done(changed, translate(at(changed, 1), 'de', {})))).toEqual(['done', 'done', 'none']);
    const emptied = done(told, translate(at(told, 0), 'de', { shown: '' }));
    expect(at(emptied, 0).translations).toEqual([]);
  });

  it('are seen in a delivery in that language, while the voice says what it said', () => {
    const seen = pieceFor(
      { ...told, scenes: told.scenes.map((s) => ({ ...s, highlights: [[0, 3]] as [number, number][] })) },
      { format: null, captions: true, language: 'de' },
    );
    expect(seen.scenes.map((s) => [s.shown, s.spoken])).toEqual([
      ['Das Tor geht auf.', 'The gate opens.'],
      ['Kurz', 'It is long.'],
      [' ', null],
    ]);
    expect(seen.scenes.map((s) => s.highlights.length)).toEqual([0, 0, 1]);
    expect(inLanguage(told, 'fr')).toEqual(told);
    expect(inLanguage(told, null)).toBe(told);
  });

  it('become the words of a piece of their own', () => {
    const own = retold(told, 'de');
    expect(own.scenes.map((s) => [s.shown, s.spoken, s.translations.length])).toEqual([
      ['Das Tor geht auf.', null, 0],
      ['Kurz', 'Es ist lang.', 0],
      [' ', null, 0],
    ]);
  });

  it('stay with their lines when these are joined, and are looked at again when they are divided', () => {
    const joined = done(told, joinWithPrevious(told, 'b')?.edit ?? null);
    expect(at(joined, 0).translations[0]).toMatchObject({
      shown: 'Das Tor geht auf. Kurz',
      spoken: 'Das Tor geht auf. Es ist lang.',
    });
    expect(states(joined)).toEqual(['done', 'none']);
    const half = done(first, translate(at(first, 0), 'de', { shown: 'Das Tor' }));
    expect(states(done(half, joinWithPrevious(half, 'b')?.edit ?? null))[0]).toBe('older');
    const split = done(told, splitScene(told, 'a', 4, () => 'n')?.edit ?? null);
    expect(states(split)).toEqual(['older', 'missing', 'done', 'none']);
  });

  it('go with their deliveries when the language is not wanted any more', () => {
    const delivered = { ...told, deliveries: [{ ...newDelivery('v'), language: 'de' }] };
    const without = done(delivered, removeLanguage(delivered, 'de'));
    expect([languagesOf(without), without.deliveries[0]?.language]).toEqual([[], null]);
  });
});

describe('a file of words', () => {
  const rows = [
    { startMs: 0, endMs: 2000, words: true },
    { startMs: 2000, endMs: 5000, words: false },
    { startMs: 5000, endMs: 8000, words: true },
  ];
  const cue = (startMs: number, endMs: number, text: string) => ({ startMs, endMs, text });

  it('goes to the scenes in which most of each cue is heard', () => {
    const cues = [
      cue(100, 900, 'a'),
      cue(1000, 2100, 'b'),
      cue(1900, 3000, 'c'),
      cue(6000, 9000, 'd'),
      cue(9000, 9900, 'e'),
    ];
    expect([...(textOnto({ kind: 'cues', cues }, rows) ?? [])]).toEqual([
      [0, 'a b'],
      [1, 'c'],
      [2, 'd'],
    ]);
    expect(textOnto({ kind: 'cues', cues: [cue(9000, 9900, 'e')] }, rows)?.size).toBe(0);
  });

  it('without times has a line for each scene with words, or is refused', () => {
    expect([...(textOnto({ kind: 'lines', lines: ['x', 'y'] }, rows) ?? [])]).toEqual([
      [0, 'x'],
      [2, 'y'],
    ]);
    expect(textOnto({ kind: 'lines', lines: ['x'] }, rows)).toBeNull();
  });

  it('changes many lines at once, in one step', () => {
    const p = piece([scene('a'), scene('b')]);
    const edit = translateAll(
      p,
      'nl',
      new Map([
        ['a', { shown: 'Een' }],
        ['b', { shown: 'Twee' }],
      ]),
    );
    expect(edit?.count).toBe(2);
    expect(states(done(p, edit), 'nl')).toEqual(['done', 'done']);
    expect(translateAll(p, 'nl', new Map([['gone', { shown: 'x' }]]))).toBeNull();
  });
});
