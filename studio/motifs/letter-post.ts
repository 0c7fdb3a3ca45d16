import { Path2D } from '@napi-rs/canvas';
import { mix } from '../kit/colour.ts';
import * as hands from '../kit/hands.ts';
import { nth } from '../kit/named.ts';
import * as nature from '../kit/nature.ts';
import { BLEED, type Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as things from '../kit/things.ts';

export const motif: Motif = {
  outdoor: true,
  title: 'A letter being posted',
  pal: 'autumn',
  focal: [1060, 620],
  portrait: { x: 620, y: -330, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal,
      R = P.R;
    nature.sky(P, { x: 460, y: 380, r: 90, step: 150, halos: 4, hor: 800 });
    nature.sheet(P, nature.hill(P, 620, 60, { len: 1500 }), p.ramp[0], 620, { mist: 0.45 });
    for (const [x, s] of [
      [80, 0.9],
      [240, 0.7],
      [620, 0.8],
      [800, 0.6],
      [1750, 1],
    ] as const)
      nature.round(P, x, 690, s * 1.3, mix(p.ramp[1], p.ramp[0], 0.35));
    nature.sheet(P, nature.hill(P, 740, 40, { len: 1200 }), p.ramp[1], 740, { mist: 0.3 });
    // row of cottages behind
    for (const [x, w, h, c] of [
      [120, 250, 190, 'cream'],
      [390, 230, 230, 'rose'],
      [650, 260, 190, '#e9d3b0'],
    ] as const)
      things.house(P, x, 900, w, h, {
        col: mix(p.c(c), p.sky[2], 0.25),
        roof: mix(p.c('brick'), p.ramp[1], 0.35),
        rows: 2,
        cols: 3,
        lit: 0.3,
        lift: 3,
      });
    P.piece(
      paths.rect(-BLEED, 890, 1920 + 2 * BLEED, 1500),
      P.lin(0, 890, 0, 1280, mix(p.ramp[1], p.paper, 0.35), mix(p.ramp[2], p.paper, 0.1)),
      { lift: 3 },
    );
    // branch with leaves, top left
    // the box
    const c = p.accent,
      cd = mix(c, p.shadow, 0.34),
      cl = mix(c, p.paper, 0.16);
    P.group(
      () => {
        P.piece(
          paths.round(
            [
              [1080, 1700],
              [1080, 330],
              [1780, 330],
              [1780, 1700],
            ],
            30,
          ),
          P.lin(1080, 0, 1780, 0, cl, c, c, cd),
          { lift: 3 },
        );
        P.piece(
          (() => {
            const q = new Path2D();
            q.moveTo(1044, 340);
            q.bezierCurveTo(1050, 180, 1220, 104, 1430, 104);
            q.bezierCurveTo(1640, 104, 1810, 180, 1816, 340);
            q.closePath();
            return q;
          })(),
          P.lin(1040, 0, 1820, 0, cl, c, cd),
          { lift: 4 },
        );
        P.piece(paths.rrect(1034, 318, 792, 58, 20), P.lin(1034, 0, 1826, 0, cl, c, cd), { lift: 3 });
        // slot with hood
        P.piece(paths.rrect(1120, 500, 560, 120, 24), P.lin(0, 500, 0, 620, cd, c), { lift: 2 });
        P.piece(paths.rrect(1150, 536, 500, 48, 12), p.ink, { lift: 0 });
        P.piece(paths.rrect(1110, 462, 580, 56, 18), P.lin(0, 462, 0, 518, cl, c), { lift: 4 });
        // plate
        P.piece(paths.rrect(1190, 720, 420, 300, 14), p.c('white'), { lift: 2 });
        P.piece(paths.rrect(1214, 744, 372, 60, 6), p.c('navy'), { lift: 0 });
        P.at(1400, 774, () => {
          P.piece(paths.rrect(-30, -20, 60, 40, 3), p.paper, { lift: 0.5 });
          P.line(
            paths.poly(
              [
                [-28, -18],
                [0, 4],
                [28, -18],
              ],
              false,
            ),
            p.c('navy'),
            4,
          );
        });
        for (let i = 0; i < 4; i++) {
          P.ink(paths.rrect(1222, 832 + i * 42, nth([160, 130, 150, 110], i), 14, 5), p.ink, 0.55);
          P.ink(paths.rrect(1470, 832 + i * 42, 100, 14, 5), p.ink, 0.4);
        }
        P.piece(paths.rect(1080, 1090, 700, 16), cd, { lift: 1 });
        P.piece(paths.circle(1700, 900, 20), p.c('brass'), { lift: 1 });
        P.ink(paths.rrect(1696, 900, 8, 22, 3), p.ink);
      },
      { lift: 8 },
    );
    // the letter: its top is inside the slot (clipped at the lower lip), thumb on the near face
    const env = () =>
      P.at(
        1330,
        610,
        () => {
          P.piece(
            paths.rrect(-215, -140, 430, 280, 6),
            P.lin(0, -140, 0, 140, p.c('#efe0c0'), p.c('#fff7e6')),
            {
              lift: 3,
            },
          );
          P.piece(paths.rect(140, -16, 56, 66), p.c('teal'), { lift: 0.8 });
          P.ink(paths.circle(168, 12, 16), p.accent2);
          P.ink(
            paths.poly([
              [142, 48],
              [164, 24],
              [178, 36],
              [194, 26],
              [194, 48],
            ]),
            p.c('leafD'),
          );
          for (let i = 0; i < 3; i++)
            P.ink(paths.rrect(-30, 30 + i * 28, nth([150, 120, 170], i), 10, 5), p.ink, 0.5);
        },
        { rot: 0.07 },
      );
    P.group(
      () =>
        P.at(
          1085,
          800,
          () =>
            hands.hold(
              P,
              p.skin(0),
              () => {
                const c = P.ctx;
                c.save();
                c.rotate(0.86);
                c.scale(1 / 1.35, 1 / 1.35);
                c.translate(-1085, -800);
                P.clip(paths.rect(0, 566, 2400, 900), env);
                c.restore();
              },
              {
                arm: [
                  [-760, -60],
                  [-400, -26],
                  [-110, -4],
                  [10, 0],
                ],
                armW: [150, 122, 80, 78],
              },
            ),
          { s: 1.35, rot: -0.86 },
        ),
      { lift: 5 },
    );
    // coat sleeve
    P.group(
      () => {
        const u = (d: number): [number, number] => [1085 - Math.cos(0.86) * d, 800 + Math.sin(0.86) * d];
        P.piece(
          paths.tube([u(1100), u(620), u(330)], [330, 270, 210], { cap: 'flat' }),
          P.lin(700, 900, 900, 1200, p.c('#3f6664'), p.d('#3f6664', 0.3)),
          { lift: 4 },
        );
        P.piece(paths.tube([u(380), u(300)], [232, 222], { cap: 'flat' }), p.l('#3f6664', 0.12), { lift: 2 });
        P.piece(paths.circle(nth(u(340), 0) + 46, nth(u(340), 1) + 62, 16), p.c('brass'), { lift: 1 });
      },
      { lift: 5 },
    );
  },
};
