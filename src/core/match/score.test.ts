import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { contentWords } from '../text/tokens.ts';
import { dot } from './dot.ts';
import { MATCH, type RankOptions, ShelfIndex } from './score.ts';
import type { MatchLine, ShelfItem, Vector } from './types.ts';

const SIZE = 6;
/** A unit vector along one axis, or in the plane of two. */
const axis = (k: number): Vector => Float32Array.from({ length: SIZE }, (_, i) => (i === k ? 1 : 0));
const between = (a: number, b: number, close: number): Vector =>
  Float32Array.from({ length: SIZE }, (_, i) =>
    i === a ? close : i === b ? Math.sqrt(1 - close * close) : 0,
  );
/** Nothing here is near to it. */
const AWAY = axis(5);

const item = (id: string, more: Partial<ShelfItem> = {}): ShelfItem => ({
  ...{ id, kind: 'still', title: '', description: '', tags: [], group: id, palette: '' },
  ...{ textVector: axis(4), tagsVector: axis(4) },
  ...more,
});
const line = (text: string, more: Partial<MatchLine> = {}): MatchLine => ({
  ...{ sceneId: 's', text, brief: '', vector: AWAY, context: null, briefVector: null },
  wordVectors: contentWords(more.brief || text).map(() => AWAY),
  ...more,
});
const scores = (items: ShelfItem[], of: MatchLine, options: RankOptions = { use: 'words' }) =>
  Object.fromEntries(new ShelfIndex(items, new Map()).rank(of, options).map((s) => [s.item.id, s.score]));
/** How rare a word is that df of n pictures have. */
const rarity = (df: number, n: number) => Math.log(1 + n / df) / Math.log(1 + n) + 0.6;

