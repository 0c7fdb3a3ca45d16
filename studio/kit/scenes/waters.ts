import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import * as nature from '../nature.ts';
import { bar, block, oval, put } from '../objects/parts.ts';
import { BLEED } from '../paint.ts';
import * as paths from '../paths.ts';
import { ground, sky } from '../places/parts.ts';
import * as things from '../things.ts';
import { figure } from './cast.ts';
import { live, passing, swing, trees } from './parts.ts';

const wide = paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED);

/** Water and wild country. All of it moves. */
export const WATERS = {
  waterfall(P) {
    const p = P.pal;
    sky(P, { hor: 500, x: 1500, y: 180 });
    P.layer('cliffs', 0.15, () => {
      nature.sheet(P, nature.hill(P, 380, 80), p.ramp[1], 380);
      for (const s of [-1, 1])
        put(
          P,
          paths.smooth(
            [
              [960 + s * 150, 330],
              [960 + s * 420, 280],
              [960 + s * 1000, 240],
              [960 + s * 2400, 200],
              [960 + s * 2400, 2600],
              [960 + s * 210, 2600],
              [960 + s * 190, 1000],
              [960 + s * 140, 700],
            ],
            true,
            0.5,
          ),
          'steelD',
          5,
          -0.1,
        );
      for (const s of [-1, 1])
        for (let i = 0; i < 5; i++)
          nature.round(
            P,
            960 + s * (300 + i * 190),
            300 - i * 8,
            0.8 + (i % 3) * 0.2,
            p.c(i % 2 ? 'leaf' : 'leafD'),
          );
    });
    live(P, 'water', 0.2, (t) => {
      put(P, paths.rect(800, 320, 320, 900), 'blue', 2, 0.35);
      for (let i = 0; i < 26; i++) {
        const x = 806 + ((i * 47) % 300);
        const y = 320 + (((i * 173) / 900 + t * 2) % 1) * 760;
        P.piece(paths.rrect(x, y, 9 + (i % 3) * 5, 130, 8), p.paper, { lift: 0, grain: 0, a: 0.75 });
      }
      for (let i = 0; i < 16; i++)
        P.piece(nature.wobble(P, 700 + i * 36, 1080 + swing(t, 2, i / 5) * 14, 56, 0.12), p.paper, {
          lift: 1,
          a: 0.8,
        });
    });
    P.layer('pool', 0.4, () => {
      nature.water(P, 1090, 1700, 5);
      for (const [x, y, r] of [
        [330, 1160, 130],
        [560, 1230, 90],
        [1450, 1190, 140],
        [1700, 1250, 100],
      ] as const)
        put(P, nature.wobble(P, x, y, r, 0.14), 'steelD', 5);
      for (const x of [120, 1850])
        for (let i = 0; i < 5; i++)
          nature.leafP(P, x, 1260, 300, -2.3 + i * 0.36, p.c(i % 2 ? 'leaf' : 'leafL'), { fat: 0.2 });
    });
  },
  coast(P) {
    const p = P.pal;
    sky(P, { hor: 640, x: 520, y: 330 });
    P.layer('sea', 0.15, () => nature.water(P, 640, 1800, 8));
    P.layer('cliff', 0.25, () => {
      put(
        P,
        paths.smooth(
          [
            [1120, 560],
            [1300, 420],
            [1900, 360],
            [3400, 340],
            [3400, 2600],
            [1010, 2600],
            [1060, 1200],
            [1150, 960],
            [1110, 760],
          ],
          true,
          0.4,
        ),
        'woodD',
        5,
      );
      for (let i = 0; i < 7; i++)
        P.line(
          paths.smooth(
            [
              [1180 + i * 40, 620 + i * 70],
              [1420 + i * 60, 640 + i * 66],
              [1700 + i * 30, 610 + i * 72],
            ],
            false,
          ),
          p.d('woodD', 0.25),
          9,
          0.5,
        );
      put(
        P,
        paths.smooth(
          [
            [1080, 566],
            [1300, 410],
            [1900, 350],
            [3400, 330],
            [3400, 420],
            [1900, 440],
            [1320, 500],
          ],
          true,
          0.5,
        ),
        'leaf',
        3,
      );
      things.lighthouse(P, 1640, 380, 0.5);
    });
    live(P, 'waves', 0.4, (t) => {
      for (let k = 0; k < 4; k++)
        P.piece(
          paths.wave(
            -1600,
            3600,
            900 + k * 110 + swing(t, 1, k * 0.22) * 22,
            26,
            360,
            1400,
            t * 360 * (k % 2 ? 1 : -1) + k * 90,
            0.4,
          ),
          mix(p.water[k] ?? p.water[3], p.paper, 0.06),
          { lift: 4 },
        );
      for (let i = 0; i < 14; i++)
        P.piece(
          paths.circle(
            1030 + ((i * 43) % 240),
            1000 - Math.abs(swing(t, 1, i / 14)) * (90 + (i % 5) * 30),
            10 + (i % 3) * 7,
          ),
          p.paper,
          { lift: 1 },
        );
    });
  },
  river(P) {
    const p = P.pal;
    sky(P, { hor: 520, x: 1420, y: 240 });
    P.layer('hills', 0.15, () => {
      for (const [i, y] of [500, 600].entries())
        nature.sheet(P, nature.hill(P, y, 80), p.ramp[1 + i] ?? p.ramp[1], y, { mist: 0.3 });
      ground(P, 640, mix(p.ramp[3], p.c('leaf'), 0.5));
    });
    live(P, 'river', 0.2, (t) => {
      put(
        P,
        paths.smooth(
          [
            [1010, 610],
            [1050, 612],
            [1000, 700],
            [720, 780],
            [620, 880],
            [1120, 1000],
            [1500, 1200],
            [1500, 2700],
            [200, 2700],
            [420, 1200],
            [620, 1040],
            [330, 900],
            [480, 780],
            [880, 690],
          ],
          true,
          0.7,
        ),
        'blue',
        1,
        0.25,
      );
      for (let i = 0; i < 16; i++) {
        const q = (t + i / 16) % 1;
        const y = 1080 + q * 330;
        const x = 640 + ((i * 137) % 560) - q * 90;
        P.line(
          paths.smooth(
            [
              [x, y],
              [x + 60, y - 8],
              [x + 120, y + 4],
            ],
            false,
          ),
          p.paper,
          7,
          0.55 * Math.sin(q * Math.PI),
        );
      }
    });
    P.layer('banks', 0.4, () => {
      trees(
        P,
        760,
        [
          [180, 1.1],
          [330, 0.9],
          [1320, 1.1],
          [1560, 1.3],
        ],
        p.c('leafD'),
      );
      trees(
        P,
        1160,
        [
          [90, 2.4],
          [1740, 2.6],
        ],
        p.c('leaf'),
      );
      for (let i = 0; i < 10; i++) {
        const x = i < 5 ? 120 + i * 46 : 1560 + (i - 5) * 60;
        bar(
          P,
          [
            [x, 1290],
            [x + 10, 1140],
          ],
          [7, 5],
          'leafD',
          1,
        );
        oval(P, x + 10, 1120, 11, 40, 'woodD', 1.5);
      }
    });
  },
  jungle(P) {
    const p = P.pal;
    P.layer('far', 0.05, () => {
      P.piece(wide, P.lin(0, -300, 0, 1300, p.sky[2], p.l('leafL', 0.3)), { lift: 0, edge: 0 });
      for (let i = 0; i < 9; i++)
        block(P, -80 + i * 240, -1400, 50 + (i % 3) * 20, 2800, 10, 'leafD', 2, 0.35);
    });
    live(P, 'leaves', 0.2, (t) => {
      for (let k = 0; k < 3; k++)
        for (let i = 0; i < 12; i++)
          nature.leafP(
            P,
            -60 + i * 190 + k * 60,
            k % 2 ? -60 : 1340 - k * 10,
            460 + (i % 4) * 60,
            (k % 2 ? 1.57 : -1.57) + ((i % 5) - 2) * 0.24 + swing(t, 1, i / 9 + k / 3) * 0.05,
            p.c(['leafD', 'leaf', 'green', 'leafL'][(i + k) % 4] ?? 'leaf'),
            { fat: 0.22 },
          );
    });
    P.layer('bird', 0.4, () => {
      bar(
        P,
        [
          [420, 700],
          [960, 660],
          [1500, 690],
        ],
        [44, 36, 26],
        'woodD',
        4,
      );
      P.at(980, 640, () => {
        for (const a of [1.9, 1.75, 1.6])
          nature.leafP(P, -10, -30, 290, a, p.c(a > 1.8 ? 'blue' : 'red'), { fat: 0.12, vein: 0 });
        put(
          P,
          paths.smooth(
            [
              [-60, 0],
              [-90, -140],
              [-20, -260],
              [60, -250],
              [70, -110],
              [20, 10],
            ],
            true,
            0.9,
          ),
          'red',
          4,
        );
        put(P, nature.leaf(-60, -160, 210, 1.5, 0.3), 'blue', 3);
        put(P, nature.leaf(-50, -160, 130, 1.5, 0.3), 'corn', 2);
        oval(P, 30, -210, 34, 34, 'white', 1.5);
        P.ink(paths.circle(36, -214, 12), p.ink);
        put(
          P,
          paths.smooth(
            [
              [66, -240],
              [130, -210],
              [110, -150],
              [70, -180],
            ],
            true,
            0.8,
          ),
          'dark',
          3,
        );
      });
    });
  },
  trafficJam(P) {
    const p = P.pal;
    sky(P, { hor: 620, x: 400, y: 240 });
    P.layer('town', 0.15, () => {
      for (let i = 0; i < 14; i++) {
        const h = 260 + ((i * 83) % 240);
        block(P, -500 + i * 210, 720 - h, 190, h + 200, 4, 'steelD', 3, 0.15 - (i % 3) * 0.12);
        for (let r = 0; r < 4; r++)
          for (let k = 0; k < 3; k++)
            P.ink(
              paths.rect(-470 + i * 210 + k * 52, 750 - h + r * 62, 28, 34),
              (i + r + k) % 3 ? p.paper : p.accent2,
              0.55,
            );
      }
      P.piece(paths.rect(-BLEED, 740, 1920 + 2 * BLEED, 2000), p.c('grey'), { lift: 4 });
      for (let i = 0; i < 18; i++) P.ink(paths.rrect(-1200 + i * 240, 1000, 120, 16, 6), p.paper, 0.8);
    });
    const car = (x: number, y: number, s: number, c: string, f = 1) =>
      P.at(
        x,
        y,
        () => {
          put(
            P,
            paths.smooth(
              [
                [-190, -150],
                [-130, -250],
                [60, -256],
                [160, -160],
              ],
              true,
              0.6,
            ),
            'glass',
            3,
          );
          put(
            P,
            paths.smooth(
              [
                [-300, -60],
                [-290, -140],
                [-180, -166],
                [160, -166],
                [270, -136],
                [300, -60],
              ],
              true,
              0.5,
            ),
            c,
            4,
          );
          bar(
            P,
            [
              [-30, -150],
              [-30, -256],
            ],
            [18, 18],
            c,
            1,
          );
          for (const w of [-180, 180]) {
            oval(P, w, -52, 58, 58, 'dark', 3);
            oval(P, w, -52, 28, 28, 'steel', 1);
          }
          oval(P, 288, -110, 12, 18, 'corn', 1);
          oval(P, -294, -110, 10, 18, 'red', 1);
        },
        { s, sx: s * f },
      );
    passing(P, 'near', 0.5, (x) => {
      const w = P.canvas.height / P.k;
      car(x - w * 0.26, 960, 0.9, 'red');
      car(x + w * 0.22, 960, 0.86, 'teal');
    });
    P.layer('queue', 0.6, () => {
      for (const [x, c] of [
        [200, 'mustard'],
        [900, 'navy'],
        [1600, 'cream'],
        [-500, 'rose'],
        [2300, 'brick'],
      ] as const)
        car(x, 1220, 1.14, c, -1);
    });
  },
  fountain(P) {
    const p = P.pal;
    sky(P, { hor: 700, x: 420, y: 250 });
    P.layer('square', 0.2, () => {
      for (let i = 0; i < 8; i++)
        things.house(P, 60 + i * 260, 820, 240, 360 + ((i * 61) % 120), {
          col: p.c(['cream', 'rose', 'mustard', 'brick', 'teal'][i % 5] ?? 'cream'),
          rows: 3,
          cols: 2,
          lit: p.lit,
        });
      P.piece(paths.rect(-BLEED, 810, 1920 + 2 * BLEED, 2000), p.l('#b7a78c', 0.1), { lift: 3 });
      for (let i = 0; i < 30; i++)
        P.ink(
          paths.rrect(((i * 211) % 2300) - 200, 860 + ((i * 97) % 420), 90, 12, 6),
          p.d('#b7a78c', 0.12),
          0.6,
        );
    });
    P.layer('basin', 0.4, () => {
      oval(P, 960, 1090, 430, 110, 'steelD', 5);
      oval(P, 960, 1076, 390, 88, 'blue', 2, 0.25);
      block(P, 920, 700, 80, 380, 20, 'steelD', 4);
      oval(P, 960, 790, 210, 50, 'steelD', 4);
      oval(P, 960, 780, 180, 34, 'blue', 2, 0.3);
    });
    live(P, 'jets', 0.4, (t) => {
      for (let i = 0; i < 40; i++) {
        const q = (t * 2 + i / 40) % 1;
        const s = i % 2 ? 1 : -1;
        P.piece(
          paths.circle(960 + s * q * (150 + (i % 5) * 18), 690 - Math.sin(q * 2.1) * 210 + q * q * 330, 9),
          p.l('blue', 0.6),
          { lift: 0.8, grain: 0 },
        );
      }
      for (let i = 0; i < 24; i++) {
        const q = (t * 2 + i / 24) % 1;
        P.piece(paths.circle(960 + (i % 2 ? 1 : -1) * (200 + q * 60), 800 + q * 260, 8), p.l('blue', 0.6), {
          lift: 0.8,
          grain: 0,
        });
      }
    });
    P.layer('people', 0.6, () => {
      figure(P, 330, 1200, 5.8, 'cleo', 'walk');
      figure(P, 1600, 1200, 6, 'hugo', 'stand', { face: -1 });
      for (const [x, y] of [
        [620, 1220],
        [700, 1240],
        [1300, 1236],
      ] as const) {
        oval(P, x, y, 34, 20, 'steelD', 2);
        oval(P, x + 30, y - 18, 15, 14, 'steelD', 2);
      }
    });
  },
} satisfies Drawings;
