import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import { nth } from '../named.ts';
import * as nature from '../nature.ts';
import { BLEED, type Paint } from '../paint.ts';
import * as paths from '../paths.ts';
import { rng } from '../random.ts';
import { live, pane, plant, room, swing } from './parts.ts';

const sheet = (P: Paint, a: string, b: string) =>
  P.piece(paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED), P.lin(0, -300, 0, 1500, a, b), {
    lift: 0,
    edge: 0,
  });

/** Calm grounds on which words stand, and a cat. */
export const PATTERNS = {
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
    const bits = Array.from(
      { length: 220 },
      () => [R.r(-300, 2220), R(), R.r(18, 44), R.r(0, 6), R.i(0, 5), R.i(1, 2)] as const,
    );
    live(P, 'bits', 0.2, (t) => {
      for (const [x, y0, s, a, c, n] of bits) {
        const y = ((y0 + t * n) % 1) * 2700 - 700;
        P.at(
          x + swing(t, n, y0) * 40,
          y,
          () =>
            P.piece(
              c % 2 ? paths.rrect(-s, -s * 0.4, s * 2, s * 0.8, 4) : paths.circle(0, 0, s * 0.55),
              p.c(nth(['mustard', 'cream', 'teal', 'rose', 'carrot', 'blue'], c)),
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
              p.c(nth(['leafL', 'leaf', 'leafD'], k)),
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
} satisfies Drawings;
