import { mix } from '../colour.ts';
import { nth } from '../named.ts';
import * as nature from '../nature.ts';
import { BLEED, type Paint, type Point } from '../paint.ts';
import * as paths from '../paths.ts';
import { rng } from '../random.ts';
import * as things from '../things.ts';

/** A wall down to y and a floor. */
export function room(
  P: Paint,
  wall: string,
  floor: string,
  y: number,
  more: { dado?: number; stripes?: number } = {},
) {
  const p = P.pal;
  P.piece(
    paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED),
    P.lin(0, -200, 0, y, p.d(wall, 0.1), p.l(wall, 0.12)),
    {
      lift: 0,
      edge: 0,
    },
  );
  if (more.dado)
    P.piece(paths.rect(-BLEED, y - more.dado, 1920 + 2 * BLEED, more.dado + 20), p.d(wall, 0.16), {
      lift: 1.6,
    });
  if (more.stripes)
    for (let i = -8; i < 24; i++) P.ink(paths.rect(i * 130, -BLEED, 60, y + BLEED), p.l(wall, 0.25), 0.35);
  P.piece(paths.rect(-BLEED, y - 26, 1920 + 2 * BLEED, 40), p.l(wall, 0.5), { lift: 1.4 });
  P.piece(
    paths.rect(-BLEED, y, 1920 + 2 * BLEED, 2200),
    P.lin(0, y, 0, y + 420, p.c(floor), p.d(floor, 0.25)),
    {
      lift: 3,
    },
  );
}

/** A window with what is outside. view: 'hills', 'town', 'sky' or a function. */
export function pane(
  P: Paint,
  x: number,
  y: number,
  w: number,
  h: number,
  view: 'hills' | 'town' | 'sky' | ((x: number, y: number, w: number, h: number) => void) = 'hills',
  frame = 'white',
) {
  const p = P.pal;
  P.group(
    () => {
      P.piece(paths.rrect(x - 22, y - 22, w + 44, h + 44, 8), p.c(frame), { lift: 3 });
      P.clip(paths.rect(x, y, w, h), () => {
        P.piece(paths.rect(x, y, w, h), P.lin(0, y, 0, y + h, p.sky[0], p.sky[1], p.sky[2]), {
          lift: 0,
          edge: 0,
        });
        if (p.moon) P.piece(paths.circle(x + w * 0.75, y + h * 0.25, h * 0.09), p.sun, { lift: 1 });
        if (view === 'hills') {
          P.piece(paths.ellipse(x + w * 0.25, y + h * 1.1, w * 0.5, h * 0.5), p.ramp[1], { lift: 2 });
          P.piece(paths.ellipse(x + w * 0.8, y + h * 1.15, w * 0.5, h * 0.4), p.ramp[2], { lift: 2 });
        } else if (view === 'town') {
          for (let i = 0; i < 7; i++) {
            const hh = h * (0.3 + ((i * 37) % 11) * 0.045);
            const bx = x + (w / 7) * i;
            P.piece(
              paths.rect(bx, y + h - hh, w / 7 + 2, hh + 40),
              mix(p.ramp[1], p.ramp[3], ((i * 3) % 5) / 5),
              {
                lift: 1.4,
              },
            );
            for (let r = 0; r < 6; r++)
              for (let c = 0; c < 2; c++)
                if ((i * 5 + r * 3 + c * 7) % 10 < 10 * p.lit + 1)
                  P.ink(
                    paths.rect(
                      bx + w * 0.025 + c * w * 0.06,
                      y + h - hh + 18 + r * h * 0.09,
                      w * 0.03,
                      h * 0.045,
                    ),
                    p.accent2,
                    0.85,
                  );
          }
        } else if (typeof view === 'function') view(x, y, w, h);
      });
      P.ink(paths.rect(x + w / 2 - 7, y, 14, h), p.c(frame));
      P.ink(paths.rect(x, y + h * 0.42, w, 12), p.c(frame));
      P.piece(paths.rect(x - 40, y + h + 14, w + 80, 26), p.c(frame), { lift: 2 });
    },
    { lift: 2 },
  );
}

