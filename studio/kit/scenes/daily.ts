import type { Drawings } from '../../catalogue/slots.ts';
import { mix } from '../colour.ts';
import { nth } from '../named.ts';
import * as nature from '../nature.ts';
import { BLEED, type Paint } from '../paint.ts';
import * as paths from '../paths.ts';
import { ground } from '../places/parts.ts';
import { live, plant, room, swing } from './parts.ts';

const sheet = (P: Paint, a: string, b: string) =>
  P.piece(paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED), P.lin(0, -300, 0, 1500, a, b), {
    lift: 0,
    edge: 0,
  });

/** Small things of every day: waste, water, medicine, fruit, paying, keys. */
export const DAILY = {
  bins(P) {
    const p = P.pal;
    P.layer('wall', 0.1, () => {
      room(P, '#cfc3a4', 'grey', 1060);
      for (let r = 0; r < 18; r++)
        for (let i = -6; i < 18; i++)
          P.ink(paths.rrect(i * 190 + (r % 2) * 95, -700 + r * 98, 176, 84, 8), p.d('#cfc3a4', 0.08), 0.5);
      plant(P, 330, 1120, 1.2, 'brick');
    });
    P.layer('bins', 0.4, () => {
      for (const [x, c] of [
        [500, 'leaf'],
        [800, 'blue'],
        [1100, 'mustard'],
      ] as const)
        P.group(() => {
          P.piece(
            paths.round(
              [
                [x + 10, 690],
                [x + 250, 690],
                [x + 226, 1180],
                [x + 34, 1180],
              ],
              14,
            ),
            P.lin(x, 0, x + 260, 0, p.l(c, 0.1), p.d(c, 0.2)),
            { lift: 5 },
          );
          P.piece(paths.rrect(x - 10, 640, 280, 64, 16), p.d(c, 0.2), { lift: 4 });
          for (let i = 0; i < 3; i++) {
            const a = (i / 3) * Math.PI * 2 - Math.PI / 2;
            const cx = x + 130;
            const cy = 920;
            P.line(
              paths.smooth(
                [
                  [cx + Math.cos(a) * 62, cy + Math.sin(a) * 62],
                  [cx + Math.cos(a + 0.7) * 70, cy + Math.sin(a + 0.7) * 70],
                  [cx + Math.cos(a + 1.35) * 62, cy + Math.sin(a + 1.35) * 62],
                ],
                false,
              ),
              p.paper,
              18,
            );
            const e = a + 1.6;
            P.piece(
              paths.poly([
                [cx + Math.cos(e + 0.24) * 62, cy + Math.sin(e + 0.24) * 62],
                [cx + Math.cos(e - 0.22) * 92, cy + Math.sin(e - 0.22) * 92],
                [cx + Math.cos(e - 0.22) * 32, cy + Math.sin(e - 0.22) * 32],
              ]),
              p.paper,
              { lift: 0 },
            );
          }
        });
      P.piece(paths.rrect(600, 520, 60, 120, 14), p.c('leafL'), { lift: 4 });
      P.piece(paths.rect(616, 470, 28, 60), p.c('leafL'), { lift: 3 });
      P.at(930, 600, () => P.piece(paths.rrect(-90, -50, 180, 80, 4), p.c('#c9a06a'), { lift: 4 }), {
        rot: -0.2,
      });
      P.piece(paths.rrect(1190, 540, 90, 110, 16), p.c('steel'), { lift: 4 });
      P.piece(paths.ellipse(1235, 544, 44, 12), p.c('steelD'), { lift: 1 });
    });
  },
  tap(P) {
    const p = P.pal;
    P.layer('wall', 0.1, () => {
      sheet(P, p.c('#a9cdd2'), p.c('#c8e0df'));
      for (let r = -4; r < 14; r++)
        for (let i = -8; i < 18; i++)
          P.piece(
            paths.rrect(i * 150, r * 150 - 60, 142, 142, 8),
            mix(p.c('#b8d6d8'), p.paper, ((i * 7 + r * 5) % 5) * 0.08),
            { lift: 0.8, grain: 0.2 },
          );
    });
    live(P, 'water', 0.3, (t) => {
      const d = swing(t, 3) * 3;
      P.piece(
        paths.tube(
          [
            [1030, 560],
            [1032 + d, 700],
            [1030 - d, 860],
          ],
          [46, 40, 44],
        ),
        p.l('#4fb3c4', 0.3),
        { lift: 2, a: 0.9 },
      );
      for (let i = 0; i < 8; i++) {
        const q = (t * 2 + i / 8) % 1;
        const a = Math.PI * (0.15 + 0.7 * (i / 7));
        P.piece(
          paths.circle(
            1030 + Math.cos(a) * 150 * q,
            880 - Math.sin(a) * 110 * q + 130 * q * q,
            16 * (1 - q) + 2,
          ),
          p.l('#4fb3c4', 0.4),
          { lift: 1, grain: 0 },
        );
      }
    });
    P.layer('tap', 0.4, () => {
      P.group(() => {
        P.piece(
          paths.tube(
            [
              [700, 1000],
              [700, 420],
              [760, 330],
              [960, 330],
              [1030, 400],
              [1030, 540],
            ],
            [90, 86, 84, 84, 82, 74],
          ),
          P.lin(660, 0, 1080, 0, p.l('steel', 0.4), p.c('steelD')),
          { lift: 6 },
        );
        P.piece(paths.rrect(984, 520, 92, 50, 10), p.c('steelD'), { lift: 3 });
        P.piece(paths.rrect(660, 250, 80, 110, 14), p.c('steelD'), { lift: 3 });
        P.piece(paths.rrect(580, 210, 240, 56, 28), p.c('blue'), { lift: 4 });
      });
      P.piece(
        paths.rect(-BLEED, 1010, 1920 + 2 * BLEED, 2000),
        P.lin(0, 1010, 0, 1300, p.paper, p.d('cream', 0.15)),
        {
          lift: 5,
        },
      );
      P.piece(paths.ellipse(1030, 1030, 470, 70), p.d('cream', 0.3), { lift: 0 });
      P.piece(paths.ellipse(1030, 1050, 420, 52), p.l('#4fb3c4', 0.2), { lift: 0 });
      P.line(paths.ellipse(1030, 1050, 200, 22), p.paper, 5, 0.8);
      P.piece(paths.rrect(620, 980, 160, 50, 14), p.c('steelD'), { lift: 4 });
    });
  },
  pills(P) {
    const p = P.pal;
    P.layer('table', 0, () => {
      sheet(P, p.c('#e9c7b4'), p.c('#d9a893'));
      P.piece(nature.wobble(P, 960, 660, 560, 0.02), p.l('#e9c7b4', 0.4), { lift: 2 });
    });
    P.layer('things', 0.3, () => {
      P.group(() => {
        P.piece(
          paths.rrect(640, 470, 300, 520, 40),
          P.lin(640, 0, 940, 0, p.l('carrot', 0.2), p.d('carrot', 0.15)),
          { lift: 6 },
        );
        P.piece(paths.rrect(620, 350, 340, 140, 24), p.paper, { lift: 5 });
        for (let i = 0; i < 11; i++) P.ink(paths.rect(640 + i * 30, 360, 8, 120), p.d('cream', 0.15), 0.6);
        P.piece(paths.rect(640, 600, 300, 240), p.paper, { lift: 1 });
        P.piece(paths.rrect(756, 650, 68, 140, 8), p.c('red'), { lift: 0 });
        P.piece(paths.rrect(720, 686, 140, 68, 8), p.c('red'), { lift: 0 });
      });
      for (const [x, y, a, c] of [
        [1080, 900, 0.4, 'red'],
        [1240, 820, -0.5, 'blue'],
        [1180, 1010, 1.2, 'mustard'],
        [1340, 960, 0.1, 'teal'],
      ] as const)
        P.at(
          x,
          y,
          () => {
            P.piece(paths.rrect(-64, -26, 128, 52, 26), p.paper, { lift: 4 });
            P.piece(paths.rrect(-64, -26, 64, 52, [26, 0, 0, 26]), p.c(c), { lift: 0 });
          },
          { rot: a },
        );
      P.group(() =>
        P.at(
          1240,
          560,
          () => {
            P.piece(paths.rrect(-240, -26, 480, 52, 26), p.paper, { lift: 4 });
            P.piece(paths.circle(-230, 0, 44), p.c('red'), { lift: 2 });
            P.piece(paths.rect(-220, -8, 300, 16), p.c('red'), { lift: 0 });
            for (let i = 0; i < 12; i++) P.ink(paths.rect(-160 + i * 30, 10, 4, i % 3 ? 12 : 18), p.ink, 0.7);
          },
          { rot: -0.5 },
        ),
      );
    });
  },
  fruit(P) {
    const p = P.pal;
    P.layer('table', 0, () => {
      room(P, '#5b8f8a', 'woodL', 960);
      P.piece(nature.wobble(P, 960, 520, 440, 0.02), p.l('#5b8f8a', 0.25), { lift: 3 });
    });
    P.layer('bowl', 0.3, () =>
      P.group(() => {
        for (const [x, y, r, c] of [
          [760, 620, 120, 'tomato'],
          [960, 540, 130, 'carrot'],
          [1150, 610, 118, 'leafL'],
          [860, 680, 110, 'corn'],
          [1060, 690, 112, 'beet'],
        ] as const) {
          P.piece(
            nature.wobble(P, x, y, r, 0.03),
            P.lin(x - r, y - r, x + r, y + r, p.l(c, 0.2), p.d(c, 0.15)),
            {
              lift: 5,
            },
          );
          P.piece(
            paths.tube(
              [
                [x, y - r + 12],
                [x + 14, y - r - 30],
              ],
              [9, 7],
            ),
            p.c('woodD'),
            { lift: 1 },
          );
        }
        for (const k of [0, 1])
          P.piece(
            paths.smooth(
              [
                [1180, 560 + k * 40],
                [1340, 520 + k * 50],
                [1400, 400 + k * 60],
                [1420, 420 + k * 60],
                [1380, 600 + k * 40],
                [1220, 660 + k * 20],
              ],
              true,
              0.8,
            ),
            p.l('corn', 0.1 + k * 0.1),
            { lift: 4 },
          );
        P.piece(
          paths.smooth(
            [
              [580, 700],
              [1340, 700],
              [1240, 940],
              [1080, 1010],
              [840, 1010],
              [680, 940],
            ],
            true,
            0.5,
          ),
          P.lin(580, 0, 1340, 0, p.l('navy', 0.15), p.d('navy', 0.2)),
          { lift: 6 },
        );
        for (let i = 0; i < 7; i++)
          P.ink(paths.circle(690 + i * 90, 800 + Math.abs(i - 3) * -8, 16), p.paper, 0.8);
        P.piece(paths.rrect(820, 1000, 280, 30, 10), p.d('navy', 0.3), { lift: 3 });
      }),
    );
  },
  cardPay(P) {
    const p = P.pal;
    P.layer('table', 0, () => {
      sheet(P, p.c('#6f7fb0'), p.c('#4a5a8a'));
      P.piece(nature.wobble(P, 960, 640, 560, 0.02), p.l('#6f7fb0', 0.2), { lift: 2 });
    });
    P.layer('reader', 0.3, () =>
      P.group(() => {
        P.piece(
          paths.rrect(640, 330, 440, 760, 50),
          P.lin(640, 330, 1080, 1090, p.l('dark', 0.2), p.c('dark')),
          {
            lift: 7,
          },
        );
        P.piece(
          paths.rrect(690, 390, 340, 230, 14),
          P.lin(690, 390, 1030, 620, p.l('leafL', 0.3), p.c('leaf')),
          {
            lift: 1,
          },
        );
        P.line(
          paths.smooth(
            [
              [790, 500],
              [840, 555],
              [940, 450],
            ],
            false,
          ),
          p.paper,
          24,
        );
        for (let r = 0; r < 4; r++)
          for (let i = 0; i < 3; i++)
            P.piece(
              paths.rrect(700 + i * 112, 660 + r * 94, 90, 70, 14),
              r === 3 ? p.c(nth(['red', 'mustard', 'leaf'], i)) : p.paper,
              { lift: 2 },
            );
      }),
    );
    live(P, 'card', 0.5, (t) => {
      const d = swing(t) * 30;
      P.at(
        1180 - d,
        480 + d * 0.6,
        () =>
          P.group(() => {
            P.piece(
              paths.rrect(-40, -150, 470, 300, 28),
              P.lin(-40, -150, 430, 150, p.l('mustard', 0.2), p.c('carrot')),
              { lift: 7 },
            );
            P.piece(paths.rrect(10, -90, 90, 70, 10), p.c('brass'), { lift: 1 });
            P.ink(paths.rrect(10, 20, 300, 20, 8), p.paper, 0.85);
            P.ink(paths.rrect(10, 66, 180, 18, 8), p.paper, 0.7);
            P.piece(paths.circle(350, 80, 36), p.c('red'), { lift: 1 });
            P.piece(paths.circle(386, 80, 36), p.paper, { lift: 1, a: 0.8 });
          }),
        { rot: 0.35 },
      );
    });
  },
  houseKey(P) {
    const p = P.pal;
    P.layer('back', 0, () => {
      sheet(P, p.c('#e2b98c'), p.c('#c98f63'));
      P.piece(nature.wobble(P, 960, 620, 520, 0.02), p.l('#e2b98c', 0.35), { lift: 3 });
      ground(P, 1090, p.c('wood'));
    });
    P.layer('house', 0.3, () =>
      P.group(() => {
        P.piece(paths.rect(1090, 330, 80, 200), p.c('brick'), { lift: 3 });
        P.piece(paths.rect(680, 600, 560, 500), P.lin(680, 0, 1240, 0, p.paper, p.d('cream', 0.12)), {
          lift: 6,
        });
        P.piece(
          paths.round(
            [
              [600, 640],
              [960, 270],
              [1320, 640],
              [1270, 680],
              [960, 370],
              [650, 680],
            ],
            12,
          ),
          p.c('red'),
          { lift: 6 },
        );
        P.piece(paths.rrect(890, 790, 140, 310, [70, 70, 0, 0]), p.c('teal'), { lift: 3 });
        for (const x of [740, 1080]) {
          P.piece(paths.rect(x, 760, 100, 120), p.c('glass'), { lift: 1 });
          P.line(
            paths.poly(
              [
                [x + 50, 760],
                [x + 50, 880],
              ],
              false,
            ),
            p.paper,
            8,
          );
          P.line(
            paths.poly(
              [
                [x, 820],
                [x + 100, 820],
              ],
              false,
            ),
            p.paper,
            8,
          );
        }
      }),
    );
    P.layer('key', 0.5, () =>
      P.group(() =>
        P.at(
          1300,
          1000,
          () => {
            P.line(paths.circle(0, 0, 84), p.c('brass'), 40);
            P.piece(paths.rrect(84, -20, 330, 40, 10), p.c('brass'), { lift: 5 });
            for (const [x, h] of [
              [300, 70],
              [366, 90],
            ] as const)
              P.piece(paths.rrect(x, 10, 36, h, 6), p.c('brass'), { lift: 4 });
          },
          { rot: 0.16 },
        ),
      ),
    );
  },
} satisfies Drawings;
