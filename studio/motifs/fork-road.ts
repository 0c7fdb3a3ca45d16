import { mix } from '../kit/colour.ts';
import * as nature from '../kit/nature.ts';
import { BLEED, type Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as people from '../kit/people.ts';

export const motif: Motif = {
  title: 'A path that forks at dusk',
  pal: 'dusk',
  outdoor: true,
  focal: [960, 700],
  draw(P) {
    const p = P.pal,
      R = P.R;
    nature.sky(P, { x: 960, y: 470, r: 110, step: 150, halos: 4, hor: 760 });
    nature.streak(P, 460, 240, 1, mix(p.sky[2], p.accent2, 0.3));
    nature.streak(P, 1480, 200, 0.9, mix(p.sky[2], p.accent2, 0.3));
    nature.sheet(
      P,
      nature.peaks(
        P,
        [
          [0, 520],
          [260, 380],
          [520, 560],
          [760, 470],
          [960, 600],
          [1180, 450],
          [1440, 570],
          [1700, 400],
          [1950, 560],
        ],
        640,
      ),
      p.ramp[0],
      480,
      { mist: 0.5 },
    );
    nature.sheet(P, nature.hill(P, 660, 40, { len: 1500 }), p.ramp[1], 660, { mist: 0.3 });
    for (const [x, s] of [
      [80, 0.8],
      [200, 1],
      [330, 0.7],
      [1590, 0.8],
      [1720, 1.1],
      [1860, 0.9],
    ] as const)
      nature.fir(P, x, 740, s, p.ramp[2]);
    nature.sheet(P, nature.hill(P, 750, 26, { len: 1800 }), p.ramp[2], 750, { mist: 0.16 });
    P.piece(
      paths.union(
        paths.tube(
          [
            [960, 2000],
            [950, 1400],
            [930, 1060],
            [800, 900],
            [500, 820],
            [180, 786],
            [60, 770],
          ],
          [1000, 620, 300, 130, 62, 26, 6],
        ),
        paths.tube(
          [
            [960, 2000],
            [970, 1400],
            [990, 1060],
            [1120, 900],
            [1420, 820],
            [1740, 780],
            [1860, 764],
          ],
          [1000, 620, 300, 130, 62, 26, 6],
        ),
      ),
      P.lin(0, 780, 0, 1280, mix(p.sky[3], p.accent2, 0.4), p.ramp[1]),
      { lift: 2.5 },
    );
    P.at(250, 20, () =>
      P.group(
        () => {
          P.piece(
            paths.tube(
              [
                [960, 900],
                [960, 560],
              ],
              [22, 18],
            ),
            p.c('woodD'),
            { lift: 2 },
          );
          P.piece(
            paths.round(
              [
                [970, 580],
                [1170, 570],
                [1214, 606],
                [1172, 644],
                [970, 640],
              ],
              6,
            ),
            p.c('woodL'),
            { lift: 2 },
          );
          P.piece(
            paths.round(
              [
                [950, 660],
                [760, 656],
                [716, 692],
                [760, 726],
                [950, 716],
              ],
              6,
            ),
            p.c('wood'),
            { lift: 2 },
          );
          P.ink(paths.rrect(1000, 600, 130, 12, 6), p.ink, 0.6);
          P.ink(paths.rrect(790, 686, 120, 12, 6), p.ink, 0.6);
        },
        { lift: 4 },
      ),
    );
    P.group(
      () =>
        people.front(P, 960, 990, 4.2, {
          view: 'back',
          skin: p.skin(1),
          hair: '#2c1c18',
          hairStyle: 'short',
          top: p.accent,
          bottom: p.ramp[4],
          hands: [
            [-12, 1],
            [12, 1],
          ],
          feet: [
            [-5, 49],
            [5, 49],
          ],
          after: (P) => P.piece(paths.rrect(-9, -30, 18, 24, 5), p.c('olive'), { lift: 1 }),
        }),
      { lift: 4 },
    );
    for (const [fx, fs] of [
      [40, 2.4],
      [1890, 2.6],
    ] as const)
      nature.fir(P, fx, 1240, fs, p.ramp[3]);
    nature.grass(P, -BLEED, 1920 + BLEED, 1250, 60, p.ramp[4], 44, { lift: 5 });
  },
};
