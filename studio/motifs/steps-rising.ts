import { mix } from '../kit/colour.ts';
import { nth } from '../kit/named.ts';
import * as nature from '../kit/nature.ts';
import type { Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as people from '../kit/people.ts';

/** A figure climbs paper steps towards the light: effort and growth. */
export const motif: Motif = {
  title: 'Climbing step by step',
  pal: 'dawn',
  outdoor: true,
  focal: [900, 640],
  portrait: { x: 440, y: -330, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal;
    nature.sky(P, { x: 1500, y: 360, r: 110, step: 150, halos: 4, hor: 900 });
    nature.streak(P, 420, 240, 1, mix(p.sky[2], p.paper, 0.5));
    nature.puff(P, 620, 420, 0.8, mix(p.sky[1], p.paper, 0.5));
    nature.sheet(P, nature.hill(P, 980, 60, { len: 1500 }), p.ramp[0], 980, { mist: 0.4 });
    for (let i = 11; i >= -6; i--) {
      const x = 120 + i * 170,
        y = 1130 - i * 92;
      P.piece(
        paths.rect(x, y, 3400, 2400),
        P.lin(
          0,
          y,
          0,
          y + 500,
          mix(nth(p.ramp, Math.max(0, Math.min(4, 4 - Math.floor((i + 2) / 3)))), p.paper, 0.12),
          nth(p.ramp, Math.max(1, Math.min(4, 5 - Math.floor((i + 2) / 3)))),
        ),
        { lift: 5 },
      );
      P.piece(paths.rect(x, y, 3400, 16), mix(p.paper, p.accent2, 0.2), { lift: 0.6, a: 0.8 });
    }
    P.group(
      () =>
        people.side(P, 858, 500, 5.4, {
          skin: p.skin(3),
          hair: '#1d1412',
          hairStyle: 'short',
          top: p.accent,
          bottom: p.c('navy'),
          lean: 9,
          hands: [
            [13, -12],
            [-9, -8],
          ],
          bends: [1, 1],
          feet: [
            [20, 27],
            [-6, 44],
          ],
          knees: [-1, -1],
          eye: 'open',
          pack: p.c('olive'),
        }),
      { lift: 5 },
    );
    P.group(
      () => {
        const x = 1770,
          y = 200;
        P.piece(
          paths.tube(
            [
              [x, y + 30],
              [x, y - 230],
            ],
            [12, 9],
          ),
          p.ink,
          { lift: 2 },
        );
        P.piece(
          paths.poly([
            [x + 4, y - 226],
            [x + 150, y - 180],
            [x + 4, y - 130],
          ]),
          p.accent,
          { lift: 3 },
        );
      },
      { lift: 4 },
    );
  },
};
