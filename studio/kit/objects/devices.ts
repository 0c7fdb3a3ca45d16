import type { Drawings } from '../../catalogue/slots.ts';
import * as paths from '../paths.ts';
import { bar, block, oval, put, shade } from './parts.ts';

/** Machines that count, connect and keep. The middle of each thing's foot is at 0,0; about 500 units high. */
export const DEVICES = {
  printer(P) {
    const p = P.pal;
    put(
      P,
      paths.poly([
        [-190, -330],
        [-150, -580],
        [170, -580],
        [190, -330],
      ]),
      'white',
      3,
    );
    for (let i = 0; i < 5; i++)
      P.ink(paths.rrect(-110, -540 + i * 38, 220 - (i % 2) * 60, 12, 5), p.ink, 0.25);
    P.piece(paths.rrect(-320, -350, 640, 270, 26), shade(P, p.c('grey'), -320, 320), { lift: 4 });
    block(P, -280, -310, 560, 60, 10, 'dark', 1);
    for (const [x, c] of [
      [190, 'leaf'],
      [230, 'mustard'],
    ] as const)
      P.piece(paths.circle(x, -280, 12), p.c(c), { lift: 1 });
    block(P, -240, -130, 480, 40, 8, 'dark', 1);
    put(
      P,
      paths.poly([
        [-200, -110],
        [200, -110],
        [240, 20],
        [-240, 20],
      ]),
      'white',
      3,
    );
    P.clip(
      paths.poly([
        [-200, -110],
        [200, -110],
        [240, 20],
        [-240, 20],
      ]),
      () => {
        for (const [x, h, c] of [
          [-140, 60, 'teal'],
          [-70, 90, 'red'],
          [0, 40, 'mustard'],
          [70, 74, 'blue'],
        ] as const)
          P.ink(paths.rect(x, 4 - h, 46, h), p.c(c));
      },
    );
  },
  servers(P) {
    const p = P.pal;
    for (const [x, s] of [
      [-250, 0],
      [30, 3],
    ] as const) {
      P.piece(paths.rrect(x, -600, 240, 600, 12), shade(P, p.c('dark'), x, x + 240), { lift: 4 });
      for (let i = 0; i < 7; i++) {
        block(P, x + 18, -576 + i * 80, 204, 62, 6, 'steelD', 1.5, -0.35);
        for (let k = 0; k < 3; k++)
          P.piece(
            paths.circle(x + 44 + k * 26, -545 + i * 80, 8),
            p.c((i * 3 + k + s) % 4 ? 'leaf' : 'carrot'),
            { lift: 0 },
          );
        for (let k = 0; k < 5; k++) P.ink(paths.rect(x + 130 + k * 16, -560 + i * 80, 8, 30), p.ink, 0.6);
      }
    }
    for (const [y, c] of [
      [-520, 'blue'],
      [-360, 'mustard'],
      [-200, 'red'],
    ] as const)
      P.line(
        paths.smooth(
          [
            [-16, y],
            [14, y + 60],
            [30, y + 20],
          ],
          false,
        ),
        p.c(c),
        9,
      );
  },
  router(P) {
    const p = P.pal;
    for (const r of [90, 160, 230])
      P.line(
        paths.smooth(
          Array.from({ length: 9 }, (_, i): [number, number] => [
            Math.sin(-0.8 + i * 0.2) * r,
            -330 - Math.cos(-0.8 + i * 0.2) * r,
          ]),
          false,
        ),
        p.accent,
        26,
      );
    P.piece(paths.circle(0, -330, 26), p.accent, { lift: 2 });
    for (const x of [-190, 190])
      bar(
        P,
        [
          [x, -100],
          [x * 1.15, -340],
        ],
        [26, 18],
        'dark',
        3,
      );
    P.piece(paths.rrect(-290, -130, 580, 130, 26), shade(P, p.c('white'), -290, 290), { lift: 4 });
    for (let i = 0; i < 6; i++)
      P.piece(paths.circle(-190 + i * 50, -64, 11), p.c(i < 4 ? 'leaf' : 'steel'), { lift: 0.8 });
  },
  battery(P) {
    const p = P.pal;
    block(P, -100, -560, 200, 70, 16, 'steel', 3);
    P.piece(paths.rrect(-200, -510, 400, 510, 50), shade(P, p.c('dark'), -200, 200), { lift: 4 });
    block(P, -164, -474, 328, 438, 30, 'dark', 1, -0.3);
    for (let i = 0; i < 3; i++) block(P, -144, -150 - i * 122, 288, 108, 18, 'leaf', 2, i * 0.14);
    put(
      P,
      paths.poly([
        [30, -430],
        [-90, -240],
        [-10, -240],
        [-40, -90],
        [90, -300],
        [10, -300],
      ]),
      'corn',
      4,
    );
  },
  plug(P) {
    const p = P.pal;
    block(P, 160, -480, 300, 300, 40, 'white', 4);
    oval(P, 310, -330, 104, 104, 'white', 1, -0.1);
    for (const x of [270, 350]) P.ink(paths.circle(x, -330, 17), p.ink);
    P.line(
      paths.smooth(
        [
          [-2600, 60],
          [-420, -20],
          [-300, -200],
          [-250, -330],
          [-190, -330],
        ],
        false,
      ),
      p.c('dark'),
      30,
    );
    P.piece(
      paths.round(
        [
          [-220, -400],
          [-60, -420],
          [-40, -380],
          [-40, -280],
          [-60, -240],
          [-220, -260],
        ],
        20,
      ),
      shade(P, p.c('red'), -220, -40),
      { lift: 4 },
    );
    for (const y of [-370, -290]) block(P, -44, y - 14, 110, 28, 8, 'brass', 2);
    for (const [x, y, a] of [
      [100, -470, -2.2],
      [120, -200, 2.2],
      [96, -330, 3.14],
    ] as const)
      P.line(
        paths.poly(
          [
            [x, y],
            [x + Math.cos(a) * 40, y + Math.sin(a) * 40],
          ],
          false,
        ),
        p.accent2,
        10,
      );
  },
  alarmClock(P) {
    const p = P.pal;
    for (const s of [-1, 1]) {
      bar(
        P,
        [
          [s * 120, -120],
          [s * 180, -6],
        ],
        [40, 30],
        'dark',
        2,
      );
      P.at(
        s * 150,
        -480,
        () =>
          put(
            P,
            paths.smooth(
              [
                [-90, 20],
                [-70, -50],
                [0, -80],
                [70, -50],
                [90, 20],
              ],
              true,
              0.8,
            ),
            'brass',
            3,
          ),
        { rot: s * 0.55 },
      );
      P.line(
        paths.smooth(
          [
            [s * 260, -560],
            [s * 300, -500],
            [s * 300, -430],
          ],
          false,
        ),
        p.accent2,
        10,
      );
    }
    bar(
      P,
      [
        [0, -440],
        [0, -560],
      ],
      [20, 34],
      'dark',
      2,
    );
    P.piece(paths.circle(0, -260, 226), shade(P, p.c('red'), -226, 226), { lift: 4 });
    oval(P, 0, -260, 180, 180, 'cream', 1.5);
    for (let i = 0; i < 12; i++)
      P.ink(
        paths.circle(Math.sin(i * 0.5236) * 152, -260 - Math.cos(i * 0.5236) * 152, i % 3 ? 8 : 14),
        p.ink,
      );
    bar(
      P,
      [
        [0, -260],
        [-70, -330],
      ],
      [20, 12],
      'dark',
      1.5,
    );
    bar(
      P,
      [
        [0, -260],
        [4, -390],
      ],
      [14, 8],
      'dark',
      1.5,
    );
    P.piece(paths.circle(0, -260, 18), p.c('red'), { lift: 1 });
  },
  keyboard(P) {
    P.piece(paths.rrect(-560, -220, 1000, 440, 36), P.pal.c('dark'), { lift: 4 });
    for (let r = 0; r < 4; r++)
      for (let i = 0; i < 11; i++)
        if (!(r === 3 && i > 2 && i < 8))
          block(P, -530 + i * 88, -190 + r * 98, 76, 82, 14, (i * 7 + r * 5) % 17 === 3 ? 'red' : 'cream', 2);
    block(P, -266, 104, 428, 82, 14, 'cream', 2);
    P.at(620, 0, () => {
      put(P, paths.rrect(-100, -170, 200, 340, 100), 'white', 4);
      P.line(
        paths.poly(
          [
            [0, -170],
            [0, -20],
          ],
          false,
        ),
        P.pal.c('steel'),
        6,
      );
      block(P, -16, -130, 32, 74, 16, 'dark', 1);
    });
  },
} satisfies Drawings;
