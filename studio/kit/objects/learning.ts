import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import { nth } from '../named.ts';
import * as nature from '../nature.ts';
import type { Point } from '../paint.ts';
import * as paths from '../paths.ts';
import { shade } from './parts.ts';

/** Things of learning and talking. The middle of each thing's foot is at 0,0; about 500 units high. */
export const LEARNING = {
  globe(P) {
    const p = P.pal;
    P.piece(paths.rrect(-150, -36, 300, 36, 16), shade(P, p.c('woodD')), { lift: 3 });
    P.piece(
      paths.tube(
        [
          [0, -30],
          [0, -90],
        ],
        [44, 30],
      ),
      p.c('woodD'),
      { lift: 2 },
    );
    P.piece(
      paths.diff(
        paths.circle(0, -300, 236),
        paths.circle(0, -300, 212),
        paths.poly([
          [-300, -640],
          [-40, -640],
          [-40, -300],
          [0, -300],
          [-150, 0],
          [-300, 0],
        ]),
      ),
      p.c('brass'),
      { lift: 2 },
    );
    P.piece(
      paths.circle(0, -300, 200),
      P.rad(-70, -380, 0, 360, p.l('blue', 0.45), p.c('blue'), p.d('blue', 0.3)),
      { lift: 4 },
    );
    P.clip(paths.circle(0, -300, 200), () => {
      const land = p.c('leaf');
      const lands: Point[][] = [
        [
          [-150, -420],
          [-60, -450],
          [-20, -390],
          [-70, -330],
          [-110, -300],
          [-170, -350],
        ],
        [
          [-90, -270],
          [-30, -250],
          [-50, -170],
          [-90, -110],
          [-120, -200],
        ],
        [
          [40, -440],
          [150, -420],
          [190, -340],
          [120, -310],
          [60, -350],
        ],
        [
          [60, -270],
          [130, -260],
          [120, -160],
          [70, -130],
          [40, -210],
        ],
      ];
      for (const pts of lands) P.piece(paths.smooth(pts), land, { lift: 1.6 });
    });
    for (const y of [-520, -78])
      P.piece(paths.circle(y < -300 ? 60 : -60, y, 16), p.l('brass', 0.3), { lift: 1.4 });
  },

  flasks(P) {
    const p = P.pal;
    const glass = mix(p.c('glass'), p.paper, 0.4);
    const cone = paths.round(
      [
        [-48, -430],
        [48, -430],
        [48, -300],
        [178, -40, 40],
        [150, 0, 30],
        [-150, 0, 30],
        [-178, -40, 40],
        [-48, -300],
      ],
      12,
    );
    P.at(-60, 0, () => {
      P.piece(cone, glass, { lift: 4, a: 0.86 });
      P.clip(cone, () => {
        P.piece(paths.wave(-220, 220, -170, 9, 160, 260), p.c('green'), { lift: 1.4 });
        for (const [x, y, r] of [
          [-60, -110, 22],
          [30, -70, 30],
          [-10, -200, 14],
          [60, -150, 12],
        ] as const)
          P.ink(paths.circle(x, y, r), p.paper, 0.45);
      });
      P.piece(paths.rrect(-64, -456, 128, 34, 14), mix(glass, p.paper, 0.4), { lift: 1.6 });
    });
    for (const [i, [x, h, c]] of (
      [
        [190, 330, 'red'],
        [268, 330, 'mustard'],
        [346, 330, 'blue'],
      ] as const
    ).entries()) {
      const tube = paths.rrect(x - 28, -h - 20, 56, h, 28);
      P.piece(tube, glass, { lift: 2, a: 0.86 });
      P.clip(tube, () => P.piece(paths.rect(x - 40, -h * (0.5 + i * 0.1), 80, h), p.c(c), { lift: 1 }));
      P.piece(paths.rrect(x - 36, -h - 30, 72, 20, 8), mix(glass, p.paper, 0.4), { lift: 1 });
    }
    P.piece(paths.rrect(146, -250, 246, 26, 8), p.c('woodL'), { lift: 2 });
    P.piece(paths.rrect(146, -30, 246, 30, 8), p.c('woodL'), { lift: 2 });
    for (const x of [146, 372]) P.piece(paths.rect(x, -250, 20, 240), p.c('wood'), { lift: 1.4 });
    for (const [x, y, r] of [
      [-50, -520, 26],
      [-92, -590, 18],
      [-30, -640, 13],
    ] as const)
      P.piece(paths.circle(x, y, r), mix(p.c('green'), p.paper, 0.55), { lift: 1.4, a: 0.8 });
  },

  openBook(P) {
    const p = P.pal;
    P.piece(
      paths.round(
        [
          [-400, -60],
          [0, -30],
          [400, -60],
          [400, 0],
          [0, 26],
          [-400, 0],
        ],
        14,
      ),
      p.c('brick'),
      { lift: 4 },
    );
    for (const s of [-1, 1]) {
      for (let i = 3; i > 0; i--)
        P.piece(
          paths.smooth(
            [
              [s * 8, -40],
              [s * 190, -130 - i * 7],
              [s * (386 - i * 4), -92 - i * 6],
              [s * (386 - i * 4), -50],
              [s * 190, -70],
              [s * 8, -18],
            ],
            true,
            0.7,
          ),
          mix(p.paper, p.shadow, i * 0.05),
          { lift: 1 },
        );
      P.piece(
        paths.smooth(
          [
            [s * 4, -46],
            [s * 190, -180],
            [s * 376, -140],
            [s * 376, -66],
            [s * 190, -96],
            [s * 4, -22],
          ],
          true,
          0.7,
        ),
        P.lin(0, 0, s * 376, 0, mix(p.paper, p.shadow, 0.16), p.paper),
        { lift: 1.6 },
      );
    }
    const bits = [
      [-150, -330, 'mustard'],
      [-20, -430, 'red'],
      [120, -360, 'teal'],
      [40, -560, 'blue'],
      [-90, -610, 'rose'],
      [180, -520, 'mustard'],
    ] as const;
    for (const [i, [x, y, c]] of bits.entries())
      P.piece(i % 2 ? nature.star(x, y, 34) : paths.circle(x, y, 22), p.c(c), { lift: 2 });
    P.line(
      paths.smooth(
        [
          [0, -130],
          [-70, -240],
          [40, -350],
          [-30, -480],
          [60, -640],
        ],
        false,
      ),
      p.accent2,
      5,
      0.7,
    );
  },

  megaphone(P) {
    const p = P.pal;
    P.at(
      -40,
      -280,
      () => {
        P.piece(paths.rrect(-150, 40, 60, 150, 20), p.c('dark'), { lift: 2 });
        P.piece(paths.rrect(-250, -86, 130, 172, 30), p.c('dark'), { lift: 3 });
        P.piece(
          paths.round(
            [
              [-130, -90, 12],
              [210, -230, 20],
              [210, 230, 20],
              [-130, 90, 12],
            ],
            14,
          ),
          shade(P, p.c('red'), -130, 210),
          { lift: 4 },
        );
        P.piece(paths.ellipse(210, 0, 52, 236), p.l('red', 0.35), { lift: 2 });
        P.piece(paths.ellipse(212, 0, 30, 170), p.d('red', 0.4), { lift: 0.6 });
        P.piece(paths.rect(-60, -118, 44, 236), p.paper, { lift: 1 });
        for (const [a, l] of [
          [-0.45, 150],
          [0, 190],
          [0.45, 150],
        ] as const)
          P.at(300, 0, () => P.piece(paths.rrect(30, -17, l, 34, 17), p.c('mustard'), { lift: 2 }), {
            rot: a,
          });
      },
      { rot: -0.16 },
    );
  },

  bubbles(P) {
    const p = P.pal;
    const bubble = (x: number, y: number, w: number, h: number, c: string, tail: number, ink: string) => {
      P.piece(
        paths.union(
          paths.rrect(x - w / 2, y - h / 2, w, h, h * 0.36),
          paths.poly([
            [x + tail * w * 0.12, y + h * 0.4],
            [x + tail * w * 0.34, y + h * 0.4],
            [x + tail * w * 0.4, y + h * 0.86],
          ]),
        ),
        c,
        { lift: 5 },
      );
      for (let i = 0; i < 3; i++)
        P.ink(
          paths.rrect(
            x - w * 0.34,
            y - h * 0.24 + i * h * 0.2,
            w * nth([0.66, 0.5, 0.58], i),
            h * 0.09,
            h * 0.04,
          ),
          ink,
          0.75,
        );
    };
    bubble(-170, -430, 520, 300, p.paper, -1, p.ink);
    bubble(220, -180, 480, 250, p.c('mustard'), 1, p.ink);
    P.piece(paths.rrect(290, -560, 210, 130, 56), p.c('teal'), { lift: 4 });
    for (let i = 0; i < 3; i++) P.piece(paths.circle(340 + i * 54, -495, 16), p.paper, { lift: 1 });
  },

  gears(P) {
    const p = P.pal;
    const gear = (x: number, y: number, r: number, n: number, c: string, turn = 0) => {
      const teeth = Array.from({ length: n }, (_, i) => {
        const a = turn + (i / n) * 6.283;
        const w = (r * 2.4) / n;
        const t = (
          [
            [r * 0.94, -w],
            [r * 1.16, -w * 0.62],
            [r * 1.16, w * 0.62],
            [r * 0.94, w],
          ] as const
        ).map(([d, q]): [number, number] => [
          x + Math.cos(a) * d - Math.sin(a) * q,
          y + Math.sin(a) * d + Math.cos(a) * q,
        ]);
        return paths.poly(t);
      });
      P.piece(
        paths.diff(paths.union(paths.circle(x, y, r), ...teeth), paths.circle(x, y, r * 0.28)),
        P.rad(x - r * 0.3, y - r * 0.3, 0, r * 1.7, mix(c, p.paper, 0.3), c, mix(c, p.shadow, 0.2)),
        { lift: 4 },
      );
      P.line(paths.circle(x, y, r * 0.66), mix(c, p.shadow, 0.3), 7, 0.7);
    };
    gear(-190, -260, 210, 14, p.c('brass'));
    gear(168, -130, 140, 10, p.c('teal'), 0.2);
    gear(150, -450, 108, 9, p.c('brick'), 0.12);
  },
} satisfies Drawings;
