import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import * as nature from '../nature.ts';
import type { Point } from '../paint.ts';
import * as paths from '../paths.ts';
import * as things from '../things.ts';
import { bar, block, oval, put, shade } from './parts.ts';

/** Things that are seen at once for what they stand for. The middle of each thing's foot is at 0,0; about 500 units high. */
export const EMBLEMS = {
  airplane(P) {
    const p = P.pal;
    P.at(
      0,
      -330,
      () => {
        put(
          P,
          paths.round(
            [
              [-40, -20],
              [60, -20],
              [-150, -250],
              [-220, -250],
            ],
            14,
          ),
          'steel',
          3,
          -0.15,
        );
        put(
          P,
          paths.round(
            [
              [-330, -40],
              [-250, -40],
              [-350, -190],
              [-420, -190],
            ],
            12,
          ),
          'red',
          3,
        );
        P.piece(
          paths.smooth(
            [
              [-430, -30],
              [-330, -70],
              [300, -70],
              [420, -20],
              [440, 20],
              [380, 60],
              [-300, 60],
              [-410, 10],
            ],
            true,
            0.7,
          ),
          P.lin(0, -70, 0, 70, p.c('white'), p.d('white', 0.18)),
          { lift: 5 },
        );
        P.clip(paths.rect(-420, 24, 860, 20), () => P.ink(paths.rect(-420, 24, 860, 16), p.c('red'), 0.8));
        for (let i = 0; i < 12; i++) block(P, -270 + i * 46, -34, 24, 30, 10, 'navy', 0.6);
        put(
          P,
          paths.smooth(
            [
              [372, -44],
              [420, -18],
              [400, -8],
              [366, -8],
            ],
            true,
            0.5,
          ),
          'navy',
          1,
        );
        put(
          P,
          paths.round(
            [
              [-60, 10],
              [90, 10],
              [-170, 270],
              [-250, 270],
            ],
            18,
          ),
          'steel',
          5,
        );
        block(P, -60, 96, 130, 58, 28, 'steelD', 4);
      },
      { rot: -0.2 },
    );
  },
  streetLamp(P) {
    const p = P.pal;
    P.ink(
      paths.poly([
        [110, -560],
        [230, -560],
        [520, 20],
        [-170, 20],
      ]),
      P.lin(0, -560, 0, 20, 'rgba(255,226,150,0.75)', 'rgba(255,226,150,0.05)'),
    );
    oval(P, 170, 6, 330, 40, 'corn', 0.6, 0.35);
    block(P, -44, -40, 88, 44, 8, 'dark', 3);
    bar(
      P,
      [
        [0, -20],
        [0, -560],
        [20, -690],
        [150, -710],
      ],
      [34, 24, 20, 16],
      'dark',
      4,
    );
    put(
      P,
      paths.round(
        [
          [110, -700],
          [230, -700],
          [270, -590],
          [70, -590],
        ],
        14,
      ),
      'dark',
      4,
    );
    P.piece(paths.ellipse(170, -586, 84, 30), p.l('corn', 0.45), { lift: 1 });
    for (const [x, y, a] of [
      [60, -460, 0.4],
      [270, -430, -0.5],
      [330, -540, 0.2],
    ] as const)
      P.at(
        x,
        y,
        () => {
          oval(P, -10, 0, 14, 8, 'cream', 1);
          oval(P, 10, 0, 14, 8, 'cream', 1);
        },
        { rot: a },
      );
  },
  bathroomScale(P) {
    const p = P.pal;
    P.piece(paths.rrect(-330, -360, 660, 660, 80), shade(P, p.c('white'), -330, 330), { lift: 5 });
    P.piece(paths.rrect(-290, -320, 580, 580, 60), p.c('glass'), { lift: 1 });
    for (const s of [-1, 1]) {
      P.piece(paths.ellipse(s * 130, 90, 70, 150, s * 0.06), p.d('glass', 0.2), { lift: 0.6 });
      for (let i = 0; i < 5; i++)
        P.piece(
          paths.circle(
            s * (92 + i * 21),
            -86 + Math.abs(i - (s < 0 ? 3 : 1)) * 5,
            i === (s < 0 ? 4 : 0) ? 22 : 14,
          ),
          p.d('glass', 0.2),
          { lift: 0.6 },
        );
    }
    P.piece(paths.ellipse(0, -210, 190, 80), p.c('dark'), { lift: 3 });
    P.piece(paths.ellipse(0, -210, 168, 64), p.c('cream'), { lift: 1 });
    for (let i = 0; i < 11; i++) {
      const a = -2.6 + i * 0.206;
      P.at(0, -150, () => P.ink(paths.rrect(104, -4, i % 5 ? 14 : 26, 7, 3), p.ink, 0.8), { rot: a });
    }
    P.at(0, -160, () => block(P, -5, -100, 10, 100, 5, 'red', 2), { rot: 0.5 });
  },
  bank(P) {
    const p = P.pal;
    for (const [w, y] of [
      [880, -50],
      [800, -100],
    ] as const)
      block(P, -w / 2, y, w, 56, 6, 'cream', 3, -0.08);
    block(P, -340, -430, 680, 340, 4, 'cream', 2, -0.2);
    block(P, -60, -330, 120, 234, 6, 'woodD', 2);
    for (const x of [-310, -190, 120, 240]) {
      P.piece(paths.rrect(x, -420, 70, 322, 8), shade(P, p.c('white'), x, x + 70), { lift: 4 });
      block(P, x - 14, -440, 98, 30, 6, 'cream', 3);
      block(P, x - 14, -126, 98, 28, 6, 'cream', 3);
      for (const k of [20, 42]) P.ink(paths.rect(x + k, -400, 5, 260), p.ink, 0.14);
    }
    block(P, -400, -500, 800, 64, 6, 'cream', 4);
    put(
      P,
      paths.poly([
        [-430, -500],
        [0, -690],
        [430, -500],
      ]),
      'cream',
      4,
      0.1,
    );
    oval(P, 0, -566, 50, 50, 'brass', 3);
    oval(P, 0, -566, 36, 36, 'brass', 1, 0.3);
  },
  vegetables(P) {
    const p = P.pal;
    things.cabbage(P, -230, -150, 150, p.c('leafL'));
    things.leek(P, 250, -90, 520, -2.2);
    things.aubergine(P, 60, -120, 300, -0.5);
    things.carrot(P, -120, -60, 330, 0.25);
    things.carrot(P, -80, -20, 300, 0.05);
    for (const [x, y, r] of [
      [250, -70, 74],
      [360, -60, 62],
      [-370, -50, 56],
    ] as const)
      things.tomato(P, x, y, r);
    for (const [x, y] of [
      [110, -26],
      [170, -30],
    ] as const)
      put(P, nature.wobble(P, x, y, 36, 0.06), 'cream', 3);
  },
  scissors(P) {
    const p = P.pal;
    const half = (s: number) =>
      P.at(
        0,
        0,
        () => {
          put(
            P,
            paths.smooth(
              [
                [-26, 40],
                [-34, -300],
                [10, -420],
                [30, -260],
                [30, 40],
              ],
              true,
              0.6,
            ),
            'steel',
            4,
            s < 0 ? 0 : 0.15,
          );
          P.ink(paths.rect(-4, -330, 6, 320), p.ink, 0.2);
          bar(
            P,
            [
              [0, 20],
              [-s * 30, 110],
            ],
            [48, 44],
            'red',
            4,
          );
          P.piece(paths.ring(-s * 56, 210, 84, 46), shade(P, p.c('red'), -60, 180), { lift: 4 });
        },
        { rot: s * 0.36 },
      );
    P.line(
      paths.poly(
        [
          [0, -560],
          [0, -440],
        ],
        false,
      ),
      p.ink,
      6,
      0.3,
    );
    half(-1);
    half(1);
    oval(P, 0, 6, 26, 26, 'steelD', 3);
  },
  crown(P) {
    const p = P.pal;
    const tips: Point[] = [
      [-300, -400],
      [-160, -480],
      [0, -560],
      [160, -480],
      [300, -400],
    ];
    const outline: Point[] = [[-250, -80]];
    tips.forEach(([x, y], i) => {
      outline.push([x, y]);
      if (i < 4) outline.push([x * 0.5 + ((tips[i + 1] as Point)[0] ?? 0) * 0.5, -250]);
    });
    outline.push([250, -80]);
    P.piece(paths.round(outline, 10), shade(P, p.c('brass'), -300, 300), { lift: 5 });
    P.piece(paths.rrect(-262, -130, 524, 110, 20), shade(P, p.l('brass', 0.15), -262, 262), { lift: 4 });
    for (const [x, c] of [
      [-180, 'red'],
      [-60, 'blue'],
      [60, 'leaf'],
      [180, 'red'],
    ] as const)
      P.at(x, -76, () => block(P, -24, -24, 48, 48, 10, c, 2), { rot: 0.785 });
    for (const [x, y] of tips) oval(P, x, y - 14, 30, 30, 'cream', 3);
  },
  bomb(P) {
    const p = P.pal;
    P.piece(
      paths.circle(-20, -230, 230),
      P.rad(-100, -320, 20, 330, mix(p.c('dark'), p.paper, 0.35), p.c('dark')),
      {
        lift: 6,
      },
    );
    P.ink(paths.ellipse(-110, -330, 46, 30, -0.7), p.paper, 0.5);
    P.at(-20, -230, () => block(P, -62, -286, 124, 74, 12, 'steelD', 3), { rot: 0.55 });
    P.line(
      paths.smooth(
        [
          [124, -462],
          [190, -560],
          [290, -540],
          [330, -630],
        ],
        false,
      ),
      p.c('doughD'),
      20,
    );
    const star = (r: number, n: number): Point[] =>
      Array.from({ length: n * 2 }, (_, i) => {
        const [a, k] = [(i * Math.PI) / n, i % 2 ? 0.45 : 1];
        return [340 + Math.cos(a) * r * k, -650 + Math.sin(a) * r * k];
      });
    put(P, paths.poly(star(110, 8)), 'carrot', 3);
    put(P, paths.poly(star(64, 7)), 'corn', 2, 0.3);
  },
  crystalBall(P) {
    const p = P.pal;
    put(
      P,
      paths.round(
        [
          [-190, -130],
          [190, -130],
          [240, 0],
          [-240, 0],
        ],
        20,
      ),
      'brass',
      4,
    );
    block(P, -210, -160, 420, 44, 16, 'brass', 4, 0.15);
    const ball = paths.circle(0, -370, 240);
    P.piece(ball, P.rad(-70, -450, 30, 330, p.l('rose', 0.4), p.c('aub')), { lift: 5 });
    P.clip(ball, () => {
      for (const [y, c] of [
        [-300, 'rose'],
        [-240, 'navy'],
        [-190, 'teal'],
      ] as const)
        P.piece(
          paths.smooth(
            [
              [-280, y],
              [-120, y - 60],
              [40, y + 10],
              [180, y - 50],
              [280, y],
              [280, 0],
              [-280, 0],
            ],
            true,
            0.8,
          ),
          p.c(c),
          { lift: 2, a: 0.6 },
        );
      P.ink(paths.ellipse(-100, -470, 60, 34, -0.7), p.paper, 0.55);
    });
    for (const [x, y, s] of [
      [60, -430, 1],
      [-40, -360, 0.6],
      [110, -340, 0.5],
      [290, -590, 0.8],
      [-290, -520, 0.6],
    ] as const)
      P.at(
        x,
        y,
        () =>
          put(
            P,
            paths.poly([
              [0, -50],
              [11, -11],
              [50, 0],
              [11, 11],
              [0, 50],
              [-11, 11],
              [-50, 0],
              [-11, -11],
            ]),
            'corn',
            2,
            0.3,
          ),
        { s },
      );
  },
  campfire(P) {
    const flame = (x: number, h: number, w: number, c: string, lift: number, t = 0) =>
      put(
        P,
        paths.smooth(
          [
            [x, -60 - h],
            [x + w * 0.35, -60 - h * 0.55],
            [x + w, -60 - h * 0.28],
            [x + w * 0.7, -40],
            [x - w * 0.7, -40],
            [x - w, -60 - h * 0.3],
            [x - w * 0.3, -60 - h * 0.5],
          ],
          true,
          0.95,
        ),
        c,
        lift,
        t,
      );
    for (const [a, b] of [
      [
        [-260, -30],
        [120, -110],
      ],
      [
        [260, -30],
        [-120, -110],
      ],
      [
        [-200, -90],
        [220, -20],
      ],
    ] as const)
      bar(P, [a, b], [52, 48], 'woodD', 4);
    flame(0, 430, 180, 'tomato', 4);
    flame(-70, 300, 120, 'carrot', 3);
    flame(60, 340, 130, 'carrot', 3);
    flame(0, 250, 100, 'corn', 2);
    flame(0, 130, 56, 'corn', 1, 0.5);
    bar(
      P,
      [
        [-320, -10],
        [300, -16],
      ],
      [58, 54],
      'wood',
      4,
    );
    for (let i = 0; i < 9; i++)
      put(P, nature.wobble(P, -340 + i * 85, 20 + (i % 2) * 8, 42, 0.08), 'grey', 3, (i % 3) * 0.12 - 0.1);
    for (const [x, y, r] of [
      [-90, -590, 9],
      [70, -640, 7],
      [140, -520, 8],
      [-150, -460, 6],
    ] as const)
      oval(P, x, y, r, r, 'corn', 1, 0.2);
  },
} satisfies Drawings;
