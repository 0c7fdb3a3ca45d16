import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import * as nature from '../nature.ts';
import { bar, block, put } from '../objects/parts.ts';
import { BLEED } from '../paint.ts';
import * as paths from '../paths.ts';
import { ground, sky } from '../places/parts.ts';
import * as things from '../things.ts';
import { figure } from './cast.ts';
import { live, swing } from './parts.ts';

const wide = paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED);

/** Weather that is felt. All of it moves. */
export const WEATHER = {
  fog(P) {
    const p = P.pal;
    P.layer('sky', 0, () => P.piece(wide, P.lin(0, -200, 0, 1300, p.sky[1], p.sky[3]), { lift: 0, edge: 0 }));
    for (const [i, y] of [520, 680, 850].entries()) {
      P.layer(`hill${i}`, 0.1 + i * 0.12, () => {
        const h = nature.hill(P, y, 80, { len: 1300 - i * 200 });
        nature.sheet(P, h, mix(p.ramp[1 + i] ?? p.ramp[2], p.sky[2], 0.35), y, { mist: 0.6 });
        for (let k = 0; k < 7; k++) {
          const x = -100 + k * 330 + i * 120;
          nature.fir(
            P,
            x,
            h.f(x) + 8,
            0.9 + i * 0.5,
            mix(p.ramp[2 + i] ?? p.ramp[3], p.sky[2], 0.3 - i * 0.1),
          );
        }
      });
      live(P, `fog${i}`, 0.2, (t) => {
        for (const x of [200, 900, 1600])
          P.piece(paths.rrect(x - 600 + swing(t, 1, i * 0.3) * 120, y + 40 + i * 20, 1200, 90, 45), p.paper, {
            lift: 0,
            grain: 0.2,
            a: 0.42,
          });
      });
    }
    P.layer('walker', 0.5, () => {
      ground(P, 1130, p.ramp[4]);
      figure(P, 960, 1190, 3.6, 'hugo', 'walk', { coat: 1, top: 'dark' });
    });
  },
  windTree(P) {
    const p = P.pal;
    sky(P, {
      hor: 820,
      clouds: [
        [300, 260, 1.6],
        [1100, 180, 1.3],
        [1760, 360, 1.5],
      ],
    });
    P.layer('land', 0.2, () => {
      nature.sheet(P, nature.hill(P, 820, 70), p.ramp[2], 820);
      ground(P, 980, p.ramp[3]);
    });
    live(P, 'tree', 0.4, (t) => {
      const d = swing(t, 2) * 26 + 90;
      bar(
        P,
        [
          [700, 1060],
          [720 + d * 0.4, 800],
          [760 + d * 1.4, 560],
        ],
        [90, 60, 30],
        'woodD',
        4,
      );
      for (let i = 0; i < 9; i++)
        P.piece(
          nature.wobble(
            P,
            700 + d * 1.6 + (i % 3) * 120 + ((i * 17) % 40),
            430 + Math.floor(i / 3) * 96,
            110,
            0.08,
          ),
          p.c(i % 2 ? 'leaf' : 'leafL'),
          { lift: 4 },
        );
      for (let i = 0; i < 18; i++) {
        const q = (t * 2 + i / 18) % 1;
        P.piece(
          nature.leaf(900 + q * 1100, 480 + ((i * 61) % 420) + swing(q, 2) * 60, 40, q * 9 + i, 0.4),
          p.c(['leaf', 'mustard', 'carrot'][i % 3] ?? 'leaf'),
          { lift: 2 },
        );
      }
      for (let i = 0; i < 5; i++) {
        const x = ((t + i * 0.21) % 1) * 2600 - 400;
        P.line(
          paths.smooth(
            [
              [x, 300 + i * 150],
              [x + 160, 280 + i * 150],
              [x + 320, 310 + i * 150],
            ],
            false,
          ),
          p.paper,
          8,
          0.6,
        );
      }
    });
  },
  flood(P) {
    const p = P.pal;
    sky(P, { hor: 760 });
    P.layer('houses', 0.2, () => {
      nature.sheet(P, nature.hill(P, 700, 50), p.ramp[1], 700);
      for (const [x, w, h, c] of [
        [300, 340, 420, 'brick'],
        [800, 380, 500, 'cream'],
        [1330, 340, 430, 'teal'],
        [1760, 320, 480, 'mustard'],
      ] as const) {
        block(P, x - w / 2, 1000 - h, w, h + 300, 6, c, 4);
        put(
          P,
          paths.poly([
            [x - w / 2 - 36, 1000 - h],
            [x, 820 - h],
            [x + w / 2 + 36, 1000 - h],
          ]),
          'woodD',
          4,
        );
        for (const dx of [-90, 40]) block(P, x + dx, 1040 - h, 64, 90, 6, 'glass', 1.5, 0.2);
      }
    });
    live(P, 'water', 0.4, (t) => {
      for (let k = 0; k < 4; k++) {
        P.piece(
          paths.wave(
            -1600,
            3600,
            830 + k * 110 + swing(t, 1, k * 0.3) * 10,
            14,
            320,
            1600,
            t * 320 * (k % 2 ? 1 : -1) + k * 70,
          ),
          mix(p.c('#8a8268'), p.water[2], 0.25 + k * 0.15),
          { lift: 3 },
        );
        if (k === 1)
          P.at(1060, 930 + swing(t, 1) * 12, () => things.rowboat(P, 0, 0, 1.5, { hull: p.c('red') }), {
            rot: swing(t, 1, 0.2) * 0.04,
          });
        if (k === 2)
          for (const [x, c] of [
            [420, 'mustard'],
            [1560, 'wood'],
          ] as const)
            P.at(x, 1060 + swing(t, 1, x / 900) * 12, () => block(P, -50, -60, 100, 70, 8, c, 3), {
              rot: 0.2,
            });
      }
    });
  },
  wildfire(P) {
    const p = P.pal;
    P.layer('sky', 0, () =>
      P.piece(wide, P.lin(0, -200, 0, 1100, p.d('brick', 0.55), p.c('brick'), p.c('carrot')), {
        lift: 0,
        edge: 0,
      }),
    );
    live(P, 'smoke', 0.1, (t) => {
      for (let i = 0; i < 12; i++)
        P.piece(
          nature.wobble(P, 100 + i * 170 + swing(t, 1, i / 7) * 50, 200 + ((i * 83) % 260), 190, 0.1),
          p.d('grey', 0.45),
          { lift: 3, a: 0.7 },
        );
    });
    live(P, 'fire', 0.3, (t) => {
      for (let i = 0; i < 17; i++) {
        const x = -60 + i * 128;
        const h = 330 + ((i * 67) % 200) + swing(t, 3, i / 4) * 60;
        put(
          P,
          paths.smooth(
            [
              [x - 110, 1060],
              [x - 90, 900],
              [x - 30 + swing(t, 2, i / 3) * 24, 1040 - h],
              [x + 50, 870],
              [x + 110, 1060],
            ],
            true,
            0.8,
          ),
          'carrot',
          3,
        );
        put(
          P,
          paths.smooth(
            [
              [x - 60, 1060],
              [x - 44, 960],
              [x + swing(t, 2, i / 3) * 16, 1070 - h * 0.6],
              [x + 40, 950],
              [x + 60, 1060],
            ],
            true,
            0.8,
          ),
          'corn',
          1,
        );
      }
    });
    P.layer('trees', 0.5, () => {
      for (let i = 0; i < 11; i++) nature.fir(P, -60 + i * 200, 1150, 1.5 + (i % 3) * 0.5, p.d('dark', 0.3));
      ground(P, 1120, p.d('soilD', 0.4));
    });
  },
  northernLights(P) {
    const p = P.pal;
    P.layer('sky', 0, () => {
      P.piece(wide, P.lin(0, -300, 0, 900, '#0b1233', '#163a5c', '#2a6a72'), { lift: 0, edge: 0 });
      nature.stars(P, 90, -400, -800, 2400, 700);
    });
    live(P, 'lights', 0.1, (t) => {
      for (const [k, c] of ['#63e0a0', '#4fc9b0', '#8d7be0'].entries()) {
        const q = Array.from({ length: 10 }, (_, i): [number, number] => [
          -500 + i * 330,
          360 - k * 130 + Math.sin(i * 0.9 + k + t * Math.PI * 2) * 70,
        ]);
        P.piece(
          paths.smooth(
            [...q, ...q.map(([x, y]): [number, number] => [x + 60, y - 230]).reverse()],
            true,
            0.9,
          ),
          c,
          { lift: 0, grain: 0.3, a: 0.34 },
        );
        P.piece(
          paths.smooth([...q, ...q.map(([x, y]): [number, number] => [x + 20, y - 90]).reverse()], true, 0.9),
          c,
          { lift: 0, grain: 0.3, a: 0.4 },
        );
      }
    });
    P.layer('land', 0.3, () => {
      nature.peaks(
        P,
        [
          [300, 560],
          [760, 470],
          [1300, 540],
          [1800, 480],
        ],
        900,
      );
      P.piece(paths.rect(-BLEED, 880, 1920 + 2 * BLEED, 2000), p.d('navy', 0.3), { lift: 3 });
      ground(P, 1030, p.l('white', 0.1));
      for (const [x, s] of [
        [260, 2],
        [480, 1.3],
        [1540, 1.6],
        [1760, 2.2],
      ] as const)
        nature.fir(P, x, 1080, s, '#12283a');
      block(P, 900, 960, 190, 120, 4, 'woodD', 4);
      put(
        P,
        paths.poly([
          [870, 966],
          [995, 870],
          [1120, 966],
        ]),
        'white',
        4,
      );
      block(P, 960, 996, 60, 60, 4, 'corn', 1);
    });
  },
  desert(P) {
    const p = P.pal;
    sky(P, { hor: 700, x: 1300, y: 330, r: 130, clouds: [] });
    P.layer('dunes', 0.2, () => {
      for (const [i, y] of [700, 820, 960].entries()) {
        put(
          P,
          paths.smooth(
            [
              [-1400, y + 160],
              [-200, y + 40],
              [400, y - 60 + i * 30],
              [760, y + 40],
              [1240, y - 90 + i * 60],
              [1900, y + 50],
              [3400, y + 120],
              [3400, 2700],
              [-1400, 2700],
            ],
            true,
            0.8,
          ),
          i % 2 ? 'doughD' : 'mustard',
          4,
          0.15 - i * 0.1,
        );
        for (let k = 0; k < 6; k++)
          P.line(
            paths.smooth(
              [
                [100 + k * 330, y + 150 + i * 30],
                [220 + k * 330, y + 130 + i * 30],
                [350 + k * 330, y + 152 + i * 30],
              ],
              false,
            ),
            p.d('mustard', 0.2),
            5,
            0.4,
          );
      }
    });
    live(P, 'travellers', 0.4, (t) => {
      for (const [i, who] of ['ned', 'ada', 'hugo'].entries())
        figure(P, 620 + i * 190, 1010 - i * 14 - Math.abs(swing(t, 2, i / 3)) * 6, 2.6, who, 'walk', {
          coat: 1,
          top: i % 2 ? 'red' : 'cream',
          pack: 'woodD',
        });
    });
  },
} satisfies Drawings;
