import type { Path2D } from '@napi-rs/canvas';
import { alpha, mix } from '../kit/colour.ts';
import { nth } from '../kit/named.ts';
import * as nature from '../kit/nature.ts';
import { BLEED, type Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as things from '../kit/things.ts';

export const motif: Motif = {
  title: 'A lighthouse on a stormy night',
  pal: 'night',
  focal: [1250, 560],
  portrait: { x: 770, y: -340, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal,
      R = P.R;
    P.layer('sky', 0, () => {
      nature.sky(P, { x: 420, y: 260, r: 90, step: 140, halos: 3, hor: 820, moon: true, halo: 0.55 });
      nature.stars(P, 90, -200, -200, 2100, 520);
    });
    P.layer('clouds', 0.15, () => {
      for (const [x, y, s, k] of [
        [250, 600, 1.5, 0.0],
        [860, 180, 1.4, 0.1],
        [1700, 300, 1.8, 0.05],
      ] as const)
        nature.puff(P, x, y, s, mix(p.ramp[0], p.ramp[2], 0.3 + k), { lift: 4 });
    });
    P.layer(
      'beam',
      0.3,
      (t) => {
        const c = P.ctx,
          th = 0.35 + t * Math.PI * 2;
        c.save();
        c.globalCompositeOperation = 'screen';
        for (const k of [0, Math.PI]) {
          const w = Math.cos(th + k),
            q = Math.abs(w),
            f = Math.sin(th + k);
          const al = 0.3 + (0.5 * (f + 1)) / 2;
          c.fillStyle = P.lin(
            1250,
            0,
            1250 + w * 1500 + 0.01,
            0,
            alpha(p.accent, al),
            alpha(p.accent, al * 0.36),
            alpha(p.accent, 0),
          );
          const sp = 60 + 170 * (1 - q * 0.4);
          c.fill(
            paths.poly([
              [1250, 298],
              [1250 + w * 1900, 290 - sp],
              [1250 + w * 1900, 290 + sp],
              [1250, 332],
            ]),
          );
        }
        c.restore();
      },
      { live: true },
    );
    P.layer('far', 0.3, () => {
      nature.sheet(P, nature.hill(P, 800, 50, { len: 1500 }), p.ramp[0], 800, { mistCol: p.ramp[2] });
    });
    nature.water(P, 830, 930, 3, {
      layer: (i, t, go) => P.layer('wa' + i, 0.4 + t * 0.1, go, { sway: 14 + i * 5, heave: 2 + i, ph: i }),
    });
    P.layer('rock', 0.6, () => {
      P.group(
        () => {
          things.lighthouse(P, 1250, 770, 1.36, { col: p.c('red') });
        },
        { lift: 4 },
      );
      P.glow(1250, 315, 300, p.accent, 0.9);
      P.glow(1250, 315, 110, p.sun, 0.9);
      things.house(P, 1420, 800, 150, 92, {
        col: p.c('white'),
        roof: p.c('red'),
        rows: 1,
        cols: 2,
        lit: 1,
        lift: 2,
        door: 0,
        ww: 30,
        wh: 36,
      });
      P.piece(
        paths.round(
          [
            [900, 1300],
            [960, 1000],
            [1050, 930],
            [1090, 830],
            [1160, 770],
            [1340, 752],
            [1430, 790],
            [1530, 800],
            [1600, 880],
            [1700, 930],
            [1780, 1040],
            [1860, 1300],
          ],
          26,
        ),
        P.lin(0, 760, 0, 1100, p.ramp[2], p.ramp[4]),
        { lift: 5 },
      );
      P.piece(
        paths.round(
          [
            [860, 1300],
            [980, 1040],
            [1100, 1000],
            [1180, 900],
            [1300, 960],
            [1420, 930],
            [1560, 1010],
            [1700, 1040],
            [1900, 1300],
          ],
          24,
        ),
        P.lin(0, 900, 0, 1150, p.ramp[3], p.ramp[4]),
        { lift: 4 },
      );
    });
    const foam = (x: number, y: number, s: number) => {
      const ps: Path2D[] = [];
      for (const [dx, dy, r] of [
        [-80, 0, 34],
        [-30, -26, 46],
        [30, -18, 40],
        [78, 4, 30],
        [0, 10, 60],
      ] as const)
        ps.push(paths.circle(x + dx * s, y + dy * s, r * s));
      P.piece(paths.union(...ps), mix(p.paper, p.water[0], 0.25), { lift: 2, grain: 0.4 });
    };
    const w2: [number, number][] = [
      [1000, 150],
      [1070, 190],
      [1160, 240],
    ];
    w2.forEach(([y, len], i) => {
      if (i === 1)
        P.layer(
          'boat',
          0.85,
          () =>
            P.group(
              () =>
                P.at(520, 1010, () => things.boat(P, 0, 0, 0.62, { hull: p.c('teal'), lit: 1, net: 0 }), {
                  rot: -0.09,
                }),
              { lift: 3 },
            ),
          { heave: 18, sway: 14, roll: 0.07, pivot: [520, 1010], ph: 1 },
        );
      if (i === 0)
        P.layer(
          'foam',
          0.8,
          () => {
            foam(940, 1030, 0.9);
            foam(1790, 1050, 1);
            foam(1360, 1040, 0.7);
          },
          { heave: 14, sway: 6, ph: 0.4 },
        );
      P.layer(
        'wb' + i,
        0.8 + i * 0.15,
        () => {
          P.piece(
            paths.wave(-BLEED, 1920 + BLEED, y, 22 + i * 10, len * 2.2, 1800, R.r(0, 400), 0.45),
            P.lin(0, y - 30, 0, y + 200, mix(nth(p.water, 1 + i), p.water[0], 0.35), nth(p.water, 2 + i)),
            { lift: 5, edge: 0.45 },
          );
          if (i < 2)
            for (let x = -800; x < 2700; x += len * 2.2)
              P.piece(
                paths.tube(
                  [
                    [x, y + 64],
                    [x + 60, y + 50],
                    [x + 130, y + 60],
                  ],
                  [2, 9, 2],
                ),
                mix(p.water[0], p.paper, 0.4),
                { lift: 0.5, grain: 0, a: 0.7 },
              );
        },
        { sway: 34 + i * 18, heave: 10 + i * 4, ph: i * 1.3, band: i < 2 ? nth(nth(w2, i + 1), 0) + 90 : 0 },
      );
    });
    P.layer(
      'rain',
      1.2,
      () =>
        nature.rain(P, 130, -300, -300, 2300, 1400, mix(p.paper, p.water[0], 0.3), { slant: 0.32, s: 1.2 }),
      { scroll: [-0.32, 1], turns: 5 },
    );
  },
};
