import { describe, expect, it } from 'vitest';
import type { TransitionKind } from '../look/transitions.ts';
import { Typesetter } from '../look/typeset/typesetter.ts';
import { picture, piece, scene } from '../piece/testing.ts';
import { AUTO_FRAMING, type Framing, PLAIN_GRADING, type Scene } from '../piece/types.ts';
import { compile } from '../timeline/compile.ts';
import { cropAt } from '../timeline/framing.ts';
import type { AssetFact, Timeline } from '../timeline/types.ts';
import { frameAt } from './frame.ts';
import type { DisplayList, TextureDraw } from './list.ts';
import { picturesOf, seen } from './testing.ts';

const asset = (id: string, kind: AssetFact['kind'], width = 1000, height = 1000): AssetFact => ({
  ...{ id, kind, durationMs: kind === 'clip' ? 2000 : 0, sound: false, loopFrames: kind === 'loop' ? 30 : 0 },
  views: { wide: { width, height, focal: [0.4, 0.4, 0.2, 0.2] } },
});
const ASSETS = [
  asset('one', 'still'),
  asset('two', 'still'),
  asset('large', 'still', 6000, 4000),
  asset('loop', 'loop', 720, 1280),
  asset('clip', 'clip', 1920, 1080),
];
const setter = new Typesetter((text, font) => text.length * font.size * 0.5);
const timelineOf = (...scenes: Partial<Scene>[]): Timeline =>
  compile(
    piece(scenes.map((s, i) => scene('abc'[i] ?? 'x', '', { durationMs: 3000, ...s }))),
    { takes: {}, tracks: {}, ownTracks: {}, assets: Object.fromEntries(ASSETS.map((a) => [a.id, a])) },
    setter,
  );
const listOf = (t: Timeline, index: number, frame: number, k = 1): DisplayList =>
  frameAt(t, { index, frame }, { width: t.width * k, height: t.height * k });
const two = (kind: TransitionKind, ms = 333) =>
  timelineOf(
    { pictures: [picture('one')] },
    { pictures: [picture('two')], transition: { kind, lengthMs: ms } },
  );
const framed = (id: string, framing: Partial<Framing>) =>
  timelineOf({ pictures: [picture(id, { framing: { ...AUTO_FRAMING, ...framing } })] });

describe('a frame', () => {
  it('is filled from edge to edge by its first draw, whatever is there', () => {
    for (const t of [
      timelineOf({}),
      timelineOf({ pictures: [picture('one')] }),
      timelineOf({ pictures: [picture('gone')] }),
      framed('one', { fit: 'whole', surround: '#445566' }),
    ])
      for (const k of [1, 0.5]) {
        const [first] = listOf(t, 0, 0, k).draws as TextureDraw[];
        expect(first).toMatchObject({
          alpha: 1,
          to: { x: 0, y: 0, width: t.width * k, height: t.height * k },
        });
      }
    expect(listOf(timelineOf({}), 7, 0).draws).toMatchObject([{ texture: { kind: 'ground' } }]);
  });

  it('shows of a texture what the crop of the moment shows of the file', () => {
    for (const id of ['one', 'large', 'loop', 'clip'])
      for (const aims of [
        {},
        {
          wide: [
            { x: 0.3, y: 0.5, zoom: 1.1 },
            { x: 0.6, y: 0.4, zoom: 5 },
          ],
        },
      ]) {
        const t = framed(id, { aims });
        const shot = t.scenes[0]?.shots[0];
        if (!shot) throw new Error('There is no shot.');
        for (const frame of [0, 31, 89]) {
          const [draw] = picturesOf(listOf(t, 0, frame, 0.5));
          if (!draw) throw new Error('There is no picture.');
          const { region, width, height } = draw.texture;
          const crop = cropAt(shot, Math.min(1, frame / (shot.run - 1)));
          const [kx, ky] = [region.width / width, region.height / height];
          expect(region.x + draw.from.x * kx).toBeCloseTo(crop.x, 6);
          expect(region.y + draw.from.y * ky).toBeCloseTo(crop.y, 6);
          expect(draw.from.width * kx).toBeCloseTo(crop.width, 6);
          expect(draw.from.height * ky).toBeCloseTo(crop.height, 6);
          // Within the texture, which is within the file, and never drawn at less than half its size.
          expect(draw.from.x > -1e-6 && draw.from.x + draw.from.width < width + 1e-6).toBe(true);
          expect(region.x >= 0 && region.x + region.width <= shot.size.width + 1e-6).toBe(true);
          expect(draw.from.width / draw.to.width).toBeLessThan(2.03);
          expect(width % 2 || height % 2).toBe(0);
        }
      }
  });

  it('keeps a texture as large as the closest crop wants it, and no larger than the file', () => {
    const [close] = picturesOf(listOf(framed('large', {}), 0, 0, 0.5));
    expect(close?.texture.height ?? 0).toBeLessThan(1400);
    expect((close?.from.width ?? 0) / (close?.to.width ?? 1)).toBeGreaterThan(0.99);
    const [small] = picturesOf(listOf(framed('one', {}), 0, 0));
    expect(small?.texture.width).toBeLessThanOrEqual(1000);
  });

  it('takes the same texture for every frame of a still, and another for each frame of a loop', () => {
    const keys = (id: string) =>
      new Set(
        [0, 10, 40, 80].map((f) =>
          JSON.stringify(picturesOf(listOf(timelineOf({ pictures: [picture(id)] }), 0, f))[0]?.texture),
        ),
      );
    expect([keys('one').size, keys('loop').size]).toEqual([1, 3]);
  });

  it('puts a picture that is shown whole into the middle, its surround under it', () => {
    const whole = (surround: string) => listOf(framed('clip', { fit: 'whole', surround }), 0, 10);
    const [soft, all] = whole('blur').draws as TextureDraw[];
    expect(soft?.texture).toMatchObject({ kind: 'surround', assetId: 'clip', width: 1080, height: 1920 });
    const { x, y, width, height } = all?.to ?? { x: 0, y: 0, width: 0, height: 0 };
    expect(width / height).toBeCloseTo(16 / 9, 2);
    expect(width).toBe(1080);
    expect(Math.abs(x * 2 + width - 1080) <= 2 && Math.abs(y * 2 + height - 1920) <= 2).toBe(true);
    expect(whole('#445566').draws[0]).toMatchObject({ texture: { kind: 'plate', colour: '#445566' } });
  });

  it('lays a grading into the texture, and only what it changes', () => {
    const tint = (grading: Partial<typeof PLAIN_GRADING>) =>
      picturesOf(
        listOf(timelineOf({ pictures: [picture('one')], grading: { ...PLAIN_GRADING, ...grading } }), 0, 0),
      )[0]?.texture.tint;
    expect(tint({ grain: 1, dust: 1 })).toBeNull();
    expect(tint({ grade: 'mono', strength: 0 })).toBeNull();
    expect(tint({ grade: 'mono', strength: 0.5 })).toMatchObject({ grade: 'mono', strength: 0.5 });
    expect(tint({ opacity: 0.25, backdrop: '#123456' })).toMatchObject({
      opacity: 0.25,
      backdrop: '#123456',
    });
  });
});

