import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import { nth } from '../named.ts';
import * as paths from '../paths.ts';
import { shade } from './parts.ts';

/** Things to check, see and call with. The middle of each thing's foot is at 0,0; about 500 units high. */
export const TOOLS = {
  checklist(P) {
    const p = P.pal;
    P.at(
      0,
      0,
      () => {
        P.piece(paths.rrect(-250, -340, 500, 690, 30), p.c('woodL'), { lift: 4 });
        P.piece(paths.rrect(-212, -290, 424, 610, 10), p.paper, { lift: 1.6 });
        P.piece(paths.rrect(-90, -372, 180, 76, 22), p.c('steel'), { lift: 2 });
        for (let i = 0; i < 5; i++) {
          const y = -214 + i * 104;
          P.piece(paths.rrect(-176, y, 62, 62, 10), i < 3 ? p.c('green') : mix(p.paper, p.shadow, 0.1), {
            lift: 0.8,
          });
          if (i < 3)
            P.line(
              paths.poly(
                [
                  [-162, y + 32],
                  [-148, y + 48],
                  [-126, y + 16],
                ],
                false,
              ),
              p.paper,
              11,
            );
          P.ink(
            paths.rrect(-86, y + 20, nth([220, 170, 240, 190, 140], i), 20, 10),
            p.ink,
            i < 3 ? 0.35 : 0.8,
          );
        }
      },
      { rot: -0.05 },
    );
    P.at(
      330,
      60,
      () => {
        P.piece(paths.rrect(-22, -300, 44, 460, 6), p.c('mustard'), { lift: 4 });
        P.piece(
          paths.poly([
            [-22, 160],
            [22, 160],
            [0, 226],
          ]),
          p.c('dough'),
          { lift: 2 },
        );
        P.ink(
          paths.poly([
            [-8, 202],
            [8, 202],
            [0, 226],
          ]),
          p.ink,
        );
        P.piece(paths.rrect(-22, -346, 44, 50, 12), p.c('rose'), { lift: 2 });
      },
      { rot: 0.28 },
    );
  },

  ballot(P) {
    const p = P.pal;
    P.at(
      20,
      -520,
      () => {
        P.piece(paths.rrect(-110, -130, 220, 260, 6), p.paper, { lift: 3 });
        P.ink(paths.rrect(-76, -90, 150, 18, 8), p.ink, 0.7);
        for (let i = 0; i < 3; i++) {
          P.line(paths.rect(-76, -46 + i * 46, 28, 28), p.ink, 5);
          P.ink(paths.rrect(-30, -38 + i * 46, 100, 12, 6), p.ink, 0.45);
        }
        P.line(
          paths.poly(
            [
              [-72, -6],
              [-62, 16],
              [-42, -14],
            ],
            false,
          ),
          p.c('red'),
          9,
        );
      },
      { rot: 0.1 },
    );
    P.piece(paths.rrect(-280, -420, 560, 80, 14), p.l('blue', 0.2), { lift: 3 });
    P.piece(paths.rrect(-120, -396, 260, 24, 12), p.d('navy', 0.4), { lift: 0 });
    P.piece(paths.rrect(-260, -360, 520, 360, 14), shade(P, p.c('blue'), -260, 260), { lift: 4 });
    P.piece(paths.circle(0, -180, 104), p.paper, { lift: 1.4 });
    P.line(
      paths.poly(
        [
          [-50, -180],
          [-12, -136],
          [58, -226],
        ],
        false,
      ),
      p.c('green'),
      30,
    );
  },

  pin(P) {
    const p = P.pal;
    P.at(
      0,
      -20,
      () => {
        P.piece(
          paths.poly([
            [-440, -60],
            [-150, -130],
            [150, -60],
            [440, -130],
            [440, 130],
            [150, 200],
            [-150, 130],
            [-440, 200],
          ]),
          p.l('leaf', 0.55),
          { lift: 5 },
        );
        P.piece(
          paths.poly([
            [-150, -130],
            [150, -60],
            [150, 200],
            [-150, 130],
          ]),
          p.l('leaf', 0.4),
          { lift: 0.6 },
        );
        P.line(
          paths.smooth(
            [
              [-420, 120],
              [-260, 20],
              [-80, 80],
              [60, 10],
              [240, 60],
              [430, -60],
            ],
            false,
          ),
          p.paper,
          26,
        );
        P.line(
          paths.smooth(
            [
              [-420, 20],
              [-200, -50],
              [20, 120],
              [220, -10],
              [430, 70],
            ],
            false,
          ),
          p.l('blue', 0.35),
          20,
        );
      },
      { sy: 0.8 },
    );
    P.ink(paths.ellipse(40, 0, 70, 20), p.shadow, 0.3);
    P.piece(
      paths.smooth(
        [
          [40, 0],
          [-70, -190],
          [-80, -330],
          [40, -430],
          [160, -330],
          [150, -190],
        ],
        true,
        0.85,
      ),
      P.lin(-80, 0, 160, 0, p.l('red', 0.2), p.c('red'), p.d('red', 0.2)),
      { lift: 5 },
    );
    P.piece(paths.circle(40, -300, 56), p.paper, { lift: 1.6 });
  },

  magnifier(P) {
    const p = P.pal;
    P.at(
      -60,
      -60,
      () => {
        P.piece(paths.rrect(-260, -420, 430, 500, 12), p.paper, { lift: 3 });
        for (let i = 0; i < 9; i++)
          P.ink(
            paths.rrect(-210, -360 + i * 48, i % 3 === 2 ? 210 : 330, 14, 7),
            mix(p.ink, p.paper, 0.35),
            0.8,
          );
      },
      { rot: -0.07 },
    );
    P.at(90, -260, () => {
      P.piece(
        paths.tube(
          [
            [120, 120],
            [300, 300],
          ],
          [44, 60],
        ),
        p.c('woodD'),
        { lift: 4 },
      );
      P.piece(paths.circle(0, 0, 172), mix(p.c('glass'), p.paper, 0.6), { lift: 3, a: 0.9 });
      P.clip(paths.circle(0, 0, 158), () => {
        P.ink(paths.rrect(-260, -60, 420, 34, 16), p.ink, 0.85);
        P.ink(paths.rrect(-260, 26, 340, 34, 16), p.accent, 0.95);
      });
      P.piece(paths.ring(0, 0, 168, 26), p.c('brass'), { lift: 3 });
      P.ink(paths.ellipse(-80, -80, 30, 60, 0.8), '#ffffff', 0.55);
    });
  },

  telescope(P) {
    const p = P.pal;
    for (const x of [-170, 20, 190])
      P.piece(
        paths.tube(
          [
            [0, -300],
            [x, 0],
          ],
          [22, 16],
        ),
        p.c('woodD'),
        { lift: 2 },
      );
    P.at(
      0,
      -330,
      () => {
        P.piece(paths.rrect(-240, -36, 210, 72, 12), p.c('brass'), { lift: 2 });
        P.piece(paths.rrect(-60, -54, 220, 108, 14), shade(P, p.c('navy'), -60, 160), { lift: 3 });
        P.piece(paths.rrect(140, -74, 190, 148, 16), shade(P, p.c('brass'), 140, 330), { lift: 3 });
        P.piece(paths.ellipse(330, 0, 22, 74), p.l('glass', 0.3), { lift: 1.4 });
      },
      { rot: -0.5 },
    );
    P.piece(paths.circle(0, -318, 34), p.c('brass'), { lift: 2 });
  },

  bell(P) {
    const p = P.pal;
    P.piece(paths.ring(0, -560, 34, 18), p.d('brass', 0.2), { lift: 2 });
    P.piece(paths.circle(0, -70, 52), p.d('brass', 0.3), { lift: 2 });
    P.piece(
      paths.smooth(
        [
          [-250, -110],
          [-190, -200],
          [-170, -400],
          [0, -540],
          [170, -400],
          [190, -200],
          [250, -110],
          [0, -84],
        ],
        true,
        0.8,
      ),
      shade(P, p.c('mustard'), -250, 250),
      { lift: 5 },
    );
    P.piece(paths.rrect(-260, -146, 520, 50, 24), p.l('mustard', 0.2), { lift: 2 });
    P.ink(
      paths.smooth([
        [-120, -380],
        [-90, -430],
        [-70, -300],
        [-100, -210],
      ]),
      '#ffffff',
      0.35,
    );
    for (const s of [-1, 1])
      for (const r of [330, 400])
        P.line(
          paths.smooth(
            [
              [s * r, -470],
              [s * (r + 40), -330],
              [s * r, -190],
            ],
            false,
          ),
          p.accent,
          18,
          r === 400 ? 0.6 : 1,
        );
  },
} satisfies Drawings;
