import { mix } from '../colour.ts';
import * as nature from '../nature.ts';
import type { Paint } from '../paint.ts';
import * as paths from '../paths.ts';

export function mug(P: Paint, x: number, y: number, s: number, col: string, o: { band?: string } = {}) {
  const pal = P.pal;
  P.at(
    x,
    y,
    () => {
      P.piece(paths.ring(62, -62, 30, 15), mix(col, pal.shadow, 0.12), { lift: 1 });
      P.piece(
        paths.round(
          [
            [-64, -118, 6],
            [64, -118, 6],
            [58, -14, 26],
            [40, 0, 16],
            [-40, 0, 16],
            [-58, -14, 26],
          ],
          8,
        ),
        P.lin(-64, 0, 64, 0, mix(col, pal.paper, 0.14), mix(col, pal.shadow, 0.18)),
        { lift: 2 },
      );
      P.piece(paths.ellipse(0, -118, 64, 13), mix(col, pal.paper, 0.25), { lift: 0.3, grain: 0.2 });
      P.piece(paths.ellipse(0, -116, 55, 9), pal.c('#5a3522'), { lift: 0, grain: 0.2 });
      const { band } = o;
      if (band)
        P.clip(
          paths.round(
            [
              [-64, -118],
              [64, -118],
              [58, -14],
              [40, 0],
              [-40, 0],
              [-58, -14],
            ],
            8,
          ),
          () => P.ink(paths.rect(-80, -74, 160, 26), band, 0.9),
        );
    },
    { s },
  );
}

export function book(
  P: Paint,
  x: number,
  y: number,
  w: number,
  h: number,
  col: string,
  o: { band?: number } = {},
) {
  const pal = P.pal;
  P.piece(
    paths.rrect(x, y - h, w, h, 3),
    P.lin(x, 0, x + w, 0, mix(col, pal.paper, 0.1), mix(col, pal.shadow, 0.16)),
    { lift: 1.4 },
  );
  if (o.band !== 0) {
    P.ink(paths.rect(x, y - h * 0.84, w, h * 0.03), pal.paper, 0.8);
    P.ink(paths.rect(x, y - h * 0.2, w, h * 0.03), pal.paper, 0.8);
    P.ink(paths.rrect(x + w * 0.3, y - h * 0.68, w * 0.4, h * 0.28, 2), pal.paper, 0.5);
  }
}

export function stack(
  P: Paint,
  x: number,
  y: number,
  list: readonly (readonly [w: number, h: number, col: string, dx?: number])[],
) {
  let yy = y;
  for (const [w, h, c, dx] of list) {
    P.piece(paths.rrect(x + (dx || 0), yy - h, w, h, 4), c, { lift: 1.4 });
    P.piece(paths.rect(x + (dx || 0) + w * 0.02, yy - h * 0.82, w * 0.96 * 0.0 + 8, h * 0.64), P.pal.paper, {
      lift: 0,
    });
    P.ink(paths.rect(x + (dx || 0) + w * 0.8, yy - h, w * 0.03, h), P.pal.paper, 0.7);
    yy -= h;
  }
  return yy;
}

export function pot(P: Paint, x: number, y: number, s: number, col: string, plant: () => void) {
  const pal = P.pal;
  P.at(
    x,
    y,
    () => {
      plant?.();
      P.piece(
        paths.round(
          [
            [-62, -104],
            [62, -104],
            [46, 0],
            [-46, 0],
          ],
          8,
        ),
        P.lin(-60, 0, 60, 0, mix(col, pal.paper, 0.1), mix(col, pal.shadow, 0.2)),
        { lift: 2 },
      );
      P.piece(paths.rrect(-70, -122, 140, 30, 6), mix(col, pal.paper, 0.06), { lift: 1 });
    },
    { s },
  );
}

export function fern(P: Paint, n: number, len: number, c: string, o: { fan?: number; fat?: number } = {}) {
  const R = P.R;
  for (let i = 0; i < n; i++) {
    const a = -Math.PI / 2 + (i / (n - 1) - 0.5) * (o.fan || 2.2),
      l = len * R.r(0.8, 1.08);
    nature.leafP(P, 0, -110, l, a, mix(c, P.pal.ink, (i % 3) * 0.13), { fat: o.fat || 0.24, lift: 1.2 });
  }
}

export function seedling(P: Paint, x: number, y: number, s: number, o: { big?: number; rot?: number } = {}) {
  const c = P.pal.c('leaf'),
    d = P.pal.c('leafL');
  P.at(
    x,
    y,
    () => {
      P.piece(
        paths.tube(
          [
            [0, 10],
            [3, -50],
            [-2, -108],
          ],
          [10, 8, 6],
        ),
        d,
        { lift: 1, grain: 0.2 },
      );
      nature.leafP(P, 0, -104, 92, -0.55, c, { fat: 0.36 });
      nature.leafP(P, 0, -104, 86, -2.6, mix(c, P.pal.paper, 0.1), { fat: 0.36 });
      if (o.big !== 0) {
        nature.leafP(P, -2, -106, 62, -1.25, d, { fat: 0.36 });
        nature.leafP(P, -2, -106, 54, -1.95, mix(d, c, 0.4), { fat: 0.36 });
      }
    },
    { s, rot: o.rot || 0 },
  );
}

