import type { Path2D } from '@napi-rs/canvas';
import { alpha, mix } from '../kit/colour.ts';
import { named } from '../kit/named.ts';
import { BLEED, type Motif, type Paint, type Point } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';

const bg = (P: Paint, ...cs: string[]) =>
  P.piece(paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED), P.lin(0, -100, 0, 1100, ...cs), {
    lift: 0,
    edge: 0,
  });

export const motif: Motif = {
  title: 'A clock, close up',
  pal: 'kitchen',
  focal: [1230, 640],
  portrait: { x: 700, y: -303, w: 1060, h: 1884 },
  draw(P) {
    const p = P.pal,
      R = P.R,
      cx = 1230,
      cy = 640,
      r = 500,
      wall = p.c('#2f5f6a');
    bg(P, mix(wall, p.shadow, 0.2), wall, mix(wall, p.paper, 0.05));
    // sun through a blind: slanted strips
    {
      const c = P.ctx;
      c.save();
      c.globalCompositeOperation = 'soft-light';
      for (let i = 0; i < 9; i++) {
        c.fillStyle = alpha('#fff0cc', 0.6);
        c.fill(
          paths.poly([
            [-500, -260 + i * 190],
            [2600, -900 + i * 190],
            [2600, -800 + i * 190],
            [-500, -160 + i * 190],
          ]),
        );
      }
      c.restore();
    }
    P.piece(
      paths.circle(cx, cy, r + 74),
      P.lin(cx - r, cy - r, cx + r, cy + r, mix(p.c('brass'), '#fff', 0.35), p.c('brass'), p.d('brass', 0.4)),
      { lift: 12 },
    );
    P.piece(
      paths.circle(cx, cy, r + 30),
      P.lin(cx - r, cy - r, cx + r, cy + r, p.d('brass', 0.45), p.c('brass')),
      { lift: 0, edge: 0.4 },
    );
    P.piece(paths.ring(cx, cy, r + 4, 52), p.c('#274a55'), { lift: 0 });
    // hole with gears
    const hx = cx,
      hy = cy + 210,
      hr = 120;
    P.piece(paths.circle(hx, hy, hr + 30), p.d('#274a55', 0.5), { lift: 0 });
    const gear = (x: number, y: number, gr: number, n: number, col: string, rot: number) => {
      const pts: [number, number][] = [];
      for (let i = 0; i < n; i++)
        for (const [da, q] of [
          [-0.3, gr],
          [-0.19, gr * 1.16],
          [0.19, gr * 1.16],
          [0.3, gr],
        ] as const) {
          const a = rot + ((i + da) / n) * 6.283;
          pts.push([x + Math.cos(a) * q, y + Math.sin(a) * q]);
        }
      const g = paths.poly(pts);
      const spokes = [...Array(5)].map((_, i) => {
        const a = rot + (i / 5) * 6.283;
        return paths.circle(x + Math.cos(a) * gr * 0.56, y + Math.sin(a) * gr * 0.56, gr * 0.23);
      });
      P.piece(paths.diff(g, ...spokes, paths.circle(x, y, gr * 0.1)), col, { lift: 2.5 });
    };
    P.clip(paths.circle(hx, hy, hr + 8), () => {
      gear(hx - 62, hy + 40, 86, 16, p.c('brass'), 0.1);
      gear(hx + 76, hy - 44, 70, 13, p.c('#c27a4a'), 0.22);
      gear(hx + 64, hy + 86, 46, 10, p.c('steel'), 0.1);
      gear(hx - 70, hy - 86, 48, 10, p.c('steel'), 0.2);
    });
    const face = paths.diff(paths.circle(cx, cy, r - 22), paths.circle(hx, hy, hr));
    P.piece(face, P.rad(cx - 150, cy - 200, 50, r * 1.5, '#fffdf6', p.c('#fbf3e0'), p.c('#ead9b8')), {
      lift: 3,
    });
    P.line(paths.circle(hx, hy, hr + 14), p.c('brass'), 9);
    for (let i = 0; i < 60; i++) {
      const a = (i / 60) * 6.283;
      if (i % 5) P.ink(paths.circle(cx + Math.cos(a) * (r - 56), cy + Math.sin(a) * (r - 56), 5), p.ink, 0.7);
    }
    // roman numerals built from bars
    const strokes = { I: [[0, 0]], V: 0 };
    const num = ['XII', 'I', 'II', 'III', 'IV', 'V', 'VI', 'VII', 'VIII', 'IX', 'X', 'XI'];
    num.forEach((t, i) => {
      if (i === 6) return;
      const a = (i / 12) * 6.283 - Math.PI / 2;
      P.at(
        cx + Math.cos(a) * (r - 118),
        cy + Math.sin(a) * (r - 118),
        () => {
          const w: Record<string, number> = { I: 22, V: 52, X: 52 },
            tot = [...t].reduce((q, k) => q + named(w, k) + 6, -6);
          let x = -tot / 2,
            ps: Path2D[] = [];
          for (const k of t) {
            if (k === 'I') ps.push(paths.rect(x + 4, -42, 14, 84));
            if (k === 'V')
              ps.push(
                paths.poly([
                  [x, -42],
                  [x + 18, -42],
                  [x + 28, 16],
                  [x + 40, -42],
                  [x + 50, -42],
                  [x + 34, 42],
                  [x + 20, 42],
                ]),
              );
            if (k === 'X')
              ps.push(
                paths.poly([
                  [x, -42],
                  [x + 17, -42],
                  [x + 52, 42],
                  [x + 35, 42],
                ]),
                paths.poly([
                  [x + 42, -42],
                  [x + 50, -42],
                  [x + 10, 42],
                  [x + 2, 42],
                ]),
              );
            x += named(w, k) + 6;
          }
          P.piece(paths.union(...ps), p.c('#274a55'), { lift: 0.8, grain: 0.3 });
        },
        { rot: a + Math.PI / 2, s: 1 },
      );
    });
    // hands at ten past ten
    const hand = (deg: number, pts: readonly Point[], col: string, lift: number) =>
      P.at(cx, cy, () => P.piece(paths.smooth(pts, true, 0.55), col, { lift }), {
        rot: (deg * Math.PI) / 180,
      });
    hand(
      304,
      [
        [-14, 70],
        [14, 70],
        [17, -60],
        [34, -150],
        [0, -262],
        [-34, -150],
        [-17, -60],
      ],
      p.c('#274a55'),
      5,
    );
    hand(
      67,
      [
        [-11, 90],
        [11, 90],
        [13, -120],
        [24, -270],
        [0, -400],
        [-24, -270],
        [-13, -120],
      ],
      p.c('#274a55'),
      6,
    );
    P.at(
      cx,
      cy,
      () => {
        P.piece(
          paths.union(
            paths.tube(
              [
                [0, 130],
                [0, -380],
              ],
              [9, 4],
            ),
            paths.circle(0, 120, 26),
          ),
          p.accent,
          { lift: 7, grain: 0.2 },
        );
      },
      { rot: (155 * Math.PI) / 180 },
    );
    P.piece(paths.circle(cx, cy, 34), p.c('brass'), { lift: 3 });
    P.piece(paths.circle(cx, cy, 13), p.ink, { lift: 0 });
    // glass glint
    {
      const c = P.ctx;
      c.save();
      c.clip(paths.circle(cx, cy, r - 22));
      c.globalCompositeOperation = 'screen';
      c.fillStyle = P.lin(
        cx - 500,
        cy - 500,
        cx + 100,
        cy + 100,
        'rgba(255,255,255,.30)',
        'rgba(255,255,255,.05)',
      );
      c.fill(
        paths.poly([
          [cx - 700, cy + 60],
          [cx + 60, cy - 700],
          [cx + 230, cy - 700],
          [cx - 700, cy + 230],
        ]),
      );
      c.restore();
    }
  },
};
