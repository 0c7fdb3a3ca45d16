import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import * as paths from '../paths.ts';
import { bar, block, eye, heart, oval, put, shade } from './parts.ts';

/** What is played with. The middle of each thing's foot is at 0,0; about 500 units high. */
export const TOYS = {
  teddy(P) {
    for (const s of [-1, 1]) {
      oval(P, s * 170, -60, 86, 66, 'wood', 3);
      oval(P, s * 190, -60, 46, 42, 'dough', 1);
      bar(
        P,
        [
          [s * 110, -260],
          [s * 210, -180],
        ],
        [80, 70],
        'wood',
        3,
      );
    }
    P.piece(paths.ellipse(0, -170, 150, 166), shade(P, P.pal.c('wood'), -150, 150), { lift: 4 });
    oval(P, 0, -150, 92, 106, 'dough', 1.5);
    for (const s of [-1, 1]) {
      oval(P, s * 116, -470, 56, 56, 'wood', 3);
      oval(P, s * 116, -470, 32, 32, 'dough', 1);
    }
    oval(P, 0, -390, 146, 130, 'wood', 4);
    oval(P, 0, -350, 66, 54, 'dough', 2);
    oval(P, 0, -376, 24, 18, 'dark', 1);
    for (const s of [-1, 1]) eye(P, s * 54, -416, 13);
    put(
      P,
      paths.smooth(
        [
          [-90, -270],
          [0, -250],
          [90, -270],
          [100, -220],
          [0, -236],
          [-100, -220],
        ],
        true,
        0.6,
      ),
      'red',
      2,
    );
  },
  toyTrain(P) {
    const p = P.pal;
    P.line(
      paths.poly(
        [
          [-700, -8],
          [700, -8],
        ],
        false,
      ),
      p.c('woodD'),
      16,
    );
    for (const [x, c] of [
      [-470, 'mustard'],
      [-210, 'teal'],
    ] as const) {
      block(P, x - 110, -210, 220, 130, 12, c, 4);
      for (const [k, d] of [
        [-60, 'red'],
        [10, 'leaf'],
        [70, 'blue'],
      ] as const)
        block(P, x + k - 34, -270 + (k % 3) * 8, 66, 66, 8, d, 2);
      for (const k of [-60, 60]) {
        oval(P, x + k, -52, 44, 44, 'dark', 3);
        oval(P, x + k, -52, 18, 18, 'corn', 1);
      }
      bar(
        P,
        [
          [x + 110, -100],
          [x + 160, -100],
        ],
        [14, 14],
        'dark',
        1,
      );
    }
    block(P, -40, -240, 330, 150, 60, 'red', 4);
    block(P, -60, -380, 150, 290, 14, 'blue', 4);
    block(P, -30, -350, 90, 90, 10, 'glass', 1, 0.3);
    block(P, -90, -400, 210, 36, 10, 'red', 3);
    block(P, 190, -340, 60, 110, 8, 'dark', 3);
    for (const [x, y, r] of [
      [230, -400, 40],
      [280, -450, 52],
      [350, -500, 60],
    ] as const)
      P.piece(nature.wobble(P, x, y, r, 0.1), p.paper, { lift: 2, a: 0.85 });
    for (const k of [10, 130, 250]) {
      oval(P, k, -56, 52, 52, 'dark', 3);
      oval(P, k, -56, 22, 22, 'corn', 1);
    }
  },
  kite(P) {
    const p = P.pal;
    P.at(
      60,
      -420,
      () => {
        P.piece(
          paths.poly([
            [0, -210],
            [150, 0],
            [0, 260],
            [-150, 0],
          ]),
          p.c('red'),
          { lift: 4 },
        );
        put(
          P,
          paths.poly([
            [0, -210],
            [150, 0],
            [0, 0],
          ]),
          'mustard',
          1,
        );
        put(
          P,
          paths.poly([
            [0, 0],
            [-150, 0],
            [0, 260],
          ]),
          'teal',
          1,
        );
        P.line(
          paths.poly(
            [
              [0, -210],
              [0, 260],
            ],
            false,
          ),
          p.c('woodD'),
          7,
        );
        P.line(
          paths.poly(
            [
              [-150, 0],
              [150, 0],
            ],
            false,
          ),
          p.c('woodD'),
          7,
        );
      },
      { rot: 0.3 },
    );
    P.line(
      paths.smooth(
        [
          [-20, -170],
          [-120, -80],
          [-60, 0],
          [-190, 90],
          [-150, 190],
        ],
        false,
      ),
      p.c('cream'),
      8,
    );
    for (const [x, y, c] of [
      [-96, -96, 'mustard'],
      [-70, -10, 'red'],
      [-160, 60, 'teal'],
    ] as const)
      P.at(
        x,
        y,
        () => {
          put(
            P,
            paths.poly([
              [0, 0],
              [-44, -26],
              [-44, 26],
            ]),
            c,
            2,
          );
          put(
            P,
            paths.poly([
              [0, 0],
              [44, -26],
              [44, 26],
            ]),
            c,
            2,
          );
        },
        { rot: 0.8 },
      );
  },
  dice(P) {
    const pips: readonly (readonly [number, number])[][] = [
      [[0, 0]],
      [
        [-60, -60],
        [60, 60],
      ],
      [
        [-60, -60],
        [0, 0],
        [60, 60],
      ],
      [
        [-60, -60],
        [60, -60],
        [-60, 60],
        [60, 60],
      ],
      [
        [-60, -60],
        [60, -60],
        [0, 0],
        [-60, 60],
        [60, 60],
      ],
    ];
    for (const [x, y, r, n, c] of [
      [-190, -160, -0.18, 4, 'red'],
      [200, -180, 0.3, 2, 'white'],
    ] as const)
      P.at(
        x,
        y,
        () => {
          P.piece(paths.rrect(-140, -140, 280, 280, 50), shade(P, P.pal.c(c), -140, 140), { lift: 5 });
          for (const [px, py] of pips[n] ?? [])
            P.ink(paths.circle(px * 1.1, py * 1.1, 26), c === 'red' ? P.pal.paper : P.pal.ink);
        },
        { rot: r },
      );
  },
  cards(P) {
    for (const [i, c] of ['navy', 'navy', 'white', 'white', 'white'].entries())
      P.at(
        -10,
        80,
        () => {
          block(P, -130, -560, 260, 380, 24, c, 4);
          if (c === 'navy') block(P, -104, -534, 208, 328, 14, 'rose', 1);
          else {
            const red = i === 3;
            const q = (x: number, y: number, r: number) =>
              red
                ? put(P, heart(x, y, r), 'red', 1)
                : put(
                    P,
                    paths.poly([
                      [x, y - r],
                      [x + r * 0.8, y],
                      [x, y + r],
                      [x - r * 0.8, y],
                    ]),
                    i === 4 ? 'red' : 'dark',
                    1,
                  );
            q(-84, -500, 24);
            q(84, -240, 24);
            q(0, -370, 74);
          }
        },
        { rot: -0.5 + i * 0.25 },
      );
  },
  boardGame(P) {
    const p = P.pal;
    P.at(
      0,
      0,
      () => {
        block(P, -430, -430, 860, 860, 20, 'cream', 4);
        for (let i = 0; i < 28; i++) {
          const side = Math.floor(i / 7);
          const k = i % 7;
          const [x, y] = (
            [
              [-360 + k * 104, -360],
              [368, -360 + k * 104],
              [368 - k * 104, 368],
              [-360, 368 - k * 104],
            ] as const
          )[side] ?? [0, 0];
          P.piece(
            paths.rrect(x - 44, y - 44, 88, 88, 14),
            p.c(['red', 'mustard', 'teal', 'rose', 'olive', 'blue'][i % 6] ?? 'red'),
            { lift: 1 },
          );
        }
        put(P, nature.star(0, 0, 150), 'mustard', 2);
        for (const [x, y, c] of [
          [-360, -150, 'navy'],
          [60, -360, 'brick'],
          [368, 160, 'leafD'],
        ] as const) {
          oval(P, x, y, 46, 46, c, 5);
          oval(P, x, y, 24, 24, c, 3, 0.25);
        }
        P.at(
          -130,
          210,
          () => {
            block(P, -46, -46, 92, 92, 16, 'white', 5);
            for (const d of [-22, 0, 22]) P.ink(paths.circle(d, d, 9), p.ink);
          },
          { rot: 0.4 },
        );
      },
      { rot: 0.06 },
    );
  },
  swing(P) {
    const p = P.pal;
    for (const s of [-1, 1]) {
      bar(
        P,
        [
          [s * 330, -620],
          [s * 440, 10],
        ],
        [34, 40],
        'wood',
        4,
      );
      bar(
        P,
        [
          [s * 330, -620],
          [s * 230, 10],
        ],
        [34, 40],
        'wood',
        4,
        -0.12,
      );
    }
    bar(
      P,
      [
        [-380, -620],
        [380, -620],
      ],
      [40, 40],
      'woodD',
      4,
    );
    for (const x of [-80, 80])
      P.line(
        paths.poly(
          [
            [x, -610],
            [x * 1.15, -160],
          ],
          false,
        ),
        p.c('steelD'),
        9,
      );
    block(P, -130, -170, 260, 34, 10, 'red', 4);
  },
} satisfies Drawings;
