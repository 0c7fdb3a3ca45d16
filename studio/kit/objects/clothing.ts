import type { Drawings } from '../../catalogue/slots.ts';
import { nth } from '../named.ts';
import * as nature from '../nature.ts';
import type { Paint } from '../paint.ts';
import * as paths from '../paths.ts';
import { bar, block, oval, put, shade } from './parts.ts';

const shoe = (P: Paint, x: number, y: number, c: string, s = 1) =>
  P.at(
    x,
    y,
    () => {
      P.piece(
        paths.smooth(
          [
            [-170, -30],
            [-176, -170],
            [-130, -190],
            [-60, -170],
            [20, -120],
            [150, -86],
            [190, -30],
          ],
          true,
          0.6,
        ),
        shade(P, P.pal.c(c), -170, 190),
        { lift: 4 },
      );
      block(P, -186, -40, 386, 40, 18, 'white', 3);
      for (let i = 0; i < 4; i++)
        P.line(
          paths.poly(
            [
              [-40 + i * 34, -160 + i * 17],
              [-70 + i * 38, -116 + i * 14],
            ],
            false,
          ),
          P.pal.c('cream'),
          10,
        );
      oval(P, -140, -80, 34, 30, 'white', 1);
    },
    { s },
  );

/** What people wear and carry. The middle of each thing's foot is at 0,0; about 500 units high. */
export const CLOTHING = {
  clothes(P) {
    const p = P.pal;
    bar(
      P,
      [
        [-480, -540],
        [480, -540],
      ],
      [22, 22],
      'brass',
      3,
    );
    for (const s of [-1, 1])
      bar(
        P,
        [
          [s * 460, -560],
          [s * 460, -10],
        ],
        [24, 30],
        'woodD',
        3,
      );
    for (const [i, c] of ['red', 'cream', 'teal', 'mustard', 'navy', 'rose'].entries())
      P.at(-350 + i * 140, -540, () => {
        P.line(
          paths.smooth(
            [
              [0, 0],
              [10, 30],
              [0, 46],
            ],
            false,
          ),
          p.c('steelD'),
          8,
        );
        P.piece(
          paths.smooth(
            [
              [-20, 50],
              [-86, 90],
              [-80, 150 + (i % 3) * 10],
              [-58, 150],
              [-62, 330 + ((i * 47) % 90)],
              [62, 330 + ((i * 47) % 90)],
              [58, 150],
              [80, 150],
              [86, 90],
              [20, 50],
            ],
            true,
            0.4,
          ),
          shade(P, p.c(c), -80, 80),
          { lift: 4 },
        );
        if (i % 2) for (let k = 0; k < 3; k++) P.ink(paths.circle(0, 140 + k * 50, 7), p.d(c, 0.4));
      });
    for (const [x, c] of [
      [-200, 'dark'],
      [60, 'brick'],
    ] as const)
      shoe(P, x, 0, c, 0.6);
  },
  shoes(P) {
    shoe(P, -120, -10, 'red', 1.2);
    shoe(P, 160, 20, 'red', 1.2);
  },
  handbag(P) {
    const p = P.pal;
    P.line(
      paths.smooth(
        [
          [-140, -330],
          [-100, -520],
          [100, -520],
          [140, -330],
        ],
        false,
      ),
      p.c('woodD'),
      26,
    );
    P.piece(
      paths.round(
        [
          [-220, -350, 40],
          [220, -350, 40],
          [270, -10, 50],
          [-270, -10, 50],
        ],
        40,
      ),
      shade(P, p.c('brick'), -270, 270),
      { lift: 4 },
    );
    put(
      P,
      paths.smooth(
        [
          [-222, -350],
          [222, -350],
          [200, -190],
          [0, -130],
          [-200, -190],
        ],
        true,
        0.5,
      ),
      'brick',
      3,
      -0.15,
    );
    oval(P, 0, -150, 34, 34, 'brass', 2);
  },
  ringBox(P) {
    const p = P.pal;
    put(
      P,
      paths.round(
        [
          [-200, -220],
          [-170, -470],
          [170, -470],
          [200, -220],
        ],
        24,
      ),
      'navy',
      4,
    );
    put(
      P,
      paths.round(
        [
          [-160, -230],
          [-140, -440],
          [140, -440],
          [160, -230],
        ],
        20,
      ),
      'cream',
      1,
    );
    P.piece(paths.rrect(-210, -240, 420, 240, 24), shade(P, p.c('navy'), -210, 210), { lift: 4 });
    block(P, -180, -240, 360, 60, 16, 'cream', 2);
    P.line(paths.ellipse(0, -290, 84, 90), p.c('brass'), 26);
    put(
      P,
      paths.poly([
        [-50, -400],
        [-26, -432],
        [26, -432],
        [50, -400],
        [0, -346],
      ]),
      'glass',
      3,
      0.5,
    );
    for (const a of [-2.2, -1.57, -0.9])
      P.line(
        paths.poly(
          [
            [Math.cos(a) * 70, -400 + Math.sin(a) * 70],
            [Math.cos(a) * 120, -400 + Math.sin(a) * 120],
          ],
          false,
        ),
        p.accent2,
        9,
      );
  },
  schoolbag(P) {
    const p = P.pal;
    P.line(
      paths.smooth(
        [
          [-70, -500],
          [-50, -570],
          [50, -570],
          [70, -500],
        ],
        false,
      ),
      p.c('dark'),
      24,
    );
    for (const s of [-1, 1]) block(P, s * 250 - 50, -260, 100, 230, 40, 'blue', 3, -0.1);
    P.piece(paths.rrect(-240, -510, 480, 510, 110), shade(P, p.c('blue'), -240, 240), { lift: 4 });
    block(P, -190, -240, 380, 200, 40, 'mustard', 3);
    P.line(
      paths.poly(
        [
          [-170, -190],
          [170, -190],
        ],
        false,
      ),
      p.d('mustard', 0.3),
      8,
    );
    put(P, nature.star(0, -370, 60), 'mustard', 2);
    for (const [x, c, h] of [
      [-150, 'red', 90],
      [-110, 'leaf', 70],
      [130, 'carrot', 84],
    ] as const) {
      block(P, x, -500 - h, 24, h, 4, c, 1.5);
      put(
        P,
        paths.poly([
          [x, -500 - h],
          [x + 24, -500 - h],
          [x + 12, -530 - h],
        ]),
        'dough',
        1,
      );
    }
  },
  books(P) {
    for (const [i, [w, h, c, x]] of (
      [
        [520, 90, 'red', 0],
        [460, 74, 'teal', 20],
        [500, 84, 'mustard', -14],
        [400, 70, 'navy', 30],
        [340, 64, 'rose', 0],
      ] as const
    ).entries()) {
      const y = -nth([0, 90, 164, 248, 318], i) - h;
      block(P, x - w / 2, y, w, h, 12, c, 4);
      block(P, x - w / 2 + 40, y + 14, w - 30, h - 28, 4, 'cream', 1);
      P.ink(paths.rect(x - w / 2 + 60, y + h / 2, w - 60, 3), P.pal.ink, 0.2);
      block(P, x - w / 2, y, 60, h, 12, c, 1.5);
    }
    P.at(0, -382, () => {
      put(
        P,
        paths.smooth(
          [
            [0, 0],
            [80, -110],
            [66, -160],
            [0, -150],
            [-66, -160],
            [-80, -110],
          ],
          true,
          0.9,
        ),
        'red',
        4,
      );
      bar(
        P,
        [
          [0, -140],
          [14, -200],
        ],
        [9, 11],
        'woodD',
        1.5,
      );
      nature.leafP(P, 14, -180, 64, -0.4, P.pal.c('leaf'));
    });
  },
} satisfies Drawings;
