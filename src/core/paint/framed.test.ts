import { describe, expect, it } from 'vitest';
import { FORMATS, stageOf } from '../look/formats.ts';
import { LOOK_NAMES, lookOf } from '../look/looks.ts';
import { Typesetter } from '../look/typeset/typesetter.ts';
import { picture, piece, scene } from '../piece/testing.ts';
import { PLAIN_GRADING } from '../piece/types.ts';
import { compile } from '../timeline/compile.ts';
import type { AssetFact } from '../timeline/types.ts';
import { frameAt } from './frame.ts';
import { aroundArea, inArea, onPicture } from './framed.ts';
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

  it('what fills its part needs no clip, what does not gets one', () => {
    const area = { x: 40, y: 100, width: 400, height: 500 };
    const whole = placed(ground.texture, ground.from, { x: 0, y: 0, width: 400, height: 500 });
    const wide = placed(ground.texture, ground.from, { x: -50, y: 0, width: 900, height: 500 });
    const [a, b] = onPicture([whole, wide], area) as [Draw, Draw];
    expect([a.clip, (a as Draw & { kind: 'texture' }).to]).toEqual([null, area]);
    expect(b.clip).toEqual({ ...area, radius: 0, transform: IDENTITY });
  });
});
