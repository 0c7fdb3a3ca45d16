import * as hands from '../kit/hands.ts';
import * as nature from '../kit/nature.ts';
import { BLEED, type Motif, type Paint } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as people from '../kit/people.ts';

const bg = (P: Paint, ...cs: string[]) =>
  P.piece(paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED), P.lin(0, -100, 0, 1100, ...cs), {
    lift: 0,
    edge: 0,
  });

export const motif: Motif = {
  title: 'A person thinking',
  pal: 'autumn',
  focal: [1200, 640],
  draw(P) {
    const p = P.pal;
    bg(P, p.c('#7fb0a6'), p.c('#9cc4b6'), p.c('#b9d6c4'));
    P.piece(nature.wobble(P, 1200, 620, 600, 0.02), p.c('#a9cdb9'), { lift: 3 });
    P.group(
      () =>
        people.side(P, 1330, 1420, 27, {
          face: -1,
          skin: p.skin(2),
          hair: '#2b1a17',
          hairStyle: 'bob',
          top: p.accent,
          collar: p.paper,
          lean: 4,
          head: -6,
          eye: 'open',
          hands: [[14.5, -24]],
          bends: [1],
          hdirs: [-80],
          bareWrist: 1,
        }),
      { lift: 7 },
    );
    P.group(
      () =>
        P.at(
          938,
          772,
          () =>
            hands.grip(P, p.skin(2), {
              arm: [
                [-60, 0],
                [-40, 0],
                [-20, 0],
                [16, 0],
              ],
              armW: [84, 84, 80, 76],
              thumb: 1,
            }),
          { s: 1.45, sy: 1.45, sx: -1.45, rot: 1.75 },
        ),
      { lift: 3 },
    );
    const b = (x: number, y: number, r: number) => P.piece(paths.circle(x, y, r), p.paper, { lift: 3 });
    b(880, 640, 22);
    b(800, 560, 36);
    P.group(
      () => {
        nature.puff(P, 560, 500, 1.7, p.paper);
      },
      { lift: 4 },
    );
    P.line(
      paths.smooth(
        [
          [430, 430],
          [500, 350],
          [560, 430],
          [620, 340],
          [690, 420],
        ],
        false,
      ),
      p.accent,
      12,
    );
    P.piece(nature.star(690, 420, 40), p.accent2, { lift: 1 });
  },
};
