import { mix } from '../colour.ts';
import { nature } from '../nature.ts';
import type { Kit, Paint } from '../paint.ts';
import { paths } from '../paths.ts';
import { BLEED, ground, sky } from '../places/parts.ts';
import { things } from '../things.ts';
import { facing, figure, live, pane, passing, plant, room, swing, trees } from './parts.ts';

/** A suitcase on wheels, its handle up. */
function trolley(P: Paint, x: number, y: number, col: string, s = 1) {
  const p = P.pal;
  P.group(() => {
    P.line(paths.rrect(x - 26 * s, y - 330 * s, 52 * s, 140 * s, 10), p.c('steelD'), 8);
    P.piece(
      paths.rrect(x - 70 * s, y - 210 * s, 140 * s, 200 * s, 18),
      P.lin(x - 70, 0, x + 70, 0, p.l(col, 0.1), p.d(col, 0.15)),
      { lift: 4 },
    );
    for (const d of [-30, 0, 30])
      P.ink(paths.rect(x + d * s - 4, y - 200 * s, 8 * s, 180 * s), p.d(col, 0.35), 0.4);
    for (const d of [-50, 50]) P.piece(paths.circle(x + d * s, y - 6, 12 * s), p.ink, { lift: 1 });
  });
}

/** Sport, travel and being together. */
export const ACTIVE: Kit = {
  joggers(P) {
    const p = P.pal;
    sky(P, { hor: 800, x: 1380, y: 330 });
    const unit = () => P.canvas.height / P.k / 1110;
    passing(P, 'hills', 0.1, (x0) => {
      const u = unit();
      P.piece(
        paths.smooth(
          [
            [x0 - 700 * u, 1400],
            [x0 - 400 * u, 800],
            [x0, 640],
            [x0 + 380 * u, 790],
            [x0 + 700 * u, 1400],
          ],
          true,
          0.6,
        ),
        p.ramp[1],
        { lift: 3 },
      );
    });
    P.layer('lawn', 0.2, () => ground(P, 880, p.ramp[2]));
    passing(P, 'trees', 0.2, (x0) => {
      const u = unit();
      for (const [x, s] of [
        [0, 2],
        [420, 2.5],
        [760, 1.8],
      ])
        nature.round(P, x0 + x * u, 960, s, p.c(p.moon ? 'leafD' : 'leaf'));
    });
    P.layer('way', 0.3, () =>
      P.piece(
        paths.smooth(
          [
            [-BLEED, 1080],
            [960, 1060],
            [1920 + BLEED, 1080],
            [1920 + BLEED, 1220],
            [-BLEED, 1230],
          ],
          true,
          0.5,
        ),
        p.c('#e0c79a'),
        { lift: 2 },
      ),
    );
    passing(
      P,
      'grass',
      0.5,
      (x0) => {
        const period = P.canvas.height / P.k;
        for (let i = 0; i < 24; i++) {
          const x = x0 + (i * period) / 24;
          P.piece(
            paths.smooth(
              [
                [x, 1300],
                [x + 10, 1225],
                [x + 24, 1180 + (i % 3) * 16],
                [x + 30, 1230],
                [x + 50, 1300],
              ],
              true,
              0.5,
            ),
            p.c('leafD'),
            { lift: 2 },
          );
        }
      },
      2,
    );
    live(P, 'runners', 0.5, (t) => {
      for (const [x, y, s, who, ph] of [
        [1080, 1130, 6.4, 'bo', 0.2],
        [700, 1170, 7, 'cleo', 0.3],
      ] as const) {
        const a = swing(t, 6, ph);
        const b = Math.abs(swing(t, 6, ph + 0.125));
        figure(P, x, y - b * 14, s, who, 'run', {
          sleeve: 'short',
          hands: [
            [4 + a * 14, -18 - Math.abs(a) * 4],
            [4 - a * 14, -18 - Math.abs(a) * 4],
          ],
          hdirs: [-20, -20],
          feet: [
            [-a * 20, 40 - Math.max(0, a) * 8],
            [a * 20, 40 - Math.max(0, -a) * 8],
          ],
        });
      }
    });
  },
  yoga(P) {
    const p = P.pal;
    sky(P, { hor: 720, x: 960, y: 420, r: 150 });
    P.layer('lake', 0.2, () => {
      nature.sheet(P, nature.hill(P, 640, 80), p.ramp[1], 640);
      nature.water(P, 740, 930, 5);
      nature.reflect(P, 960, 760, 920, 220, p.sun);
      ground(P, 960, p.ramp[2]);
    });
    live(P, 'person', 0.5, (t) => {
      const d = swing(t) * 2;
      P.piece(
        paths.round(
          [
            [600, 1150],
            [1320, 1150],
            [1380, 1196],
            [540, 1196],
          ],
          10,
        ),
        p.c('teal'),
        { lift: 3 },
      );
      facing(P, 960, 1180, 7.6, 'mara', 'cheer', {
        top: 'rose',
        bottom: '#44354f',
        hairStyle: 'bun',
        eye: 'closed',
        hands: [
          [-2, -66 - d],
          [2, -66 - d],
        ],
        bends: [1, -1],
        feet: [
          [-5, 49],
          [9, 24],
        ],
      });
    });
  },
  meditate(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#8aa58f', 'woodL', 1060);
      P.piece(nature.wobble(P, 960, 560, 400, 0.02), p.l('mustard', 0.3), { lift: 3 });
      for (const x of [330, 1600]) plant(P, x, 1120, 1.6, 'cream');
      P.piece(paths.ellipse(960, 1170, 560, 76), p.c('rose'), { lift: 2 });
      P.piece(paths.ellipse(960, 1150, 250, 50), p.c('red'), { lift: 3 });
    });
    live(P, 'person', 0.4, (t) => {
      const b = swing(t, 2) * 0.6;
      P.group(() => {
        for (const m of [-1, 1]) {
          P.piece(
            paths.tube(
              [
                [960 + m * 40, 1050],
                [960 + m * 240, 1120],
                [960 + m * 170, 1160],
              ],
              [110, 84, 60],
            ),
            p.c('navy'),
            { lift: 3 },
          );
        }
        P.piece(
          paths.tube(
            [
              [1130, 1150],
              [960, 1166],
              [800, 1158],
            ],
            [64, 70, 56],
          ),
          p.d('navy', 0.1),
          { lift: 3 },
        );
        P.piece(paths.ellipse(790, 1160, 44, 24), p.skin(2), { lift: 2 });
      });
      facing(P, 960, 1060, 8.4 + b * 0.05, 'gita', 'bust', {
        eye: 'closed',
        top: 'cream',
        hands: [
          [-25, 5],
          [25, 5],
        ],
        bends: [1, -1],
        hdirs: [60, 120],
        drop: -b,
      });
    });
  },
  gym(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#46505c', '#5d6468', 1080);
      P.piece(paths.rect(-BLEED, 700, 1920 + 2 * BLEED, 60), p.c('red'), { lift: 1 });
      P.piece(
        paths.rrect(380, 140, 1160, 480, 8),
        P.lin(380, 140, 1540, 620, p.l('glass', 0.3), p.c('glass')),
        {
          lift: 3,
        },
      );
      P.line(
        paths.poly(
          [
            [480, 560],
            [760, 180],
          ],
          false,
        ),
        p.paper,
        12,
        0.5,
      );
      P.line(
        paths.poly(
          [
            [540, 580],
            [860, 180],
          ],
          false,
        ),
        p.paper,
        6,
        0.5,
      );
      for (const x of [330, 1590])
        for (let i = 0; i < 3; i++)
          P.piece(paths.rrect(x - 60, 1060 - i * 60, 120, 50, 22), p.c(['dark', 'red', 'navy'][i]), {
            lift: 3,
          });
    });
    live(P, 'lifter', 0.4, (t) => {
      const up = 0.5 - 0.5 * Math.cos(t * Math.PI * 4);
      const y = -44 - up * 17;
      facing(P, 960, 1190, 7.6, 'ned', 'cheer', {
        top: 'red',
        sleeve: 'short',
        bottom: 'dark',
        hands: [
          [-17, y],
          [17, y],
        ],
        bends: [-1, 1],
        feet: [
          [-10, 47],
          [10, 47],
        ],
        after: (Q: Paint) => {
          Q.piece(paths.rrect(-50, y - 4, 100, 2.6, 1.3), p.c('steel'), { lift: 2 });
          for (const m of [-1, 1]) {
            Q.piece(paths.rrect(m * 42 - 3, y - 16, 6, 27, 2), p.c('dark'), { lift: 3 });
            Q.piece(paths.rrect(m * 48 - 2.4, y - 12, 4.8, 19, 2), p.c('red'), { lift: 3 });
          }
        },
      });
    });
  },
  kick(P) {
    const p = P.pal;
    sky(P, { hor: 780, x: 500, y: 300 });
    P.layer('pitch', 0.2, () => {
      P.piece(paths.rect(-BLEED, 680, 1920 + 2 * BLEED, 200), p.ramp[2], { lift: 2 });
      for (let i = 0; i < 90; i++)
        P.ink(
          paths.circle(-400 + i * 32 + P.R.r(-8, 8), 710 + (i % 3) * 32, 13),
          p.c(['red', 'cream', 'blue', 'mustard'][i % 4]),
          0.8,
        );
      P.piece(paths.rect(-BLEED, 830, 1920 + 2 * BLEED, 40), p.c('white'), { lift: 2 });
      ground(P, 890, p.c('leaf'));
      for (let i = -3; i < 8; i++)
        P.ink(
          paths.poly([
            [i * 300, 900],
            [i * 300 + 150, 900],
            [i * 300 + 60, 2000],
            [i * 300 - 200, 2000],
          ]),
          p.c('leafL'),
          0.35,
        );
      P.line(
        paths.poly(
          [
            [1240, 1000],
            [1240, 560],
            [1700, 520],
            [1700, 1060],
          ],
          false,
        ),
        p.paper,
        20,
      );
      for (let i = 0; i < 9; i++)
        P.line(
          paths.poly(
            [
              [1250 + i * 52, 560 - i * 4],
              [1250 + i * 52, 1000 + i * 6],
            ],
            false,
          ),
          p.paper,
          3,
          0.6,
        );
      for (let i = 0; i < 7; i++)
        P.line(
          paths.poly(
            [
              [1244, 600 + i * 58],
              [1700, 580 + i * 66],
            ],
            false,
          ),
          p.paper,
          3,
          0.6,
        );
    });
    P.layer('player', 0.5, () => {
      figure(P, 700, 1180, 7.2, 'jo', 'run', {
        lean: -12,
        head: 16,
        top: 'red',
        bottom: 'white',
        hands: [
          [-16, -20],
          [17, -30],
        ],
        hdirs: [150, -30],
        feet: [
          [34, 26],
          [-8, 47],
        ],
        foot: 51,
      });
      P.group(() => {
        P.piece(paths.circle(1060, 960, 62), p.paper, { lift: 4 });
        P.piece(
          paths.poly([
            [1060, 934],
            [1086, 952],
            [1076, 982],
            [1044, 982],
            [1034, 952],
          ]),
          p.ink,
          { lift: 0 },
        );
        for (let i = 0; i < 5; i++) {
          const a = -Math.PI / 2 + (i / 5) * 6.283;
          P.line(
            paths.poly(
              [
                [1060 + Math.cos(a) * 27, 961 + Math.sin(a) * 27],
                [1060 + Math.cos(a) * 60, 960 + Math.sin(a) * 60],
              ],
              false,
            ),
            p.ink,
            4,
          );
        }
      });
    });
  },
  finish(P) {
    const p = P.pal;
    sky(P, { hor: 780, x: 1380, y: 300 });
    P.layer('crowd', 0.2, () => {
      ground(P, 860, p.ramp[2]);
      for (let i = 0; i < 34; i++) {
        const x = -300 + i * 76;
        const c = p.c(['teal', 'mustard', 'rose', 'navy', 'cream', 'brick'][i % 6]);
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
      ])
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
      ])
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
      ])
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
  dance(P) {
    const p = P.pal;
    P.layer('hall', 0.1, () => {
      room(P, '#8f3f4f', 'woodL', 1040);
      for (const x of [420, 1180]) pane(P, x, 160, 340, 520, 'town', 'brass');
      for (let i = 0; i < 26; i++) {
        const x = -200 + i * 96;
        const y = 40 + Math.sin(i * 0.9) * 30;
        P.piece(
          paths.poly([
            [x, y],
            [x + 60, y + 4],
            [x + 30, y + 80],
          ]),
          p.c(['mustard', 'teal', 'rose', 'cream'][i % 4]),
          { lift: 2 },
        );
      }
    });
    live(P, 'pair', 0.5, (t) => {
      const d = swing(t, 2);
      figure(P, 800 + d * 16, 1190, 7.4, 'ned', 'walk', {
        lean: 4 + d * 3,
        top: 'white',
        collar: 'red',
        bottom: 'dark',
        hands: [
          [27, -36],
          [24, -14],
        ],
        hdirs: [-20, 0],
        feet: [
          [9 + d * 3, 46],
          [-10 - d * 3, 45],
        ],
      });
      figure(P, 1150 + d * 16, 1190, 7.2, 'gita', 'walk', {
        face: -1,
        lean: -2 + d * 3,
        top: 'red',
        bottom: 'red',
        coat: 26,
        hands: [
          [24, -38],
          [20, -18],
        ],
        hdirs: [-20, 0],
        feet: [
          [9 - d * 3, 46],
          [-11 + d * 3, 45],
        ],
        shoe: 'dark',
      });
    });
  },
  platform(P) {
    const p = P.pal;
    P.layer('hall', 0.1, () => {
      P.piece(
        paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 3200),
        P.lin(0, -200, 0, 1000, p.sky[0], p.sky[2]),
        { lift: 0 },
      );
      P.piece(paths.rect(-BLEED, 700, 1920 + 2 * BLEED, 260), p.ramp[2], { lift: 2 });
      let x = -900;
      for (let i = 0; x < 2900; i++) {
        const w = 140 + ((i * 53) % 120);
        P.piece(paths.rect(x, 700 - 120 - ((i * 71) % 200), w, 500), mix(p.ramp[0], p.ramp[1], (i % 4) / 4), {
          lift: 2,
        });
        x += w;
      }
      P.piece(paths.rect(-BLEED, 900, 1920 + 2 * BLEED, 20), p.c('steelD'), { lift: 2 });
      P.piece(paths.rect(-BLEED, 1010, 1920 + 2 * BLEED, 30), p.c('mustard'), { lift: 2 });
      P.piece(paths.rect(-BLEED, 1040, 1920 + 2 * BLEED, 2000), p.c('grey'), { lift: 3 });
      P.piece(
        paths.poly([
          [-BLEED, -240],
          [1920 + BLEED, -240],
          [1920 + BLEED, 60],
          [-BLEED, 60],
        ]),
        p.d('teal', 0.35),
        { lift: 5 },
      );
      for (let i = -8; i < 24; i++)
        P.piece(
          paths.poly([
            [i * 120, 60],
            [i * 120 + 60, 110],
            [i * 120 + 120, 60],
          ]),
          p.d('teal', 0.2),
          { lift: 2 },
        );
      for (const q of [330, 1600]) P.piece(paths.rect(q, 60, 44, 1050), p.d('teal', 0.45), { lift: 4 });
      P.line(
        paths.poly(
          [
            [1130, 60],
            [1130, 180],
          ],
          false,
        ),
        p.ink,
        10,
      );
      P.piece(paths.circle(1130, 270, 100), p.ink, { lift: 4 });
      P.piece(paths.circle(1130, 270, 82), p.paper, { lift: 1 });
      P.line(
        paths.poly(
          [
            [1130, 210],
            [1130, 270],
            [1176, 296],
          ],
          false,
        ),
        p.ink,
        9,
      );
    });
    P.layer('traveller', 0.5, () => {
      figure(P, 760, 1190, 7.6, 'lee', 'stand', {
        top: 'red',
        coat: 16,
        hat: 'beanie',
        hatCol: 'mustard',
        head: -8,
      });
      trolley(P, 930, 1195, 'navy', 1.1);
    });
  },
  airport(P) {
    const p = P.pal;
    P.layer('sky', 0, () => {
      P.piece(paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 3200), P.lin(0, -200, 0, 900, ...p.sky), {
        lift: 0,
      });
      P.piece(paths.circle(1450, 640, 90), p.sun, { lift: 2 });
      nature.puff(P, 500, 420, 1.1, mix(p.sky[1], p.paper, 0.5));
      nature.sheet(P, nature.hill(P, 830, 30), p.ramp[1], 830);
      P.piece(paths.rect(-BLEED, 880, 1920 + 2 * BLEED, 300), p.ramp[2], { lift: 2 });
      P.piece(paths.rect(-BLEED, 930, 1920 + 2 * BLEED, 10), p.paper, { lift: 0, a: 0.7 });
    });
    live(P, 'plane', 0.3, (t) => {
      const q = (t + 0.5) % 1;
      P.at(
        -600 + q * 3200,
        800 - q * 900,
        () => {
          P.piece(
            paths.poly([
              [-250, -40],
              [-330, -150],
              [-280, -150],
              [-170, -40],
            ]),
            p.c('red'),
            { lift: 3 },
          );
          P.piece(
            paths.smooth(
              [
                [-280, -30],
                [-100, -66],
                [200, -60],
                [300, -10],
                [200, 34],
                [-100, 30],
              ],
              true,
              0.7,
            ),
            p.paper,
            { lift: 4 },
          );
          P.piece(
            paths.round(
              [
                [-30, -10],
                [80, -10],
                [-90, 150],
                [-150, 150],
              ],
              8,
            ),
            p.c('steel'),
            { lift: 3 },
          );
          for (let i = 0; i < 8; i++) P.ink(paths.circle(-120 + i * 42, -24, 11), p.c('navy'));
        },
        { rot: -0.3, s: 1 },
      );
    });
    P.layer('hall', 0.4, () => {
      for (const x of [-440, 160, 760, 1360, 1960])
        P.piece(paths.rect(x, -BLEED, 30, BLEED + 1080), p.c('steelD'), { lift: 4 });
      P.piece(paths.rect(-BLEED, 300, 1920 + 2 * BLEED, 18), p.c('steelD'), { lift: 3 });
      P.piece(
        paths.rect(-BLEED, 1060, 1920 + 2 * BLEED, 2000),
        P.lin(0, 1060, 0, 1400, p.c('#9aa7b5'), p.d('#9aa7b5', 0.2)),
        { lift: 4 },
      );
    });
    P.layer('people', 0.5, () => {
      facing(P, 800, 1200, 7, 'dan', 'stand', { view: 'back', top: 'navy' });
      facing(P, 1010, 1200, 4.8, 'elsa', 'wave', { view: 'back', top: 'red' });
      trolley(P, 1160, 1205, 'mustard', 1);
    });
  },
  queue(P) {
    const p = P.pal;
    sky(P, { hor: 820, x: 420, y: 300 });
    P.layer('street', 0.2, () => {
      let x = -900;
      for (let i = 0; x < 2900; i++) {
        const w = P.R.r(240, 340);
        things.house(P, x + w / 2, 1000, w, P.R.r(420, 600), {
          col: mix(p.ramp[1], p.c(['brick', 'cream', 'teal', 'rose'][i % 4]), 0.45),
          lit: p.lit,
          rows: 3,
          cols: 2,
          lift: 3,
        });
        x += w + 4;
      }
      ground(P, 1020, mix(p.ramp[2], p.c('grey'), 0.5));
    });
    P.layer('people', 0.5, () => {
      P.group(() => {
        P.piece(paths.rect(1500, 420, 22, 780), p.c('steelD'), { lift: 3 });
        P.piece(paths.circle(1511, 400, 80), p.c('mustard'), { lift: 4 });
        P.piece(paths.rrect(1470, 376, 82, 40, 8), p.c('navy'), { lift: 1 });
        P.ink(paths.circle(1490, 422, 10), p.ink);
        P.ink(paths.circle(1532, 422, 10), p.ink);
      });
      for (const [x, who, pose, more] of [
        [1360, 'ina', 'stand', { coat: 14 }],
        [1160, 'jo', 'call', {}],
        [970, 'mara', 'stand', { pack: 'mustard' }],
        [780, 'hugo', 'stand', { hat: 'cap', hatCol: 'navy' }],
        [590, 'kit', 'stand', { coat: 10 }],
      ] as const)
        figure(P, x, 1195, 6.6, who, pose, more);
    });
  },
  trainSeat(P) {
    const p = P.pal;
    P.layer('sky', 0, () => {
      P.piece(paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 3200), P.lin(0, -200, 0, 800, ...p.sky), {
        lift: 0,
      });
      P.piece(paths.circle(1250, 420, 90), p.sun, { lift: 2 });
    });
    passing(P, 'hills', 0, (x0) => {
      const u = P.canvas.height / P.k / 1110;
      P.piece(
        paths.smooth(
          [
            [x0 - 700 * u, 1200],
            [x0 - 360 * u, 640],
            [x0, 520],
            [x0 + 360 * u, 650],
            [x0 + 700 * u, 1200],
          ],
          true,
          0.6,
        ),
        p.ramp[1],
        { lift: 3 },
      );
      P.piece(paths.rect(x0 - 20, 720, P.canvas.height / P.k + 60, 700), p.ramp[2], { lift: 2 });
    });
    passing(
      P,
      'near',
      0,
      (x0) => {
        const u = P.canvas.height / P.k / 1110;
        for (const [x, s] of [
          [60, 1.6],
          [340, 2.1],
          [700, 1.4],
          [930, 1.9],
        ])
          nature.round(P, x0 + x * u, 830, s, p.c('leaf'));
      },
      2,
    );
    P.layer('carriage', 0.3, () => {
      const hole = paths.rrect(640, 130, 900, 620, 60);
      P.piece(
        paths.diff(paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED), hole),
        P.lin(0, 0, 0, 1200, p.c('#3f6a78'), p.d('#3f6a78', 0.25)),
        { lift: 6 },
      );
      P.line(paths.rrect(640, 130, 900, 620, 60), p.c('steel'), 22);
      P.piece(paths.rect(-BLEED, -60, 1920 + 2 * BLEED, 60), p.c('woodL'), { lift: 3 });
      P.piece(paths.rrect(1180, 850, 520, 34, 10), p.c('woodL'), { lift: 4 });
      P.piece(paths.rect(1420, 884, 30, 330), p.c('steelD'), { lift: 2 });
      P.piece(paths.rect(-BLEED, 1180, 1920 + 2 * BLEED, 1500), p.d('#5d4a52', 0.1), { lift: 3 });
      things.mug(P, 1360, 850, 0.7, p.c('red'));
    });
    P.layer('passenger', 0.5, () => {
      P.group(() => {
        P.piece(paths.rrect(480, 470, 150, 620, 60), p.c('red'), { lift: 4 });
        P.piece(paths.rrect(500, 980, 420, 120, 40), p.d('red', 0.12), { lift: 4 });
        P.piece(paths.rect(560, 1090, 260, 110), p.c('dark'), { lift: 2 });
      });
      figure(P, 740, 1210, 9, 'mara', 'sit', {
        head: -4,
        lean: -4,
        top: 'mustard',
        bottom: 'navy',
        hands: [
          [20, -3],
          [16, -3],
        ],
      });
    });
  },
  march(P) {
    const p = P.pal;
    sky(P, { hor: 760, x: 960, y: 380 });
    P.layer('town', 0.2, () => {
      let x = -900;
      for (let i = 0; x < 2900; i++) {
        const w = P.R.r(220, 320);
        things.house(P, x + w / 2, 1000, w, P.R.r(380, 560), {
          col: mix(p.ramp[1], p.c(['brick', 'cream', 'teal', 'rose'][i % 4]), 0.35),
          lit: p.lit,
          rows: 3,
          cols: 2,
          lift: 3,
        });
        x += w + 4;
      }
      ground(P, 1000, mix(p.ramp[2], p.c('grey'), 0.5));
    });
    for (const [k, list] of [
      [
        [380, 'hugo', 'cream', 3.8],
        [640, 'lee', 'mustard', 3.8],
        [1240, 'ned', 'teal', 3.8],
        [1520, 'elsa', 'rose', 3.8],
      ],
      [
        [540, 'cleo', 'paper', 6],
        [950, 'finn', 'red', 6],
        [1350, 'gita', 'leafL', 6],
      ],
    ].entries())
      P.layer(
        `row ${k}`,
        0.4 + k * 0.2,
        () => {
          for (const [x, who, sign] of list as any) {
            const s = k ? 6.2 : 5;
            const y = k ? 1190 : 1090;
            P.group(() => {
              P.piece(paths.rect(x + 13 * s, y - 128 * s, 2.4 * s, 80 * s), p.c('wood'), { lift: 2 });
              P.piece(
                paths.rrect(x - 4 * s, y - 150 * s, 40 * s, 30 * s, 8),
                sign === 'paper' ? p.paper : p.c(sign),
                { lift: 4 },
              );
              for (let i = 0; i < 3; i++)
                P.ink(paths.rrect(x + 1 * s, y - (144 - i * 8) * s, (30 - i * 7) * s, 3 * s, 3), p.ink, 0.35);
            });
            facing(P, x, y, s, who, 'wave', {
              hands: [
                [-14, 0],
                [18, -36],
              ],
              bends: [1, 1],
              hdirs: [95, -80],
              feet: [
                [-6, 48],
                [7, 46],
              ],
            });
          }
        },
        { heave: 9, n: 3, ph: k * 1.4, sway: 5 },
      );
  },
  planting(P) {
    const p = P.pal;
    sky(P, { hor: 780, x: 480, y: 310 });
    P.layer('park', 0.2, () => {
      nature.sheet(P, nature.hill(P, 740, 70), p.ramp[1], 740);
      ground(P, 900, p.c('leaf'));
      trees(
        P,
        930,
        [
          [180, 1.9],
          [1780, 2.2],
          [1560, 1.4],
        ],
        p.c('leafD'),
      );
    });
    P.layer('people', 0.5, () => {
      P.group(() => {
        P.piece(
          paths.tube(
            [
              [960, 1160],
              [966, 900],
              [958, 640],
            ],
            [24, 17, 10],
          ),
          p.c('woodD'),
          { lift: 3 },
        );
        for (const [x, y, r] of [
          [960, 560, 110],
          [880, 640, 74],
          [1050, 630, 80],
        ])
          P.piece(nature.wobble(P, x, y, r, 0.06), p.c(r > 100 ? 'leafL' : 'leaf'), { lift: 4 });
      });
      P.piece(paths.ellipse(960, 1180, 220, 50), p.c('soil'), { lift: 3 });
      P.piece(
        paths.smooth(
          [
            [820, 1180],
            [880, 1130],
            [960, 1140],
            [1050, 1126],
            [1110, 1180],
          ],
          true,
          0.7,
        ),
        p.c('soilD'),
        { lift: 3 },
      );
      figure(P, 640, 1190, 7, 'dan', 'work', {
        lean: 20,
        hands: [
          [32, -10],
          [28, -2],
        ],
        top: 'red',
        hdirs: [10, 30],
      });
      P.piece(
        paths.tube(
          [
            [800, 700],
            [900, 1100],
          ],
          [13, 13],
        ),
        p.c('woodL'),
        { lift: 3 },
      );
      P.piece(
        paths.round(
          [
            [870, 1080],
            [930, 1066],
            [950, 1160],
            [900, 1180],
          ],
          10,
        ),
        p.c('steel'),
        { lift: 3 },
      );
      figure(P, 1260, 1200, 7, 'cleo', 'kneel', {
        face: -1,
        top: 'mustard',
        hat: 'brim',
        hatCol: 'cream',
        hands: [
          [30, -14],
          [28, 4],
        ],
      });
    });
  },
  cleanup(P) {
    const p = P.pal;
    sky(P, { hor: 700, x: 1350, y: 350 });
    P.layer('sea', 0.2, () => {
      nature.water(P, 640, 860, 5);
      P.piece(
        paths.smooth(
          [
            [-BLEED, 900],
            [500, 860],
            [1000, 900],
            [1500, 860],
            [1920 + BLEED, 890],
            [1920 + BLEED, 2800],
            [-BLEED, 2800],
          ],
          true,
          0.7,
        ),
        P.lin(0, 860, 0, 1300, p.c('#f0dcae'), p.c('#d8b67e')),
        { lift: 4 },
      );
    });
    P.layer('people', 0.5, () => {
      figure(P, 640, 1160, 6.8, 'jo', 'bend', {
        top: 'teal',
        hands: [
          [36, 14],
          [20, -4],
        ],
        hdirs: [70, 60],
      });
      figure(P, 1300, 1190, 7.2, 'mara', 'carry', {
        face: -1,
        top: 'red',
        hands: [
          [20, -4],
          [14, 0],
        ],
      });
      P.group(() =>
        P.piece(
          paths.smooth(
            [
              [1080, 790],
              [1150, 770],
              [1190, 800],
              [1240, 930],
              [1220, 1060],
              [1080, 1070],
              [1040, 940],
            ],
            true,
            0.8,
          ),
          p.c('leaf'),
          { lift: 4 },
        ),
      );
      for (const [x, y, c] of [
        [930, 1170, 'red'],
        [1010, 1190, 'blue'],
        [480, 1200, 'white'],
        [880, 1205, 'mustard'],
      ] as const) {
        P.piece(paths.rrect(x, y - 30, 76, 36, 12), p.c(c), { lift: 3 });
        P.piece(paths.rrect(x + 70, y - 22, 22, 20, 4), p.c('white'), { lift: 2 });
      }
    });
  },
  foodTable(P) {
    const p = P.pal;
    P.layer('hall', 0.1, () => {
      room(P, '#7f93a8', '#a58a68', 1080);
      pane(P, 420, 120, 460, 380, 'town', 'white');
      pane(P, 1040, 120, 460, 380, 'town', 'white');
    });
    P.layer('helpers', 0.3, () => {
      facing(P, 840, 930, 7.4, 'kit', 'hold', {
        feet: undefined,
        apron: 'teal',
        hands: [
          [-20, -12],
          [6, -4],
        ],
        hdirs: [170, 150],
      });
      facing(P, 1280, 930, 7.6, 'ned', 'hold', {
        feet: undefined,
        apron: 'red',
        hands: [
          [-8, -8],
          [8, -8],
        ],
      });
    });
    P.layer('table', 0.5, () => {
      P.group(() => {
        P.piece(paths.rect(660, 900, 1000, 290), p.c('cream'), { lift: 4 });
        P.piece(paths.rrect(640, 880, 1040, 40, 8), p.c('white'), { lift: 4 });
      });
      things.crate(P, 780, 880, 220, 110, (x: number, y: number) => {
        for (let i = 0; i < 5; i++)
          P.piece(
            paths.circle(x + 26 + i * 42, y, 34),
            p.c(['tomato', 'leafL', 'carrot', 'tomato', 'corn'][i]),
            {
              lift: 2,
            },
          );
      });
      things.crate(P, 1420, 880, 220, 110, (x: number, y: number) => {
        for (let i = 0; i < 4; i++)
          P.piece(
            paths.rrect(x + 14 + i * 50, y - 70, 44, 130, 16),
            p.c(['woodL', 'doughD', 'wood', 'woodL'][i]),
            { lift: 2 },
          );
      });
      for (let i = 0; i < 4; i++)
        P.piece(paths.rrect(1080 + i * 76, 800, 60, 82, 10), p.c(['red', 'navy', 'mustard', 'teal'][i]), {
          lift: 3,
        });
    });
    P.layer('guest', 0.6, () => {
      figure(P, 500, 1195, 7.4, 'hugo', 'give', {
        hands: [
          [24, -14],
          [22, -12],
        ],
        coat: 10,
      });
      P.group(() => {
        P.piece(
          paths.round(
            [
              [650, 720],
              [800, 720],
              [786, 850],
              [664, 850],
            ],
            6,
          ),
          p.c('#c9a06a'),
          { lift: 4 },
        );
        P.piece(paths.circle(700, 712, 30), p.c('leafL'), { lift: 2 });
        P.piece(paths.circle(752, 708, 28), p.c('tomato'), { lift: 2 });
      });
    });
  },
  hug(P) {
    const p = P.pal;
    P.layer('ground', 0.1, () => {
      P.piece(
        paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 3200),
        P.lin(0, -200, 0, 1200, p.c('#e7b7a0'), p.c('#f3d9bf')),
        {
          lift: 0,
        },
      );
      P.piece(nature.wobble(P, 960, 640, 520, 0.02), p.l('#e08a6a', 0.2), { lift: 3 });
      P.piece(nature.wobble(P, 960, 640, 380, 0.02), p.l('#f0b58a', 0.2), { lift: 3 });
      ground(P, 1130, p.c('#b5745a'));
    });
    live(P, 'pair', 0.5, (t) => {
      const d = swing(t, 2) * 1.5;
      figure(P, 870, 1190, 8, 'bo', 'stand', {
        lean: 5 + d * 0.5,
        head: 12,
        eye: 'closed',
        hands: [
          [25, -24],
          [23, -14],
        ],
        hdirs: [20, 20],
      });
      figure(P, 1035, 1190, 7.6, 'gita', 'stand', {
        face: -1,
        lean: 6 + d * 0.5,
        head: 14,
        eye: 'closed',
        hands: [
          [24, -27],
          [22, -18],
        ],
        hdirs: [10, 10],
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
};
