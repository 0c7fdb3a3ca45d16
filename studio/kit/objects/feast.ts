import { mix } from '../colour.ts';
import { nature } from '../nature.ts';
import type { Kit, Slots } from '../paint.ts';
import { paths } from '../paths.ts';
import { shade } from './parts.ts';

/** Things of feasts, music, play and art. The middle of each thing's foot is at 0,0; about 500 units high. */
export const FEAST: Kit = {
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
    const tier = (w, y, h, c) => {
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
        [p.c('teal'), p.c('mustard'), p.c('blue')][(i + 2) % 3],
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
    const box = (x, y, w, h, c, r) => {
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
    ] as any[];
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

  guitar(P) {
    const p = P.pal;
    P.at(
      0,
      -30,
      () => {
        P.piece(paths.rrect(-24, -700, 48, 420, 8), p.c('woodD'), { lift: 2 });
        P.piece(
          paths.round(
            [
              [-36, -820],
              [36, -820],
              [30, -690],
              [-30, -690],
            ],
            12,
          ),
          p.d('woodD', 0.25),
          { lift: 2 },
        );
        for (let i = 0; i < 3; i++)
          for (const s of [-1, 1])
            P.piece(paths.circle(s * 46, -800 + i * 40, 12), p.c('cream'), { lift: 1 });
        P.piece(
          paths.smooth([
            [0, -330],
            [112, -300],
            [108, -220],
            [86, -180],
            [150, -110],
            [140, -10],
            [0, 26],
            [-140, -10],
            [-150, -110],
            [-86, -180],
            [-108, -220],
            [-112, -300],
          ]),
          P.lin(-150, -300, 150, 0, p.l('carrot', 0.2), p.c('wood'), p.c('woodD')),
          { lift: 4 },
        );
        P.piece(paths.ring(0, -200, 56, 12), p.c('cream'), { lift: 0.8 });
        P.piece(paths.circle(0, -200, 50), p.c('dark'), { lift: 0 });
        P.piece(paths.rrect(-64, -76, 128, 24, 8), p.c('woodD'), { lift: 1.4 });
        for (let i = 0; i < 5; i++)
          P.line(
            paths.poly(
              [
                [-14 + i * 7, -690],
                [-20 + i * 10, -66],
              ],
              false,
            ),
            p.l('steel', 0.4),
            2.2,
          );
        for (let i = 0; i < 8; i++)
          P.line(
            paths.poly(
              [
                [-24, -640 + i * 44],
                [24, -640 + i * 44],
              ],
              false,
            ),
            p.c('brass'),
            2.4,
          );
      },
      { rot: 0.16, s: 0.86 },
    );
  },

  ball(P) {
    const p = P.pal;
    const c = paths.circle(0, -230, 230);
    P.piece(
      c,
      P.rad(-80, -330, 0, 420, p.paper, mix(p.c('white'), p.shadow, 0.08), mix(p.c('white'), p.shadow, 0.32)),
      { lift: 5 },
    );
    P.clip(c, () => {
      const penta = (x, y, r, a) =>
        paths.round(
          Array.from({ length: 5 }, (_, i) => [
            x + Math.cos(a + (i * 6.283) / 5) * r,
            y + Math.sin(a + (i * 6.283) / 5) * r,
          ]),
          10,
        );
      P.piece(penta(10, -230, 84, -1.57), p.c('dark'), { lift: 1 });
      for (let i = 0; i < 5; i++) {
        const a = -1.57 + (i * 6.283) / 5;
        P.line(
          paths.poly(
            [
              [10 + Math.cos(a) * 84, -230 + Math.sin(a) * 84],
              [10 + Math.cos(a) * 150, -230 + Math.sin(a) * 150],
            ],
            false,
          ),
          p.c('dark'),
          6,
        );
        P.piece(penta(10 + Math.cos(a) * 222, -230 + Math.sin(a) * 222, 80, a + 3.14), p.c('dark'), {
          lift: 1,
        });
      }
    });
  },

  headphones(P) {
    const p = P.pal;
    P.piece(
      paths.diff(paths.circle(0, -260, 250), paths.circle(0, -260, 210), paths.rect(-300, -250, 600, 400)),
      p.c('dark'),
      { lift: 3 },
    );
    for (const s of [-1, 1]) {
      P.piece(
        paths.rrect(s * 232 - 64, -290, 128, 220, 54),
        shade(P, p.c('red'), s * 232 - 64, s * 232 + 64),
        {
          lift: 4,
        },
      );
      P.piece(paths.rrect(s * 186 - 30, -270, 60, 180, 28), p.c('dark'), { lift: 2 });
    }
    for (const [i, [x, y]] of (
      [
        [-60, -420],
        [60, -520],
        [0, -640],
      ] as any[]
    ).entries()) {
      P.piece(paths.ellipse(x, y, 30, 22, -0.3), p.c(['mustard', 'teal', 'rose'][i]), { lift: 2 });
      P.piece(paths.rect(x + 22, y - 110, 8, 112), p.c(['mustard', 'teal', 'rose'][i]), { lift: 1 });
      P.piece(
        paths.smooth([
          [x + 26, y - 112],
          [x + 70, y - 84],
          [x + 72, y - 40],
          [x + 56, y - 74],
          [x + 28, y - 86],
        ]),
        p.c(['mustard', 'teal', 'rose'][i]),
        { lift: 1 },
      );
    }
  },

  camera(P) {
    const p = P.pal;
    P.piece(
      paths.round(
        [
          [-110, -330, 14],
          [-70, -400, 20],
          [70, -400, 20],
          [110, -330, 14],
        ],
        14,
      ),
      p.d('dark', 0.1),
      { lift: 2 },
    );
    P.piece(paths.rrect(-280, -350, 560, 350, 40), shade(P, p.c('dark'), -280, 280), { lift: 4 });
    P.piece(paths.rect(-280, -270, 560, 150), p.c('woodD'), { lift: 0.8 });
    P.piece(paths.rrect(160, -390, 90, 44, 12), p.c('red'), { lift: 2 });
    P.piece(paths.circle(0, -176, 150), p.c('steelD'), { lift: 3 });
    P.piece(paths.circle(0, -176, 118), p.c('dark'), { lift: 1.4 });
    P.piece(paths.circle(0, -176, 84), P.rad(-24, -204, 0, 120, p.l('blue', 0.3), p.d('navy', 0.2)), {
      lift: 0.8,
    });
    P.ink(paths.ellipse(-30, -212, 26, 16, -0.6), '#ffffff', 0.7);
    P.piece(paths.rrect(-236, -330, 88, 46, 8), p.l('glass', 0.3), { lift: 1 });
  },

  palette(P) {
    const p = P.pal;
    P.piece(
      paths.diff(
        paths.smooth(
          [
            [-380, -40],
            [-300, -230],
            [0, -300],
            [300, -230],
            [380, 0],
            [250, 190],
            [90, 170],
            [20, 250],
            [-170, 260],
            [-340, 160],
          ],
          true,
          0.95,
        ),
        paths.ellipse(-170, 110, 62, 46),
      ),
      shade(P, p.c('woodL'), -380, 380),
      { lift: 5 },
    );
    for (const [x, y, c] of [
      [-250, -90, 'red'],
      [-100, -190, 'mustard'],
      [80, -200, 'green'],
      [230, -110, 'blue'],
      [260, 50, 'aub'],
      [110, 40, 'white'],
    ] as any[])
      P.piece(nature.wobble(P, x, y, 62, 0.12), p.c(c), { lift: 2 });
    for (const [x, y, r, c] of [
      [330, -180, 0.5, 'red'],
      [390, -60, 0.8, 'blue'],
    ] as any[])
      P.at(
        x,
        y,
        () => {
          P.piece(paths.rrect(-14, -300, 28, 360, 12), p.c('woodD'), { lift: 4 });
          P.piece(paths.rect(-20, 50, 40, 70), p.c('steel'), { lift: 2 });
          P.piece(
            paths.smooth(
              [
                [-22, 116],
                [22, 116],
                [18, 180],
                [0, 230],
                [-18, 180],
              ],
              true,
              0.8,
            ),
            p.c(c),
            { lift: 1.6 },
          );
        },
        { rot: r },
      );
  },

  chess(P) {
    const p = P.pal;
    const pawn = (x, s, c) =>
      P.at(
        x,
        0,
        () => {
          P.piece(paths.rrect(-78, -40, 156, 40, 14), shade(P, c, -78, 78), { lift: 2 });
          P.piece(
            paths.smooth(
              [
                [-56, -40],
                [-24, -130],
                [-30, -190],
                [30, -190],
                [24, -130],
                [56, -40],
              ],
              true,
              0.7,
            ),
            shade(P, c, -56, 56),
            { lift: 2 },
          );
          P.piece(paths.rrect(-48, -206, 96, 24, 10), c, { lift: 1.4 });
          P.piece(paths.circle(0, -250, 54), P.rad(-16, -270, 0, 90, mix(c, p.paper, 0.35), c), { lift: 2 });
        },
        { s },
      );
    pawn(-300, 0.8, p.c('dark'));
    pawn(300, 0.8, p.c('dark'));
    pawn(-170, 0.9, p.c('dark'));
    const c = p.c('cream');
    P.piece(paths.rrect(-110, -48, 220, 48, 16), shade(P, c, -110, 110), { lift: 3 });
    P.piece(
      paths.smooth(
        [
          [-80, -48],
          [-38, -180],
          [-44, -330],
          [44, -330],
          [38, -180],
          [80, -48],
        ],
        true,
        0.7,
      ),
      shade(P, c, -80, 80),
      { lift: 3 },
    );
    P.piece(paths.rrect(-70, -352, 140, 30, 12), c, { lift: 2 });
    P.piece(
      paths.round(
        [
          [-60, -350],
          [-78, -470],
          [-34, -420],
          [0, -490],
          [34, -420],
          [78, -470],
          [60, -350],
        ],
        8,
      ),
      shade(P, p.c('mustard'), -70, 70),
      { lift: 2 },
    );
    P.piece(paths.circle(0, -504, 20), p.c('red'), { lift: 1.4 });
  },

  dominoes(P) {
    const p = P.pal;
    for (let i = 6; i >= 0; i--) {
      const fall = Math.max(0, 0.9 - i * 0.2);
      P.at(
        -420 + i * 136,
        0,
        () => {
          P.piece(paths.rrect(-22, -300, 44, 300, 8), shade(P, i % 2 ? p.c('cream') : p.paper, -22, 22), {
            lift: 3,
          });
          P.line(
            paths.poly(
              [
                [-16, -150],
                [16, -150],
              ],
              false,
            ),
            p.ink,
            4,
          );
          for (const y of [-240, -200, -90, -50].slice(0, 2 + (i % 3))) P.ink(paths.circle(0, y, 9), p.ink);
        },
        { rot: fall },
      );
    }
    P.at(470, -30, () => P.piece(paths.circle(0, 0, 30), p.c('red'), { lift: 3 }));
  },

  puzzle(P) {
    const p = P.pal;
    const piece = (x, y, c, tabs, rot = 0) =>
      P.at(
        x,
        y,
        () => {
          const bumps = tabs.map(([dx, dy]) => paths.circle(dx * 118, dy * 118, 40));
          const holes = [
            [1, 0],
            [0, 1],
            [-1, 0],
            [0, -1],
          ]
            .filter((d) => !tabs.some((t) => t[0] === d[0] && t[1] === d[1]))
            .map(([dx, dy]) => paths.circle(dx * 84, dy * 84, 36));
          P.piece(
            paths.diff(paths.union(paths.rrect(-110, -110, 220, 220, 12), ...bumps), ...holes.slice(0, 2)),
            shade(P, c, -120, 120),
            { lift: 3 },
          );
        },
        { rot },
      );
    piece(-112, -112, p.c('teal'), [[1, 0]]);
    piece(112, -112, p.c('mustard'), [[0, 1]]);
    piece(-112, 112, p.c('rose'), [[0, -1]]);
    piece(
      230,
      216,
      p.c('red'),
      [
        [-1, 0],
        [0, -1],
      ],
      0.35,
    );
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

  flowers(P, o: Slots = {}) {
    const p = P.pal;
    const dead = o.wilted;
    const heads = dead
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
      const stem = dead
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
        ? p.d(['brick', 'rose', 'brick'][i], 0.25)
        : p.c(['red', 'mustard', 'rose', 'carrot', 'white'][i]);
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
      ] as any[])
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
};
