import { createCanvas } from '@napi-rs/canvas';
import { beforeAll, describe, expect, it } from 'vitest';
import type { Size } from '../../core/look/formats.ts';
import { GRADE_NAMES } from '../../core/look/grades.ts';
import { frameAt } from '../../core/paint/frame.ts';
import { type DisplayList, type Draw, IDENTITY } from '../../core/paint/list.ts';
import { placed as drawn, wholeOf } from '../../core/paint/pictures.ts';
import type { PictureTexture, TextTexture } from '../../core/paint/textures.ts';
import { piece, scene } from '../../core/piece/testing.ts';
import { AUTO_FRAMING, PLAIN_GRADING, placed, type Scene } from '../../core/piece/types.ts';
import { compile, locate } from '../../core/timeline/compile.ts';
import type { Crop } from '../../core/timeline/types.ts';
import { knownFacts, typesetter } from '../material.ts';
import { shelf } from '../shelf/shelf.ts';
import { compareByChance } from './by-chance.ts';
import { fontFor, readyFonts } from './fonts.ts';
import type { PreparedSources } from './sources.ts';
import { paintedTwice, ssim } from './testing.ts';

describe('canvas and compositor', () => {
  // The bench compares two hundred.
  it('agree at two dozen moments of pieces made by chance', async () => {
    const worst = await compareByChance(6, 4);
    expect(worst[0]?.ssim, JSON.stringify(worst.slice(0, 6))).toBeGreaterThanOrEqual(0.99);
  });
});

describe('two pictures shown whole', () => {
  it('are both seen while one gives way to the other, also in the first frame that is painted', async () => {
    const [one = '', two = ''] = [...(await shelf()).entries.values()]
      .filter((e) => e.kind === 'still')
      .map((e) => e.id);
    const framing = { ...AUTO_FRAMING, fit: 'whole' as const, surround: 'blur' };
    const [before, after] = [one, two].map((id) =>
      scene(id, '', { durationMs: 2000, pictures: [{ ...placed(id), framing }] }),
    ) as [Scene, Scene];
    const document = piece([before, { ...after, transition: { kind: 'dissolve', lengthMs: 600 } }], {
      format: '1:1',
    });
    const timeline = compile(document, await knownFacts(document), typesetter());
    const size = { width: 256, height: 256 };
    const only = [frameAt(timeline, { index: 1, frame: 2 }, size)];
    const { canvas, compositor } = await paintedTwice(size, only);
    expect(ssim(canvas[0] as Buffer, compositor[0] as Buffer, size)).toBeGreaterThan(0.99);
  });
});

describe('a loop', () => {
  it('is the same by both from its beginning over its end, and while it gives way to itself', async () => {
    const loop = [...(await shelf()).entries.values()].find((e) => e.kind === 'loop')?.id ?? '';
    const scenes = ['a', 'b'].map((id) => scene(id, '', { durationMs: 7000, pictures: [placed(loop)] }));
    const document = piece([
      scenes[0] as Scene,
      { ...(scenes[1] as Scene), transition: { kind: 'dissolve', lengthMs: 400 } },
    ]);
    const timeline = compile(document, await knownFacts(document), typesetter());
    const size = { width: 216, height: 384 };
    const frames = Array.from({ length: 50 }, (_, i) => 172 + i);
    const lists = frames
      .map((f) => locate(timeline, f))
      .map(({ index, local }) => frameAt(timeline, { index, frame: local }, size));
    const { canvas, compositor } = await paintedTwice(size, lists);
    frames.forEach((f, i) => {
      expect(ssim(canvas[i] as Buffer, compositor[i] as Buffer, size), `frame ${f}`).toBeGreaterThan(0.99);
    });
  });
});

describe('a loop with a grading', () => {
  it.each(GRADE_NAMES)('has the same colours by both: %s', async (grade) => {
    const loop = [...(await shelf()).entries.values()].find((e) => e.kind === 'loop')?.id ?? '';
    const grading = { ...PLAIN_GRADING, grade, strength: 0.8, opacity: 0.7, backdrop: '#5a2030' };
    const document = piece([scene('a', '', { durationMs: 2000, pictures: [placed(loop)], grading })]);
    const timeline = compile(document, await knownFacts(document), typesetter());
    const size = { width: 216, height: 384 };
    const lists = [0, 1, 7].map((frame) => frameAt(timeline, { index: 0, frame }, size));
    const { canvas, compositor } = await paintedTwice(size, lists);
    // Decoders make colours of half as many pixels, the canvas of all: edges differ, means do not.
    for (const [i, frame] of canvas.entries()) {
      expect(ssim(frame, compositor[i] as Buffer, size)).toBeGreaterThan(0.985);
      expect(apart(frame, compositor[i] as Buffer, size)).toBeLessThan(1.5);
      const chroma = [frame, compositor[i] as Buffer].map((f) => f.subarray(size.width * size.height));
      expect(
        apart(chroma[0] as Buffer, chroma[1] as Buffer, { width: size.width, height: size.height / 2 }),
      ).toBeLessThan(1.5);
    }
  });
});

