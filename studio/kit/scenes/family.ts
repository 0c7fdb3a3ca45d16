import type { Drawings } from '../../catalogue/slots.ts';
import { nth } from '../named.ts';
import * as nature from '../nature.ts';
import { BLEED } from '../paint.ts';
import * as paths from '../paths.ts';
import { ground, sky } from '../places/parts.ts';
import * as things from '../things.ts';
import { facing, figure } from './cast.ts';
import { box, live, pane, pendant, plant, room, shelves, swing, trees } from './parts.ts';

/** Families at table, at play and far apart. */
export const FAMILY = {
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
        P.piece(paths.circle(1584 + i * 90, 460, 44 - i * 6), p.c(nth(['brick', 'dark', 'steel'], i)), {
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
      for (const [i, [x, y, w]] of (
        [
          [870, 1190, 90],
          [970, 1190, 90],
          [1070, 1190, 90],
          [918, 1102, 90],
          [1020, 1102, 90],
          [968, 1014, 90],
          [968, 926, 90],
        ] as const
      ).entries())
        P.piece(paths.rrect(x, y - 86, w, 86, 8), p.c(nth(cols, i % 6)), { lift: 3 });
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
} satisfies Drawings;
