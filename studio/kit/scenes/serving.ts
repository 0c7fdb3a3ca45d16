import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import * as nature from '../nature.ts';
import * as paths from '../paths.ts';
import { ground, sky } from '../places/parts.ts';
import * as things from '../things.ts';
import { facing, figure } from './cast.ts';
import { box, chair, glow, live, pane, passing, pendant, room, shelves, table } from './parts.ts';

/** People who serve others. */
export const SERVING = {
  till(P, o) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, o.wall ?? 'rose', 'wood', 1080);
      shelves(P, 560, 300, 1200, 3, 210, o.goods ?? 'jars');
      pendant(P, 760, 60, 'teal', 1.1);
      pendant(P, 1380, 60, 'teal', 1.1);
    });
    P.layer('keeper', 0.3, () =>
      facing(P, 1290, 930, 8.4, o.a ?? 'ina', 'hold', {
        feet: undefined,
        apron: 'teal',
        hands: [
          [-15, -16],
          [9, -6],
        ],
        hdirs: [170, 150],
      }),
    );
    P.layer('counter', 0.4, () => {
      box(P, 900, 890, 1400, 300, 'wood', 5, 'cream');
      P.group(
        () => {
          P.piece(
            paths.round(
              [
                [1460, 880],
                [1500, 760],
                [1660, 760],
                [1690, 880],
              ],
              10,
            ),
            p.c('dark'),
            { lift: 3 },
          );
          P.piece(paths.rrect(1530, 776, 100, 46, 6), p.c('leafL'), { lift: 0.8 });
        },
        { lift: 3 },
      );
      for (const [x, c] of [
        [1120, 'tomato'],
        [1180, 'carrot'],
        [1150, 'leafL'],
      ] as const)
        P.piece(paths.circle(x, 852, 34), p.c(c), { lift: 2 });
    });
    P.layer('customer', 0.6, () => {
      figure(P, 700, 1190, 8, o.b ?? 'finn', 'give', { face: 1 });
      P.group(
        () => {
          P.piece(
            paths.round(
              [
                [926, 812],
                [1046, 812],
                [1036, 892],
                [936, 892],
              ],
              6,
            ),
            p.c('#c9a06a'),
            { lift: 3 },
          );
          P.line(paths.ellipse(986, 812, 30, 26), p.c('woodD'), 5);
        },
        { lift: 3 },
      );
    });
  },
  barista(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#3f4f4a', 'woodD', 1180);
      P.piece(paths.rrect(560, -40, 800, 330, 10), p.c('dark'), { lift: 4 });
      for (let r = 0; r < 4; r++)
        for (const x of [620, 1000]) P.ink(paths.rrect(x, 20 + r * 62, 240 - r * 22, 14, 6), p.paper, 0.8);
      shelves(P, 380, 500, 1160, 1, 200, 'jars');
      for (const x of [480, 960, 1440]) pendant(P, x, -90, 'mustard', 1);
    });
    P.layer('barista', 0.3, () =>
      facing(P, 900, 930, 9.2, 'kit', 'hold', {
        feet: undefined,
        apron: 'brick',
        sleeve: 'short',
        top: 'cream',
        hands: [
          [-8, -12],
          [8, -16],
        ],
      }),
    );
    P.layer('cup', 0.3, () => {
      P.group(
        () => {
          things.mug(P, 840, 850, 0.5, p.paper);
          P.piece(
            paths.round(
              [
                [930, 730],
                [1010, 730],
                [1024, 820],
                [920, 820],
              ],
              12,
            ),
            p.c('steel'),
            { lift: 2 },
          );
        },
        { lift: 2 },
      );
    });
    P.layer('counter', 0.5, () => {
      box(P, -600, 900, 3200, 900, 'wood', 9, 'woodL');
      P.group(
        () => {
          P.piece(paths.rrect(1140, 620, 420, 270, 20), p.c('steel'), { lift: 4 });
          P.piece(paths.rrect(1180, 720, 340, 120, 8), p.c('dark'), { lift: 1 });
          for (const x of [1250, 1440]) {
            P.piece(paths.rrect(x - 30, 700, 60, 40, 6), p.c('steelD'), { lift: 2 });
            P.piece(paths.rrect(x - 22, 790, 44, 50, 8), p.paper, { lift: 2 });
          }
          for (let i = 0; i < 5; i++)
            P.ink(paths.circle(1220 + i * 66, 660, 12), p.c(i % 2 ? 'red' : 'brass'));
        },
        { lift: 4 },
      );
      for (const [x, c] of [
        [470, 'teal'],
        [590, 'cream'],
        [650, 'rose'],
      ] as const)
        things.mug(P, x, 892, 0.62, p.c(c));
    });
    live(P, 'steam', 0.5, (t) => nature.steam(P, 1440, 640, 260, 1, p.paper, 0.4, { ph: t * Math.PI * 2 }));
    live(P, 'steam cup', 0.5, (t) =>
      nature.steam(P, 840, 780, 150, 0.6, p.paper, 0.45, { ph: t * Math.PI * 2 }),
    );
  },
  waiter(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#7b3f4a', 'woodD', 1090);
      pane(P, 1080, 180, 460, 420, 'town', 'woodD');
      pane(P, 380, 180, 460, 420, 'town', 'woodD');
      pendant(P, 960, 120, 'mustard', 1.3);
    });
    P.layer('light', 0.2, () => glow(P, 960, 160, 520, 0.45));
    P.layer('guests', 0.4, () => {
      chair(P, 1010, 985, 1190, 1, 'woodD', 260);
      figure(P, 1010, 1190, 7.8, 'mara', 'sit', {
        hands: [
          [25, -12],
          [20, -3],
        ],
        hdirs: [-30, 10],
      });
      chair(P, 1560, 985, 1190, -1, 'woodD', 260);
      figure(P, 1560, 1190, 7.8, 'jo', 'sit', {
        face: -1,
        hands: [
          [24, -10],
          [20, -3],
        ],
      });
      table(P, 1130, 1450, 920, 1190, 'cream');
      P.group(
        () => {
          P.piece(paths.rrect(1276, 830, 28, 90, 6), p.paper, { lift: 2 });
          P.piece(
            paths.smooth([
              [1290, 780],
              [1304, 812],
              [1290, 834],
              [1276, 812],
            ]),
            p.accent2,
            { lift: 1 },
          );
        },
        { lift: 2 },
      );
      for (const x of [1200, 1380]) {
        P.piece(paths.ellipse(x, 912, 52, 12), p.paper, { lift: 2 });
        P.piece(paths.ellipse(x, 906, 30, 12), p.c('tomato'), { lift: 1 });
      }
    });
    P.layer('waiter', 0.6, () => {
      figure(P, 660, 1200, 7.8, 'dan', 'walk', {
        top: 'white',
        bottom: 'dark',
        apron: 'dark',
        hands: [
          [19, -46],
          [-8, 0],
        ],
        hdirs: [-20, 100],
      });
      P.group(
        () => {
          P.piece(paths.ellipse(850, 430, 130, 16), p.c('steel'), { lift: 3 });
          P.piece(
            paths.smooth(
              [
                [770, 424],
                [790, 366],
                [850, 344],
                [910, 366],
                [930, 424],
              ],
              true,
              0.8,
            ),
            p.c('steelD'),
            { lift: 2 },
          );
          P.piece(paths.circle(850, 340, 10), p.c('brass'), { lift: 1 });
        },
        { lift: 3 },
      );
    });
  },
  courier(P) {
    const p = P.pal;
    sky(P, { hor: 800, x: 1420, y: 300 });
    passing(P, 'houses', 0.2, (x0) => {
      const list = [
        [0, 230, 470, 'brick'],
        [234, 190, 380, 'cream'],
        [428, 260, 520, 'teal'],
        [692, 200, 420, 'mustard'],
        [896, 210, 500, 'rose'],
      ] as const;
      const unit = P.canvas.height / P.k / 1110;
      for (const [x, w, h, c] of list)
        things.house(P, x0 + (x + w / 2) * unit, 960, w * unit, h, {
          col: p.c(c),
          lit: p.lit,
          rows: 3,
          cols: 2,
          lift: 3,
        });
    });
    P.layer('road', 0.2, () => ground(P, 960, mix(p.ramp[2], p.c('grey'), 0.6)));
    passing(
      P,
      'marks',
      0.4,
      (x0) => {
        const period = P.canvas.height / P.k;
        for (let i = 0; i < 4; i++)
          P.piece(paths.rrect(x0 + (i * period) / 4, 1210, period / 9, 18, 8), p.paper, { lift: 0.6 });
      },
      3,
    );
    live(P, 'rider', 0.6, (t) => {
      const a = t * Math.PI * 2 * 3;
      P.group(
        () => {
          things.bike(P, 940, 1170, 1.15, { col: p.c('red'), turn: a });
        },
        { lift: 4 },
      );
      figure(P, 880, 1170, 6.6, 'lee', 'sit', {
        foot: 41,
        lean: 26,
        head: -14,
        top: 'carrot',
        bottom: 'navy',
        hat: 'beanie',
        hatCol: 'teal',
        pom: 0,
        hands: [
          [31, -3],
          [29, -3],
        ],
        hdirs: [20, 20],
        feet: [
          [8 + Math.cos(a) * 6, 26 + Math.sin(a) * 6],
          [8 - Math.cos(a) * 6, 26 - Math.sin(a) * 6],
        ],
      });
      P.group(
        () => {
          P.piece(paths.rrect(660, 690, 190, 190, 16), p.c('teal'), { lift: 4 });
          P.ink(paths.rrect(684, 716, 142, 18, 8), p.paper, 0.85);
          P.piece(
            paths.smooth([
              [755, 760],
              [790, 800],
              [755, 850],
              [720, 800],
            ]),
            p.c('mustard'),
            { lift: 1 },
          );
        },
        { lift: 3 },
      );
    });
  },
} satisfies Drawings;
