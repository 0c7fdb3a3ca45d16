import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import * as paths from '../paths.ts';
import { bar, block, oval, put, shade, wheel } from './parts.ts';

/** Machines of the household. The middle of each thing's foot is at 0,0; about 500 units high. */
export const APPLIANCES = {
  washer(P) {
    const p = P.pal;
    P.piece(paths.rrect(-250, -540, 500, 540, 24), shade(P, p.c('white'), -250, 250), { lift: 4 });
    block(P, -226, -516, 452, 86, 12, 'steel', 1, 0.4);
    block(P, -206, -500, 150, 54, 10, 'steelD', 1);
    oval(P, 60, -473, 32, 32, 'dark', 2);
    for (const x of [140, 186]) oval(P, x, -473, 14, 14, 'leaf', 1);
    oval(P, 0, -220, 180, 180, 'steel', 3);
    oval(P, 0, -220, 142, 142, 'navy', 1.5);
    P.clip(paths.circle(0, -220, 138), () => {
      for (const [x, y, r, c] of [
        [-60, -150, 80, 'red'],
        [50, -140, 90, 'cream'],
        [10, -210, 70, 'teal'],
        [90, -220, 60, 'mustard'],
      ] as const)
        P.piece(nature.wobble(P, x, y, r, 0.1), p.c(c), { lift: 2 });
      for (let i = 0; i < 10; i++)
        P.ink(paths.circle(-110 + ((i * 53) % 220), -250 - ((i * 29) % 80), 8 + (i % 3) * 5), p.paper, 0.7);
    });
    P.line(
      paths.smooth(
        [
          [-90, -300],
          [-110, -220],
          [-80, -140],
        ],
        false,
      ),
      p.paper,
      14,
      0.45,
    );
    for (const x of [-200, 160]) block(P, x, -10, 44, 16, 4, 'dark', 1);
  },
  fridge(P) {
    const p = P.pal;
    block(P, -230, -640, 400, 640, 22, 'white', 4, -0.12);
    P.piece(paths.rrect(-206, -616, 352, 596, 14), p.l('glass', 0.6), { lift: 1 });
    for (const y of [-430, -240, -90]) block(P, -206, y, 352, 14, 4, 'glass', 2);
    for (const [x, y, c, w, h] of [
      [-180, -430, 'tomato', 60, 80],
      [-110, -430, 'corn', 56, 110],
      [-40, -430, 'white', 60, 130],
      [50, -430, 'leaf', 70, 90],
      [-170, -240, 'carrot', 120, 60],
      [-20, -240, 'blue', 60, 120],
      [70, -240, 'rose', 60, 80],
      [-180, -90, 'woodL', 140, 90],
      [0, -90, 'red', 110, 70],
    ] as const)
      block(P, x, y - h, w, h, 12, c, 2);
    for (let i = 0; i < 6; i++)
      nature.leafP(P, -160 + i * 44, -26, 70, -1.57 + (i - 2.5) * 0.2, p.c(i % 2 ? 'leaf' : 'leafL'));
    put(
      P,
      paths.round(
        [
          [160, -640],
          [330, -590],
          [330, 40],
          [160, 0],
        ],
        14,
      ),
      'white',
      4,
    );
    put(
      P,
      paths.round(
        [
          [178, -600],
          [312, -560],
          [312, 0],
          [178, -30],
        ],
        10,
      ),
      'glass',
      1,
      0.5,
    );
    for (const [y, c] of [
      [-400, 'white'],
      [-220, 'beet'],
    ] as const) {
      put(
        P,
        paths.poly([
          [184, y],
          [308, y + 30],
          [308, y + 46],
          [184, y + 14],
        ]),
        'steel',
        2,
      );
      for (const x of [196, 240, 284]) block(P, x - 16, y - 90 + (x - 184) * 0.24, 34, 100, 10, c, 1.5);
    }
  },
  vacuum(P) {
    const p = P.pal;
    P.line(
      paths.smooth(
        [
          [-140, -170],
          [-60, -480],
          [160, -560],
          [300, -420],
          [340, -120],
        ],
        false,
      ),
      p.c('dark'),
      26,
    );
    bar(
      P,
      [
        [300, -470],
        [350, -30],
      ],
      [26, 22],
      'steel',
      3,
    );
    block(P, 270, -40, 200, 40, 16, 'dark', 3);
    P.piece(
      paths.smooth(
        [
          [-320, -60],
          [-300, -200],
          [-180, -260],
          [-40, -200],
          [0, -60],
          [-60, -20],
          [-280, -20],
        ],
        true,
        0.85,
      ),
      shade(P, p.c('red'), -320, 0),
      { lift: 4 },
    );
    wheel(P, -230, -50, 62);
    oval(P, -30, -30, 30, 30, 'dark', 2);
    block(P, -230, -240, 110, 26, 12, 'dark', 2);
    for (const [x, y] of [
      [520, -10],
      [560, -22],
      [548, 4],
    ] as const)
      P.ink(paths.circle(x, y, 7), p.d('woodD', 0.3), 0.6);
  },
  iron(P) {
    const p = P.pal;
    block(P, -520, -60, 1040, 50, 24, 'blue', 4, 0.3);
    P.at(40, -60, () => {
      P.line(
        paths.smooth(
          [
            [-130, -160],
            [-190, -250],
            [-60, -280],
            [110, -240],
            [140, -150],
          ],
          false,
        ),
        p.c('dark'),
        34,
      );
      P.piece(
        paths.smooth(
          [
            [-230, -20],
            [-220, -130],
            [-100, -180],
            [80, -170],
            [240, -20],
          ],
          true,
          0.6,
        ),
        shade(P, p.c('teal'), -230, 240),
        { lift: 4 },
      );
      put(
        P,
        paths.round(
          [
            [-240, -30],
            [254, -30],
            [230, 0],
            [-240, 0],
          ],
          8,
        ),
        'steel',
        3,
      );
      oval(P, -30, -110, 30, 30, 'cream', 1);
      for (const x of [-280, -330, -300]) nature.steam(P, x, -40, 150, 0.7, p.paper, 0.5);
    });
    put(
      P,
      paths.smooth(
        [
          [-480, -66],
          [-360, -110],
          [-260, -80],
          [-240, -60],
        ],
        true,
        0.8,
      ),
      'rose',
      2,
    );
  },
  oven(P) {
    const p = P.pal;
    P.piece(paths.rrect(-320, -560, 640, 560, 16), shade(P, p.c('steel'), -320, 320), { lift: 4 });
    block(P, -300, -540, 600, 84, 8, 'dark', 1);
    for (const x of [-230, -140, 140, 230]) oval(P, x, -498, 28, 28, 'steel', 2);
    P.ink(paths.rrect(-64, -520, 128, 44, 6), p.c('carrot'), 0.9);
    block(P, -260, -424, 520, 22, 11, 'steelD', 2);
    block(P, -280, -390, 560, 350, 14, 'dark', 2);
    P.piece(paths.rrect(-250, -360, 500, 290, 8), P.lin(0, -360, 0, -70, p.c('carrot'), p.c('brick')), {
      lift: 1,
    });
    for (let i = 0; i < 7; i++)
      P.line(
        paths.poly(
          [
            [-250, -150 + i],
            [250, -150 + i],
          ],
          false,
        ),
        p.c('dark'),
        3,
        0.3,
      );
    block(P, -220, -150, 440, 14, 6, 'dark', 2);
    put(
      P,
      paths.smooth(
        [
          [-180, -150],
          [-170, -250],
          [-60, -300],
          [60, -300],
          [170, -250],
          [180, -150],
        ],
        true,
        0.9,
      ),
      'mustard',
      3,
    );
    for (const x of [-80, 0, 80])
      P.line(
        paths.smooth(
          [
            [x - 20, -270],
            [x + 20, -230],
          ],
          false,
        ),
        p.l('mustard', 0.5),
        12,
      );
  },
  television(P) {
    const p = P.pal;
    block(P, -420, -90, 840, 90, 12, 'wood', 4);
    for (const x of [-380, 340]) block(P, x, 0, 40, 40, 4, 'woodD', 1);
    block(P, -400, -600, 800, 470, 20, 'dark', 4);
    P.piece(paths.rrect(-376, -576, 752, 420, 8), P.lin(0, -576, 0, -160, p.sky[0], p.sky[2]), { lift: 0 });
    P.clip(paths.rrect(-376, -576, 752, 420, 8), () => {
      P.piece(paths.circle(200, -440, 60), p.sun, { lift: 1 });
      for (const [y, c] of [
        [-330, 1],
        [-260, 2],
        [-200, 3],
      ] as const)
        P.piece(nature.wobble(P, -100 + c * 90, y + 260, 340, 0.04), p.ramp[c], { lift: 2 });
    });
    block(P, -60, -132, 120, 44, 8, 'steelD', 2);
    block(P, 230, -112, 110, 24, 8, 'dark', 2);
  },
  drill(P) {
    const p = P.pal;
    block(P, 190, -396, 140, 26, 4, 'steel', 2);
    put(
      P,
      paths.poly([
        [330, -396],
        [390, -383],
        [330, -370],
      ]),
      'steel',
      2,
    );
    for (let i = 0; i < 5; i++)
      P.line(
        paths.poly(
          [
            [220 + i * 26, -396],
            [232 + i * 26, -370],
          ],
          false,
        ),
        p.c('steelD'),
        6,
      );
    block(P, 100, -430, 100, 94, 12, 'dark', 3);
    P.piece(paths.rrect(-250, -470, 370, 170, 50), shade(P, p.c('mustard'), -250, 120), { lift: 4 });
    for (let i = 0; i < 4; i++) P.ink(paths.rrect(-210 + i * 34, -430, 16, 90, 8), p.c('dark'));
    put(
      P,
      paths.round(
        [
          [-190, -310],
          [-40, -310],
          [-80, -60],
          [-230, -60],
        ],
        24,
      ),
      'mustard',
      4,
      -0.1,
    );
    block(P, -40, -300, 50, 80, 18, 'red', 2);
    block(P, -280, -90, 250, 90, 18, 'dark', 4);
    P.ink(paths.rrect(-240, -50, 90, 12, 6), p.c('leaf'));
    for (const [x, y] of [
      [330, -30],
      [410, -18],
      [260, -14],
    ] as const)
      P.at(
        x,
        y,
        () => {
          block(P, -12, -44, 24, 44, 4, 'steel', 2);
          oval(P, 0, -48, 26, 10, 'steelD', 2);
        },
        { rot: 0.4 },
      );
  },
} satisfies Drawings;
