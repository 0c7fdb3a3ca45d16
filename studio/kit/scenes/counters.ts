import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import { bar, block, oval, put } from '../objects/parts.ts';
import * as paths from '../paths.ts';
import { facing, figure } from './cast.ts';
import { box, chair, live, pane, pendant, plant, room, shelves, swing, table } from './parts.ts';
import { thing } from './thing.ts';

/** Rooms where people are served or work. */
export const COUNTERS = {
  supermarket(P, o) {
    P.layer('aisle', 0.1, () => {
      room(P, '#e6dcc4', '#b9a68a', 1080);
      for (const x of [-700, 40, 1240, 1980]) {
        block(P, x, 120, 660, 960, 10, 'steel', 4, 0.1);
        shelves(P, x + 20, 330, 620, 4, 220, x === 40 || x === 1980 ? 'jars' : 'parcels');
      }
      for (const x of [300, 960, 1620]) block(P, x - 160, 10, 320, 34, 10, 'white', 2, 0.5);
    });
    P.layer('person', 0.5, () => {
      figure(P, 760, 1200, 7.8, o.who ?? 'cleo', 'give', { lean: 6 });
      thing(P, 'cart', 1230, 1210, 0.95, 0.95);
    });
  },
  warehouse(P) {
    P.layer('hall', 0.1, () => {
      room(P, '#9aa7ad', '#8f8a80', 1040);
      for (const x of [-480, 140, 1180, 1800]) {
        for (const y of [180, 460, 740]) {
          shelves(P, x, y + 220, 560, 1, 230, 'parcels');
        }
        for (const k of [0, 560]) block(P, x + k - 16, -300, 32, 1380, 4, 'blue', 3);
      }
      for (const x of [420, 1500]) pendant(P, x, 60, 'steelD', 1.2);
    });
    P.layer('person', 0.5, () => {
      figure(P, 740, 1200, 7.8, 'jo', 'push', {
        lean: 14,
        hands: [
          [30, -16],
          [28, -13],
        ],
        feet: [
          [8, 45],
          [-16, 43],
        ],
        top: 'carrot',
      });
      bar(
        P,
        [
          [970, 690],
          [1010, 1160],
        ],
        [24, 24],
        'steelD',
        3,
      );
      block(P, 990, 1140, 470, 34, 10, 'steelD', 4);
      for (const x of [1060, 1390]) oval(P, x, 1196, 38, 38, 'dark', 3);
      for (const [x, y, w, h] of [
        [1030, 1140, 240, 200],
        [1280, 1140, 160, 160],
        [1060, 940, 190, 160],
        [1270, 980, 140, 120],
      ] as const) {
        block(P, x, y - h, w, h, 6, 'woodL', 4);
        P.ink(paths.rect(x + w / 2 - 12, y - h, 24, h), P.pal.paper, 0.5);
      }
    });
  },
  robotArm(P) {
    P.layer('hall', 0.1, () => {
      room(P, '#8fa3ab', '#7f858a', 1040);
      for (let i = -3; i < 10; i++) {
        block(P, i * 300, -700, 40, 1740, 4, 'steelD', 2, 0.1);
        P.line(
          paths.poly(
            [
              [i * 300, 0],
              [i * 300 + 300, 260],
            ],
            false,
          ),
          P.pal.c('steelD'),
          14,
        );
      }
      for (const x of [300, 960, 1620]) pendant(P, x, 90, 'mustard', 1.2);
    });
    live(P, 'arm', 0.4, (t) => {
      const a = swing(t, 1) * 0.16;
      const b = swing(t, 1, 0.2) * 0.22;
      P.at(620, 1060, () => {
        block(P, -150, -60, 300, 110, 20, 'dark', 4);
        block(P, -90, -190, 180, 150, 30, 'carrot', 4);
        P.at(
          0,
          -170,
          () => {
            bar(
              P,
              [
                [0, 0],
                [60, -440],
              ],
              [110, 86],
              'carrot',
              4,
            );
            P.at(
              60,
              -440,
              () => {
                bar(
                  P,
                  [
                    [0, 0],
                    [470, 70],
                  ],
                  [90, 60],
                  'carrot',
                  4,
                );
                oval(P, 0, 0, 66, 66, 'dark', 3);
                P.at(
                  470,
                  70,
                  () => {
                    oval(P, 0, 0, 44, 44, 'dark', 3);
                    bar(
                      P,
                      [
                        [0, 0],
                        [0, 120],
                      ],
                      [40, 40],
                      'steelD',
                      3,
                    );
                    for (const s of [-1, 1])
                      bar(
                        P,
                        [
                          [s * 30, 120],
                          [s * 54, 200],
                        ],
                        [20, 16],
                        'dark',
                        2,
                      );
                  },
                  { rot: -a - b },
                );
              },
              { rot: b },
            );
            oval(P, 0, 0, 70, 70, 'dark', 3);
          },
          { rot: a },
        );
      });
    });
    P.layer('belt', 0.5, () => {
      block(P, 760, 1000, 1900, 60, 28, 'dark', 4);
      for (let i = 0; i < 12; i++) oval(P, 800 + i * 130, 1030, 22, 22, 'steel', 1.5);
      for (const x of [900, 1500]) block(P, x, 1060, 50, 300, 4, 'steelD', 2);
      for (const [x, c] of [
        [1130, 'teal'],
        [1420, 'red'],
        [1700, 'mustard'],
      ] as const)
        block(P, x, 860, 190, 140, 14, c, 4);
    });
  },
  chefs(P) {
    P.layer('room', 0.1, () => {
      room(P, '#cfd6d4', '#7f7a72', 1120);
      for (let r = -3; r < 9; r++)
        for (let i = -5; i < 16; i++)
          P.ink(paths.rrect(i * 170 + (r % 2) * 85, r * 100, 160, 90, 6), P.pal.l('#cfd6d4', 0.4), 0.5);
      bar(
        P,
        [
          [160, 330],
          [1760, 330],
        ],
        [20, 20],
        'steelD',
        3,
      );
      for (let i = 0; i < 8; i++) {
        const x = 260 + i * 200;
        P.line(
          paths.poly(
            [
              [x, 330],
              [x, 390],
            ],
            false,
          ),
          P.pal.c('steelD'),
          8,
        );
        oval(
          P,
          x,
          450,
          66 - (i % 3) * 10,
          66 - (i % 3) * 10,
          ['steel', 'dark', 'brass'][i % 3] ?? 'steel',
          3,
        );
      }
    });
    P.layer('cooks', 0.3, () => {
      facing(P, 660, 900, 8, 'dan', 'hold', { feet: undefined, hat: 'chef', top: 'white', hatCol: 'white' });
      facing(P, 1260, 900, 7.8, 'cleo', 'hold', {
        feet: undefined,
        hat: 'chef',
        top: 'white',
        hatCol: 'white',
      });
    });
    P.layer('stove', 0.5, () => {
      box(P, 200, 900, 1520, 420, 'steel', 6, 'steelD');
      for (const [x, c] of [
        [470, 'steelD'],
        [1000, 'red'],
        [1500, 'dark'],
      ] as const) {
        block(P, x - 110, 800, 220, 100, 20, c, 4);
        block(P, x + 100, 816, 120, 22, 10, 'dark', 2);
      }
      block(P, 640, 850, 200, 46, 10, 'woodL', 3);
      for (const [x, c] of [
        [690, 'tomato'],
        [740, 'leafL'],
        [790, 'carrot'],
      ] as const)
        oval(P, x, 838, 26, 22, c, 2);
    });
    live(P, 'steam', 0.5, (t) => {
      for (const [i, x] of [470, 1000, 1500].entries())
        nature.steam(P, x + swing(t, 1, i / 3) * 18, 780, 240, 1.1, P.pal.paper, 0.45);
    });
  },
  hotel(P) {
    P.layer('room', 0.1, () => {
      room(P, '#3f5a66', '#7a5a44', 1080);
      for (let r = 0; r < 3; r++)
        for (let i = 0; i < 9; i++) {
          block(P, 560 + i * 92, 170 + r * 120, 78, 100, 6, 'wood', 2);
          if ((i + r) % 3) {
            oval(P, 600 + i * 92, 210 + r * 120, 12, 12, 'brass', 1);
            P.ink(paths.rect(597 + i * 92, 214 + r * 120, 6, 34), P.pal.c('brass'));
          }
        }
      for (const x of [430, 1500]) pendant(P, x, 80, 'mustard', 1.1);
      plant(P, 1760, 1090, 1.2, 'brick');
    });
    P.layer('clerk', 0.3, () => facing(P, 1100, 900, 8.2, 'lee', 'table', { top: 'dark', collar: 'white' }));
    P.layer('desk', 0.4, () => {
      box(P, 760, 880, 1000, 320, 'woodD', 4, 'cream');
      P.at(1500, 870, () => {
        oval(P, 0, -4, 70, 12, 'woodD', 2);
        put(
          P,
          paths.smooth(
            [
              [-56, -8],
              [-40, -60],
              [0, -74],
              [40, -60],
              [56, -8],
            ],
            true,
            0.7,
          ),
          'brass',
          3,
        );
        oval(P, 0, -80, 10, 10, 'brass', 1);
      });
    });
    P.layer('guest', 0.6, () => {
      figure(P, 560, 1200, 8, 'elsa', 'give');
      block(P, 330, 940, 170, 250, 24, 'red', 4);
      bar(
        P,
        [
          [380, 940],
          [360, 760],
          [450, 750],
        ],
        [14, 14, 18],
        'dark',
        2,
      );
      for (const x of [360, 470]) oval(P, x, 1196, 20, 20, 'dark', 2);
    });
  },
  callCentre(P) {
    P.layer('room', 0.1, () => {
      room(P, '#a9c0c9', '#8f8a80', 1080);
      pane(P, 200, 120, 620, 360, 'town');
      pane(P, 1080, 120, 620, 360, 'town');
    });
    P.layer('people', 0.4, () => {
      for (const [x, who, f] of [
        [430, 'gita', 1],
        [1490, 'ned', -1],
      ] as const) {
        chair(P, x, 990, 1200, f, 'dark', 280);
        figure(P, x, 1204, 8, who, 'type', { face: f });
        P.line(
          paths.smooth(
            [
              [x - 30 * f, 625],
              [x + 6 * f, 545],
              [x + 40 * f, 560],
            ],
            false,
          ),
          P.pal.c('dark'),
          12,
        );
        oval(P, x - 16 * f, 628, 24, 30, 'dark', 3);
        P.line(
          paths.smooth(
            [
              [x - 10 * f, 650],
              [x + 30 * f, 684],
              [x + 66 * f, 676],
            ],
            false,
          ),
          P.pal.c('dark'),
          8,
        );
      }
    });
    P.layer('desks', 0.5, () => {
      table(P, 560, 1360, 900, 1200, 'woodL');
      block(P, 940, 560, 40, 340, 6, 'mustard', 3);
      for (const [x, f] of [
        [760, -1],
        [1160, 1],
      ] as const) {
        block(P, x - 16, 830, 32, 70, 4, 'steelD', 2);
        block(P, x - 26 + f * 10, 640, 30, 200, 8, 'dark', 4);
        block(P, x - 70, 890, 140, 14, 6, 'steelD', 2);
      }
    });
  },
} satisfies Drawings;
