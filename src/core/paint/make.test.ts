import { describe, expect, it } from 'vitest';
import { GRADES } from '../look/grades.ts';
import type { Sources } from './context.ts';
import { makeTexture, partIn } from './make.ts';
import { type Call, namedSources, recorder } from './testing.ts';
import type { PictureTexture, TextTexture, Texture, Tint } from './textures.ts';

const SIZE = { width: 200, height: 100 };
const NOTHING_YET: Sources = { ...namedSources, picture: () => null, blurred: () => null, grain: () => null };

function made(texture: Texture, sources: Sources = namedSources) {
  const { ctx, calls } = recorder();
  const complete = makeTexture({ ctx, ...SIZE }, texture, sources);
  const of = (...names: string[]) => calls.filter((c) => names.includes(c.name));
  return { complete, calls, of, left: ctx as unknown as Record<string, unknown> };
}
const stopsOf = (c: Call | undefined): unknown[] =>
  (c?.fill as { stops: unknown[] } | undefined)?.stops ?? [];

const tint = (more: Partial<NonNullable<Tint>> = {}): Tint => ({
  ...{ grade: 'sepia', strength: 0.5, opacity: 1, backdrop: '#203040' },
  ...more,
});
const GRADE =
  (Object.keys(GRADES) as (keyof typeof GRADES)[]).find((g) => GRADES[g].washes.length > 1) ?? 'sepia';

const picture = (more: Partial<PictureTexture> = {}): PictureTexture => ({
  ...{ kind: 'picture', ...SIZE, assetId: 'boat', view: 'wide', file: { width: 800, height: 600 } },
  ...{ region: { x: 100, y: 50, width: 400, height: 200 }, moving: null, tint: null },
  ...more,
});

describe('a picture', () => {
  it('is the part of the file that is asked for, at the size of the texture', () => {
    const { complete, of } = made(picture());
    expect(complete).toBe(true);
    expect(of('drawImage').map((c) => c.args)).toEqual([
      [{ picture: 'boat/wide' }, 100, 50, 400, 200, 0, 0, 200, 100],
    ]);
  });

  it('is drawn with the better filter the more it shrinks, and quickly while it moves', () => {
    const quality = (more: Partial<PictureTexture>) =>
      made(picture(more)).of('drawImage')[0]?.set.imageSmoothingQuality;
    const region = (width: number) => ({ region: { x: 0, y: 0, width, height: width / 2 } });
    expect(quality(region(200))).toBe('medium');
    expect(quality(region(260))).toBe('medium');
    expect(quality(region(261))).toBe('high');
    expect(
      quality({ ...region(800), moving: { kind: 'loop', frame: 0 as never, frames: 30 as never } }),
    ).toBe('low');
  });

  it('that is not there is not made; nor is grain, and a surround is its ink until then', () => {
    expect(made(picture(), NOTHING_YET)).toMatchObject({ complete: false });
    expect(made(picture(), NOTHING_YET).of('drawImage', 'fillRect')).toEqual([]);
    expect(made({ kind: 'grain', ...SIZE }, NOTHING_YET)).toMatchObject({ complete: false });
    const surround: Texture = {
      kind: 'surround',
      ...SIZE,
      assetId: 'boat',
      view: 'wide',
      tint: null,
      ink: '#101820',
    };
    const waiting = made(surround, NOTHING_YET);
    expect(waiting.complete).toBe(false);
    expect(waiting.of('fillRect').map((c) => [c.fill, ...c.args])).toEqual([['#101820', 0, 0, 200, 100]]);
    const there = made(surround);
    expect(there.complete).toBe(true);
    // The middle of the blurred copy in the proportions of the frame, a little larger than the frame.
    const [image, x, y, w, h, ...to] = (there.of('drawImage')[0]?.args ?? []) as number[];
    expect([image, ...to]).toEqual([{ picture: 'boat/blurred' }, 0, 0, 200, 100]);
    expect((w as number) / (h as number)).toBeCloseTo(2, 5);
    expect(w).toBeCloseTo(100 / 1.06, 5);
    expect((x as number) + (w as number) / 2).toBeCloseTo(50, 5);
    expect((y as number) + (h as number) / 2).toBeCloseTo(50, 5);
  });

  it('of which only a part is there is found in that part', () => {
    const file = { image: null, width: 100, height: 50, shows: { x: 200, y: 100, width: 400, height: 200 } };
    expect(partIn(file, { x: 300, y: 150, width: 200, height: 100 })).toEqual({
      x: 25,
      y: 12.5,
      width: 50,
      height: 25,
    });
  });
});

