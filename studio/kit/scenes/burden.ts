import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import { nth } from '../named.ts';
import * as nature from '../nature.ts';
import { BLEED, type Paint } from '../paint.ts';
import * as paths from '../paths.ts';
import { ground, sky } from '../places/parts.ts';
import * as things from '../things.ts';
import { facing, figure } from './cast.ts';
import { chair, glow, live, room, swing, table, trees } from './parts.ts';

/** Figures under something: too much, alone, in doubt, helped. */
export const BURDEN = {
  overload(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#6b6f86', '#55505e', 1090);
      P.piece(paths.circle(560, 290, 130), p.c('white'), { lift: 4 });
      P.piece(paths.circle(560, 290, 112), p.paper, { lift: 1 });
      P.line(
        paths.poly(
          [
            [560, 210],
            [560, 290],
            [500, 320],
          ],
          false,
        ),
        p.ink,
        12,
      );
    });
    P.layer('papers', 0.4, () => {
      chair(P, 780, 985, 1190, 1, 'dark', 250);
      figure(P, 780, 1190, 8.2, 'finn', 'type', {
        lean: 18,
        head: 30,
        eye: 'closed',
        hands: [
          [27, -25],
          [25, -25],
        ],
        hdirs: [-120, -120],
        top: 'cream',
      });
      table(P, 860, 1660, 920, 1190, 'wood');
      for (const [k, [x, n]] of (
        [
          [1130, 13],
          [1330, 22],
          [1520, 17],
        ] as const
      ).entries())
        P.group(() => {
          for (let i = 0; i < n; i++) {
            const dx = ((i * 37 + k * 11) % 17) - 8;
            P.piece(
              paths.rrect(x - 84 + dx, 900 - i * 30, 168, 26, 3),
              i % 6 === 3
                ? p.c(nth(['mustard', 'rose', 'teal'], k))
                : mix(p.paper, p.shadow, ((i * 5) % 4) * 0.03),
              { lift: 1.4 },
            );
          }
        });
    });
    live(P, 'sheets', 0.5, (t) => {
      for (const [i, [x, y]] of (
        [
          [1010, 330],
          [1240, 120],
          [890, 120],
        ] as const
      ).entries())
        P.at(
          x + swing(t, 1, i * 0.3) * 50,
          y + swing(t, 1, 0.25 + i * 0.3) * 40,
          () => P.piece(paths.rrect(-50, -66, 100, 132, 4), p.paper, { lift: 4 }),
          { rot: swing(t, 1, i * 0.2) * 0.5 + i },
        );
    });
  },
  juggler(P) {
    const p = P.pal;
    P.layer('ground', 0.1, () => {
      P.piece(
        paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 3200),
        P.lin(0, -200, 0, 1200, p.c('#2f6f7a'), p.c('#5fa39a')),
        {
          lift: 0,
        },
      );
      for (let i = 0; i < 12; i++) {
        const a = (i / 12) * Math.PI * 2;
        P.piece(
          paths.poly([
            [960, 640],
            [960 + Math.cos(a) * 2600, 640 + Math.sin(a) * 2600],
            [960 + Math.cos(a + 0.26) * 2600, 640 + Math.sin(a + 0.26) * 2600],
          ]),
          p.c('#7fbcae'),
          { lift: 1, a: 0.35 },
        );
      }
      P.piece(paths.ellipse(960, 1230, 760, 110), p.c('mustard'), { lift: 4 });
    });
    live(P, 'juggler', 0.5, (t) => {
      const h = swing(t, 6) * 4;
      facing(P, 960, 1210, 7.6, 'dan', 'hold', {
        top: 'red',
        collar: 'cream',
        tilt: swing(t, 3) * 3,
        hands: [
          [-20, -20 + h],
          [20, -20 - h],
        ],
        bends: [1, -1],
        hdirs: [200, -20],
      });
      const items: ((P: Paint) => void)[] = [
        () => P.piece(paths.circle(0, 0, 48), p.c('tomato'), { lift: 4 }),
        () => {
          P.piece(paths.rrect(-34, -62, 68, 124, 12), p.c('dark'), { lift: 4 });
          P.ink(paths.rrect(-26, -50, 52, 90, 4), p.c('glass'));
        },
        () => {
          P.piece(paths.rrect(-60, -42, 120, 84, 6), p.paper, { lift: 4 });
          P.line(
            paths.poly(
              [
                [-58, -38],
                [0, 12],
                [58, -38],
              ],
              false,
            ),
            p.c('grey'),
            5,
          );
        },
        () => {
          P.piece(paths.circle(0, 0, 54), p.paper, { lift: 4 });
          P.line(paths.circle(0, 0, 48), p.c('navy'), 10);
          P.line(
            paths.poly(
              [
                [0, -30],
                [0, 0],
                [20, 10],
              ],
              false,
            ),
            p.ink,
            7,
          );
        },
        () => things.mug(P, 0, 50, 0.7, p.c('teal')),
        () => P.piece(paths.rrect(-56, -40, 112, 80, 8), p.c('#c9a06a'), { lift: 4 }),
      ];
      items.forEach((draw, i) => {
        const q = (t * 2 + i / items.length) % 1;
        const a = Math.PI * (1 + q);
        const left = q < 0.5;
        const x = 960 + Math.cos(a) * 330;
        const y = 640 + Math.sin(a) * (left ? 480 : 480);
        P.at(x, y, () => draw(P), { rot: q * Math.PI * 2 });
      });
    });
  },
  lonely(P) {
    const p = P.pal;
    P.layer('park', 0.1, () => {
      P.piece(paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 3200), P.lin(0, -200, 0, 1000, ...p.sky), {
        lift: 0,
      });
      nature.sheet(P, nature.hill(P, 760, 60), p.ramp[1], 760);
      trees(
        P,
        980,
        [
          [330, 2.6],
          [1680, 3],
          [80, 2.2],
          [2040, 2.4],
        ],
        p.ramp[3],
      );
      ground(P, 960, p.ramp[2]);
      for (const [x, y, w] of [
        [560, 1150, 180],
        [1300, 1210, 260],
      ] as const)
        P.piece(paths.ellipse(x, y, w, w * 0.1), p.l('grey', 0.3), { lift: 0, a: 0.6 });
      things.lamppost(P, 1320, 1010, 560);
    });
    P.layer('light', 0.2, () => glow(P, 1340, 480, 420, 0.45));
    P.layer('bench', 0.5, () => {
      P.group(() => {
        for (const x of [700, 1090]) P.piece(paths.rect(x, 1000, 30, 190), p.c('woodD'), { lift: 3 });
        P.piece(paths.rrect(640, 990, 540, 34, 8), p.c('wood'), { lift: 3 });
        P.piece(paths.rrect(640, 850, 30, 160, 8), p.c('woodD'), { lift: 3 });
      });
      figure(P, 840, 1190, 7.4, 'bo', 'sit', {
        lean: 20,
        head: 34,
        eye: 'closed',
        top: 'navy',
        hands: [
          [22, -4],
          [20, -3],
        ],
        hat: 'beanie',
        hatCol: 'grey',
        pom: 0,
      });
    });
  },
  umbrellaTwo(P) {
    const p = P.pal;
    sky(P, { hor: 800, x: 1300, y: 320 });
    P.layer('street', 0.2, () => {
      let x = -900;
      for (let i = 0; x < 2900; i++) {
        const w = P.R.r(210, 320);
        things.house(P, x + w / 2, 1010, w, P.R.r(420, 600), {
          col: mix(p.ramp[1], p.c(nth(['cream', 'brick', 'teal'], i % 3)), 0.3),
          lit: 0.5,
          rows: 3,
          cols: 2,
          lift: 3,
        });
        x += w + 4;
      }
      ground(P, 1010, p.ramp[3]);
      for (const [q, y, w] of [
        [560, 1130, 220],
        [1360, 1180, 280],
        [980, 1240, 240],
      ] as const)
        P.piece(paths.ellipse(q, y, w, w * 0.1), mix(p.ramp[0], p.sky[3], 0.4), { lift: 0, a: 0.8 });
    });
    P.layer('pair', 0.5, () => {
      figure(P, 860, 1190, 7, 'jo', 'walk', {
        top: 'mustard',
        coat: 12,
        hands: [
          [17, -24],
          [-8, 0],
        ],
        hdirs: [-60, 100],
      });
      figure(P, 1050, 1190, 6.8, 'mara', 'walk', {
        top: 'red',
        coat: 12,
        hands: [
          [6, 0],
          [-9, -2],
        ],
        hdirs: [85, 110],
      });
      P.piece(
        paths.tube(
          [
            [982, 800],
            [982, 330],
          ],
          [9, 9],
        ),
        p.ink,
        { lift: 2 },
      );
      P.piece(
        paths.smooth(
          [
            [660, 470],
            [720, 320],
            [980, 240],
            [1240, 320],
            [1310, 470],
            [1200, 440],
            [1090, 470],
            [980, 440],
            [870, 470],
            [770, 440],
          ],
          true,
          0.8,
        ),
        p.c('teal'),
        { lift: 6 },
      );
    });
  },
  shadow(P) {
    const p = P.pal;
    P.layer('wall', 0.1, () => {
      room(P, '#e0a45a', '#7d4a3a', 1080);
      P.piece(nature.wobble(P, 1080, 600, 640, 0.01), p.l('#e0a45a', 0.3), { lift: 2 });
    });
    live(P, 'shadow', 0.2, (t) => {
      const dark = mix(p.c('#7d4a3a'), p.shadow, 0.4);
      const s = 9.6 + swing(t) * 0.25;
      P.group(
        () => {
          P.at(
            1180,
            1080,
            () => {
              P.piece(paths.circle(0, -92, 8), dark, { lift: 0, grain: 0 });
              P.piece(
                paths.smooth(
                  [
                    [-15, -74],
                    [-6, -82],
                    [6, -82],
                    [15, -74],
                    [12, -44],
                    [-12, -44],
                  ],
                  true,
                  0.8,
                ),
                dark,
                { lift: 0, grain: 0 },
              );
              P.piece(
                paths.tube(
                  [
                    [-14, -72],
                    [-22, -56],
                    [-12, -46],
                  ],
                  [8, 7, 5],
                ),
                dark,
                { lift: 0, grain: 0 },
              );
              P.piece(
                paths.tube(
                  [
                    [14, -72],
                    [22, -56],
                    [12, -46],
                  ],
                  [8, 7, 5],
                ),
                dark,
                { lift: 0, grain: 0 },
              );
              P.piece(
                paths.tube(
                  [
                    [-6, -46],
                    [-9, 0],
                  ],
                  [11, 8],
                ),
                dark,
                { lift: 0, grain: 0 },
              );
              P.piece(
                paths.tube(
                  [
                    [6, -46],
                    [9, 0],
                  ],
                  [11, 8],
                ),
                dark,
                { lift: 0, grain: 0 },
              );
              P.piece(
                paths.smooth(
                  [
                    [-13, -78],
                    [-26, -30],
                    [-22, -10],
                    [-8, -40],
                  ],
                  true,
                  0.8,
                ),
                dark,
                { lift: 0, grain: 0 },
              );
            },
            { s },
          );
        },
        { lift: 0, a: 0.5 },
      );
    });
    P.layer('child', 0.5, () => {
      facing(P, 700, 1190, 4, 'finn', 'hips', { top: 'red', bottom: 'navy' });
    });
  },
} satisfies Drawings;
