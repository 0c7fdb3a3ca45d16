import { mix } from '../kit/colour.ts';
import * as hands from '../kit/hands.ts';
import { BLEED, type Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as things from '../kit/things.ts';

/** From above: a toaster taken apart, hands with a screwdriver, screws in a dish. */
export const motif: Motif = {
  title: 'A toaster taken apart on the bench',
  pal: 'kitchen',
  focal: [960, 640],
  portrait: { x: 500, y: -200, w: 920, h: 1635 },
  draw(P) {
    const p = P.pal,
      R = P.R,
      sk = p.skin(1);
    things.planks(P, -BLEED, -1200, 3320, 2400, 15, mix(p.c('woodL'), p.shadow, 0.08));
    P.group(
      () =>
        P.at(
          960,
          560,
          () => {
            P.piece(paths.rrect(-560, -380, 1120, 800, 30), p.c('#3f6f6a'), { lift: 3 });
            for (let i = 1; i < 11; i++) {
              P.ink(paths.rect(-560 + i * 100, -380, 2, 800), p.paper, 0.16);
              if (i < 8) P.ink(paths.rect(-560, -380 + i * 100, 1120, 2), p.paper, 0.16);
            }
          },
          { rot: -0.03 },
        ),
      { lift: 4 },
    );
    P.group(
      () =>
        P.at(
          960,
          470,
          () => {
            P.piece(
              paths.rrect(-300, -190, 600, 380, 70),
              P.lin(0, -190, 0, 190, p.l('steel', 0.4), p.d('steel', 0.12)),
              { lift: 4 },
            );
            P.piece(paths.rrect(-260, -150, 520, 300, 50), p.c('#dfe6e6'), { lift: 1 });
            for (const y of [-82, 42]) {
              P.piece(paths.rrect(-220, y - 26, 440, 70, 20), p.d('dark', 0.1), { lift: 0 });
              for (let i = 0; i < 10; i++)
                P.line(
                  paths.poly(
                    [
                      [-200 + i * 44, y - 20],
                      [-180 + i * 44, y + 36],
                    ],
                    false,
                  ),
                  mix(p.accent, p.accent2, 0.4),
                  5,
                  0.9,
                );
            }
            P.piece(paths.rrect(296, -40, 56, 90, 14), p.ink, { lift: 2 });
            P.piece(paths.circle(-318, 60, 34), p.accent, { lift: 2 });
            P.ink(paths.rect(-321, 34, 6, 26), p.paper);
          },
          { rot: 0.06 },
        ),
      { lift: 6 },
    );
    P.line(
      paths.smooth(
        [
          [660, 420],
          [520, 350],
          [470, 180],
          [560, 60],
          [760, -40],
          [900, -300],
        ],
        false,
      ),
      p.ink,
      17,
    );
    P.group(
      () => {
        P.piece(paths.circle(1500, 300, 130), p.c('brass'), { lift: 4 });
        P.piece(paths.circle(1500, 300, 106), p.d('brass', 0.25), { lift: 0 });
        for (let i = 0; i < 11; i++) {
          const a = i * 2.4,
            d = 18 + i * 7;
          things.screw(P, 1500 + Math.cos(a) * d, 300 + Math.sin(a) * d, 16);
        }
      },
      { lift: 4 },
    );
    for (const [x, y] of [
      [1330, 760],
      [1400, 820],
      [560, 820],
    ] as const)
      things.screw(P, x, y, 18);
    P.group(
      () =>
        P.at(
          430,
          600,
          () => {
            P.piece(
              paths.tube(
                [
                  [0, -250],
                  [0, 40],
                ],
                [22, 22],
              ),
              p.c('steel'),
              { lift: 2 },
            );
            P.piece(paths.rrect(-34, 30, 68, 190, 26), p.c('red'), { lift: 3 });
          },
          { rot: 0.35 },
        ),
      { lift: 3 },
    );
    const hand = (m: number, x: number, y: number) =>
      P.at(
        x,
        y,
        () =>
          P.group(
            () => {
              hands.back(P, sk, {
                thumb: 0.95,
                spread: 0.4,
                lift: 2,
                len: 0.9,
                arm: [
                  [-150, -470],
                  [-80, -240],
                  [-20, -80],
                ],
                armW: [150, 124, 92, 72],
              });
              P.piece(
                paths.tube(
                  [
                    [-280, -720],
                    [-190, -520],
                    [-140, -430],
                  ],
                  [240, 210, 190],
                  { cap: 'flat' },
                ),
                p.c('#c9542f'),
                { lift: 3 },
              );
            },
            { lift: 5 },
          ),
        { s: 1.5, sx: 1.5 * m, sy: -1.5 },
      );
    hand(1, 700, 900);
    P.group(
      () =>
        P.at(1180, 690, () => {
          P.piece(
            paths.tube(
              [
                [0, 0],
                [-90, -120],
              ],
              [20, 14],
            ),
            p.c('steel'),
            { lift: 2 },
          );
          P.piece(
            paths.tube(
              [
                [0, 0],
                [110, 150],
              ],
              [52, 62],
            ),
            p.accent2,
            { lift: 3 },
          );
        }),
      { lift: 3 },
    );
    hand(-1, 1280, 930);
  },
};
