import { mix } from '../kit/colour.ts';
import { nth } from '../kit/named.ts';
import { BLEED, type Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as people from '../kit/people.ts';
import * as things from '../kit/things.ts';

/** A small shop with an open door and light inside. */
export const motif: Motif = {
  outdoor: true,
  title: 'An open shop door in the evening',
  pal: 'dusk',
  focal: [960, 720],
  portrait: { x: 480, y: -260, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal,
      R = P.R;
    P.piece(
      paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED),
      P.lin(0, -100, 0, 1000, mix(p.c('brick'), p.ramp[2], 0.35), mix(p.c('brick'), p.ramp[3], 0.35)),
      { lift: 0, edge: 0 },
    );
    for (let r = -20; r < 26; r++)
      for (let c = -14; c < 34; c++)
        if (R() < 0.4)
          P.ink(paths.rrect(c * 92 + (r % 2) * 46, r * 46, 82, 36, 4), R() < 0.5 ? p.paper : p.shadow, 0.06);
    P.group(
      () => {
        P.piece(paths.rrect(360, 300, 1200, 860, 12), p.c('#214a4a'), { lift: 4 });
        P.piece(paths.rrect(400, 200, 1120, 130, 12), p.c('#1b3d3d'), { lift: 4 });
        for (let i = 0; i < 7; i++)
          P.ink(paths.rrect(560 + i * 118, 240, i === 3 ? 40 : 92, 50, 8), p.accent2, i === 3 ? 0 : 0.95);
      },
      { lift: 4 },
    );
    const warm = P.lin(0, 380, 0, 1100, mix(p.sun, p.accent2, 0.3), mix(p.accent2, p.accent, 0.35));
    P.piece(paths.rect(440, 400, 560, 540), warm, { lift: 0 });
    P.clip(paths.rect(440, 400, 560, 540), () => {
      for (const y of [560, 740]) {
        P.piece(paths.rect(440, y, 560, 18), p.c('wood'), { lift: 2 });
        for (let i = 0; i < 6; i++) {
          const x = 480 + i * 90;
          if ((i + y) % 3)
            things.mug(P, x, y, 0.42, p.c(nth(['teal', 'rose', 'mustard', 'navy', 'brick', 'olive'], i)));
          else
            P.piece(paths.rrect(x - 30, y - 90, 60, 90, 8), p.c(nth(['red', 'teal', 'cream'], i % 3)), {
              lift: 2,
            });
        }
      }
      things.pot(P, 560, 940, 0.9, p.c('brick'), () => things.fern(P, 9, 150, p.c('leaf')));
      things.radio(P, 830, 940, 0.5, { antenna: 0 });
    });
    P.line(paths.rect(440, 400, 560, 540), p.c('#1b3d3d'), 24);
    P.piece(paths.rect(1080, 400, 400, 760), warm, { lift: 0 });
    P.clip(paths.rect(1080, 400, 400, 760), () => {
      P.piece(paths.rect(1080, 900, 400, 300), p.c('woodL'), { lift: 2 });
      P.group(
        () =>
          people.front(P, 1290, 860, 6.4, {
            skin: p.skin(2),
            hair: '#2b1a14',
            hairStyle: 'bob',
            top: p.c('mustard'),
            apron: p.c('teal'),
            hands: [
              [-14, 0],
              [26, -36],
            ],
            bends: [1, 1],
            hdirs: [90, -70],
            eye: 'open',
          }),
        { lift: 3 },
      );
      P.piece(paths.rect(1080, 900, 400, 260), p.c('wood'), { lift: 3 });
    });
    P.group(
      () => {
        P.piece(
          paths.poly([
            [1480, 400],
            [1640, 360],
            [1640, 1220],
            [1480, 1160],
          ]),
          p.c('#2b5a58'),
          { lift: 4 },
        );
        P.piece(
          paths.poly([
            [1500, 440],
            [1620, 410],
            [1620, 860],
            [1500, 840],
          ]),
          mix(p.accent2, p.sun, 0.4),
          { lift: 0 },
        );
        P.at(
          1560,
          620,
          () => {
            P.piece(paths.rrect(-52, -34, 104, 68, 8), p.paper, { lift: 2 });
            P.ink(paths.rrect(-34, -9, 68, 18, 6), p.c('green'));
          },
          { rot: -0.08 },
        );
      },
      { lift: 4 },
    );
    P.piece(
      paths.rect(-BLEED, 1150, 1920 + 2 * BLEED, 1600),
      P.lin(0, 1150, 0, 1280, mix(p.ramp[3], p.accent2, 0.2), p.ramp[4]),
      { lift: 4 },
    );
    P.glow(1280, 1130, 520, p.accent2, 0.5);
    P.glow(720, 700, 620, p.accent2, 0.22);
    for (const x of [300, 1760])
      P.group(
        () =>
          things.pot(P, x, 1180, 1.3, p.c('brick'), () =>
            things.fern(P, 11, 190, mix(p.c('leafD'), p.ramp[3], 0.3)),
          ),
        { lift: 4 },
      );
    for (let i = 0; i < 9; i++)
      P.piece(paths.scallop(380 + i * 129, 380 + (i + 1) * 129, 318, 60, 1, 30), i % 2 ? p.paper : p.accent, {
        lift: 2,
      });
  },
};
