import { mix } from '../kit/colour.ts';
import * as nature from '../kit/nature.ts';
import { BLEED, type Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as things from '../kit/things.ts';

/** A jar of coins and stacks that grow. */
export const motif: Motif = {
  title: 'Savings in a jar',
  pal: 'kitchen',
  focal: [960, 700],
  portrait: { x: 480, y: -260, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal,
      R = P.R;
    P.piece(
      paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED),
      P.lin(0, -100, 0, 1000, p.c('#a9c8c0'), p.c('#c4d9cd')),
      { lift: 0, edge: 0 },
    );
    P.piece(nature.wobble(P, 900, 620, 560, 0.02), p.c('#d9e6d6'), { lift: 3 });
    P.piece(
      paths.rect(-BLEED, 1000, 1920 + 2 * BLEED, 1600),
      P.lin(0, 1000, 0, 1280, p.c('wood'), p.d('wood', 0.2)),
      {
        lift: 4,
      },
    );
    const coin = (x: number, y: number, c: string) => {
      P.piece(
        paths.rrect(x - 74, y - 26, 148, 26, 12),
        P.lin(x - 74, 0, x + 74, 0, mix(c, p.paper, 0.25), mix(c, p.shadow, 0.2)),
        { lift: 1.2, grain: 0.2 },
      );
      for (let i = -3; i < 4; i++) P.ink(paths.rect(x + i * 19, y - 22, 3, 18), mix(c, p.shadow, 0.4), 0.5);
    };
    [2, 4, 7, 11].forEach((n, i) =>
      P.group(
        () => {
          for (let k = 0; k < n; k++) coin(1180 + i * 170 + R.r(-5, 5), 1010 - k * 25, p.c('brass'));
        },
        { lift: 3 },
      ),
    );
    P.group(() => P.at(1690, 740, () => things.seedling(P, 0, 0, 0.9)), { lift: 3 });
    P.group(
      () => {
        P.piece(paths.rrect(430, 420, 520, 590, 90), mix(p.c('glass'), p.paper, 0.3), { lift: 5, a: 0.85 });
        P.clip(paths.rrect(450, 440, 480, 556, 76), () => {
          for (let i = 0; i < 60; i++) {
            const row = Math.floor(i / 6);
            P.at(490 + (i % 6) * 80 + (row % 2) * 34, 985 - row * 36, () =>
              P.piece(
                paths.ellipse(0, 0, 52, 30, R.r(-0.5, 0.5)),
                mix(p.c('brass'), R() < 0.3 ? p.c('steel') : p.c('mustard'), R.r(0, 0.6)),
                { lift: 1.2 },
              ),
            );
          }
        });
        P.piece(paths.rrect(480, 350, 420, 90, 22), p.c('red'), { lift: 3 });
        P.piece(paths.rrect(600, 366, 180, 18, 8), p.ink, { lift: 0, grain: 0 });
        P.ink(paths.rrect(480, 500, 26, 380, 13), '#ffffff', 0.4);
        P.at(
          690,
          640,
          () => {
            P.piece(paths.rrect(-120, -64, 240, 128, 12), p.c('cream'), { lift: 1.4 });
            P.ink(paths.rrect(-84, -24, 168, 14, 6), p.ink, 0.7);
            P.ink(paths.rrect(-84, 12, 110, 14, 6), p.accent, 0.9);
          },
          { rot: -0.04 },
        );
      },
      { lift: 5 },
    );
    P.group(
      () =>
        P.at(690, 190, () =>
          P.piece(paths.ellipse(0, 0, 60, 58), P.lin(0, -58, 0, 58, p.l('brass', 0.3), p.c('brass')), {
            lift: 4,
          }),
        ),
      { lift: 4 },
    );
  },
};
