import { describe, expect, it } from 'vitest';
import { ratioOf } from '../look/legible.ts';
import { joinReliefs, luminance, measureRelief, reliefIn } from './relief.ts';

/** A picture of which each pixel is a grey. */
function grey(width: number, height: number, of: (x: number, y: number) => number) {
  const data = new Uint8Array(width * height * 3);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) data.fill(of(x, y), (y * width + x) * 3, (y * width + x) * 3 + 3);
  return { data, width, height };
}

describe('luminance', () => {
  it('is that of the standard', () => {
    expect([luminance(0, 0, 0), luminance(255, 255, 255)]).toEqual([0, 1]);
    expect(luminance(255, 0, 0)).toBeCloseTo(0.2126, 4);
    // The worked example of WCAG: #777777 on white has 4.48 to 1.
    expect(ratioOf(luminance(0x77, 0x77, 0x77), 1)).toBeCloseTo(4.48, 2);
  });
});

describe('a relief', () => {
  it('knows the darkest and the lightest of a part, never better than they are', () => {
    const half = grey(240, 160, (x) => (x < 120 ? 30 : 220));
    const relief = { cells: measureRelief(half) };
    const [left, right, all] = [
      reliefIn(relief, true, [0, 0, 0.5, 1]),
      reliefIn(relief, true, [0.5, 0, 0.5, 1]),
      reliefIn(relief, true, [0, 0, 1, 1]),
    ];
    const [dark, light] = [luminance(30, 30, 30), luminance(220, 220, 220)];
    expect(left?.darkest).toBeLessThanOrEqual(dark);
    expect(left?.lightest).toBeGreaterThanOrEqual(dark);
    expect(left?.lightest).toBeLessThan(dark + 0.05);
    expect(right?.darkest).toBeLessThanOrEqual(light);
    expect(right?.darkest).toBeGreaterThan(light - 0.12);
    expect(right?.lightest).toBeGreaterThanOrEqual(light);
    expect([all?.darkest, all?.lightest]).toEqual([left?.darkest, right?.lightest]);
  });

  it('tells busy places from plain ones', () => {
    const noisy = grey(160, 240, (x, y) => (y < 120 ? 128 : (x * 7 + y * 13) % 5 > 2 ? 20 : 230));
    const relief = { cells: measureRelief(noisy) };
    const [plain, busy] = [
      reliefIn(relief, false, [0, 0, 1, 0.45]),
      reliefIn(relief, false, [0, 0.55, 1, 0.45]),
    ];
    expect(plain?.busy).toBeLessThan(0.05);
    expect(busy?.busy).toBeGreaterThan(0.8);
  });

  it('has one more row or column for every part of a cell, and is held at the edges', () => {
    const step = grey(96, 144, (_, y) => (y < 72 ? 0 : 255));
    const relief = { cells: measureRelief(step) };
    expect(reliefIn(relief, false, [0, 0.4, 1, 0.11])?.lightest).toBe(1);
    expect(reliefIn(relief, false, [0, 0.4, 1, 0.1])?.lightest).toBe(0);
    expect(reliefIn(relief, false, [-0.5, -0.5, 0.6, 0.6])?.lightest).toBe(0);
  });

  it('of another size is not read', () => {
    expect(reliefIn({ cells: '' }, true, [0, 0, 1, 1])).toBeNull();
    expect(reliefIn({ cells: '123' }, true, [0, 0, 1, 1])).toBeNull();
  });

  it('of several pictures in turn is the worst of each place', () => {
    const [a, b] = [grey(96, 144, () => 20), grey(96, 144, () => 240)].map(measureRelief) as [string, string];
    const both = reliefIn({ cells: joinReliefs([a, b]) }, false, [0, 0, 1, 1]);
    expect(both?.darkest).toBe(reliefIn({ cells: a }, false, [0, 0, 1, 1])?.darkest);
    expect(both?.lightest).toBe(reliefIn({ cells: b }, false, [0, 0, 1, 1])?.lightest);
    expect(joinReliefs([a])).toBe(a);
    expect(joinReliefs([])).toBe('');
  });
});
