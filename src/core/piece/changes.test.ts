import { describe, expect, it } from 'vitest';
import { changesBetween, sameToViewers } from './changes.ts';
import { applyEdit } from './edit.ts';
import { editTo } from './edit-to.ts';
import { picture, piece, scene } from './testing.ts';
import { newBed, type Piece } from './types.ts';

const four = () => piece(['a', 'b', 'c', 'd'].map((id) => scene(id)));
const withScenes = (p: Piece, ids: string[]): Piece => ({
  ...p,
  scenes: ids.map((id) => p.scenes.find((s) => s.id === id) ?? scene(id)),
});
const short = (before: Piece, after: Piece) =>
  changesBetween(before, after).scenes.map(
    (c) => `${c.id} ${c.before ?? '-'}>${c.after ?? '-'}${c.moved ? ' moved' : ''} ${c.aspects.join()}`,
  );

describe('what a viewer notices', () => {
  it('is nothing where only what the writer keeps is other', () => {
    const after = { ...four(), title: 'Another', targetMs: 9000, kit: [], coverMs: 4 };
    after.scenes[1] = { ...scene('b'), brief: 'a boat' };
    expect(sameToViewers(changesBetween(four(), after))).toBe(true);
  });

  it('is named by what is other in each scene', () => {
    const after = four();
    after.scenes[0] = scene('a', 'Other words.');
    after.scenes[1] = scene('b', 'Other words on screen.', { spoken: 'Line b speaks.' });
    after.scenes[2] = scene('c', undefined, { pictures: [picture('p')], durationMs: 4000 });
    expect(short(four(), after)).toEqual(['a 0>0 words,voice', 'b 1>1 words', 'c 2>2 picture,length']);
  });

  it('is the one scene that was moved, not those that it passed', () => {
    expect(short(four(), withScenes(four(), ['d', 'a', 'b', 'c']))).toEqual(['d 3>0 moved ']);
    expect(short(four(), withScenes(four(), ['b', 'c', 'a', 'd']))).toEqual(['a 0>2 moved ']);
  });

  it('is what came, and what is gone where it was', () => {
    expect(short(four(), withScenes(four(), ['a', 'new', 'c', 'd']))).toEqual(['new ->1 ', 'b 1>- ']);
    expect(short(four(), withScenes(four(), ['a', 'b']))).toEqual(['c 2>- ', 'd 3>- ']);
  });

  it('is told of the piece as a whole', () => {
    const after: Piece = {
      ...four(),
      format: '1:1',
      captions: false,
      beds: [newBed('m', { kind: 'silence' })],
    };
    expect(changesBetween(four(), after).piece).toEqual(['words', 'music', 'format']);
  });
});

/** Numbers from 0 to n - 1, the same for the same seed (mulberry32). */
function dice(seed: number) {
  let a = seed;
  return (n: number) => {
    a = (a + 0x6d2b79f5) | 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) % n;
  };
}

function shaken(p: Piece, roll: (n: number) => number): Piece {
  const scenes = [...p.scenes];
  for (let i = 0; i < 12; i++) {
    const at = roll(scenes.length + 1);
    const what = roll(4);
    const [taken] = what === 0 ? [] : scenes.splice(at, 1);
    if (what === 0) scenes.splice(at, 0, scene(`n${roll(1_000_000)}`));
    else if (taken && what === 1) scenes.splice(roll(scenes.length + 1), 0, taken);
    else if (taken && what === 2) scenes.splice(at, 0, { ...taken, shown: `Words ${roll(1000)}.` });
  }
  return { ...p, scenes, title: `Title ${roll(9)}` };
}

describe('the edit to another state', () => {
  it('is none to the same', () => {
    expect(editTo(four(), four(), 'return')).toBeNull();
  });

  it.each(Array.from({ length: 60 }, (_, i) => i + 1))('leads there and back (seed %i)', (seed) => {
    const roll = dice(seed);
    const from = shaken(piece(Array.from({ length: 9 }, (_, i) => scene(`s${i}`))), roll);
    const to = shaken(from, roll);
    const way = editTo(from, to, 'return');
    if (!way) return expect(to).toEqual(from);
    const there = applyEdit(from, way);
    if (!there.ok) throw new Error(JSON.stringify(there.failure));
    expect(there.piece).toEqual(to);
    const back = applyEdit(there.piece, there.inverse);
    expect(back.ok && back.piece).toEqual(from);
  });

  it('moves as few scenes as can be', () => {
    const to = withScenes(four(), ['d', 'a', 'b', 'c']);
    expect(editTo(four(), to, 'return')?.ops).toEqual([{ op: 'move', id: 'd', to: 0 }]);
  });
});