const SIZE = { width: 360, height: 640 };
const [DARK, LIGHT] = [0x24, 0xf2];
const isLine = (x: number, y: number): boolean => x % 7 === 3 || y % 11 === 5;

/** Luma of a part of that file on a frame, by the definition of bilinear sampling. */
function bilinear(file: Size, from: Crop): Uint8Array {
  const luma = (v: number) => 16 + (219 * v) / 255;
  const at = (x: number, y: number) =>
    luma(isLine(Math.min(x, file.width - 1), Math.min(y, file.height - 1)) ? LIGHT : DARK);
  const out = new Uint8Array(SIZE.width * SIZE.height);
  for (let y = 0; y < SIZE.height; y++)
    for (let x = 0; x < SIZE.width; x++) {
      const px = Math.max(0, from.x + ((x + 0.5) * from.width) / SIZE.width - 0.5);
      const py = Math.max(0, from.y + ((y + 0.5) * from.height) / SIZE.height - 0.5);
      const [ix, iy] = [Math.floor(px), Math.floor(py)];
      const [fx, fy] = [px - ix, py - iy];
      const upper = at(ix, iy) * (1 - fx) + at(ix + 1, iy) * fx;
      const lower = at(ix, iy + 1) * (1 - fx) + at(ix + 1, iy + 1) * fx;
      out[y * SIZE.width + x] = Math.round(upper * (1 - fy) + lower * fy);
    }
  return out;
}

/** A file of fine lines, light on dark, every few pixels in both directions. */
function lines(size: Size): PreparedSources {
  const canvas = createCanvas(size.width, size.height);
  const ctx = canvas.getContext('2d');
  ctx.fillStyle = '#242424';
  ctx.fillRect(0, 0, size.width, size.height);
  ctx.fillStyle = '#f2f2f2';
  for (let y = 0; y < size.height; y++)
    for (let x = 0; x < size.width; x++) {
      if (isLine(x, y)) ctx.fillRect(x, y, 1, 1);
    }
  const file = { image: canvas, ...size, shows: wholeOf(size) };
  return {
    prepare: async () => undefined,
    close: () => undefined,
    picture: () => file,
    blurred: () => null,
    font: fontFor,
    grain: () => null,
  };
}

const list = (size: Size, draws: readonly Draw[]): DisplayList => ({
  ...size,
  draws,
  ground: ['#000000', '#000000'],
});

/** Mean distance of luma, steps of 255. */
const apart = (a: Uint8Array, b: Uint8Array, { width, height }: Size): number => {
  let sum = 0;
  for (let i = 0; i < width * height; i++) sum += Math.abs((a[i] as number) - (b[i] as number));
  return sum / (width * height);
};

describe('a picture of fine lines', () => {
  const file = { width: 480, height: 800 };
  const texture: PictureTexture = {
    ...{ kind: 'picture', assetId: 'lines', view: 'tall', file, region: wholeOf(file) },
    ...{ moving: null, tint: null, ...file },
  };
  it.each([
    ['as it is', { x: 0, y: 0, width: 360, height: 640 }],
    ['between its pixels', { x: 20.37, y: 40.61, width: 360, height: 640 }],
    ['closer', { x: 33.2, y: 71.9, width: 297.5, height: 528.9 }],
    ['from farther off', { x: 4.7, y: 9.3, width: 441.1, height: 784.2 }],
  ])('stands in the same place by both, %s', async (_, from) => {
    const { canvas, compositor } = await paintedTwice(
      SIZE,
      [list(SIZE, [drawn(texture, from, wholeOf(SIZE))])],
      () => lines(file),
    );
    const [a, b] = [canvas[0] as Buffer, compositor[0] as Buffer];
    const exact = bilinear(file, from);
    expect(apart(exact, b, SIZE)).toBeLessThan(0.5);
    // The canvas samples at sixteenths of a pixel.
    expect(apart(a, b, SIZE)).toBeLessThan(4);
    for (const by of [-0.5, 0.5])
      expect(apart(bilinear(file, { ...from, x: from.x + by, y: from.y + by }), b, SIZE)).toBeGreaterThan(10);
  });

  it.each([
    ['turned', [Math.cos(0.1), Math.sin(0.1), -Math.sin(0.1), Math.cos(0.1), 60.3, 20.8] as const],
    ['on a part of the frame that ends between pixels', [0.5, 0, 0, 0.5, 41.5, 60.25] as const],
  ])('%s', async (_, transform) => {
    const draw: Draw = {
      ...drawn(texture, wholeOf(file), { x: 0, y: 0, width: 400, height: 667 }),
      transform,
    };
    const under = drawn(
      { kind: 'plate', colour: '#35557a', width: 16, height: 16, tint: null },
      { x: 0, y: 0, width: 16, height: 16 },
      wholeOf(SIZE),
    );
    const { canvas, compositor } = await paintedTwice(SIZE, [list(SIZE, [under, draw])], () => lines(file));
    expect(ssim(canvas[0] as Buffer, compositor[0] as Buffer, SIZE)).toBeGreaterThan(0.985);
  });
});

