import { describe, expect, it } from 'vitest';
import type { Size } from '../../core/look/formats.ts';
import { TRANSITION_KINDS, TRANSITIONS } from '../../core/look/transitions.ts';
import { type Draw, IDENTITY } from '../../core/paint/list.ts';
import { placed, wholeOf } from '../../core/paint/pictures.ts';
import type { PictureTexture } from '../../core/paint/textures.ts';
import { paintedTwice, patternSources, ssim } from './testing.ts';

const SIZE: Size = { width: 180, height: 320 };
const SCENERY = { size: SIZE, ink: '#101014', paper: '#faf6ea' };

/** A whole frame of a picture, by its name. */
const side = (assetId: string): Draw[] => {
  const texture: PictureTexture = {
    ...{ kind: 'picture', assetId, view: 'tall', file: SIZE, moving: null, tint: null },
    ...SIZE,
    region: wholeOf(SIZE),
  };
  return [placed(texture, wholeOf(SIZE), wholeOf(SIZE))];
};
const shape = (colour: string): Draw => ({
  ...{ kind: 'shape', alpha: 1, clip: null, colour },
  area: { ...wholeOf(SIZE), radius: 0, transform: IDENTITY },
});
/** Nothing of this colour may be seen: it lies under both sides. */
const HOLE = '#ff00ff';
const list = (draws: readonly Draw[]) => ({
  ...SIZE,
  ground: ['#000000', '#000000'] as const,
  draws: [shape(HOLE), ...draws],
});

const at = (kind: (typeof TRANSITION_KINDS)[number], t: number, before = side('one'), after = side('two')) =>
  list(TRANSITIONS[kind].between(before, after, t, SCENERY));

describe.each(TRANSITION_KINDS)('the transition %s', (kind) => {
  const { takesTime } = TRANSITIONS[kind];

  it('begins with what was and ends with what comes, and shows both painters the same', async () => {
    const moments = takesTime ? [0.0005, 0.2, 0.5, 0.8, 0.9995] : [0.5];
    const lists = [list(side('one')), list(side('two')), ...moments.map((t) => at(kind, t))];
    const { canvas, compositor } = await paintedTwice(SIZE, lists, patternSources(SIZE));
    const [one, two, ...frames] = canvas as [Buffer, Buffer, ...Buffer[]];
    const like = (a: Buffer, b: Buffer) => ssim(a, b, SIZE);
    if (takesTime) expect(like(frames[0] as Buffer, one)).toBeGreaterThan(0.97);
    expect(like(frames.at(-1) as Buffer, two)).toBeGreaterThan(0.97);
    for (const [i, frame] of canvas.entries())
      expect(like(frame as Buffer, compositor[i] as Buffer)).toBeGreaterThanOrEqual(0.99);
  });

  it('leaves no hole, and nothing of it is left when it is over', async () => {
    const moments = takesTime ? [0.01, 0.13, 0.31, 0.5, 0.62, 0.84, 0.99] : [0.5];
    const flat = (colour: string) => [shape(colour)];
    const lists = moments.map((t) => at(kind, t, flat('#204060'), flat('#c0a030')));
    const { canvas } = await paintedTwice(SIZE, lists, patternSources(SIZE));
    // A hole would show magenta, whose red-difference and blue-difference are both high.
    const plane = SIZE.width * SIZE.height;
    for (const frame of canvas as Buffer[]) {
      let holes = 0;
      for (let i = 0; i < plane / 4; i++) {
        const [u, v] = [frame[plane + i] ?? 0, frame[plane + plane / 4 + i] ?? 0];
        if (u > 170 && v > 170) holes++;
      }
      expect(holes).toBe(0);
    }
  });

  it('takes what lies over pictures along: clips and other blend modes', () => {
    const clip = { x: 20, y: 20, width: 90, height: 120, radius: 0, transform: IDENTITY };
    const over: Draw = { ...(side('one')[0] as Draw & { kind: 'texture' }), blend: 'screen', clip };
    for (const t of takesTime ? [0.2, 0.5, 0.8] : [0.5])
      for (const d of at(kind, t, [...side('one'), over], [...side('two'), over]).draws) {
        expect([d.alpha >= 0 && d.alpha <= 1, d.clip === null || d.clip.width > 0]).toEqual([true, true]);
        // The compositor blends upright textures only.
        if (d.kind === 'texture' && d.blend !== 'over')
          expect([d.transform[1], d.transform[2], d.transform[0] > 0]).toEqual([0, 0, true]);
      }
  });
});
