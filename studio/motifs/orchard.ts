import { mix } from '../kit/colour.ts';
import * as nature from '../kit/nature.ts';
import { BLEED, type Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as people from '../kit/people.ts';
import * as things from '../kit/things.ts';

/** Apple trees, a ladder, somebody who picks and somebody who carries. */
export const motif: Motif = {
  outdoor: true,
  title: 'Picking apples in the orchard',
  pal: 'autumn',
  focal: [900, 720],
  portrait: { x: 420, y: -330, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal,
      R = P.R;
    nature.sky(P, { x: 1500, y: 360, r: 100, step: 150, halos: 4, hor: 800 });
    nature.puff(P, 380, 240, 1, mix(p.sky[1], p.paper, 0.6));
    nature.sheet(P, nature.hill(P, 760, 50, { len: 1600 }), p.ramp[0], 760, { mist: 0.4 });
    nature.sheet(P, nature.hill(P, 850, 30, { len: 1300 }), mix(p.c('leafL'), p.ramp[1], 0.4), 850, {
      mist: 0.1,
    });
    const tree = (x: number, y: number, s: number, n: number) => {
      P.piece(
        paths.tube(
          [
            [x, y + 10],
            [x + 6 * s, y - 140 * s],
            [x - 4 * s, y - 260 * s],
          ],
          [60 * s, 40 * s, 26 * s],
        ),
        p.d('wood', 0.25),
        { lift: 3 },
      );
      for (const [dx, dy, r, c] of [
        [-90, -300, 120, 'leafD'],
        [90, -320, 130, 'leafD'],
        [0, -400, 140, 'leaf'],
        [-70, -360, 100, 'leaf'],
        [80, -410, 96, 'leafL'],
      ] as const)
        P.piece(nature.wobble(P, x + dx * s, y + dy * s, r * s, 0.06), mix(p.c(c), p.ramp[1], 0.18), {
          lift: 3,
        });
      for (let i = 0; i < n; i++) {
        const a = R.r(0, 6.28),
          d = R.r(20, 170) * s;
        P.piece(
          paths.circle(x + Math.cos(a) * d, y - 345 * s + Math.sin(a) * d * 0.8, 19 * s),
          p.c(R() < 0.75 ? 'tomato' : 'mustard'),
          { lift: 1.4 },
        );
      }
    };
    tree(150, 900, 0.8, 9);
    tree(1760, 900, 0.85, 9);
    tree(1330, 870, 0.6, 7);
    P.piece(
      paths.rect(-BLEED, 930, 1920 + 2 * BLEED, 1600),
      P.lin(0, 930, 0, 1280, p.l('leaf', 0.2), p.d('leaf', 0.15)),
      { lift: 3 },
    );
    tree(640, 1060, 1.5, 22);
    P.group(
      () => {
        for (const dx of [0, 90])
          P.piece(
            paths.tube(
              [
                [900 + dx * 1.25, 1130],
                [790 + dx * 0.8, 560],
              ],
              [18, 16],
            ),
            p.c('woodL'),
            { lift: 2 },
          );
        for (let i = 0; i < 6; i++)
          P.piece(
            paths.tube(
              [
                [888 - i * 19, 1060 - i * 90],
                [1000 - i * 26, 1060 - i * 90],
              ],
              [13, 13],
            ),
            p.c('wood'),
            { lift: 1 },
          );
      },
      { lift: 4 },
    );
    P.group(
      () =>
        people.side(P, 880, 770, 5, {
          face: -1,
          skin: p.skin(2),
          hair: '#2b1c14',
          hairStyle: 'pony',
          hat: 'scarf',
          hatCol: p.accent2,
          top: p.c('red'),
          bottom: p.c('denim'),
          lean: -4,
          head: -14,
          hands: [
            [12, -58],
            [14, -36],
          ],
          bends: [1, 1],
          feet: [
            [2, 40],
            [-6, 30],
          ],
          knees: [-1, -1],
          eye: 'open',
        }),
      { lift: 4 },
    );
    P.group(
      () => {
        people.side(P, 1330, 860, 5.4, {
          face: -1,
          skin: p.skin(0),
          hair: '#a9a49b',
          hairStyle: 'grey',
          hat: 'cap',
          hatCol: p.c('teal'),
          top: p.c('teal'),
          bottom: p.c('#5b4a3a'),
          lean: 3,
          hands: [
            [20, -14],
            [18, -12],
          ],
          bends: [1, 1],
          feet: [
            [10, 47],
            [-10, 46],
          ],
          eye: 'open',
        });
      },
      { lift: 4 },
    );
    P.group(
      () =>
        things.crate(P, 1110, 860, 170, 110, (x: number, y: number, w: number) => {
          for (let i = 0; i < 7; i++)
            things.round(P, x + 16 + i * 23, y - 6 - (i % 2) * 16, 21, p.c(i % 3 ? 'tomato' : 'mustard'));
        }),
      { lift: 3 },
    );
    for (const [x, y] of [
      [380, 1150],
      [520, 1190],
      [760, 1180],
      [1560, 1160],
    ] as const)
      things.round(P, x, y, 22, p.c('tomato'));
    P.group(
      () =>
        things.crate(P, 150, 1220, 280, 150, (x: number, y: number, w: number) => {
          for (let i = 0; i < 9; i++)
            things.round(P, x + 20 + i * 30, y - 8 - (i % 2) * 22, 27, p.c(i % 4 ? 'tomato' : 'leafL'));
        }),
      { lift: 4 },
    );
    nature.grass(P, -BLEED, 1920 + BLEED, 1260, 56, p.d('leaf', 0.3), 40, { lift: 5 });
  },
};