describe('a grading', () => {
  it('lays its washes over the picture, as strong as it is set, and leaves the context as it was', () => {
    const { of, left } = made(picture({ tint: tint({ grade: GRADE }) }));
    const { washes } = GRADES[GRADE];
    expect(of('fillRect').map((c) => [c.mode, c.alpha, c.fill])).toEqual(
      washes.map((w) => [w.mode, w.alpha * 0.5, w.colour]),
    );
    expect(of('drawImage', 'fillRect')[0]?.name).toBe('drawImage');
    expect([left.globalAlpha, left.globalCompositeOperation]).toEqual([1, 'source-over']);
  });

  it('that lets the backdrop through is drawn over it', () => {
    const { of } = made(picture({ tint: tint({ grade: GRADE, opacity: 0.6 }) }));
    const [first, second] = of('drawImage', 'fillRect');
    expect([first?.name, first?.fill, first?.alpha]).toEqual(['fillRect', '#203040', 1]);
    expect([second?.name, second?.alpha]).toEqual(['drawImage', 0.6]);
    const opaque = made({ kind: 'plate', ...SIZE, colour: '#abcdef', tint: tint({ grade: GRADE }) });
    expect(opaque.of('fillRect')[0]?.fill).toBe('#abcdef');
    expect(made({ kind: 'plate', ...SIZE, colour: '#abcdef', tint: null }).of('fillRect')).toHaveLength(1);
  });
});

describe('grounds and lights', () => {
  it('a ground goes from one colour at the top to another at the bottom', () => {
    const { complete, of } = made({ kind: 'ground', ...SIZE, colours: ['#111111', '#eeeeee'] });
    expect(complete).toBe(true);
    expect(of('fillRect').map((c) => c.args)).toEqual([[0, 0, 200, 100]]);
    expect(stopsOf(of('fillRect')[0])).toEqual([
      'createLinearGradient',
      0,
      0,
      0,
      100,
      0,
      '#111111',
      1,
      '#eeeeee',
    ]);
  });

  it('a shade comes and goes without an edge, and is its whole colour between', () => {
    const { of } = made({ kind: 'shade', ...SIZE, colour: '#204060', ramp: 0.3 });
    const stops = stopsOf(of('fillRect')[0]).slice(5) as (number | string)[];
    const at = stops.filter((_, i) => i % 2 === 0) as number[];
    const alpha = stops
      .filter((_, i) => i % 2 === 1)
      .map((c) => {
        expect(c).toMatch(/^rgba\(32, 64, 96, /);
        return Number(/, ([\d.e-]+)\)$/.exec(String(c))?.[1]);
      });
    expect(at).toHaveLength(14);
    expect(at).toEqual([...at].sort((a, b) => a - b));
    expect([at[0], at[6], at[7], at.at(-1)]).toEqual([0, 0.3, 0.7, 1]);
    expect([alpha[0], alpha[6], alpha[7], alpha.at(-1)]).toEqual([0, 1, 1, 0]);
    expect(alpha[3]).toBeCloseTo(0.5, 9);
    expect(alpha).toEqual([...alpha].reverse());
    for (let i = 1; i <= 6; i++) expect(alpha[i]).toBeGreaterThan(alpha[i - 1] as number);
  });

  it('a light falls off from its middle to black', () => {
    const stops = stopsOf(made({ kind: 'light', ...SIZE }).of('fillRect')[0]);
    expect(stops.slice(0, 7)).toEqual(['createRadialGradient', 100, 100, 0, 100, 100, 100]);
    expect([stops[7], stops.at(-2), stops.at(-1)]).toEqual([0, 1, '#000000']);
  });

  it('grain is one tile over all', () => {
    expect(made({ kind: 'grain', ...SIZE }).of('drawImage')[0]?.args).toEqual([
      ...[{ picture: 'grain' }, 0, 0, 384, 384, 0, 0, 200, 100],
    ]);
  });
});

