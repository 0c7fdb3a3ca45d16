import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import { nth } from '../named.ts';
import * as nature from '../nature.ts';
import { BLEED } from '../paint.ts';
import * as paths from '../paths.ts';
import { ground, sky } from '../places/parts.ts';
import { facing, figure } from './cast.ts';
import { live, pane, swing } from './parts.ts';

/** Feats and patience: finishing, swimming, climbing, fishing. */
export const FEATS = {
  finish(P) {
    const p = P.pal;
    sky(P, { hor: 780, x: 1380, y: 300 });
    P.layer('crowd', 0.2, () => {
      ground(P, 860, p.ramp[2]);
      for (let i = 0; i < 34; i++) {
        const x = -300 + i * 76;
        const c = p.c(nth(['teal', 'mustard', 'rose', 'navy', 'cream', 'brick'], i % 6));
        P.piece(
          paths.smooth(
            [
              [x - 44, 960],
              [x - 36, 820],
              [x, 800],
              [x + 36, 820],
              [x + 44, 960],
            ],
            true,
            0.8,
          ),
          c,
          { lift: 2, grain: 0.2 },
        );
        P.piece(paths.circle(x, 770 + (i % 3) * 8, 34), p.skin(i % 5), { lift: 2, grain: 0.2 });
        if (i % 3 === 0)
          P.piece(
            paths.tube(
              [
                [x + 30, 840],
                [x + 46, 740],
              ],
              [22, 18],
            ),
            c,
            { lift: 2 },
          );
      }
      P.piece(paths.rect(-BLEED, 910, 1920 + 2 * BLEED, 90), p.c('white'), { lift: 3 });
      P.piece(paths.rect(-BLEED, 1000, 1920 + 2 * BLEED, 1600), p.c('brick'), { lift: 3 });
      for (const y of [1060, 1230])
        P.piece(paths.rect(-BLEED, y, 1920 + 2 * BLEED, 12), p.paper, { lift: 0, a: 0.8 });
    });
    P.layer('runner', 0.5, () => {
      for (const x of [430, 1510]) P.piece(paths.rect(x, 220, 30, 1000), p.c('navy'), { lift: 4 });
      P.piece(paths.rrect(400, 180, 1170, 120, 10), p.c('navy'), { lift: 4 });
      for (let i = 0; i < 13; i++)
        for (let r = 0; r < 2; r++)
          if ((i + r) % 2) P.ink(paths.rect(440 + i * 84, 196 + r * 44, 84, 44), p.paper, 0.95);
      facing(P, 960, 1190, 7.4, 'lee', 'cheer', {
        top: 'leafL',
        bottom: 'navy',
        sleeve: 'short',
        feet: [
          [-6, 49],
          [6, 49],
        ],
      });
      P.piece(
        paths.smooth(
          [
            [440, 800],
            [760, 850],
            [900, 860],
            [1020, 860],
            [1200, 830],
            [1520, 790],
            [1520, 826],
            [1200, 866],
            [1020, 898],
            [900, 898],
            [760, 888],
            [440, 838],
          ],
          true,
          0.7,
        ),
        p.c('red'),
        { lift: 4 },
      );
    });
  },
  swimmer(P) {
    const p = P.pal;
    P.layer('pool', 0, () => {
      P.piece(paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, BLEED + 420), p.c('cream'), { lift: 0 });
      for (let i = -10; i < 30; i++)
        P.ink(paths.rect(i * 110, -BLEED, 4, BLEED + 420), p.d('cream', 0.2), 0.4);
      for (let r = 0; r < 16; r++)
        P.ink(paths.rect(-BLEED, 400 - r * 110, 1920 + 2 * BLEED, 4), p.d('cream', 0.2), 0.4);
      pane(P, 560, -60, 800, 300, 'hills', 'teal');
      P.piece(paths.rect(-BLEED, 380, 1920 + 2 * BLEED, 60), p.c('teal'), { lift: 3 });
      P.piece(
        paths.rect(-BLEED, 440, 1920 + 2 * BLEED, 2400),
        P.lin(0, 440, 0, 1300, p.l('#4fb3c4', 0.15), p.c('#2b86a0')),
        { lift: 2 },
      );
    });
    for (const [k, y] of [520, 640, 1000, 1180, 1330].entries())
      P.layer(
        `wave ${k}`,
        0.2 + k * 0.1,
        () => {
          P.piece(
            paths.wave(-BLEED, 1920 + BLEED, y, 10, 240 + k * 40, 2400, k * 70, 0.2),
            mix(p.c('#4fb3c4'), p.c('#1e6f8a'), k / 5),
            { lift: 2 },
          );
        },
        { sway: 50, ph: k, n: 2 },
      );
    P.layer('lanes', 0.3, () => {
      for (const y of [600, 1120])
        for (let i = -8; i < 34; i++)
          P.piece(paths.rrect(i * 76, y, 60, 26, 12), p.c(i % 2 ? 'red' : 'white'), { lift: 2 });
    });
    live(P, 'swimmer', 0.4, (t) => {
      const a = t * Math.PI * 2 * 3;
      P.group(() => {
        const sk = p.skin(1);
        P.piece(
          paths.tube(
            [
              [940, 880],
              [700, 900],
              [480, 905],
            ],
            [120, 100, 40],
          ),
          p.c('navy'),
          { lift: 3 },
        );
        P.piece(
          paths.tube(
            [
              [1080, 860],
              [920, 876],
            ],
            [90, 124],
          ),
          sk,
          { lift: 2 },
        );
        const ex = 1060 + Math.cos(a) * 130;
        const ey = 850 + Math.min(60, Math.sin(a) * 150);
        const hx = 1080 + Math.cos(a) * 300;
        const hy = 860 + Math.min(50, Math.sin(a) * 190);
        P.piece(paths.limb([1060, 850], [ex, ey], [hx, hy], [62, 50, 36]), sk, { lift: 3 });
        P.piece(paths.circle(1160, 830, 62), sk, { lift: 3 });
        P.piece(
          paths.smooth(
            [
              [1100, 820],
              [1120, 770],
              [1180, 764],
              [1222, 812],
              [1160, 818],
            ],
            true,
            0.9,
          ),
          p.c('red'),
          { lift: 2 },
        );
        P.piece(paths.rrect(1180, 822, 44, 22, 10), p.ink, { lift: 1 });
      });
      for (let i = 0; i < 7; i++) {
        const q = (i * 0.37 + t * 3) % 1;
        P.piece(
          paths.circle(460 - q * 160 + i * 30, 890 - Math.sin(q * Math.PI) * (60 + i * 8), 20 - q * 12),
          p.paper,
          { lift: 1, grain: 0 },
        );
      }
      for (const [x, w] of [
        [620, 200],
        [900, 300],
        [1180, 180],
      ] as const)
        P.piece(paths.ellipse(x + swing(t, 2) * 16, 930, w, 14), mix(p.c('#4fb3c4'), p.paper, 0.45), {
          lift: 0,
          a: 0.6,
          grain: 0,
        });
    });
  },
  climber(P) {
    const p = P.pal;
    sky(P, { hor: 900, x: 420, y: 330 });
    P.layer('far', 0.2, () => {
      P.piece(
        nature.peaks(
          P,
          [
            [-300, 900],
            [60, 640],
            [330, 820],
            [640, 600],
            [900, 900],
          ],
          940,
        ),
        p.ramp[1],
        { lift: 4 },
      );
      nature.sheet(P, nature.hill(P, 1040, 60), p.ramp[2], 1040);
    });
    P.layer('wall', 0.4, () => {
      P.piece(
        paths.round(
          [
            [1000, -BLEED],
            [1080, 60],
            [1010, 260],
            [1090, 430],
            [1030, 640],
            [1120, 820],
            [1050, 1010],
            [1130, 1300],
            [1100, 2600],
            [3400, 2600],
            [3400, -BLEED],
          ],
          30,
        ),
        P.lin(1000, 0, 1900, 0, p.c('#b98a62'), p.d('#b98a62', 0.3)),
        { lift: 6 },
      );
      for (const [x, y, w] of [
        [1180, 200, 240],
        [1300, 480, 320],
        [1200, 760, 200],
        [1420, 960, 300],
        [1560, 240, 260],
      ] as const)
        P.piece(
          paths.round(
            [
              [x, y],
              [x + w, y - 40],
              [x + w * 0.8, y + 70],
              [x + 30, y + 60],
            ],
            14,
          ),
          p.d('#b98a62', 0.16),
          { lift: 3 },
        );
      for (const [x, y] of [
        [1068, 290],
        [1100, 470],
        [1110, 860],
        [1080, 1060],
      ] as const)
        P.piece(paths.ellipse(x, y, 34, 20), p.d('#b98a62', 0.35), { lift: 3 });
    });
    P.layer('climber', 0.5, () => {
      P.line(
        paths.smooth(
          [
            [960, 700],
            [1000, 200],
            [1040, -500],
          ],
          false,
        ),
        p.c('red'),
        8,
      );
      figure(P, 950, 1050, 7, 'elsa', 'climb', {
        top: 'mustard',
        bottom: 'navy',
        pack: 'teal',
        hat: 'beanie',
        hatCol: 'red',
        pom: 0,
        lean: 2,
      });
    });
  },
  fishing(P) {
    const p = P.pal;
    sky(P, { hor: 700, x: 1180, y: 480 });
    P.layer('lake', 0.2, () => {
      nature.sheet(P, nature.hill(P, 640, 70), p.ramp[1], 640);
      nature.water(P, 720, 1000, 6);
      nature.reflect(P, 1180, 740, 960, 160, p.sun);
    });
    P.layer(
      'float',
      0.4,
      () => {
        P.piece(paths.ellipse(1420, 1010, 60, 10), p.paper, { lift: 0, a: 0.4 });
        P.piece(paths.rrect(1410, 960, 22, 50, 10), p.c('red'), { lift: 2 });
      },
      { heave: 10, n: 2 },
    );
    P.layer('pier', 0.5, () => {
      for (const x of [200, 520, 840]) P.piece(paths.rect(x, 1100, 34, 500), p.c('woodD'), { lift: 3 });
      for (let i = 0; i < 2; i++)
        P.piece(paths.rrect(-BLEED, 1080 + i * 40, BLEED + 960, 34, 4), p.c(i ? 'wood' : 'woodL'), {
          lift: 3,
        });
      figure(P, 720, 1220, 7.2, 'hugo', 'sit', {
        hat: 'brim',
        hatCol: 'olive',
        lean: 2,
        hands: [
          [23, -12],
          [21, -10],
        ],
        foot: 26,
      });
      P.piece(
        paths.tube(
          [
            [860, 950],
            [1120, 760],
            [1400, 560],
          ],
          [10, 7, 3],
        ),
        p.c('woodD'),
        { lift: 3 },
      );
      P.line(
        paths.smooth(
          [
            [1400, 560],
            [1424, 760],
            [1421, 960],
          ],
          false,
        ),
        p.paper,
        3,
        0.9,
      );
      P.piece(
        paths.round(
          [
            [520, 980],
            [620, 980],
            [606, 1080],
            [534, 1080],
          ],
          8,
        ),
        p.c('steel'),
        { lift: 3 },
      );
    });
  },
} satisfies Drawings;
