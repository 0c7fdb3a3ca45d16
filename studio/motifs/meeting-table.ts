import { mix } from '../kit/colour.ts';
import { nth } from '../kit/named.ts';
import * as nature from '../kit/nature.ts';
import { BLEED, type Motif, type Paint } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as people from '../kit/people.ts';
import * as things from '../kit/things.ts';

const bg = (P: Paint, ...cs: string[]) =>
  P.piece(paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED), P.lin(0, -100, 0, 1000, ...cs), {
    lift: 0,
    edge: 0,
  });

export const motif: Motif = {
  title: 'A meeting round a table',
  pal: 'kitchen',
  focal: [960, 660],
  portrait: { x: 460, y: -320, w: 1000, h: 1778 },
  draw(P) {
    const p = P.pal,
      R = P.R,
      wall = p.c('#cfdcd2');
    bg(P, mix(wall, '#fff', 0.25), wall, mix(wall, p.ramp[1], 0.2));
    // big window left, board right
    P.group(
      () => {
        P.piece(paths.rrect(150, 90, 560, 470, 8), p.paper, { lift: 2 });
        P.clip(paths.rect(172, 112, 516, 426), () => {
          P.piece(paths.rect(0, 0, 900, 700), P.lin(0, 100, 0, 540, '#9fd0dc', '#e4f0e2'), { lift: 0 });
          nature.puff(P, 330, 260, 0.5, '#ffffff');
          let x = 150;
          while (x < 720) {
            const w = R.r(60, 100),
              h = R.r(90, 240);
            P.piece(paths.rect(x, 540 - h, w, h + 20), mix('#7fa9a8', '#c9b99a', R()), { lift: 1.5 });
            for (let yy = 556 - h; yy < 530; yy += 30)
              for (let xx = x + 10; xx < x + w - 14; xx += 22)
                P.ink(paths.rect(xx, yy, 10, 14), '#f4efdc', 0.7);
            x += w + 3;
          }
        });
        P.piece(paths.rect(424, 100, 14, 450), p.paper, { lift: 1 });
        P.piece(paths.rect(160, 316, 540, 12), p.paper, { lift: 1 });
      },
      { lift: 3 },
    );
    P.group(
      () => {
        P.piece(paths.rrect(1130, 110, 580, 400, 10), p.c('steelD'), { lift: 2 });
        P.piece(paths.rrect(1146, 126, 548, 368, 4), p.c('white'), { lift: 0 });
        (
          [
            ['#f2c34c', 1180, 160],
            ['#e98a6b', 1290, 168],
            ['#8cc0b4', 1400, 158],
            ['#f2c34c', 1184, 268],
            ['#8cc0b4', 1292, 276],
          ] as const
        ).forEach(([c, x, y]) =>
          P.at(
            x,
            y,
            () => {
              P.piece(paths.rect(0, 0, 88, 84), p.c(c), { lift: 1.2 });
              for (let i = 0; i < 3; i++)
                P.ink(paths.rrect(12, 18 + i * 18, nth([60, 46, 54], i), 6, 3), p.ink, 0.5);
            },
            { rot: R.r(-0.05, 0.05) },
          ),
        );
        P.line(
          paths.smooth(
            [
              [1440, 430],
              [1490, 380],
              [1530, 400],
              [1590, 310],
              [1650, 270],
            ],
            false,
          ),
          p.accent,
          9,
        );
        P.line(
          paths.poly(
            [
              [1420, 240],
              [1420, 450],
              [1668, 450],
            ],
            false,
          ),
          p.ink,
          5,
        );
      },
      { lift: 3 },
    );
    // pendant lamps
    for (const x of [640, 960, 1280])
      P.group(
        () => {
          P.line(
            paths.poly(
              [
                [x, -1400],
                [x, 80],
              ],
              false,
            ),
            p.ink,
            5,
          );
          P.piece(paths.ellipse(x, 172, 84, 14), p.sun, { lift: 0 });
          P.piece(
            paths.round(
              [
                [x - 24, 76],
                [x + 24, 76],
                [x + 90, 172],
                [x - 90, 172],
              ],
              14,
            ),
            p.c('#d9583b'),
            { lift: 2 },
          );
        },
        { lift: 3 },
      );
    P.piece(paths.rect(-BLEED, 800, 1920 + 2 * BLEED, 1700), P.lin(0, 800, 0, 1100, p.ramp[1], p.ramp[2]), {
      lift: 2,
    });
    // chairs + back row
    const chair = (x: number, y: number, w: number, h: number, c: string) =>
      P.piece(paths.rrect(x - w / 2, y - h, w, h, 26), P.lin(0, y - h, 0, y, mix(c, p.paper, 0.12), c), {
        lift: 3,
      });
    for (const x of [650, 960, 1270]) chair(x, 900, 200, 290, p.c('#6f8f8a'));
    P.group(
      () =>
        people.front(P, 650, 812, 8.6, {
          skin: p.skin(3),
          hair: '#1d1613',
          hairStyle: 'curly',
          top: p.c('mustard'),
          hands: [
            [-10, 1],
            [13, 1],
          ],
          bends: [1, -1],
          eye: 'open',
          tilt: 4,
          neck: 'v',
        }),
      { lift: 3 },
    );
    P.group(
      () =>
        people.front(P, 1270, 812, 8.6, {
          skin: p.skin(1),
          hair: '#8c8c88',
          hairStyle: 'short',
          beard: 1,
          glasses: 1,
          top: p.c('#7a4b5c'),
          collar: p.c('cream'),
          hands: [
            [-12, 1],
            [11, 1],
          ],
          bends: [1, -1],
          eye: 'open',
          tilt: -4,
        }),
      { lift: 3 },
    );
    P.group(
      () =>
        people.front(P, 960, 806, 9, {
          skin: p.skin(0),
          hair: '#7d3d22',
          hairStyle: 'long',
          top: p.c('#2f6f78'),
          collar: p.c('white'),
          hands: [
            [-12, 1],
            [20, -25],
          ],
          bends: [1, 1],
          hdirs: [90, -78],
          eye: 'open',
        }),
      { lift: 3 },
    );
    // table
    const top = paths.round(
      [
        [520, 770],
        [1400, 770],
        [1760, 1110],
        [160, 1110],
      ],
      70,
    );
    P.piece(top, P.lin(0, 770, 0, 1110, p.l('woodL', 0.25), p.c('woodL')), { lift: 7 });
    P.piece(
      paths.round(
        [
          [160, 1096, 40],
          [1760, 1096, 40],
          [1745, 1150, 30],
          [175, 1150, 30],
        ],
        20,
      ),
      p.c('wood'),
      { lift: 3 },
    );
    const sheet = (x: number, y: number, w: number, h: number, rot: number, c = p.c('white'), ln = 4) =>
      P.at(
        x,
        y,
        () => {
          P.piece(
            paths.poly([
              [-w * 0.42, -h / 2],
              [w * 0.42, -h / 2],
              [w / 2, h / 2],
              [-w / 2, h / 2],
            ]),
            c,
            { lift: 1.4 },
          );
          for (let i = 0; i < ln; i++)
            P.ink(
              paths.rrect(-w * 0.32, -h * 0.3 + i * h * 0.18, w * nth([0.6, 0.5, 0.62, 0.3], i), h * 0.05, 2),
              p.ink,
              0.45,
            );
        },
        { rot },
      );
    sheet(650, 870, 190, 80, 0.05);
    sheet(1290, 880, 180, 76, -0.08);
    sheet(1050, 960, 210, 90, 0.12, p.c('#f6e7b8'));
    sheet(780, 1000, 200, 90, -0.1);
    P.group(
      () => {
        P.piece(
          paths.poly([
            [850, 850],
            [1050, 850],
            [1070, 906],
            [830, 906],
          ]),
          p.c('steelD'),
          { lift: 2 },
        );
        P.piece(paths.rrect(838, 764, 222, 100, 8), p.c('steel'), { lift: 2 });
        P.ink(paths.rrect(905, 806, 88, 8, 4), p.paper, 0.5);
      },
      { lift: 2 },
    );
    P.group(() => things.mug(P, 530, 912, 0.5, p.c('#d9583b')), { lift: 2 });
    P.group(() => things.mug(P, 1180, 862, 0.42, p.c('teal')), { lift: 2 });
    P.group(() => things.mug(P, 1440, 950, 0.55, p.c('mustard')), { lift: 2 });
    // ends of the table
    chair(130, 1180, 190, 480, p.c('#5f7f7a'));
    chair(1790, 1180, 190, 480, p.c('#5f7f7a'));
    P.group(
      () =>
        people.side(P, 250, 1030, 10.8, {
          skin: p.skin(1),
          hair: '#3a2219',
          hairStyle: 'bun',
          top: p.c('#c8553d'),
          lean: 8,
          head: -2,
          hands: [
            [29, -9],
            [24, -5],
          ],
          bends: [1, 1],
          hdirs: [-30, 10],
          eye: 'open',
        }),
      { lift: 4 },
    );
    P.group(
      () =>
        people.side(P, 1670, 1030, 10.8, {
          face: -1,
          skin: p.skin(4),
          hair: '#15100e',
          hairStyle: 'short',
          top: p.c('#3f5f86'),
          lean: 10,
          head: 4,
          hands: [
            [27, -3],
            [24, -2],
          ],
          bends: [1, 1],
          hdirs: [8, 10],
          eye: 'open',
          hold: (P) =>
            P.at(33, -3, () =>
              P.piece(
                paths.tube(
                  [
                    [-2, 3],
                    [5, -8],
                  ],
                  [1.3, 0.8],
                ),
                p.ink,
                { lift: 0.5 },
              ),
            ),
        }),
      { lift: 4 },
    );
    // near side, from behind: one big dark sheet, low in the frame
    P.group(
      () =>
        people.front(P, 800, 1500, 12.6, {
          view: 'back',
          skin: p.skin(0),
          hair: '#caa05a',
          hairStyle: 'bob',
          top: p.ramp[4],
          hands: [
            [-12, 1.5],
            [12, 1.5],
          ],
        }),
      { lift: 7 },
    );
  },
};
