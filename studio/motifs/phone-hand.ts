import { Path2D } from '@napi-rs/canvas';
import { mix } from '../kit/colour.ts';
import { nth } from '../kit/named.ts';
import { BLEED, type Motif, type Paint } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';

const bg = (P: Paint, ...cs: string[]) =>
  P.piece(paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED), P.lin(0, -100, 0, 1100, ...cs), {
    lift: 0,
    edge: 0,
  });

export const motif: Motif = {
  title: 'A phone in the hand',
  pal: 'dusk',
  focal: [1180, 640],
  portrait: { x: 690, y: -250, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal,
      R = P.R,
      sk = p.skin(1);
    bg(P, p.ramp[3], p.ramp[2], p.ramp[1]);
    for (let i = 0; i < 30; i++)
      P.ink(
        paths.circle(R.r(-100, 2000), R.r(-100, 1300), R.r(20, 90)),
        R.pick([p.accent, p.accent2, p.sky[2], p.paper]),
        R.r(0.05, 0.2),
      );
    const hi = mix(sk, '#fff', 0.06),
      sh = mix(sk, '#5a2a1c', 0.17),
      dk = mix(sk, '#5a2a1c', 0.36),
      nail = mix(sk, '#fff1e6', 0.5);
    P.group(
      () => {
        // palm behind
        P.piece(
          paths.tube(
            [
              [1330, 1900],
              [1290, 1500],
              [1250, 1180],
              [1230, 1000],
            ],
            [300, 270, 240, 260],
          ),
          P.lin(1100, 0, 1400, 0, hi, sh),
          { lift: 3 },
        );
        P.piece(
          paths.smooth([
            [1020, 760],
            [1060, 1040],
            [1160, 1180],
            [1340, 1180],
            [1440, 1000],
            [1440, 740],
            [1300, 640],
          ]),
          sh,
          { lift: 1 },
        );
        // phone
        P.piece(paths.rrect(960, 190, 430, 830, 56), p.ink, { lift: 5 });
        P.piece(paths.rrect(980, 212, 390, 786, 40), P.lin(0, 212, 0, 998, p.c('#fff3e0'), p.c('#ffe3c4')), {
          lift: 0,
        });
        P.piece(paths.rrect(1120, 226, 110, 20, 10), p.ink, { lift: 0, grain: 0 });
        P.piece(paths.rrect(1010, 290, 330, 250, 22), p.sky[2], { lift: 1 });
        P.clip(paths.rrect(1010, 290, 330, 250, 22), () => {
          P.piece(paths.circle(1240, 380, 46), p.sun, { lift: 1 });
          P.piece(
            paths.smooth([
              [980, 480],
              [1080, 420],
              [1190, 480],
              [1300, 430],
              [1400, 470],
              [1400, 700],
              [980, 700],
            ]),
            p.ramp[1],
            { lift: 1 },
          );
          P.piece(
            paths.smooth([
              [980, 520],
              [1120, 480],
              [1260, 520],
              [1400, 490],
              [1400, 700],
              [980, 700],
            ]),
            p.ramp[3],
            { lift: 1 },
          );
        });
        for (let i = 0; i < 2; i++)
          P.ink(paths.rrect(1010, 566 + i * 30, nth([260, 180], i), 14, 7), p.ink, 0.5);
        P.piece(paths.rrect(1010, 650, 230, 70, 30), p.accent, { lift: 0.6 });
        P.piece(paths.rrect(1120, 744, 220, 70, 30), p.accent2, { lift: 0.6 });
        P.piece(paths.rrect(1010, 838, 180, 70, 30), p.accent, { lift: 0.6 });
        for (const [x, y, w] of [
          [1036, 680, 170],
          [1146, 774, 150],
          [1036, 868, 110],
        ] as const)
          P.ink(paths.rrect(x, y, w, 12, 6), p.paper, 0.85);
        // fingers of the same hand wrap on the right edge, thumb on the left
        for (let i = 0; i < 4; i++) {
          const y = 560 + i * 112;
          P.piece(
            paths.tube(
              [
                [1470, y + 40],
                [1440, y - 6],
                [1392, y - 14],
                [1350, y + 4],
              ],
              [92, 84, 74, 56],
            ),
            P.lin(0, y - 40, 0, y + 40, hi, sh),
            { lift: 1.5 },
          );
          P.ink(paths.ellipse(1348, y + 2, 17, 14, -0.4), nail, 0.9);
        }
        P.piece(
          paths.tube(
            [
              [1090, 1130],
              [990, 960],
              [964, 800],
              [1030, 690],
            ],
            [170, 122, 92, 62],
          ),
          P.lin(940, 0, 1100, 0, hi, sh),
          { lift: 2.5 },
        );
        P.ink(paths.ellipse(1028, 688, 20, 28, 0.5), nail, 0.9);
        P.ink(
          paths.tube(
            [
              [930, 836],
              [960, 846],
              [996, 838],
            ],
            [1, 6, 1],
          ),
          dk,
          0.4,
        );
      },
      { lift: 7 },
    );
    P.piece(
      paths.tube(
        [
          [1420, 2100],
          [1350, 1640],
          [1310, 1340],
        ],
        [480, 400, 350],
        { cap: 'flat' },
      ),
      p.c('teal'),
      { lift: 6 },
    );
    P.piece(
      paths.tube(
        [
          [1322, 1400],
          [1306, 1310],
        ],
        [374, 364],
        { cap: 'flat' },
      ),
      p.l('teal', 0.15),
      { lift: 3 },
    );
    // bubbles leaving the phone
    const bub = (x: number, y: number, s: number, c: string, fn: () => void) =>
      P.group(
        () =>
          P.at(
            x,
            y,
            () => {
              P.piece(
                paths.union(
                  paths.rrect(-90, -66, 180, 120, 40),
                  paths.poly([
                    [30, 40],
                    [76, 96],
                    [70, 30],
                  ]),
                ),
                c,
                { lift: 2 },
              );
              fn();
            },
            { s },
          ),
        { lift: 5 },
      );
    bub(740, 330, 1.15, p.accent, () =>
      P.piece(
        (() => {
          const q = new Path2D();
          q.moveTo(0, 34);
          q.bezierCurveTo(-70, -10, -40, -58, 0, -24);
          q.bezierCurveTo(40, -58, 70, -10, 0, 34);
          return q;
        })(),
        p.paper,
        { lift: 0.6, grain: 0 },
      ),
    );
    bub(600, 610, 0.9, p.accent2, () => {
      for (let i = -1; i < 2; i++) P.ink(paths.circle(i * 40, -6, 13), p.ink);
    });
    bub(800, 830, 0.75, p.paper, () => {
      for (let i = 0; i < 3; i++)
        P.ink(paths.rrect(-56, -34 + i * 26, nth([110, 90, 60], i), 12, 6), p.ink, 0.6);
    });
  },
};
