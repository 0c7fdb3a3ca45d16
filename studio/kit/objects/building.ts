import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import * as paths from '../paths.ts';
import { bar, block, oval, put, shade } from './parts.ts';

/** What is built and mended with. The middle of each thing's foot is at 0,0; about 500 units high. */
export const BUILDING = {
  toolbox(P) {
    const p = P.pal;
    P.at(
      -150,
      -250,
      () => {
        block(P, -16, -260, 32, 300, 10, 'wood', 2);
        block(P, -90, -310, 180, 70, 14, 'steel', 3);
      },
      { rot: -0.16 },
    );
    P.at(
      60,
      -260,
      () => {
        block(P, -12, -220, 24, 240, 6, 'steel', 2);
        block(P, -30, -330, 60, 130, 24, 'red', 3);
      },
      { rot: 0.12 },
    );
    P.at(
      190,
      -270,
      () => {
        P.piece(paths.diff(paths.circle(0, -190, 74), paths.rect(-26, -280, 52, 110)), p.c('steel'), {
          lift: 3,
        });
        block(P, -22, -150, 44, 190, 10, 'steel', 2);
      },
      { rot: 0.3 },
    );
    P.line(
      paths.smooth(
        [
          [-200, -260],
          [-180, -380],
          [180, -380],
          [200, -260],
        ],
        false,
      ),
      p.c('dark'),
      28,
    );
    P.piece(paths.rrect(-330, -280, 660, 280, 18), shade(P, p.c('red'), -330, 330), { lift: 4 });
    block(P, -344, -290, 688, 60, 12, 'red', 3, -0.15);
    for (const x of [-210, 160]) block(P, x, -250, 56, 70, 10, 'steel', 2);
  },
  hammer(P) {
    block(P, -420, -90, 840, 90, 8, 'woodL', 4);
    for (let i = 0; i < 3; i++)
      P.line(
        paths.smooth(
          [
            [-380, -66 + i * 24],
            [0, -60 + i * 22],
            [380, -66 + i * 24],
          ],
          false,
        ),
        P.pal.d('woodL', 0.2),
        5,
        0.5,
      );
    P.at(
      80,
      -240,
      () => {
        P.group(
          () => {
            block(P, -22, -20, 44, 400, 16, 'wood', 3);
            block(P, -120, -90, 230, 92, 18, 'steelD', 4);
            put(
              P,
              paths.smooth(
                [
                  [100, -84],
                  [190, -110],
                  [240, -60],
                  [190, -50],
                  [110, -10],
                ],
                true,
                0.7,
              ),
              'steelD',
              3,
            );
          },
          { lift: 4 },
        );
      },
      { rot: -0.9 },
    );
    for (const [x, h] of [
      [-250, 120],
      [-180, 30],
    ] as const) {
      block(P, x - 8, -90 - h, 16, h, 2, 'steel', 2);
      oval(P, x, -92 - h, 30, 11, 'steelD', 2);
    }
  },
  paintPot(P) {
    const p = P.pal;
    P.line(
      paths.smooth(
        [
          [-190, -330],
          [0, -500],
          [190, -330],
        ],
        false,
      ),
      p.c('steelD'),
      12,
    );
    P.piece(paths.rrect(-200, -340, 400, 340, 20), shade(P, p.c('steel'), -200, 200), { lift: 4 });
    oval(P, 0, -340, 200, 44, 'steelD', 1);
    oval(P, 0, -340, 178, 34, 'teal', 1);
    put(
      P,
      paths.smooth(
        [
          [-190, -336],
          [-80, -300],
          [-60, -180],
          [-20, -170],
          [-10, -280],
          [60, -290],
          [76, -120],
          [112, -116],
          [120, -290],
          [190, -330],
          [0, -306],
        ],
        true,
        0.7,
      ),
      'teal',
      2,
    );
    block(P, -150, -110, 300, 70, 8, 'white', 1);
    P.at(
      350,
      -40,
      () => {
        block(P, -230, -26, 230, 50, 24, 'wood', 3);
        block(P, -10, -60, 70, 120, 10, 'steel', 3);
        put(
          P,
          paths.round(
            [
              [56, -56],
              [190, -40],
              [190, 40],
              [56, 56],
            ],
            8,
          ),
          'doughD',
          2,
        );
        put(
          P,
          paths.round(
            [
              [120, -50],
              [200, -44],
              [200, 44],
              [120, 50],
            ],
            8,
          ),
          'teal',
          1.5,
        );
      },
      { rot: -0.5 },
    );
  },
  bricks(P) {
    for (let r = 0; r < 5; r++)
      for (let i = 0; i < 6; i++) {
        const x = -480 + i * 164 + (r % 2) * 82;
        if (r === 4 && i > 2) continue;
        if (r === 3 && i > 4) continue;
        block(P, x, -96 - r * 92, 152, 80, 8, 'brick', 3, ((i * 5 + r * 3) % 4) * 0.05 - 0.08);
      }
    P.at(
      270,
      -390,
      () => {
        put(
          P,
          paths.round(
            [
              [-150, 0],
              [40, -70],
              [60, 70],
            ],
            12,
          ),
          'steel',
          3,
        );
        bar(
          P,
          [
            [44, 0],
            [110, -30],
            [210, -30],
          ],
          [22, 22, 46],
          'wood',
          3,
        );
      },
      { rot: -0.15 },
    );
  },
  wheelbarrow(P) {
    const p = P.pal;
    for (let i = 0; i < 4; i++)
      nature.leafP(P, -60 + i * 60, -330, 170, -1.9 + i * 0.28, p.c(i % 2 ? 'leaf' : 'leafL'));
    for (const [x, c] of [
      [-110, 'red'],
      [0, 'mustard'],
      [100, 'rose'],
      [170, 'white'],
    ] as const) {
      bar(
        P,
        [
          [x, -290],
          [x + 4, -390],
        ],
        [10, 8],
        'leafD',
        1.5,
      );
      P.piece(nature.wobble(P, x, -410, 46, 0.12), p.c(c), { lift: 3 });
      P.piece(paths.circle(x, -410, 16), p.c('corn'), { lift: 1 });
    }
    put(
      P,
      paths.smooth(
        [
          [-190, -270],
          [-60, -330],
          [110, -320],
          [220, -270],
        ],
        true,
        0.8,
      ),
      'soil',
      2,
    );
    P.piece(
      paths.round(
        [
          [-260, -290],
          [270, -290],
          [190, -110],
          [-120, -110],
        ],
        18,
      ),
      shade(P, p.c('teal'), -260, 270),
      { lift: 4 },
    );
    bar(
      P,
      [
        [280, -80],
        [0, -110],
        [-400, -220],
      ],
      [26, 26, 30],
      'wood',
      3,
    );
    bar(
      P,
      [
        [-140, -130],
        [-170, -6],
      ],
      [24, 24],
      'wood',
      2,
    );
    oval(P, 270, -76, 78, 78, 'dark', 4);
    oval(P, 270, -76, 36, 36, 'steel', 1.5);
  },
} satisfies Drawings;
