import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { FORMATS, ratioOf, stageOf } from '../look/formats.ts';
import { Typesetter } from '../look/typeset/typesetter.ts';
import { frameAt } from '../paint/frame.ts';
import { picturesOf, seen } from '../paint/testing.ts';
import { picture, piece, scene } from '../piece/testing.ts';
import {
  AUTO_FRAMING,
  type Piece,
  PLAIN_GRADING,
  type Placement,
  placed,
  WHOLE_CLIP,
} from '../piece/types.ts';
import { compile } from './compile.ts';
import { aimCrop, aimOf, cropAt, framePicture } from './framing.ts';
import { segments } from './segments.ts';
import { clipFrame, clipOf, clipSeconds } from './shots.ts';
import { type AssetFact, NO_FACTS, type Timeline } from './types.ts';

const asset = (id: string, kind: AssetFact['kind'] = 'still', durationMs = 0): AssetFact => ({
  id,
  kind,
  durationMs,
  sound: false,
  views: { wide: { width: 1920, height: 1280, focal: [0.5, 0.4, 0.3, 0.4] } },
  loopFrames: kind === 'loop' ? 180 : 0,
});
const ASSETS = Object.fromEntries(
  [asset('p1'), asset('p2'), asset('p3'), asset('loop', 'loop'), asset('clip', 'clip', 4000)].map((a) => [
    a.id,
    a,
  ]),
);
const setter = new Typesetter((text, font) => text.length * font.size * 0.5);
const built = (p: Piece) => compile(p, { ...NO_FACTS, assets: ASSETS }, setter);
const listAt = (t: Timeline, index: number, frame: number) => frameAt(t, { index, frame }, t);
const idsAt = (t: Timeline, index: number, frame: number) => seen(listAt(t, index, frame)).map(([id]) => id);
const silent = (id: string, more: Parameters<typeof scene>[2]) =>
  scene(id, '', { durationMs: 4000, ...more });
const also = (...ids: string[]): Placement[] => ids.map(placed);

describe('pictures of a scene in turn', () => {
  const p = piece([
    silent('a', { pictures: also('p1', 'p2', 'p3') }),
    silent('b', { pictures: [picture('loop')] }),
  ]);

  it('share the scene evenly, without a gap, each with a move of its own', () => {
    const [a] = built(p).scenes;
    expect(a?.shots.map((s) => [s.assetId, s.start])).toEqual([
      ['p1', 0],
      ['p2', 40],
      ['p3', 80],
    ]);
    for (let f = 0; f < 120; f++) {
      const [first, ...more] = seen(listAt(built(p), 0, f));
      expect(first?.[1]).toBe(1);
      expect(more.length).toBeLessThan(2);
    }
  });

  it('dissolve into each other and into the next scene', () => {
    const t = built(p);
    expect(idsAt(t, 0, 42)).toEqual(['p1', 'p2']);
    expect(idsAt(t, 0, 60)).toEqual(['p2']);
    expect(idsAt(t, 1, 2)).toEqual(['p3', 'loop']);
    const alphas = Array.from({ length: 8 }, (_, k) => seen(listAt(t, 0, 40 + k))[1]?.[1] ?? 1);
    expect(alphas).toEqual([...alphas].sort((x, y) => x - y));
  });
});

describe('a picture that runs on', () => {
  const p = piece([
    silent('a', { pictures: [picture('clip')] }),
    silent('b', { pictures: [picture('p1')], runsOn: true }),
    silent('c', { runsOn: true }),
    silent('d', { pictures: [picture('p2')] }),
  ]);
  const t = built(p);

  it('is one shot over all its scenes: no dissolve, no jump, one move to the end', () => {
    const run = (i: number, f: number) => {
      const moving = picturesOf(listAt(t, i, f))[0]?.texture.moving;
      return moving?.kind === 'clip' ? moving.run : null;
    };
    expect(t.scenes.slice(1, 3).map((s) => s.transition.frames)).toEqual([0, 0]);
    expect([run(0, 119), run(1, 0), run(2, 119)]).toEqual([119, 120, 359]);
    expect(idsAt(t, 2, 5)).toEqual(['clip']);
    expect(t.scenes[2]?.shots[0]?.run).toBe(360 + (t.scenes[2]?.tail ?? 0));
    expect(idsAt(t, 3, 3)).toEqual(['clip', 'p2']);
  });

  it('cannot run on from nothing: the scene shows its own', () => {
    const alone = built(piece([silent('a', {}), silent('b', { pictures: [picture('p1')], runsOn: true })]));
    expect(alone.scenes[1]?.shots.map((s) => s.assetId)).toEqual(['p1']);
    expect(
      built(piece([silent('a', { pictures: [picture('p1')], runsOn: true })])).scenes[0]?.shots,
    ).toHaveLength(1);
  });
});

