import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import type { Box } from '../look/formats.ts';
import { AUTO_FRAMING, type Framing } from '../piece/types.ts';
import { FPS } from '../time.ts';
import { aimCrop, aimOf, bestView, coverCrop, cropAt, framePicture } from './framing.ts';
import type { AssetFact } from './types.ts';

const view = (width: number, height: number, focal: Box = [0.4, 0.4, 0.2, 0.2]) => ({ width, height, focal });
const asset = (views: AssetFact['views'], kind: AssetFact['kind'] = 'still'): AssetFact => ({
  ...{ id: 'p', kind, views, loopFrames: 0, durationMs: 0, sound: false },
});
const framing = (more: Partial<Framing>): Framing => ({ ...AUTO_FRAMING, ...more });
const TALL = 9 / 16;

describe('the view of a picture', () => {
  it('is the one whose proportions are nearest, whichever is named first', () => {
    const both = { wide: view(1920, 1080), tall: view(1080, 1920) };
    expect(bestView({ views: both }, 16 / 9)).toBe('wide');
    expect(bestView({ views: both }, TALL)).toBe('tall');
    expect(bestView({ views: { tall: both.tall, wide: both.wide } }, 4 / 5)).toBe('tall');
    // Nearness is counted in factors: a square is as far from 2:1 as from 1:2, and nearer to 3:2.
    expect(bestView({ views: { wide: view(1500, 1000), tall: view(1000, 2000) } }, 1)).toBe('wide');
    expect(bestView({ views: { wide: view(3000, 1000), tall: view(1000, 2000) } }, 1)).toBe('tall');
    expect(bestView({ views: { wide: both.wide } }, TALL)).toBe('wide');
    expect(bestView({ views: {} }, 1)).toBeNull();
  });
});

describe('a crop', () => {
  it('is as large as the picture allows, in the proportions of the stage, round the aim', () => {
    expect(aimCrop(1600, 900, 1, { x: 0.5, y: 0.5, zoom: 1 })).toEqual({
      x: 350,
      y: 0,
      width: 900,
      height: 900,
    });
    expect(aimCrop(900, 1600, 1, { x: 0.5, y: 0.25, zoom: 1 })).toEqual({
      x: 0,
      y: 0,
      width: 900,
      height: 900,
    });
    expect(aimCrop(900, 1600, 1, { x: 0.5, y: 0.5, zoom: 3 })).toEqual({
      x: 300,
      y: 650,
      width: 300,
      height: 300,
    });
    expect(aimCrop(1000, 1000, 2, { x: 1, y: 1, zoom: 2 })).toEqual({
      x: 500,
      y: 750,
      width: 500,
      height: 250,
    });
    // It is never larger than the picture.
    expect(aimCrop(1000, 1000, 1, { x: 0.2, y: 0.9, zoom: 0.3 })).toEqual({
      x: 0,
      y: 0,
      width: 1000,
      height: 1000,
    });
  });

  it('of a subject is round its middle', () => {
    expect(coverCrop(2000, 1000, 1, [0.6, 0.1, 0.1, 0.3])).toEqual({
      x: 800,
      y: 0,
      width: 1000,
      height: 1000,
    });
    expect(coverCrop(1000, 2000, 1, [0, 0.8, 0.5, 0.2])).toEqual({
      x: 0,
      y: 1000,
      width: 1000,
      height: 1000,
    });
    expect(coverCrop(1000, 2000, 1, [0, 0.3, 0.5, 0.2])).toEqual({ x: 0, y: 300, width: 1000, height: 1000 });
  });

  it('and its aim say the same', () => {
    const random = seeded('aims');
    for (let i = 0; i < 200; i++) {
      const [w, h] = [400 + 3000 * random(), 400 + 3000 * random()];
      const ratio = 0.5 + 1.5 * random();
      const crop = aimCrop(w, h, ratio, { x: random(), y: random(), zoom: 1 + 3 * random() });
      expect(crop.width / crop.height).toBeCloseTo(ratio, 9);
      for (const v of [crop.x, crop.y, w - crop.x - crop.width, h - crop.y - crop.height])
        expect(v).toBeGreaterThanOrEqual(-1e-9);
      const again = aimCrop(w, h, ratio, aimOf(w, h, ratio, crop));
      for (const k of ['x', 'y', 'width', 'height'] as const) expect(again[k]).toBeCloseTo(crop[k], 6);
    }
    expect(aimOf(1000, 500, 1, { x: -400, y: 900, width: 2000, height: 2000 })).toEqual({
      x: 0.6,
      y: 1,
      zoom: 1,
    });
  });
});

