import { mix } from '../kit/colour.ts';
import { nth } from '../kit/named.ts';
import { BLEED, type Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';

/** Plain waves of paper: a calm ground for words. */
export const motif: Motif = {
  title: 'Waves of coloured paper',
  pal: 'noon',
  focal: [960, 900],
  portrait: { x: 480, y: -220, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal;
    P.layer('ground', 0, () =>
      P.piece(
        paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED),
        P.lin(0, -300, 0, 900, p.sky[1], p.sky[2]),
        {
          lift: 0,
          edge: 0,
        },
      ),
    );
    for (let i = 0; i < 7; i++)
      P.layer(
        'wave' + i,
        0.2 + i * 0.1,
        () =>
          P.piece(
            paths.wave(-BLEED, 1920 + BLEED, 560 + i * 110, 46 + i * 4, 900 - i * 60, 2400, i * 260),
            P.lin(
              0,
              500 + i * 110,
              0,
              900 + i * 110,
              mix(nth(p.ramp, Math.min(4, Math.floor(i * 0.75))), p.paper, 0.14),
              nth(p.ramp, Math.min(4, Math.floor(i * 0.75))),
            ),
            { lift: 5, grain: 0.6 },
          ),
        { sway: 40 + i * 14, heave: 8 + i * 2, ph: i * 0.8 },
      );
  },
};
