import { Path2D } from '@napi-rs/canvas';
import { mix } from '../kit/colour.ts';
import * as nature from '../kit/nature.ts';
import { BLEED, type Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as people from '../kit/people.ts';
import * as things from '../kit/things.ts';

export const motif: Motif = {
  title: 'Walking the dog in the rain',
  pal: 'rain',
  outdoor: true,
  focal: [900, 760],
  draw(P) {
    const p = P.pal,
      R = P.R;
    nature.sky(P, { x: 1300, y: 420, r: 90, hor: 760 });
    let x = -1400;
    while (x < 3300) {
      const w = R.r(150, 260),
        h = R.r(260, 480);
      things.house(P, x + w / 2, 940, w, h, {
        col: mix(p.ramp[1], p.ramp[0], R()),
        roof: p.ramp[2],
        lit: 0.4,
        rows: Math.round(h / 120),
        cols: w > 200 ? 3 : 2,
        lift: 2.5,
        flat: R() < 0.4,
      });
      x += w + 4;
    }
    P.piece(paths.rect(-BLEED, 930, 1920 + 2 * BLEED, 1600), P.lin(0, 930, 0, 1280, p.ramp[2], p.ramp[3]), {
      lift: 3,
    });
    for (const [x, y, w] of [
      [420, 1100, 240],
      [1250, 1160, 320],
      [1600, 1010, 200],
      [860, 1050, 160],
    ] as const) {
      P.piece(paths.ellipse(x, y, w, w * 0.12), mix(p.ramp[0], p.sky[3], 0.4), { lift: 0, edge: 0.4 });
      P.line(paths.ellipse(x + 20, y, w * 0.4, w * 0.05), p.paper, 2, 0.5);
    }
    things.lamppost(P, 1440, 960, 560);
    P.group(
      () => {
        people.side(P, 820, 800, 6.2, {
          skin: p.skin(0),
          hair: '#5b3a26',
          hairStyle: 'bob',
          top: p.accent,
          coat: 14,
          bottom: p.c('navy'),
          lean: 3,
          hands: [
            [15, -14],
            [8, -27],
          ],
          bends: [1, 1],
          hdirs: [0, -80],
          feet: [
            [12, 46],
            [-15, 45],
          ],
          eye: 'open',
          shoe: p.c('teal'),
        });
        P.at(
          820,
          800,
          () => {
            P.piece(
              paths.tube(
                [
                  [9, -32],
                  [9, -78],
                ],
                [1.2, 1.2],
              ),
              p.ink,
              { lift: 0.5 },
            );
            const u = new Path2D();
            u.moveTo(-27, -66);
            u.bezierCurveTo(-22, -96, 40, -96, 45, -66);
            for (let i = 0; i < 4; i++) u.quadraticCurveTo(45 - 18 * i - 9, -71, 45 - 18 * (i + 1), -66);
            u.closePath();
            P.piece(u, p.accent2, { lift: 2 });
            P.line(
              paths.smooth(
                [
                  [9, -88],
                  [2, -80],
                  [9 - 9, -66.5],
                ],
                false,
              ),
              mix(p.accent2, p.shadow, 0.4),
              0.5,
            );
            P.line(
              paths.smooth(
                [
                  [9, -88],
                  [20, -80],
                  [27, -66.5],
                ],
                false,
              ),
              mix(p.accent2, p.shadow, 0.4),
              0.5,
            );
            P.piece(
              paths.tube(
                [
                  [9, -88],
                  [9, -92],
                ],
                [1.4, 0.6],
              ),
              p.ink,
              { lift: 0 },
            );
          },
          { s: 6.2 },
        );
      },
      { lift: 4 },
    );
    // dog
    P.group(
      () =>
        P.at(1130, 1090, () => {
          const c = p.c('#b9783f'),
            d = p.d('#b9783f', 0.25);
          P.piece(
            paths.tube(
              [
                [-92, -96],
                [-130, -130],
                [-140, -172],
              ],
              [22, 18, 10],
            ),
            c,
            { lift: 1 },
          );
          for (const [x0, x1] of [
            [-66, -84],
            [58, 82],
          ] as const)
            P.piece(paths.limb([x0, -60], [(x0 + x1) / 2 - 6, -30], [x1, 0], [30, 20, 15]), d, { lift: 1 });
          P.piece(
            paths.tube(
              [
                [-84, -84],
                [0, -86],
                [76, -92],
              ],
              [62, 66, 72],
            ),
            c,
            { lift: 1.5 },
          );
          P.piece(
            paths.tube(
              [
                [74, -96],
                [104, -140],
              ],
              [56, 44],
            ),
            c,
            { lift: 0.8 },
          );
          P.piece(
            paths.smooth([
              [84, -186],
              [124, -196],
              [150, -176],
              [192, -166],
              [196, -144],
              [150, -132],
              [104, -132],
              [84, -150],
            ]),
            c,
            { lift: 1 },
          );
          P.piece(
            paths.smooth([
              [92, -190],
              [118, -186],
              [116, -138],
              [94, -122],
              [82, -150],
            ]),
            d,
            { lift: 1.2 },
          );
          P.ink(paths.circle(192, -162, 9), p.ink);
          P.ink(paths.circle(144, -168, 6), p.ink);
          P.piece(
            paths.tube(
              [
                [80, -120],
                [112, -112],
              ],
              [12, 12],
            ),
            p.c('red'),
            { lift: 0.6, grain: 0 },
          );
          for (const [x0, x1] of [
            [-76, -60],
            [72, 62],
          ] as const)
            P.piece(paths.limb([x0, -60], [(x0 + x1) / 2, -30], [x1, 2], [34, 22, 16]), c, { lift: 1.2 });
        }),
      { lift: 4 },
    );
    P.line(
      paths.smooth(
        [
          [925, 716],
          [1050, 860],
          [1200, 975],
        ],
        false,
      ),
      p.c('red'),
      5,
    );
  },
};