describe('the move of a still', () => {
  const still = asset({ tall: view(900, 1600, [0.5, 0.1, 0.2, 0.2]) });
  const framed = (seconds: number, more: Partial<Framing> | null = null, outward = false, a = still) => {
    const f = framePicture(a, more && framing(more), TALL, seconds * FPS, outward);
    if (!f) throw new Error('There is no picture.');
    return f;
  };
  const zoomOf = (f: ReturnType<typeof framed>) => f.from.width / f.to.width;

  it('goes towards the subject, further in a longer scene, between two limits', () => {
    expect(zoomOf(framed(1))).toBeCloseTo(1.045, 6);
    expect(zoomOf(framed(5))).toBeCloseTo(1.07, 6);
    expect(zoomOf(framed(30))).toBeCloseTo(1.12, 6);
    const { from, to } = framed(5);
    expect(from).toEqual({ x: 0, y: 0, width: 900, height: 1600 });
    // The subject's middle stands at 540, 320: the close frame reaches for it as far as the picture goes.
    expect(to.x + to.width / 2).toBeCloseTo(900 - to.width / 2, 6);
    expect(to.y).toBe(0);
  });

  it('turns round every other time, or as the writer says', () => {
    expect(zoomOf(framed(5, null, true))).toBeCloseTo(1 / 1.07, 6);
    expect(zoomOf(framed(5, { move: 'away' }))).toBeCloseTo(1 / 1.07, 6);
    expect(zoomOf(framed(5, { move: 'towards' }, true))).toBeCloseTo(1.07, 6);
    expect(zoomOf(framed(5, { move: 'still' }, true))).toBe(1);
  });

  it('is not there in what moves by itself, unless the writer wants it', () => {
    for (const kind of ['loop', 'clip'] as const) {
      const moving = asset({ tall: view(900, 1600) }, kind);
      expect(zoomOf(framed(5, null, false, moving))).toBe(1);
      expect(zoomOf(framed(5, { move: 'towards' }, false, moving))).toBeCloseTo(1.07, 6);
    }
  });

  it('goes to the middle of a frame in which the subject is not', () => {
    const aims = { tall: [{ x: 0.5, y: 0.9, zoom: 2 }] };
    const { from, to } = framed(5, { aims });
    expect(from).toEqual(aimCrop(900, 1600, TALL, aims.tall[0] as never));
    expect(to.x + to.width / 2).toBeCloseTo(from.x + from.width / 2, 6);
    expect(to.y + to.height / 2).toBeCloseTo(from.y + from.height / 2, 6);
  });

  it('goes from the first aim to the second where there are two, whatever else is said', () => {
    const aims = {
      tall: [
        { x: 0.3, y: 0.3, zoom: 2 },
        { x: 0.6, y: 0.6, zoom: 3 },
      ],
    };
    for (const move of ['auto', 'still', 'away', 'towards'] as const) {
      const { from, to } = framed(5, { aims, move });
      expect([from, to]).toEqual(aims.tall.map((a) => aimCrop(900, 1600, TALL, a)));
    }
  });

  it('looks even: the same share of the size in the same time', () => {
    const move = framed(20);
    const widths = [0, 0.25, 0.5, 0.75, 1].map((t) => cropAt(move, t).width);
    const steps = widths.slice(1).map((w, i) => w / (widths[i] ?? 1));
    for (const s of steps) expect(s).toBeCloseTo(steps[0] ?? 0, 9);
    expect(cropAt(move, 0)).toEqual(move.from);
    for (const k of ['x', 'y', 'width', 'height'] as const)
      expect(cropAt(move, 1)[k]).toBeCloseTo(move.to[k], 9);
    // Shapes stay what they are, and a point on the way lies between both ends.
    const mid = cropAt(move, 0.5);
    expect(mid.width / mid.height).toBeCloseTo(TALL, 9);
    expect(mid.x).toBeGreaterThanOrEqual(Math.min(move.from.x, move.to.x));
    const across = {
      from: { x: 0, y: 0, width: 100, height: 100 },
      to: { x: 50, y: 20, width: 100, height: 100 },
    };
    expect(cropAt(across, 0.5)).toEqual({ x: 25, y: 10, width: 100, height: 100 });
    const down = { from: across.from, to: { ...across.from, y: 40 } };
    expect(cropAt(down, 0.25)).toEqual({ x: 0, y: 10, width: 100, height: 100 });
  });
});

