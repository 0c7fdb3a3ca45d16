import { mix } from '../colour.ts';
import { nature } from '../nature.ts';
import type { Kit, Paint } from '../paint.ts';
import { paths } from '../paths.ts';
import { people } from '../people.ts';
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
  pendant,
  plant,
  room,
  shelves,
  swing,
  table,
  trees,
} from './parts.ts';

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

/** People at home, learning and being cared for. */
export const HOME: Kit = {
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
  dinner(P, o) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, o.wall ?? '#6f8f7a', 'wood', 1180);
      pane(P, 300, 120, 380, 400, 'hills', 'cream');
      pendant(P, 960, 190, 'red', 1.6);
      P.piece(paths.rrect(1270, 150, 300, 240, 6), p.c('woodD'), { lift: 3 });
      P.piece(paths.rect(1294, 174, 252, 192), p.l('mustard', 0.4), { lift: 1 });
      P.piece(paths.circle(1420, 280, 56), p.c('brick'), { lift: 1 });
    });
    P.layer('family', 0.3, () => {
      facing(P, 560, 950, 7.6, 'hugo', 'table', { tilt: 5 });
      facing(P, 820, 960, 7.8, 'gita', 'table', { tilt: -4, eye: 'closed' });
      facing(P, 1090, 980, 6, 'elsa', 'cheer', {
        feet: undefined,
        hands: [
          [-16, -10],
          [15, -50],
        ],
      });
      facing(P, 1360, 950, 8, 'jo', 'table', { tilt: -5 });
    });
    P.layer('table', 0.5, () => {
      P.piece(paths.rrect(330, 900, 1260, 60, 20), p.c('woodL'), { lift: 5 });
      P.piece(paths.rect(420, 950, 1080, 120), p.d('red', 0.05), { lift: 3 });
      for (let i = 0; i < 9; i++) P.ink(paths.rect(440 + i * 122, 950, 50, 120), p.paper, 0.5);
      for (const x of [450, 1400]) P.piece(paths.rect(x, 1060, 60, 420), p.c('wood'), { lift: 3 });
      for (const x of [560, 800, 1090, 1350]) {
        P.piece(paths.ellipse(x, 910, 84, 18), p.paper, { lift: 2 });
        P.piece(paths.ellipse(x, 902, 50, 16), p.c(x % 3 ? 'tomato' : 'leafL'), { lift: 1.6 });
      }
      P.group(() => {
        P.piece(paths.ellipse(960, 890, 130, 26), p.c('brick'), { lift: 3 });
        P.piece(paths.rrect(836, 820, 248, 80, 34), p.c('brick'), { lift: 3 });
        P.piece(paths.ellipse(960, 824, 116, 24), p.c('mustard'), { lift: 1 });
      });
      P.piece(paths.rrect(660, 790, 60, 110, 12), p.l('glass', 0.2), { lift: 2, a: 0.85 });
      P.piece(paths.rrect(1190, 810, 50, 90, 10), p.l('glass', 0.2), { lift: 2, a: 0.85 });
    });
    live(P, 'steam', 0.5, (t) => nature.steam(P, 960, 800, 220, 1.1, p.paper, 0.4, { ph: t * Math.PI * 2 }));
  },
  stove(P, o) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, o.wall ?? 'mustard', '#8f6b4a', 1100);
      for (let r = 0; r < 4; r++)
        for (let i = 0; i < 12; i++)
          P.piece(
            paths.rrect(760 + i * 104, 470 + r * 104, 98, 98, 6),
            (i + r) % 2 ? p.c('cream') : p.l('teal', 0.35),
            { lift: 0.8, grain: 0.2 },
          );
      shelves(P, 800, 330, 700, 1, 180, 'jars');
      pane(P, 260, 150, 400, 420, 'hills', 'white');
      for (let i = 0; i < 3; i++) {
        P.piece(paths.rect(1580 + i * 90, 330, 8, 90), p.c('woodD'), { lift: 1 });
        P.piece(paths.circle(1584 + i * 90, 460, 44 - i * 6), p.c(['brick', 'dark', 'steel'][i]), {
          lift: 3,
        });
      }
    });
    P.layer('stove', 0.3, () => {
      box(P, 920, 900, 1300, 300, 'teal', 4, 'woodL');
      P.group(() => {
        P.piece(paths.rrect(960, 890, 460, 310, 10), p.c('white'), { lift: 4 });
        P.piece(paths.rrect(1000, 1000, 380, 160, 10), p.c('dark'), { lift: 1 });
        for (let i = 0; i < 4; i++) P.piece(paths.circle(1030 + i * 106, 946, 22), p.c('red'), { lift: 2 });
      });
    });
    live(P, 'cook', 0.4, (t) => {
      const d = swing(t, 3);
      const e = Math.cos(t * 6 * Math.PI);
      figure(P, 790, 1190, 8, o.who ?? 'bo', 'work', {
        apron: 'brick',
        lean: 10,
        hands: [
          [39 + d * 2, -21 + e],
          [22, 2],
        ],
        hdirs: [30, 60],
      });
      P.piece(
        paths.tube(
          [
            [1120 + d * 16, 610 + e * 8],
            [1170 + d * 30, 800],
          ],
          [13, 13],
        ),
        p.c('woodL'),
        { lift: 2 },
      );
    });
    P.layer('pots', 0.4, () => {
      P.group(() => {
        P.piece(paths.rrect(1060, 760, 250, 130, 18), p.c('brick'), { lift: 4 });
        for (const x of [1030, 1300]) P.piece(paths.rrect(x, 800, 40, 24, 8), p.d('brick', 0.3), { lift: 2 });
        P.piece(paths.rrect(1050, 750, 270, 24, 10), p.l('brick', 0.15), { lift: 2 });
      });
    });
    live(P, 'steam', 0.4, (t) =>
      nature.steam(P, 1190, 740, 320, 1.3, p.paper, 0.45, { ph: t * Math.PI * 2 }),
    );
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
  blocks(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#8fb7c9', 'woodL', 1000);
      pane(P, 1120, 120, 420, 420, 'hills', 'white');
      shelves(P, 380, 420, 520, 2, 190, 'boxes');
      P.piece(paths.ellipse(960, 1170, 700, 100), p.c('rose'), { lift: 2 });
      P.piece(paths.ellipse(960, 1166, 560, 76), p.l('rose', 0.35), { lift: 1 });
    });
    P.layer('play', 0.4, () => {
      figure(P, 600, 1190, 7.6, 'ned', 'kneel', {
        hands: [
          [30, -16],
          [24, 4],
        ],
        hdirs: [-10, 40],
      });
      figure(P, 1290, 1190, 5.4, 'cleo', 'kneel', {
        face: -1,
        top: 'mustard',
        hands: [
          [26, -30],
          [27, -2],
        ],
        hdirs: [-30, 30],
      });
      const cols = ['red', 'mustard', 'teal', 'blue', 'leafL', 'rose'];
      for (const [i, [x, y, w]] of [
        [870, 1190, 90],
        [970, 1190, 90],
        [1070, 1190, 90],
        [918, 1102, 90],
        [1020, 1102, 90],
        [968, 1014, 90],
        [968, 926, 90],
      ].entries())
        P.piece(paths.rrect(x, y - 86, w, 86, 8), p.c(cols[i % 6]), { lift: 3 });
      P.piece(
        paths.poly([
          [960, 840],
          [1012, 760],
          [1066, 840],
        ]),
        p.c('red'),
        { lift: 3 },
      );
    });
  },
  moving(P) {
    const p = P.pal;
    P.layer('house', 0.1, () => {
      sky(P, { hor: 820, x: 420, y: 280 });
      ground(P, 1040, p.ramp[2]);
      P.piece(
        paths.rect(860, -BLEED, 2600, BLEED + 1080),
        P.lin(860, 0, 1900, 0, p.c('brick'), p.d('brick', 0.15)),
        {
          lift: 5,
        },
      );
      for (let r = 0; r < 22; r++)
        for (let i = 0; i < 9; i++)
          P.ink(
            paths.rrect(880 + i * 130 + (r % 2) * 64, -300 + r * 62, 110, 46, 6),
            p.d('brick', 0.14),
            0.35,
          );
      P.piece(paths.rrect(1100, 330, 360, 750, [180, 180, 0, 0]), p.c('cream'), { lift: 3 });
      P.piece(paths.rrect(1130, 360, 300, 720, [150, 150, 0, 0]), p.d('mustard', 0.25), { lift: 1 });
      P.piece(
        paths.poly([
          [1130, 470],
          [1010, 430],
          [1010, 1110],
          [1130, 1080],
        ]),
        p.c('teal'),
        { lift: 4 },
      );
      P.piece(paths.circle(1030, 790, 14), p.c('brass'), { lift: 1 });
      P.piece(paths.rect(1060, 1070, 440, 50), p.c('grey'), { lift: 3 });
      P.piece(paths.rect(300, 1110, 2600, 1000), p.c('grey'), { lift: 2 });
    });
    P.layer('boxes', 0.4, () => {
      for (const [x, y, w, h] of [
        [1530, 1180, 220, 180],
        [1560, 1000, 160, 130],
        [1330, 1190, 170, 130],
      ]) {
        P.piece(paths.rrect(x, y - h, w, h, 6), p.c('#c9a06a'), { lift: 4 });
        P.ink(paths.rect(x + w / 2 - 14, y - h, 28, h), p.paper, 0.45);
      }
      plant(P, 300, 1190, 1, 'mustard');
    });
    P.layer('people', 0.5, () => {
      figure(P, 560, 1190, 7.6, 'jo', 'carry', {
        top: 'mustard',
        feet: [
          [13, 45],
          [-15, 44],
        ],
        hands: [
          [24, -14],
          [22, -6],
        ],
      });
      P.piece(paths.rrect(690, 640, 230, 190, 6), p.c('#c9a06a'), { lift: 4 });
      P.ink(paths.rect(790, 640, 30, 190), p.paper, 0.45);
      figure(P, 1080, 1190, 7.4, 'mara', 'carry', {
        face: -1,
        feet: [
          [10, 46],
          [-10, 45],
        ],
        hands: [
          [24, -14],
          [22, -6],
        ],
      });
    });
  },
  videoCall(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#7a8f6a', 'wood', 1080);
      pane(P, 260, 60, 340, 380, 'hills', 'white');
      plant(P, 1660, 980, 1.3, 'brick');
    });
    P.layer('screen', 0.3, () => {
      P.piece(paths.rrect(-400, 960, 2720, 900, 20), p.c('wood'), { lift: 5 });
      P.group(() => {
        P.piece(paths.rrect(520, 200, 880, 640, 22), p.c('dark'), { lift: 4 });
        P.piece(
          paths.round(
            [
              [470, 930],
              [560, 838],
              [1360, 838],
              [1450, 930],
            ],
            16,
          ),
          p.c('steel'),
          { lift: 3 },
        );
      });
      for (const [i, [x, y, c, who]] of (
        [
          [546, 226, 'mustard', 'ina'],
          [968, 226, 'teal', 'jo'],
          [546, 526, 'rose', 'finn'],
          [968, 526, 'navy', 'lee'],
        ] as const
      ).entries()) {
        P.piece(paths.rrect(x, y, 406, 286, 12), p.c(c), { lift: 1 });
        P.clip(paths.rrect(x, y, 406, 286, 12), () =>
          facing(P, x + 203, y + 352, 5, who, 'bust', { tilt: [4, -5, 0, 6][i], hands: undefined }),
        );
      }
    });
    P.layer('caller', 0.6, () => {
      facing(P, 960, 1460, 11, 'dan', 'bust', { view: 'back', top: 'cream' });
      things.mug(P, 1400, 1130, 0.9, p.c('red'));
    });
  },
  pram(P) {
    const p = P.pal;
    sky(P, { hor: 800, x: 1380, y: 320 });
    P.layer('park', 0.2, () => {
      nature.sheet(P, nature.hill(P, 780, 60), p.ramp[1], 780);
      ground(P, 900, p.ramp[2]);
      trees(
        P,
        960,
        [
          [260, 2.2],
          [620, 1.6],
          [1640, 2.4],
          [-120, 2],
          [2040, 2],
        ],
        p.c('leaf'),
      );
      P.piece(
        paths.smooth(
          [
            [-BLEED, 1090],
            [600, 1060],
            [1400, 1080],
            [1920 + BLEED, 1050],
            [1920 + BLEED, 1200],
            [-BLEED, 1240],
          ],
          true,
          0.6,
        ),
        p.c('#e6d2a8'),
        { lift: 2 },
      );
    });
    P.layer('walk', 0.5, () => {
      figure(P, 760, 1180, 7.2, 'lee', 'walk', {
        hands: [
          [26, -10],
          [24, -10],
        ],
        hdirs: [0, 0],
        top: 'red',
      });
      P.group(() => {
        P.piece(
          paths.tube(
            [
              [945, 740],
              [1040, 840],
            ],
            [12, 12],
          ),
          p.c('steelD'),
          { lift: 2 },
        );
        P.piece(
          paths.smooth(
            [
              [1020, 850],
              [1030, 960],
              [1120, 1020],
              [1280, 1010],
              [1350, 900],
              [1340, 860],
            ],
            true,
            0.7,
          ),
          p.c('navy'),
          { lift: 4 },
        );
        P.piece(
          paths.smooth(
            [
              [1180, 860],
              [1190, 740],
              [1290, 700],
              [1360, 780],
              [1346, 866],
            ],
            true,
            0.8,
          ),
          p.d('navy', 0.2),
          { lift: 3 },
        );
        P.line(
          paths.poly(
            [
              [1080, 1020],
              [1250, 1130],
            ],
            false,
          ),
          p.c('steelD'),
          12,
        );
        P.line(
          paths.poly(
            [
              [1280, 1010],
              [1110, 1130],
            ],
            false,
          ),
          p.c('steelD'),
          12,
        );
        for (const x of [1090, 1270]) {
          P.line(paths.circle(x, 1130, 48), p.ink, 12);
          P.ink(paths.circle(x, 1130, 8), p.ink);
        }
      });
    });
  },
  bench(P, o) {
    const p = P.pal;
    sky(P, { hor: 700, x: 960, y: 470, r: 110 });
    P.layer('lake', 0.2, () => {
      nature.sheet(P, nature.hill(P, 660, 50), p.ramp[1], 660);
      nature.water(P, 720, 940, 5);
      nature.reflect(P, 960, 740, 900, 200, p.sun);
      ground(P, 990, p.ramp[3]);
      trees(
        P,
        1010,
        [
          [250, 2.6],
          [1700, 2.8],
          [-150, 2.4],
          [2150, 2.4],
        ],
        mix(p.ramp[3], p.c('leaf'), 0.3),
      );
    });
    P.layer('pair', 0.5, () => {
      facing(P, 830, 1120, 7.4, o.a ?? 'ina', 'bust', { view: 'back', tilt: 6 });
      if (o.b !== '') facing(P, 1080, 1120, 5.4, o.b ?? 'finn', 'bust', { view: 'back', tilt: -5 });
      P.group(() => {
        for (const y of [970, 1040]) P.piece(paths.rrect(600, y, 720, 50, 10), p.c('wood'), { lift: 4 });
        P.piece(paths.rrect(580, 1120, 760, 40, 10), p.c('woodL'), { lift: 4 });
        for (const x of [660, 1220]) P.piece(paths.rect(x, 960, 36, 290), p.c('woodD'), { lift: 3 });
      });
    });
  },
  laundry(P) {
    const p = P.pal;
    sky(P, { hor: 820, x: 1450, y: 260 });
    P.layer('garden', 0.2, () => {
      nature.sheet(P, nature.hill(P, 760, 70), p.ramp[1], 760);
      ground(P, 940, p.c('leaf'));
      P.group(() => {
        for (const x of [430, 1620]) P.piece(paths.rect(x, 430, 30, 760), p.c('wood'), { lift: 3 });
      });
      P.line(
        paths.smooth(
          [
            [445, 450],
            [1030, 500],
            [1635, 450],
          ],
          false,
        ),
        p.ink,
        5,
      );
    });
    live(P, 'washing', 0.3, (t) => {
      for (const [i, [x, w, h, c]] of (
        [
          [940, 150, 210, 'red'],
          [1110, 110, 260, 'white'],
          [1240, 170, 230, 'blue'],
          [1430, 140, 200, 'mustard'],
        ] as const
      ).entries()) {
        const d = (swing(t, 1, i * 0.17) + 0.6 * swing(t, 2, i * 0.3)) * 22;
        const y = 492 - Math.abs(i - 0.5) * 6;
        P.piece(
          paths.smooth(
            [
              [x, y],
              [x + w, y - 4],
              [x + w + d * 0.6, y + h * 0.6],
              [x + w + d, y + h],
              [x + d, y + h + 6],
              [x + d * 0.5, y + h * 0.5],
            ],
            true,
            0.4,
          ),
          P.lin(x, 0, x + w, 0, p.l(c, 0.1), p.d(c, 0.12)),
          { lift: 4 },
        );
        for (const q of [x + 20, x + w - 30])
          P.piece(paths.rrect(q, y - 18, 12, 36, 4), p.c('woodL'), { lift: 1 });
      }
    });
    P.layer('person', 0.5, () => {
      figure(P, 740, 1190, 7.4, 'hugo', 'reach', {
        hands: [
          [20, -50],
          [17, -46],
        ],
        hdirs: [-50, -50],
        top: 'cream',
      });
      P.group(() => {
        P.piece(
          paths.round(
            [
              [940, 1080],
              [1180, 1080],
              [1150, 1190],
              [970, 1190],
            ],
            14,
          ),
          p.c('woodL'),
          { lift: 4 },
        );
        for (let i = 0; i < 3; i++)
          P.piece(paths.ellipse(1000 + i * 60, 1076, 54, 30), p.c(['rose', 'cream', 'teal'][i]), { lift: 2 });
      });
    });
  },
  library(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#5a3f35', '#7a4f3a', 1100);
      for (const x of [-560, 60, 680, 1300, 1920]) {
        P.piece(paths.rect(x - 14, -BLEED, 600, BLEED + 1100), p.c('woodD'), { lift: 4 });
        shelves(P, x, 0, 570, 6, 205, 'books');
        shelves(P, x, -820, 570, 4, 205, 'books');
      }
    });
    P.layer('reader', 0.5, () => {
      chair(P, 700, 985, 1200, 1, 'brick', 270);
      figure(P, 700, 1200, 8.4, 'cleo', 'type', { head: 20, eye: 'closed', lean: 8, top: 'mustard' });
      table(P, 810, 1420, 910, 1200, 'woodL');
      P.group(() => {
        P.piece(
          paths.round(
            [
              [900, 904],
              [880, 880],
              [1000, 868],
              [1010, 900],
            ],
            6,
          ),
          p.paper,
          { lift: 2 },
        );
        P.piece(
          paths.round(
            [
              [1010, 900],
              [1000, 868],
              [1120, 880],
              [1110, 904],
            ],
            6,
          ),
          p.l('cream', 0.3),
          { lift: 2 },
        );
      });
      things.stack(P, 1180, 908, [
        [170, 36, p.c('teal'), 0],
        [150, 34, p.c('red'), 10],
        [140, 30, p.c('mustard'), 4],
      ]);
      P.group(() => {
        P.piece(paths.rect(1372, 740, 12, 170), p.c('brass'), { lift: 2 });
        P.piece(
          paths.smooth(
            [
              [1300, 760],
              [1330, 690],
              [1424, 690],
              [1456, 760],
            ],
            true,
            0.6,
          ),
          p.c('green'),
          { lift: 3 },
        );
      });
    });
    P.layer('light', 0.5, () => glow(P, 1300, 830, 320, 0.55));
  },
  tutor(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#d9a88a', '#9a7a54', 1080);
      P.piece(paths.rrect(640, 100, 680, 430, 8), p.c('woodL'), { lift: 4 });
      P.piece(paths.rect(664, 124, 632, 382), p.c('#2f5b50'), { lift: 0 });
      P.line(
        paths.poly(
          [
            [730, 430],
            [900, 200],
            [1070, 430],
            [730, 430],
          ],
          false,
        ),
        p.paper,
        8,
        0.8,
      );
      P.ink(paths.rrect(1120, 220, 120, 12, 6), p.paper, 0.8);
      P.ink(paths.rrect(1120, 270, 90, 12, 6), p.accent2, 0.9);
      plant(P, 1640, 1150, 1.4, 'teal');
    });
    P.layer('people', 0.4, () => {
      chair(P, 690, 1000, 1190, 1, 'red', 230);
      figure(P, 690, 1190, 6.6, 'jo', 'type', {
        head: 18,
        lean: 10,
        top: 'leafL',
        hands: [
          [32, -13],
          [27, -11],
        ],
      });
      figure(P, 1290, 1190, 7.8, 'gita', 'bend', {
        face: -1,
        lean: 30,
        head: 10,
        hands: [
          [38, -12],
          [18, 6],
        ],
        hdirs: [20, 70],
        top: 'navy',
        hairStyle: 'bun',
      });
      table(P, 800, 1180, 940, 1190, 'woodL');
      P.group(() => {
        P.piece(
          paths.round(
            [
              [880, 934],
              [860, 916],
              [960, 906],
              [966, 930],
            ],
            4,
          ),
          p.paper,
          { lift: 2 },
        );
        P.piece(
          paths.round(
            [
              [966, 930],
              [960, 906],
              [1060, 916],
              [1050, 934],
            ],
            4,
          ),
          p.l('cream', 0.3),
          { lift: 2 },
        );
      });
    });
  },
  graduates(P) {
    const p = P.pal;
    sky(P, { hor: 820, x: 960, y: 420 });
    P.layer('hall', 0.2, () => {
      P.piece(paths.rect(-BLEED, 640, 1920 + 2 * BLEED, 600), p.ramp[1], { lift: 2 });
      P.piece(
        paths.poly([
          [420, 560],
          [960, 330],
          [1500, 560],
        ]),
        p.l('cream', 0.2),
        { lift: 4 },
      );
      P.piece(paths.rect(450, 560, 1020, 50), p.c('cream'), { lift: 3 });
      for (let i = 0; i < 6; i++)
        P.piece(paths.rect(500 + i * 172, 610, 70, 420), p.l('cream', 0.1), { lift: 3 });
      ground(P, 1010, p.ramp[2]);
    });
    const cap = (x: number, y: number, rot: number, s = 1) =>
      P.at(
        x,
        y,
        () => {
          P.piece(paths.rrect(-34, 0, 68, 34, 8), p.d('navy', 0.2), { lift: 2 });
          P.piece(
            paths.poly([
              [-80, 0],
              [0, -30],
              [80, 0],
              [0, 30],
            ]),
            p.c('navy'),
            { lift: 3 },
          );
          P.line(
            paths.smooth(
              [
                [0, 0],
                [60, 10],
                [70, 56],
              ],
              false,
            ),
            p.c('mustard'),
            6,
          );
        },
        { rot, s },
      );
    live(P, 'caps', 0.3, (t) => {
      for (const [i, [x, y]] of [
        [520, 330],
        [760, 190],
        [980, 300],
        [1180, 170],
        [1400, 310],
      ].entries()) {
        const up = Math.abs(Math.sin((t + i * 0.13) * Math.PI));
        cap(x + swing(t, 1, i * 0.2) * 16, y + 90 - up * 150, 0.3 * swing(t, 1, i * 0.31), 1.05);
      }
    });
    P.layer('people', 0.5, () => {
      for (const [x, who, top] of [
        [540, 'elsa', 'navy'],
        [820, 'jo', 'navy'],
        [1110, 'gita', 'navy'],
        [1390, 'finn', 'navy'],
      ] as const)
        facing(P, x, 1200, 6.6, who, 'cheer', {
          top,
          bottom: top,
          collar: 'mustard',
          after: (Q: Paint) =>
            Q.piece(
              paths.round(
                [
                  [-9.6, -6],
                  [9.6, -6],
                  [15, 34],
                  [-15, 34],
                ],
                2,
              ),
              p.c('navy'),
              { lift: 1 },
            ),
        });
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
      ])
        P.piece(paths.rrect(x, 470 - r * 2, r * 1.6, r * 2, 8), p.c(r > 50 ? 'brass' : 'teal'), { lift: 3 });
    });
    live(P, 'fire', 0.2, (t) => {
      for (const [i, [x, h, w]] of [
        [1270, 150, 60],
        [1340, 220, 80],
        [1410, 160, 60],
      ].entries()) {
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
};
