import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import * as paths from '../paths.ts';
import { bar, block, eye, oval, put, shade } from './parts.ts';

/** Animals of wood and field. The middle between the feet is at 0,0; about 500 units high. They look to the right. */
export const FOREST_ANIMALS = {
  fox(P) {
    const p = P.pal;
    P.piece(
      paths.smooth(
        [
          [-120, -40],
          [-240, -30],
          [-330, -110],
          [-320, -220],
          [-250, -160],
          [-190, -130],
        ],
        true,
        0.9,
      ),
      p.c('carrot'),
      { lift: 3 },
    );
    put(
      P,
      paths.smooth(
        [
          [-330, -130],
          [-324, -228],
          [-276, -178],
          [-288, -120],
        ],
        true,
        0.9,
      ),
      'white',
      1.5,
    );
    P.piece(
      paths.smooth(
        [
          [-130, -10],
          [-160, -150],
          [-70, -300],
          [60, -330],
          [150, -220],
          [150, -10],
        ],
        true,
        0.8,
      ),
      shade(P, p.c('carrot'), -160, 150),
      { lift: 4 },
    );
    put(
      P,
      paths.smooth(
        [
          [40, -300],
          [130, -250],
          [120, -80],
          [60, -60],
          [30, -180],
        ],
        true,
        0.9,
      ),
      'white',
      1.5,
    );
    for (const x of [60, 130]) {
      bar(
        P,
        [
          [x, -170],
          [x, -30],
        ],
        [60, 44],
        'carrot',
      );
      block(P, x - 26, -40, 74, 42, 18, 'woodD', 1.5);
    }
    P.group(
      () => {
        for (const s of [-1, 1]) {
          put(
            P,
            paths.round(
              [
                [96 + s * 110, -420],
                [96 + s * 92, -560],
                [96 + s * 20, -450],
              ],
              10,
            ),
            'carrot',
            2,
          );
          put(
            P,
            paths.round(
              [
                [96 + s * 96, -440],
                [96 + s * 86, -520],
                [96 + s * 44, -456],
              ],
              8,
            ),
            'dark',
            1,
          );
        }
        put(
          P,
          paths.smooth(
            [
              [-40, -400],
              [20, -460],
              [96, -474],
              [172, -460],
              [232, -400],
              [160, -320],
              [96, -250],
              [32, -320],
            ],
            true,
            0.8,
          ),
          'carrot',
          3,
        );
        for (const s of [-1, 1])
          put(
            P,
            paths.smooth(
              [
                [96 + s * 134, -398],
                [96 + s * 60, -372],
                [96, -252],
                [96 + s * 64, -318],
              ],
              true,
              0.7,
            ),
            'white',
            1,
          );
        oval(P, 96, -264, 24, 20, 'dark', 1.5);
        for (const s of [-1, 1]) eye(P, 96 + s * 56, -388, 13);
      },
      { lift: 4 },
    );
  },
  owl(P) {
    const p = P.pal;
    bar(
      P,
      [
        [-420, -10],
        [-100, -26],
        [420, -2],
      ],
      [60, 46, 34],
      'woodD',
      4,
    );
    nature.leafP(P, 300, -20, 110, -0.7, p.c('leaf'));
    nature.leafP(P, -330, -30, 90, -2.2, p.c('leafL'));
    P.piece(
      paths.smooth(
        [
          [-150, -400],
          [0, -470],
          [150, -400],
          [170, -200],
          [110, -50],
          [0, -10],
          [-110, -50],
          [-170, -200],
        ],
        true,
        0.9,
      ),
      shade(P, p.c('wood'), -170, 170),
      { lift: 4 },
    );
    for (const s of [-1, 1])
      put(
        P,
        paths.round(
          [
            [s * 60, -420],
            [s * 150, -490],
            [s * 156, -370],
          ],
          14,
        ),
        'wood',
        2,
      );
    oval(P, 0, -170, 96, 130, 'doughD', 2);
    for (let r = 0; r < 4; r++)
      for (let i = -2; i <= 2; i++)
        if (Math.abs(i) + r * 0.4 < 3)
          P.ink(
            nature.leaf(i * 34 + (r % 2) * 16, -250 + r * 44, 30, Math.PI / 2, 0.5),
            p.d('wood', 0.1),
            0.55,
          );
    for (const s of [-1, 1])
      put(
        P,
        paths.smooth(
          [
            [s * 110, -330],
            [s * 186, -240],
            [s * 160, -80],
            [s * 110, -120],
          ],
          true,
          0.9,
        ),
        'woodD',
        3,
      );
    for (const s of [-1, 1]) {
      oval(P, s * 66, -350, 72, 72, 'dough', 2);
      oval(P, s * 62, -350, 46, 46, 'corn', 1.5);
      P.ink(paths.circle(s * 60, -350, 28), p.ink);
      P.ink(paths.circle(s * 60 + 8, -360, 8), p.paper);
    }
    put(
      P,
      paths.round(
        [
          [-24, -326],
          [24, -326],
          [0, -266],
        ],
        8,
      ),
      'mustard',
      2,
    );
    for (const s of [-1, 1])
      for (const k of [-20, 0, 20]) block(P, s * 50 + k - 9, -40, 18, 40, 9, 'mustard', 1);
  },
  squirrel(P) {
    const p = P.pal;
    P.piece(
      paths.smooth(
        [
          [-80, -20],
          [-210, -60],
          [-260, -220],
          [-190, -420],
          [-60, -440],
          [-30, -360],
          [-110, -330],
          [-120, -220],
          [-40, -120],
        ],
        true,
        0.95,
      ),
      p.c('brick'),
      { lift: 4 },
    );
    P.piece(
      paths.smooth(
        [
          [-90, -10],
          [-110, -150],
          [-20, -280],
          [90, -270],
          [130, -140],
          [100, -10],
        ],
        true,
        0.9,
      ),
      shade(P, p.c('brick'), -110, 130),
      { lift: 3 },
    );
    oval(P, 70, -150, 54, 96, 'dough', 1.5);
    block(P, -30, -36, 170, 40, 20, 'brick', 2, -0.1);
    P.group(
      () => {
        put(
          P,
          paths.round(
            [
              [50, -390],
              [40, -470],
              [96, -410],
            ],
            12,
          ),
          'brick',
          2,
        );
        oval(P, 100, -340, 92, 80, 'brick', 3);
        oval(P, 150, -310, 46, 36, 'dough', 1.5);
        oval(P, 190, -330, 12, 10, 'dark', 1);
        eye(P, 122, -358, 13);
      },
      { lift: 3 },
    );
    bar(
      P,
      [
        [40, -220],
        [120, -190],
        [170, -220],
      ],
      [44, 32, 28],
      'brick',
      2,
      -0.1,
    );
    oval(P, 190, -226, 40, 46, 'wood', 3);
    put(
      P,
      paths.smooth(
        [
          [146, -236],
          [190, -286],
          [236, -236],
        ],
        true,
        0.8,
      ),
      'woodD',
      2,
    );
  },
  deer(P) {
    const p = P.pal;
    const c = '#b07a4c';
    for (const [x, k] of [
      [-140, -14],
      [120, 10],
    ] as const)
      bar(
        P,
        [
          [x, -220],
          [x + k, -120],
          [x, -8],
        ],
        [54, 24, 20],
        c,
        2,
        -0.22,
      );
    oval(P, -226, -310, 22, 36, 'white', 2);
    P.piece(
      paths.smooth(
        [
          [-220, -320],
          [-100, -350],
          [60, -330],
          [130, -380],
          [170, -480],
          [230, -510],
          [300, -470],
          [296, -440],
          [236, -424],
          [220, -340],
          [180, -230],
          [60, -190],
          [-120, -190],
          [-210, -220],
        ],
        true,
        0.85,
      ),
      shade(P, p.c(c), -220, 300),
      { lift: 4 },
    );
    for (const [x, k] of [
      [-180, -16],
      [160, 12],
    ] as const)
      bar(
        P,
        [
          [x, -240],
          [x + k, -120],
          [x, -8],
        ],
        [66, 26, 22],
        c,
      );
    for (const [x, y] of [
      [-120, -290],
      [-60, -260],
      [0, -290],
      [-150, -240],
      [60, -270],
    ] as const)
      P.ink(paths.circle(x, y, 11), p.paper, 0.75);
    for (const k of [0, 1]) {
      const x = 196 + k * 24;
      P.line(
        paths.smooth(
          [
            [x, -500],
            [x - 30 + k * 40, -580],
            [x - 20 + k * 60, -650],
          ],
          false,
        ),
        p.c('doughD'),
        13,
      );
      P.line(
        paths.smooth(
          [
            [x - 20 + k * 30, -570],
            [x + 30 + k * 10, -610],
            [x + 30 + k * 20, -650],
          ],
          false,
        ),
        p.c('doughD'),
        10,
      );
    }
    put(P, nature.leaf(186, -500, 80, -2.7, 0.34), c, 2, -0.1);
    eye(P, 244, -470, 10);
    oval(P, 300, -456, 14, 12, 'dark', 1);
  },
} satisfies Drawings;
