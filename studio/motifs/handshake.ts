import { mix } from '../kit/colour.ts';
import * as nature from '../kit/nature.ts';
import { BLEED, type Motif, type Paint } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';

const bg = (P: Paint, ...cs: string[]) =>
  P.piece(paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED), P.lin(0, -100, 0, 1100, ...cs), {
    lift: 0,
    edge: 0,
  });

export const motif: Motif = {
  title: 'A handshake',
  pal: 'kitchen',
  focal: [960, 660],
  portrait: { x: 480, y: -240, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal;
    bg(P, p.c('#dfe9df'), p.c('#c9dcd4'), p.c('#b9cfc8'));
    P.piece(nature.wobble(P, 960, 620, 560, 0.02), p.c('#e9b65a'), { lift: 4 });
    P.piece(nature.wobble(P, 960, 620, 430, 0.02), p.c('#f3cf85'), { lift: 3 });
    const a = p.skin(0),
      b = p.skin(3),
      hi = (c: string) => mix(c, '#fff', 0.06),
      sh = (c: string) => mix(c, '#5a2a1c', 0.17),
      dk = (c: string) => mix(c, '#5a2a1c', 0.36);
    P.group(
      () => {
        // far hand (right person): palm and fingers appear under the near hand
        P.piece(
          paths.union(
            paths.tube(
              [
                [1900, 520],
                [1500, 600],
                [1240, 640],
              ],
              [230, 200, 170],
            ),
            paths.smooth([
              [1260, 560],
              [1120, 560],
              [960, 600],
              [900, 660],
              [930, 740],
              [1100, 760],
              [1260, 730],
            ]),
          ),
          P.lin(0, 540, 0, 760, hi(b), sh(b)),
          { lift: 3 },
        );
        // near hand (left person)
        P.piece(
          paths.union(
            paths.tube(
              [
                [20, 520],
                [420, 600],
                [680, 640],
              ],
              [230, 200, 170],
            ),
            paths.smooth([
              [660, 560],
              [800, 552],
              [960, 580],
              [1030, 640],
              [1010, 720],
              [860, 764],
              [660, 730],
            ]),
          ),
          P.lin(0, 540, 0, 760, hi(a), sh(a)),
          { lift: 3 },
        );
        // near fingers wrap over the other palm
        for (let i = 3; i >= 0; i--)
          P.piece(
            paths.tube(
              [
                [930 - i * 14, 640 + i * 34],
                [1060 - i * 6, 640 + i * 40],
                [1150 - i * 16, 668 + i * 38],
              ],
              [62, 56, 42],
            ),
            P.lin(0, 610 + i * 36, 0, 670 + i * 36, hi(a), sh(a)),
            { lift: 1.2 },
          );
        // far fingers show under the near palm
        for (let i = 2; i >= 0; i--)
          P.piece(
            paths.tube(
              [
                [930, 760],
                [850 - i * 44, 776 - i * 4],
                [810 - i * 46, 742 - i * 4],
              ],
              [54, 50, 40],
            ),
            P.lin(0, 720, 0, 800, hi(b), sh(b)),
            { lift: 1.2 },
          );
        // thumbs on top
        P.piece(
          paths.tube(
            [
              [1180, 590],
              [1060, 560],
              [960, 540],
              [890, 560],
            ],
            [90, 76, 62, 44],
          ),
          P.lin(0, 520, 0, 620, hi(b), sh(b)),
          { lift: 1.6 },
        );
        P.ink(paths.ellipse(892, 560, 22, 14, -0.3), mix(b, '#fff1e6', 0.45), 0.9);
        P.piece(
          paths.tube(
            [
              [760, 590],
              [870, 552],
              [960, 512],
              [1040, 522],
            ],
            [96, 80, 62, 44],
          ),
          P.lin(0, 500, 0, 620, hi(a), sh(a)),
          { lift: 1.8 },
        );
        P.ink(paths.ellipse(1036, 520, 22, 14, 0.2), mix(a, '#fff1e6', 0.5), 0.9);
      },
      { lift: 7 },
    );
    P.group(
      () => {
        P.piece(
          paths.tube(
            [
              [-500, 440],
              [100, 540],
              [420, 598],
            ],
            [360, 310, 280],
            { cap: 'flat' },
          ),
          p.c('navy'),
          { lift: 4 },
        );
        P.piece(
          paths.tube(
            [
              [400, 594],
              [470, 606],
            ],
            [262, 256],
            { cap: 'flat' },
          ),
          p.c('white'),
          { lift: 2 },
        );
        P.piece(
          paths.tube(
            [
              [2420, 440],
              [1820, 540],
              [1500, 598],
            ],
            [360, 310, 280],
            { cap: 'flat' },
          ),
          p.c('#a6483a'),
          { lift: 4 },
        );
        P.piece(
          paths.tube(
            [
              [1520, 594],
              [1450, 606],
            ],
            [262, 256],
            { cap: 'flat' },
          ),
          p.c('#f0d9a8'),
          { lift: 2 },
        );
      },
      { lift: 5 },
    );
  },
};
