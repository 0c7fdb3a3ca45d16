import { Path2D } from '@napi-rs/canvas';
import { mix } from '../colour.ts';
import type { Paint } from '../paint.ts';
import * as paths from '../paths.ts';

export function round(P: Paint, x: number, y: number, s: number, col: string, o: { trunk?: string } = {}) {
  const R = P.R;
  P.piece(
    paths.tube(
      [
        [x, y + 4],
        [x + 2 * s, y - 60 * s],
        [x, y - 130 * s],
      ],
      [16 * s, 11 * s, 7 * s],
      { cap: 'flat' },
    ),
    o.trunk || mix(P.pal.ink, col, 0.25),
    { lift: 1 },
  );
  const blob = (dx: number, dy: number, r: number) => {
    const p: [number, number][] = [],
      n = 9;
    for (let i = 0; i < n; i++) {
      const a = (i / n) * 6.283;
      const q = r * R.r(0.88, 1.1);
      p.push([x + dx * s + Math.cos(a) * q * s, y + dy * s + Math.sin(a) * q * s]);
    }
    return paths.smooth(p);
  };
  P.piece(blob(0, -165, 78), mix(col, P.pal.ink, 0.18), { lift: 2 });
  P.piece(blob(-22, -150, 52), col, { lift: 1.2 });
  P.piece(blob(22, -190, 44), mix(col, P.pal.sun, 0.2), { lift: 1.2 });
}

export function fir(P: Paint, x: number, y: number, s: number, col: string) {
  P.piece(paths.rect(x - 6 * s, y - 30 * s, 12 * s, 36 * s), mix(P.pal.ink, col, 0.3), { lift: 0.8 });
  for (let i = 0; i < 4; i++) {
    const w = (78 - i * 15) * s,
      yy = y - (24 + i * 46) * s,
      h = 82 * s;
    P.piece(
      paths.round(
        [
          [x - w, yy],
          [x, yy - h],
          [x + w, yy],
          [x + w * 0.5, yy - 8 * s],
          [x, yy + 6 * s],
          [x - w * 0.5, yy - 8 * s],
        ],
        5 * s,
      ),
      mix(col, P.pal.sun, i * 0.05),
      { lift: 1.2 },
    );
  }
}

export function poplar(P: Paint, x: number, y: number, s: number, col: string) {
  P.piece(paths.rect(x - 5 * s, y - 40 * s, 10 * s, 44 * s), P.pal.ink, { lift: 0.6 });
  P.piece(
    paths.smooth([
      [x, y - 290 * s],
      [x + 30 * s, y - 190 * s],
      [x + 34 * s, y - 80 * s],
      [x, y - 24 * s],
      [x - 34 * s, y - 80 * s],
      [x - 28 * s, y - 190 * s],
    ]),
    col,
    { lift: 2 },
  );
}

export function branch(
  P: Paint,
  x: number,
  y: number,
  len: number,
  ang: number,
  w: number,
  depth: number,
  col: string,
  leaf?: (x: number, y: number, ang: number) => void,
) {
  const R = P.R,
    x1 = x + Math.cos(ang) * len,
    y1 = y + Math.sin(ang) * len,
    b = R.r(-0.16, 0.16) * len;
  P.piece(
    paths.tube(
      [
        [x, y],
        [(x + x1) / 2 - Math.sin(ang) * b, (y + y1) / 2 + Math.cos(ang) * b],
        [x1, y1],
      ],
      [w, w * 0.82, w * 0.62],
    ),
    col,
    { lift: depth > 2 ? 2 : 1, grain: depth > 2 ? 0.5 : 0 },
  );
  if (depth > 0) {
    const n = depth > 2 ? 3 : 2;
    for (let i = 0; i < n; i++)
      branch(
        P,
        x1,
        y1,
        len * R.r(0.62, 0.8),
        ang + (i - (n - 1) / 2) * R.r(0.45, 0.75) + R.r(-0.12, 0.12),
        w * 0.6,
        depth - 1,
        col,
        leaf,
      );
  } else if (leaf) leaf(x1, y1, ang);
}

export function leaf(x: number, y: number, len: number, ang: number, fat = 0.42) {
  const c = Math.cos(ang),
    s = Math.sin(ang),
    t = (u: number, v: number): [number, number] => [
      x + c * u * len - s * v * len,
      y + s * u * len + c * v * len,
    ];
  const p = new Path2D();
  p.moveTo(...(t(0, 0) as [number, number]));
  p.bezierCurveTo(
    ...(t(0.25, -fat) as [number, number]),
    ...(t(0.75, -fat * 0.8) as [number, number]),
    ...(t(1, 0) as [number, number]),
  );
  p.bezierCurveTo(
    ...(t(0.75, fat * 0.8) as [number, number]),
    ...(t(0.25, fat) as [number, number]),
    ...(t(0, 0) as [number, number]),
  );
  p.closePath();
  return p;
}

export function leafP(
  P: Paint,
  x: number,
  y: number,
  len: number,
  ang: number,
  col: string,
  o: { fat?: number; lift?: number; grain?: number; vein?: number } = {},
) {
  P.piece(leaf(x, y, len, ang, o.fat), col, { lift: o.lift ?? 1.2, grain: o.grain ?? 0.4 });
  if (o.vein !== 0)
    P.line(
      paths.poly(
        [
          [x + Math.cos(ang) * len * 0.08, y + Math.sin(ang) * len * 0.08],
          [x + Math.cos(ang) * len * 0.86, y + Math.sin(ang) * len * 0.86],
        ],
        false,
      ),
      mix(col, P.pal.ink, 0.35),
      Math.max(1.2, len * 0.022),
      0.6,
    );
}
