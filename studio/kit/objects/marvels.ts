import type { Drawings } from '../../catalogue/slots.ts';
import { nth } from '../named.ts';
import * as nature from '../nature.ts';
import type { Paint } from '../paint.ts';
import * as paths from '../paths.ts';
import { bar, block, oval, put } from './parts.ts';

const shadeGreen = (P: Paint, x0: number, x1: number) =>
  P.lin(x0, 0, x1, 0, P.pal.l('green', 0.15), P.pal.d('green', 0.2));

/** Signs from nature. The middle of each thing's foot is at 0,0; about 500 units high. */
export const MARVELS = {
  rainbow(P) {
    const p = P.pal;
    for (const [i, c] of ['red', 'carrot', 'corn', 'leaf', 'blue', 'aub'].entries())
      P.line(
        paths.smooth(
          Array.from({ length: 13 }, (_, k): [number, number] => [
            -Math.cos((k * Math.PI) / 12) * (640 - i * 62),
            -60 - Math.sin((k * Math.PI) / 12) * (640 - i * 62),
          ]),
          false,
        ),
        p.c(c),
        62,
      );
    for (const x of [-500, 500]) nature.puff(P, x, -40, 1.5, p.paper);
  },
  snowman(P) {
    const p = P.pal;
    P.piece(paths.circle(0, -140, 180), p.c('white'), { lift: 4 });
    P.piece(paths.circle(0, -390, 130), p.c('white'), { lift: 3 });
    P.piece(paths.circle(0, -570, 100), p.c('white'), { lift: 3 });
    for (const s of [-1, 1])
      bar(
        P,
        [
          [s * 110, -410],
          [s * 270, -500],
          [s * 300, -560],
        ],
        [16, 12, 8],
        'woodD',
        2,
      );
    for (const y of [-440, -370, -300, -190]) P.ink(paths.circle(0, y, 13), p.ink);
    for (const s of [-1, 1]) P.ink(paths.circle(s * 36, -600, 12), p.ink);
    put(
      P,
      paths.poly([
        [0, -584],
        [120, -560],
        [0, -550],
      ]),
      'carrot',
      2,
    );
    block(P, -110, -510, 220, 50, 24, 'red', 3);
    block(P, 50, -500, 56, 150, 16, 'red', 2);
    block(P, -120, -676, 240, 30, 10, 'dark', 3);
    block(P, -76, -800, 152, 130, 10, 'dark', 3);
  },
  planet(P) {
    const p = P.pal;
    P.piece(paths.circle(0, -330, 290), P.lin(-290, -500, 290, -100, p.l('blue', 0.25), p.d('blue', 0.25)), {
      lift: 6,
    });
    P.clip(paths.circle(0, -330, 286), () => {
      for (const q of [
        [
          [-230, -520],
          [-90, -560],
          [-20, -470],
          [-80, -380],
          [-190, -360],
          [-280, -420],
        ],
        [
          [60, -560],
          [220, -520],
          [300, -400],
          [180, -350],
          [90, -420],
        ],
        [
          [-110, -300],
          [40, -330],
          [110, -230],
          [50, -90],
          [-40, -110],
          [-80, -200],
        ],
        [
          [190, -250],
          [300, -270],
          [280, -130],
          [190, -150],
        ],
      ] as const)
        put(P, paths.smooth(q, true, 0.9), 'leaf', 2);
      for (const [x, y, w] of [
        [-120, -450, 150],
        [100, -300, 170],
        [-60, -170, 130],
      ] as const)
        P.piece(paths.rrect(x, y, w, 34, 17), p.paper, { lift: 2, a: 0.85 });
    });
    nature.stars(P, 30, -900, -800, 900, 0);
  },
  cactus(P) {
    const p = P.pal;
    put(
      P,
      paths.smooth(
        [
          [-2600, 200],
          [-500, -20],
          [0, -50],
          [500, -10],
          [2600, 200],
          [2600, 1500],
          [-2600, 1500],
        ],
        true,
        0.8,
      ),
      'doughD',
      4,
    );
    P.piece(paths.rrect(-80, -620, 160, 610, 80), shadeGreen(P, -80, 80), { lift: 4 });
    for (const [s, y] of [
      [-1, -260],
      [1, -340],
    ] as const) {
      bar(
        P,
        [
          [s * 60, y],
          [s * 200, y],
          [s * 210, y - 170],
        ],
        [96, 96, 90],
        'green',
        3,
      );
    }
    for (let i = 0; i < 7; i++)
      for (const x of [-40, 0, 40])
        P.line(
          paths.poly(
            [
              [x - 8, -570 + i * 80],
              [x + 8, -560 + i * 80],
            ],
            false,
          ),
          p.paper,
          4,
          0.8,
        );
    put(P, nature.star(0, -630, 50), 'rose', 3);
  },
  mushrooms(P) {
    const one = (x: number, s: number, c: string) =>
      P.at(
        x,
        0,
        () => {
          put(
            P,
            paths.round(
              [
                [-56, -270, 20],
                [56, -270, 20],
                [84, 0, 30],
                [-84, 0, 30],
              ],
              20,
            ),
            'cream',
            3,
          );
          P.piece(
            paths.smooth(
              [
                [-240, -240],
                [-170, -400],
                [0, -470],
                [170, -400],
                [240, -240],
                [0, -210],
              ],
              true,
              0.85,
            ),
            P.pal.c(c),
            { lift: 4 },
          );
          for (const [dx, dy, r] of [
            [-110, -310, 34],
            [0, -390, 40],
            [110, -320, 32],
            [20, -280, 26],
          ] as const)
            oval(P, dx, dy, r, r * 0.8, 'white', 1);
        },
        { s },
      );
    one(-60, 1.1, 'red');
    one(230, 0.7, 'red');
    one(-330, 0.55, 'brick');
    for (let i = 0; i < 5; i++)
      nature.leafP(P, 330 + i * 24, 0, 130, -1.9 + i * 0.2, P.pal.c('leaf'), { fat: 0.2 });
  },
  growth(P) {
    for (const [i, x] of [-420, -200, 60, 370].entries()) {
      put(
        P,
        paths.smooth(
          [
            [x - 110, 0],
            [x - 60, -36],
            [x + 60, -36],
            [x + 110, 0],
          ],
          true,
          0.7,
        ),
        'soil',
        3,
      );
      const h = nth([0, 120, 260, 430], i);
      if (i === 0) {
        oval(P, x, -44, 30, 22, 'wood', 3);
        continue;
      }
      bar(
        P,
        [
          [x, -26],
          [x + 6, -h],
        ],
        [i * 8, i * 5],
        i === 3 ? 'woodD' : 'leafD',
        2,
      );
      if (i < 3)
        for (let k = 0; k <= i * 2; k++)
          nature.leafP(
            P,
            x + 4,
            -h + k * 54,
            70 + i * 26,
            k % 2 ? -2.6 : -0.55,
            P.pal.c(k % 2 ? 'leaf' : 'leafL'),
          );
      else {
        for (const [dx, dy, r] of [
          [0, -520, 150],
          [-110, -430, 110],
          [120, -430, 116],
        ] as const)
          P.piece(nature.wobble(P, x + dx, dy, r, 0.06), P.pal.c(dx ? 'leaf' : 'leafL'), { lift: 4 });
        for (const [dx, dy] of [
          [-80, -450],
          [40, -560],
          [110, -440],
          [-10, -430],
        ] as const)
          oval(P, x + dx, dy, 24, 24, 'red', 2);
      }
    }
  },
  volcano(P) {
    const p = P.pal;
    for (const [x, y, r] of [
      [-60, -720, 120],
      [80, -790, 140],
      [-10, -880, 130],
    ] as const)
      P.piece(nature.wobble(P, x, y, r, 0.08), p.c('grey'), { lift: 4 });
    put(
      P,
      paths.smooth(
        [
          [-50, -560],
          [-120, -690],
          [-40, -660],
          [0, -760],
          [50, -650],
          [120, -700],
          [60, -560],
        ],
        true,
        0.7,
      ),
      'carrot',
      3,
    );
    put(
      P,
      paths.smooth(
        [
          [-620, 60],
          [-360, -160],
          [-140, -540],
          [-60, -580],
          [60, -580],
          [140, -540],
          [360, -160],
          [620, 60],
        ],
        true,
        0.6,
      ),
      'woodD',
      5,
    );
    put(
      P,
      paths.smooth(
        [
          [-70, -570],
          [70, -570],
          [60, -400],
          [110, -270],
          [60, -180],
          [20, -330],
          [-20, -220],
          [-60, -330],
        ],
        true,
        0.7,
      ),
      'red',
      2,
    );
    put(
      P,
      paths.smooth(
        [
          [-40, -570],
          [40, -570],
          [26, -420],
          [0, -350],
          [-24, -420],
        ],
        true,
        0.7,
      ),
      'corn',
      1,
    );
  },
  lifebuoy(P) {
    P.at(0, -280, () => {
      P.piece(paths.ring(0, 0, 210, 130), P.pal.c('white'), { lift: 5 });
      P.clip(paths.ring(0, 0, 210, 130), () => {
        for (let i = 0; i < 4; i++) {
          const a = (i * Math.PI) / 2 + 0.4;
          put(
            P,
            paths.poly([
              [0, 0],
              [Math.cos(a) * 500, Math.sin(a) * 500],
              [Math.cos(a + 0.75) * 500, Math.sin(a + 0.75) * 500],
            ]),
            'red',
            1,
          );
        }
      });
      P.line(paths.circle(0, 0, 300), P.pal.c('woodL'), 12);
    });
  },
} satisfies Drawings;
