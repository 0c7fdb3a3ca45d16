import { mix } from '../colour.ts';
import { nature } from '../nature.ts';
import type { Kit, Paint } from '../paint.ts';
import { paths } from '../paths.ts';
import { BLEED, ground, sky } from '../places/parts.ts';
import { things } from '../things.ts';
import {
  box,
  chair,
  facing,
  figure,
  glow,
  laptop,
  live,
  pane,
  passing,
  pendant,
  plant,
  room,
  shelves,
  swing,
  table,
} from './parts.ts';

/** A car from the side on the ground at y, its front to the right. */
export function car(P: Paint, x: number, y: number, s: number, col: string, o: any = {}) {
  const p = P.pal;
  P.at(
    x,
    y,
    () => {
      if (o.hood)
        P.piece(
          paths.round(
            [
              [170, -190],
              [300, -330],
              [326, -310],
              [210, -180],
            ],
            12,
          ),
          p.d(col, 0.15),
          { lift: 3 },
        );
      P.piece(
        paths.smooth(
          [
            [-340, -60],
            [-340, -150],
            [-240, -180],
            [-150, -290],
            [70, -290],
            [170, -186],
            [320, -160],
            [350, -70],
            [340, -44],
            [-330, -44],
          ],
          true,
          0.5,
        ),
        P.lin(0, -290, 0, -40, p.l(col, 0.15), p.d(col, 0.18)),
        { lift: 4 },
      );
      P.piece(
        paths.round(
          [
            [-130, -264],
            [-40, -264],
            [-40, -184],
            [-196, -184],
          ],
          14,
        ),
        mix(p.c('glass'), p.sky[1], 0.4),
        { lift: 0.8 },
      );
      P.piece(
        paths.round(
          [
            [-16, -264],
            [58, -264],
            [130, -184],
            [-16, -184],
          ],
          14,
        ),
        mix(p.c('glass'), p.sky[1], 0.4),
        { lift: 0.8 },
      );
      P.line(
        paths.poly(
          [
            [-28, -264],
            [-28, -60],
          ],
          false,
        ),
        p.d(col, 0.4),
        4,
      );
      P.piece(paths.rrect(300, -140, 44, 30, 12), p.sun, { lift: 1 });
      P.piece(paths.rrect(-344, -140, 30, 36, 8), p.c('red'), { lift: 1 });
      for (const wx of [-210, 220]) {
        P.piece(paths.circle(wx, -52, 66), p.c('dark'), { lift: 3 });
        P.piece(paths.circle(wx, -52, 36), p.c('steel'), { lift: 1 });
        for (let i = 0; i < 5; i++) {
          const a = (i / 5) * 6.283 + (o.turn ?? 0);
          P.ink(paths.circle(wx + Math.cos(a) * 20, -52 + Math.sin(a) * 20, 6), p.c('dark'));
        }
      }
    },
    { s, sx: s * (o.face ?? 1) },
  );
}

