import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import { block, oval, put } from '../objects/parts.ts';
import type { Paint } from '../paint.ts';
import * as paths from '../paths.ts';
import { ground, sky } from '../places/parts.ts';
import { facing, figure } from './cast.ts';
import { live, pane, room, swing, trees } from './parts.ts';

const tombstone = (P: Paint, x: number, y: number, s = 1) =>
  P.at(
    x,
    y,
    () => {
      put(P, paths.rrect(-80, -230, 160, 240, [80, 80, 0, 0]), 'grey', 4);
      P.ink(paths.rrect(-40, -150, 80, 12, 5), P.pal.ink, 0.4);
      P.ink(paths.rrect(-28, -120, 56, 12, 5), P.pal.ink, 0.4);
    },
    { s },
  );

/** Days that count, and how people meet. */
export const DAYS = {
  wedding(P) {
    const p = P.pal;
    sky(P, { hor: 780, x: 960, y: 420, r: 120 });
    P.layer('garden', 0.2, () => {
      nature.sheet(P, nature.hill(P, 760, 50), p.ramp[1], 760);
      trees(
        P,
        960,
        [
          [120, 2.4],
          [420, 1.6],
          [1500, 1.6],
          [1800, 2.4],
        ],
        p.c('leaf'),
      );
      ground(P, 970, p.c('leafL'));
      P.line(
        paths.smooth(
          [
            [610, 1180],
            [600, 620],
            [700, 380],
            [960, 290],
            [1220, 380],
            [1320, 620],
            [1310, 1180],
          ],
          false,
        ),
        p.c('white'),
        40,
      );
      for (let i = 0; i < 26; i++) {
        const a = Math.PI + (i / 25) * Math.PI;
        const x = 960 + Math.cos(a) * 360;
        const y = 640 + Math.sin(a) * 350;
        P.piece(
          nature.wobble(P, x, y, 40 + (i % 3) * 12, 0.14),
          p.c(['rose', 'white', 'red', 'leafL'][i % 4] ?? 'rose'),
          { lift: 3 },
        );
      }
    });
    P.layer('couple', 0.5, () => {
      figure(P, 810, 1200, 7.6, 'dan', 'give', { top: 'navy', bottom: 'navy' });
      put(
        P,
        paths.smooth(
          [
            [1050, 720],
            [1150, 720],
            [1260, 1210],
            [940, 1210],
          ],
          true,
          0.4,
        ),
        'white',
        3,
      );
      figure(P, 1110, 1200, 7.4, 'cleo', 'give', { face: -1, top: 'white', bottom: 'white' });
      put(
        P,
        paths.smooth(
          [
            [1060, 800],
            [1160, 800],
            [1270, 1214],
            [950, 1214],
          ],
          true,
          0.4,
        ),
        'white',
        3,
      );
      oval(P, 960, 700, 56, 50, 'rose', 4);
      for (const [x, y] of [
        [930, 680],
        [980, 670],
        [960, 710],
      ] as const)
        oval(P, x, y, 24, 22, 'red', 2);
    });
    live(P, 'petals', 0.6, (t) => {
      for (let i = 0; i < 34; i++) {
        const y = ((i * 131 + t * 1700) % 1700) - 300;
        P.piece(
          nature.leaf(((i * 197) % 2100) - 90 + swing(t, 1, i / 6) * 40, y, 26, i + t * 6.28, 0.6),
          p.c(i % 2 ? 'rose' : 'white'),
          { lift: 1 },
        );
      }
    });
  },
  funeral(P) {
    const p = P.pal;
    sky(P, { hor: 760 });
    P.layer('yard', 0.2, () => {
      nature.sheet(P, nature.hill(P, 760, 50), p.ramp[1], 760);
      for (const [x, s] of [
        [160, 1.6],
        [420, 1.2],
        [1560, 1.2],
        [1800, 1.7],
      ] as const)
        nature.poplar(P, x, 960, s, p.ramp[3]);
      ground(P, 980, p.ramp[2]);
      for (const [x, s] of [
        [330, 0.6],
        [520, 0.66],
        [1420, 0.6],
        [1640, 0.7],
      ] as const)
        tombstone(P, x, 1040, s);
      tombstone(P, 1180, 1150, 1.2);
      for (let i = 0; i < 7; i++)
        P.piece(
          nature.wobble(P, 1070 + i * 36, 1170 - (i % 2) * 16, 26, 0.14),
          p.c(['white', 'rose', 'red'][i % 3] ?? 'white'),
          { lift: 2 },
        );
    });
    P.layer('people', 0.5, () => {
      for (const [x, who] of [
        [560, 'ina'],
        [760, 'hugo'],
        [920, 'gita'],
      ] as const)
        figure(P, x, 1200, x === 760 ? 7.4 : 7, who, 'stand', {
          top: 'dark',
          bottom: 'dark',
          coat: 1,
          head: 16,
          eye: 'closed',
        });
      P.line(
        paths.poly(
          [
            [800, 420],
            [800, 830],
          ],
          false,
        ),
        p.c('woodD'),
        12,
      );
      put(
        P,
        paths.smooth(
          [
            [500, 500],
            [560, 390],
            [680, 310],
            [800, 290],
            [920, 310],
            [1040, 390],
            [1100, 500],
            [950, 470],
            [800, 500],
            [650, 470],
          ],
          true,
          0.7,
        ),
        'dark',
        5,
      );
    });
  },
  newborn(P) {
    P.layer('room', 0.1, () => {
      room(P, '#d9c3b4', '#8f6a48', 1080);
      pane(P, 1080, 110, 560, 520, 'hills');
      P.line(
        paths.smooth(
          [
            [430, -400],
            [430, 120],
          ],
          false,
        ),
        P.pal.c('woodD'),
        6,
      );
      for (const [x, y, c] of [
        [300, 260, 'mustard'],
        [430, 330, 'teal'],
        [560, 250, 'rose'],
      ] as const) {
        P.line(
          paths.poly(
            [
              [430, 120],
              [x, y - 40],
            ],
            false,
          ),
          P.pal.c('woodD'),
          4,
        );
        put(P, nature.star(x, y, 50), c, 3);
      }
    });
    P.layer('cradle', 0.3, () => {
      put(
        P,
        paths.round(
          [
            [180, 860],
            [620, 860],
            [570, 1100],
            [230, 1100],
          ],
          30,
        ),
        'woodL',
        4,
      );
      put(
        P,
        paths.smooth(
          [
            [130, 1110],
            [400, 1190],
            [670, 1110],
            [640, 1150],
            [400, 1230],
            [160, 1150],
          ],
          true,
          0.8,
        ),
        'wood',
        4,
      );
      put(P, paths.scallop(170, 630, 830, 60, 6, 30), 'white', 3);
    });
    live(P, 'parent', 0.5, (t) =>
      P.at(
        1060,
        1200,
        () => {
          figure(P, 0, 0, 8.4, 'mara', 'carry', {
            head: 22,
            eye: 'closed',
            hands: [
              [16, -18],
              [20, -14],
            ],
          });
          P.at(
            150,
            -600,
            () => {
              put(
                P,
                paths.smooth(
                  [
                    [-90, -20],
                    [-50, -80],
                    [60, -90],
                    [120, -30],
                    [70, 50],
                    [-50, 60],
                  ],
                  true,
                  0.9,
                ),
                'cream',
                4,
              );
              oval(P, -40, -60, 50, 46, 'doughD', 2);
              P.piece(paths.circle(-36, -58, 40), P.pal.skin(1), { lift: 1 });
              P.line(
                paths.smooth(
                  [
                    [-50, -56],
                    [-42, -50],
                    [-34, -56],
                  ],
                  false,
                ),
                P.pal.ink,
                4,
              );
            },
            { rot: -0.2 },
          );
        },
        { rot: swing(t, 1) * 0.02 },
      ),
    );
  },
  argue(P) {
    P.layer('room', 0.1, () => {
      room(P, '#b98a7a', '#6a4a3c', 1080);
      pane(P, 760, 130, 400, 400, 'sky');
    });
    P.layer('people', 0.5, () => {
      figure(P, 520, 1200, 8, 'gita', 'point', { head: -4 });
      figure(P, 1400, 1200, 8, 'bo', 'point', { face: -1, head: -4 });
    });
    live(P, 'words', 0.4, (t) => {
      for (const [x, f, c] of [
        [700, 1, 'red'],
        [1220, -1, 'navy'],
      ] as const) {
        const d = 1 + swing(t, 3, x / 900) * 0.05;
        P.at(
          x,
          260,
          () => {
            put(
              P,
              paths.poly(
                Array.from({ length: 18 }, (_, i): [number, number] => {
                  const r = i % 2 ? 110 : 165;
                  return [Math.cos((i * Math.PI) / 9) * r, Math.sin((i * Math.PI) / 9) * r * 0.8];
                }),
              ),
              c,
              4,
            );
            for (const [k, w] of [110, 70].entries())
              P.ink(paths.rrect(-w / 2, -30 + k * 40, w, 18, 8), P.pal.paper, 0.9);
          },
          { s: d, sx: d * f },
        );
      }
    });
  },
  highFive(P) {
    const p = P.pal;
    P.layer('office', 0.1, () => {
      room(P, '#8fb3b0', '#8a6a4f', 1080);
      pane(P, 240, 130, 520, 430, 'town');
      block(P, 1160, 130, 520, 380, 10, 'white', 4);
      for (const [x, h, c] of [
        [1220, 90, 'teal'],
        [1310, 150, 'mustard'],
        [1400, 200, 'carrot'],
        [1490, 280, 'red'],
      ] as const)
        block(P, x, 470 - h, 60, h, 4, c, 2);
    });
    P.layer('people', 0.5, () => {
      figure(P, 700, 1200, 8, 'jo', 'cheer', {
        hands: [
          [26, -54],
          [-10, 0],
        ],
        hdirs: [-60, 90],
      });
      figure(P, 1180, 1200, 7.8, 'elsa', 'cheer', {
        face: -1,
        hands: [
          [27, -56],
          [-10, 0],
        ],
        hdirs: [-60, 90],
      });
      facing(P, 330, 1200, 7.4, 'lee', 'cheer');
      facing(P, 1600, 1200, 7.6, 'ned', 'cheer');
    });
    live(P, 'spark', 0.6, (t) => {
      for (let i = 0; i < 10; i++) {
        const a = (i / 10) * Math.PI * 2;
        const r = 70 + 26 * Math.max(0, swing(t, 2));
        P.line(
          paths.poly(
            [
              [942 + Math.cos(a) * r, 340 + Math.sin(a) * r],
              [942 + Math.cos(a) * (r + 50), 340 + Math.sin(a) * (r + 50)],
            ],
            false,
          ),
          p.accent2,
          12,
        );
      }
    });
  },
} satisfies Drawings;
