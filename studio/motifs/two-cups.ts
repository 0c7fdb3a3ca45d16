import * as nature from '../kit/nature.ts';
import { BLEED, type Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as people from '../kit/people.ts';
import * as things from '../kit/things.ts';

/** Two people talk over tea at a small table. */
export const motif: Motif = {
  title: 'Two people talking over tea',
  pal: 'lamplit',
  focal: [960, 720],
  portrait: { x: 480, y: -320, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal;
    P.piece(
      paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED),
      P.lin(0, -100, 0, 1000, p.c('#3f5a5a'), p.c('#587270')),
      { lift: 0, edge: 0 },
    );
    for (let i = -10; i < 26; i++) P.ink(paths.rect(i * 120, -BLEED, 3, 1280 + 2 * BLEED), p.paper, 0.07);
    P.group(
      () => {
        P.piece(paths.rrect(220, 120, 330, 400, 8), p.c('woodL'), { lift: 3 });
        P.piece(paths.rect(248, 148, 274, 344), p.c('cream'), { lift: 0 });
        P.clip(paths.rect(248, 148, 274, 344), () => {
          P.piece(paths.circle(400, 280, 60), p.accent2, { lift: 1 });
          P.piece(
            paths.smooth([
              [200, 420],
              [330, 360],
              [450, 420],
              [560, 380],
              [560, 600],
              [200, 600],
            ]),
            p.c('teal'),
            { lift: 1 },
          );
        });
      },
      { lift: 3 },
    );
    P.group(
      () => {
        P.piece(paths.rrect(1340, 90, 340, 300, 8), p.c('woodD'), { lift: 3 });
        things.stack(P, 1370, 390, [
          [230, 40, p.c('brick')],
          [200, 36, p.c('mustard'), 10],
          [180, 34, p.c('teal'), 20],
        ]);
      },
      { lift: 3 },
    );
    P.group(
      () => {
        P.line(
          paths.poly(
            [
              [960, -1400],
              [960, 60],
            ],
            false,
          ),
          p.ink,
          6,
        );
        P.piece(paths.ellipse(960, 190, 150, 22), p.sun, { lift: 0 });
        P.piece(
          paths.round(
            [
              [920, 56],
              [1000, 56],
              [1120, 190],
              [800, 190],
            ],
            20,
          ),
          p.c('brick'),
          { lift: 3 },
        );
      },
      { lift: 3 },
    );
    P.glow(960, 420, 640, p.accent2, 0.5);
    P.piece(
      paths.rect(-BLEED, 1060, 1920 + 2 * BLEED, 1600),
      P.lin(0, 1060, 0, 1280, p.c('wood'), p.d('wood', 0.3)),
      {
        lift: 3,
      },
    );
    for (const [x, m] of [
      [470, 1],
      [1450, -1],
    ] as const)
      P.group(
        () => {
          P.piece(paths.rrect(x - m * 150 - 30, 560, 60, 540, 24), p.c('woodD'), { lift: 3 });
          P.piece(paths.rrect(x - 150, 930, 300, 50, 16), p.c('wood'), { lift: 3 });
          for (const dx of [-120, 110])
            P.piece(
              paths.tube(
                [
                  [x + dx, 970],
                  [x + dx * 1.1, 1230],
                ],
                [26, 18],
              ),
              p.c('woodD'),
              { lift: 2 },
            );
        },
        { lift: 3 },
      );
    P.group(
      () =>
        people.side(P, 470, 900, 8.6, {
          skin: p.skin(4),
          hair: '#171212',
          hairStyle: 'curly',
          top: p.c('mustard'),
          bottom: p.c('navy'),
          lean: 4,
          hands: [
            [30, -12],
            [24, -32],
          ],
          bends: [1, 1],
          hdirs: [0, -50],
          feet: [
            [30, 36],
            [26, 37],
          ],
          knees: [-1, -1],
          eye: 'open',
        }),
      { lift: 4 },
    );
    P.group(
      () =>
        people.side(P, 1450, 900, 8.6, {
          face: -1,
          skin: p.skin(1),
          hair: '#b9b3a8',
          hairStyle: 'bun',
          glasses: 1,
          top: p.c('rose'),
          bottom: p.c('#4a4152'),
          lean: 5,
          hands: [
            [32, -11],
            [28, -10],
          ],
          bends: [1, 1],
          hdirs: [0, 0],
          feet: [
            [30, 36],
            [26, 37],
          ],
          knees: [-1, -1],
          eye: 'open',
        }),
      { lift: 4 },
    );
    P.group(
      () => {
        P.piece(
          paths.tube(
            [
              [960, 840],
              [960, 1240],
            ],
            [40, 60],
          ),
          p.c('woodD'),
          { lift: 3 },
        );
        P.piece(paths.ellipse(960, 836, 330, 46), P.lin(640, 0, 1280, 0, p.l('woodL', 0.2), p.c('woodL')), {
          lift: 5,
        });
      },
      { lift: 4 },
    );
    P.group(() => things.mug(P, 790, 836, 0.8, p.c('teal')), { lift: 3 });
    P.group(() => things.mug(P, 1110, 836, 0.8, p.c('red')), { lift: 3 });
    P.group(
      () =>
        P.at(950, 836, () => {
          P.piece(
            paths.smooth([
              [-76, 0],
              [-92, -60],
              [-50, -110],
              [50, -110],
              [92, -60],
              [76, 0],
            ]),
            p.c('cream'),
            { lift: 3 },
          );
          P.piece(
            paths.tube(
              [
                [80, -40],
                [130, -60],
                [150, -110],
              ],
              [30, 20, 14],
            ),
            p.c('cream'),
            { lift: 2 },
          );
          P.piece(paths.circle(0, -122, 14), p.c('brick'), { lift: 1 });
        }),
      { lift: 3 },
    );
    nature.steam(P, 790, 720, 170, 0.8, p.paper, 0.5);
    nature.steam(P, 1110, 720, 170, 0.8, p.paper, 0.5);
  },
};
