import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import { bar, block, oval, put, shade } from '../objects/parts.ts';
import * as paths from '../paths.ts';
import { ground, sky } from '../places/parts.ts';
import * as things from '../things.ts';
import { figure } from './cast.ts';
import { box, live, pane, plant, room, shelves, swing, trees } from './parts.ts';
import { thing } from './thing.ts';

/** Work about the house. */
export const CHORES = {
  dishes(P) {
    P.layer('room', 0.1, () => {
      room(P, '#b9cfc4', '#8a6a4f', 1120);
      pane(P, 980, 130, 520, 430, 'hills');
      shelves(P, 240, 420, 560, 2, 190, 'jars');
    });
    live(P, 'water', 0.3, (t) => {
      bar(
        P,
        [
          [1230, 640],
          [1232 + swing(t, 3) * 3, 780],
        ],
        [22, 26],
        'blue',
        2,
        0.5,
      );
      for (let i = 0; i < 12; i++)
        P.piece(
          paths.circle(
            1080 + ((i * 53) % 330),
            800 - ((i * 31) % 46) - Math.abs(swing(t, 1, i / 12)) * 18,
            22 + (i % 4) * 8,
          ),
          P.pal.l('glass', 0.6),
          { lift: 2 },
        );
    });
    P.layer('sink', 0.4, () => {
      P.line(
        paths.smooth(
          [
            [1380, 820],
            [1380, 600],
            [1300, 560],
            [1232, 600],
            [1230, 650],
          ],
          false,
        ),
        P.pal.c('steel'),
        30,
      );
      box(P, 900, 820, 1500, 420, 'teal', 5, 'woodL');
      block(P, 1030, 800, 440, 60, 20, 'steel', 3);
      for (let i = 0; i < 5; i++)
        P.at(1600 + i * 52, 800, () => oval(P, 0, -60, 24, 84, 'white', 3), { rot: 0.1 });
    });
    P.layer('person', 0.5, () => {
      figure(P, 830, 1210, 8.2, 'ned', 'work', {
        apron: 'red',
        hands: [
          [27, -20],
          [24, -18],
        ],
      });
      P.at(1066, 720, () => {
        oval(P, 0, 0, 74, 74, 'white', 4);
        oval(P, 0, 0, 48, 48, 'white', 1, -0.06);
      });
    });
  },
  vacuuming(P) {
    P.layer('room', 0.1, () => {
      room(P, '#d8c2a0', '#9c7552', 1060);
      pane(P, 1240, 150, 480, 420, 'town');
      plant(P, 1700, 1080, 1.1, 'brick');
      P.piece(paths.ellipse(960, 1180, 760, 90), P.pal.c('rose'), { lift: 1 });
      P.line(paths.ellipse(960, 1180, 690, 74), P.pal.l('rose', 0.4), 10);
    });
    P.layer('sofa', 0.2, () => thing(P, 'sofa', 420, 1080, 0.9));
    live(P, 'person', 0.5, (t) => {
      const d = swing(t, 2) * 26;
      figure(P, 860, 1200, 7.8, 'gita', 'give', {
        lean: 12,
        hands: [
          [27 + d / 30, -8],
          [24 + d / 30, -6],
        ],
      });
      bar(
        P,
        [
          [1074 + d, 736],
          [1240 + d * 2, 1160],
        ],
        [20, 24],
        'steel',
        3,
      );
      block(P, 1200 + d * 2, 1150, 190, 40, 16, 'dark', 4);
      P.line(
        paths.smooth(
          [
            [1080 + d, 740],
            [960, 980],
            [700, 1120],
            [600, 1120],
          ],
          false,
        ),
        P.pal.c('dark'),
        22,
      );
      P.at(520, 1210, () => {
        P.piece(
          paths.smooth(
            [
              [-140, -40],
              [-130, -150],
              [-20, -180],
              [110, -130],
              [130, -30],
            ],
            true,
            0.8,
          ),
          shade(P, P.pal.c('red'), -140, 130),
          { lift: 4 },
        );
        oval(P, -70, -34, 44, 44, 'dark', 3);
        oval(P, 90, -26, 28, 28, 'dark', 3);
      });
    });
  },
  ironing(P) {
    P.layer('room', 0.1, () => {
      room(P, '#c3b1c4', '#8a6a4f', 1080);
      pane(P, 240, 150, 460, 430, 'sky');
    });
    P.layer('rail', 0.2, () => thing(P, 'clothes', 1480, 1090, 0.95));
    P.layer('person', 0.4, () =>
      figure(P, 700, 1200, 8, 'hugo', 'work', {
        hands: [
          [26, -13],
          [20, -10],
        ],
        top: 'cream',
      }),
    );
    P.layer('board', 0.5, () => {
      for (const s of [-1, 1])
        bar(
          P,
          [
            [960 + s * 40, 850],
            [960 - s * 220, 1220],
          ],
          [22, 22],
          'steelD',
          3,
        );
      put(
        P,
        paths.round(
          [
            [620, 800, 20],
            [1330, 800, 60],
            [1330, 850, 40],
            [620, 850, 20],
          ],
          20,
        ),
        'blue',
        4,
        0.2,
      );
      put(
        P,
        paths.smooth(
          [
            [960, 806],
            [1100, 760],
            [1220, 790],
            [1300, 806],
            [1300, 980],
            [1240, 1040],
            [1200, 900],
            [1000, 880],
          ],
          true,
          0.7,
        ),
        'white',
        3,
      );
    });
    live(P, 'iron', 0.5, (t) => {
      const d = swing(t, 2) * 40;
      P.at(940 + d, 800, () => {
        P.line(
          paths.smooth(
            [
              [-50, -70],
              [-70, -110],
              [20, -120],
              [56, -70],
            ],
            false,
          ),
          P.pal.c('dark'),
          18,
        );
        P.piece(
          paths.smooth(
            [
              [-90, -6],
              [-86, -56],
              [-20, -76],
              [60, -64],
              [110, -6],
            ],
            true,
            0.6,
          ),
          P.pal.c('teal'),
          { lift: 3 },
        );
        block(P, -96, -14, 214, 16, 6, 'steel', 2);
      });
      nature.steam(P, 1060 + d, 760, 200, 0.9, P.pal.paper, 0.4);
    });
  },
  mowing(P) {
    const p = P.pal;
    sky(P, { hor: 760, x: 360, y: 260 });
    P.layer('garden', 0.2, () => {
      nature.sheet(P, nature.hill(P, 700, 60), p.ramp[1], 700);
      things.house(P, 1380, 900, 360, 420, { col: p.c('cream'), roof: p.c('brick') });
      trees(
        P,
        920,
        [
          [220, 2],
          [640, 1.5],
          [1800, 2.2],
        ],
        p.c('leaf'),
      );
      ground(P, 920, p.c('leaf'));
      for (let i = 0; i < 5; i++)
        put(
          P,
          paths.poly([
            [-300 + i * 520, 940],
            [-40 + i * 520, 940],
            [-160 + i * 620, 1900],
            [-520 + i * 620, 1900],
          ]),
          'leafL',
          0,
          0.05,
        );
    });
    P.layer('person', 0.5, () => {
      figure(P, 760, 1180, 7.6, 'bo', 'push', {
        lean: 16,
        hands: [
          [32, -18],
          [30, -15],
        ],
        feet: [
          [8, 45],
          [-18, 43],
        ],
        foot: 50,
        hat: 'brim',
        hatCol: 'cream',
      });
      bar(
        P,
        [
          [1000, 690],
          [1200, 1080],
        ],
        [20, 22],
        'dark',
        3,
      );
      P.at(1270, 1180, () => {
        block(P, -170, -110, 330, 80, 30, 'red', 4);
        block(P, -60, -180, 150, 90, 24, 'dark', 3);
        for (const x of [-130, 120]) {
          oval(P, x, -30, 52, 52, 'dark', 4);
          oval(P, x, -30, 22, 22, 'corn', 1);
        }
      });
    });
    live(P, 'grass', 0.5, (t) => {
      for (let i = 0; i < 9; i++) {
        const q = (t * 2 + i / 9) % 1;
        P.piece(
          nature.leaf(1110 - q * 240, 1120 - Math.sin(q * Math.PI) * 130, 34, q * 6 + i, 0.24),
          p.c(i % 2 ? 'leaf' : 'leafL'),
          { lift: 1 },
        );
      }
    });
  },
  shovelSnow(P) {
    const p = P.pal;
    sky(P, { hor: 800, x: 1500, y: 250 });
    P.layer('street', 0.2, () => {
      for (const [x, w, h, c] of [
        [120, 420, 520, 'brick'],
        [560, 360, 460, 'mustard'],
        [1320, 400, 560, 'teal'],
        [1740, 420, 480, 'rose'],
      ] as const) {
        block(P, x - w / 2, 940 - h, w, h + 40, 6, c, 3);
        put(
          P,
          paths.poly([
            [x - w / 2 - 30, 940 - h],
            [x, 780 - h],
            [x + w / 2 + 30, 940 - h],
          ]),
          'white',
          4,
        );
        for (const dx of [-90, 50]) block(P, x + dx, 700, 60, 90, 6, 'corn', 1, 0.2);
      }
      ground(P, 960, p.l('white', 0.4));
      put(
        P,
        paths.poly([
          [700, 1000],
          [1020, 1000],
          [1500, 1900],
          [300, 1900],
        ]),
        'grey',
        1,
      );
    });
    P.layer('person', 0.5, () => {
      figure(P, 800, 1200, 7.8, 'kit', 'bend', {
        lean: 30,
        hat: 'beanie',
        hatCol: 'red',
        pom: 1,
        top: 'blue',
        coat: 1,
        hands: [
          [30, -8],
          [22, -20],
        ],
        hdirs: [40, 40],
      });
      bar(
        P,
        [
          [920, 700],
          [1190, 1100],
        ],
        [20, 20],
        'wood',
        3,
      );
      put(
        P,
        paths.round(
          [
            [1150, 1070],
            [1300, 1110],
            [1290, 1190],
            [1160, 1180],
          ],
          14,
        ),
        'steelD',
        4,
      );
      put(
        P,
        paths.smooth(
          [
            [1230, 1080],
            [1300, 1010],
            [1370, 1070],
            [1350, 1150],
            [1250, 1140],
          ],
          true,
          0.9,
        ),
        'white',
        3,
        0.4,
      );
      put(
        P,
        paths.smooth(
          [
            [1350, 1230],
            [1450, 1040],
            [1620, 980],
            [1800, 1060],
            [1940, 1240],
          ],
          true,
          0.9,
        ),
        'white',
        4,
        0.3,
      );
    });
    live(P, 'snow', 0.6, (t) => {
      for (let i = 0; i < 70; i++) {
        const y = ((i * 97.3) % 1900) - 500 + t * 1900;
        P.piece(
          paths.circle(
            ((i * 211) % 2400) - 240 + swing(t, 1, i / 9) * 30,
            ((y + 500) % 1900) - 500,
            6 + (i % 4) * 3,
          ),
          p.paper,
          { lift: 0.8, grain: 0 },
        );
      }
    });
  },
} satisfies Drawings;
