import { describe, expect, it } from 'vitest';
import { onceMore } from './once-more.ts';
import type { MatchLine, Scored, ShelfItem } from './types.ts';

/** scores: of each picture for each line; the score is its certainty. */
function again(chosen: string[], scores: readonly Record<string, number>[], more: Partial<MatchLine> = {}) {
  const ranked = scores.map((of) =>
    Object.entries(of)
      .map(([id, score]) => ({ item: { id } as ShelfItem, score }) as Scored)
      .sort((a, b) => b.score - a.score),
  );
  const of = ranked.map((r) => new Map(r.map((s) => [s.item.id, s])));
  const lines = scores.map((_, i) => ({ sceneId: String(i), text: '', brief: '', ...more }) as MatchLine);
  const out = [...chosen];
  const at = onceMore(out, of, ranked, lines, (s) => s.score);
  return { out, at: [...at] };
}
const own = (id: string) => ({ [id]: 0.9 });
const FOUR = [own('roof'), own('b'), own('c')];

describe('a picture of the piece', () => {
  it('is seen once more where it fits much better than what was left', () => {
    const panels = { roof: 0.7, meeting: 0.4 };
    expect(again(['roof', 'b', 'c', 'meeting'], [...FOUR, panels])).toEqual({
      out: ['roof', 'b', 'c', 'roof'],
      at: [3],
    });
  });

  it.each([
    ['soon after it was seen', ['b', 'c', 'roof', 'meeting'], 0.7, 0.4],
    ['where what was left fits nearly as well', ['roof', 'b', 'c', 'meeting'], 0.5, 0.4],
    ['where what was left is right', ['roof', 'b', 'c', 'meeting'], 0.9, 0.6],
    ['where it is a guess itself', ['roof', 'b', 'c', 'meeting'], 0.35, 0.1],
  ])('is not seen again %s', (_, chosen, roof, meeting) => {
    const scores = chosen.slice(0, 3).map(own);
    expect(again(chosen, [...scores, { roof, meeting }]).out).toEqual(chosen);
  });

  it('is seen twice at most', () => {
    const panels = { roof: 0.7, meeting: 0.4, office: 0.3 };
    const chosen = ['roof', 'b', 'c', 'meeting', 'd', 'e', 'office'];
    const { out } = again(chosen, [...FOUR, panels, own('d'), own('e'), panels]);
    expect(out).toEqual(['roof', 'b', 'c', 'roof', 'd', 'e', 'office']);
  });

  it('does not take the place of what a brief asks for, or of the picture of a title', () => {
    const scores = [...FOUR, { roof: 0.7, meeting: 0.4 }];
    for (const more of [{ brief: 'a meeting' }, { title: true }])
      expect(again(['roof', 'b', 'c', 'meeting'], scores, more).at).toEqual([]);
  });
});
