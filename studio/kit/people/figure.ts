import { mix } from '../colour.ts';
import type { Paint, Point } from '../paint.ts';
import * as paths from '../paths.ts';
import type { FrontFigure, SideFigure } from './types.ts';

// People. Local unit: 100 = standing height. Origin = pelvis. Facing right; mirror with face:-1.
// A pose is data: lean (deg), head (deg), hands and feet as points; elbows and knees by two-bone IK.

const D = Math.PI / 180;
/** Elbow and hand (or knee and foot) of two bones from a towards b; what is out of reach is pointed at. bend: 1 or -1. */
function ik(a: Point, b: Point, l1: number, l2: number, bend: number): [[number, number], Point] {
  const dx = b[0] - a[0],
    dy = b[1] - a[1];
  let d = Math.hypot(dx, dy);
  const m = (l1 + l2) * 0.999;
  let q: Point = b;
  if (d > m) {
    q = [a[0] + (dx / d) * m, a[1] + (dy / d) * m];
    d = m;
  }
  const A = Math.acos(Math.max(-1, Math.min(1, (l1 * l1 + d * d - l2 * l2) / (2 * l1 * d)))),
    t = Math.atan2(dy, dx) + bend * A;
  return [[a[0] + Math.cos(t) * l1, a[1] + Math.sin(t) * l1], q];
}

import { headBack, headFront } from './head-front.ts';
import { headSide } from './head-side.ts';

export function mitt(
  P: Paint,
  w: Point,
  dir: number,
  skin: string,
  s = 1,
  o: { flip?: boolean | number; none?: boolean } = {},
) {
  if (o.none) return; // small hand: palm + thumb
  const c = Math.cos(dir),
    n = Math.sin(dir),
    t = (u: number, v: number): [number, number] => [
      w[0] + c * u * s - n * v * s,
      w[1] + n * u * s + c * v * s,
    ],
    f = o.flip ? -1 : 1;
  const a = paths.tube([t(-1.2, 0), t(2.6, 0), t(6.8, 0.6 * f)], [4.3 * s, 5.2 * s, 3.4 * s]),
    b = paths.tube([t(1, -1.2 * f), t(3.2, -3.2 * f), t(5.4, -3.2 * f)], [2.6 * s, 2.3 * s, 1.7 * s]);
  P.piece(paths.union(a, b), skin, { lift: 0.7, grain: 0.3 });
}

