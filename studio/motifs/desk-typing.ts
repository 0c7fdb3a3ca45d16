import { mix } from '../kit/colour.ts';
import * as hands from '../kit/hands.ts';
import { nth } from '../kit/named.ts';
import * as nature from '../kit/nature.ts';
import type { Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as things from '../kit/things.ts';

export const motif: Motif = {
  title: 'Hands typing at a desk, from above',
  pal: 'kitchen',
  focal: [980, 700],
  portrait: { x: 500, y: -240, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal,
      R = P.R,
      sk = p.skin(3);
    things.planks(P, -1400, -1200, 3320, 2400, 14, mix(p.c('woodL'), p.paper, 0.12));
    // laptop
    P.group(
      () => {
        P.piece(paths.rrect(560, -330, 840, 640, 26), p.c('steelD'), { lift: 3 });
        P.piece(paths.rrect(590, -300, 780, 570, 10), p.c('#22333b'), { lift: 0 });
        for (let i = 0; i < 7; i++)
          P.ink(
            paths.rrect(640, 20 + i * 34, nth([360, 480, 300, 420, 220, 380, 160], i), 14, 7),
            i % 3 ? p.c('glass') : p.accent2,
            0.75,
          );
        P.piece(paths.rrect(1120, 30, 200, 190, 10), p.accent, { lift: 0 });
        P.piece(
          paths.poly([
            [1130, 210],
            [1200, 110],
            [1250, 170],
            [1290, 130],
            [1310, 210],
          ]),
          p.c('#f2d9a0'),
          { lift: 0, grain: 0 },
        );
        P.ink(paths.circle(1270, 80, 22), p.sun);
        P.piece(
          paths.rrect(560, 300, 840, 520, 30),
          P.lin(0, 300, 0, 820, p.l('steel', 0.35), p.c('steel')),
          {
            lift: 3,
          },
        );
        for (let r = 0; r < 4; r++)
          for (let c = 0; c < 12; c++)
            P.piece(paths.rrect(604 + c * 63, 340 + r * 58, 55, 50, 8), p.c('#33464f'), {
              lift: 0.5,
              grain: 0,
              edge: 0.2,
            });
        P.piece(paths.rrect(800, 572, 370, 46, 8), p.c('#33464f'), { lift: 0.5, grain: 0 });
        P.piece(paths.rrect(850, 650, 260, 140, 14), p.d('steel', 0.08), { lift: 0, edge: 0.4 });
      },
      { lift: 6 },
    );
    // coffee from above
    P.group(
      () => {
        P.piece(paths.circle(1630, 330, 150), p.c('white'), { lift: 4 });
        P.piece(paths.rrect(1700, 296, 130, 60, 26), p.c('#d9583b'), { lift: 2 });
        P.piece(paths.circle(1630, 330, 104), p.c('#d9583b'), { lift: 3 });
        P.piece(paths.circle(1630, 330, 86), p.c('#5a3522'), { lift: 0 });
        P.piece(nature.wobble(P, 1630, 330, 58, 0.06), p.c('#e9d2ae'), { lift: 0 });
        P.piece(nature.leaf(1630, 375, 90, -Math.PI / 2, 0.34), p.c('#8a5a3a'), { lift: 0, grain: 0 });
      },
      { lift: 5 },
    );
    // notebook and pencil
    P.group(
      () =>
        P.at(
          270,
          560,
          () => {
            P.piece(paths.rrect(-190, -260, 380, 520, 14), p.c('teal'), { lift: 3 });
            P.piece(paths.rrect(-172, -250, 352, 500, 8), p.c('white'), { lift: 0 });
            for (let i = 0; i < 11; i++)
              P.ink(
                paths.rrect(
                  -130,
                  -200 + i * 40,
                  nth([240, 260, 180, 250, 220, 90, 0, 240, 200, 250, 140], i),
                  8,
                  4,
                ),
                p.ink,
                0.35,
              );
            for (let i = 0; i < 12; i++)
              P.piece(paths.rrect(-206, -240 + i * 42, 44, 12, 6), p.c('steelD'), { lift: 0.6, grain: 0 });
          },
          { rot: -0.12 },
        ),
      { lift: 5 },
    );
    P.group(
      () =>
        P.at(
          330,
          900,
          () => {
            P.piece(paths.rect(-190, -14, 330, 28), p.accent2, { lift: 2 });
            P.piece(
              paths.poly([
                [140, -14],
                [196, 0],
                [140, 14],
              ]),
              p.c('dough'),
              { lift: 0 },
            );
            P.ink(
              paths.poly([
                [178, -5],
                [196, 0],
                [178, 5],
              ]),
              p.ink,
            );
            P.piece(paths.rect(-216, -14, 30, 28), p.c('rose'), { lift: 0 });
          },
          { rot: -0.5 },
        ),
      { lift: 3 },
    );
    // leaf plant corner
    P.at(120, 90, () => {
      for (let i = 0; i < 10; i++)
        nature.leafP(P, 0, 0, R.r(230, 330), (i / 10) * 6.283, mix(p.c('leafD'), p.c('leaf'), (i % 3) / 2), {
          fat: 0.26,
          lift: 3,
        });
    });
    // hands come from below: flip the back-of-hand so that fingers point up
    for (const m of [-1, 1])
      P.group(
        () =>
          P.at(
            980 + m * 190,
            830,
            () => {
              hands.back(P, sk, {
                spread: 0.55,
                len: 0.9,
                lift: 2,
                arm: [
                  [-150, -420],
                  [-70, -220],
                  [-20, -80],
                ],
                armW: [140, 120, 88, 70, 74],
              });
              P.piece(
                paths.tube(
                  [
                    [-230, -600],
                    [-150, -430],
                    [-100, -310],
                  ],
                  [230, 190, 160],
                  { cap: 'flat' },
                ),
                p.c('#c8553d'),
                { lift: 3 },
              );
              P.piece(
                paths.tube(
                  [
                    [-124, -362],
                    [-98, -300],
                  ],
                  [174, 164],
                  { cap: 'flat' },
                ),
                p.l('#c8553d', 0.2),
                { lift: 1.5 },
              );
            },
            { s: 1.35, sx: 1.35 * -m * 1, sy: -1.35, rot: m * -0.12 },
          ),
        { lift: 4 },
      );
  },
};
