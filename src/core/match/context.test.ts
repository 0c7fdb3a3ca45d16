import { describe, expect, it } from 'vitest';
import { contexts, wordWeights } from './context.ts';
import { dot } from './dot.ts';
import { MATCH } from './score.ts';

const v = (...x: number[]) => {
  const length = Math.hypot(...x);
  return Float32Array.from(x, (n) => n / length);
};
const [A, B, C] = [v(1, 0, 0), v(0, 1, 0), v(0, 0, 1)];
const line = (vector: Float32Array, more: { title?: boolean; pointsBack?: boolean } = {}) => ({
  ...{ title: false, pointsBack: false, vector },
  ...more,
});

describe('what stands round a line', () => {
  it('is its neighbours and the topic, and nothing where a line stands alone without one', () => {
    expect(contexts([line(A)])).toEqual([null]);
    const [alone] = contexts([line(A)], B);
    expect(alone).toMatchObject({ share: 0, most: MATCH.topicMost });
    expect(dot(alone?.vector ?? A, B)).toBeCloseTo(1);
    const [first] = contexts([line(A), line(B), line(C)]);
    expect(dot(first?.vector ?? A, B)).toBeGreaterThan(dot(first?.vector ?? A, C));
    expect(dot(first?.vector ?? A, C)).toBeGreaterThan(0);
  });

  it('leads a line that points back to the line before it', () => {
    const plain = contexts([line(A), line(B), line(C)])[1];
    const back = contexts([line(A), line(B, { pointsBack: true }), line(C)])[1];
    expect(dot(back?.vector ?? B, A)).toBeGreaterThan(dot(plain?.vector ?? B, A));
    expect(back?.share).toBeGreaterThan(plain?.share ?? 1);
  });

  it('is the whole piece for a title, and the title of the piece weighs as much as all lines', () => {
    const [title] = contexts([line(A, { title: true }), line(B), line(C)]);
    expect(title?.share).toBe(MATCH.scriptShare);
    expect(title?.most).toBe(MATCH.scriptShare);
    const D = v(1, 1, 0);
    const [, second] = contexts([line(A), line(B), line(C)], D);
    expect(dot(second?.vector ?? B, D)).toBeGreaterThan(0.7);
  });
});

describe('the words of a title', () => {
  it('count more where other lines say them too; those of other lines count all the same', () => {
    const weights = wordWeights([
      { title: true, words: ['white', 'crust', 'kettl'] },
      { title: false, words: ['chalk', 'kettl', 'kettl'] },
      { title: false, words: ['tea'] },
    ]);
    expect(weights.slice(1)).toEqual([[1, 1, 1], [1]]);
    const [white, crust, kettle] = weights[0] ?? [];
    expect([white, crust]).toEqual([1, 1]);
    expect(kettle).toBeGreaterThan(1.2);
    expect(wordWeights([{ title: true, words: ['a', 'a'] }])).toEqual([[1, 1]]);
  });
});
