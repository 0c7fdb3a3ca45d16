import { describe, expect, it } from 'vitest';
import { GRADE_NAMES } from '../look/grades.ts';
import { CanvasPainter } from './canvas.ts';
import type { Sources } from './context.ts';
import type { DisplayList, Draw, ShapeDraw, TextureDraw } from './list.ts';
import { namedSources, recorder } from './testing.ts';
import { type PictureTexture, type Texture, textureKey } from './textures.ts';

const FRAME = { width: 400, height: 300 };
const IDENTITY = [1, 0, 0, 1, 0, 0] as const;

const picture = (more: Partial<PictureTexture> = {}): PictureTexture => ({
  ...{
    kind: 'picture',
    width: 40,
    height: 30,
    assetId: 'boat',
    view: 'wide',
    file: { width: 80, height: 60 },
  },
  ...{ region: { x: 10, y: 0, width: 80, height: 60 }, moving: null, tint: null },
  ...more,
});
const draw = (texture: Texture, more: Partial<TextureDraw> = {}): TextureDraw =>
  ({
    ...{
      kind: 'texture',
      texture,
      from: { x: 4, y: 3, width: 20, height: 15 },
      to: { x: 1, y: 2, width: 30, height: 40 },
    },
    ...{ transform: IDENTITY, blend: 'over', alpha: 1, clip: null },
    ...more,
  }) as TextureDraw;
const shape = (more: Partial<ShapeDraw> = {}): ShapeDraw =>
  ({
    ...{ kind: 'shape', colour: '#ff0000', alpha: 0.5, clip: null },
    ...{ area: { x: 1, y: 2, width: 3, height: 4, radius: 0, transform: IDENTITY } },
    ...more,
  }) as ShapeDraw;

function studio(sources: Sources = namedSources) {
  const surfaces: { width: number; height: number; calls: ReturnType<typeof recorder>['calls'] }[] = [];
  const painter = new CanvasPainter(sources, (size) => {
    const { ctx, calls } = recorder();
    surfaces.push({ ...size, calls });
    return { surface: { ctx, ...size }, image: { surface: surfaces.length } };
  });
  const paint = (draws: Draw[]) => {
    const { ctx, calls } = recorder();
    const ground = ['#101010', '#202020'] as const;
    painter.paint(ctx, { draws, ...FRAME, ground } as unknown as DisplayList);
    return { calls, of: (...names: string[]) => calls.filter((c) => names.includes(c.name)), left: ctx };
  };
  return { painter, surfaces, paint };
}

const loop = (frame: number) => ({ kind: 'loop', frame, frames: 30 }) as PictureTexture['moving'];

