import { describe, expect, it } from 'vitest';
import { PLAIN_GRADING } from '../piece/types.ts';
import { behindOf } from './behind.ts';
import type { PictureFrame, Shot } from './types.ts';

const STAGE = { width: 1080, height: 1920 };
const COLOURS = { ink: '#000000', paper: '#ffffff', ground: ['#404040', '#202020'] as const };
/** Dark above, light and busy below; 8 columns and 12 rows. */
const CELLS = '020'.repeat(48) + '8ff'.repeat(48);

const shot = (more: Partial<Shot> = {}): Shot => {
  const whole = { x: 0, y: 0, ...STAGE };
  return {
    ...{ assetId: 'p', kind: 'still', view: 'tall', size: STAGE, start: 0, end: 90, offset: 0, run: 90 },
    ...{ transition: { kind: 'cut', frames: 0 }, fit: 'fill', surround: 'blur', from: whole, to: whole },
    ...{ subject: [0.3, 0.6, 0.4, 0.3], loopFrames: 0, clip: null },
    relief: { cells: CELLS, heads: [[0.4, 0.6, 0.2, 0.1]] },
    ...more,
  };
};
const of = (
  s: Partial<Shot> = {},
  frame: PictureFrame | null = null,
  grading: Parameters<typeof behindOf>[2] = null,
) => behindOf([shot(s)], frame, grading, COLOURS, STAGE);
const part = (y: number, height = 200) => ({ x: 100, y, width: 800, height });

describe('what is behind words', () => {
  it('is known place by place', () => {
    const [above, below] = [of()?.in(part(100)), of()?.in(part(1500))];
    expect(above?.lightest).toBeLessThan(0.05);
    expect([below?.lightest, (below?.darkest ?? 1) < 0.4, below?.busy]).toEqual([1, true, 1]);
    expect(of()?.in(part(860))?.lightest).toBe(1);
  });

  it('follows the frame as it moves', () => {
    // The frame goes down by half a picture: what was above comes to lie on the dark part, and light comes from below.
    const down = {
      from: { x: 0, y: 0, width: 540, height: 960 },
      to: { x: 0, y: 900, width: 540, height: 960 },
    };
    expect(of(down)?.in(part(100))?.lightest).toBe(1);
    expect(of({ ...down, to: down.from })?.in(part(100))?.lightest).toBeLessThan(0.05);
  });

  it('costs where heads, subjects and much going on are', () => {
    const b = of();
    expect(b?.coversHead(part(1150))).toBe(true);
    expect(b?.coversHead(part(100))).toBe(false);
    const costs = [100, 1000, 1150].map((y) => b?.cost(part(y)) ?? 0);
    expect(costs).toEqual([...costs].sort((p, q) => p - q));
    expect(costs[0]).toBeLessThan(0.01);
  });

  it('goes through the grade and over the backdrop', () => {
    const dark = of({}, null, { ...PLAIN_GRADING, grade: 'dark', strength: 1 })?.in(part(1500));
    const faint = of({}, null, { ...PLAIN_GRADING, opacity: 0.2, backdrop: '#000000' })?.in(part(1500));
    expect(dark?.lightest).toBeLessThan(0.9);
    expect(faint?.lightest).toBeLessThan(0.1);
    const mono = of({}, null, { ...PLAIN_GRADING, grade: 'mono', strength: 1 })?.in(part(1500));
    expect(mono?.lightest).toBeCloseTo(1, 1);
  });

  it('beside a picture that does not fill the stage is the ground of the look', () => {
    const frame = {
      area: { x: 0, y: 0, width: 1080, height: 960 },
      border: null,
      shadow: null,
      ornaments: [],
    };
    const b = of({ subject: [0.3, 0.3, 0.4, 0.15] }, frame);
    expect(b?.in(part(1300))).toMatchObject({ busy: 0 });
    expect(b?.in(part(1300))?.lightest).toBeLessThan(0.06);
    expect(b?.in(part(700))?.lightest).toBe(1);
    expect(b?.cost(part(1300))).toBe(0);
    const none = behindOf([], null, null, COLOURS, STAGE);
    expect([none?.hasPicture, none?.cost(part(0)), none?.coversHead(part(0))]).toEqual([false, 0, false]);
  });

  it('is not known of a picture that was not measured, nor round a whole one', () => {
    expect(of({ relief: null })?.in(part(100))).toBeNull();
    expect(of({ fit: 'whole' })?.in(part(100))).toBeNull();
  });
});
