import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import * as nature from '../nature.ts';
import type { Point } from '../paint.ts';
import * as paths from '../paths.ts';
import { bar, block, oval, put, shade } from './parts.ts';

/** What science draws, what pulls and sifts, and far places. The middle of each thing's foot is at 0,0. */
export const ODDITIES = {
  dna(P) {
    const p = P.pal;
    const at = (i: number, s: number): Point => [s * 150 * Math.cos(i * 0.42), -640 + i * 42];
    for (let i = 0; i <= 15; i++) {
      const [a, b] = [at(i, 1), at(i, -1)];
      if (Math.abs(a[0]) < 34) continue;
      const middle: Point = [0, a[1]];
      bar(P, [a, middle], [14, 14], i % 2 ? 'mustard' : 'teal', 2);
      bar(P, [middle, b], [14, 14], i % 2 ? 'red' : 'leaf', 2);
    }
    for (const [s, c] of [
      [-1, 'rose'],
      [1, 'blue'],
    ] as const) {
      const points = Array.from({ length: 16 }, (_, i) => at(i, s));
      P.piece(
        paths.tube(
          points,
          points.map(() => 30),
        ),
        p.c(c),
        { lift: 4 },
      );
    }
    for (let i = 0; i <= 15; i++)
      for (const s of [-1, 1]) {
        const [x, y] = at(i, s);
        P.piece(paths.circle(x, y, 17), p.l(s < 0 ? 'rose' : 'blue', 0.25), { lift: 1 });
      }
  },
  virus(P) {
    const p = P.pal;
    const ball = (x: number, y: number, r: number, c: string) => {
      for (let i = 0; i < 14; i++) {
        const a = (i * Math.PI) / 7 + x * 0.01;
        const [ux, uy] = [Math.cos(a), Math.sin(a)];
        bar(
          P,
          [
            [x + ux * r * 0.9, y + uy * r * 0.9],
            [x + ux * r * 1.28, y + uy * r * 1.28],
          ],
          [r * 0.11, r * 0.09],
          c,
          2,
          -0.2,
        );
        oval(P, x + ux * r * 1.33, y + uy * r * 1.33, r * 0.13, r * 0.13, c, 2, -0.1);
      }
      P.piece(nature.wobble(P, x, y, r, 0.02), shade(P, p.c(c), x - r, x + r), { lift: 5 });
      for (const [dx, dy, k] of [
        [-0.35, -0.3, 0.2],
        [0.3, -0.42, 0.13],
        [0.2, 0.2, 0.24],
        [-0.4, 0.35, 0.14],
        [0.55, -0.02, 0.1],
      ] as const)
        P.piece(paths.circle(x + dx * r, y + dy * r, k * r), p.d(c, 0.22), { lift: 0.6 });
    };
    ball(-10, -330, 190, 'leaf');
    ball(330, -560, 76, 'rose');
    ball(-350, -130, 64, 'mustard');
  },
  magnet(P) {
    const p = P.pal;
    P.at(
      0,
      -330,
      () => {
        const horse = paths.diff(
          paths.union(paths.circle(0, 0, 230), paths.rect(-230, 0, 460, 270)),
          paths.union(paths.circle(0, 0, 110), paths.rect(-110, 0, 220, 280)),
        );
        P.piece(horse, shade(P, p.c('red'), -230, 230), { lift: 5 });
        for (const x of [-230, 110]) block(P, x, 190, 120, 84, 4, 'steel', 2);
        for (const [x, y, a] of [
          [-170, 330, 0.3],
          [-70, 380, -0.5],
          [60, 350, 0.8],
          [170, 330, -0.2],
          [-10, 440, 0.2],
          [130, 430, 1.2],
        ] as const)
          P.at(x, y, () => block(P, -9, -40, 18, 80, 6, 'steelD', 3), { rot: a });
        for (const s of [-1, 1])
          for (const r of [60, 110])
            P.line(
              paths.smooth(
                [
                  [s * 300, 240 - r],
                  [s * (300 + r * 0.7), 260],
                  [s * 300, 280 + r],
                ],
                false,
              ),
              p.accent2,
              12,
              0.8,
            );
      },
      { rot: 0.12, s: 0.92 },
    );
  },
  funnel(P) {
    const p = P.pal;
    for (const [x, y, c] of [
      [-210, -620, 'mustard'],
      [-90, -660, 'rose'],
      [30, -610, 'teal'],
      [150, -670, 'red'],
      [240, -600, 'blue'],
      [-20, -700, 'leaf'],
    ] as const)
      oval(P, x, y, 40, 40, c, 4);
    const cone: Point[] = [
      [-330, -540],
      [330, -540],
      [70, -230],
      [60, -90],
      [-60, -60],
      [-70, -230],
    ];
    P.piece(paths.round(cone, 16), shade(P, p.c('steel'), -330, 330), { lift: 5 });
    P.clip(paths.round(cone, 16), () => {
      for (const [y, c] of [
        [-540, 'navy'],
        [-450, 'blue'],
        [-350, 'teal'],
      ] as const)
        P.ink(paths.rect(-400, y, 800, 70), p.c(c), 0.5);
    });
    oval(P, 0, -540, 330, 40, 'steelD', 2);
    oval(P, 0, -536, 300, 28, 'dark', 0);
    oval(P, 0, -10, 40, 40, 'mustard', 4);
  },
  tooth(P) {
    const p = P.pal;
    const shape = paths.smooth(
      [
        [-200, -430],
        [-110, -520],
        [0, -490],
        [110, -520],
        [200, -430],
        [190, -270],
        [130, -60],
        [80, 0],
        [50, -130],
        [0, -200],
        [-50, -130],
        [-80, 0],
        [-130, -60],
        [-190, -270],
      ],
      true,
      0.95,
    );
    P.piece(shape, shade(P, p.c('white'), -260, 320), { lift: 6 });
    P.clip(shape, () => P.ink(paths.ellipse(-110, -400, 44, 90, 0.3), '#ffffff', 0.75));
    for (const [x, y, s] of [
      [230, -540, 1],
      [290, -440, 0.6],
      [-270, -520, 0.7],
    ] as const)
      P.at(
        x,
        y,
        () =>
          put(
            P,
            paths.poly([
              [0, -60],
              [14, -14],
              [60, 0],
              [14, 14],
              [0, 60],
              [-14, 14],
              [-60, 0],
              [-14, -14],
            ]),
            'mustard',
            2,
          ),
        { s },
      );
  },
  bridge(P) {
    const p = P.pal;
    const deck = (y: number) =>
      paths.smooth(
        [
          [-900, y + 60],
          [-450, y + 20],
          [0, y],
          [450, y + 20],
          [900, y + 60],
        ],
        false,
      );
    P.piece(paths.rect(-1500, -120, 3000, 900), P.lin(0, -120, 0, 400, p.water[1], p.water[3]), { lift: 2 });
    for (let i = 0; i < 12; i++)
      P.ink(paths.rrect(-900 + i * 170, -60 + (i % 4) * 44, 120, 8, 4), p.paper, 0.35);
    const wall = paths.diff(
      paths.poly([
        [-900, -330],
        [-450, -376],
        [0, -396],
        [450, -376],
        [900, -330],
        [900, -60],
        [-900, -60],
      ]),
      ...[-560, 0, 560].map((x) =>
        paths.union(paths.ellipse(x, -100, 200, 200), paths.rect(x - 200, -100, 400, 100)),
      ),
    );
    P.piece(wall, shade(P, mix(p.c('cream'), p.c('grey'), 0.4), -900, 900), { lift: 5 });
    for (let i = 0; i < 34; i++)
      P.ink(paths.rrect(-860 + i * 52, -350 + ((i * 37) % 40) - 20, 34, 12, 4), p.ink, 0.14);
    P.line(deck(-408), p.c('woodD'), 26);
    for (let i = 0; i < 13; i++) {
      const x = -780 + i * 130;
      bar(
        P,
        [
          [x, -400 + (x * x) / 14000],
          [x, -470 + (x * x) / 14000],
        ],
        [12, 12],
        'dark',
        2,
      );
    }
    P.line(deck(-474), p.c('dark'), 10);
  },
  palmIsland(P) {
    const p = P.pal;
    P.piece(paths.rect(-1500, -150, 3000, 1000), P.lin(0, -150, 0, 500, p.water[1], p.water[3]), { lift: 2 });
    P.piece(paths.ellipse(0, -60, 430, 110), p.l('corn', 0.5), { lift: 3 });
    P.piece(paths.ellipse(0, -90, 380, 84), p.c('dough'), { lift: 3 });
    bar(
      P,
      [
        [-60, -90],
        [-30, -280],
        [40, -440],
        [130, -560],
      ],
      [54, 42, 36, 30],
      'woodL',
      4,
    );
    for (const [x, y, a] of [
      [-54, -140, 0.15],
      [-48, -195, 0.15],
      [-38, -250, 0.25],
      [-24, -303, 0.35],
      [-4, -354, 0.42],
      [20, -402, 0.5],
      [48, -448, 0.6],
      [82, -494, 0.75],
    ] as const)
      P.at(x, y, () => P.ink(paths.rrect(-19, -3, 38, 7, 3), p.ink, 0.25), { rot: a });
    for (const a of [-3.05, -2.55, -2.0, -1.35, -0.75, -0.2, 0.35]) {
      const [x, y] = [130 + Math.cos(a) * 250, -560 + Math.sin(a) * 170 + 60];
      P.piece(
        paths.tube(
          [
            [130, -560],
            [130 + Math.cos(a) * 140, -600 + Math.sin(a) * 120],
            [x, y],
          ],
          [18, 62, 4],
        ),
        a > -1.5 && a < -0.5 ? p.c('leafL') : p.c('leaf'),
        { lift: 3 },
      );
    }
    for (const [x, y] of [
      [110, -540],
      [148, -536],
      [130, -520],
    ] as const)
      oval(P, x, y, 22, 24, 'woodD', 2);
    P.at(-210, -96, () => {
      bar(
        P,
        [
          [0, 10],
          [20, -190],
        ],
        [12, 12],
        'woodD',
        2,
      );
      put(
        P,
        paths.smooth(
          [
            [-130, -150],
            [20, -260],
            [170, -130],
          ],
          true,
          0.8,
        ),
        'red',
        4,
      );
    });
    for (let i = 0; i < 8; i++)
      P.ink(paths.rrect(-760 + i * 200, 90 + (i % 3) * 60, 130, 9, 4), p.paper, 0.4);
  },
} satisfies Drawings;
