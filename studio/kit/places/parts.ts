import { mix } from '../colour.ts';
import * as nature from '../nature.ts';
import { BLEED, type Paint, type Sheet } from '../paint.ts';
import * as paths from '../paths.ts';

/** Sky with drifting clouds: the first layers of every place. */
export function sky(
  P: Paint,
  o: {
    x?: number;
    y?: number;
    r?: number;
    halos?: number;
    hor?: number;
    clouds?: readonly (readonly [x: number, y: number, s: number])[];
  } = {},
): void {
  const p = P.pal;
  P.layer('sky', 0, () =>
    nature.sky(P, {
      x: o.x ?? 1380,
      y: o.y ?? 380,
      r: o.r ?? 90,
      step: 150,
      halos: o.halos ?? 4,
      hor: o.hor ?? 800,
    }),
  );
  P.layer(
    'clouds',
    0.15,
    () => {
      for (const [x, y, s] of o.clouds ?? [
        [360, 300, 1.2],
        [1050, 180, 0.8],
        [1760, 420, 1],
      ])
        nature.puff(P, x, y, s, mix(p.sky[1], p.paper, 0.5));
    },
    { sway: 70, ph: 0.5 },
  );
}

/** The ground from a height down, a little uneven. */
export const ground = (P: Paint, y: number, col: string, more: Sheet = {}) =>
  P.piece(
    paths.smooth(
      [
        [-BLEED, y + 60],
        [200, y + 10],
        [960, y - 20],
        [1700, y + 14],
        [1920 + BLEED, y + 50],
        [1920 + BLEED, 3000],
        [-BLEED, 3000],
      ],
      true,
      0.8,
    ),
    P.lin(0, y - 40, 0, y + 500, mix(col, P.pal.sun, 0.08), mix(col, P.pal.shadow, 0.25)),
    { lift: 5, grain: 0.6, ...more },
  );
