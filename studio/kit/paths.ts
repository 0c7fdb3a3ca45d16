import { Path2D, PathOp } from '@napi-rs/canvas';
import { nth } from './named.ts';
import type { Point } from './paint.ts';

/** How a tube ends, and in how many steps each stretch of its spine is drawn. */
export interface Tube {
  n?: number;
  cap?: 'flat';
  start?: 'flat';
}

/** Shapes as paths. Boolean results are tidied with asWinding(), or holes would fill up. */

export function poly(pts: readonly Point[], closed = true) {
  const p = new Path2D();
  pts.forEach(([x, y], i) => (i ? p.lineTo(x, y) : p.moveTo(x, y)));
  if (closed) p.closePath();
  return p;
}

/** Rounded polygon: every corner softened by r. */
export function round(pts: readonly Point[], r = 10) {
  const p = new Path2D(),
    n = pts.length;
  for (let i = 0; i < n; i++) {
    const a = nth(pts, (i + n - 1) % n),
      b = nth(pts, i),
      c = nth(pts, (i + 1) % n),
      rr = b[2] ?? r;
    const d1 = Math.hypot(a[0] - b[0], a[1] - b[1]),
      d2 = Math.hypot(c[0] - b[0], c[1] - b[1]),
      q = Math.min(rr, d1 / 2, d2 / 2);
    const x = b[0] + ((a[0] - b[0]) / d1) * q,
      y = b[1] + ((a[1] - b[1]) / d1) * q;
    i ? p.lineTo(x, y) : p.moveTo(x, y);
    p.quadraticCurveTo(b[0], b[1], b[0] + ((c[0] - b[0]) / d2) * q, b[1] + ((c[1] - b[1]) / d2) * q);
  }
  p.closePath();
  return p;
}

/** Catmull-Rom through points. */
export function smooth(pts: readonly Point[], closed = true, t = 1) {
  const p = new Path2D(),
    n = pts.length,
    at = (i: number) => nth(pts, closed ? (i + n) % n : Math.max(0, Math.min(n - 1, i)));
  p.moveTo(at(0)[0], at(0)[1]);
  for (let i = 0; i < (closed ? n : n - 1); i++) {
    const a = at(i - 1),
      b = at(i),
      c = at(i + 1),
      d = at(i + 2),
      k = t / 6;
    p.bezierCurveTo(
      b[0] + (c[0] - a[0]) * k,
      b[1] + (c[1] - a[1]) * k,
      c[0] - (d[0] - b[0]) * k,
      c[1] - (d[1] - b[1]) * k,
      c[0],
      c[1],
    );
  }
  if (closed) p.closePath();
  return p;
}

export function circle(x: number, y: number, r: number) {
  const p = new Path2D();
  p.arc(x, y, r, 0, Math.PI * 2);
  p.closePath();
  return p;
}

export function ellipse(x: number, y: number, rx: number, ry: number, a = 0) {
  const p = new Path2D();
  p.ellipse(x, y, rx, ry, a, 0, Math.PI * 2);
  p.closePath();
  return p;
}

export function rect(x: number, y: number, w: number, h: number) {
  const p = new Path2D();
  p.rect(x, y, w, h);
  return p;
}

export function rrect(x: number, y: number, w: number, h: number, r: number | number[]) {
  const p = new Path2D();
  p.roundRect(x, y, w, h, r);
  return p;
}

export function ring(x: number, y: number, r: number, w: number) {
  return diff(circle(x, y, r + w / 2), circle(x, y, r - w / 2));
}

export function union(...ps: Path2D[]) {
  const r = new Path2D(nth(ps, 0));
  for (const q of ps.slice(1)) r.op(q, PathOp.Union);
  return r.asWinding();
}

export function diff(a: Path2D, ...ps: Path2D[]) {
  const r = new Path2D(a);
  for (const q of ps) r.op(q, PathOp.Difference);
  return r.asWinding();
}

export function inter(a: Path2D, b: Path2D) {
  const r = new Path2D(a);
  r.op(b, PathOp.Intersect);
  return r.asWinding();
}

/** A point of a spine, and how far along it is, 0 to 1. */
type Sample = [x: number, y: number, t: number];

