import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import type { Paint } from '../paint.ts';
import * as paths from '../paths.ts';
import { bar, block, oval, put, shade } from './parts.ts';

/** A plate from the side, and from above. */
const plate = (P: Paint, rx = 330) => {
  oval(P, 0, -14, rx, 40, 'white', 3);
  oval(P, 0, -22, rx * 0.8, 26, 'white', 1, -0.06);
};

/** Drinks and sweet things. From the side with the middle of the foot at 0,0, or from above round 0,0. */
export const TREATS = {
  pancakes(P) {
    const p = P.pal;
    plate(P, 360);
    for (let i = 0; i < 6; i++) {
      const x = ((i * 37) % 24) - 12;
      block(P, x - 220, -86 - i * 48, 440, 54, 27, 'mustard', 2, i % 2 ? 0 : -0.12);
    }
    oval(P, 0, -340, 216, 38, 'doughD', 1);
    put(
      P,
      paths.smooth(
        [
          [-150, -340],
          [-60, -376],
          [120, -366],
          [200, -330],
          [196, -200],
          [160, -186],
          [150, -290],
          [60, -310],
          [40, -230],
          [10, -226],
          [0, -310],
          [-110, -300],
          [-130, -250],
          [-160, -260],
        ],
        true,
        0.8,
      ),
      'woodD',
      2,
    );
    block(P, -60, -404, 110, 50, 10, 'corn', 2, 0.3);
    for (const [x, y] of [
      [90, -380],
      [124, -364],
    ] as const)
      P.piece(paths.circle(x, y, 26), p.c('denim'), { lift: 2 });
  },
  iceCream(P) {
    const p = P.pal;
    P.piece(
      paths.round(
        [
          [-110, -250, 12],
          [110, -250, 12],
          [0, 20, 14],
        ],
        12,
      ),
      shade(P, p.c('woodL'), -110, 110),
      { lift: 4 },
    );
    P.clip(
      paths.poly([
        [-110, -250],
        [110, -250],
        [0, 20],
      ]),
      () => {
        for (let i = -6; i < 8; i++) {
          P.line(
            paths.poly(
              [
                [-200 + i * 46, -260],
                [0 + i * 46, 40],
              ],
              false,
            ),
            p.d('woodL', 0.25),
            6,
          );
          P.line(
            paths.poly(
              [
                [200 - i * 46, -260],
                [0 - i * 46, 40],
              ],
              false,
            ),
            p.d('woodL', 0.25),
            6,
          );
        }
      },
    );
    for (const [x, y, c] of [
      [-80, -310, 'rose'],
      [80, -310, 'cream'],
      [0, -430, 'leafL'],
    ] as const) {
      P.piece(paths.circle(x, y, 112), shade(P, p.c(c), x - 110, x + 110), { lift: 4 });
      put(P, paths.scallop(x - 112, x + 112, y + 60, 18, 5, 24), c, 1);
    }
    bar(
      P,
      [
        [60, -520],
        [150, -640],
      ],
      [40, 40],
      'wood',
      2,
    );
    P.piece(paths.circle(-20, -552, 34), p.c('red'), { lift: 3 });
  },
  honey(P) {
    const p = P.pal;
    P.piece(paths.rrect(-190, -380, 380, 380, 70), shade(P, p.c('mustard'), -190, 190), { lift: 4 });
    P.line(
      paths.smooth(
        [
          [-150, -320],
          [-156, -200],
          [-150, -80],
        ],
        false,
      ),
      p.paper,
      16,
      0.5,
    );
    block(P, -206, -440, 412, 84, 18, 'red', 3);
    block(P, -120, -270, 240, 150, 14, 'cream', 2);
    for (const [x, y] of [
      [-40, -220],
      [40, -220],
      [0, -174],
    ] as const)
      put(
        P,
        paths.round(
          Array.from({ length: 6 }, (_, i): [number, number] => [
            x + 36 * Math.cos((i * Math.PI) / 3),
            y + 36 * Math.sin((i * Math.PI) / 3),
          ]),
          5,
        ),
        'mustard',
        1,
      );
    P.at(330, -40, () => {
      bar(
        P,
        [
          [0, -60],
          [110, -420],
        ],
        [22, 26],
        'wood',
        3,
      );
      for (let i = 0; i < 5; i++)
        oval(P, -4 - i * 3, -70 + i * 22, 66 - Math.abs(i - 2) * 10, 15, 'woodL', 2);
      put(
        P,
        paths.smooth(
          [
            [-60, 20],
            [0, 0],
            [70, 26],
            [120, 44],
            [0, 56],
            [-110, 44],
          ],
          true,
          0.9,
        ),
        'mustard',
        2,
      );
    });
  },
  popcorn(P) {
    const p = P.pal;
    for (let i = 0; i < 30; i++) {
      const x = ((i * 73) % 380) - 190;
      const y = -370 - ((i * 41) % 120) * (1 - Math.abs(x) / 260);
      P.piece(nature.wobble(P, x, y, 42, 0.14), i % 3 ? p.c('cream') : p.l('corn', 0.4), { lift: 2 });
    }
    P.piece(
      paths.round(
        [
          [-220, -390],
          [220, -390],
          [160, -6],
          [-160, -6],
        ],
        14,
      ),
      p.c('white'),
      { lift: 4 },
    );
    P.clip(
      paths.poly([
        [-220, -390],
        [220, -390],
        [160, -6],
        [-160, -6],
      ]),
      () => {
        for (let i = 0; i < 4; i++)
          put(
            P,
            paths.poly([
              [-200 + i * 120, -400],
              [-140 + i * 120, -400],
              [-112 + i * 90, 0],
              [-152 + i * 90, 0],
            ]),
            'red',
            0.8,
          );
      },
    );
    for (const [x, y] of [
      [300, -20],
      [360, -40],
      [-300, -26],
    ] as const)
      P.piece(nature.wobble(P, x, y, 38, 0.14), p.c('cream'), { lift: 2 });
  },
  chocolate(P) {
    const p = P.pal;
    P.at(
      0,
      -230,
      () => {
        P.group(
          () => {
            block(P, -200, -230, 400, 460, 18, 'woodD', 4);
            for (let r = 0; r < 4; r++)
              for (let i = 0; i < 3; i++) {
                block(P, -184 + i * 126, -216 + r * 110, 114, 98, 10, 'woodD', 1.5, -0.2);
                block(P, -164 + i * 126, -200 + r * 110, 74, 60, 8, 'woodD', 0.6, 0.08);
              }
            put(
              P,
              paths.poly([
                [-210, 20],
                [-150, -10],
                [-90, 26],
                [-20, -6],
                [50, 30],
                [120, -4],
                [210, 24],
                [210, 240],
                [-210, 240],
              ]),
              'steel',
              3,
              0.3,
            );
            put(P, paths.rrect(-216, 80, 432, 170, 10), 'red', 3);
            P.ink(paths.rrect(-130, 140, 260, 22, 8), p.paper);
            P.ink(paths.rrect(-80, 180, 160, 14, 6), p.paper, 0.8);
          },
          { lift: 4 },
        );
      },
      { rot: -0.16 },
    );
    P.at(
      330,
      -50,
      () => {
        block(P, -60, -44, 120, 94, 10, 'woodD', 3, -0.1);
        block(P, -38, -28, 76, 50, 8, 'woodD', 0.6, 0.08);
      },
      { rot: 0.4 },
    );
  },
} satisfies Drawings;
