import { mix } from '../colour.ts';
import type { Paint } from '../paint.ts';
import * as paths from '../paths.ts';
import { hat } from './hat.ts';
import type { Head } from './types.ts';

export function headFront(P: Paint, o: Head) {
  P.head(0, 0, 1.2);
  const sk = o.skin,
    dk = mix(sk, '#5a2a1c', 0.35),
    hair = o.hair,
    hd = mix(hair, P.pal.shadow, 0.3),
    st = o.hairStyle || 'short',
    dn = o.eye !== 'open' ? 0.12 : 0;
  if (st === 'long' || st === 'bob')
    P.piece(
      st === 'long'
        ? paths.smooth([
            [0, -1.25],
            [0.85, -0.95],
            [1.1, 0],
            [1.15, 1.2],
            [0.9, 1.7],
            [-0.9, 1.7],
            [-1.15, 1.2],
            [-1.1, 0],
            [-0.85, -0.95],
          ])
        : paths.smooth([
            [0, -1.25],
            [0.85, -0.95],
            [1.12, 0],
            [1.05, 0.9],
            [0.7, 1.0],
            [-0.7, 1.0],
            [-1.05, 0.9],
            [-1.12, 0],
            [-0.85, -0.95],
          ]),
      hd,
      { lift: 0.6, grain: 0.4 },
    );
  if (st === 'bun') P.piece(paths.circle(0, -1.3, 0.5), hd, { lift: 0.6, grain: 0.4 });
  if (st === 'curly')
    P.piece(
      paths.union(
        ...Array.from({ length: 11 }, (_, i) => {
          const a = Math.PI * (0.92 + (i / 10) * 1.16);
          return paths.circle(Math.cos(a) * 0.92, Math.sin(a) * 0.95 + 0.0, 0.42);
        }),
        paths.circle(0, -0.5, 0.9),
      ),
      hd,
      { lift: 0.6, grain: 0.4 },
    );
  for (const m of [-1, 1])
    P.piece(paths.ellipse(0.86 * m, 0.12, 0.16, 0.25), mix(sk, dk, 0.25), { lift: 0.3, grain: 0 });
  P.piece(
    paths.smooth([
      [0, -1.08],
      [0.6, -0.9],
      [0.84, -0.3],
      [0.82, 0.3],
      [0.6, 0.86],
      [0.22, 1.16],
      [-0.22, 1.16],
      [-0.6, 0.86],
      [-0.82, 0.3],
      [-0.84, -0.3],
      [-0.6, -0.9],
    ]),
    P.lin(-0.8, -1, 0.8, 1, mix(sk, '#fff', 0.07), mix(sk, '#5a2a1c', 0.13)),
    { lift: 0.6, edge: 0.14 },
  );
  for (const m of [-1, 1]) {
    P.ink(paths.circle(0.46 * m, 0.42, 0.22), mix(sk, '#d0492f', 0.5), 0.26);
    if (o.eye === 'open') P.ink(paths.ellipse(0.34 * m, 0.04, 0.075, 0.105), P.pal.ink);
    else
      P.line(
        paths.smooth(
          [
            [0.22 * m, 0.1],
            [0.35 * m, 0.18],
            [0.5 * m, 0.1],
          ],
          false,
        ),
        P.pal.ink,
        0.075,
        0.9,
      );
    P.line(
      paths.smooth(
        [
          [0.2 * m, -0.18],
          [0.36 * m, -0.25],
          [0.54 * m, -0.18],
        ],
        false,
      ),
      hd,
      0.09,
      0.9,
    );
  }
  P.line(
    paths.smooth(
      [
        [0.02, 0.06 + dn],
        [0.12, 0.38 + dn],
        [-0.03, 0.42 + dn],
      ],
      false,
    ),
    dk,
    0.065,
    0.75,
  );
  P.line(
    paths.smooth(
      [
        [-0.2, 0.68 + dn * 0.6],
        [0, 0.76 + dn * 0.6],
        [0.2, 0.68 + dn * 0.6],
      ],
      false,
    ),
    dk,
    0.075,
    0.9,
  );
  if (o.beard)
    P.piece(
      paths.diff(
        paths.smooth(
          [
            [-0.82, 0.1],
            [-0.7, 0.3],
            [-0.3, 0.52],
            [0, 0.48],
            [0.3, 0.52],
            [0.7, 0.3],
            [0.82, 0.1],
            [0.72, 0.85],
            [0.3, 1.34],
            [-0.3, 1.34],
            [-0.72, 0.85],
          ],
          true,
          0.8,
        ),
        paths.ellipse(0, 0.74, 0.22, 0.08),
      ),
      hair,
      { lift: 0.4, grain: 0.4 },
    );
  const cap =
    st === 'bald'
      ? null
      : st === 'grey'
        ? null
        : st === 'curly'
          ? paths.union(
              ...(
                [
                  [-0.62, -0.72, 0.34],
                  [-0.2, -0.95, 0.36],
                  [0.25, -0.95, 0.36],
                  [0.64, -0.7, 0.34],
                ] as const
              ).map(([x, y, r]) => paths.circle(x, y, r)),
            )
          : st === 'short'
            ? paths.smooth([
                [-0.9, -0.05],
                [-0.98, -0.6],
                [-0.55, -1.18],
                [0.1, -1.26],
                [0.75, -1.05],
                [0.98, -0.5],
                [0.9, -0.05],
                [0.72, -0.4],
                [0.3, -0.62],
                [-0.3, -0.58],
                [-0.7, -0.42],
              ])
            : paths.smooth([
                [-0.98, 0.2],
                [-1.0, -0.55],
                [-0.55, -1.16],
                [0, -1.24],
                [0.6, -1.14],
                [1.0, -0.5],
                [0.98, 0.2],
                [0.8, -0.2],
                [0.45, -0.6],
                [-0.05, -0.82],
                [-0.5, -0.5],
                [-0.8, -0.15],
              ]);
  if (cap) P.piece(cap, hair, { lift: 0.6, grain: 0.5, edge: 0.16 });
  hat(P, o, 'front');
  if (o.glasses) {
    for (const m of [-1, 1]) P.line(paths.circle(0.36 * m, 0.08, 0.25), P.pal.ink, 0.07);
    P.line(
      paths.poly(
        [
          [-0.1, 0.05],
          [0.1, 0.05],
        ],
        false,
      ),
      P.pal.ink,
      0.06,
    );
  }
}

