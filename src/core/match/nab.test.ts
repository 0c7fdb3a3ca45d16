import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { confidenceOf, type NabOptions, nab, reasonsOf, WEAK } from './nab.ts';
import type { ShelfIndex } from './score.ts';
import type { MatchLine, Scored, ShelfItem } from './types.ts';

const none = new Float32Array(1);
const item = (id: string, more: Partial<ShelfItem> = {}): ShelfItem => ({
  ...{ id, kind: 'still', title: id, description: '', tags: [], group: id, palette: `of ${id}` },
  ...{ textVector: none, tagsVector: none },
  ...more,
});
const line = (sceneId: string): MatchLine => ({
  ...{ sceneId, text: sceneId, brief: '', vector: none, context: null, briefVector: null, wordVectors: [] },
});
const scored = (of: ShelfItem, score: number, more: Partial<Scored> = {}): Scored => ({
  ...{ item: of, score, meaning: score, hits: [] },
  ...more,
});
/** A shelf of which each line's scores are given: scores[line][picture]. */
function shelf(
  items: ShelfItem[],
  scores: Record<string, readonly number[]>,
  more: Partial<Scored> = {},
  near: Record<string, number> = {},
): ShelfIndex {
  const rank = (l: MatchLine, { limit = 999, allow = () => true }: Parameters<ShelfIndex['rank']>[1] = {}) =>
    items
      .map((it, i) => scored(it, scores[l.sceneId]?.[i] ?? 0, more))
      .filter((s) => allow(s.item))
      .sort((a, b) => b.score - a.score)
      .slice(0, limit);
  const closeTo = () => new Map(Object.entries(near));
  return { items, rank, closeTo } as unknown as ShelfIndex;
}
const chosen = (
  items: ShelfItem[],
  scores: Record<string, readonly number[]>,
  options?: NabOptions,
): string[] => {
  const lines = Object.keys(scores).map(line);
  const out = nab(shelf(items, scores), lines, options);
  return lines.map((l) => out[l.sceneId]?.assetId ?? '–');
};
const [A, B, C, D] = ['a', 'b', 'c', 'd'].map((id) => item(id)) as [
  ShelfItem,
  ShelfItem,
  ShelfItem,
  ShelfItem,
];

