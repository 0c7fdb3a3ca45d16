import { mix } from '../colour.ts';
import * as nature from '../nature.ts';
import type { Paint, Point } from '../paint.ts';
import * as paths from '../paths.ts';

/** A colour with light from the left, from x0 to x1. */
export const shade = (P: Paint, col: string, x0 = -150, x1 = 150) =>
  P.lin(x0, 0, x1, 0, mix(col, P.pal.paper, 0.16), mix(col, P.pal.shadow, 0.2));

export const heart = (x: number, y: number, r: number) =>
  paths.smooth(
    [
      [x, y + r],
      [x - r * 0.95, y + r * 0.02],
      [x - r * 0.9, y - r * 0.62],
      [x - r * 0.42, y - r * 0.82],
      [x, y - r * 0.44],
      [x + r * 0.42, y - r * 0.82],
      [x + r * 0.9, y - r * 0.62],
      [x + r * 0.95, y + r * 0.02],
    ],
    true,
    0.9,
  );

/** A young plant in a heap of soil. */
export function sprout(P: Paint): void {
  const p = P.pal;
  P.piece(
    paths.smooth(
      [
        [-110, 0],
        [-70, -34],
        [70, -34],
        [110, 0],
      ],
      true,
      0.7,
    ),
    p.c('soil'),
    { lift: 2 },
  );
  P.piece(
    paths.tube(
      [
        [0, -20],
        [4, -90],
        [0, -150],
      ],
      [10, 8, 6],
    ),
    p.c('leafD'),
    { lift: 1.4 },
  );
  nature.leafP(P, 0, -140, 100, -2.5, p.c('leafL'), { lift: 1.6 });
  nature.leafP(P, 0, -140, 110, -0.6, p.c('leaf'), { lift: 1.6 });
}

/** A sheet of a local colour, t lighter (or darker, below 0). */
export const put = (P: Paint, path: ReturnType<typeof paths.rect>, col: string, lift = 2, t = 0) =>
  P.piece(path, t > 0 ? P.pal.l(col, t) : t < 0 ? P.pal.d(col, -t) : P.pal.c(col), { lift });

/** An ellipse, a round box and a bar between points, of a local colour. */
export const oval = (P: Paint, x: number, y: number, rx: number, ry: number, col: string, lift = 2, t = 0) =>
  put(P, paths.ellipse(x, y, rx, ry), col, lift, t);
export const block = (
  P: Paint,
  x: number,
  y: number,
  w: number,
  h: number,
  r: number,
  col: string,
  lift = 2,
  t = 0,
) => put(P, paths.rrect(x, y, w, h, r), col, lift, t);
export const bar = (P: Paint, pts: readonly Point[], ws: readonly number[], col: string, lift = 2, t = 0) =>
  put(P, paths.tube(pts, ws), col, lift, t);

/** A dark eye with a spark. */
export function eye(P: Paint, x: number, y: number, r = 9): void {
  P.ink(paths.circle(x, y, r), P.pal.ink);
  P.ink(paths.circle(x + r * 0.3, y - r * 0.35, r * 0.32), P.pal.paper);
}

/** A wheel from the side. */
export const wheel = (P: Paint, x: number, y: number, r: number) => {
  oval(P, x, y, r, r, 'dark', 3);
  oval(P, x, y, r * 0.58, r * 0.58, 'steel', 1.5);
  oval(P, x, y, r * 0.2, r * 0.2, 'steelD', 1);
};
