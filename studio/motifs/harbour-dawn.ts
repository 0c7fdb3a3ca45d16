import { mix } from '../kit/colour.ts';
import * as nature from '../kit/nature.ts';
import type { Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as things from '../kit/things.ts';

export const motif: Motif = {
  outdoor: true,
  title: 'Fishing boats in a harbour at dawn',
  pal: 'dawn',
  focal: [800, 800],
  portrait: { x: 380, y: -340, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal,
      R = P.R;
    P.layer('sky', 0, () => {
      nature.sky(P, { x: 1330, y: 520, r: 96, step: 150, halos: 4 });
      nature.streak(P, 420, 330, 1.1, mix(p.sky[2], p.paper, 0.5));
      nature.streak(P, 900, 190, 0.8, mix(p.sky[1], p.paper, 0.55));
      nature.streak(P, 1760, 330, 1, mix(p.sky[2], p.paper, 0.4));
    });
    P.layer('far', 0.15, () => {
      nature.sheet(P, nature.hill(P, 610, 60, { len: 1500 }), p.ramp[0], 610, { lift: 3 });
    });
    P.layer('head', 0.3, () => {
      nature.sheet(
        P,
        paths.smooth(
          [
            [-1400, 460],
            [-200, 470],
            [120, 520],
            [330, 560],
            [520, 640],
            [640, 690],
            [760, 740],
            [760, 1400],
            [-1400, 1400],
          ],
          true,
          0.7,
        ),
        p.ramp[1],
        560,
        { lift: 4 },
      );
      things.lighthouse(P, 306, 566, 0.82, { col: p.accent });
      for (const [x, y, w, h, c] of [
        [90, 590, 74, 60, 'cream'],
        [170, 600, 60, 48, 'rose'],
        [410, 640, 64, 46, 'cream'],
        [478, 664, 54, 40, 'mustard'],
      ] as const)
        things.house(P, x, y, w, h, {
          col: p.c(c),
          roof: p.d('brick', 0.1),
          rows: 1,
          cols: 2,
          lit: p.lit * 1.3,
          lift: 1.2,
          ww: 13,
          wh: 16,
          door: 0,
        });
      nature.sheet(
        P,
        paths.smooth(
          [
            [-1400, 560],
            [-200, 570],
            [60, 592],
            [330, 640],
            [470, 668],
            [620, 706],
            [720, 760],
            [720, 1400],
            [-1400, 1400],
          ],
          true,
          0.7,
        ),
        mix(p.ramp[1], p.ramp[2], 0.4),
        620,
        { lift: 2.5 },
      );
    });
    P.layer('quay', 0.3, () => {
      // right bank
      const ground = () =>
        nature.sheet(
          P,
          paths.smooth(
            [
              [1540, 720],
              [1620, 676],
              [1800, 652],
              [2200, 640],
              [3400, 630],
              [3400, 1400],
              [1540, 1400],
            ],
            true,
            0.6,
          ),
          mix(p.ramp[1], p.ramp[2], 0.4),
          640,
          { lift: 2.5 },
        );
      nature.sheet(
        P,
        paths.smooth(
          [
            [1500, 706],
            [1600, 640],
            [1800, 600],
            [2200, 560],
            [3400, 540],
            [3400, 1400],
            [1500, 1400],
          ],
          true,
          0.6,
        ),
        p.ramp[1],
        600,
        { lift: 3 },
      );
      for (const [x, y, w, h, c] of [
        [1660, 660, 84, 74, 'mustard'],
        [1756, 650, 90, 110, 'rose'],
        [1850, 650, 86, 84, 'cream'],
        [1944, 650, 90, 120, 'teal'],
        [2050, 650, 100, 90, 'cream'],
      ] as const)
        things.house(P, x, y, w, h, {
          col: p.c(c),
          roof: p.d('brick', 0.15),
          rows: h > 100 ? 2 : 1,
          cols: 2,
          lit: p.lit * 1.3,
          lift: 1.6,
          ww: 16,
          wh: 22,
          door: 0,
        });
      ground();
    });
    nature.water(P, 690, 1210, 8, {
      layer: (i, t, go) =>
        P.layer('w' + i, 0.3 + t * 0.6, go, {
          sway: 8 + t * 26,
          heave: 1 + t * 5,
          ph: i * 0.9,
          band: i < 7 ? 690 + 520 * ((i + 1) / 7) ** 1.35 + 60 : 0,
        }),
      between: (i, y, t) => {
        const gl = (x: number, w: number, c: string, n: number, al: number) => {
          for (let k = 0; k < n; k++) {
            const ww = w * R.r(0.3, 1) * (1 + t * 0.5),
              h = 5 + t * 7;
            P.piece(
              paths.rrect(x - ww / 2 + R.r(-0.4, 0.4) * w, y + 16 + t * 20 + k * (14 + t * 12), ww, h, h / 2),
              c,
              { lift: 0.5, grain: 0, edge: 0, a: al },
            );
          }
        };
        P.layer(
          'glint' + i,
          0.3 + t * 0.6,
          () => {
            gl(1330, 190 - t * 60, mix(p.sun, p.accent2, t * 0.5), i < 2 ? 2 : 3, 0.95 - t * 0.45);
            if (i === 5 || i === 6)
              gl(690, 330 - (i - 5) * 90, mix(p.accent, p.water[3], 0.35), 3, 0.6 - (i - 5) * 0.2);
          },
          { sway: -(10 + t * 22), heave: 1 + t * 5, ph: i * 0.9 + 0.7 },
        );
        const boat = (x: number, yy: number, fn: () => void, lift: number, ph: number) =>
          P.layer('boat' + i, 0.3 + t * 0.6, () => P.group(fn, { lift }), {
            heave: 4 + t * 7,
            sway: 3,
            roll: 0.006 + t * 0.018,
            pivot: [x, yy],
            ph,
          });
        if (i === 1)
          boat(
            1560,
            800,
            () => things.boat(P, 1560, 800, 0.46, { hull: p.c('teal'), face: -1, net: 0 }),
            2,
            1,
          );
        if (i === 2)
          boat(
            1120,
            850,
            () => things.boat(P, 1120, 850, 0.62, { hull: p.c('navy'), flagC: p.accent }),
            2.5,
            2.2,
          );
        if (i === 4) boat(690, 985, () => things.boat(P, 690, 985, 1.12, { hull: p.accent }), 4, 0.3);
        if (i === 5)
          boat(
            1420,
            1075,
            () => things.rowboat(P, 1420, 1075, 0.9, { hull: p.c('wood'), face: -1 }),
            2.5,
            3.5,
          );
      },
    });
    P.layer(
      'gulls',
      0.5,
      () => {
        nature.gull(P, 830, 420, 0.8, p.paper, 6);
        nature.gull(P, 960, 350, 0.55, p.paper, -4);
        nature.gull(P, 620, 280, 0.6, p.paper, 2);
      },
      { sway: 46, heave: 14, ph: 1.4 },
    );
    P.layer('pier', 1, () => {
      for (const [x, h, w] of [
        [70, 1010, 54],
        [210, 1080, 46],
        [1790, 1060, 56],
        [1900, 1000, 60],
      ] as const) {
        P.piece(
          paths.tube(
            [
              [x, 2200],
              [x + 4, h],
            ],
            [w * 1.1, w],
          ),
          P.lin(x - w / 2, 0, x + w / 2, 0, mix(p.ramp[4], p.accent, 0.16), p.ramp[4]),
          { lift: 5 },
        );
        P.piece(paths.ellipse(x + 4, h - w * 0.42, w * 0.5, w * 0.17), mix(p.ramp[3], p.accent2, 0.25), {
          lift: 0,
        });
      }
      P.piece(
        paths.tube(
          [
            [74, 1060],
            [120, 1130],
            [180, 1150],
            [212, 1120],
          ],
          [9, 9, 9, 9],
        ),
        p.d('woodL', 0.2),
        { lift: 2 },
      );
      P.piece(
        paths.tube(
          [
            [1790, 1100],
            [1830, 1120],
            [1870, 1100],
            [1900, 1050],
          ],
          [9, 9, 9, 9],
        ),
        p.d('woodL', 0.2),
        { lift: 2 },
      );
      nature.gull(P, 1792, 1018, 0.01, p.paper);
    });
  },
};