describe('words of a line that are said of a picture', () => {
  const others = [item('x'), item('y')];

  it('count as where they stand: tag, phrase, title, description, a line for which it is used, a call', () => {
    const of = (more: Partial<ShelfItem>) => {
      const found = scores([item('a', more), ...others], line('Lantern'));
      expect([found.x, found.y]).toEqual([0, 0]);
      return (found.a ?? 0) / MATCH.wordsWeight;
    };
    expect(of({ tags: ['lantern'] })).toBeCloseTo(1);
    expect(of({ tags: ['paper lantern'] })).toBeCloseTo(0.8);
    expect(of({ title: 'A lantern' })).toBeCloseTo(MATCH.titleWorth);
    expect(of({ description: 'A lantern hangs.' })).toBeCloseTo(MATCH.descriptionWorth);
    expect(of({ usedFor: [{ text: 'Light a lantern.', vector: axis(4) }] })).toBeCloseTo(
      MATCH.usedForWordWorth,
    );
    expect(of({ calledFor: ['lantern'] })).toBeCloseTo(MATCH.calledForWorth);
    // The first place that has it is the one that counts.
    // It is counted once as one of all words, and once as what the picture is of.
    expect(of({ tags: ['lantern'], title: 'A lantern', calledFor: ['lantern'] })).toBeCloseTo(
      1 + MATCH.subjectWeight / MATCH.wordsWeight,
    );
    expect(of({ title: 'Lanterns' })).toBeCloseTo(MATCH.titleWorth);
  });

  it('count more where the picture is of them, and less at the end of many tags', () => {
    const many = ['boats', 'dawn', 'coast', 'sea', 'calm', 'town', 'pier', 'lighthouse'];
    const alone = (title: string, tags: string[]) =>
      scores([item('a', { title, tags }), ...others], line('A lighthouse among nettles and thorns')).a ?? 0;
    const plain = alone('Boats at dawn', ['lighthouse']);
    const asSubject = (worth: number) => worth * (1 + MATCH.subjectWeight / MATCH.wordsWeight);
    expect(alone('Boats at dawn', many) / plain).toBeCloseTo(1 - MATCH.lastTag);
    expect(alone('A lighthouse', ['lighthouse']) / plain).toBeCloseTo(asSubject(1 + MATCH.subject));
    const titled = (title: string) =>
      scores(
        [item('a', { title, tags: ['lighthouse'] }), ...others],
        line('A lighthouse among nettles and thorns', { title: true }),
      ).a ?? 0;
    expect(titled('A lighthouse') / plain).toBeCloseTo(asSubject(1 + MATCH.subject + MATCH.subjectOfTitle));
    expect(titled('Boats at dawn') / plain).toBeCloseTo(1);
  });

  it('count more the rarer they are, and only as a share of what the line holds', () => {
    const items = [item('a', { tags: ['lantern', 'harbour'] }), item('b', { tags: ['harbour'] }), item('c')];
    const [lantern, harbour, nowhere] = [rarity(1, 3), rarity(2, 3), 1.4];
    const total = lantern + harbour + nowhere;
    const whole = total * 0.5 + 0.5 * Math.min(total, 3);
    const found = scores(items, line('Lantern, harbour and zeppelin'));
    expect(found.a).toBeCloseTo((MATCH.wordsWeight * (lantern + harbour)) / whole);
    expect(found.b).toBeCloseTo((MATCH.wordsWeight * harbour) / whole);
    expect(found.c).toBe(0);
  });

  it('do not fill a line that holds next to nothing', () => {
    const found = scores([item('a', { tags: ['saturday'] }), ...others], line('So come on Saturday.'));
    expect(found.a).toBeLessThan(0.5 * MATCH.wordsWeight);
    expect(found.a).toBeGreaterThan(0);
  });

  it('count more for what the writer typed for an own picture', () => {
    const items = [item('a', { tags: ['lantern'], own: true }), item('b', { tags: ['lantern'] }), item('x')];
    const found = scores(items, line('Lantern'));
    expect((found.a ?? 0) / (found.b ?? 1)).toBeCloseTo(MATCH.ownWords);
  });

  it('in a brief ask for what is seen', () => {
    const items = [
      item('a', { tags: ['lantern'] }),
      item('b', { usedFor: [{ text: 'Light a lantern.', vector: axis(4) }] }),
      item('x'),
    ];
    const found = scores(items, line('It is late.', { brief: 'lantern', briefVector: AWAY }));
    expect(found.a).toBeCloseTo(MATCH.briefWordsWeight);
    expect(found.b).toBeCloseTo(MATCH.briefWordsWeight * MATCH.unseenInBrief * MATCH.usedForWordWorth);
  });

  it('are told as reasons, the closest first', () => {
    const items = [item('a', { tags: ['harbour'], calledFor: ['voyage'] }), item('x')];
    const [first] = new ShelfIndex(items, new Map()).rank(line('A voyage from the harbour'));
    expect(first?.hits).toEqual([
      { word: 'harbour', tag: 'harbour', close: 1 },
      { word: 'voyage', tag: 'harbour', close: 0.9 },
    ]);
    expect(first?.hits).toBe(first?.hits);
  });

  it('are known or not', () => {
    const index = new ShelfIndex([item('a', { tags: ['lantern'] })], new Map());
    expect([index.knows('lantern'), index.knows('zeppelin')]).toEqual([true, false]);
  });
});

