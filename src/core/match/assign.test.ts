import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { assign } from './assign.ts';

/** The best total over all ways to give each row a column of its own. */
function best(value: readonly (readonly number[])[], row = 0, used: readonly number[] = []): number {
  if (row === value.length) return 0;
  let most = Number.NEGATIVE_INFINITY;
  (value[row] ?? []).forEach((v, c) => {
    if (!used.includes(c)) most = Math.max(most, v + best(value, row + 1, [...used, c]));
  });
  return most;
}

describe('the assignment', () => {
  it.each(Array.from({ length: 60 }, (_, i) => String(i)))('is the best of all, seed %s', (seed) => {
    const random = seeded(seed);
    const rows = 1 + Math.floor(random() * 5);
    const columns = rows + Math.floor(random() * 3);
    // Whole numbers now and then, so that there are ties.
    const one = () => (Number(seed) % 3 === 0 ? Math.floor(random() * 4) : random() * 10 - 5);
    const value = Array.from({ length: rows }, () => Array.from({ length: columns }, one));
    const out = assign(value);
    expect(new Set(out).size).toBe(rows);
    expect(out.every((c) => c >= 0 && c < columns)).toBe(true);
    const total = out.reduce((sum, c, r) => sum + (value[r]?.[c] ?? Number.NaN), 0);
    expect(total).toBeCloseTo(best(value), 9);
  });

  it('gives up what is best for one where the whole is better for it', () => {
    expect(
      assign([
        [10, 9],
        [10, 1],
      ]),
    ).toEqual([1, 0]);
  });

  it('refuses more rows than columns, and takes nothing at all', () => {
    expect(() => assign([[1], [2]])).toThrow(/More rows \(2\) than columns \(1\)/);
    expect(assign([])).toEqual([]);
  });
});