describe('words and shapes', () => {
  beforeAll(readyFonts);
  const text: TextTexture = {
    ...{ kind: 'text', text: 'Quayside', font: '700 60px "Nab figtree", sans-serif', colour: '#fffaf0' },
    ...{ width: 320, height: 120, transform: [1, 0.03, -0.03, 1, 12.3, 80.6] },
    ...{ tracking: 0, outline: null, glow: null },
  };
  const plate = drawn(
    { kind: 'plate', colour: '#1d4b52', width: 16, height: 16, tint: null },
    { x: 0, y: 0, width: 16, height: 16 },
    wholeOf(SIZE),
  );
  const clip = { x: 30.5, y: 100.5, width: 190.4, height: 300, radius: 0, transform: IDENTITY };
  const shape = (more: Partial<Draw & { kind: 'shape' }>): Draw => ({
    kind: 'shape',
    area: { x: 40.3, y: 200.7, width: 280.2, height: 66.6, radius: 9, transform: IDENTITY },
    colour: '#ffd23f',
    alpha: 1,
    clip: null,
    ...more,
  });
  const turned = [Math.cos(-0.04), Math.sin(-0.04), -Math.sin(-0.04), Math.cos(-0.04), 6, 12] as const;
  it.each([
    ['words', [drawn(text, wholeOf(text), { x: 20, y: 140, width: 320, height: 120 })]],
    [
      'words that fade',
      [{ ...drawn(text, wholeOf(text), { x: 20, y: 140, width: 320, height: 120 }), alpha: 0.4 }],
    ],
    [
      'words that are clipped',
      [{ ...drawn(text, wholeOf(text), { x: 20, y: 140, width: 320, height: 120 }), clip }],
    ],
    ['words beyond the edge', [drawn(text, wholeOf(text), { x: 200, y: -60, width: 320, height: 120 })]],
    ['words that move', [drawn(text, wholeOf(text), { x: 21.4, y: 143.3, width: 352, height: 132 })]],
    [
      'words that are still small',
      [drawn(text, wholeOf(text), { x: 61.3, y: 173.2, width: 112, height: 42 })],
    ],
    [
      'words within a circle',
      [
        {
          ...drawn(text, wholeOf(text), { x: 20, y: 140, width: 320, height: 120 }),
          clip: { x: 90.3, y: 110.2, width: 160, height: 160, radius: 80, transform: IDENTITY },
        },
      ],
    ],
    ['a strip', [shape({})]],
    [
      'a circle',
      [shape({ area: { x: 60.4, y: 200.3, width: 151, height: 151, radius: 75.5, transform: IDENTITY } })],
    ],
    [
      'a strip that is turned',
      [shape({ area: { x: 40, y: 200, width: 280, height: 66, radius: 9, transform: turned } })],
    ],
    ['a strip that is half there', [shape({ alpha: 0.5, clip })]],
    ['a shadow', [shape({ colour: 'rgba(20, 14, 30, 0.16)' })]],
    [
      'a thin line',
      [shape({ area: { x: 40, y: 201.2, width: 200, height: 0.6, radius: 0, transform: IDENTITY } })],
    ],
    [
      'a thin line that stands',
      [shape({ area: { x: 41.2, y: 120, width: 0.6, height: 200, radius: 0, transform: IDENTITY } })],
    ],
    [
      'a scrim',
      [shape({ area: { ...wholeOf(SIZE), radius: 0, transform: IDENTITY }, alpha: 0.62, colour: '#1d1b22' })],
    ],
  ] as [string, Draw[]][])('%s are the same by both', async (_, draws) => {
    const { canvas, compositor } = await paintedTwice(SIZE, [list(SIZE, [plate, ...draws])]);
    const [a, b] = [canvas[0] as Buffer, compositor[0] as Buffer];
    expect(ssim(a, b, SIZE)).toBeGreaterThan(0.995);
    const worst = a.reduce((m, v, i) => Math.max(m, Math.abs(v - (b[i] as number))), 0);
    // Round corners are the canvas's own curve.
    expect(worst).toBeLessThan(40);
    expect(apart(a, b, SIZE)).toBeLessThan(0.35);
  });
});