describe('words that are nowhere on the shelf', () => {
  it('are met by what a dictionary puts near to them, if that is what the picture shows', () => {
    const items = [
      item('a', { tags: ['boat'] }),
      item('b', { tags: ['fishing boat trip'] }),
      item('c', { usedFor: [{ text: 'By boat.', vector: axis(4) }] }),
      item('x'),
    ];
    const nearWords = [[{ word: 'boat', relation: 'kind of' as const, worth: 0.75 }]];
    const found = scores(items, line('Yawl', { nearWords }));
    const of = (worth: number) => MATCH.wordsWeight * MATCH.nearWordWorth * 0.75 * worth;
    expect(found.a).toBeCloseTo(of(1));
    expect(found.b).toBeCloseTo(of(0.8));
    expect(found.c).toBeCloseTo(of(0.9));
    expect(found.x).toBe(0);
    const [first] = new ShelfIndex(items, new Map()).rank(line('Yawl', { nearWords }), { use: 'words' });
    expect(first?.hits).toEqual([{ word: 'Yawl', tag: 'boat', close: expect.closeTo(0.9 * 0.75) }]);
  });

  it('are not looked up when a picture has them', () => {
    const nearWords = [[{ word: 'boat', relation: 'same' as const, worth: 0.9 }]];
    const found = scores(
      [item('a', { tags: ['boat'] }), item('b', { tags: ['yawl'] })],
      line('Yawl', { nearWords }),
    );
    expect([found.a, found.b]).toEqual([0, expect.closeTo(MATCH.wordsWeight)]);
  });

  it('are met by related tags, the nearer the better, and not by those that are far', () => {
    const tags = new Map([
      ['boat', between(0, 1, 0.8)],
      ['lake', between(0, 1, 0.7)],
      ['horse', between(0, 1, 0.5)],
    ]);
    const items = ['boat', 'lake', 'horse'].map((t) => item(t, { tags: [t] }));
    const index = new ShelfIndex(items, tags);
    const ask = line('Yawl', { wordVectors: [axis(0)] });
    const found = Object.fromEntries(index.rank(ask, { use: 'words' }).map((s) => [s.item.id, s.score]));
    const of = (close: number) => MATCH.wordsWeight * MATCH.softWorth * (close - 0.2);
    expect([found.boat, found.lake, found.horse]).toEqual([
      expect.closeTo(of(0.8), 4),
      expect.closeTo(of(0.7), 4),
      0,
    ]);
    expect(index.rank(ask, { use: 'words' })[0]?.hits).toEqual([
      { word: 'Yawl', tag: 'boat', close: expect.closeTo(0.8, 4) },
    ]);
  });
});

describe('a phrase of the line', () => {
  const phrase = { at: [0, 1], apart: false, nearWords: [] };
  const items = [
    item('both', { tags: ['fire', 'station'] }),
    item('one', { tags: ['station'] }),
    item('other', { tags: ['fire'] }),
    item('x'),
  ];

  it('counts in full where all of it is met, and its words alone count less', () => {
    const whole = scores(items, line('Fire station'));
    const found = scores(items, line('Fire station', { phrases: [phrase] }));
    expect(found.both).toBe(whole.both);
    expect((found.one ?? 0) / (whole.one ?? 1)).toBeCloseTo(MATCH.partOfPhrase);
    expect((found.other ?? 0) / (whole.other ?? 1)).toBeCloseTo(MATCH.partOfPhrase);
    expect(found.x).toBe(0);
  });

  it('is not met where one of its words is only near to what is shown', () => {
    // Boxes before a house door: “window” is near to “door”, and it is no window box.
    const boxes = [item('a', { tags: ['box', 'door'] }), item('x', { tags: ['window'] })];
    const index = new ShelfIndex(boxes, new Map([['door', between(0, 1, 0.8)]]));
    const found = (phrases: MatchLine['phrases']) =>
      index
        .rank(line('Window box', { wordVectors: [axis(0), AWAY], phrases }), { use: 'words' })
        .find((s) => s.item.id === 'a')?.score ?? 0;
    expect(found([phrase]) / found([])).toBeCloseTo(MATCH.partOfPhrase);
  });

  it('that means something else than its words is hardly met by them', () => {
    const apart = { at: [0], apart: true, nearWords: [] };
    const viaduct = [item('a', { tags: ['cross'] }), item('x')];
    const found = scores(viaduct, line('Cross out', { phrases: [apart] }));
    expect(found.a).toBeCloseTo((scores(viaduct, line('Cross out')).a ?? 0) * MATCH.apartFromPhrase);
  });

  it('is met by what is near to the whole', () => {
    const nearWords = [{ word: 'dessert', relation: 'kind of' as const, worth: 0.75 }];
    const sweets = [item('a', { tags: ['dessert'] }), item('b', { tags: ['cream'] }), item('x')];
    const found = scores(sweets, line('Ice cream', { phrases: [{ ...phrase, nearWords }] }));
    expect(found.a).toBeGreaterThan(0);
    expect(scores(sweets, line('Ice cream', { phrases: [phrase] })).a).toBe(0);
  });

  it('of which the line has no content word changes nothing', () => {
    const found = scores(
      items,
      line('Fire station', {
        phrases: [
          { ...phrase, at: [] },
          { ...phrase, at: [7] },
        ],
      }),
    );
    expect(found).toEqual(scores(items, line('Fire station')));
  });
});

