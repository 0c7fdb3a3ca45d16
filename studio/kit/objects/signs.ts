import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import * as nature from '../nature.ts';
import * as paths from '../paths.ts';
import { heart, shade } from './parts.ts';

/** Things that warn, show a way or change. The middle of each thing's foot is at 0,0; about 500 units high. */
export const SIGNS = {
  nest(P) {
    const p = P.pal;
    P.piece(
      paths.tube(
        [
          [-600, -60],
          [-200, -20],
          [200, -60],
          [640, -30],
        ],
        [70, 60, 52, 34],
      ),
      p.c('woodD'),
      { lift: 4 },
    );
    for (const [x, y, a] of [
      [-420, -90, -1.2],
      [430, -80, -0.7],
      [520, -10, 0.4],
      [-520, -20, 2.6],
    ] as const)
      nature.leafP(P, x, y, 130, a, p.c('leaf'), { lift: 2 });
    P.piece(paths.ellipse(0, -190, 250, 70), p.d('woodD', 0.3), { lift: 1 });
    for (const [x, a] of [
      [-96, -0.14],
      [14, 0.05],
      [112, 0.2],
    ] as const)
      P.at(
        x,
        -216,
        () => {
          P.piece(
            paths.ellipse(0, 0, 62, 84),
            P.rad(-16, -26, 0, 110, p.l('teal', 0.62), p.l('teal', 0.35)),
            {
              lift: 2,
            },
          );
          for (let i = 0; i < 6; i++)
            P.ink(paths.circle(P.R.r(-34, 34), P.R.r(-56, 40), P.R.r(3, 6)), p.d('teal', 0.2), 0.6);
        },
        { rot: a },
      );
    P.piece(
      paths.smooth(
        [
          [-270, -210],
          [270, -210],
          [190, -50],
          [0, -6],
          [-190, -50],
        ],
        true,
        0.8,
      ),
      p.c('wood'),
      { lift: 3 },
    );
    for (let i = 0; i < 44; i++) {
      const a = P.R.r(-0.35, 0.35);
      const x = P.R.r(-200, 200);
      const y = P.R.r(-190, -50) * (1 - Math.abs(x) / 700);
      P.piece(
        paths.tube(
          [
            [x - 70, y - a * 60],
            [x, y + 10],
            [x + 70, y + a * 60],
          ],
          [6, 9, 5],
        ),
        mix(p.c('woodL'), p.c('woodD'), P.R()),
        { lift: 0.8 },
      );
    }
  },

  warning(P) {
    const p = P.pal;
    P.piece(paths.rect(-18, -330, 36, 330), p.c('steelD'), { lift: 2 });
    P.piece(
      paths.round(
        [
          [0, -700, 60],
          [310, -200, 60],
          [-310, -200, 60],
        ],
        60,
      ),
      p.c('red'),
      { lift: 5 },
    );
    P.piece(
      paths.round(
        [
          [0, -620, 40],
          [240, -236, 40],
          [-240, -236, 40],
        ],
        40,
      ),
      p.paper,
      { lift: 1.4 },
    );
    P.piece(
      paths.round(
        [
          [-34, -540],
          [34, -540],
          [20, -370],
          [-20, -370],
        ],
        16,
      ),
      p.ink,
      { lift: 0.8 },
    );
    P.piece(paths.circle(0, -312, 30), p.ink, { lift: 0.8 });
  },

  signpost(P) {
    const p = P.pal;
    P.piece(paths.rect(-24, -660, 48, 660), shade(P, p.c('woodD'), -24, 24), { lift: 3 });
    const arm = (y: number, dir: number, c: string, w: number, rot: number) =>
      P.at(
        0,
        y,
        () => {
          P.piece(
            paths.round(
              [
                [-60 * dir, -58],
                [w * dir, -58],
                [(w + 80) * dir, 0],
                [w * dir, 58],
                [-60 * dir, 58],
              ],
              8,
            ),
            shade(P, c, -60 * dir, w * dir),
            { lift: 4 },
          );
          P.ink(
            paths.rrect(Math.min(0, dir * (w - 30)) + (dir > 0 ? 10 : 20), -12, w - 60, 24, 12),
            p.paper,
            0.8,
          );
        },
        { rot },
      );
    arm(-560, 1, p.c('teal'), 300, -0.04);
    arm(-400, -1, p.c('brick'), 320, 0.05);
    arm(-250, 1, p.c('mustard'), 220, 0.06);
    P.piece(paths.circle(0, -672, 34), p.c('woodD'), { lift: 2 });
  },

  iceberg(P) {
    const p = P.pal;
    P.piece(
      paths.round(
        [
          [-150, -330, 8],
          [-60, -500, 14],
          [20, -440, 8],
          [90, -540, 14],
          [190, -320, 8],
        ],
        10,
      ),
      P.lin(-150, 0, 190, 0, p.paper, p.l('blue', 0.55)),
      { lift: 4 },
    );
    P.piece(
      paths.poly([
        [90, -540],
        [190, -320],
        [60, -320],
        [40, -420],
      ]),
      p.l('blue', 0.62),
      { lift: 0.8 },
    );
    P.piece(paths.wave(-1700, 1700, -310, 12, 300, 2400), p.l('teal', 0.1), { lift: 3, a: 0.86 });
    P.piece(
      paths.round(
        [
          [-230, -290, 10],
          [250, -290, 10],
          [330, -110, 20],
          [180, 60, 20],
          [90, 250, 30],
          [-70, 180, 20],
          [-260, 20, 20],
          [-310, -150, 20],
        ],
        14,
      ),
      P.lin(0, -290, 0, 250, p.l('blue', 0.5), p.c('blue')),
      { lift: 4 },
    );
    P.piece(
      paths.poly([
        [40, -290],
        [250, -290],
        [320, -110],
        [110, -60],
      ]),
      p.l('blue', 0.4),
      { lift: 0.8 },
    );
    for (const [x, y] of [
      [-420, 60],
      [430, 140],
      [-360, 200],
    ] as const)
      P.piece(paths.circle(x, y, 14), p.paper, { lift: 1, a: 0.5 });
  },

  rocket(P) {
    const p = P.pal;
    P.at(
      0,
      -120,
      () => {
        P.piece(
          paths.smooth(
            [
              [-60, 30],
              [0, 260],
              [60, 30],
            ],
            true,
            0.8,
          ),
          p.c('carrot'),
          { lift: 1.6 },
        );
        P.piece(
          paths.smooth(
            [
              [-30, 30],
              [0, 150],
              [30, 30],
            ],
            true,
            0.8,
          ),
          '#fff0b8',
          { lift: 1 },
        );
        for (const s of [-1, 1])
          P.piece(
            paths.smooth(
              [
                [s * 70, -200],
                [s * 190, 0],
                [s * 160, 60],
                [s * 60, 20],
              ],
              true,
              0.6,
            ),
            p.c('red'),
            { lift: 2 },
          );
        P.piece(
          paths.smooth(
            [
              [0, -560],
              [110, -340],
              [104, -40],
              [60, 36],
              [-60, 36],
              [-104, -40],
              [-110, -340],
            ],
            true,
            0.85,
          ),
          shade(P, p.c('white'), -110, 110),
          { lift: 4 },
        );
        P.piece(
          paths.inter(
            paths.smooth(
              [
                [0, -560],
                [110, -340],
                [104, -40],
                [60, 36],
                [-60, 36],
                [-104, -40],
                [-110, -340],
              ],
              true,
              0.85,
            ),
            paths.rect(-200, -700, 400, 310),
          ),
          p.c('red'),
          { lift: 1 },
        );
        P.piece(paths.circle(0, -260, 58), p.c('steelD'), { lift: 1.6 });
        P.piece(paths.circle(0, -260, 42), p.l('blue', 0.3), { lift: 0.6 });
      },
      { rot: 0.3 },
    );
    for (const [x, y, r] of [
      [-190, 60, 84],
      [-80, 120, 104],
      [-300, 110, 70],
      [60, 110, 80],
    ] as const)
      P.piece(nature.wobble(P, x, y, r, 0.05), p.l('white', 0.2), { lift: 3 });
  },

  snail(P) {
    const p = P.pal;
    P.piece(
      paths.smooth(
        [
          [-420, 0],
          [-300, -80],
          [60, -90],
          [260, -130],
          [320, -300],
          [390, -310],
          [400, -180],
          [340, -30],
          [240, 0],
        ],
        true,
        0.8,
      ),
      shade(P, p.c('dough'), -400, 400),
      { lift: 3 },
    );
    for (const x of [340, 388]) {
      P.piece(
        paths.tube(
          [
            [x, -300],
            [x + 20, -400],
          ],
          [14, 10],
        ),
        p.c('dough'),
        { lift: 1.4 },
      );
      P.piece(paths.circle(x + 22, -408, 17), p.ink, { lift: 1 });
    }
    P.piece(paths.circle(-70, -250, 230), P.rad(-120, -320, 0, 340, p.l('carrot', 0.35), p.c('brick')), {
      lift: 5,
    });
    P.line(
      paths.smooth(
        Array.from({ length: 34 }, (_, i) => {
          const a = i * 0.42;
          const r = 205 - i * 5.9;
          return [-70 + Math.cos(a) * r, -250 + Math.sin(a) * r];
        }),
        false,
      ),
      p.d('brick', 0.3),
      16,
    );
  },

  butterfly(P) {
    const p = P.pal;
    P.at(
      0,
      -330,
      () => {
        for (const s of [-1, 1]) {
          P.piece(
            paths.smooth(
              [
                [s * 10, -30],
                [s * 150, -290],
                [s * 340, -270],
                [s * 350, -90],
                [s * 190, 20],
              ],
              true,
              0.9,
            ),
            P.rad(s * 120, -120, 0, 320, p.l('carrot', 0.4), p.c('carrot'), p.d('brick', 0.1)),
            { lift: 4 },
          );
          P.piece(
            paths.smooth(
              [
                [s * 10, 10],
                [s * 200, 40],
                [s * 270, 170],
                [s * 160, 290],
                [s * 40, 140],
              ],
              true,
              0.9,
            ),
            P.rad(s * 90, 90, 0, 260, p.l('mustard', 0.3), p.c('carrot')),
            { lift: 3 },
          );
          for (const [x, y, r] of [
            [260, -200, 34],
            [300, -110, 22],
            [190, 190, 28],
          ] as const) {
            P.piece(paths.circle(s * x, y, r), p.ink, { lift: 1 });
            P.piece(paths.circle(s * x, y, r * 0.5), p.paper, { lift: 0.6 });
          }
          P.line(
            paths.smooth(
              [
                [s * 6, -130],
                [s * 40, -230],
                [s * 90, -280],
              ],
              false,
            ),
            p.ink,
            8,
          );
        }
        P.piece(
          paths.smooth(
            [
              [0, -150],
              [30, -60],
              [22, 120],
              [0, 220],
              [-22, 120],
              [-30, -60],
            ],
            true,
            0.9,
          ),
          p.ink,
          { lift: 3 },
        );
      },
      { rot: 0.12 },
    );
  },

  bandagedHeart(P) {
    const p = P.pal;
    P.piece(heart(0, -330, 320), P.rad(-90, -450, 0, 560, p.l('red', 0.3), p.c('red'), p.d('red', 0.2)), {
      lift: 6,
    });
    P.at(
      30,
      -330,
      () => {
        P.piece(paths.rrect(-260, -52, 520, 104, 52), p.c('dough'), { lift: 3 });
        P.piece(paths.rrect(-76, -52, 152, 104, 8), p.l('dough', 0.5), { lift: 1 });
        for (let i = 0; i < 9; i++)
          P.ink(paths.circle(-40 + (i % 3) * 40, -28 + Math.floor(i / 3) * 28, 6), p.d('dough', 0.3), 0.6);
      },
      { rot: -0.5 },
    );
  },
} satisfies Drawings;
