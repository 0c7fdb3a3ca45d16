import { mix } from '../colour.ts';
import * as nature from '../nature.ts';
import type { Paint } from '../paint.ts';
import * as paths from '../paths.ts';

export function egg(P: Paint, x: number, y: number, r: number, a: number, c: string) {
  P.at(
    x,
    y,
    () =>
      P.piece(
        paths.smooth([
          [0, -r * 1.28],
          [r * 0.62, -r * 0.72],
          [r * 0.96, r * 0.1],
          [r * 0.66, r * 0.82],
          [0, r * 1.05],
          [-r * 0.66, r * 0.82],
          [-r * 0.96, r * 0.1],
          [-r * 0.62, -r * 0.72],
        ]),
        P.rad(-r * 0.3, -r * 0.4, 4, r * 1.9, mix(c, '#fff', 0.5), c, mix(c, P.pal.shadow, 0.3)),
        { lift: 3, grain: 0.3 },
      ),
    { rot: a },
  );
}

export function tomato(P: Paint, x: number, y: number, r: number) {
  const c = P.pal.c('tomato');
  P.piece(
    paths.ellipse(x, y, r, r * 0.9),
    P.rad(x - r * 0.3, y - r * 0.35, 0, r * 1.5, mix(c, '#ffb08a', 0.4), c, mix(c, P.pal.shadow, 0.25)),
    { lift: 0.9, grain: 0.3 },
  );
  P.piece(nature.star(x, y - r * 0.72, r * 0.52), P.pal.c('leafD'), { lift: 0.4, grain: 0, edge: 0 });
}

export function round(P: Paint, x: number, y: number, r: number, c: string) {
  P.piece(
    paths.circle(x, y, r),
    P.rad(x - r * 0.3, y - r * 0.35, 0, r * 1.5, mix(c, P.pal.paper, 0.35), c, mix(c, P.pal.shadow, 0.25)),
    { lift: 0.9, grain: 0.3 },
  );
  P.ink(paths.circle(x + r * 0.1, y - r * 0.6, r * 0.12), mix(c, P.pal.ink, 0.6));
}

export function carrot(P: Paint, x: number, y: number, l: number, ang: number) {
  const c = P.pal.c('carrot'),
    ca = Math.cos(ang),
    sa = Math.sin(ang);
  for (const d of [-0.3, 0, 0.3])
    P.piece(nature.leaf(x, y, l * 0.62, ang + Math.PI + d, 0.2), P.pal.c(d ? 'leafD' : 'leaf'), {
      lift: 0.5,
      grain: 0,
    });
  P.piece(
    paths.tube(
      [
        [x, y],
        [x + ca * l * 0.5, y + sa * l * 0.5],
        [x + ca * l, y + sa * l],
      ],
      [l * 0.23, l * 0.19, l * 0.03],
    ),
    c,
    { lift: 0.9, grain: 0.3 },
  );
  for (const t of [0.15, 0.32, 0.5])
    P.line(
      paths.poly(
        [
          [x + ca * l * t - sa * l * 0.06, y + sa * l * t + ca * l * 0.06],
          [x + ca * l * t + sa * l * 0.02, y + sa * l * t - ca * l * 0.02],
        ],
        false,
      ),
      P.pal.d('carrot', 0.3),
      l * 0.014,
      0.7,
    );
}

export function cabbage(P: Paint, x: number, y: number, r: number, c = P.pal.c('leafL')) {
  const R = P.R;
  for (let i = 0; i < 7; i++) {
    const a = (i / 7) * 6.283 + 0.3;
    P.piece(
      paths.ellipse(x + Math.cos(a) * r * 0.5, y + Math.sin(a) * r * 0.45, r * 0.62, r * 0.5, a),
      mix(c, P.pal.c('leafD'), 0.25 + (i % 2) * 0.15),
      { lift: 0.6, grain: 0.3 },
    );
  }
  P.piece(paths.circle(x, y, r * 0.72), mix(c, P.pal.paper, 0.15), { lift: 0.6, grain: 0.3 });
  for (const d of [-0.7, 0, 0.7])
    P.line(
      paths.smooth(
        [
          [x, y + r * 0.6],
          [x + d * r * 0.3, y],
          [x + d * r * 0.75, y - r * 0.45],
        ],
        false,
      ),
      mix(c, P.pal.paper, 0.6),
      r * 0.05,
      0.8,
    );
}

