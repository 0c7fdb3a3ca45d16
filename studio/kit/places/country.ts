import { mix } from '../colour.ts';
import { nature } from '../nature.ts';
import type { Kit } from '../paint.ts';
import { paths } from '../paths.ts';
import { people } from '../people.ts';
import { things } from '../things.ts';
import { BLEED, ground, sky } from './parts.ts';

/** Country, weather and night. Each place paints its layers with a depth and a motion, so that a loop comes from the same row of data. */
export const COUNTRY: Kit = {
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
          const col = mix(p.ramp[Math.min(4, shade + 0)], p.c('leafD'), 0.25);
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
      const list = [
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
      ])
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
        nature.fir(P, x, (h as any).f(x) + 8, P.R.r(0.55, 0.95), mix(p.ramp[3], p.c('leafD'), 0.3));
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
        nature.sheet(P, nature.hill(P, y, 50, { len: 1500 }), p.ramp[i], y, { mist: 0.3 });
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
        nature.sheet(P, nature.hill(P, y, 70, { len: 1400 }), mix(p.ramp[i], p.c('leafL'), 0.2), y, {
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
      ] as any[]
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
                  ])
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
    const balloon = (x, y, s, a, b) =>
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
        nature.sheet(P, h, p.ramp[1 + i], y, { mist: 0.3 });
        for (const x of [200, 1240, 1700])
          nature.fir(P, x + i * 90, (h as any).f(x + i * 90) + 6, 0.6 + i * 0.2, p.ramp[2 + Math.min(2, i)]);
      });
  },

  summit(P) {
    const p = P.pal;
    sky(P, { hor: 900, x: 1500, y: 320 });
    P.layer('far', 0.2, () => {
      P.piece(
        nature.peaks(
          P,
          [
            [-400, 560],
            [-60, 760],
            [260, 520],
            [560, 780],
            [1300, 800],
            [1620, 560],
            [1980, 760],
            [2300, 520],
          ],
          860,
        ),
        P.lin(0, 500, 0, 900, p.ramp[1], mix(p.ramp[0], p.sky[3], 0.4)),
        { lift: 3 },
      );
    });
    P.layer(
      'sea',
      0.3,
      () => {
        for (let i = 0; i < 9; i++)
          nature.puff(P, -200 + i * 300, 900 + (i % 3) * 60, 1.4, mix(p.sky[3], p.paper, 0.6));
      },
      { sway: 60 },
    );
    P.layer('peak', 0.5, () => {
      P.piece(
        paths.round(
          [
            [940, 470, 20],
            [1130, 760, 20],
            [1300, 900, 30],
            [1700, 1500, 40],
            [2400, 2800],
            [-400, 2800],
            [240, 1500, 40],
            [620, 960, 30],
            [760, 760, 20],
          ],
          20,
        ),
        P.lin(500, 470, 1400, 1300, p.ramp[2], p.ramp[4]),
        { lift: 6, grain: 0.7 },
      );
      P.piece(
        paths.round(
          [
            [940, 470],
            [1080, 686],
            [1010, 660],
            [960, 720],
            [900, 650],
            [830, 690],
          ],
          8,
        ),
        p.paper,
        { lift: 2 },
      );
      P.line(
        paths.smooth(
          [
            [420, 1500],
            [700, 1300],
            [620, 1120],
            [860, 980],
            [820, 820],
            [930, 640],
          ],
          false,
        ),
        mix(p.ramp[1], p.paper, 0.4),
        10,
        0.6,
      );
    });
    P.layer(
      'flag',
      0.5,
      (t = 0) => {
        P.piece(paths.rect(952, 250, 12, 236), p.c('woodD'), { lift: 2 });
        const w = (k) => Math.sin(k + (P.layered ? t * 12.566 : 0)) * 14;
        P.piece(
          paths.smooth(
            [
              [964, 256],
              [1040, 262 + w(0)],
              [1140, 290 + w(2)],
              [1040, 330 + w(1)],
              [964, 336],
            ],
            true,
            0.6,
          ),
          p.c('red'),
          { lift: 3 },
        );
      },
      { live: true },
    );
    P.layer('walker', 0.55, () =>
      P.group(
        () =>
          people.side(P, 850, 470, 4.4, {
            skin: p.skin(2),
            hair: '#2a1a14',
            hairStyle: 'short',
            top: p.c('mustard'),
            bottom: p.c('navy'),
            shoe: p.c('dark'),
            lean: 6,
            hands: [
              [16, -52],
              [10, -10],
            ],
            feet: [
              [-8, 46],
              [10, 44],
            ],
          }),
        { lift: 3 },
      ),
    );
  },

  storm(P) {
    const p = P.pal;
    P.layer('sky', 0, () =>
      P.piece(paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 3200), P.lin(0, -200, 0, 900, ...p.sky), {
        lift: 0,
        edge: 0,
      }),
    );
    P.layer(
      'clouds',
      0.2,
      () => {
        for (const [x, y, s, k] of [
          [200, 160, 2.2, 0.1],
          [900, 60, 2.6, 0],
          [1600, 190, 2.3, 0.14],
          [560, 330, 1.7, 0.2],
          [1300, 350, 1.8, 0.22],
        ])
          nature.puff(P, x, y, s, mix(p.ramp[3], p.sky[1], k), { lift: 5 });
      },
      { sway: 60 },
    );
    P.layer(
      'bolt',
      0.2,
      (t = 0) => {
        if (P.layered && !((t > 0.2 && t < 0.26) || (t > 0.3 && t < 0.33) || (t > 0.7 && t < 0.76))) return;
        P.glow(1120, 560, 620, '#fff2b8', 0.55);
        P.piece(
          paths.poly([
            [1150, 330],
            [1040, 610],
            [1120, 610],
            [1020, 880],
            [1230, 560],
            [1140, 560],
            [1240, 330],
          ]),
          '#fff1b0',
          { lift: 2 },
        );
      },
      { live: true },
    );
    P.layer('fields', 0.4, () => {
      for (const [i, y] of [860, 960, 1080].entries())
        nature.sheet(P, nature.hill(P, y, 40, { len: 1500 }), mix(p.ramp[1 + i], p.c('leafD'), 0.2), y);
      things.house(P, 520, 960, 170, 110, {
        col: p.c('cream'),
        roof: p.d('brick', 0.2),
        lit: 1,
        rows: 1,
        cols: 2,
      });
    });
    P.layer(
      'tree',
      0.7,
      () =>
        P.group(
          () => {
            P.piece(
              paths.tube(
                [
                  [1530, 1420],
                  [1480, 1010],
                  [1400, 820],
                ],
                [84, 46, 26],
              ),
              p.ink,
              { lift: 2 },
            );
            for (const [x, y, r] of [
              [1370, 770, 150],
              [1270, 800, 110],
              [1450, 700, 110],
            ])
              P.piece(nature.wobble(P, x, y, r, 0.08), mix(p.ramp[3], p.c('leafD'), 0.3), { lift: 3 });
          },
          { lift: 4 },
        ),
      { sway: 22, n: 2 },
    );
    if (!P.pal.overcast)
      P.layer(
        'rain',
        0,
        () =>
          nature.rain(P, 190, -300, -300, 2300, 1500, mix(p.paper, p.sky[0], 0.25), { slant: 0.3, s: 1.2 }),
        { scroll: [-0.3, 1], turns: 6 },
      );
  },

  harvest(P) {
    const p = P.pal;
    sky(P, { hor: 720, x: 500, y: 330 });
    P.layer('hills', 0.2, () => {
      for (const [i, y] of [640, 730].entries()) {
        const h = nature.hill(P, y, 60, { len: 1500 });
        nature.sheet(P, h, p.ramp[i], y, { mist: 0.3 });
        if (i)
          for (const x of [300, 380, 1500, 1620]) nature.round(P, x, (h as any).f(x) + 6, 0.6, p.ramp[2]);
      }
    });
    P.layer('field', 0.4, () => {
      ground(P, 830, p.c('corn'));
      for (let i = 0; i < 14; i++)
        P.line(
          paths.smooth(
            [
              [960 + (i - 7) * 60, 820],
              [960 + (i - 7) * 260, 1080],
              [960 + (i - 7) * 700, 1700],
            ],
            false,
          ),
          p.d('corn', 0.22),
          9,
          0.6,
        );
    });
    P.layer(
      'tractor',
      0.6,
      () =>
        P.group(
          () =>
            P.at(
              1080,
              1010,
              () => {
                P.piece(paths.rrect(-60, -150, 240, 110, 20), p.c('red'), { lift: 3 });
                P.piece(paths.rrect(-150, -260, 160, 220, 24), p.c('red'), { lift: 3 });
                P.piece(paths.rrect(-126, -238, 112, 110, 14), p.l('glass', 0.2), { lift: 1 });
                P.piece(paths.rrect(-166, -286, 196, 34, 12), p.c('dark'), { lift: 2 });
                P.piece(paths.rect(116, -220, 18, 80), p.c('dark'), { lift: 1 });
                for (const [x, y, r] of [
                  [-90, -60, 100],
                  [140, -30, 66],
                ]) {
                  P.piece(paths.circle(x, y, r), p.c('dark'), { lift: 3 });
                  P.piece(paths.circle(x, y, r * 0.5), p.c('mustard'), { lift: 1.4 });
                }
              },
              { s: 1.2 },
            ),
          { lift: 4 },
        ),
      { heave: 4, n: 4, sway: 40 },
    );
    P.layer(
      'ears',
      1,
      () => {
        for (let x = -400; x < 2400; x += 34) {
          const y = 1290 + P.R.r(-40, 40);
          P.piece(
            paths.tube(
              [
                [x, 1700],
                [x + P.R.r(-14, 14), y],
              ],
              [7, 5],
            ),
            p.d('corn', 0.15),
            { lift: 1 },
          );
          P.piece(
            paths.smooth([
              [x, y + 10],
              [x - 12, y - 30],
              [x, y - 86],
              [x + 12, y - 30],
            ]),
            p.l('corn', 0.2),
            { lift: 1.4 },
          );
        }
      },
      { sway: 16 },
    );
  },

  cabin(P) {
    const p = P.pal;
    sky(P, { hor: 760, x: 500, y: 280 });
    P.layer('peaks', 0.2, () => {
      P.piece(
        nature.peaks(
          P,
          [
            [-300, 500],
            [60, 700],
            [480, 320],
            [900, 640],
            [1320, 260],
            [1700, 620],
            [2100, 400],
          ],
          780,
        ),
        P.lin(0, 260, 0, 820, p.ramp[1], p.ramp[0]),
        { lift: 4 },
      );
      for (const [x, y] of [
        [480, 320],
        [1320, 260],
        [2100, 400],
      ])
        P.piece(
          paths.round(
            [
              [x, y],
              [x + 130, y + 160],
              [x + 50, y + 130],
              [x, y + 190],
              [x - 50, y + 130],
              [x - 120, y + 150],
            ],
            8,
          ),
          p.paper,
          { lift: 1.4 },
        );
    });
    P.layer('woods', 0.4, () => {
      const h = nature.hill(P, 860, 40, { len: 1200 });
      P.piece(h, mix(p.paper, p.sky[1], 0.3), { lift: 4 });
      for (let i = 0; i < 22; i++) {
        const x = -300 + i * 120 + P.R.r(-40, 40);
        if (x > 700 && x < 1300) continue;
        nature.fir(P, x, (h as any).f(x) + 12, P.R.r(0.9, 1.5), mix(p.ramp[3], p.c('leafD'), 0.2));
      }
    });
    P.layer('cabin', 0.6, () => {
      things.house(P, 1000, 1010, 420, 210, {
        col: p.c('woodD'),
        roof: p.paper,
        lit: 1,
        rows: 1,
        cols: 3,
        rh: 190,
        lift: 5,
      });
      P.glow(1000, 940, 420, p.accent2, 0.3);
      P.piece(
        paths.smooth(
          [
            [-BLEED, 1080],
            [400, 1010],
            [960, 1040],
            [1500, 1000],
            [1920 + BLEED, 1070],
            [1920 + BLEED, 2800],
            [-BLEED, 2800],
          ],
          true,
          0.8,
        ),
        P.lin(0, 1000, 0, 1400, p.paper, mix(p.paper, p.sky[0], 0.5)),
        { lift: 5 },
      );
    });
    P.layer('smoke', 0.6, () => nature.steam(P, 1084, 600, 320, 1.4, p.paper, 0.5), { sway: 16 });
    P.layer(
      'snow',
      0.3,
      () => {
        for (let i = 0; i < 120; i++)
          P.ink(paths.circle(P.R.r(-300, 2300), P.R.r(-300, 1500), P.R.r(4, 10)), p.paper, 0.85);
      },
      { scroll: [0.1, 1], turns: 1 },
    );
  },

  garden(P) {
    const p = P.pal;
    sky(P, { hor: 640, x: 1500, y: 240 });
    P.layer('back', 0.3, () => {
      const h = nature.hill(P, 640, 30, { len: 1300 });
      nature.sheet(P, h, p.ramp[1], 640);
      for (let i = -4; i < 30; i++)
        P.piece(
          paths.round(
            [
              [i * 90, 900],
              [i * 90, 640],
              [i * 90 + 36, 600],
              [i * 90 + 72, 640],
              [i * 90 + 72, 900],
            ],
            6,
          ),
          p.l('white', 0.2),
          { lift: 2 },
        );
      for (const y of [690, 800])
        P.piece(paths.rect(-BLEED, y, 1920 + 2 * BLEED, 26), p.c('white'), { lift: 1 });
    });
    P.layer('beds', 0.5, () => {
      ground(P, 860, mix(p.c('leaf'), p.ramp[2], 0.3));
      for (let r = 0; r < 3; r++) {
        const y = 940 + r * 150;
        P.piece(
          paths.rrect(-400 - r * 60, y, 2800, 90 + r * 18, 40),
          P.lin(0, y, 0, y + 110, p.c('soil'), p.c('soilD')),
          { lift: 3 },
        );
        for (let i = 0; i < 13; i++) {
          const x = -120 + i * 180 + r * 30;
          const s = 0.72 + r * 0.22;
          if (r === 0) things.cabbage(P, x, y + 6, 46 * s + 14, p.c(i % 2 ? 'leafL' : 'leaf'));
          else if (r === 1) {
            P.piece(
              paths.tube(
                [
                  [x, y + 20],
                  [x + 4, y - 150],
                ],
                [10, 7],
              ),
              p.c('leafD'),
              { lift: 1.4 },
            );
            for (const [dx, dy] of [
              [-30, -40],
              [28, -70],
              [-22, -104],
            ])
              things.tomato(P, x + dx, y + dy, 24);
            for (const a of [-2.5, -0.6]) nature.leafP(P, x, y - 130, 80, a, p.c('leaf'), { lift: 1.4 });
          } else
            for (let k = -2; k <= 2; k++)
              nature.leafP(P, x, y + 10, 110, -1.57 + k * 0.32, p.c(k % 2 ? 'leafL' : 'leaf'), { lift: 1.4 });
        }
      }
    });
    P.layer(
      'bees',
      0.8,
      () => {
        for (const [x, y] of [
          [700, 560],
          [1180, 640],
          [1460, 520],
        ])
          P.group(
            () =>
              P.at(x, y, () => {
                P.piece(paths.ellipse(0, -16, 26, 16, -0.4), p.paper, { lift: 1, a: 0.85 });
                P.piece(paths.ellipse(0, 0, 30, 19), p.c('corn'), { lift: 2 });
                for (const k of [-8, 8]) P.ink(paths.rect(k - 4, -17, 8, 34), p.ink, 0.9);
              }),
            { lift: 3 },
          );
      },
      { sway: 60, heave: 40, n: 2 },
    );
  },

  turbines(P) {
    const p = P.pal;
    sky(P, { hor: 820 });
    const list = [
      [360, 620, 0.8, 0],
      [1020, 520, 1.2, 0.4],
      [1560, 640, 0.9, 0.9],
    ] as any[];
    P.layer('far', 0.2, () => nature.sheet(P, nature.hill(P, 740, 60, { len: 1500 }), p.ramp[1], 740));
    P.layer(
      'masts',
      0.35,
      (t = 0) => {
        for (const [x, y, s, ph] of list) {
          P.piece(
            paths.tube(
              [
                [x, y],
                [x, y + 560 * s],
              ],
              [12 * s, 26 * s],
            ),
            P.lin(x - 14, 0, x + 14, 0, p.paper, mix(p.paper, p.shadow, 0.2)),
            { lift: 2 },
          );
          for (let k = 0; k < 3; k++) {
            const a = ((k + (P.layered ? t * 3 : 0)) / 3) * 6.283 + ph;
            P.piece(
              paths.tube(
                [
                  [x, y],
                  [x + Math.cos(a) * 120 * s, y + Math.sin(a) * 120 * s],
                  [x + Math.cos(a) * 270 * s, y + Math.sin(a) * 270 * s],
                ],
                [16 * s, 22 * s, 5 * s],
              ),
              p.paper,
              { lift: 2 },
            );
          }
          P.piece(paths.circle(x, y, 20 * s), mix(p.paper, p.shadow, 0.15), { lift: 1.6 });
        }
      },
      { live: true },
    );
    for (const [i, y] of [900, 1040].entries())
      P.layer(`near${i}`, 0.5 + i * 0.3, () => {
        const h = nature.hill(P, y, 60, { len: 1200 - i * 300 });
        nature.sheet(P, h, mix(p.ramp[2 + i], p.c('leaf'), 0.3), y);
        if (i)
          for (const x of [240, 700, 760, 1500])
            nature.round(P, x, (h as any).f(x) + 8, 0.8, mix(p.ramp[3], p.c('leafD'), 0.3));
      });
  },
};
