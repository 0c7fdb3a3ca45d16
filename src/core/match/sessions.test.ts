import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { sessionsOf, type TakenPhoto } from './sessions.ts';

const photo = (id: string, takenAt: string | null, ...words: string[]): TakenPhoto => ({
  id,
  takenAt,
  words,
});

describe('photos of one occasion', () => {
  it('are called for by what was typed for one of them, the nearest first', () => {
    const found = sessionsOf([
      photo('a', '2026-06-12T19:00:00', 'Aunt Runa', 'Osierwick harbour'),
      photo('b', '2026-06-12T19:20:00'),
      photo('c', '2026-06-12T20:30:00'),
      photo('d', '2026-06-12T20:40:00', 'lantern boat'),
      photo('e', '2026-06-13T19:00:00'),
      photo('f', null, 'market'),
    ]);
    expect(found.get('b')?.calledFor).toEqual(['aunt', 'runa', 'osierwick', 'harbour', 'lantern', 'boat']);
    expect(found.get('c')?.calledFor[0]).toBe('lantern');
    expect(found.get('a')?.calledFor).toEqual(['lantern', 'boat']);
    expect(found.get('e')).toEqual({ session: 'e', calledFor: [], nearest: null });
    expect(found.has('f')).toBe(false);
    expect(['a', 'b', 'c', 'd'].map((id) => found.get(id)?.nearest)).toEqual(['a', 'a', 'd', 'd']);
    expect(new Set(['a', 'b', 'c', 'd'].map((id) => found.get(id)?.session))).toEqual(new Set(['a']));
  });

  it.each(Array.from({ length: 30 }, (_, i) => `sessions-${i}`))(
    'do not depend on the order in which they come, seed %s',
    (seed) => {
      const random = seeded(seed);
      const photos = Array.from({ length: 14 }, (_, i) =>
        photo(
          `p${i}`,
          random() < 0.1 ? null : new Date(Date.UTC(2026, 5, 1) + Math.floor(random() * 2e7)).toISOString(),
          ...(random() < 0.3 ? [`name${i}`] : []),
        ),
      );
      const mixed = [...photos].sort(() => random() - 0.5);
      expect(new Map([...sessionsOf(mixed)].sort())).toEqual(new Map([...sessionsOf(photos)].sort()));
      expect(sessionsOf(photos).size).toBe(photos.filter((p) => p.takenAt !== null).length);
    },
  );
});