export function aubergine(P: Paint, x: number, y: number, l: number, ang: number) {
  P.at(
    x,
    y,
    () => {
      const c = P.pal.c('aub');
      P.piece(
        paths.smooth([
          [0, -l * 0.1],
          [l * 0.35, -l * 0.16],
          [l * 0.72, -l * 0.24],
          [l * 0.98, 0],
          [l * 0.72, l * 0.22],
          [l * 0.3, l * 0.13],
          [0, l * 0.1],
        ]),
        P.lin(0, -l * 0.2, 0, l * 0.2, mix(c, '#b58ad0', 0.35), c),
        { lift: 0.9, grain: 0.3 },
      );
      P.piece(
        paths.smooth([
          [l * 0.14, -l * 0.13],
          [l * 0.04, -l * 0.15],
          [-l * 0.08, -l * 0.03],
          [-l * 0.18, -l * 0.04],
          [-l * 0.18, l * 0.04],
          [-l * 0.06, l * 0.05],
          [l * 0.02, l * 0.13],
          [l * 0.12, l * 0.08],
          [l * 0.06, 0],
        ]),
        P.pal.c('leaf'),
        { lift: 0.5, grain: 0 },
      );
      P.line(
        paths.smooth(
          [
            [l * 0.3, -l * 0.06],
            [l * 0.55, -l * 0.12],
            [l * 0.78, -l * 0.12],
          ],
          false,
        ),
        '#ffffff',
        l * 0.03,
        0.25,
      );
    },
    { rot: ang },
  );
}

export function leek(P: Paint, x: number, y: number, l: number, ang: number) {
  P.at(
    x,
    y,
    () => {
      for (const d of [-0.26, 0.22, 0])
        P.piece(
          paths.tube(
            [
              [l * 0.45, 0],
              [l * 0.75, d * l * 0.25],
              [l, d * l * 0.7],
            ],
            [l * 0.1, l * 0.13, l * 0.02],
          ),
          P.pal.c(d ? 'leafD' : 'leaf'),
          { lift: 0.5, grain: 0.2 },
        );
      P.piece(
        paths.tube(
          [
            [0, 0],
            [l * 0.55, 0],
          ],
          [l * 0.11, l * 0.12],
        ),
        P.lin(0, 0, l * 0.6, 0, P.pal.c('white'), P.pal.c('leafL')),
        { lift: 0.7, grain: 0.3 },
      );
    },
    { rot: ang },
  );
}

export function crate(
  P: Paint,
  x: number,
  y: number,
  w: number,
  h: number,
  fill: (x: number, y: number, w: number) => void,
) {
  // fill() draws goods above the rim; then the front boards
  const pal = P.pal,
    c = pal.c('woodL');
  P.piece(paths.rect(x + 6, y - h - 12, w - 12, h), pal.d('woodD', 0.2), { lift: 1 });
  P.clip(paths.rect(x - 80, y - h - 600, w + 160, 600 + h * 0.46), () => fill(x, y - h, w));
  for (let i = 0; i < 2; i++)
    P.piece(paths.rrect(x, y - h + i * h * 0.52, w, h * 0.44, 4), mix(c, pal.c('wood'), i * 0.3), {
      lift: 1.4,
    });
  for (const q of [x + 6, x + w - 22]) {
    P.piece(paths.rect(q, y - h - 4, 16, h + 4), pal.c('wood'), { lift: 0.8 });
    P.ink(paths.circle(q + 8, y - h * 0.76, 2.6), pal.ink, 0.6);
    P.ink(paths.circle(q + 8, y - h * 0.24, 2.6), pal.ink, 0.6);
  }
}

export function tag(P: Paint, x: number, y: number, w: number, h: number, rot = 0) {
  P.at(
    x,
    y,
    () => {
      P.piece(
        paths.tube(
          [
            [0, 0],
            [0, 60],
          ],
          [5, 4],
        ),
        P.pal.c('wood'),
        { lift: 0.5 },
      );
      P.piece(paths.rrect(-w / 2, -h, w, h, 5), P.pal.c('white'), { lift: 1 });
      P.ink(paths.rrect(-w * 0.34, -h * 0.72, w * 0.68, h * 0.12, 2), P.pal.ink, 0.75);
      P.ink(paths.rrect(-w * 0.34, -h * 0.42, w * 0.4, h * 0.2, 2), P.pal.accent, 0.9);
    },
    { rot },
  );
}
