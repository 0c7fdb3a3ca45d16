import type { Drawings } from '../../catalogue/slots.ts';
import { nth } from '../named.ts';
import * as nature from '../nature.ts';
import { BLEED, type Paint } from '../paint.ts';
import * as paths from '../paths.ts';
import { ground, sky } from '../places/parts.ts';
import * as things from '../things.ts';
import { car } from './car.ts';
import { figure } from './cast.ts';
import { box, live, pane, pendant, room, shelves, swing, table } from './parts.ts';

/** People who work with their hands. */
export const HANDWORK = {
  carpenter(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#c9b48a', '#8a6a4a', 1080);
      P.piece(paths.rrect(640, 60, 1000, 520, 8), p.c('woodL'), { lift: 3 });
      for (let i = 0; i < 6; i++) {
        const x = 730 + i * 160;
        const h = 200 + ((i * 53) % 120);
        P.piece(
          paths.rrect(x - 16, 120, 32, h * 0.55, 10),
          p.c(nth(['red', 'navy', 'woodD', 'mustard', 'teal', 'brick'], i)),
          { lift: 3 },
        );
        P.piece(
          paths.rrect(x - (i % 2 ? 36 : 12), 120 + h * 0.52, i % 2 ? 72 : 24, h * 0.45, 6),
          p.c('steelD'),
          {
            lift: 3,
          },
        );
      }
      pane(P, 230, 180, 300, 380, 'hills', 'cream');
    });
    P.layer('planks', 0.2, () => {
      for (let i = 0; i < 4; i++)
        P.piece(
          paths.round(
            [
              [1640 + i * 56, 1100],
              [1720 + i * 50, 360],
              [1764 + i * 50, 366],
              [1690 + i * 56, 1100],
            ],
            4,
          ),
          p.c(i % 2 ? 'wood' : 'woodL'),
          { lift: 3 },
        );
    });
    live(P, 'carpenter', 0.3, (t) => {
      const d = swing(t, 4) * 4.5;
      figure(P, 720, 1180, 8, 'hugo', 'work', {
        lean: 26 + d * 0.5,
        head: 8,
        sleeve: 'short',
        apron: 'woodD',
        hands: [
          [38 + d, 7],
          [32 + d, 6],
        ],
        hdirs: [20, 20],
      });
      P.at(1035 + d * 8, 872, () => {
        P.piece(paths.rrect(-70, -34, 190, 44, 12), p.c('woodD'), { lift: 3 });
        P.piece(
          paths.round(
            [
              [-30, -30],
              [-14, -84],
              [20, -80],
              [20, -30],
            ],
            10,
          ),
          p.c('wood'),
          { lift: 2 },
        );
        P.piece(paths.circle(84, -44, 20), p.c('wood'), { lift: 2 });
      });
    });
    P.layer('bench', 0.4, () => {
      P.piece(paths.rrect(900, 880, 640, 30, 4), p.c('#e6c48c'), { lift: 2 });
      table(P, 860, 1600, 908, 1180, 'wood');
      for (const [x, y, r] of [
        [930, 1150, 26],
        [1010, 1172, 20],
        [1220, 1160, 24],
        [1330, 1178, 18],
        [1180, 890, 18],
      ] as const)
        P.line(paths.circle(x, y, r), p.c('#e6c48c'), 8);
    });
  },
  mechanic(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#5f7480', '#6b6f73', 1080);
      P.piece(paths.rect(-BLEED, 560, 1920 + 2 * BLEED, 70), p.c('mustard'), { lift: 1 });
      shelves(P, 960, 260, 640, 2, 190, 'boxes');
      P.piece(paths.rrect(330, 60, 420, 380, 8), p.l('steel', 0.3), { lift: 3 });
      for (let i = 0; i < 4; i++)
        P.piece(paths.rrect(390 + i * 84, 120, 28, 240 - i * 26, 12), p.c('steelD'), { lift: 3 });
    });
    P.layer('car', 0.3, () =>
      P.group(() => car(P, 1250, 1180, 1.55, 'red', { hood: 1, face: -1 }), { lift: 5 }),
    );
    P.layer('mechanic', 0.5, () => {
      figure(P, 560, 1200, 7.8, 'ada', 'work', {
        lean: 32,
        top: 'denim',
        bottom: 'denim',
        hat: 'cap',
        hatCol: 'red',
        hands: [
          [38, -14],
          [36, -10],
        ],
        hdirs: [30, 30],
      });
      P.group(() => {
        P.piece(paths.rrect(330, 1110, 150, 90, 8), p.c('red'), { lift: 3 });
        P.line(paths.rrect(366, 1080, 78, 34, 10), p.ink, 9);
      });
    });
  },
  hair(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#8a5f73', '#c9b79a', 1090);
      P.piece(paths.rrect(1180, 90, 440, 720, [220, 220, 12, 12]), p.c('brass'), { lift: 4 });
      P.piece(
        paths.rrect(1204, 114, 392, 672, [196, 196, 6, 6]),
        P.lin(1200, 100, 1600, 780, p.l('glass', 0.4), p.c('glass')),
        { lift: 1 },
      );
      P.line(
        paths.poly(
          [
            [1260, 420],
            [1420, 220],
          ],
          false,
        ),
        p.paper,
        10,
        0.6,
      );
      P.line(
        paths.poly(
          [
            [1300, 480],
            [1500, 230],
          ],
          false,
        ),
        p.paper,
        6,
        0.6,
      );
      box(P, 1150, 850, 520, 330, 'woodL', 2, 'cream');
      for (const [x, c, h] of [
        [1230, 'teal', 90],
        [1300, 'mustard', 70],
        [1540, 'red', 100],
      ] as const)
        P.piece(paths.rrect(x, 838 - h, 44, h, 10), p.c(c), { lift: 2 });
      pendant(P, 560, 160, 'rose', 1.2);
    });
    P.layer('guest', 0.3, () => {
      P.group(() => {
        P.piece(paths.rrect(760, 690, 60, 330, 22), p.c('dark'), { lift: 3 });
        P.piece(paths.rrect(770, 990, 280, 56, 20), p.c('dark'), { lift: 3 });
        P.piece(paths.rrect(890, 1040, 36, 130, 6), p.c('steelD'), { lift: 2 });
        P.piece(paths.rrect(800, 1160, 220, 30, 12), p.c('steelD'), { lift: 2 });
      });
      figure(P, 890, 1190, 7.6, 'gita', 'sit', { hairStyle: 'long', foot: 28 });
      P.piece(
        paths.smooth(
          [
            [868, 740],
            [930, 744],
            [1000, 830],
            [1110, 960],
            [1090, 1050],
            [880, 1060],
            [820, 960],
            [832, 800],
          ],
          true,
          0.8,
        ),
        P.lin(840, 0, 1100, 0, p.c('cream'), p.d('cream', 0.14)),
        { lift: 3 },
      );
    });
    P.layer('dresser', 0.5, () =>
      figure(P, 620, 1200, 7.8, 'finn', 'work', {
        top: 'dark',
        apron: 'mustard',
        lean: 5,
        hands: [
          [26, -34],
          [21, -26],
        ],
        hdirs: [-10, 20],
        after: (Q: Paint) => {
          Q.piece(
            paths.tube(
              [
                [31, -35],
                [39, -38],
              ],
              [1.4, 0.8],
            ),
            p.c('steel'),
            { lift: 0.6 },
          );
          Q.piece(
            paths.tube(
              [
                [31, -35],
                [39, -33],
              ],
              [1.4, 0.8],
            ),
            p.c('steel'),
            { lift: 0.6 },
          );
        },
      }),
    );
  },
  harvestHands(P) {
    const p = P.pal;
    sky(P, { hor: 760, x: 1350, y: 330 });
    P.layer('fields', 0.2, () => {
      nature.sheet(P, nature.hill(P, 700, 60), p.ramp[1], 700);
      nature.sheet(P, nature.hill(P, 800, 40), p.ramp[2], 800);
      ground(P, 930, p.c('soil'));
      for (let r = 0; r < 5; r++)
        for (let i = -6; i < 22; i++) {
          const y = 960 + r * 62;
          const x = 960 + (i - 8) * (84 + r * 20) + (r % 2) * 40;
          P.piece(
            paths.smooth([
              [x - 34, y],
              [x - 22, y - 34],
              [x, y - 44],
              [x + 22, y - 34],
              [x + 34, y],
            ]),
            p.c(i % 2 ? 'leaf' : 'leafL'),
            { lift: 2, grain: 0 },
          );
        }
    });
    P.layer('people', 0.5, () => {
      figure(P, 620, 1140, 6.6, 'finn', 'bend', { hat: 'brim', hatCol: 'mustard', top: 'denim' });
      figure(P, 1240, 1180, 7.4, 'gita', 'carry', {
        hat: 'brim',
        hatCol: 'cream',
        face: -1,
        bottom: 'denim',
        top: 'red',
      });
      things.crate(P, 930, 830, 220, 110, (x: number, y: number) => {
        for (let i = 0; i < 5; i++)
          P.piece(paths.circle(x + 24 + i * 43, y - 8, 34), p.c(i % 2 ? 'leafL' : 'leaf'), { lift: 2 });
      });
    });
  },
} satisfies Drawings;
