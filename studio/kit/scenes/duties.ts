import type { Drawings } from '../../catalogue/slots.ts';
import * as nature from '../nature.ts';
import { bar, block, oval, put, shade } from '../objects/parts.ts';
import * as paths from '../paths.ts';
import { ground, sky } from '../places/parts.ts';
import * as things from '../things.ts';
import { facing, figure } from './cast.ts';
import { live, room, swing } from './parts.ts';

/** People on duty. */
export const DUTIES = {
  police(P) {
    const p = P.pal;
    sky(P, { hor: 760, x: 1500, y: 240 });
    P.layer('street', 0.2, () => {
      for (let i = 0; i < 6; i++)
        things.house(P, 120 + i * 340, 900, 310, 420 + ((i * 71) % 160), {
          col: p.c(['cream', 'rose', 'brick', 'teal', 'mustard'][i % 5] ?? 'cream'),
          rows: 3,
          cols: 3,
          lit: p.lit,
        });
      P.piece(paths.rect(-1400, 890, 4720, 2000), p.c('grey'), { lift: 4 });
      for (let i = 0; i < 9; i++)
        put(
          P,
          paths.poly([
            [520 + i * 130, 1040],
            [590 + i * 130, 1040],
            [560 + i * 160, 1300],
            [450 + i * 160, 1300],
          ]),
          'white',
          0,
        );
    });
    live(P, 'light', 0.4, (t) =>
      P.at(1430, 1090, () => {
        P.piece(
          paths.round(
            [
              [-330, -60, 10],
              [-320, -190, 30],
              [-210, -210, 20],
              [-150, -300, 30],
              [110, -300, 30],
              [180, -210, 20],
              [320, -180, 30],
              [330, -60, 10],
            ],
            20,
          ),
          shade(P, p.c('white'), -330, 330),
          { lift: 4 },
        );
        put(P, paths.rect(-326, -150, 652, 46), 'blue', 1);
        for (const [a, b] of [
          [-130, -30],
          [0, 90],
        ] as const)
          block(P, a, -284, b - a, 74, 10, 'glass', 1, 0.1);
        block(P, -60, -340, 120, 40, 14, 'blue', 3, 0.2 + 0.3 * Math.max(0, swing(t, 4)));
        for (const x of [-200, 200]) {
          oval(P, x, -54, 64, 64, 'dark', 3);
          oval(P, x, -54, 30, 30, 'steel', 1);
        }
      }),
    );
    P.layer('officer', 0.6, () => {
      figure(P, 640, 1210, 8, 'cleo', 'point', {
        top: 'navy',
        bottom: 'navy',
        hat: 'cap',
        hatCol: 'navy',
        hands: [
          [27, -30],
          [6, 0],
        ],
      });
    });
  },
  firefighters(P) {
    const p = P.pal;
    sky(P, { hor: 760 });
    P.layer('house', 0.2, () => {
      ground(P, 960, p.c('grey'));
      block(P, 1080, 330, 660, 660, 6, 'brick', 4);
      put(
        P,
        paths.poly([
          [1030, 340],
          [1410, 130],
          [1790, 340],
        ]),
        'woodD',
        4,
      );
      for (const [x, y] of [
        [1150, 430],
        [1490, 430],
        [1150, 690],
        [1490, 690],
      ] as const)
        block(P, x, y, 140, 160, 8, 'dark', 2);
    });
    live(P, 'fire', 0.3, (t) => {
      for (const [x, y] of [
        [1220, 590],
        [1560, 590],
        [1560, 850],
        [1410, 250],
      ] as const) {
        const h = 200 + swing(t, 3, x / 500) * 30;
        put(
          P,
          paths.smooth(
            [
              [x - 70, y],
              [x - 60, y - 90],
              [x + swing(t, 2, x / 300) * 20, y - h],
              [x + 60, y - 100],
              [x + 70, y],
            ],
            true,
            0.85,
          ),
          'carrot',
          3,
        );
        put(
          P,
          paths.smooth(
            [
              [x - 36, y],
              [x - 26, y - 60],
              [x, y - h * 0.55],
              [x + 26, y - 56],
              [x + 36, y],
            ],
            true,
            0.85,
          ),
          'corn',
          1,
        );
      }
      for (let i = 0; i < 5; i++)
        P.piece(
          nature.wobble(P, 1400 + i * 60 + swing(t, 1, i / 5) * 30, 60 - i * 90, 110, 0.1),
          p.d('grey', 0.3),
          { lift: 3, a: 0.8 },
        );
    });
    live(P, 'jet', 0.5, (t) => {
      for (let i = 0; i < 26; i++) {
        const q = (t * 3 + i / 26) % 1;
        P.piece(
          paths.circle(800 + q * 660, 780 - Math.sin(q * 2.3) * 330 + q * 60, 12 + q * 12),
          p.l('blue', 0.5),
          { lift: 0.6, grain: 0, a: 0.85 },
        );
      }
    });
    P.layer('crew', 0.6, () => {
      figure(P, 560, 1210, 7.8, 'ned', 'give', {
        top: 'mustard',
        bottom: 'dark',
        hat: 'brim',
        hatCol: 'red',
        coat: 1,
      });
      bar(
        P,
        [
          [700, 800],
          [820, 770],
        ],
        [40, 24],
        'brass',
        3,
      );
      P.line(
        paths.smooth(
          [
            [700, 806],
            [560, 960],
            [420, 1200],
            [-200, 1240],
          ],
          false,
        ),
        p.c('cream'),
        34,
      );
      figure(P, 300, 1210, 7.6, 'ada', 'give', {
        top: 'mustard',
        bottom: 'dark',
        hat: 'brim',
        hatCol: 'red',
        coat: 1,
      });
    });
  },
  pressTalk(P) {
    P.layer('room', 0.1, () => {
      room(P, '#35506a', '#6a5a50', 900);
      for (let r = 0; r < 4; r++)
        for (let i = 0; i < 9; i++)
          P.ink(paths.rrect(120 + i * 200 + (r % 2) * 100, 60 + r * 150, 90, 20, 8), P.pal.paper, 0.14);
      block(P, 240, 150, 40, 760, 6, 'brass', 3);
      put(
        P,
        paths.smooth(
          [
            [270, 170],
            [480, 220],
            [440, 420],
            [500, 560],
            [270, 520],
          ],
          true,
          0.6,
        ),
        'red',
        3,
      );
    });
    P.layer('speaker', 0.3, () => {
      facing(P, 960, 830, 7.6, 'dan', 'table', {
        top: 'dark',
        collar: 'white',
        hands: [
          [-16, -8],
          [22, -30],
        ],
      });
      block(P, 770, 810, 380, 330, 16, 'woodD', 5);
      block(P, 740, 780, 440, 50, 12, 'wood', 4);
      for (const x of [860, 920, 990, 1050])
        P.line(
          paths.smooth(
            [
              [x, 784],
              [x - 14 + (x - 950) / 6, 740],
              [x, 690],
            ],
            false,
          ),
          P.pal.c('dark'),
          9,
        );
    });
    live(P, 'press', 0.6, (t) => {
      for (const [i, x] of [180, 560, 1380, 1760].entries()) {
        facing(P, x, 1330, 8, ['kit', 'jo', 'elsa', 'hugo'][i] as string, 'bust', {
          view: 'back',
          hands: [
            [-16, -34],
            [16, -34],
          ],
          bends: [1, -1],
        });
        block(P, x - 90, 1000, 180, 110, 20, 'dark', 4);
        oval(P, x, 1054, 40, 40, 'steelD', 2);
        if (Math.floor(t * 12 + i * 5) % 12 === 0) P.glow(x, 1000, 300, P.pal.paper, 0.6);
      }
    });
  },
  photographer(P) {
    const p = P.pal;
    sky(P, { hor: 800, x: 1380, y: 420 });
    P.layer('land', 0.2, () => {
      nature.peaks(
        P,
        [
          [1100, 460],
          [1500, 360],
          [1850, 480],
        ],
        900,
      );
      nature.sheet(P, nature.hill(P, 820, 60), p.ramp[2], 820);
      ground(P, 1000, p.ramp[3]);
    });
    P.layer('person', 0.5, () => {
      figure(P, 640, 1200, 8, 'kit', 'call', {
        hands: [
          [15, -36],
          [13, -33],
        ],
        hdirs: [-30, -30],
        pack: 'brick',
      });
      block(P, 728, 478, 120, 84, 14, 'dark', 4);
      block(P, 842, 492, 60, 58, 10, 'steelD', 3);
    });
  },
} satisfies Drawings;
