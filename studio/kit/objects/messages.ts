import type { Drawings } from '../../catalogue/slots.ts';
import * as paths from '../paths.ts';
import { bar, block, oval, put, shade } from './parts.ts';

/** Letters, nets and programs. The middle of each thing's foot is at 0,0; about 500 units high. */
export const MESSAGES = {
  notesWall(P) {
    const p = P.pal;
    block(P, -480, -680, 960, 640, 16, 'white', 4);
    for (let r = 0; r < 3; r++)
      for (let i = 0; i < 5; i++) {
        if ((i + r * 2) % 7 === 5) continue;
        const c = ['corn', 'rose', 'leafL', 'blue', 'carrot'][(i * 2 + r * 3) % 5] ?? 'corn';
        P.at(
          -360 + i * 180,
          -570 + r * 200,
          () => {
            block(P, -70, -70, 140, 140, 4, c, 3, 0.25);
            P.ink(paths.rrect(-50, -40, 100, 10, 5), p.ink, 0.4);
            P.ink(paths.rrect(-50, -14, 80, 10, 5), p.ink, 0.4);
            P.ink(paths.rrect(-50, 12, 60, 10, 5), p.ink, 0.4);
          },
          { rot: (((i * 31 + r * 17) % 9) - 4) * 0.022 },
        );
      }
  },
  mail(P) {
    const p = P.pal;
    P.piece(paths.rrect(-340, -440, 680, 440, 20), shade(P, p.c('cream'), -340, 340), { lift: 4 });
    for (const s of [-1, 1])
      P.line(
        paths.poly(
          [
            [s * 330, -10],
            [s * 70, -210],
          ],
          false,
        ),
        p.d('cream', 0.25),
        8,
      );
    put(
      P,
      paths.round(
        [
          [-340, -436, 14],
          [340, -436, 14],
          [0, -160, 30],
        ],
        14,
      ),
      'white',
      4,
    );
    P.piece(paths.circle(330, -430, 90), p.c('red'), { lift: 4 });
    P.ink(paths.rrect(320, -480, 22, 100, 6), p.paper);
    P.ink(
      paths.poly([
        [320, -480],
        [320, -456],
        [292, -444],
        [292, -464],
      ]),
      p.paper,
    );
  },
  phishing(P) {
    const p = P.pal;
    P.line(
      paths.smooth(
        [
          [120, -900],
          [110, -520],
          [110, -430],
        ],
        false,
      ),
      p.c('steelD'),
      8,
    );
    P.line(
      paths.smooth(
        [
          [110, -440],
          [120, -250],
          [60, -140],
          [-40, -160],
          [-50, -240],
        ],
        false,
      ),
      p.c('steel'),
      22,
    );
    put(
      P,
      paths.poly([
        [-50, -300],
        [-14, -220],
        [-84, -224],
      ]),
      'steel',
      2,
    );
    oval(P, 110, -450, 20, 26, 'steelD', 2);
    P.at(
      -60,
      -200,
      () => {
        block(P, -230, -150, 460, 300, 16, 'white', 5);
        P.line(
          paths.poly(
            [
              [-220, -140],
              [0, 30],
              [220, -140],
            ],
            false,
          ),
          p.d('cream', 0.3),
          10,
        );
        P.piece(paths.circle(150, 90, 44), p.c('red'), { lift: 2 });
        P.ink(paths.rrect(142, 62, 16, 36, 6), p.paper);
        P.ink(paths.circle(150, 112, 8), p.paper);
      },
      { rot: -0.1 },
    );
    P.line(
      paths.smooth(
        [
          [60, -140],
          [-40, -160],
          [-50, -240],
        ],
        false,
      ),
      p.c('steel'),
      22,
    );
  },
  shield(P) {
    const p = P.pal;
    P.piece(
      paths.smooth(
        [
          [0, -580],
          [240, -500],
          [250, -260],
          [140, -80],
          [0, 0],
          [-140, -80],
          [-250, -260],
          [-240, -500],
        ],
        true,
        0.6,
      ),
      shade(P, p.c('blue'), -250, 250),
      { lift: 5 },
    );
    put(
      P,
      paths.smooth(
        [
          [0, -520],
          [190, -456],
          [196, -260],
          [110, -120],
          [0, -54],
          [-110, -120],
          [-196, -260],
          [-190, -456],
        ],
        true,
        0.6,
      ),
      'blue',
      2,
      0.25,
    );
    bar(
      P,
      [
        [-100, -290],
        [-26, -200],
        [110, -390],
      ],
      [50, 50, 50],
      'white',
      4,
    );
  },
  chain(P, o) {
    const p = P.pal;
    for (let i = 0; i < 6; i++) {
      const x = -450 + i * 180;
      if (o.whole === 0 && (i === 2 || i === 3)) {
        P.at(
          x + (i === 2 ? -10 : 10),
          -230,
          () => {
            P.group(
              () =>
                P.line(
                  paths.smooth(
                    i === 2
                      ? [
                          [60, -70],
                          [-90, -74],
                          [-110, 0],
                          [-90, 74],
                          [40, 80],
                        ]
                      : [
                          [-60, -80],
                          [90, -74],
                          [110, 0],
                          [90, 74],
                          [-40, 70],
                        ],
                    false,
                  ),
                  p.c('steelD'),
                  40,
                ),
              { lift: 4 },
            );
          },
          { rot: i === 2 ? 0.16 : -0.2 },
        );
        continue;
      }
      P.group(
        () => P.line(paths.rrect(x - 110, -305, 220, 150, 75), i % 2 ? p.c('steel') : p.c('steelD'), 40),
        { lift: 4 },
      );
    }
    if (o.whole === 0)
      for (const a of [-2.2, -1.57, -0.95, 0.9, 1.57, 2.3])
        P.line(
          paths.poly(
            [
              [Math.cos(a) * 90, -230 + Math.sin(a) * 130],
              [Math.cos(a) * 130, -230 + Math.sin(a) * 190],
            ],
            false,
          ),
          p.accent2,
          12,
        );
  },
} satisfies Drawings;
