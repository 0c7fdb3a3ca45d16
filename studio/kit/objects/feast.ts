import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import { nth } from '../named.ts';
import * as nature from '../nature.ts';
import type { Point } from '../paint.ts';
import * as paths from '../paths.ts';
import { block, oval, put, shade } from './parts.ts';

/** Things of feasts. The middle of each thing's foot is at 0,0; about 500 units high. */
export const FEAST = {
  trophy(P) {
    const p = P.pal;
    const gold = p.c('mustard');
    for (const s of [-1, 1])
      P.piece(
        paths.tube(
          [
            [s * 120, -450],
            [s * 236, -440],
            [s * 214, -310],
            [s * 96, -262],
          ],
          [26, 30, 26, 20],
        ),
        mix(gold, p.shadow, 0.12),
        { lift: 2 },
      );
    P.piece(
      paths.round(
        [
          [-150, -500, 10],
          [150, -500, 10],
          [128, -300, 60],
          [40, -214, 30],
          [-40, -214, 30],
          [-128, -300, 60],
        ],
        20,
      ),
      shade(P, gold),
      { lift: 4 },
    );
    P.piece(paths.ellipse(0, -500, 150, 24), p.l('mustard', 0.45), { lift: 1 });
    P.piece(
      paths.round(
        [
          [-26, -224],
          [26, -224],
          [40, -110],
          [-40, -110],
        ],
        10,
      ),
      gold,
      { lift: 2 },
    );
    P.piece(paths.rrect(-104, -120, 208, 34, 12), mix(gold, p.shadow, 0.16), { lift: 2 });
    P.piece(paths.rrect(-132, -90, 264, 90, 12), p.c('woodD'), { lift: 3 });
    P.piece(paths.rrect(-70, -64, 140, 38, 8), p.l('brass', 0.35), { lift: 1 });
    P.piece(nature.star(0, -390, 62), p.paper, { lift: 1.4 });
    P.ink(paths.rrect(-118, -462, 18, 130, 9), '#ffffff', 0.4);
  },

  cake(P) {
    const p = P.pal;
    P.piece(paths.ellipse(0, -14, 330, 34), p.c('cream'), { lift: 4 });
    const tier = (w: number, y: number, h: number, c: string) => {
      P.piece(paths.rrect(-w, y - h, w * 2, h, 26), shade(P, c, -w, w), { lift: 3 });
      P.piece(paths.scallop(-w, w, y - h, 26, Math.round(w / 32), 34), p.paper, { lift: 1.6 });
    };
    tier(270, -24, 170, p.c('rose'));
    tier(190, -190, 150, p.l('rose', 0.3));
    for (let i = -4; i <= 4; i++)
      P.piece(paths.circle(i * 56, -58, 15), i % 2 ? p.c('red') : p.c('mustard'), { lift: 1.2 });
    for (let i = -2; i <= 2; i++) {
      const x = i * 68;
      P.piece(
        paths.rrect(x - 10, -440, 20, 106, 6),
        nth([p.c('teal'), p.c('mustard'), p.c('blue')], (i + 2) % 3),
        {
          lift: 1.4,
        },
      );
      P.piece(
        paths.smooth([
          [x, -512],
          [x + 17, -466],
          [x, -444],
          [x - 17, -466],
        ]),
        P.lin(0, -512, 0, -444, '#fff2b0', p.c('carrot')),
        { lift: 0.8 },
      );
    }
  },

  gift(P) {
    const p = P.pal;
    const box = (x: number, y: number, w: number, h: number, c: string, r: string) => {
      P.piece(paths.rrect(x - w / 2, y - h, w, h, 8), shade(P, c, x - w / 2, x + w / 2), { lift: 3 });
      P.piece(paths.rect(x - w * 0.09, y - h, w * 0.18, h), r, { lift: 1 });
      P.piece(paths.rrect(x - w * 0.55, y - h - 44, w * 1.1, 64, 8), mix(c, p.paper, 0.12), { lift: 2 });
      P.piece(paths.rect(x - w * 0.09, y - h - 44, w * 0.18, 64), mix(r, p.paper, 0.15), { lift: 0.8 });
      for (const s of [-1, 1])
        P.piece(
          paths.smooth([
            [x, y - h - 44],
            [x + s * w * 0.14, y - h - 128],
            [x + s * w * 0.36, y - h - 118],
            [x + s * w * 0.3, y - h - 52],
          ]),
          mix(r, p.shadow, s > 0 ? 0.1 : 0),
          { lift: 2 },
        );
      P.piece(paths.circle(x, y - h - 54, w * 0.075), mix(r, p.paper, 0.2), { lift: 1.2 });
    };
    box(150, 0, 250, 200, p.c('mustard'), p.c('teal'));
    box(-110, 0, 330, 300, p.c('red'), p.c('cream'));
  },

  balloons(P) {
    const p = P.pal;
    const list = [
      [-190, -560, 118, 'red'],
      [30, -660, 130, 'mustard'],
      [210, -520, 112, 'teal'],
      [-60, -420, 104, 'rose'],
      [140, -330, 84, 'blue'],
    ] as const;
    for (const [x, y, r] of list)
      P.line(
        paths.smooth(
          [
            [x, y + r * 1.16],
            [x * 0.5 + 14, y * 0.4],
            [0, -20],
          ],
          false,
        ),
        mix(p.ink, p.paper, 0.35),
        3.4,
      );
    for (const [x, y, r, c] of list) {
      P.piece(
        paths.poly([
          [x - 13, y + r * 1.22],
          [x + 13, y + r * 1.22],
          [x, y + r * 1.08],
        ]),
        p.d(c, 0.2),
        { lift: 1 },
      );
      P.piece(
        paths.smooth(
          [
            [x, y - r * 1.12],
            [x + r * 0.98, y - r * 0.1],
            [x, y + r * 1.14],
            [x - r * 0.98, y - r * 0.1],
          ],
          true,
          1.1,
        ),
        P.rad(x - r * 0.3, y - r * 0.4, 0, r * 1.9, p.l(c, 0.35), p.c(c), p.d(c, 0.25)),
        { lift: 3 },
      );
      P.ink(paths.ellipse(x - r * 0.36, y - r * 0.46, r * 0.12, r * 0.26, 0.5), '#ffffff', 0.5);
    }
    P.piece(paths.rrect(-54, -34, 108, 34, 8), p.c('woodD'), { lift: 2 });
  },

  candle(P) {
    const p = P.pal;
    P.piece(
      paths.smooth(
        [
          [-190, -30],
          [190, -30],
          [150, 0],
          [-150, 0],
        ],
        true,
        0.6,
      ),
      shade(P, p.c('brass'), -190, 190),
      { lift: 3 },
    );
    P.piece(paths.ring(204, -36, 40, 18), p.c('brass'), { lift: 1.6 });
    P.piece(paths.rrect(-74, -420, 148, 400, 20), shade(P, p.c('white'), -74, 74), { lift: 3 });
    P.piece(
      paths.smooth(
        [
          [-74, -420],
          [74, -420],
          [70, -330],
          [44, -280],
          [30, -360],
          [-10, -350],
          [-34, -250],
          [-60, -300],
        ],
        true,
        0.8,
      ),
      p.l('white', 0.4),
      { lift: 1.2 },
    );
    P.line(
      paths.smooth(
        [
          [0, -420],
          [4, -446],
          [-2, -468],
        ],
        false,
      ),
      p.ink,
      7,
    );
    P.piece(
      paths.smooth(
        [
          [0, -640],
          [46, -520],
          [30, -456],
          [0, -444],
          [-30, -456],
          [-46, -520],
        ],
        true,
        0.9,
      ),
      P.lin(0, -640, 0, -444, '#fff6c8', p.c('mustard'), p.c('carrot')),
      { lift: 1 },
    );
    P.ink(paths.ellipse(0, -486, 14, 34), '#fffbe8', 0.9);
  },

  flowers(P, o) {
    const p = P.pal;
    const dead = o.wilted;
    const heads: readonly (readonly [number, number, number])[] = dead
      ? [
          [-170, -330, -2.6],
          [30, -420, 0.6],
          [190, -270, 0.9],
        ]
      : [
          [-190, -560, -0.3],
          [-60, -650, 0],
          [90, -610, 0.2],
          [210, -510, 0.4],
          [10, -500, 0],
        ];
    for (const [i, [x, y]] of heads.entries()) {
      const stem: Point[] = dead
        ? [
            [0, -200],
            [x * 0.4, -470],
            [x * 0.9, y - 120],
            [x, y],
          ]
        : [
            [0, -200],
            [x * 0.5, -380],
            [x, y],
          ];
      P.piece(paths.tube(stem, [12, 9, 8]), dead ? p.d('olive', 0.2) : p.c('leafD'), { lift: 1.4 });
      nature.leafP(P, x * 0.4, -380, 110, x < 0 ? Math.PI + 0.5 : -0.5, dead ? p.c('olive') : p.c('leaf'), {
        lift: 1.4,
      });
      const c = dead
        ? p.d(nth(['brick', 'rose', 'brick'], i), 0.25)
        : p.c(nth(['red', 'mustard', 'rose', 'carrot', 'white'], i));
      const petals = dead ? 5 : 9;
      for (let k = 0; k < petals; k++) {
        const a = dead ? 0.7 + (k / petals) * 1.8 : (k / petals) * 6.283;
        P.piece(
          paths.ellipse(x + Math.cos(a) * 44, y + Math.sin(a) * 44, 46, 22, a),
          mix(c, p.paper, (k % 3) * 0.08),
          { lift: 1.2 },
        );
      }
      P.piece(paths.circle(x, y, 26), dead ? p.c('woodD') : p.c('woodD'), { lift: 1 });
    }
    if (dead)
      for (const [x, y, a] of [
        [-230, -12, 0.3],
        [150, -8, -0.2],
        [260, -14, 0.8],
      ] as const)
        P.piece(paths.ellipse(x, y, 40, 16, a), p.d('brick', 0.2), { lift: 1 });
    P.piece(
      paths.round(
        [
          [-90, -240, 10],
          [90, -240, 10],
          [130, -110, 60],
          [90, 0, 24],
          [-90, 0, 24],
          [-130, -110, 60],
        ],
        20,
      ),
      shade(P, dead ? p.c('grey') : p.c('blue'), -130, 130),
      { lift: 4 },
    );
    if (!dead) P.piece(paths.rect(-112, -150, 224, 26), p.l('blue', 0.45), { lift: 0.6 });
  },
  /** From above. */
  pasta(P) {
    const p = P.pal;
    oval(P, 0, 0, 420, 420, 'white', 4);
    oval(P, 0, 0, 330, 330, 'white', 1, -0.06);
    put(P, nature.wobble(P, 0, 0, 270, 0.05), 'doughD', 3);
    P.clip(paths.circle(0, 0, 285), () => {
      for (let i = 0; i < 34; i++) {
        const [a, r] = [i * 2.4, 40 + ((i * 67) % 190)];
        const [x, y] = [Math.cos(a) * r * 0.6, Math.sin(a) * r * 0.6];
        const turn = (t: number, k: number): [number, number] => [
          x + Math.cos(a + t) * r * k,
          y + Math.sin(a + t) * r * k,
        ];
        P.piece(
          paths.tube([turn(0, 0.9), turn(1.1, 0.6), turn(2.3, 0.7), turn(3.4, 0.95)], [17, 17, 17, 17]),
          i % 3 ? p.l('corn', 0.32) : p.c('dough'),
          { lift: 1.5 },
        );
      }
    });
    for (const [x, y, r] of [
      [-70, -60, 46],
      [80, 30, 52],
      [-30, 100, 40],
      [110, -100, 36],
    ] as const)
      put(P, nature.wobble(P, x, y, r, 0.08), 'tomato', 3);
    for (const [x, y, a] of [
      [10, -30, -0.6],
      [10, -30, -2.4],
      [10, -30, 1.2],
    ] as const)
      nature.leafP(P, x, y, 110, a, p.c('leaf'), { fat: 0.5, lift: 3 });
    for (let i = 0; i < 22; i++) {
      const [a, r] = [i * 2.1, ((i * 53) % 230) + 20];
      P.piece(paths.rrect(Math.cos(a) * r, Math.sin(a) * r, 20, 8, 4), p.c('white'), { lift: 1 });
    }
  },
  riceBowl(P) {
    const p = P.pal;
    for (const [x, r] of [
      [150, 0.5],
      [215, 0.56],
    ] as const)
      P.at(x, -470, () => block(P, -9, -330, 18, 520, 8, 'woodD', 3), { rot: r });
    put(
      P,
      paths.smooth(
        [
          [-290, -330],
          [-200, -470],
          [0, -520],
          [200, -470],
          [290, -330],
        ],
        true,
        0.8,
      ),
      'white',
      3,
    );
    for (let i = 0; i < 46; i++)
      P.at(
        -230 + ((i * 97) % 460),
        -350 - ((i * 41) % 130) * (1 - Math.abs(((i * 97) % 460) - 230) / 300),
        () => P.piece(paths.ellipse(0, 0, 19, 8), p.c(i % 2 ? 'flour' : 'cream'), { lift: 1 }),
        { rot: i * 1.3 },
      );
    for (const [x, y, a] of [
      [-70, -470, -0.9],
      [30, -500, -2.0],
    ] as const)
      nature.leafP(P, x, y, 90, a, p.c('leaf'), { lift: 2 });
    for (const [x, y] of [
      [90, -450],
      [-140, -410],
      [10, -430],
    ] as const)
      oval(P, x, y, 40, 26, 'carrot', 3);
    P.piece(
      paths.smooth(
        [
          [-330, -350],
          [330, -350],
          [230, -80],
          [120, -20],
          [-120, -20],
          [-230, -80],
        ],
        true,
        0.55,
      ),
      shade(P, p.c('navy'), -330, 330),
      { lift: 5 },
    );
    block(P, -120, -40, 240, 44, 10, 'navy', 3, -0.2);
    for (let i = 0; i < 7; i++)
      P.line(paths.circle(-210 + i * 70, -230 + Math.abs(i - 3) * 8, 22), p.c('cream'), 7, 0.8);
  },
} satisfies Drawings;