describe('clips', () => {
  it('loop or hold when the part is over, at their speed', () => {
    const clip = clipOf({ ...WHOLE_CLIP, inMs: 1000, outMs: 2000, speed: 2 }, { durationMs: 4000 });
    expect(clip).toMatchObject({ frames: 15, inMs: 1000 });
    expect([0, 14, 15, 31].map((f) => clipFrame(clip, f))).toEqual([0, 14, 0, 1]);
    expect([14, 15, 400].map((f) => clipFrame({ ...clip, end: 'hold' }, f))).toEqual([14, 14, 14]);
    expect(clipSeconds(clip, 15)).toBeCloseTo(2, 6);
  });

  it('never ask for a moment that the file has not', () => {
    const random = seeded('clips');
    for (let k = 0; k < 400; k++) {
      const durationMs = 200 + Math.floor(random() * 10_000);
      const inMs = Math.floor(random() * 20_000);
      const outMs = random() < 0.3 ? null : inMs + 1 + Math.floor(random() * 20_000);
      const clip = clipOf({ ...WHOLE_CLIP, inMs, outMs, speed: 0.25 + random() * 3.75 }, { durationMs });
      for (const run of [0, 1, clip.frames - 1, clip.frames, 5000])
        expect(clipSeconds(clip, clipFrame(clip, run))).toBeLessThanOrEqual(durationMs / 1000 + 1e-6);
    }
  });
});

describe('frames set by hand', () => {
  it('hold in every format, never over an edge, and read back as what was set', () => {
    const random = seeded('aims');
    for (let k = 0; k < 300; k++) {
      const [w, h] = [300 + random() * 3000, 300 + random() * 3000];
      const aim = { x: random(), y: random(), zoom: 1 + random() * 5 };
      for (const format of FORMATS) {
        const ratio = ratioOf(stageOf(format));
        const c = aimCrop(w, h, ratio, aim);
        expect(Math.min(c.x, c.y)).toBeGreaterThanOrEqual(0);
        expect(c.x + c.width).toBeLessThanOrEqual(w + 1e-6);
        expect(c.y + c.height).toBeLessThanOrEqual(h + 1e-6);
        const again = aimCrop(w, h, ratio, aimOf(w, h, ratio, c));
        expect(again.x).toBeCloseTo(c.x, 4);
        expect(again.width).toBeCloseTo(c.width, 4);
      }
    }
  });

  it('are start and end where there are two, and the move stays inside where there is one', () => {
    const aims = {
      wide: [
        { x: 0.2, y: 0.5, zoom: 2 },
        { x: 0.8, y: 0.5, zoom: 3 },
      ],
    };
    const two = framePicture(asset('p1'), { ...AUTO_FRAMING, aims }, 9 / 16, 90, false);
    expect(two?.from.width).toBeCloseTo(360, 6);
    expect(two?.to.width).toBeCloseTo(240, 6);
    const one = framePicture(
      asset('p1'),
      { ...AUTO_FRAMING, aims: { wide: aims.wide.slice(0, 1) } },
      9 / 16,
      90,
      false,
    );
    if (!one) throw new Error('There is no frame.');
    for (let t = 0; t <= 1; t += 0.1) {
      const c = cropAt(one, t);
      expect(c.x).toBeGreaterThanOrEqual(one.from.x - 1e-6);
      expect(c.x + c.width).toBeLessThanOrEqual(one.from.x + one.from.width + 1e-6);
    }
    const still = framePicture(asset('p1'), { ...AUTO_FRAMING, move: 'still' }, 9 / 16, 90, false);
    expect(still?.from).toEqual(still?.to);
  });

  it('tell the words where the subject stands: aside in a close frame, in the middle of a whole picture', () => {
    const aims = { wide: [{ x: 0.1, y: 0.5, zoom: 2 }] };
    expect(framePicture(asset('p1'), { ...AUTO_FRAMING, aims }, 9 / 16, 90, false)?.subject[2]).toBe(0);
    const whole = framePicture(asset('p1'), { ...AUTO_FRAMING, fit: 'whole' }, 9 / 16, 90, false)?.subject;
    expect(whole?.[0]).toBeCloseTo(0.5, 6);
    expect(whole?.[1]).toBeGreaterThan(0.33);
  });
});

describe('segments', () => {
  it('are painted again after a change of frame, grading or picture, and only then', () => {
    const keys = (p: Piece) => segments(built(p), { width: 270, height: 480 }, 'enc', {}).map((s) => s.key);
    const base = piece([silent('a', { pictures: [picture('p1')] })]);
    const change = (more: object) => ({ ...base, scenes: base.scenes.map((s) => ({ ...s, ...more })) });
    expect(keys(change({}))).toEqual(keys(base));
    for (const more of [
      { grading: { ...PLAIN_GRADING, grain: 0.5 } },
      { pictures: also('p1', 'p2') },
      { pictures: [picture('p1', { framing: { ...AUTO_FRAMING, fit: 'whole' } })] },
    ])
      expect(keys(change(more))).not.toEqual(keys(base));
    expect(keys(change({ pictures: [picture('p1', { framing: AUTO_FRAMING })] }))).toEqual(keys(base));
  });
});