describe('the choice for the whole piece', () => {
  it('has the best total, not the best for the first line', () => {
    expect(chosen([A, B], { one: [0.9, 0.8], two: [0.9, 0.3] })).toEqual(['b', 'a']);
  });

  it('gives a title what it shares with another line, as long as that loses little more by it', () => {
    const titled = (scores: Record<string, readonly number[]>) => {
      const lines = Object.keys(scores).map((id, i) => ({ ...line(id), title: i === 0 }));
      const out = nab(shelf([A, B], scores), lines);
      return lines.map((l) => out[l.sceneId]?.assetId);
    };
    // Without a title the other line, which needs it more, has it.
    const close = { one: [0.9, 0.8], two: [0.8, 0.66] };
    expect(chosen([A, B], close)).toEqual(['b', 'a']);
    expect(titled(close)).toEqual(['a', 'b']);
    expect(titled({ one: [0.9, 0.85], two: [0.8, 0.3] })).toEqual(['b', 'a']);
  });

  it('takes no picture twice while others that fit are left, then each as seldom as can be', () => {
    const fit = [0.9, 0.86, 0.8];
    expect(new Set(chosen([A, B, C], { one: fit, two: fit, three: fit })).size).toBe(3);
    const five = { one: [0.9, 0.6], two: [0.9, 0.6], three: [0.9, 0.6], four: [0.9, 0.6], five: [0.9, 0.6] };
    const ids = chosen([A, B], five);
    expect(ids.filter((id) => id === 'a').length).toBeLessThanOrEqual(3);
    expect(ids.filter((id) => id === 'b').length).toBeGreaterThanOrEqual(2);
  });

  it('leaves out what the writer has placed, unless there is nothing else', () => {
    expect(chosen([A, B, C], { one: [0.9, 0.5, 0.1] }, { taken: ['a'] })).toEqual(['b']);
    expect(chosen([A, B, C], { one: [0.9, 0.5, 0.1] }, { taken: ['a', 'b', 'c'] })).toEqual(['a']);
  });

  it('takes only what is allowed, and what is preferred among equals', () => {
    expect(chosen([A, B], { one: [0.9, 0.5] }, { allow: (it) => it.id !== 'a' })).toEqual(['b']);
    expect(chosen([A, B], { one: [0.6, 0.55] }, { preference: (it) => (it.id === 'b' ? 0.1 : 0) })).toEqual([
      'b',
    ]);
    expect(chosen([A, B], { one: [0.6, 0.55] }, { preference: (it) => (it.id === 'b' ? 0.04 : 0) })).toEqual([
      'a',
    ]);
    // What is preferred does not make the match look surer than it is.
    const sure = (by: number) =>
      nab(shelf([A], { one: [0.6] }), [line('one')], { preference: () => by }).one?.confidence;
    expect(sure(0.3)).toBe(sure(0));
  });

  it('keeps pictures of one motif apart, and further apart from each other than from the rest', () => {
    const [boat, ship] = [item('boat', { group: 'water' }), item('ship', { group: 'water' })];
    const near = { one: [0.8, 0.1, 0.1], two: [0.1, 0.8, 0.7] };
    expect(chosen([boat, ship, C], near)).toEqual(['boat', 'c']);
    expect(chosen([boat, ship, C], { ...near, two: [0.1, 0.8, 0.6] })).toEqual(['boat', 'ship']);
    // With a line between them less is needed to stand both.
    const apart = { one: [0.8, 0.1, 0.1, 0], mid: [0, 0, 0, 0.9], two: [0.1, 0.8, 0.7, 0] };
    expect(chosen([boat, ship, C, D], apart)).toEqual(['boat', 'd', 'ship']);
    expect(chosen([boat, ship, C, D], { ...apart, two: [0.1, 0.8, 0.75, 0] })).toEqual(['boat', 'd', 'c']);
  });

  it('does not put two of one light side by side where another fits as well', () => {
    const dusk = (id: string) => item(id, { palette: 'dusk' });
    const pictures = [dusk('a'), dusk('b'), item('c')];
    expect(chosen(pictures, { one: [0.8, 0, 0], two: [0, 0.7, 0.69] })).toEqual(['a', 'c']);
    expect(chosen(pictures, { one: [0.8, 0, 0], two: [0, 0.7, 0.68] })).toEqual(['a', 'b']);
  });

  it('lets stills and moving ones take turns where it costs nothing', () => {
    const loop = item('loop', { kind: 'loop' });
    const scores = { one: [0.9, 0, 0, 0], two: [0, 0.9, 0, 0], three: [0, 0, 0.7, 0.69] };
    expect(chosen([A, B, C, loop], scores)).toEqual(['a', 'b', 'loop']);
    expect(chosen([A, B, C, loop], { ...scores, three: [0, 0, 0.7, 0.67] })).toEqual(['a', 'b', 'c']);
    // The one in the middle and the one before two others see the row as well.
    const first = { one: [0.7, 0, 0, 0.69], two: [0, 0.9, 0, 0], three: [0, 0, 0.9, 0] };
    expect(chosen([A, B, C, loop], first)).toEqual(['loop', 'b', 'c']);
    const middle = { one: [0.9, 0, 0, 0], two: [0, 0.7, 0, 0.69], three: [0, 0, 0.9, 0] };
    expect(chosen([A, B, C, loop], middle)).toEqual(['a', 'loop', 'c']);
  });

  it('takes of two that fit a line about as well the one from the world of the piece, and is no surer of it', () => {
    // The third line says little: b fits it a bit less than c, and fits the other lines too.
    const four = { one: [0.9, 0.8, 0, 0], two: [0.8, 0.7, 0, 0.95], three: [0.1, 0.55, 0.6, 0] };
    const world = nab(shelf([A, B, C, D], four, {}, { b: 0.6 }), Object.keys(four).map(line));
    expect(world.three).toMatchObject({
      assetId: 'b',
      confidence: Math.round(confidenceOf(0.55) * 100) / 100,
    });
    // Near to what all lines say, or fitting others, is not enough by itself; nor are two lines a piece.
    expect(nab(shelf([A, B, C, D], four, {}, { c: 0.6 }), Object.keys(four).map(line)).three?.assetId).toBe(
      'c',
    );
    const two = { one: [0.9, 0.8, 0], two: [0.1, 0.55, 0.6] };
    expect(nab(shelf([A, B, C], two, {}, { b: 0.6 }), Object.keys(two).map(line)).two?.assetId).toBe('c');
  });

  it('puts what came with the words before what fits as well, if it speaks of the line at all', () => {
    const own = item('own', { caption: 'The bench' });
    const source = (score: number, more: Partial<Scored> = {}) =>
      shelf([own], { one: [score] }, { meaning: 0, ...more });
    const pick = (sourceIndex: ShelfIndex) =>
      nab(shelf([A, B], { one: [0.6, 0.5] }), [line('one')], { sourceIndex }).one?.assetId;
    expect(pick(source(0.5, { meaning: 0.45 }))).toBe('own');
    expect(pick(source(0.47, { meaning: 0.45 }))).toBe('a');
    expect(pick(source(0.5))).toBe('a');
    expect(pick(source(0.5, { hits: [{ word: 'bench', tag: 'bench', close: 0.6 }] }))).toBe('own');
    expect(pick(source(0.5, { hits: [{ word: 'bench', tag: 'bank', close: 0.59 }] }))).toBe('a');
  });

  it.each(['1', '2', '3', '4', '5'])(
    'is never worse than line by line, for a random shelf, seed %s',
    (seed) => {
      const random = seeded(seed);
      const items = Array.from({ length: 30 }, (_, i) =>
        item(`p${i}`, { group: `g${i % 12}`, palette: `l${i % 4}`, kind: i % 3 ? 'still' : 'loop' }),
      );
      const scores = Object.fromEntries(
        Array.from({ length: 20 }, (_, r) => [`s${r}`, items.map(() => random())]),
      );
      const ids = chosen(items, scores);
      expect(new Set(ids).size).toBe(20);
      const total = (list: readonly string[]) =>
        list.reduce((sum, id, r) => sum + (scores[`s${r}`]?.[Number(id.slice(1))] ?? 0), 0);
      const greedy: string[] = [];
      for (let r = 0; r < 20; r++) {
        const best = items
          .map((it, i) => ({ id: it.id, v: scores[`s${r}`]?.[i] ?? 0 }))
          .sort((x, y) => y.v - x.v)
          .find((x) => !greedy.includes(x.id));
        greedy.push(best?.id ?? '');
      }
      expect(total(ids)).toBeGreaterThan(total(greedy) - 0.5);
      const group = (id: string) => Number(id.slice(1)) % 12;
      expect(
        ids.filter((id, i) => i > 0 && group(id) === group(ids[i - 1] ?? 'p0')).length,
      ).toBeLessThanOrEqual(1);
      expect(chosen(items, scores)).toEqual(ids);
    },
  );
});

