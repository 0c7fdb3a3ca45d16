import { describe, expect, it } from 'vitest';
import { FORMATS, stageOf } from '../look/formats.ts';
import { LOOK_NAMES, lookOf } from '../look/looks.ts';
import { Typesetter } from '../look/typeset/typesetter.ts';
import { picture, piece, scene } from '../piece/testing.ts';
import { PLAIN_GRADING } from '../piece/types.ts';
import { compile } from '../timeline/compile.ts';
import type { AssetFact } from '../timeline/types.ts';
import { frameAt } from './frame.ts';
import { aroundArea, aroundPicture, inArea, onPicture, ornamentsOf } from './framed.ts';
import { type Draw, IDENTITY } from './list.ts';
import { placed, wholeOf } from './pictures.ts';

const setter = new Typesetter((text, font) => text.length * font.size * 0.5);
const SIZE = { width: 540, height: 960 };
const asset: AssetFact = {
  ...{ id: 'p', kind: 'still', loopFrames: 0, durationMs: 0, sound: false },
  views: { tall: { width: 1080, height: 1920, focal: [0.4, 0.4, 0.2, 0.2] } },
};
const framed = LOOK_NAMES.filter((name) => lookOf(name).bare !== null);

describe('a picture within the stage', () => {
  it('is what several looks have', () => {
    expect(framed.length).toBeGreaterThanOrEqual(5);
  });

  // The wide screen keeps its bars.
  it.each(framed.filter((name) => name !== 'wide-screen'))(
    '%s: without words it takes their room, and stays on the stage',
    (look) => {
      for (const format of FORMATS) {
        const stage = stageOf(format);
        const alone = lookOf(look).bare?.area(stage, format);
        const beside = lookOf(look).layouts.caption.picture?.area(stage, format) ?? null;
        if (!alone) throw new Error('Without words it has no frame.');
        expect(alone.x).toBeGreaterThanOrEqual(0);
        expect(alone.y).toBeGreaterThanOrEqual(0);
        expect(alone.x * 2 + alone.width).toBeCloseTo(stage.width, 0);
        expect(alone.y * 2 + alone.height).toBeCloseTo(stage.height, 0);
        if (beside) expect(alone.width * alone.height).toBeGreaterThanOrEqual(beside.width * beside.height);
        if (beside && beside.height < stage.height * 0.6)
          expect(alone.height).toBeGreaterThanOrEqual(stage.height * 0.8);
      }
    },
  );

  it.each(framed)('%s: nothing of the picture, its light and its grain is seen beyond its part', (look) => {
    const grading = { ...PLAIN_GRADING, leak: 1, grain: 1, dust: 1 };
    const p = {
      ...piece([scene('a', 'One two.', { pictures: [picture('p')], grading }), scene('b', 'Three.')]),
      look,
    };
    const timeline = compile(p, { takes: {}, tracks: {}, ownTracks: {}, assets: { p: asset } }, setter);
    const area = timeline.scenes[0]?.frame?.area;
    if (!area) throw new Error('The look has no frame.');
    const box = inArea(area, SIZE.width / timeline.width);
    const { draws } = frameAt(timeline, { index: 0, frame: 30 }, SIZE);
    const pictures = draws.filter(
      (d) => d.kind === 'texture' && ['picture', 'light', 'grain'].includes(d.texture.kind),
    );
    expect(pictures.length).toBeGreaterThan(2);
    for (const d of pictures) {
      const seen = d.clip ?? (d as Draw & { kind: 'texture' }).to;
      expect(seen.x).toBeGreaterThanOrEqual(box.x);
      expect(seen.y).toBeGreaterThanOrEqual(box.y);
      expect(seen.x + seen.width).toBeLessThanOrEqual(box.x + box.width);
      expect(seen.y + seen.height).toBeLessThanOrEqual(box.y + box.height);
    }
    expect(timeline.scenes[0]?.shots[0]?.from.width).toBeGreaterThan(0);
  });

  it('keeps the proportions of its part, so that nothing is stretched', () => {
    for (const look of framed) {
      const p = { ...piece([scene('a', 'One.', { pictures: [picture('p')] })]), look };
      const [at] = compile(p, { takes: {}, tracks: {}, ownTracks: {}, assets: { p: asset } }, setter).scenes;
      const [area, crop] = [at?.frame?.area, at?.shots[0]?.from];
      if (!area || !crop) throw new Error('There is no picture.');
      expect(crop.width / crop.height).toBeCloseTo(area.width / area.height, 6);
    }
  });
});

