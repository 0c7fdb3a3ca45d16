import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import * as paths from '../paths.ts';
import { bar, block, oval, put, shade } from './parts.ts';

/** What sorts, sets and measures: settings, tables, folders. The middle of each thing's foot is at 0,0; about 500 units high. */
export const ORDER = {
  sliders(P) {
    P.piece(paths.rrect(-400, -560, 800, 560, 40), shade(P, P.pal.c('dark'), -400, 400), { lift: 5 });
    for (const [i, [k, c]] of (
      [
        [0.3, 'red'],
        [0.7, 'mustard'],
        [0.5, 'leafL'],
        [0.2, 'blue'],
        [0.8, 'rose'],
      ] as const
    ).entries()) {
      const x = -300 + i * 150;
      block(P, x - 9, -500, 18, 440, 9, 'steelD', 1);
      block(P, x - 9, -60 - 440 * k, 18, 440 * k, 9, c, 1);
      block(P, x - 46, -100 - 400 * k, 92, 58, 14, 'cream', 3);
      P.ink(paths.rect(x - 30, -74 - 400 * k, 60, 6), P.pal.ink, 0.6);
    }
  },
  letters(P) {
    for (const [x, y, c, r, g] of [
      [-330, -150, 'red', -0.12, 'A'],
      [0, -150, 'teal', 0.05, 'B'],
      [320, -150, 'mustard', 0.12, 'C'],
      [-150, -430, 'navy', 0.08, 'a'],
      [170, -430, 'rose', -0.1, 'b'],
    ] as const)
      P.at(
        x,
        y,
        () => {
          block(P, -135, -135, 270, 270, 26, c, 5);
          block(P, -108, -108, 216, 216, 16, 'cream', 1);
          const put2 = (q: ReturnType<typeof paths.smooth>) => P.line(q, P.pal.c(c), 34);
          if (g === 'A') {
            put2(
              paths.poly(
                [
                  [-62, 78],
                  [0, -78],
                  [62, 78],
                ],
                false,
              ),
            );
            put2(
              paths.poly(
                [
                  [-40, 26],
                  [40, 26],
                ],
                false,
              ),
            );
          } else if (g === 'B') {
            put2(
              paths.poly(
                [
                  [-50, -76],
                  [-50, 76],
                ],
                false,
              ),
            );
            put2(
              paths.smooth(
                [
                  [-50, -76],
                  [20, -74],
                  [44, -38],
                  [16, -4],
                  [-50, 0],
                ],
                false,
              ),
            );
            put2(
              paths.smooth(
                [
                  [-50, 0],
                  [30, 2],
                  [58, 38],
                  [24, 74],
                  [-50, 76],
                ],
                false,
              ),
            );
          } else if (g === 'C')
            put2(
              paths.smooth(
                [
                  [60, -50],
                  [10, -80],
                  [-50, -50],
                  [-64, 0],
                  [-50, 50],
                  [10, 80],
                  [60, 50],
                ],
                false,
              ),
            );
          else if (g === 'a') {
            put2(paths.circle(-6, 20, 46));
            put2(
              paths.poly(
                [
                  [48, -34],
                  [48, 70],
                ],
                false,
              ),
            );
          } else {
            put2(paths.circle(6, 24, 46));
            put2(
              paths.poly(
                [
                  [-46, -84],
                  [-46, 70],
                ],
                false,
              ),
            );
          }
        },
        { rot: r },
      );
  },
  spreadsheet(P) {
    block(P, -460, -600, 920, 600, 16, 'white', 5);
    block(P, -460, -600, 920, 74, 16, 'green', 1);
    for (let i = 0; i < 6; i++) P.ink(paths.rrect(-436 + i * 152, -576, 100, 24, 8), P.pal.paper, 0.9);
    for (let r = 0; r < 7; r++) {
      if (r % 2) P.ink(paths.rect(-456, -526 + r * 74, 912, 74), P.pal.c('leafL'), 0.25);
      for (let i = 0; i < 6; i++)
        P.ink(
          paths.rrect(-436 + i * 152, -502 + r * 74, 50 + ((i * 37 + r * 53) % 62), 22, 8),
          i === 5 ? P.pal.c('red') : P.pal.ink,
          i ? 0.4 : 0.65,
        );
    }
    for (let i = 1; i < 6; i++) P.ink(paths.rect(-460 + i * 152, -526, 3, 520), P.pal.ink, 0.15);
    block(P, -162, -310, 160, 80, 6, 'corn', 2, 0.3);
  },
  gauge(P) {
    P.piece(
      paths.smooth(
        [
          [-400, -40],
          [-400, -260],
          [-200, -500],
          [0, -540],
          [200, -500],
          [400, -260],
          [400, -40],
          [0, -20],
        ],
        true,
        0.7,
      ),
      P.pal.c('dark'),
      { lift: 5 },
    );
    for (const [a, b, c] of [
      [Math.PI, 1.32 * Math.PI, 'leaf'],
      [1.34 * Math.PI, 1.66 * Math.PI, 'corn'],
      [1.68 * Math.PI, 2 * Math.PI, 'red'],
    ] as const)
      P.line(
        paths.smooth(
          Array.from({ length: 8 }, (_, i): [number, number] => {
            const t = a + ((b - a) * i) / 7;
            return [Math.cos(t) * 310, -110 + Math.sin(t) * 310];
          }),
          false,
        ),
        P.pal.c(c),
        70,
      );
    bar(
      P,
      [
        [0, -110],
        [180, -330],
      ],
      [44, 14],
      'cream',
      4,
    );
    P.piece(paths.circle(0, -110, 52), P.pal.c('steel'), { lift: 4 });
  },
  database(P) {
    for (const [i, c] of ['navy', 'blue', 'teal'].entries()) {
      const y = -70 - i * 190;
      P.piece(paths.rrect(-230, y - 110, 460, 190, 70), shade(P, P.pal.c(c), -230, 230), { lift: 4 });
      oval(P, 0, y - 100, 230, 62, c, 1, 0.25);
      for (const [k, d] of ['leaf', 'corn'].entries()) oval(P, 130 + k * 44, y + 20, 15, 15, d, 1);
    }
  },
  folders(P) {
    for (const [i, c] of ['mustard', 'teal', 'rose', 'blue'].entries()) {
      const y = -160 + i * 40;
      const x = -120 + i * 70;
      block(P, x - 240 + i * 70, y - 380, 170, 70, 18, c, 3);
      P.piece(paths.rrect(x - 290, y - 330, 560, 330, 20), shade(P, P.pal.c(c), x - 290, x + 270), {
        lift: 5,
      });
      block(P, x - 240 + i * 70 + 26, y - 362, 116, 30, 6, 'white', 1);
    }
  },
  /** From above. */
  rulers(P) {
    P.at(
      0,
      60,
      () => {
        P.piece(paths.rrect(-560, -70, 1120, 140, 10), P.pal.c('mustard'), { lift: 4 });
        for (let i = 0; i < 55; i++)
          P.ink(paths.rect(-540 + i * 20, -70, 4, i % 5 ? 26 : 52), P.pal.ink, 0.75);
      },
      { rot: -0.2 },
    );
    P.at(
      120,
      -60,
      () => {
        P.piece(
          paths.diff(
            paths.poly([
              [-360, 220],
              [360, 220],
              [-360, -360],
            ]),
            paths.poly([
              [-260, 130],
              [110, 130],
              [-260, -160],
            ]),
          ),
          P.pal.c('teal'),
          { lift: 5 },
        );
        for (let i = 0; i < 30; i++)
          P.ink(paths.rect(-330 + i * 22, 196, 4, i % 5 ? 14 : 24), P.pal.paper, 0.9);
      },
      { rot: 0.1 },
    );
    P.at(
      -330,
      260,
      () => {
        block(P, -240, -26, 400, 52, 6, 'red', 4);
        put(
          P,
          paths.poly([
            [160, -26],
            [240, 0],
            [160, 26],
          ]),
          'dough',
          2,
        );
        put(
          P,
          paths.poly([
            [214, -9],
            [240, 0],
            [214, 9],
          ]),
          'dark',
          1,
        );
        block(P, -290, -26, 60, 52, 12, 'rose', 2);
      },
      { rot: -0.5 },
    );
  },
  sheetMusic(P) {
    const p = P.pal;
    P.at(
      0,
      -300,
      () => {
        block(P, -360, -300, 720, 600, 6, 'cream', 5);
        for (let s = 0; s < 3; s++) {
          for (let i = 0; i < 5; i++) P.ink(paths.rect(-320, -240 + s * 190 + i * 26, 640, 3), p.ink, 0.6);
          P.line(
            paths.smooth(
              [
                [-280, -120 + s * 190],
                [-250, -180 + s * 190],
                [-280, -230 + s * 190],
                [-264, -270 + s * 190],
                [-244, -240 + s * 190],
                [-290, -190 + s * 190],
                [-270, -150 + s * 190],
                [-240, -176 + s * 190],
              ],
              false,
            ),
            p.ink,
            8,
          );
          for (let i = 0; i < 6; i++) {
            const x = -190 + i * 84;
            const y = -150 + s * 190 - ((i * 3 + s * 2) % 5) * 20;
            P.ink(paths.ellipse(x, y, 20, 15, -0.3), p.ink);
            P.ink(paths.rect(x + 14, y - 90, 6, 90), p.ink);
            if (i % 2)
              P.ink(
                paths.poly([
                  [x + 16, y - 90],
                  [x - 64, y - 74],
                  [x - 64, y - 58],
                  [x + 16, y - 72],
                ]),
                p.ink,
                i % 4 === 1 ? 1 : 0,
              );
          }
        }
      },
      { rot: 0.04 },
    );
  },
  certificate(P) {
    const p = P.pal;
    block(P, -440, -580, 880, 560, 8, 'cream', 5);
    P.line(paths.rrect(-410, -550, 820, 500, 6), p.c('brass'), 12);
    P.ink(paths.rrect(-180, -480, 360, 34, 10), p.c('navy'));
    for (const [y, w] of [
      [-400, 520],
      [-350, 600],
      [-300, 460],
    ] as const)
      P.ink(paths.rrect(-w / 2, y, w, 14, 6), p.ink, 0.35);
    P.line(
      paths.smooth(
        [
          [-300, -140],
          [-250, -190],
          [-230, -130],
          [-180, -170],
          [-150, -130],
          [-100, -150],
        ],
        false,
      ),
      p.c('navy'),
      9,
    );
    P.ink(paths.rect(-320, -116, 260, 4), p.ink, 0.5);
    for (const s of [-1, 1])
      put(
        P,
        paths.poly([
          [230, -150],
          [230 + s * 70, -10],
          [230 + s * 20, -30],
          [230, -100],
        ]),
        'red',
        2,
      );
    oval(P, 230, -160, 90, 90, 'brass', 4);
    put(P, nature.star(230, -160, 60), 'corn', 1);
  },
} satisfies Drawings;
