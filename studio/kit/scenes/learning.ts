import type { Drawings } from '../../catalogue/slots.ts';
import { BLEED, type Paint } from '../paint.ts';
import * as paths from '../paths.ts';
import { ground, sky } from '../places/parts.ts';
import * as things from '../things.ts';
import { facing, figure } from './cast.ts';
import { chair, glow, live, plant, room, shelves, swing, table } from './parts.ts';

/** Reading, tutoring, graduating. */
export const LEARNING = {
  library(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#5a3f35', '#7a4f3a', 1100);
      for (const x of [-560, 60, 680, 1300, 1920]) {
        P.piece(paths.rect(x - 14, -BLEED, 600, BLEED + 1100), p.c('woodD'), { lift: 4 });
        shelves(P, x, 0, 570, 6, 205, 'books');
        shelves(P, x, -820, 570, 4, 205, 'books');
      }
    });
    P.layer('reader', 0.5, () => {
      chair(P, 700, 985, 1200, 1, 'brick', 270);
      figure(P, 700, 1200, 8.4, 'cleo', 'type', { head: 20, eye: 'closed', lean: 8, top: 'mustard' });
      table(P, 810, 1420, 910, 1200, 'woodL');
      P.group(() => {
        P.piece(
          paths.round(
            [
              [900, 904],
              [880, 880],
              [1000, 868],
              [1010, 900],
            ],
            6,
          ),
          p.paper,
          { lift: 2 },
        );
        P.piece(
          paths.round(
            [
              [1010, 900],
              [1000, 868],
              [1120, 880],
              [1110, 904],
            ],
            6,
          ),
          p.l('cream', 0.3),
          { lift: 2 },
        );
      });
      things.stack(P, 1180, 908, [
        [170, 36, p.c('teal'), 0],
        [150, 34, p.c('red'), 10],
        [140, 30, p.c('mustard'), 4],
      ]);
      P.group(() => {
        P.piece(paths.rect(1372, 740, 12, 170), p.c('brass'), { lift: 2 });
        P.piece(
          paths.smooth(
            [
              [1300, 760],
              [1330, 690],
              [1424, 690],
              [1456, 760],
            ],
            true,
            0.6,
          ),
          p.c('green'),
          { lift: 3 },
        );
      });
    });
    P.layer('light', 0.5, () => glow(P, 1300, 830, 320, 0.55));
  },
  tutor(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#d9a88a', '#9a7a54', 1080);
      P.piece(paths.rrect(640, 100, 680, 430, 8), p.c('woodL'), { lift: 4 });
      P.piece(paths.rect(664, 124, 632, 382), p.c('#2f5b50'), { lift: 0 });
      P.line(
        paths.poly(
          [
            [730, 430],
            [900, 200],
            [1070, 430],
            [730, 430],
          ],
          false,
        ),
        p.paper,
        8,
        0.8,
      );
      P.ink(paths.rrect(1120, 220, 120, 12, 6), p.paper, 0.8);
      P.ink(paths.rrect(1120, 270, 90, 12, 6), p.accent2, 0.9);
      plant(P, 1640, 1150, 1.4, 'teal');
    });
    P.layer('people', 0.4, () => {
      chair(P, 690, 1000, 1190, 1, 'red', 230);
      figure(P, 690, 1190, 6.6, 'jo', 'type', {
        head: 18,
        lean: 10,
        top: 'leafL',
        hands: [
          [32, -13],
          [27, -11],
        ],
      });
      figure(P, 1290, 1190, 7.8, 'gita', 'bend', {
        face: -1,
        lean: 30,
        head: 10,
        hands: [
          [38, -12],
          [18, 6],
        ],
        hdirs: [20, 70],
        top: 'navy',
        hairStyle: 'bun',
      });
      table(P, 800, 1180, 940, 1190, 'woodL');
      P.group(() => {
        P.piece(
          paths.round(
            [
              [880, 934],
              [860, 916],
              [960, 906],
              [966, 930],
            ],
            4,
          ),
          p.paper,
          { lift: 2 },
        );
        P.piece(
          paths.round(
            [
              [966, 930],
              [960, 906],
              [1060, 916],
              [1050, 934],
            ],
            4,
          ),
          p.l('cream', 0.3),
          { lift: 2 },
        );
      });
    });
  },
  graduates(P) {
    const p = P.pal;
    sky(P, { hor: 820, x: 960, y: 420 });
    P.layer('hall', 0.2, () => {
      P.piece(paths.rect(-BLEED, 640, 1920 + 2 * BLEED, 600), p.ramp[1], { lift: 2 });
      P.piece(
        paths.poly([
          [420, 560],
          [960, 330],
          [1500, 560],
        ]),
        p.l('cream', 0.2),
        { lift: 4 },
      );
      P.piece(paths.rect(450, 560, 1020, 50), p.c('cream'), { lift: 3 });
      for (let i = 0; i < 6; i++)
        P.piece(paths.rect(500 + i * 172, 610, 70, 420), p.l('cream', 0.1), { lift: 3 });
      ground(P, 1010, p.ramp[2]);
    });
    const cap = (x: number, y: number, rot: number, s = 1) =>
      P.at(
        x,
        y,
        () => {
          P.piece(paths.rrect(-34, 0, 68, 34, 8), p.d('navy', 0.2), { lift: 2 });
          P.piece(
            paths.poly([
              [-80, 0],
              [0, -30],
              [80, 0],
              [0, 30],
            ]),
            p.c('navy'),
            { lift: 3 },
          );
          P.line(
            paths.smooth(
              [
                [0, 0],
                [60, 10],
                [70, 56],
              ],
              false,
            ),
            p.c('mustard'),
            6,
          );
        },
        { rot, s },
      );
    live(P, 'caps', 0.3, (t) => {
      for (const [i, [x, y]] of (
        [
          [520, 330],
          [760, 190],
          [980, 300],
          [1180, 170],
          [1400, 310],
        ] as const
      ).entries()) {
        const up = Math.abs(Math.sin((t + i * 0.13) * Math.PI));
        cap(x + swing(t, 1, i * 0.2) * 16, y + 90 - up * 150, 0.3 * swing(t, 1, i * 0.31), 1.05);
      }
    });
    P.layer('people', 0.5, () => {
      for (const [x, who, top] of [
        [540, 'elsa', 'navy'],
        [820, 'jo', 'navy'],
        [1110, 'gita', 'navy'],
        [1390, 'finn', 'navy'],
      ] as const)
        facing(P, x, 1200, 6.6, who, 'cheer', {
          top,
          bottom: top,
          collar: 'mustard',
          after: (Q: Paint) =>
            Q.piece(
              paths.round(
                [
                  [-9.6, -6],
                  [9.6, -6],
                  [15, 34],
                  [-15, 34],
                ],
                2,
              ),
              p.c('navy'),
              { lift: 1 },
            ),
        });
    });
  },
} satisfies Drawings;
