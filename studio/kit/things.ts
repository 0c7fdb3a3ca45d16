import { Path2D } from '@napi-rs/canvas';
import { alpha, mix } from './colour.ts';
import { nature } from './nature.ts';
import type { Kit, Slots } from './paint.ts';
import { paths } from './paths.ts';

export const things: Kit = {
  // ---------- boats ----------
  boat(P, x, y, s, o: Slots = {}) {
    // fishing boat, bow to the right, waterline y
    const pal = P.pal,
      hull = o.hull || pal.accent,
      trim = o.trim || pal.paper,
      cab = o.cab || pal.c('cream'),
      dk = mix(hull, pal.shadow, 0.3),
      wood = pal.c('wood');
    P.at(
      x,
      y,
      () => {
        // mast, derrick, rigging
        P.line(
          paths.poly(
            [
              [-20, -330],
              [-215, -100],
            ],
            false,
          ),
          pal.ink,
          2.5,
          0.8,
        );
        P.line(
          paths.poly(
            [
              [-20, -330],
              [232, -118],
            ],
            false,
          ),
          pal.ink,
          2.5,
          0.8,
        );
        P.piece(
          paths.tube(
            [
              [-20, -90],
              [-20, -340],
            ],
            [11, 7],
          ),
          pal.d('wood', 0.3),
          { lift: 1, grain: 0.3 },
        );
        P.piece(
          paths.tube(
            [
              [-20, -150],
              [-150, -262],
            ],
            [8, 5],
          ),
          pal.d('wood', 0.3),
          { lift: 1, grain: 0.3 },
        );
        P.line(
          paths.poly(
            [
              [-20, -320],
              [-150, -262],
            ],
            false,
          ),
          pal.ink,
          2,
          0.8,
        );
        P.line(
          paths.poly(
            [
              [-148, -262],
              [-148, -150],
            ],
            false,
          ),
          pal.ink,
          2,
          0.8,
        );
        // net hung from derrick
        if (o.net !== 0) {
          const n = paths.smooth([
            [-148, -170],
            [-122, -120],
            [-116, -84],
            [-182, -84],
            [-174, -120],
          ]);
          P.piece(n, mix(pal.c('teal'), pal.shadow, 0.1), { lift: 1, a: 0.92 });
          P.clip(n, () => {
            for (let i = -220; i < -60; i += 11) {
              P.line(
                paths.poly(
                  [
                    [i, -190],
                    [i + 60, -70],
                  ],
                  false,
                ),
                pal.paper,
                1,
                0.4,
              );
              P.line(
                paths.poly(
                  [
                    [i + 60, -190],
                    [i, -70],
                  ],
                  false,
                ),
                pal.paper,
                1,
                0.4,
              );
            }
          });
        }
        if (o.flag !== 0)
          P.piece(
            paths.poly([
              [-17, -338],
              [48, -322],
              [-17, -304],
            ]),
            o.flagC || pal.accent2,
            { lift: 0.8, grain: 0.3 },
          );
        // cabin
        P.piece(
          paths.round(
            [
              [22, -86],
              [22, -172],
              [118, -172],
              [132, -86],
            ],
            6,
          ),
          cab,
          { lift: 2 },
        );
        P.piece(
          paths.round(
            [
              [10, -170],
              [12, -186],
              [128, -186],
              [126, -170],
            ],
            5,
          ),
          hull,
          { lift: 1 },
        );
        for (const wx of [36, 80])
          P.piece(
            paths.round(
              [
                [wx, -152],
                [wx + 32, -152],
                [wx + 34, -116],
                [wx, -116],
              ],
              5,
            ),
            o.lit ? pal.accent2 : mix(pal.c('navy'), pal.sky[1], 0.3),
            { lift: 0.5, grain: 0.2 },
          );
        P.piece(
          paths.tube(
            [
              [58, -186],
              [58, -214],
            ],
            [14, 14],
            { cap: 'flat' },
          ),
          pal.ink,
          { lift: 0.6 },
        );
        // crates on deck
        P.piece(
          paths.round(
            [
              [-126, -74],
              [-126, -110],
              [-76, -110],
              [-76, -74],
            ],
            3,
          ),
          wood,
          { lift: 1 },
        );
        P.piece(
          paths.round(
            [
              [-72, -74],
              [-72, -98],
              [-34, -98],
              [-34, -74],
            ],
            3,
          ),
          pal.l('wood', 0.3),
          { lift: 1 },
        );
        // hull
        const h = new Path2D();
        h.moveTo(-226, -96);
        h.bezierCurveTo(-120, -66, 60, -62, 250, -128);
        h.bezierCurveTo(240, -60, 205, 0, 168, 46);
        h.lineTo(-176, 46);
        h.bezierCurveTo(-214, 20, -226, -40, -226, -96);
        h.closePath();
        P.piece(h, P.lin(0, -120, 0, 40, mix(hull, pal.paper, 0.08), dk), { lift: 2.4 });
        P.clip(h, () => {
          const b = new Path2D();
          b.moveTo(-240, -88);
          b.bezierCurveTo(-120, -54, 60, -50, 262, -116);
          b.lineTo(262, -96);
          b.bezierCurveTo(60, -30, -120, -34, -240, -68);
          b.closePath();
          P.piece(b, trim, { lift: 0.6 });
          P.piece(paths.rect(-260, 4, 560, 80), mix(pal.ink, hull, 0.15), { lift: 0.6 });
        });
        P.ink(paths.circle(196, -78, 6), pal.ink);
        for (const fx of [-150, -60, 40]) {
          P.line(
            paths.poly(
              [
                [fx, -72],
                [fx, -40],
              ],
              false,
            ),
            pal.ink,
            2.4,
            0.9,
          );
          P.piece(paths.ellipse(fx, -26, 11, 17), pal.accent2, { lift: 0.8, grain: 0.2 });
        }
      },
      { s, sx: s * (o.face || 1) },
    );
  },
  rowboat(P, x, y, s, o: Slots = {}) {
    const pal = P.pal,
      c = o.hull || pal.c('wood');
    P.at(
      x,
      y,
      () => {
        P.piece(paths.ellipse(0, -34, 128, 10), mix(c, pal.shadow, 0.5), { lift: 0.5 });
        const h = new Path2D();
        h.moveTo(-140, -44);
        h.bezierCurveTo(-60, -22, 60, -22, 140, -44);
        h.bezierCurveTo(120, 0, 90, 26, 60, 30);
        h.lineTo(-70, 30);
        h.bezierCurveTo(-110, 20, -130, -10, -140, -44);
        h.closePath();
        P.piece(h, c, { lift: 2 });
        P.clip(h, () => {
          const b = new Path2D();
          b.moveTo(-140, -36);
          b.bezierCurveTo(-60, -12, 60, -12, 140, -36);
          b.lineTo(140, -26);
          b.bezierCurveTo(60, -2, -60, -2, -140, -26);
          b.closePath();
          P.ink(b, pal.paper, 0.85);
        });
      },
      { s, sx: s * (o.face || 1) },
    );
  },
  sail(P, x, y, s, o: Slots = {}) {
    const pal = P.pal;
    P.at(
      x,
      y,
      () => {
        P.piece(
          paths.tube(
            [
              [0, -20],
              [0, -270],
            ],
            [7, 4],
          ),
          pal.ink,
          { lift: 0.6 },
        );
        P.piece(
          paths.smooth(
            [
              [8, -262],
              [60, -150],
              [112, -52],
              [60, -44],
              [8, -48],
            ],
            true,
            0.5,
          ),
          o.sail || pal.paper,
          { lift: 1.6 },
        );
        P.piece(
          paths.smooth(
            [
              [-8, -240],
              [-40, -130],
              [-84, -54],
              [-8, -48],
            ],
            true,
            0.5,
          ),
          o.jib || mix(pal.paper, pal.accent2, 0.4),
          { lift: 1.6 },
        );
        const h = new Path2D();
        h.moveTo(-110, -34);
        h.lineTo(126, -38);
        h.bezierCurveTo(110, 0, 90, 20, 60, 26);
        h.lineTo(-70, 26);
        h.bezierCurveTo(-96, 10, -106, -10, -110, -34);
        h.closePath();
        P.piece(h, o.hull || pal.accent, { lift: 1.6 });
      },
      { s, sx: s * (o.face || 1) },
    );
  },
  lighthouse(P, x, y, s, o: Slots = {}) {
    const pal = P.pal;
    P.at(
      x,
      y,
      () => {
        const b = paths.round(
          [
            [-44, 0],
            [-28, -260],
            [28, -260],
            [44, 0],
          ],
          3,
        );
        P.piece(b, pal.c('white'), { lift: 2 });
        P.clip(b, () => {
          for (const i of [0, 2, 4])
            P.piece(paths.rect(-60, -52 - i * 52, 120, 52), o.col || pal.c('red'), { lift: 0.5 });
        });
        P.piece(paths.rrect(-40, -274, 80, 16, 3), pal.ink, { lift: 1 });
        P.piece(paths.rect(-22, -316, 44, 44), o.lit === 0 ? pal.c('glass') : pal.accent2, { lift: 0.6 });
        for (const i of [-10, 10]) P.ink(paths.rect(i - 2, -316, 4, 44), pal.ink);
        P.piece(
          paths.round(
            [
              [-32, -314],
              [0, -352],
              [32, -314],
            ],
            4,
          ),
          o.col || pal.c('red'),
          { lift: 1 },
        );
        P.piece(
          paths.tube(
            [
              [0, -350],
              [0, -372],
            ],
            [4, 2],
          ),
          pal.ink,
          { lift: 0 },
        );
        P.piece(
          paths.round(
            [
              [-12, 0],
              [-12, -42],
              [12, -42],
              [12, 0],
            ],
            8,
          ),
          pal.ink,
          { lift: 0.4 },
        );
        for (const q of [-110, -200]) P.piece(paths.rrect(-7, q, 14, 24, 6), pal.ink, { lift: 0.4 });
      },
      { s },
    );
  },
  // ---------- buildings ----------
  house(P, x, y, w, h, o: Slots = {}) {
    // x centre, y ground
    const pal = P.pal,
      R = P.R,
      col = o.col,
      roof = o.roof || mix(col, pal.shadow, 0.45),
      rh = o.rh ?? w * 0.42,
      lit = o.lit ?? 0,
      wc = o.win || pal.accent2;
    if (o.chimney !== 0)
      P.piece(paths.rect(x + w * 0.2, y - h - rh * 0.95, w * 0.1, rh * 0.7), mix(col, pal.shadow, 0.3), {
        lift: 0.8,
      });
    P.piece(
      o.flat
        ? paths.rect(x - w / 2, y - h, w, h + 40)
        : paths.poly([
            [x - w / 2, y + 40],
            [x - w / 2, y - h],
            [x, y - h - rh],
            [x + w / 2, y - h],
            [x + w / 2, y + 40],
          ]),
      P.lin(0, y - h - rh, 0, y, mix(col, pal.sun, 0.06), mix(col, pal.shadow, 0.1)),
      { lift: o.lift ?? 2.4 },
    );
    if (o.flat) P.piece(paths.rect(x - w / 2 - 8, y - h - 14, w + 16, 18), roof, { lift: 1 });
    else
      P.piece(
        paths.poly([
          [x - w / 2 - w * 0.1, y - h + w * 0.06],
          [x, y - h - rh - w * 0.1],
          [x + w / 2 + w * 0.1, y - h + w * 0.06],
          [x + w / 2 + w * 0.06, y - h + w * 0.14],
          [x, y - h - rh + w * 0.04],
          [x - w / 2 - w * 0.06, y - h + w * 0.14],
        ]),
        roof,
        { lift: 1.4 },
      );
    const cols = o.cols || Math.max(1, Math.round(w / 80)),
      rows = o.rows || Math.max(1, Math.round(h / 110)),
      ww = o.ww || (w / cols) * 0.42,
      wh = o.wh || Math.min((h / rows) * 0.56, ww * 1.5);
    for (let r = 0; r < rows; r++)
      for (let c = 0; c < cols; c++) {
        if (o.door !== 0 && r === rows - 1 && c === Math.floor(cols / 2)) continue;
        const wx = x - w / 2 + ((c + 0.5) * w) / cols - ww / 2,
          wy = y - h + ((r + 0.28) * h) / rows,
          on = R() < lit;
        things.window(
          P,
          wx,
          wy,
          ww,
          wh,
          on ? mix(wc, pal.sun, R.r(0, 0.35)) : mix(mix(col, pal.shadow, 0.5), pal.sky[1], 0.22),
          { frame: o.frame || mix(col, pal.paper, 0.45), on, bar: o.bar },
        );
      }
    if (o.door !== 0) {
      const dw = (w / cols) * 0.42,
        dh = (h / rows) * 0.66,
        dx = x - w / 2 + ((Math.floor(cols / 2) + 0.5) * w) / cols;
      P.piece(
        paths.round(
          [
            [dx - dw / 2, y + 30],
            [dx - dw / 2, y - dh],
            [dx + dw / 2, y - dh],
            [dx + dw / 2, y + 30],
          ].map((p, i) => [...p, i === 1 || i === 2 ? dw * 0.3 : 0]),
          0,
        ),
        o.doorC || pal.d(pal.accent, 0.25),
        { lift: 0.8 },
      );
      P.ink(paths.circle(dx + dw * 0.3, y - dh * 0.42, dw * 0.06), pal.accent2);
    }
  },
  window(P, x, y, w, h, glass, o: Slots = {}) {
    P.piece(paths.rect(x - w * 0.1, y - w * 0.1, w * 1.2, h + w * 0.2), o.frame, { lift: 0.7, grain: 0.3 });
    P.piece(paths.rect(x, y, w, h), glass, { lift: 0, grain: 0.3, edge: 0 });
    if (o.on) P.glow(x + w / 2, y + h / 2, w * 2.1, P.pal.accent2, 0.3);
    if (o.bar !== 0) {
      P.ink(paths.rect(x + w / 2 - w * 0.04, y, w * 0.08, h), o.frame);
      P.ink(paths.rect(x, y + h * 0.45, w, w * 0.08), o.frame);
    }
    P.piece(paths.rect(x - w * 0.16, y + h + w * 0.06, w * 1.32, w * 0.12), o.frame, { lift: 0.6, grain: 0 });
  },
  lamppost(P, x, y, h, o: Slots = {}) {
    const pal = P.pal,
      c = o.col || pal.ink;
    P.piece(
      paths.tube(
        [
          [x, y],
          [x, y - h * 0.5],
          [x, y - h],
        ],
        [h * 0.032, h * 0.022, h * 0.016],
      ),
      c,
      { lift: 2, grain: 0.3 },
    );
    P.piece(paths.rrect(x - h * 0.035, y - h * 0.09, h * 0.07, h * 0.1, h * 0.012), c, { lift: 1 });
    P.piece(
      paths.tube(
        [
          [x, y - h * 0.97],
          [x + h * 0.06, y - h * 1.03],
          [x + h * 0.14, y - h * 1.01],
          [x + h * 0.16, y - h * 0.96],
        ],
        [h * 0.014, h * 0.014, h * 0.014, h * 0.014],
      ),
      c,
      { lift: 1 },
    );
    P.glow(x + h * 0.16, y - h * 0.9, h * 0.46, pal.accent2, 0.75);
    P.piece(paths.circle(x + h * 0.16, y - h * 0.905, h * 0.03), pal.sun, { lift: 0.4, grain: 0 });
    P.piece(
      paths.round(
        [
          [x + h * 0.1, y - h * 0.905],
          [x + h * 0.125, y - h * 0.965],
          [x + h * 0.195, y - h * 0.965],
          [x + h * 0.22, y - h * 0.905],
        ],
        4,
      ),
      c,
      { lift: 0.8 },
    );
  },
  // ---------- bicycle: origin = ground midpoint, wheel r 100, facing right ----------
  bike(P, x, y, s, o: Slots = {}) {
    const pal = P.pal,
      c = o.col || pal.accent,
      k = pal.ink,
      r = 100,
      rear = [-150, -r],
      fr = [158, -r],
      bb = [-14, -86],
      seat = [-62, -226],
      head = [108, -232];
    P.at(
      x,
      y,
      () => {
        const wheel = (cx, cy) => {
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
        const tube = (a, b, w = 11, col = c) =>
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
            ]) {
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
            ])
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
        P.piece(paths.circle(...bb, 1), k, { lift: 0 });
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
  },
  // ---------- table things ----------
  mug(P, x, y, s, col, o: Slots = {}) {
    const pal = P.pal;
    P.at(
      x,
      y,
      () => {
        P.piece(paths.ring(62, -62, 30, 15), mix(col, pal.shadow, 0.12), { lift: 1 });
        P.piece(
          paths.round(
            [
              [-64, -118, 6],
              [64, -118, 6],
              [58, -14, 26],
              [40, 0, 16],
              [-40, 0, 16],
              [-58, -14, 26],
            ],
            8,
          ),
          P.lin(-64, 0, 64, 0, mix(col, pal.paper, 0.14), mix(col, pal.shadow, 0.18)),
          { lift: 2 },
        );
        P.piece(paths.ellipse(0, -118, 64, 13), mix(col, pal.paper, 0.25), { lift: 0.3, grain: 0.2 });
        P.piece(paths.ellipse(0, -116, 55, 9), pal.c('#5a3522'), { lift: 0, grain: 0.2 });
        if (o.band)
          P.clip(
            paths.round(
              [
                [-64, -118],
                [64, -118],
                [58, -14],
                [40, 0],
                [-40, 0],
                [-58, -14],
              ],
              8,
            ),
            () => P.ink(paths.rect(-80, -74, 160, 26), o.band, 0.9),
          );
      },
      { s },
    );
  },
  book(P, x, y, w, h, col, o: Slots = {}) {
    const pal = P.pal;
    P.piece(
      paths.rrect(x, y - h, w, h, 3),
      P.lin(x, 0, x + w, 0, mix(col, pal.paper, 0.1), mix(col, pal.shadow, 0.16)),
      { lift: 1.4 },
    );
    if (o.band !== 0) {
      P.ink(paths.rect(x, y - h * 0.84, w, h * 0.03), pal.paper, 0.8);
      P.ink(paths.rect(x, y - h * 0.2, w, h * 0.03), pal.paper, 0.8);
      P.ink(paths.rrect(x + w * 0.3, y - h * 0.68, w * 0.4, h * 0.28, 2), pal.paper, 0.5);
    }
  },
  stack(P, x, y, list) {
    let yy = y;
    for (const [w, h, c, dx] of list) {
      P.piece(paths.rrect(x + (dx || 0), yy - h, w, h, 4), c, { lift: 1.4 });
      P.piece(
        paths.rect(x + (dx || 0) + w * 0.02, yy - h * 0.82, w * 0.96 * 0.0 + 8, h * 0.64),
        P.pal.paper,
        {
          lift: 0,
        },
      );
      P.ink(paths.rect(x + (dx || 0) + w * 0.8, yy - h, w * 0.03, h), P.pal.paper, 0.7);
      yy -= h;
    }
    return yy;
  },
  pot(P, x, y, s, col, plant) {
    const pal = P.pal;
    P.at(
      x,
      y,
      () => {
        plant?.();
        P.piece(
          paths.round(
            [
              [-62, -104],
              [62, -104],
              [46, 0],
              [-46, 0],
            ],
            8,
          ),
          P.lin(-60, 0, 60, 0, mix(col, pal.paper, 0.1), mix(col, pal.shadow, 0.2)),
          { lift: 2 },
        );
        P.piece(paths.rrect(-70, -122, 140, 30, 6), mix(col, pal.paper, 0.06), { lift: 1 });
      },
      { s },
    );
  },
  fern(P, n, len, c, o: Slots = {}) {
    const R = P.R;
    for (let i = 0; i < n; i++) {
      const a = -Math.PI / 2 + (i / (n - 1) - 0.5) * (o.fan || 2.2),
        l = len * R.r(0.8, 1.08);
      nature.leafP(P, 0, -110, l, a, mix(c, P.pal.ink, (i % 3) * 0.13), { fat: o.fat || 0.24, lift: 1.2 });
    }
  },
  tablelamp(P, x, y, s, o: Slots = {}) {
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
  },
  desklamp(P, x, y, s, o: Slots = {}) {
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
  },
  // light cone as two translucent sheets
  cone(P, x, y, x0, x1, y1, a = 0.22) {
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
  },
  egg(P, x, y, r, a, c) {
    P.at(
      x,
      y,
      () =>
        P.piece(
          paths.smooth([
            [0, -r * 1.28],
            [r * 0.62, -r * 0.72],
            [r * 0.96, r * 0.1],
            [r * 0.66, r * 0.82],
            [0, r * 1.05],
            [-r * 0.66, r * 0.82],
            [-r * 0.96, r * 0.1],
            [-r * 0.62, -r * 0.72],
          ]),
          P.rad(-r * 0.3, -r * 0.4, 4, r * 1.9, mix(c, '#fff', 0.5), c, mix(c, P.pal.shadow, 0.3)),
          { lift: 3, grain: 0.3 },
        ),
      { rot: a },
    );
  },
  // ---------- vegetables ----------
  tomato(P, x, y, r) {
    const c = P.pal.c('tomato');
    P.piece(
      paths.ellipse(x, y, r, r * 0.9),
      P.rad(x - r * 0.3, y - r * 0.35, 0, r * 1.5, mix(c, '#ffb08a', 0.4), c, mix(c, P.pal.shadow, 0.25)),
      { lift: 0.9, grain: 0.3 },
    );
    P.piece(nature.star(x, y - r * 0.72, r * 0.52), P.pal.c('leafD'), { lift: 0.4, grain: 0, edge: 0 });
  },
  round(P, x, y, r, c) {
    P.piece(
      paths.circle(x, y, r),
      P.rad(x - r * 0.3, y - r * 0.35, 0, r * 1.5, mix(c, P.pal.paper, 0.35), c, mix(c, P.pal.shadow, 0.25)),
      { lift: 0.9, grain: 0.3 },
    );
    P.ink(paths.circle(x + r * 0.1, y - r * 0.6, r * 0.12), mix(c, P.pal.ink, 0.6));
  },
  carrot(P, x, y, l, ang) {
    const c = P.pal.c('carrot'),
      ca = Math.cos(ang),
      sa = Math.sin(ang);
    for (const d of [-0.3, 0, 0.3])
      P.piece(nature.leaf(x, y, l * 0.62, ang + Math.PI + d, 0.2), P.pal.c(d ? 'leafD' : 'leaf'), {
        lift: 0.5,
        grain: 0,
      });
    P.piece(
      paths.tube(
        [
          [x, y],
          [x + ca * l * 0.5, y + sa * l * 0.5],
          [x + ca * l, y + sa * l],
        ],
        [l * 0.23, l * 0.19, l * 0.03],
      ),
      c,
      { lift: 0.9, grain: 0.3 },
    );
    for (const t of [0.15, 0.32, 0.5])
      P.line(
        paths.poly(
          [
            [x + ca * l * t - sa * l * 0.06, y + sa * l * t + ca * l * 0.06],
            [x + ca * l * t + sa * l * 0.02, y + sa * l * t - ca * l * 0.02],
          ],
          false,
        ),
        P.pal.d('carrot', 0.3),
        l * 0.014,
        0.7,
      );
  },
  cabbage(P, x, y, r, c) {
    c = c || P.pal.c('leafL');
    const R = P.R;
    for (let i = 0; i < 7; i++) {
      const a = (i / 7) * 6.283 + 0.3;
      P.piece(
        paths.ellipse(x + Math.cos(a) * r * 0.5, y + Math.sin(a) * r * 0.45, r * 0.62, r * 0.5, a),
        mix(c, P.pal.c('leafD'), 0.25 + (i % 2) * 0.15),
        { lift: 0.6, grain: 0.3 },
      );
    }
    P.piece(paths.circle(x, y, r * 0.72), mix(c, P.pal.paper, 0.15), { lift: 0.6, grain: 0.3 });
    for (const d of [-0.7, 0, 0.7])
      P.line(
        paths.smooth(
          [
            [x, y + r * 0.6],
            [x + d * r * 0.3, y],
            [x + d * r * 0.75, y - r * 0.45],
          ],
          false,
        ),
        mix(c, P.pal.paper, 0.6),
        r * 0.05,
        0.8,
      );
  },
  aubergine(P, x, y, l, ang) {
    P.at(
      x,
      y,
      () => {
        const c = P.pal.c('aub');
        P.piece(
          paths.smooth([
            [0, -l * 0.1],
            [l * 0.35, -l * 0.16],
            [l * 0.72, -l * 0.24],
            [l * 0.98, 0],
            [l * 0.72, l * 0.22],
            [l * 0.3, l * 0.13],
            [0, l * 0.1],
          ]),
          P.lin(0, -l * 0.2, 0, l * 0.2, mix(c, '#b58ad0', 0.35), c),
          { lift: 0.9, grain: 0.3 },
        );
        P.piece(
          paths.smooth([
            [l * 0.14, -l * 0.13],
            [l * 0.04, -l * 0.15],
            [-l * 0.08, -l * 0.03],
            [-l * 0.18, -l * 0.04],
            [-l * 0.18, l * 0.04],
            [-l * 0.06, l * 0.05],
            [l * 0.02, l * 0.13],
            [l * 0.12, l * 0.08],
            [l * 0.06, 0],
          ]),
          P.pal.c('leaf'),
          { lift: 0.5, grain: 0 },
        );
        P.line(
          paths.smooth(
            [
              [l * 0.3, -l * 0.06],
              [l * 0.55, -l * 0.12],
              [l * 0.78, -l * 0.12],
            ],
            false,
          ),
          '#ffffff',
          l * 0.03,
          0.25,
        );
      },
      { rot: ang },
    );
  },
  leek(P, x, y, l, ang) {
    P.at(
      x,
      y,
      () => {
        for (const d of [-0.26, 0.22, 0])
          P.piece(
            paths.tube(
              [
                [l * 0.45, 0],
                [l * 0.75, d * l * 0.25],
                [l, d * l * 0.7],
              ],
              [l * 0.1, l * 0.13, l * 0.02],
            ),
            P.pal.c(d ? 'leafD' : 'leaf'),
            { lift: 0.5, grain: 0.2 },
          );
        P.piece(
          paths.tube(
            [
              [0, 0],
              [l * 0.55, 0],
            ],
            [l * 0.11, l * 0.12],
          ),
          P.lin(0, 0, l * 0.6, 0, P.pal.c('white'), P.pal.c('leafL')),
          { lift: 0.7, grain: 0.3 },
        );
      },
      { rot: ang },
    );
  },
  crate(P, x, y, w, h, fill) {
    // fill() draws goods above the rim; then the front boards
    const pal = P.pal,
      c = pal.c('woodL');
    P.piece(paths.rect(x + 6, y - h - 12, w - 12, h), pal.d('woodD', 0.2), { lift: 1 });
    P.clip(paths.rect(x - 80, y - h - 600, w + 160, 600 + h * 0.46), () => fill(x, y - h, w));
    for (let i = 0; i < 2; i++)
      P.piece(paths.rrect(x, y - h + i * h * 0.52, w, h * 0.44, 4), mix(c, pal.c('wood'), i * 0.3), {
        lift: 1.4,
      });
    for (const q of [x + 6, x + w - 22]) {
      P.piece(paths.rect(q, y - h - 4, 16, h + 4), pal.c('wood'), { lift: 0.8 });
      P.ink(paths.circle(q + 8, y - h * 0.76, 2.6), pal.ink, 0.6);
      P.ink(paths.circle(q + 8, y - h * 0.24, 2.6), pal.ink, 0.6);
    }
  },
  tag(P, x, y, w, h, rot = 0) {
    P.at(
      x,
      y,
      () => {
        P.piece(
          paths.tube(
            [
              [0, 0],
              [0, 60],
            ],
            [5, 4],
          ),
          P.pal.c('wood'),
          { lift: 0.5 },
        );
        P.piece(paths.rrect(-w / 2, -h, w, h, 5), P.pal.c('white'), { lift: 1 });
        P.ink(paths.rrect(-w * 0.34, -h * 0.72, w * 0.68, h * 0.12, 2), P.pal.ink, 0.75);
        P.ink(paths.rrect(-w * 0.34, -h * 0.42, w * 0.4, h * 0.2, 2), P.pal.accent, 0.9);
      },
      { rot },
    );
  },
  seedling(P, x, y, s, o: Slots = {}) {
    const c = P.pal.c('leaf'),
      d = P.pal.c('leafL');
    P.at(
      x,
      y,
      () => {
        P.piece(
          paths.tube(
            [
              [0, 10],
              [3, -50],
              [-2, -108],
            ],
            [10, 8, 6],
          ),
          d,
          { lift: 1, grain: 0.2 },
        );
        nature.leafP(P, 0, -104, 92, -0.55, c, { fat: 0.36 });
        nature.leafP(P, 0, -104, 86, -2.6, mix(c, P.pal.paper, 0.1), { fat: 0.36 });
        if (o.big !== 0) {
          nature.leafP(P, -2, -106, 62, -1.25, d, { fat: 0.36 });
          nature.leafP(P, -2, -106, 54, -1.95, mix(d, c, 0.4), { fat: 0.36 });
        }
      },
      { s, rot: o.rot || 0 },
    );
  },
  radio(P, x, y, s, o: Slots = {}) {
    const pal = P.pal,
      w = o.col || pal.c('#b5562f');
    P.at(
      x,
      y,
      () => {
        if (o.antenna !== 0) {
          P.piece(
            paths.tube(
              [
                [150, -250],
                [262, -470],
              ],
              [9, 5],
            ),
            pal.c('steel'),
            { lift: 1.4 },
          );
          P.piece(paths.circle(262, -472, 9), pal.c('steel'), { lift: 0.6, grain: 0 });
        }
        P.piece(
          paths.tube(
            [
              [-120, -262],
              [-110, -312],
              [110, -312],
              [120, -262],
            ].flatMap((q, i) => (i === 1 || i === 2 ? [q, q] : [q])),
            [18, 18, 18, 18, 18, 18],
          ),
          pal.d('woodD', 0.2),
          { lift: 1 },
        );
        for (const fx of [-160, 130]) P.piece(paths.rrect(fx, -14, 40, 18, 5), pal.ink, { lift: 0.8 });
        P.piece(
          paths.rrect(-220, -266, 440, 258, 44),
          P.lin(0, -266, 0, -8, mix(w, pal.paper, 0.16), mix(w, pal.shadow, 0.16)),
          { lift: 3 },
        );
        P.piece(paths.rrect(-196, -242, 392, 210, 28), pal.c('cream'), { lift: 0.8 });
        const gr = paths.circle(-90, -137, 84);
        P.piece(gr, pal.d('woodL', 0.1), { lift: 0.6 });
        P.clip(gr, () => {
          for (let i = -180; i < 0; i += 15)
            P.piece(paths.rect(i, -240, 6, 220), pal.d('woodD', 0.2), { lift: 0.4, grain: 0, edge: 0 });
        });
        P.line(gr, w, 7);
        P.piece(paths.rrect(22, -222, 152, 84, 12), pal.sun, { lift: 0.4, grain: 0.2 });
        P.glow(98, -180, 110, pal.accent2, 0.4);
        for (let i = 0; i <= 12; i++)
          P.ink(paths.rect(34 + i * 10.4, -208, 2.4, i % 3 ? 14 : 26), pal.ink, 0.8);
        P.ink(paths.rect(36, -160, 126, 3), pal.ink, 0.5);
        P.ink(paths.rect(104, -216, 5, 70), pal.c('red'));
        for (const kx of [58, 140]) {
          P.piece(paths.circle(kx, -86, 32), w, { lift: 1.6 });
          P.piece(paths.circle(kx, -86, 20), mix(w, pal.paper, 0.25), { lift: 0.5 });
          P.ink(paths.rect(kx - 2.5, -116, 5, 20), pal.paper);
        }
      },
      { s },
    );
  },
  screw(P, x, y, r) {
    P.piece(paths.circle(x, y, r), P.pal.c('brass'), { lift: 0.8, grain: 0 });
    P.line(
      paths.poly(
        [
          [x - r * 0.6, y - r * 0.2],
          [x + r * 0.6, y + r * 0.2],
        ],
        false,
      ),
      P.pal.ink,
      r * 0.26,
    );
  },
  planks(P, x0, y0, x1, y1, n, col, o: Slots = {}) {
    const R = P.R,
      h = (y1 - y0) / n;
    for (let i = 0; i < n; i++) {
      const c = mix(col, P.pal.shadow, R.r(0, 0.1));
      P.piece(
        paths.rect(x0, y0 + i * h, x1 - x0, h - 2),
        P.lin(0, y0 + i * h, 0, y0 + i * h + h, mix(c, P.pal.paper, 0.06), c),
        { lift: 0.8, grain: 0.6, edge: 0.2 },
      );
      for (let k = 0; k < (o.lines ?? 5); k++) {
        const x = R.r(x0, x1),
          y = y0 + i * h + R.r(0.15, 0.85) * h,
          l = R.r(120, 420);
        P.line(
          paths.smooth(
            [
              [x, y],
              [x + l * 0.3, y + R.r(-5, 5)],
              [x + l * 0.6, y + R.r(-5, 5)],
              [x + l, y],
            ],
            false,
          ),
          mix(c, P.pal.shadow, 0.35),
          R.r(1.2, 2.6),
          0.35,
        );
      }
    }
  },
};
