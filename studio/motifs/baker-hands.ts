import { mix } from '../kit/colour.ts';
import * as hands from '../kit/hands.ts';
import * as nature from '../kit/nature.ts';
import type { Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as things from '../kit/things.ts';

export const motif: Motif = {
  title: "A baker's hands kneading dough",
  pal: 'kitchen',
  focal: [1030, 720],
  portrait: { x: 560, y: -150, w: 920, h: 1635 },
  draw(P) {
    const p = P.pal,
      R = P.R,
      sk = p.skin(1),
      dough = p.c('dough'),
      dd = p.d('doughD', 0.08);
    // bench
    things.planks(P, -1400, -1200, 3320, 2400, 15, mix(p.c('wood'), p.shadow, 0.2));
    // apron and shirt at top edge
    P.group(
      () => {
        P.piece(
          paths.smooth([
            [330, -1300],
            [380, -200],
            [520, 60],
            [760, 60],
            [1040, 80],
            [1320, 60],
            [1560, 40],
            [1700, -200],
            [1750, -1300],
          ]),
          p.c('white'),
          { lift: 5 },
        );
        P.piece(
          paths.smooth([
            [520, -1300],
            [560, -100],
            [640, 110],
            [830, 190],
            [1040, 210],
            [1250, 190],
            [1440, 110],
            [1520, -100],
            [1560, -1300],
          ]),
          p.c('#3f6f7a'),
          { lift: 2 },
        );
        for (const m of [-1, 1])
          P.line(
            paths.smooth(
              [
                [1040 + m * 300, 110],
                [1040 + m * 200, 30],
                [1040 + m * 190, -200],
              ],
              false,
            ),
            p.d('#3f6f7a', 0.4),
            4,
            0.6,
          );
        P.piece(
          paths.round(
            [
              [840, -400],
              [1240, -400],
              [1220, 60],
              [860, 60],
            ],
            30,
          ),
          p.l('#3f6f7a', 0.08),
          { lift: 1 },
        );
      },
      { lift: 6 },
    );
    // flour on the bench
    const pat = (x: number, y: number, r: number, a: number) => {
      const pts: [number, number][] = [];
      for (let i = 0; i < 14; i++) {
        const t = (i / 14) * 6.283,
          q = r * R.r(0.72, 1.18);
        pts.push([x + Math.cos(t) * q * 1.5, y + Math.sin(t) * q * 0.8]);
      }
      P.ink(paths.smooth(pts), p.c('flour'), a);
    };
    pat(1040, 850, 440, 0.34);
    for (let i = 0; i < 260; i++) {
      const a = R.r(0, 6.283),
        d = R.r(330, 820);
      P.ink(
        paths.circle(1030 + Math.cos(a) * d * 1.1, 830 + Math.sin(a) * d * 0.7, R.r(1.5, 5.5)),
        p.c('flour'),
        R.r(0.3, 0.85),
      );
    }
    // bowl of flour, upper right
    P.group(
      () => {
        P.piece(paths.circle(1730, 330, 250), p.c('#5e8d92'), { lift: 5 });
        P.piece(paths.circle(1730, 330, 222), p.d('#5e8d92', 0.3), { lift: 0 });
        P.piece(nature.wobble(P, 1726, 336, 200, 0.04), p.c('flour'), { lift: 1 });
        P.piece(nature.wobble(P, 1700, 310, 110, 0.1), mix(p.c('flour'), '#fff', 0.6), { lift: 1 });
        P.piece(
          paths.tube(
            [
              [1700, 330],
              [1560, 130],
            ],
            [34, 26],
          ),
          p.c('woodL'),
          { lift: 2 },
        );
        P.piece(paths.ellipse(1716, 350, 62, 46, 0.9), p.c('woodL'), { lift: 2 });
        P.ink(paths.ellipse(1718, 352, 44, 30, 0.9), p.c('flour'), 0.9);
      },
      { lift: 5 },
    );
    // rolling pin lower left
    P.group(
      () =>
        P.at(
          290,
          1010,
          () => {
            P.piece(
              paths.tube(
                [
                  [-330, 0],
                  [330, 0],
                ],
                [26, 26],
              ),
              p.c('brick'),
              { lift: 2 },
            );
            P.piece(
              paths.rrect(-235, -50, 470, 100, 26),
              P.lin(0, -50, 0, 50, p.l('woodL', 0.25), p.c('woodL'), p.c('wood')),
              { lift: 2 },
            );
          },
          { rot: -0.5 },
        ),
      { lift: 5 },
    );
    // eggs
    for (const [x, y, a] of [
      [1640, 1010, 0.5],
      [1766, 950, -0.4],
      [1758, 1090, 1.9],
    ] as const)
      things.egg(P, x, y, 56, a, p.c('#ecc6a0'));
    // wheat ears, left
    for (const [x, y, a] of [
      [150, 470, -0.9],
      [230, 430, -0.65],
      [120, 400, -1.1],
    ] as const)
      P.at(
        x,
        y,
        () => {
          P.piece(
            paths.tube(
              [
                [0, 240],
                [4, 100],
                [0, 0],
              ],
              [7, 6, 5],
            ),
            p.c('mustard'),
            { lift: 1.2, grain: 0 },
          );
          for (let i = 0; i < 7; i++)
            for (const m of [-1, 1])
              P.piece(
                nature.leaf(0, 20 - i * 26, 52, -Math.PI / 2 + m * 0.55, 0.3),
                mix(p.c('mustard'), p.paper, (i % 2) * 0.14),
                { lift: 0.8, grain: 0.2 },
              );
          P.piece(nature.leaf(0, -160, 56, -Math.PI / 2, 0.3), p.c('mustard'), { lift: 0.8 });
        },
        { rot: a + 0.9 },
      );
    // dough
    const D0 = paths.smooth([
      [610, 800],
      [660, 660],
      [820, 580],
      [1040, 570],
      [1260, 580],
      [1420, 660],
      [1470, 800],
      [1430, 950],
      [1270, 1060],
      [1040, 1090],
      [810, 1060],
      [650, 950],
    ]);
    P.piece(D0, P.rad(980, 700, 60, 580, mix(dough, '#fff', 0.45), dough, dd), { lift: 7 });
    for (const m of [-1, 1])
      P.piece(
        paths.smooth([
          [1040 + m * 30, 800],
          [1040 + m * 90, 640],
          [1040 + m * 210, 616],
          [1040 + m * 320, 690],
          [1040 + m * 330, 830],
          [1040 + m * 230, 940],
          [1040 + m * 90, 930],
        ]),
        P.rad(1040 + m * 190, 800, 30, 260, p.d('doughD', 0.18), dd, mix(dough, dd, 0.5)),
        { lift: 0, edge: 0.3 },
      );
    // arms and hands
    const hand = (m: number) =>
      P.at(
        1040 + m * 172,
        560,
        () =>
          P.group(
            () => {
              hands.back(P, sk, {
                thumb: 0.92,
                spread: 0.42,
                lift: 2,
                arm: [
                  [-60 - 190, -440],
                  [-46 - 74, -250],
                  [-30, -100],
                ],
                armW: [132, 122, 92, 70, 76],
                len: 0.96,
              });
              P.piece(
                paths.tube(
                  [
                    [-330, -560],
                    [-236, -424],
                    [-176, -340],
                  ],
                  [230, 190, 172],
                  { cap: 'flat' },
                ),
                p.l('white', 0.1),
                { lift: 3 },
              );
              P.piece(
                paths.tube(
                  [
                    [-216, -384],
                    [-166, -318],
                  ],
                  [184, 166],
                  { cap: 'flat' },
                ),
                p.d('white', 0.1),
                { lift: 1.4 },
              );
            },
            { lift: 4 },
          ),
        { s: 1.62, sx: 1.62 * -m * -1 * (m > 0 ? -1 : -1), rot: m * 0.12 },
      );
    hand(-1);
    hand(1);
    // lips of dough swallow the fingertips
    P.piece(
      paths.smooth([
        [640, 890],
        [700, 880],
        [770, 906],
        [850, 886],
        [930, 908],
        [1040, 896],
        [1150, 908],
        [1230, 886],
        [1310, 906],
        [1380, 880],
        [1440, 890],
        [1440, 950],
        [1276, 1066],
        [1040, 1096],
        [804, 1066],
        [640, 950],
      ]),
      P.lin(0, 880, 0, 1090, mix(dough, '#fff', 0.5), dough, dd),
      { lift: 1.8, edge: 0.35 },
    );
    for (const [x, y, l] of [
      [820, 1000, 90],
      [1200, 1012, 110],
      [1010, 1046, 70],
    ] as const)
      P.line(
        paths.smooth(
          [
            [x - l, y - 6],
            [x, y + 6],
            [x + l, y - 8],
          ],
          false,
        ),
        p.d('doughD', 0.2),
        4,
        0.45,
      );
  },
};
