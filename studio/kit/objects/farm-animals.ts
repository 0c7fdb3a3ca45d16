import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import * as paths from '../paths.ts';
import { bar, block, eye, oval, put, shade } from './parts.ts';

/** Animals of farm and house. The middle between the feet is at 0,0; about 500 units high. They look to the right. */
export const FARM_ANIMALS = {
  cow(P) {
    const p = P.pal;
    for (const [x, t] of [
      [-170, -0.2],
      [120, -0.2],
    ] as const)
      bar(
        P,
        [
          [x, -180],
          [x, -6],
        ],
        [54, 44],
        'cream',
        2,
        t,
      );
    bar(
      P,
      [
        [-250, -330],
        [-300, -240],
        [-292, -150],
      ],
      [18, 12, 14],
      'cream',
      2,
      -0.1,
    );
    oval(P, -292, -136, 20, 32, 'dark', 1.5);
    P.piece(
      paths.smooth(
        [
          [-262, -330],
          [-150, -372],
          [80, -362],
          [212, -350],
          [242, -250],
          [200, -160],
          [40, -128],
          [-150, -134],
          [-250, -180],
          [-284, -260],
        ],
        true,
        0.9,
      ),
      shade(P, p.c('white'), -280, 240),
      { lift: 4 },
    );
    P.clip(
      paths.smooth(
        [
          [-262, -330],
          [-150, -372],
          [80, -362],
          [212, -350],
          [242, -250],
          [200, -160],
          [40, -128],
          [-150, -134],
          [-250, -180],
          [-284, -260],
        ],
        true,
        0.9,
      ),
      () => {
        for (const [x, y, rx, ry] of [
          [-200, -330, 96, 66],
          [-20, -220, 84, 70],
          [110, -360, 90, 54],
        ] as const)
          put(P, nature.wobble(P, x, y, (rx + ry) / 2, 0.1), 'dark', 1);
      },
    );
    oval(P, -80, -130, 52, 30, 'rose', 1.5);
    for (const x of [-116, 170]) {
      bar(
        P,
        [
          [x, -180],
          [x, -8],
        ],
        [58, 46],
        'white',
      );
      block(P, x - 26, -24, 54, 26, 8, 'dark', 1);
    }
    for (const x of [-170, 120]) block(P, x - 24, -20, 50, 22, 8, 'dark', 1);
    P.group(
      () => {
        for (const s of [-1, 1])
          bar(
            P,
            [
              [290 + s * 36, -470],
              [290 + s * 62, -500],
              [290 + s * 58, -536],
            ],
            [20, 16, 6],
            'cream',
            1.5,
            -0.1,
          );
        for (const s of [-1, 1])
          put(P, nature.leaf(290 + s * 50, -450, 92, s > 0 ? 0.25 : Math.PI - 0.25, 0.36), 'dark', 2);
        put(
          P,
          paths.smooth(
            [
              [226, -470],
              [290, -494],
              [354, -470],
              [362, -380],
              [336, -300],
              [290, -286],
              [244, -300],
              [218, -380],
            ],
            true,
            0.9,
          ),
          'white',
          3,
        );
        put(
          P,
          paths.smooth(
            [
              [262, -490],
              [318, -490],
              [310, -380],
              [270, -380],
            ],
            true,
            0.8,
          ),
          'dark',
          1,
        );
        oval(P, 290, -312, 66, 44, 'rose', 2, 0.2);
        for (const s of [-1, 1]) {
          P.ink(paths.ellipse(290 + s * 24, -316, 9, 13), p.ink, 0.7);
          eye(P, 290 + s * 44, -408, 12);
        }
      },
      { lift: 4 },
    );
  },
  horse(P) {
    const p = P.pal;
    bar(
      P,
      [
        [-220, -340],
        [-300, -300],
        [-310, -150],
      ],
      [30, 60, 14],
      'woodD',
      2,
    );
    for (const [x, k] of [
      [-150, -14],
      [150, 14],
    ] as const) {
      bar(
        P,
        [
          [x, -240],
          [x + k, -130],
          [x, -14],
        ],
        [66, 34, 30],
        'wood',
        2,
        -0.22,
      );
      block(P, x - 22, -26, 46, 28, 8, 'dark', 1);
    }
    P.piece(
      paths.smooth(
        [
          [-236, -330],
          [-150, -380],
          [20, -352],
          [120, -384],
          [196, -520],
          [250, -560],
          [300, -520],
          [372, -430],
          [356, -396],
          [310, -400],
          [258, -428],
          [240, -340],
          [212, -250],
          [120, -196],
          [-60, -200],
          [-190, -190],
          [-250, -260],
        ],
        true,
        0.85,
      ),
      shade(P, p.c('wood'), -250, 300),
      { lift: 4 },
    );
    for (const [x, k] of [
      [-196, -18],
      [190, 20],
    ] as const) {
      bar(
        P,
        [
          [x, -250],
          [x + k, -130],
          [x, -14],
        ],
        [80, 38, 32],
        'wood',
      );
      block(P, x - 24, -26, 50, 28, 8, 'dark', 1);
    }
    put(
      P,
      paths.smooth(
        [
          [268, -580],
          [226, -590],
          [170, -520],
          [128, -430],
          [96, -360],
          [150, -384],
          [206, -470],
          [240, -540],
        ],
        true,
        0.9,
      ),
      'woodD',
      2,
    );
    put(P, nature.leaf(262, -550, 62, -1.3, 0.34), 'wood', 2);
    eye(P, 296, -486, 10);
    P.ink(paths.circle(352, -418, 6), p.ink, 0.7);
  },
  pig(P) {
    const p = P.pal;
    for (const x of [-150, 110])
      bar(
        P,
        [
          [x, -120],
          [x, -6],
        ],
        [56, 44],
        'rose',
        2,
        -0.2,
      );
    P.line(
      paths.smooth(
        [
          [-270, -230],
          [-310, -260],
          [-296, -292],
          [-272, -270],
          [-300, -236],
        ],
        false,
      ),
      p.c('rose'),
      12,
    );
    P.piece(paths.ellipse(-30, -220, 256, 156), shade(P, p.l('rose', 0.2), -280, 240), { lift: 4 });
    for (const x of [-110, 150]) {
      bar(
        P,
        [
          [x, -120],
          [x, -8],
        ],
        [60, 46],
        'rose',
        2,
        0.2,
      );
      block(P, x - 24, -20, 50, 22, 8, 'woodD', 1);
    }
    P.group(
      () => {
        oval(P, 230, -290, 124, 116, 'rose', 3, 0.2);
        for (const s of [-1, 1])
          put(
            P,
            paths.round(
              [
                [230 + s * 96, -350],
                [230 + s * 40, -396],
                [230 + s * 104, -430],
              ],
              18,
            ),
            'rose',
            2,
          );
        oval(P, 250, -262, 58, 44, 'rose', 2, -0.1);
        for (const s of [-1, 1]) {
          P.ink(paths.ellipse(250 + s * 20, -262, 9, 14), p.ink, 0.65);
          eye(P, 240 + s * 56, -328, 10);
        }
      },
      { lift: 4 },
    );
  },
  hen(P) {
    const p = P.pal;
    for (const x of [-20, 40]) {
      P.line(
        paths.poly(
          [
            [x, -110],
            [x, -8],
            [x + 40, -4],
          ],
          false,
        ),
        p.c('mustard'),
        12,
      );
      P.line(
        paths.poly(
          [
            [x - 24, -2],
            [x, -10],
          ],
          false,
        ),
        p.c('mustard'),
        10,
      );
    }
    for (const [a, c] of [
      [-2.75, 'woodD'],
      [-2.45, 'brick'],
      [-2.15, 'wood'],
    ] as const)
      nature.leafP(P, -150, -260, 230, a, p.c(c), { fat: 0.24, vein: 0 });
    P.piece(
      paths.smooth(
        [
          [-230, -300],
          [-150, -200],
          [-40, -110],
          [90, -120],
          [170, -220],
          [180, -340],
          [196, -440],
          [150, -480],
          [96, -446],
          [60, -340],
          [-60, -290],
        ],
        true,
        0.9,
      ),
      shade(P, p.c('brick'), -220, 180),
      { lift: 4 },
    );
    put(
      P,
      paths.smooth(
        [
          [-130, -280],
          [20, -270],
          [50, -200],
          [-30, -150],
          [-120, -190],
        ],
        true,
        0.9,
      ),
      'woodD',
      3,
    );
    put(
      P,
      paths.smooth(
        [
          [-110, -270],
          [10, -262],
          [26, -222],
          [-40, -196],
          [-110, -230],
        ],
        true,
        0.9,
      ),
      'wood',
      2,
    );
    for (const [x, y] of [
      [118, -488],
      [148, -506],
      [178, -488],
    ] as const)
      oval(P, x, y, 24, 26, 'red', 1.5);
    put(
      P,
      paths.round(
        [
          [190, -446],
          [256, -420],
          [192, -404],
        ],
        8,
      ),
      'mustard',
      2,
    );
    oval(P, 196, -382, 16, 30, 'red', 1.5);
    eye(P, 160, -440, 10);
    for (const [x, s] of [
      [-210, 1],
      [240, 1.1],
      [330, 0.9],
    ] as const)
      P.at(
        x,
        0,
        () => {
          P.line(
            paths.poly(
              [
                [0, -30],
                [0, -2],
                [14, 0],
              ],
              false,
            ),
            p.c('mustard'),
            6,
          );
          oval(P, 0, -60, 50, 42, 'corn', 3);
          oval(P, 34, -106, 32, 30, 'corn', 2);
          put(
            P,
            paths.round(
              [
                [62, -112],
                [84, -104],
                [62, -96],
              ],
              4,
            ),
            'carrot',
            1,
          );
          eye(P, 42, -112, 6);
        },
        { s },
      );
  },
} satisfies Drawings;
