import { describe, expect, it } from 'vitest';
import { measureRetrieval } from './measure.ts';
import { ShelfIndex } from './score.ts';
import type { MatchLine, ShelfItem, Vector } from './types.ts';

const close = (c: number): Vector => Float32Array.from([c, Math.sqrt(1 - c * c)]);
const item = (id: string, c: number): ShelfItem => ({
  ...{ id, kind: 'still', title: '', description: '', tags: [], group: id, palette: '', usedFor: [] },
  ...{ textVector: close(c), tagsVector: close(c) },
});
const line: MatchLine = {
  ...{
    sceneId: 's',
    text: '',
    brief: '',
    vector: close(1),
    context: null,
    briefVector: null,
    wordVectors: [],
  },
};
/** Five pictures in their order, for one line or several. */
const found = (c: number[], ...good: string[][]) =>
  measureRetrieval(
    new ShelfIndex(
      c.map((x, i) => item(`p${i + 1}`, x)),
      new Map(),
    ),
    good.map((g, i) => ({ line: `line ${i + 1}`, good: g })),
    good.map(() => line),
    'both',
  );
const SURE = [1, 0.95, 0.9, 0.85, 0.8, 0.75];

describe('how well lines find their pictures', () => {
  it('counts the first, and one of the first three', () => {
    expect(found(SURE, ['p1'], ['p2'], ['p3', 'p9'], ['p4'])).toMatchObject({
      ...{ hit1: 0.25, hit3: 0.75, missed: ['line 4'] },
    });
    expect(found(SURE)).toMatchObject({ hit1: 0, hit3: 0, ndcg5: 0, weak: 0, weakRight: 0, missed: [] });
  });

  it('weighs the first five by their places, against the best order that there can be', () => {
    expect(found(SURE, ['p1', 'p2']).ndcg5).toBeCloseTo(1);
    expect(found(SURE, ['p2']).ndcg5).toBeCloseTo(1 / Math.log2(3));
    expect(found(SURE, ['p2', 'p3']).ndcg5).toBeCloseTo((1 / Math.log2(3) + 1 / 2) / (1 + 1 / Math.log2(3)));
    expect(found(SURE, ['p6']).ndcg5).toBe(0);
    // Of more than five good ones five count.
    expect(found(SURE, ['p1', 'p2', 'p3', 'p4', 'p5', 'p6']).ndcg5).toBeCloseTo(1);
    expect(found(SURE, ['p1'], ['p6']).ndcg5).toBeCloseTo(0.5);
  });

  it('says how many would be marked as weak, and how many of those are right', () => {
    expect(found(SURE, ['p1'])).toMatchObject({ weak: 0, weakRight: 0 });
    const unsure = [0.3, 0.2, 0.1, 0.05];
    expect(found(unsure, ['p1'], ['p2'], ['p3'], ['p4'])).toMatchObject({ weak: 1, weakRight: 0.25 });
  });
});
