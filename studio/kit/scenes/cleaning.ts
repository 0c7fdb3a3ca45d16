import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import { nth } from '../named.ts';
import * as nature from '../nature.ts';
import { BLEED } from '../paint.ts';
import * as paths from '../paths.ts';
import { ground, sky } from '../places/parts.ts';
import * as things from '../things.ts';
import { figure } from './cast.ts';
import { live, room, swing } from './parts.ts';

/** Streets swept and walls painted. */
export const CLEANING = {
  sweeper(P) {
    const p = P.pal;
    sky(P, { hor: 820, x: 1380, y: 300 });
    P.layer('street', 0.2, () => {
      let x = -900;
      for (let i = 0; x < 2900; i++) {
        const w = P.R.r(210, 320);
        things.house(P, x + w / 2, 1000, w, P.R.r(460, 620), {
          col: p.c(nth(['brick', 'mustard', 'teal', 'cream', 'rose'], i % 5)),
          lit: p.lit,
          rows: 3,
          cols: 2,
          lift: 3,
        });
        x += w + 4;
      }
      ground(P, 1010, mix(p.ramp[2], p.c('grey'), 0.5));
    });
    live(P, 'sweeper', 0.5, (t) => {
      const d = swing(t, 3) * 4;
      P.group(
        () => {
          P.piece(
            paths.tube(
              [
                [760 + d * 2, 640],
                [1010 + d * 8, 1090],
              ],
              [13, 13],
            ),
            p.c('woodL'),
            { lift: 2 },
          );
          P.piece(
            paths.round(
              [
                [980 + d * 8, 1080],
                [1040 + d * 8, 1060],
                [1110 + d * 11, 1160],
                [1010 + d * 9, 1180],
              ],
              10,
            ),
            p.c('mustard'),
            { lift: 2 },
          );
        },
        { lift: 3 },
      );
      figure(P, 640, 1180, 7.6, 'ned', 'work', {
        top: 'carrot',
        hat: 'cap',
        hatCol: 'navy',
        lean: 14,
        hands: [
          [28 + d * 0.6, -10],
          [22 + d * 0.3, -26],
        ],
      });
    });
    P.layer('leaves', 0.6, () => {
      for (let i = 0; i < 26; i++)
        nature.leafP(
          P,
          P.R.r(1130, 1500),
          P.R.r(1130, 1200),
          P.R.r(30, 52),
          P.R.r(0, 6),
          p.c(nth(['carrot', 'mustard', 'brick'], i % 3)),
          { lift: 1.4 },
        );
    });
  },
  roller(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#e9e0cc', 'woodL', 1090);
      P.piece(
        paths.smooth(
          [
            [-BLEED, -BLEED],
            [1260, -BLEED],
            [1250, 200],
            [1290, 420],
            [1240, 640],
            [1270, 860],
            [1180, 1000],
            [1210, 1066],
            [-BLEED, 1066],
          ],
          true,
          0.4,
        ),
        P.lin(0, 0, 0, 1060, p.c('teal'), p.d('teal', 0.12)),
        { lift: 1 },
      );
      P.piece(paths.rect(-BLEED, 1066, 1920 + 2 * BLEED, 30), p.paper, { lift: 2 });
      P.piece(
        paths.round(
          [
            [300, 1150],
            [1500, 1120],
            [1600, 1230],
            [220, 1250],
          ],
          20,
        ),
        p.c('cream'),
        { lift: 2 },
      );
    });
    P.layer('ladder', 0.3, () =>
      P.group(
        () => {
          for (const d of [0, 190])
            P.piece(
              paths.tube(
                [
                  [700 + d * 0.9, 1200],
                  [860 + d * 0.35, 420],
                ],
                [22, 20],
              ),
              p.c('woodL'),
              { lift: 3 },
            );
          for (let i = 0; i < 6; i++) {
            const q = i / 6;
            P.piece(paths.rrect(715 + q * 150, 1120 - q * 760, 165 - q * 100, 18, 6), p.c('wood'), {
              lift: 2,
            });
          }
          P.piece(
            paths.round(
              [
                [470, 1200],
                [484, 1090],
                [600, 1090],
                [614, 1200],
              ],
              8,
            ),
            p.c('steel'),
            { lift: 3 },
          );
          P.piece(paths.ellipse(542, 1092, 56, 12), p.c('teal'), { lift: 1 });
        },
        { lift: 4 },
      ),
    );
    live(P, 'painter', 0.4, (t) => {
      const d = swing(t, 2) * 6;
      P.group(() => {
        P.piece(
          paths.tube(
            [
              [1030, 470 + d * 6],
              [1150, 330 + d * 8],
            ],
            [12, 12],
          ),
          p.c('woodD'),
          { lift: 2 },
        );
        P.piece(paths.rrect(1130, 250 + d * 8, 56, 130, 20), p.c('teal'), { lift: 3 });
      });
      figure(P, 870, 1030, 7.4, 'mara', 'reach', {
        top: 'white',
        bottom: 'denim',
        hairStyle: 'bun',
        hat: 'scarf',
        hatCol: 'red',
        feet: [
          [4, 47],
          [-4, 46],
        ],
        hands: [
          [24, -44 + d],
          [8, -6],
        ],
        hdirs: [-50, 60],
      });
    });
  },
} satisfies Drawings;
