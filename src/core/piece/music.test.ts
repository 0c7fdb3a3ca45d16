import { describe, expect, it } from 'vitest';
import { applyEdit, type Edit } from './edit.ts';
import { bedAt, changeBed, joinMusic, setMusic, splitMusic } from './music.ts';
import { piece } from './testing.ts';
import { newBed, type Piece } from './types.ts';

const gentle = { kind: 'composed', mood: 'gentle', seed: 1 } as const;
const tense = { kind: 'composed', mood: 'tense', seed: 2 } as const;
const newId = (() => {
  let n = 0;
  return () => `bed${n++}`;
})();

const done = (p: Piece, e: Edit | null): Piece => {
  const r = e && applyEdit(p, e);
  if (!r?.ok) throw new Error('The edit was refused.');
  return r.piece;
};
const sources = (p: Piece) => ['a', 'b', 'c'].map((id) => bedAt(p, id)?.source ?? null);

describe('music that changes in the middle', () => {
  const first = done(piece(), setMusic(piece(), 'b', gentle, newId));

  it('begins with the first choice under everything', () => {
    expect(sources(first)).toEqual([gentle, gentle, gentle]);
    expect(bedAt(first, null)?.source).toEqual(gentle);
    expect(bedAt(piece(), 'a')).toBeNull();
  });

  it('goes on as before until it is another, and goes on again when that is taken back', () => {
    const split = done(first, splitMusic(first, 'b', newId));
    expect(sources(split)).toEqual([gentle, gentle, gentle]);
    const other = done(split, setMusic(split, 'c', tense, newId));
    expect(sources(other)).toEqual([gentle, tense, tense]);
    const back = done(other, joinMusic(other, bedAt(other, 'b')?.id ?? ''));
    expect(sources(back)).toEqual([gentle, gentle, gentle]);
  });

  it('does not begin twice in a row, nor anew with the first', () => {
    const split = done(first, splitMusic(first, 'b', newId));
    expect(splitMusic(split, 'b', newId)).toBeNull();
    expect(splitMusic(first, 'a', newId)).toBeNull();
  });

  it('without the row with which it began is not heard, and comes back with it', () => {
    const split = done(first, splitMusic(first, 'b', newId));
    const other = done(split, setMusic(split, 'b', tense, newId));
    const without: Piece = { ...other, scenes: other.scenes.filter((s) => s.id !== 'b') };
    expect(bedAt(without, 'c')?.source).toEqual(gentle);
  });

  it('has its own level', () => {
    const split = done(first, splitMusic(first, 'c', newId));
    const id = bedAt(split, 'c')?.id ?? '';
    const quiet = done(split, changeBed(split, id, { gainDb: -9 }));
    expect([bedAt(quiet, 'a')?.gainDb, bedAt(quiet, 'c')?.gainDb]).toEqual([0, -9]);
  });

  it('may be none from a row on', () => {
    const split = done(first, splitMusic(first, 'c', newId));
    expect(sources(done(split, setMusic(split, 'c', { kind: 'silence' }, newId)))).toEqual([
      gentle,
      gentle,
      { kind: 'silence' },
    ]);
    expect(newBed('x', { kind: 'silence' }).fromScene).toBeNull();
  });
});
