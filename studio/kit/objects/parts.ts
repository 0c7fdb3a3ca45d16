import { mix } from '../colour.ts';
import * as nature from '../nature.ts';
import type { Paint } from '../paint.ts';
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
