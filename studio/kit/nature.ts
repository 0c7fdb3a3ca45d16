import { Path2D } from '@napi-rs/canvas';
import { mix } from './colour.ts';
import type { Kit, Slots } from './paint.ts';
import { paths } from './paths.ts';

const BLEED = 1400; // bleed beyond the stage
export const nature: Kit = {
  // sky: ground sheet + concentric halo sheets round the light (the house signature)
  sky(P, o: Slots = {}) {
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
        nature.wobble(P, x, y, rr, 0.012),
        P.lin(
          0,
          -200,
          0,
          hor,
          ...S.map((c, j) => mix(mix(c, S[Math.min(3, j + 1)], t * 0.6), P.pal.sun, k * (o.halo ?? 1))),
        ),
        { lift: 1.6, edge: 0.2, grain: 0.42 },
      );
    }
    if (P.pal.stars && o.stars !== 0) nature.stars(P, 80, -300, -300, 2200, hor * 0.66);
    if (!sun)
      for (const [cx, cy, cs, k] of [
        [x - 60, y + 20, 1.25, 0.2],
        [x - 620, y - 120, 1.5, 0.35],
        [x + 420, y - 190, 1.6, 0.3],
      ])
        nature.puff(P, cx, cy, cs, mix(P.pal.sky[1], P.pal.paper, k), { lift: 3 });
    if (sun) {
      P.glow(x, y, r * 3.2, P.pal.sun, 0.5);
      P.piece(
        moon ? nature.crescent(x, y, r) : paths.circle(x, y, r),
        P.lin(0, y - r, 0, y + r, P.pal.sun, mix(P.pal.sun, P.pal.accent2, moon ? 0.08 : 0.35)),
        { lift: 2 },
      );
    }
  },
  wobble(P, x, y, r, amt = 0.02) {
    const p: number[][] = [],
      n = 22,
      R = P.R;
    for (let i = 0; i < n; i++) {
      const a = (i / n) * Math.PI * 2,
        q = r * (1 + R.r(-amt, amt));
      p.push([x + Math.cos(a) * q, y + Math.sin(a) * q]);
    }
    return paths.smooth(p);
  },
  crescent(x, y, r) {
    return paths.diff(paths.circle(x, y, r), paths.circle(x + r * 0.42, y - r * 0.18, r * 0.86));
  },
  stars(P, n, x0, y0, x1, y1) {
    const R = P.R;
    for (let i = 0; i < n; i++) {
      const x = R.r(x0, x1),
        y = R.r(y0, y1),
        r = R.r(1.5, 4.2);
      P.ink(R() < 0.25 ? nature.star(x, y, r * 2.4) : paths.circle(x, y, r), P.pal.sun, R.r(0.5, 0.95));
    }
  },
  star(x, y, r) {
    const p: number[][] = [];
    for (let i = 0; i < 8; i++) {
      const a = (i / 8) * 6.283,
        q = i % 2 ? r * 0.32 : r;
      p.push([x + Math.cos(a) * q, y + Math.sin(a) * q]);
    }
    return paths.poly(p);
  },
  // stacked-pill cloud
  cloud(P, x, y, s, col, o: Slots = {}) {
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
  },
  // streak cloud: a few long pills, tapered
  streak(P, x, y, s, col, o: Slots = {}) {
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
  },
  puff(P, x, y, s, col, o: Slots = {}) {
    // cumulus with flat base
    const R = P.R,
      ps = [paths.rrect(x - 170 * s, y - 60 * s, 340 * s, 60 * s, 30 * s)];
    for (const [dx, dy, r] of [
      [-95, -62, 52],
      [-20, -100, 76],
      [70, -78, 60],
      [120, -45, 40],
    ])
      ps.push(paths.circle(x + dx * s, y + dy * s, r * s * R.r(0.92, 1.08)));
    P.piece(paths.union(...ps), col, { lift: o.lift ?? 3, a: o.a ?? 1 });
  },
  // rolling ridge: sum of sines, filled to the bottom
  hill(P, y, amp, o: Slots = {}) {
    const R = P.R,
      { x0 = -BLEED, x1 = 1920 + BLEED, rough = 0, len = 900, depth = 2200 } = o,
      a = R.r(0, 6),
      b = R.r(0, 6),
      c = R.r(0, 6),
      pts: number[][] = [];
    const f = (x) =>
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
    (p as any).f = f;
    return p;
  },
  // craggy mountain range from peaks
  peaks(P, list, base) {
    const p = [
      [-BLEED, base + 2000],
      [-BLEED, base],
    ];
    for (const [x, y] of list) p.push([x, y]);
    p.push([1920 + BLEED, base], [1920 + BLEED, base + 2000]);
    return paths.round(p, 14);
  },
  sheet(P, path, col, y, o: Slots = {}) {
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
  },
  // ---- trees ----
  round(P, x, y, s, col, o: Slots = {}) {
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
    const blob = (dx, dy, r) => {
      const p: number[][] = [],
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
  },
  fir(P, x, y, s, col) {
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
  },
  poplar(P, x, y, s, col) {
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
  },
  branch(P, x, y, len, ang, w, depth, col, leaf) {
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
        nature.branch(
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
  },
  leaf(x, y, len, ang, fat = 0.42) {
    const c = Math.cos(ang),
      s = Math.sin(ang),
      t: any = (u, v) => [x + c * u * len - s * v * len, y + s * u * len + c * v * len];
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
  },
  leafP(P, x, y, len, ang, col, o: Slots = {}) {
    P.piece(nature.leaf(x, y, len, ang, o.fat), col, { lift: o.lift ?? 1.2, grain: o.grain ?? 0.4 });
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
  },
  grass(P, x0, x1, y, h, col, step = 26, o: Slots = {}) {
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
  },
  gull(P, x, y, s, col, f = 0) {
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
  },
  bird(P, x, y, s, col, o: Slots = {}) {
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
  },
  // sea: n overlapping wave strips
  water(P, y0, y1, n, o: Slots = {}) {
    const W = P.pal.water,
      R = P.R;
    for (let i = 0; i < n; i++) {
      const t = i / (n - 1 || 1),
        y = y0 + (y1 - y0) * t ** 1.35,
        ci = t * (W.length - 1),
        k = Math.floor(ci),
        col = mix(W[k], W[Math.min(W.length - 1, k + 1)], ci - k);
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
  },
  reflect(P, x, y0, y1, w, col, n = 12, a = 0.8) {
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
  },
  steam(P, x, y, h, s = 1, col, a = 0.5, o: Slots = {}) {
    const ph = o.ph || 0;
    for (const [dx, k] of o.set || [
      [-26, 1],
      [8, 1.25],
      [38, 0.85],
    ]) {
      const pts: number[][] = [],
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
  },
  rain(P, n, x0, y0, x1, y1, col, o: Slots = {}) {
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
  },
};
nature.B = BLEED;
