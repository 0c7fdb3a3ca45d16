import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import { bar, block, oval, put } from '../objects/parts.ts';
import * as paths from '../paths.ts';
import { ground, sky } from '../places/parts.ts';
import * as things from '../things.ts';
import { facing, figure } from './cast.ts';
import { box, live, pane, pendant, room, shelves, swing, trees } from './parts.ts';

/** Children, and those who are with them. */
export const CHILDHOOD = {
  bakeTogether(P) {
    P.layer('room', 0.1, () => {
      room(P, '#e3c58f', '#8f6a48', 1140);
      shelves(P, 240, 380, 620, 2, 200, 'jars');
      pane(P, 1180, 130, 480, 400, 'hills');
      pendant(P, 960, 60, 'red', 1.2);
    });
    P.layer('people', 0.4, () => {
      facing(P, 780, 900, 8.4, 'mara', 'table', { apron: 'cream', top: 'teal', tilt: 8 });
      facing(P, 1180, 900, 5.6, 'finn', 'table', { apron: 'mustard', top: 'red', tilt: -8 });
    });
    P.layer('table', 0.5, () => {
      box(P, 380, 880, 1180, 460, 'teal', 5, 'woodL');
      put(
        P,
        paths.smooth(
          [
            [640, 880],
            [680, 820],
            [860, 810],
            [920, 880],
          ],
          true,
          0.8,
        ),
        'dough',
        4,
      );
      bar(
        P,
        [
          [960, 856],
          [1240, 862],
        ],
        [50, 50],
        'wood',
        4,
      );
      for (const x of [930, 1270])
        bar(
          P,
          [
            [x - 20, 858],
            [x + 20, 860],
          ],
          [24, 24],
          'woodD',
          3,
        );
      for (const [x, c] of [
        [1330, 'cream'],
        [1380, 'dough'],
        [1430, 'cream'],
      ] as const)
        things.egg(P, x, 850, 34, 0, P.pal.c(c));
      block(P, 460, 760, 120, 120, 16, 'white', 4);
      P.ink(paths.rrect(480, 800, 80, 40, 6), P.pal.c('blue'), 0.7);
    });
    live(P, 'flour', 0.6, (t) => {
      for (let i = 0; i < 16; i++) {
        const q = (t + i / 16) % 1;
        P.piece(paths.circle(720 + ((i * 71) % 420) + q * 30, 830 - q * 260, 7 * (1 - q) + 2), P.pal.paper, {
          lift: 0.4,
          grain: 0,
          a: 1 - q,
        });
      }
    });
  },
  bedtimeStory(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#4c4a74', '#5a4438', 1080);
      pane(P, 1180, 120, 460, 430, 'sky');
      for (let i = 0; i < 9; i++) put(P, nature.star(180 + i * 104, 170 + ((i * 67) % 180), 24), 'corn', 1);
      P.line(
        paths.smooth(
          [
            [100, 120],
            [520, 260],
            [1040, 130],
          ],
          false,
        ),
        p.c('cream'),
        4,
      );
    });
    P.layer('bed', 0.3, () => {
      block(P, 330, 560, 70, 600, 26, 'wood', 4);
      block(P, 360, 900, 1240, 260, 30, 'woodL', 4);
      block(P, 400, 720, 300, 190, 60, 'cream', 4);
    });
    P.layer('people', 0.4, () => {
      facing(P, 760, 960, 8, 'ina', 'bust', {
        tilt: 8,
        hands: [
          [-4, -14],
          [20, -14],
        ],
        bends: [1, -1],
      });
      facing(P, 1010, 960, 5.4, 'jo', 'bust', { tilt: -12 });
    });
    P.layer('cover', 0.5, () => {
      put(
        P,
        paths.smooth(
          [
            [520, 940],
            [800, 900],
            [1200, 910],
            [1590, 930],
            [1610, 1190],
            [500, 1190],
          ],
          true,
          0.5,
        ),
        'red',
        4,
      );
      for (let i = 0; i < 9; i++) put(P, nature.star(600 + i * 116, 1010 + (i % 2) * 80, 26), 'mustard', 0.8);
      put(
        P,
        paths.poly([
          [800, 790],
          [930, 830],
          [930, 950],
          [800, 910],
        ]),
        'teal',
        4,
      );
      put(
        P,
        paths.poly([
          [1060, 790],
          [930, 830],
          [930, 950],
          [1060, 910],
        ]),
        'teal',
        4,
        -0.12,
      );
      put(
        P,
        paths.poly([
          [806, 780],
          [930, 818],
          [1054, 780],
          [1054, 800],
          [930, 840],
          [806, 800],
        ]),
        'white',
        1,
      );
    });
    P.layer('lamp', 0.3, () => {
      block(P, 1640, 900, 240, 260, 12, 'woodD', 4);
      bar(
        P,
        [
          [1760, 900],
          [1760, 760],
        ],
        [20, 20],
        'brass',
        3,
      );
      put(
        P,
        paths.poly([
          [1690, 770],
          [1720, 640],
          [1800, 640],
          [1830, 770],
        ]),
        'corn',
        4,
        0.3,
      );
    });
    P.glow(1760, 720, 620, p.accent2, 0.5);
  },
  playground(P) {
    const p = P.pal;
    sky(P, { hor: 800, x: 420, y: 280 });
    P.layer('park', 0.2, () => {
      nature.sheet(P, nature.hill(P, 760, 60), p.ramp[1], 760);
      trees(
        P,
        930,
        [
          [140, 2.4],
          [1780, 2.6],
          [1480, 1.7],
        ],
        p.c('leaf'),
      );
      ground(P, 940, p.c('leafL'));
      P.piece(paths.ellipse(960, 1180, 900, 120), p.c('doughD'), { lift: 1 });
      for (const s of [-1, 1])
        bar(
          P,
          [
            [640 + s * 270, 330],
            [640 + s * 350, 1180],
          ],
          [34, 44],
          'wood',
          4,
        );
      bar(
        P,
        [
          [340, 330],
          [940, 330],
        ],
        [40, 40],
        'woodD',
        4,
      );
    });
    live(P, 'swing', 0.4, (t) => {
      P.at(
        640,
        330,
        () => {
          for (const x of [-50, 50])
            P.line(
              paths.poly(
                [
                  [x, 0],
                  [x, 560],
                ],
                false,
              ),
              p.c('steelD'),
              9,
            );
          block(P, -100, 556, 200, 28, 10, 'red', 4);
          figure(P, -6, 700, 5.2, 'elsa', 'sit', {
            hands: [
              [9, -22],
              [8, -20],
            ],
            hdirs: [-80, -80],
            feet: [
              [30, 8],
              [27, 10],
            ],
          });
        },
        { rot: swing(t, 1) * 0.34 },
      );
    });
    P.layer('slide', 0.4, () => {
      for (const x of [1260, 1360]) block(P, x, 560, 28, 640, 8, 'blue', 3);
      for (let i = 0; i < 5; i++) block(P, 1260, 660 + i * 106, 128, 20, 6, 'steel', 2);
      block(P, 1230, 540, 190, 36, 10, 'mustard', 3);
      bar(
        P,
        [
          [1410, 560],
          [1560, 860],
          [1690, 1120],
          [1800, 1170],
        ],
        [60, 60, 60, 50],
        'red',
        4,
      );
      figure(P, 1330, 548, 4.4, 'jo', 'sit', {
        hands: [
          [9, -50],
          [4, -52],
        ],
        hdirs: [-80, -90],
      });
      figure(P, 1080, 1190, 4.8, 'lee', 'run', { face: 1 });
    });
  },
  schoolWay(P) {
    const p = P.pal;
    sky(P, { hor: 800, x: 1450, y: 260 });
    P.layer('school', 0.2, () => {
      trees(
        P,
        930,
        [
          [200, 2.2],
          [1800, 2.4],
        ],
        p.c('leaf'),
      );
      block(P, 560, 380, 1000, 580, 6, 'brick', 4);
      put(
        P,
        paths.poly([
          [520, 390],
          [1060, 180],
          [1600, 390],
        ]),
        'woodD',
        4,
      );
      oval(P, 1060, 320, 56, 56, 'cream', 2);
      bar(
        P,
        [
          [1060, 320],
          [1060, 284],
        ],
        [8, 6],
        'dark',
        1,
      );
      bar(
        P,
        [
          [1060, 320],
          [1088, 330],
        ],
        [8, 6],
        'dark',
        1,
      );
      for (let i = 0; i < 6; i++)
        if (i !== 2 && i !== 3) block(P, 610 + i * 156, 470, 110, 150, 8, 'glass', 2, 0.3);
      for (let i = 0; i < 6; i++)
        if (i !== 2 && i !== 3) block(P, 610 + i * 156, 700, 110, 150, 8, 'glass', 2, 0.3);
      block(P, 950, 620, 230, 340, 12, 'woodL', 3);
      P.ink(paths.rect(1062, 630, 6, 330), p.ink, 0.5);
      ground(P, 960, p.c('leafL'));
      put(
        P,
        paths.poly([
          [960, 960],
          [1170, 960],
          [1500, 1900],
          [500, 1900],
        ]),
        'doughD',
        1,
      );
    });
    live(P, 'children', 0.5, (t) => {
      for (const [x, who, s, k] of [
        [620, 'cleo', 5.8, 'mustard'],
        [900, 'finn', 5.2, 'red'],
        [1260, 'lee', 5.6, 'teal'],
      ] as const) {
        const d = Math.abs(swing(t, 2, x / 900)) * 12;
        figure(P, x, 1200 - d, s, who, 'walk', { pack: k, face: x > 1200 ? -1 : 1 });
      }
    });
  },
} satisfies Drawings;
