import { mix } from '../colour.ts';
import { nature } from '../nature.ts';
import type { Kit } from '../paint.ts';
import { paths } from '../paths.ts';
import { heart, shade } from './parts.ts';

/** Things that stand for an idea. The middle of each thing's foot is at 0,0; about 500 units high. */
export const IDEAS: Kit = {
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
      for (const pts of [
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
      ])
        P.piece(paths.smooth(pts), land, { lift: 1.6 });
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
        ])
          P.ink(paths.circle(x, y, r), p.paper, 0.45);
      });
      P.piece(paths.rrect(-64, -456, 128, 34, 14), mix(glass, p.paper, 0.4), { lift: 1.6 });
    });
    for (const [i, [x, h, c]] of (
      [
        [190, 330, 'red'],
        [268, 330, 'mustard'],
        [346, 330, 'blue'],
      ] as any[]
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
    ])
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
    ] as any[];
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
        ])
          P.at(300, 0, () => P.piece(paths.rrect(30, -17, l, 34, 17), p.c('mustard'), { lift: 2 }), {
            rot: a,
          });
      },
      { rot: -0.16 },
    );
  },

  bubbles(P) {
    const p = P.pal;
    const bubble = (x, y, w, h, c, tail, ink) => {
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
          paths.rrect(x - w * 0.34, y - h * 0.24 + i * h * 0.2, w * [0.66, 0.5, 0.58][i], h * 0.09, h * 0.04),
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
    const gear = (x, y, r, n, c, turn = 0) => {
      const teeth = Array.from({ length: n }, (_, i) => {
        const a = turn + (i / n) * 6.283;
        const w = (r * 2.4) / n;
        const t = [
          [r * 0.94, -w],
          [r * 1.16, -w * 0.62],
          [r * 1.16, w * 0.62],
          [r * 0.94, w],
        ].map(([d, q]) => [x + Math.cos(a) * d - Math.sin(a) * q, y + Math.sin(a) * d + Math.cos(a) * q]);
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

  nest(P) {
    const p = P.pal;
    P.piece(
      paths.tube(
        [
          [-600, -60],
          [-200, -20],
          [200, -60],
          [640, -30],
        ],
        [70, 60, 52, 34],
      ),
      p.c('woodD'),
      { lift: 4 },
    );
    for (const [x, y, a] of [
      [-420, -90, -1.2],
      [430, -80, -0.7],
      [520, -10, 0.4],
      [-520, -20, 2.6],
    ] as any[])
      nature.leafP(P, x, y, 130, a, p.c('leaf'), { lift: 2 });
    P.piece(paths.ellipse(0, -190, 250, 70), p.d('woodD', 0.3), { lift: 1 });
    for (const [x, a] of [
      [-96, -0.14],
      [14, 0.05],
      [112, 0.2],
    ] as any[])
      P.at(
        x,
        -216,
        () => {
          P.piece(
            paths.ellipse(0, 0, 62, 84),
            P.rad(-16, -26, 0, 110, p.l('teal', 0.62), p.l('teal', 0.35)),
            {
              lift: 2,
            },
          );
          for (let i = 0; i < 6; i++)
            P.ink(paths.circle(P.R.r(-34, 34), P.R.r(-56, 40), P.R.r(3, 6)), p.d('teal', 0.2), 0.6);
        },
        { rot: a },
      );
    P.piece(
      paths.smooth(
        [
          [-270, -210],
          [270, -210],
          [190, -50],
          [0, -6],
          [-190, -50],
        ],
        true,
        0.8,
      ),
      p.c('wood'),
      { lift: 3 },
    );
    for (let i = 0; i < 44; i++) {
      const a = P.R.r(-0.35, 0.35);
      const x = P.R.r(-200, 200);
      const y = P.R.r(-190, -50) * (1 - Math.abs(x) / 700);
      P.piece(
        paths.tube(
          [
            [x - 70, y - a * 60],
            [x, y + 10],
            [x + 70, y + a * 60],
          ],
          [6, 9, 5],
        ),
        mix(p.c('woodL'), p.c('woodD'), P.R()),
        { lift: 0.8 },
      );
    }
  },

  warning(P) {
    const p = P.pal;
    P.piece(paths.rect(-18, -330, 36, 330), p.c('steelD'), { lift: 2 });
    P.piece(
      paths.round(
        [
          [0, -700, 60],
          [310, -200, 60],
          [-310, -200, 60],
        ],
        60,
      ),
      p.c('red'),
      { lift: 5 },
    );
    P.piece(
      paths.round(
        [
          [0, -620, 40],
          [240, -236, 40],
          [-240, -236, 40],
        ],
        40,
      ),
      p.paper,
      { lift: 1.4 },
    );
    P.piece(
      paths.round(
        [
          [-34, -540],
          [34, -540],
          [20, -370],
          [-20, -370],
        ],
        16,
      ),
      p.ink,
      { lift: 0.8 },
    );
    P.piece(paths.circle(0, -312, 30), p.ink, { lift: 0.8 });
  },

  signpost(P) {
    const p = P.pal;
    P.piece(paths.rect(-24, -660, 48, 660), shade(P, p.c('woodD'), -24, 24), { lift: 3 });
    const arm = (y, dir, c, w, rot) =>
      P.at(
        0,
        y,
        () => {
          P.piece(
            paths.round(
              [
                [-60 * dir, -58],
                [w * dir, -58],
                [(w + 80) * dir, 0],
                [w * dir, 58],
                [-60 * dir, 58],
              ],
              8,
            ),
            shade(P, c, -60 * dir, w * dir),
            { lift: 4 },
          );
          P.ink(
            paths.rrect(Math.min(0, dir * (w - 30)) + (dir > 0 ? 10 : 20), -12, w - 60, 24, 12),
            p.paper,
            0.8,
          );
        },
        { rot },
      );
    arm(-560, 1, p.c('teal'), 300, -0.04);
    arm(-400, -1, p.c('brick'), 320, 0.05);
    arm(-250, 1, p.c('mustard'), 220, 0.06);
    P.piece(paths.circle(0, -672, 34), p.c('woodD'), { lift: 2 });
  },

  iceberg(P) {
    const p = P.pal;
    P.piece(
      paths.round(
        [
          [-150, -330, 8],
          [-60, -500, 14],
          [20, -440, 8],
          [90, -540, 14],
          [190, -320, 8],
        ],
        10,
      ),
      P.lin(-150, 0, 190, 0, p.paper, p.l('blue', 0.55)),
      { lift: 4 },
    );
    P.piece(
      paths.poly([
        [90, -540],
        [190, -320],
        [60, -320],
        [40, -420],
      ]),
      p.l('blue', 0.62),
      { lift: 0.8 },
    );
    P.piece(paths.wave(-1700, 1700, -310, 12, 300, 2400), p.l('teal', 0.1), { lift: 3, a: 0.86 });
    P.piece(
      paths.round(
        [
          [-230, -290, 10],
          [250, -290, 10],
          [330, -110, 20],
          [180, 60, 20],
          [90, 250, 30],
          [-70, 180, 20],
          [-260, 20, 20],
          [-310, -150, 20],
        ],
        14,
      ),
      P.lin(0, -290, 0, 250, p.l('blue', 0.5), p.c('blue')),
      { lift: 4 },
    );
    P.piece(
      paths.poly([
        [40, -290],
        [250, -290],
        [320, -110],
        [110, -60],
      ]),
      p.l('blue', 0.4),
      { lift: 0.8 },
    );
    for (const [x, y] of [
      [-420, 60],
      [430, 140],
      [-360, 200],
    ])
      P.piece(paths.circle(x, y, 14), p.paper, { lift: 1, a: 0.5 });
  },

  rocket(P) {
    const p = P.pal;
    P.at(
      0,
      -120,
      () => {
        P.piece(
          paths.smooth(
            [
              [-60, 30],
              [0, 260],
              [60, 30],
            ],
            true,
            0.8,
          ),
          p.c('carrot'),
          { lift: 1.6 },
        );
        P.piece(
          paths.smooth(
            [
              [-30, 30],
              [0, 150],
              [30, 30],
            ],
            true,
            0.8,
          ),
          '#fff0b8',
          { lift: 1 },
        );
        for (const s of [-1, 1])
          P.piece(
            paths.smooth(
              [
                [s * 70, -200],
                [s * 190, 0],
                [s * 160, 60],
                [s * 60, 20],
              ],
              true,
              0.6,
            ),
            p.c('red'),
            { lift: 2 },
          );
        P.piece(
          paths.smooth(
            [
              [0, -560],
              [110, -340],
              [104, -40],
              [60, 36],
              [-60, 36],
              [-104, -40],
              [-110, -340],
            ],
            true,
            0.85,
          ),
          shade(P, p.c('white'), -110, 110),
          { lift: 4 },
        );
        P.piece(
          paths.inter(
            paths.smooth(
              [
                [0, -560],
                [110, -340],
                [104, -40],
                [60, 36],
                [-60, 36],
                [-104, -40],
                [-110, -340],
              ],
              true,
              0.85,
            ),
            paths.rect(-200, -700, 400, 310),
          ),
          p.c('red'),
          { lift: 1 },
        );
        P.piece(paths.circle(0, -260, 58), p.c('steelD'), { lift: 1.6 });
        P.piece(paths.circle(0, -260, 42), p.l('blue', 0.3), { lift: 0.6 });
      },
      { rot: 0.3 },
    );
    for (const [x, y, r] of [
      [-190, 60, 84],
      [-80, 120, 104],
      [-300, 110, 70],
      [60, 110, 80],
    ])
      P.piece(nature.wobble(P, x, y, r, 0.05), p.l('white', 0.2), { lift: 3 });
  },

  snail(P) {
    const p = P.pal;
    P.piece(
      paths.smooth(
        [
          [-420, 0],
          [-300, -80],
          [60, -90],
          [260, -130],
          [320, -300],
          [390, -310],
          [400, -180],
          [340, -30],
          [240, 0],
        ],
        true,
        0.8,
      ),
      shade(P, p.c('dough'), -400, 400),
      { lift: 3 },
    );
    for (const x of [340, 388]) {
      P.piece(
        paths.tube(
          [
            [x, -300],
            [x + 20, -400],
          ],
          [14, 10],
        ),
        p.c('dough'),
        { lift: 1.4 },
      );
      P.piece(paths.circle(x + 22, -408, 17), p.ink, { lift: 1 });
    }
    P.piece(paths.circle(-70, -250, 230), P.rad(-120, -320, 0, 340, p.l('carrot', 0.35), p.c('brick')), {
      lift: 5,
    });
    P.line(
      paths.smooth(
        Array.from({ length: 34 }, (_, i) => {
          const a = i * 0.42;
          const r = 205 - i * 5.9;
          return [-70 + Math.cos(a) * r, -250 + Math.sin(a) * r];
        }),
        false,
      ),
      p.d('brick', 0.3),
      16,
    );
  },

  butterfly(P) {
    const p = P.pal;
    P.at(
      0,
      -330,
      () => {
        for (const s of [-1, 1]) {
          P.piece(
            paths.smooth(
              [
                [s * 10, -30],
                [s * 150, -290],
                [s * 340, -270],
                [s * 350, -90],
                [s * 190, 20],
              ],
              true,
              0.9,
            ),
            P.rad(s * 120, -120, 0, 320, p.l('carrot', 0.4), p.c('carrot'), p.d('brick', 0.1)),
            { lift: 4 },
          );
          P.piece(
            paths.smooth(
              [
                [s * 10, 10],
                [s * 200, 40],
                [s * 270, 170],
                [s * 160, 290],
                [s * 40, 140],
              ],
              true,
              0.9,
            ),
            P.rad(s * 90, 90, 0, 260, p.l('mustard', 0.3), p.c('carrot')),
            { lift: 3 },
          );
          for (const [x, y, r] of [
            [260, -200, 34],
            [300, -110, 22],
            [190, 190, 28],
          ]) {
            P.piece(paths.circle(s * x, y, r), p.ink, { lift: 1 });
            P.piece(paths.circle(s * x, y, r * 0.5), p.paper, { lift: 0.6 });
          }
          P.line(
            paths.smooth(
              [
                [s * 6, -130],
                [s * 40, -230],
                [s * 90, -280],
              ],
              false,
            ),
            p.ink,
            8,
          );
        }
        P.piece(
          paths.smooth(
            [
              [0, -150],
              [30, -60],
              [22, 120],
              [0, 220],
              [-22, 120],
              [-30, -60],
            ],
            true,
            0.9,
          ),
          p.ink,
          { lift: 3 },
        );
      },
      { rot: 0.12 },
    );
  },

  bandagedHeart(P) {
    const p = P.pal;
    P.piece(heart(0, -330, 320), P.rad(-90, -450, 0, 560, p.l('red', 0.3), p.c('red'), p.d('red', 0.2)), {
      lift: 6,
    });
    P.at(
      30,
      -330,
      () => {
        P.piece(paths.rrect(-260, -52, 520, 104, 52), p.c('dough'), { lift: 3 });
        P.piece(paths.rrect(-76, -52, 152, 104, 8), p.l('dough', 0.5), { lift: 1 });
        for (let i = 0; i < 9; i++)
          P.ink(paths.circle(-40 + (i % 3) * 40, -28 + Math.floor(i / 3) * 28, 6), p.d('dough', 0.3), 0.6);
      },
      { rot: -0.5 },
    );
  },
};
