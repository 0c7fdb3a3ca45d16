import { mix } from './colour.ts';
import type { Kit, Slots } from './paint.ts';
import { paths } from './paths.ts';

// People. Local unit: 100 = standing height. Origin = pelvis. Facing right; mirror with face:-1.
// A pose is data: lean (deg), head (deg), hands and feet as points; elbows and knees by two-bone IK.

const D = Math.PI / 180;
function ik(a, b, l1, l2, bend) {
  const dx = b[0] - a[0],
    dy = b[1] - a[1];
  let d = Math.hypot(dx, dy);
  const m = (l1 + l2) * 0.999;
  let q = b;
  if (d > m) {
    q = [a[0] + (dx / d) * m, a[1] + (dy / d) * m];
    d = m;
  }
  const A = Math.acos(Math.max(-1, Math.min(1, (l1 * l1 + d * d - l2 * l2) / (2 * l1 * d)))),
    t = Math.atan2(dy, dx) + bend * A;
  return [[a[0] + Math.cos(t) * l1, a[1] + Math.sin(t) * l1], q];
}
export const people: Kit = {
  ik,
  // ---- heads, unit r=1 at 0,0 ----
  headSide(P, o) {
    const sk = o.skin,
      dk = mix(sk, '#5a2a1c', 0.35),
      hair = o.hair,
      hd = mix(hair, P.pal.shadow, 0.3),
      st = o.hairStyle || 'short';
    if (st === 'long')
      P.piece(
        paths.smooth([
          [0.3, -1.1],
          [-0.75, -1.02],
          [-1.2, -0.2],
          [-1.3, 0.9],
          [-1.1, 1.75],
          [-0.35, 1.8],
          [-0.1, 0.8],
          [0.1, -0.2],
        ]),
        hd,
        { lift: 0.6, grain: 0.4 },
      );
    if (st === 'bun') {
      P.piece(paths.circle(-1.18, -0.55, 0.52), hd, { lift: 0.8, grain: 0.4 });
    }
    if (st === 'pony')
      P.piece(
        paths.tube(
          [
            [-0.9, -0.5],
            [-1.5, -0.35],
            [-1.75, 0.5],
            [-1.5, 1.4],
          ],
          [0.35, 0.6, 0.55, 0.1],
        ),
        hd,
        { lift: 0.8, grain: 0.4 },
      );
    const f = paths.smooth(
      [
        [-0.62, 0.8],
        [-1.0, 0.1],
        [-0.75, -0.75],
        [0.05, -1.06],
        [0.74, -0.74],
        [0.93, -0.3],
        [0.9, -0.1],
        [1.1, 0.2],
        [1.17, 0.32],
        [0.97, 0.42],
        [1.02, 0.54],
        [0.95, 0.62],
        [0.98, 0.74],
        [0.88, 0.84],
        [0.9, 1.03],
        [0.66, 1.16],
        [0.15, 1.0],
        [-0.2, 1.02],
      ],
      true,
      0.9,
    );
    P.piece(f, P.lin(0.8, -1, -0.8, 1, mix(sk, '#fff', 0.07), mix(sk, '#5a2a1c', 0.12)), {
      lift: 0.8,
      edge: 0.14,
    });
    P.ink(paths.circle(0.5, 0.42, 0.26), mix(sk, '#d0492f', 0.5), 0.28);
    if (o.eye === 'open') P.ink(paths.ellipse(0.68, -0.04, 0.075, 0.115), P.pal.ink);
    else
      P.line(
        paths.smooth(
          [
            [0.52, 0.0],
            [0.64, 0.07],
            [0.79, 0.03],
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
          [0.48, -0.26],
          [0.64, -0.34],
          [0.82, -0.28],
        ],
        false,
      ),
      hd,
      0.09,
      0.9,
    );
    P.line(
      paths.smooth(
        [
          [0.98, 0.63],
          [0.84, 0.65],
          [0.74, 0.6],
        ],
        false,
      ),
      dk,
      0.07,
      0.9,
    );
    if (o.beard)
      P.piece(
        paths.smooth(
          [
            [-0.05, 0.2],
            [0.1, 0.55],
            [0.5, 0.55],
            [0.74, 0.5],
            [0.96, 0.52],
            [1.0, 0.66],
            [0.95, 0.9],
            [0.94, 1.18],
            [0.62, 1.38],
            [0.1, 1.18],
            [-0.2, 0.7],
          ],
          true,
          0.8,
        ),
        hair,
        { lift: 0.4, grain: 0.4 },
      );
    const cap =
      st === 'bald'
        ? null
        : st === 'curly'
          ? paths.union(
              ...[
                [0.5, -0.78, 0.36],
                [0.1, -1.05, 0.42],
                [-0.4, -1.0, 0.44],
                [-0.85, -0.65, 0.44],
                [-1.0, -0.15, 0.42],
                [-0.88, 0.3, 0.36],
                [-0.5, 0.1, 0.4],
                [-0.3, -0.5, 0.6],
                [0.2, -0.6, 0.4],
              ].map((a) => paths.circle(...a)),
            )
          : st === 'bob'
            ? paths.smooth([
                [0.78, -0.66],
                [0.3, -1.22],
                [-0.6, -1.16],
                [-1.2, -0.5],
                [-1.24, 0.4],
                [-1.0, 1.0],
                [-0.3, 0.98],
                [0.02, 0.5],
                [0.12, -0.1],
                [0.5, -0.36],
              ])
            : st === 'grey'
              ? paths.smooth([
                  [0.1, -1.0],
                  [-0.7, -0.98],
                  [-1.16, -0.2],
                  [-0.95, 0.5],
                  [-0.4, 0.45],
                  [-0.1, 0.2],
                  [-0.05, -0.3],
                  [-0.3, -0.6],
                ])
              : paths.smooth([
                  [0.8, -0.7],
                  [0.35, -1.2],
                  [-0.5, -1.18],
                  [-1.12, -0.5],
                  [-1.08, 0.25],
                  [-0.78, 0.72],
                  [-0.35, 0.5],
                  [-0.06, 0.32],
                  [0.06, -0.1],
                  [0.3, -0.42],
                  [0.62, -0.46],
                ]);
    if (cap) P.piece(cap, hair, { lift: 0.6, grain: 0.5, edge: 0.16 });
    if (st !== 'bob' && st !== 'long') {
      P.piece(paths.ellipse(-0.14, 0.14, 0.17, 0.25, -0.15), sk, { lift: 0.4, grain: 0 });
      P.line(
        paths.smooth(
          [
            [-0.1, 0.02],
            [-0.2, 0.12],
            [-0.13, 0.26],
          ],
          false,
        ),
        dk,
        0.05,
        0.7,
      );
    }
    if (st === 'long')
      P.piece(
        paths.smooth([
          [0.78, -0.68],
          [0.3, -1.2],
          [-0.6, -1.16],
          [-1.2, -0.4],
          [-1.1, 0.6],
          [-0.6, 1.0],
          [-0.1, 0.5],
          [0.1, -0.1],
          [0.5, -0.38],
        ]),
        hair,
        { lift: 0.5, grain: 0.4 },
      );
    people.hat(P, o, 'side');
    if (o.glasses) {
      P.line(paths.circle(0.66, 0.0, 0.25), P.pal.ink, 0.07);
      P.line(
        paths.poly(
          [
            [0.42, -0.02],
            [-0.1, -0.02],
          ],
          false,
        ),
        P.pal.ink,
        0.06,
      );
    }
  },
  headFront(P, o) {
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
                ...[
                  [-0.62, -0.72, 0.34],
                  [-0.2, -0.95, 0.36],
                  [0.25, -0.95, 0.36],
                  [0.64, -0.7, 0.34],
                ].map((a) => paths.circle(...a)),
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
    people.hat(P, o, 'front');
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
  },
  headBack(P, o) {
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
    people.hat(P, o, 'back');
  },
  hat(P, o, v) {
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
  },
  mitt(P, w, dir, skin, s = 1, o: Slots = {}) {
    if (o.none) return; // small hand: palm + thumb
    const c = Math.cos(dir),
      n = Math.sin(dir),
      t = (u, v) => [w[0] + c * u * s - n * v * s, w[1] + n * u * s + c * v * s],
      f = o.flip ? -1 : 1;
    const a = paths.tube([t(-1.2, 0), t(2.6, 0), t(6.8, 0.6 * f)], [4.3 * s, 5.2 * s, 3.4 * s]),
      b = paths.tube([t(1, -1.2 * f), t(3.2, -3.2 * f), t(5.4, -3.2 * f)], [2.6 * s, 2.3 * s, 1.7 * s]);
    P.piece(paths.union(a, b), skin, { lift: 0.7, grain: 0.3 });
  },
  // ---- whole figures ----
  side(P, x, y, s, o) {
    P.at(
      x,
      y,
      () => {
        const pal = P.pal,
          L = (o.lean || 0) * D,
          up = (d) => [Math.sin(L) * d, -Math.cos(L) * d],
          sh = up(29.5),
          nk = up(33),
          top = o.top,
          bot = o.bottom,
          far = (c) => mix(c, pal.shadow, 0.26);
        const hd = (o.head || 0) * D + L * 0.35,
          hc = [nk[0] + Math.sin(hd) * 9 + Math.cos(hd) * 1.6, nk[1] - Math.cos(hd) * 9 + Math.sin(hd) * 1.6];
        const S = [sh[0] - Math.cos(L) * 0.5, sh[1]];
        const arm = (t, bend, fr, hdir) => {
          if (!t) return;
          const [e, w] = ik(S, t, o.armU || 16.5, o.armF || 15, bend),
            c = fr ? far(top) : top,
            sk = fr ? mix(o.skin, pal.shadow, 0.16) : o.skin,
            mid = [e[0] * 0.9 + w[0] * 0.1, e[1] * 0.9 + w[1] * 0.1];
          const dir = hdir !== undefined ? hdir * D : Math.atan2(w[1] - e[1], w[0] - e[0]);
          if (o.sleeve === 'short') {
            P.piece(paths.tube([e, [(e[0] + w[0]) / 2, (e[1] + w[1]) / 2], w], [5.8, 5.4, 3.9]), sk, {
              lift: 0.8,
              grain: 0.4,
            });
            people.mitt(P, w, dir, sk, 1, { flip: o.flip, none: !fr && o.bareWrist });
            P.piece(paths.tube([S, [(S[0] + e[0]) / 2, (S[1] + e[1]) / 2], mid], [9, 8.2, 7]), c, {
              lift: 1,
              grain: 0.5,
            });
          } else {
            people.mitt(P, w, dir, sk, 1, { flip: o.flip, none: !fr && o.bareWrist });
            P.piece(paths.limb(S, e, w, [9, 7.8, 5.4]), c, { lift: 1, grain: 0.5 });
          }
        };
        const leg = (t, bend, fr?) => {
          if (!t) return;
          const H = [fr ? 1 : -0.5, 0],
            [k, a] = ik(H, t, 25, 24, bend),
            c = fr ? far(bot) : bot,
            sc = fr ? far(o.shoe || pal.ink) : o.shoe || pal.ink,
            ta = Math.atan2(a[1] - k[1], a[0] - k[0]),
            rot = (o.footRot ?? 0) * D;
          P.at(
            a[0],
            a[1],
            () =>
              P.piece(
                paths.smooth(
                  [
                    [-3.2, -2.4],
                    [2.4, -2.6],
                    [4.6, 0.6],
                    [9.6, 2.2],
                    [10, 4.6],
                    [-3.6, 4.6],
                  ],
                  true,
                  0.7,
                ),
                sc,
                { lift: 0.8, grain: 0.3 },
              ),
            { rot: Math.abs(ta - Math.PI / 2) < 0.6 ? rot : ta - Math.PI / 2 + rot },
          );
          P.piece(paths.limb(H, k, a, [14.4, 10.4, 6.8]), c, { lift: 1, grain: 0.5 });
        };
        arm(o.hands?.[1], o.bends?.[1] ?? 1, true, o.hdirs?.[1]);
        leg(o.feet?.[1], o.knees?.[1] ?? -1, true);
        leg(o.feet?.[0], o.knees?.[0] ?? -1, false);
        // neck
        P.piece(paths.tube([up(27), [hc[0] - 1.2, hc[1] + 3]], [7.4, 6.2]), mix(o.skin, '#5a2a1c', 0.14), {
          lift: 0.4,
          grain: 0.4,
        });
        // torso
        const b = o.round || 0,
          m = up(15);
        const mid = [m[0] - Math.cos(L) * b, m[1] - Math.sin(L) * b];
        if (o.coat)
          P.piece(
            paths.round(
              [
                [-8.6, -14],
                [7.4, -14],
                [9.5, o.coat],
                [-10.5, o.coat],
              ],
              3,
            ),
            top,
            { lift: 1, grain: 0.5 },
          );
        if (o.bottom) P.piece(paths.ellipse(0, 0, 7.7, 6.2), o.bottom, { lift: 0.3, grain: 0.5 });
        P.piece(
          paths.tube(
            [[Math.sin(L) * -3.5, 3.5], [0, -1], mid, up(24), up(29), up(32)],
            [15.2, 15.4, 15.2, 17, 13.4, 7.2],
            { start: 'flat' },
          ),
          P.lin(-8, -20, 10, 0, mix(top, pal.paper, 0.07), top),
          { lift: 1.2 },
        );
        if (o.apron)
          P.piece(
            paths.round(
              [
                [2.4, 4],
                up(24).map((v, i) => v + (i ? 0 : 3)),
                up(24).map((v, i) => v + (i ? 0 : 9)),
                [9, 4],
                [10, 18],
                [-2, 18],
              ],
              1.5,
            ),
            o.apron,
            { lift: 0.8, grain: 0.5 },
          );
        if (o.collar) {
          const cc = (d, x) => [up(d)[0] + x * Math.cos(L), up(d)[1] + x * Math.sin(L)];
          P.piece(
            paths.round([cc(30.6, -4.8), cc(34.6, -3.6), cc(33.4, 2.4), cc(28.4, 6.4), cc(28.2, 2)], 0.8),
            o.collar,
            { lift: 0.5, grain: 0.3 },
          );
        }
        if (o.pack)
          P.at(
            ...up(18),
            () => P.piece(paths.rrect(-19, -12, 13, 24, 5), o.pack, { lift: 1.2, grain: 0.5 }),
            {
              rot: L,
            },
          );
        P.at(hc[0], hc[1], () => people.headSide(P, o), { rot: hd * 1, s: 7.4 });
        o.hold?.(P);
        arm(o.hands?.[0], o.bends?.[0] ?? 1, false, o.hdirs?.[0]);
        o.after?.(P);
      },
      { s, sx: s * (o.face || 1) },
    );
  },
  front(P, x, y, s, o) {
    // hip-up figure facing us; origin pelvis
    P.at(
      x,
      y,
      () => {
        const pal = P.pal,
          top = o.top,
          w = o.broad || 1,
          back = o.view === 'back',
          tilt = (o.tilt || 0) * D;
        const leg = (sx, t) => {
          if (!t) return;
          const [k, a] = ik([sx, 1], t, 25, 24, sx > 0 ? -0.4 : 0.4);
          P.piece(
            paths.tube(
              [
                [a[0] - 1, a[1] + 2],
                [a[0] + (sx > 0 ? 4 : -4), a[1] + 3.4],
              ],
              [5, 5],
            ),
            o.shoe || pal.ink,
            { lift: 0.8, grain: 0 },
          );
          P.piece(paths.limb([sx, 1], k, a, [11.5, 9.2, 6.8]), o.bottom, { lift: 1, grain: 0.5 });
        };
        if (o.feet) {
          leg(-4.4, o.feet[0]);
          leg(4.4, o.feet[1]);
        }
        const arm = (sx, t, bend, hdir, i?) => {
          if (!t) return;
          const S = [sx * w, -28],
            [e, wr] = ik(S, t, 16.5, 15, bend),
            dir = hdir !== undefined ? hdir * D : Math.atan2(wr[1] - e[1], wr[0] - e[0]);
          if (o.sleeve === 'short') {
            P.piece(paths.tube([e, [(e[0] + wr[0]) / 2, (e[1] + wr[1]) / 2], wr], [5.8, 5.4, 3.9]), o.skin, {
              lift: 0.8,
              grain: 0.4,
            });
            people.mitt(P, wr, dir, o.skin, 1, { flip: i });
            P.piece(
              paths.tube([S, [(S[0] + e[0]) / 2, (S[1] + e[1]) / 2], e], [9.4, 8.6, 7.2]),
              mix(top, pal.shadow, 0.06),
              { lift: 1, grain: 0.5 },
            );
          } else {
            people.mitt(P, wr, dir, o.skin, 1, { flip: i });
            P.piece(paths.limb(S, e, wr, [9.4, 7.8, 5.6]), mix(top, pal.shadow, 0.06), {
              lift: 1,
              grain: 0.5,
            });
          }
        };
        if (o.armsBehind) {
          arm(-10.5, o.hands?.[0], o.bends?.[0] ?? 1, o.hdirs?.[0], 0);
          arm(10.5, o.hands?.[1], o.bends?.[1] ?? -1, o.hdirs?.[1], 1);
        }
        const body = paths.smooth(
          [
            [-4, -33],
            [-10.6 * w, -30.6],
            [-13.2 * w, -25],
            [-10.6 * w, -14],
            [-9.4 * w, -4],
            [-10.4 * w, 6],
            [0, 7.5],
            [10.4 * w, 6],
            [9.4 * w, -4],
            [10.6 * w, -14],
            [13.2 * w, -25],
            [10.6 * w, -30.6],
            [4, -33],
          ],
          true,
          0.95,
        );
        if (!back)
          P.piece(
            paths.tube(
              [
                [0, -28],
                [0, -39],
              ],
              [7.2, 6.6],
            ),
            mix(o.skin, '#5a2a1c', 0.16),
            { lift: 0.4, grain: 0.4 },
          );
        P.piece(body, P.lin(-10, -30, 10, 8, mix(top, pal.paper, 0.08), mix(top, pal.shadow, 0.06)), {
          lift: 1.4,
        });
        if (!back) {
          if (o.neck === 'v') {
            P.piece(
              paths.round(
                [
                  [-4, -33.4],
                  [4, -33.4],
                  [0, -25],
                ],
                0.6,
              ),
              mix(o.skin, '#5a2a1c', 0.08),
              { lift: 0, grain: 0.3 },
            );
          }
          if (o.collar)
            for (const m of [-1, 1])
              P.piece(
                paths.round(
                  [
                    [0.2 * m, -30.5],
                    [4 * m, -34.6],
                    [6.4 * m, -31.4],
                    [2.6 * m, -26.4],
                  ],
                  0.6,
                ),
                o.collar,
                { lift: 0.6, grain: 0.3 },
              );
          if (o.apron) {
            P.piece(
              paths.round(
                [
                  [-6.5, -24],
                  [6.5, -24],
                  [7.4, -8],
                  [9.8, 4],
                  [9.8, 20],
                  [-9.8, 20],
                  [-9.8, 4],
                  [-7.4, -8],
                ],
                2,
              ),
              o.apron,
              { lift: 0.9 },
            );
            for (const m of [-1, 1])
              P.line(
                paths.poly(
                  [
                    [6 * m, -23.6],
                    [5 * m, -33],
                  ],
                  false,
                ),
                o.apron,
                1.6,
              );
          }
          if (o.stripe)
            P.clip(body, () => {
              for (let i = -30; i < 10; i += 5.4) P.ink(paths.rect(-20, i, 40, 2), o.stripe, 0.9);
            });
        } else
          P.piece(
            paths.tube(
              [
                [0, -29],
                [0, -38],
              ],
              [7.6, 6.6],
            ),
            mix(o.skin, '#5a2a1c', 0.12),
            { lift: 0.3, grain: 0.3 },
          );
        P.at(
          Math.sin(tilt) * 8,
          -42 + (o.drop || 0),
          () => (back ? people.headBack(P, o) : people.headFront(P, o)),
          {
            rot: tilt,
            s: 7.4,
          },
        );
        o.hold?.(P);
        if (!o.armsBehind) {
          arm(-11, o.hands?.[0], o.bends?.[0] ?? 1, o.hdirs?.[0], 0);
          arm(11, o.hands?.[1], o.bends?.[1] ?? -1, o.hdirs?.[1], 1);
        }
        o.after?.(P);
      },
      { s, sx: s * (o.face || 1) },
    );
  },
};
