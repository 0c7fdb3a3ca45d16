import { mix } from '../colour.ts';
import type { Paint } from '../paint.ts';
import * as paths from '../paths.ts';

/** A car from the side on the ground at y, its front to the right. */
export function car(
  P: Paint,
  x: number,
  y: number,
  s: number,
  col: string,
  o: { hood?: number; turn?: number; face?: number } = {},
) {
  const p = P.pal;
  P.at(
    x,
    y,
    () => {
      if (o.hood)
        P.piece(
          paths.round(
            [
              [170, -190],
              [300, -330],
              [326, -310],
              [210, -180],
            ],
            12,
          ),
          p.d(col, 0.15),
          { lift: 3 },
        );
      P.piece(
        paths.smooth(
          [
            [-340, -60],
            [-340, -150],
            [-240, -180],
            [-150, -290],
            [70, -290],
            [170, -186],
            [320, -160],
            [350, -70],
            [340, -44],
            [-330, -44],
          ],
          true,
          0.5,
        ),
        P.lin(0, -290, 0, -40, p.l(col, 0.15), p.d(col, 0.18)),
        { lift: 4 },
      );
      P.piece(
        paths.round(
          [
            [-130, -264],
            [-40, -264],
            [-40, -184],
            [-196, -184],
          ],
          14,
        ),
        mix(p.c('glass'), p.sky[1], 0.4),
        { lift: 0.8 },
      );
      P.piece(
        paths.round(
          [
            [-16, -264],
            [58, -264],
            [130, -184],
            [-16, -184],
          ],
          14,
        ),
        mix(p.c('glass'), p.sky[1], 0.4),
        { lift: 0.8 },
      );
      P.line(
        paths.poly(
          [
            [-28, -264],
            [-28, -60],
          ],
          false,
        ),
        p.d(col, 0.4),
        4,
      );
      P.piece(paths.rrect(300, -140, 44, 30, 12), p.sun, { lift: 1 });
      P.piece(paths.rrect(-344, -140, 30, 36, 8), p.c('red'), { lift: 1 });
      for (const wx of [-210, 220]) {
        P.piece(paths.circle(wx, -52, 66), p.c('dark'), { lift: 3 });
        P.piece(paths.circle(wx, -52, 36), p.c('steel'), { lift: 1 });
        for (let i = 0; i < 5; i++) {
          const a = (i / 5) * 6.283 + (o.turn ?? 0);
          P.ink(paths.circle(wx + Math.cos(a) * 20, -52 + Math.sin(a) * 20, 6), p.c('dark'));
        }
      }
    },
    { s, sx: s * (o.face ?? 1) },
  );
}
