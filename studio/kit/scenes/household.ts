import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import { nth } from '../named.ts';
import * as nature from '../nature.ts';
import { BLEED } from '../paint.ts';
import * as paths from '../paths.ts';
import { ground, sky } from '../places/parts.ts';
import { facing, figure } from './cast.ts';
import { live, plant, swing, trees } from './parts.ts';

/** Moving in, laundry, a bench in the garden. */
export const HOUSEHOLD = {
  moving(P) {
    const p = P.pal;
    P.layer('house', 0.1, () => {
      sky(P, { hor: 820, x: 420, y: 280 });
      ground(P, 1040, p.ramp[2]);
      P.piece(
        paths.rect(860, -BLEED, 2600, BLEED + 1080),
        P.lin(860, 0, 1900, 0, p.c('brick'), p.d('brick', 0.15)),
        {
          lift: 5,
        },
      );
      for (let r = 0; r < 22; r++)
        for (let i = 0; i < 9; i++)
          P.ink(
            paths.rrect(880 + i * 130 + (r % 2) * 64, -300 + r * 62, 110, 46, 6),
            p.d('brick', 0.14),
            0.35,
          );
      P.piece(paths.rrect(1100, 330, 360, 750, [180, 180, 0, 0]), p.c('cream'), { lift: 3 });
      P.piece(paths.rrect(1130, 360, 300, 720, [150, 150, 0, 0]), p.d('mustard', 0.25), { lift: 1 });
      P.piece(
        paths.poly([
          [1130, 470],
          [1010, 430],
          [1010, 1110],
          [1130, 1080],
        ]),
        p.c('teal'),
        { lift: 4 },
      );
      P.piece(paths.circle(1030, 790, 14), p.c('brass'), { lift: 1 });
      P.piece(paths.rect(1060, 1070, 440, 50), p.c('grey'), { lift: 3 });
      P.piece(paths.rect(300, 1110, 2600, 1000), p.c('grey'), { lift: 2 });
    });
    P.layer('boxes', 0.4, () => {
      for (const [x, y, w, h] of [
        [1530, 1180, 220, 180],
        [1560, 1000, 160, 130],
        [1330, 1190, 170, 130],
      ] as const) {
        P.piece(paths.rrect(x, y - h, w, h, 6), p.c('#c9a06a'), { lift: 4 });
        P.ink(paths.rect(x + w / 2 - 14, y - h, 28, h), p.paper, 0.45);
      }
      plant(P, 300, 1190, 1, 'mustard');
    });
    P.layer('people', 0.5, () => {
      figure(P, 560, 1190, 7.6, 'jo', 'carry', {
        top: 'mustard',
        feet: [
          [13, 45],
          [-15, 44],
        ],
        hands: [
          [24, -14],
          [22, -6],
        ],
      });
      P.piece(paths.rrect(690, 640, 230, 190, 6), p.c('#c9a06a'), { lift: 4 });
      P.ink(paths.rect(790, 640, 30, 190), p.paper, 0.45);
      figure(P, 1080, 1190, 7.4, 'mara', 'carry', {
        face: -1,
        feet: [
          [10, 46],
          [-10, 45],
        ],
        hands: [
          [24, -14],
          [22, -6],
        ],
      });
    });
  },
  laundry(P) {
    const p = P.pal;
    sky(P, { hor: 820, x: 1450, y: 260 });
    P.layer('garden', 0.2, () => {
      nature.sheet(P, nature.hill(P, 760, 70), p.ramp[1], 760);
      ground(P, 940, p.c('leaf'));
      P.group(() => {
        for (const x of [430, 1620]) P.piece(paths.rect(x, 430, 30, 760), p.c('wood'), { lift: 3 });
      });
      P.line(
        paths.smooth(
          [
            [445, 450],
            [1030, 500],
            [1635, 450],
          ],
          false,
        ),
        p.ink,
        5,
      );
    });
    live(P, 'washing', 0.3, (t) => {
      for (const [i, [x, w, h, c]] of (
        [
          [940, 150, 210, 'red'],
          [1110, 110, 260, 'white'],
          [1240, 170, 230, 'blue'],
          [1430, 140, 200, 'mustard'],
        ] as const
      ).entries()) {
        const d = (swing(t, 1, i * 0.17) + 0.6 * swing(t, 2, i * 0.3)) * 22;
        const y = 492 - Math.abs(i - 0.5) * 6;
        P.piece(
          paths.smooth(
            [
              [x, y],
              [x + w, y - 4],
              [x + w + d * 0.6, y + h * 0.6],
              [x + w + d, y + h],
              [x + d, y + h + 6],
              [x + d * 0.5, y + h * 0.5],
            ],
            true,
            0.4,
          ),
          P.lin(x, 0, x + w, 0, p.l(c, 0.1), p.d(c, 0.12)),
          { lift: 4 },
        );
        for (const q of [x + 20, x + w - 30])
          P.piece(paths.rrect(q, y - 18, 12, 36, 4), p.c('woodL'), { lift: 1 });
      }
    });
    P.layer('person', 0.5, () => {
      figure(P, 740, 1190, 7.4, 'hugo', 'reach', {
        hands: [
          [20, -50],
          [17, -46],
        ],
        hdirs: [-50, -50],
        top: 'cream',
      });
      P.group(() => {
        P.piece(
          paths.round(
            [
              [940, 1080],
              [1180, 1080],
              [1150, 1190],
              [970, 1190],
            ],
            14,
          ),
          p.c('woodL'),
          { lift: 4 },
        );
        for (let i = 0; i < 3; i++)
          P.piece(paths.ellipse(1000 + i * 60, 1076, 54, 30), p.c(nth(['rose', 'cream', 'teal'], i)), {
            lift: 2,
          });
      });
    });
  },
  bench(P, o) {
    const p = P.pal;
    sky(P, { hor: 700, x: 960, y: 470, r: 110 });
    P.layer('lake', 0.2, () => {
      nature.sheet(P, nature.hill(P, 660, 50), p.ramp[1], 660);
      nature.water(P, 720, 940, 5);
      nature.reflect(P, 960, 740, 900, 200, p.sun);
      ground(P, 990, p.ramp[3]);
      trees(
        P,
        1010,
        [
          [250, 2.6],
          [1700, 2.8],
          [-150, 2.4],
          [2150, 2.4],
        ],
        mix(p.ramp[3], p.c('leaf'), 0.3),
      );
    });
    P.layer('pair', 0.5, () => {
      facing(P, 830, 1120, 7.4, o.a ?? 'ina', 'bust', { view: 'back', tilt: 6 });
      if (o.b !== '') facing(P, 1080, 1120, 5.4, o.b ?? 'finn', 'bust', { view: 'back', tilt: -5 });
      P.group(() => {
        for (const y of [970, 1040]) P.piece(paths.rrect(600, y, 720, 50, 10), p.c('wood'), { lift: 4 });
        P.piece(paths.rrect(580, 1120, 760, 40, 10), p.c('woodL'), { lift: 4 });
        for (const x of [660, 1220]) P.piece(paths.rect(x, 960, 36, 290), p.c('woodD'), { lift: 3 });
      });
    });
  },
} satisfies Drawings;
