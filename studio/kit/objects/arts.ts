import type { Drawings } from '../../catalogue/slots.ts';
import * as paths from '../paths.ts';
import { bar, block, oval, put, shade } from './parts.ts';

/** Music, school and stage. The middle of each thing's foot is at 0,0; about 500 units high. */
export const ARTS = {
  piano(P) {
    block(P, -460, -560, 920, 560, 20, 'woodD', 4);
    block(P, -430, -530, 860, 210, 12, 'woodD', 1, -0.25);
    block(P, -160, -520, 320, 190, 6, 'white', 2);
    for (let i = 0; i < 4; i++) {
      P.ink(paths.rect(-140, -490 + i * 40, 280, 4), P.pal.ink, 0.5);
      P.ink(paths.ellipse(-100 + i * 60, -480 + (i % 3) * 40, 13, 10), P.pal.ink);
    }
    block(P, -500, -310, 1000, 60, 12, 'wood', 4);
    for (let i = 0; i < 17; i++) block(P, -470 + i * 55.5, -262, 52, 120, 6, 'white', 2);
    for (let i = 0; i < 16; i++)
      if (![2, 6, 9, 13].includes(i)) block(P, -434 + i * 55.5, -262, 32, 74, 4, 'dark', 2);
    block(P, -500, -142, 1000, 34, 8, 'wood', 3);
  },
  violin(P) {
    const p = P.pal;
    P.at(
      0,
      -290,
      () => {
        P.group(
          () => {
            block(P, -22, -330, 44, 330, 10, 'dark', 3);
            oval(P, 0, -350, 36, 36, 'wood', 3);
            P.piece(
              paths.smooth(
                [
                  [0, -90],
                  [100, -80],
                  [110, 10],
                  [70, 60],
                  [140, 130],
                  [130, 230],
                  [0, 280],
                  [-130, 230],
                  [-140, 130],
                  [-70, 60],
                  [-110, 10],
                  [-100, -80],
                ],
                true,
                0.9,
              ),
              shade(P, p.c('brick'), -140, 140),
              { lift: 4 },
            );
            for (const s of [-1, 1])
              P.line(
                paths.smooth(
                  [
                    [s * 60, 50],
                    [s * 44, 90],
                    [s * 64, 140],
                  ],
                  false,
                ),
                p.ink,
                9,
              );
            block(P, -36, 100, 72, 14, 4, 'woodL', 2);
            block(P, -26, 180, 52, 80, 8, 'dark', 2);
            for (const x of [-12, -4, 4, 12])
              P.line(
                paths.poly(
                  [
                    [x, -330],
                    [x, 180],
                  ],
                  false,
                ),
                p.paper,
                2.5,
                0.9,
              );
          },
          { lift: 4 },
        );
      },
      { rot: 0.35 },
    );
    P.at(
      170,
      -240,
      () => {
        bar(
          P,
          [
            [0, -320],
            [0, 320],
          ],
          [14, 16],
          'wood',
          3,
        );
        P.line(
          paths.poly(
            [
              [16, -310],
              [18, 310],
            ],
            false,
          ),
          p.paper,
          6,
        );
      },
      { rot: -0.4 },
    );
  },
  drum(P) {
    const p = P.pal;
    for (const s of [-1, 1]) {
      bar(
        P,
        [
          [s * 70, -360],
          [s * 330, -560],
        ],
        [18, 18],
        'woodL',
        3,
      );
      oval(P, s * 70, -360, 26, 20, 'woodL', 2);
    }
    P.piece(paths.rrect(-270, -310, 540, 300, 40), shade(P, p.c('red'), -270, 270), { lift: 4 });
    for (let i = 0; i < 6; i++)
      P.line(
        paths.poly(
          [
            [-250 + i * 100, -280],
            [-200 + i * 100, -40],
          ],
          false,
        ),
        p.c('cream'),
        10,
      );
    oval(P, 0, -306, 276, 60, 'cream', 3);
    for (const y of [-290, -40])
      P.line(
        paths.smooth(
          [
            [-274, y - 6],
            [0, y + 50],
            [274, y - 6],
          ],
          false,
        ),
        p.c('brass'),
        22,
      );
  },
  blackboard(P) {
    const p = P.pal;
    block(P, -440, -620, 880, 520, 16, 'wood', 4);
    P.piece(paths.rect(-410, -590, 820, 460), p.d('green', 0.5), { lift: 1 });
    const chalk = p.paper;
    P.line(
      paths.smooth(
        [
          [-340, -260],
          [-280, -470],
          [-220, -260],
        ],
        false,
      ),
      chalk,
      12,
      0.9,
    );
    P.line(
      paths.poly(
        [
          [-316, -340],
          [-244, -340],
        ],
        false,
      ),
      chalk,
      12,
      0.9,
    );
    P.line(
      paths.poly(
        [
          [-120, -400],
          [-40, -400],
        ],
        false,
      ),
      chalk,
      12,
      0.9,
    );
    P.line(
      paths.poly(
        [
          [-80, -440],
          [-80, -360],
        ],
        false,
      ),
      chalk,
      12,
      0.9,
    );
    P.line(paths.circle(70, -400, 60), chalk, 12, 0.9);
    P.line(
      paths.poly(
        [
          [190, -420],
          [260, -420],
        ],
        false,
      ),
      chalk,
      12,
      0.9,
    );
    P.line(
      paths.poly(
        [
          [190, -380],
          [260, -380],
        ],
        false,
      ),
      chalk,
      12,
      0.9,
    );
    P.line(
      paths.poly([
        [310, -320],
        [380, -320],
        [345, -460],
      ]),
      chalk,
      12,
      0.9,
    );
    for (const y of [-220, -180])
      P.line(
        paths.poly(
          [
            [-120, y],
            [330 - (y + 220), y],
          ],
          false,
        ),
        chalk,
        8,
        0.5,
      );
    block(P, -300, -130, 180, 26, 6, 'cream', 2);
    block(P, 160, -134, 120, 32, 8, 'red', 2);
    for (const x of [-400, 370]) block(P, x, -100, 40, 100, 4, 'wood', 3);
  },
  masks(P) {
    const mask = (c: string, smile: number) => {
      P.piece(
        paths.smooth(
          [
            [-160, -190],
            [0, -160],
            [160, -190],
            [170, 0],
            [90, 170],
            [0, 210],
            [-90, 170],
            [-170, 0],
          ],
          true,
          0.8,
        ),
        shade(P, P.pal.c(c), -170, 170),
        { lift: 5 },
      );
      for (const s of [-1, 1])
        P.ink(
          paths.smooth(
            [
              [s * 40, -40],
              [s * 80, -76 + (smile < 0 ? 26 : 0)],
              [s * 118, -46],
              [s * 80, -24],
            ],
            true,
            0.9,
          ),
          P.pal.ink,
        );
      P.ink(
        paths.smooth(
          [
            [-90, 80 - smile * 30],
            [0, 100 + smile * 30],
            [90, 80 - smile * 30],
            [0, 80 + smile * 80],
          ],
          true,
          0.9,
        ),
        P.pal.ink,
      );
    };
    P.at(170, -260, () => mask('denim', -1), { rot: 0.2 });
    P.at(-150, -330, () => mask('corn', 1), { rot: -0.16 });
    for (const [x, c] of [
      [-290, 'red'],
      [300, 'red'],
    ] as const)
      bar(
        P,
        [
          [x, -400],
          [x * 1.2, -250],
          [x * 1.05, -60],
        ],
        [18, 22, 10],
        c,
        2,
      );
  },
  easel(P) {
    const p = P.pal;
    for (const [a, b] of [
      [
        [-60, -640],
        [-280, 0],
      ],
      [
        [60, -640],
        [280, 0],
      ],
      [
        [0, -640],
        [20, 0],
      ],
    ] as const)
      bar(P, [a, b], [26, 30], 'wood', 3);
    block(P, -270, -560, 540, 390, 6, 'white', 4);
    P.clip(paths.rect(-250, -540, 500, 350), () => {
      P.piece(paths.rect(-250, -540, 500, 350), p.l('blue', 0.5), { lift: 0 });
      P.piece(paths.circle(120, -440, 50), p.c('corn'), { lift: 1 });
      for (const [x, y, r, c] of [
        [-160, -60, 240, 'leaf'],
        [160, -40, 230, 'teal'],
        [0, 30, 240, 'leafL'],
      ] as const)
        oval(P, x, y, r, r * 0.9, c, 2);
    });
    block(P, -300, -180, 600, 30, 8, 'woodD', 3);
  },
  clapper(P) {
    block(P, -340, -360, 680, 360, 20, 'dark', 4);
    for (const [x, w] of [
      [-300, 600],
      [-300, 380],
      [-300, 260],
    ] as const)
      P.ink(paths.rrect(x, w === 600 ? -240 : w === 380 ? -160 : -90, w, 10, 5), P.pal.paper, 0.7);
    P.at(
      -330,
      -370,
      () => {
        block(P, 0, -84, 680, 84, 10, 'dark', 4);
        P.clip(paths.rrect(0, -84, 680, 84, 10), () => {
          for (let i = 0; i < 6; i++)
            put(
              P,
              paths.poly([
                [i * 130, -90],
                [i * 130 + 66, -90],
                [i * 130 + 16, 6],
                [i * 130 - 50, 6],
              ]),
              'white',
              0,
            );
        });
      },
      { rot: -0.2 },
    );
    P.clip(paths.rect(-340, -360, 680, 70), () => {
      for (let i = 0; i < 7; i++)
        put(
          P,
          paths.poly([
            [-360 + i * 130, -360],
            [-294 + i * 130, -360],
            [-244 + i * 130, -290],
            [-310 + i * 130, -290],
          ]),
          'white',
          0,
        );
    });
  },
} satisfies Drawings;
