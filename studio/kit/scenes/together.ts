import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import { nth } from '../named.ts';
import * as nature from '../nature.ts';
import { BLEED } from '../paint.ts';
import * as paths from '../paths.ts';
import { ground, sky } from '../places/parts.ts';
import * as things from '../things.ts';
import { facing, figure } from './cast.ts';
import { live, pane, room, swing, trees } from './parts.ts';

/** People who do something together. */
export const TOGETHER = {
  march(P) {
    const p = P.pal;
    sky(P, { hor: 760, x: 960, y: 380 });
    P.layer('town', 0.2, () => {
      let x = -900;
      for (let i = 0; x < 2900; i++) {
        const w = P.R.r(220, 320);
        things.house(P, x + w / 2, 1000, w, P.R.r(380, 560), {
          col: mix(p.ramp[1], p.c(nth(['brick', 'cream', 'teal', 'rose'], i % 4)), 0.35),
          lit: p.lit,
          rows: 3,
          cols: 2,
          lift: 3,
        });
        x += w + 4;
      }
      ground(P, 1000, mix(p.ramp[2], p.c('grey'), 0.5));
    });
    for (const [k, list] of (
      [
        [
          [380, 'hugo', 'cream', 3.8],
          [640, 'lee', 'mustard', 3.8],
          [1240, 'ned', 'teal', 3.8],
          [1520, 'elsa', 'rose', 3.8],
        ],
        [
          [540, 'cleo', 'paper', 6],
          [950, 'finn', 'red', 6],
          [1350, 'gita', 'leafL', 6],
        ],
      ] as const
    ).entries())
      P.layer(
        `row ${k}`,
        0.4 + k * 0.2,
        () => {
          for (const [x, who, sign] of list) {
            const s = k ? 6.2 : 5;
            const y = k ? 1190 : 1090;
            P.group(() => {
              P.piece(paths.rect(x + 13 * s, y - 128 * s, 2.4 * s, 80 * s), p.c('wood'), { lift: 2 });
              P.piece(
                paths.rrect(x - 4 * s, y - 150 * s, 40 * s, 30 * s, 8),
                sign === 'paper' ? p.paper : p.c(sign),
                { lift: 4 },
              );
              for (let i = 0; i < 3; i++)
                P.ink(paths.rrect(x + 1 * s, y - (144 - i * 8) * s, (30 - i * 7) * s, 3 * s, 3), p.ink, 0.35);
            });
            facing(P, x, y, s, who, 'wave', {
              hands: [
                [-14, 0],
                [18, -36],
              ],
              bends: [1, 1],
              hdirs: [95, -80],
              feet: [
                [-6, 48],
                [7, 46],
              ],
            });
          }
        },
        { heave: 9, n: 3, ph: k * 1.4, sway: 5 },
      );
  },
  planting(P) {
    const p = P.pal;
    sky(P, { hor: 780, x: 480, y: 310 });
    P.layer('park', 0.2, () => {
      nature.sheet(P, nature.hill(P, 740, 70), p.ramp[1], 740);
      ground(P, 900, p.c('leaf'));
      trees(
        P,
        930,
        [
          [180, 1.9],
          [1780, 2.2],
          [1560, 1.4],
        ],
        p.c('leafD'),
      );
    });
    P.layer('people', 0.5, () => {
      P.group(() => {
        P.piece(
          paths.tube(
            [
              [960, 1160],
              [966, 900],
              [958, 640],
            ],
            [24, 17, 10],
          ),
          p.c('woodD'),
          { lift: 3 },
        );
        for (const [x, y, r] of [
          [960, 560, 110],
          [880, 640, 74],
          [1050, 630, 80],
        ] as const)
          P.piece(nature.wobble(P, x, y, r, 0.06), p.c(r > 100 ? 'leafL' : 'leaf'), { lift: 4 });
      });
      P.piece(paths.ellipse(960, 1180, 220, 50), p.c('soil'), { lift: 3 });
      P.piece(
        paths.smooth(
          [
            [820, 1180],
            [880, 1130],
            [960, 1140],
            [1050, 1126],
            [1110, 1180],
          ],
          true,
          0.7,
        ),
        p.c('soilD'),
        { lift: 3 },
      );
      figure(P, 640, 1190, 7, 'dan', 'work', {
        lean: 20,
        hands: [
          [32, -10],
          [28, -2],
        ],
        top: 'red',
        hdirs: [10, 30],
      });
      P.piece(
        paths.tube(
          [
            [800, 700],
            [900, 1100],
          ],
          [13, 13],
        ),
        p.c('woodL'),
        { lift: 3 },
      );
      P.piece(
        paths.round(
          [
            [870, 1080],
            [930, 1066],
            [950, 1160],
            [900, 1180],
          ],
          10,
        ),
        p.c('steel'),
        { lift: 3 },
      );
      figure(P, 1260, 1200, 7, 'cleo', 'kneel', {
        face: -1,
        top: 'mustard',
        hat: 'brim',
        hatCol: 'cream',
        hands: [
          [30, -14],
          [28, 4],
        ],
      });
    });
  },
  cleanup(P) {
    const p = P.pal;
    sky(P, { hor: 700, x: 1350, y: 350 });
    P.layer('sea', 0.2, () => {
      nature.water(P, 640, 860, 5);
      P.piece(
        paths.smooth(
          [
            [-BLEED, 900],
            [500, 860],
            [1000, 900],
            [1500, 860],
            [1920 + BLEED, 890],
            [1920 + BLEED, 2800],
            [-BLEED, 2800],
          ],
          true,
          0.7,
        ),
        P.lin(0, 860, 0, 1300, p.c('#f0dcae'), p.c('#d8b67e')),
        { lift: 4 },
      );
    });
    P.layer('people', 0.5, () => {
      figure(P, 640, 1160, 6.8, 'jo', 'bend', {
        top: 'teal',
        hands: [
          [36, 14],
          [20, -4],
        ],
        hdirs: [70, 60],
      });
      figure(P, 1300, 1190, 7.2, 'mara', 'carry', {
        face: -1,
        top: 'red',
        hands: [
          [20, -4],
          [14, 0],
        ],
      });
      P.group(() =>
        P.piece(
          paths.smooth(
            [
              [1080, 790],
              [1150, 770],
              [1190, 800],
              [1240, 930],
              [1220, 1060],
              [1080, 1070],
              [1040, 940],
            ],
            true,
            0.8,
          ),
          p.c('leaf'),
          { lift: 4 },
        ),
      );
      for (const [x, y, c] of [
        [930, 1170, 'red'],
        [1010, 1190, 'blue'],
        [480, 1200, 'white'],
        [880, 1205, 'mustard'],
      ] as const) {
        P.piece(paths.rrect(x, y - 30, 76, 36, 12), p.c(c), { lift: 3 });
        P.piece(paths.rrect(x + 70, y - 22, 22, 20, 4), p.c('white'), { lift: 2 });
      }
    });
  },
  foodTable(P) {
    const p = P.pal;
    P.layer('hall', 0.1, () => {
      room(P, '#7f93a8', '#a58a68', 1080);
      pane(P, 420, 120, 460, 380, 'town', 'white');
      pane(P, 1040, 120, 460, 380, 'town', 'white');
    });
    P.layer('helpers', 0.3, () => {
      facing(P, 840, 930, 7.4, 'kit', 'hold', {
        feet: undefined,
        apron: 'teal',
        hands: [
          [-20, -12],
          [6, -4],
        ],
        hdirs: [170, 150],
      });
      facing(P, 1280, 930, 7.6, 'ned', 'hold', {
        feet: undefined,
        apron: 'red',
        hands: [
          [-8, -8],
          [8, -8],
        ],
      });
    });
    P.layer('table', 0.5, () => {
      P.group(() => {
        P.piece(paths.rect(660, 900, 1000, 290), p.c('cream'), { lift: 4 });
        P.piece(paths.rrect(640, 880, 1040, 40, 8), p.c('white'), { lift: 4 });
      });
      things.crate(P, 780, 880, 220, 110, (x: number, y: number) => {
        for (let i = 0; i < 5; i++)
          P.piece(
            paths.circle(x + 26 + i * 42, y, 34),
            p.c(nth(['tomato', 'leafL', 'carrot', 'tomato', 'corn'], i)),
            {
              lift: 2,
            },
          );
      });
      things.crate(P, 1420, 880, 220, 110, (x: number, y: number) => {
        for (let i = 0; i < 4; i++)
          P.piece(
            paths.rrect(x + 14 + i * 50, y - 70, 44, 130, 16),
            p.c(nth(['woodL', 'doughD', 'wood', 'woodL'], i)),
            { lift: 2 },
          );
      });
      for (let i = 0; i < 4; i++)
        P.piece(
          paths.rrect(1080 + i * 76, 800, 60, 82, 10),
          p.c(nth(['red', 'navy', 'mustard', 'teal'], i)),
          {
            lift: 3,
          },
        );
    });
    P.layer('guest', 0.6, () => {
      figure(P, 500, 1195, 7.4, 'hugo', 'give', {
        hands: [
          [24, -14],
          [22, -12],
        ],
        coat: 10,
      });
      P.group(() => {
        P.piece(
          paths.round(
            [
              [650, 720],
              [800, 720],
              [786, 850],
              [664, 850],
            ],
            6,
          ),
          p.c('#c9a06a'),
          { lift: 4 },
        );
        P.piece(paths.circle(700, 712, 30), p.c('leafL'), { lift: 2 });
        P.piece(paths.circle(752, 708, 28), p.c('tomato'), { lift: 2 });
      });
    });
  },
  hug(P) {
    const p = P.pal;
    P.layer('ground', 0.1, () => {
      P.piece(
        paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 3200),
        P.lin(0, -200, 0, 1200, p.c('#e7b7a0'), p.c('#f3d9bf')),
        {
          lift: 0,
        },
      );
      P.piece(nature.wobble(P, 960, 640, 520, 0.02), p.l('#e08a6a', 0.2), { lift: 3 });
      P.piece(nature.wobble(P, 960, 640, 380, 0.02), p.l('#f0b58a', 0.2), { lift: 3 });
      ground(P, 1130, p.c('#b5745a'));
    });
    live(P, 'pair', 0.5, (t) => {
      const d = swing(t, 2) * 1.5;
      figure(P, 870, 1190, 8, 'bo', 'stand', {
        lean: 5 + d * 0.5,
        head: 12,
        eye: 'closed',
        hands: [
          [25, -24],
          [23, -14],
        ],
        hdirs: [20, 20],
      });
      figure(P, 1035, 1190, 7.6, 'gita', 'stand', {
        face: -1,
        lean: 6 + d * 0.5,
        head: 14,
        eye: 'closed',
        hands: [
          [24, -27],
          [22, -18],
        ],
        hdirs: [10, 10],
      });
    });
  },
} satisfies Drawings;