describe('words', () => {
  const text = (more: Partial<TextTexture> = {}): TextTexture => ({
    ...{ kind: 'text', ...SIZE, text: 'Ferry', font: 'bold 40px Nab', colour: '#112233' },
    ...{ transform: [1, 0, 0, 1, 5, 50] as TextTexture['transform'], tracking: 2, outline: null, glow: null },
    ...more,
  });

  it('stand on their baseline in their font and colour', () => {
    const { of, left } = made(text(), { ...namedSources, font: (css, t) => `${css} for ${t}` });
    const [fill] = of('fillText', 'strokeText');
    expect(fill).toMatchObject({ name: 'fillText', args: ['Ferry', 0, 0], fill: '#112233' });
    expect(fill?.set).toMatchObject({
      ...{ font: 'bold 40px Nab for Ferry', letterSpacing: '2px', direction: 'ltr' },
      ...{ textBaseline: 'alphabetic', textAlign: 'left' },
    });
    expect(of('setTransform').map((c) => c.args)).toEqual([
      [1, 0, 0, 1, 0, 0],
      [1, 0, 0, 1, 5, 50],
    ]);
    expect([left.letterSpacing, left.direction]).toEqual(['0px', 'ltr']);
    expect(made(text({ text: 'מעבורת' })).of('fillText')[0]?.set.direction).toBe('rtl');
  });

  it('have an outline below their letters, and a glow of whichever is drawn first', () => {
    const glow = { colour: '#ff0000', blur: 6, fall: 3 };
    const outline = { colour: '#ffffff', width: 4 };
    const [stroke, fill] = made(text({ outline, glow })).of('fillText', 'strokeText');
    expect(stroke).toMatchObject({ name: 'strokeText', args: ['Ferry', 0, 0] });
    expect(stroke?.set).toMatchObject({ strokeStyle: '#ffffff', lineWidth: 8, lineJoin: 'round' });
    expect(stroke?.set).toMatchObject({
      shadowColor: '#ff0000',
      shadowBlur: 6,
      shadowOffsetX: 0,
      shadowOffsetY: 3,
    });
    expect([fill?.name, fill?.set.shadowColor]).toEqual(['fillText', 'rgba(0, 0, 0, 0)']);
    const glowing = made(text({ glow }));
    expect(glowing.of('strokeText')).toEqual([]);
    expect(glowing.of('fillText')[0]?.set.shadowColor).toBe('#ff0000');
    expect(glowing.left).toMatchObject({ shadowColor: 'rgba(0, 0, 0, 0)', shadowBlur: 0, shadowOffsetY: 0 });
  });
});

describe('paths', () => {
  const path = (d: string, more: object = {}): Texture => ({
    ...{ kind: 'path', ...SIZE, path: d, fill: null, stroke: null, transform: [2, 0, 0, 2, 1, 1] },
    ...more,
  });

  it('are traced as they are written, then filled, then drawn as a line', () => {
    const stroke = { colour: '#00ff00', width: 3 };
    const { of, calls } = made(path('M 1 2 L 3 4 Q 5 6 7 8 C 1 2 3 4 5 6 Z', { fill: '#123456', stroke }));
    expect(
      of('moveTo', 'lineTo', 'quadraticCurveTo', 'bezierCurveTo', 'closePath').map((c) => [
        c.name,
        ...c.args,
      ]),
    ).toEqual([
      ['moveTo', 1, 2],
      ['lineTo', 3, 4],
      ['quadraticCurveTo', 5, 6, 7, 8],
      ['bezierCurveTo', 1, 2, 3, 4, 5, 6],
      ['closePath'],
    ]);
    expect(calls.map((c) => c.name).slice(-2)).toEqual(['fill', 'stroke']);
    expect(of('fill')[0]?.fill).toBe('#123456');
    expect(of('stroke')[0]?.set).toMatchObject({ strokeStyle: '#00ff00', lineWidth: 3, lineJoin: 'round' });
    expect(of('setTransform').at(-1)?.args).toEqual([2, 0, 0, 2, 1, 1]);
    expect(of('beginPath')).toHaveLength(1);
  });

  it('may be only one of both, and know no other commands', () => {
    expect(
      made(path('M 0 0', { fill: '#000000' }))
        .of('fill', 'stroke')
        .map((c) => c.name),
    ).toEqual(['fill']);
    expect(
      made(path('M 0 0', { stroke: { colour: '#000000', width: 1 } }))
        .of('fill', 'stroke')
        .map((c) => c.name),
    ).toEqual(['stroke']);
    expect(() => made(path('M 0 0 A 1 1'))).toThrow(/not A/);
  });
});