describe('what is said of a choice', () => {
  it('is sure between two scores, and never more or less than that', () => {
    expect([0.2, 0.42, 0.62, 0.82, 1.2].map(confidenceOf).map((c) => Math.round(c * 100))).toEqual([
      0, 0, 50, 100, 100,
    ]);
  });

  it('names the three strongest words, the meaning, and that it came with the words', () => {
    const hits = [
      { word: 'boat', tag: 'boat', close: 1 },
      { word: 'quay', tag: 'harbour', close: 0.7 },
      { word: 'rope', tag: 'rope', close: 1 },
      { word: 'more', tag: 'more', close: 1 },
    ];
    expect(reasonsOf(scored(item('x', { caption: '' }), 0.7, { hits, meaning: 0.456 }))).toEqual([
      { code: 'in-source', caption: '' },
      { code: 'word', word: 'boat' },
      { code: 'near-word', word: 'quay', tag: 'harbour' },
      { code: 'word', word: 'rope' },
      { code: 'meaning', close: 0.46 },
    ]);
    expect(reasonsOf(scored(A, 0.7)).map((r) => r.code)).toEqual(['meaning']);
  });

  it('offers three others, of other motifs as long as there are any', () => {
    const pictures = [
      item('a', { group: 'x' }),
      item('a2', { group: 'x' }),
      item('b', { group: 'y' }),
      item('b2', { group: 'y' }),
      item('c', { group: 'z' }),
    ];
    const out = (list: ShelfItem[], row: readonly number[]) =>
      nab(shelf(list, { one: row }), [line('one')]).one?.alternatives.map((a) => a.assetId);
    expect(out(pictures, [0.9, 0.8, 0.7, 0.6, 0.5])).toEqual(['b', 'c', 'a2']);
    expect(out(pictures.slice(0, 2), [0.9, 0.8])).toEqual(['a2']);
  });

  it('lets the picture before go on where what is left fits much less, with its own at hand', () => {
    const scores = { one: [0.5, 0.9, 0.1], two: [0.1, 0.85, 0.5] };
    const out = nab(shelf([A, B, C], scores), [line('one'), line('two')]);
    expect(out.one).toMatchObject({ assetId: 'b' });
    expect(out.two).toMatchObject({ assetId: 'c', reasons: [{ code: 'goes-on' }, { code: 'meaning' }] });
    expect(out.two?.confidence).toBe(confidenceOf(0.85));
    expect(out.two?.alternatives.map((a) => a.assetId)).toEqual(['c', 'a']);
    // Another scene, of which nothing is asked, stands between them.
    const apart = nab(shelf([A, B, C], scores), [line('one'), line('two')], {
      order: ['one', 'between', 'two'],
    });
    expect(apart.two).toMatchObject({ assetId: 'b', reasons: [{ code: 'again' }, { code: 'meaning' }] });
  });

  it('keeps a picture that goes on through the next scene, though it is a guess in its own', () => {
    const calm = item('calm', { ground: true });
    const scores = { one: [0.44, 0.1, 0], two: [0.9, 0.5, 0] };
    const lines = [{ ...line('one'), title: true }, line('two')];
    const out = nab(shelf([A, B, calm], scores), lines);
    expect([out.one?.assetId, out.two?.reasons[0]?.code]).toEqual(['a', 'goes-on']);
  });

  it('lets it go on through a line that points back and says nothing that can be seen', () => {
    const scores = { one: [0.9, 0.1], two: [0.3, 0.2] };
    const two = (more: Partial<MatchLine>) =>
      nab(shelf([A, B], scores), [line('one'), { ...line('two'), ...more }]).two?.reasons[0]?.code;
    expect(two({ pointsBack: true })).toBe('goes-on');
    expect(two({})).not.toBe('goes-on');
    expect(two({ pointsBack: true, brief: 'a boat' })).not.toBe('goes-on');
  });

  it('is nothing without lines or without pictures', () => {
    expect(nab(shelf([A], {}), [])).toEqual({});
    expect(nab(shelf([], {}), [line('one')])).toEqual({});
  });
});