describe('transitions', () => {
  it('a dissolve shows both pictures, more of the next from frame to frame; a cut never', () => {
    const t = two('dissolve');
    const { frames } = t.scenes[1]?.transition ?? { frames: 0 };
    expect(frames).toBeGreaterThan(3);
    const shares = Array.from({ length: frames }, (_, f) => seen(listOf(t, 1, f)));
    for (const s of shares) expect(s.map(([p]) => p)).toEqual(['one', 'two']);
    const next = shares.map((s) => s[1]?.[1] ?? 0);
    expect(next).toEqual([...next].sort((a, b) => a - b));
    expect((next[0] ?? 0) > 0 && (next.at(-1) ?? 1) < 1).toBe(true);
    expect(seen(listOf(t, 1, frames))).toEqual([['two', 1]]);
    expect(seen(listOf(two('cut'), 1, 0))).toEqual([['two', 1]]);
  });

  it('take as long as the writer says', () => {
    const t = two('dissolve', 1000);
    expect(t.scenes[1]?.transition.frames).toBe(30);
    expect(seen(listOf(t, 1, 29))).toHaveLength(2);
  });

  it('carry each side’s grading, light and dust as far as that side is seen', () => {
    const t = timelineOf(
      { pictures: [picture('one')], grading: { ...PLAIN_GRADING, grade: 'mono', strength: 1, leak: 1 } },
      { pictures: [picture('two')], transition: { kind: 'dissolve', lengthMs: 1000 } },
    );
    const early = picturesOf(listOf(t, 1, 0));
    expect(early.map((d) => d.texture.tint?.grade ?? null)).toEqual(['mono', null]);
    const light = (f: number) =>
      (listOf(t, 1, f).draws as TextureDraw[]).map((d) => [d.texture.kind, d.alpha > 0.5]);
    expect(light(2)).toEqual([
      ['picture', true],
      ['light', true],
      ['picture', false],
    ]);
    expect(light(30)).toEqual([['picture', true]]);
  });

  it('let the picture before run on under them', () => {
    const t = timelineOf({ pictures: [picture('clip')] }, { pictures: [picture('two')] });
    const [before] = picturesOf(listOf(t, 1, 3));
    expect(before?.texture).toMatchObject({ assetId: 'clip', moving: { run: 93 } });
  });
});
