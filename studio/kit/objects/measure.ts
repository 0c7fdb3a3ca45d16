import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import { nth } from '../named.ts';
import * as nature from '../nature.ts';
import type { Point } from '../paint.ts';
import * as paths from '../paths.ts';
import { shade } from './parts.ts';

/** Things that measure and weigh. The middle of each thing's foot is at 0,0; about 500 units high. */
export const MEASURE = {
  hourglass(P) {
    const p = P.pal;
    const wood = p.c('woodD');
    for (const x of [-150, 150])
      P.piece(paths.rrect(x - 13, -500, 26, 480, 10), shade(P, wood, x - 13, x + 13), { lift: 2 });
    const glass = paths.smooth(
      [
        [-120, -470],
        [120, -470],
        [118, -390],
        [26, -268],
        [26, -244],
        [118, -120],
        [120, -40],
        [-120, -40],
        [-118, -120],
        [-26, -244],
        [-26, -268],
        [-118, -390],
      ],
      true,
      0.8,
    );
    P.piece(glass, mix(p.c('glass'), p.paper, 0.35), { lift: 3, a: 0.9 });
    P.clip(glass, () => {
      const sand = p.l('mustard', 0.2);
      P.piece(
        paths.smooth([
          [-110, -372],
          [0, -350],
          [110, -372],
          [24, -262],
          [-24, -262],
        ]),
        sand,
        { lift: 1.2 },
      );
      P.piece(paths.rect(-5, -270, 10, 200), sand, { lift: 0.4 });
      P.piece(
        paths.smooth([
          [-130, -38],
          [-70, -80],
          [0, -150],
          [70, -80],
          [130, -38],
          [0, -20],
        ]),
        sand,
        { lift: 1.2 },
      );
    });
    P.ink(paths.rrect(-92, -448, 18, 60, 9), '#ffffff', 0.5);
    P.ink(paths.rrect(-92, -122, 18, 60, 9), '#ffffff', 0.4);
    for (const y of [-520, -46])
      P.piece(paths.rrect(-196, y, 392, 46, 16), P.lin(0, y, 0, y + 46, p.l('woodD', 0.25), wood), {
        lift: 3,
      });
  },

  scales(P, o) {
    const p = P.pal;
    const brass = p.c('brass');
    const tilt = o.tilt ?? 0.14;
    P.piece(paths.rrect(-130, -34, 260, 34, 14), shade(P, brass), { lift: 3 });
    P.piece(
      paths.round(
        [
          [-50, -34],
          [50, -34],
          [22, -76],
          [-22, -76],
        ],
        8,
      ),
      brass,
      { lift: 2 },
    );
    P.piece(
      paths.tube(
        [
          [0, -60],
          [0, -300],
          [0, -520],
        ],
        [26, 18, 16],
      ),
      shade(P, brass, -14, 14),
      { lift: 2 },
    );
    P.at(
      0,
      -500,
      () => {
        P.piece(
          paths.tube(
            [
              [-270, 10],
              [0, -14],
              [270, 10],
            ],
            [10, 20, 10],
          ),
          brass,
          { lift: 2 },
        );
      },
      { rot: tilt },
    );
    P.piece(paths.circle(0, -506, 30), p.l('brass', 0.3), { lift: 2 });
    for (const side of [-1, 1]) {
      const x = side * 266 * Math.cos(tilt);
      const y = -500 + side * 266 * Math.sin(tilt) + 8;
      for (const dx of [-92, 92])
        P.line(
          paths.poly(
            [
              [x, y],
              [x + dx, y + 200],
            ],
            false,
          ),
          p.d('brass', 0.35),
          5,
        );
      if (side > 0)
        for (const [i, c] of ['red', 'teal', 'mustard'].entries())
          P.piece(paths.rrect(x - 74 + i * 50, y + 150 - (i === 1 ? 44 : 0), 48, 48, 8), p.c(c), {
            lift: 1.4,
          });
      else nature.leafP(P, x - 40, y + 196, 120, -0.5, p.c('leaf'), { lift: 1.4 });
      P.piece(
        paths.smooth(
          [
            [x - 116, y + 196],
            [x + 116, y + 196],
            [x + 62, y + 240],
            [x - 62, y + 240],
          ],
          true,
          0.6,
        ),
        brass,
        { lift: 2 },
      );
    }
  },

  target(P) {
    const p = P.pal;
    for (const s of [-1, 1])
      P.piece(
        paths.tube(
          [
            [s * 90, -300],
            [s * 230, 0],
          ],
          [26, 22],
        ),
        p.c('woodD'),
        { lift: 2 },
      );
    for (const [i, r] of [270, 210, 150, 92, 40].entries())
      P.piece(paths.circle(0, -330, r), i % 2 ? p.paper : p.c(i === 4 ? 'mustard' : 'red'), {
        lift: i ? 1.4 : 4,
      });
    P.at(
      8,
      -336,
      () => {
        P.piece(paths.rrect(0, -9, 400, 18, 6), p.c('woodL'), { lift: 4 });
        for (const s of [-1, 1])
          P.piece(
            paths.poly([
              [300, 0],
              [350, s * 44],
              [430, s * 44],
              [400, 0],
            ]),
            p.c('teal'),
            { lift: 2 },
          );
      },
      { rot: -0.62 },
    );
  },

  compass(P) {
    const p = P.pal;
    P.piece(paths.ring(0, -300, 44, 22), p.c('brass'), { lift: 2 });
    P.piece(
      paths.circle(0, 0, 260),
      P.rad(-80, -80, 0, 360, p.l('brass', 0.35), p.c('brass'), p.d('brass', 0.3)),
      { lift: 5 },
    );
    P.piece(paths.circle(0, 0, 214), p.paper, { lift: 1.6 });
    for (let i = 0; i < 32; i++) {
      const a = (i / 32) * 6.283;
      const l = i % 8 === 0 ? 40 : i % 4 === 0 ? 26 : 14;
      P.line(
        paths.poly(
          [
            [Math.cos(a) * 198, Math.sin(a) * 198],
            [Math.cos(a) * (198 - l), Math.sin(a) * (198 - l)],
          ],
          false,
        ),
        p.ink,
        i % 8 === 0 ? 8 : 4,
      );
    }
    P.at(
      0,
      0,
      () => {
        P.piece(
          paths.poly([
            [-34, 0],
            [0, -164],
            [34, 0],
          ]),
          p.c('red'),
          { lift: 2 },
        );
        P.piece(
          paths.poly([
            [-34, 0],
            [0, 164],
            [34, 0],
          ]),
          p.c('steel'),
          { lift: 2 },
        );
        P.piece(paths.circle(0, 0, 24), p.c('brass'), { lift: 1.4 });
      },
      { rot: 0.5 },
    );
  },

  bars(P, o) {
    const p = P.pal;
    const heights = o.down ? [460, 380, 330, 220, 130] : [120, 200, 260, 380, 500];
    P.piece(paths.rrect(-400, -640, 800, 640, 24), p.paper, { lift: 5 });
    for (let i = 1; i < 6; i++) P.ink(paths.rect(-350, -60 - i * 96, 700, 4), mix(p.ink, p.paper, 0.75));
    for (const [i, h] of heights.entries())
      P.piece(
        paths.rrect(-330 + i * 136, -60 - h, 96, h, 10),
        shade(
          P,
          p.c(
            nth(
              o.down
                ? ['teal', 'teal', 'mustard', 'brick', 'red']
                : ['rose', 'mustard', 'mustard', 'teal', 'green'],
              i,
            ),
          ),
          -330 + i * 136,
          -234 + i * 136,
        ),
        { lift: 2 },
      );
    const pts = heights.map((h, i): [number, number] => [-282 + i * 136, -96 - h]);
    P.line(paths.smooth(pts, false), p.ink, 9);
    for (const [x, y] of pts) P.piece(paths.circle(x, y, 15), p.paper, { lift: 1.6 });
    P.ink(paths.rect(-350, -62, 700, 7), p.ink);
  },

  pie(P) {
    const p = P.pal;
    const wedge = (a0: number, a1: number, r: number, dx: number, dy: number, c: string) => {
      const n = 30;
      const pts: Point[] = [
        [dx, dy - 300],
        ...Array.from({ length: n + 1 }, (_, i): [number, number] => {
          const a = a0 + ((a1 - a0) * i) / n;
          return [dx + Math.cos(a) * r, dy - 300 + Math.sin(a) * r];
        }),
      ];
      P.piece(paths.poly(pts), c, { lift: 4 });
    };
    wedge(-1.57, 1.5, 270, 0, 0, p.c('teal'));
    wedge(1.5, 3.1, 270, 0, 0, p.c('mustard'));
    wedge(3.1, 4.1, 270, 0, 0, p.c('rose'));
    wedge(4.1, 4.713, 270, -30, -52, p.c('red'));
    P.piece(paths.circle(0, -300, 96), p.paper, { lift: 2 });
    P.ink(paths.rrect(-46, -316, 92, 12, 6), p.ink, 0.8);
    P.ink(paths.rrect(-30, -290, 60, 10, 5), p.ink, 0.5);
  },
} satisfies Drawings;
