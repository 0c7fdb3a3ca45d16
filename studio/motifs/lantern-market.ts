import { mix } from '../kit/colour.ts';
import { nth } from '../kit/named.ts';
import * as nature from '../kit/nature.ts';
import { BLEED, type Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as people from '../kit/people.ts';
import * as things from '../kit/things.ts';

/** Paper lanterns over a night market, people between the stalls. */
export const motif: Motif = {
  outdoor: true,
  title: 'Lanterns over the night market',
  pal: 'night',
  focal: [960, 620],
  portrait: { x: 480, y: -330, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal,
      R = P.R;
    P.layer('sky', 0, () => nature.sky(P, { x: 1450, y: 260, r: 70, step: 130, halos: 3, hor: 800 }));
    P.layer('houses', 0.25, () => {
      let x = -1200;
      while (x < 3200) {
        const w = R.r(180, 280),
          h = R.r(360, 560);
        things.house(P, x + w / 2, 980, w, h, {
          col: mix(p.ramp[2], p.ramp[3], R()),
          roof: p.ramp[4],
          lit: 0.55,
          rows: Math.round(h / 120),
          cols: 3,
          lift: 2.5,
          flat: R() < 0.4,
        });
        x += w + 4;
      }
    });
    P.layer('ground', 0.5, () =>
      P.piece(
        paths.rect(-BLEED, 960, 1920 + 2 * BLEED, 1600),
        P.lin(0, 960, 0, 1280, mix(p.ramp[2], p.accent2, 0.18), p.ramp[4]),
        { lift: 3 },
      ),
    );
    const stall = (x: number, c: string, goods: (x: number) => void) => {
      P.group(
        () => {
          P.glow(x, 820, 300, p.accent2, 0.5);
          for (const dx of [-170, 170])
            P.piece(
              paths.tube(
                [
                  [x + dx, 1080],
                  [x + dx, 640],
                ],
                [14, 14],
              ),
              p.d('woodD', 0.2),
              { lift: 1 },
            );
          P.piece(paths.rect(x - 190, 900, 380, 180), P.lin(0, 900, 0, 1080, c, mix(c, p.shadow, 0.4)), {
            lift: 2,
          });
          goods(x);
          for (let i = 0; i < 6; i++)
            P.piece(
              paths.scallop(x - 200 + i * 66.7, x - 200 + (i + 1) * 66.7, 600, 90, 1, 34),
              i % 2 ? p.paper : c,
              { lift: 2 },
            );
        },
        { lift: 4 },
      );
    };
    P.layer('stalls', 0.6, () => {
      stall(300, p.c('red'), (x: number) => {
        for (let i = 0; i < 5; i++)
          things.round(P, x - 130 + i * 64, 890, 32, p.c(i % 2 ? 'tomato' : 'mustard'));
      });
      stall(1620, p.c('teal'), (x: number) => {
        for (let i = 0; i < 4; i++)
          things.mug(P, x - 120 + i * 80, 904, 0.42, p.c(nth(['rose', 'cream', 'mustard', 'brick'], i)));
      });
    });
    P.layer('people', 0.8, () => {
      P.group(
        () =>
          people.front(P, 770, 900, 4.5, {
            view: 'back',
            skin: p.skin(1),
            hair: '#2c1c18',
            hairStyle: 'bun',
            top: p.accent,
            bottom: p.ramp[4],
            hands: [
              [-12, 1],
              [12, 1],
            ],
            feet: [
              [-5, 49],
              [5, 49],
            ],
          }),
        { lift: 4 },
      );
      P.group(
        () =>
          people.front(P, 960, 890, 4.7, {
            view: 'back',
            skin: p.skin(3),
            hair: '#171010',
            hairStyle: 'short',
            top: p.c('teal'),
            bottom: p.c('navy'),
            hands: [
              [-12, 1],
              [13, 0],
            ],
            feet: [
              [-5, 49],
              [5, 49],
            ],
          }),
        { lift: 4 },
      );
      P.group(
        () =>
          people.side(P, 1220, 900, 4.5, {
            face: -1,
            skin: p.skin(2),
            hair: '#4a2c1c',
            hairStyle: 'long',
            top: p.c('mustard'),
            coat: 12,
            bottom: p.c('navy'),
            lean: 2,
            hands: [
              [14, -20],
              [11, -16],
            ],
            bends: [1, 1],
            feet: [
              [8, 47],
              [-9, 46],
            ],
            eye: 'open',
          }),
        { lift: 4 },
      );
    });
    const lantern = (x: number, y: number, s: number, c: string) => {
      P.glow(x, y, 190 * s, c, 0.55);
      P.piece(paths.rect(x - 26 * s, y - 82 * s, 52 * s, 14 * s), p.ink, { lift: 0.6, grain: 0 });
      P.piece(
        paths.smooth([
          [x, y - 74 * s],
          [x + 62 * s, y - 44 * s],
          [x + 72 * s, y],
          [x + 62 * s, y + 44 * s],
          [x, y + 74 * s],
          [x - 62 * s, y + 44 * s],
          [x - 72 * s, y],
          [x - 62 * s, y - 44 * s],
        ]),
        P.rad(x, y, 4, 90 * s, mix(p.sun, '#fff', 0.3), mix(c, p.sun, 0.35), c),
        { lift: 2 },
      );
      for (const k of [-40, -13, 13, 40])
        P.line(
          paths.smooth(
            [
              [x - 66 * s, y + k * s * 0.9],
              [x, y + k * s * 1.1],
              [x + 66 * s, y + k * s * 0.9],
            ],
            false,
          ),
          mix(c, p.shadow, 0.3),
          2.5,
          0.5,
        );
      P.piece(paths.rect(x - 24 * s, y + 68 * s, 48 * s, 12 * s), p.ink, { lift: 0.6, grain: 0 });
      P.line(
        paths.poly(
          [
            [x, y + 80 * s],
            [x, y + 116 * s],
          ],
          false,
        ),
        c,
        4,
      );
    };
    const rows = [
      [-80, 40, 330, 6, 0.8],
      [60, 300, 1840, 8, 1],
      [140, 400, 1900, 5, 1.25],
    ] as const;
    rows.forEach(([sag, y, ph, n, s], r) =>
      P.layer(
        'string' + r,
        0.5 + r * 0.3,
        () => {
          const at = (k: number): [number, number] => [
            -200 + (2320 * k) / n,
            y + Math.sin((k / n) * Math.PI * 3 + ph) * 46 + sag * 0.2,
          ];
          P.line(
            paths.smooth(
              Array.from({ length: n + 1 }, (_, k) => at(k)),
              false,
            ),
            p.ink,
            4,
            0.9,
          );
          for (let k = 0; k < n; k++) {
            const [x, yy] = at(k + 0.5);
            lantern(
              x,
              yy + 84 * s,
              s * R.r(0.85, 1.1),
              nth([p.accent2, p.accent, '#ff9a6b', '#ffd98a'], (k + r) % 4),
            );
          }
        },
        { sway: 12 + r * 6, heave: 4 + r * 2, ph: r * 1.7 },
      ),
    );
  },
};
