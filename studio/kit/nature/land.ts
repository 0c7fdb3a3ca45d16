import { Path2D } from '@napi-rs/canvas';
import { mix } from '../colour.ts';
import { BLEED, type Paint, type Point } from '../paint.ts';
import * as paths from '../paths.ts';

/** Rolling ridge: sum of sines, filled to the bottom. */
export function hill(
  P: Paint,
  y: number,
  amp: number,
  o: { x0?: number; x1?: number; rough?: number; len?: number; depth?: number } = {},
) {
  const R = P.R,
    { x0 = -BLEED, x1 = 1920 + BLEED, rough = 0, len = 900, depth = 2200 } = o,
    a = R.r(0, 6),
    b = R.r(0, 6),
    c = R.r(0, 6),
    pts: [number, number][] = [];
  const f = (x: number) =>
    y -
    amp *
      (0.55 * Math.sin((x / len) * 6.283 + a) +
        0.3 * Math.sin((x / len) * 13.1 + b) +
        0.15 * Math.sin((x / len) * 23 + c));
  const p = new Path2D();
  p.moveTo(x0, y + depth);
  for (let x = x0; x <= x1; x += 30) p.lineTo(x, f(x) + (rough ? R.r(-rough, rough) : 0));
  p.lineTo(x1, y + depth);
  p.closePath();
  return Object.assign(p, { f });
}

/** Craggy mountain range from peaks. */
export function peaks(P: Paint, list: readonly Point[], base: number) {
  const p: [number, number][] = [
    [-BLEED, base + 2000],
    [-BLEED, base],
  ];
  for (const [x, y] of list) p.push([x, y]);
  p.push([1920 + BLEED, base], [1920 + BLEED, base + 2000]);
  return paths.round(p, 14);
}

export function sheet(
  P: Paint,
  path: Path2D,
  col: string,
  y: number,
  o: { mist?: number; top?: number; fall?: number; mistCol?: string; lift?: number } = {},
) {
  // hill sheet: a touch of mist at its foot
  const m = o.mist ?? 0.28;
  P.piece(
    path,
    P.lin(
      0,
      y - (o.top ?? 120),
      0,
      y + (o.fall ?? 300),
      mix(col, P.pal.sun, 0.08),
      mix(col, o.mistCol || P.pal.sky[3], m),
    ),
    { lift: o.lift ?? 4, grain: 0.6, edge: 0.25 },
  );
}

export function grass(
  P: Paint,
  x0: number,
  x1: number,
  y: number,
  h: number,
  col: string,
  step = 26,
  o: { lift?: number } = {},
) {
  const R = P.R,
    p = new Path2D();
  p.moveTo(x0, y + 900);
  for (let x = x0; x < x1; x += step) {
    const hh = h * R.r(0.45, 1.1),
      l = R.r(-0.5, 0.5) * step;
    p.lineTo(x, y);
    p.quadraticCurveTo(x + step * 0.3, y - hh * 0.6, x + step * 0.5 + l, y - hh);
    p.quadraticCurveTo(x + step * 0.6, y - hh * 0.4, x + step, y);
  }
  p.lineTo(x1, y + 900);
  p.closePath();
  P.piece(p, col, { lift: o.lift ?? 3, grain: 0.5 });
}
