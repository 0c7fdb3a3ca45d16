import { mix } from '../colour.ts';
import { nature } from '../nature.ts';
import type { Kit, Slots } from '../paint.ts';
import { paths } from '../paths.ts';
import { shade } from './parts.ts';

/** Things that measure, weigh and count. The middle of each thing's foot is at 0,0; about 500 units high. */
export const MEASURE: Kit = {
  hourglass(P) {
    const p = P.pal;
    const wood = p.c('woodD');
    for (const x of [-150, 150])
      P.piece(paths.rrect(x - 13, -500, 26, 480, 10), shade(P, wood, x - 13, x + 13), { lift: 2 });
    const glass = paths.smooth(
      [
        [-120, -470],
        [120, -470],
        [118, -390],
        [26, -268],
        [26, -244],
        [118, -120],
        [120, -40],
        [-120, -40],
        [-118, -120],
        [-26, -244],
        [-26, -268],
        [-118, -390],
      ],
      true,
      0.8,
    );
    P.piece(glass, mix(p.c('glass'), p.paper, 0.35), { lift: 3, a: 0.9 });
    P.clip(glass, () => {
      const sand = p.l('mustard', 0.2);
      P.piece(
        paths.smooth([
          [-110, -372],
          [0, -350],
          [110, -372],
          [24, -262],
          [-24, -262],
        ]),
        sand,
        { lift: 1.2 },
      );
      P.piece(paths.rect(-5, -270, 10, 200), sand, { lift: 0.4 });
      P.piece(
        paths.smooth([
          [-130, -38],
          [-70, -80],
          [0, -150],
          [70, -80],
          [130, -38],
          [0, -20],
        ]),
        sand,
        { lift: 1.2 },
      );
    });
    P.ink(paths.rrect(-92, -448, 18, 60, 9), '#ffffff', 0.5);
    P.ink(paths.rrect(-92, -122, 18, 60, 9), '#ffffff', 0.4);
    for (const y of [-520, -46])
      P.piece(paths.rrect(-196, y, 392, 46, 16), P.lin(0, y, 0, y + 46, p.l('woodD', 0.25), wood), {
        lift: 3,
      });
  },

  scales(P, o: Slots = {}) {
    const p = P.pal;
    const brass = p.c('brass');
    const tilt = o.tilt ?? 0.14;
    P.piece(paths.rrect(-130, -34, 260, 34, 14), shade(P, brass), { lift: 3 });
    P.piece(
      paths.round(
        [
          [-50, -34],
          [50, -34],
          [22, -76],
          [-22, -76],
        ],
        8,
      ),
      brass,
      { lift: 2 },
    );
    P.piece(
      paths.tube(
        [
          [0, -60],
          [0, -300],
          [0, -520],
        ],
        [26, 18, 16],
      ),
      shade(P, brass, -14, 14),
      { lift: 2 },
    );
    P.at(
      0,
      -500,
      () => {
        P.piece(
          paths.tube(
            [
              [-270, 10],
              [0, -14],
              [270, 10],
            ],
            [10, 20, 10],
          ),
          brass,
          { lift: 2 },
        );
      },
      { rot: tilt },
    );
    P.piece(paths.circle(0, -506, 30), p.l('brass', 0.3), { lift: 2 });
    for (const side of [-1, 1]) {
      const x = side * 266 * Math.cos(tilt);
      const y = -500 + side * 266 * Math.sin(tilt) + 8;
      for (const dx of [-92, 92])
        P.line(
          paths.poly(
            [
              [x, y],
              [x + dx, y + 200],
            ],
            false,
          ),
          p.d('brass', 0.35),
          5,
        );
      if (side > 0)
        for (const [i, c] of ['red', 'teal', 'mustard'].entries())
          P.piece(paths.rrect(x - 74 + i * 50, y + 150 - (i === 1 ? 44 : 0), 48, 48, 8), p.c(c), {
            lift: 1.4,
          });
      else nature.leafP(P, x - 40, y + 196, 120, -0.5, p.c('leaf'), { lift: 1.4 });
      P.piece(
        paths.smooth(
          [
            [x - 116, y + 196],
            [x + 116, y + 196],
            [x + 62, y + 240],
            [x - 62, y + 240],
          ],
          true,
          0.6,
        ),
        brass,
        { lift: 2 },
      );
    }
  },

  target(P) {
    const p = P.pal;
    for (const s of [-1, 1])
      P.piece(
        paths.tube(
          [
            [s * 90, -300],
            [s * 230, 0],
          ],
          [26, 22],
        ),
        p.c('woodD'),
        { lift: 2 },
      );
    for (const [i, r] of [270, 210, 150, 92, 40].entries())
      P.piece(paths.circle(0, -330, r), i % 2 ? p.paper : p.c(i === 4 ? 'mustard' : 'red'), {
        lift: i ? 1.4 : 4,
      });
    P.at(
      8,
      -336,
      () => {
        P.piece(paths.rrect(0, -9, 400, 18, 6), p.c('woodL'), { lift: 4 });
        for (const s of [-1, 1])
          P.piece(
            paths.poly([
              [300, 0],
              [350, s * 44],
              [430, s * 44],
              [400, 0],
            ]),
            p.c('teal'),
            { lift: 2 },
          );
      },
      { rot: -0.62 },
    );
  },

  compass(P) {
    const p = P.pal;
    P.piece(paths.ring(0, -300, 44, 22), p.c('brass'), { lift: 2 });
    P.piece(
      paths.circle(0, 0, 260),
      P.rad(-80, -80, 0, 360, p.l('brass', 0.35), p.c('brass'), p.d('brass', 0.3)),
      { lift: 5 },
    );
    P.piece(paths.circle(0, 0, 214), p.paper, { lift: 1.6 });
    for (let i = 0; i < 32; i++) {
      const a = (i / 32) * 6.283;
      const l = i % 8 === 0 ? 40 : i % 4 === 0 ? 26 : 14;
      P.line(
        paths.poly(
          [
            [Math.cos(a) * 198, Math.sin(a) * 198],
            [Math.cos(a) * (198 - l), Math.sin(a) * (198 - l)],
          ],
          false,
        ),
        p.ink,
        i % 8 === 0 ? 8 : 4,
      );
    }
    P.at(
      0,
      0,
      () => {
        P.piece(
          paths.poly([
            [-34, 0],
            [0, -164],
            [34, 0],
          ]),
          p.c('red'),
          { lift: 2 },
        );
        P.piece(
          paths.poly([
            [-34, 0],
            [0, 164],
            [34, 0],
          ]),
          p.c('steel'),
          { lift: 2 },
        );
        P.piece(paths.circle(0, 0, 24), p.c('brass'), { lift: 1.4 });
      },
      { rot: 0.5 },
    );
  },

  bars(P, o: Slots = {}) {
    const p = P.pal;
    const heights = o.down ? [460, 380, 330, 220, 130] : [120, 200, 260, 380, 500];
    P.piece(paths.rrect(-400, -640, 800, 640, 24), p.paper, { lift: 5 });
    for (let i = 1; i < 6; i++) P.ink(paths.rect(-350, -60 - i * 96, 700, 4), mix(p.ink, p.paper, 0.75));
    for (const [i, h] of heights.entries())
      P.piece(
        paths.rrect(-330 + i * 136, -60 - h, 96, h, 10),
        shade(
          P,
          p.c(
            o.down
              ? ['teal', 'teal', 'mustard', 'brick', 'red'][i]
              : ['rose', 'mustard', 'mustard', 'teal', 'green'][i],
          ),
          -330 + i * 136,
          -234 + i * 136,
        ),
        { lift: 2 },
      );
    const pts = heights.map((h, i) => [-282 + i * 136, -96 - h]);
    P.line(paths.smooth(pts, false), p.ink, 9);
    for (const [x, y] of pts) P.piece(paths.circle(x, y, 15), p.paper, { lift: 1.6 });
    P.ink(paths.rect(-350, -62, 700, 7), p.ink);
  },

  pie(P) {
    const p = P.pal;
    const wedge = (a0, a1, r, dx, dy, c) => {
      const n = 30;
      const pts = [
        [dx, dy - 300],
        ...Array.from({ length: n + 1 }, (_, i) => {
          const a = a0 + ((a1 - a0) * i) / n;
          return [dx + Math.cos(a) * r, dy - 300 + Math.sin(a) * r];
        }),
      ];
      P.piece(paths.poly(pts), c, { lift: 4 });
    };
    wedge(-1.57, 1.5, 270, 0, 0, p.c('teal'));
    wedge(1.5, 3.1, 270, 0, 0, p.c('mustard'));
    wedge(3.1, 4.1, 270, 0, 0, p.c('rose'));
    wedge(4.1, 4.713, 270, -30, -52, p.c('red'));
    P.piece(paths.circle(0, -300, 96), p.paper, { lift: 2 });
    P.ink(paths.rrect(-46, -316, 92, 12, 6), p.ink, 0.8);
    P.ink(paths.rrect(-30, -290, 60, 10, 5), p.ink, 0.5);
  },

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
          P.ink(paths.rrect(-86, y + 20, [220, 170, 240, 190, 140][i], 20, 10), p.ink, i < 3 ? 0.35 : 0.8);
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
};
