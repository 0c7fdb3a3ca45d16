import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { contentWords } from '../text/tokens.ts';
import { assign } from './assign.ts';
import { nab } from './nab.ts';
import { ShelfIndex } from './score.ts';
import type { MatchLine, ShelfItem, Vector } from './types.ts';

/** The best total by trying every assignment. */
function bruteForce(value: number[][]): number {
  const n = value.length;
  const m = value[0]?.length ?? 0;
  const used = new Array<boolean>(m).fill(false);
  const go = (r: number): number => {
    if (r === n) return 0;
    let best = Number.NEGATIVE_INFINITY;
    for (let c = 0; c < m; c++) {
      if (used[c]) continue;
      used[c] = true;
      best = Math.max(best, (value[r]?.[c] ?? 0) + go(r + 1));
      used[c] = false;
    }
    return best;
  };
  return go(0);
}

describe('assign', () => {
  it('finds the best total, against trying everything', () => {
    const random = seeded('assign');
    for (let run = 0; run < 80; run++) {
      const n = 1 + Math.floor(random() * 5);
      const m = n + Math.floor(random() * 3);
      const value = Array.from({ length: n }, () => Array.from({ length: m }, () => random() * 2 - 0.5));
      const columns = assign(value);
      expect(new Set(columns).size).toBe(n);
      const total = columns.reduce((sum, c, r) => sum + (value[r]?.[c] ?? 0), 0);
      expect(total).toBeCloseTo(bruteForce(value), 9);
    }
  });

  it('refuses more rows than columns', () => {
    expect(() => assign([[1], [2]])).toThrow(/More rows/);
  });
});

describe('lines for which a picture is used', () => {
  const at = (close: number): Vector => Float32Array.from([close, Math.sqrt(1 - close * close)]);
  const away = Float32Array.from([0, 1]);
  const used = (id: string, ...closes: number[]): ShelfItem => ({
    ...{ id, kind: 'still', title: id, description: '', tags: [], group: id, palette: '' },
    ...{ textVector: away, tagsVector: away },
    usedFor: closes.map((c) => ({ text: '', vector: at(c) })),
  });
  const query: MatchLine = {
    ...{
      sceneId: 's',
      text: '',
      brief: '',
      vector: at(1),
      context: null,
      briefVector: null,
      wordVectors: [],
    },
  };
  const order = (...items: ShelfItem[]) => new ShelfIndex(items, new Map()).rank(query).map((s) => s.item.id);

  it('make a picture surer when several are near, before one that is near by chance', () => {
    expect(order(used('chance', 0.7, 0, 0, 0), used('sure', 0.66, 0.64, 0.6, 0))).toEqual(['sure', 'chance']);
    expect(order(used('near', 0.9, 0, 0, 0), used('many', 0.66, 0.64, 0.6, 0.6))).toEqual(['near', 'many']);
  });

  it('cost nothing to a picture that has none: its own words stand for them', () => {
    const { usedFor: _, ...plain } = used('own');
    const own = { ...plain, textVector: at(0.6), tagsVector: at(0.6) };
    const [found] = new ShelfIndex([own], new Map()).rank(query);
    expect(found?.meaning).toBeCloseTo(0.6, 5);
  });
});

/** A model for tests: each word is a direction, related words share one. */
const RELATED = [
  ['boat', 'ship', 'canal', 'water'],
  ['bread', 'dough', 'baker', 'loaf'],
  ['tool', 'hammer', 'repair', 'mend'],
  ['night', 'moon', 'star', 'dark'],
];
function vector(text: string): Vector {
  const v = new Float32Array(40);
  for (const w of contentWords(text)) {
    const group = RELATED.findIndex((g) => g.some((r) => w.stem.startsWith(r.slice(0, 4))));
    if (group >= 0) v[group] = (v[group] ?? 0) + 1;
    v[4 + ((w.stem.charCodeAt(0) * 7 + w.stem.length) % 36)] = 0.2;
  }
  const length = Math.hypot(...v) || 1;
  return v.map((x) => x / length);
}

const item = (id: string, title: string, tags: string[], group = id): ShelfItem => ({
  id,
  kind: 'still',
  title,
  description: title,
  tags,
  group,
  palette: '',
  textVector: vector(title),
  tagsVector: vector(tags.join(' ')),
});

const line = (sceneId: string, text: string, brief = ''): MatchLine => ({
  sceneId,
  text,
  brief,
  vector: vector(text),
  context: null,
  briefVector: brief ? vector(brief) : null,
  wordVectors: contentWords(brief || text).map((w) => vector(w.text)),
});

const SHELF = [
  item('boat', 'A boat on the canal', ['boat', 'canal']),
  item('boat-night', 'A boat at night', ['boat', 'night', 'moon'], 'boat'),
  item('bread', 'Hands kneading dough', ['bread', 'dough', 'baker']),
  item('tools', 'Tools on a wall', ['tools', 'hammer', 'repair']),
  item('stars', 'Stars in the dark', ['night', 'stars']),
];
const TAGS = new Map(SHELF.flatMap((s) => s.tags).map((t) => [t, vector(t)]));
const index = new ShelfIndex(SHELF, TAGS);

describe('nab', () => {
  it('finds pictures by equal and by related words, and says by which', () => {
    const out = nab(index, [
      line('a', 'The ship came down the canal.'),
      line('b', 'We mend what is broken.'),
      line('c', 'A loaf takes time.'),
    ]);
    expect([out.a?.assetId, out.b?.assetId, out.c?.assetId]).toEqual(['boat', 'tools', 'bread']);
    expect(out.a?.found).toContain('canal');
    expect(out.a?.reasons).toContainEqual({ code: 'word', word: 'canal' });
    expect(out.b?.alternatives.length).toBe(3);
  });

  it('follows a brief against the line', () => {
    expect(nab(index, [line('a', 'The ship came down the canal.', 'stars in the dark')]).a?.assetId).toBe(
      'stars',
    );
  });

  it('uses no picture twice while others are left, and none of the writer’s own', () => {
    const lines = ['boat one', 'boat two', 'boat three'].map((t, i) =>
      line(`s${i}`, `The ${t} on the water.`),
    );
    const out = nab(index, lines, { taken: ['boat'] });
    const ids = Object.values(out).map((c) => c.assetId);
    expect(new Set(ids).size).toBe(3);
    expect(ids).not.toContain('boat');
  });

  it('spreads repeats when there are more lines than pictures', () => {
    const lines = Array.from({ length: 12 }, (_, i) => line(`s${i}`, `Boat number ${i}.`));
    const ids = Object.values(nab(index, lines)).map((c) => c.assetId);
    for (const id of new Set(ids)) expect(ids.filter((x) => x === id).length).toBeLessThanOrEqual(4);
  });

  it('gives the same choice for the same input', () => {
    const lines = [line('a', 'Night over the canal.'), line('b', 'Dark water.')];
    expect(nab(index, lines)).toEqual(nab(index, lines));
  });

  it('has nothing to say about nothing', () => {
    expect(nab(index, [])).toEqual({});
  });
});
