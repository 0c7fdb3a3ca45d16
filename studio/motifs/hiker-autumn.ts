import { mix } from '../kit/colour.ts';
import * as nature from '../kit/nature.ts';
import type { Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as people from '../kit/people.ts';

export const motif: Motif = {
  outdoor: true,
  title: 'A walker above an autumn valley',
  pal: 'autumn',
  focal: [620, 720],
  portrait: { x: 170, y: -330, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal,
      R = P.R;
    P.layer('sky', 0, () => {
      nature.sky(P, { x: 1300, y: 420, r: 120, step: 165, halos: 4, hor: 800 });
      nature.streak(P, 420, 200, 1, p.paper);
      nature.streak(P, 1740, 240, 0.9, p.paper);
    });
    P.layer('m1', 0.15, () =>
      nature.sheet(
        P,
        nature.peaks(
          P,
          [
            [-300, 640],
            [60, 420],
            [240, 540],
            [480, 360],
            [760, 560],
            [960, 470],
            [1200, 620],
            [1500, 440],
            [1720, 570],
            [2000, 380],
            [2400, 640],
          ],
          700,
        ),
        mix(p.ramp[0], p.water[1], 0.35),
        480,
        { mist: 0.55, lift: 3 },
      ),
    );
    P.layer('m2', 0.3, () =>
      nature.sheet(P, nature.hill(P, 640, 80, { len: 1300 }), p.ramp[0], 640, { mist: 0.45 }),
    );
    P.layer('river', 0.4, () => {
      nature.sheet(P, nature.hill(P, 720, 50, { len: 1700 }), p.ramp[1], 720, { mist: 0.35 });
      for (const [x, y, s] of [
        [930, 740, 0.45],
        [1010, 750, 0.6],
        [1500, 720, 0.5],
        [1580, 735, 0.7],
        [1700, 745, 0.55],
        [1830, 735, 0.8],
        [1100, 760, 0.5],
      ] as const)
        nature.fir(P, x, y, s, mix(p.ramp[2], p.ramp[1], 0.3));
      P.piece(
        paths.tube(
          [
            [1330, 786],
            [1270, 830],
            [1400, 890],
            [1230, 980],
            [1450, 1120],
            [1300, 1300],
            [1500, 1700],
          ],
          [8, 20, 38, 66, 130, 220, 320],
        ),
        mix(p.water[1], p.paper, 0.25),
        { lift: 1.5 },
      );
    });
    P.layer('h3', 0.55, () => {
      nature.sheet(
        P,
        paths.smooth(
          [
            [1500, 1400],
            [1560, 980],
            [1700, 880],
            [1900, 850],
            [2400, 800],
            [3400, 800],
            [3400, 2200],
            [1500, 2200],
          ],
          true,
          0.7,
        ),
        p.ramp[2],
        880,
        { mist: 0.15 },
      );
      for (const [x, y, s] of [
        [1620, 950, 1],
        [1740, 900, 1.4],
        [1880, 880, 1.2],
        [2020, 860, 1.5],
      ] as const)
        nature.round(P, x, y, s, R.pick([p.accent, p.ramp[1], p.accent2]));
    });
    P.layer('h2', 0.6, () => {
      nature.sheet(
        P,
        paths.smooth(
          [
            [-1400, 780],
            [-200, 820],
            [200, 860],
            [700, 930],
            [1000, 1030],
            [1200, 1200],
            [1300, 2400],
            [-1400, 2400],
          ],
          true,
          0.7,
        ),
        mix(p.ramp[2], p.ramp[1], 0.4),
        860,
        { mist: 0.12 },
      );
      for (const [x, y, s] of [
        [70, 880, 1.0],
        [260, 900, 0.8],
        [930, 1030, 0.7],
      ] as const)
        nature.round(P, x, y, s, R.pick([p.ramp[1], p.accent2]));
    });
    P.layer('ledge', 0.9, () => {
      P.piece(
        paths.round(
          [
            [-1400, 1000],
            [-100, 990],
            [200, 960],
            [430, 968],
            [640, 960],
            [790, 984],
            [860, 1040],
            [840, 1090],
            [900, 1150],
            [880, 2400],
            [-1400, 2400],
          ],
          26,
        ),
        P.lin(0, 960, 0, 1280, mix(p.ramp[3], p.ramp[2], 0.3), p.ramp[4]),
        { lift: 6 },
      );
      for (let i = 0; i < 9; i++)
        P.line(
          paths.smooth(
            [
              [R.r(-50, 700), R.r(1030, 1260)],
              [R.r(100, 800), R.r(1030, 1260)],
              [R.r(100, 820), R.r(1060, 1270)],
            ],
            false,
          ),
          p.shadow,
          3,
          0.12,
        );
      P.group(
        () =>
          people.side(P, 640, 692, 5.8, {
            skin: p.skin(1),
            hair: '#2b1a16',
            hairStyle: 'pony',
            hat: 'beanie',
            hatCol: p.c('teal'),
            top: p.accent,
            bottom: p.c('navy'),
            pack: p.c('olive'),
            lean: 2,
            head: -4,
            hands: [
              [14, -6],
              [-4, 2],
            ],
            bends: [1, 1],
            hdirs: [20, 100],
            feet: [
              [4, 48.4],
              [-4.5, 48.4],
            ],
            eye: 'open',
            shoe: p.c('woodD'),
            hold: (P) =>
              P.piece(
                paths.tube(
                  [
                    [17, -14],
                    [24, 49],
                  ],
                  [1.3, 1],
                ),
                p.c('woodD'),
                { lift: 0.6, grain: 0 },
              ),
          }),
        { lift: 5 },
      );
    });
    P.layer('front', 1.3, () => {
      const lf = (x: number, y: number) => {
        for (let i = 0; i < 5; i++)
          P.piece(
            nature.leaf(x + R.r(-14, 14), y + R.r(-14, 14), R.r(46, 80), R.r(0.2, 2.6)),
            R.pick([p.accent, p.accent2, p.ramp[1], p.ramp[2]]),
            { lift: 2.4, grain: 0.3 },
          );
      };
      P.piece(
        paths.tube(
          [
            [-300, -60],
            [-40, 70],
            [240, 110],
            [470, 150],
            [640, 140],
          ],
          [70, 54, 36, 20, 6],
        ),
        p.ramp[4],
        { lift: 3 },
      );
      P.piece(
        paths.tube(
          [
            [150, 98],
            [260, 190],
            [360, 260],
          ],
          [22, 14, 5],
        ),
        p.ramp[4],
        { lift: 2 },
      );
      P.piece(
        paths.tube(
          [
            [380, 130],
            [480, 210],
            [560, 240],
          ],
          [16, 10, 4],
        ),
        p.ramp[4],
        { lift: 2 },
      );
      P.piece(
        paths.tube(
          [
            [-30, 70],
            [60, 200],
            [90, 330],
          ],
          [26, 16, 5],
        ),
        p.ramp[4],
        { lift: 2 },
      );
      for (const [x, y] of [
        [640, 140],
        [560, 240],
        [360, 262],
        [90, 330],
        [300, 210],
        [480, 170],
        [200, 140],
        [40, 200],
        [100, 90],
        [-40, 120],
        [520, 110],
        [330, 90],
        [20, 60],
        [180, 250],
      ] as const)
        lf(x, y);
      for (const [x, y] of [
        [780, 300],
        [1010, 560],
        [330, 360],
        [1180, 260],
        [1540, 600],
        [900, 820],
        [1700, 480],
      ] as const)
        P.piece(nature.leaf(x, y, R.r(34, 52), R.r(0, 6.28)), R.pick([p.accent, p.accent2, p.ramp[2]]), {
          lift: 3,
          grain: 0.3,
        });
    });
  },
};
