import { alpha, mix } from '../kit/colour.ts';
import * as nature from '../kit/nature.ts';
import { BLEED, type Motif, type Paint } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as people from '../kit/people.ts';
import * as things from '../kit/things.ts';

const bg = (P: Paint, ...cs: string[]) =>
  P.piece(paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED), P.lin(0, -100, 0, 1100, ...cs), {
    lift: 0,
    edge: 0,
  });

export const motif: Motif = {
  title: 'Reading a letter by the window',
  pal: 'autumn',
  focal: [1090, 660],
  portrait: { x: 640, y: -330, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal,
      R = P.R,
      wall = mix(p.c('#3f6664'), p.ramp[3], 0.12);
    bg(P, mix(wall, p.shadow, 0.22), wall, mix(wall, p.paper, 0.08));
    for (let x = -1400; x < 3300; x += 96)
      P.ink(paths.rect(x, -BLEED, 40, 3200), mix(wall, p.paper, 0.2), 0.1);
    // window
    P.group(
      () => {
        P.piece(paths.rrect(180, -60, 620, 900, 8), p.c('cream'), { lift: 2 });
        P.clip(paths.rect(212, -30, 556, 836), () => {
          nature.sky(P, { x: 600, y: 250, r: 62, step: 80, halos: 4, hor: 620 });
          nature.sheet(P, nature.hill(P, 560, 40, { len: 600 }), p.ramp[0], 560);
          nature.sheet(P, nature.hill(P, 650, 36, { len: 460 }), p.ramp[1], 650);
          nature.branch(P, 300, 860, 210, -1.42, 44, 4, p.ramp[4], (x, y) => {
            for (let i = 0; i < 4; i++)
              P.piece(
                nature.leaf(x, y, R.r(30, 50), R.r(0, 6.28)),
                R.pick([p.accent, p.accent2, p.ramp[1], p.ramp[2]]),
                { lift: 0.8, grain: 0 },
              );
          });
          for (let i = 0; i < 14; i++)
            P.piece(
              nature.leaf(R.r(220, 760), R.r(200, 790), R.r(24, 38), R.r(0, 6.28)),
              R.pick([p.accent, p.accent2, p.ramp[2]]),
              { lift: 1, grain: 0 },
            );
        });
        P.piece(paths.rect(480, -40, 20, 860), p.c('cream'), { lift: 1.6 });
        P.piece(paths.rect(200, 330, 580, 18), p.c('cream'), { lift: 1.6 });
        P.piece(paths.rrect(140, 816, 700, 44, 6), p.c('cream'), { lift: 3 });
      },
      { lift: 3 },
    );
    // light falling from the window
    {
      const c = P.ctx;
      c.save();
      c.globalCompositeOperation = 'screen';
      c.fillStyle = P.lin(500, 300, 1400, 1200, alpha(p.accent2, 0.28), alpha(p.accent2, 0));
      c.fill(
        paths.poly([
          [770, -30],
          [770, 806],
          [1500, 1400],
          [1800, 500],
        ]),
      );
      c.restore();
    }
    // picture and plant
    P.group(
      () => {
        P.piece(paths.rrect(1500, 150, 250, 310, 6), p.c('wood'), { lift: 2 });
        P.clip(paths.rect(1522, 172, 206, 266), () => {
          P.piece(paths.rect(1500, 150, 300, 400), p.l('mustard', 0.5), { lift: 0 });
          P.piece(paths.circle(1650, 260, 40), p.accent, { lift: 1 });
          P.piece(
            paths.smooth([
              [1480, 400],
              [1560, 330],
              [1640, 380],
              [1760, 320],
              [1800, 600],
              [1480, 600],
            ]),
            p.c('teal'),
            { lift: 1.4 },
          );
          P.piece(
            paths.smooth([
              [1480, 440],
              [1580, 390],
              [1680, 420],
              [1800, 390],
              [1800, 600],
              [1480, 600],
            ]),
            p.c('navy'),
            { lift: 1.4 },
          );
        });
      },
      { lift: 3 },
    );
    P.piece(
      paths.rect(-BLEED, 1120, 1920 + 2 * BLEED, 1500),
      P.lin(0, 1120, 0, 1280, mix(p.c('wood'), p.ramp[3], 0.3), p.ramp[4]),
      { lift: 3 },
    );
    P.piece(paths.rect(-BLEED, 1096, 1920 + 2 * BLEED, 26), p.c('cream'), { lift: 2 });
    P.piece(paths.ellipse(1100, 1216, 700, 70), mix(p.accent, p.ramp[3], 0.35), { lift: 1 });
    P.piece(paths.ellipse(1100, 1216, 620, 54), mix(p.accent, p.ramp[3], 0.15), { lift: 0, edge: 0.3 });
    // floor lamp
    P.group(
      () => {
        P.piece(
          paths.tube(
            [
              [1640, 1190],
              [1640, 560],
            ],
            [12, 10],
          ),
          p.c('brass'),
          { lift: 1 },
        );
        P.piece(paths.ellipse(1640, 1192, 80, 14), p.c('brass'), { lift: 1 });
        P.piece(paths.ellipse(1640, 612, 120, 16), p.sun, { lift: 0 });
        P.piece(
          paths.round(
            [
              [1570, 440],
              [1710, 440],
              [1770, 612],
              [1510, 612],
            ],
            10,
          ),
          P.lin(0, 440, 0, 612, mix(p.accent2, p.paper, 0.35), mix(p.accent2, p.paper, 0.75)),
          { lift: 2 },
        );
      },
      { lift: 3 },
    );
    P.glow(1640, 640, 520, p.accent2, 0.5);
    // armchair behind
    const ch = p.c('#c8872e');
    P.group(
      () => {
        for (const x of [960, 1440])
          P.piece(
            paths.tube(
              [
                [x, 1120],
                [x - 6, 1206],
              ],
              [26, 16],
            ),
            p.c('woodD'),
            { lift: 1 },
          );
        P.piece(
          paths.smooth(
            [
              [1180, 640],
              [1240, 520],
              [1360, 490],
              [1480, 530],
              [1530, 660],
              [1540, 1120],
              [1160, 1130],
            ],
            true,
            0.8,
          ),
          P.lin(1160, 0, 1540, 0, mix(ch, p.paper, 0.12), mix(ch, p.shadow, 0.18)),
          { lift: 3 },
        );
        P.piece(paths.rrect(900, 960, 520, 170, 40), mix(ch, p.paper, 0.06), { lift: 2 });
      },
      { lift: 5 },
    );
    P.group(
      () =>
        people.side(P, 1255, 955, 11.2, {
          face: -1,
          skin: p.skin(1),
          hair: '#3b211a',
          hairStyle: 'bun',
          top: p.c('#e9e0cc'),
          bottom: p.c('navy'),
          lean: -7,
          head: 22,
          hands: [
            [20, -17],
            [22, -14],
          ],
          bends: [1, 1],
          hdirs: [-50, -40],
          feet: [
            [24.5, 22],
            [22, 22],
          ],
          knees: [-1, -1],
          shoe: p.accent,
          collar: p.accent,
          hold: (P) => {
            P.at(
              24,
              -22,
              () => {
                P.piece(
                  paths.round(
                    [
                      [-6, -8],
                      [7.5, -10.5],
                      [9.5, 4],
                      [-4, 7],
                    ],
                    0.4,
                  ),
                  p.paper,
                  { lift: 1.2 },
                );
                P.line(
                  paths.poly(
                    [
                      [-5, -0.6],
                      [8.4, -3.2],
                    ],
                    false,
                  ),
                  p.d('cream', 0.3),
                  0.3,
                );
                for (let i = 0; i < 5; i++)
                  P.line(
                    paths.poly(
                      [
                        [-3.6 + i * 0.3, -5.8 + i * 2.3],
                        [(i === 4 ? 2 : 5.4) + i * 0.3, -7.6 + i * 2.3],
                      ],
                      false,
                    ),
                    p.ink,
                    0.5,
                    0.5,
                  );
              },
              { rot: 0.12 },
            );
          },
        }),
      { lift: 4 },
    );
    // near arm of the chair
    P.group(
      () => {
        P.piece(
          paths.round(
            [
              [1120, 1150],
              [1120, 930],
              [1180, 884],
              [1560, 884],
              [1580, 930],
              [1580, 1150],
            ],
            50,
          ),
          P.lin(0, 880, 0, 1150, mix(ch, p.paper, 0.14), mix(ch, p.shadow, 0.16)),
          { lift: 3 },
        );
        P.piece(paths.circle(1170, 940, 54), mix(ch, p.paper, 0.18), { lift: 1.4 });
        P.line(paths.circle(1170, 940, 32), mix(ch, p.shadow, 0.35), 4, 0.6);
      },
      { lift: 4 },
    );
    // side table with tea and envelope
    P.group(
      () => {
        P.piece(
          paths.tube(
            [
              [640, 1010],
              [600, 1210],
            ],
            [16, 12],
          ),
          p.c('woodD'),
          { lift: 1 },
        );
        P.piece(
          paths.tube(
            [
              [760, 1010],
              [800, 1210],
            ],
            [16, 12],
          ),
          p.c('woodD'),
          { lift: 1 },
        );
        P.piece(paths.rrect(540, 986, 320, 34, 14), p.c('wood'), { lift: 2 });
      },
      { lift: 3 },
    );
    P.group(() => things.mug(P, 640, 986, 0.72, p.accent), { lift: 2 });
    nature.steam(P, 638, 890, 160, 0.75, p.paper, 0.5);
    P.group(
      () =>
        P.at(776, 976, () => {
          P.piece(
            paths.poly([
              [-70, 0],
              [70, 0],
              [56, -30],
              [-56, -30],
            ]),
            p.c('#fff7e6'),
            { lift: 2 },
          );
          P.line(
            paths.poly(
              [
                [-56, -30],
                [0, -8],
                [56, -30],
              ],
              false,
            ),
            p.d('cream', 0.4),
            3,
          );
        }),
      { lift: 2 },
    );
    // cat on the rug
    P.group(
      () =>
        P.at(
          420,
          1206,
          () => {
            const c = p.c('#3a2a2c');
            P.piece(
              paths.tube(
                [
                  [80, -14],
                  [150, -20],
                  [176, -70],
                  [150, -104],
                ],
                [26, 24, 20, 14],
              ),
              c,
              { lift: 1 },
            );
            P.piece(
              paths.smooth([
                [-70, 0],
                [-84, -90],
                [-50, -150],
                [10, -160],
                [70, -90],
                [92, -20],
                [80, 0],
              ]),
              c,
              { lift: 1.6 },
            );
            P.piece(
              paths.round(
                [
                  [-104, -150],
                  [-110, -226],
                  [-80, -206],
                  [-44, -208],
                  [-14, -228],
                  [-16, -156],
                  [-34, -122],
                  [-86, -122],
                ],
                12,
              ),
              mix(c, p.paper, 0.05),
              { lift: 1.2 },
            );
            for (const x of [-84, -44])
              P.line(
                paths.smooth(
                  [
                    [x - 9, -166],
                    [x, -160],
                    [x + 9, -166],
                  ],
                  false,
                ),
                p.accent2,
                4,
              );
            P.piece(
              paths.poly([
                [-68, -150],
                [-58, -150],
                [-63, -143],
              ]),
              p.c('rose'),
              { lift: 0 },
            );
            P.piece(
              paths.tube(
                [
                  [-46, -60],
                  [-52, -6],
                ],
                [30, 26],
              ),
              mix(c, p.paper, 0.05),
              { lift: 0.8 },
            );
            P.piece(
              paths.tube(
                [
                  [-12, -50],
                  [-14, -6],
                ],
                [30, 26],
              ),
              mix(c, p.paper, 0.05),
              { lift: 0.8 },
            );
          },
          { s: 0.95 },
        ),
      { lift: 3 },
    );
  },
};
