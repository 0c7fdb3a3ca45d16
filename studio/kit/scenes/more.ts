import { mix } from '../colour.ts';
import { nature } from '../nature.ts';
import type { Kit, Paint } from '../paint.ts';
import { paths } from '../paths.ts';
import { BLEED, ground, sky } from '../places/parts.ts';
import { rng } from '../random.ts';
import { live, pane, passing, plant, room, swing } from './parts.ts';
import { car } from './work.ts';

const sheet = (P: Paint, a: string, b: string) =>
  P.piece(paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED), P.lin(0, -300, 0, 1500, a, b), {
    lift: 0,
    edge: 0,
  });

/** Machines, energy, health, animals, and calm grounds on which words stand. */
export const MORE: Kit = {
  drive(P) {
    const p = P.pal;
    sky(P, { hor: 780, x: 1380, y: 320 });
    const u = P.canvas.height / P.k / 1110;
    passing(P, 'hills', 0.1, (x0) => {
      P.piece(
        paths.smooth(
          [
            [x0 - 700 * u, 1400],
            [x0 - 380 * u, 790],
            [x0, 610],
            [x0 + 380 * u, 780],
            [x0 + 700 * u, 1400],
          ],
          true,
          0.6,
        ),
        p.ramp[1],
        { lift: 3 },
      );
    });
    P.layer('lawn', 0.2, () => ground(P, 900, p.ramp[2]));
    passing(P, 'trees', 0.3, (x0) => {
      for (const [x, s] of [
        [0, 2.2],
        [300, 1.5],
        [640, 2.4],
        [900, 1.7],
      ])
        nature.round(P, x0 + x * u, 1000, s, mix(p.c('leaf'), p.ramp[3], 0.3));
    });
    P.layer('road', 0.3, () =>
      P.piece(
        paths.rect(-BLEED, 1020, 1920 + 2 * BLEED, 2000),
        P.lin(0, 1020, 0, 1400, mix(p.c('grey'), p.ramp[3], 0.4), mix(p.c('dark'), p.ramp[3], 0.4)),
        { lift: 3 },
      ),
    );
    passing(
      P,
      'marks',
      0.4,
      (x0) => {
        const period = P.canvas.height / P.k;
        for (let i = 0; i < 4; i++)
          P.piece(paths.rrect(x0 + (i * period) / 4, 1215, period / 9, 18, 8), p.paper, { lift: 0.6 });
      },
      3,
    );
    live(P, 'car', 0.5, (t) =>
      P.group(() => car(P, 960, 1170 + swing(t, 6) * 2, 1.35, 'mustard', { turn: t * Math.PI * 2 * 4 }), {
        lift: 5,
      }),
    );
  },
  robot(P) {
    const p = P.pal;
    P.layer('ground', 0.1, () => {
      sheet(P, p.c('#3d4f7a'), p.c('#6d86a8'));
      P.piece(nature.wobble(P, 960, 620, 500, 0.01), p.l('#6d86a8', 0.2), { lift: 3 });
      ground(P, 1120, p.c('#2f3d5e'));
    });
    live(P, 'robot', 0.4, (t) => {
      const d = swing(t, 2) * 8;
      P.group(() => {
        for (const x of [870, 1010]) {
          P.piece(paths.rrect(x, 1000, 46, 150, 14), p.c('steelD'), { lift: 3 });
          P.piece(paths.rrect(x - 24, 1120, 94, 50, 20), p.c('dark'), { lift: 3 });
        }
        P.piece(
          paths.tube(
            [
              [770, 780],
              [690, 900],
              [730, 1000],
            ],
            [46, 40, 36],
          ),
          p.c('steelD'),
          { lift: 3 },
        );
        P.piece(
          paths.tube(
            [
              [1150, 780],
              [1260, 720 - d],
              [1290, 580 - d * 3],
            ],
            [46, 40, 36],
          ),
          p.c('steelD'),
          { lift: 3 },
        );
        P.piece(paths.rrect(1250, 510 - d * 3, 84, 84, 30), p.c('mustard'), { lift: 3 });
        P.piece(paths.rrect(690, 980, 84, 84, 30), p.c('mustard'), { lift: 3 });
        P.piece(
          paths.rrect(760, 700, 400, 330, 50),
          P.lin(760, 0, 1160, 0, p.l('steel', 0.3), p.c('steel')),
          {
            lift: 4,
          },
        );
        P.piece(paths.rrect(830, 770, 260, 160, 20), p.c('navy'), { lift: 1 });
        for (let i = 0; i < 5; i++)
          P.piece(
            paths.rrect(
              856 + i * 44,
              900 - 30 - ((i * 37 + Math.round(10 + d)) % 80),
              26,
              30 + ((i * 37 + Math.round(10 + d)) % 80),
              4,
            ),
            p.c(i % 2 ? 'mustard' : 'leafL'),
            { lift: 0.8 },
          );
        P.piece(paths.rect(940, 640, 40, 70), p.c('steelD'), { lift: 2 });
        P.piece(
          paths.rrect(740, 330 + d * 0.4, 440, 320, 90),
          P.lin(740, 0, 1180, 0, p.l('steel', 0.4), p.c('steel')),
          { lift: 5 },
        );
        P.piece(paths.rrect(800, 400 + d * 0.4, 320, 170, 60), p.c('dark'), { lift: 1 });
        for (const x of [890, 1030]) P.piece(paths.circle(x, 485 + d * 0.4, 36), p.c('#8fe0d8'), { lift: 1 });
        P.piece(paths.rect(952, 260 + d * 0.4, 16, 80), p.c('steelD'), { lift: 2 });
        P.piece(paths.circle(960, 240 + d * 0.4, 30), p.c('red'), { lift: 3 });
      });
    });
  },
  chip(P) {
    const p = P.pal;
    P.layer('board', 0, () => {
      sheet(P, p.c('#1f5a52'), p.c('#17443f'));
      const R = rng('chip');
      for (let i = 0; i < 40; i++) {
        const side = i % 4;
        const k = Math.floor(i / 4) - 4.5;
        const q = k * 62;
        const bend = q * 1.9 + R.r(-30, 30);
        const end = 900 + R.r(0, 900);
        const pts =
          side === 0
            ? [
                [960 + 260, 640 + q],
                [960 + 420, 640 + q],
                [960 + 560, 640 + bend],
                [960 + end, 640 + bend],
              ]
            : side === 1
              ? [
                  [960 - 260, 640 + q],
                  [960 - 420, 640 + q],
                  [960 - 560, 640 + bend],
                  [960 - end, 640 + bend],
                ]
              : side === 2
                ? [
                    [960 + q, 380],
                    [960 + q, 240],
                    [960 + bend, 100],
                    [960 + bend, 640 - end],
                  ]
                : [
                    [960 + q, 900],
                    [960 + q, 1040],
                    [960 + bend, 1180],
                    [960 + bend, 640 + end],
                  ];
        P.line(paths.poly(pts, false), p.c(i % 5 === 2 ? 'mustard' : '#4fa08f'), 12);
        const e = pts[3];
        P.piece(paths.circle(e[0], e[1], 22), p.c('mustard'), { lift: 1 });
        P.ink(paths.circle(e[0], e[1], 9), p.c('#17443f'));
      }
    });
    P.layer('chip', 0.3, () => {
      for (let i = 0; i < 9; i++)
        for (const [x, y, w, h] of [
          [690 + i * 62, 350, 34, 580],
          [670, 370 + i * 62, 580, 34],
        ])
          P.piece(paths.rrect(x, y, w, h, 6), p.c('steel'), { lift: 2 });
      P.piece(
        paths.rrect(700, 380, 520, 520, 30),
        P.lin(700, 380, 1220, 900, p.l('dark', 0.12), p.c('dark')),
        {
          lift: 6,
        },
      );
      P.piece(
        paths.rrect(810, 490, 300, 300, 18),
        P.lin(810, 490, 1110, 790, p.l('steel', 0.3), p.c('steelD')),
        {
          lift: 2,
        },
      );
      for (let i = 0; i < 3; i++)
        P.ink(paths.rrect(860, 560 + i * 62, 200 - i * 44, 24, 8), p.c('dark'), 0.6);
    });
  },
  solar(P) {
    const p = P.pal;
    sky(P, { hor: 900, x: 430, y: 330, r: 120 });
    P.layer('far', 0.2, () => {
      nature.sheet(P, nature.hill(P, 840, 70), p.ramp[1], 840);
      trees(P);
    });
    P.layer('roof', 0.5, () => {
      P.piece(paths.rect(1330, 200, 110, 300), p.c('brick'), { lift: 4 });
      P.piece(
        paths.poly([
          [420, 1000],
          [900, 330],
          [1920 + BLEED, 330],
          [1920 + BLEED, 2800],
          [420, 2800],
        ]),
        p.c('cream'),
        { lift: 5 },
      );
      P.piece(
        paths.poly([
          [330, 1080],
          [880, 300],
          [1920 + BLEED, 300],
          [1920 + BLEED, 1080],
        ]),
        P.lin(0, 300, 0, 1080, p.c('brick'), p.d('brick', 0.25)),
        { lift: 6 },
      );
      for (let r = 0; r < 3; r++)
        for (let i = 0; i < 7; i++) {
          const q = (k: number, j: number) => [880 - k * 550 * 0.98 + j * 230 + 60, 340 + k * 720];
          const k0 = r * 0.3 + 0.04;
          const k1 = k0 + 0.27;
          const a = q(k0, i + 0.05);
          const b = q(k0, i + 0.95);
          const c = q(k1, i + 0.95);
          const d = q(k1, i + 0.05);
          P.piece(paths.poly([a, b, c, d]), P.lin(a[0], a[1], c[0], c[1], p.c('#3f6fa8'), p.c('#22406e')), {
            lift: 3,
          });
          for (const f of [0.33, 0.66]) {
            P.line(
              paths.poly(
                [
                  [a[0] + (b[0] - a[0]) * f, a[1]],
                  [d[0] + (c[0] - d[0]) * f, d[1]],
                ],
                false,
              ),
              p.paper,
              2.5,
              0.5,
            );
            P.line(
              paths.poly(
                [
                  [a[0] + (d[0] - a[0]) * f, a[1] + (d[1] - a[1]) * f],
                  [b[0] + (c[0] - b[0]) * f, b[1] + (c[1] - b[1]) * f],
                ],
                false,
              ),
              p.paper,
              2.5,
              0.5,
            );
          }
        }
    });
    function trees(P: Paint) {
      for (const [x, s] of [
        [120, 2],
        [330, 1.5],
        [-160, 2.2],
      ])
        nature.round(P, x, 960, s, p.c('leaf'));
      ground(P, 940, p.ramp[2]);
    }
  },
  bins(P) {
    const p = P.pal;
    P.layer('wall', 0.1, () => {
      room(P, '#cfc3a4', 'grey', 1060);
      for (let r = 0; r < 18; r++)
        for (let i = -6; i < 18; i++)
          P.ink(paths.rrect(i * 190 + (r % 2) * 95, -700 + r * 98, 176, 84, 8), p.d('#cfc3a4', 0.08), 0.5);
      plant(P, 330, 1120, 1.2, 'brick');
    });
    P.layer('bins', 0.4, () => {
      for (const [x, c] of [
        [500, 'leaf'],
        [800, 'blue'],
        [1100, 'mustard'],
      ] as const)
        P.group(() => {
          P.piece(
            paths.round(
              [
                [x + 10, 690],
                [x + 250, 690],
                [x + 226, 1180],
                [x + 34, 1180],
              ],
              14,
            ),
            P.lin(x, 0, x + 260, 0, p.l(c, 0.1), p.d(c, 0.2)),
            { lift: 5 },
          );
          P.piece(paths.rrect(x - 10, 640, 280, 64, 16), p.d(c, 0.2), { lift: 4 });
          for (let i = 0; i < 3; i++) {
            const a = (i / 3) * Math.PI * 2 - Math.PI / 2;
            const cx = x + 130;
            const cy = 920;
            P.line(
              paths.smooth(
                [
                  [cx + Math.cos(a) * 62, cy + Math.sin(a) * 62],
                  [cx + Math.cos(a + 0.7) * 70, cy + Math.sin(a + 0.7) * 70],
                  [cx + Math.cos(a + 1.35) * 62, cy + Math.sin(a + 1.35) * 62],
                ],
                false,
              ),
              p.paper,
              18,
            );
            const e = a + 1.6;
            P.piece(
              paths.poly([
                [cx + Math.cos(e + 0.24) * 62, cy + Math.sin(e + 0.24) * 62],
                [cx + Math.cos(e - 0.22) * 92, cy + Math.sin(e - 0.22) * 92],
                [cx + Math.cos(e - 0.22) * 32, cy + Math.sin(e - 0.22) * 32],
              ]),
              p.paper,
              { lift: 0 },
            );
          }
        });
      P.piece(paths.rrect(600, 520, 60, 120, 14), p.c('leafL'), { lift: 4 });
      P.piece(paths.rect(616, 470, 28, 60), p.c('leafL'), { lift: 3 });
      P.at(930, 600, () => P.piece(paths.rrect(-90, -50, 180, 80, 4), p.c('#c9a06a'), { lift: 4 }), {
        rot: -0.2,
      });
      P.piece(paths.rrect(1190, 540, 90, 110, 16), p.c('steel'), { lift: 4 });
      P.piece(paths.ellipse(1235, 544, 44, 12), p.c('steelD'), { lift: 1 });
    });
  },
  tap(P) {
    const p = P.pal;
    P.layer('wall', 0.1, () => {
      sheet(P, p.c('#a9cdd2'), p.c('#c8e0df'));
      for (let r = -4; r < 14; r++)
        for (let i = -8; i < 18; i++)
          P.piece(
            paths.rrect(i * 150, r * 150 - 60, 142, 142, 8),
            mix(p.c('#b8d6d8'), p.paper, ((i * 7 + r * 5) % 5) * 0.08),
            { lift: 0.8, grain: 0.2 },
          );
    });
    live(P, 'water', 0.3, (t) => {
      const d = swing(t, 3) * 3;
      P.piece(
        paths.tube(
          [
            [1030, 560],
            [1032 + d, 700],
            [1030 - d, 860],
          ],
          [46, 40, 44],
        ),
        p.l('#4fb3c4', 0.3),
        { lift: 2, a: 0.9 },
      );
      for (let i = 0; i < 8; i++) {
        const q = (t * 2 + i / 8) % 1;
        const a = Math.PI * (0.15 + 0.7 * (i / 7));
        P.piece(
          paths.circle(
            1030 + Math.cos(a) * 150 * q,
            880 - Math.sin(a) * 110 * q + 130 * q * q,
            16 * (1 - q) + 2,
          ),
          p.l('#4fb3c4', 0.4),
          { lift: 1, grain: 0 },
        );
      }
    });
    P.layer('tap', 0.4, () => {
      P.group(() => {
        P.piece(
          paths.tube(
            [
              [700, 1000],
              [700, 420],
              [760, 330],
              [960, 330],
              [1030, 400],
              [1030, 540],
            ],
            [90, 86, 84, 84, 82, 74],
          ),
          P.lin(660, 0, 1080, 0, p.l('steel', 0.4), p.c('steelD')),
          { lift: 6 },
        );
        P.piece(paths.rrect(984, 520, 92, 50, 10), p.c('steelD'), { lift: 3 });
        P.piece(paths.rrect(660, 250, 80, 110, 14), p.c('steelD'), { lift: 3 });
        P.piece(paths.rrect(580, 210, 240, 56, 28), p.c('blue'), { lift: 4 });
      });
      P.piece(
        paths.rect(-BLEED, 1010, 1920 + 2 * BLEED, 2000),
        P.lin(0, 1010, 0, 1300, p.paper, p.d('cream', 0.15)),
        {
          lift: 5,
        },
      );
      P.piece(paths.ellipse(1030, 1030, 470, 70), p.d('cream', 0.3), { lift: 0 });
      P.piece(paths.ellipse(1030, 1050, 420, 52), p.l('#4fb3c4', 0.2), { lift: 0 });
      P.line(paths.ellipse(1030, 1050, 200, 22), p.paper, 5, 0.8);
      P.piece(paths.rrect(620, 980, 160, 50, 14), p.c('steelD'), { lift: 4 });
    });
  },
  pills(P) {
    const p = P.pal;
    P.layer('table', 0, () => {
      sheet(P, p.c('#e9c7b4'), p.c('#d9a893'));
      P.piece(nature.wobble(P, 960, 660, 560, 0.02), p.l('#e9c7b4', 0.4), { lift: 2 });
    });
    P.layer('things', 0.3, () => {
      P.group(() => {
        P.piece(
          paths.rrect(640, 470, 300, 520, 40),
          P.lin(640, 0, 940, 0, p.l('carrot', 0.2), p.d('carrot', 0.15)),
          { lift: 6 },
        );
        P.piece(paths.rrect(620, 350, 340, 140, 24), p.paper, { lift: 5 });
        for (let i = 0; i < 11; i++) P.ink(paths.rect(640 + i * 30, 360, 8, 120), p.d('cream', 0.15), 0.6);
        P.piece(paths.rect(640, 600, 300, 240), p.paper, { lift: 1 });
        P.piece(paths.rrect(756, 650, 68, 140, 8), p.c('red'), { lift: 0 });
        P.piece(paths.rrect(720, 686, 140, 68, 8), p.c('red'), { lift: 0 });
      });
      for (const [x, y, a, c] of [
        [1080, 900, 0.4, 'red'],
        [1240, 820, -0.5, 'blue'],
        [1180, 1010, 1.2, 'mustard'],
        [1340, 960, 0.1, 'teal'],
      ] as const)
        P.at(
          x,
          y,
          () => {
            P.piece(paths.rrect(-64, -26, 128, 52, 26), p.paper, { lift: 4 });
            P.piece(paths.rrect(-64, -26, 64, 52, [26, 0, 0, 26]), p.c(c), { lift: 0 });
          },
          { rot: a },
        );
      P.group(() =>
        P.at(
          1240,
          560,
          () => {
            P.piece(paths.rrect(-240, -26, 480, 52, 26), p.paper, { lift: 4 });
            P.piece(paths.circle(-230, 0, 44), p.c('red'), { lift: 2 });
            P.piece(paths.rect(-220, -8, 300, 16), p.c('red'), { lift: 0 });
            for (let i = 0; i < 12; i++) P.ink(paths.rect(-160 + i * 30, 10, 4, i % 3 ? 12 : 18), p.ink, 0.7);
          },
          { rot: -0.5 },
        ),
      );
    });
  },
  fruit(P) {
    const p = P.pal;
    P.layer('table', 0, () => {
      room(P, '#5b8f8a', 'woodL', 960);
      P.piece(nature.wobble(P, 960, 520, 440, 0.02), p.l('#5b8f8a', 0.25), { lift: 3 });
    });
    P.layer('bowl', 0.3, () =>
      P.group(() => {
        for (const [x, y, r, c] of [
          [760, 620, 120, 'tomato'],
          [960, 540, 130, 'carrot'],
          [1150, 610, 118, 'leafL'],
          [860, 680, 110, 'corn'],
          [1060, 690, 112, 'beet'],
        ] as const) {
          P.piece(
            nature.wobble(P, x, y, r, 0.03),
            P.lin(x - r, y - r, x + r, y + r, p.l(c, 0.2), p.d(c, 0.15)),
            {
              lift: 5,
            },
          );
          P.piece(
            paths.tube(
              [
                [x, y - r + 12],
                [x + 14, y - r - 30],
              ],
              [9, 7],
            ),
            p.c('woodD'),
            { lift: 1 },
          );
        }
        for (const k of [0, 1])
          P.piece(
            paths.smooth(
              [
                [1180, 560 + k * 40],
                [1340, 520 + k * 50],
                [1400, 400 + k * 60],
                [1420, 420 + k * 60],
                [1380, 600 + k * 40],
                [1220, 660 + k * 20],
              ],
              true,
              0.8,
            ),
            p.l('corn', 0.1 + k * 0.1),
            { lift: 4 },
          );
        P.piece(
          paths.smooth(
            [
              [580, 700],
              [1340, 700],
              [1240, 940],
              [1080, 1010],
              [840, 1010],
              [680, 940],
            ],
            true,
            0.5,
          ),
          P.lin(580, 0, 1340, 0, p.l('navy', 0.15), p.d('navy', 0.2)),
          { lift: 6 },
        );
        for (let i = 0; i < 7; i++)
          P.ink(paths.circle(690 + i * 90, 800 + Math.abs(i - 3) * -8, 16), p.paper, 0.8);
        P.piece(paths.rrect(820, 1000, 280, 30, 10), p.d('navy', 0.3), { lift: 3 });
      }),
    );
  },
  cardPay(P) {
    const p = P.pal;
    P.layer('table', 0, () => {
      sheet(P, p.c('#6f7fb0'), p.c('#4a5a8a'));
      P.piece(nature.wobble(P, 960, 640, 560, 0.02), p.l('#6f7fb0', 0.2), { lift: 2 });
    });
    P.layer('reader', 0.3, () =>
      P.group(() => {
        P.piece(
          paths.rrect(640, 330, 440, 760, 50),
          P.lin(640, 330, 1080, 1090, p.l('dark', 0.2), p.c('dark')),
          {
            lift: 7,
          },
        );
        P.piece(
          paths.rrect(690, 390, 340, 230, 14),
          P.lin(690, 390, 1030, 620, p.l('leafL', 0.3), p.c('leaf')),
          {
            lift: 1,
          },
        );
        P.line(
          paths.smooth(
            [
              [790, 500],
              [840, 555],
              [940, 450],
            ],
            false,
          ),
          p.paper,
          24,
        );
        for (let r = 0; r < 4; r++)
          for (let i = 0; i < 3; i++)
            P.piece(
              paths.rrect(700 + i * 112, 660 + r * 94, 90, 70, 14),
              r === 3 ? p.c(['red', 'mustard', 'leaf'][i]) : p.paper,
              { lift: 2 },
            );
      }),
    );
    live(P, 'card', 0.5, (t) => {
      const d = swing(t) * 30;
      P.at(
        1180 - d,
        480 + d * 0.6,
        () =>
          P.group(() => {
            P.piece(
              paths.rrect(-40, -150, 470, 300, 28),
              P.lin(-40, -150, 430, 150, p.l('mustard', 0.2), p.c('carrot')),
              { lift: 7 },
            );
            P.piece(paths.rrect(10, -90, 90, 70, 10), p.c('brass'), { lift: 1 });
            P.ink(paths.rrect(10, 20, 300, 20, 8), p.paper, 0.85);
            P.ink(paths.rrect(10, 66, 180, 18, 8), p.paper, 0.7);
            P.piece(paths.circle(350, 80, 36), p.c('red'), { lift: 1 });
            P.piece(paths.circle(386, 80, 36), p.paper, { lift: 1, a: 0.8 });
          }),
        { rot: 0.35 },
      );
    });
  },
  houseKey(P) {
    const p = P.pal;
    P.layer('back', 0, () => {
      sheet(P, p.c('#e2b98c'), p.c('#c98f63'));
      P.piece(nature.wobble(P, 960, 620, 520, 0.02), p.l('#e2b98c', 0.35), { lift: 3 });
      ground(P, 1090, p.c('wood'));
    });
    P.layer('house', 0.3, () =>
      P.group(() => {
        P.piece(paths.rect(1090, 330, 80, 200), p.c('brick'), { lift: 3 });
        P.piece(paths.rect(680, 600, 560, 500), P.lin(680, 0, 1240, 0, p.paper, p.d('cream', 0.12)), {
          lift: 6,
        });
        P.piece(
          paths.round(
            [
              [600, 640],
              [960, 270],
              [1320, 640],
              [1270, 680],
              [960, 370],
              [650, 680],
            ],
            12,
          ),
          p.c('red'),
          { lift: 6 },
        );
        P.piece(paths.rrect(890, 790, 140, 310, [70, 70, 0, 0]), p.c('teal'), { lift: 3 });
        for (const x of [740, 1080]) {
          P.piece(paths.rect(x, 760, 100, 120), p.c('glass'), { lift: 1 });
          P.line(
            paths.poly(
              [
                [x + 50, 760],
                [x + 50, 880],
              ],
              false,
            ),
            p.paper,
            8,
          );
          P.line(
            paths.poly(
              [
                [x, 820],
                [x + 100, 820],
              ],
              false,
            ),
            p.paper,
            8,
          );
        }
      }),
    );
    P.layer('key', 0.5, () =>
      P.group(() =>
        P.at(
          1300,
          1000,
          () => {
            P.line(paths.circle(0, 0, 84), p.c('brass'), 40);
            P.piece(paths.rrect(84, -20, 330, 40, 10), p.c('brass'), { lift: 5 });
            for (const [x, h] of [
              [300, 70],
              [366, 90],
            ])
              P.piece(paths.rrect(x, 10, 36, h, 6), p.c('brass'), { lift: 4 });
          },
          { rot: 0.16 },
        ),
      ),
    );
  },
  catSill(P) {
    const p = P.pal;
    P.layer('wall', 0.1, () => {
      room(P, '#c98f7a', 'woodL', 1240);
      pane(P, 560, 80, 800, 800, 'hills', 'cream');
      plant(P, 560, 930, 1, 'teal');
    });
    live(P, 'cat', 0.4, (t) => {
      const d = swing(t, 2);
      const c = p.c('#e08a3c');
      const dk = p.d('#e08a3c', 0.2);
      P.group(() => {
        P.piece(
          paths.tube(
            [
              [1180, 900],
              [1290, 980],
              [1300, 1090 + d * 10],
              [1250 + d * 26, 1130],
            ],
            [56, 48, 42, 26],
          ),
          dk,
          { lift: 4 },
        );
        P.piece(
          paths.smooth(
            [
              [830, 920],
              [840, 720],
              [930, 560],
              [1050, 560],
              [1180, 700],
              [1230, 860],
              [1210, 926],
            ],
            true,
            0.8,
          ),
          P.lin(830, 0, 1230, 0, p.l('#e08a3c', 0.15), dk),
          { lift: 5 },
        );
        for (let i = 0; i < 4; i++)
          P.ink(
            paths.smooth(
              [
                [1080 + i * 34, 640 + i * 50],
                [1150 + i * 22, 660 + i * 50],
                [1090 + i * 34, 670 + i * 50],
              ],
              true,
              0.8,
            ),
            dk,
            0.6,
          );
        P.piece(
          paths.smooth(
            [
              [800, 450],
              [790, 330],
              [880, 400],
              [970, 396],
              [1050, 320],
              [1054, 450],
              [1040, 560],
              [930, 620],
              [820, 560],
            ],
            true,
            0.6,
          ),
          c,
          { lift: 5 },
        );
        for (const x of [872, 984]) {
          P.piece(paths.ellipse(x, 480, 24, d > 0.9 ? 5 : 26), p.c('leafL'), { lift: 0 });
          P.ink(paths.ellipse(x, 480, 8, d > 0.9 ? 4 : 22), p.ink);
        }
        P.ink(
          paths.poly([
            [916, 530],
            [944, 530],
            [930, 548],
          ]),
          p.c('#5a2a1c'),
        );
        for (const m of [-1, 1])
          for (const k of [0, 1])
            P.line(
              paths.poly(
                [
                  [930 + m * 50, 540 + k * 14],
                  [930 + m * 160, 524 + k * 34],
                ],
                false,
              ),
              p.paper,
              3,
              0.9,
            );
        for (const x of [860, 960]) P.piece(paths.rrect(x, 740, 70, 190, 34), c, { lift: 4 });
      });
    });
    P.layer('sill', 0.5, () => P.piece(paths.rrect(430, 914, 1060, 70, 10), p.c('cream'), { lift: 5 }));
  },
  confetti(P) {
    const p = P.pal;
    P.layer('ground', 0, () => sheet(P, p.c('#b23f5f'), p.c('#7a2f5a')));
    const R = rng('confetti');
    const bits = Array.from({ length: 220 }, () => [
      R.r(-300, 2220),
      R(),
      R.r(18, 44),
      R.r(0, 6),
      R.i(0, 5),
      R.i(1, 2),
    ]);
    live(P, 'bits', 0.2, (t) => {
      for (const [x, y0, s, a, c, n] of bits) {
        const y = ((y0 + t * n) % 1) * 2700 - 700;
        P.at(
          x + swing(t, n, y0) * 40,
          y,
          () =>
            P.piece(
              c % 2 ? paths.rrect(-s, -s * 0.4, s * 2, s * 0.8, 4) : paths.circle(0, 0, s * 0.55),
              p.c(['mustard', 'cream', 'teal', 'rose', 'carrot', 'blue'][c]),
              { lift: 2, grain: 0 },
            ),
          { rot: a + t * Math.PI * 2 * n, sy: 0.5 + 0.5 * Math.abs(swing(t, n * 2, a)) },
        );
      }
    });
  },
  leafBorder(P) {
    const p = P.pal;
    P.layer('ground', 0, () => sheet(P, p.c('#efe6cf'), p.c('#e0d2ae')));
    const R = rng('leaves');
    for (const k of [0, 1, 2])
      P.layer(
        `leaves ${k}`,
        0.2 + k * 0.2,
        () => {
          for (let i = 0; i < 26; i++) {
            const side = i % 2 ? 1 : -1;
            const q = (i / 26) * 3000 - 700;
            const x = 960 + side * (560 + k * 150 + R.r(0, 120)) * (P.w > P.h ? 1 : 0.62);
            nature.leafP(
              P,
              x + side * 180,
              q,
              R.r(220, 330),
              (side > 0 ? Math.PI : 0) + R.r(-0.7, 0.7),
              p.c(['leafL', 'leaf', 'leafD'][k]),
              { lift: 4 },
            );
          }
        },
        { sway: 10 + k * 6, ph: k },
      );
  },
  rings(P) {
    const p = P.pal;
    P.layer('ground', 0, () => sheet(P, p.sky[1], p.sky[3]));
    live(P, 'rings', 0.1, (t) => {
      for (let i = 10; i > -2; i--) {
        const r = (i + 2 * t) * 170;
        if (r > 0)
          P.piece(paths.circle(1500, 1180, r), mix(p.ramp[0], p.sky[2], i % 2 ? 0.3 : 0.7), {
            lift: 3,
            grain: 0.3,
          });
      }
    });
  },
  folds(P) {
    const p = P.pal;
    P.layer('ground', 0, () => {
      sheet(P, p.ramp[2], p.ramp[3]);
      for (let i = 0; i < 13; i++) {
        const x = -900 + i * 300;
        P.piece(
          paths.poly([
            [x, -BLEED],
            [x + 210, -BLEED],
            [x + 900, 2700],
            [x + 600, 2700],
          ]),
          P.lin(
            x,
            0,
            x + 900,
            0,
            mix(p.ramp[1], p.ramp[2], (i % 3) / 3),
            mix(p.ramp[2], p.ramp[3], (i % 4) / 4),
          ),
          { lift: 4 },
        );
      }
    });
  },
};
