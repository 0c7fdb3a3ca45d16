import { describe, expect, it } from 'vitest';
import { seeded } from '../../core/hash.ts';
import { dot } from '../../core/match/dot.ts';

import { byteDots } from './dots.ts';

const random = seeded('dots');
const unit = (width: number): Float32Array => {
  const v = Float32Array.from({ length: width }, () => random() - 0.5);
  const length = Math.hypot(...v);
  return v.map((x) => x / length);
};

describe('similarities on bytes', () => {
  it.each([16, 40, 512])('agree with plain arithmetic within a hundredth, for %i numbers', (width) => {
    const rows = Array.from({ length: 500 }, () => unit(width));
    const similar = byteDots(rows);
    for (const query of [unit(width), rows[7] as Float32Array]) {
      const found = similar(query);
      const off = rows.map((row, i) => Math.abs((found[i] as number) - dot(row, query)));
      expect(Math.max(...off)).toBeLessThan(0.01);
    }
    expect(similar(rows[3] as Float32Array).indexOf(Math.max(...similar(rows[3] as Float32Array)))).toBe(3);
  });

  it('have nothing to say about nothing', () => {
    expect(byteDots([])(unit(16))).toHaveLength(0);
  });
});
