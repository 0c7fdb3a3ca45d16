import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import { nth } from '../named.ts';
import * as nature from '../nature.ts';
import { BLEED } from '../paint.ts';
import * as paths from '../paths.ts';
import * as people from '../people.ts';
import * as things from '../things.ts';
import { ground, sky } from './parts.ts';

/** Factory and building site. Each place paints its layers with a depth and a motion, so that a loop comes from the same row of data. */
export const INDUSTRY = {
  factory(P) {
    const p = P.pal;
    sky(P, { hor: 860, x: 1500, y: 420 });
    P.layer(
      'smoke',
      0.3,
      () => {
        for (const [x, y] of [
          [640, 250],
          [900, 190],
          [1160, 280],
        ] as const)
          for (let i = 0; i < 5; i++)
            P.piece(
              nature.wobble(P, x + i * 74, y - i * 84, 56 + i * 26, 0.06),
              mix(p.sky[0], p.c('grey'), 0.5 - i * 0.07),
              { lift: 2, a: 0.94 },
            );
      },
      { sway: 26, heave: 14 },
    );
    P.layer('works', 0.4, () => {
      for (const [x, h] of [
        [610, 620],
        [870, 700],
        [1130, 600],
      ] as const) {
        P.piece(
          paths.poly([
            [x - 44, 960],
            [x - 30, 960 - h],
            [x + 30, 960 - h],
            [x + 44, 960],
          ]),
          P.lin(x - 44, 0, x + 44, 0, p.l('brick', 0.2), p.d('brick', 0.25)),
          { lift: 3 },
        );
        for (const k of [0.08, 0.2])
          P.piece(paths.rect(x - 34, 960 - h * (1 - k), 68, 26), p.paper, { lift: 0.6 });
      }
      for (let i = 0; i < 6; i++)
        P.piece(
          paths.poly([
            [260 + i * 240, 780],
            [260 + i * 240, 640],
            [500 + i * 240, 780],
          ]),
          p.d('brick', 0.1),
          { lift: 3 },
        );
      P.piece(paths.rect(260, 770, 1440, 400), P.lin(0, 770, 0, 1100, p.c('brick'), p.d('brick', 0.3)), {
        lift: 4,
      });
      for (let r = 0; r < 2; r++)
        for (let i = 0; i < 11; i++)
          P.piece(
            paths.rect(300 + i * 126, 820 + r * 120, 82, 76),
            p.lit > 0.3 ? mix(p.accent2, p.sun, P.R()) : mix(p.sky[1], p.c('navy'), 0.4),
            { lift: 1 },
          );
    });
    P.layer('yard', 0.7, () => {
      ground(P, 1080, mix(p.ramp[4], p.c('dark'), 0.3));
      for (let i = -3; i < 14; i++) P.piece(paths.rect(i * 180, 1010, 14, 110), p.c('steelD'), { lift: 1.6 });
      P.piece(paths.rect(-BLEED, 1030, 1920 + 2 * BLEED, 10), p.c('steelD'), { lift: 1 });
    });
  },

  crane(P) {
    const p = P.pal;
    sky(P, { hor: 840, x: 360, y: 320 });
    P.layer('town', 0.2, () => {
      let x = -900;
      for (let i = 0; x < 2900; i++) {
        const w = P.R.r(120, 220);
        things.house(P, x + w / 2, 860, w, P.R.r(120, 240), {
          col: mix(p.ramp[1], p.c(nth(['cream', 'rose'], i % 2)), 0.2),
          roof: p.ramp[2],
          lit: p.lit,
          rows: 2,
          cols: 2,
          lift: 2,
          door: 0,
        });
        x += w + 6;
      }
    });
    P.layer('frame', 0.4, () => {
      for (let r = 0; r < 4; r++) P.piece(paths.rect(620, 560 + r * 130, 720, 26), p.c('grey'), { lift: 3 });
      for (let c = 0; c < 5; c++)
        P.piece(paths.rect(620 + c * 173, 560, 28, 520), p.l('grey', 0.2), { lift: 2 });
      for (const [c, r] of [
        [0, 3],
        [1, 3],
        [2, 3],
        [3, 3],
        [0, 2],
        [1, 2],
      ] as const) {
        P.piece(paths.rect(648 + c * 173, 586 + r * 130, 145, 104), p.c('brick'), { lift: 1.6 });
        P.piece(paths.rect(690 + c * 173, 606 + r * 130, 60, 60), mix(p.sky[1], p.c('blue'), 0.4), {
          lift: 1,
        });
      }
    });
    P.layer('mast', 0.5, () => {
      P.piece(paths.rect(1470, 60, 44, 1100), p.c('mustard'), { lift: 3 });
      for (let i = 0; i < 17; i++)
        P.line(
          paths.poly(
            [
              [1472, 80 + i * 62],
              [1512, 142 + i * 62],
            ],
            false,
          ),
          p.d('mustard', 0.35),
          6,
        );
      P.piece(
        paths.poly([
          [520, 96],
          [1760, 60],
          [1760, 104],
          [520, 112],
        ]),
        p.c('mustard'),
        { lift: 3 },
      );
      P.piece(paths.rect(1640, 104, 110, 90), p.c('grey'), { lift: 2 });
      P.line(
        paths.poly(
          [
            [1490, -80],
            [640, 100],
          ],
          false,
        ),
        p.ink,
        5,
      );
      P.line(
        paths.poly(
          [
            [1490, -80],
            [1700, 70],
          ],
          false,
        ),
        p.ink,
        5,
      );
      P.piece(
        paths.poly([
          [1470, 70],
          [1490, -90],
          [1514, 70],
        ]),
        p.c('mustard'),
        { lift: 2 },
      );
    });
    P.layer(
      'load',
      0.5,
      () => {
        P.line(
          paths.poly(
            [
              [800, 104],
              [800, 360],
            ],
            false,
          ),
          p.ink,
          5,
        );
        for (const dx of [-70, 70])
          P.line(
            paths.poly(
              [
                [800, 360],
                [800 + dx, 420],
              ],
              false,
            ),
            p.ink,
            4,
          );
        P.piece(paths.rrect(710, 418, 180, 40, 6), p.c('woodL'), { lift: 3 });
      },
      { sway: 30, heave: 20 },
    );
    P.layer('site', 0.7, () => {
      ground(P, 1080, mix(p.c('soil'), p.ramp[3], 0.3));
      for (const [x, c] of [
        [380, 'mustard'],
        [1660, 'red'],
      ] as const)
        P.group(
          () =>
            people.front(P, x, 1010, 3.4, {
              skin: p.skin(x > 1000 ? 3 : 1),
              hair: '#2a1a14',
              hairStyle: 'short',
              top: p.c(c),
              bottom: p.c('navy'),
              feet: [
                [-7, 46],
                [7, 46],
              ],
              hat: 'beanie',
              hands: [
                [-14, 4],
                [16, -26],
              ],
              bends: [1, 1],
            }),
          { lift: 4 },
        );
    });
  },
} satisfies Drawings;