describe('where words should not stand', () => {
  const at = (a: AssetFact, more: Partial<Framing> | null, ratio = TALL) =>
    framePicture(a, more && framing(more), ratio, 60, false)?.subject.map((v) => Math.round(v * 1000) / 1000);

  it('is the subject as the frame shows it', () => {
    const a = asset({ wide: view(1600, 900, [0.5, 0.2, 0.25, 0.4]) });
    // The crop of a square stage begins at x = 550: the subject goes from 800 to 1200, so 250 to 650 of 900.
    expect(at(a, null, 1)).toEqual([0.278, 0.2, 0.444, 0.4]);
    expect(at(a, { aims: { wide: [{ x: 0.1, y: 0.5, zoom: 2 }] } }, 1)).toEqual([1, 0, 0, 0.7]);
    // After a move it is where the frame comes to rest.
    const aims = {
      wide: [
        { x: 0.1, y: 0.5, zoom: 2 },
        { x: 0.625, y: 0.4, zoom: 2 },
      ],
    };
    expect(at(a, { aims }, 1)).toEqual([0.056, 0.1, 0.889, 0.8]);
  });

  it('of a whole picture lies in the middle of the stage', () => {
    const wide = asset({ wide: view(1600, 900, [0.5, 0.2, 0.25, 0.4]) });
    const share = (TALL * 900) / 1600;
    const [x, y, w, h] = at(wide, { fit: 'whole' }) ?? [];
    expect([x, w]).toEqual([0.5, 0.25]);
    expect(y).toBeCloseTo((1 - share) / 2 + 0.2 * share, 3);
    expect(h).toBeCloseTo(0.4 * share, 3);
    const tall = asset({ tall: view(900, 1600, [0.5, 0.2, 0.25, 0.4]) });
    const [tx, ty, tw, th] = at(tall, { fit: 'whole' }, 1) ?? [];
    expect([ty, th]).toEqual([0.2, 0.4]);
    expect(tx).toBeCloseTo((1 - TALL) / 2 + 0.5 * TALL, 3);
    expect(tw).toBeCloseTo(0.25 * TALL, 3);
    const f = framePicture(tall, framing({ fit: 'whole', surround: '#112233' }), 1, 60, true);
    expect(f).toMatchObject({ fit: 'whole', surround: '#112233', size: { width: 900, height: 1600 } });
    expect([f?.from, f?.to]).toEqual(Array(2).fill({ x: 0, y: 0, width: 900, height: 1600 }));
  });

  it('of a picture without a file: there is no frame', () => {
    expect(framePicture(asset({}), null, 1, 30, false)).toBeNull();
  });
});
