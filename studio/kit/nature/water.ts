import { mix } from '../colour.ts';
import { nth } from '../named.ts';
import { BLEED, type Paint, type Point } from '../paint.ts';
import * as paths from '../paths.ts';

/** Sea: n overlapping wave strips. */
export function water(
  P: Paint,
  y0: number,
  y1: number,
  n: number,
  o: {
    layer?: (i: number, t: number, go: () => void) => void;
    between?: (i: number, y: number, t: number, col: string) => void;
  } = {},
) {
  const W = P.pal.water,
    R = P.R;
  for (let i = 0; i < n; i++) {
    const t = i / (n - 1 || 1),
      y = y0 + (y1 - y0) * t ** 1.35,
      ci = t * (W.length - 1),
      k = Math.floor(ci),
      col = mix(nth(W, k), nth(W, Math.min(W.length - 1, k + 1)), ci - k);
    const go = () => {
      P.piece(
        paths.wave(-BLEED, 1920 + BLEED, y, 2 + t * 11, 110 + t * 240, 1800, R.r(0, 500), 0.25),
        P.lin(0, y - 10, 0, y + 160, mix(col, P.pal.sun, 0.14), mix(col, P.pal.ink, 0.1)),
        { lift: 1.2 + t * 3, edge: 0.3, grain: 0.5 },
      );
    };
    o.layer ? o.layer(i, t, go) : go();
    o.between?.(i, y, t, col);
  }
}

export function reflect(
  P: Paint,
  x: number,
  y0: number,
  y1: number,
  w: number,
  col: string,
  n = 12,
  a = 0.8,
) {
  const R = P.R;
  for (let i = 0; i < n; i++) {
    const t = i / n,
      y = y0 + (y1 - y0) * t,
      ww = w * (1 - t * 0.55) * R.r(0.35, 1),
      h = 5 + t * 9;
    P.piece(paths.rrect(x - ww / 2 + R.r(-0.35, 0.35) * w * (0.4 + t), y, ww, h, h / 2), col, {
      lift: 0.7,
      grain: 0,
      edge: 0,
      a: a * (1 - t * 0.6),
    });
  }
}

export function steam(
  P: Paint,
  x: number,
  y: number,
  h: number,
  s = 1,
  col: string,
  a = 0.5,
  o: { ph?: number; set?: readonly Point[] } = {},
) {
  const ph = o.ph || 0;
  for (const [dx, k] of o.set || [
    [-26, 1],
    [8, 1.25],
    [38, 0.85],
  ]) {
    const pts: [number, number][] = [],
      n = 6;
    for (let i = 0; i <= n; i++) {
      const t = i / n;
      pts.push([x + dx * s + Math.sin(t * 5.2 + dx + ph) * 18 * s * (0.3 + t), y - h * k * t]);
    }
    P.piece(paths.tube(pts, [2 * s, 15 * s, 17 * s, 10 * s, 1]), col, {
      lift: 0.8,
      a,
      grain: 0.3,
      edge: 0.15,
    });
  }
}

export function rain(
  P: Paint,
  n: number,
  x0: number,
  y0: number,
  x1: number,
  y1: number,
  col: string,
  o: { slant?: number; s?: number } = {},
) {
  const R = P.R,
    sl = o.slant ?? 0.18;
  for (let i = 0; i < n; i++) {
    const x = R.r(x0, x1),
      y = R.r(y0, y1),
      l = R.r(24, 70) * (o.s || 1);
    P.line(
      paths.poly(
        [
          [x, y],
          [x - l * sl, y + l],
        ],
        false,
      ),
      col,
      R.r(1.5, 3.2) * (o.s || 1),
      R.r(0.25, 0.7),
    );
  }
}
