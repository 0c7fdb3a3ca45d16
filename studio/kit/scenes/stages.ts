import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import { bar, block, put } from '../objects/parts.ts';
import * as paths from '../paths.ts';
import { sky } from '../places/parts.ts';
import { facing, figure } from './cast.ts';
import { live, room, swing, trees } from './parts.ts';

/** Sport and music before others. */
export const STAGES = {
  orchestra(P) {
    P.layer('hall', 0.1, () => {
      room(P, '#8f3f3a', '#9c7552', 900);
      for (let i = -3; i < 11; i++) block(P, i * 230, -1000, 190, 1880, 90, 'red', 3, -0.25 + (i % 2) * 0.08);
    });
    P.layer('players', 0.3, () => {
      for (const [x, y, who, f] of [
        [330, 960, 'gita', 1],
        [560, 900, 'hugo', 1],
        [790, 870, 'ina', 1],
        [1180, 870, 'jo', -1],
        [1410, 900, 'lee', -1],
        [1640, 960, 'ned', -1],
      ] as const) {
        figure(P, x, y + 60, 5.4, who, 'sit', { face: f, top: 'dark', bottom: 'dark' });
        P.at(
          x + f * 96,
          y - 120,
          () =>
            P.group(
              () => {
                put(
                  P,
                  paths.smooth(
                    [
                      [0, -60],
                      [44, -40],
                      [30, 10],
                      [54, 60],
                      [0, 100],
                      [-54, 60],
                      [-30, 10],
                      [-44, -40],
                    ],
                    true,
                    0.9,
                  ),
                  'brick',
                  3,
                );
                block(P, -7, -190, 14, 140, 4, 'dark', 2);
              },
              { lift: 3 },
            ),
          { rot: f * 0.5 },
        );
        bar(
          P,
          [
            [x + f * 40, y - 60],
            [x + f * 190, y - 150],
          ],
          [7, 7],
          'woodL',
          2,
        );
      }
    });
    live(P, 'conductor', 0.5, (t) => {
      const d = swing(t, 2);
      block(P, 820, 1170, 300, 140, 8, 'woodD', 4);
      facing(P, 970, 1180, 7, 'elsa', 'cheer', {
        view: 'back',
        top: 'dark',
        bottom: 'dark',
        hands: [
          [-26, -30 - d * 12],
          [26, -36 + d * 12],
        ],
      });
      bar(
        P,
        [
          [1160, 560 + d * 84],
          [1250, 480 + d * 90],
        ],
        [9, 5],
        'white',
        2,
      );
    });
  },
  applause(P) {
    P.layer('hall', 0.1, () => {
      room(P, '#3a2d52', '#2a2238', 700);
      for (const [x, c] of [
        [420, '#ffd27a'],
        [960, '#ff9d7a'],
        [1500, '#8fd0e0'],
      ] as const)
        P.piece(
          paths.poly([
            [x - 40, -400],
            [x + 40, -400],
            [x + 330, 900],
            [x - 330, 900],
          ]),
          c,
          { lift: 0, grain: 0.2, a: 0.28 },
        );
      block(P, -400, 640, 2720, 90, 6, 'woodD', 4);
      facing(P, 960, 660, 4.4, 'ada', 'wave', { top: 'red' });
    });
    live(P, 'crowd', 0.5, (t) => {
      const who = ['bo', 'cleo', 'dan', 'elsa', 'gita', 'jo', 'kit', 'lee', 'mara', 'ned'];
      for (let r = 0; r < 3; r++)
        for (let i = -2; i < 10; i++) {
          const k = (i + 2 + r * 3) % 10;
          const d = swing(t, 4, (i * 3 + r) / 7) * 2;
          facing(P, 60 + i * 230 + (r % 2) * 115, 1040 + r * 150, 5.4 + r * 0.8, who[k] as string, 'bust', {
            view: 'back',
            hands: [
              [-6 - d, -46],
              [6 + d, -46],
            ],
            hdirs: [-90, -90],
          });
        }
    });
  },
  skier(P) {
    const p = P.pal;
    sky(P, { hor: 700, x: 420, y: 240 });
    P.layer('mountain', 0.15, () => {
      nature.peaks(
        P,
        [
          [300, 420],
          [900, 300],
          [1500, 380],
          [1900, 460],
        ],
        1000,
      );
      put(
        P,
        paths.smooth(
          [
            [-1400, 560],
            [400, 700],
            [1200, 980],
            [3400, 1500],
            [3400, 2700],
            [-1400, 2700],
          ],
          true,
          0.7,
        ),
        'white',
        4,
        0.4,
      );
      for (const [x, y, s] of [
        [200, 730, 1.2],
        [420, 780, 0.9],
        [1640, 1050, 1.6],
        [1840, 1100, 1.2],
      ] as const)
        nature.fir(P, x, y, s, p.c('leafD'));
    });
    live(P, 'skier', 0.5, (t) => {
      const d = swing(t, 2) * 16;
      P.at(
        960 + d,
        880 + d * 0.4,
        () => {
          bar(
            P,
            [
              [-230, 40],
              [0, 60],
              [260, 150],
              [330, 130],
            ],
            [14, 16, 14, 8],
            'red',
            3,
          );
          figure(P, 0, 60, 6.6, 'kit', 'work', {
            lean: 30,
            head: -20,
            hat: 'beanie',
            hatCol: 'mustard',
            pom: 1,
            top: 'blue',
            coat: 1,
            hands: [
              [24, -16],
              [14, -14],
            ],
            feet: [
              [8, 38],
              [-2, 37],
            ],
            foot: 42,
          });
          for (const x of [60, 130])
            bar(
              P,
              [
                [x, -200],
                [x - 190, 40],
              ],
              [9, 7],
              'dark',
              2,
            );
        },
        { rot: 0.26 },
      );
      for (let i = 0; i < 26; i++) {
        const q = (t * 3 + i / 26) % 1;
        P.piece(paths.circle(800 - q * 460, 890 - q * 60 - ((i * 37) % 120) * q, 16 * (1 - q) + 4), p.paper, {
          lift: 0.8,
          grain: 0,
        });
      }
    });
  },
  tennisMatch(P) {
    const p = P.pal;
    sky(P, { hor: 600, x: 1500, y: 230 });
    P.layer('court', 0.2, () => {
      trees(
        P,
        720,
        [
          [100, 1.8],
          [420, 1.5],
          [820, 1.7],
          [1240, 1.5],
          [1660, 1.9],
        ],
        p.c('leaf'),
      );
      block(P, -1400, 640, 4720, 120, 4, 'green', 3, -0.2);
      P.piece(paths.rect(-1400, 740, 4720, 2000), p.c('brick'), { lift: 3 });
      for (const y of [820, 1260]) P.ink(paths.rect(-1400, y, 4720, 12), p.paper, 0.9);
      P.ink(
        paths.poly([
          [300, 820],
          [316, 820],
          [40, 1900],
          [0, 1900],
        ]),
        p.paper,
        0.9,
      );
      P.group(() => {
        block(P, 1290, 720, 26, 420, 6, 'dark', 3);
        for (let i = 0; i < 9; i++)
          P.line(
            paths.poly(
              [
                [1300, 780 + i * 32],
                [3000, 720 + i * 32],
              ],
              false,
            ),
            p.paper,
            4,
            0.7,
          );
        for (let i = 0; i < 22; i++)
          P.line(
            paths.poly(
              [
                [1310 + i * 36, 776 - i],
                [1310 + i * 36, 1060 - i],
              ],
              false,
            ),
            p.paper,
            4,
            0.7,
          );
        P.line(
          paths.poly(
            [
              [1300, 772],
              [3000, 710],
            ],
            false,
          ),
          p.paper,
          22,
        );
      });
    });
    P.layer('player', 0.5, () => {
      figure(P, 700, 1200, 7.8, 'elsa', 'run', {
        lean: 6,
        hands: [
          [24, -44],
          [-14, -8],
        ],
        hdirs: [-40, 60],
        feet: [
          [18, 40],
          [-22, 38],
        ],
        top: 'white',
        bottom: 'white',
      });
      P.at(900, 420, () => {
        bar(
          P,
          [
            [-20, 40],
            [20, -30],
          ],
          [20, 16],
          'dark',
          3,
        );
        P.line(paths.ellipse(60, -100, 62, 84, 0.5), p.c('red'), 16);
        for (let i = -3; i < 4; i++)
          P.line(
            paths.poly(
              [
                [60 + i * 17 - 30, -150],
                [60 + i * 17 + 20, -50],
              ],
              false,
            ),
            p.paper,
            3,
          );
      });
    });
    live(P, 'ball', 0.5, (t) =>
      P.piece(paths.circle(1090 + swing(t, 1) * 60, 330 + Math.abs(swing(t, 1)) * 40, 30), p.c('leafL'), {
        lift: 4,
      }),
    );
  },
  choir(P) {
    P.layer('hall', 0.1, () => {
      room(P, '#4a5f7a', '#6a5040', 860);
      for (let i = 0; i < 5; i++)
        P.piece(paths.rrect(140 + i * 350, 60, 220, 560, [110, 110, 0, 0]), P.pal.l('#4a5f7a', 0.3), {
          lift: 3,
        });
      block(P, 100, 980, 1720, 60, 6, 'wood', 4);
      block(P, 20, 1110, 1880, 60, 6, 'wood', 4);
    });
    live(P, 'singers', 0.4, (t) => {
      const who = [
        'ada',
        'bo',
        'cleo',
        'dan',
        'elsa',
        'finn',
        'gita',
        'hugo',
        'ina',
        'jo',
        'kit',
        'lee',
        'mara',
        'ned',
      ];
      for (let r = 0; r < 2; r++)
        for (let i = 0; i < 7; i++)
          facing(
            P,
            250 + i * 236 + r * 60 - 30,
            990 + r * 200,
            5.6,
            who[(i * 2 + r * 5) % 14] as string,
            'hold',
            { top: 'red', bottom: 'dark', tilt: swing(t, 1, i / 7) * 3 },
          );
      for (let r = 0; r < 2; r++)
        for (let i = 0; i < 7; i++)
          block(P, 250 + i * 236 + r * 60 - 70, 640 + r * 200, 80, 60, 4, 'white', 3);
    });
  },
} satisfies Drawings;
