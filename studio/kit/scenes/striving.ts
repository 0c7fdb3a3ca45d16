import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import * as nature from '../nature.ts';
import { BLEED } from '../paint.ts';
import * as paths from '../paths.ts';
import { ground, sky } from '../places/parts.ts';
import { facing, figure } from './cast.ts';
import { live, swing } from './parts.ts';

/** Figures that stand for effort, risk and help. */
export const STRIVING = {
  boulder(P) {
    const p = P.pal;
    sky(P, { hor: 900, x: 1450, y: 300 });
    P.layer('far', 0.1, () => {
      P.piece(
        nature.peaks(
          P,
          [
            [-400, 900],
            [0, 700],
            [300, 860],
            [620, 640],
            [1000, 900],
            [1500, 700],
            [2200, 900],
          ],
          960,
        ),
        p.ramp[1],
        { lift: 4 },
      );
    });
    P.layer('slope', 0.4, () =>
      P.piece(
        paths.smooth(
          [
            [-BLEED, 1500],
            [200, 1260],
            [960, 1010],
            [1500, 700],
            [1920 + BLEED, -300],
            [1920 + BLEED, 2800],
            [-BLEED, 2800],
          ],
          true,
          0.6,
        ),
        P.lin(0, 700, 0, 1300, p.ramp[2], p.ramp[3]),
        { lift: 5 },
      ),
    );
    live(P, 'push', 0.5, (t) => {
      const d = swing(t, 2) * 14;
      P.at(1120 + d, 690 - d * 0.5, () => {
        P.at(
          0,
          0,
          () =>
            P.piece(
              paths.smooth(
                [
                  [-250, 30],
                  [-210, -130],
                  [-60, -230],
                  [120, -210],
                  [240, -80],
                  [230, 110],
                  [90, 230],
                  [-120, 220],
                ],
                true,
                0.9,
              ),
              P.lin(-200, -200, 200, 200, p.l('grey', 0.2), p.d('grey', 0.3)),
              { lift: 5 },
            ),
          { rot: d * 0.008 },
        );
      });
      figure(P, 690 + d, 1120 - d * 0.3, 7, 'jo', 'push', { top: 'red', bottom: 'navy' });
    });
  },
  tightrope(P) {
    const p = P.pal;
    sky(P, { hor: 1000, x: 400, y: 330 });
    P.layer('towers', 0.2, () => {
      for (const [x, w, y] of [
        [-900, 1240, 800],
        [1580, 1500, 800],
      ] as const)
        P.piece(
          paths.round(
            [
              [x, y],
              [x + w, y],
              [x + w - (x < 0 ? 60 : 0), 2800],
              [x + (x > 0 ? 60 : 0), 2800],
            ],
            20,
          ),
          P.lin(0, y, 0, 1600, p.ramp[2], p.ramp[4]),
          { lift: 6 },
        );
      nature.puff(P, 900, 1200, 1.4, mix(p.sky[2], p.paper, 0.4));
      nature.puff(P, 1300, 1330, 1.1, mix(p.sky[2], p.paper, 0.4));
    });
    live(P, 'walker', 0.5, (t) => {
      const d = swing(t, 2);
      P.line(
        paths.smooth(
          [
            [300, 800],
            [960, 850 + d * 3],
            [1620, 800],
          ],
          false,
        ),
        p.ink,
        8,
      );
      P.at(
        960,
        846 + d * 3,
        () => {
          facing(P, 0, 6, 5.6, 'kit', 'cheer', {
            top: 'red',
            hands: [
              [-20, -18],
              [20, -18],
            ],
            bends: [1, -1],
            hdirs: [90, 90],
            feet: [
              [-1, 49],
              [4, 46],
            ],
          });
          P.piece(
            paths.tube(
              [
                [-360, -330],
                [0, -398],
                [360, -330],
              ],
              [12, 14, 12],
            ),
            p.c('woodL'),
            { lift: 3 },
          );
        },
        { rot: d * 0.05 },
      );
    });
  },
  ladderStar(P) {
    const p = P.pal;
    sky(P, { hor: 1000, x: 330, y: 280 });
    P.layer('hill', 0.2, () => {
      nature.sheet(P, nature.hill(P, 1000, 60), p.ramp[2], 1000);
      ground(P, 1120, p.ramp[3]);
    });
    live(P, 'star', 0.3, (t) => {
      const r = 130 + swing(t, 2) * 7;
      P.glow(1180, 180, 420, p.accent2, 0.5);
      const pts = Array.from({ length: 10 }, (_, i): [number, number] => {
        const a = -Math.PI / 2 + (i / 10) * Math.PI * 2 + swing(t) * 0.06;
        const q = i % 2 ? r * 0.46 : r;
        return [1180 + Math.cos(a) * q, 180 + Math.sin(a) * q];
      });
      P.piece(paths.round(pts, 12), p.accent2, { lift: 5 });
    });
    P.layer('ladder', 0.4, () => {
      P.group(() => {
        for (const d of [0, 130])
          P.piece(
            paths.tube(
              [
                [700 + d, 1180],
                [1060 + d, 260],
              ],
              [20, 18],
            ),
            p.c('woodL'),
            { lift: 3 },
          );
        for (let i = 0; i < 12; i++) {
          const q = (i + 0.5) / 12;
          P.piece(paths.rrect(700 + q * 360, 1180 - q * 920, 140, 18, 6), p.c('wood'), { lift: 2 });
        }
      });
      figure(P, 860, 960, 5.2, 'elsa', 'climb', {
        top: 'red',
        bottom: 'cream',
        hands: [
          [19, -50],
          [16, -38],
        ],
      });
    });
  },
  gap(P) {
    const p = P.pal;
    sky(P, { hor: 900, x: 960, y: 560, r: 120 });
    P.layer('far', 0.2, () => {
      P.piece(
        nature.peaks(
          P,
          [
            [-300, 980],
            [200, 820],
            [560, 980],
            [1000, 860],
            [1500, 1000],
            [2100, 840],
          ],
          1000,
        ),
        p.ramp[1],
        { lift: 4 },
      );
    });
    P.layer('cliffs', 0.4, () => {
      P.piece(
        paths.round(
          [
            [-BLEED, 860],
            [640, 860],
            [660, 960],
            [610, 1150],
            [650, 1400],
            [560, 2800],
            [-BLEED, 2800],
          ],
          20,
        ),
        P.lin(0, 860, 0, 1400, p.ramp[3], p.ramp[4]),
        { lift: 6 },
      );
      P.piece(
        paths.round(
          [
            [1920 + BLEED, 900],
            [1290, 900],
            [1270, 1010],
            [1330, 1190],
            [1290, 1500],
            [1370, 2800],
            [1920 + BLEED, 2800],
          ],
          20,
        ),
        P.lin(0, 900, 0, 1400, p.ramp[3], p.ramp[4]),
        { lift: 6 },
      );
    });
    live(P, 'jump', 0.5, (t) => {
      const d = swing(t) * 10;
      figure(P, 960 + d, 830 - d * 1.2, 6.4, 'cleo', 'run', {
        lean: 10,
        head: -8,
        hands: [
          [22, -44],
          [-18, -36],
        ],
        hdirs: [-40, 220],
        feet: [
          [30, 22],
          [-32, 26],
        ],
        top: 'red',
        foot: 40,
      });
    });
  },
  helpUp(P) {
    const p = P.pal;
    sky(P, { hor: 900, x: 1430, y: 330 });
    P.layer('far', 0.1, () =>
      P.piece(
        nature.peaks(
          P,
          [
            [-400, 900],
            [100, 640],
            [420, 860],
            [800, 700],
            [1300, 900],
            [2200, 700],
          ],
          960,
        ),
        p.ramp[1],
        { lift: 4 },
      ),
    );
    P.layer('rock', 0.4, () => {
      P.piece(
        paths.round(
          [
            [-BLEED, 1170],
            [870, 1150],
            [900, 800],
            [1000, 760],
            [1920 + BLEED, 740],
            [1920 + BLEED, 2800],
            [-BLEED, 2800],
          ],
          26,
        ),
        P.lin(0, 740, 0, 1400, p.ramp[3], p.ramp[4]),
        { lift: 6 },
      );
    });
    P.layer('people', 0.5, () => {
      figure(P, 1130, 770, 6.4, 'gita', 'kneel', {
        face: -1,
        lean: 34,
        hands: [
          [40, 4],
          [24, 10],
        ],
        hdirs: [40, 60],
        top: 'red',
        pack: 'mustard',
      });
      figure(P, 680, 1170, 6.4, 'dan', 'reach', {
        lean: 6,
        hands: [
          [26, -48],
          [14, -44],
        ],
        hdirs: [-40, -60],
        top: 'teal',
        pack: 'navy',
      });
    });
  },
  tug(P) {
    const p = P.pal;
    sky(P, { hor: 800, x: 960, y: 380 });
    P.layer('lawn', 0.2, () => {
      nature.sheet(P, nature.hill(P, 800, 50), p.ramp[1], 800);
      ground(P, 950, p.c('leaf'));
      P.piece(paths.ellipse(960, 1180, 60, 14), p.c('soil'), { lift: 1 });
    });
    live(P, 'teams', 0.5, (t) => {
      const d = swing(t, 2) * 16;
      for (const [x, who, face] of [
        [600, 'hugo', 1],
        [390, 'cleo', 1],
        [1320, 'lee', -1],
        [1530, 'ned', -1],
      ] as const)
        figure(P, x + d, 1190, 6.4, who, 'pull', { face });
      P.piece(
        paths.tube(
          [
            [250 + d, 760],
            [700 + d, 752],
            [960 + d, 758],
            [1220 + d, 752],
            [1680 + d, 760],
          ],
          [16, 16, 16, 16, 16],
        ),
        p.c('#d9b77e'),
        { lift: 3 },
      );
      P.piece(
        paths.poly([
          [944 + d, 750],
          [976 + d, 750],
          [984 + d, 850],
          [960 + d, 826],
          [936 + d, 850],
        ]),
        p.c('red'),
        { lift: 3 },
      );
    });
  },
} satisfies Drawings;