describe('meaning', () => {
  it('is that of what a picture shows and of its tags, never below nothing', () => {
    const items = [
      item('a', { textVector: axis(0), tagsVector: axis(1), usedFor: [] }),
      item('b', { textVector: axis(0).map((x) => -x), tagsVector: axis(0).map((x) => -x), usedFor: [] }),
    ];
    const of = (vector: Vector) => scores(items, line('', { vector }), { use: 'meaning' });
    expect(of(axis(0)).a).toBeCloseTo(MATCH.meaningWeight * (1 - MATCH.tagsShare));
    expect(of(axis(1)).a).toBeCloseTo(MATCH.meaningWeight * MATCH.tagsShare);
    expect(of(axis(0)).b).toBe(0);
    expect(new ShelfIndex(items, new Map()).closeTo(axis(1)).get('a')).toBeCloseTo(MATCH.tagsShare);
    expect(new ShelfIndex(items, new Map()).closeTo(axis(0)).get('b')).toBe(0);
  });

  it('comes beside words, and either counts alone when asked for', () => {
    const items = [item('a', { tags: ['lantern'], textVector: axis(0), tagsVector: axis(0) }), item('x')];
    const of = (use: RankOptions['use']) =>
      scores(items, line('Lantern', { vector: axis(0) }), { use }).a ?? 0;
    expect(of('both')).toBeCloseTo(of('words') + of('meaning'));
    expect(of('both')).toBeCloseTo(scores(items, line('Lantern', { vector: axis(0) }), {}).a ?? 0);
    expect(of('words')).toBeGreaterThan(0);
    expect(of('meaning')).toBeGreaterThan(of('words'));
  });

  it('of a brief has a little of its line beside it', () => {
    const items = [
      item('a', { textVector: axis(0), tagsVector: axis(0), usedFor: [] }),
      item('b', { textVector: axis(1), tagsVector: axis(1), usedFor: [] }),
    ];
    const of = scores(items, line('', { brief: 'boat', briefVector: axis(0), vector: axis(1) }), {
      use: 'meaning',
    });
    expect(of.a).toBeCloseTo(MATCH.meaningWeight * (1 - MATCH.lineBesideBrief));
    expect(of.b).toBeCloseTo(MATCH.meaningWeight * MATCH.lineBesideBrief);
  });

  it('of what stands round a line counts more, the less the shelf knows of the line', () => {
    const known = item('known', { textVector: axis(0), tagsVector: axis(0), usedFor: [] });
    const around = item('around', { textVector: axis(1), tagsVector: axis(1), usedFor: [] });
    const context = { vector: axis(1), share: 0.1, most: 0.5 };
    const of = (close: number) => {
      const vector = between(0, 2, close);
      return (
        (scores([known, around], line('', { vector, context }), { use: 'meaning' }).around ?? 0) /
        MATCH.meaningWeight
      );
    };
    // Where the best score is knownFrom or more, the smaller share; where it is unknownFrom or less, the larger.
    expect(of(1)).toBeCloseTo(0.1, 5);
    expect(of(0)).toBeCloseTo(0.5, 5);
    const middle = of(0.6);
    expect(middle).toBeGreaterThan(0.1);
    expect(middle).toBeLessThan(0.5);
    const best = MATCH.meaningWeight * 0.9 * 0.6;
    const need = (MATCH.knownFrom - best) / (MATCH.knownFrom - MATCH.unknownFrom);
    expect(middle).toBeCloseTo(0.1 + need * 0.4, 4);
    const fixed = { ...context, most: 0.1 };
    expect(
      scores([known, around], line('', { vector: axis(3), context: fixed }), { use: 'meaning' }).around,
    ).toBeCloseTo(0.1 * MATCH.meaningWeight);
  });

  it('leads to the nearest word where no word was met, if there is one that is near at all', () => {
    const items = [item('a', { title: 'A boat', textVector: axis(0), tagsVector: axis(0) })];
    const of = (close: number) =>
      new ShelfIndex(items, new Map()).rank(
        line('Yawl and zeppelin', {
          vector: axis(0),
          wordVectors: [between(0, 1, close), between(0, 1, 0.05)],
        }),
      )[0];
    expect(of(0.4)?.hits).toEqual([{ word: 'Yawl', tag: 'A boat', close: expect.closeTo(0.4, 5) }]);
    expect(of(0.1)?.hits).toEqual([]);
    expect(of(0.4)?.meaning).toBeCloseTo(1);
  });
});

