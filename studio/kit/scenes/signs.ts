import { mix } from '../colour.ts';
import { nature } from '../nature.ts';
import type { Kit, Paint } from '../paint.ts';
import { paths } from '../paths.ts';
import { BLEED, ground, sky } from '../places/parts.ts';
import { things } from '../things.ts';
import { chair, facing, figure, glow, live, room, swing, table, trees } from './parts.ts';

/** Figures that stand for an idea: effort, risk, doubt, help, too much, alone. */
export const SIGNS: Kit = {
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
      ])
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
    sky(P, { hor: 1000, x: 330, y: 280, moon: true });
    P.layer('hill', 0.2, () => {
      nature.sheet(P, nature.hill(P, 1000, 60), p.ramp[2], 1000);
      ground(P, 1120, p.ramp[3]);
    });
    live(P, 'star', 0.3, (t) => {
      const r = 130 + swing(t, 2) * 7;
      P.glow(1180, 180, 420, p.accent2, 0.5);
      const pts = Array.from({ length: 10 }, (_, i) => {
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
      for (const [k, [x, n]] of [
        [1130, 13],
        [1330, 22],
        [1520, 17],
      ].entries())
        P.group(() => {
          for (let i = 0; i < n; i++) {
            const dx = ((i * 37 + k * 11) % 17) - 8;
            P.piece(
              paths.rrect(x - 84 + dx, 900 - i * 30, 168, 26, 3),
              i % 6 === 3
                ? p.c(['mustard', 'rose', 'teal'][k])
                : mix(p.paper, p.shadow, ((i * 5) % 4) * 0.03),
              { lift: 1.4 },
            );
          }
        });
    });
    live(P, 'sheets', 0.5, (t) => {
      for (const [i, [x, y]] of [
        [1010, 330],
        [1240, 120],
        [890, 120],
      ].entries())
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
      ])
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
          col: mix(p.ramp[1], p.c(['cream', 'brick', 'teal'][i % 3]), 0.3),
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
      ])
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
  twoDoors(P) {
    const p = P.pal;
    P.layer('room', 0.1, () => {
      room(P, '#c9b8a0', '#8a6a54', 1010);
      for (const [x, c] of [
        [470, 'red'],
        [1110, 'teal'],
      ] as const) {
        P.piece(paths.rect(x - 34, 210, 408, 800), p.c('cream'), { lift: 3 });
        P.piece(paths.rrect(x, 250, 340, 760, 8), P.lin(x, 0, x + 340, 0, p.l(c, 0.08), p.d(c, 0.14)), {
          lift: 3,
        });
        for (const [dx, dy, h] of [
          [40, 50, 280],
          [190, 50, 280],
          [40, 390, 310],
          [190, 390, 310],
        ])
          P.piece(paths.rrect(x + dx, 250 + dy, 110, h, 6), p.d(c, 0.15), { lift: 1 });
        P.piece(paths.circle(x + (c === 'red' ? 306 : 34), 640, 20), p.c('brass'), { lift: 3 });
      }
    });
    P.layer('person', 0.5, () => facing(P, 960, 1230, 6.4, 'lee', 'hips', { view: 'back', tilt: 5 }));
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
  lanternWay(P) {
    const p = P.pal;
    P.layer('dark', 0, () => {
      P.piece(
        paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 3200),
        P.lin(0, -200, 0, 1200, '#0d1626', '#1c2c40'),
        { lift: 0 },
      );
      for (const [k, col] of ['#16243a', '#121d30'].entries())
        for (let i = -6; i < 18; i++) {
          const x = i * 190 + k * 90;
          P.piece(
            paths.tube(
              [
                [x, 1200],
                [x + 10, 500],
                [x - 6, -600],
              ],
              [60 - k * 14, 46, 34],
            ),
            col,
            { lift: 3 },
          );
        }
      ground(P, 1090, '#16202c');
    });
    live(P, 'light', 0.3, (t) => {
      P.glow(1010, 800, 760 + swing(t, 4) * 20, '#ffcf7a', 0.6 + swing(t, 3) * 0.04);
      P.glow(1010, 800, 260, '#fff0c9', 0.6);
    });
    P.layer('walker', 0.5, () => {
      figure(P, 830, 1200, 7, 'kit', 'walk', {
        top: 'red',
        coat: 16,
        hands: [
          [24, -16],
          [-10, -2],
        ],
        hdirs: [10, 100],
        hat: 'beanie',
        hatCol: 'mustard',
      });
      P.group(() => {
        P.line(
          paths.smooth(
            [
              [985, 700],
              [1010, 670],
              [1035, 700],
            ],
            false,
          ),
          p.c('dark'),
          7,
        );
        P.piece(paths.rrect(965, 700, 90, 20, 6), p.c('dark'), { lift: 2 });
        P.piece(paths.rrect(974, 718, 72, 110, 10), '#ffe7a8', { lift: 1 });
        P.piece(
          paths.smooth([
            [1010, 740],
            [1026, 786],
            [1010, 816],
            [994, 786],
          ]),
          '#ff9d3c',
          { lift: 0 },
        );
        P.piece(paths.rrect(965, 824, 90, 22, 6), p.c('dark'), { lift: 2 });
      });
    });
  },
  hugeWave(P) {
    const p = P.pal;
    sky(P, { hor: 700, x: 500, y: 280 });
    P.layer(
      'back',
      0.2,
      () => {
        P.piece(
          paths.smooth(
            [
              [1920 + BLEED, 20],
              [1600, 30],
              [1330, 80],
              [1120, 210],
              [1040, 390],
              [1130, 330],
              [1240, 340],
              [1310, 430],
              [1290, 580],
              [1120, 750],
              [760, 860],
              [200, 910],
              [-BLEED, 920],
              [-BLEED, 2800],
              [1920 + BLEED, 2800],
            ],
            true,
            0.8,
          ),
          P.lin(0, 60, 0, 1200, p.water[1], p.water[3]),
          { lift: 6 },
        );
        for (const [x, y, r] of [
          [1600, 40, 74],
          [1460, 62, 66],
          [1340, 104, 62],
          [1230, 160, 58],
          [1140, 230, 54],
          [1076, 320, 46],
          [1046, 394, 36],
        ])
          P.piece(nature.wobble(P, x, y, r, 0.1), p.paper, { lift: 3 });
        for (const [x0, x1, y] of [
          [1420, 1700, 300],
          [1400, 1760, 480],
          [1320, 1800, 660],
        ])
          P.line(
            paths.smooth(
              [
                [x0, y + 40],
                [(x0 + x1) / 2, y],
                [x1, y + 30],
              ],
              false,
            ),
            p.paper,
            10,
            0.35,
          );
      },
      { heave: 22, ph: 1 },
    );
    live(P, 'boat', 0.4, (t) => {
      P.at(
        830,
        900 + swing(t, 2) * 16,
        () => {
          P.group(() => {
            P.piece(paths.rect(-6, -330, 12, 330), p.c('woodD'), { lift: 2 });
            P.piece(
              paths.smooth(
                [
                  [14, -320],
                  [170, -120],
                  [150, -60],
                  [14, -60],
                ],
                true,
                0.4,
              ),
              p.paper,
              { lift: 4 },
            );
            P.piece(
              paths.smooth(
                [
                  [-14, -260],
                  [-110, -70],
                  [-14, -60],
                ],
                true,
                0.4,
              ),
              p.c('red'),
              { lift: 4 },
            );
            P.piece(
              paths.smooth(
                [
                  [-200, -40],
                  [200, -40],
                  [140, 60],
                  [-140, 60],
                ],
                true,
                0.4,
              ),
              p.c('wood'),
              { lift: 4 },
            );
          });
        },
        { rot: -0.2 + swing(t, 2, 0.2) * 0.08 },
      );
    });
    for (const [k, y] of [930, 1050, 1170].entries())
      P.layer(
        `front ${k}`,
        0.5 + k * 0.1,
        () =>
          P.piece(
            paths.wave(-BLEED, 1920 + BLEED, y, 40, 420 + k * 60, 2400, k * 150, 0.3),
            P.lin(0, y - 40, 0, y + 300, p.water[2 + Math.min(2, k)], p.water[4]),
            { lift: 5 },
          ),
        { sway: 60, heave: 10, ph: k * 1.5 },
      );
  },
  flagTeam(P) {
    const p = P.pal;
    sky(P, { hor: 900, x: 500, y: 360 });
    P.layer('far', 0.1, () =>
      P.piece(
        nature.peaks(
          P,
          [
            [-400, 960],
            [0, 760],
            [380, 940],
            [900, 800],
            [1500, 960],
            [2200, 800],
          ],
          1000,
        ),
        p.ramp[1],
        { lift: 4 },
      ),
    );
    P.layer('hill', 0.4, () =>
      P.piece(
        paths.smooth(
          [
            [-BLEED, 1600],
            [300, 1240],
            [960, 960],
            [1620, 1240],
            [1920 + BLEED, 1600],
            [1920 + BLEED, 2800],
            [-BLEED, 2800],
          ],
          true,
          0.7,
        ),
        P.lin(0, 950, 0, 1400, p.ramp[2], p.ramp[3]),
        { lift: 5 },
      ),
    );
    live(P, 'flag', 0.4, (t) => {
      P.piece(paths.rect(1012, 330, 14, 660), p.c('woodL'), { lift: 3 });
      const pts = Array.from({ length: 9 }, (_, i) => [
        1026 + i * 40,
        350 + Math.sin(i * 0.8 - t * Math.PI * 4) * (i * 3),
      ]);
      P.piece(
        paths.smooth([...pts, ...pts.map(([x, y]) => [x - 6, y + 190]).reverse()], true, 0.8),
        p.c('red'),
        {
          lift: 4,
        },
      );
    });
    P.layer('team', 0.5, () => {
      figure(P, 930, 990, 5.8, 'ada', 'reach', {
        hands: [
          [16, -36],
          [15, -26],
        ],
        top: 'mustard',
      });
      facing(P, 700, 1100, 5.8, 'bo', 'cheer', {});
      facing(P, 1230, 1090, 5.8, 'lee', 'cheer', { top: 'cream' });
    });
  },
  maze(P) {
    const p = P.pal;
    P.layer('maze', 0, () => {
      P.piece(paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 3200), p.c('#e7d6ae'), { lift: 0 });
      const c = 120;
      const x0 = 960 - 4.5 * c;
      const y0 = 640 - 4.5 * c;
      const walls = [
        '0,0,9,0',
        '0,0,0,9',
        '9,0,9,4',
        '9,5,9,9',
        '0,9,4,9',
        '5,9,9,9',
        '1,1,4,1',
        '5,0,5,2',
        '6,1,8,1',
        '8,1,8,3',
        '1,1,1,3',
        '1,3,3,3',
        '2,2,5,2',
        '3,3,3,5',
        '1,4,1,8',
        '1,4,2,4',
        '2,5,3,5',
        '4,3,7,3',
        '4,3,4,6',
        '7,2,7,4',
        '5,4,8,4',
        '5,4,5,5',
        '5,5,7,5',
        '8,4,8,7',
        '2,6,4,6',
        '2,6,2,8',
        '3,7,6,7',
        '6,6,6,8',
        '6,6,8,6',
        '3,8,5,8',
        '7,7,7,9',
        '8,8,9,8',
      ];
      const outlines = walls.map((w) => {
        const [ax, ay, bx, by] = w.split(',').map(Number);
        return paths.rrect(x0 + ax * c - 17, y0 + ay * c - 17, (bx - ax) * c + 34, (by - ay) * c + 34, 17);
      });
      P.piece(paths.union(...outlines), P.lin(0, 0, 0, 1280, p.c('leaf'), p.c('leafD')), { lift: 7 });
      P.piece(paths.circle(x0 + 4.5 * c, y0 + 4.5 * c, 30), p.accent2, { lift: 3 });
    });
    P.layer('person', 0.2, () => {
      P.group(() => {
        P.piece(paths.ellipse(960, 1232, 44, 26), p.c('red'), { lift: 4 });
        P.piece(paths.circle(960, 1228, 22), p.c('#3a241a'), { lift: 2 });
      });
    });
  },
};
