import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import * as paths from '../paths.ts';
import { bar, block, oval, put, shade } from './parts.ts';

/** What people take along, put on their skin, and throw away. The middle of each thing's foot is at 0,0. */
export const CARRIED = {
  backpack(P) {
    const p = P.pal;
    for (const s of [-1, 1])
      bar(
        P,
        [
          [s * 120, -560],
          [s * 250, -420],
          [s * 240, -120],
        ],
        [34, 40, 34],
        'navy',
        3,
        -0.2,
      );
    P.line(
      paths.smooth(
        [
          [-60, -600],
          [-40, -670],
          [40, -670],
          [60, -600],
        ],
        false,
      ),
      p.c('dark'),
      24,
    );
    P.piece(paths.rrect(-210, -620, 420, 620, [190, 190, 60, 60]), shade(P, p.c('teal'), -210, 210), {
      lift: 5,
    });
    block(P, -150, -500, 300, 20, 10, 'mustard', 1);
    P.piece(paths.rrect(-170, -280, 340, 260, 50), shade(P, p.d('teal', 0.18), -170, 170), { lift: 4 });
    block(P, -140, -226, 280, 16, 8, 'mustard', 1);
    bar(
      P,
      [
        [96, -220],
        [104, -170],
      ],
      [12, 20],
      'mustard',
      2,
    );
    for (const x of [-100, 100]) {
      block(P, x - 18, -440, 36, 190, 8, 'brick', 2);
      block(P, x - 26, -300, 52, 44, 8, 'brass', 2);
    }
    P.piece(paths.rrect(-250, -760, 500, 110, 55), shade(P, p.c('mustard'), -250, 250), { lift: 4 });
    for (const x of [-130, 130]) block(P, x - 14, -764, 28, 118, 8, 'woodD', 2);
  },
  waterBottle(P) {
    const p = P.pal;
    P.piece(paths.rrect(-100, -520, 200, 520, 46), shade(P, p.c('blue'), -100, 100), { lift: 5 });
    P.ink(paths.rrect(-74, -470, 30, 400, 15), p.paper, 0.28);
    put(P, paths.rrect(-76, -590, 152, 80, 16), 'steel', 3);
    block(P, -90, -660, 180, 80, 26, 'dark', 4);
    P.line(paths.ring(0, -690, 46, 4), p.c('dark'), 18);
    const drop = paths.smooth(
      [
        [0, -370],
        [52, -260],
        [0, -210],
        [-52, -260],
      ],
      true,
      0.9,
    );
    P.piece(drop, p.paper, { lift: 1 });
    for (let i = 0; i < 3; i++) block(P, 40, -160 + i * 40, 34, 8, 4, 'white', 0);
    oval(P, 210, -8, 60, 14, 'glass', 1);
    oval(P, 280, -4, 26, 8, 'glass', 1);
  },
  cosmetics(P) {
    const p = P.pal;
    P.piece(paths.rrect(-330, -420, 150, 420, 30), shade(P, p.c('rose'), -330, -180), { lift: 5 });
    block(P, -290, -500, 70, 90, 10, 'white', 3);
    block(P, -300, -540, 120, 44, 16, 'white', 3);
    block(P, -308, -270, 106, 130, 8, 'cream', 1);
    for (const y of [-240, -210, -180]) P.ink(paths.rrect(-288, y, 66, 8, 4), p.ink, 0.4);
    P.piece(paths.rrect(-130, -180, 270, 180, 36), shade(P, p.c('white'), -130, 140), { lift: 5 });
    block(P, -142, -250, 294, 84, 22, 'brass', 4);
    block(P, -60, -130, 130, 60, 8, 'rose', 1, 0.3);
    block(P, 200, -250, 92, 250, 12, 'dark', 4);
    block(P, 208, -340, 76, 100, 6, 'brass', 3);
    put(
      P,
      paths.smooth(
        [
          [216, -340],
          [216, -420],
          [270, -460],
          [278, -340],
        ],
        true,
        0.5,
      ),
      'red',
      3,
    );
    for (const [x, y, a] of [
      [-420, -60, -0.5],
      [-410, -30, -2.6],
      [360, -20, -0.6],
    ] as const)
      nature.leafP(P, x, y, 120, a, p.c('leaf'));
  },
  dustbin(P) {
    const p = P.pal;
    for (const [x, y, r, c] of [
      [-80, -520, 70, 'white'],
      [60, -540, 84, 'cream'],
      [130, -490, 60, 'white'],
    ] as const)
      put(P, nature.wobble(P, x, y, r, 0.14), c, 4);
    P.at(-150, -500, () => block(P, -30, -120, 60, 180, 16, 'glass', 3), { rot: -0.35 });
    put(
      P,
      paths.poly([
        [-220, -470],
        [220, -470],
        [170, 0],
        [-170, 0],
      ]),
      'steelD',
      5,
    );
    for (let i = 0; i < 6; i++)
      P.ink(
        paths.poly([
          [-176 + i * 66, -440],
          [-156 + i * 66, -440],
          [-132 + i * 51, -24],
          [-146 + i * 51, -24],
        ]),
        p.ink,
        0.25,
      );
    block(P, -240, -492, 480, 46, 20, 'steel', 3);
    put(P, nature.wobble(P, 310, -40, 56, 0.16), 'white', 4);
    P.at(-320, -30, () => block(P, -60, -28, 120, 56, 20, 'red', 3), { rot: 0.3 });
  },
  houseplant(P) {
    const p = P.pal;
    const c = p.c('leaf');
    for (const [x, y, len, a, t] of [
      [-40, -260, 300, -2.5, 0.2],
      [40, -260, 300, -0.62, 0.2],
      [-10, -300, 330, -1.95, 0.1],
      [20, -300, 330, -1.18, 0.1],
      [0, -320, 340, -1.57, 0],
      [-60, -230, 240, -2.95, 0],
      [60, -230, 240, -0.2, 0],
    ] as const) {
      const end = [x + Math.cos(a) * 90, y + Math.sin(a) * 90] as const;
      bar(
        P,
        [
          [0, -200],
          [(x + end[0]) / 2, y],
          [end[0], end[1]],
        ],
        [12, 10, 8],
        'leafD',
        1.5,
      );
      nature.leafP(P, end[0], end[1], len, a, t ? p.d('leaf', t) : c, { fat: 0.46, lift: 4 });
      const mid = (k: number) => [end[0] + Math.cos(a) * len * k, end[1] + Math.sin(a) * len * k] as const;
      for (const k of [0.35, 0.52, 0.68]) {
        const [mx, my] = mid(k);
        for (const s of [-1, 1])
          P.line(
            paths.poly(
              [
                [mx, my],
                [mx + Math.cos(a + s * 0.8) * len * 0.16, my + Math.sin(a + s * 0.8) * len * 0.16],
              ],
              false,
            ),
            p.c('leafD'),
            5,
            0.6,
          );
      }
    }
    P.piece(
      paths.round(
        [
          [-170, -230],
          [170, -230],
          [126, 0],
          [-126, 0],
        ],
        14,
      ),
      shade(P, p.c('brick'), -170, 170),
      { lift: 5 },
    );
    block(P, -186, -264, 372, 64, 12, 'brick', 3, 0.1);
  },
} satisfies Drawings;
