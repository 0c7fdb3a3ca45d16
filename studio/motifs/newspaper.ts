import { mix } from '../kit/colour.ts';
import * as nature from '../kit/nature.ts';
import { BLEED, type Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as things from '../kit/things.ts';

/** A newspaper and a cup on a table, from above. */
export const motif: Motif = {
  title: 'The morning paper',
  pal: 'kitchen',
  focal: [900, 640],
  portrait: { x: 440, y: -220, w: 940, h: 1670 },
  draw(P) {
    const p = P.pal,
      R = P.R;
    things.planks(P, -BLEED, -1200, 3320, 2400, 13, mix(p.c('#9fb4a9'), p.paper, 0.1));
    P.group(
      () =>
        P.at(
          880,
          650,
          () => {
            P.piece(paths.rect(-470, -560, 940, 1120), p.c('#f4eddc'), { lift: 5 });
            P.piece(paths.rect(-470, -20, 940, 8), p.d('#f4eddc', 0.18), { lift: 0, grain: 0 });
            P.ink(paths.rect(-420, -500, 840, 10), p.ink, 0.9);
            for (let i = 0; i < 9; i++)
              P.ink(paths.rrect(-400 + i * 90, -470, i === 4 ? 30 : 72, 70, 6), p.ink, i === 4 ? 0 : 0.88);
            P.ink(paths.rect(-420, -380, 840, 4), p.ink, 0.9);
            P.ink(paths.rrect(-420, -350, 560, 34, 4), p.ink, 0.85);
            P.ink(paths.rrect(-420, -304, 430, 34, 4), p.ink, 0.85);
            P.piece(paths.rect(-420, -240, 540, 380), p.sky[1], { lift: 0.6 });
            P.clip(paths.rect(-420, -240, 540, 380), () => {
              P.piece(paths.circle(-40, -120, 60), p.c('#f3d58a'), { lift: 1 });
              P.piece(
                paths.smooth([
                  [-480, 40],
                  [-300, -50],
                  [-100, 20],
                  [140, -60],
                  [240, 300],
                  [-480, 300],
                ]),
                p.c('teal'),
                { lift: 1 },
              );
              P.piece(
                paths.smooth([
                  [-480, 110],
                  [-200, 60],
                  [140, 100],
                  [240, 300],
                  [-480, 300],
                ]),
                p.d('teal', 0.3),
                { lift: 1 },
              );
            });
            const col = (x: number, y: number, w: number, n: number) => {
              for (let i = 0; i < n; i++)
                P.ink(paths.rrect(x, y + i * 24, w * (i % 5 === 4 ? 0.6 : R.r(0.9, 1)), 10, 3), p.ink, 0.42);
            };
            col(160, -350, 260, 20);
            col(-420, 170, 260, 14);
            col(-130, 170, 260, 14);
            col(160, 160, 260, 15);
          },
          { rot: -0.09 },
        ),
      { lift: 6 },
    );
    P.group(
      () => {
        P.piece(paths.circle(1580, 420, 200), p.c('white'), { lift: 4 });
        P.piece(paths.circle(1580, 420, 140), p.d('white', 0.06), { lift: 0 });
        P.piece(paths.circle(1580, 420, 122), p.c('brick'), { lift: 4 });
        P.piece(paths.circle(1580, 420, 100), p.c('#4a2c1c'), { lift: 0 });
        P.piece(paths.ring(1740, 420, 46, 20), p.c('brick'), { lift: 2 });
        P.ink(paths.ellipse(1545, 385, 38, 22, -0.6), p.paper, 0.25);
      },
      { lift: 4 },
    );
    P.group(
      () =>
        P.at(
          1560,
          900,
          () => {
            P.line(paths.circle(-80, 0, 70), p.ink, 14);
            P.line(paths.circle(90, 0, 70), p.ink, 14);
            P.line(
              paths.smooth(
                [
                  [-14, -8],
                  [4, -20],
                  [22, -8],
                ],
                false,
              ),
              p.ink,
              12,
            );
            P.line(
              paths.poly(
                [
                  [-150, -10],
                  [-240, -60],
                ],
                false,
              ),
              p.ink,
              12,
            );
            P.line(
              paths.poly(
                [
                  [160, -10],
                  [250, -50],
                ],
                false,
              ),
              p.ink,
              12,
            );
            P.ink(paths.circle(-80, 0, 62), p.paper, 0.25);
            P.ink(paths.circle(90, 0, 62), p.paper, 0.25);
          },
          { rot: 0.25 },
        ),
      { lift: 4 },
    );
    P.group(() => P.at(180, 300, () => things.egg(P, 0, 0, 1, 0, p.paper)), { lift: 0 });
    P.group(
      () => {
        for (let i = 0; i < 5; i++)
          nature.leafP(P, 90, 250, R.r(170, 240), -0.9 + i * 0.45, p.c(i % 2 ? 'leaf' : 'leafD'), {
            lift: 2.5,
          });
        P.piece(paths.circle(60, 250, 90), p.c('brick'), { lift: 4 });
        P.piece(paths.circle(60, 250, 70), p.c('soilD'), { lift: 0 });
      },
      { lift: 4 },
    );
  },
};
