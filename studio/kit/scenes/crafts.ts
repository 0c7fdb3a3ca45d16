import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import { bar, block, oval, put } from '../objects/parts.ts';
import * as paths from '../paths.ts';
import { sky } from '../places/parts.ts';
import * as things from '../things.ts';
import { facing, figure } from './cast.ts';
import { chair, live, pane, plant, room, shelves, swing, table, trees } from './parts.ts';
import { thing } from './thing.ts';

/** Work with plants, animals and hands. */
export const CRAFTS = {
  greenhouse(P) {
    P.layer('house', 0.1, () => {
      room(P, '#cfe3da', '#9a7a58', 1100);
      for (let i = -4; i < 12; i++) {
        block(P, i * 240, -1000, 18, 2080, 4, 'white', 2);
      }
      for (let r = 0; r < 6; r++) block(P, -1400, -600 + r * 330, 4720, 16, 4, 'white', 2);
      P.line(
        paths.smooth(
          [
            [-400, 300],
            [300, 60],
            [960, -20],
            [1620, 60],
            [2320, 300],
          ],
          false,
        ),
        P.pal.c('white'),
        26,
      );
    });
    P.layer('back', 0.2, () => {
      block(P, -400, 820, 2720, 50, 8, 'wood', 4);
      for (let i = 0; i < 12; i++)
        plant(P, -60 + i * 190, 830, 0.7 + (i % 3) * 0.14, ['brick', 'mustard', 'rose'][i % 3]);
    });
    P.layer('person', 0.5, () =>
      figure(P, 780, 1210, 8, 'lee', 'work', { apron: 'brick', hat: 'brim', hatCol: 'cream' }),
    );
    P.layer('front', 0.6, () => {
      table(P, 900, 1800, 920, 1230, 'woodL');
      for (const [x, s] of [
        [1040, 1],
        [1220, 0.8],
        [1400, 1.1],
        [1590, 0.9],
      ] as const) {
        put(
          P,
          paths.round(
            [
              [x - 60, 830],
              [x + 60, 830],
              [x + 44, 920],
              [x - 44, 920],
            ],
            8,
          ),
          'brick',
          3,
        );
        P.at(x, 834, () => things.seedling(P, 0, 0, 1.1), { s });
        for (const [dx, c] of [
          [-24, 'red'],
          [26, 'corn'],
        ] as const)
          if (s > 0.95)
            P.piece(nature.wobble(P, x + dx, 730 - Math.abs(dx), 30, 0.12), P.pal.c(c), { lift: 2 });
      }
    });
  },
  stable(P) {
    P.layer('barn', 0.1, () => {
      room(P, '#7a4f3a', '#b9925a', 1080);
      for (let i = -5; i < 13; i++) block(P, i * 190, -1200, 160, 2260, 4, 'brick', 2, -0.12);
      pane(P, 1340, 140, 380, 340, 'hills', 'cream');
      for (let i = 0; i < 26; i++)
        P.line(
          paths.poly(
            [
              [((i * 173) % 2100) - 80, 1130 + ((i * 61) % 120)],
              [((i * 173) % 2100) - 10, 1110 + ((i * 61) % 120)],
            ],
            false,
          ),
          P.pal.c('corn'),
          7,
          0.8,
        );
    });
    P.layer('cow', 0.4, () => thing(P, 'cow', 1150, 1200, 1.5, 1.5));
    P.layer('farmer', 0.5, () => {
      figure(P, 560, 1210, 7.8, 'bo', 'give', {
        hat: 'brim',
        hatCol: 'mustard',
        top: 'red',
        bottom: 'denim',
      });
      P.at(250, 1210, () => {
        put(
          P,
          paths.round(
            [
              [-90, -190],
              [90, -190],
              [70, 0],
              [-70, 0],
            ],
            12,
          ),
          'steel',
          4,
        );
        oval(P, 0, -190, 90, 24, 'white', 1);
        P.line(
          paths.smooth(
            [
              [-86, -190],
              [0, -300],
              [86, -190],
            ],
            false,
          ),
          P.pal.c('steelD'),
          9,
        );
      });
    });
  },
  vet(P) {
    P.layer('room', 0.1, () => {
      room(P, '#b9d4c8', '#8f8a80', 1100, { dado: 300 });
      shelves(P, 220, 400, 520, 2, 200, 'jars');
      block(P, 1300, 150, 340, 420, 10, 'white', 4);
      for (let i = 0; i < 3; i++) oval(P, 1380 + i * 90, 300 + (i % 2) * 110, 34, 30, 'wood', 1);
    });
    P.layer('vet', 0.3, () => {
      facing(P, 660, 900, 8.4, 'gita', 'table', {
        top: 'white',
        collar: 'blue',
        tilt: 8,
        hands: [
          [-10, -6],
          [22, -16],
        ],
      });
      facing(P, 1460, 900, 8, 'finn', 'table', { tilt: -8 });
    });
    P.layer('table', 0.4, () => {
      block(P, 420, 880, 1180, 44, 14, 'steel', 5);
      block(P, 940, 920, 140, 360, 20, 'steelD', 4);
    });
    P.layer('dog', 0.5, () => thing(P, 'dog', 1010, 884, 0.95));
  },
  painterEasel(P) {
    P.layer('room', 0.1, () => {
      room(P, '#d6cbb4', '#9c7552', 1080);
      pane(P, 240, 120, 480, 520, 'sky');
      for (const [x, y, c] of [
        [1560, 250, 'teal'],
        [1700, 480, 'red'],
        [1520, 560, 'mustard'],
      ] as const) {
        block(P, x, y, 190, 160, 4, 'white', 3);
        oval(P, x + 95, y + 80, 50, 46, c, 1);
      }
    });
    P.layer('easel', 0.4, () => thing(P, 'easel', 1180, 1200, 1.25));
    P.layer('painter', 0.5, () => {
      figure(P, 700, 1200, 8, 'ina', 'give', {
        apron: 'blue',
        hands: [
          [30, -24],
          [20, -8],
        ],
      });
      bar(
        P,
        [
          [930, 610],
          [1030, 560],
        ],
        [12, 10],
        'wood',
        3,
      );
      P.at(880, 770, () => {
        put(
          P,
          paths.smooth(
            [
              [-90, 0],
              [-40, -50],
              [60, -46],
              [96, 10],
              [30, 50],
              [-60, 40],
            ],
            true,
            0.9,
          ),
          'woodL',
          4,
        );
        for (const [x, y, c] of [
          [-40, -14, 'red'],
          [6, -26, 'mustard'],
          [50, -10, 'blue'],
          [30, 24, 'leaf'],
        ] as const)
          oval(P, x, y, 16, 14, c, 1);
      });
    });
  },
  potter(P) {
    P.layer('room', 0.1, () => {
      room(P, '#b98f6a', '#7a5a44', 1080);
      shelves(P, 1180, 380, 620, 2, 230, 'jars');
      pane(P, 240, 130, 440, 420, 'hills');
    });
    P.layer('person', 0.4, () => {
      chair(P, 660, 980, 1200, 1, 'wood', 40);
      figure(P, 660, 1204, 8.2, 'ned', 'type', {
        lean: 16,
        head: 14,
        apron: 'cream',
        hands: [
          [33, -10],
          [31, -4],
        ],
      });
    });
    live(P, 'pot', 0.5, (t) => {
      block(P, 830, 960, 330, 250, 20, 'woodD', 5);
      oval(P, 995, 950, 190, 34, 'steelD', 4);
      const d = swing(t, 4) * 5;
      put(
        P,
        paths.smooth(
          [
            [915 + d, 946],
            [890, 880],
            [920 + d, 800],
            [950, 760],
            [1040, 760],
            [1070 + d, 800],
            [1100, 880],
            [1075 + d, 946],
          ],
          true,
          0.8,
        ),
        'brick',
        4,
        0.12,
      );
      oval(P, 995, 764, 48, 14, 'brick', 1, -0.3);
      for (let i = 0; i < 4; i++)
        P.line(
          paths.smooth(
            [
              [905, 830 + i * 28 + d],
              [995, 842 + i * 28 - d],
              [1085, 830 + i * 28 + d],
            ],
            false,
          ),
          P.pal.d('brick', 0.2),
          4,
          0.5,
        );
    });
  },
  charging(P) {
    const p = P.pal;
    sky(P, { hor: 780, x: 420, y: 260 });
    P.layer('street', 0.2, () => {
      nature.sheet(P, nature.hill(P, 780, 50), p.ramp[1], 780);
      trees(
        P,
        960,
        [
          [1560, 2],
          [1820, 2.4],
        ],
        p.c('leaf'),
      );
      P.piece(paths.rect(-1400, 950, 4720, 2000), p.c('grey'), { lift: 4 });
    });
    P.layer('post', 0.4, () => {
      block(P, 330, 560, 200, 560, 30, 'white', 5);
      block(P, 364, 600, 132, 120, 12, 'dark', 2);
      put(
        P,
        paths.poly([
          [440, 760],
          [390, 860],
          [428, 860],
          [412, 940],
          [476, 830],
          [436, 830],
        ]),
        'leaf',
        2,
      );
    });
    P.layer('car', 0.5, () => {
      thing(P, 'car', 1150, 1180, 1.25);
      P.line(
        paths.smooth(
          [
            [520, 760],
            [600, 1000],
            [660, 1090],
            [700, 1010],
          ],
          false,
        ),
        p.c('dark'),
        20,
      );
    });
    live(P, 'charge', 0.6, (t) => {
      for (let i = 0; i < 3; i++)
        P.piece(paths.circle(394 + i * 36, 660, 13), p.c((t * 6) % 4 > i + 0.5 ? 'leaf' : 'steelD'), {
          lift: 0.6,
        });
    });
  },
} satisfies Drawings;
