import { mix } from '../kit/colour.ts';
import * as nature from '../kit/nature.ts';
import { BLEED, type Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as things from '../kit/things.ts';

/** Snow falls on a street at night. */
export const motif: Motif = {
  title: 'Snow on a quiet street',
  pal: 'night',
  outdoor: true,
  focal: [960, 760],
  portrait: { x: 480, y: -330, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal,
      R = P.R,
      snow = mix(p.paper, p.sky[3], 0.18);
    P.layer('sky', 0, () =>
      nature.sky(P, { x: 420, y: 330, r: 80, step: 140, halos: 4, hor: 800, stars: 0 }),
    );
    P.layer('houses', 0.3, () => {
      let x = -1200;
      while (x < 3200) {
        const w = R.r(190, 280),
          h = R.r(250, 400);
        things.house(P, x + w / 2, 960, w, h, {
          col: mix(p.ramp[1], p.ramp[2], R()),
          roof: snow,
          lit: 0.6,
          rows: Math.round(h / 120),
          cols: 3,
          lift: 3,
        });
        x += w + 4;
      }
    });
    P.layer('ground', 0.6, () => {
      P.piece(
        paths.rect(-BLEED, 930, 1920 + 2 * BLEED, 1700),
        P.lin(0, 930, 0, 1280, snow, mix(snow, p.ramp[1], 0.4)),
        {
          lift: 4,
        },
      );
      P.piece(
        paths.tube(
          [
            [700, 2000],
            [860, 1300],
            [980, 1060],
            [960, 950],
          ],
          [900, 420, 170, 70],
        ),
        mix(snow, p.ramp[1], 0.35),
        { lift: 1 },
      );
    });
    P.layer('lamp', 0.8, () => {
      things.lamppost(P, 1380, 1080, 640);
      things.lamppost(P, 560, 1010, 460);
      for (const [x, s] of [
        [180, 1.9],
        [1760, 2.2],
      ] as const) {
        nature.fir(P, x, 1130, s, p.ramp[3]);
        nature.fir(P, x, 1130 - 20 * s, s * 0.7, mix(snow, p.ramp[2], 0.25));
      }
      P.piece(
        paths.smooth(
          [
            [-1400, 1200],
            [200, 1160],
            [700, 1210],
            [1300, 1180],
            [1800, 1150],
            [3400, 1200],
            [3400, 2600],
            [-1400, 2600],
          ],
          true,
          0.6,
        ),
        P.lin(0, 1150, 0, 1300, snow, mix(snow, p.ramp[1], 0.25)),
        { lift: 4 },
      );
    });
    for (const [name, n, r0, r1, turns] of [
      ['flakes-far', 130, 2, 5, 2],
      ['flakes', 90, 5, 10, 3],
    ] as const)
      P.layer(
        name,
        0.2,
        () => {
          for (let i = 0; i < n; i++)
            P.ink(paths.circle(R.r(-300, 2300), R.r(-320, 1500), R.r(r0, r1)), p.paper, R.r(0.5, 0.95));
        },
        { scroll: [name === 'flakes' ? 0.06 : 0.03, 1], turns },
      );
  },
};
