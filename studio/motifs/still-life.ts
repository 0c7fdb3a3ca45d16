import type { Slots } from '../catalogue/slots.ts';
import { mix } from '../kit/colour.ts';
import { named, nth } from '../kit/named.ts';
import * as nature from '../kit/nature.ts';
import { objects } from '../kit/objects.ts';
import { BLEED, type Motif, type Paint } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as things from '../kit/things.ts';

const all = paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED);

/** What is behind a table, so that no two rooms are the same. */
export const BACKS: Record<string, (P: Paint, wall: string) => void> = {
  disc: (P, wall) => P.piece(nature.wobble(P, 960, 640, 540, 0.02), P.pal.l(wall, 0.45), { lift: 3 }),
  arch: (P, wall) => {
    P.piece(paths.rrect(520, 120, 880, 1300, [440, 440, 0, 0]), P.pal.l(wall, 0.4), { lift: 3 });
    P.piece(paths.rrect(590, 190, 740, 1300, [370, 370, 0, 0]), P.pal.l(wall, 0.58), { lift: 2 });
  },
  stripes: (P, wall) => {
    for (let i = -8; i < 22; i++)
      P.piece(paths.rect(i * 150, -BLEED, 75, 3200), P.pal.l(wall, 0.16), { lift: 0.6 });
    P.piece(paths.rect(-BLEED, 880, 1920 + 2 * BLEED, 26), P.pal.l(wall, 0.5), { lift: 2 });
    P.piece(paths.rect(-BLEED, 906, 1920 + 2 * BLEED, 200), P.pal.d(wall, 0.12), { lift: 1 });
  },
  shelf: (P, wall) => {
    const p = P.pal;
    for (const [y, seed] of [
      [90, 0],
      [470, 2],
    ] as const) {
      P.piece(paths.rect(-BLEED, y + 200, 1920 + 2 * BLEED, 34), p.c('woodD'), { lift: 3 });
      let x = -600 + seed * 90;
      for (let i = 0; x < 2500; i++) {
        const h = 110 + ((i * 47 + seed * 31) % 80);
        const w = 30 + ((i * 29) % 36);
        if (!(x > 620 && x < 1280) && i % 9 !== 7)
          things.book(
            P,
            x,
            y + 200,
            w,
            h,
            p.c(nth(['red', 'teal', 'mustard', 'navy', 'rose', 'olive', 'cream'], (i + seed) % 7)),
            { band: i % 2 },
          );
        x += w + 3;
      }
    }
    P.piece(nature.wobble(P, 960, 620, 420, 0.02), p.l(wall, 0.35), { lift: 4 });
  },
  frames: (P, wall) => {
    const p = P.pal;
    for (const [x, y, w, h, c] of [
      [160, 60, 330, 420, 'teal'],
      [1430, 20, 380, 300, 'mustard'],
      [1500, 400, 260, 330, 'rose'],
      [240, 560, 250, 200, 'navy'],
      [760, -420, 400, 300, 'leaf'],
    ] as const) {
      P.piece(paths.rrect(x, y, w, h, 6), p.c('woodD'), { lift: 4 });
      P.piece(paths.rect(x + 26, y + 26, w - 52, h - 52), p.paper, { lift: 1 });
      P.clip(paths.rect(x + 46, y + 46, w - 92, h - 92), () => {
        P.piece(paths.rect(x, y, w, h), p.l(c, 0.45), { lift: 0 });
        P.piece(nature.wobble(P, x + w * 0.6, y + h * 0.42, w * 0.16, 0.03), p.accent2, { lift: 1 });
        P.piece(
          paths.smooth([
            [x - 60, y + h],
            [x + w * 0.3, y + h * 0.56],
            [x + w * 0.7, y + h * 0.72],
            [x + w + 60, y + h * 0.5],
            [x + w + 60, y + h + 60],
            [x - 60, y + h + 60],
          ]),
          p.c(c),
          { lift: 2 },
        );
      });
    }
    P.piece(paths.rect(-BLEED, 930, 1920 + 2 * BLEED, 24), p.l(wall, 0.4), { lift: 2 });
  },
};