export function radio(P: Paint, x: number, y: number, s: number, o: { col?: string; antenna?: number } = {}) {
  const pal = P.pal,
    w = o.col || pal.c('#b5562f');
  P.at(
    x,
    y,
    () => {
      if (o.antenna !== 0) {
        P.piece(
          paths.tube(
            [
              [150, -250],
              [262, -470],
            ],
            [9, 5],
          ),
          pal.c('steel'),
          { lift: 1.4 },
        );
        P.piece(paths.circle(262, -472, 9), pal.c('steel'), { lift: 0.6, grain: 0 });
      }
      P.piece(
        paths.tube(
          (
            [
              [-120, -262],
              [-110, -312],
              [110, -312],
              [120, -262],
            ] as const
          ).flatMap((q, i) => (i === 1 || i === 2 ? [q, q] : [q])),
          [18, 18, 18, 18, 18, 18],
        ),
        pal.d('woodD', 0.2),
        { lift: 1 },
      );
      for (const fx of [-160, 130]) P.piece(paths.rrect(fx, -14, 40, 18, 5), pal.ink, { lift: 0.8 });
      P.piece(
        paths.rrect(-220, -266, 440, 258, 44),
        P.lin(0, -266, 0, -8, mix(w, pal.paper, 0.16), mix(w, pal.shadow, 0.16)),
        { lift: 3 },
      );
      P.piece(paths.rrect(-196, -242, 392, 210, 28), pal.c('cream'), { lift: 0.8 });
      const gr = paths.circle(-90, -137, 84);
      P.piece(gr, pal.d('woodL', 0.1), { lift: 0.6 });
      P.clip(gr, () => {
        for (let i = -180; i < 0; i += 15)
          P.piece(paths.rect(i, -240, 6, 220), pal.d('woodD', 0.2), { lift: 0.4, grain: 0, edge: 0 });
      });
      P.line(gr, w, 7);
      P.piece(paths.rrect(22, -222, 152, 84, 12), pal.sun, { lift: 0.4, grain: 0.2 });
      P.glow(98, -180, 110, pal.accent2, 0.4);
      for (let i = 0; i <= 12; i++)
        P.ink(paths.rect(34 + i * 10.4, -208, 2.4, i % 3 ? 14 : 26), pal.ink, 0.8);
      P.ink(paths.rect(36, -160, 126, 3), pal.ink, 0.5);
      P.ink(paths.rect(104, -216, 5, 70), pal.c('red'));
      for (const kx of [58, 140]) {
        P.piece(paths.circle(kx, -86, 32), w, { lift: 1.6 });
        P.piece(paths.circle(kx, -86, 20), mix(w, pal.paper, 0.25), { lift: 0.5 });
        P.ink(paths.rect(kx - 2.5, -116, 5, 20), pal.paper);
      }
    },
    { s },
  );
}

export function screw(P: Paint, x: number, y: number, r: number) {
  P.piece(paths.circle(x, y, r), P.pal.c('brass'), { lift: 0.8, grain: 0 });
  P.line(
    paths.poly(
      [
        [x - r * 0.6, y - r * 0.2],
        [x + r * 0.6, y + r * 0.2],
      ],
      false,
    ),
    P.pal.ink,
    r * 0.26,
  );
}

export function planks(
  P: Paint,
  x0: number,
  y0: number,
  x1: number,
  y1: number,
  n: number,
  col: string,
  o: { lines?: number } = {},
) {
  const R = P.R,
    h = (y1 - y0) / n;
  for (let i = 0; i < n; i++) {
    const c = mix(col, P.pal.shadow, R.r(0, 0.1));
    P.piece(
      paths.rect(x0, y0 + i * h, x1 - x0, h - 2),
      P.lin(0, y0 + i * h, 0, y0 + i * h + h, mix(c, P.pal.paper, 0.06), c),
      { lift: 0.8, grain: 0.6, edge: 0.2 },
    );
    for (let k = 0; k < (o.lines ?? 5); k++) {
      const x = R.r(x0, x1),
        y = y0 + i * h + R.r(0.15, 0.85) * h,
        l = R.r(120, 420);
      P.line(
        paths.smooth(
          [
            [x, y],
            [x + l * 0.3, y + R.r(-5, 5)],
            [x + l * 0.6, y + R.r(-5, 5)],
            [x + l, y],
          ],
          false,
        ),
        mix(c, P.pal.shadow, 0.35),
        R.r(1.2, 2.6),
        0.35,
      );
    }
  }
}