/** Spine samples for tube(), n for each stretch. */
export function spine(pts: readonly Point[], n = 14): Sample[] {
  const out: Sample[] = [],
    N = pts.length,
    at = (i: number) => nth(pts, Math.max(0, Math.min(N - 1, i)));
  if (N === 2) {
    const [a, b] = [at(0), at(1)];
    for (let i = 0; i <= n; i++) {
      const t = i / n;
      out.push([a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t, t]);
    }
    return out;
  }
  for (let i = 0; i < N - 1; i++) {
    const a = at(i - 1),
      b = at(i),
      c = at(i + 1),
      d = at(i + 2);
    for (let k = 0; k < n + (i === N - 2 ? 1 : 0); k++) {
      const t = k / n,
        t2 = t * t,
        t3 = t2 * t;
      const f = (j: 0 | 1) =>
        0.5 *
        (2 * b[j] +
          (c[j] - a[j]) * t +
          (2 * a[j] - 5 * b[j] + 4 * c[j] - d[j]) * t2 +
          (3 * b[j] - a[j] - 3 * c[j] + d[j]) * t3);
      out.push([f(0), f(1), (i + t) / (N - 1)]);
    }
  }
  return out;
}

/** Variable-width stroke along a spine: limbs, fingers, branches, steam, ribbons. */
export function tube(pts: readonly Point[], ws: readonly number[], o: Tube = {}) {
  const samples = spine(pts, o.n || 14),
    left: [number, number][] = [],
    right: [number, number][] = [],
    last = samples.length - 1;
  const width = (t: number) => {
    if (ws.length === 1) return nth(ws, 0);
    const f = t * (ws.length - 1),
      i = Math.min(ws.length - 2, Math.floor(f)),
      k = f - i;
    return nth(ws, i) + (nth(ws, i + 1) - nth(ws, i)) * (k * k * (3 - 2 * k));
  };
  let a0 = 0,
    a1 = 0;
  for (const [i, [x, y, t]] of samples.entries()) {
    const p = nth(samples, Math.max(0, i - 1)),
      q = nth(samples, Math.min(last, i + 1)),
      a = Math.atan2(q[1] - p[1], q[0] - p[0]),
      h = width(t) / 2;
    if (!i) a0 = a;
    a1 = a;
    left.push([x + Math.sin(a) * h, y - Math.cos(a) * h]);
    right.push([x - Math.sin(a) * h, y + Math.cos(a) * h]);
  }
  const p = new Path2D();
  p.moveTo(...nth(left, 0));
  for (const q of left) p.lineTo(...q);
  const [ex, ey] = nth(samples, last),
    [sx, sy] = nth(samples, 0),
    he = width(1) / 2,
    hs = width(0) / 2;
  if (o.cap !== 'flat' && he > 0.1) p.arc(ex, ey, he, a1 - Math.PI / 2, a1 + Math.PI / 2);
  for (const q of right.reverse()) p.lineTo(...q);
  if (o.cap !== 'flat' && o.start !== 'flat' && hs > 0.1)
    p.arc(sx, sy, hs, a0 + Math.PI / 2, a0 + Math.PI * 1.5);
  p.closePath();
  return p.simplify().asWinding(); // tidies self-overlap, so that the cut edge is drawn only round the outside
}

/** Limb: two bones, tight joint. */
export function limb(
  a: Point,
  b: Point,
  c: Point,
  [w0, w1, w2]: readonly [number, number, number],
  o: Tube = {},
) {
  const m = (p: Point, q: Point, t: number): Point => [p[0] + (q[0] - p[0]) * t, p[1] + (q[1] - p[1]) * t];
  return tube(
    [a, m(a, b, 0.5), m(a, b, 0.86), m(b, c, 0.14), m(b, c, 0.5), c],
    [w0, (w0 + w1) / 2, w1 * 1.02, w1, (w1 + w2) / 2, w2],
    { n: 7, ...o },
  );
}

/** Horizontal wave strip filled to depth. */
export function wave(
  x0: number,
  x1: number,
  y: number,
  amp: number,
  len: number,
  depth: number,
  phase = 0,
  sharp = 0,
) {
  const p = new Path2D();
  p.moveTo(x0, y + depth);
  const st = len / 16;
  for (let x = x0; x <= x1 + st; x += st) {
    const a = ((x + phase) / len) * Math.PI * 2;
    let v = Math.sin(a);
    if (sharp) v = v * (1 - sharp) + sharp * (1 - 2 * Math.abs(Math.sin(a / 2)));
    p.lineTo(x, y + v * amp);
  }
  p.lineTo(x1 + st, y + depth);
  p.closePath();
  return p;
}

export function scallop(x0: number, x1: number, y: number, h: number, n: number, drop: number) {
  // awning edge
  const p = new Path2D(),
    w = (x1 - x0) / n;
  p.moveTo(x0, y);
  p.lineTo(x1, y);
  p.lineTo(x1, y + h);
  for (let i = n - 1; i >= 0; i--)
    p.bezierCurveTo(x0 + (i + 1) * w, y + h + drop, x0 + i * w, y + h + drop, x0 + i * w, y + h);
  p.closePath();
  return p;
}