describe('the canvas back end', () => {
  it('draws the part of a texture that is wanted to its place, blended as it is', () => {
    const { paint } = studio();
    const transform = [1, 0.1, 0, 1, 7, 8] as TextureDraw['transform'];
    const { of, left } = paint([draw(picture(), { alpha: 0.4, blend: 'soft-light', transform })]);
    const [call] = of('drawImage');
    expect(call?.args).toEqual([{ surface: 1 }, 4, 3, 20, 15, 1, 2, 30, 40]);
    expect([call?.alpha, call?.mode]).toEqual([0.4, 'soft-light']);
    expect(call?.set).toMatchObject({ imageSmoothingEnabled: true, imageSmoothingQuality: 'low' });
    expect(of('setTransform').map((c) => c.args)).toEqual([[...IDENTITY], [...transform], [...IDENTITY]]);
    expect([left.globalAlpha, left.globalCompositeOperation]).toEqual([1, 'source-over']);
    for (const blend of ['screen', 'multiply'] as const)
      expect(paint([draw(picture(), { blend })]).of('drawImage')[0]?.mode).toBe(blend);
    expect(paint([draw(picture())]).of('drawImage')[0]?.mode).toBe('source-over');
  });

  it('fills shapes, round or not, and clips what has a clip', () => {
    const { paint } = studio();
    const { calls } = paint([shape()]);
    expect(
      calls
        .filter((c) => ['rect', 'roundRect', 'fill', 'clip', 'save'].includes(c.name))
        .map((c) => [c.name, ...c.args]),
    ).toEqual([['rect', 1, 2, 3, 4], ['fill']]);
    expect(calls.find((c) => c.name === 'fill')).toMatchObject({ fill: '#ff0000', alpha: 0.5 });
    const area = { x: 0, y: 0, width: 9, height: 9, radius: 2, transform: [2, 0, 0, 2, 0, 0] };
    const clipped = paint([shape({ clip: area as never })]);
    expect(clipped.of('save', 'roundRect', 'clip', 'rect', 'fill', 'restore').map((c) => c.name)).toEqual([
      ...['save', 'roundRect', 'clip', 'rect', 'fill', 'restore'],
    ]);
    expect(clipped.of('roundRect')[0]?.args).toEqual([0, 0, 9, 9, 2]);
    expect(clipped.of('setTransform')[1]?.args).toEqual([2, 0, 0, 2, 0, 0]);
  });

  it('makes a texture once, and keeps it until it is cleared', () => {
    const { paint, painter, surfaces } = studio();
    paint([draw(picture()), draw(picture()), draw(picture({ assetId: 'bell' }))]);
    expect(surfaces).toHaveLength(2);
    expect(surfaces[0]).toMatchObject({ width: 40, height: 30 });
    paint([draw(picture())]);
    expect(surfaces).toHaveLength(2);
    painter.clear();
    paint([draw(picture())]);
    expect(surfaces).toHaveLength(3);
  });

  it('lets those go that were used longest ago when there are too many', () => {
    const { paint, surfaces } = studio();
    // Four of 24.01 MB are a little more than is kept.
    const large = (assetId: string) => draw(picture({ assetId, width: 3000, height: 2001 }));
    paint([large('a'), large('b'), large('c')]);
    paint([large('a')]);
    paint([large('d')]);
    expect(surfaces).toHaveLength(4);
    paint([large('a'), large('c'), large('d')]);
    expect(surfaces).toHaveLength(4);
    paint([large('b')]);
    expect(surfaces).toHaveLength(5);
  });

  it('shows what moves as it is, straight from its file, and never keeps a frame of it', () => {
    const { paint, surfaces } = studio();
    const { of } = paint([draw(picture({ moving: loop(3) }))]);
    // Two pixels of the file for one of the texture, from where its region begins.
    expect(of('drawImage')[0]?.args).toEqual([{ picture: 'boat/wide' }, 18, 6, 40, 30, 1, 2, 30, 40]);
    expect(surfaces).toHaveLength(0);
    const tint = { grade: GRADE_NAMES[0], strength: 1, opacity: 0.5, backdrop: '#000000' } as never;
    paint([draw(picture({ moving: loop(3), tint }))]);
    paint([draw(picture({ moving: loop(4), tint }))]);
    // The same surface again, for the next frame.
    expect(surfaces).toHaveLength(1);
    expect(surfaces[0]?.calls.filter((c) => c.name === 'drawImage')).toHaveLength(2);
  });

  it('shows the ground of the look where a picture is not there yet; light and grain wait', () => {
    const { paint, surfaces } = studio({
      ...namedSources,
      picture: () => null,
      grain: () => null,
      blurred: () => null,
    });
    const { of } = paint([draw(picture())]);
    expect(of('drawImage')[0]?.args).toEqual([{ surface: 2 }, 0, 0, 400, 300, 1, 2, 30, 40]);
    expect(surfaces.at(-1)).toMatchObject(FRAME);
    expect(paint([draw(picture({ moving: loop(0) }))]).of('drawImage')).toHaveLength(1);
    const grain: Texture = { kind: 'grain', width: 20, height: 20 };
    expect(paint([draw(grain, { blend: 'soft-light' })]).of('drawImage')).toEqual([]);
    // A surround without its blurred copy is its ink, and is made again until that is there.
    const surround: Texture = {
      ...{ kind: 'surround', width: 20, height: 20, assetId: 'boat' },
      view: 'wide',
      tint: null,
      ink: '#111111',
    };
    const before = surfaces.length;
    expect(paint([draw(surround)]).of('drawImage')).toHaveLength(1);
    paint([draw(surround)]);
    expect(surfaces).toHaveLength(before + 2);
  });

  it('can make textures ahead, so many at a time, and none of what moves', () => {
    const { painter, surfaces } = studio();
    const list = {
      draws: [
        shape(),
        draw(picture({ moving: loop(1) })),
        ...['a', 'b', 'c'].map((assetId) => draw(picture({ assetId }))),
      ],
    } as unknown as DisplayList;
    expect(painter.warm(list, 2)).toBe(2);
    expect(surfaces).toHaveLength(2);
    expect(painter.warm(list, 2)).toBe(1);
    expect(painter.warm(list, 2)).toBe(0);
    expect(painter.warm(list, 0)).toBe(0);
  });
});

