import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import { nth } from '../named.ts';
import * as nature from '../nature.ts';
import { BLEED } from '../paint.ts';
import * as paths from '../paths.ts';
import * as things from '../things.ts';
import { ground, sky } from './parts.ts';

/** Forest, lake, flowers, sheep and balloons. Each place paints its layers with a depth and a motion, so that a loop comes from the same row of data. */
export const MEADOWS = {
  forest(P) {
    const p = P.pal;
    P.layer('sky', 0, () =>
      P.piece(
        paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 3200),
        P.lin(0, -200, 0, 900, mix(p.sky[2], p.sun, 0.3), mix(p.sky[3], p.sun, 0.3)),
        { lift: 0, edge: 0 },
      ),
    );
    P.layer('light', 0.1, () => {
      for (let i = 3; i > 0; i--)
        P.piece(nature.wobble(P, 980, 520, 150 + i * 150, 0.02), mix(p.sky[3], p.sun, 0.9 - i * 0.2), {
          lift: 1.4,
        });
    });
    for (const [i, shade] of [0, 1, 2, 3].entries())
      P.layer(
        `trees${i}`,
        0.2 + i * 0.2,
        () => {
          const col = mix(nth(p.ramp, Math.min(4, shade + 0)), p.c('leafD'), 0.25);
          for (let k = 0; k < 9 - i; k++) {
            const side = k % 2 ? 1 : -1;
            const x = 960 + side * (210 + i * 120 + ((k * 347) % 780) + i * 60);
            const w = 26 + i * 22;
            P.piece(
              paths.tube(
                [
                  [x + side * 8, 1250 + i * 60],
                  [x, 500],
                  [x - side * 6, -900],
                ],
                [w * 1.5, w, w * 0.7],
              ),
              mix(col, p.ink, 0.25),
              { lift: 2 + i },
            );
            for (let b = 0; b < 3; b++)
              P.piece(
                nature.wobble(
                  P,
                  x + side * P.R.r(-120, 120),
                  -40 - b * 190 + P.R.r(-80, 140),
                  P.R.r(150, 230),
                  0.06,
                ),
                mix(col, p.sun, P.R.r(0, 0.14)),
                { lift: 2 },
              );
          }
          ground(P, 860 + i * 110, mix(col, p.c('leaf'), 0.2));
        },
        { sway: 4 + i * 3, ph: i },
      );
    P.layer('path', 0.9, () => {
      P.piece(
        paths.smooth(
          [
            [930, 850],
            [1010, 850],
            [1120, 960],
            [1010, 1080],
            [1240, 1280],
            [1500, 1800],
            [300, 1800],
            [620, 1280],
            [760, 1080],
            [900, 960],
          ],
          true,
          0.8,
        ),
        P.lin(0, 850, 0, 1400, mix(p.c('dough'), p.sun, 0.3), p.c('doughD')),
        { lift: 2 },
      );
      nature.grass(P, -500, 700, 1230, 60, mix(p.c('leaf'), p.ramp[3], 0.4), 40);
      nature.grass(P, 1240, 2500, 1230, 60, mix(p.c('leaf'), p.ramp[3], 0.4), 40);
    });
    P.layer(
      'fall',
      1,
      () => {
        for (let i = 0; i < 16; i++)
          nature.leafP(
            P,
            P.R.r(-200, 2100),
            P.R.r(-200, 1100),
            46,
            P.R.r(0, 6),
            mix(p.accent2, p.accent, P.R()),
            {
              lift: 2,
            },
          );
      },
      { sway: 50, heave: 40, ph: 1 },
    );
  },

  lake(P) {
    const p = P.pal;
    sky(P, { hor: 700, x: 620, y: 330 });
    P.layer('peaks', 0.2, () => {
      const list: [number, number][] = [
        [-500, 420],
        [-160, 640],
        [180, 300],
        [430, 600],
        [760, 190],
        [1100, 610],
        [1380, 340],
        [1660, 600],
        [2000, 280],
        [2400, 620],
      ];
      P.piece(nature.peaks(P, list, 760), P.lin(0, 180, 0, 800, p.ramp[1], mix(p.ramp[0], p.sky[3], 0.4)), {
        lift: 4,
        grain: 0.6,
      });
      for (const [x, y] of [
        [180, 300],
        [760, 190],
        [1380, 340],
        [2000, 280],
        [-500, 420],
      ] as const)
        P.piece(
          paths.round(
            [
              [x, y],
              [x + 96, y + 118],
              [x + 40, y + 96],
              [x + 8, y + 140],
              [x - 30, y + 100],
              [x - 84, y + 128],
            ],
            6,
          ),
          p.paper,
          { lift: 1 },
        );
    });
    P.layer('shore', 0.35, () => {
      const h = nature.hill(P, 730, 40, { len: 900 });
      nature.sheet(P, h, p.ramp[2], 730, { mist: 0.2 });
      for (let i = 0; i < 26; i++) {
        const x = -300 + i * 100 + P.R.r(-30, 30);
        nature.fir(P, x, h.f(x) + 8, P.R.r(0.55, 0.95), mix(p.ramp[3], p.c('leafD'), 0.3));
      }
    });
    nature.water(P, 800, 1500, 8, {
      layer: (i, t, go) => P.layer(`w${i}`, 0.4 + t * 0.6, go, { sway: 16 + t * 26, ph: i * 0.8 }),
    });
    P.layer('boat', 0.8, () => things.rowboat?.(P, 1180, 1010, 0.9), {
      heave: 7,
      roll: 0.02,
      pivot: [1180, 1010],
      ph: 1,
    });
    P.layer(
      'reeds',
      1.1,
      () => {
        for (const x0 of [-80, 1700])
          for (let i = 0; i < 14; i++) {
            const x = x0 + i * 26;
            P.piece(
              paths.tube(
                [
                  [x, 1500],
                  [x + P.R.r(-20, 20), 1180],
                  [x + P.R.r(-40, 40), 1010 + P.R.r(-50, 60)],
                ],
                [12, 8, 3],
              ),
              p.c('leafD'),
              { lift: 2 },
            );
            if (i % 3 === 0) P.piece(paths.rrect(x - 12, 1010, 24, 96, 12), p.c('woodD'), { lift: 1.6 });
          }
      },
      { sway: 12, ph: 2 },
    );
  },

  sunflowers(P) {
    const p = P.pal;
    sky(P, { hor: 700, y: 330 });
    P.layer('hills', 0.2, () => {
      for (const [i, y] of [640, 720].entries())
        nature.sheet(P, nature.hill(P, y, 50, { len: 1500 }), nth(p.ramp, i), y, { mist: 0.3 });
      things.house?.(P, 1560, 690, 130, 90, {
        col: p.c('cream'),
        roof: p.c('brick'),
        rows: 1,
        cols: 2,
        lit: 0,
      });
    });
    for (let row = 0; row < 4; row++)
      P.layer(
        `row${row}`,
        0.35 + row * 0.25,
        () => {
          const s = 0.34 + row * 0.26;
          const y = 880 + row * 150;
          ground(P, y - 90 * s, mix(p.c('leaf'), p.ramp[3], 0.3 - row * 0.06));
          for (let x = -500; x < 2500; x += 300 * s) {
            const fx = x + P.R.r(-30, 30);
            const fy = y - P.R.r(150, 250) * s;
            P.piece(
              paths.tube(
                [
                  [fx, y + 200],
                  [fx + 10 * s, fy],
                ],
                [22 * s, 16 * s],
              ),
              p.c('leafD'),
              { lift: 1.4 },
            );
            for (const a of [-0.5, Math.PI + 0.5])
              nature.leafP(P, fx, y - 20 * s, 150 * s, a, p.c('leaf'), { lift: 1.4 });
            for (let k = 0; k < 14; k++) {
              const a = (k / 14) * 6.283;
              P.piece(
                paths.ellipse(fx + Math.cos(a) * 88 * s, fy + Math.sin(a) * 88 * s, 52 * s, 24 * s, a),
                mix(p.c('corn'), p.c('carrot'), (k % 2) * 0.35),
                { lift: 1.2, grain: 0.2 },
              );
            }
            P.piece(paths.circle(fx, fy, 62 * s), p.c('woodD'), { lift: 1.6 });
          }
        },
        { sway: 8 + row * 7, ph: row * 0.7 },
      );
  },

  sheep(P) {
    const p = P.pal;
    sky(P, { hor: 780 });
    P.layer('hills', 0.2, () => {
      for (const [i, y] of [680, 780].entries())
        nature.sheet(P, nature.hill(P, y, 70, { len: 1400 }), mix(nth(p.ramp, i), p.c('leafL'), 0.2), y, {
          mist: 0.3,
        });
    });
    P.layer('meadow', 0.5, () => {
      ground(P, 900, mix(p.c('leaf'), p.ramp[2], 0.3));
      for (let i = -3; i < 9; i++) {
        P.piece(paths.rect(i * 260, 830, 20, 130), p.c('wood'), { lift: 2 });
      }
      for (const y of [856, 906])
        P.piece(paths.rect(-BLEED, y, 1920 + 2 * BLEED, 16), p.c('woodL'), { lift: 1.4 });
    });
    for (const [i, [x, y, s, f]] of (
      [
        [560, 1010, 0.9, 1],
        [1010, 960, 0.7, -1],
        [1340, 1070, 1.15, -1],
        [260, 1130, 1.1, 1],
      ] as const
    ).entries())
      P.layer(
        `sheep${i}`,
        0.6 + i * 0.1,
        () =>
          P.group(
            () =>
              P.at(
                x,
                y,
                () => {
                  for (const lx of [-60, -30, 40, 66])
                    P.piece(paths.rrect(lx, -20, 18, 84, 8), p.c('dark'), { lift: 1 });
                  for (const [bx, by, r] of [
                    [-70, -70, 60],
                    [0, -92, 76],
                    [70, -70, 60],
                    [-30, -40, 60],
                    [40, -36, 62],
                  ] as const)
                    P.piece(nature.wobble(P, bx, by, r, 0.07), p.l('white', 0.1), { lift: 1.4 });
                  P.piece(
                    paths.smooth([
                      [96, -120],
                      [150, -116],
                      [164, -60],
                      [130, -34],
                      [98, -60],
                    ]),
                    p.c('dark'),
                    { lift: 2 },
                  );
                  P.piece(paths.ellipse(92, -106, 26, 12, 0.5), p.c('dark'), { lift: 1.2 });
                  P.ink(paths.circle(136, -88, 6), p.paper);
                },
                { s, sx: s * f },
              ),
            { lift: 4 },
          ),
        { sway: 5, ph: i * 1.7 },
      );
    P.layer('grass', 1, () => nature.grass(P, -500, 2500, 1250, 50, mix(p.c('leafL'), p.ramp[3], 0.3), 38), {
      sway: 8,
    });
  },

  hotAir(P) {
    const p = P.pal;
    sky(P, {
      hor: 860,
      x: 300,
      y: 520,
      clouds: [
        [500, 620, 1.3],
        [1500, 240, 1],
        [1760, 700, 1.3],
      ],
    });
    const balloon = (x: number, y: number, s: number, a: string, b: string) =>
      P.group(
        () =>
          P.at(
            x,
            y,
            () => {
              const shape = paths.smooth(
                [
                  [0, -330],
                  [190, -220],
                  [206, -60],
                  [96, 120],
                  [40, 180],
                  [-40, 180],
                  [-96, 120],
                  [-206, -60],
                  [-190, -220],
                ],
                true,
                0.9,
              );
              P.piece(shape, a, { lift: 4 });
              P.clip(shape, () => {
                for (const k of [-2, 0, 2])
                  P.piece(
                    paths.smooth(
                      [
                        [k * 46 - 30, -340],
                        [k * 62 - 44, -60],
                        [k * 24 - 16, 190],
                        [k * 24 + 16, 190],
                        [k * 62 + 44, -60],
                        [k * 46 + 30, -340],
                      ],
                      true,
                      0.7,
                    ),
                    b,
                    { lift: 1 },
                  );
              });
              for (const sx of [-1, 1])
                P.line(
                  paths.poly(
                    [
                      [sx * 36, 178],
                      [sx * 30, 250],
                    ],
                    false,
                  ),
                  p.ink,
                  4,
                );
              P.piece(paths.rrect(-44, 246, 88, 70, 12), p.c('wood'), { lift: 2 });
            },
            { s },
          ),
        { lift: 4 },
      );
    P.layer('b1', 0.3, () => balloon(1420, 330, 0.55, p.c('teal'), p.c('cream')), { heave: 26, ph: 1 });
    P.layer('b2', 0.5, () => balloon(820, 470, 1.15, p.c('red'), p.c('mustard')), { heave: 34, sway: 14 });
    P.layer('b3', 0.25, () => balloon(380, 250, 0.4, p.c('mustard'), p.c('brick')), { heave: 20, ph: 2.2 });
    for (const [i, y] of [900, 1010, 1130].entries())
      P.layer(`h${i}`, 0.3 + i * 0.25, () => {
        const h = nature.hill(P, y, 60, { len: 1500 - i * 300 });
        nature.sheet(P, h, nth(p.ramp, 1 + i), y, { mist: 0.3 });
        for (const x of [200, 1240, 1700])
          nature.fir(P, x + i * 90, h.f(x + i * 90) + 6, 0.6 + i * 0.2, nth(p.ramp, 2 + Math.min(2, i)));
      });
  },
} satisfies Drawings;