/** People at their work. */
export const WORK: Kit = {
  desk(P, o) {
    const p = P.pal;
    const who = o.who ?? 'kit';
    P.layer('room', 0.1, () => {
      room(P, o.wall ?? 'teal', 'wood', 1060, { dado: 0 });
      pane(P, 1020, 140, 640, 440, 'town', 'cream');
      shelves(P, 300, 440, 420, 2, 190, 'books');
      pendant(P, 860, 150, 'mustard', 1.1);
      plant(P, 380, 1130, 1.5, 'brick');
    });
    P.layer('seat', 0.3, () => chair(P, 840, 960, 1170, 1, 'dark', 250));
    live(P, 'person', 0.3, (t) =>
      figure(P, 845, 1170, 8.4, who, 'type', {
        hands: [
          [28, -11 + swing(t, 6) * 0.9],
          [26, -10 - swing(t, 6) * 0.9],
        ],
        head: 6 + swing(t, 1) * 3,
      }),
    );
    P.layer('table', 0.4, () => {
      table(P, 930, 1600, 880, 1170, 'woodL');
      laptop(P, 1180, 880, 1.3);
      things.mug(P, 1420, 880, 0.62, p.c('red'));
      things.stack(P, 1470, 880, [
        [120, 26, p.c('navy'), 0],
        [104, 24, p.c('mustard'), 6],
      ]);
    });
    if (o.late) P.layer('lamplight', 0.4, () => glow(P, 1130, 760, 420, 0.5));
  },
  talk(P, o) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, o.wall ?? '#3b5560', '#8a6a4a', 1000);
      P.piece(paths.rrect(820, 60, 880, 600, 10), p.c('woodL'), { lift: 4 });
      P.piece(paths.rect(840, 80, 840, 560), p.paper, { lift: 1 });
      [150, 230, 200, 330, 420].forEach((h, i) =>
        P.piece(
          paths.rect(920 + i * 145, 580 - h, 90, h),
          p.c(['teal', 'mustard', 'rose', 'teal', 'red'][i]),
          {
            lift: 1.6,
          },
        ),
      );
      P.piece(paths.rect(890, 578, 740, 10), p.ink, { lift: 0 });
      plant(P, 300, 1060, 1.4, 'mustard');
    });
    live(P, 'speaker', 0.3, (t) =>
      figure(P, 690, 1120, 7, o.who ?? 'gita', 'point', {
        hands: [
          [26, -38 + swing(t) * 5],
          [4, 0],
        ],
      }),
    );
    P.layer('listeners', 0.6, () => {
      for (const [x, who] of [
        [620, 'jo'],
        [1010, 'elsa'],
        [1400, 'hugo'],
      ] as const)
        facing(P, x, 1400, 8.6, who, 'bust', { view: 'back' });
    });
  },
  interview(P, o) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, 'mustard', '#7a5a44', 1080);
      pane(P, 660, 160, 600, 420, 'hills', 'white');
      plant(P, 1640, 1140, 1.6, 'navy');
    });
    P.layer('people', 0.3, () => {
      chair(P, 560, 960, 1180, 1, 'navy', 280);
      chair(P, 1360, 960, 1180, -1, 'navy', 280);
      figure(P, 560, 1180, 8.4, o.a ?? 'lee', 'sit', {
        lean: 3,
        hands: [
          [26, -18],
          [23, -4],
        ],
        hdirs: [-50, 10],
      });
      figure(P, 1360, 1180, 8.4, o.b ?? 'ned', 'sit', {
        face: -1,
        collar: 'cream',
        hands: [
          [26, -12],
          [24, -11],
        ],
        hold: (Q: Paint) =>
          Q.at(30, -18, () => Q.piece(paths.rrect(-1, -9, 3, 18, 0.5), p.paper, { lift: 1 }), { rot: 0.5 }),
      });
    });
    P.layer('desk', 0.5, () => {
      table(P, 700, 1230, 890, 1180, 'wood');
      things.mug(P, 820, 890, 0.6, p.c('teal'));
      things.mug(P, 1120, 890, 0.6, p.c('red'));
    });
  },
  till(P, o) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, o.wall ?? 'rose', 'wood', 1080);
      shelves(P, 560, 300, 1200, 3, 210, o.goods ?? 'jars');
      pendant(P, 760, 60, 'teal', 1.1);
      pendant(P, 1380, 60, 'teal', 1.1);
    });
    P.layer('keeper', 0.3, () =>
      facing(P, 1290, 930, 8.4, o.a ?? 'ina', 'hold', {
        feet: undefined,
        apron: 'teal',
        hands: [
          [-15, -16],
          [9, -6],
        ],
        hdirs: [170, 150],
      }),
    );
    P.layer('counter', 0.4, () => {
      box(P, 900, 890, 1400, 300, 'wood', 5, 'cream');
      P.group(
        () => {
          P.piece(
            paths.round(
              [
                [1460, 880],
                [1500, 760],
                [1660, 760],
                [1690, 880],
              ],
              10,
            ),
            p.c('dark'),
            { lift: 3 },
          );
          P.piece(paths.rrect(1530, 776, 100, 46, 6), p.c('leafL'), { lift: 0.8 });
        },
        { lift: 3 },
      );
      for (const [x, c] of [
        [1120, 'tomato'],
        [1180, 'carrot'],
        [1150, 'leafL'],
      ] as const)
        P.piece(paths.circle(x, 852, 34), p.c(c), { lift: 2 });
    });
    P.layer('customer', 0.6, () => {
      figure(P, 700, 1190, 8, o.b ?? 'finn', 'give', { face: 1 });
      P.group(
        () => {
          P.piece(
            paths.round(
              [
                [926, 812],
                [1046, 812],
                [1036, 892],
                [936, 892],
              ],
              6,
            ),
            p.c('#c9a06a'),
            { lift: 3 },
          );
          P.line(paths.ellipse(986, 812, 30, 26), p.c('woodD'), 5);
        },
        { lift: 3 },
      );
    });
  },
  barista(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#3f4f4a', 'woodD', 1180);
      P.piece(paths.rrect(560, -40, 800, 330, 10), p.c('dark'), { lift: 4 });
      for (let r = 0; r < 4; r++)
        for (const x of [620, 1000]) P.ink(paths.rrect(x, 20 + r * 62, 240 - r * 22, 14, 6), p.paper, 0.8);
      shelves(P, 380, 500, 1160, 1, 200, 'jars');
      for (const x of [480, 960, 1440]) pendant(P, x, -90, 'mustard', 1);
    });
    P.layer('barista', 0.3, () =>
      facing(P, 900, 930, 9.2, 'kit', 'hold', {
        feet: undefined,
        apron: 'brick',
        sleeve: 'short',
        top: 'cream',
        hands: [
          [-8, -12],
          [8, -16],
        ],
      }),
    );
    P.layer('cup', 0.3, () => {
      P.group(
        () => {
          things.mug(P, 840, 850, 0.5, p.paper);
          P.piece(
            paths.round(
              [
                [930, 730],
                [1010, 730],
                [1024, 820],
                [920, 820],
              ],
              12,
            ),
            p.c('steel'),
            { lift: 2 },
          );
        },
        { lift: 2 },
      );
    });
    P.layer('counter', 0.5, () => {
      box(P, -600, 900, 3200, 900, 'wood', 9, 'woodL');
      P.group(
        () => {
          P.piece(paths.rrect(1140, 620, 420, 270, 20), p.c('steel'), { lift: 4 });
          P.piece(paths.rrect(1180, 720, 340, 120, 8), p.c('dark'), { lift: 1 });
          for (const x of [1250, 1440]) {
            P.piece(paths.rrect(x - 30, 700, 60, 40, 6), p.c('steelD'), { lift: 2 });
            P.piece(paths.rrect(x - 22, 790, 44, 50, 8), p.paper, { lift: 2 });
          }
          for (let i = 0; i < 5; i++)
            P.ink(paths.circle(1220 + i * 66, 660, 12), p.c(i % 2 ? 'red' : 'brass'));
        },
        { lift: 4 },
      );
      for (const [x, c] of [
        [470, 'teal'],
        [590, 'cream'],
        [650, 'rose'],
      ] as const)
        things.mug(P, x, 892, 0.62, p.c(c));
    });
    live(P, 'steam', 0.5, (t) => nature.steam(P, 1440, 640, 260, 1, p.paper, 0.4, { ph: t * Math.PI * 2 }));
    live(P, 'steam cup', 0.5, (t) =>
      nature.steam(P, 840, 780, 150, 0.6, p.paper, 0.45, { ph: t * Math.PI * 2 }),
    );
  },
  waiter(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#7b3f4a', 'woodD', 1090);
      pane(P, 1080, 180, 460, 420, 'town', 'woodD');
      pane(P, 380, 180, 460, 420, 'town', 'woodD');
      pendant(P, 960, 120, 'mustard', 1.3);
    });
    P.layer('light', 0.2, () => glow(P, 960, 160, 520, 0.45));
    P.layer('guests', 0.4, () => {
      chair(P, 1010, 985, 1190, 1, 'woodD', 260);
      figure(P, 1010, 1190, 7.8, 'mara', 'sit', {
        hands: [
          [25, -12],
          [20, -3],
        ],
        hdirs: [-30, 10],
      });
      chair(P, 1560, 985, 1190, -1, 'woodD', 260);
      figure(P, 1560, 1190, 7.8, 'jo', 'sit', {
        face: -1,
        hands: [
          [24, -10],
          [20, -3],
        ],
      });
      table(P, 1130, 1450, 920, 1190, 'cream');
      P.group(
        () => {
          P.piece(paths.rrect(1276, 830, 28, 90, 6), p.paper, { lift: 2 });
          P.piece(
            paths.smooth([
              [1290, 780],
              [1304, 812],
              [1290, 834],
              [1276, 812],
            ]),
            p.accent2,
            { lift: 1 },
          );
        },
        { lift: 2 },
      );
      for (const x of [1200, 1380]) {
        P.piece(paths.ellipse(x, 912, 52, 12), p.paper, { lift: 2 });
        P.piece(paths.ellipse(x, 906, 30, 12), p.c('tomato'), { lift: 1 });
      }
    });
    P.layer('waiter', 0.6, () => {
      figure(P, 660, 1200, 7.8, 'dan', 'walk', {
        top: 'white',
        bottom: 'dark',
        apron: 'dark',
        hands: [
          [19, -46],
          [-8, 0],
        ],
        hdirs: [-20, 100],
      });
      P.group(
        () => {
          P.piece(paths.ellipse(850, 430, 130, 16), p.c('steel'), { lift: 3 });
          P.piece(
            paths.smooth(
              [
                [770, 424],
                [790, 366],
                [850, 344],
                [910, 366],
                [930, 424],
              ],
              true,
              0.8,
            ),
            p.c('steelD'),
            { lift: 2 },
          );
          P.piece(paths.circle(850, 340, 10), p.c('brass'), { lift: 1 });
        },
        { lift: 3 },
      );
    });
  },
  carpenter(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#c9b48a', '#8a6a4a', 1080);
      P.piece(paths.rrect(640, 60, 1000, 520, 8), p.c('woodL'), { lift: 3 });
      for (let i = 0; i < 6; i++) {
        const x = 730 + i * 160;
        const h = 200 + ((i * 53) % 120);
        P.piece(
          paths.rrect(x - 16, 120, 32, h * 0.55, 10),
          p.c(['red', 'navy', 'woodD', 'mustard', 'teal', 'brick'][i]),
          { lift: 3 },
        );
        P.piece(
          paths.rrect(x - (i % 2 ? 36 : 12), 120 + h * 0.52, i % 2 ? 72 : 24, h * 0.45, 6),
          p.c('steelD'),
          {
            lift: 3,
          },
        );
      }
      pane(P, 230, 180, 300, 380, 'hills', 'cream');
    });
    P.layer('planks', 0.2, () => {
      for (let i = 0; i < 4; i++)
        P.piece(
          paths.round(
            [
              [1640 + i * 56, 1100],
              [1720 + i * 50, 360],
              [1764 + i * 50, 366],
              [1690 + i * 56, 1100],
            ],
            4,
          ),
          p.c(i % 2 ? 'wood' : 'woodL'),
          { lift: 3 },
        );
    });
    live(P, 'carpenter', 0.3, (t) => {
      const d = swing(t, 4) * 4.5;
      figure(P, 720, 1180, 8, 'hugo', 'work', {
        lean: 26 + d * 0.5,
        head: 8,
        sleeve: 'short',
        apron: 'woodD',
        hands: [
          [38 + d, 7],
          [32 + d, 6],
        ],
        hdirs: [20, 20],
      });
      P.at(1035 + d * 8, 872, () => {
        P.piece(paths.rrect(-70, -34, 190, 44, 12), p.c('woodD'), { lift: 3 });
        P.piece(
          paths.round(
            [
              [-30, -30],
              [-14, -84],
              [20, -80],
              [20, -30],
            ],
            10,
          ),
          p.c('wood'),
          { lift: 2 },
        );
        P.piece(paths.circle(84, -44, 20), p.c('wood'), { lift: 2 });
      });
    });
    P.layer('bench', 0.4, () => {
      P.piece(paths.rrect(900, 880, 640, 30, 4), p.c('#e6c48c'), { lift: 2 });
      table(P, 860, 1600, 908, 1180, 'wood');
      for (const [x, y, r] of [
        [930, 1150, 26],
        [1010, 1172, 20],
        [1220, 1160, 24],
        [1330, 1178, 18],
        [1180, 890, 18],
      ])
        P.line(paths.circle(x, y, r), p.c('#e6c48c'), 8);
    });
  },
  mechanic(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#5f7480', '#6b6f73', 1080);
      P.piece(paths.rect(-BLEED, 560, 1920 + 2 * BLEED, 70), p.c('mustard'), { lift: 1 });
      shelves(P, 960, 260, 640, 2, 190, 'boxes');
      P.piece(paths.rrect(330, 60, 420, 380, 8), p.l('steel', 0.3), { lift: 3 });
      for (let i = 0; i < 4; i++)
        P.piece(paths.rrect(390 + i * 84, 120, 28, 240 - i * 26, 12), p.c('steelD'), { lift: 3 });
    });
    P.layer('car', 0.3, () =>
      P.group(() => car(P, 1250, 1180, 1.55, 'red', { hood: 1, face: -1 }), { lift: 5 }),
    );
    P.layer('mechanic', 0.5, () => {
      figure(P, 560, 1200, 7.8, 'ada', 'work', {
        lean: 32,
        top: 'denim',
        bottom: 'denim',
        hat: 'cap',
        hatCol: 'red',
        hands: [
          [38, -14],
          [36, -10],
        ],
        hdirs: [30, 30],
      });
      P.group(() => {
        P.piece(paths.rrect(330, 1110, 150, 90, 8), p.c('red'), { lift: 3 });
        P.line(paths.rrect(366, 1080, 78, 34, 10), p.ink, 9);
      });
    });
  },
  lab(P, o) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, o.wall ?? '#a9c8c4', 'grey', 1100, { stripes: 0 });
      shelves(P, 980, 330, 620, 2, 210, 'jars');
      pane(P, 360, 140, 440, 400, 'town', 'white');
    });
    P.layer('scientist', 0.3, () => {
      chair(P, 760, 980, 1190, 1, 'dark', 120);
      figure(P, 760, 1190, 8.4, o.who ?? 'cleo', 'type', {
        top: 'white',
        lean: 12,
        head: 18,
        hands: [
          [31, -14],
          [26, -9],
        ],
        hdirs: [-20, 5],
        glasses: 1,
      });
    });
    P.layer('bench', 0.4, () => {
      table(P, 880, 1700, 900, 1190, 'white');
      P.group(
        () => {
          P.piece(paths.rrect(990, 872, 210, 30, 8), p.c('dark'), { lift: 3 });
          P.piece(
            paths.tube(
              [
                [1170, 880],
                [1190, 760],
                [1130, 690],
              ],
              [34, 34, 30],
            ),
            p.c('steelD'),
            { lift: 3 },
          );
          P.piece(
            paths.tube(
              [
                [1010, 640],
                [1120, 790],
              ],
              [46, 40],
            ),
            p.c('steel'),
            { lift: 3 },
          );
          P.piece(
            paths.tube(
              [
                [1118, 788],
                [1134, 812],
              ],
              [24, 20],
            ),
            p.c('dark'),
            { lift: 2 },
          );
          P.piece(paths.rrect(1050, 824, 150, 16, 4), p.c('dark'), { lift: 2 });
          P.piece(paths.circle(1180, 740, 24), p.c('brass'), { lift: 2 });
        },
        { lift: 4 },
      );
      for (const [x, c, s] of [
        [1330, 'blue', 1],
        [1450, 'rose', 0.8],
        [1560, 'leafL', 1.1],
      ] as const)
        P.group(() => {
          P.piece(
            paths.round(
              [
                [x - 18 * s, 900 - 150 * s],
                [x + 18 * s, 900 - 150 * s],
                [x + 18 * s, 900 - 100 * s],
                [x + 62 * s, 900],
                [x - 62 * s, 900],
                [x - 18 * s, 900 - 100 * s],
              ],
              8,
            ),
            p.l('glass', 0.4),
            { lift: 2, a: 0.9 },
          );
          P.piece(
            paths.round(
              [
                [x - 34 * s, 900 - 64 * s],
                [x + 34 * s, 900 - 64 * s],
                [x + 58 * s, 897],
                [x - 58 * s, 897],
              ],
              6,
            ),
            p.c(c),
            { lift: 1 },
          );
        });
    });
  },
  ward(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#b9d3c6', '#c9b79a', 1080);
      pane(P, 660, 120, 560, 430, 'hills', 'white');
      P.piece(paths.rect(1250, -BLEED, 500, BLEED + 660), p.l('teal', 0.35), { lift: 3, a: 0.95 });
      for (let i = 0; i < 7; i++)
        P.ink(paths.rect(1290 + i * 68, -BLEED, 12, BLEED + 660), p.d('teal', 0.1), 0.25);
    });
    P.layer('bed', 0.3, () => {
      P.group(
        () => {
          for (const x of [840, 1640]) P.piece(paths.rrect(x, 900, 26, 290, 8), p.c('steelD'), { lift: 2 });
          P.piece(paths.rrect(1628, 690, 30, 320, 12), p.c('steel'), { lift: 3 });
          P.piece(paths.rrect(830, 960, 820, 60, 16), p.c('white'), { lift: 3 });
          P.piece(
            paths.smooth(
              [
                [1380, 930],
                [1440, 800],
                [1590, 770],
                [1630, 880],
                [1600, 960],
                [1400, 964],
              ],
              true,
              0.8,
            ),
            p.paper,
            { lift: 2 },
          );
        },
        { lift: 4 },
      );
      P.group(() =>
        P.at(1330, 900, () => {
          figure(P, 0, 0, 7.4, 'hugo', 'sit', {
            foot: 0,
            lean: 48,
            head: -34,
            top: 'blue',
            glasses: 0,
            eye: 'open',
            hands: [
              [24, -6],
              [22, -5],
            ],
            feet: undefined,
            face: -1,
          });
        }),
      );
      P.piece(
        paths.smooth(
          [
            [830, 970],
            [850, 880],
            [1000, 850],
            [1180, 868],
            [1390, 880],
            [1420, 960],
            [1380, 1040],
            [840, 1040],
          ],
          true,
          0.7,
        ),
        P.lin(0, 850, 0, 1040, p.l('blue', 0.3), p.c('blue')),
        { lift: 4 },
      );
    });
    P.layer('nurse', 0.5, () => {
      chair(P, 640, 985, 1190, 1, 'wood', 240);
      figure(P, 640, 1190, 8, 'ada', 'sit', {
        top: 'teal',
        bottom: 'teal',
        lean: 12,
        head: 4,
        sleeve: 'short',
        hands: [
          [35, -13],
          [30, -10],
        ],
        hdirs: [-10, 0],
      });
    });
  },
  doctor(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#e7d9bf', '#a9bcb8', 1080);
      P.piece(paths.rrect(300, 90, 330, 420, 8), p.paper, { lift: 3 });
      for (let i = 0; i < 5; i++)
        for (let k = 0; k <= i; k++)
          P.ink(paths.rect(452 - i * 24 + k * 54, 130 + i * 70, 30 - i * 2, 34 - i * 4), p.ink, 0.7);
      pane(P, 1180, 130, 440, 400, 'hills', 'white');
      box(P, 1500, 900, 380, 290, 'white', 2, 'teal');
      plant(P, 1690, 890, 0.9, 'mustard');
    });
    P.layer('couch', 0.3, () => {
      P.piece(paths.rrect(980, 950, 480, 60, 20), p.c('navy'), { lift: 4 });
      for (const x of [1010, 1400]) P.piece(paths.rect(x, 1000, 24, 190), p.c('steelD'), { lift: 2 });
      figure(P, 1180, 1105, 6, 'elsa', 'sit', {
        face: -1,
        hairStyle: 'pony',
        top: 'rose',
        hands: [
          [14, 3],
          [12, 3],
        ],
      });
    });
    P.layer('doctor', 0.5, () => {
      chair(P, 660, 990, 1190, 1, 'dark', 60);
      figure(P, 660, 1190, 8.2, 'dan', 'sit', {
        top: 'white',
        coat: 6,
        lean: 10,
        hands: [
          [34, -17],
          [22, -4],
        ],
        hdirs: [-10, 10],
        after: (Q: Paint) => {
          Q.line(
            paths.smooth(
              [
                [4, -33],
                [10, -24],
                [20, -14],
                [38, -18],
              ],
              false,
            ),
            p.ink,
            1.2,
          );
          Q.piece(paths.circle(40, -18, 2), p.c('steel'), { lift: 1 });
        },
      });
    });
  },
  sweeper(P) {
    const p = P.pal;
    sky(P, { hor: 820, x: 1380, y: 300 });
    P.layer('street', 0.2, () => {
      let x = -900;
      for (let i = 0; x < 2900; i++) {
        const w = P.R.r(210, 320);
        things.house(P, x + w / 2, 1000, w, P.R.r(460, 620), {
          col: p.c(['brick', 'mustard', 'teal', 'cream', 'rose'][i % 5]),
          lit: p.lit,
          rows: 3,
          cols: 2,
          lift: 3,
        });
        x += w + 4;
      }
      ground(P, 1010, mix(p.ramp[2], p.c('grey'), 0.5));
    });
    live(P, 'sweeper', 0.5, (t) => {
      const d = swing(t, 3) * 4;
      P.group(
        () => {
          P.piece(
            paths.tube(
              [
                [760 + d * 2, 640],
                [1010 + d * 8, 1090],
              ],
              [13, 13],
            ),
            p.c('woodL'),
            { lift: 2 },
          );
          P.piece(
            paths.round(
              [
                [980 + d * 8, 1080],
                [1040 + d * 8, 1060],
                [1110 + d * 11, 1160],
                [1010 + d * 9, 1180],
              ],
              10,
            ),
            p.c('mustard'),
            { lift: 2 },
          );
        },
        { lift: 3 },
      );
      figure(P, 640, 1180, 7.6, 'ned', 'work', {
        top: 'carrot',
        hat: 'cap',
        hatCol: 'navy',
        lean: 14,
        hands: [
          [28 + d * 0.6, -10],
          [22 + d * 0.3, -26],
        ],
      });
    });
    P.layer('leaves', 0.6, () => {
      for (let i = 0; i < 26; i++)
        nature.leafP(
          P,
          P.R.r(1130, 1500),
          P.R.r(1130, 1200),
          P.R.r(30, 52),
          P.R.r(0, 6),
          p.c(['carrot', 'mustard', 'brick'][i % 3]),
          { lift: 1.4 },
        );
    });
  },
  roller(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#e9e0cc', 'woodL', 1090);
      P.piece(
        paths.smooth(
          [
            [-BLEED, -BLEED],
            [1260, -BLEED],
            [1250, 200],
            [1290, 420],
            [1240, 640],
            [1270, 860],
            [1180, 1000],
            [1210, 1066],
            [-BLEED, 1066],
          ],
          true,
          0.4,
        ),
        P.lin(0, 0, 0, 1060, p.c('teal'), p.d('teal', 0.12)),
        { lift: 1 },
      );
      P.piece(paths.rect(-BLEED, 1066, 1920 + 2 * BLEED, 30), p.paper, { lift: 2 });
      P.piece(
        paths.round(
          [
            [300, 1150],
            [1500, 1120],
            [1600, 1230],
            [220, 1250],
          ],
          20,
        ),
        p.c('cream'),
        { lift: 2 },
      );
    });
    P.layer('ladder', 0.3, () =>
      P.group(
        () => {
          for (const d of [0, 190])
            P.piece(
              paths.tube(
                [
                  [700 + d * 0.9, 1200],
                  [860 + d * 0.35, 420],
                ],
                [22, 20],
              ),
              p.c('woodL'),
              { lift: 3 },
            );
          for (let i = 0; i < 6; i++) {
            const q = i / 6;
            P.piece(paths.rrect(715 + q * 150, 1120 - q * 760, 165 - q * 100, 18, 6), p.c('wood'), {
              lift: 2,
            });
          }
          P.piece(
            paths.round(
              [
                [470, 1200],
                [484, 1090],
                [600, 1090],
                [614, 1200],
              ],
              8,
            ),
            p.c('steel'),
            { lift: 3 },
          );
          P.piece(paths.ellipse(542, 1092, 56, 12), p.c('teal'), { lift: 1 });
        },
        { lift: 4 },
      ),
    );
    live(P, 'painter', 0.4, (t) => {
      const d = swing(t, 2) * 6;
      P.group(() => {
        P.piece(
          paths.tube(
            [
              [1030, 470 + d * 6],
              [1150, 330 + d * 8],
            ],
            [12, 12],
          ),
          p.c('woodD'),
          { lift: 2 },
        );
        P.piece(paths.rrect(1130, 250 + d * 8, 56, 130, 20), p.c('teal'), { lift: 3 });
      });
      figure(P, 870, 1030, 7.4, 'mara', 'reach', {
        top: 'white',
        bottom: 'denim',
        hairStyle: 'bun',
        hat: 'scarf',
        hatCol: 'red',
        feet: [
          [4, 47],
          [-4, 46],
        ],
        hands: [
          [24, -44 + d],
          [8, -6],
        ],
        hdirs: [-50, 60],
      });
    });
  },
  hair(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#8a5f73', '#c9b79a', 1090);
      P.piece(paths.rrect(1180, 90, 440, 720, [220, 220, 12, 12]), p.c('brass'), { lift: 4 });
      P.piece(
        paths.rrect(1204, 114, 392, 672, [196, 196, 6, 6]),
        P.lin(1200, 100, 1600, 780, p.l('glass', 0.4), p.c('glass')),
        { lift: 1 },
      );
      P.line(
        paths.poly(
          [
            [1260, 420],
            [1420, 220],
          ],
          false,
        ),
        p.paper,
        10,
        0.6,
      );
      P.line(
        paths.poly(
          [
            [1300, 480],
            [1500, 230],
          ],
          false,
        ),
        p.paper,
        6,
        0.6,
      );
      box(P, 1150, 850, 520, 330, 'woodL', 2, 'cream');
      for (const [x, c, h] of [
        [1230, 'teal', 90],
        [1300, 'mustard', 70],
        [1540, 'red', 100],
      ] as const)
        P.piece(paths.rrect(x, 838 - h, 44, h, 10), p.c(c), { lift: 2 });
      pendant(P, 560, 160, 'rose', 1.2);
    });
    P.layer('guest', 0.3, () => {
      P.group(() => {
        P.piece(paths.rrect(760, 690, 60, 330, 22), p.c('dark'), { lift: 3 });
        P.piece(paths.rrect(770, 990, 280, 56, 20), p.c('dark'), { lift: 3 });
        P.piece(paths.rrect(890, 1040, 36, 130, 6), p.c('steelD'), { lift: 2 });
        P.piece(paths.rrect(800, 1160, 220, 30, 12), p.c('steelD'), { lift: 2 });
      });
      figure(P, 890, 1190, 7.6, 'gita', 'sit', { hairStyle: 'long', foot: 28 });
      P.piece(
        paths.smooth(
          [
            [868, 740],
            [930, 744],
            [1000, 830],
            [1110, 960],
            [1090, 1050],
            [880, 1060],
            [820, 960],
            [832, 800],
          ],
          true,
          0.8,
        ),
        P.lin(840, 0, 1100, 0, p.c('cream'), p.d('cream', 0.14)),
        { lift: 3 },
      );
    });
    P.layer('dresser', 0.5, () =>
      figure(P, 620, 1200, 7.8, 'finn', 'work', {
        top: 'dark',
        apron: 'mustard',
        lean: 5,
        hands: [
          [26, -34],
          [21, -26],
        ],
        hdirs: [-10, 20],
        after: (Q: Paint) => {
          Q.piece(
            paths.tube(
              [
                [31, -35],
                [39, -38],
              ],
              [1.4, 0.8],
            ),
            p.c('steel'),
            { lift: 0.6 },
          );
          Q.piece(
            paths.tube(
              [
                [31, -35],
                [39, -33],
              ],
              [1.4, 0.8],
            ),
            p.c('steel'),
            { lift: 0.6 },
          );
        },
      }),
    );
  },
  singer(P) {
    const p = P.pal;
    P.layer('hall', 0.1, () => {
      P.piece(
        paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 3200),
        P.lin(0, -200, 0, 1100, p.d('#4b2350', 0.3), p.c('#7a2f55')),
        { lift: 0 },
      );
      for (let i = -6; i < 20; i++)
        P.piece(
          paths.smooth(
            [
              [i * 150, -BLEED],
              [i * 150 + 120, -BLEED],
              [i * 150 + 130, 900],
              [i * 150 + 40, 940],
              [i * 150 - 10, 900],
            ],
            true,
            0.3,
          ),
          mix(p.c('#8a2f45'), p.shadow, i % 2 ? 0.15 : 0.3),
          { lift: 3 },
        );
      P.piece(paths.rect(-BLEED, 960, 1920 + 2 * BLEED, 2000), p.c('woodD'), { lift: 4 });
    });
    P.layer('beam', 0.2, () => {
      P.piece(
        paths.poly([
          [900, -420],
          [1020, -420],
          [1330, 1010],
          [590, 1010],
        ]),
        p.sun,
        { lift: 0, a: 0.3, grain: 0, edge: 0 },
      );
      P.piece(paths.ellipse(960, 1010, 370, 60), p.sun, { lift: 0, a: 0.55, grain: 0, edge: 0 });
    });
    live(P, 'singer', 0.3, (t) => {
      figure(P, 940, 1030, 6.6, 'cleo', 'call', {
        top: 'mustard',
        bottom: 'dark',
        head: -14 + swing(t) * 4,
        lean: -2 + swing(t) * 2,
        eye: 'closed',
        hands: [
          [14, -37],
          [17 + swing(t, 1) * 4, -20 - swing(t, 1) * 8],
        ],
        hdirs: [-150, -30],
        hold: (Q: Paint) =>
          Q.at(
            14,
            -39,
            () => {
              Q.piece(paths.rrect(-1.6, -2, 3.2, 13, 1.2), p.c('dark'), { lift: 1 });
              Q.piece(paths.circle(0, -4, 3.4), p.c('steel'), { lift: 1 });
            },
            { rot: -0.6 },
          ),
      });
    });
    for (const [k, y, list] of [
      [0, 1200, [140, 420, 700, 1000, 1290, 1600, 1830]],
      [1, 1330, [-20, 280, 560, 860, 1150, 1440, 1740]],
    ] as const)
      P.layer(
        `crowd ${k}`,
        0.5 + k * 0.2,
        () => {
          for (const [i, x] of list.entries()) {
            const c = mix(p.shadow, p.c('#7a2f55'), 0.25 + 0.2 * (1 - k));
            P.piece(paths.circle(x, y - 60, 62), c, { lift: 3, grain: 0.2 });
            P.piece(
              paths.smooth(
                [
                  [x - 150, y + 700],
                  [x - 130, y + 60],
                  [x, y - 10],
                  [x + 130, y + 60],
                  [x + 150, y + 700],
                ],
                true,
                0.7,
              ),
              c,
              { lift: 3, grain: 0.2 },
            );
            if ((i + k) % 2)
              P.piece(
                paths.tube(
                  [
                    [x + 110, y + 120],
                    [x + 130, y - 40],
                    [x + 100, y - 190],
                  ],
                  [50, 40, 34],
                ),
                c,
                { lift: 3, grain: 0.2 },
              );
          }
        },
        { heave: 14, n: 2, ph: k * 1.6 },
      );
  },
  courier(P) {
    const p = P.pal;
    sky(P, { hor: 800, x: 1420, y: 300 });
    passing(P, 'houses', 0.2, (x0) => {
      const list = [
        [0, 230, 470, 'brick'],
        [234, 190, 380, 'cream'],
        [428, 260, 520, 'teal'],
        [692, 200, 420, 'mustard'],
        [896, 210, 500, 'rose'],
      ] as const;
      const unit = P.canvas.height / P.k / 1110;
      for (const [x, w, h, c] of list)
        things.house(P, x0 + (x + w / 2) * unit, 960, w * unit, h, {
          col: p.c(c),
          lit: p.lit,
          rows: 3,
          cols: 2,
          lift: 3,
        });
    });
    P.layer('road', 0.2, () => ground(P, 960, mix(p.ramp[2], p.c('grey'), 0.6)));
    passing(
      P,
      'marks',
      0.4,
      (x0) => {
        const period = P.canvas.height / P.k;
        for (let i = 0; i < 4; i++)
          P.piece(paths.rrect(x0 + (i * period) / 4, 1210, period / 9, 18, 8), p.paper, { lift: 0.6 });
      },
      3,
    );
    live(P, 'rider', 0.6, (t) => {
      const a = t * Math.PI * 2 * 3;
      P.group(
        () => {
          things.bike(P, 940, 1170, 1.15, { col: p.c('red'), turn: a });
        },
        { lift: 4 },
      );
      figure(P, 880, 1170, 6.6, 'lee', 'sit', {
        foot: 41,
        lean: 26,
        head: -14,
        top: 'carrot',
        bottom: 'navy',
        hat: 'beanie',
        hatCol: 'teal',
        pom: 0,
        hands: [
          [31, -3],
          [29, -3],
        ],
        hdirs: [20, 20],
        feet: [
          [8 + Math.cos(a) * 6, 26 + Math.sin(a) * 6],
          [8 - Math.cos(a) * 6, 26 - Math.sin(a) * 6],
        ],
      });
      P.group(
        () => {
          P.piece(paths.rrect(660, 690, 190, 190, 16), p.c('teal'), { lift: 4 });
          P.ink(paths.rrect(684, 716, 142, 18, 8), p.paper, 0.85);
          P.piece(
            paths.smooth([
              [755, 760],
              [790, 800],
              [755, 850],
              [720, 800],
            ]),
            p.c('mustard'),
            { lift: 1 },
          );
        },
        { lift: 3 },
      );
    });
  },
  harvestHands(P) {
    const p = P.pal;
    sky(P, { hor: 760, x: 1350, y: 330 });
    P.layer('fields', 0.2, () => {
      nature.sheet(P, nature.hill(P, 700, 60), p.ramp[1], 700);
      nature.sheet(P, nature.hill(P, 800, 40), p.ramp[2], 800);
      ground(P, 930, p.c('soil'));
      for (let r = 0; r < 5; r++)
        for (let i = -6; i < 22; i++) {
          const y = 960 + r * 62;
          const x = 960 + (i - 8) * (84 + r * 20) + (r % 2) * 40;
          P.piece(
            paths.smooth([
              [x - 34, y],
              [x - 22, y - 34],
              [x, y - 44],
              [x + 22, y - 34],
              [x + 34, y],
            ]),
            p.c(i % 2 ? 'leaf' : 'leafL'),
            { lift: 2, grain: 0 },
          );
        }
    });
    P.layer('people', 0.5, () => {
      figure(P, 620, 1140, 6.6, 'finn', 'bend', { hat: 'brim', hatCol: 'mustard', top: 'denim' });
      figure(P, 1240, 1180, 7.4, 'gita', 'carry', {
        hat: 'brim',
        hatCol: 'cream',
        face: -1,
        bottom: 'denim',
        top: 'red',
      });
      things.crate(P, 930, 830, 220, 110, (x: number, y: number) => {
        for (let i = 0; i < 5; i++)
          P.piece(paths.circle(x + 24 + i * 43, y - 8, 34), p.c(i % 2 ? 'leafL' : 'leaf'), { lift: 2 });
      });
    });
  },
};
