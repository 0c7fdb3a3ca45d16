import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import * as paths from '../paths.ts';
import { bar, block, heart, oval, put, shade } from './parts.ts';

/** What keeps well and what heals. The middle of each thing's foot is at 0,0; about 500 units high. */
export const HEALTH = {
  /** From above. */
  stethoscope(P) {
    const p = P.pal;
    P.line(
      paths.smooth(
        [
          [-260, -330],
          [-250, -120],
          [-120, 20],
          [40, -40],
          [60, -260],
          [60, -330],
        ],
        false,
      ),
      p.c('navy'),
      30,
    );
    P.line(
      paths.smooth(
        [
          [-110, 10],
          [-60, 240],
          [140, 300],
          [290, 200],
          [300, 20],
        ],
        false,
      ),
      p.c('navy'),
      30,
    );
    for (const x of [-260, 60]) {
      bar(
        P,
        [
          [x, -320],
          [x + (x < 0 ? 40 : -40), -430],
        ],
        [26, 22],
        'steel',
        2,
      );
      oval(P, x + (x < 0 ? 44 : -44), -440, 24, 24, 'dark', 2);
    }
    P.piece(paths.circle(300, -40, 96), shade(P, p.c('steel'), 204, 396), { lift: 4 });
    oval(P, 300, -40, 66, 66, 'white', 1);
    put(P, heart(300, -36, 34), 'red', 1);
  },
  syringe(P) {
    const p = P.pal;
    P.at(
      0,
      -250,
      () => {
        P.group(
          () => {
            block(P, -330, -10, 150, 20, 8, 'steelD', 2);
            block(P, -350, -80, 34, 160, 12, 'steel', 3);
            block(P, -196, -110, 28, 220, 12, 'steel', 3);
            P.piece(paths.rrect(-180, -64, 330, 128, 20), p.l('glass', 0.5), { lift: 3 });
            block(P, -40, -52, 182, 104, 12, 'blue', 1, 0.35);
            for (let i = 0; i < 7; i++) P.ink(paths.rect(-140 + i * 40, -64, 6, i % 2 ? 30 : 46), p.ink, 0.6);
            block(P, 150, -34, 50, 68, 10, 'steel', 2);
            block(P, 196, -6, 190, 12, 4, 'steelD', 1.5);
          },
          { lift: 4 },
        );
      },
      { rot: -0.45 },
    );
    P.at(360, -470, () =>
      put(
        P,
        paths.smooth(
          [
            [0, -40],
            [26, 8],
            [0, 36],
            [-26, 8],
          ],
          true,
          0.9,
        ),
        'blue',
        2,
        0.3,
      ),
    );
    P.at(-330, 0, () => {
      block(P, -70, -170, 140, 170, 16, 'glass', 3, 0.4);
      block(P, -54, -210, 108, 50, 10, 'red', 2);
      block(P, -70, -120, 140, 80, 4, 'white', 1);
    });
  },
  thermometer(P) {
    const p = P.pal;
    P.at(
      0,
      -260,
      () => {
        P.group(
          () => {
            P.piece(paths.rrect(-70, -300, 140, 480, 70), p.c('white'), { lift: 4 });
            P.piece(paths.circle(0, 190, 108), p.c('white'), { lift: 3 });
            P.piece(paths.circle(0, 190, 76), p.c('red'), { lift: 1.5 });
            block(P, -22, -150, 44, 320, 20, 'red', 1);
            for (let i = 0; i < 9; i++) P.ink(paths.rect(34, -240 + i * 40, i % 2 ? 20 : 32, 7), p.ink, 0.7);
          },
          { lift: 4 },
        );
      },
      { rot: 0.22 },
    );
    for (const [x, y] of [
      [-260, -420],
      [-300, -260],
    ] as const)
      nature.steam(P, x, y + 100, 160, 0.9, p.accent, 0.5);
  },
  toothbrush(P) {
    const p = P.pal;
    P.piece(paths.rrect(-130, -300, 260, 300, 30), shade(P, p.c('glass'), -130, 130), { lift: 4 });
    for (const [x, r, c] of [
      [-30, -0.22, 'teal'],
      [50, 0.26, 'red'],
    ] as const)
      P.at(
        x,
        -120,
        () => {
          block(P, -16, -420, 32, 420, 14, c, 3);
          block(P, -24, -470, 48, 130, 12, c, 2);
          block(P, 18, -462, 34, 112, 6, 'white', 2);
        },
        { rot: r },
      );
    put(P, paths.rrect(-130, -190, 260, 190, 30), 'glass', 2, -0.1);
    P.at(
      300,
      -30,
      () => {
        P.piece(
          paths.round(
            [
              [-160, -40],
              [100, -54],
              [100, 40],
              [-160, 26],
            ],
            12,
          ),
          p.c('white'),
          { lift: 3 },
        );
        block(P, -90, -46, 60, 80, 4, 'teal', 1);
        block(P, 96, -34, 60, 54, 10, 'teal', 2);
      },
      { rot: 0.08 },
    );
  },
  xray(P) {
    const p = P.pal;
    block(P, -330, -560, 660, 520, 16, 'white', 4);
    block(P, -300, -530, 600, 460, 10, 'navy', 1, -0.3);
    const bone = p.l('glass', 0.5);
    P.piece(paths.rrect(-16, -500, 32, 400, 12), bone, { lift: 0 });
    for (let i = 0; i < 9; i++) P.piece(paths.rrect(-26, -490 + i * 44, 52, 26, 8), bone, { lift: 0 });
    for (let i = 0; i < 5; i++)
      for (const s of [-1, 1])
        P.line(
          paths.smooth(
            [
              [s * 20, -440 + i * 58],
              [s * 150, -460 + i * 58],
              [s * (210 - Math.abs(i - 2) * 12), -380 + i * 58],
              [s * 90, -350 + i * 50],
            ],
            false,
          ),
          bone,
          20,
          0.85,
        );
    for (const s of [-1, 1])
      P.line(
        paths.smooth(
          [
            [s * 20, -480],
            [s * 140, -510],
            [s * 230, -490],
          ],
          false,
        ),
        bone,
        24,
        0.9,
      );
  },
  heartbeat(P) {
    const p = P.pal;
    block(P, -400, -540, 800, 440, 30, 'steelD', 4);
    P.piece(paths.rrect(-366, -506, 732, 370, 16), p.d('navy', 0.45), { lift: 1 });
    P.clip(paths.rrect(-366, -506, 732, 370, 16), () => {
      for (let i = 0; i < 12; i++) {
        P.ink(paths.rect(-366 + i * 64, -506, 2, 380), p.l('teal', 0.3), 0.25);
        if (i < 7) P.ink(paths.rect(-366, -506 + i * 56, 740, 2), p.l('teal', 0.3), 0.25);
      }
      P.line(
        paths.poly(
          [
            [-366, -320],
            [-200, -320],
            [-160, -360],
            [-120, -320],
            [-70, -320],
            [-30, -470],
            [20, -180],
            [60, -320],
            [140, -320],
            [180, -370],
            [220, -320],
            [370, -320],
          ],
          false,
        ),
        p.l('leaf', 0.35),
        14,
      );
    });
    put(P, heart(300, -440, 36), 'red', 2);
    block(P, -120, -110, 240, 40, 8, 'steel', 2);
    block(P, -220, -80, 440, 80, 20, 'steelD', 3);
  },
  soap(P) {
    const p = P.pal;
    P.piece(paths.rrect(-150, -330, 300, 330, 60), shade(P, p.c('rose'), -150, 150), { lift: 4 });
    block(P, -50, -400, 100, 80, 14, 'white', 2);
    bar(
      P,
      [
        [0, -400],
        [0, -470],
        [130, -480],
      ],
      [40, 40, 34],
      'white',
      3,
    );
    put(P, paths.rrect(-96, -230, 192, 130, 20), 'cream', 1);
    put(
      P,
      paths.smooth(
        [
          [0, -216],
          [30, -170],
          [0, -130],
          [-30, -170],
        ],
        true,
        0.9,
      ),
      'blue',
      1,
      0.3,
    );
    for (let i = 0; i < 14; i++) {
      const x = 230 + ((i * 67) % 260);
      const y = -30 - ((i * 43) % 330);
      P.piece(paths.circle(x, y, 20 + ((i * 13) % 34)), p.l('glass', 0.5), { lift: 2, a: 0.8 });
      P.ink(paths.ellipse(x - 8, y - 10, 8, 5, -0.6), p.paper);
    }
  },
  glasses(P) {
    const p = P.pal;
    for (const s of [-1, 1]) {
      P.piece(paths.circle(s * 170, -130, 130), p.l('glass', 0.4), { lift: 2, a: 0.8 });
      P.line(paths.circle(s * 170, -130, 130), p.c('dark'), 26);
      P.line(
        paths.smooth(
          [
            [s * 296, -170],
            [s * 380, -230],
            [s * 430, -150],
          ],
          false,
        ),
        p.c('dark'),
        22,
      );
      P.line(
        paths.smooth(
          [
            [s * 170 - 70, -160],
            [s * 170 - 40, -200],
          ],
          false,
        ),
        p.paper,
        14,
        0.8,
      );
    }
    P.line(
      paths.smooth(
        [
          [-50, -160],
          [0, -190],
          [50, -160],
        ],
        false,
      ),
      p.c('dark'),
      24,
    );
  },
  dumbbell(P) {
    block(P, -220, -120, 380, 44, 14, 'steel', 3);
    for (const x of [-260, -200, 130, 190])
      block(
        P,
        x - 34,
        -200 + (Math.abs(x + 30) > 180 ? 26 : 0),
        60,
        Math.abs(x + 30) > 180 ? 150 : 200,
        18,
        'navy',
        4,
      );
    P.at(380, -10, () => {
      P.piece(
        paths.smooth(
          [
            [0, -150],
            [90, -180],
            [130, -90],
            [80, 10],
            [0, 0],
            [-80, 10],
            [-130, -90],
            [-90, -180],
          ],
          true,
          0.9,
        ),
        shade(P, P.pal.c('red'), -130, 130),
        { lift: 4 },
      );
      bar(
        P,
        [
          [0, -150],
          [10, -210],
        ],
        [12, 14],
        'woodD',
        1.5,
      );
      nature.leafP(P, 12, -190, 80, -0.5, P.pal.c('leaf'));
    });
  },
} satisfies Drawings;