/** A table seen from the side: its top at y, its legs down to the ground. */
export function table(P: Paint, x0: number, x1: number, y: number, ground: number, col = 'woodL') {
  const p = P.pal;
  P.group(
    () => {
      for (const x of [x0 + 30, x1 - 60])
        P.piece(paths.rect(x, y, 30, ground - y), p.d(col, 0.28), { lift: 2 });
      P.piece(paths.rrect(x0, y, x1 - x0, 34, 8), P.lin(x0, 0, x1, 0, p.l(col, 0.12), p.d(col, 0.12)), {
        lift: 3,
      });
    },
    { lift: 4 },
  );
}

/** A chair from the side, its seat at y; face 1 looks right. */
export function chair(P: Paint, x: number, y: number, ground: number, face = 1, col = 'wood', back = 260) {
  const p = P.pal;
  P.group(
    () => {
      for (const d of [-80, 80])
        P.piece(paths.rect(x + d - 10, y, 20, ground - y), p.d(col, 0.25), { lift: 1.6 });
      P.piece(paths.rrect(x - face * 92 - 14, y - back, 28, back + (ground - y), 10), p.d(col, 0.1), {
        lift: 2,
      });
      P.piece(paths.rrect(x - 100, y, 200, 30, 10), p.c(col), { lift: 2.4 });
    },
    { lift: 3 },
  );
}

/** A cupboard or a bench as a box with doors. */
export function box(
  P: Paint,
  x: number,
  y: number,
  w: number,
  h: number,
  col: string,
  doors = 2,
  top = 'woodL',
) {
  const p = P.pal;
  P.group(
    () => {
      P.piece(paths.rrect(x, y, w, h, 6), P.lin(0, y, 0, y + h, p.c(col), p.d(col, 0.2)), { lift: 3 });
      for (let i = 0; i < doors; i++) {
        const dw = w / doors;
        P.piece(paths.rrect(x + i * dw + 16, y + 46, dw - 32, h - 72, 6), p.l(col, 0.08), { lift: 1.4 });
        P.ink(paths.rrect(x + i * dw + dw / 2 - 26, y + 66, 52, 12, 6), p.d(col, 0.4));
      }
      P.piece(paths.rrect(x - 16, y - 12, w + 32, 36, 8), p.c(top), { lift: 3 });
    },
    { lift: 4 },
  );
}

/** Boards on the wall with books, jars or parcels. */
export function shelves(
  P: Paint,
  x: number,
  y: number,
  w: number,
  rows: number,
  gap: number,
  goods = 'books',
) {
  const p = P.pal;
  const cols = ['red', 'teal', 'mustard', 'navy', 'rose', 'olive', 'cream', 'blue'];
  P.group(
    () => {
      for (let r = 0; r < rows; r++) {
        const yy = y + r * gap;
        let gx = x + 14;
        for (let i = 0; gx < x + w - 60; i++) {
          const n = (i * 7 + r * 11) % 13;
          const c = p.c(nth(cols, (i * 3 + r * 5) % 8));
          if (goods === 'books') {
            const bw = 26 + (n % 5) * 6;
            if (n !== 6) things.book(P, gx, yy, bw, gap * (0.5 + (n % 4) * 0.09), c, { band: i % 2 });
            gx += bw + (n === 6 ? 40 : 3);
          } else if (goods === 'jars') {
            const jw = 54 + (n % 3) * 12;
            const jh = gap * (0.42 + (n % 3) * 0.1);
            P.piece(paths.rrect(gx, yy - jh, jw, jh, 14), c, { lift: 2 });
            P.piece(paths.rrect(gx + 6, yy - jh - 14, jw - 12, 18, 4), p.c('woodD'), { lift: 1 });
            P.ink(paths.rrect(gx + 10, yy - jh * 0.62, jw - 20, jh * 0.3, 4), p.paper, 0.85);
            gx += jw + 22;
          } else {
            const jw = 90 + (n % 4) * 22;
            const jh = gap * (0.36 + (n % 3) * 0.13);
            P.piece(paths.rrect(gx, yy - jh, jw, jh, 5), p.c(nth(['woodL', '#c9a06a', 'wood'], n % 3)), {
              lift: 2,
            });
            P.ink(paths.rect(gx + jw / 2 - 8, yy - jh, 16, jh), p.paper, 0.5);
            gx += jw + 18;
          }
        }
        P.piece(paths.rrect(x, yy, w, 22, 4), p.c('wood'), { lift: 2.4 });
      }
    },
    { lift: 2 },
  );
}

