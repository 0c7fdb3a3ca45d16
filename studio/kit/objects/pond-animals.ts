import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import * as paths from '../paths.ts';
import { bar, block, eye, oval, put, shade } from './parts.ts';

/** Animals of pond, flower and bowl. The middle between the feet is at 0,0; about 500 units high. They look to the right. */
export const POND_ANIMALS = {
  bee(P) {
    const p = P.pal;
    P.at(-60, -120, () => {
      for (let i = 0; i < 12; i++)
        nature.leafP(
          P,
          Math.cos((i * Math.PI) / 6) * 60,
          Math.sin((i * Math.PI) / 6) * 30,
          190,
          (i * Math.PI) / 6,
          p.c(i % 2 ? 'rose' : 'white'),
          { fat: 0.2, vein: 0 },
        );
      oval(P, 0, 0, 96, 60, 'corn', 3);
      for (let i = 0; i < 16; i++)
        P.ink(
          paths.circle(Math.cos(i * 2.4) * 14 * Math.sqrt(i), Math.sin(i * 2.4) * 9 * Math.sqrt(i), 7),
          p.d('mustard', 0.3),
        );
    });
    bar(
      P,
      [
        [-60, -60],
        [-70, 60],
        [-50, 300],
      ],
      [22, 18, 18],
      'leafD',
    );
    P.group(
      () => {
        for (const [a, l] of [
          [-2.2, 250],
          [-1.5, 230],
        ] as const)
          P.piece(nature.leaf(90, -330, l, a, 0.32), p.paper, { lift: 2, a: 0.8 });
        P.piece(paths.ellipse(60, -270, 190, 116, -0.1), p.c('mustard'), { lift: 3 });
        P.clip(paths.ellipse(60, -270, 190, 116, -0.1), () => {
          for (const x of [-90, -10, 74]) block(P, x - 22, -420, 46, 320, 10, 'dark', 1);
        });
        oval(P, 226, -300, 76, 70, 'dark', 3);
        eye(P, 256, -318, 14);
        P.ink(paths.circle(260, -322, 6), p.paper);
        for (const k of [-1, 1])
          P.line(
            paths.smooth(
              [
                [250, -360],
                [276 + k * 14, -400],
                [310 + k * 16, -410],
              ],
              false,
            ),
            p.ink,
            7,
          );
        for (const x of [10, 70, 130])
          P.line(
            paths.smooth(
              [
                [x, -166],
                [x + 8, -140],
                [x - 10, -116],
              ],
              false,
            ),
            p.ink,
            7,
          );
      },
      { lift: 5 },
    );
  },
  frog(P) {
    const p = P.pal;
    put(
      P,
      paths.diff(
        paths.ellipse(0, -10, 400, 66),
        paths.poly([
          [60, 0],
          [460, -46],
          [460, 40],
        ]),
      ),
      'leafD',
      3,
    );
    for (const s of [-1, 1]) {
      put(
        P,
        paths.smooth(
          [
            [s * 120, -30],
            [s * 250, -60],
            [s * 250, -170],
            [s * 160, -210],
            [s * 90, -120],
          ],
          true,
          0.9,
        ),
        'green',
        3,
        -0.1,
      );
      for (const k of [0, 34, 68]) oval(P, s * (170 + k), -16, 34, 14, 'green', 1.5);
    }
    P.piece(
      paths.smooth(
        [
          [-160, -30],
          [-180, -200],
          [-90, -310],
          [90, -310],
          [180, -200],
          [160, -30],
        ],
        true,
        0.9,
      ),
      shade(P, p.c('green'), -180, 180),
      { lift: 4 },
    );
    oval(P, 0, -110, 110, 96, 'leafL', 1.5, 0.3);
    for (const s of [-1, 1]) {
      bar(
        P,
        [
          [s * 90, -150],
          [s * 110, -60],
          [s * 80, -10],
        ],
        [46, 36, 40],
        'green',
        2,
      );
      oval(P, s * 98, -338, 66, 64, 'green', 3);
      oval(P, s * 98, -344, 44, 44, 'white', 1);
      P.ink(paths.ellipse(s * 98, -342, 30, 22), p.ink);
      P.ink(paths.circle(s * 98 + 8, -350, 7), p.paper);
    }
    P.line(
      paths.smooth(
        [
          [-110, -244],
          [0, -214],
          [110, -244],
        ],
        false,
      ),
      p.d('green', 0.5),
      9,
    );
  },
  turtle(P) {
    const p = P.pal;
    put(
      P,
      paths.round(
        [
          [-270, -90],
          [-340, -60],
          [-260, -50],
        ],
        10,
      ),
      'olive',
      2,
    );
    for (const [x, k] of [
      [-180, -30],
      [150, 30],
    ] as const)
      bar(
        P,
        [
          [x, -120],
          [x + k, -16],
        ],
        [90, 80],
        'olive',
        2,
      );
    bar(
      P,
      [
        [220, -130],
        [300, -170],
        [356, -220],
      ],
      [100, 84, 90],
      'olive',
      3,
    );
    oval(P, 378, -230, 78, 62, 'olive', 3);
    eye(P, 402, -248, 11);
    P.line(
      paths.smooth(
        [
          [392, -206],
          [424, -202],
          [446, -216],
        ],
        false,
      ),
      p.d('olive', 0.5),
      6,
    );
    const shell = paths.smooth(
      [
        [-300, -90],
        [-250, -260],
        [-60, -370],
        [120, -320],
        [250, -190],
        [280, -90],
        [0, -60],
      ],
      true,
      0.85,
    );
    P.piece(shell, shade(P, p.c('wood'), -300, 280), { lift: 4 });
    P.clip(shell, () => {
      for (const [x, y, r] of [
        [-30, -240, 74],
        [-170, -190, 66],
        [110, -190, 68],
        [-100, -100, 50],
        [40, -100, 50],
        [-240, -110, 40],
        [190, -110, 46],
      ] as const)
        put(
          P,
          paths.round(
            Array.from({ length: 6 }, (_, i): [number, number] => [
              x + r * Math.cos((i * Math.PI) / 3 + 0.3),
              y + r * Math.sin((i * Math.PI) / 3 + 0.3),
            ]),
            10,
          ),
          'mustard',
          1.5,
          -0.15,
        );
    });
    bar(
      P,
      [
        [-300, -86],
        [0, -58],
        [286, -86],
      ],
      [30, 34, 30],
      'woodD',
      2,
    );
  },
  duck(P) {
    const p = P.pal;
    P.piece(paths.ellipse(0, -30, 560, 90), p.l('blue', 0.25), { lift: 2 });
    for (const r of [460, 360]) P.line(paths.ellipse(0, -30, r, r * 0.15), p.paper, 6, 0.5);
    P.piece(
      paths.smooth(
        [
          [-300, -220],
          [-210, -170],
          [-60, -220],
          [80, -210],
          [190, -140],
          [150, -40],
          [0, -10],
          [-160, -30],
          [-250, -110],
        ],
        true,
        0.9,
      ),
      shade(P, p.c('#9a8a72'), -300, 190),
      { lift: 4 },
    );
    put(
      P,
      paths.smooth(
        [
          [-200, -170],
          [-40, -190],
          [80, -130],
          [-40, -80],
          [-160, -110],
        ],
        true,
        0.9,
      ),
      '#9a8a72',
      3,
      -0.2,
    );
    put(
      P,
      paths.smooth(
        [
          [70, -160],
          [90, -280],
          [80, -350],
          [150, -400],
          [220, -350],
          [210, -270],
          [190, -120],
          [130, -80],
        ],
        true,
        0.9,
      ),
      'green',
      3,
    );
    bar(
      P,
      [
        [84, -232],
        [140, -214],
        [204, -232],
      ],
      [14, 16, 14],
      'white',
      1,
    );
    put(
      P,
      paths.smooth(
        [
          [214, -350],
          [310, -330],
          [316, -304],
          [214, -306],
        ],
        true,
        0.8,
      ),
      'mustard',
      2,
    );
    eye(P, 176, -346, 12);
    for (const [x, s] of [
      [-420, 0.9],
      [360, 1],
    ] as const)
      P.at(
        x,
        -16,
        () => {
          oval(P, 0, -50, 74, 44, 'corn', 3);
          oval(P, 50, -100, 40, 36, 'corn', 2);
          put(
            P,
            paths.round(
              [
                [84, -108],
                [118, -96],
                [84, -88],
              ],
              6,
            ),
            'carrot',
            1,
          );
          eye(P, 60, -108, 7);
        },
        { s },
      );
  },
} satisfies Drawings;
