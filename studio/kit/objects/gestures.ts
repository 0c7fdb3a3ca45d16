import type { Drawings } from '../../catalogue/slots.ts';
import type { Paint } from '../paint.ts';
import * as paths from '../paths.ts';
import { block, heart, put } from './parts.ts';

/** A flat hand as a sign, palm to us, its wrist at 0,0 and the fingers up. up: which of the four fingers are stretched. */
function hand(
  P: Paint,
  skin: number,
  o: { up?: string; thumb?: number; sleeve?: string; s?: number; rot?: number; flip?: number } = {},
  x = 0,
  y = 0,
): void {
  const col = P.pal.skin(skin);
  const s = o.s ?? 1;
  P.at(
    x,
    y,
    () => {
      P.group(
        () => {
          if (o.sleeve) {
            block(P, -100, -10, 200, 2400, 20, o.sleeve, 3);
            block(P, -112, -40, 224, 60, 16, o.sleeve, 2, 0.2);
          }
          P.piece(paths.rrect(-78, -110, 156, 130, 30), col, { lift: 2 });
          for (const [i, len] of [150, 186, 176, 130].entries()) {
            const stretched = (o.up ?? '1111')[i] === '1';
            P.at(
              -84 + i * 56,
              -240,
              () =>
                P.piece(paths.rrect(-27, -(stretched ? len : 34), 54, (stretched ? len : 34) + 90, 27), col, {
                  lift: 1.6,
                }),
              { rot: stretched ? (i - 1.5) * 0.1 : 0 },
            );
          }
          P.piece(paths.rrect(-110, -280, 222, 220, 60), col, { lift: 1.4 });
          if (o.thumb !== undefined)
            P.at(-96, -130, () => P.piece(paths.rrect(-28, -150, 58, 190, 28), col, { lift: 2 }), {
              rot: -o.thumb,
            });
          for (const q of [
            [
              [-70, -150],
              [0, -180],
              [70, -190],
            ],
            [
              [-60, -120],
              [-10, -100],
              [0, -60],
            ],
          ] as const)
            P.line(paths.smooth(q, false), P.pal.shadow, 4, 0.22);
        },
        { lift: 5 },
      );
    },
    { sx: s * (o.flip ?? 1), sy: s, rot: o.rot ?? 0 },
  );
}

/** A fist with its thumb up, the sleeve to the left; its middle at 0,0. */
function thumb(P: Paint, skin: number, sleeve: string): void {
  P.group(
    () => {
      const col = P.pal.skin(skin);
      block(P, -430, -40, 250, 230, 20, sleeve, 4);
      block(P, -200, -54, 60, 258, 14, sleeve, 3, 0.2);
      P.piece(
        paths.round(
          [
            [-150, -30, 20],
            [-60, -60, 40],
            [0, -240, 40],
            [20, -330, 40],
            [80, -330, 40],
            [96, -200, 60],
            [80, -60, 30],
            [80, 200, 40],
            [-150, 190, 20],
          ],
          30,
        ),
        col,
        { lift: 3 },
      );
      for (let i = 0; i < 4; i++)
        P.piece(paths.rrect(20 - (i === 3 ? 0 : 10), -60 + i * 68, 190 - Math.abs(i - 1) * 18, 66, 33), col, {
          lift: 2,
        });
    },
    { lift: 5 },
  );
}

/** Signs that hands make, flat as paper. The middle of each one's foot is at 0,0; about 600 units high. */
export const GESTURES = {
  thumbUp(P) {
    P.at(40, -250, () => thumb(P, 1, 'teal'));
  },
  thumbDown(P) {
    P.at(40, -330, () => thumb(P, 2, 'navy'), { sx: 1, sy: -1 });
  },
  stopHand(P) {
    hand(P, 3, { sleeve: 'blue', thumb: 0.9, s: 1.1 }, 0, -120);
  },
  pointUp(P) {
    hand(P, 0, { up: '0100', thumb: 0.2, sleeve: 'red', s: 1.05 }, 0, -110);
    for (const a of [-2.3, -1.9, -1.57, -1.2, -0.8])
      P.line(
        paths.poly(
          [
            [-30 + Math.cos(a) * 90, -560 + Math.sin(a) * 90],
            [-30 + Math.cos(a) * 150, -560 + Math.sin(a) * 150],
          ],
          false,
        ),
        P.pal.accent2,
        13,
      );
  },
  raisedHands(P) {
    for (const [x, y, k, c, s, r] of [
      [-420, 40, 4, 'mustard', 0.8, -0.12],
      [-210, -60, 1, 'teal', 0.86, 0.06],
      [10, 20, 3, 'red', 0.9, -0.04],
      [230, -70, 0, 'navy', 0.84, 0.1],
      [440, 30, 2, 'rose', 0.8, 0.04],
    ] as const)
      hand(P, k, { sleeve: c, thumb: 0.7, s, rot: r, flip: x > 0 ? -1 : 1 }, x, y);
  },
  fiveStars(P) {
    for (let i = 0; i < 5; i++) {
      const pts = Array.from({ length: 10 }, (_, k): [number, number] => {
        const r = k % 2 ? 46 : 104;
        const a = -Math.PI / 2 + (k * Math.PI) / 5;
        return [-440 + i * 220 + Math.cos(a) * r, -330 - (i % 2) * 40 + Math.sin(a) * r];
      });
      P.piece(paths.round(pts, 10), P.pal.c('corn'), { lift: 5 });
    }
  },
  handsHeart(P) {
    for (const s of [-1, 1])
      hand(
        P,
        s > 0 ? 3 : 0,
        { sleeve: s > 0 ? 'mustard' : 'teal', thumb: 0.9, s: 0.9, rot: s * 0.55, flip: -s },
        s * 330,
        10,
      );
    put(P, heart(0, -480, 130), 'red', 6);
  },
  footprints(P) {
    for (let i = 0; i < 7; i++)
      P.at(
        -480 + i * 160,
        -60 - i * 74 + (i % 2) * 110,
        () => {
          put(
            P,
            paths.smooth(
              [
                [-30, 60],
                [-40, 0],
                [-34, -60],
                [0, -80],
                [34, -60],
                [36, 0],
                [26, 60],
                [0, 76],
              ],
              true,
              0.9,
            ),
            'woodD',
            1,
          );
        },
        { rot: 0.95 },
      );
  },
  feather(P) {
    const p = P.pal;
    P.at(
      0,
      -260,
      () => {
        P.piece(
          paths.smooth(
            [
              [-10, 210],
              [-90, 60],
              [-100, -110],
              [-20, -300],
              [30, -330],
              [90, -160],
              [84, 30],
              [20, 200],
            ],
            true,
            0.9,
          ),
          p.c('teal'),
          { lift: 5 },
        );
        P.line(
          paths.smooth(
            [
              [20, -310],
              [10, -40],
              [0, 200],
              [-10, 340],
            ],
            false,
          ),
          p.l('teal', 0.6),
          10,
        );
        for (let i = 0; i < 8; i++)
          for (const s of [-1, 1])
            P.line(
              paths.poly(
                [
                  [12 - i * 1.4, -200 + i * 52],
                  [12 + s * 74, -240 + i * 50],
                ],
                false,
              ),
              p.l('teal', 0.4),
              4,
              0.6,
            );
      },
      { rot: 0.5 },
    );
  },
} satisfies Drawings;
