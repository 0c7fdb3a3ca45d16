import * as nature from '../kit/nature.ts';
import { BLEED, type Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as things from '../kit/things.ts';

/** Broken things in a heap: kettle, lamp, radio, clock, umbrella. */
export const motif: Motif = {
  title: 'A heap of broken things',
  pal: 'autumn',
  focal: [960, 780],
  portrait: { x: 480, y: -260, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal;
    P.piece(
      paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED),
      P.lin(0, -100, 0, 1000, p.c('#d8c9a6'), p.c('#e6d9b8'), p.c('#efe5c9')),
      { lift: 0, edge: 0 },
    );
    P.piece(nature.wobble(P, 960, 640, 620, 0.02), p.c('#e4c98d'), { lift: 3 });
    P.piece(
      paths.rect(-BLEED, 1010, 1920 + 2 * BLEED, 1600),
      P.lin(0, 1010, 0, 1280, p.c('#a8825a'), p.c('#86623f')),
      {
        lift: 4,
      },
    );
    P.group(
      () =>
        P.at(990, 800, () => things.tablelamp(P, 0, 0, 1.05, { glow: 0, base: p.c('brick') }), {
          rot: -0.42,
        }),
      { lift: 5 },
    );
    P.group(
      () => P.at(1330, 1000, () => things.radio(P, 0, 0, 0.95, { col: p.c('#7a4b3a') }), { rot: 0.12 }),
      {
        lift: 5,
      },
    );
    P.group(
      () =>
        P.at(
          600,
          1000,
          () => {
            P.piece(
              paths.tube(
                [
                  [-120, -150],
                  [-190, -330],
                  [-40, -420],
                  [120, -360],
                  [130, -160],
                ],
                [26, 26, 26, 26, 26],
              ),
              p.ink,
              { lift: 1 },
            );
            P.piece(
              paths.smooth([
                [-170, 0],
                [-190, -120],
                [-120, -240],
                [0, -270],
                [120, -240],
                [190, -120],
                [170, 0],
              ]),
              P.lin(-180, 0, 180, 0, p.l('teal', 0.2), p.d('teal', 0.2)),
              { lift: 4 },
            );
            P.piece(
              paths.tube(
                [
                  [170, -90],
                  [250, -150],
                  [290, -230],
                ],
                [60, 40, 30],
              ),
              p.c('teal'),
              { lift: 2 },
            );
            P.piece(paths.ellipse(0, -262, 76, 18), p.d('teal', 0.3), { lift: 1 });
            P.piece(paths.circle(0, -292, 22), p.ink, { lift: 1 });
            P.line(
              paths.poly(
                [
                  [-60, -210],
                  [-30, -150],
                  [-70, -110],
                  [-30, -40],
                ],
                false,
              ),
              p.d('teal', 0.6),
              7,
            );
          },
          { rot: -0.14 },
        ),
      { lift: 5 },
    );
    P.group(
      () =>
        P.at(
          960,
          880,
          () => {
            P.piece(paths.circle(0, 0, 150), p.c('brass'), { lift: 4 });
            P.piece(paths.circle(0, 0, 124), p.c('white'), { lift: 0 });
            for (let i = 0; i < 12; i++)
              P.at(0, 0, () => P.ink(paths.rect(-4, -114, 8, i % 3 ? 16 : 28), p.ink), {
                rot: (i / 12) * 6.283,
              });
            P.piece(
              paths.tube(
                [
                  [0, 0],
                  [-46, -52],
                ],
                [12, 6],
              ),
              p.ink,
              { lift: 1 },
            );
            P.piece(
              paths.tube(
                [
                  [0, 0],
                  [70, 30],
                ],
                [10, 5],
              ),
              p.ink,
              { lift: 1 },
            );
            P.line(
              paths.poly(
                [
                  [-100, -70],
                  [-30, -20],
                  [-40, 50],
                  [20, 110],
                ],
                false,
              ),
              p.d('steel', 0.3),
              5,
              0.9,
            );
            for (const m of [-1, 1])
              P.piece(paths.ellipse(m * 90, -150, 46, 40, m * 0.6), p.c('brass'), { lift: 2 });
          },
          { rot: 0.2 },
        ),
      { lift: 5 },
    );
    P.group(
      () =>
        P.at(
          1660,
          1010,
          () => {
            P.piece(
              paths.tube(
                [
                  [0, 10],
                  [-40, -420],
                ],
                [14, 12],
              ),
              p.ink,
              { lift: 1 },
            );
            P.piece(
              paths.smooth([
                [-40, -430],
                [-140, -330],
                [-190, -150],
                [-120, -190],
                [-60, -120],
                [-20, -190],
                [40, -150],
                [10, -330],
              ]),
              p.accent,
              { lift: 3 },
            );
          },
          { rot: 0.3 },
        ),
      { lift: 4 },
    );
    P.group(
      () =>
        P.at(
          250,
          1010,
          () => {
            P.piece(paths.rrect(-120, -150, 240, 150, 26), p.c('steel'), { lift: 3 });
            for (const y of [-118, -84]) P.piece(paths.rrect(-90, y, 180, 20, 8), p.c('dark'), { lift: 0 });
            P.line(
              paths.smooth(
                [
                  [110, -30],
                  [220, 10],
                  [260, -60],
                  [330, 0],
                ],
                false,
              ),
              p.ink,
              12,
            );
          },
          { rot: -0.1 },
        ),
      { lift: 4 },
    );
  },
};