describe('a line that nothing fits', () => {
  const vector = new Float32Array(1);
  const grounds = ['waves', 'rings'].map((id) => item(id, { ground: true }));
  /** Scores of the shelf for lines, and what is near to the topic of the piece. */
  const all = (scores: Record<string, readonly number[]>, topic: number) => {
    const items = [A, B, C, ...grounds];
    const plain = shelf(items, scores);
    const rank: ShelfIndex['rank'] = (l, options = {}) =>
      l.text === ''
        ? items.filter((it) => options.allow?.(it) ?? true).map((it) => scored(it, topic))
        : plain.rank(l, options);
    const closeTo = () => new Map<string, number>();
    return { items, rank, closeTo } as unknown as ShelfIndex;
  };
  const about = (sceneId: string, more: Partial<MatchLine> = {}): MatchLine => ({
    ...line(sceneId),
    context: { vector, share: 0, most: 0 },
    ...more,
  });
  const low = {
    one: [0.9, 0.1, 0.1, 0.2, 0.2],
    two: [0.3, 0.3, 0.1, 0.2, 0.2],
    three: [0.3, 0.1, 0.3, 0.2, 0.2],
  };

  it('gets a picture of what the piece is about where one is near, and says so; what was passed over can be taken', () => {
    const out = nab(all(low, 0.6), [about('one'), about('two')]);
    expect(out.one).toMatchObject({ assetId: 'a' });
    expect(out.two).toMatchObject({
      assetId: 'c',
      reasons: [{ code: 'topic', close: 0.6 }],
      found: [],
      by: 'nab',
    });
    expect(out.two?.confidence).toBeLessThan(WEAK);
    expect(out.two?.alternatives[0]?.assetId).toBe('b');
  });

  it('gets a calm ground where none is, not the same one twice in a row, and never one that is not allowed', () => {
    const lines = ['two', 'three'].map((id) => about(id));
    const out = nab(all(low, 0.2), lines);
    expect(new Set([out.two?.assetId, out.three?.assetId])).toEqual(new Set(['waves', 'rings']));
    expect(out.two?.reasons).toEqual([{ code: 'calm' }]);
    const only = nab(all(low, 0.2), lines, { allow: (it) => it.id !== 'rings' });
    expect([only.two?.assetId, only.three?.assetId]).toEqual(['waves', 'waves']);
    const none = nab(all(low, 0.2), lines, { allow: (it) => !it.ground });
    expect([none.two?.reasons[0]?.code, none.three?.reasons[0]?.code]).toEqual(['meaning', 'meaning']);
  });

  it('shows what a brief asks for all the same', () => {
    const out = nab(all(low, 0.6), [about('two', { brief: 'something rare' })]);
    expect(['a', 'b']).toContain(out.two?.assetId);
  });
});

