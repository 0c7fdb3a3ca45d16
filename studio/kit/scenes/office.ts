import type { Drawings } from '../../catalogue/slots.ts';
import { nth } from '../named.ts';
import type { Paint } from '../paint.ts';
import * as paths from '../paths.ts';
import * as things from '../things.ts';
import { facing, figure } from './cast.ts';
import { chair, glow, laptop, live, pane, pendant, plant, room, shelves, swing, table } from './parts.ts';

/** Work at desks and in laboratories. */
export const OFFICE = {
  desk(P, o) {
    const p = P.pal;
    const who = o.who ?? 'kit';
    P.layer('room', 0.1, () => {
      room(P, o.wall ?? 'teal', 'wood', 1060, { dado: 0 });
      pane(P, 1020, 140, 640, 440, 'town', 'cream');
      shelves(P, 300, 440, 420, 2, 190, 'books');
      pendant(P, 860, 150, 'mustard', 1.1);
      plant(P, 380, 1130, 1.5, 'brick');
    });
    P.layer('seat', 0.3, () => chair(P, 840, 960, 1170, 1, 'dark', 250));
    live(P, 'person', 0.3, (t) =>
      figure(P, 845, 1170, 8.4, who, 'type', {
        hands: [
          [28, -11 + swing(t, 6) * 0.9],
          [26, -10 - swing(t, 6) * 0.9],
        ],
        head: 6 + swing(t, 1) * 3,
      }),
    );
    P.layer('table', 0.4, () => {
      table(P, 930, 1600, 880, 1170, 'woodL');
      laptop(P, 1180, 880, 1.3);
      things.mug(P, 1420, 880, 0.62, p.c('red'));
      things.stack(P, 1470, 880, [
        [120, 26, p.c('navy'), 0],
        [104, 24, p.c('mustard'), 6],
      ]);
    });
    if (o.late) P.layer('lamplight', 0.4, () => glow(P, 1130, 760, 420, 0.5));
  },
  talk(P, o) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, o.wall ?? '#3b5560', '#8a6a4a', 1000);
      P.piece(paths.rrect(820, 60, 880, 600, 10), p.c('woodL'), { lift: 4 });
      P.piece(paths.rect(840, 80, 840, 560), p.paper, { lift: 1 });
      [150, 230, 200, 330, 420].forEach((h, i) =>
        P.piece(
          paths.rect(920 + i * 145, 580 - h, 90, h),
          p.c(nth(['teal', 'mustard', 'rose', 'teal', 'red'], i)),
          {
            lift: 1.6,
          },
        ),
      );
      P.piece(paths.rect(890, 578, 740, 10), p.ink, { lift: 0 });
      plant(P, 300, 1060, 1.4, 'mustard');
    });
    live(P, 'speaker', 0.3, (t) =>
      figure(P, 690, 1120, 7, o.who ?? 'gita', 'point', {
        hands: [
          [26, -38 + swing(t) * 5],
          [4, 0],
        ],
      }),
    );
    P.layer('listeners', 0.6, () => {
      for (const [x, who] of [
        [620, 'jo'],
        [1010, 'elsa'],
        [1400, 'hugo'],
      ] as const)
        facing(P, x, 1400, 8.6, who, 'bust', { view: 'back' });
    });
  },
  interview(P, o) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, 'mustard', '#7a5a44', 1080);
      pane(P, 660, 160, 600, 420, 'hills', 'white');
      plant(P, 1640, 1140, 1.6, 'navy');
    });
    P.layer('people', 0.3, () => {
      chair(P, 560, 960, 1180, 1, 'navy', 280);
      chair(P, 1360, 960, 1180, -1, 'navy', 280);
      figure(P, 560, 1180, 8.4, o.a ?? 'lee', 'sit', {
        lean: 3,
        hands: [
          [26, -18],
          [23, -4],
        ],
        hdirs: [-50, 10],
      });
      figure(P, 1360, 1180, 8.4, o.b ?? 'ned', 'sit', {
        face: -1,
        collar: 'cream',
        hands: [
          [26, -12],
          [24, -11],
        ],
        hold: (Q: Paint) =>
          Q.at(30, -18, () => Q.piece(paths.rrect(-1, -9, 3, 18, 0.5), p.paper, { lift: 1 }), { rot: 0.5 }),
      });
    });
    P.layer('desk', 0.5, () => {
      table(P, 700, 1230, 890, 1180, 'wood');
      things.mug(P, 820, 890, 0.6, p.c('teal'));
      things.mug(P, 1120, 890, 0.6, p.c('red'));
    });
  },
  lab(P, o) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, o.wall ?? '#a9c8c4', 'grey', 1100, { stripes: 0 });
      shelves(P, 980, 330, 620, 2, 210, 'jars');
      pane(P, 360, 140, 440, 400, 'town', 'white');
    });
    P.layer('scientist', 0.3, () => {
      chair(P, 760, 980, 1190, 1, 'dark', 120);
      figure(P, 760, 1190, 8.4, o.who ?? 'cleo', 'type', {
        top: 'white',
        lean: 12,
        head: 18,
        hands: [
          [31, -14],
          [26, -9],
        ],
        hdirs: [-20, 5],
        glasses: 1,
      });
    });
    P.layer('bench', 0.4, () => {
      table(P, 880, 1700, 900, 1190, 'white');
      P.group(
        () => {
          P.piece(paths.rrect(990, 872, 210, 30, 8), p.c('dark'), { lift: 3 });
          P.piece(
            paths.tube(
              [
                [1170, 880],
                [1190, 760],
                [1130, 690],
              ],
              [34, 34, 30],
            ),
            p.c('steelD'),
            { lift: 3 },
          );
          P.piece(
            paths.tube(
              [
                [1010, 640],
                [1120, 790],
              ],
              [46, 40],
            ),
            p.c('steel'),
            { lift: 3 },
          );
          P.piece(
            paths.tube(
              [
                [1118, 788],
                [1134, 812],
              ],
              [24, 20],
            ),
            p.c('dark'),
            { lift: 2 },
          );
          P.piece(paths.rrect(1050, 824, 150, 16, 4), p.c('dark'), { lift: 2 });
          P.piece(paths.circle(1180, 740, 24), p.c('brass'), { lift: 2 });
        },
        { lift: 4 },
      );
      for (const [x, c, s] of [
        [1330, 'blue', 1],
        [1450, 'rose', 0.8],
        [1560, 'leafL', 1.1],
      ] as const)
        P.group(() => {
          P.piece(
            paths.round(
              [
                [x - 18 * s, 900 - 150 * s],
                [x + 18 * s, 900 - 150 * s],
                [x + 18 * s, 900 - 100 * s],
                [x + 62 * s, 900],
                [x - 62 * s, 900],
                [x - 18 * s, 900 - 100 * s],
              ],
              8,
            ),
            p.l('glass', 0.4),
            { lift: 2, a: 0.9 },
          );
          P.piece(
            paths.round(
              [
                [x - 34 * s, 900 - 64 * s],
                [x + 34 * s, 900 - 64 * s],
                [x + 58 * s, 897],
                [x - 58 * s, 897],
              ],
              6,
            ),
            p.c(c),
            { lift: 1 },
          );
        });
    });
  },
} satisfies Drawings;