describe('the key of a texture', () => {
  const clip = (more: object) =>
    ({
      kind: 'clip',
      clip: { inMs: 0, speed: 1, frames: 90, end: 'hold', ...more },
      run: 5,
    }) as unknown as PictureTexture['moving'];
  const tint = (more: object) =>
    ({ grade: 'plain', strength: 1, opacity: 1, backdrop: '#000000', ...more }) as never;
  const text = (more: object): Texture =>
    ({
      ...{ kind: 'text', width: 10, height: 10, text: 'a', font: 'f', colour: '#000000', tracking: 0 },
      ...{ transform: IDENTITY, outline: null, glow: null },
      ...more,
    }) as Texture;
  const path = (more: object): Texture =>
    ({
      kind: 'path',
      width: 10,
      height: 10,
      path: 'M 0 0',
      fill: null,
      stroke: null,
      transform: IDENTITY,
      ...more,
    }) as Texture;

  it('is another one for everything that changes a pixel, and the same for the same', () => {
    const all: Texture[] = [
      picture(),
      ...[{ width: 42 }, { height: 32 }, { assetId: 'bell' }, { view: 'tall' as const }].map(picture),
      ...['x', 'y', 'width', 'height'].map((k) => picture({ region: { ...picture().region, [k]: 77 } })),
      ...[
        loop(1),
        loop(2),
        clip({}),
        clip({ inMs: 40 }),
        clip({ speed: 2 }),
        clip({ frames: 80 }),
        clip({ end: 'loop' }),
      ].map((moving) => picture({ moving })),
      ...[{}, { grade: 'warm' }, { strength: 0.5 }, { opacity: 0.5 }, { backdrop: '#111111' }].map((t) =>
        picture({ tint: tint(t) }),
      ),
      ...['#000000', '#111111'].map(
        (ink): Texture => ({
          kind: 'surround',
          width: 40,
          height: 30,
          assetId: 'boat',
          view: 'wide',
          tint: null,
          ink,
        }),
      ),
      ...['#000000', '#111111'].map(
        (colour): Texture => ({ kind: 'plate', width: 40, height: 30, colour, tint: null }),
      ),
      { kind: 'plate', width: 40, height: 30, colour: '#000000', tint: tint({}) },
      ...(['#111111', '#222222'] as const).map(
        (c): Texture => ({ kind: 'ground', width: 40, height: 30, colours: ['#000000', c] }),
      ),
      ...[
        ...[
          {},
          { text: 'b' },
          { font: 'g' },
          { colour: '#111111' },
          { tracking: 1 },
          { transform: [1, 0, 0, 1, 0, 1] },
        ],
        ...[
          { outline: { colour: '#fff', width: 1 } },
          { outline: { colour: '#fff', width: 2 } },
          { outline: { colour: '#eee', width: 1 } },
        ],
        ...[
          { glow: { colour: '#fff', blur: 1, fall: 1 } },
          { glow: { colour: '#fff', blur: 2, fall: 1 } },
          { glow: { colour: '#fff', blur: 1, fall: 2 } },
        ],
      ].map(text),
      ...[
        {},
        { path: 'M 0 1' },
        { fill: '#fff' },
        { stroke: { colour: '#fff', width: 1 } },
        { transform: [1, 0, 0, 1, 1, 0] },
      ].map(path),
      ...[0.1, 0.2].map(
        (ramp): Texture => ({ kind: 'shade', width: 40, height: 30, colour: '#000000', ramp }),
      ),
      { kind: 'shade', width: 40, height: 30, colour: '#111111', ramp: 0.1 },
      { kind: 'light', width: 40, height: 30 },
      { kind: 'grain', width: 40, height: 30 },
      { kind: 'grain', width: 40, height: 32 },
    ];
    const keys = all.map(textureKey);
    expect(new Set(keys).size).toBe(all.length);
    expect(all.map((t) => textureKey(structuredClone(t)))).toEqual(keys);
    expect(textureKey(all[0] as Texture)).toBe(keys[0]);
  });
});
