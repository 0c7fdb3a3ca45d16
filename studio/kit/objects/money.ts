import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import type { Paint } from '../paint.ts';
import * as paths from '../paths.ts';
import { bar, block, oval, put, shade } from './parts.ts';

const lines = (P: Paint, x: number, y: number, w: number, n: number, gap = 36) => {
  for (let i = 0; i < n; i++)
    P.ink(paths.rrect(x, y + i * gap, i === n - 1 ? w * 0.6 : w - (i % 3) * 26, 11, 5), P.pal.ink, 0.32);
};

const coin = (P: Paint, x: number, y: number, r: number) => {
  oval(P, x, y, r, r, 'brass', 3);
  oval(P, x, y, r * 0.74, r * 0.74, 'corn', 1);
  P.ink(paths.rrect(x - r * 0.1, y - r * 0.44, r * 0.2, r * 0.88, 4), P.pal.d('brass', 0.2));
};

/** Money and papers. The middle of each thing's foot is at 0,0; about 500 units high. */
export const MONEY = {
  calculator(P) {
    P.piece(paths.rrect(-210, -560, 420, 560, 40), shade(P, P.pal.c('dark'), -210, 210), { lift: 4 });
    block(P, -170, -520, 340, 120, 14, 'leafL', 1, 0.3);
    for (let i = 0; i < 4; i++) block(P, 110 - i * 62, -490, 40, 62, 8, 'dark', 0.5, 0.1);
    for (let r = 0; r < 4; r++)
      for (let i = 0; i < 4; i++)
        block(
          P,
          -170 + i * 88,
          -370 + r * 88,
          74,
          74,
          16,
          i === 3 ? (r === 3 ? 'red' : 'carrot') : 'cream',
          2,
        );
    P.at(360, -30, () => {
      for (const [x, y] of [
        [-40, -20],
        [30, -10],
        [0, -80],
      ] as const)
        coin(P, x, y, 56);
    });
  },
  /** From above: a bill with a stamp. */
  invoice(P) {
    P.at(
      0,
      0,
      () => {
        block(P, -300, -420, 600, 840, 6, 'white', 4);
        block(P, -250, -370, 200, 60, 8, 'teal', 0.6);
        lines(P, -250, -270, 380, 4);
        for (let i = 0; i < 5; i++) {
          P.ink(paths.rrect(-250, -60 + i * 52, 260 - (i % 3) * 40, 12, 5), P.pal.ink, 0.35);
          P.ink(paths.rrect(150, -60 + i * 52, 100, 12, 5), P.pal.ink, 0.55);
        }
        P.ink(paths.rect(-250, 216, 500, 5), P.pal.ink, 0.5);
        block(P, 90, 244, 160, 44, 8, 'mustard', 0.6);
        P.at(
          -110,
          280,
          () => {
            P.line(paths.circle(0, 0, 92), P.pal.c('red'), 14, 0.85);
            P.line(paths.circle(0, 0, 70), P.pal.c('red'), 6, 0.85);
            P.line(
              paths.poly(
                [
                  [-36, 4],
                  [-8, 34],
                  [44, -32],
                ],
                false,
              ),
              P.pal.c('red'),
              18,
              0.9,
            );
          },
          { rot: -0.3 },
        );
      },
      { rot: 0.08 },
    );
    P.at(
      430,
      60,
      () => {
        block(P, -90, 30, 180, 70, 16, 'woodD', 5);
        block(P, -40, -130, 80, 170, 36, 'wood', 5);
      },
      { rot: 0.2 },
    );
  },
  /** From above: a contract and a pen. */
  contract(P) {
    P.at(
      -40,
      0,
      () => {
        block(P, -320, -420, 640, 840, 6, 'white', 4);
        block(P, -140, -360, 280, 34, 8, 'dark', 0.4);
        lines(P, -250, -280, 500, 10, 44);
        P.ink(paths.rect(-250, 290, 240, 5), P.pal.ink, 0.6);
        P.line(
          paths.smooth(
            [
              [-240, 270],
              [-200, 210],
              [-180, 280],
              [-130, 230],
              [-110, 280],
              [-70, 250],
              [-20, 270],
            ],
            false,
          ),
          P.pal.c('navy'),
          9,
        );
        oval(P, 170, 280, 66, 66, 'red', 2);
        put(P, nature.star(170, 280, 40), 'red', 0.6, -0.2);
      },
      { rot: -0.07 },
    );
    P.at(
      260,
      90,
      () => {
        block(P, -26, -330, 52, 330, 22, 'navy', 5);
        block(P, -28, -90, 56, 26, 4, 'brass', 1);
        put(
          P,
          paths.poly([
            [-26, 0],
            [26, 0],
            [0, 90],
          ]),
          'brass',
          3,
        );
      },
      { rot: 0.75 },
    );
  },
  /** From above: passport, tickets. */
  passport(P) {
    P.at(
      -130,
      20,
      () => {
        block(P, -220, -310, 440, 620, 30, 'beet', 5);
        P.line(paths.circle(0, -60, 110), P.pal.c('brass'), 12);
        P.line(paths.ellipse(0, -60, 50, 110), P.pal.c('brass'), 8);
        P.line(
          paths.poly(
            [
              [-110, -60],
              [110, -60],
            ],
            false,
          ),
          P.pal.c('brass'),
          8,
        );
        P.ink(paths.rrect(-120, 120, 240, 22, 8), P.pal.c('brass'));
        P.ink(paths.rrect(-80, 170, 160, 16, 6), P.pal.c('brass'));
      },
      { rot: -0.12 },
    );
    P.at(
      300,
      -40,
      () => {
        block(P, -170, -370, 340, 740, 20, 'white', 4);
        put(P, paths.rect(-170, -370, 340, 120), 'blue', 0.6);
        P.ink(
          paths.poly([
            [-60, -300],
            [70, -330],
            [84, -316],
            [0, -270],
            [10, -250],
          ]),
          P.pal.paper,
        );
        lines(P, -130, -200, 250, 6, 50);
        for (let i = 0; i < 14; i++) P.ink(paths.rect(-130 + i * 18, 190, i % 3 ? 6 : 12, 120), P.pal.ink);
      },
      { rot: 0.14 },
    );
  },
  wallet(P, o) {
    const p = P.pal;
    if (o.whole !== 0)
      for (const [x, r, c] of [
        [-90, -0.12, 'leaf'],
        [40, 0.06, 'leafL'],
      ] as const)
        P.at(
          x,
          -300,
          () => {
            block(P, -220, -170, 440, 240, 12, c, 3);
            oval(P, 0, -60, 60, 60, c, 0.6, 0.35);
            P.line(paths.rrect(-196, -148, 392, 196, 8), p.l(c, 0.4), 6);
          },
          { rot: r },
        );
    else
      for (const [x, y, a] of [
        [-60, -420, 0.4],
        [70, -480, -0.5],
      ] as const)
        P.at(
          x,
          y,
          () => {
            nature.leafP(P, 0, 0, 70, -0.6, p.c('cream'), { vein: 0 });
            nature.leafP(P, 0, 0, 70, -2.5, p.c('cream'), { vein: 0 });
            block(P, -7, -20, 14, 60, 7, 'woodD', 1);
          },
          { rot: a },
        );
    P.piece(paths.rrect(-330, -330, 660, 330, 40), shade(P, p.c('woodD'), -330, 330), { lift: 4 });
    P.line(paths.rrect(-306, -306, 612, 282, 30), p.l('woodD', 0.3), 6, 0.7);
    block(P, 170, -230, 180, 110, 30, 'wood', 3);
    oval(P, 230, -175, 24, 24, 'brass', 2);
    if (o.whole !== 0)
      for (const [x, y] of [
        [-400, -46],
        [-340, -30],
        [420, -40],
      ] as const)
        coin(P, x, y, 50);
  },
  piggyBank(P) {
    const p = P.pal;
    for (const x of [-130, 110]) block(P, x - 36, -90, 72, 90, 20, 'rose', 3, -0.12);
    P.line(
      paths.smooth(
        [
          [-250, -230],
          [-310, -260],
          [-290, -300],
          [-262, -270],
        ],
        false,
      ),
      p.c('rose'),
      14,
    );
    P.piece(paths.ellipse(-10, -230, 260, 180), shade(P, p.c('rose'), -270, 250), { lift: 4 });
    put(
      P,
      paths.round(
        [
          [60, -380],
          [70, -470],
          [160, -390],
        ],
        20,
      ),
      'rose',
      3,
    );
    block(P, 210, -280, 90, 120, 36, 'rose', 3, 0.1);
    for (const y of [-244, -204]) P.ink(paths.circle(268, y, 11), p.ink, 0.6);
    P.ink(paths.circle(150, -290, 15), p.ink);
    P.ink(paths.rrect(-80, -404, 140, 16, 8), p.ink, 0.7);
    coin(P, -10, -490, 72);
  },
  percentTag(P) {
    const p = P.pal;
    P.at(
      0,
      -290,
      () => {
        P.piece(
          paths.round(
            [
              [-300, 0],
              [-170, -190],
              [300, -190],
              [300, 190],
              [-170, 190],
            ],
            30,
          ),
          shade(P, p.c('red'), -300, 300),
          { lift: 5 },
        );
        oval(P, -190, 0, 34, 34, 'cream', 1);
        oval(P, -20, -74, 56, 56, 'cream', 1);
        oval(P, -20, -74, 26, 26, 'red', 0);
        oval(P, 160, 74, 56, 56, 'cream', 1);
        oval(P, 160, 74, 26, 26, 'red', 0);
        bar(
          P,
          [
            [-20, 110],
            [160, -110],
          ],
          [30, 30],
          'cream',
          1,
        );
      },
      { rot: 0.16 },
    );
    P.line(
      paths.smooth(
        [
          [-190, -320],
          [-330, -420],
          [-300, -540],
          [-180, -520],
        ],
        false,
      ),
      p.c('woodL'),
      10,
    );
  },
  cart(P) {
    const p = P.pal;
    for (const [x, y, w, h, c] of [
      [-170, -400, 130, 190, 'teal'],
      [-30, -440, 110, 230, 'mustard'],
      [90, -390, 140, 180, 'red'],
    ] as const)
      block(P, x, y, w, h, 12, c, 3);
    nature.leafP(P, -110, -400, 120, -1.8, p.c('leaf'));
    nature.leafP(P, -90, -400, 120, -1.2, p.c('leafL'));
    P.line(
      paths.smooth(
        [
          [-380, -440],
          [-290, -430],
          [-190, -120],
          [230, -120],
        ],
        false,
      ),
      p.c('steelD'),
      24,
    );
    P.group(
      () => {
        for (let i = 0; i < 7; i++)
          P.line(
            paths.poly(
              [
                [-240 + i * 80, -310],
                [-190 + i * 66, -150],
              ],
              false,
            ),
            p.c('steel'),
            9,
          );
        for (let k = 0; k < 4; k++)
          P.line(
            paths.poly(
              [
                [-256 + k * 18, -310 + k * 54],
                [270 - k * 22, -310 + k * 54],
              ],
              false,
            ),
            p.c('steel'),
            10,
          );
      },
      { lift: 3 },
    );
    for (const x of [-150, 180]) {
      oval(P, x, -44, 44, 44, 'dark', 3);
      oval(P, x, -44, 18, 18, 'steel', 1);
    }
    bar(
      P,
      [
        [-400, -440],
        [-330, -440],
      ],
      [34, 34],
      'red',
      3,
    );
  },
  files(P) {
    for (let i = 0; i < 12; i++) {
      const c = ['cream', 'white', 'mustard', 'white', 'teal', 'white', 'rose'][i % 7] ?? 'white';
      P.at(
        ((i * 37) % 50) - 25,
        -20 - i * 46,
        () => {
          block(P, -270, -30, 540, 44, 6, c, 3);
          if (c !== 'white') block(P, 120, -44, 120, 30, 8, c, 1.5);
          else for (let k = 0; k < 3; k++) P.ink(paths.rect(-266, -22 + k * 11, 530, 2), P.pal.ink, 0.18);
        },
        { rot: (((i * 53) % 11) - 5) * 0.012 },
      );
    }
    P.at(330, -20, () => {
      block(P, -10, -230, 130, 230, 16, 'dark', 4);
      for (const [x, h, c] of [
        [10, 120, 'mustard'],
        [46, 150, 'red'],
        [84, 110, 'blue'],
      ] as const)
        block(P, x, -230 - h, 20, h + 10, 4, c, 2);
    });
  },
} satisfies Drawings;