export function side(P: Paint, x: number, y: number, s: number, o: SideFigure) {
  P.at(
    x,
    y,
    () => {
      const pal = P.pal,
        L = (o.lean || 0) * D,
        up = (d: number): [number, number] => [Math.sin(L) * d, -Math.cos(L) * d],
        sh = up(29.5),
        nk = up(33),
        top = o.top,
        bot = o.bottom ?? o.top,
        far = (c: string) => mix(c, pal.shadow, 0.26);
      const hd = (o.head || 0) * D + L * 0.35,
        hc: Point = [
          nk[0] + Math.sin(hd) * 9 + Math.cos(hd) * 1.6,
          nk[1] - Math.cos(hd) * 9 + Math.sin(hd) * 1.6,
        ];
      const S: Point = [sh[0] - Math.cos(L) * 0.5, sh[1]];
      const arm = (t: Point | null | undefined, bend: number, fr: boolean, hdir?: number) => {
        if (!t) return;
        const [e, w] = ik(S, t, o.armU || 16.5, o.armF || 15, bend),
          c = fr ? far(top) : top,
          sk = fr ? mix(o.skin, pal.shadow, 0.16) : o.skin,
          mid: Point = [e[0] * 0.9 + w[0] * 0.1, e[1] * 0.9 + w[1] * 0.1];
        const dir = hdir !== undefined ? hdir * D : Math.atan2(w[1] - e[1], w[0] - e[0]);
        if (o.sleeve === 'short') {
          P.piece(paths.tube([e, [(e[0] + w[0]) / 2, (e[1] + w[1]) / 2], w], [5.8, 5.4, 3.9]), sk, {
            lift: 0.8,
            grain: 0.4,
          });
          mitt(P, w, dir, sk, 1, { flip: o.flip, none: !fr && !!o.bareWrist });
          P.piece(paths.tube([S, [(S[0] + e[0]) / 2, (S[1] + e[1]) / 2], mid], [9, 8.2, 7]), c, {
            lift: 1,
            grain: 0.5,
          });
        } else {
          mitt(P, w, dir, sk, 1, { flip: o.flip, none: !fr && !!o.bareWrist });
          P.piece(paths.limb(S, e, w, [9, 7.8, 5.4]), c, { lift: 1, grain: 0.5 });
        }
      };
      const leg = (t: Point | null | undefined, bend: number, fr: boolean) => {
        if (!t) return;
        const H: Point = [fr ? 1 : -0.5, 0],
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
      const mid: Point = [m[0] - Math.cos(L) * b, m[1] - Math.sin(L) * b];
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
              [up(24)[0] + 3, up(24)[1]],
              [up(24)[0] + 9, up(24)[1]],
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
        const cc = (d: number, x: number): [number, number] => [
          up(d)[0] + x * Math.cos(L),
          up(d)[1] + x * Math.sin(L),
        ];
        P.piece(
          paths.round([cc(30.6, -4.8), cc(34.6, -3.6), cc(33.4, 2.4), cc(28.4, 6.4), cc(28.2, 2)], 0.8),
          o.collar,
          { lift: 0.5, grain: 0.3 },
        );
      }
      const { pack } = o;
      if (pack)
        P.at(...up(18), () => P.piece(paths.rrect(-19, -12, 13, 24, 5), pack, { lift: 1.2, grain: 0.5 }), {
          rot: L,
        });
      P.at(hc[0], hc[1], () => headSide(P, o), { rot: hd * 1, s: 7.4 });
      o.hold?.(P);
      arm(o.hands?.[0], o.bends?.[0] ?? 1, false, o.hdirs?.[0]);
      o.after?.(P);
    },
    { s, sx: s * (o.face || 1) },
  );
}

export function front(P: Paint, x: number, y: number, s: number, o: FrontFigure) {
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
      const leg = (sx: number, t: Point | null | undefined) => {
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
        P.piece(paths.limb([sx, 1], k, a, [11.5, 9.2, 6.8]), o.bottom ?? top, { lift: 1, grain: 0.5 });
      };
      if (o.feet) {
        leg(-4.4, o.feet[0]);
        leg(4.4, o.feet[1]);
      }
      const arm = (
        sx: number,
        t: Point | null | undefined,
        bend: number,
        hdir: number | undefined,
        i: number,
      ) => {
        if (!t) return;
        const S: Point = [sx * w, -28],
          [e, wr] = ik(S, t, 16.5, 15, bend),
          dir = hdir !== undefined ? hdir * D : Math.atan2(wr[1] - e[1], wr[0] - e[0]);
        if (o.sleeve === 'short') {
          P.piece(paths.tube([e, [(e[0] + wr[0]) / 2, (e[1] + wr[1]) / 2], wr], [5.8, 5.4, 3.9]), o.skin, {
            lift: 0.8,
            grain: 0.4,
          });
          mitt(P, wr, dir, o.skin, 1, { flip: i });
          P.piece(
            paths.tube([S, [(S[0] + e[0]) / 2, (S[1] + e[1]) / 2], e], [9.4, 8.6, 7.2]),
            mix(top, pal.shadow, 0.06),
            { lift: 1, grain: 0.5 },
          );
        } else {
          mitt(P, wr, dir, o.skin, 1, { flip: i });
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
        const { stripe } = o;
        if (stripe)
          P.clip(body, () => {
            for (let i = -30; i < 10; i += 5.4) P.ink(paths.rect(-20, i, 40, 2), stripe, 0.9);
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
      P.at(Math.sin(tilt) * 8, -42 + (o.drop || 0), () => (back ? headBack(P, o) : headFront(P, o)), {
        rot: tilt,
        s: 7.4,
      });
      o.hold?.(P);
      if (!o.armsBehind) {
        arm(-11, o.hands?.[0], o.bends?.[0] ?? 1, o.hdirs?.[0], 0);
        arm(11, o.hands?.[1], o.bends?.[1] ?? -1, o.hdirs?.[1], 1);
      }
      o.after?.(P);
    },
    { s, sx: s * (o.face || 1) },
  );
}
