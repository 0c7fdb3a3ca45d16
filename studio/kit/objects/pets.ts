import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import * as paths from '../paths.ts';
import { bar, block, eye, oval, put, shade } from './parts.ts';

/** Animals that live with us. The middle between the feet is at 0,0; about 500 units high. They look to the right. */
export const PETS = {
  rabbit(P) {
    const p = P.pal;
    oval(P, -196, -130, 52, 50, 'white', 3);
    P.piece(
      paths.smooth(
        [
          [-190, -60],
          [-200, -190],
          [-90, -280],
          [60, -262],
          [140, -160],
          [130, -30],
          [0, -6],
          [-140, -8],
        ],
        true,
        0.9,
      ),
      shade(P, p.c('#b99a7c'), -200, 150),
      { lift: 4 },
    );
    put(
      P,
      paths.smooth(
        [
          [-170, -20],
          [-160, -130],
          [-70, -180],
          [20, -120],
          [20, -20],
        ],
        true,
        0.9,
      ),
      '#b99a7c',
      2,
      -0.08,
    );
    block(P, -120, -40, 190, 44, 22, '#b99a7c', 2, 0.12);
    block(P, 70, -36, 110, 38, 18, '#b99a7c', 2, 0.12);
    P.group(
      () => {
        for (const [x, a] of [
          [96, -1.75],
          [150, -1.4],
        ] as const) {
          put(P, nature.leaf(x, -370, 230, a, 0.2), '#b99a7c', 2);
          put(P, nature.leaf(x, -384, 180, a, 0.13), 'rose', 1);
        }
        oval(P, 136, -316, 110, 92, '#b99a7c', 3, 0.06);
        oval(P, 186, -286, 54, 42, 'white', 1.5);
        put(
          P,
          paths.round(
            [
              [214, -316],
              [246, -316],
              [230, -296],
            ],
            6,
          ),
          'rose',
          1,
        );
        eye(P, 160, -340, 14);
        for (const d of [-10, 6, 20])
          P.line(
            paths.poly(
              [
                [206, -282],
                [300, -290 + d * 2],
              ],
              false,
            ),
            p.ink,
            3,
            0.5,
          );
      },
      { lift: 4 },
    );
  },
  fishbowl(P) {
    const p = P.pal;
    P.piece(paths.circle(0, -260, 262), p.l('glass', 0.4), { lift: 4, a: 0.85 });
    P.clip(paths.circle(0, -260, 246), () => {
      P.piece(paths.rect(-300, -360, 600, 400), P.lin(0, -360, 0, 0, p.l('blue', 0.55), p.l('blue', 0.15)), {
        lift: 1,
      });
      P.piece(
        paths.smooth(
          [
            [-300, -60],
            [-100, -90],
            [60, -64],
            [300, -96],
            [300, 60],
            [-300, 60],
          ],
          true,
          0.8,
        ),
        p.c('doughD'),
        { lift: 2 },
      );
      for (const [x, h] of [
        [-130, 190],
        [-100, 130],
        [140, 220],
        [170, 150],
      ] as const)
        bar(
          P,
          [
            [x, -60],
            [x + 18, -60 - h / 2],
            [x - 6, -60 - h],
          ],
          [18, 14, 4],
          'leaf',
          1.5,
        );
    });
    P.group(
      () => {
        put(
          P,
          paths.smooth(
            [
              [-70, -240],
              [-150, -310],
              [-140, -240],
              [-150, -170],
            ],
            true,
            0.9,
          ),
          'carrot',
          2,
          -0.12,
        );
        put(
          P,
          paths.smooth(
            [
              [-20, -290],
              [40, -340],
              [80, -286],
            ],
            true,
            0.9,
          ),
          'carrot',
          2,
          -0.12,
        );
        oval(P, 20, -240, 100, 62, 'carrot', 3);
        put(P, nature.leaf(10, -230, 70, 2.6, 0.34), 'carrot', 1.5, -0.15);
        eye(P, 78, -256, 12);
      },
      { lift: 3 },
    );
    for (const [x, y, r] of [
      [150, -300, 14],
      [166, -340, 10],
      [156, -374, 7],
    ] as const)
      P.line(paths.circle(x, y, r), p.paper, 4, 0.8);
    P.line(paths.ellipse(0, -470, 150, 22), p.paper, 10, 0.8);
    P.line(
      paths.smooth(
        [
          [-196, -360],
          [-214, -270],
          [-196, -180],
        ],
        false,
      ),
      p.paper,
      14,
      0.6,
    );
  },
  dog(P) {
    const p = P.pal;
    bar(
      P,
      [
        [-150, -60],
        [-250, -90],
        [-270, -180],
      ],
      [40, 30, 14],
      'woodL',
      2,
    );
    P.piece(
      paths.smooth(
        [
          [-170, -10],
          [-180, -130],
          [-60, -300],
          [60, -360],
          [140, -300],
          [140, -120],
          [120, -10],
        ],
        true,
        0.85,
      ),
      shade(P, p.c('woodL'), -180, 150),
      { lift: 4 },
    );
    put(
      P,
      paths.smooth(
        [
          [-160, -14],
          [-130, -130],
          [-30, -150],
          [20, -60],
          [10, -14],
        ],
        true,
        0.9,
      ),
      'woodL',
      2,
      -0.1,
    );
    block(P, -120, -40, 150, 42, 20, 'woodL', 2, 0.1);
    for (const x of [60, 112]) {
      bar(
        P,
        [
          [x, -220],
          [x + 6, -26],
        ],
        [62, 46],
        'woodL',
      );
      block(P, x - 24, -38, 80, 40, 18, 'woodL', 2, 0.12);
    }
    put(
      P,
      paths.smooth(
        [
          [80, -330],
          [140, -290],
          [120, -170],
          [86, -200],
        ],
        true,
        0.9,
      ),
      'white',
      1.5,
    );
    block(P, 10, -352, 150, 34, 16, 'red', 2);
    oval(P, 100, -308, 20, 20, 'brass', 1.5);
    P.group(
      () => {
        oval(P, 96, -440, 112, 98, 'woodL', 3);
        oval(P, 178, -410, 74, 52, 'white', 2);
        oval(P, 232, -430, 28, 22, 'dark', 1.5);
        put(
          P,
          paths.smooth(
            [
              [60, -520],
              [-20, -500],
              [-50, -390],
              [-10, -350],
              [40, -400],
            ],
            true,
            0.9,
          ),
          'woodD',
          3,
        );
        eye(P, 134, -456, 13);
        P.line(
          paths.smooth(
            [
              [150, -382],
              [190, -370],
              [226, -390],
            ],
            false,
          ),
          p.ink,
          6,
        );
        put(
          P,
          paths.smooth(
            [
              [176, -372],
              [210, -374],
              [202, -326],
              [180, -330],
            ],
            true,
            0.9,
          ),
          'rose',
          1,
        );
      },
      { lift: 4 },
    );
  },
} satisfies Drawings;
