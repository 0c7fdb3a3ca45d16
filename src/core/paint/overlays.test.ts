import { describe, expect, it } from 'vitest';
import { type Grading, PLAIN_GRADING } from '../piece/types.ts';
import type { ShapeDraw, TextureDraw } from './list.ts';
import { OVERLAYS, overlayDraws } from './overlays.ts';

const SIZE = { width: 600, height: 1000 };
const over = (more: Partial<Grading>, frame = 0) => overlayDraws({ ...PLAIN_GRADING, ...more }, frame, SIZE);
const textures = (more: Partial<Grading>, frame = 0) => over(more, frame) as TextureDraw[];
const shapes = (more: Partial<Grading>, frame = 0) => over(more, frame) as ShapeDraw[];

describe('grain', () => {
  it('covers every pixel once, holds for two frames and then moves', () => {
    for (const [x, y] of [
      [0, 0],
      [SIZE.width - 1, SIZE.height - 1],
      [0, SIZE.height - 1],
      [SIZE.width / 2, SIZE.height / 2],
    ] as const)
      expect(
        textures({ grain: 0.8 }).filter(({ to }) => {
          return x >= to.x && x < to.x + to.width && y >= to.y && y < to.y + to.height;
        }),
      ).toHaveLength(1);
    const [first] = textures({ grain: 0.8 });
    expect(first).toMatchObject({ blend: 'soft-light', alpha: OVERLAYS.grainAlpha * 0.8 });
    expect(textures({ grain: 0.8 }, 1)).toEqual(textures({ grain: 0.8 }, 0));
    expect(textures({ grain: 0.8 }, 2)).not.toEqual(textures({ grain: 0.8 }, 1));
  });

  it('stands on whole pixels, so that no seam is seen', () => {
    for (let f = 0; f < 40; f++)
      for (const { to } of textures({ grain: 1 }, f))
        expect([to.x, to.y, to.width, to.height].every((v) => v % 2 === 0)).toBe(true);
  });
});

describe('dust', () => {
  it('is a few specks inside the picture, more of them with more dust, each for three frames', () => {
    const counts = (dust: number) => Array.from({ length: 60 }, (_, k) => over({ dust }, k * 3).length);
    const mean = (list: number[]) => list.reduce((a, b) => a + b, 0) / list.length;
    expect(mean(counts(1))).toBeGreaterThan(mean(counts(0.3)) * 2.5);
    expect(Math.max(...counts(1))).toBeLessThanOrEqual(OVERLAYS.specks * 1.4 + 1);
    expect(over({ dust: 1 }, 1)).toEqual(over({ dust: 1 }, 0));
    expect(over({ dust: 1 }, 3)).not.toEqual(over({ dust: 1 }, 0));
    for (const { area, alpha } of shapes({ dust: 1 })) {
      expect(alpha > 0.2 && alpha <= 0.75).toBe(true);
      expect(area.x >= 0 && area.x < SIZE.width && area.y >= 0 && area.y < SIZE.height).toBe(true);
    }
    const colours = Array.from({ length: 9 }, (_, k) => shapes({ dust: 1 }, k * 3).map((d) => d.colour));
    expect(new Set(colours.flat())).toEqual(new Set(['#fff6e6', '#14100e']));
  });
});

describe('a leak of light', () => {
  it('comes from the upper left and swings slowly, only adding light', () => {
    const light = (frame: number) => {
      const [draw] = textures({ leak: 0.5 }, frame);
      if (!draw) throw new Error('There is no light.');
      const r = draw.to.width / 2;
      return { draw, x: draw.to.x + r, y: draw.to.y + r, r };
    };
    const { draw, x, y } = light(0);
    expect(draw).toMatchObject({ blend: 'screen', alpha: OVERLAYS.leakAlpha * 0.5 });
    expect(x < SIZE.width / 5 && y < SIZE.height / 3).toBe(true);
    const far = Math.hypot(SIZE.width, SIZE.height);
    for (let f = 0; f < OVERLAYS.leakFrames; f++) {
      const [a, b] = [light(f), light(f + 1)];
      expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeLessThan(SIZE.width * 0.005);
      expect(a.r / far > 0.46 && a.r / far < 0.58).toBe(true);
    }
    expect(light(OVERLAYS.leakFrames / 4).x).toBeCloseTo(SIZE.width * 0.14);
    expect(light(OVERLAYS.leakFrames / 4).r).toBeCloseTo(far * (0.52 + 0.05 * Math.sin((Math.PI / 2) * 1.3)));
  });
});

it('nothing lies over a picture whose grading asks for none', () => {
  expect(over({ grade: 'dusk', strength: 1 })).toEqual([]);
});
