import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import * as paths from '../paths.ts';
import { bar, block, oval, put, shade, wheel } from './parts.ts';

/** What people speak into, play with, fly, wear and ride. The middle of each thing's foot is at 0,0; about 500 units high. */
export const GADGETS = {
  microphone(P) {
    const p = P.pal;
    oval(P, 0, -16, 190, 34, 'dark', 4);
    oval(P, 0, -26, 160, 24, 'steelD', 1);
    block(P, -14, -200, 28, 180, 8, 'steelD', 2);
    P.line(
      paths.smooth(
        [
          [-140, -400],
          [-130, -270],
          [0, -200],
          [130, -270],
          [140, -400],
        ],
        false,
      ),
      p.c('dark'),
      26,
    );
    P.piece(paths.rrect(-100, -590, 200, 350, 100), shade(P, p.c('steel'), -100, 100), { lift: 4 });
    P.clip(paths.rrect(-100, -590, 200, 350, 100), () => {
      for (let i = 0; i < 9; i++) P.ink(paths.rect(-100, -574 + i * 24, 200, 6), p.ink, 0.3);
      for (let i = 0; i < 9; i++) P.ink(paths.rect(-96 + i * 24, -590, 5, 210), p.ink, 0.22);
    });
    block(P, -106, -380, 212, 34, 8, 'red', 2);
    P.piece(paths.circle(0, -300, 18), p.c('dark'), { lift: 1 });
    for (const [r, a] of [
      [190, 0.9],
      [250, 0.55],
    ] as const)
      for (const s of [-1, 1]) {
        const arc = Array.from({ length: 9 }, (_, i): [number, number] => {
          const t = -0.55 + (i * 1.1) / 8;
          return [s * r * Math.cos(t), -470 + r * Math.sin(t)];
        });
        P.line(paths.smooth(arc, false), p.accent2, 14, a);
      }
  },
  gameController(P) {
    const p = P.pal;
    const body = paths.smooth(
      [
        [-200, -420],
        [0, -395],
        [200, -420],
        [320, -330],
        [390, -90],
        [310, -40],
        [200, -150],
        [0, -190],
        [-200, -150],
        [-310, -40],
        [-390, -90],
        [-320, -330],
      ],
      true,
      0.9,
    );
    for (const x of [-210, 210]) block(P, x - 70, -452, 140, 60, 24, 'dark', 3);
    P.piece(body, shade(P, p.c('navy'), -390, 390), { lift: 5 });
    block(P, -246, -330, 48, 140, 10, 'dark', 2);
    block(P, -292, -284, 140, 48, 10, 'dark', 2);
    for (const [x, y, c] of [
      [222, -330, 'mustard'],
      [222, -190, 'leaf'],
      [152, -260, 'blue'],
      [292, -260, 'red'],
    ] as const)
      oval(P, x, y, 34, 34, c, 3);
    for (const x of [-84, 84]) {
      oval(P, x, -200, 62, 62, 'dark', 2);
      oval(P, x, -208, 40, 40, 'grey', 3);
    }
    block(P, -44, -330, 88, 30, 14, 'steel', 1);
    for (const x of [-16, 0, 16]) P.ink(paths.circle(x, -315, 4), p.ink, 0.6);
  },
  vrHeadset(P) {
    const p = P.pal;
    P.line(
      paths.smooth(
        [
          [-290, -300],
          [-220, -560],
          [0, -610],
          [220, -560],
          [290, -300],
        ],
        false,
      ),
      p.c('steelD'),
      54,
    );
    P.line(
      paths.smooth(
        [
          [0, -600],
          [14, -500],
          [0, -400],
        ],
        false,
      ),
      p.c('dark'),
      44,
    );
    P.piece(
      paths.round(
        [
          [-330, -420, 70],
          [330, -420, 70],
          [350, -140, 80],
          [110, -120, 50],
          [0, -190, 60],
          [-110, -120, 50],
          [-350, -140, 80],
        ],
        60,
      ),
      shade(P, p.c('white'), -330, 330),
      { lift: 6 },
    );
    const glass = paths.round(
      [
        [-280, -370, 60],
        [280, -370, 60],
        [290, -190, 60],
        [120, -180, 40],
        [0, -240, 50],
        [-120, -180, 40],
        [-290, -190, 60],
      ],
      50,
    );
    P.piece(glass, P.lin(-280, -370, 280, -150, p.c('navy'), p.c('aub')), { lift: 2 });
    P.clip(glass, () => {
      P.ink(
        paths.poly([
          [-240, -380],
          [-120, -380],
          [-260, -140],
          [-360, -140],
        ]),
        p.paper,
        0.22,
      );
      for (const [x, y, r, c] of [
        [90, -300, 30, 'teal'],
        [170, -260, 16, 'mustard'],
        [20, -330, 10, 'rose'],
      ] as const)
        P.ink(paths.circle(x, y, r), p.c(c), 0.85);
    });
  },
  drone(P) {
    const p = P.pal;
    for (const s of [-1, 1]) {
      bar(
        P,
        [
          [s * 60, -330],
          [s * 200, -390],
          [s * 310, -400],
        ],
        [44, 34, 30],
        'dark',
        3,
      );
      block(P, s * 310 - 26, -450, 52, 70, 14, 'steelD', 3);
      P.piece(paths.ellipse(s * 310, -462, 210, 22, s * 0.03), p.c('glass'), { lift: 2, a: 0.7 });
      P.line(
        paths.smooth(
          [
            [s * 70, -250],
            [s * 170, -190],
            [s * 190, -90],
          ],
          false,
        ),
        p.c('dark'),
        18,
      );
    }
    block(P, -220, -96, 90, 18, 9, 'dark', 2);
    block(P, 130, -96, 90, 18, 9, 'dark', 2);
    P.piece(
      paths.round(
        [
          [-150, -400, 60],
          [150, -400, 60],
          [120, -230, 50],
          [-120, -230, 50],
        ],
        50,
      ),
      shade(P, p.c('white'), -150, 150),
      { lift: 5 },
    );
    block(P, -110, -380, 220, 24, 12, 'red', 1);
    oval(P, 0, -210, 66, 66, 'dark', 4);
    oval(P, 0, -210, 42, 42, 'navy', 1);
    P.ink(paths.circle(-14, -226, 10), p.paper, 0.8);
    for (const x of [-90, 90]) P.piece(paths.circle(x, -262, 9), p.c('leafL'), { lift: 1 });
  },
  wristwatch(P) {
    const p = P.pal;
    for (const [y, h] of [
      [-640, 260],
      [-250, 250],
    ] as const) {
      P.piece(paths.rrect(-84, y, 168, h, 26), shade(P, p.c('brick'), -84, 84), { lift: 4 });
      for (const x of [-64, 60]) P.ink(paths.rect(x, y + 14, 4, h - 28), p.paper, 0.35);
    }
    for (let i = 0; i < 4; i++) P.ink(paths.circle(0, -110 + i * 34, 9), p.ink, 0.55);
    oval(P, 0, -320, 190, 190, 'brass', 5);
    oval(P, 0, -320, 162, 162, 'white', 2);
    block(P, 184, -340, 34, 40, 8, 'brass', 3);
    for (let i = 0; i < 12; i++)
      P.at(0, -320, () => P.ink(paths.rrect(-4, -146, 8, i % 3 ? 18 : 34, 4), p.ink, 0.85), {
        rot: (i * Math.PI) / 6,
      });
    for (const [rot, l, w, c] of [
      [-1.05, 92, 16, 'dark'],
      [0.35, 128, 11, 'dark'],
      [2.4, 120, 5, 'red'],
    ] as const)
      P.at(0, -320, () => block(P, -w / 2, -l, w, l + 24, w / 2, c, 2), { rot });
    oval(P, 0, -320, 13, 13, 'brass', 2);
  },
  torch(P) {
    const p = P.pal;
    P.at(
      -120,
      -170,
      () => {
        P.ink(
          paths.poly([
            [250, -100],
            [760, -330],
            [760, 330],
            [250, 100],
          ]),
          P.lin(250, 0, 760, 0, 'rgba(255,236,170,0.85)', 'rgba(255,236,170,0)'),
        );
        P.piece(
          paths.rrect(-330, -66, 400, 132, 26),
          P.lin(0, -66, 0, 66, p.l('red', 0.15), p.d('red', 0.35)),
          {
            lift: 4,
          },
        );
        for (let i = 0; i < 6; i++) P.ink(paths.rrect(-290 + i * 36, -60, 12, 120, 6), p.ink, 0.28);
        put(
          P,
          paths.poly([
            [60, -66],
            [180, -118],
            [180, 118],
            [60, 66],
          ]),
          'dark',
          4,
        );
        block(P, 170, -126, 70, 252, 18, 'steel', 4);
        P.piece(paths.ellipse(240, 0, 24, 116), p.accent2, { lift: 1 });
        block(P, -60, -86, 76, 34, 14, 'dark', 2);
      },
      { rot: -0.32 },
    );
  },
  motorcycle(P) {
    const p = P.pal;
    for (const x of [-300, 300]) {
      wheel(P, x, -130, 130);
      P.line(paths.circle(x, -130, 100), p.c('steelD'), 6, 0.5);
    }
    bar(
      P,
      [
        [300, -130],
        [230, -330],
        [190, -440],
      ],
      [26, 24, 22],
      'steel',
      3,
    );
    bar(
      P,
      [
        [-300, -130],
        [-120, -150],
        [20, -130],
      ],
      [34, 40, 34],
      'dark',
      3,
    );
    bar(
      P,
      [
        [-430, -120],
        [-200, -96],
        [40, -100],
      ],
      [40, 34, 26],
      'steel',
      3,
    );
    put(P, nature.wobble(P, -10, -190, 110, 0.06), 'steelD', 4);
    for (let i = 0; i < 5; i++) P.ink(paths.rrect(-96, -252 + i * 26, 170, 10, 5), p.ink, 0.35);
    P.piece(
      paths.smooth(
        [
          [-60, -290],
          [20, -400],
          [170, -400],
          [220, -320],
          [120, -270],
        ],
        true,
        0.8,
      ),
      shade(P, p.c('red'), -60, 220),
      { lift: 4 },
    );
    P.piece(
      paths.smooth(
        [
          [-370, -360],
          [-220, -340],
          [-40, -330],
          [-30, -280],
          [-220, -280],
          [-360, -310],
        ],
        true,
        0.8,
      ),
      p.c('woodD'),
      { lift: 4 },
    );
    put(
      P,
      paths.smooth(
        [
          [-400, -260],
          [-330, -290],
          [-240, -260],
          [-260, -210],
          [-370, -220],
        ],
        true,
        0.8,
      ),
      'red',
      3,
      -0.15,
    );
    bar(
      P,
      [
        [120, -470],
        [190, -450],
        [240, -420],
      ],
      [18, 18, 20],
      'dark',
      3,
    );
    oval(P, 250, -370, 46, 46, 'steel', 4);
    oval(P, 262, -370, 30, 34, 'corn', 1, 0.3);
    put(
      P,
      paths.smooth(
        [
          [210, -250],
          [300, -290],
          [400, -230],
          [330, -240],
        ],
        true,
        0.8,
      ),
      'red',
      3,
      -0.1,
    );
  },
} satisfies Drawings;
