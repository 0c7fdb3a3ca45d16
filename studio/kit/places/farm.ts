import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import { nth } from '../named.ts';
import * as nature from '../nature.ts';
import { BLEED } from '../paint.ts';
import * as paths from '../paths.ts';
import * as things from '../things.ts';
import { ground, sky } from './parts.ts';

/** Fields, gardens and wind. Each place paints its layers with a depth and a motion, so that a loop comes from the same row of data. */
export const FARM = {
  harvest(P) {
    const p = P.pal;
    sky(P, { hor: 720, x: 500, y: 330 });
    P.layer('hills', 0.2, () => {
      for (const [i, y] of [640, 730].entries()) {
        const h = nature.hill(P, y, 60, { len: 1500 });
        nature.sheet(P, h, nth(p.ramp, i), y, { mist: 0.3 });
        if (i) for (const x of [300, 380, 1500, 1620]) nature.round(P, x, h.f(x) + 6, 0.6, p.ramp[2]);
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
                ] as const) {
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
            ] as const)
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
        ] as const)
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
    ] as const;
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
        nature.sheet(P, h, mix(nth(p.ramp, 2 + i), p.c('leaf'), 0.3), y);
        if (i)
          for (const x of [240, 700, 760, 1500])
            nature.round(P, x, h.f(x) + 8, 0.8, mix(p.ramp[3], p.c('leafD'), 0.3));
      });
  },
} satisfies Drawings;
