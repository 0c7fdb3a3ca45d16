import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import { nth } from '../named.ts';
import * as nature from '../nature.ts';
import { BLEED, type Paint, type Point } from '../paint.ts';
import * as paths from '../paths.ts';
import { ground, sky } from '../places/parts.ts';
import { rng } from '../random.ts';
import { car } from './car.ts';
import { live, passing, swing } from './parts.ts';

const sheet = (P: Paint, a: string, b: string) =>
  P.piece(paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED), P.lin(0, -300, 0, 1500, a, b), {
    lift: 0,
    edge: 0,
  });

/** Driving, robots, chips and solar panels. */
export const MACHINES = {
  drive(P) {
    const p = P.pal;
    sky(P, { hor: 780, x: 1380, y: 320 });
    const u = P.canvas.height / P.k / 1110;
    passing(P, 'hills', 0.1, (x0) => {
      P.piece(
        paths.smooth(
          [
            [x0 - 700 * u, 1400],
            [x0 - 380 * u, 790],
            [x0, 610],
            [x0 + 380 * u, 780],
            [x0 + 700 * u, 1400],
          ],
          true,
          0.6,
        ),
        p.ramp[1],
        { lift: 3 },
      );
    });
    P.layer('lawn', 0.2, () => ground(P, 900, p.ramp[2]));
    passing(P, 'trees', 0.3, (x0) => {
      for (const [x, s] of [
        [0, 2.2],
        [300, 1.5],
        [640, 2.4],
        [900, 1.7],
      ] as const)
        nature.round(P, x0 + x * u, 1000, s, mix(p.c('leaf'), p.ramp[3], 0.3));
    });
    P.layer('road', 0.3, () =>
      P.piece(
        paths.rect(-BLEED, 1020, 1920 + 2 * BLEED, 2000),
        P.lin(0, 1020, 0, 1400, mix(p.c('grey'), p.ramp[3], 0.4), mix(p.c('dark'), p.ramp[3], 0.4)),
        { lift: 3 },
      ),
    );
    passing(
      P,
      'marks',
      0.4,
      (x0) => {
        const period = P.canvas.height / P.k;
        for (let i = 0; i < 4; i++)
          P.piece(paths.rrect(x0 + (i * period) / 4, 1215, period / 9, 18, 8), p.paper, { lift: 0.6 });
      },
      3,
    );
    live(P, 'car', 0.5, (t) =>
      P.group(() => car(P, 960, 1170 + swing(t, 6) * 2, 1.35, 'mustard', { turn: t * Math.PI * 2 * 4 }), {
        lift: 5,
      }),
    );
  },
  robot(P) {
    const p = P.pal;
    P.layer('ground', 0.1, () => {
      sheet(P, p.c('#3d4f7a'), p.c('#6d86a8'));
      P.piece(nature.wobble(P, 960, 620, 500, 0.01), p.l('#6d86a8', 0.2), { lift: 3 });
      ground(P, 1120, p.c('#2f3d5e'));
    });
    live(P, 'robot', 0.4, (t) => {
      const d = swing(t, 2) * 8;
      P.group(() => {
        for (const x of [870, 1010]) {
          P.piece(paths.rrect(x, 1000, 46, 150, 14), p.c('steelD'), { lift: 3 });
          P.piece(paths.rrect(x - 24, 1120, 94, 50, 20), p.c('dark'), { lift: 3 });
        }
        P.piece(
          paths.tube(
            [
              [770, 780],
              [690, 900],
              [730, 1000],
            ],
            [46, 40, 36],
          ),
          p.c('steelD'),
          { lift: 3 },
        );
        P.piece(
          paths.tube(
            [
              [1150, 780],
              [1260, 720 - d],
              [1290, 580 - d * 3],
            ],
            [46, 40, 36],
          ),
          p.c('steelD'),
          { lift: 3 },
        );
        P.piece(paths.rrect(1250, 510 - d * 3, 84, 84, 30), p.c('mustard'), { lift: 3 });
        P.piece(paths.rrect(690, 980, 84, 84, 30), p.c('mustard'), { lift: 3 });
        P.piece(
          paths.rrect(760, 700, 400, 330, 50),
          P.lin(760, 0, 1160, 0, p.l('steel', 0.3), p.c('steel')),
          {
            lift: 4,
          },
        );
        P.piece(paths.rrect(830, 770, 260, 160, 20), p.c('navy'), { lift: 1 });
        for (let i = 0; i < 5; i++)
          P.piece(
            paths.rrect(
              856 + i * 44,
              900 - 30 - ((i * 37 + Math.round(10 + d)) % 80),
              26,
              30 + ((i * 37 + Math.round(10 + d)) % 80),
              4,
            ),
            p.c(i % 2 ? 'mustard' : 'leafL'),
            { lift: 0.8 },
          );
        P.piece(paths.rect(940, 640, 40, 70), p.c('steelD'), { lift: 2 });
        P.piece(
          paths.rrect(740, 330 + d * 0.4, 440, 320, 90),
          P.lin(740, 0, 1180, 0, p.l('steel', 0.4), p.c('steel')),
          { lift: 5 },
        );
        P.piece(paths.rrect(800, 400 + d * 0.4, 320, 170, 60), p.c('dark'), { lift: 1 });
        for (const x of [890, 1030]) P.piece(paths.circle(x, 485 + d * 0.4, 36), p.c('#8fe0d8'), { lift: 1 });
        P.piece(paths.rect(952, 260 + d * 0.4, 16, 80), p.c('steelD'), { lift: 2 });
        P.piece(paths.circle(960, 240 + d * 0.4, 30), p.c('red'), { lift: 3 });
      });
    });
  },
  chip(P) {
    const p = P.pal;
    P.layer('board', 0, () => {
      sheet(P, p.c('#1f5a52'), p.c('#17443f'));
      const R = rng('chip');
      for (let i = 0; i < 40; i++) {
        const side = i % 4;
        const k = Math.floor(i / 4) - 4.5;
        const q = k * 62;
        const bend = q * 1.9 + R.r(-30, 30);
        const end = 900 + R.r(0, 900);
        const pts: Point[] =
          side === 0
            ? [
                [960 + 260, 640 + q],
                [960 + 420, 640 + q],
                [960 + 560, 640 + bend],
                [960 + end, 640 + bend],
              ]
            : side === 1
              ? [
                  [960 - 260, 640 + q],
                  [960 - 420, 640 + q],
                  [960 - 560, 640 + bend],
                  [960 - end, 640 + bend],
                ]
              : side === 2
                ? [
                    [960 + q, 380],
                    [960 + q, 240],
                    [960 + bend, 100],
                    [960 + bend, 640 - end],
                  ]
                : [
                    [960 + q, 900],
                    [960 + q, 1040],
                    [960 + bend, 1180],
                    [960 + bend, 640 + end],
                  ];
        P.line(paths.poly(pts, false), p.c(i % 5 === 2 ? 'mustard' : '#4fa08f'), 12);
        const e = nth(pts, 3);
        P.piece(paths.circle(e[0], e[1], 22), p.c('mustard'), { lift: 1 });
        P.ink(paths.circle(e[0], e[1], 9), p.c('#17443f'));
      }
    });
    P.layer('chip', 0.3, () => {
      for (let i = 0; i < 9; i++)
        for (const [x, y, w, h] of [
          [690 + i * 62, 350, 34, 580],
          [670, 370 + i * 62, 580, 34],
        ] as const)
          P.piece(paths.rrect(x, y, w, h, 6), p.c('steel'), { lift: 2 });
      P.piece(
        paths.rrect(700, 380, 520, 520, 30),
        P.lin(700, 380, 1220, 900, p.l('dark', 0.12), p.c('dark')),
        {
          lift: 6,
        },
      );
      P.piece(
        paths.rrect(810, 490, 300, 300, 18),
        P.lin(810, 490, 1110, 790, p.l('steel', 0.3), p.c('steelD')),
        {
          lift: 2,
        },
      );
      for (let i = 0; i < 3; i++)
        P.ink(paths.rrect(860, 560 + i * 62, 200 - i * 44, 24, 8), p.c('dark'), 0.6);
    });
  },
  solar(P) {
    const p = P.pal;
    sky(P, { hor: 900, x: 430, y: 330, r: 120 });
    P.layer('far', 0.2, () => {
      nature.sheet(P, nature.hill(P, 840, 70), p.ramp[1], 840);
      trees(P);
    });
    P.layer('roof', 0.5, () => {
      P.piece(paths.rect(1330, 200, 110, 300), p.c('brick'), { lift: 4 });
      P.piece(
        paths.poly([
          [420, 1000],
          [900, 330],
          [1920 + BLEED, 330],
          [1920 + BLEED, 2800],
          [420, 2800],
        ]),
        p.c('cream'),
        { lift: 5 },
      );
      P.piece(
        paths.poly([
          [330, 1080],
          [880, 300],
          [1920 + BLEED, 300],
          [1920 + BLEED, 1080],
        ]),
        P.lin(0, 300, 0, 1080, p.c('brick'), p.d('brick', 0.25)),
        { lift: 6 },
      );
      for (let r = 0; r < 3; r++)
        for (let i = 0; i < 7; i++) {
          const q = (k: number, j: number): [number, number] => [
            880 - k * 550 * 0.98 + j * 230 + 60,
            340 + k * 720,
          ];
          const k0 = r * 0.3 + 0.04;
          const k1 = k0 + 0.27;
          const a = q(k0, i + 0.05);
          const b = q(k0, i + 0.95);
          const c = q(k1, i + 0.95);
          const d = q(k1, i + 0.05);
          P.piece(paths.poly([a, b, c, d]), P.lin(a[0], a[1], c[0], c[1], p.c('#3f6fa8'), p.c('#22406e')), {
            lift: 3,
          });
          for (const f of [0.33, 0.66]) {
            P.line(
              paths.poly(
                [
                  [a[0] + (b[0] - a[0]) * f, a[1]],
                  [d[0] + (c[0] - d[0]) * f, d[1]],
                ],
                false,
              ),
              p.paper,
              2.5,
              0.5,
            );
            P.line(
              paths.poly(
                [
                  [a[0] + (d[0] - a[0]) * f, a[1] + (d[1] - a[1]) * f],
                  [b[0] + (c[0] - b[0]) * f, b[1] + (c[1] - b[1]) * f],
                ],
                false,
              ),
              p.paper,
              2.5,
              0.5,
            );
          }
        }
    });
    function trees(P: Paint) {
      for (const [x, s] of [
        [120, 2],
        [330, 1.5],
        [-160, 2.2],
      ] as const)
        nature.round(P, x, 960, s, p.c('leaf'));
      ground(P, 940, p.ramp[2]);
    }
  },
} satisfies Drawings;
