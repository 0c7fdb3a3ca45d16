import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { placeBrought } from './brought.ts';

describe('pictures that were laid beside a script', () => {
  it('go to the lines that they fit, and the others in order between them', () => {
    const scores = [
      [null, 0.1, null],
      [null, 0.2, null],
      [null, 0.9, null],
      [null, 0.7, null],
      [null, 0.1, null],
    ];
    expect(placeBrought(scores, 3)).toEqual([null, 0, 1, null, 2]);
  });

  it('are each used once, as many as there is room for, those without words in their order', () => {
    for (let run = 0; run < 300; run++) {
      const random = seeded(`brought ${run}`);
      const [lines, pictures] = [1 + Math.floor(random() * 12), Math.floor(random() * 14)];
      const known = Array.from({ length: pictures }, () => random() < 0.4);
      const scores = Array.from({ length: lines }, () => known.map((k) => (k ? random() : null)));
      const given = placeBrought(scores, pictures);
      const used = given.filter((g) => g !== null);
      expect(given).toHaveLength(lines);
      expect(new Set(used).size).toBe(used.length);
      expect(used).toHaveLength(Math.min(lines, pictures));
      const unknown = used.filter((g) => !known[g]);
      expect(unknown).toEqual([...unknown].sort((a, b) => a - b));
    }
  });
});
