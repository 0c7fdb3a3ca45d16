import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import type { Paint } from '../paint.ts';
import * as paths from '../paths.ts';
import * as people from '../people.ts';
import * as things from '../things.ts';
import { facing, figure } from './cast.ts';
import { box, chair, glow, laptop, live, pane, plant, room, shelves, swing, table } from './parts.ts';

/** A sofa from the side, its seat at y = ground - 170, facing right. */
function sofa(P: Paint, x: number, y: number, w: number, col: string, s = 1) {
  const p = P.pal;
  P.group(
    () => {
      P.piece(paths.rrect(x, y - 380 * s, 120 * s, 350 * s, 40 * s), p.d(col, 0.15), { lift: 3 });
      P.piece(paths.rrect(x + 30 * s, y - 190 * s, w, 130 * s, 36 * s), p.c(col), { lift: 3 });
      P.piece(paths.rrect(x + 20 * s, y - 90 * s, w + 20 * s, 60 * s, 16 * s), p.d(col, 0.2), { lift: 2 });
      for (const q of [x + 40 * s, x + w - 20 * s])
        P.piece(paths.rect(q, y - 34 * s, 26 * s, 34 * s), p.c('woodD'), { lift: 1 });
    },
    { lift: 4 },
  );
}

/** At home when the day is over. */
export const EVENING = {
  screenNight(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#35406b', '#4a3550', 1000);
      P.piece(paths.rrect(560, 240, 800, 470, 14), p.c('dark'), { lift: 4 });
      P.piece(paths.rect(582, 262, 756, 426), P.lin(582, 262, 1338, 688, p.c('#7fc3cf'), p.c('#c9a6d6')), {
        lift: 0,
      });
      P.piece(
        paths.smooth(
          [
            [582, 688],
            [582, 560],
            [760, 470],
            [900, 580],
            [1090, 430],
            [1338, 590],
            [1338, 688],
          ],
          true,
          0.6,
        ),
        p.c('teal'),
        { lift: 2 },
      );
      P.piece(paths.circle(1200, 370, 50), p.sun, { lift: 1 });
      box(P, 480, 800, 960, 200, 'woodD', 4, 'wood');
      plant(P, 360, 1010, 1.1, 'rose');
      things.tablelamp(P, 1600, 800, 0.7, { glow: 0 });
      P.piece(paths.rect(1560, 800, 90, 200), p.c('woodD'), { lift: 2 });
    });
    live(P, 'light', 0.2, (t) => P.glow(960, 480, 900, '#9fd8e6', 0.3 + 0.1 * swing(t, 5) * swing(t, 3)));
    P.layer('viewers', 0.5, () => {
      for (const [x, who, y] of [
        [690, 'mara', 1130],
        [960, 'elsa', 1180],
        [1230, 'bo', 1120],
      ] as const)
        facing(P, x, y, who === 'elsa' ? 6 : 7.6, who, 'bust', { view: 'back' });
      P.group(
        () => {
          P.piece(
            paths.rrect(420, 1010, 1080, 420, 70),
            P.lin(0, 1010, 0, 1300, p.c('#b0503f'), p.d('#b0503f', 0.3)),
            { lift: 5 },
          );
          for (const x of [360, 1420])
            P.piece(paths.rrect(x, 1060, 150, 420, 60), p.d('#b0503f', 0.16), { lift: 4 });
          P.line(
            paths.poly(
              [
                [960, 1030],
                [960, 1400],
              ],
              false,
            ),
            p.d('#b0503f', 0.4),
            6,
          );
        },
        { lift: 5 },
      );
    });
  },
  readingSofa(P, o) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, o.wall ?? '#c07a5a', 'wood', 1080);
      shelves(P, 900, 300, 700, 3, 200, 'books');
      pane(P, 330, 130, 400, 430, 'hills', 'cream');
      P.piece(paths.ellipse(960, 1200, 720, 70), p.c('cream'), { lift: 2 });
    });
    P.layer('sofa', 0.3, () => {
      sofa(P, 520, 1190, 760, 'teal', 1.05);
      P.piece(paths.rrect(640, 830, 120, 170, 30), p.c('mustard'), { lift: 3 });
    });
    P.layer('reader', 0.4, () => {
      figure(P, 790, 1190, 8.2, o.who ?? 'ina', 'sit', {
        lean: -6,
        head: 22,
        eye: 'closed',
        hands: [
          [21, -17],
          [22, -14],
        ],
        hdirs: [-50, -40],
        hold: (Q: Paint) =>
          Q.at(24, -22, () => {
            Q.piece(
              paths.round(
                [
                  [-7, -8],
                  [8, -11],
                  [10, 4],
                  [-5, 7],
                ],
                0.8,
              ),
              p.c('red'),
              { lift: 1.5 },
            );
            Q.piece(
              paths.round(
                [
                  [-6, -7],
                  [7, -10],
                  [8, 2],
                  [-4.6, 5],
                ],
                0.5,
              ),
              p.paper,
              { lift: 0.6 },
            );
          }),
      });
    });
    P.layer('lamp', 0.5, () => {
      P.group(() => {
        P.piece(paths.rect(1370, 560, 16, 620), p.c('brass'), { lift: 3 });
        P.piece(paths.ellipse(1378, 1184, 90, 16), p.c('brass'), { lift: 2 });
        P.piece(
          paths.round(
            [
              [1310, 430],
              [1446, 430],
              [1500, 590],
              [1256, 590],
            ],
            14,
          ),
          P.lin(0, 430, 0, 590, mix(p.accent2, p.sun, 0.3), p.sun),
          { lift: 3 },
        );
      });
      glow(P, 1378, 600, 330, 0.4);
    });
  },
  awake(P, o) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#2c3a5e', '#3b3350', 1080);
      pane(P, 960, 110, 460, 460, 'town', '#5b6688');
      P.piece(paths.rrect(1560, 880, 200, 310, 8), p.c('woodD'), { lift: 3 });
      P.piece(paths.circle(1660, 826, 54), p.c('red'), { lift: 3 });
      P.piece(paths.circle(1660, 826, 40), p.paper, { lift: 1 });
      P.line(
        paths.poly(
          [
            [1660, 796],
            [1660, 826],
            [1680, 836],
          ],
          false,
        ),
        p.ink,
        6,
      );
    });
    P.layer('bed', 0.3, () => {
      P.group(() => {
        P.piece(paths.rrect(330, 640, 60, 560, 20), p.c('woodD'), { lift: 3 });
        P.piece(paths.rrect(370, 960, 1120, 110, 30), p.c('white'), { lift: 3 });
        P.piece(paths.rrect(370, 1050, 1120, 90, 10), p.c('wood'), { lift: 3 });
        for (const x of [390, 1430]) P.piece(paths.rect(x, 1130, 40, 70), p.c('woodD'), { lift: 2 });
        P.piece(
          paths.smooth(
            [
              [380, 960],
              [390, 830],
              [520, 800],
              [600, 900],
              [580, 970],
            ],
            true,
            0.8,
          ),
          p.c('cream'),
          { lift: 3 },
        );
      });
      figure(P, 700, 960, 8, o.who ?? 'kit', 'sit', {
        foot: 6,
        lean: 14,
        head: 22,
        eye: 'closed',
        feet: undefined,
        hands: [
          [21, -31],
          [26, -8],
        ],
        hdirs: [-120, 20],
      });
      P.piece(
        paths.smooth(
          [
            [600, 990],
            [640, 900],
            [760, 880],
            [900, 780],
            [990, 800],
            [1080, 930],
            [1440, 960],
            [1500, 1010],
            [1490, 1090],
            [610, 1090],
          ],
          true,
          0.6,
        ),
        P.lin(0, 780, 0, 1090, p.l('blue', 0.1), p.d('blue', 0.2)),
        { lift: 4 },
      );
    });
  },
  asleep(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#3f4a7a', '#3b3350', 1080);
      pane(P, 700, 100, 560, 440, 'hills', '#6a74a0');
      for (let i = 0; i < 9; i++)
        P.ink(paths.circle(740 + ((i * 131) % 480), 140 + ((i * 67) % 180), 5), p.sun, 0.9);
    });
    live(P, 'bed', 0.3, (t) => {
      const d = swing(t, 2) * 10;
      P.group(() => {
        P.piece(paths.rrect(360, 620, 60, 580, 20), p.c('wood'), { lift: 3 });
        P.piece(paths.rrect(400, 960, 1160, 110, 30), p.c('white'), { lift: 3 });
        P.piece(paths.rrect(400, 1050, 1160, 90, 10), p.c('wood'), { lift: 3 });
        P.piece(paths.rrect(1520, 840, 50, 360, 16), p.c('wood'), { lift: 3 });
        P.piece(
          paths.smooth(
            [
              [420, 960],
              [430, 870],
              [560, 820],
              [760, 850],
              [790, 940],
              [760, 975],
            ],
            true,
            0.8,
          ),
          p.c('cream'),
          { lift: 3 },
        );
      });
      P.group(() =>
        P.at(
          640,
          868,
          () => people.headSide(P, { skin: p.skin(2), hair: p.c('#1f1512'), hairStyle: 'bob' }),
          { rot: -1.25, s: 66 },
        ),
      );
      P.piece(
        paths.smooth(
          [
            [700, 1000],
            [690, 920 - d * 0.3],
            [800, 850 - d],
            [960, 820 - d],
            [1150, 880 - d * 0.4],
            [1400, 890],
            [1540, 960],
            [1540, 1080],
            [710, 1080],
          ],
          true,
          0.7,
        ),
        P.lin(0, 820, 0, 1080, p.c('rose'), p.d('rose', 0.2)),
        { lift: 4 },
      );
      for (let i = 0; i < 7; i++)
        P.ink(paths.circle(860 + i * 92, 960 + (i % 2) * 50 - d * 0.3, 16), p.paper, 0.5);
    });
    P.layer('cat', 0.4, () => {
      P.group(() => {
        P.piece(
          paths.smooth(
            [
              [1240, 900],
              [1260, 830],
              [1350, 800],
              [1450, 830],
              [1480, 900],
            ],
            true,
            0.9,
          ),
          p.c('carrot'),
          { lift: 3 },
        );
        P.piece(paths.circle(1258, 866, 44), p.c('carrot'), { lift: 2 });
        for (const d of [-26, 16])
          P.piece(
            paths.poly([
              [1258 + d, 836],
              [1264 + d, 800],
              [1286 + d, 834],
            ]),
            p.c('carrot'),
            { lift: 1 },
          );
        P.line(
          paths.smooth(
            [
              [1236, 868],
              [1244, 874],
              [1252, 868],
            ],
            false,
          ),
          p.ink,
          4,
        );
        P.piece(
          paths.tube(
            [
              [1470, 890],
              [1500, 850],
              [1470, 820],
            ],
            [24, 22, 14],
          ),
          p.c('#c96f25'),
          { lift: 2 },
        );
      });
    });
  },
  laptopBed(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#b7a0c9', 'woodL', 1080);
      pane(P, 1000, 130, 460, 430, 'town', 'white');
      P.piece(paths.rrect(380, 120, 240, 320, 6), p.c('navy'), { lift: 3 });
      P.piece(paths.circle(500, 280, 70), p.c('mustard'), { lift: 2 });
      plant(P, 1680, 1160, 1.3, 'teal');
    });
    P.layer('desk', 0.3, () => {
      chair(P, 780, 985, 1190, 1, 'teal', 250);
      figure(P, 780, 1190, 8.2, 'elsa', 'type', {
        hands: [
          [18, -34],
          [27, -9],
        ],
        hdirs: [-120, 0],
        head: 14,
        lean: 8,
        eye: 'open',
      });
      table(P, 880, 1560, 905, 1190, 'white');
      laptop(P, 1120, 905, 1.25);
      P.piece(
        paths.round(
          [
            [1300, 900],
            [1290, 884],
            [1420, 876],
            [1430, 896],
          ],
          4,
        ),
        p.paper,
        { lift: 2 },
      );
      things.mug(P, 1480, 905, 0.6, p.c('mustard'));
    });
  },
  knit(P, o) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, o.wall ?? '#a5643f', 'woodD', 1080);
      P.piece(paths.rrect(1080, 500, 520, 640, 12), p.c('cream'), { lift: 4 });
      P.piece(paths.rrect(1160, 640, 360, 500, [180, 180, 0, 0]), p.c('dark'), { lift: 1 });
      P.piece(paths.rrect(1050, 470, 580, 50, 8), p.c('woodD'), { lift: 4 });
      for (const [x, r] of [
        [1150, 40],
        [1340, 54],
        [1500, 36],
      ] as const)
        P.piece(paths.rrect(x, 470 - r * 2, r * 1.6, r * 2, 8), p.c(r > 50 ? 'brass' : 'teal'), { lift: 3 });
    });
    live(P, 'fire', 0.2, (t) => {
      for (const [i, [x, h, w]] of (
        [
          [1270, 150, 60],
          [1340, 220, 80],
          [1410, 160, 60],
        ] as const
      ).entries()) {
        const d = swing(t, 2 + i, i * 0.3) * 16;
        const e = swing(t, 3, i * 0.2) * 20;
        P.piece(
          paths.smooth(
            [
              [x - w, 1130],
              [x - w * 0.8, 1060],
              [x + d, 1130 - h - e],
              [x + w * 0.8, 1060],
              [x + w, 1130],
            ],
            true,
            0.8,
          ),
          p.c(i === 1 ? 'carrot' : 'mustard'),
          { lift: 2, grain: 0.2 },
        );
      }
      P.piece(paths.rrect(1220, 1120, 240, 34, 14), p.c('woodD'), { lift: 2 });
      P.glow(1340, 1060, 460, p.accent2, 0.45 + 0.08 * swing(t, 4));
    });
    P.layer('knitter', 0.5, () => {
      P.group(() => {
        P.piece(paths.rrect(470, 720, 130, 440, 50), p.d('green', 0.15), { lift: 4 });
        P.piece(paths.rrect(500, 980, 330, 150, 40), p.c('green'), { lift: 4 });
        for (const x of [520, 780]) P.piece(paths.rect(x, 1120, 28, 80), p.c('woodD'), { lift: 2 });
      });
      figure(P, 660, 1195, 8, 'ina', 'sit', {
        head: 18,
        eye: 'closed',
        hands: [
          [19, -15],
          [20, -13],
        ],
        hdirs: [-20, -20],
        hold: (Q: Paint) => {
          Q.piece(
            paths.round(
              [
                [14, -12],
                [26, -12],
                [28, 6],
                [15, 8],
              ],
              2,
            ),
            p.c('red'),
            { lift: 2 },
          );
          Q.line(
            paths.poly(
              [
                [12, -22],
                [24, -10],
              ],
              false,
            ),
            p.c('woodL'),
            1.2,
          );
          Q.line(
            paths.poly(
              [
                [28, -22],
                [16, -10],
              ],
              false,
            ),
            p.c('woodL'),
            1.2,
          );
        },
      });
      P.piece(paths.circle(900, 1160, 44), p.c('red'), { lift: 3 });
    });
  },
} satisfies Drawings;
