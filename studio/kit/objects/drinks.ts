import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import * as paths from '../paths.ts';
import * as things from '../things.ts';
import { bar, block, oval, put, shade } from './parts.ts';

/** Drinks. The middle of each thing's foot is at 0,0; about 500 units high. */
export const DRINKS = {
  wineGlasses(P) {
    const p = P.pal;
    for (const [x, r, c] of [
      [-150, 0.16, 'beet'],
      [150, -0.16, 'beet'],
    ] as const)
      P.at(
        x,
        0,
        () => {
          block(P, -90, -20, 180, 20, 10, 'glass', 2, 0.4);
          block(P, -9, -260, 18, 250, 6, 'glass', 1, 0.4);
          const bowl = paths.smooth(
            [
              [-110, -520],
              [-130, -400],
              [-80, -280],
              [0, -250],
              [80, -280],
              [130, -400],
              [110, -520],
            ],
            true,
            0.8,
          );
          P.piece(bowl, p.l('glass', 0.45), { lift: 3, a: 0.9 });
          P.clip(bowl, () => {
            P.piece(paths.rect(-200, -410, 400, 200), p.c(c), { lift: 1 });
          });
          P.line(
            paths.smooth(
              [
                [-84, -490],
                [-98, -400],
                [-70, -320],
              ],
              false,
            ),
            p.paper,
            10,
            0.7,
          );
        },
        { rot: r },
      );
    for (const [x, y, a] of [
      [0, -600, -1.57],
      [-50, -580, -2.1],
      [50, -580, -1.05],
    ] as const)
      P.line(
        paths.poly(
          [
            [x, y],
            [x + Math.cos(a) * 50, y + Math.sin(a) * 50],
          ],
          false,
        ),
        p.accent2,
        10,
      );
  },
  teapot(P) {
    const p = P.pal;
    nature.steam(P, 330, -330, 220, 1, p.paper, 0.5);
    bar(
      P,
      [
        [190, -130],
        [290, -200],
        [350, -300],
      ],
      [90, 54, 40],
      'teal',
      3,
    );
    P.line(
      paths.smooth(
        [
          [-200, -280],
          [-330, -300],
          [-330, -130],
          [-190, -90],
        ],
        false,
      ),
      p.d('teal', 0.15),
      34,
    );
    P.piece(
      paths.smooth(
        [
          [-220, -180],
          [-150, -310],
          [150, -310],
          [220, -180],
          [170, -30],
          [0, -8],
          [-170, -30],
        ],
        true,
        0.9,
      ),
      shade(P, p.c('teal'), -220, 220),
      { lift: 4 },
    );
    for (let i = 0; i < 5; i++)
      nature.leafP(P, -100 + i * 50, -150, 70, i % 2 ? -1.2 : -1.9, p.l('teal', 0.6), { vein: 0 });
    put(
      P,
      paths.smooth(
        [
          [-120, -306],
          [-60, -350],
          [60, -350],
          [120, -306],
        ],
        true,
        0.8,
      ),
      'teal',
      3,
      -0.1,
    );
    P.piece(paths.circle(0, -372, 28), p.c('brass'), { lift: 2 });
    things.mug(P, 430, -10, 0.7, p.c('cream'));
  },
  lemonWater(P) {
    const p = P.pal;
    const glass = paths.round(
      [
        [-130, -430],
        [130, -430],
        [100, -10],
        [-100, -10],
      ],
      18,
    );
    P.piece(glass, p.l('glass', 0.5), { lift: 4, a: 0.85 });
    P.clip(glass, () => {
      P.piece(paths.rect(-200, -340, 400, 360), p.l('blue', 0.6), { lift: 1 });
      for (const [x, y, r] of [
        [-40, -260, 0.2],
        [50, -160, -0.3],
        [-30, -90, 0.5],
      ] as const)
        P.at(x, y, () => block(P, -44, -44, 88, 88, 14, 'glass', 2, 0.6), { rot: r });
      for (const [x, y] of [
        [60, -300],
        [-70, -170],
      ] as const)
        nature.leafP(P, x, y, 70, 1, p.c('leafL'));
    });
    P.line(
      paths.smooth(
        [
          [-100, -400],
          [-88, -200],
          [-80, -60],
        ],
        false,
      ),
      p.paper,
      10,
      0.6,
    );
    bar(
      P,
      [
        [30, -120],
        [150, -560],
      ],
      [22, 22],
      'red',
      2,
    );
    P.at(130, -440, () => {
      oval(P, 0, 0, 84, 84, 'corn', 3);
      oval(P, 0, 0, 66, 66, 'corn', 1, 0.45);
      for (let i = 0; i < 8; i++)
        P.line(
          paths.poly(
            [
              [0, 0],
              [Math.cos(i * 0.785) * 64, Math.sin(i * 0.785) * 64],
            ],
            false,
          ),
          p.c('corn'),
          6,
        );
    });
    for (const [x, f] of [
      [-300, 1],
      [-390, 0.9],
    ] as const)
      P.at(
        x,
        -70,
        () => {
          put(
            P,
            paths.smooth(
              [
                [-110, 0],
                [-70, -66],
                [50, -70],
                [124, -6],
                [60, 66],
                [-60, 64],
              ],
              true,
              0.9,
            ),
            'corn',
            3,
          );
        },
        { s: f },
      );
  },
} satisfies Drawings;
