import { mix } from '../colour.ts';
import type { Paint } from '../paint.ts';
import * as paths from '../paths.ts';

export function gull(P: Paint, x: number, y: number, s: number, col: string, f = 0) {
  P.piece(
    paths.smooth([
      [x - 60 * s, y - (14 + f) * s],
      [x - 30 * s, y - (24 + f) * s],
      [x, y],
      [x + 30 * s, y - (24 + f) * s],
      [x + 60 * s, y - (14 + f) * s],
      [x + 28 * s, y - (10 + f * 0.5) * s],
      [x, y + 13 * s],
      [x - 28 * s, y - (10 + f * 0.5) * s],
    ]),
    col,
    { lift: 1.6, grain: 0 },
  );
}

export function bird(P: Paint, x: number, y: number, s: number, col: string, o: { face?: number } = {}) {
  // perched, facing right
  P.at(
    x,
    y,
    () => {
      const c2 = mix(col, P.pal.ink, 0.3),
        c3 = mix(col, P.pal.paper, 0.5);
      P.line(
        paths.poly(
          [
            [-4, 40],
            [-4, 62],
          ],
          false,
        ),
        P.pal.ink,
        4,
      );
      P.line(
        paths.poly(
          [
            [12, 40],
            [12, 62],
          ],
          false,
        ),
        P.pal.ink,
        4,
      );
      P.piece(
        paths.round(
          [
            [-48, 6],
            [-120, 34],
            [-112, 52],
            [-40, 34],
          ],
          6,
        ),
        c2,
        { lift: 1 },
      );
      P.piece(
        paths.smooth([
          [-56, 8],
          [-20, -30],
          [24, -56],
          [54, -52],
          [66, -30],
          [58, 4],
          [30, 40],
          [-14, 46],
          [-46, 32],
        ]),
        col,
        { lift: 2 },
      );
      P.piece(
        paths.smooth([
          [62, -20],
          [58, 6],
          [30, 38],
          [-6, 43],
          [20, 14],
          [40, -8],
        ]),
        c3,
        { lift: 0.6 },
      );
      P.piece(
        paths.smooth([
          [-56, 12],
          [-10, -20],
          [22, -8],
          [14, 18],
          [-24, 30],
        ]),
        c2,
        { lift: 1.2 },
      );
      P.piece(
        paths.poly([
          [62, -42],
          [88, -32],
          [62, -26],
        ]),
        P.pal.accent2,
        { lift: 0.8, grain: 0 },
      );
      P.ink(paths.circle(48, -36, 5), P.pal.ink);
    },
    { s, sx: s * (o.face || 1) },
  );
}
