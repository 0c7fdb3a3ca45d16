import { mix } from '../kit/colour.ts';
import * as nature from '../kit/nature.ts';
import { BLEED, type Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';

/** A lit bulb on a string in front of rings of paper: an idea. */
export const motif: Motif = {
  title: 'A light goes on',
  pal: 'dusk',
  focal: [960, 600],
  portrait: { x: 480, y: -260, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal;
    P.layer('ground', 0, () => {
      P.piece(
        paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED),
        P.lin(0, -200, 0, 1200, p.sky[0], p.sky[1]),
        {
          lift: 0,
          edge: 0,
        },
      );
      for (let i = 5; i > 0; i--)
        P.piece(nature.wobble(P, 960, 620, 190 + i * 120, 0.02), mix(p.sky[0], p.accent2, 0.62 - i * 0.1), {
          lift: 2,
        });
    });
    P.layer(
      'bulb',
      0.4,
      () =>
        P.group(
          () => {
            P.line(
              paths.poly(
                [
                  [960, -1400],
                  [960, 250],
                ],
                false,
              ),
              p.ink,
              12,
            );
            P.piece(paths.rrect(890, 236, 140, 150, 22), p.c('brass'), { lift: 3 });
            for (let i = 0; i < 4; i++)
              P.ink(paths.rrect(884, 264 + i * 30, 152, 10, 5), p.d('brass', 0.4), 0.7);
            P.piece(
              paths.smooth([
                [905, 380],
                [880, 470],
                [770, 580],
                [740, 720],
                [800, 850],
                [960, 900],
                [1120, 850],
                [1180, 720],
                [1150, 580],
                [1040, 470],
                [1015, 380],
              ]),
              P.rad(960, 700, 20, 330, '#ffffff', mix(p.sun, p.accent2, 0.25), p.accent2),
              { lift: 6, a: 0.96 },
            );
            P.line(
              paths.smooth(
                [
                  [930, 390],
                  [900, 620],
                  [880, 690],
                  [920, 740],
                  [960, 690],
                  [1000, 740],
                  [1040, 690],
                  [1020, 620],
                  [990, 390],
                ],
                false,
              ),
              p.accent,
              9,
            );
            P.ink(
              paths.tube(
                [
                  [800, 640],
                  [790, 730],
                  [820, 800],
                ],
                [8, 26, 8],
              ),
              '#ffffff',
              0.6,
            );
          },
          { lift: 6 },
        ),
      { sway: 34, roll: 0.035, pivot: [960, -400], ph: 0.4 },
    );
    P.layer(
      'rays',
      0.4,
      () => {
        for (let i = 0; i < 14; i++) {
          const a = (i / 14) * 6.283 + 0.2;
          if (Math.abs(a - 4.71) < 0.3) continue;
          P.piece(
            paths.tube(
              [
                [960 + Math.cos(a) * 370, 650 + Math.sin(a) * 370],
                [960 + Math.cos(a) * 460, 650 + Math.sin(a) * 460],
              ],
              [20, 8],
            ),
            p.accent2,
            { lift: 2 },
          );
        }
      },
      { flicker: 0.22 },
    );
  },
};
