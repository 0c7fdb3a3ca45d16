import { Path2D } from '@napi-rs/canvas';
import { mix } from '../colour.ts';
import type { Paint } from '../paint.ts';
import * as paths from '../paths.ts';

export function boat(
  P: Paint,
  x: number,
  y: number,
  s: number,
  o: {
    hull?: string;
    trim?: string;
    cab?: string;
    net?: number;
    flag?: number;
    flagC?: string;
    lit?: number;
    face?: number;
  } = {},
) {
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
}

export function rowboat(P: Paint, x: number, y: number, s: number, o: { hull?: string; face?: number } = {}) {
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
}

export function sail(
  P: Paint,
  x: number,
  y: number,
  s: number,
  o: { hull?: string; sail?: string; jib?: string; face?: number } = {},
) {
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
}

export function lighthouse(
  P: Paint,
  x: number,
  y: number,
  s: number,
  o: { col?: string; lit?: number } = {},
) {
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
}
