import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import * as paths from '../paths.ts';
import { bar, block, oval, put, shade, wheel } from './parts.ts';

/** What drives. The middle of each thing's foot is at 0,0; about 500 units high. */
export const VEHICLES = {
  car(P) {
    const p = P.pal;
    P.piece(
      paths.smooth(
        [
          [-230, -200],
          [-150, -330],
          [60, -340],
          [190, -220],
        ],
        true,
        0.6,
      ),
      p.c('glass'),
      { lift: 3 },
    );
    for (const [a, b] of [
      [
        [-236, -196],
        [-150, -334],
      ],
      [
        [-20, -196],
        [-20, -342],
      ],
      [
        [200, -200],
        [64, -346],
      ],
      [
        [-156, -336],
        [70, -346],
      ],
    ] as const)
      bar(P, [a, b], [24, 24], 'teal', 2);
    P.piece(
      paths.smooth(
        [
          [-420, -90],
          [-410, -190],
          [-250, -220],
          [200, -220],
          [350, -190],
          [420, -140],
          [420, -70],
          [0, -60],
          [-400, -60],
        ],
        true,
        0.6,
      ),
      shade(P, p.c('teal'), -420, 420),
      { lift: 4 },
    );
    block(P, -60, -180, 70, 16, 8, 'steel', 1);
    put(
      P,
      paths.smooth(
        [
          [380, -170],
          [424, -140],
          [420, -112],
          [376, -130],
        ],
        true,
        0.8,
      ),
      'corn',
      2,
    );
    block(P, -424, -160, 40, 44, 10, 'red', 2);
    block(P, -430, -84, 860, 34, 14, 'dark', 2);
    wheel(P, -250, -62, 84);
    wheel(P, 250, -62, 84);
  },
  lorry(P) {
    const p = P.pal;
    P.piece(paths.rrect(-520, -470, 640, 380, 14), shade(P, p.c('cream'), -520, 120), { lift: 4 });
    put(P, paths.rect(-520, -280, 640, 60), 'red', 1);
    P.at(-200, -250, () => {
      oval(P, 0, 0, 90, 90, 'red', 2);
      put(P, nature.star(0, 0, 50), 'cream', 1);
    });
    P.piece(
      paths.round(
        [
          [140, -90],
          [140, -400],
          [320, -400],
          [420, -250],
          [440, -90],
        ],
        22,
      ),
      shade(P, p.c('blue'), 140, 440),
      { lift: 4 },
    );
    put(
      P,
      paths.round(
        [
          [200, -360],
          [306, -360],
          [384, -240],
          [200, -240],
        ],
        12,
      ),
      'glass',
      1.5,
      0.3,
    );
    block(P, 170, -200, 50, 14, 6, 'steel', 1);
    oval(P, 428, -140, 16, 26, 'corn', 2);
    block(P, -530, -100, 990, 40, 10, 'dark', 2);
    for (const x of [-400, -220, 310]) wheel(P, x, -56, 80);
  },
  bus(P) {
    const p = P.pal;
    P.piece(paths.rrect(-520, -460, 1040, 390, 50), shade(P, p.c('mustard'), -520, 520), { lift: 4 });
    for (let i = 0; i < 5; i++) block(P, -480 + i * 160, -410, 134, 140, 14, 'glass', 1.5, 0.2);
    block(P, 330, -410, 150, 320, 14, 'glass', 1.5, 0.1);
    P.ink(paths.rect(402, -410, 8, 320), p.c('dark'), 0.7);
    block(P, -520, -240, 830, 24, 4, 'brick', 1);
    for (const [i, c] of ['woodD', 'dark', 'brick'].entries()) {
      oval(P, -410 + i * 320, -310, 34, 38, i === 1 ? 'doughD' : 'wood', 1);
      put(
        P,
        paths.smooth(
          [
            [-450 + i * 320, -312],
            [-410 + i * 320, -356],
            [-372 + i * 320, -312],
          ],
          true,
          0.8,
        ),
        c,
        1,
      );
    }
    oval(P, 510, -130, 14, 24, 'corn', 1);
    block(P, -530, -100, 1060, 40, 12, 'dark', 2);
    for (const x of [-330, 260]) wheel(P, x, -60, 84);
  },
  ambulance(P) {
    const p = P.pal;
    P.piece(
      paths.round(
        [
          [-470, -90, 14],
          [-470, -470, 30],
          [200, -470, 40],
          [330, -300, 40],
          [460, -260, 40],
          [470, -90, 14],
        ],
        20,
      ),
      shade(P, p.c('white'), -470, 470),
      { lift: 4 },
    );
    put(
      P,
      paths.round(
        [
          [190, -430],
          [236, -430],
          [330, -300],
          [190, -300],
        ],
        10,
      ),
      'glass',
      1.5,
      0.1,
    );
    put(P, paths.rect(-470, -220, 934, 60), 'red', 1);
    block(P, -120, -520, 170, 50, 18, 'blue', 3);
    for (const a of [-2.4, -1.57, -0.75])
      P.line(
        paths.poly(
          [
            [-36 + Math.cos(a) * 70, -520 + Math.sin(a) * 60],
            [-36 + Math.cos(a) * 130, -520 + Math.sin(a) * 110],
          ],
          false,
        ),
        p.l('blue', 0.3),
        12,
      );
    P.at(-220, -330, () => {
      for (const r of [0, 1.047, 2.094])
        P.at(0, 0, () => block(P, -20, -80, 40, 160, 6, 'blue', 1.5), { rot: r });
    });
    block(P, -480, -104, 960, 40, 12, 'dark', 2);
    for (const x of [-290, 290]) wheel(P, x, -60, 82);
  },
  excavator(P) {
    const p = P.pal;
    put(
      P,
      paths.smooth(
        [
          [360, 0],
          [430, -110],
          [560, -150],
          [700, -60],
          [760, 0],
        ],
        true,
        0.8,
      ),
      'soil',
      3,
    );
    P.group(
      () => {
        bar(
          P,
          [
            [40, -240],
            [180, -520],
            [300, -480],
          ],
          [80, 60, 60],
          'mustard',
          3,
        );
        bar(
          P,
          [
            [290, -500],
            [440, -250],
          ],
          [60, 44],
          'mustard',
          3,
          -0.1,
        );
        put(
          P,
          paths.smooth(
            [
              [400, -270],
              [480, -290],
              [520, -200],
              [470, -110],
              [390, -160],
            ],
            true,
            0.7,
          ),
          'dark',
          3,
        );
        for (const k of [0, 1, 2])
          put(
            P,
            paths.poly([
              [400 + k * 28, -130 + k * 8],
              [420 + k * 28, -130 + k * 8],
              [404 + k * 28, -92 + k * 8],
            ]),
            'steel',
            1,
          );
      },
      { lift: 4 },
    );
    block(P, -300, -110, 520, 110, 55, 'dark', 4);
    for (let i = 0; i < 5; i++) oval(P, -240 + i * 100, -54, 32, 32, 'steelD', 1.5);
    P.piece(
      paths.round(
        [
          [-330, -120, 10],
          [-330, -290, 40],
          [-90, -300, 10],
          [220, -260, 30],
          [230, -120, 10],
        ],
        20,
      ),
      shade(P, p.c('mustard'), -330, 230),
      { lift: 4 },
    );
    block(P, -120, -490, 220, 250, 20, 'mustard', 3);
    block(P, -92, -462, 164, 150, 12, 'glass', 1.5, 0.2);
  },
  container(P) {
    const p = P.pal;
    for (const [x, y, c] of [
      [-540, -200, 'blue'],
      [10, -200, 'red'],
      [-400, -404, 'mustard'],
      [150, -404, 'teal'],
      [-250, -608, 'brick'],
    ] as const) {
      P.piece(paths.rrect(x, y, 520, 196, 6), shade(P, p.c(c), x, x + 520), { lift: 4 });
      for (let i = 0; i < 12; i++) P.ink(paths.rect(x + 30 + i * 40, y + 18, 14, 160), p.d(c, 0.2), 0.7);
      block(P, x + 30, y + 24, 90, 34, 4, 'white', 1);
    }
  },
  wheelchair(P) {
    const p = P.pal;
    P.line(paths.circle(-60, -190, 186), p.c('dark'), 24);
    P.line(paths.circle(-60, -190, 150), p.c('steel'), 10);
    for (let i = 0; i < 12; i++)
      P.line(
        paths.poly(
          [
            [-60, -190],
            [-60 + Math.cos(i * 0.5236) * 174, -190 + Math.sin(i * 0.5236) * 174],
          ],
          false,
        ),
        p.c('steel'),
        4,
      );
    oval(P, -60, -190, 24, 24, 'steelD', 2);
    bar(
      P,
      [
        [-170, -560],
        [-140, -260],
      ],
      [30, 30],
      'steelD',
      3,
    );
    bar(
      P,
      [
        [-240, -550],
        [-170, -560],
      ],
      [34, 30],
      'dark',
      2,
    );
    block(P, -150, -300, 330, 60, 22, 'navy', 4);
    block(P, -176, -520, 56, 240, 22, 'navy', 4);
    bar(
      P,
      [
        [-140, -380],
        [130, -390],
      ],
      [34, 34],
      'dark',
      3,
    );
    bar(
      P,
      [
        [110, -380],
        [120, -280],
      ],
      [20, 20],
      'steelD',
      2,
    );
    bar(
      P,
      [
        [170, -270],
        [250, -90],
      ],
      [26, 26],
      'steelD',
      3,
    );
    block(P, 230, -100, 140, 30, 12, 'dark', 3);
    oval(P, 190, -56, 56, 56, 'dark', 3);
    oval(P, 190, -56, 26, 26, 'steel', 1);
  },
} satisfies Drawings;
