import { mix } from '../kit/colour.ts';
import { nth } from '../kit/named.ts';
import * as nature from '../kit/nature.ts';
import type { Motif } from '../kit/paint.ts';

/** Rolling hills with much sky: a calm ground for words. */
export const motif: Motif = {
  outdoor: true,
  title: 'Quiet hills',
  pal: 'noon',
  focal: [960, 860],
  portrait: { x: 480, y: -330, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal;
    P.layer('sky', 0, () => nature.sky(P, { x: 1380, y: 380, r: 90, step: 150, halos: 4, hor: 800 }));
    P.layer(
      'clouds',
      0.2,
      () => {
        nature.puff(P, 420, 330, 1.3, mix(p.sky[1], p.paper, 0.6));
        nature.streak(P, 1050, 200, 1, mix(p.sky[2], p.paper, 0.6));
        nature.puff(P, 1720, 560, 0.9, mix(p.sky[2], p.paper, 0.5));
      },
      { sway: 60, ph: 0.4 },
    );
    [760, 850, 950, 1070, 1200].forEach((y, i) => {
      P.layer(`hill${i}`, 0.2 + i * 0.2, () => {
        const hill = nature.hill(P, y, 60 - i * 6, { len: 1700 - i * 240 });
        nature.sheet(P, hill, nth(p.ramp, Math.min(4, i)), y, { mist: 0.4 - i * 0.09 });
        if (i === 1)
          for (const [x, s] of [
            [300, 0.7],
            [380, 0.9],
            [1500, 0.8],
          ] as const)
            nature.fir(P, x, hill.f(x) + 6, s, p.ramp[2]);
        if (i === 2)
          for (const [x, s] of [
            [760, 0.6],
            [1180, 0.75],
          ] as const)
            nature.round(P, x, hill.f(x) + 8, s, mix(p.ramp[3], p.c('leaf'), 0.4));
      });
    });
    P.layer(
      'birds',
      0.5,
      () => {
        nature.gull(P, 700, 470, 0.6, p.paper, 4);
        nature.gull(P, 800, 420, 0.45, p.paper, -3);
      },
      { sway: 120, heave: 22, ph: 2 },
    );
  },
};