export function headBack(P: Paint, o: Head) {
  P.head(0, 0, 1.2);
  const sk = o.skin,
    hair = o.hair,
    st = o.hairStyle || 'short',
    hd = mix(hair, P.pal.shadow, 0.25);
  for (const m of [-1, 1]) P.piece(paths.ellipse(0.86 * m, 0.12, 0.16, 0.25), sk, { lift: 0.3, grain: 0 });
  P.piece(
    paths.smooth([
      [0, -1.08],
      [0.6, -0.9],
      [0.84, -0.3],
      [0.78, 0.4],
      [0.5, 0.95],
      [-0.5, 0.95],
      [-0.78, 0.4],
      [-0.84, -0.3],
      [-0.6, -0.9],
    ]),
    sk,
    { lift: 0.5 },
  );
  const cap =
    st === 'curly'
      ? paths.union(
          ...Array.from({ length: 12 }, (_, i) =>
            paths.circle(Math.cos((i / 12) * 6.28) * 0.72, Math.sin((i / 12) * 6.28) * 0.76 - 0.12, 0.42),
          ),
          paths.circle(0, -0.1, 0.8),
        )
      : st === 'long'
        ? paths.smooth([
            [0, -1.24],
            [0.75, -1.0],
            [1.02, -0.2],
            [1.08, 0.9],
            [0.9, 1.6],
            [-0.9, 1.6],
            [-1.08, 0.9],
            [-1.02, -0.2],
            [-0.75, -1.0],
          ])
        : st === 'bob'
          ? paths.smooth([
              [0, -1.24],
              [0.75, -1.0],
              [1.05, -0.2],
              [1.02, 0.8],
              [0.6, 1.0],
              [-0.6, 1.0],
              [-1.02, 0.8],
              [-1.05, -0.2],
              [-0.75, -1.0],
            ])
          : st === 'bald' || st === 'grey'
            ? paths.smooth([
                [-0.88, -0.1],
                [0.88, -0.1],
                [0.8, 0.4],
                [0.45, 0.75],
                [-0.45, 0.75],
                [-0.8, 0.4],
              ])
            : paths.smooth([
                [0, -1.22],
                [0.7, -1.0],
                [0.94, -0.3],
                [0.84, 0.35],
                [0.45, 0.82],
                [-0.45, 0.82],
                [-0.84, 0.35],
                [-0.94, -0.3],
                [-0.7, -1.0],
              ]);
  P.piece(cap, P.lin(0, -1.2, 0, 1, hair, hd), { lift: 0.6, grain: 0.5, edge: 0.18 });
  if (st === 'bun')
    P.piece(paths.circle(0, -0.75, 0.5), mix(hair, P.pal.paper, 0.08), { lift: 0.9, grain: 0.4 });
  hat(P, o, 'back');
}
