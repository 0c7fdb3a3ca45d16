import { BLEED, type Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';

/** A wall calendar with one day ringed. */
export const motif: Motif = {
  title: 'A day ringed on the calendar',
  pal: 'autumn',
  focal: [960, 640],
  portrait: { x: 480, y: -220, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal;
    P.piece(
      paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED),
      P.lin(0, -100, 0, 1100, p.c('#c8683f'), p.c('#b5552f')),
      { lift: 0, edge: 0 },
    );
    for (let i = -10; i < 24; i++)
      P.ink(paths.rect(i * 140, -BLEED, 70, 1280 + 2 * BLEED), p.c('#d57b4e'), 0.35);
    P.group(
      () => {
        P.piece(paths.rrect(480, 150, 960, 960, 18), p.c('white'), { lift: 6 });
        P.piece(paths.rrect(480, 150, 960, 190, 18), p.c('teal'), { lift: 1 });
        P.ink(paths.rrect(720, 220, 480, 46, 10), p.paper, 0.95);
        for (let i = 0; i < 9; i++) {
          P.piece(paths.circle(560 + i * 100, 170, 17), p.d('teal', 0.5), { lift: 0, grain: 0 });
          P.piece(
            paths.tube(
              [
                [560 + i * 100, 176],
                [560 + i * 100, 118],
              ],
              [15, 15],
            ),
            p.c('steel'),
            { lift: 1.2, grain: 0 },
          );
        }
        for (let r = 0; r < 5; r++)
          for (let c = 0; c < 7; c++) {
            const x = 545 + c * 122,
              y = 400 + r * 132;
            P.piece(paths.rrect(x, y, 100, 108, 10), c > 4 ? p.c('#f0dcc0') : p.c('#f3ecdc'), { lift: 0.6 });
            P.ink(paths.rrect(x + 16, y + 16, 34, 12, 5), p.ink, 0.55);
            if ((r * 7 + c) % 6 === 2) P.ink(paths.rrect(x + 16, y + 60, 66, 12, 5), p.accent2, 0.9);
          }
      },
      { lift: 6 },
    );
    P.line(
      paths.smooth(
        [
          [900, 790],
          [900, 700],
          [990, 650],
          [1090, 680],
          [1110, 770],
          [1050, 850],
          [950, 850],
          [890, 790],
          [905, 735],
        ],
        false,
      ),
      p.accent,
      14,
    );
    P.group(
      () =>
        P.at(
          1250,
          960,
          () => {
            P.piece(
              paths.tube(
                [
                  [-150, -130],
                  [130, 110],
                ],
                [40, 40],
              ),
              p.c('red'),
              { lift: 3 },
            );
            P.piece(
              paths.poly([
                [-168, -118],
                [-136, -152],
                [-206, -182],
              ]),
              p.c('woodL'),
              { lift: 1 },
            );
            P.piece(
              paths.tube(
                [
                  [110, 92],
                  [140, 118],
                ],
                [42, 42],
              ),
              p.c('rose'),
              { lift: 1 },
            );
          },
          { rot: 0.1 },
        ),
      { lift: 5 },
    );
  },
};
