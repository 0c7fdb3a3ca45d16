import { alpha, mix } from '../colour.ts';
import type { Paint } from '../paint.ts';
import * as paths from '../paths.ts';

export function tablelamp(
  P: Paint,
  x: number,
  y: number,
  s: number,
  o: { base?: string; glow?: number } = {},
) {
  const pal = P.pal;
  P.at(
    x,
    y,
    () => {
      if (o.glow !== 0) P.glow(0, -250, 560, pal.accent2, 0.62);
      P.piece(paths.ellipse(0, -6, 82, 15), pal.c('brass'), { lift: 2 });
      P.piece(
        paths.smooth([
          [-13, -10],
          [-34, -60],
          [-30, -110],
          [-11, -160],
          [-9, -200],
          [9, -200],
          [11, -160],
          [30, -110],
          [34, -60],
          [13, -10],
        ]),
        o.base || pal.c('teal'),
        { lift: 1.4 },
      );
      P.piece(paths.ellipse(0, -196, 112, 15), pal.sun, { lift: 0, grain: 0 });
      P.piece(
        paths.round(
          [
            [-74, -366],
            [74, -366],
            [128, -196],
            [-128, -196],
          ],
          10,
        ),
        P.lin(0, -370, 0, -190, mix(pal.accent2, pal.sun, 0.25), mix(pal.accent2, pal.sun, 0.78)),
        { lift: 2 },
      );
      if (o.glow !== 0) P.glow(0, -230, 230, pal.sun, 0.5);
    },
    { s },
  );
}

export function desklamp(
  P: Paint,
  x: number,
  y: number,
  s: number,
  o: { col?: string; cone?: number; tilt?: number; face?: number } = {},
) {
  const pal = P.pal,
    c = o.col || pal.c('red'),
    f = 1;
  P.at(
    x,
    y,
    () => {
      P.piece(
        paths.round(
          [
            [-80, 0],
            [-70, -26],
            [70, -26],
            [80, 0],
          ],
          8,
        ),
        c,
        { lift: 2 },
      );
      P.piece(
        paths.tube(
          [
            [0, -24],
            [-90, -230],
          ],
          [14, 14],
        ),
        pal.c('steelD'),
        { lift: 1 },
      );
      P.piece(
        paths.tube(
          [
            [-90, -230],
            [110, -380],
          ],
          [14, 14],
        ),
        pal.c('steelD'),
        { lift: 1 },
      );
      P.piece(paths.circle(-90, -230, 17), c, { lift: 0.8 });
      P.at(
        130,
        -372,
        () => {
          if (o.cone) {
            const cx = P.ctx;
            cx.save();
            cx.globalCompositeOperation = 'screen';
            cx.fillStyle = P.lin(0, 92, 0, 92 + o.cone, alpha(pal.accent2, 0.55), alpha(pal.accent2, 0.12));
            cx.fill(
              paths.poly([
                [-90, 92],
                [90, 92],
                [90 + o.cone * 0.5, 92 + o.cone],
                [-90 - o.cone * 0.42, 92 + o.cone],
              ]),
            );
            cx.restore();
          }
          P.piece(paths.ellipse(0, 92, 92, 18), pal.sun, { lift: 0, grain: 0 });
          P.piece(
            paths.round(
              [
                [-26, -28],
                [26, -28],
                [96, 92],
                [-96, 92],
              ],
              12,
            ),
            c,
            { lift: 2 },
          );
          P.piece(paths.rrect(-26, -52, 52, 34, 8), mix(c, pal.shadow, 0.2), { lift: 1 });
        },
        { rot: o.tilt ?? -0.35 },
      );
    },
    { s, sx: s * (o.face || 1) },
  );
}

/** Light cone as two translucent sheets. */
export function cone(P: Paint, x: number, y: number, x0: number, x1: number, y1: number, a = 0.22) {
  const c = P.ctx;
  c.save();
  c.globalCompositeOperation = 'screen';
  c.fillStyle = P.lin(0, y, 0, y1, alpha(P.pal.accent2, a * 1.5), alpha(P.pal.accent2, a * 0.35));
  c.fill(
    paths.poly([
      [x - 46, y],
      [x + 46, y],
      [x1, y1],
      [x0, y1],
    ]),
  );
  c.restore();
}
