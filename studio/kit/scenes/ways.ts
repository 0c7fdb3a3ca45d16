import type { Drawings } from '../../catalogue/slots.ts';
import { nth } from '../named.ts';
import * as nature from '../nature.ts';
import { BLEED } from '../paint.ts';
import * as paths from '../paths.ts';
import { ground, sky } from '../places/parts.ts';
import { facing, figure } from './cast.ts';
import { live, room, swing } from './parts.ts';

/** Figures before a choice, a way or a wave. */
export const WAYS = {
  twoDoors(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#c9b8a0', '#8a6a54', 1010);
      for (const [x, c] of [
        [470, 'red'],
        [1110, 'teal'],
      ] as const) {
        P.piece(paths.rect(x - 34, 210, 408, 800), p.c('cream'), { lift: 3 });
        P.piece(paths.rrect(x, 250, 340, 760, 8), P.lin(x, 0, x + 340, 0, p.l(c, 0.08), p.d(c, 0.14)), {
          lift: 3,
        });
        for (const [dx, dy, h] of [
          [40, 50, 280],
          [190, 50, 280],
          [40, 390, 310],
          [190, 390, 310],
        ] as const)
          P.piece(paths.rrect(x + dx, 250 + dy, 110, h, 6), p.d(c, 0.15), { lift: 1 });
        P.piece(paths.circle(x + (c === 'red' ? 306 : 34), 640, 20), p.c('brass'), { lift: 3 });
      }
    });
    P.layer('person', 0.5, () => facing(P, 960, 1230, 6.4, 'lee', 'hips', { view: 'back', tilt: 5 }));
  },
  lanternWay(P) {
    const p = P.pal;
    P.layer('dark', 0, () => {
      P.piece(
        paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 3200),
        P.lin(0, -200, 0, 1200, '#0d1626', '#1c2c40'),
        { lift: 0 },
      );
      for (const [k, col] of ['#16243a', '#121d30'].entries())
        for (let i = -6; i < 18; i++) {
          const x = i * 190 + k * 90;
          P.piece(
            paths.tube(
              [
                [x, 1200],
                [x + 10, 500],
                [x - 6, -600],
              ],
              [60 - k * 14, 46, 34],
            ),
            col,
            { lift: 3 },
          );
        }
      ground(P, 1090, '#16202c');
    });
    live(P, 'light', 0.3, (t) => {
      P.glow(1010, 800, 760 + swing(t, 4) * 20, '#ffcf7a', 0.6 + swing(t, 3) * 0.04);
      P.glow(1010, 800, 260, '#fff0c9', 0.6);
    });
    P.layer('walker', 0.5, () => {
      figure(P, 830, 1200, 7, 'kit', 'walk', {
        top: 'red',
        coat: 16,
        hands: [
          [24, -16],
          [-10, -2],
        ],
        hdirs: [10, 100],
        hat: 'beanie',
        hatCol: 'mustard',
      });
      P.group(() => {
        P.line(
          paths.smooth(
            [
              [985, 700],
              [1010, 670],
              [1035, 700],
            ],
            false,
          ),
          p.c('dark'),
          7,
        );
        P.piece(paths.rrect(965, 700, 90, 20, 6), p.c('dark'), { lift: 2 });
        P.piece(paths.rrect(974, 718, 72, 110, 10), '#ffe7a8', { lift: 1 });
        P.piece(
          paths.smooth([
            [1010, 740],
            [1026, 786],
            [1010, 816],
            [994, 786],
          ]),
          '#ff9d3c',
          { lift: 0 },
        );
        P.piece(paths.rrect(965, 824, 90, 22, 6), p.c('dark'), { lift: 2 });
      });
    });
  },
  hugeWave(P) {
    const p = P.pal;
    sky(P, { hor: 700, x: 500, y: 280 });
    P.layer(
      'back',
      0.2,
      () => {
        P.piece(
          paths.smooth(
            [
              [1920 + BLEED, 20],
              [1600, 30],
              [1330, 80],
              [1120, 210],
              [1040, 390],
              [1130, 330],
              [1240, 340],
              [1310, 430],
              [1290, 580],
              [1120, 750],
              [760, 860],
              [200, 910],
              [-BLEED, 920],
              [-BLEED, 2800],
              [1920 + BLEED, 2800],
            ],
            true,
            0.8,
          ),
          P.lin(0, 60, 0, 1200, p.water[1], p.water[3]),
          { lift: 6 },
        );
        for (const [x, y, r] of [
          [1600, 40, 74],
          [1460, 62, 66],
          [1340, 104, 62],
          [1230, 160, 58],
          [1140, 230, 54],
          [1076, 320, 46],
          [1046, 394, 36],
        ] as const)
          P.piece(nature.wobble(P, x, y, r, 0.1), p.paper, { lift: 3 });
        for (const [x0, x1, y] of [
          [1420, 1700, 300],
          [1400, 1760, 480],
          [1320, 1800, 660],
        ] as const)
          P.line(
            paths.smooth(
              [
                [x0, y + 40],
                [(x0 + x1) / 2, y],
                [x1, y + 30],
              ],
              false,
            ),
            p.paper,
            10,
            0.35,
          );
      },
      { heave: 22, ph: 1 },
    );
    live(P, 'boat', 0.4, (t) => {
      P.at(
        830,
        900 + swing(t, 2) * 16,
        () => {
          P.group(() => {
            P.piece(paths.rect(-6, -330, 12, 330), p.c('woodD'), { lift: 2 });
            P.piece(
              paths.smooth(
                [
                  [14, -320],
                  [170, -120],
                  [150, -60],
                  [14, -60],
                ],
                true,
                0.4,
              ),
              p.paper,
              { lift: 4 },
            );
            P.piece(
              paths.smooth(
                [
                  [-14, -260],
                  [-110, -70],
                  [-14, -60],
                ],
                true,
                0.4,
              ),
              p.c('red'),
              { lift: 4 },
            );
            P.piece(
              paths.smooth(
                [
                  [-200, -40],
                  [200, -40],
                  [140, 60],
                  [-140, 60],
                ],
                true,
                0.4,
              ),
              p.c('wood'),
              { lift: 4 },
            );
          });
        },
        { rot: -0.2 + swing(t, 2, 0.2) * 0.08 },
      );
    });
    for (const [k, y] of [930, 1050, 1170].entries())
      P.layer(
        `front ${k}`,
        0.5 + k * 0.1,
        () =>
          P.piece(
            paths.wave(-BLEED, 1920 + BLEED, y, 40, 420 + k * 60, 2400, k * 150, 0.3),
            P.lin(0, y - 40, 0, y + 300, nth(p.water, 2 + Math.min(2, k)), p.water[4]),
            { lift: 5 },
          ),
        { sway: 60, heave: 10, ph: k * 1.5 },
      );
  },
  flagTeam(P) {
    const p = P.pal;
    sky(P, { hor: 900, x: 500, y: 360 });
    P.layer('far', 0.1, () =>
      P.piece(
        nature.peaks(
          P,
          [
            [-400, 960],
            [0, 760],
            [380, 940],
            [900, 800],
            [1500, 960],
            [2200, 800],
          ],
          1000,
        ),
        p.ramp[1],
        { lift: 4 },
      ),
    );
    P.layer('hill', 0.4, () =>
      P.piece(
        paths.smooth(
          [
            [-BLEED, 1600],
            [300, 1240],
            [960, 960],
            [1620, 1240],
            [1920 + BLEED, 1600],
            [1920 + BLEED, 2800],
            [-BLEED, 2800],
          ],
          true,
          0.7,
        ),
        P.lin(0, 950, 0, 1400, p.ramp[2], p.ramp[3]),
        { lift: 5 },
      ),
    );
    live(P, 'flag', 0.4, (t) => {
      P.piece(paths.rect(1012, 330, 14, 660), p.c('woodL'), { lift: 3 });
      const pts = Array.from({ length: 9 }, (_, i): [number, number] => [
        1026 + i * 40,
        350 + Math.sin(i * 0.8 - t * Math.PI * 4) * (i * 3),
      ]);
      P.piece(
        paths.smooth(
          [...pts, ...pts.map(([x, y]): [number, number] => [x - 6, y + 190]).reverse()],
          true,
          0.8,
        ),
        p.c('red'),
        {
          lift: 4,
        },
      );
    });
    P.layer('team', 0.5, () => {
      figure(P, 930, 990, 5.8, 'ada', 'reach', {
        hands: [
          [16, -36],
          [15, -26],
        ],
        top: 'mustard',
      });
      facing(P, 700, 1100, 5.8, 'bo', 'cheer', {});
      facing(P, 1230, 1090, 5.8, 'lee', 'cheer', { top: 'cream' });
    });
  },
  maze(P) {
    const p = P.pal;
    P.layer('maze', 0, () => {
      P.piece(paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 3200), p.c('#e7d6ae'), { lift: 0 });
      const c = 120;
      const x0 = 960 - 4.5 * c;
      const y0 = 640 - 4.5 * c;
      const walls = [
        '0,0,9,0',
        '0,0,0,9',
        '9,0,9,4',
        '9,5,9,9',
        '0,9,4,9',
        '5,9,9,9',
        '1,1,4,1',
        '5,0,5,2',
        '6,1,8,1',
        '8,1,8,3',
        '1,1,1,3',
        '1,3,3,3',
        '2,2,5,2',
        '3,3,3,5',
        '1,4,1,8',
        '1,4,2,4',
        '2,5,3,5',
        '4,3,7,3',
        '4,3,4,6',
        '7,2,7,4',
        '5,4,8,4',
        '5,4,5,5',
        '5,5,7,5',
        '8,4,8,7',
        '2,6,4,6',
        '2,6,2,8',
        '3,7,6,7',
        '6,6,6,8',
        '6,6,8,6',
        '3,8,5,8',
        '7,7,7,9',
        '8,8,9,8',
      ];
      const outlines = walls.map((w) => {
        const [ax = 0, ay = 0, bx = 0, by = 0] = w.split(',').map(Number);
        return paths.rrect(x0 + ax * c - 17, y0 + ay * c - 17, (bx - ax) * c + 34, (by - ay) * c + 34, 17);
      });
      P.piece(paths.union(...outlines), P.lin(0, 0, 0, 1280, p.c('leaf'), p.c('leafD')), { lift: 7 });
      P.piece(paths.circle(x0 + 4.5 * c, y0 + 4.5 * c, 30), p.accent2, { lift: 3 });
    });
    P.layer('person', 0.2, () => {
      P.group(() => {
        P.piece(paths.ellipse(960, 1232, 44, 26), p.c('red'), { lift: 4 });
        P.piece(paths.circle(960, 1228, 22), p.c('#3a241a'), { lift: 2 });
      });
    });
  },
} satisfies Drawings;
