import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import * as paths from '../paths.ts';
import { bar, block, oval, put, shade } from './parts.ts';

/** What sport needs. The middle of each thing's foot is at 0,0; about 500 units high. */
export const SPORTS = {
  tennis(P) {
    const p = P.pal;
    P.at(
      -60,
      -320,
      () => {
        P.group(
          () => {
            bar(
              P,
              [
                [0, 160],
                [0, 380],
              ],
              [36, 44],
              'dark',
              3,
            );
            bar(
              P,
              [
                [0, 120],
                [0, 200],
              ],
              [24, 28],
              'red',
              3,
            );
            P.line(paths.ellipse(0, -60, 150, 200), p.c('red'), 28);
            P.clip(paths.ellipse(0, -60, 146, 196), () => {
              for (let i = -5; i < 6; i++) {
                P.line(
                  paths.poly(
                    [
                      [i * 30, -280],
                      [i * 30, 160],
                    ],
                    false,
                  ),
                  p.paper,
                  5,
                );
                P.line(
                  paths.poly(
                    [
                      [-170, -60 + i * 36],
                      [170, -60 + i * 36],
                    ],
                    false,
                  ),
                  p.paper,
                  5,
                );
              }
            });
          },
          { lift: 4 },
        );
      },
      { rot: 0.5 },
    );
    P.piece(paths.circle(240, -90, 90), p.c('leafL'), { lift: 4 });
    for (const s of [-1, 1])
      P.line(
        paths.smooth(
          [
            [240 + s * 78, -150],
            [240 + s * 30, -90],
            [240 + s * 78, -30],
          ],
          false,
        ),
        p.paper,
        10,
      );
  },
  basketball(P) {
    const p = P.pal;
    block(P, -300, -640, 600, 400, 16, 'white', 4);
    P.line(paths.rect(-110, -470, 220, 160), p.c('red'), 16);
    P.line(paths.ellipse(0, -280, 130, 26), p.c('carrot'), 22);
    for (let i = 0; i < 7; i++)
      P.line(
        paths.poly(
          [
            [-120 + i * 40, -270],
            [-80 + i * 26, -110],
          ],
          false,
        ),
        p.paper,
        7,
      );
    for (let k = 0; k < 3; k++)
      P.line(
        paths.poly(
          [
            [-110 + k * 12, -230 + k * 46],
            [110 - k * 12, -230 + k * 46],
          ],
          false,
        ),
        p.paper,
        6,
      );
    P.piece(paths.circle(60, -380, 96), shade(P, p.c('carrot'), -30, 150), { lift: 5 });
    P.line(
      paths.poly(
        [
          [-34, -380],
          [154, -380],
        ],
        false,
      ),
      p.ink,
      7,
    );
    P.line(
      paths.smooth(
        [
          [60, -474],
          [40, -380],
          [60, -286],
        ],
        false,
      ),
      p.ink,
      7,
    );
    for (const s of [-1, 1])
      P.line(
        paths.smooth(
          [
            [60 + s * 74, -440],
            [60 + s * 30, -380],
            [60 + s * 74, -320],
          ],
          false,
        ),
        p.ink,
        7,
      );
  },
  medal(P) {
    const p = P.pal;
    for (const s of [-1, 1])
      put(
        P,
        paths.poly([
          [s * 40, -620],
          [s * 170, -620],
          [s * 40, -290],
          [s * -50, -330],
        ]),
        s > 0 ? 'red' : 'blue',
        3,
      );
    P.piece(paths.circle(0, -190, 176), shade(P, p.c('brass'), -176, 176), { lift: 4 });
    oval(P, 0, -190, 138, 138, 'corn', 1.5);
    put(P, nature.star(0, -190, 96), 'brass', 2);
  },
} satisfies Drawings;
