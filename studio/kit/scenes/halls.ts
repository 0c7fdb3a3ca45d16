import type { Drawings } from '../../catalogue/slots.ts';
import { bar, block, oval, put } from '../objects/parts.ts';
import { BLEED, type Paint } from '../paint.ts';
import * as paths from '../paths.ts';
import * as things from '../things.ts';
import { facing, figure } from './cast.ts';
import { chair, glow, pane, plant, room } from './parts.ts';

/** Heads and shoulders of people who sit and look away from us, in rows. */
function audience(P: Paint, y: number, rows: number, s = 4.6): void {
  const who = ['ada', 'bo', 'cleo', 'dan', 'elsa', 'gita', 'hugo', 'jo', 'kit', 'lee', 'mara', 'ned'];
  for (let r = 0; r < rows; r++)
    for (let i = -2; i < 11; i++)
      facing(
        P,
        60 + i * 200 + (r % 2) * 100,
        y + r * 130,
        s + r * 0.6,
        who[(i + 2 + r * 5) % 12] as string,
        'bust',
        { view: 'back', tilt: ((i * 7 + r * 3) % 5) - 2 },
      );
}

/** Halls where many come together. */
export const HALLS = {
  court(P) {
    P.layer('room', 0.1, () => {
      room(P, '#8a6a52', '#6d4f3c', 1120);
      for (let i = -6; i < 14; i++) block(P, i * 190, -400, 150, 1400, 8, 'wood', 2, -0.12);
      P.at(960, 250, () => {
        oval(P, 0, 0, 150, 150, 'brass', 4);
        bar(
          P,
          [
            [0, -90],
            [0, 90],
          ],
          [12, 12],
          'woodD',
          2,
        );
        bar(
          P,
          [
            [-90, -60],
            [90, -60],
          ],
          [12, 12],
          'woodD',
          2,
        );
        for (const s of [-1, 1]) {
          P.line(
            paths.poly([
              [s * 84, -60],
              [s * 120, 30],
              [s * 48, 30],
            ]),
            P.pal.c('woodD'),
            6,
          );
          put(
            P,
            paths.smooth(
              [
                [s * 120, 28],
                [s * 84, 62],
                [s * 48, 28],
              ],
              true,
              0.8,
            ),
            'woodD',
            2,
          );
        }
      });
    });
    P.layer('judge', 0.3, () => facing(P, 960, 760, 7.6, 'ada', 'table', { top: 'dark', collar: 'white' }));
    P.layer('bench', 0.4, () => {
      block(P, 480, 740, 960, 380, 14, 'woodD', 5);
      for (let i = 0; i < 4; i++) block(P, 520 + i * 226, 800, 190, 270, 10, 'wood', 2, -0.1);
      block(P, 450, 710, 1020, 50, 12, 'wood', 4);
      P.at(1290, 700, () => {
        block(P, -70, -20, 140, 24, 8, 'woodD', 2);
        P.at(
          -20,
          -50,
          () => {
            block(P, 0, -8, 150, 16, 8, 'wood', 2);
            block(P, -44, -40, 70, 80, 10, 'wood', 3, 0.1);
          },
          { rot: -0.3 },
        );
      });
      things.stack(P, 640, 712, [
        [160, 34, P.pal.c('red'), 0],
        [140, 30, P.pal.c('navy'), 8],
      ]);
    });
    P.layer('people', 0.6, () => {
      facing(P, 430, 1480, 8.6, 'dan', 'bust', { view: 'back', top: 'navy' });
      facing(P, 1500, 1480, 8.6, 'elsa', 'bust', { view: 'back', top: 'dark' });
    });
  },
  parliament(P) {
    P.layer('hall', 0.1, () => {
      room(P, '#c9b48a', '#7a4a3a', 760);
      for (let i = 0; i < 7; i++) {
        block(P, 60 + i * 300, -600, 90, 1360, 8, 'cream', 4);
        block(P, 30 + i * 300, 120, 150, 50, 8, 'cream', 3, -0.1);
      }
      for (let i = 0; i < 6; i++)
        P.piece(paths.rrect(180 + i * 300, 180, 160, 420, [80, 80, 0, 0]), P.pal.sky[1], { lift: 2 });
    });
    P.layer('speaker', 0.3, () => {
      facing(P, 960, 770, 6.6, 'mara', 'table', {
        top: 'navy',
        hands: [
          [-16, -10],
          [18, -26],
        ],
      });
      block(P, 800, 760, 320, 260, 14, 'woodD', 5);
      block(P, 780, 740, 360, 44, 10, 'wood', 4);
      P.line(
        paths.smooth(
          [
            [900, 744],
            [880, 690],
            [910, 660],
          ],
          false,
        ),
        P.pal.c('dark'),
        8,
      );
    });
    P.layer('seats', 0.5, () => {
      for (let r = 0; r < 3; r++) {
        P.line(
          paths.smooth(
            [
              [-300, 1000 + r * 170],
              [300, 1090 + r * 190],
              [960, 1120 + r * 200],
              [1620, 1090 + r * 190],
              [2220, 1000 + r * 170],
            ],
            false,
          ),
          P.pal.d('wood', r * 0.08),
          90,
        );
      }
      audience(P, 1090, 2, 4.4);
    });
  },
  museum(P) {
    P.layer('room', 0.1, () => {
      room(P, '#a8524a', '#9c7552', 1060);
      for (const [x, y, w, h, k] of [
        [120, 150, 340, 440, 0],
        [640, 100, 640, 460, 1],
        [1440, 180, 360, 360, 2],
      ] as const) {
        block(P, x, y, w, h, 8, 'brass', 5);
        block(P, x + 34, y + 34, w - 68, h - 68, 4, 'cream', 1);
        P.clip(paths.rect(x + 40, y + 40, w - 80, h - 80), () => {
          P.piece(paths.rect(x, y, w, h), P.pal.sky[k], { lift: 0 });
          oval(P, x + w * 0.65, y + h * 0.35, 46, 46, 'corn', 1);
          for (let i = 0; i < 3; i++)
            oval(
              P,
              x + w * (0.2 + i * 0.3),
              y + h * (1.02 + (i % 2) * 0.1),
              w * 0.34,
              h * 0.36,
              ['teal', 'leaf', 'navy'][(i + k) % 3] ?? 'teal',
              2,
            );
        });
      }
      block(P, 700, 1140, 520, 40, 10, 'woodD', 3);
      for (const x of [730, 1160]) block(P, x, 1170, 30, 120, 4, 'dark', 2);
    });
    P.layer('people', 0.5, () => {
      facing(P, 820, 1240, 7.2, 'elsa', 'stand', { view: 'back' });
      facing(P, 1090, 1240, 7.6, 'ned', 'stand', { view: 'back', top: 'mustard' });
    });
  },
  theatre(P) {
    const p = P.pal;
    P.layer('stage', 0.1, () => {
      P.piece(paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED), p.d('navy', 0.5), {
        lift: 0,
        edge: 0,
      });
      P.piece(
        paths.rect(120, -BLEED, 1680, BLEED + 900),
        P.lin(0, 0, 0, 900, p.d('blue', 0.3), p.l('carrot', 0.2)),
        { lift: 2 },
      );
      oval(P, 1280, 330, 120, 120, 'cream', 3);
      for (const [x, h] of [
        [420, 300],
        [600, 420],
        [1500, 360],
      ] as const) {
        block(P, x - 90, 840 - h, 180, h, 6, 'aub', 3);
        put(
          P,
          paths.poly([
            [x - 110, 840 - h],
            [x, 720 - h],
            [x + 110, 840 - h],
          ]),
          'aub',
          3,
          -0.2,
        );
        block(P, x - 30, 760 - h / 2, 60, 80, 4, 'corn', 1);
      }
      block(P, -400, 830, 2720, 130, 6, 'wood', 5);
    });
    P.layer('actors', 0.3, () => {
      figure(P, 700, 850, 5.6, 'gita', 'point', { top: 'red', bottom: 'red' });
      figure(P, 1140, 850, 5.8, 'bo', 'give', { face: -1, top: 'mustard', hat: 'brim', hatCol: 'teal' });
    });
    glow(P, 950, 520, 620, 0.45);
    P.layer('curtain', 0.4, () => {
      for (const s of [-1, 1])
        for (let i = 0; i < 6; i++) {
          const x = 960 + s * (640 + i * 130);
          put(
            P,
            paths.smooth(
              [
                [x - 90, -1500],
                [x + 90, -1500],
                [x + 70, 400],
                [x + 90, 980],
                [x - 90, 980],
                [x - 60, 400],
              ],
              true,
              0.5,
            ),
            'red',
            4,
            i % 2 ? -0.12 : 0,
          );
        }
      put(P, paths.scallop(-1400, 3320, -200, 260, 16, 90), 'red', 5, -0.08);
    });
    P.layer('audience', 0.6, () => audience(P, 1130, 2));
  },
  church(P) {
    const p = P.pal;
    P.layer('nave', 0.1, () => {
      room(P, '#b7b0a2', '#8a8377', 980);
      for (let i = 0; i < 4; i++) {
        const w = 1700 - i * 330;
        P.piece(
          paths.diff(
            paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, BLEED + 1000),
            paths.smooth(
              [
                [960 - w / 2, 1000],
                [960 - w / 2, 300 + i * 30],
                [960 - w * 0.32, -60 + i * 70],
                [960, -220 + i * 110],
                [960 + w * 0.32, -60 + i * 70],
                [960 + w / 2, 300 + i * 30],
                [960 + w / 2, 1000],
              ],
              true,
              0.6,
            ),
          ),
          p.d('#b7b0a2', 0.06 + i * 0.07),
          { lift: 5 },
        );
      }
      P.piece(paths.rrect(850, 330, 220, 460, [110, 110, 0, 0]), p.l('blue', 0.3), { lift: 3 });
      P.clip(paths.rrect(850, 330, 220, 460, [110, 110, 0, 0]), () => {
        for (let i = 0; i < 18; i++)
          block(
            P,
            850 + (i % 3) * 74,
            330 + Math.floor(i / 3) * 78,
            66,
            70,
            8,
            ['red', 'corn', 'blue', 'leaf', 'aub'][(i * 3) % 5] ?? 'red',
            0.8,
            0.15,
          );
      });
    });
    P.glow(960, 560, 620, p.accent2, 0.4);
    P.layer('pews', 0.5, () => {
      for (let r = 0; r < 4; r++)
        for (const s of [-1, 1])
          block(
            P,
            960 + s * (330 + r * 60) - 280 - r * 30,
            960 + r * 110,
            560 + r * 60,
            80,
            12,
            'woodD',
            4,
            r * 0.04,
          );
      put(
        P,
        paths.poly([
          [900, 900],
          [1020, 900],
          [1160, 1900],
          [760, 1900],
        ]),
        'red',
        1,
      );
      facing(P, 660, 1240, 5.4, 'ina', 'bust', { view: 'back' });
    });
  },
  waitingRoom(P) {
    P.layer('room', 0.1, () => {
      room(P, '#bcd0cf', '#8f8a80', 1060, { dado: 260 });
      pane(P, 1340, 140, 420, 380, 'town');
      block(P, 260, 160, 300, 220, 8, 'wood', 4);
      block(P, 290, 190, 240, 160, 4, 'rose', 1, 0.2);
      P.piece(paths.circle(960, 230, 110), P.pal.c('cream'), { lift: 4 });
      bar(
        P,
        [
          [960, 230],
          [960, 160],
        ],
        [12, 8],
        'dark',
        1,
      );
      bar(
        P,
        [
          [960, 230],
          [1010, 250],
        ],
        [12, 8],
        'dark',
        1,
      );
      plant(P, 1800, 1080, 1.1, 'brick');
    });
    P.layer('people', 0.4, () => {
      for (const [x, who, h] of [
        [420, 'hugo', 12],
        [760, 'gita', 18],
        [1100, 'jo', 4],
        [1440, 'ina', 14],
      ] as const) {
        chair(P, x, 980, 1190, 1, 'teal', 250);
        figure(P, x, 1196, 7.6, who, 'sit', {
          head: h,
          ...(who === 'gita'
            ? {
                hands: [
                  [20, -14],
                  [18, -12],
                ] as const,
              }
            : {}),
        });
      }
      block(P, 930, 880, 26, 44, 6, 'dark', 2);
    });
  },
} satisfies Drawings;
