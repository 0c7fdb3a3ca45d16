import { BLEED, type Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as people from '../kit/people.ts';
import * as things from '../kit/things.ts';

/** A class from behind: pupils at desks, a teacher at the board. */
export const motif: Motif = {
  title: 'A lesson in the classroom',
  pal: 'kitchen',
  focal: [960, 560],
  portrait: { x: 480, y: -300, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal;
    P.piece(
      paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED),
      P.lin(0, -100, 0, 900, p.c('#e3d7b4'), p.c('#efe4c4')),
      { lift: 0, edge: 0 },
    );
    P.group(
      () => {
        P.piece(paths.rrect(380, 120, 1160, 520, 10), p.c('wood'), { lift: 3 });
        P.piece(paths.rect(404, 144, 1112, 472), P.lin(0, 144, 0, 616, p.c('#2f5b50'), p.c('#24483f')), {
          lift: 0,
        });
        for (const [x, y, w] of [
          [470, 210, 420],
          [470, 270, 330],
          [470, 330, 380],
        ] as const)
          P.ink(paths.rrect(x, y, w, 14, 6), p.paper, 0.75);
        P.line(paths.circle(1330, 310, 90), p.paper, 6, 0.8);
        P.line(
          paths.poly(
            [
              [1330, 310],
              [1330, 220],
            ],
            false,
          ),
          p.paper,
          6,
          0.8,
        );
        P.line(
          paths.poly(
            [
              [1330, 310],
              [1408, 355],
            ],
            false,
          ),
          p.paper,
          6,
          0.8,
        );
        P.ink(paths.rrect(470, 430, 260, 14, 6), p.accent2, 0.9);
        P.piece(paths.rect(380, 636, 1160, 20), p.c('woodL'), { lift: 2 });
      },
      { lift: 3 },
    );
    P.group(() => things.pot(P, 240, 700, 1.1, p.c('brick'), () => things.fern(P, 9, 200, p.c('leaf'))), {
      lift: 3,
    });
    P.group(
      () => {
        P.piece(paths.rrect(1620, 180, 240, 180, 6), p.c('white'), { lift: 2 });
        P.piece(paths.circle(1740, 270, 66), p.c('blue'), { lift: 1 });
        P.piece(
          paths.smooth([
            [1700, 240],
            [1750, 230],
            [1760, 280],
            [1710, 290],
          ]),
          p.c('leaf'),
          { lift: 0.6 },
        );
      },
      { lift: 2 },
    );
    P.piece(
      paths.rect(-BLEED, 860, 1920 + 2 * BLEED, 1700),
      P.lin(0, 860, 0, 1280, p.c('#b98d5e'), p.c('#94693f')),
      {
        lift: 3,
      },
    );
    P.group(
      () =>
        people.front(P, 960, 720, 6.2, {
          skin: p.skin(3),
          hair: '#1d1613',
          hairStyle: 'bun',
          glasses: 1,
          top: p.c('mustard'),
          bottom: p.c('navy'),
          hands: [
            [-14, -2],
            [30, -38],
          ],
          bends: [1, 1],
          hdirs: [90, -60],
          eye: 'open',
          feet: [
            [-5, 49],
            [5, 49],
          ],
          collar: p.c('cream'),
        }),
      { lift: 4 },
    );
    const pupil = (x: number, y: number, s: number, o: people.FrontFigure) =>
      P.group(
        () => {
          people.front(P, x, y, s, {
            view: 'back',
            hands: [
              [-14, 0],
              [14, 0],
            ],
            ...o,
          });
          P.piece(paths.rrect(x - 17 * s, y + 2 * s, 34 * s, 3 * s, s), p.c('woodL'), { lift: 3 });
          P.piece(paths.rect(x - 16 * s, y + 5 * s, 32 * s, 14 * s), p.c('wood'), { lift: 1 });
        },
        { lift: 4 },
      );
    pupil(520, 930, 5.4, { skin: p.skin(0), hair: '#a5652f', hairStyle: 'short', top: p.c('blue') });
    pupil(1400, 930, 5.4, { skin: p.skin(2), hair: '#2a1a14', hairStyle: 'long', top: p.accent });
    pupil(200, 1120, 7.4, { skin: p.skin(4), hair: '#141010', hairStyle: 'curly', top: p.c('olive') });
    pupil(960, 1150, 7.6, { skin: p.skin(1), hair: '#3a241a', hairStyle: 'pony', top: p.c('teal') });
    pupil(1720, 1120, 7.4, { skin: p.skin(0), hair: '#d8b06a', hairStyle: 'bob', top: p.c('rose') });
  },
};
