import { alpha, mix } from '../kit/colour.ts';
import * as hands from '../kit/hands.ts';
import * as nature from '../kit/nature.ts';
import { BLEED, type Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as people from '../kit/people.ts';
import * as things from '../kit/things.ts';

export const motif: Motif = {
  title: 'Mending a radio at the workbench',
  pal: 'lamplit',
  focal: [900, 760],
  portrait: { x: 460, y: -290, w: 940, h: 1670 },
  draw(P) {
    const p = P.pal,
      R = P.R,
      wall = mix(p.ramp[2], '#39506a', 0.5);
    P.piece(
      paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED),
      P.lin(0, -100, 0, 1000, mix(wall, p.shadow, 0.25), wall),
      { lift: 0, edge: 0 },
    );
    // pegboard with tools
    P.piece(paths.rrect(150, 130, 830, 480, 14), mix(p.c('woodL'), p.shadow, 0.22), { lift: 4 });
    for (let yy = 165; yy < 600; yy += 36)
      for (let xx = 185; xx < 970; xx += 36) P.ink(paths.circle(xx, yy, 3.6), p.shadow, 0.4);
    const hang = (x: number, y: number, fn: () => void, rot = 0, s = 1) =>
      P.group(() => P.at(x, y, fn, { rot, s }), { lift: 2.5 });
    hang(250, 200, () => {
      P.piece(
        paths.tube(
          [
            [0, 0],
            [0, 150],
          ],
          [30, 34],
        ),
        p.c('red'),
        { lift: 1 },
      );
      P.piece(
        paths.tube(
          [
            [0, 150],
            [0, 290],
          ],
          [12, 10],
        ),
        p.c('steel'),
        { lift: 1 },
      );
    });
    hang(350, 200, () => {
      P.piece(
        paths.tube(
          [
            [0, 0],
            [0, 110],
          ],
          [26, 30],
        ),
        p.c('mustard'),
        { lift: 1 },
      );
      P.piece(
        paths.tube(
          [
            [0, 110],
            [0, 230],
          ],
          [10, 9],
        ),
        p.c('steel'),
        { lift: 1 },
      );
    });
    hang(470, 210, () => {
      P.piece(
        paths.tube(
          [
            [6, 40],
            [6, 290],
          ],
          [22, 28],
        ),
        p.c('wood'),
        { lift: 1 },
      );
      P.piece(
        paths.round(
          [
            [-72, 0],
            [60, 0],
            [74, 30],
            [60, 56],
            [-40, 56],
            [-86, 24],
          ],
          10,
        ),
        p.c('steelD'),
        { lift: 1 },
      );
    });
    hang(640, 200, () => {
      for (const m of [-1, 1]) {
        P.piece(
          paths.tube(
            [
              [m * 4, 90],
              [m * 34, 150],
              [m * 24, 300],
            ],
            [20, 24, 20],
          ),
          p.c('teal'),
          { lift: 1 },
        );
        P.piece(
          paths.tube(
            [
              [-m * 4, 96],
              [m * -22, 50],
              [-m * 4, 0],
            ],
            [24, 24, 7],
          ),
          p.c('steel'),
          { lift: 1 },
        );
      }
      P.piece(paths.circle(0, 92, 17), p.c('steelD'), { lift: 1 });
    });
    hang(
      800,
      220,
      () => {
        const w = paths.diff(
          paths.union(paths.circle(0, 20, 46), paths.rrect(-17, 40, 34, 250, 14), paths.circle(0, 300, 36)),
          paths.poly([
            [-17, -40],
            [17, -40],
            [17, 18],
            [0, 30],
            [-17, 18],
          ]),
          paths.circle(0, 300, 16),
        );
        P.piece(w, p.c('steel'), { lift: 1 });
      },
      0.04,
    );
    hang(910, 210, () => {
      P.piece(
        paths.tube(
          [
            [0, 0],
            [0, 120],
          ],
          [24, 28],
        ),
        p.c('green'),
        { lift: 1 },
      );
      P.piece(
        paths.tube(
          [
            [0, 120],
            [0, 200],
          ],
          [10, 8],
        ),
        p.c('steel'),
        { lift: 1 },
      );
    });
    // shelf with jars, right
    P.piece(paths.rect(1130, 330, 1500, 26), p.c('wood'), { lift: 4 });
    (
      [
        [1160, 110, 84, '#b9d3cf', '#c98a4a'],
        [1270, 90, 74, '#b9d3cf', '#8d9499'],
        [1370, 120, 90, '#b9d3cf', '#b5402e'],
      ] as const
    ).forEach(([x, h, w, c, f]) => {
      P.piece(paths.rrect(x, 330 - h, w, h, 10), p.c(c), { lift: 2, a: 0.9 });
      P.ink(paths.rrect(x + 7, 330 - h * 0.6, w - 14, h * 0.6 - 6, 6), p.c(f), 0.9);
      P.piece(paths.rrect(x - 3, 322 - h, w + 6, 18, 5), p.c('brass'), { lift: 1 });
    });
    (
      [
        [1500, 130, 44, 'teal'],
        [1546, 150, 38, 'brick'],
        [1586, 120, 50, 'mustard'],
        [1640, 142, 42, 'navy'],
      ] as const
    ).forEach(([x, h, w, c]) => things.book(P, x, 330, w, h, p.c(c)));
    // lamp light
    // person: seated, leaning in from the right, facing left
    P.group(
      () =>
        people.side(P, 1370, 960, 13.2, {
          face: -1,
          skin: p.skin(3),
          hair: '#22181a',
          hairStyle: 'short',
          beard: 1,
          glasses: 1,
          top: p.c('#4f7a86'),
          bottom: p.c('navy'),
          apron: p.c('#8a5a3c'),
          lean: 17,
          head: 14,
          round: 2,
          sleeve: 'short',
          bareWrist: 1,
          hands: [
            [22, -10],
            [21, -3],
          ],
          bends: [1, 1],
          hdirs: [0, 10],
          collar: p.c('cream'),
          hold: (P) => {},
        }),
      { lift: 5 },
    );
    // bench
    P.piece(
      paths.rect(-BLEED, 950, 1920 + 2 * BLEED, 60),
      P.lin(0, 950, 0, 1010, mix(p.c('woodL'), p.accent2, 0.2), p.c('woodL')),
      { lift: 7 },
    );
    P.piece(
      paths.rect(-BLEED, 1006, 1920 + 2 * BLEED, 1700),
      P.lin(0, 1006, 0, 1360, p.c('wood'), p.d('woodD', 0.4)),
      {
        lift: 2,
      },
    );
    for (const dx of [120, 760, 1400]) {
      P.piece(paths.rrect(dx, 1060, 520, 170, 8), p.d('wood', 0.12), { lift: 2 });
      P.piece(paths.rrect(dx + 200, 1128, 120, 26, 12), p.c('brass'), { lift: 2 });
    }
    // tools in the foreground drawer edge, radio, lamp, parts
    P.group(() => things.desklamp(P, 210, 952, 1.2, { col: p.accent, tilt: -0.42, cone: 0 }), { lift: 4 });
    P.at(
      210 + 130 * 1.2,
      952 - 372 * 1.2,
      () => {
        const cx = P.ctx;
        cx.save();
        cx.rotate(0.42);
        cx.clip(paths.rect(-2000, -900, 5000, 900 + 465));
        cx.rotate(-0.42);
        cx.globalCompositeOperation = 'screen';
        cx.fillStyle = P.lin(0, 92, 0, 560, alpha(p.accent2, 0.5), alpha(p.accent2, 0.06));
        cx.fill(
          paths.poly([
            [-90, 94],
            [90, 94],
            [430, 700],
            [-330, 700],
          ]),
        );
        cx.restore();
      },
      { rot: -0.42, s: 1.2 },
    );
    P.group(() => things.radio(P, 680, 952, 1.12), { lift: 5 });
    P.glow(640, 760, 620, p.accent2, 0.34);
    // his hands and screwdriver over the radio
    P.group(
      () => {
        P.piece(
          paths.tube(
            [
              [912, 846],
              [950, 841],
            ],
            [9, 9],
          ),
          p.c('steel'),
          { lift: 1, grain: 0 },
        );
        P.piece(
          paths.tube(
            [
              [948, 841],
              [1030, 828],
            ],
            [24, 30],
          ),
          p.c('red'),
          { lift: 1 },
        );
        P.at(
          1082,
          820,
          () =>
            hands.grip(P, p.skin(3), {
              arm: [
                [-190, -50],
                [-110, -14],
                [-30, 0],
                [16, 0],
              ],
              armW: [110, 96, 70, 70],
            }),
          { s: 0.62, sx: -0.62, rot: -0.06 },
        );
      },
      { lift: 2 },
    );
    P.group(
      () => {
        for (const [x, y] of [
          [1480, 936],
          [1520, 940],
          [1556, 934],
        ] as const)
          things.screw(P, x, y, 12);
        P.piece(paths.rrect(1300, 880, 130, 72, 10), p.c('teal'), { lift: 2 });
        for (let i = 0; i < 3; i++) P.ink(paths.circle(1330 + i * 35, 916, 10), p.accent2);
      },
      { lift: 2 },
    );
    P.group(() => things.mug(P, 1690, 952, 0.8, p.c('mustard')), { lift: 3 });
    nature.steam(P, 1688, 850, 170, 0.85, p.paper, 0.42);
  },
};
