import { type Affine, type Area, type Draw, IDENTITY, type TextureDraw } from '../../paint/list.ts';
import type { Size } from '../formats.ts';
import type { Rect } from '../types.ts';

/** Draws of a side, less opaque. */
export const sheer = (draws: readonly Draw[], alpha: number): Draw[] =>
  alpha <= 0 ? [] : draws.map((d) => ({ ...d, alpha: d.alpha * alpha }));

const shifted = ([a, b, c, d, e, f]: Affine, dx: number, dy: number): Affine => [a, b, c, d, e + dx, f + dy];

const movedArea = (area: Area, dx: number, dy: number): Area => ({
  ...area,
  transform: shifted(area.transform, dx, dy),
});

/** Even, so that what is moved still stands on whole samples of colour. */
export const even = (v: number): number => 2 * Math.round(v / 2);

/** Draws moved by so many pixels, rounded to even ones. */
export function moved(draws: readonly Draw[], x: number, y: number): Draw[] {
  const [dx, dy] = [even(x), even(y)];
  if (!dx && !dy) return [...draws];
  return draws.map((d): Draw => {
    const clip = d.clip && movedArea(d.clip, dx, dy);
    if (d.kind === 'shape') return { ...d, clip, area: movedArea(d.area, dx, dy) };
    const upright = d.transform === IDENTITY;
    return upright
      ? { ...d, clip, to: { ...d.to, x: d.to.x + dx, y: d.to.y + dy } }
      : { ...d, clip, transform: shifted(d.transform, dx, dy) };
  });
}

/** Draws as large as k times, about a point. */
export function scaled(draws: readonly Draw[], k: number, at: { x: number; y: number }): Draw[] {
  const by = ([a, b, c, d, e, f]: Affine): Affine => [
    ...([a * k, b * k, c * k, d * k] as const),
    ...([at.x + (e - at.x) * k, at.y + (f - at.y) * k] as const),
  ];
  const area = (of: Area): Area => ({ ...of, transform: by(of.transform) });
  return draws.map((d): Draw => {
    const clip = d.clip && area(d.clip);
    return d.kind === 'shape'
      ? { ...d, clip, area: area(d.area) }
      : { ...d, clip, transform: by(d.transform) };
  });
}

export const upright = (rect: Rect, radius = 0): Area => ({ ...rect, radius, transform: IDENTITY });

const wholeFrame = ({ width, height }: Size): Rect => ({ x: 0, y: 0, width, height });

const isUpright = ({ transform: [a, b, c, d] }: Area): boolean => b === 0 && c === 0 && a > 0 && d > 0;

/** An upright area in pixels of the frame. */
const inFrame = ({ x, y, width, height, transform: [a, , , d, e, f] }: Area): Rect => ({
  ...{ x: x * a + e, y: y * d + f },
  ...{ width: width * a, height: height * d },
});

function both(a: Area, b: Area): Area {
  if (!isUpright(a) || !isUpright(b)) return b;
  const [p, q] = [inFrame(a), inFrame(b)];
  const x = Math.max(p.x, q.x);
  const y = Math.max(p.y, q.y);
  const width = Math.max(0, Math.min(p.x + p.width, q.x + q.width) - x);
  const height = Math.max(0, Math.min(p.y + p.height, q.y + q.height) - y);
  // Corners stay round where the smaller area is whole.
  const round = [a, b].find((o) => inFrame(o).width === width && inFrame(o).height === height);
  return upright({ x, y, width, height }, round ? round.radius * round.transform[0] : 0);
}

/** Draws of which only what lies in an area is seen. */
export const clipped = (draws: readonly Draw[], area: Area): Draw[] =>
  area.width <= 0 || area.height <= 0
    ? []
    : draws
        .map((d): Draw => ({ ...d, clip: d.clip ? both(d.clip, area) : area }))
        .filter((d) => d.clip === null || (d.clip.width > 0 && d.clip.height > 0));

/** A whole frame of one colour. */
export const flood = (size: Size, colour: string, alpha = 1): Draw => ({
  ...{ kind: 'shape', area: upright(wholeFrame(size)), colour, alpha, clip: null },
});

/** Still pictures as they are out of focus: made so many times smaller and drawn as large. What moves stays as it is. */
export const outOfFocus = (draws: readonly Draw[], times: number): Draw[] =>
  draws.map((d): Draw => {
    if (d.kind !== 'texture' || d.texture.kind !== 'picture' || d.texture.moving) return d;
    const { texture, from } = d;
    const less = (n: number) => Math.max(4, 2 * Math.round(n / times / 2));
    const [width, height] = [less(texture.width), less(texture.height)];
    const [kx, ky] = [width / texture.width, height / texture.height];
    const part = { x: from.x * kx, y: from.y * ky, width: from.width * kx, height: from.height * ky };
    return { ...d, texture: { ...texture, width, height }, from: part } satisfies TextureDraw;
  });
