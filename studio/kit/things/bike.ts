import { Path2D } from '@napi-rs/canvas';
import { mix } from '../colour.ts';
import * as nature from '../nature.ts';
import type { Paint, Point } from '../paint.ts';
import * as paths from '../paths.ts';

export function bike(
  P: Paint,
  x: number,
  y: number,
  s: number,
  o: {
    col?: string;
    turn?: number;
    guard?: number;
    basket?: 'flowers' | 'bread';
    crank?: number;
    lamp?: number;
    lampOn?: boolean;
    rot?: number;
    face?: number;
  } = {},
) {
  const pal = P.pal,
    c = o.col || pal.accent,
    k = pal.ink,
    r = 100,
    rear: Point = [-150, -r],
    fr: Point = [158, -r],
    bb: Point = [-14, -86],
    seat: Point = [-62, -226],
    head: Point = [108, -232];
  P.at(
    x,
    y,
    () => {
      const wheel = (cx: number, cy: number) => {
        P.line(paths.circle(cx, cy, r - 5), k, 10);
        P.line(paths.circle(cx, cy, r - 14), mix(c, pal.paper, 0.55), 3.4, 0.95);
        for (let i = 0; i < 12; i++) {
          const a = (i / 12) * 6.283 + (o.turn || 0);
          P.line(
            paths.poly(
              [
                [cx, cy],
                [cx + Math.cos(a) * (r - 15), cy + Math.sin(a) * (r - 15)],
              ],
              false,
            ),
            mix(k, pal.paper, 0.35),
            1.6,
            0.75,
          );
        }
        P.ink(paths.circle(cx, cy, 8), k);
      };
      wheel(rear[0], rear[1]);
      wheel(fr[0], fr[1]);
      const tube = (a: Point, b: Point, w = 11, col = c) =>
        P.piece(paths.tube([a, b], [w, w]), col, { lift: 0.8, grain: 0.2, edge: 0.3 });
      P.line(paths.poly([bb, rear], false), k, 4, 0.9);
      if (o.guard !== 0)
        for (const w of [rear, fr]) {
          const p = new Path2D();
          p.arc(w[0], w[1], r + 9, -2.75, -0.75);
          P.line(p, c, 6);
        }
      tube(rear, bb, 8);
      tube(rear, seat, 8);
      tube(bb, [seat[0] + 4, seat[1] + 10]);
      tube(bb, [head[0] + 6, head[1] + 26]);
      tube([seat[0] + 8, seat[1] + 30], [head[0] + 1, head[1] + 8]);
      P.piece(
        paths.tube(
          [[head[0] - 6, head[1] - 30], [head[0] + 10, head[1] + 30], [138, -158], fr],
          [10, 11, 10, 7],
        ),
        c,
        { lift: 0.8, grain: 0.2 },
      );
      tube([seat[0] + 2, seat[1] + 6], [seat[0] - 8, seat[1] - 24], 8, k);
      P.piece(
        paths.smooth([
          [-112, -262],
          [-60, -262],
          [-22, -256],
          [-30, -246],
          [-70, -246],
          [-108, -240],
        ]),
        k,
        { lift: 0.8, grain: 0.2 },
      );
      P.piece(
        paths.tube(
          [
            [head[0] - 6, head[1] - 28],
            [head[0] + 14, head[1] - 52],
            [head[0] - 16, head[1] - 66],
            [head[0] - 44, head[1] - 58],
          ],
          [8, 8, 8, 11],
        ),
        k,
        { lift: 0.8, grain: 0.2 },
      );
      if (o.basket) {
        P.piece(
          paths.round(
            [
              [118, -262],
              [206, -262],
              [194, -196],
              [128, -196],
            ],
            6,
          ),
          pal.c('woodL'),
          { lift: 1 },
        );
        for (let i = 0; i < 4; i++)
          P.line(
            paths.poly(
              [
                [122 + i * 1.5, -250 + i * 15],
                [202 - i * 2, -250 + i * 15],
              ],
              false,
            ),
            pal.d('wood', 0.2),
            2.4,
            0.6,
          );
        if (o.basket === 'flowers')
          for (const [dx, dy, cc] of [
            [132, -282, pal.accent],
            [158, -292, pal.accent2],
            [184, -280, pal.paper],
            [146, -272, pal.c('rose')],
            [172, -272, pal.accent],
          ] as const) {
            P.piece(nature.leaf(dx, dy + 16, 34, -1.2 - (dx - 158) * -0.02), pal.c('leaf'), {
              lift: 0.4,
              grain: 0,
            });
            P.piece(paths.circle(dx, dy, 13), cc, { lift: 0.6, grain: 0 });
            P.ink(paths.circle(dx, dy, 4.5), pal.accent2);
          }
        else if (o.basket === 'bread') {
          for (const [dx, a] of [
            [140, -1.9],
            [160, -1.5],
            [182, -1.25],
          ] as const)
            P.piece(
              paths.tube(
                [
                  [dx, -250],
                  [dx + Math.cos(a) * 70, -250 + Math.sin(a) * 70],
                ],
                [20, 16],
              ),
              pal.c('woodL'),
              { lift: 0.6 },
            );
        }
      }
      P.piece(paths.circle(bb[0], bb[1], 1), k, { lift: 0 });
      P.piece(paths.circle(bb[0], bb[1], 24), mix(k, pal.paper, 0.12), { lift: 0.8, grain: 0 });
      P.ink(paths.circle(bb[0], bb[1], 14), c, 0.9);
      const a = o.crank ?? 0.8,
        px = bb[0] + Math.cos(a) * 46,
        py = bb[1] + Math.sin(a) * 46;
      P.line(
        paths.poly(
          [
            [bb[0] - Math.cos(a) * 46, bb[1] - Math.sin(a) * 46],
            [px, py],
          ],
          false,
        ),
        k,
        8,
      );
      P.piece(paths.rrect(px - 18, py - 5, 36, 10, 4), k, { lift: 0.5, grain: 0 });
      P.piece(paths.rrect(bb[0] - Math.cos(a) * 46 - 18, bb[1] - Math.sin(a) * 46 - 5, 36, 10, 4), k, {
        lift: 0.5,
        grain: 0,
      });
      if (o.lamp !== 0) {
        P.piece(paths.circle(140, -212, 13), pal.sun, { lift: 0.5, grain: 0 });
        P.glow(150, -212, 120, pal.accent2, o.lampOn ? 0.8 : 0);
      }
    },
    { s, sx: s * (o.face || 1), rot: o.rot || 0 },
  );
}
