import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import type { Paint } from '../paint.ts';
import * as paths from '../paths.ts';
import * as things from '../things.ts';
import { bar, block, oval, put, shade } from './parts.ts';

/** A plate from the side, and from above. */
const plate = (P: Paint, rx = 330) => {
  oval(P, 0, -14, rx, 40, 'white', 3);
  oval(P, 0, -22, rx * 0.8, 26, 'white', 1, -0.06);
};

const plateAbove = (P: Paint, r: number) => {
  oval(P, 0, 0, r, r, 'white', 4);
  oval(P, 0, 0, r * 0.72, r * 0.72, 'white', 1, -0.05);
};

const fork = (P: Paint, x: number, y: number, s = 1) =>
  P.at(
    x,
    y,
    () => {
      P.group(
        () => {
          block(P, -13, -40, 26, 330, 12, 'steel');
          block(P, -50, -150, 100, 130, 30, 'steel');
          for (const k of [-36, -12, 12, 36]) block(P, k - 8, -260, 16, 130, 8, 'steel');
        },
        { lift: 3 },
      );
    },
    { s },
  );

const knife = (P: Paint, x: number, y: number, s = 1) =>
  P.at(
    x,
    y,
    () => {
      put(
        P,
        paths.smooth(
          [
            [-20, 30],
            [-24, -250],
            [10, -270],
            [34, -120],
            [24, 30],
          ],
          true,
          0.6,
        ),
        'steel',
        3,
      );
      block(P, -18, 20, 36, 270, 14, 'steel', 3, -0.2);
    },
    { s },
  );