/** A plant in a pot on the ground. */
export const plant = (P: Paint, x: number, y: number, s = 1, col = 'brick') =>
  P.group(() => things.pot(P, x, y, s, P.pal.c(col), () => things.fern(P, 9, 210, P.pal.c('leaf'))), {
    lift: 3,
  });

/** A laptop from the side; face 1: its screen looks left, at somebody who sits on the left. */
export function laptop(P: Paint, x: number, y: number, s = 1, face = 1) {
  const p = P.pal;
  P.at(
    x,
    y,
    () => {
      P.piece(
        paths.round(
          [
            [90, -12],
            [150, -150],
            [164, -146],
            [106, -6],
          ],
          4,
        ),
        p.c('steel'),
        { lift: 2 },
      );
      P.piece(paths.rrect(-70, -14, 176, 14, 6), p.c('steelD'), { lift: 2 });
    },
    { s, sx: s * face },
  );
}

/** A lamp that hangs from above. */
export function pendant(P: Paint, x: number, y: number, col: string, s = 1) {
  const p = P.pal;
  P.line(
    paths.poly(
      [
        [x, -BLEED],
        [x, y - 70 * s],
      ],
      false,
    ),
    p.ink,
    5,
  );
  P.piece(
    paths.smooth(
      [
        [x - 90 * s, y],
        [x - 60 * s, y - 70 * s],
        [x, y - 90 * s],
        [x + 60 * s, y - 70 * s],
        [x + 90 * s, y],
      ],
      true,
      0.7,
    ),
    p.c(col),
    { lift: 3 },
  );
  P.piece(paths.ellipse(x, y, 88 * s, 12 * s), p.sun, { lift: 0, grain: 0 });
}

/** A branch-free bush or crown in a border of a park. */
export const trees = (P: Paint, y: number, list: readonly Point[], col: string) => {
  for (const [x, s] of list) nature.round(P, x, y, s, col);
};

/** A light that falls from a lamp; not inside a group. */
export const glow = (P: Paint, x: number, y: number, r: number, a = 0.5) => P.glow(x, y, r, P.pal.accent2, a);

/** A layer whose parts repeat and pass by to the left: what one period holds stands again in the next, so it closes. */
export function passing(P: Paint, name: string, depth: number, draw: (x: number) => void, turns = 1) {
  const period = P.canvas.height / P.k;
  const before = P.R;
  P.layer(
    name,
    depth,
    () => {
      for (let i = -3; i < 4; i++) {
        P.R = rng(name);
        draw(960 + i * period);
      }
    },
    { scroll: [-1, 0], turns },
  );
  P.R = before;
}

/** A layer drawn anew for each frame, t from 0 to 1; its random draws are the same each time. */
export function live(P: Paint, name: string, depth: number, draw: (t: number) => void) {
  P.layer(
    name,
    depth,
    (t: number) => {
      const before = P.R;
      P.R = rng(name);
      draw(t);
      P.R = before;
    },
    { live: true },
  );
}

/** A swing from -1 to 1 that closes: n times in a loop. */
export const swing = (t: number, n = 1, ph = 0) => Math.sin((t * n + ph) * Math.PI * 2);