describe('the ground round a picture', () => {
  const ground = placed(
    { kind: 'ground', colours: ['#000000', '#ffffff'], width: 16, height: 960 },
    { x: 0, y: 0, width: 16, height: 960 },
    wholeOf(SIZE),
  );
  it('is drawn once everywhere but under the picture', () => {
    const area = { x: 40, y: 100, width: 400, height: 500 };
    const parts = aroundArea(ground, area, SIZE).map((d) => (d as Draw & { kind: 'texture' }).to);
    const square = (r: { width: number; height: number }) => r.width * r.height;
    expect(parts.reduce((n, r) => n + square(r), 0) + square(area)).toBe(square(SIZE));
    expect(aroundArea(ground, { x: 0, y: 0, ...SIZE }, SIZE)).toEqual([]);
    const top = aroundArea(ground, area, SIZE)[0] as Draw & { kind: 'texture' };
    expect([top.from.height, top.to.height]).toEqual([100, 100]);
  });

  it('shows of its texture what stands there, and shapes go on under the picture', () => {
    const area = { x: 40, y: 100, width: 400, height: 500 };
    const parts = aroundArea(ground, area, SIZE) as (Draw & { kind: 'texture' })[];
    expect(parts.map((d) => [d.from, d.to])).toEqual(
      [
        [0, 0, 540, 100],
        [0, 600, 540, 360],
        [0, 100, 40, 500],
        [440, 100, 100, 500],
      ].map(([x = 0, y = 0, width = 0, height = 0]) => [
        // The texture is sixteen pixels wide, and as high as the frame.
        { x: x * (16 / 540), y, width: width * (16 / 540), height },
        { x, y, width, height },
      ]),
    );
    const shape: Draw = {
      ...{ kind: 'shape', colour: '#000000', alpha: 1, clip: null },
      area: { ...area, radius: 0, transform: IDENTITY },
    };
    expect(aroundArea(shape, area, SIZE)).toEqual([shape]);
  });

  it('has the shadow and the border of the picture on it, in pixels of the frame', () => {
    const frame = {
      ...{ area: { x: 40, y: 100, width: 400, height: 500 }, ornaments: [] },
      ...{ border: { width: 12, colour: '#ffffff' }, shadow: '#00000040' },
    };
    const rects = (of: Parameters<typeof aroundPicture>[0], scale: number) =>
      aroundPicture(of, scale).map((d) => {
        if (d.kind !== 'shape') throw new Error('It is no shape.');
        const { x, y, width, height } = d.area;
        return [d.colour, d.alpha, x, y, width, height];
      });
    expect(rects(frame, 1)).toEqual([
      ['#00000040', 1, 28, 98, 432, 532],
      ['#00000040', 1, 30, 94, 424, 524],
      ['#ffffff', 1, 28, 88, 424, 524],
    ]);
    expect(rects(frame, 0.5)).toEqual([
      ['#00000040', 1, 14, 49, 216, 266],
      ['#00000040', 1, 15, 47, 212, 262],
      ['#ffffff', 1, 14, 44, 212, 262],
    ]);
    expect(rects({ ...frame, shadow: null }, 1)).toHaveLength(1);
    expect(rects({ ...frame, border: null }, 1)).toEqual([
      ['#00000040', 1, 40, 110, 408, 508],
      ['#00000040', 1, 42, 106, 400, 500],
    ]);
    expect(aroundPicture({ ...frame, area: null }, 1)).toEqual([]);
    expect(inArea({ x: 41, y: 99, width: 400, height: 501 }, 0.5)).toEqual({
      x: 20,
      y: 50,
      width: 200,
      height: 250,
    });
    const shape = { kind: 'shape', x: 1, y: 2, width: 3, height: 4, radius: 0, colour: '#000000' } as const;
    expect(ornamentsOf({ ...frame, ornaments: [shape] }, 2)).toMatchObject([
      { kind: 'shape', area: { x: 1, transform: [2, 0, 0, 2, 0, 0] } },
    ]);
  });

  it('what fills its part needs no clip, what does not gets one', () => {
    const area = { x: 40, y: 100, width: 400, height: 500 };
    const whole = placed(ground.texture, ground.from, { x: 0, y: 0, width: 400, height: 500 });
    const wide = placed(ground.texture, ground.from, { x: -50, y: 0, width: 900, height: 500 });
    const [a, b] = onPicture([whole, wide], area) as [Draw, Draw];
    expect([a.clip, (a as Draw & { kind: 'texture' }).to]).toEqual([null, area]);
    expect(b.clip).toEqual({ ...area, radius: 0, transform: IDENTITY });
    for (const to of [{ x: 1 }, { y: 1 }, { width: 398 }, { height: 498 }]) {
      const less = placed(ground.texture, ground.from, { x: 0, y: 0, width: 400, height: 500, ...to });
      expect(onPicture([less], area)[0]?.clip).not.toBeNull();
    }
  });
});
