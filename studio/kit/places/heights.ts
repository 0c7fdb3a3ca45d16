import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import { nth } from '../named.ts';
import * as nature from '../nature.ts';
import { BLEED } from '../paint.ts';
import * as paths from '../paths.ts';
import * as people from '../people.ts';
import * as things from '../things.ts';
import { sky } from './parts.ts';

/** Mountains, storms and a cabin. Each place paints its layers with a depth and a motion, so that a loop comes from the same row of data. */
export const HEIGHTS = {
  summit(P) {
    const p = P.pal;
    sky(P, { hor: 900, x: 1500, y: 320 });
    P.layer('far', 0.2, () => {
      P.piece(
        nature.peaks(
          P,
          [
            [-400, 560],
            [-60, 760],
            [260, 520],
            [560, 780],
            [1300, 800],
            [1620, 560],
            [1980, 760],
            [2300, 520],
          ],
          860,
        ),
        P.lin(0, 500, 0, 900, p.ramp[1], mix(p.ramp[0], p.sky[3], 0.4)),
        { lift: 3 },
      );
    });
    P.layer(
      'sea',
      0.3,
      () => {
        for (let i = 0; i < 9; i++)
          nature.puff(P, -200 + i * 300, 900 + (i % 3) * 60, 1.4, mix(p.sky[3], p.paper, 0.6));
      },
      { sway: 60 },
    );
    P.layer('peak', 0.5, () => {
      P.piece(
        paths.round(
          [
            [940, 470, 20],
            [1130, 760, 20],
            [1300, 900, 30],
            [1700, 1500, 40],
            [2400, 2800],
            [-400, 2800],
            [240, 1500, 40],
            [620, 960, 30],
            [760, 760, 20],
          ],
          20,
        ),
        P.lin(500, 470, 1400, 1300, p.ramp[2], p.ramp[4]),
        { lift: 6, grain: 0.7 },
      );
      P.piece(
        paths.round(
          [
            [940, 470],
            [1080, 686],
            [1010, 660],
            [960, 720],
            [900, 650],
            [830, 690],
          ],
          8,
        ),
        p.paper,
        { lift: 2 },
      );
      P.line(
        paths.smooth(
          [
            [420, 1500],
            [700, 1300],
            [620, 1120],
            [860, 980],
            [820, 820],
            [930, 640],
          ],
          false,
        ),
        mix(p.ramp[1], p.paper, 0.4),
        10,
        0.6,
      );
    });
    P.layer(
      'flag',
      0.5,
      (t = 0) => {
        P.piece(paths.rect(952, 250, 12, 236), p.c('woodD'), { lift: 2 });
        const w = (k: number) => Math.sin(k + (P.layered ? t * 12.566 : 0)) * 14;
        P.piece(
          paths.smooth(
            [
              [964, 256],
              [1040, 262 + w(0)],
              [1140, 290 + w(2)],
              [1040, 330 + w(1)],
              [964, 336],
            ],
            true,
            0.6,
          ),
          p.c('red'),
          { lift: 3 },
        );
      },
      { live: true },
    );
    P.layer('walker', 0.55, () =>
      P.group(
        () =>
          people.side(P, 850, 470, 4.4, {
            skin: p.skin(2),
            hair: '#2a1a14',
            hairStyle: 'short',
            top: p.c('mustard'),
            bottom: p.c('navy'),
            shoe: p.c('dark'),
            lean: 6,
            hands: [
              [16, -52],
              [10, -10],
            ],
            feet: [
              [-8, 46],
              [10, 44],
            ],
          }),
        { lift: 3 },
      ),
    );
  },

  storm(P) {
    const p = P.pal;
    P.layer('sky', 0, () =>
      P.piece(paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 3200), P.lin(0, -200, 0, 900, ...p.sky), {
        lift: 0,
        edge: 0,
      }),
    );
    P.layer(
      'clouds',
      0.2,
      () => {
        for (const [x, y, s, k] of [
          [200, 160, 2.2, 0.1],
          [900, 60, 2.6, 0],
          [1600, 190, 2.3, 0.14],
          [560, 330, 1.7, 0.2],
          [1300, 350, 1.8, 0.22],
        ] as const)
          nature.puff(P, x, y, s, mix(p.ramp[3], p.sky[1], k), { lift: 5 });
      },
      { sway: 60 },
    );
    P.layer(
      'bolt',
      0.2,
      (t = 0) => {
        if (P.layered && !((t > 0.2 && t < 0.26) || (t > 0.3 && t < 0.33) || (t > 0.7 && t < 0.76))) return;
        P.glow(1120, 560, 620, '#fff2b8', 0.55);
        P.piece(
          paths.poly([
            [1150, 330],
            [1040, 610],
            [1120, 610],
            [1020, 880],
            [1230, 560],
            [1140, 560],
            [1240, 330],
          ]),
          '#fff1b0',
          { lift: 2 },
        );
      },
      { live: true },
    );
    P.layer('fields', 0.4, () => {
      for (const [i, y] of [860, 960, 1080].entries())
        nature.sheet(P, nature.hill(P, y, 40, { len: 1500 }), mix(nth(p.ramp, 1 + i), p.c('leafD'), 0.2), y);
      things.house(P, 520, 960, 170, 110, {
        col: p.c('cream'),
        roof: p.d('brick', 0.2),
        lit: 1,
        rows: 1,
        cols: 2,
      });
    });
    P.layer(
      'tree',
      0.7,
      () =>
        P.group(
          () => {
            P.piece(
              paths.tube(
                [
                  [1530, 1420],
                  [1480, 1010],
                  [1400, 820],
                ],
                [84, 46, 26],
              ),
              p.ink,
              { lift: 2 },
            );
            for (const [x, y, r] of [
              [1370, 770, 150],
              [1270, 800, 110],
              [1450, 700, 110],
            ] as const)
              P.piece(nature.wobble(P, x, y, r, 0.08), mix(p.ramp[3], p.c('leafD'), 0.3), { lift: 3 });
          },
          { lift: 4 },
        ),
      { sway: 22, n: 2 },
    );
    if (!P.pal.overcast)
      P.layer(
        'rain',
        0,
        () =>
          nature.rain(P, 190, -300, -300, 2300, 1500, mix(p.paper, p.sky[0], 0.25), { slant: 0.3, s: 1.2 }),
        { scroll: [-0.3, 1], turns: 6 },
      );
  },

  cabin(P) {
    const p = P.pal;
    sky(P, { hor: 760, x: 500, y: 280 });
    P.layer('peaks', 0.2, () => {
      P.piece(
        nature.peaks(
          P,
          [
            [-300, 500],
            [60, 700],
            [480, 320],
            [900, 640],
            [1320, 260],
            [1700, 620],
            [2100, 400],
          ],
          780,
        ),
        P.lin(0, 260, 0, 820, p.ramp[1], p.ramp[0]),
        { lift: 4 },
      );
      for (const [x, y] of [
        [480, 320],
        [1320, 260],
        [2100, 400],
      ] as const)
        P.piece(
          paths.round(
            [
              [x, y],
              [x + 130, y + 160],
              [x + 50, y + 130],
              [x, y + 190],
              [x - 50, y + 130],
              [x - 120, y + 150],
            ],
            8,
          ),
          p.paper,
          { lift: 1.4 },
        );
    });
    P.layer('woods', 0.4, () => {
      const h = nature.hill(P, 860, 40, { len: 1200 });
      P.piece(h, mix(p.paper, p.sky[1], 0.3), { lift: 4 });
      for (let i = 0; i < 22; i++) {
        const x = -300 + i * 120 + P.R.r(-40, 40);
        if (x > 700 && x < 1300) continue;
        nature.fir(P, x, h.f(x) + 12, P.R.r(0.9, 1.5), mix(p.ramp[3], p.c('leafD'), 0.2));
      }
    });
    P.layer('cabin', 0.6, () => {
      things.house(P, 1000, 1010, 420, 210, {
        col: p.c('woodD'),
        roof: p.paper,
        lit: 1,
        rows: 1,
        cols: 3,
        rh: 190,
        lift: 5,
      });
      P.glow(1000, 940, 420, p.accent2, 0.3);
      P.piece(
        paths.smooth(
          [
            [-BLEED, 1080],
            [400, 1010],
            [960, 1040],
            [1500, 1000],
            [1920 + BLEED, 1070],
            [1920 + BLEED, 2800],
            [-BLEED, 2800],
          ],
          true,
          0.8,
        ),
        P.lin(0, 1000, 0, 1400, p.paper, mix(p.paper, p.sky[0], 0.5)),
        { lift: 5 },
      );
    });
    P.layer('smoke', 0.6, () => nature.steam(P, 1084, 600, 320, 1.4, p.paper, 0.5), { sway: 16 });
    P.layer(
      'snow',
      0.3,
      () => {
        for (let i = 0; i < 120; i++)
          P.ink(paths.circle(P.R.r(-300, 2300), P.R.r(-300, 1500), P.R.r(4, 10)), p.paper, 0.85);
      },
      { scroll: [0.1, 1], turns: 1 },
    );
  },
} satisfies Drawings;
