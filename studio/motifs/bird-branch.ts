import * as nature from '../kit/nature.ts';
import type { Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';

export const motif: Motif = {
  title: 'A bird on a branch',
  pal: 'autumn',
  outdoor: true,
  focal: [1180, 560],
  portrait: { x: 700, y: -300, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal,
      R = P.R;
    nature.sky(P, { x: 620, y: 600, r: 150, step: 170, halos: 4, hor: 900 });
    nature.sheet(P, nature.hill(P, 980, 90, { len: 1400 }), p.ramp[0], 980, { mist: 0.5 });
    nature.sheet(P, nature.hill(P, 1120, 60, { len: 1100 }), p.ramp[1], 1120, { mist: 0.3 });
    for (const [x, s] of [
      [200, 1.2],
      [420, 0.9],
      [1600, 1.3],
      [1780, 1],
    ] as const)
      nature.fir(P, x, 1190, s * 1.3, p.ramp[2]);
    nature.sheet(P, nature.hill(P, 1220, 40, { len: 900 }), p.ramp[3], 1220, { mist: 0.05 });
    P.piece(
      paths.tube(
        [
          [2500, 560],
          [1800, 690],
          [1350, 720],
          [980, 690],
          [700, 590],
        ],
        [150, 90, 58, 36, 10],
      ),
      p.ramp[4],
      { lift: 6 },
    );
    P.piece(
      paths.tube(
        [
          [1500, 710],
          [1400, 560],
          [1440, 400],
        ],
        [44, 26, 8],
      ),
      p.ramp[4],
      { lift: 4 },
    );
    P.piece(
      paths.tube(
        [
          [1080, 700],
          [960, 790],
          [860, 900],
        ],
        [30, 18, 6],
      ),
      p.ramp[4],
      { lift: 4 },
    );
    P.piece(
      paths.tube(
        [
          [1700, 690],
          [1650, 860],
          [1720, 1000],
        ],
        [40, 24, 8],
      ),
      p.ramp[4],
      { lift: 4 },
    );
    for (const [x, y] of [
      [700, 590],
      [780, 620],
      [860, 900],
      [910, 850],
      [1440, 400],
      [1420, 470],
      [1400, 540],
      [1720, 1000],
      [1670, 920],
      [1650, 850],
      [1860, 660],
      [1980, 640],
      [1780, 720],
      [960, 800],
    ] as const)
      for (let i = 0; i < 4; i++)
        nature.leafP(
          P,
          x + R.r(-10, 10),
          y + R.r(-10, 10),
          R.r(70, 120),
          R.r(0, 6.28),
          R.pick([p.accent, p.accent2, p.ramp[1], p.ramp[2]]),
          { lift: 2.4 },
        );
    P.group(() => nature.bird(P, 1170, 560, 2.5, p.c('blue'), { face: -1 }), { lift: 6 });
  },
};
