import { describe, expect, it } from 'vitest';
import { picture, piece, scene } from '../piece/testing.ts';
import { newBed, placed } from '../piece/types.ts';
import { type CreditFact, creditsOf } from './credits.ts';

const FACTS: CreditFact[] = [
  { id: 'named', title: 'A heron', licence: 'credit', credit: 'B. Reed' },
  { id: 'nameless', title: 'A lock', licence: 'credit', credit: '' },
  { id: 'found', title: 'A map', licence: 'unknown', credit: 'A page' },
  { id: 'mine', title: 'My cat', licence: 'own', credit: '' },
  { id: 'shelf', title: 'A boat', licence: 'free', credit: '' },
];
const factOf = (id: string) => FACTS.find((f) => f.id === id);

describe('credits', () => {
  it('name each picture once, in the order in which they are seen, and what is still open', () => {
    const p = piece([
      scene('a', 'x', { pictures: [picture('shelf'), placed('found')] }),
      scene('b', 'x', { pictures: [picture('named')] }),
      scene('c', 'x', { pictures: [picture('named'), placed('nameless'), placed('mine')] }),
    ]);
    expect(creditsOf(p, factOf)).toEqual({
      lines: ['“A heron”: B. Reed'],
      nameless: [{ id: 'nameless', title: 'A lock', scene: 3 }],
      unknown: [{ id: 'found', title: 'A map', scene: 1 }],
    });
  });

  it('name the music that was brought, from where it is heard, and not what is gone', () => {
    const track = { id: 'named', title: 'A heron', licence: 'credit', credit: 'B. Reed' } as const;
    const bed = (id: string, trackId: string, fromScene: string | null) => ({
      ...newBed(id, { kind: 'brought', trackId, startMs: 0 }),
      fromScene,
    });
    const beds = [bed('x', 'named', null), bed('y', 'found', 'b'), bed('z', 'nameless', 'gone')];
    const p = piece([scene('a', 'x'), scene('b', 'x')], { beds });
    expect(creditsOf(p, (id) => (id === 'named' ? track : factOf(id)))).toEqual({
      lines: ['“A heron”: B. Reed'],
      nameless: [],
      unknown: [{ id: 'found', title: 'A map', scene: 2 }],
    });
  });

  it('leave out what is never seen: the own picture of a scene that goes on with the one before', () => {
    const p = piece([
      scene('a', 'x', { pictures: [picture('shelf')] }),
      scene('b', 'x', { pictures: [picture('named')], runsOn: true }),
    ]);
    expect(creditsOf(p, factOf).lines).toEqual([]);
  });
});