describe('the order', () => {
  const random = seeded('order');
  const noise = () => {
    const v = Float32Array.from({ length: SIZE }, () => random() - 0.5);
    const length = Math.hypot(...v);
    return v.map((x) => x / length);
  };
  const items = Array.from({ length: 90 }, (_, i) =>
    item(`i${i}`, { textVector: noise(), tagsVector: noise() }),
  );
  const ask = line('', { vector: noise() });

  it('is by score, whole or only its beginning, ties by id', () => {
    const index = new ShelfIndex(items, new Map());
    const all = index.rank(ask);
    expect(all).toHaveLength(90);
    expect(all.map((s) => s.score)).toEqual([...all.map((s) => s.score)].sort((a, b) => b - a));
    for (const limit of [0, 1, 7, 90, 200])
      expect(index.rank(ask, { limit }).map((s) => s.item.id)).toEqual(
        all.slice(0, limit).map((s) => s.item.id),
      );
    const same = ['b', 'c', 'a'].map((id) => item(id, { textVector: axis(0), tagsVector: axis(0) }));
    expect(Object.keys(scores(same, line('', { vector: axis(0) }), {}))).toEqual(['a', 'b', 'c']);
    expect(new ShelfIndex([], new Map()).rank(ask)).toEqual([]);
  });

  it('leaves out what is not allowed', () => {
    const allow = (it: ShelfItem) => Number(it.id.slice(1)) % 3 === 0;
    const some = new ShelfIndex(items, new Map()).rank(ask, { allow });
    expect(some).toHaveLength(30);
    expect(some.every((s) => allow(s.item))).toBe(true);
  });

  it('puts a second and a third picture of one motif back a little', () => {
    const near = (id: string, close: number, group: string) =>
      item(id, { textVector: between(0, 1, close), tagsVector: between(0, 1, close), group, usedFor: [] });
    const order = (...list: ShelfItem[]) =>
      new ShelfIndex(list, new Map()).rank(line('', { vector: axis(0) })).map((s) => s.item.id);
    const boats = [near('b1', 0.99, 'boat'), near('b2', 0.98, 'boat'), near('b3', 0.97, 'boat')];
    expect(order(...boats, near('cat', 0.9, 'cat'))).toEqual(['b1', 'cat', 'b2', 'b3']);
    expect(order(...boats, near('cat', 0.8, 'cat'))).toEqual(['b1', 'b2', 'cat', 'b3']);
    expect(order(...boats, near('cat', 0.7, 'cat'))).toEqual(['b1', 'b2', 'b3', 'cat']);
  });

  it('of pictures that are like one: by meaning and by tags in common, without itself', () => {
    const list = [
      item('a', { textVector: axis(0), tagsVector: axis(0), tags: ['boat', 'lake'] }),
      item('b', { textVector: between(0, 1, 0.9), tagsVector: between(0, 1, 0.9) }),
      item('c', { textVector: between(0, 1, 0.88), tagsVector: between(0, 1, 0.88), tags: ['lake'] }),
      item('d', { textVector: axis(2), tagsVector: axis(2) }),
    ];
    const index = new ShelfIndex(list, new Map());
    const like = index.like('a', 3);
    expect(like.map((x) => x.item.id)).toEqual(['c', 'b', 'd']);
    expect(like.map((x) => x.close)).toEqual([expect.closeTo(0.92, 4), expect.closeTo(0.9, 4), 0]);
    expect(index.like('a', 1, (it) => it.id !== 'c').map((x) => x.item.id)).toEqual(['b']);
    expect(index.like('nobody', 3)).toEqual([]);
    const twins = [item('a', { tags: ['x', 'y'] }), item('b', { tags: ['x', 'y'] })];
    expect(new ShelfIndex(twins, new Map()).like('a', 1)[0]?.close).toBe(1);
  });

  it('rests on plain dot products', () => {
    expect(dot(between(0, 1, 0.6), axis(0))).toBeCloseTo(0.6);
    expect(dot(axis(0), axis(1))).toBe(0);
  });
});
