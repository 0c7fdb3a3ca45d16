import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import { nth } from '../named.ts';
import * as nature from '../nature.ts';
import type { Point } from '../paint.ts';
import * as paths from '../paths.ts';
import { shade } from './parts.ts';

/** Things of music, play and art. The middle of each thing's foot is at 0,0; about 500 units high. */
export const PLAY = {
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
      const penta = (x: number, y: number, r: number, a: number) =>
        paths.round(
          Array.from({ length: 5 }, (_, i): [number, number] => [
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
      ] as const
    ).entries()) {
      P.piece(paths.ellipse(x, y, 30, 22, -0.3), p.c(nth(['mustard', 'teal', 'rose'], i)), { lift: 2 });
      P.piece(paths.rect(x + 22, y - 110, 8, 112), p.c(nth(['mustard', 'teal', 'rose'], i)), { lift: 1 });
      P.piece(
        paths.smooth([
          [x + 26, y - 112],
          [x + 70, y - 84],
          [x + 72, y - 40],
          [x + 56, y - 74],
          [x + 28, y - 86],
        ]),
        p.c(nth(['mustard', 'teal', 'rose'], i)),
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
    ] as const)
      P.piece(nature.wobble(P, x, y, 62, 0.12), p.c(c), { lift: 2 });
    for (const [x, y, r, c] of [
      [330, -180, 0.5, 'red'],
      [390, -60, 0.8, 'blue'],
    ] as const)
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
    const pawn = (x: number, s: number, c: string) =>
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
    const piece = (x: number, y: number, c: string, tabs: readonly Point[], rot = 0) =>
      P.at(
        x,
        y,
        () => {
          const bumps = tabs.map(([dx, dy]) => paths.circle(dx * 118, dy * 118, 40));
          const sides: Point[] = [
            [1, 0],
            [0, 1],
            [-1, 0],
            [0, -1],
          ];
          const holes = sides
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
} satisfies Drawings;
