import type { Drawings } from '../../catalogue/slots.ts';
import { nth } from '../named.ts';
import type { Paint } from '../paint.ts';
import * as paths from '../paths.ts';
import { bar, block, oval, put, shade } from './parts.ts';

const lines = (P: Paint, x: number, y: number, w: number, n: number, gap = 36) => {
  for (let i = 0; i < n; i++)
    P.ink(paths.rrect(x, y + i * gap, i === n - 1 ? w * 0.6 : w - (i % 3) * 26, 11, 5), P.pal.ink, 0.32);
};

/** Programs, nets and what thinks. The middle of each thing's foot is at 0,0; about 500 units high. */
export const PROGRAMS = {
  softwareBug(P) {
    const p = P.pal;
    block(P, -480, -560, 760, 480, 20, 'dark', 4);
    P.clip(paths.rect(-460, -540, 720, 440), () => {
      for (let i = 0; i < 9; i++) {
        let x = -430 + (i % 4) * 40;
        for (let k = 0; k < 4; k++) {
          const w = 40 + ((i * 37 + k * 53) % 110);
          P.ink(
            paths.rrect(x, -510 + i * 46, w, 16, 8),
            p.c(['leafL', 'corn', 'rose', 'cream'][(i + k) % 4] ?? 'cream'),
            0.8,
          );
          x += w + 18;
        }
      }
    });
    P.at(150, -240, () => {
      P.line(paths.circle(0, 0, 180), p.c('woodD'), 34);
      P.piece(paths.circle(0, 0, 166), p.l('glass', 0.55), { lift: 1 });
      bar(
        P,
        [
          [130, 130],
          [270, 270],
        ],
        [44, 54],
        'woodD',
        4,
      );
      for (const s of [-1, 1])
        for (const y of [-50, 10, 70])
          P.line(
            paths.smooth(
              [
                [s * 40, y],
                [s * 100, y - 20],
                [s * 124, y + 20],
              ],
              false,
            ),
            p.ink,
            10,
          );
      oval(P, 0, 14, 70, 96, 'red', 3);
      oval(P, 0, -84, 46, 40, 'dark', 2);
      P.ink(paths.rect(-4, -60, 8, 170), p.ink, 0.6);
      for (const [x, y] of [
        [-34, -10],
        [36, 0],
        [-30, 60],
        [34, 66],
      ] as const)
        P.ink(paths.circle(x, y, 12), p.ink, 0.7);
    });
  },
  code(P) {
    const p = P.pal;
    block(P, -480, -600, 960, 600, 24, 'dark', 4);
    block(P, -480, -600, 960, 60, 20, 'steelD', 1);
    for (const [i, c] of ['red', 'corn', 'leaf'].entries())
      P.piece(paths.circle(-440 + i * 44, -570, 14), p.c(c), { lift: 1 });
    for (let i = 0; i < 10; i++) {
      P.ink(paths.rrect(-450, -510 + i * 48, 24, 14, 6), p.paper, 0.35);
      let x = -390 + nth([0, 40, 40, 80, 80, 120, 80, 40, 0, 0], i);
      for (let k = 0; k < 2 + (i % 3); k++) {
        const w = 60 + ((i * 41 + k * 67) % 150);
        P.ink(
          paths.rrect(x, -512 + i * 48, w, 20, 9),
          p.c(['leafL', 'corn', 'rose', 'cream', 'carrot'][(i * 2 + k) % 5] ?? 'cream'),
          0.9,
        );
        x += w + 22;
      }
    }
  },
  cloud(P) {
    const p = P.pal;
    P.piece(
      paths.smooth(
        [
          [-330, -160],
          [-390, -250],
          [-320, -350],
          [-230, -350],
          [-170, -470],
          [-20, -520],
          [120, -450],
          [160, -370],
          [280, -390],
          [370, -290],
          [340, -180],
          [240, -140],
          [-240, -130],
        ],
        true,
        0.8,
      ),
      shade(P, p.c('white'), -390, 370),
      { lift: 6 },
    );
    for (const [x, u] of [
      [-90, 1],
      [90, -1],
    ] as const)
      P.at(
        x,
        -250,
        () => {
          put(
            P,
            paths.poly([
              [-26, 60],
              [-26, -30],
              [-60, -30],
              [0, -110],
              [60, -30],
              [26, -30],
              [26, 60],
            ]),
            u > 0 ? 'teal' : 'carrot',
            3,
          );
        },
        { sy: u, sx: 1 },
      );
    for (const [x, y, c] of [
      [-220, 0, 'dark'],
      [0, 0, 'navy'],
      [220, 0, 'dark'],
    ] as const) {
      P.line(
        paths.poly(
          [
            [x * 0.7, -140],
            [x, -70],
          ],
          false,
        ),
        p.c('steelD'),
        9,
      );
      block(P, x - 80, y - 76, 160, 100, 14, c, 4);
      block(P, x - 64, y - 62, 128, 70, 8, 'glass', 0.6, 0.3);
    }
  },
  network(P) {
    const p = P.pal;
    const nodes = [
      [0, -330, 96, 'red'],
      [-330, -480, 62, 'teal'],
      [-380, -160, 70, 'mustard'],
      [340, -470, 70, 'blue'],
      [390, -180, 60, 'leaf'],
      [-90, -60, 56, 'rose'],
      [150, -70, 66, 'navy'],
      [-60, -600, 50, 'olive'],
    ] as const;
    for (const [i, [x, y]] of nodes.entries())
      if (i) {
        P.line(
          paths.poly(
            [
              [0, -330],
              [x, y],
            ],
            false,
          ),
          p.paper,
          10,
          0.9,
        );
        const [x2, y2] = nodes[(i % 7) + 1] ?? [0, 0];
        P.line(
          paths.poly(
            [
              [x, y],
              [x2, y2],
            ],
            false,
          ),
          p.paper,
          6,
          0.6,
        );
      }
    for (const [x, y, r, c] of nodes) {
      oval(P, x, y, r, r, c, 5);
      oval(P, x, y - r * 0.2, r * 0.3, r * 0.32, 'cream', 1);
      put(
        P,
        paths.smooth(
          [
            [x - r * 0.55, y + r * 0.62],
            [x - r * 0.4, y + r * 0.2],
            [x + r * 0.4, y + r * 0.2],
            [x + r * 0.55, y + r * 0.62],
          ],
          true,
          0.7,
        ),
        'cream',
        1,
      );
    }
  },
  brain(P) {
    const p = P.pal;
    for (const s of [-1, 1])
      P.at(
        0,
        0,
        () => {
          put(
            P,
            paths.smooth(
              [
                [14, -560],
                [120, -590],
                [230, -540],
                [290, -430],
                [300, -300],
                [240, -190],
                [140, -150],
                [14, -160],
              ],
              true,
              0.9,
            ),
            'rose',
            4,
            s > 0 ? 0 : 0.12,
          );
          for (const q of [
            [
              [60, -510],
              [140, -520],
              [190, -460],
              [150, -420],
            ],
            [
              [250, -420],
              [200, -380],
              [230, -320],
              [180, -290],
            ],
            [
              [50, -420],
              [100, -400],
              [90, -340],
              [140, -320],
            ],
            [
              [60, -260],
              [110, -240],
              [170, -260],
            ],
            [
              [220, -230],
              [190, -210],
              [130, -200],
            ],
          ] as const)
            P.line(paths.smooth(q, false), p.d('rose', 0.3), 11, 0.8);
        },
        { sx: s, sy: 1 },
      );
    block(P, -34, -170, 68, 150, 30, 'rose', 3, -0.12);
    for (const [x, y, a] of [
      [-360, -520, 3.6],
      [370, -520, -0.5],
      [0, -660, -1.57],
      [-400, -340, 3.14],
      [400, -340, 0],
    ] as const)
      P.line(
        paths.poly(
          [
            [x, y],
            [x + Math.cos(a) * 60, y + Math.sin(a) * 60],
          ],
          false,
        ),
        p.accent2,
        13,
      );
  },
  tablet(P) {
    const p = P.pal;
    P.at(
      0,
      -300,
      () => {
        P.piece(paths.rrect(-230, -310, 460, 620, 40), p.c('dark'), { lift: 5 });
        block(P, -200, -270, 400, 540, 10, 'white', 1);
        P.clip(paths.rect(-200, -270, 400, 540), () => {
          for (let i = 0; i < 6; i++)
            block(
              P,
              -170 + i * 58,
              60 - nth([60, 110, 90, 160, 190, 240], i),
              40,
              nth([60, 110, 90, 160, 190, 240], i),
              6,
              ['teal', 'blue', 'teal', 'blue', 'carrot', 'red'][i] ?? 'teal',
              1,
            );
          P.line(
            paths.smooth(
              [
                [-150, -40],
                [-90, -90],
                [-30, -70],
                [30, -140],
                [90, -170],
                [150, -220],
              ],
              false,
            ),
            p.c('navy'),
            9,
          );
          lines(P, -170, 110, 340, 3, 44);
        });
      },
      { rot: 0.12 },
    );
  },
  usb(P) {
    P.at(
      0,
      -200,
      () => {
        block(P, 150, -56, 170, 112, 8, 'steel', 4);
        for (const y of [-32, 10]) P.ink(paths.rect(220, y, 40, 24), P.pal.ink, 0.7);
        P.piece(paths.rrect(-280, -90, 440, 180, 50), shade(P, P.pal.c('red'), -280, 160), { lift: 5 });
        oval(P, -210, 0, 30, 30, 'cream', 1);
        block(P, -120, -40, 200, 80, 14, 'cream', 1);
      },
      { rot: -0.35 },
    );
  },
} satisfies Drawings;
