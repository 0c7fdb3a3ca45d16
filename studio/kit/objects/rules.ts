import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import * as paths from '../paths.ts';
import { bar, block, oval, put, shade } from './parts.ts';

/** Signs of rule, danger and doubt. The middle of each thing's foot is at 0,0; about 500 units high. */
export const RULES = {
  stopSign(P) {
    const p = P.pal;
    block(P, -22, -330, 44, 340, 6, 'steelD', 3);
    const oct = (r: number) =>
      Array.from({ length: 8 }, (_, i): [number, number] => [
        Math.cos((i + 0.5) * 0.7854) * r,
        -480 + Math.sin((i + 0.5) * 0.7854) * r,
      ]);
    put(P, paths.poly(oct(230)), 'white', 4);
    put(P, paths.poly(oct(206)), 'red', 1);
    P.at(0, -480, () => {
      P.group(
        () => {
          for (const [i, h] of [90, 120, 126, 110].entries())
            block(P, -76 + i * 40, -h, 34, h + 30, 17, 'white', 1);
          block(P, -78, -20, 156, 120, 50, 'white', 1);
          P.at(76, 10, () => block(P, -4, -70, 34, 100, 17, 'white', 1), { rot: 0.7 });
        },
        { lift: 2 },
      );
    });
  },
  trafficLight(P) {
    const p = P.pal;
    block(P, -26, -190, 52, 200, 6, 'steelD', 3);
    P.piece(paths.rrect(-140, -660, 280, 490, 50), shade(P, p.c('dark'), -140, 140), { lift: 4 });
    for (const [i, c] of ['red', 'mustard', 'leaf'].entries()) {
      oval(P, 0, -570 + i * 150, 66, 66, 'dark', 1, -0.4);
      oval(P, 0, -570 + i * 150, 56, 56, c, 1, i === 2 ? 0.3 : -0.45);
    }
  },
  gavel(P) {
    const p = P.pal;
    block(P, -230, -70, 460, 70, 20, 'woodD', 4);
    block(P, -190, -110, 380, 50, 16, 'wood', 3);
    P.at(
      -30,
      -250,
      () => {
        P.group(
          () => {
            block(P, 40, -24, 420, 46, 22, 'wood', 3);
            P.piece(paths.rrect(-110, -140, 170, 280, 24), shade(P, p.c('wood'), -110, 60), { lift: 4 });
            for (const y of [-116, 84]) block(P, -122, y, 194, 32, 10, 'brass', 2);
          },
          { lift: 4 },
        );
      },
      { rot: -0.42 },
    );
  },
  prisonBars(P) {
    block(P, -480, -680, 960, 700, 8, 'grey', 4, -0.1);
    block(P, -420, -620, 840, 640, 4, 'dark', 1);
    P.piece(paths.rrect(-90, -560, 180, 150, 6), P.pal.sky[1], { lift: 1 });
    block(P, -360, -140, 420, 40, 8, 'woodD', 3);
    block(P, -360, -180, 300, 44, 16, 'cream', 2);
    for (let i = 0; i < 8; i++) block(P, -410 + i * 112, -640, 36, 680, 14, 'steelD', 4);
    for (const y of [-600, -40]) block(P, -460, y, 920, 40, 8, 'steelD', 4);
  },
  extinguisher(P) {
    P.line(
      paths.smooth(
        [
          [-20, -480],
          [-180, -470],
          [-220, -320],
          [-200, -150],
        ],
        false,
      ),
      P.pal.c('dark'),
      26,
    );
    put(
      P,
      paths.poly([
        [-230, -160],
        [-170, -160],
        [-150, -40],
        [-250, -40],
      ]),
      'dark',
      3,
    );
    P.piece(paths.rrect(-120, -430, 240, 430, 60), shade(P, P.pal.c('red'), -120, 120), { lift: 4 });
    block(P, -50, -490, 100, 80, 14, 'steelD', 3);
    bar(
      P,
      [
        [-30, -500],
        [120, -560],
      ],
      [24, 20],
      'dark',
      3,
    );
    bar(
      P,
      [
        [-30, -480],
        [130, -480],
      ],
      [24, 20],
      'dark',
      3,
    );
    block(P, -90, -320, 180, 150, 10, 'cream', 1);
    put(
      P,
      paths.smooth(
        [
          [0, -300],
          [36, -236],
          [20, -196],
          [-20, -196],
          [-36, -240],
        ],
        true,
        0.9,
      ),
      'carrot',
      1,
    );
  },
  rope(P) {
    const p = P.pal;
    for (const [q, c] of [
      [
        [
          [-900, -190],
          [-300, -230],
          [-60, -330],
          [100, -330],
          [140, -230],
          [40, -140],
          [-90, -190],
          [-110, -270],
        ],
        'woodL',
      ],
      [
        [
          [900, -230],
          [300, -190],
          [80, -110],
          [-90, -110],
          [-150, -210],
          [-50, -300],
          [70, -260],
          [110, -190],
        ],
        'dough',
      ],
    ] as const) {
      P.group(() => P.line(paths.smooth(q, false), p.c(c), 58), { lift: 5 });
      P.line(paths.smooth(q, false), p.d(c, 0.25), 5, 0.7);
    }
  },
  anchor(P) {
    P.group(
      () => {
        P.line(paths.circle(0, -560, 56), P.pal.c('navy'), 34);
        bar(
          P,
          [
            [0, -510],
            [0, -60],
          ],
          [50, 50],
          'navy',
          3,
        );
        block(P, -170, -440, 340, 46, 22, 'navy', 3);
        P.line(
          paths.smooth(
            [
              [-260, -220],
              [-190, -80],
              [0, -30],
              [190, -80],
              [260, -220],
            ],
            false,
          ),
          P.pal.c('navy'),
          50,
        );
        for (const s of [-1, 1])
          put(
            P,
            paths.poly([
              [s * 260, -300],
              [s * 330, -190],
              [s * 200, -200],
            ]),
            'navy',
            2,
          );
      },
      { lift: 5 },
    );
  },
  matches(P) {
    const p = P.pal;
    P.at(
      120,
      -60,
      () => {
        block(P, -250, -90, 500, 170, 10, 'red', 4);
        block(P, -250, 40, 500, 40, 6, 'woodD', 1);
        put(P, nature.star(0, -30, 50), 'corn', 1);
      },
      { rot: -0.08 },
    );
    bar(
      P,
      [
        [-330, -20],
        [-130, -400],
      ],
      [24, 22],
      'woodL',
      4,
    );
    put(
      P,
      paths.smooth(
        [
          [-120, -390],
          [-190, -450],
          [-150, -570],
          [-110, -680],
          [-50, -560],
          [-30, -460],
          [-70, -390],
        ],
        true,
        0.9,
      ),
      'carrot',
      3,
    );
    put(
      P,
      paths.smooth(
        [
          [-116, -400],
          [-150, -460],
          [-112, -570],
          [-70, -460],
          [-84, -400],
        ],
        true,
        0.9,
      ),
      'corn',
      1.5,
    );
  },
  arrowTurn(P) {
    const p = P.pal;
    P.group(
      () => {
        P.line(
          paths.smooth(
            [
              [-420, -60],
              [-200, -80],
              [-60, -230],
              [-200, -380],
              [-330, -250],
              [-120, -130],
              [120, -260],
              [200, -420],
              [330, -520],
            ],
            false,
          ),
          p.c('red'),
          64,
        );
        put(
          P,
          paths.poly([
            [270, -640],
            [480, -640],
            [440, -430],
          ]),
          'red',
          3,
        );
      },
      { lift: 6 },
    );
  },
  questionMark(P) {
    P.group(
      () => {
        P.line(
          paths.smooth(
            [
              [-140, -430],
              [-90, -560],
              [60, -580],
              [150, -470],
              [90, -350],
              [0, -280],
              [0, -190],
            ],
            false,
          ),
          P.pal.c('red'),
          84,
        );
        P.piece(paths.circle(0, -60, 56), P.pal.c('red'), { lift: 3 });
      },
      { lift: 6 },
    );
    for (const [x, y, s, c] of [
      [-330, -120, 0.4, 'mustard'],
      [340, -160, 0.5, 'teal'],
      [-300, -470, 0.32, 'navy'],
      [330, -520, 0.3, 'carrot'],
    ] as const)
      P.at(
        x,
        y,
        () => {
          P.group(
            () => {
              P.line(
                paths.smooth(
                  [
                    [-140, -430],
                    [-90, -560],
                    [60, -580],
                    [150, -470],
                    [90, -350],
                    [0, -280],
                    [0, -190],
                  ],
                  false,
                ),
                P.pal.c(c),
                84,
              );
              P.piece(paths.circle(0, -60, 56), P.pal.c(c), { lift: 2 });
            },
            { lift: 4 },
          );
        },
        { s, rot: x > 0 ? 0.3 : -0.3 },
      );
  },
} satisfies Drawings;
