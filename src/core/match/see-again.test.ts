import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { seeAgain } from './see-again.ts';
import type { MatchLine, Scored, ShelfItem } from './types.ts';

/** scores: of each picture for each line; the score is its certainty. places: of the scenes, one after the other by default. */
function seen(
  before: string[],
  scores: readonly Record<string, number>[],
  more: readonly Partial<MatchLine>[] = [],
  places = before.map((_, i) => i),
) {
  const ranked = scores.map((of) =>
    Object.entries(of)
      .map(([id, score]) => ({ item: { id } as ShelfItem, score }) as Scored)
      .sort((a, b) => b.score - a.score),
  );
  const scoreOf = ranked.map((r) => new Map(r.map((s) => [s.item.id, s])));
  const lines = scores.map((_, i) => ({ sceneId: String(i), text: '', brief: '', ...more[i] }) as MatchLine);
  const chosen = [...before];
  const { again, goesOn } = seeAgain({ chosen, scoreOf, ranked, lines, places, certainty: (s) => s.score });
  const shown = chosen.map((id, i) => goesOn.get(i)?.item.id ?? id);
  return { chosen, shown, again: [...again], goesOn: [...goesOn.keys()] };
}
const own = (id: string) => ({ [id]: 0.9 });
const FOUR = [own('roof'), own('b'), own('c')];
const panels = { roof: 0.7, meeting: 0.4 };

describe('a picture of the piece', () => {
  it('is seen once more where it fits better than what was left', () => {
    const { shown, again, goesOn } = seen(['roof', 'b', 'c', 'meeting'], [...FOUR, panels]);
    expect(shown).toEqual(['roof', 'b', 'c', 'roof']);
    expect([again, goesOn]).toEqual([[3], []]);
  });

  it.each([
    ['where what was left fits nearly as well', ['roof', 'b', 'c', 'meeting'], 0.42, 0.4],
    ['where what was left is right', ['roof', 'b', 'c', 'meeting'], 0.99, 0.86],
    ['where it is a guess itself', ['roof', 'b', 'c', 'meeting'], 0.35, 0.1],
  ])('is not seen again %s', (_, chosen, roof, meeting) => {
    const scores = chosen.slice(0, 3).map(own);
    expect(seen(chosen, [...scores, { roof, meeting }]).shown).toEqual(chosen);
  });

  it('is seen at two times at most, where it helps most', () => {
    const chosen = ['roof', 'b', 'c', 'meeting', 'd', 'e', 'office'];
    const more = { roof: 0.8, office: 0.3 };
    const { shown } = seen(chosen, [...FOUR, panels, own('d'), own('e'), more]);
    expect(shown).toEqual(['roof', 'b', 'c', 'meeting', 'd', 'e', 'roof']);
  });

  it('is seen again where it comes second, though it was chosen there first', () => {
    const { shown, again } = seen(['meeting', 'b', 'c', 'roof'], [panels, own('b'), own('c'), own('roof')]);
    expect(shown).toEqual(['roof', 'b', 'c', 'roof']);
    expect(again).toEqual([3]);
  });

  it('goes on through the line after it, and its own stays at hand', () => {
    const { shown, chosen, goesOn, again } = seen(['b', 'roof', 'meeting'], [own('b'), own('roof'), panels]);
    expect(shown).toEqual(['b', 'roof', 'roof']);
    expect(chosen[2]).toBe('meeting');
    expect([again, goesOn]).toEqual([[], [2]]);
  });

  it('begins a line earlier where it helps much, and goes on through its own', () => {
    const next = { roof: 0.9, attic: 0.5 };
    const { shown, chosen, goesOn } = seen(['b', 'meeting', 'roof'], [own('b'), panels, next]);
    expect(shown).toEqual(['b', 'roof', 'roof']);
    expect([chosen[2], goesOn]).toEqual(['attic', [2]]);
    const little = { roof: 0.5, meeting: 0.42 };
    expect(seen(['b', 'meeting', 'roof'], [own('b'), little, next]).goesOn).toEqual([]);
  });

  it('does not go on where a scene of the writer stands between', () => {
    const scores = [own('b'), own('roof'), panels];
    expect(seen(['b', 'roof', 'meeting'], scores, [], [0, 1, 3]).goesOn).toEqual([]);
  });

  it('does not take the place of what a brief asks for, or of the picture of a title', () => {
    for (const more of [{ brief: 'a meeting' }, { title: true }])
      expect(seen(['roof', 'b', 'c', 'meeting'], [...FOUR, panels], [{}, {}, {}, more]).again).toEqual([]);
  });

  it('goes on through a line that points back and is a guess, one after it at the most', () => {
    const guess = { b: 0.3, c: 0.2, d: 0.1 };
    const more = [{}, { pointsBack: true }, { pointsBack: true }, { pointsBack: true }];
    const { shown, goesOn } = seen(['a', 'b', 'c', 'd'], [own('a'), guess, guess, guess], more);
    expect(goesOn).toEqual([1, 3]);
    expect(shown).toEqual(['a', 'a', 'c', 'c']);
    expect(seen(['a', 'b'], [own('a'), { b: 0.4 }], more).goesOn).toEqual([]);
    // The line after it goes on with its picture.
    const held = seen(
      ['a', 'b', 'c'],
      [own('a'), { b: 0.3 }, { b: 0.6, c: 0.1 }],
      [{}, { pointsBack: true }, {}],
    );
    expect(held.shown).toEqual(['a', 'b', 'b']);
  });

  it('goes on from the line before it alone, and no further than one scene, whatever is chosen', () => {
    const random = seeded('see again');
    let moved = 0;
    for (let round = 0; round < 400; round++) {
      const ids = Array.from({ length: 10 }, (_, i) => `p${i}`);
      const scores = ids.map(() => Object.fromEntries(ids.map((id) => [id, random()])));
      const more = ids.map(() => ({ pointsBack: random() < 0.4 }));
      const { chosen, shown, goesOn, again } = seen(ids, scores, more);
      for (const r of goesOn) {
        expect(shown[r]).toBe(chosen[r - 1]);
        expect(goesOn).not.toContain(r - 1);
        expect(chosen[r]).not.toBe(shown[r]);
      }
      for (const r of again) {
        expect(shown[r - 1]).not.toBe(shown[r]);
        if (!goesOn.includes(r + 1)) expect(shown[r + 1]).not.toBe(shown[r]);
      }
      for (const id of ids)
        expect(chosen.filter((c, r) => c === id && !goesOn.includes(r)).length).toBeLessThan(3);
      moved += goesOn.length + again.length;
    }
    expect(moved).toBeGreaterThan(400);
  });
});
