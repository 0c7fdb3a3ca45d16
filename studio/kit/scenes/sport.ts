import type { Drawings } from '../../catalogue/slots.ts';
import { nth } from '../named.ts';
import * as nature from '../nature.ts';
import { BLEED, type Paint } from '../paint.ts';
import * as paths from '../paths.ts';
import { ground, sky } from '../places/parts.ts';
import { facing, figure } from './cast.ts';
import { live, pane, passing, plant, room, swing } from './parts.ts';

/** Sport and calm of the body. */
export const SPORT = {
  joggers(P) {
    const p = P.pal;
    sky(P, { hor: 800, x: 1380, y: 330 });
    const unit = () => P.canvas.height / P.k / 1110;
    passing(P, 'hills', 0.1, (x0) => {
      const u = unit();
      P.piece(
        paths.smooth(
          [
            [x0 - 700 * u, 1400],
            [x0 - 400 * u, 800],
            [x0, 640],
            [x0 + 380 * u, 790],
            [x0 + 700 * u, 1400],
          ],
          true,
          0.6,
        ),
        p.ramp[1],
        { lift: 3 },
      );
    });
    P.layer('lawn', 0.2, () => ground(P, 880, p.ramp[2]));
    passing(P, 'trees', 0.2, (x0) => {
      const u = unit();
      for (const [x, s] of [
        [0, 2],
        [420, 2.5],
        [760, 1.8],
      ] as const)
        nature.round(P, x0 + x * u, 960, s, p.c(p.moon ? 'leafD' : 'leaf'));
    });
    P.layer('way', 0.3, () =>
      P.piece(
        paths.smooth(
          [
            [-BLEED, 1080],
            [960, 1060],
            [1920 + BLEED, 1080],
            [1920 + BLEED, 1220],
            [-BLEED, 1230],
          ],
          true,
          0.5,
        ),
        p.c('#e0c79a'),
        { lift: 2 },
      ),
    );
    passing(
      P,
      'grass',
      0.5,
      (x0) => {
        const period = P.canvas.height / P.k;
        for (let i = 0; i < 24; i++) {
          const x = x0 + (i * period) / 24;
          P.piece(
            paths.smooth(
              [
                [x, 1300],
                [x + 10, 1225],
                [x + 24, 1180 + (i % 3) * 16],
                [x + 30, 1230],
                [x + 50, 1300],
              ],
              true,
              0.5,
            ),
            p.c('leafD'),
            { lift: 2 },
          );
        }
      },
      2,
    );
    live(P, 'runners', 0.5, (t) => {
      for (const [x, y, s, who, ph] of [
        [1080, 1130, 6.4, 'bo', 0.2],
        [700, 1170, 7, 'cleo', 0.3],
      ] as const) {
        const a = swing(t, 6, ph);
        const b = Math.abs(swing(t, 6, ph + 0.125));
        figure(P, x, y - b * 14, s, who, 'run', {
          sleeve: 'short',
          hands: [
            [4 + a * 14, -18 - Math.abs(a) * 4],
            [4 - a * 14, -18 - Math.abs(a) * 4],
          ],
          hdirs: [-20, -20],
          feet: [
            [-a * 20, 40 - Math.max(0, a) * 8],
            [a * 20, 40 - Math.max(0, -a) * 8],
          ],
        });
      }
    });
  },
  yoga(P) {
    const p = P.pal;
    sky(P, { hor: 720, x: 960, y: 420, r: 150 });
    P.layer('lake', 0.2, () => {
      nature.sheet(P, nature.hill(P, 640, 80), p.ramp[1], 640);
      nature.water(P, 740, 930, 5);
      nature.reflect(P, 960, 760, 920, 220, p.sun);
      ground(P, 960, p.ramp[2]);
    });
    live(P, 'person', 0.5, (t) => {
      const d = swing(t) * 2;
      P.piece(
        paths.round(
          [
            [600, 1150],
            [1320, 1150],
            [1380, 1196],
            [540, 1196],
          ],
          10,
        ),
        p.c('teal'),
        { lift: 3 },
      );
      facing(P, 960, 1180, 7.6, 'mara', 'cheer', {
        top: 'rose',
        bottom: '#44354f',
        hairStyle: 'bun',
        eye: 'closed',
        hands: [
          [-2, -66 - d],
          [2, -66 - d],
        ],
        bends: [1, -1],
        feet: [
          [-5, 49],
          [9, 24],
        ],
      });
    });
  },
  meditate(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#8aa58f', 'woodL', 1060);
      P.piece(nature.wobble(P, 960, 560, 400, 0.02), p.l('mustard', 0.3), { lift: 3 });
      for (const x of [330, 1600]) plant(P, x, 1120, 1.6, 'cream');
      P.piece(paths.ellipse(960, 1170, 560, 76), p.c('rose'), { lift: 2 });
      P.piece(paths.ellipse(960, 1150, 250, 50), p.c('red'), { lift: 3 });
    });
    live(P, 'person', 0.4, (t) => {
      const b = swing(t, 2) * 0.6;
      P.group(() => {
        for (const m of [-1, 1]) {
          P.piece(
            paths.tube(
              [
                [960 + m * 40, 1050],
                [960 + m * 240, 1120],
                [960 + m * 170, 1160],
              ],
              [110, 84, 60],
            ),
            p.c('navy'),
            { lift: 3 },
          );
        }
        P.piece(
          paths.tube(
            [
              [1130, 1150],
              [960, 1166],
              [800, 1158],
            ],
            [64, 70, 56],
          ),
          p.d('navy', 0.1),
          { lift: 3 },
        );
        P.piece(paths.ellipse(790, 1160, 44, 24), p.skin(2), { lift: 2 });
      });
      facing(P, 960, 1060, 8.4 + b * 0.05, 'gita', 'bust', {
        eye: 'closed',
        top: 'cream',
        hands: [
          [-25, 5],
          [25, 5],
        ],
        bends: [1, -1],
        hdirs: [60, 120],
        drop: -b,
      });
    });
  },
  gym(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#46505c', '#5d6468', 1080);
      P.piece(paths.rect(-BLEED, 700, 1920 + 2 * BLEED, 60), p.c('red'), { lift: 1 });
      P.piece(
        paths.rrect(380, 140, 1160, 480, 8),
        P.lin(380, 140, 1540, 620, p.l('glass', 0.3), p.c('glass')),
        {
          lift: 3,
        },
      );
      P.line(
        paths.poly(
          [
            [480, 560],
            [760, 180],
          ],
          false,
        ),
        p.paper,
        12,
        0.5,
      );
      P.line(
        paths.poly(
          [
            [540, 580],
            [860, 180],
          ],
          false,
        ),
        p.paper,
        6,
        0.5,
      );
      for (const x of [330, 1590])
        for (let i = 0; i < 3; i++)
          P.piece(paths.rrect(x - 60, 1060 - i * 60, 120, 50, 22), p.c(nth(['dark', 'red', 'navy'], i)), {
            lift: 3,
          });
    });
    live(P, 'lifter', 0.4, (t) => {
      const up = 0.5 - 0.5 * Math.cos(t * Math.PI * 4);
      const y = -44 - up * 17;
      facing(P, 960, 1190, 7.6, 'ned', 'cheer', {
        top: 'red',
        sleeve: 'short',
        bottom: 'dark',
        hands: [
          [-17, y],
          [17, y],
        ],
        bends: [-1, 1],
        feet: [
          [-10, 47],
          [10, 47],
        ],
        after: (Q: Paint) => {
          Q.piece(paths.rrect(-50, y - 4, 100, 2.6, 1.3), p.c('steel'), { lift: 2 });
          for (const m of [-1, 1]) {
            Q.piece(paths.rrect(m * 42 - 3, y - 16, 6, 27, 2), p.c('dark'), { lift: 3 });
            Q.piece(paths.rrect(m * 48 - 2.4, y - 12, 4.8, 19, 2), p.c('red'), { lift: 3 });
          }
        },
      });
    });
  },
  kick(P) {
    const p = P.pal;
    sky(P, { hor: 780, x: 500, y: 300 });
    P.layer('pitch', 0.2, () => {
      P.piece(paths.rect(-BLEED, 680, 1920 + 2 * BLEED, 200), p.ramp[2], { lift: 2 });
      for (let i = 0; i < 90; i++)
        P.ink(
          paths.circle(-400 + i * 32 + P.R.r(-8, 8), 710 + (i % 3) * 32, 13),
          p.c(nth(['red', 'cream', 'blue', 'mustard'], i % 4)),
          0.8,
        );
      P.piece(paths.rect(-BLEED, 830, 1920 + 2 * BLEED, 40), p.c('white'), { lift: 2 });
      ground(P, 890, p.c('leaf'));
      for (let i = -3; i < 8; i++)
        P.ink(
          paths.poly([
            [i * 300, 900],
            [i * 300 + 150, 900],
            [i * 300 + 60, 2000],
            [i * 300 - 200, 2000],
          ]),
          p.c('leafL'),
          0.35,
        );
      P.line(
        paths.poly(
          [
            [1240, 1000],
            [1240, 560],
            [1700, 520],
            [1700, 1060],
          ],
          false,
        ),
        p.paper,
        20,
      );
      for (let i = 0; i < 9; i++)
        P.line(
          paths.poly(
            [
              [1250 + i * 52, 560 - i * 4],
              [1250 + i * 52, 1000 + i * 6],
            ],
            false,
          ),
          p.paper,
          3,
          0.6,
        );
      for (let i = 0; i < 7; i++)
        P.line(
          paths.poly(
            [
              [1244, 600 + i * 58],
              [1700, 580 + i * 66],
            ],
            false,
          ),
          p.paper,
          3,
          0.6,
        );
    });
    P.layer('player', 0.5, () => {
      figure(P, 700, 1180, 7.2, 'jo', 'run', {
        lean: -12,
        head: 16,
        top: 'red',
        bottom: 'white',
        hands: [
          [-16, -20],
          [17, -30],
        ],
        hdirs: [150, -30],
        feet: [
          [34, 26],
          [-8, 47],
        ],
        foot: 51,
      });
      P.group(() => {
        P.piece(paths.circle(1060, 960, 62), p.paper, { lift: 4 });
        P.piece(
          paths.poly([
            [1060, 934],
            [1086, 952],
            [1076, 982],
            [1044, 982],
            [1034, 952],
          ]),
          p.ink,
          { lift: 0 },
        );
        for (let i = 0; i < 5; i++) {
          const a = -Math.PI / 2 + (i / 5) * 6.283;
          P.line(
            paths.poly(
              [
                [1060 + Math.cos(a) * 27, 961 + Math.sin(a) * 27],
                [1060 + Math.cos(a) * 60, 960 + Math.sin(a) * 60],
              ],
              false,
            ),
            p.ink,
            4,
          );
        }
      });
    });
  },
  dance(P) {
    const p = P.pal;
    P.layer('hall', 0.1, () => {
      room(P, '#8f3f4f', 'woodL', 1040);
      for (const x of [420, 1180]) pane(P, x, 160, 340, 520, 'town', 'brass');
      for (let i = 0; i < 26; i++) {
        const x = -200 + i * 96;
        const y = 40 + Math.sin(i * 0.9) * 30;
        P.piece(
          paths.poly([
            [x, y],
            [x + 60, y + 4],
            [x + 30, y + 80],
          ]),
          p.c(nth(['mustard', 'teal', 'rose', 'cream'], i % 4)),
          { lift: 2 },
        );
      }
    });
    live(P, 'pair', 0.5, (t) => {
      const d = swing(t, 2);
      figure(P, 800 + d * 16, 1190, 7.4, 'ned', 'walk', {
        lean: 4 + d * 3,
        top: 'white',
        collar: 'red',
        bottom: 'dark',
        hands: [
          [27, -36],
          [24, -14],
        ],
        hdirs: [-20, 0],
        feet: [
          [9 + d * 3, 46],
          [-10 - d * 3, 45],
        ],
      });
      figure(P, 1150 + d * 16, 1190, 7.2, 'gita', 'walk', {
        face: -1,
        lean: -2 + d * 3,
        top: 'red',
        bottom: 'red',
        coat: 26,
        hands: [
          [24, -38],
          [20, -18],
        ],
        hdirs: [-20, 0],
        feet: [
          [9 - d * 3, 46],
          [-11 + d * 3, 45],
        ],
        shoe: 'dark',
      });
    });
  },
} satisfies Drawings;