describe('what is offered beside a choice', () => {
  it('is of different kinds where one is nearly as good, and of different motifs', () => {
    const people = ['p1', 'p2', 'p3'].map((id) => item(id, { sort: 'indoor with people' }));
    const thing = item('t', { sort: 'table' });
    const far = item('f', { sort: 'outdoor' });
    const same = item('p1-loop', { group: 'p1', sort: 'outdoor' });
    const items = [...people, thing, far, same];
    const out = nab(shelf(items, { one: [0.9, 0.88, 0.86, 0.8, 0.3, 0.89] }), [line('one')]);
    expect(out.one?.assetId).toBe('p1');
    expect(out.one?.alternatives.map((a) => a.assetId)).toEqual(['p2', 'p3', 't']);
  });

  it('begins with the figure of speech that was taken as it is meant', () => {
    const figures = [{ said: 'dead duck', meant: 'a failure' }];
    const out = nab(shelf([A], { one: [0.9] }), [{ ...line('one'), figures }]);
    expect(out.one?.reasons[0]).toEqual({ code: 'figure', ...figures[0] });
  });
});

describe('photos of one occasion', () => {
  it('stand next to each other where they fit nearly as well', () => {
    const evening = ['e1', 'e2'].map((id) => item(id, { session: 'evening' }));
    const other = item('x');
    const scores = { one: [0.9, 0.1, 0.1], two: [0.1, 0.6, 0.64] };
    expect(chosen([...evening, other], scores)).toEqual(['e1', 'e2']);
    expect(chosen([evening[0] as ShelfItem, item('e2'), other], scores)).toEqual(['e1', 'x']);
  });
});
