import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import * as paths from '../paths.ts';
import { bar, block, eye, oval, put, shade } from './parts.ts';

/** What stands in rooms and gardens. The middle of each thing's foot is at 0,0; about 500 units high. */
export const FURNITURE = {
  bathtub(P) {
    const p = P.pal;
    for (let i = 0; i < 18; i++)
      P.piece(
        paths.circle(-280 + ((i * 61) % 520), -280 - ((i * 37) % 90), 34 + (i % 4) * 12),
        p.l('glass', 0.6),
        { lift: 2 },
      );
    P.line(
      paths.smooth(
        [
          [330, -250],
          [340, -480],
          [280, -540],
          [230, -480],
        ],
        false,
      ),
      p.c('brass'),
      26,
    );
    P.piece(
      paths.smooth(
        [
          [-400, -270],
          [400, -270],
          [340, -60],
          [0, -30],
          [-340, -60],
        ],
        true,
        0.5,
      ),
      shade(P, p.c('white'), -400, 400),
      { lift: 4 },
    );
    block(P, -430, -290, 860, 44, 22, 'white', 3, -0.06);
    for (const x of [-270, 250]) oval(P, x, -20, 36, 28, 'brass', 2);
    P.at(-150, -330, () => {
      oval(P, 0, 0, 74, 50, 'corn', 3);
      oval(P, 44, -60, 42, 40, 'corn', 2);
      put(
        P,
        paths.round(
          [
            [78, -68],
            [112, -56],
            [78, -48],
          ],
          6,
        ),
        'carrot',
        1,
      );
      eye(P, 54, -68, 7);
    });
  },
  bed(P) {
    block(P, -480, -440, 60, 440, 20, 'wood', 4);
    block(P, 420, -280, 50, 280, 20, 'wood', 4);
    block(P, -440, -190, 880, 110, 12, 'woodL', 3);
    block(P, -430, -260, 860, 90, 40, 'white', 3);
    block(P, -420, -330, 230, 110, 50, 'cream', 4);
    put(
      P,
      paths.smooth(
        [
          [-190, -270],
          [0, -320],
          [240, -300],
          [430, -270],
          [440, -130],
          [-180, -130],
        ],
        true,
        0.6,
      ),
      'blue',
      4,
    );
    put(
      P,
      paths.smooth(
        [
          [-190, -274],
          [-80, -300],
          [-70, -150],
          [-180, -140],
        ],
        true,
        0.7,
      ),
      'white',
      2,
    );
    for (let i = 0; i < 5; i++) put(P, nature.star(20 + i * 80, -210 + (i % 2) * 40, 22), 'corn', 0.8);
  },
  sofa(P) {
    const p = P.pal;
    P.piece(paths.rrect(-380, -400, 760, 260, 60), shade(P, p.c('teal'), -380, 380), { lift: 4 });
    for (const x of [-350, 10]) block(P, x, -230, 340, 120, 40, 'teal', 3, 0.12);
    for (const s of [-1, 1]) block(P, s > 0 ? 340 : -470, -310, 130, 270, 56, 'teal', 4, -0.08);
    block(P, -400, -110, 800, 70, 16, 'teal', 3, -0.16);
    for (const x of [-360, 330]) block(P, x, -40, 34, 40, 6, 'woodD', 1.5);
    P.at(-260, -250, () => block(P, -80, -80, 160, 150, 30, 'mustard', 3), { rot: 0.2 });
    P.at(270, -240, () => block(P, -70, -70, 140, 130, 30, 'rose', 3), { rot: -0.15 });
  },
  broom(P) {
    const p = P.pal;
    P.at(-120, 0, () => {
      bar(
        P,
        [
          [0, -160],
          [60, -640],
        ],
        [26, 22],
        'woodL',
        3,
      );
      put(
        P,
        paths.round(
          [
            [-70, -200],
            [80, -200],
            [130, 0],
            [-130, 0],
          ],
          14,
        ),
        'mustard',
        3,
      );
      for (let i = -5; i < 6; i++)
        P.line(
          paths.poly(
            [
              [i * 12, -170],
              [i * 22, -8],
            ],
            false,
          ),
          p.d('mustard', 0.3),
          5,
          0.6,
        );
      block(P, -76, -220, 160, 40, 12, 'red', 3);
    });
    P.at(230, 0, () => {
      P.line(
        paths.smooth(
          [
            [-150, -280],
            [0, -440],
            [150, -280],
          ],
          false,
        ),
        p.c('steelD'),
        12,
      );
      P.piece(
        paths.round(
          [
            [-160, -290],
            [160, -290],
            [120, 0],
            [-120, 0],
          ],
          16,
        ),
        shade(P, p.c('blue'), -160, 160),
        { lift: 4 },
      );
      oval(P, 0, -290, 160, 34, 'blue', 1, -0.3);
      for (const [x, y, r] of [
        [-60, -300, 40],
        [10, -314, 50],
        [80, -296, 36],
      ] as const)
        P.piece(paths.circle(x, y, r), p.l('glass', 0.5), { lift: 2 });
      put(
        P,
        paths.smooth(
          [
            [60, -280],
            [170, -290],
            [180, -150],
            [120, -90],
            [90, -180],
          ],
          true,
          0.8,
        ),
        'corn',
        3,
        0.3,
      );
    });
  },
} satisfies Drawings;
