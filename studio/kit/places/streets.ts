import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import { nth } from '../named.ts';
import * as nature from '../nature.ts';
import { BLEED } from '../paint.ts';
import * as paths from '../paths.ts';
import * as people from '../people.ts';
import * as things from '../things.ts';
import { ground, sky } from './parts.ts';

/** Streets, trains and fireworks. Each place paints its layers with a depth and a motion, so that a loop comes from the same row of data. */
export const STREETS = {
  fireworks(P) {
    const p = P.pal;
    P.layer('sky', 0, () => nature.sky(P, { x: 300, y: 240, r: 60, step: 90, halos: 2, hor: 900 }));
    const bursts = [
      [520, 260, 300, 'red'],
      [1300, 180, 360, 'mustard'],
      [960, 520, 250, 'teal'],
      [1700, 480, 220, 'rose'],
      [160, 560, 200, 'carrot'],
    ] as const;
    P.layer(
      'bursts',
      0.1,
      (t = 0) => {
        for (const [i, [x, y, r, c]] of bursts.entries()) {
          const life = P.layered ? (t * 2 + i * 0.37) % 1 : 0.62;
          const size = r * (1 - (1 - life) ** 2);
          const fade = life < 0.7 ? 1 : 1 - (life - 0.7) / 0.3;
          P.glow(x, y, size * 1.3, p.l(c, 0.3), 0.35 * fade);
          for (let k = 0; k < 22; k++) {
            const a = (k / 22) * 6.283 + i;
            const d = size * (k % 2 ? 0.72 : 1);
            const [ex, ey] = [x + Math.cos(a) * d, y + Math.sin(a) * d + life * life * 40];
            P.line(
              paths.poly(
                [
                  [x + Math.cos(a) * d * 0.35, y + Math.sin(a) * d * 0.35],
                  [ex, ey],
                ],
                false,
              ),
              p.l(c, 0.35),
              6,
              0.9 * fade,
            );
            P.ink(paths.circle(ex, ey, 9 * fade + 2), p.l(c, 0.6), fade);
          }
        }
      },
      { live: true },
    );
    P.layer('town', 0.4, () => {
      let x = -900;
      for (let i = 0; x < 2900; i++) {
        const w = P.R.r(130, 230);
        const h = P.R.r(150, 330);
        things.house(P, x + w / 2, 1080, w, h, {
          col: mix(nth(p.ramp, 2 + (i % 2)), p.c(nth(['brick', 'navy', 'teal'], i % 3)), 0.3),
          roof: p.ramp[4],
          lit: 0.5,
          rows: Math.round(h / 90),
          cols: 2,
          lift: 3,
        });
        x += w + 6;
      }
    });
    P.layer('bank', 0.7, () => {
      ground(P, 1080, p.ramp[4]);
      for (const [i, x] of [400, 520, 800, 930, 1250, 1400].entries())
        P.group(
          () =>
            people.front(P, x, 1150, 4.6 + (i % 2) * 0.5, {
              view: 'back',
              skin: p.skin(i % 5),
              hair: nth(['#1c1420', '#6b4423', '#2b1a14'], i % 3),
              hairStyle: i % 2 ? 'bob' : 'short',
              top: p.c(nth(['navy', 'brick', 'teal', 'mustard', 'rose', 'olive'], i)),
              hands: [
                [-12, 6],
                [12, 6],
              ],
              bends: [1, -1],
            }),
          { lift: 3 },
        );
      P.piece(
        paths.rect(-BLEED, 1130, 1920 + 2 * BLEED, 1700),
        P.lin(0, 1130, 0, 1400, mix(p.ramp[3], p.c('brick'), 0.25), p.ramp[4]),
        { lift: 4 },
      );
      P.piece(paths.rect(-BLEED, 1112, 1920 + 2 * BLEED, 34), mix(p.ramp[2], p.c('cream'), 0.25), {
        lift: 3,
      });
    });
  },

  train(P) {
    const p = P.pal;
    sky(P, { hor: 760 });
    P.layer('hills', 0.2, () => {
      for (const [i, y] of [620, 720].entries()) {
        const h = nature.hill(P, y, 80, { len: 1300 });
        nature.sheet(P, h, nth(p.ramp, i), y, { mist: 0.3 });
        for (const x of [200, 700, 1500]) nature.fir(P, x + i * 130, h.f(x + i * 130) + 8, 0.7, p.ramp[2]);
      }
    });
    P.layer(
      'train',
      0.5,
      (t = 0) => {
        const shift = P.layered ? Math.sin(t * 6.283) * 60 : 0;
        for (let i = 0; i < 5; i++) {
          const x = -560 + i * 470 + shift;
          P.piece(
            paths.rrect(x, 600, 440, 150, i === 4 ? [20, 90, 20, 20] : 20),
            P.lin(0, 600, 0, 750, p.l('red', 0.15), p.c('red')),
            { lift: 4 },
          );
          P.piece(paths.rect(x, 690, 440, 26), p.paper, { lift: 0.6 });
          for (let k = 0; k < 5; k++)
            P.piece(
              paths.rrect(x + 30 + k * 80, 626, 58, 48, 10),
              mix(p.accent2, p.sky[1], p.lit > 0.3 ? 0.1 : 0.75),
              { lift: 0.8 },
            );
          for (const wx of [70, 130, 310, 370])
            P.piece(paths.circle(x + wx, 756, 22), p.c('dark'), { lift: 1 });
        }
      },
      { live: true },
    );
    P.layer('viaduct', 0.5, () => {
      const arches = Array.from({ length: 12 }, (_, i) =>
        paths.rrect(-1000 + i * 330, 860, 250, 900, [125, 125, 0, 0]),
      );
      P.piece(
        paths.diff(paths.rect(-BLEED, 772, 1920 + 2 * BLEED, 760), ...arches),
        P.lin(0, 772, 0, 1300, mix(p.c('brick'), p.paper, 0.3), p.d('brick', 0.2)),
        { lift: 5 },
      );
      P.piece(paths.rect(-BLEED, 762, 1920 + 2 * BLEED, 30), p.d('brick', 0.2), { lift: 2 });
      for (let i = 0; i < 80; i++)
        P.ink(paths.rrect(P.R.r(-600, 2500), P.R.r(800, 1240), 46, 16, 3), p.paper, 0.09);
    });
    P.layer('valley', 0.8, () => {
      const h = nature.hill(P, 1180, 60, { len: 1200 });
      nature.sheet(P, h, mix(p.ramp[3], p.c('leaf'), 0.3), 1180);
      for (const x of [150, 480, 1340, 1700])
        nature.round(P, x, h.f(x) + 10, 0.9, mix(p.ramp[3], p.c('leafD'), 0.4));
    });
  },

  road(P) {
    const p = P.pal;
    sky(P, { hor: 720, x: 960, y: 480, r: 100 });
    P.layer('hills', 0.2, () => {
      for (const [i, y] of [640, 710, 770].entries())
        nature.sheet(P, nature.hill(P, y, 70 - i * 16, { len: 1400 }), nth(p.ramp, i), y, {
          mist: 0.35 - i * 0.1,
        });
    });
    P.layer('plain', 0.4, () => {
      ground(P, 800, mix(p.ramp[3], p.c('leafL'), 0.25));
      P.piece(
        paths.smooth(
          [
            [945, 776],
            [975, 776],
            [1010, 850],
            [1180, 1000],
            [1500, 1400],
            [1700, 2400],
            [220, 2400],
            [420, 1400],
            [740, 1000],
            [910, 850],
          ],
          true,
          0.9,
        ),
        P.lin(0, 776, 0, 1500, mix(p.c('grey'), p.sky[3], 0.4), p.c('dark')),
        { lift: 2 },
      );
      for (const [y, w, h] of [
        [850, 6, 26],
        [920, 9, 40],
        [1010, 14, 60],
        [1130, 20, 86],
        [1290, 30, 120],
      ] as const)
        P.piece(
          paths.poly([
            [960 - w / 2, y],
            [960 + w / 2, y],
            [960 + w * 0.7, y + h],
            [960 - w * 0.7, y + h],
          ]),
          p.paper,
          { lift: 0.6 },
        );
      for (const s of [-1, 1])
        for (const [d, y, sc] of [
          [200, 850, 0.5],
          [360, 940, 0.8],
          [640, 1080, 1.2],
        ] as const)
          nature.poplar(P, 960 + s * d * 1.25, y, sc, mix(p.ramp[3], p.c('leafD'), 0.4));
    });
    P.layer(
      'car',
      0.6,
      () =>
        P.at(1080, 1080, () => {
          P.piece(paths.rrect(-96, -66, 192, 96, 26), P.lin(0, -66, 0, 30, p.l('teal', 0.2), p.c('teal')), {
            lift: 4,
          });
          P.piece(
            paths.round(
              [
                [-70, -66],
                [-48, -132],
                [48, -132],
                [70, -66],
              ],
              20,
            ),
            p.c('teal'),
            { lift: 2 },
          );
          P.piece(
            paths.round(
              [
                [-54, -70],
                [-38, -118],
                [38, -118],
                [54, -70],
              ],
              12,
            ),
            p.l('glass', 0.1),
            { lift: 0.6 },
          );
          for (const s of [-1, 1]) {
            P.piece(paths.rrect(s * 70 - 20, 14, 40, 40, 12), p.c('dark'), { lift: 1 });
            P.piece(paths.rrect(s * 66 - 18, -36, 36, 20, 8), p.c('red'), { lift: 0.8 });
          }
          P.piece(paths.rrect(-60, -176, 120, 44, 10), p.c('woodL'), { lift: 2 });
        }),
      { heave: 4, n: 3 },
    );
  },

  skyline(P) {
    const p = P.pal;
    sky(P, { hor: 860, x: 1460, y: 300 });
    for (const [layer, base] of [
      [0, 760],
      [1, 900],
      [2, 1060],
    ] as const)
      P.layer(`towers${layer}`, 0.2 + layer * 0.25, () => {
        let x = -1000;
        for (let i = 0; x < 3000; i++) {
          const w = P.R.r(110, 200) + layer * 20;
          const h = P.R.r(220, 620) - layer * 60;
          const col = mix(
            nth(p.ramp, Math.min(4, layer + 1)),
            p.c(nth(['blue', 'teal', 'grey', 'brick'], (i + layer) % 4)),
            0.18 + layer * 0.06,
          );
          P.piece(
            paths.rrect(x, base - h, w, h + 900, 6),
            P.lin(0, base - h, 0, base, mix(col, p.sky[2], 0.15), col),
            { lift: 3 },
          );
          if (i % 3 === 0) P.piece(paths.rect(x + w / 2 - 4, base - h - 90, 8, 90), col, { lift: 1 });
          for (let r = 0; r < Math.floor(h / 58); r++)
            for (let c = 0; c < 3; c++)
              if (P.R() < 0.35 + p.lit * 0.5)
                P.ink(
                  paths.rect(x + w * (0.16 + c * 0.26), base - h + 24 + r * 58, w * 0.16, 30),
                  p.lit > 0.3 ? mix(p.accent2, p.sun, P.R()) : mix(col, p.paper, 0.5),
                  p.lit > 0.3 ? 0.95 : 0.7,
                );
          x += w + P.R.r(0, 26);
        }
      });
    nature.water(P, 1080, 1700, 5, {
      layer: (i, t, go) => P.layer(`w${i}`, 0.8 + t * 0.3, go, { sway: 20 + t * 20, ph: i }),
    });
  },

  street(P) {
    const p = P.pal;
    sky(P, { hor: 700, x: 420, y: 280 });
    P.layer('back', 0.2, () => {
      nature.sheet(P, nature.hill(P, 600, 60, { len: 1500 }), p.ramp[1], 600);
    });
    P.layer('houses', 0.4, () => {
      let x = -1000;
      const cs = ['rose', 'cream', 'teal', 'mustard', 'brick', 'blue'];
      for (let i = 0; x < 3000; i++) {
        const w = P.R.r(230, 310);
        things.house(P, x + w / 2, 980, w, P.R.r(330, 470), {
          col: mix(p.c(nth(cs, i % 6)), p.sky[2], 0.1),
          roof: p.d(nth(['brick', 'navy', 'woodD'], i % 3), 0.15),
          lit: p.lit,
          rows: 3,
          cols: 3,
          lift: 4,
          bar: 1,
        });
        x += w + 8;
      }
    });
    P.layer('walk', 0.7, () => {
      P.piece(
        paths.rect(-BLEED, 1000, 1920 + 2 * BLEED, 90),
        P.lin(0, 1000, 0, 1090, p.l('grey', 0.4), p.c('grey')),
        {
          lift: 4,
        },
      );
      P.piece(
        paths.rect(-BLEED, 1090, 1920 + 2 * BLEED, 1700),
        P.lin(0, 1090, 0, 1400, mix(p.c('dark'), p.ramp[2], 0.4), p.c('dark')),
        { lift: 3 },
      );
      for (let i = -4; i < 12; i++) P.piece(paths.rrect(i * 300, 1230, 150, 16, 6), p.paper, { lift: 0.5 });
      for (const x of [180, 1020, 1820]) {
        nature.round(P, x, 1010, 1, mix(p.c('leaf'), p.ramp[3], 0.25));
      }
      things.lamppost?.(P, 620, 1040, 420, {});
      things.lamppost?.(P, 1440, 1040, 420, {});
    });
    P.layer('bike', 0.9, () => things.bike?.(P, 860, 1075, 0.9, {}), { sway: 60 });
  },
} satisfies Drawings;
