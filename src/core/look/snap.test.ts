import { describe, expect, it } from 'vitest';
import { snap } from './snap.ts';

describe('what is dragged', () => {
  it('goes to the nearest line that its middle or an edge is near to, and else stays', () => {
    expect(snap(0.508, [0], [0.5])).toEqual({ value: 0.5, line: 0.5 });
    expect(snap(0.53, [0], [0.5])).toEqual({ value: 0.53, line: null });
    const left = snap(0.291, [-0.2, 0, 0.2], [0.1, 0.7]);
    expect([left.value, left.line]).toEqual([expect.closeTo(0.3, 9), 0.1]);
    expect(snap(0.505, [0, 0.001], [0.5, 0.506])).toMatchObject({ line: 0.506 });
    expect(snap(0.2, [], [0.2])).toEqual({ value: 0.2, line: null });
  });
});
