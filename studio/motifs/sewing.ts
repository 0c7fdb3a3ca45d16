import { nth } from '../kit/named.ts';
import * as nature from '../kit/nature.ts';
import { BLEED, type Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';

/** A sewing machine at a window, cloth under the needle. */
export const motif: Motif = {
  title: 'A sewing machine by the window',
  pal: 'kitchen',
  focal: [960, 720],
  portrait: { x: 480, y: -260, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal,
      R = P.R;
    P.piece(
      paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED),
      P.lin(0, -100, 0, 1000, p.c('#c9d6cf'), p.c('#d8e0d4')),
      { lift: 0, edge: 0 },
    );
    P.group(
      () => {
        P.piece(paths.rrect(1180, -700, 620, 1360, 8), p.c('white'), { lift: 3 });
        P.piece(paths.rect(1210, -700, 560, 1330), P.lin(0, -200, 0, 630, ...p.sky), { lift: 0 });
        P.clip(paths.rect(1210, -700, 560, 1330), () => {
          nature.sheet(P, nature.hill(P, 520, 30, { len: 700 }), p.c('leafL'), 520);
          for (const [x, s] of [
            [1320, 0.8],
            [1620, 1],
          ] as const)
            nature.round(P, x, 580, s, p.c('leaf'));
        });
        P.piece(paths.rect(1480, -700, 22, 1330), p.c('white'), { lift: 2 });
        P.piece(paths.rect(1210, 160, 560, 20), p.c('white'), { lift: 2 });
      },
      { lift: 3 },
    );
    for (let i = 0; i < 4; i++) {
      P.piece(paths.rrect(190 + i * 190, 250, 150, 12, 4), p.c('wood'), { lift: 2 });
      for (let k = 0; k < 2; k++)
        P.at(225 + i * 190 + k * 76, 246, () => {
          P.piece(
            paths.rrect(-26, -84, 52, 84, 8),
            p.c(nth(['red', 'mustard', 'teal', 'navy', 'rose', 'olive', 'brick', 'blue'], i * 2 + k)),
            { lift: 1.6 },
          );
          P.piece(paths.rrect(-32, -94, 64, 14, 5), p.c('woodL'), { lift: 1 });
          P.piece(paths.rrect(-32, -8, 64, 12, 5), p.c('woodL'), { lift: 1 });
        });
    }
    P.piece(
      paths.rect(-BLEED, 960, 1920 + 2 * BLEED, 1600),
      P.lin(0, 960, 0, 1280, p.l('wood', 0.1), p.d('wood', 0.15)),
      { lift: 5 },
    );
    P.group(
      () =>
        P.piece(
          paths.smooth([
            [240, 1010],
            [520, 930],
            [860, 946],
            [1100, 930],
            [1240, 960],
            [1190, 1080],
            [1320, 1240],
            [1100, 1500],
            [300, 1500],
            [160, 1240],
          ]),
          P.lin(0, 930, 0, 1300, p.l('rose', 0.15), p.d('rose', 0.1)),
          { lift: 3 },
        ),
      { lift: 3 },
    );
    for (let k = 0; k < 9; k++)
      for (let i = 0; i < 7; i++)
        P.ink(paths.circle(330 + i * 140 + (k % 2) * 70, 1010 + k * 44, 9), p.paper, 0.8);
    P.group(
      () => {
        P.piece(paths.rrect(560, 880, 900, 84, 20), p.c('dark'), { lift: 3 });
        P.piece(
          paths.round(
            [
              [1190, 890],
              [1200, 560],
              [1240, 500],
              [1420, 500],
              [1440, 560],
              [1430, 890],
            ],
            30,
          ),
          P.lin(1190, 0, 1440, 0, p.l('dark', 0.12), p.c('dark')),
          { lift: 3 },
        );
        P.piece(
          paths.round(
            [
              [640, 500],
              [1400, 480],
              [1400, 620],
              [1180, 640],
              [760, 640],
              [760, 700],
              [640, 700],
            ],
            40,
          ),
          P.lin(0, 480, 0, 700, p.l('dark', 0.16), p.c('dark')),
          { lift: 3 },
        );
        P.piece(paths.rrect(668, 700, 64, 90, 10), p.c('steel'), { lift: 1.5 });
        P.piece(
          paths.tube(
            [
              [700, 790],
              [700, 905],
            ],
            [9, 5],
          ),
          p.c('steel'),
          { lift: 1 },
        );
        P.piece(
          paths.round(
            [
              [672, 880],
              [740, 880],
              [752, 906],
              [660, 906],
            ],
            6,
          ),
          p.c('steel'),
          { lift: 1 },
        );
        P.piece(paths.circle(1480, 600, 100), p.c('brass'), { lift: 3 });
        P.piece(paths.circle(1480, 600, 66), p.c('dark'), { lift: 1 });
        P.piece(paths.rrect(980, 400, 56, 86, 8), p.c('red'), { lift: 2 });
        P.piece(paths.rrect(972, 390, 72, 16, 5), p.c('woodL'), { lift: 1 });
        P.line(
          paths.smooth(
            [
              [1000, 410],
              [860, 430],
              [720, 480],
              [700, 700],
              [700, 880],
            ],
            false,
          ),
          p.c('red'),
          3,
        );
        for (const [x, w] of [
          [850, 200],
          [1090, 80],
        ] as const)
          P.piece(paths.rrect(x, 556, w, 14, 6), p.accent2, { lift: 0, grain: 0 });
      },
      { lift: 6 },
    );
  },
};
