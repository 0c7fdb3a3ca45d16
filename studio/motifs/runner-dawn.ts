import type { Path2D } from '@napi-rs/canvas';
import { mix } from '../kit/colour.ts';
import * as nature from '../kit/nature.ts';
import { BLEED, type Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as people from '../kit/people.ts';

export const motif: Motif = {
  title: 'A runner by the river at dawn',
  pal: 'dawn',
  outdoor: true,
  focal: [760, 720],
  portrait: { x: 280, y: -330, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal,
      R = P.R;
    nature.sky(P, { x: 1300, y: 480, r: 100, step: 150, halos: 4, hor: 760 });
    nature.streak(P, 500, 240, 1, mix(p.sky[2], p.paper, 0.5));
    nature.streak(P, 1700, 300, 0.9, mix(p.sky[2], p.paper, 0.5));
    let x = -1400;
    const ps: Path2D[] = [];
    while (x < 3300) {
      const w = R.r(60, 130),
        h = R.r(60, 220);
      ps.push(paths.rect(x, 690 - h, w + 2, h + 300));
      x += w;
    }
    P.piece(
      paths.union(...ps),
      P.lin(0, 460, 0, 700, mix(p.ramp[0], p.sky[2], 0.2), mix(p.ramp[0], p.sky[3], 0.5)),
      { lift: 3 },
    );
    // bridge
    const y0 = 640;
    const arches = [-760, -420, -80, 260, 600, 940, 1280, 1620, 1960, 2300].map((ax) =>
      paths.rrect(ax + 28, y0 + 26, 284, 400, [140, 140, 0, 0]),
    );
    P.piece(
      paths.diff(paths.rect(-BLEED, y0 - 26, 1920 + 2 * BLEED, 190), ...arches),
      P.lin(0, y0, 0, y0 + 160, p.ramp[1], p.ramp[2]),
      { lift: 4 },
    );
    P.piece(paths.rect(-BLEED, y0 - 44, 1920 + 2 * BLEED, 22), p.ramp[2], { lift: 2 });
    nature.water(P, 772, 900, 4, {
      between: (i, y, t) => {
        for (let k = 0; k < 3; k++) {
          const w = R.r(60, 190);
          P.piece(paths.rrect(1300 - w / 2 + R.r(-50, 50), y + 10 + k * 11, w, 6 + t * 3, 4), p.sun, {
            lift: 0.5,
            grain: 0,
            a: 0.8,
          });
        }
      },
    });
    nature.grass(P, -BLEED, 1920 + BLEED, 990, 34, mix(p.ramp[3], p.c('leafD'), 0.35), 30);
    P.piece(
      paths.rect(-BLEED, 1000, 1920 + 2 * BLEED, 1500),
      P.lin(0, 1000, 0, 1280, mix(p.ramp[1], p.paper, 0.35), mix(p.ramp[2], p.ramp[1], 0.4)),
      { lift: 3 },
    );
    P.piece(paths.ellipse(770, 1110, 190, 16), p.shadow, { lift: 0, grain: 0, edge: 0, a: 0.25 });
    P.group(
      () =>
        people.side(P, 760, 770, 6.9, {
          skin: p.skin(3),
          hair: '#1d1412',
          hairStyle: 'pony',
          top: p.accent,
          bottom: p.c('navy'),
          lean: 12,
          head: -4,
          sleeve: 'short',
          hands: [
            [17, -24],
            [-13, -12],
          ],
          bends: [1, 1],
          hdirs: [-70, 60],
          feet: [
            [20, 33],
            [-27, 34],
          ],
          knees: [-1, -1],
          eye: 'open',
          shoe: p.paper,
          footRot: 0,
        }),
      { lift: 5 },
    );
    for (const [tx, s] of [
      [160, 2.1],
      [1720, 2.5],
    ] as const)
      nature.round(P, tx, 1030, s, mix(p.ramp[3], p.c('leafD'), 0.3));
    nature.grass(P, -BLEED, 1920 + BLEED, 1240, 70, mix(p.ramp[4], p.c('leafD'), 0.2), 44, { lift: 5 });
  },
};