/** Warm meals and full tables. From the side with the middle of the foot at 0,0, or from above round 0,0. */
export const MEALS = {
  /** From above. */
  pizza(P) {
    const p = P.pal;
    oval(P, 0, 0, 430, 430, 'woodL', 3);
    put(P, nature.wobble(P, 0, 0, 370, 0.02), 'doughD', 4, -0.1);
    put(P, nature.wobble(P, 0, 0, 316, 0.03), 'tomato', 1);
    put(P, nature.wobble(P, 0, 0, 300, 0.05), 'corn', 1, 0.35);
    for (let i = 0; i < 9; i++) {
      const a = i * 2.4;
      const r = 60 + ((i * 83) % 190);
      P.piece(paths.circle(Math.cos(a) * r, Math.sin(a) * r, 44), p.c('tomato'), { lift: 2 });
      P.ink(paths.circle(Math.cos(a) * r - 8, Math.sin(a) * r - 8, 26), p.l('tomato', 0.2), 0.7);
    }
    for (let i = 0; i < 9; i++)
      nature.leafP(
        P,
        Math.cos(i * 2.4 + 1) * (70 + ((i * 57) % 170)),
        Math.sin(i * 2.4 + 1) * (70 + ((i * 57) % 170)),
        62,
        i * 1.3,
        p.c('leaf'),
      );
    for (let i = 0; i < 4; i++)
      P.line(
        paths.poly(
          [
            [Math.cos(i * 0.785) * 380, Math.sin(i * 0.785) * 380],
            [-Math.cos(i * 0.785) * 380, -Math.sin(i * 0.785) * 380],
          ],
          false,
        ),
        p.d('doughD', 0.4),
        6,
        0.5,
      );
  },
  burger(P) {
    const p = P.pal;
    plate(P, 400);
    put(
      P,
      paths.round(
        [
          [-190, -110, 20],
          [190, -110, 20],
          [180, -30, 40],
          [-180, -30, 40],
        ],
        20,
      ),
      'woodL',
      3,
    );
    block(P, -204, -168, 408, 62, 30, 'woodD', 3);
    put(P, paths.scallop(-200, 200, -190, 14, 7, 22), 'corn', 2);
    put(P, paths.scallop(-214, 214, -228, 26, 8, 22), 'leafL', 2);
    for (const x of [-110, 10, 120]) oval(P, x, -232, 80, 20, 'tomato', 2);
    P.piece(
      paths.round(
        [
          [-200, -240, 30],
          [200, -240, 30],
          [180, -360, 120],
          [-180, -360, 120],
        ],
        60,
      ),
      shade(P, p.c('mustard'), -200, 200),
      { lift: 4 },
    );
    for (const [x, y] of [
      [-90, -310],
      [-20, -330],
      [60, -312],
      [110, -286],
      [-130, -280],
      [10, -290],
    ] as const)
      P.ink(paths.ellipse(x, y, 11, 6, 0.4), p.paper);
    for (let i = 0; i < 9; i++)
      bar(
        P,
        [
          [250 + (i % 5) * 18, -30 - (i % 3) * 14],
          [262 + (i % 4) * 26, -150 - (i % 4) * 24],
        ],
        [24, 24],
        'corn',
        2,
      );
  },
  /** From above. */
  salad(P) {
    const p = P.pal;
    oval(P, 0, 0, 360, 360, 'woodL', 4);
    oval(P, 0, 0, 318, 318, 'wood', 2);
    for (let i = 0; i < 26; i++) {
      const a = i * 2.4;
      const r = 270 * Math.sqrt(i / 26);
      nature.leafP(
        P,
        Math.cos(a) * r * 0.75,
        Math.sin(a) * r * 0.75,
        150,
        a + 1,
        p.c(i % 3 ? 'leafL' : 'leaf'),
        { fat: 0.42 },
      );
    }
    for (let i = 0; i < 7; i++) {
      const a = i * 2.4 + 0.7;
      const r = 60 + ((i * 71) % 170);
      things.tomato(P, Math.cos(a) * r, Math.sin(a) * r, 44);
    }
    for (let i = 0; i < 6; i++) {
      const a = i * 1.9;
      const r = 40 + ((i * 97) % 200);
      oval(P, Math.cos(a) * r, Math.sin(a) * r, 46, 46, 'leafL', 2, 0.5);
      P.line(paths.circle(Math.cos(a) * r, Math.sin(a) * r, 42), p.c('leaf'), 8);
    }
    fork(P, -500, 40, 1);
    fork(P, 500, 40, 1);
  },
  /** From above: fried eggs and toast. */
  breakfast(P) {
    const p = P.pal;
    plateAbove(P, 400);
    for (const [x, y] of [
      [-110, -70],
      [70, 50],
    ] as const) {
      put(P, nature.wobble(P, x, y, 130, 0.09), 'white', 2, 0.2);
      oval(P, x + 6, y - 4, 54, 54, 'corn', 2);
      P.ink(paths.ellipse(x - 12, y - 22, 16, 10, -0.5), p.paper, 0.8);
    }
    P.at(
      150,
      -150,
      () => {
        block(P, -110, -100, 220, 200, 46, 'wood', 3);
        block(P, -92, -82, 184, 164, 36, 'dough', 1);
      },
      { rot: 0.3 },
    );
    for (const [x, y] of [
      [-150, 150],
      [-80, 190],
    ] as const)
      things.tomato(P, x, y, 46);
    nature.leafP(P, -230, 70, 90, 1.2, p.c('leaf'));
    nature.leafP(P, -210, 110, 80, 0.4, p.c('leafL'));
    fork(P, -520, 20);
    knife(P, 520, 20);
  },
  sandwich(P) {
    plate(P, 400);
    for (const [y, c, l] of [
      [-40, 'doughD', 0],
      [-96, 'leafL', 0],
      [-130, 'tomato', 0],
      [-160, 'corn', 0.2],
      [-194, 'rose', 0.1],
      [-240, 'doughD', 0],
    ] as const)
      put(
        P,
        c === 'doughD'
          ? paths.round(
              [
                [-300, y - 24],
                [300, y - 24],
                [290, y + 24],
                [-290, y + 24],
              ],
              16,
            )
          : paths.smooth(
              [
                [-310, y],
                [-200, y - 26],
                [-60, y - 6],
                [80, y - 26],
                [220, y - 4],
                [314, y - 16],
                [300, y + 26],
                [0, y + 30],
                [-300, y + 26],
              ],
              true,
              0.8,
            ),
        c,
        2.4,
        l,
      );
    put(
      P,
      paths.round(
        [
          [-300, -264, 20],
          [300, -264, 20],
          [250, -330, 60],
          [-250, -330, 60],
        ],
        30,
      ),
      'wood',
      3,
    );
    bar(
      P,
      [
        [0, -330],
        [0, -460],
      ],
      [10, 10],
      'woodD',
      2,
    );
    P.piece(paths.circle(0, -452, 36), P.pal.c('olive'), { lift: 2 });
  },
  /** From above: fish, lemon, rice. */
  fishPlate(P) {
    const p = P.pal;
    plateAbove(P, 420);
    P.group(
      () => {
        put(
          P,
          paths.smooth(
            [
              [180, 0],
              [300, -90],
              [290, 0],
              [300, 90],
            ],
            true,
            0.8,
          ),
          'steelD',
          2,
        );
        put(
          P,
          paths.smooth(
            [
              [-260, 0],
              [-140, -104],
              [60, -84],
              [200, -14],
              [200, 14],
              [60, 84],
              [-140, 104],
            ],
            true,
            0.9,
          ),
          'steel',
          3,
        );
        for (let r = 0; r < 3; r++)
          for (let i = 0; i < 6; i++)
            P.line(
              paths.smooth(
                [
                  [-90 + i * 44, -46 + r * 38],
                  [-72 + i * 44, -28 + r * 38],
                  [-90 + i * 44, -10 + r * 38],
                ],
                false,
              ),
              p.c('steelD'),
              5,
              0.7,
            );
        P.ink(paths.circle(-196, -18, 13), p.ink);
      },
      { lift: 3 },
    );
    for (const [x, y] of [
      [60, -190],
      [150, -160],
    ] as const) {
      oval(P, x, y, 62, 62, 'corn', 2);
      oval(P, x, y, 48, 48, 'corn', 1, 0.4);
      for (let i = 0; i < 6; i++)
        P.line(
          paths.poly(
            [
              [x, y],
              [x + Math.cos(i * 1.047) * 46, y + Math.sin(i * 1.047) * 46],
            ],
            false,
          ),
          p.c('corn'),
          5,
        );
    }
    for (let i = 0; i < 5; i++) nature.leafP(P, -120 + i * 40, 210, 90, -1.2 + i * 0.3, p.c('leaf'));
    fork(P, -540, 20);
    knife(P, 540, 20);
  },
  cheese(P) {
    const p = P.pal;
    P.at(0, -20, () => oval(P, 0, 0, 470, 46, 'woodL', 4));
    put(
      P,
      paths.round(
        [
          [-330, -230],
          [190, -330],
          [330, -230],
        ],
        14,
      ),
      'corn',
      3,
      0.25,
    );
    P.piece(
      paths.round(
        [
          [-330, -230],
          [330, -230],
          [330, -40],
          [-330, -40],
        ],
        14,
      ),
      shade(P, p.c('corn'), -330, 330),
      { lift: 3 },
    );
    for (const [x, y, r] of [
      [-210, -120, 40],
      [-60, -170, 30],
      [80, -100, 48],
      [240, -160, 34],
      [-110, -70, 20],
      [180, -60, 18],
    ] as const) {
      oval(P, x, y, r, r * 0.9, 'mustard', 0.8, -0.1);
    }
    P.at(-420, -40, () => {
      for (let i = 0; i < 9; i++)
        P.piece(paths.circle(((i * 47) % 100) - 50, -20 - ((i * 31) % 90), 32), p.c('aub'), { lift: 2 });
    });
  },
  pumpkin(P) {
    const p = P.pal;
    for (const [x, r] of [
      [-210, 130],
      [210, 130],
      [-120, 150],
      [120, 150],
      [0, 156],
    ] as const)
      P.piece(paths.ellipse(x, -170, r, 166), shade(P, p.c('carrot'), x - r, x + r), { lift: 3 });
    bar(
      P,
      [
        [0, -310],
        [20, -370],
        [70, -410],
      ],
      [50, 34, 40],
      'leafD',
      3,
    );
    nature.leafP(P, 60, -340, 190, 0.2, p.c('leaf'));
    P.line(
      paths.smooth(
        [
          [40, -340],
          [-60, -400],
          [-120, -370],
          [-90, -340],
          [-150, -320],
        ],
        false,
      ),
      p.c('leafD'),
      9,
    );
  },
  /** A full table from above. */
  feast(P) {
    const p = P.pal;
    for (const [x, y] of [
      [-470, -330],
      [470, -330],
      [-470, 330],
      [470, 330],
    ] as const)
      P.at(x, y, () => {
        plateAbove(P, 190);
        nature.leafP(P, -50, 20, 120, -0.4, p.c('leaf'));
        things.tomato(P, 40, -20, 46);
        put(P, nature.wobble(P, -10, 50, 60, 0.08), 'doughD', 2);
        fork(P, -240, 10, 0.55);
        knife(P, 240, 10, 0.55);
      });
    P.at(0, -220, () => {
      oval(P, 0, 0, 190, 190, 'red', 4);
      oval(P, 0, 0, 156, 156, 'carrot', 1);
      for (let i = 0; i < 8; i++)
        oval(P, Math.cos(i * 2.4) * 90, Math.sin(i * 2.4) * 90, 30, 22, i % 2 ? 'leafL' : 'corn', 1.5);
    });
    P.at(0, 230, () => {
      block(P, -250, -120, 500, 240, 30, 'wood', 4);
      for (let i = 0; i < 4; i++)
        P.at(-150 + i * 100, 0, () => block(P, -46, -90, 92, 180, 44, 'mustard', 3, i % 2 ? 0.1 : -0.06), {
          rot: 0.1 * (i - 1.5),
        });
    });
    for (const [x, y] of [
      [-250, 0],
      [250, 0],
    ] as const) {
      oval(P, x, y, 70, 70, 'glass', 3, 0.4);
      oval(P, x, y, 52, 52, 'beet', 1);
    }
  },
} satisfies Drawings;
