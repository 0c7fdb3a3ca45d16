import { mix } from '../kit/colour.ts';
import * as hands from '../kit/hands.ts';
import * as nature from '../kit/nature.ts';
import { BLEED, type Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as things from '../kit/things.ts';

export const motif: Motif = {
  outdoor: true,
  title: 'Hands lifting a seedling from the bed',
  pal: 'noon',
  focal: [960, 700],
  portrait: { x: 480, y: -290, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal,
      R = P.R,
      sk = p.skin(2);
    nature.sky(P, { x: 1420, y: 300, r: 80, step: 130, halos: 3, hor: 640 });
    nature.puff(P, 420, 260, 0.9, mix(p.sky[2], '#fff', 0.6));
    nature.puff(P, 1120, 190, 0.6, mix(p.sky[2], '#fff', 0.5));
    nature.sheet(P, nature.hill(P, 470, 50, { len: 1300 }), p.ramp[0], 470);
    nature.sheet(P, nature.hill(P, 540, 40, { len: 1000 }), p.ramp[1], 540);
    for (const [x, s] of [
      [150, 0.8],
      [270, 0.6],
      [1700, 0.9],
      [1590, 0.62],
      [1820, 0.7],
    ] as const)
      nature.round(P, x, 560, s, mix(p.ramp[2], p.ramp[1], 0.3));
    // greenhouse
    P.group(() => {
      const gx = 470,
        gy = 596;
      P.piece(
        paths.round(
          [
            [gx, gy],
            [gx, gy - 110],
            [gx + 130, gy - 180],
            [gx + 260, gy - 110],
            [gx + 260, gy],
          ],
          3,
        ),
        p.c('glass'),
        { lift: 2 },
      );
      for (let i = 0; i <= 4; i++)
        P.line(
          paths.poly(
            [
              [gx + i * 65, gy],
              [gx + i * 65, gy - 110 - (i < 3 ? i : 4 - i) * 35],
            ],
            false,
          ),
          p.paper,
          6,
        );
      P.line(
        paths.poly(
          [
            [gx, gy - 110],
            [gx + 260, gy - 110],
          ],
          false,
        ),
        p.paper,
        6,
      );
      P.line(
        paths.poly(
          [
            [gx, gy - 110],
            [gx + 130, gy - 180],
            [gx + 260, gy - 110],
          ],
          false,
        ),
        p.paper,
        8,
      );
    });
    nature.sheet(P, nature.hill(P, 600, 18, { len: 1700 }), p.ramp[2], 600, { mist: 0.1 });
    // beds in perspective
    const rows: [y: number, h: number, s: number][] = [
      [650, 16, 0.24],
      [706, 22, 0.34],
      [782, 30, 0.48],
      [884, 40, 0.68],
      [1020, 56, 0.95],
    ];
    rows.forEach(([y, h, s], i) => {
      const c = mix(p.c('soil'), p.c('soilD'), i / 5);
      P.piece(
        paths.wave(-BLEED, 1920 + BLEED, y, h * 0.22, 150 * s * 2, 2000, R.r(0, 300)),
        P.lin(0, y - 10, 0, y + h * 3, mix(c, p.accent2, 0.14), c),
        { lift: 3 },
      );
      for (let x = -900 + (i % 2) * 90 * s; x < 2900; x += 250 * s)
        if (Math.abs(x - 960) > (i > 2 ? 430 : 0))
          things.seedling(P, x + R.r(-8, 8), y + h * 0.4, s * 0.8, {
            rot: R.r(-0.1, 0.1),
            big: i > 1 ? 1 : 0,
          });
    });
    // the hands
    P.group(
      () =>
        P.at(
          960,
          770,
          () => {
            hands.cup(
              P,
              sk,
              () => {
                P.piece(nature.wobble(P, 0, 14, 1, 0.0), p.c('soil'), { lift: 0 });
                things.seedling(P, 0, -52, 1.85);
                P.piece(
                  paths.smooth([
                    [-168, 20],
                    [-130, -34],
                    [-70, -62],
                    [0, -74],
                    [76, -60],
                    [136, -30],
                    [170, 20],
                    [120, 90],
                    [0, 120],
                    [-120, 90],
                  ]),
                  P.lin(0, -70, 0, 100, mix(p.c('soil'), p.accent2, 0.12), p.c('soilD')),
                  { lift: 1.4 },
                );
                for (let i = 0; i < 36; i++) {
                  const a = R.r(0, 6.283),
                    d = Math.sqrt(R());
                  P.ink(
                    paths.circle(Math.cos(a) * 130 * d, -4 + Math.sin(a) * 52 * d, R.r(2.5, 7)),
                    R.pick([p.d('soilD', 0.3), p.l('soil', 0.18), p.c('woodL')]),
                    0.8,
                  );
                }
                P.piece(
                  paths.tube(
                    [
                      [1, -50],
                      [3, -82],
                    ],
                    [19, 17],
                  ),
                  p.c('leafL'),
                  { lift: 0, grain: 0, edge: 0 },
                );
              },
              {
                arm: [
                  [540, 560],
                  [370, 330],
                  [252, 150],
                  [202, 66],
                ],
              },
            );
            for (const m of [-1, 1]) {
              P.piece(
                paths.tube(
                  [
                    [m * 640, 700],
                    [m * 470, 470],
                    [m * 372, 336],
                  ],
                  [210, 190, 164],
                  { cap: 'flat' },
                ),
                p.c('#c8553d'),
                { lift: 3 },
              );
              P.piece(
                paths.tube(
                  [
                    [m * 398, 372],
                    [m * 362, 322],
                  ],
                  [176, 168],
                  { cap: 'flat' },
                ),
                p.l('#c8553d', 0.2),
                { lift: 1.6 },
              );
            }
          },
          { s: 1.5 },
        ),
      { lift: 6 },
    );
    for (const [x, y] of [
      [800, 1170],
      [930, 1210],
      [1060, 1180],
      [1000, 1120],
    ] as const)
      P.piece(paths.circle(x, y, R.r(8, 15)), p.c('soilD'), { lift: 1, grain: 0 });
  },
};