/** Where a thing stands: each staging has its own depth, light and company, so that pictures differ in composition. */
export const STAGES: Record<string, (P: Paint, o: Slots, thing: () => void) => void> = {
  /** On a table before a wall with one large disc of light paper. */
  table(P, o, thing) {
    const p = P.pal;
    P.piece(all, P.lin(0, -300, 0, 1000, p.c(o.wall ?? '#c9d6c6'), p.l(o.wall ?? '#c9d6c6', 0.3)), {
      lift: 0,
      edge: 0,
    });
    named(BACKS, o.back ?? 'disc')(P, o.wall ?? '#c9d6c6');
    P.piece(
      paths.rect(-BLEED, 1010, 1920 + 2 * BLEED, 1700),
      P.lin(0, 1010, 0, 1280, p.c(o.top ?? 'wood'), p.d(o.top ?? 'wood', 0.25)),
      { lift: 4 },
    );
    for (let i = 0; i < 9; i++)
      P.ink(
        paths.rrect(-400 + i * 320 + P.R.r(-60, 60), 1060 + (i % 3) * 70, 220, 5, 2),
        p.d(o.top ?? 'wood', 0.4),
        0.25,
      );
    P.group(thing, { lift: 5 });
  },
  /** On a windowsill, hills or night outside. */
  sill(P, o, thing) {
    const p = P.pal;
    const wall = o.wall ?? '#7f6f86';
    P.piece(all, P.lin(0, -300, 0, 1200, p.c(wall), p.d(wall, 0.18)), { lift: 0, edge: 0 });
    P.clip(paths.rect(380, -240, 1160, 1210), () => {
      nature.sky(P, { x: 1280, y: 300, r: 84, step: 130, halos: 3, hor: 760 });
      for (const [i, y] of [640, 740, 850].entries())
        nature.sheet(P, nature.hill(P, y, 50, { len: 1300 - i * 250 }), nth(p.ramp, 1 + i), y, {
          mist: 0.3 - i * 0.1,
        });
    });
    for (const path of [
      paths.diff(paths.rect(340, -280, 1240, 1290), paths.rect(384, -236, 1152, 1206)),
      paths.rect(940, -240, 40, 1210),
      paths.rect(384, 330, 1152, 30),
    ])
      P.piece(path, p.c('cream'), { lift: 3 });
    P.piece(paths.rect(-BLEED, 990, 1920 + 2 * BLEED, 44), p.l('cream', 0.3), { lift: 4 });
    P.piece(paths.rect(-BLEED, 1034, 1920 + 2 * BLEED, 1700), p.d(wall, 0.25), { lift: 2 });
    for (const s of [-1, 1]) {
      const x = 960 + s * 740;
      P.piece(
        paths.smooth(
          [
            [x - 190, -700],
            [x + 190, -700],
            [x + 150 + s * 40, 300],
            [x + 120 + s * 70, 1180],
            [x - 120 + s * 70, 1180],
            [x - 150 + s * 20, 300],
          ],
          true,
          0.7,
        ),
        p.c(o.curtain ?? 'rose'),
        { lift: 4 },
      );
    }
    if (o.plant !== 0)
      P.group(() => things.pot(P, 560, 992, 1, p.c('brick'), () => things.fern(P, 9, 170, p.c('leaf'))), {
        lift: 3,
      });
    P.group(thing, { lift: 5 });
  },
  /** On sheets of coloured paper that overlap, nothing else: an idea rather than a place. */
  sheets(P, o, thing) {
    const p = P.pal;
    const [a, b, c] = o.sheets ?? ([p.ramp[1], p.ramp[0], p.sky[3]] as const);
    P.piece(all, P.lin(-200, -200, 1900, 1500, p.c(a), p.d(a, 0.15)), { lift: 0, edge: 0 });
    const wave = (y: number, amp: number) =>
      paths.smooth(
        [
          ...Array.from({ length: 9 }, (_, i): [number, number] => [
            -BLEED + (i * (1920 + 2 * BLEED)) / 8,
            y + P.R.r(-amp, amp),
          ]),
          [1920 + BLEED, 2800],
          [-BLEED, 2800],
        ],
        true,
        0.85,
      );
    if (o.cut === 'rounds') {
      for (const [r, col] of [
        [980, b],
        [720, p.l(b, 0.2)],
        [470, c],
      ] as const)
        P.piece(nature.wobble(P, 960, 660, r, 0.03), p.c(col), { lift: 5 });
    } else if (o.cut === 'slant') {
      for (const [x, col] of [
        [-300, b],
        [420, p.l(b, 0.18)],
        [1180, c],
      ] as const)
        P.piece(
          paths.poly([
            [x, -BLEED],
            [3400, -BLEED],
            [3400, 2800],
            [x - 900, 2800],
          ]),
          p.c(col),
          { lift: 6 },
        );
    } else {
      P.piece(wave(230, 150), p.c(b), { lift: 5 });
      P.piece(wave(760, 90), p.c(c), { lift: 5 });
    }
    for (let i = 0; i < 12; i++)
      P.piece(paths.circle(P.R.r(-100, 2020), P.R.r(-200, 560), P.R.r(8, 24)), p.l(b, 0.35), { lift: 1.4 });
    P.group(thing, { lift: 7 });
  },
  /** On a low hill outdoors. */
  hill(P, o, thing) {
    const p = P.pal;
    const east = P.R() < 0.5;
    nature.sky(P, {
      x: o.sunX ?? (east ? P.R.r(1300, 1560) : P.R.r(360, 620)),
      y: P.R.r(320, 460),
      r: 100,
      step: 160,
      halos: 4,
      hor: 860,
    });
    for (const [x, y, s] of [
      [P.R.r(100, 700), P.R.r(120, 330), P.R.r(0.8, 1.3)],
      [P.R.r(1250, 1850), P.R.r(60, 260), P.R.r(0.7, 1.1)],
    ] as const)
      nature.puff(P, x, y, s, mix(p.sky[2], p.paper, 0.5));
    for (const [i, y] of [800, 890].entries()) {
      const h = nature.hill(P, y, 70, { len: 1500 - i * 300 });
      nature.sheet(P, h, nth(p.ramp, 1 + i), y, { mist: 0.3 });
      for (const x of i
        ? [P.R.r(40, 330), P.R.r(1600, 1860)]
        : [P.R.r(400, 600), P.R.r(1330, 1480), P.R.r(1500, 1700)])
        (i ? nature.round : nature.fir)(P, x, h.f(x) + 6, 0.75, nth(p.ramp, 2 + i));
    }
    P.piece(
      paths.smooth(
        [
          [-BLEED, 1200],
          [300, 1100],
          [960, 1010],
          [1620, 1100],
          [1920 + BLEED, 1200],
          [1920 + BLEED, 2900],
          [-BLEED, 2900],
        ],
        true,
        0.9,
      ),
      P.lin(0, 1000, 0, 1400, mix(p.ramp[3], p.c('leaf'), 0.35), p.ramp[4]),
      { lift: 5, grain: 0.6 },
    );
    nature.grass(P, -300, 2200, 1180, 34, mix(p.ramp[3], p.c('leafL'), 0.35), 44);
    P.group(thing, { lift: 5 });
  },
  /** Seen from above on a cloth. */
  above(P, o, thing) {
    const p = P.pal;
    P.piece(all, p.c(o.top ?? 'woodL'), { lift: 0, edge: 0 });
    things.planks(P, -BLEED, -BLEED, 1920 + BLEED, 1280 + BLEED, 12, p.c(o.top ?? 'woodL'));
    P.at(
      960,
      640,
      () => P.piece(paths.rrect(-760, -620, 1520, 1240, 20), p.c(o.cloth ?? 'teal'), { lift: 4 }),
      {
        rot: o.turn ?? -0.08,
      },
    );
    P.at(
      960,
      640,
      () => P.line(paths.rrect(-710, -570, 1420, 1140, 14), p.l(o.cloth ?? 'teal', 0.4), 8, 0.8),
      {
        rot: o.turn ?? -0.08,
      },
    );
    P.group(thing, { lift: 5 });
  },
};

/** One thing that means something, on one of several stages. Slots: thing, stage, s, dx, and those of thing and stage. */
export const motif: Motif = {
  title: 'A thing',
  pal: 'kitchen',
  focal: [960, 720],
  portrait: { x: 360, y: -520, w: 1200, h: 2133 },
  draw(P, o) {
    const p = P.pal;
    const stage = named(STAGES, o.stage ?? 'table');
    const y = { table: 1040, sill: 1000, sheets: 1010, hill: 1050, above: 640 }[o.stage ?? 'table'] ?? 1040;
    const x = 960 + (o.dx ?? 0);
    const size = o.s ?? 1.2;
    // Light is laid before and after: a group has its own canvas, on which a glow would end at its edges.
    const glow = (share: number) => {
      if (o.glow) P.glow(x + (o.glow[0] ?? 0) * size, y + (o.glow[1] ?? -480) * size, 760, p.accent2, share);
    };
    stage(P, o, () =>
      P.at(x, y + (o.dy ?? 0), () => named(objects, o.thing)(P, o), { s: size, rot: o.rot ?? 0 }),
    );
    glow(0.5);
  },
};
