import { mix } from '../colour.ts';
import type { Paint } from '../paint.ts';
import * as paths from '../paths.ts';
import type { Head } from './types.ts';

export function hat(P: Paint, o: Head, v: 'side' | 'front' | 'back') {
  if (!o.hat) return;
  const c = o.hatCol || P.pal.accent,
    d = mix(c, P.pal.shadow, 0.25);
  if (o.hat === 'cap') {
    if (v === 'side') {
      P.piece(
        paths.round(
          [
            [0.5, -0.62],
            [1.5, -0.5],
            [1.45, -0.36],
            [0.5, -0.42],
          ],
          0.1,
        ),
        d,
        { lift: 0.6 },
      );
      P.piece(
        paths.smooth(
          [
            [0.86, -0.46],
            [0.7, -1.05],
            [0, -1.36],
            [-0.8, -1.08],
            [-1.14, -0.4],
            [-0.9, -0.3],
            [0, -0.44],
          ],
          true,
          0.9,
        ),
        c,
        { lift: 0.8 },
      );
    } else {
      P.piece(
        paths.smooth(
          [
            [0.96, -0.42],
            [0.75, -1.05],
            [0, -1.36],
            [-0.75, -1.05],
            [-0.96, -0.42],
            [0, -0.3],
          ],
          true,
          0.9,
        ),
        c,
        { lift: 0.8 },
      );
      if (v === 'front')
        P.piece(
          paths.smooth([
            [-0.8, -0.44],
            [0, -0.6],
            [0.8, -0.44],
            [0.6, -0.26],
            [0, -0.18],
            [-0.6, -0.26],
          ]),
          d,
          { lift: 0.6 },
        );
    }
  }
  if (o.hat === 'beanie') {
    const s = paths.smooth(
      [
        [0.92, -0.42],
        [0.75, -1.1],
        [0, -1.44],
        [-0.8, -1.14],
        [-1.1, -0.36],
        [0, -0.3],
      ],
      true,
      0.9,
    );
    P.piece(s, c, { lift: 0.8 });
    P.piece(
      paths.tube(
        [
          [-1.06, -0.34],
          [-0.1, -0.4],
          [0.92, -0.5],
        ],
        [0.36, 0.38, 0.34],
      ),
      d,
      { lift: 0.6 },
    );
    if (o.pom !== 0) P.piece(paths.circle(-0.1, -1.48, 0.26), mix(c, P.pal.paper, 0.6), { lift: 0.6 });
  }
  if (o.hat === 'brim') {
    P.piece(
      paths.smooth([
        [0.8, -0.6],
        [0.6, -1.2],
        [0, -1.42],
        [-0.6, -1.24],
        [-0.86, -0.6],
      ]),
      c,
      { lift: 0.8 },
    );
    P.piece(paths.ellipse(-0.02, -0.56, 1.7, 0.26, v === 'side' ? 0.06 : 0), mix(c, P.pal.paper, 0.1), {
      lift: 1,
    });
    P.piece(
      paths.tube(
        [
          [-0.84, -0.7],
          [0, -0.74],
          [0.82, -0.7],
        ],
        [0.2, 0.22, 0.2],
      ),
      d,
      { lift: 0.3 },
    );
  }
  if (o.hat === 'chef') {
    P.piece(
      paths.union(
        paths.circle(-0.5, -1.45, 0.55),
        paths.circle(0.1, -1.65, 0.62),
        paths.circle(0.6, -1.4, 0.5),
        paths.rect(-0.8, -1.4, 1.6, 0.7),
      ),
      c,
      { lift: 0.8 },
    );
    P.piece(paths.rrect(-0.9, -0.95, 1.8, 0.5, 0.1), mix(c, P.pal.shadow, 0.08), { lift: 0.5 });
  }
  if (o.hat === 'scarf')
    P.piece(
      paths.smooth([
        [0.86, -0.56],
        [0.6, -1.1],
        [0, -1.34],
        [-0.8, -1.1],
        [-1.16, -0.3],
        [-1.0, 0.4],
        [-0.6, 0.6],
        [-0.3, 0.1],
        [0.3, -0.4],
      ]),
      c,
      { lift: 0.8 },
    );
}
