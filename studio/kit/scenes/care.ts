import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import { BLEED, type Paint } from '../paint.ts';
import * as paths from '../paths.ts';
import { figure } from './cast.ts';
import { box, chair, live, pane, plant, room, swing } from './parts.ts';

/** People who care for others, and one who sings. */
export const CARE = {
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
} satisfies Drawings;
