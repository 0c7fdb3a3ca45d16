import { mix } from '../kit/colour.ts';
import { nth } from '../kit/named.ts';
import * as nature from '../kit/nature.ts';
import { BLEED, type Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as people from '../kit/people.ts';
import * as things from '../kit/things.ts';

/** A narrow boat on a canal between willows and brick houses. */
export const motif: Motif = {
  outdoor: true,
  title: 'A narrow boat on the canal',
  pal: 'noon',
  focal: [980, 830],
  portrait: { x: 520, y: -330, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal,
      R = P.R;
    P.layer('sky', 0, () => {
      nature.sky(P, { x: 1380, y: 380, r: 90, step: 150, halos: 4, hor: 700 });
      nature.puff(P, 420, 300, 1.1, mix(p.sky[1], p.paper, 0.6));
      nature.streak(P, 1000, 200, 0.9, mix(p.sky[2], p.paper, 0.5));
    });
    P.layer('far', 0.2, () => {
      nature.sheet(P, nature.hill(P, 620, 50, { len: 1600 }), p.ramp[0], 620, { lift: 3 });
      for (const [x, s] of [
        [120, 0.9],
        [220, 1.1],
        [1660, 1],
        [1790, 1.2],
      ] as const)
        nature.poplar(P, x, 690, s, p.ramp[1]);
    });
    P.layer('houses', 0.4, () => {
      let x = -1100;
      const cs = ['brick', 'cream', 'rose', 'brick', 'mustard', 'cream'];
      for (let i = 0; x < 3000; i++) {
        const w = R.r(150, 230),
          h = R.r(150, 250);
        if (x > 620 && x < 1280) {
          x += w;
          continue;
        }
        things.house(P, x + w / 2, 760, w, h, {
          col: mix(p.c(nth(cs, i % 6)), p.sky[2], 0.18),
          roof: p.d('brick', 0.25),
          lit: p.lit,
          rows: 2,
          cols: 2,
          lift: 2,
        });
        x += w + R.r(4, 30);
      }
      P.piece(
        paths.rect(-BLEED, 745, 1920 + 2 * BLEED, 70),
        P.lin(0, 745, 0, 815, p.l('leaf', 0.15), p.c('leafD')),
        {
          lift: 3,
        },
      );
      const arch = paths.diff(
        paths.smooth(
          [
            [560, 830],
            [600, 700],
            [760, 610],
            [960, 580],
            [1160, 610],
            [1320, 700],
            [1360, 830],
          ],
          true,
          0.8,
        ),
        paths.ellipse(960, 830, 230, 170),
      );
      P.piece(arch, P.lin(0, 580, 0, 830, p.l('brick', 0.2), p.d('brick', 0.1)), { lift: 4 });
      P.piece(
        paths.tube(
          [
            [590, 702],
            [760, 600],
            [960, 566],
            [1160, 600],
            [1330, 702],
          ],
          [26, 26, 26, 26, 26],
        ),
        p.l('brick', 0.35),
        { lift: 2 },
      );
    });
    nature.water(P, 810, 1260, 7, {
      layer: (i, t, go) =>
        P.layer('w' + i, 0.4 + t * 0.5, go, { sway: 6 + t * 16, heave: 1 + t * 3, ph: i * 0.9 }),
      between: (i) => {
        if (i !== 3) return;
        P.layer(
          'boat',
          0.7,
          () =>
            P.group(
              () => {
                people.side(P, 1450, 672, 4.6, {
                  face: -1,
                  skin: p.skin(2),
                  hair: '#3a2a20',
                  hairStyle: 'short',
                  hat: 'brim',
                  hatCol: p.c('woodL'),
                  top: p.c('teal'),
                  bottom: p.c('denim'),
                  lean: 2,
                  hands: [[14, -16]],
                  bends: [1],
                  feet: [
                    [2, 47],
                    [-4, 47],
                  ],
                  eye: 'open',
                });
                P.piece(
                  paths.round(
                    [
                      [330, 900],
                      [360, 880],
                      [1500, 880],
                      [1610, 850],
                      [1600, 900],
                      [1540, 985],
                      [390, 985],
                    ],
                    26,
                  ),
                  P.lin(0, 860, 0, 985, p.c('navy'), p.d('navy', 0.4)),
                  { lift: 3 },
                );
                P.piece(paths.rect(330, 930, 1240, 14), p.accent2, { lift: 0.6 });
                P.piece(
                  paths.round(
                    [
                      [430, 884],
                      [445, 770],
                      [1290, 770],
                      [1310, 884],
                    ],
                    14,
                  ),
                  P.lin(0, 770, 0, 884, mix(p.accent, p.paper, 0.08), p.d('red', 0.1)),
                  { lift: 2 },
                );
                P.piece(paths.rrect(415, 752, 910, 26, 8), p.c('navy'), { lift: 2 });
                for (let i = 0; i < 5; i++) {
                  const x = 540 + i * 160;
                  P.piece(paths.circle(x, 828, 34), p.accent2, { lift: 1 });
                  P.piece(paths.circle(x, 828, 25), mix(p.accent2, p.sun, 0.6), { lift: 0 });
                }
                P.piece(paths.rrect(1110, 660, 34, 100, 6), p.ink, { lift: 2 });
                things.pot(P, 620, 754, 0.5, p.c('brick'), () => {
                  for (const [dx, c] of [
                    [-30, p.accent],
                    [0, p.accent2],
                    [30, p.paper],
                  ] as const)
                    P.piece(paths.circle(dx, -140, 26), c, { lift: 1 });
                });
                things.pot(P, 780, 754, 0.5, p.c('teal'), () => things.fern(P, 7, 90, p.c('leaf')));
                P.at(1010, 754, () => {
                  P.piece(paths.rrect(-70, -50, 140, 50, 6), p.c('wood'), { lift: 1 });
                });
                P.piece(
                  paths.tube(
                    [
                      [1560, 880],
                      [1500, 650],
                      [1390, 604],
                    ],
                    [12, 12, 10],
                  ),
                  p.c('brass'),
                  { lift: 1 },
                );
              },
              { lift: 4 },
            ),
          { heave: 5, sway: 10, roll: 0.004, pivot: [960, 940], ph: 1 },
        );
      },
    });
    P.layer(
      'willow',
      1.1,
      () => {
        for (const [bx, dir] of [
          [60, 1],
          [1900, -1],
        ] as const) {
          P.piece(
            paths.tube(
              [
                [bx, 1700],
                [bx + dir * 10, 900],
                [bx + dir * 60, 420],
              ],
              [90, 64, 40],
            ),
            mix(p.ink, p.c('woodD'), 0.5),
            { lift: 5 },
          );
          for (let i = 0; i < 16; i++) {
            const x = bx + dir * (i * 26 - 120),
              y = 330 + Math.abs(i - 6) * 14,
              l = R.r(240, 420);
            P.piece(
              paths.tube(
                [
                  [x, y],
                  [x + dir * 20, y + l * 0.5],
                  [x + dir * 8, y + l],
                ],
                [26, 22, 4],
              ),
              mix(p.c(i % 2 ? 'leaf' : 'leafD'), p.ramp[2], 0.25),
              { lift: 2 },
            );
          }
        }
      },
      { sway: 14, ph: 2 },
    );
  },
};
