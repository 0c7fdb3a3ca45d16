import type { Drawings } from '../../catalogue/slots.ts';
import { nth } from '../named.ts';
import * as nature from '../nature.ts';
import * as paths from '../paths.ts';
import { shade } from './parts.ts';

/** Things of house and kitchen. The middle of each thing's foot is at 0,0; about 500 units high. */
export const HOUSEHOLD = {
  suitcase(P) {
    const p = P.pal;
    const c = p.c('teal');
    P.piece(
      paths.diff(paths.rrect(-76, -432, 152, 120, 26), paths.rrect(-52, -408, 104, 100, 16)),
      p.c('woodD'),
      {
        lift: 2,
      },
    );
    P.piece(paths.rrect(-290, -360, 580, 350, 44), shade(P, c, -290, 290), { lift: 4 });
    for (const x of [-170, 130]) P.piece(paths.rect(x, -360, 40, 350), p.c('woodL'), { lift: 1.6 });
    for (const [x, y] of [
      [-290, -360],
      [226, -360],
      [-290, -74],
      [226, -74],
    ] as const)
      P.piece(paths.rrect(x, y, 64, 64, 22), p.d('woodL', 0.15), { lift: 1.4 });
    P.at(
      -20,
      -190,
      () => {
        P.piece(paths.ellipse(0, 0, 92, 58), p.c('cream'), { lift: 1.2 });
        P.line(paths.ellipse(0, 0, 74, 42), p.accent, 5);
        P.piece(nature.star(0, 0, 26), p.accent, { lift: 0.6 });
      },
      { rot: -0.12 },
    );
    P.at(230, -220, () => P.piece(paths.rrect(-40, -28, 80, 56, 6), p.c('mustard'), { lift: 1.2 }), {
      rot: 0.2,
    });
    for (const x of [-220, 220]) P.piece(paths.rrect(x - 26, -14, 52, 26, 10), p.c('dark'), { lift: 1 });
  },

  stew(P) {
    const p = P.pal;
    nature.steam(P, -60, -330, 260, 1.2, p.paper, 0.5);
    nature.steam(P, 90, -330, 300, 1.2, p.paper, 0.5);
    P.piece(paths.rrect(-360, -26, 720, 26, 8), p.c('dark'), { lift: 2 });
    for (let i = -3; i <= 3; i++)
      P.piece(
        paths.smooth([
          [i * 60 - 16, -24],
          [i * 60, -70],
          [i * 60 + 16, -24],
        ]),
        p.c('blue'),
        { lift: 0.8 },
      );
    for (const s of [-1, 1])
      P.piece(paths.rrect(s * 292 - 60, -250, 120, 40, 18), p.d('red', 0.25), { lift: 2 });
    P.piece(
      paths.round(
        [
          [-260, -300, 14],
          [260, -300, 14],
          [250, -80, 60],
          [200, -50, 40],
          [-200, -50, 40],
          [-250, -80, 60],
        ],
        20,
      ),
      shade(P, p.c('red'), -260, 260),
      { lift: 4 },
    );
    P.piece(paths.ellipse(0, -300, 262, 46), p.d('red', 0.4), { lift: 1 });
    P.piece(paths.ellipse(0, -296, 230, 34), p.c('carrot'), { lift: 0.6 });
    for (const [x, c] of [
      [-120, 'leaf'],
      [-40, 'tomato'],
      [60, 'corn'],
      [140, 'leaf'],
    ] as const)
      P.piece(paths.ellipse(x, -300, 34, 14), p.c(c), { lift: 1 });
    P.piece(
      paths.tube(
        [
          [90, -310],
          [250, -560],
        ],
        [22, 28],
      ),
      p.c('woodL'),
      { lift: 2 },
    );
  },

  parcel(P) {
    const p = P.pal;
    P.piece(paths.rrect(-270, -380, 540, 380, 10), shade(P, p.c('woodL'), -270, 270), { lift: 4 });
    P.piece(
      paths.poly([
        [-270, -380],
        [-210, -470],
        [210, -470],
        [270, -380],
      ]),
      p.l('woodL', 0.25),
      { lift: 2 },
    );
    P.piece(paths.rect(-46, -470, 92, 240), p.l('dough', 0.2), { lift: 1 });
    P.at(150, -110, () => {
      P.piece(paths.rrect(-86, -62, 172, 124, 6), p.paper, { lift: 1.2 });
      for (let i = 0; i < 12; i++) P.ink(paths.rect(-66 + i * 11, 6, i % 3 ? 4 : 8, 38), p.ink);
      P.ink(paths.rrect(-66, -42, 110, 12, 5), p.ink, 0.7);
      P.ink(paths.rrect(-66, -20, 76, 12, 5), p.ink, 0.5);
    });
    P.at(-170, -90, () => {
      for (const x of [-34, 34]) {
        P.piece(
          paths.poly([
            [x - 22, -20],
            [x, -56],
            [x + 22, -20],
          ]),
          p.d('woodL', 0.45),
          { lift: 0 },
        );
        P.ink(paths.rect(x - 7, -24, 14, 60), p.d('woodL', 0.45));
      }
    });
  },

  basket(P) {
    const p = P.pal;
    P.piece(
      paths.diff(
        paths.ellipse(0, -260, 250, 300),
        paths.ellipse(0, -260, 218, 268),
        paths.rect(-300, -250, 600, 400),
      ),
      p.c('woodD'),
      { lift: 2 },
    );
    P.piece(
      paths.tube(
        [
          [-130, -240],
          [-190, -470],
        ],
        [60, 54],
      ),
      p.c('doughD'),
      { lift: 2 },
    );
    for (let i = 0; i < 3; i++)
      P.line(
        paths.poly(
          [
            [-196 + i * 20, -430 + i * 64],
            [-150 + i * 20, -444 + i * 64],
          ],
          false,
        ),
        p.c('dough'),
        8,
      );
    P.piece(paths.rrect(10, -480, 96, 260, 20), p.c('green'), { lift: 2 });
    P.piece(paths.rrect(34, -540, 48, 70, 10), p.d('green', 0.2), { lift: 1.4 });
    P.piece(paths.rrect(18, -400, 80, 100, 6), p.paper, { lift: 1 });
    for (const [x, y, r, c] of [
      [-40, -290, 60, 'red'],
      [150, -290, 64, 'carrot'],
      [210, -260, 44, 'leafL'],
    ] as const)
      P.piece(paths.circle(x, y, r), P.rad(x - r * 0.3, y - r * 0.3, 0, r * 1.5, p.l(c, 0.3), p.c(c)), {
        lift: 2,
      });
    P.piece(
      paths.round(
        [
          [-290, -250, 10],
          [290, -250, 10],
          [230, 0, 24],
          [-230, 0, 24],
        ],
        14,
      ),
      shade(P, p.c('wood'), -290, 290),
      { lift: 4 },
    );
    for (let r = 0; r < 4; r++)
      for (let i = 0; i < 9; i++) {
        const half = 270 - r * 15;
        const w = (half * 2) / 9;
        P.piece(
          paths.rrect(-half + i * w + 4, -226 + r * 54, w - 8, 34, 8),
          p.l('wood', (i + r) % 2 ? 0.22 : 0.08),
          { lift: 0.8 },
        );
      }
    P.piece(paths.rrect(-306, -272, 612, 34, 14), p.c('woodD'), { lift: 2 });
  },

  plate(P, o) {
    const p = P.pal;
    const parts: readonly (readonly [x: number, y: number, rot: number])[] = o.whole
      ? [[0, 0, 0]]
      : [
          [-60, -30, -0.06],
          [80, -50, 0.1],
          [30, 110, 0.05],
        ];
    const cuts = [
      paths.poly([
        [-400, -400],
        [20, -400],
        [-30, -90],
        [40, 20],
        [-60, 90],
        [-400, 140],
      ]),
      paths.poly([
        [20, -400],
        [400, -400],
        [400, 130],
        [120, 70],
        [40, 20],
        [-30, -90],
      ]),
      paths.poly([
        [-400, 140],
        [-60, 90],
        [40, 20],
        [120, 70],
        [400, 130],
        [400, 400],
        [-400, 400],
      ]),
    ];
    for (const [i, [x, y, rot]] of parts.entries())
      P.at(
        x,
        y,
        () => {
          const ring = (r: number) =>
            o.whole ? paths.circle(0, 0, r) : paths.inter(paths.circle(0, 0, r), nth(cuts, i));
          P.piece(ring(300), p.c('white'), { lift: 4 });
          P.ink(paths.diff(ring(272), paths.circle(0, 0, 252)), p.c('blue'), 0.8);
          P.piece(ring(206), p.l('white', 0.3), { lift: 0.8 });
        },
        { rot },
      );
    if (!o.whole)
      for (const [x, y, r] of [
        [230, 230, 16],
        [-280, 190, 22],
        [300, -230, 12],
        [-30, 330, 14],
      ] as const)
        P.piece(
          paths.round(
            [
              [x - r, y],
              [x, y - r],
              [x + r, y + r * 0.4],
            ],
            3,
          ),
          p.c('white'),
          { lift: 2 },
        );
  },

  umbrella(P) {
    const p = P.pal;
    P.piece(
      paths.tube(
        [
          [0, -420],
          [0, -60],
          [18, -6],
          [66, -8],
          [74, -50],
        ],
        [16, 16, 18, 18, 14],
      ),
      p.c('woodD'),
      { lift: 2 },
    );
    const dome = paths.smooth(
      [
        [-380, -380],
        [-300, -560],
        [0, -680],
        [300, -560],
        [380, -380],
        [250, -350],
        [126, -392],
        [0, -352],
        [-126, -392],
        [-250, -350],
      ],
      true,
      0.75,
    );
    P.piece(dome, P.lin(-380, 0, 380, 0, p.l('red', 0.25), p.c('red'), p.d('red', 0.25)), { lift: 4 });
    P.clip(dome, () => {
      for (const x of [-250, 0, 250])
        P.line(
          paths.smooth(
            [
              [0, -690],
              [x * 0.75, -560],
              [x, -360],
            ],
            false,
          ),
          p.d('red', 0.35),
          5,
        );
    });
    P.piece(paths.circle(0, -690, 16), p.c('woodD'), { lift: 1.4 });
    P.at(-130, 0, () => {
      P.piece(paths.rect(-80, -130, 160, 130), p.c('cream'), { lift: 2 });
      P.piece(
        paths.poly([
          [-104, -126],
          [0, -226],
          [104, -126],
        ]),
        p.c('teal'),
        { lift: 2 },
      );
      P.piece(paths.rrect(-22, -74, 44, 74, 6), p.c('woodD'), { lift: 1 });
      P.piece(paths.rect(34, -100, 30, 34), p.accent2, { lift: 0.6 });
    });
  },

  chair(P) {
    const p = P.pal;
    const wood = p.c('woodD');
    for (const x of [-150, 130])
      P.piece(paths.rrect(x, -640, 34, 640, 10), shade(P, wood, x, x + 34), { lift: 3 });
    for (let i = 0; i < 3; i++)
      P.piece(paths.rrect(-150, -600 + i * 92, 314, 44, 14), p.l('woodD', 0.18), { lift: 2 });
    P.piece(paths.rrect(-190, -310, 394, 50, 18), p.l('woodD', 0.28), { lift: 3 });
    for (const x of [-190, 170])
      P.piece(paths.rrect(x, -270, 34, 290, 10), shade(P, wood, x, x + 34), { lift: 3 });
    P.piece(paths.rrect(-172, -130, 360, 24, 10), wood, { lift: 2 });
    P.piece(
      paths.smooth(
        [
          [-120, -560],
          [90, -540],
          [116, -330],
          [60, -296],
          [-60, -310],
          [-100, -350],
        ],
        true,
        0.7,
      ),
      p.c('rose'),
      { lift: 2.4 },
    );
  },
} satisfies Drawings;
