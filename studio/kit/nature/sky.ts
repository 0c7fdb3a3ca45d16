import type { Path2D } from '@napi-rs/canvas';
import { mix } from '../colour.ts';
import { nth } from '../named.ts';
import { BLEED, type Paint } from '../paint.ts';
import * as paths from '../paths.ts';

/** Sky: ground sheet + concentric halo sheets round the light (the house signature) */
export function sky(
  P: Paint,
  o: {
    x?: number;
    y?: number;
    r?: number;
    halos?: number;
    step?: number;
    hor?: number;
    moon?: boolean;
    sun?: boolean;
    halo?: number;
    stars?: number;
  } = {},
) {
  const {
      x = 1250,
      y = 520,
      r = 110,
      halos = 4,
      step = 150,
      hor = 760,
      moon = P.pal.moon,
      sun = !P.pal.overcast,
    } = o,
    S = P.pal.sky;
  P.piece(paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED), P.lin(0, -200, 0, hor, ...S), {
    lift: 0,
    edge: 0,
    grain: 0.45,
  });
  for (let i = halos; i > 0; i--) {
    const rr = r + step * i * (1 + i * 0.08),
      t = 1 - i / (halos + 1),
      k = 0.1 + t * 0.52;
    P.piece(
      wobble(P, x, y, rr, 0.012),
      P.lin(
        0,
        -200,
        0,
        hor,
        ...S.map((c, j) => mix(mix(c, nth(S, Math.min(3, j + 1)), t * 0.6), P.pal.sun, k * (o.halo ?? 1))),
      ),
      { lift: 1.6, edge: 0.2, grain: 0.42 },
    );
  }
  if (P.pal.stars && o.stars !== 0) stars(P, 80, -300, -300, 2200, hor * 0.66);
  if (!sun)
    for (const [cx, cy, cs, k] of [
      [x - 60, y + 20, 1.25, 0.2],
      [x - 620, y - 120, 1.5, 0.35],
      [x + 420, y - 190, 1.6, 0.3],
    ] as const)
      puff(P, cx, cy, cs, mix(P.pal.sky[1], P.pal.paper, k), { lift: 3 });
  if (sun) {
    P.glow(x, y, r * 3.2, P.pal.sun, 0.5);
    P.piece(
      moon ? crescent(x, y, r) : paths.circle(x, y, r),
      P.lin(0, y - r, 0, y + r, P.pal.sun, mix(P.pal.sun, P.pal.accent2, moon ? 0.08 : 0.35)),
      { lift: 2 },
    );
  }
}

export function wobble(P: Paint, x: number, y: number, r: number, amt = 0.02) {
  const p: [number, number][] = [],
    n = 22,
    R = P.R;
  for (let i = 0; i < n; i++) {
    const a = (i / n) * Math.PI * 2,
      q = r * (1 + R.r(-amt, amt));
    p.push([x + Math.cos(a) * q, y + Math.sin(a) * q]);
  }
  return paths.smooth(p);
}

export function crescent(x: number, y: number, r: number) {
  return paths.diff(paths.circle(x, y, r), paths.circle(x + r * 0.42, y - r * 0.18, r * 0.86));
}

export function stars(P: Paint, n: number, x0: number, y0: number, x1: number, y1: number) {
  const R = P.R;
  for (let i = 0; i < n; i++) {
    const x = R.r(x0, x1),
      y = R.r(y0, y1),
      r = R.r(1.5, 4.2);
    P.ink(R() < 0.25 ? star(x, y, r * 2.4) : paths.circle(x, y, r), P.pal.sun, R.r(0.5, 0.95));
  }
}

export function star(x: number, y: number, r: number) {
  const p: [number, number][] = [];
  for (let i = 0; i < 8; i++) {
    const a = (i / 8) * 6.283,
      q = i % 2 ? r * 0.32 : r;
    p.push([x + Math.cos(a) * q, y + Math.sin(a) * q]);
  }
  return paths.poly(p);
}

/** Stacked-pill cloud. */
export function cloud(
  P: Paint,
  x: number,
  y: number,
  s: number,
  col: string,
  o: { rows?: number; lift?: number; a?: number } = {},
) {
  const R = P.R,
    rows = o.rows || 3,
    ps: Path2D[] = [];
  let w = 300 * s,
    yy = y;
  for (let i = 0; i < rows; i++) {
    const ww = w * (1 - i * 0.24),
      h = 54 * s,
      off = R.r(-0.1, 0.12) * w;
    ps.push(paths.rrect(x - ww / 2 + off * (i ? 1 : 0.2), yy - h, ww, h, h / 2));
    yy -= h * 0.68;
  }
  P.piece(paths.union(...ps), col, { lift: o.lift ?? 3, a: o.a ?? 1 });
}

/** Streak cloud: a few long pills, tapered. */
export function streak(
  P: Paint,
  x: number,
  y: number,
  s: number,
  col: string,
  o: { n?: number; a?: number } = {},
) {
  const R = P.R,
    n = o.n || 3;
  for (let i = 0; i < n; i++) {
    const w = (420 - i * 90) * s * R.r(0.8, 1.15),
      h = (30 - i * 4) * s;
    P.piece(
      paths.rrect(x - w / 2 + R.r(-90, 90) * s, y - i * 25 * s, w, h, h / 2),
      mix(col, P.pal.sun, i * 0.14),
      { lift: 1.8, a: o.a ?? 0.95, grain: 0.35 },
    );
  }
}

export function puff(
  P: Paint,
  x: number,
  y: number,
  s: number,
  col: string,
  o: { lift?: number; a?: number } = {},
) {
  // cumulus with flat base
  const R = P.R,
    ps = [paths.rrect(x - 170 * s, y - 60 * s, 340 * s, 60 * s, 30 * s)];
  for (const [dx, dy, r] of [
    [-95, -62, 52],
    [-20, -100, 76],
    [70, -78, 60],
    [120, -45, 40],
  ] as const)
    ps.push(paths.circle(x + dx * s, y + dy * s, r * s * R.r(0.92, 1.08)));
  P.piece(paths.union(...ps), col, { lift: o.lift ?? 3, a: o.a ?? 1 });
}
