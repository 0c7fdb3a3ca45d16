import { Path2D } from '@napi-rs/canvas';
import { mix } from '../kit/colour.ts';
import { nth } from '../kit/named.ts';
import * as nature from '../kit/nature.ts';
import { BLEED, type Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as people from '../kit/people.ts';
import * as things from '../kit/things.ts';

export const motif: Motif = {
  outdoor: true,
  title: 'A market stall piled with vegetables',
  pal: 'noon',
  focal: [960, 700],
  portrait: { x: 500, y: -260, w: 940, h: 1670 },
  draw(P) {
    const p = P.pal,
      R = P.R;
    P.piece(
      paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED),
      P.lin(0, -100, 0, 900, ...p.sky),
      {
        lift: 0,
        edge: 0,
      },
    );
    // street behind
    let x = -500;
    for (const [w, h, c] of [
      [300, 560, '#e9d3b0'],
      [220, 640, 'rose'],
      [260, 520, '#e6b06a'],
      [230, 620, 'cream'],
      [260, 560, 'rose'],
      [240, 660, 'cream'],
      [250, 540, '#d98f6a'],
      [260, 640, 'rose'],
      [240, 560, 'cream'],
      [300, 600, '#e6b06a'],
      [260, 600, 'cream'],
    ] as const) {
      things.house(P, x + w / 2, 1040, w, h + 140, {
        col: mix(p.c(c), p.sky[2], 0.3),
        roof: mix(p.c('brick'), p.sky[2], 0.35),
        rows: 5,
        cols: 3,
        flat: R() < 0.4,
        door: 0,
        lift: 2,
        chimney: 0,
        frame: mix(p.paper, p.sky[2], 0.2),
      });
      x += w;
    }
    for (let i = 0; i < 5; i++) {
      const bx = -200 + i * 560;
      const pts: [number, number][] = [];
      for (let k = 0; k <= 10; k++)
        pts.push([bx + k * 56, 150 + Math.sin((k / 10) * Math.PI) * 60 - (i % 2) * 20]);
      P.line(paths.smooth(pts, false), p.ink, 3, 0.7);
      for (let k = 1; k < 10; k++)
        P.piece(
          paths.poly([
            [nth(nth(pts, k), 0) - 20, nth(nth(pts, k), 1)],
            [nth(nth(pts, k), 0) + 20, nth(nth(pts, k), 1)],
            [nth(nth(pts, k), 0), nth(nth(pts, k), 1) + 40],
          ]),
          nth([p.accent, p.accent2, p.c('teal'), p.paper], (k + i) % 4),
          { lift: 1, grain: 0.3 },
        );
    }
    P.piece(paths.rect(-BLEED, 1020, 1920 + 2 * BLEED, 60), p.l('grey', 0.6), { lift: 3 });
    P.piece(
      paths.rect(-BLEED, 1070, 1920 + 2 * BLEED, 1600),
      P.lin(0, 1060, 0, 1500, p.l('grey', 0.3), p.d('grey', 0.15)),
      { lift: 3 },
    );
    // posts and back of the stall
    P.piece(paths.rect(330, 330, 1260, 640), P.lin(0, 330, 0, 900, p.d('woodD', 0.5), p.d('woodD', 0.15)), {
      lift: 3,
    });
    // hanging garlic / onions / scales
    for (const [gx, gy, c, n] of [
      [480, 440, '#f4ead8', 5],
      [560, 430, '#c98a4a', 5],
      [1440, 430, '#b5402e', 6],
    ] as const) {
      P.line(
        paths.poly(
          [
            [gx, 400],
            [gx, gy + n * 34],
          ],
          false,
        ),
        p.c('mustard'),
        5,
      );
      for (let i = 0; i < n; i++)
        for (const m of [-1, 1]) things.round(P, gx + m * 16, gy + 26 + i * 34, 20, p.c(c));
    }
    // seller
    P.group(
      () => {
        people.front(P, 948, 905, 9.4, {
          skin: p.skin(2),
          hair: '#2b1c17',
          hairStyle: 'bun',
          top: p.c('mustard'),
          apron: p.c('#2f6f64'),
          bottom: p.c('navy'),
          hands: [
            [-20, -9],
            [20, -9],
          ],
          bends: [1, -1],
          hdirs: [95, 85],
          sleeve: 'short',
          eye: 'open',
          tilt: 3,
          neck: 'v',
        });
      },
      { lift: 3 },
    );
    // hanging scale
    P.group(
      () => {
        P.line(
          paths.poly(
            [
              [1270, 380],
              [1270, 470],
            ],
            false,
          ),
          p.ink,
          5,
        );
        P.piece(paths.circle(1270, 520, 62), p.c('red'), { lift: 2 });
        P.piece(paths.circle(1270, 520, 48), p.c('white'), { lift: 0 });
        for (let i = 0; i < 12; i++) {
          const a = (i / 12) * 6.28;
          P.line(
            paths.poly(
              [
                [1270 + Math.cos(a) * 38, 520 + Math.sin(a) * 38],
                [1270 + Math.cos(a) * 44, 520 + Math.sin(a) * 44],
              ],
              false,
            ),
            p.ink,
            3,
          );
        }
        P.line(
          paths.poly(
            [
              [1270, 520],
              [1296, 492],
            ],
            false,
          ),
          p.c('red'),
          5,
        );
        for (const m of [-1, 1])
          P.line(
            paths.poly(
              [
                [1270, 582],
                [1270 + m * 92, 668],
              ],
              false,
            ),
            p.ink,
            3,
          );
        const pan = paths.smooth(
          [
            [1170, 664],
            [1370, 664],
            [1330, 706],
            [1210, 706],
          ],
          true,
          0.7,
        );
        for (const [dx, r] of [
          [-44, 30],
          [0, 36],
          [46, 30],
        ] as const)
          things.round(P, 1270 + dx, 652, r, p.c('#e9b23a'));
        P.piece(pan, p.c('steel'), { lift: 1.4 });
      },
      { lift: 3 },
    );
    for (const px of [322, 1566])
      P.piece(paths.rect(px, 300, 32, 900), P.lin(px, 0, px + 32, 0, p.c('woodL'), p.c('wood')), { lift: 3 });
    // awning
    const n = 12,
      x0 = 250,
      x1 = 1670,
      w = (x1 - x0) / n;
    P.group(
      () => {
        for (let i = 0; i < n; i++) {
          const c = i % 2 ? p.c('white') : p.accent;
          const tx0 = 360 + ((1560 - 360) / n) * i,
            tw = 1200 / n;
          P.piece(
            paths.poly([
              [tx0, 150],
              [tx0 + tw, 150],
              [x0 + (i + 1) * w, 312],
              [x0 + i * w, 312],
            ]),
            P.lin(0, 170, 0, 340, mix(c, '#fff', 0.1), mix(c, p.shadow, 0.06)),
            { lift: 0, edge: 0.1 },
          );
          const scallop = new Path2D();
          scallop.moveTo(x0 + i * w, 310);
          scallop.lineTo(x0 + (i + 1) * w, 310);
          scallop.lineTo(x0 + (i + 1) * w, 350);
          scallop.bezierCurveTo(x0 + (i + 1) * w, 396, x0 + i * w, 396, x0 + i * w, 350);
          scallop.closePath();
          P.piece(scallop, mix(c, p.shadow, 0.1), { lift: 0.8 });
        }
      },
      { lift: 7 },
    );
    // counter with crates in two tiers
    P.piece(paths.rect(280, 846, 1360, 600), p.d('wood', 0.35), { lift: 4 });
    const fillers = {
      tomato: (x: number, y: number, w: number) => {
        for (let r = 1; r >= 0; r--)
          for (let i = 0; i < 5 - r; i++)
            things.tomato(P, x + w * (0.13 + 0.185 * i + r * 0.09), y - 8 - r * 44, 37);
      },
      carrot: (x: number, y: number, w: number) => {
        for (let i = 0; i < 7; i++)
          things.carrot(
            P,
            x + w * (0.1 + 0.135 * i),
            y - 66 + (i % 2) * 22,
            128,
            Math.PI / 2 + (i - 3) * 0.07,
          );
      },
      cabbage: (x: number, y: number, w: number) => {
        things.cabbage(P, x + w * 0.5, y - 64, 58);
        things.cabbage(P, x + w * 0.24, y - 18, 62);
        things.cabbage(P, x + w * 0.76, y - 18, 62);
      },
      aub: (x: number, y: number, w: number) => {
        for (let i = 0; i < 5; i++)
          things.aubergine(P, x + w * (0.1 + 0.18 * i), y - 72 + (i % 2) * 16, 120, 1.25 + (i - 2) * 0.1);
      },
      leek: (x: number, y: number, w: number) => {
        for (let i = 0; i < 6; i++)
          things.leek(P, x + w * (0.2 + 0.12 * i), y + 40, 230, -Math.PI / 2 + (i - 2.5) * 0.16);
      },
      lemon: (x: number, y: number, w: number) => {
        for (let r = 1; r >= 0; r--)
          for (let i = 0; i < 6 - r; i++)
            things.round(
              P,
              x + w * (0.11 + 0.155 * i + r * 0.08),
              y - 4 - r * 38,
              31,
              p.c(i % 3 ? '#f0c33c' : '#f3cf58'),
            );
      },
      beet: (x: number, y: number, w: number) => {
        for (let i = 0; i < 5; i++) {
          for (const d of [-0.3, 0.05, 0.3])
            P.piece(
              nature.leaf(x + w * (0.14 + 0.18 * i), y - 34, 96, -Math.PI / 2 + d, 0.22),
              p.c(d ? 'leafD' : 'leaf'),
              { lift: 0.6, grain: 0.2 },
            );
          things.round(P, x + w * (0.14 + 0.18 * i), y - 8, 38, p.c('beet'));
        }
      },
      pepper: (x: number, y: number, w: number) => {
        for (let i = 0; i < 5; i++) {
          const c = p.c(nth(['#d9432f', '#f0b52f', '#5f9a4a'], i % 3));
          const cx = x + w * (0.13 + 0.185 * i),
            cy = y - 22;
          P.piece(
            paths.union(
              paths.ellipse(cx - 18, cy, 26, 44),
              paths.ellipse(cx + 18, cy, 26, 44),
              paths.ellipse(cx, cy + 4, 24, 46),
            ),
            P.lin(cx - 40, 0, cx + 40, 0, mix(c, '#fff', 0.2), c, mix(c, p.shadow, 0.2)),
            { lift: 0.9, grain: 0.3 },
          );
          P.piece(
            paths.tube(
              [
                [cx, cy - 36],
                [cx + 5, cy - 62],
              ],
              [13, 9],
            ),
            p.c('leafD'),
            { lift: 0.5, grain: 0 },
          );
        }
      },
    };
    const tier = (
      y: number,
      h: number,
      list: readonly (keyof typeof fillers)[],
      x0: number,
      w: number,
      gap: number,
    ) =>
      list.forEach((f, i) => {
        P.group(() => things.crate(P, x0 + i * (w + gap), y, w, h, fillers[f]), { lift: 3 });
      });
    tier(930, 92, ['leek', 'cabbage', 'beet', 'aub'], 300, 318, 16);
    tier(1120, 104, ['carrot', 'tomato', 'lemon', 'pepper'], 262, 336, 16);
    (
      [
        [430, 1016],
        [782, 1016],
        [1134, 1016],
        [1486, 1016],
      ] as const
    ).forEach(([tx, ty], i) => things.tag(P, tx + 2, ty + 66, 84, 52, i % 2 ? 0.06 : -0.05));
    P.piece(paths.rect(240, 1118, 1440, 34), p.c('woodL'), { lift: 4 });
    P.piece(paths.rect(262, 1150, 1396, 1400), P.lin(0, 1150, 0, 1400, p.c('#2f6f64'), p.d('#2f6f64', 0.4)), {
      lift: 3,
    });
    for (let i = 0; i < 9; i++)
      P.line(
        paths.poly(
          [
            [290 + i * 168, 1152],
            [290 + i * 168, 2400],
          ],
          false,
        ),
        p.d('#2f6f64', 0.5),
        3,
        0.5,
      );
  },
};
