import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import { nth } from '../named.ts';
import * as nature from '../nature.ts';
import { BLEED, type Paint } from '../paint.ts';
import * as paths from '../paths.ts';
import { ground, sky } from '../places/parts.ts';
import * as things from '../things.ts';
import { facing, figure } from './cast.ts';
import { live, passing } from './parts.ts';

/** A suitcase on wheels, its handle up. */
function trolley(P: Paint, x: number, y: number, col: string, s = 1) {
  const p = P.pal;
  P.group(() => {
    P.line(paths.rrect(x - 26 * s, y - 330 * s, 52 * s, 140 * s, 10), p.c('steelD'), 8);
    P.piece(
      paths.rrect(x - 70 * s, y - 210 * s, 140 * s, 200 * s, 18),
      P.lin(x - 70, 0, x + 70, 0, p.l(col, 0.1), p.d(col, 0.15)),
      { lift: 4 },
    );
    for (const d of [-30, 0, 30])
      P.ink(paths.rect(x + d * s - 4, y - 200 * s, 8 * s, 180 * s), p.d(col, 0.35), 0.4);
    for (const d of [-50, 50]) P.piece(paths.circle(x + d * s, y - 6, 12 * s), p.ink, { lift: 1 });
  });
}

/** On the way: stations, airports, queues. */
export const TRAVEL = {
  platform(P) {
    const p = P.pal;
    P.layer('hall', 0.1, () => {
      P.piece(
        paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 3200),
        P.lin(0, -200, 0, 1000, p.sky[0], p.sky[2]),
        { lift: 0 },
      );
      P.piece(paths.rect(-BLEED, 700, 1920 + 2 * BLEED, 260), p.ramp[2], { lift: 2 });
      let x = -900;
      for (let i = 0; x < 2900; i++) {
        const w = 140 + ((i * 53) % 120);
        P.piece(paths.rect(x, 700 - 120 - ((i * 71) % 200), w, 500), mix(p.ramp[0], p.ramp[1], (i % 4) / 4), {
          lift: 2,
        });
        x += w;
      }
      P.piece(paths.rect(-BLEED, 900, 1920 + 2 * BLEED, 20), p.c('steelD'), { lift: 2 });
      P.piece(paths.rect(-BLEED, 1010, 1920 + 2 * BLEED, 30), p.c('mustard'), { lift: 2 });
      P.piece(paths.rect(-BLEED, 1040, 1920 + 2 * BLEED, 2000), p.c('grey'), { lift: 3 });
      P.piece(
        paths.poly([
          [-BLEED, -240],
          [1920 + BLEED, -240],
          [1920 + BLEED, 60],
          [-BLEED, 60],
        ]),
        p.d('teal', 0.35),
        { lift: 5 },
      );
      for (let i = -8; i < 24; i++)
        P.piece(
          paths.poly([
            [i * 120, 60],
            [i * 120 + 60, 110],
            [i * 120 + 120, 60],
          ]),
          p.d('teal', 0.2),
          { lift: 2 },
        );
      for (const q of [330, 1600]) P.piece(paths.rect(q, 60, 44, 1050), p.d('teal', 0.45), { lift: 4 });
      P.line(
        paths.poly(
          [
            [1130, 60],
            [1130, 180],
          ],
          false,
        ),
        p.ink,
        10,
      );
      P.piece(paths.circle(1130, 270, 100), p.ink, { lift: 4 });
      P.piece(paths.circle(1130, 270, 82), p.paper, { lift: 1 });
      P.line(
        paths.poly(
          [
            [1130, 210],
            [1130, 270],
            [1176, 296],
          ],
          false,
        ),
        p.ink,
        9,
      );
    });
    P.layer('traveller', 0.5, () => {
      figure(P, 760, 1190, 7.6, 'lee', 'stand', {
        top: 'red',
        coat: 16,
        hat: 'beanie',
        hatCol: 'mustard',
        head: -8,
      });
      trolley(P, 930, 1195, 'navy', 1.1);
    });
  },
  airport(P) {
    const p = P.pal;
    P.layer('sky', 0, () => {
      P.piece(paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 3200), P.lin(0, -200, 0, 900, ...p.sky), {
        lift: 0,
      });
      P.piece(paths.circle(1450, 640, 90), p.sun, { lift: 2 });
      nature.puff(P, 500, 420, 1.1, mix(p.sky[1], p.paper, 0.5));
      nature.sheet(P, nature.hill(P, 830, 30), p.ramp[1], 830);
      P.piece(paths.rect(-BLEED, 880, 1920 + 2 * BLEED, 300), p.ramp[2], { lift: 2 });
      P.piece(paths.rect(-BLEED, 930, 1920 + 2 * BLEED, 10), p.paper, { lift: 0, a: 0.7 });
    });
    live(P, 'plane', 0.3, (t) => {
      const q = (t + 0.5) % 1;
      P.at(
        -600 + q * 3200,
        800 - q * 900,
        () => {
          P.piece(
            paths.poly([
              [-250, -40],
              [-330, -150],
              [-280, -150],
              [-170, -40],
            ]),
            p.c('red'),
            { lift: 3 },
          );
          P.piece(
            paths.smooth(
              [
                [-280, -30],
                [-100, -66],
                [200, -60],
                [300, -10],
                [200, 34],
                [-100, 30],
              ],
              true,
              0.7,
            ),
            p.paper,
            { lift: 4 },
          );
          P.piece(
            paths.round(
              [
                [-30, -10],
                [80, -10],
                [-90, 150],
                [-150, 150],
              ],
              8,
            ),
            p.c('steel'),
            { lift: 3 },
          );
          for (let i = 0; i < 8; i++) P.ink(paths.circle(-120 + i * 42, -24, 11), p.c('navy'));
        },
        { rot: -0.3, s: 1 },
      );
    });
    P.layer('hall', 0.4, () => {
      for (const x of [-440, 160, 760, 1360, 1960])
        P.piece(paths.rect(x, -BLEED, 30, BLEED + 1080), p.c('steelD'), { lift: 4 });
      P.piece(paths.rect(-BLEED, 300, 1920 + 2 * BLEED, 18), p.c('steelD'), { lift: 3 });
      P.piece(
        paths.rect(-BLEED, 1060, 1920 + 2 * BLEED, 2000),
        P.lin(0, 1060, 0, 1400, p.c('#9aa7b5'), p.d('#9aa7b5', 0.2)),
        { lift: 4 },
      );
    });
    P.layer('people', 0.5, () => {
      facing(P, 800, 1200, 7, 'dan', 'stand', { view: 'back', top: 'navy' });
      facing(P, 1010, 1200, 4.8, 'elsa', 'wave', { view: 'back', top: 'red' });
      trolley(P, 1160, 1205, 'mustard', 1);
    });
  },
  queue(P) {
    const p = P.pal;
    sky(P, { hor: 820, x: 420, y: 300 });
    P.layer('street', 0.2, () => {
      let x = -900;
      for (let i = 0; x < 2900; i++) {
        const w = P.R.r(240, 340);
        things.house(P, x + w / 2, 1000, w, P.R.r(420, 600), {
          col: mix(p.ramp[1], p.c(nth(['brick', 'cream', 'teal', 'rose'], i % 4)), 0.45),
          lit: p.lit,
          rows: 3,
          cols: 2,
          lift: 3,
        });
        x += w + 4;
      }
      ground(P, 1020, mix(p.ramp[2], p.c('grey'), 0.5));
    });
    P.layer('people', 0.5, () => {
      P.group(() => {
        P.piece(paths.rect(1500, 420, 22, 780), p.c('steelD'), { lift: 3 });
        P.piece(paths.circle(1511, 400, 80), p.c('mustard'), { lift: 4 });
        P.piece(paths.rrect(1470, 376, 82, 40, 8), p.c('navy'), { lift: 1 });
        P.ink(paths.circle(1490, 422, 10), p.ink);
        P.ink(paths.circle(1532, 422, 10), p.ink);
      });
      for (const [x, who, pose, more] of [
        [1360, 'ina', 'stand', { coat: 14 }],
        [1160, 'jo', 'call', {}],
        [970, 'mara', 'stand', { pack: 'mustard' }],
        [780, 'hugo', 'stand', { hat: 'cap', hatCol: 'navy' }],
        [590, 'kit', 'stand', { coat: 10 }],
      ] as const)
        figure(P, x, 1195, 6.6, who, pose, more);
    });
  },
  trainSeat(P) {
    const p = P.pal;
    P.layer('sky', 0, () => {
      P.piece(paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 3200), P.lin(0, -200, 0, 800, ...p.sky), {
        lift: 0,
      });
      P.piece(paths.circle(1250, 420, 90), p.sun, { lift: 2 });
    });
    passing(P, 'hills', 0, (x0) => {
      const u = P.canvas.height / P.k / 1110;
      P.piece(
        paths.smooth(
          [
            [x0 - 700 * u, 1200],
            [x0 - 360 * u, 640],
            [x0, 520],
            [x0 + 360 * u, 650],
            [x0 + 700 * u, 1200],
          ],
          true,
          0.6,
        ),
        p.ramp[1],
        { lift: 3 },
      );
      P.piece(paths.rect(x0 - 20, 720, P.canvas.height / P.k + 60, 700), p.ramp[2], { lift: 2 });
    });
    passing(
      P,
      'near',
      0,
      (x0) => {
        const u = P.canvas.height / P.k / 1110;
        for (const [x, s] of [
          [60, 1.6],
          [340, 2.1],
          [700, 1.4],
          [930, 1.9],
        ] as const)
          nature.round(P, x0 + x * u, 830, s, p.c('leaf'));
      },
      2,
    );
    P.layer('carriage', 0.3, () => {
      const hole = paths.rrect(640, 130, 900, 620, 60);
      P.piece(
        paths.diff(paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED), hole),
        P.lin(0, 0, 0, 1200, p.c('#3f6a78'), p.d('#3f6a78', 0.25)),
        { lift: 6 },
      );
      P.line(paths.rrect(640, 130, 900, 620, 60), p.c('steel'), 22);
      P.piece(paths.rect(-BLEED, -60, 1920 + 2 * BLEED, 60), p.c('woodL'), { lift: 3 });
      P.piece(paths.rrect(1180, 850, 520, 34, 10), p.c('woodL'), { lift: 4 });
      P.piece(paths.rect(1420, 884, 30, 330), p.c('steelD'), { lift: 2 });
      P.piece(paths.rect(-BLEED, 1180, 1920 + 2 * BLEED, 1500), p.d('#5d4a52', 0.1), { lift: 3 });
      things.mug(P, 1360, 850, 0.7, p.c('red'));
    });
    P.layer('passenger', 0.5, () => {
      P.group(() => {
        P.piece(paths.rrect(480, 470, 150, 620, 60), p.c('red'), { lift: 4 });
        P.piece(paths.rrect(500, 980, 420, 120, 40), p.d('red', 0.12), { lift: 4 });
        P.piece(paths.rect(560, 1090, 260, 110), p.c('dark'), { lift: 2 });
      });
      figure(P, 740, 1210, 9, 'mara', 'sit', {
        head: -4,
        lean: -4,
        top: 'mustard',
        bottom: 'navy',
        hands: [
          [20, -3],
          [16, -3],
        ],
      });
    });
  },
} satisfies Drawings;
