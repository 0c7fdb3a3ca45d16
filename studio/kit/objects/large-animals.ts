import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import * as paths from '../paths.ts';
import { bar, block, eye, oval, put, shade } from './parts.ts';

/** Large animals of far countries. The middle between the feet is at 0,0; about 500 units high. They look to the right. */
export const LARGE_ANIMALS = {
  elephant(P) {
    const p = P.pal;
    const c = '#8d93a0';
    P.line(
      paths.smooth(
        [
          [-290, -330],
          [-330, -250],
          [-322, -170],
        ],
        false,
      ),
      p.c(c),
      14,
    );
    for (const x of [-170, 110])
      bar(
        P,
        [
          [x, -200],
          [x, -10],
        ],
        [104, 92],
        c,
        2,
        -0.2,
      );
    P.piece(
      paths.smooth(
        [
          [-290, -260],
          [-270, -400],
          [-120, -470],
          [60, -460],
          [170, -400],
          [190, -220],
          [120, -130],
          [-60, -120],
          [-240, -140],
        ],
        true,
        0.9,
      ),
      shade(P, p.c(c), -290, 190),
      { lift: 4 },
    );
    for (const x of [-230, 60]) {
      bar(
        P,
        [
          [x, -210],
          [x, -12],
        ],
        [116, 100],
        c,
      );
      for (const k of [-28, 0, 28]) P.ink(paths.ellipse(x + k, -8, 12, 10), p.l(c, 0.5));
    }
    P.group(
      () => {
        bar(
          P,
          [
            [300, -360],
            [370, -240],
            [352, -110],
            [400, -60],
          ],
          [120, 74, 54, 36],
          c,
          3,
        );
        oval(P, 246, -390, 128, 134, c, 3);
        bar(
          P,
          [
            [290, -280],
            [344, -240],
            [396, -256],
          ],
          [30, 24, 8],
          'cream',
          2,
        );
        put(
          P,
          paths.smooth(
            [
              [180, -500],
              [90, -520],
              [24, -430],
              [40, -310],
              [110, -260],
              [178, -310],
              [196, -400],
            ],
            true,
            0.9,
          ),
          c,
          3,
          -0.14,
        );
        eye(P, 296, -420, 11);
      },
      { lift: 4 },
    );
  },
  penguins(P) {
    const p = P.pal;
    P.piece(
      paths.smooth(
        [
          [-560, 40],
          [-400, -40],
          [0, -24],
          [400, -46],
          [560, 40],
          [300, 90],
          [-300, 90],
        ],
        true,
        0.8,
      ),
      p.l('glass', 0.5),
      { lift: 4 },
    );
    const one = (x: number, s: number, f: number) =>
      P.at(
        x,
        -20,
        () => {
          for (const k of [-1, 1]) oval(P, k * 42, -8, 46, 20, 'carrot', 2);
          P.piece(
            paths.smooth(
              [
                [-104, -20],
                [-130, -200],
                [-90, -390],
                [0, -450],
                [90, -390],
                [130, -200],
                [104, -20],
                [0, 0],
              ],
              true,
              0.9,
            ),
            shade(P, p.c('dark'), -130, 130),
            { lift: 4 },
          );
          put(
            P,
            paths.smooth(
              [
                [-70, -30],
                [-84, -190],
                [-30, -300],
                [50, -300],
                [92, -190],
                [76, -30],
              ],
              true,
              0.9,
            ),
            'white',
            2,
          );
          for (const k of [-1, 1])
            put(P, nature.leaf(k * 108, -290, 220, k > 0 ? 1.25 : 1.89, 0.2), 'dark', 3);
          put(
            P,
            paths.round(
              [
                [50, -386],
                [122, -362],
                [52, -344],
              ],
              6,
            ),
            'carrot',
            2,
          );
          eye(P, 40, -390, 10);
          P.ink(paths.circle(43, -393, 4), p.paper);
        },
        { s, sx: s * f },
      );
    one(-190, 1, 1);
    one(190, 0.96, -1);
    one(10, 0.5, 1);
  },
  lion(P) {
    const p = P.pal;
    P.line(
      paths.smooth(
        [
          [-230, -80],
          [-340, -110],
          [-350, -230],
        ],
        false,
      ),
      p.c('mustard'),
      22,
    );
    oval(P, -350, -250, 34, 44, 'woodD', 2);
    P.piece(
      paths.smooth(
        [
          [-210, -10],
          [-240, -150],
          [-140, -270],
          [60, -300],
          [160, -200],
          [150, -10],
        ],
        true,
        0.85,
      ),
      shade(P, p.c('mustard'), -240, 150),
      { lift: 4 },
    );
    put(
      P,
      paths.smooth(
        [
          [-200, -14],
          [-180, -140],
          [-70, -160],
          [-20, -70],
          [-30, -14],
        ],
        true,
        0.9,
      ),
      'mustard',
      2,
      -0.1,
    );
    for (const x of [60, 140]) {
      bar(
        P,
        [
          [x, -180],
          [x, -30],
        ],
        [74, 58],
        'mustard',
      );
      block(P, x - 34, -44, 92, 46, 20, 'mustard', 2, 0.12);
    }
    P.group(
      () => {
        for (let i = 0; i < 16; i++)
          nature.leafP(
            P,
            110 + Math.cos(i * 0.3927) * 80,
            -370 + Math.sin(i * 0.3927) * 80,
            130,
            i * 0.3927,
            p.c(i % 2 ? 'brick' : 'woodD'),
            { fat: 0.42, vein: 0 },
          );
        oval(P, 110, -370, 140, 136, 'brick', 2);
        for (const s of [-1, 1]) oval(P, 110 + s * 84, -470, 34, 34, 'mustard', 2);
        oval(P, 110, -366, 104, 106, 'mustard', 3);
        oval(P, 110, -318, 56, 46, 'dough', 2);
        put(
          P,
          paths.round(
            [
              [84, -352],
              [136, -352],
              [110, -322],
            ],
            8,
          ),
          'dark',
          1,
        );
        for (const s of [-1, 1]) {
          eye(P, 110 + s * 42, -392, 11);
          P.line(
            paths.smooth(
              [
                [110, -322],
                [110 + s * 10, -302],
                [110 + s * 30, -304],
              ],
              false,
            ),
            p.ink,
            6,
          );
        }
      },
      { lift: 4 },
    );
  },
  whale(P) {
    const p = P.pal;
    for (const [a, l] of [
      [-2, 150],
      [-1.57, 190],
      [-1.14, 150],
    ] as const)
      nature.leafP(P, 120, -400, l, a, p.l('blue', 0.5), { fat: 0.22, vein: 0 });
    P.piece(
      paths.smooth(
        [
          [-420, -330],
          [-330, -290],
          [-260, -160],
          [-120, -230],
          [60, -380],
          [240, -400],
          [370, -280],
          [380, -140],
          [250, -40],
          [0, -20],
          [-220, -70],
          [-330, -180],
          [-430, -200],
          [-470, -280],
        ],
        true,
        0.85,
      ),
      shade(P, p.c('denim'), -420, 380),
      { lift: 4 },
    );
    put(
      P,
      paths.smooth(
        [
          [376, -170],
          [250, -40],
          [0, -20],
          [-180, -60],
          [60, -120],
          [240, -190],
        ],
        true,
        0.8,
      ),
      'white',
      1.5,
    );
    for (const k of [0, 1, 2])
      P.line(
        paths.smooth(
          [
            [300 - k * 70, -130 + k * 16],
            [180 - k * 60, -70 + k * 8],
            [60 - k * 60, -44 + k * 2],
          ],
          false,
        ),
        p.c('denim'),
        5,
        0.6,
      );
    put(P, nature.leaf(100, -110, 170, 1.9, 0.34), 'denim', 3, -0.15);
    eye(P, 262, -230, 11);
    P.piece(paths.wave(-2600, 2600, -30, 22, 300, 2400), p.l('blue', 0.12), { lift: 4 });
  },
} satisfies Drawings;
