import type { Drawings } from '../../catalogue/slots.ts';
import { nth } from '../named.ts';
import * as paths from '../paths.ts';
import { heart, shade, sprout } from './parts.ts';

/** Things to take along. The middle of each thing's foot is at 0,0; about 500 units high. */
export const OUTING = {
  tent(P) {
    const p = P.pal;
    P.piece(
      paths.poly([
        [-120, -430],
        [420, -330],
        [520, 0],
        [330, 0],
      ]),
      p.d('mustard', 0.25),
      { lift: 3 },
    );
    P.piece(
      paths.round(
        [
          [-120, -440, 10],
          [-440, 0, 10],
          [330, 0, 10],
        ],
        10,
      ),
      shade(P, p.c('mustard'), -440, 330),
      { lift: 4 },
    );
    P.piece(
      paths.poly([
        [-110, -300],
        [-230, 0],
        [60, 0],
      ]),
      P.lin(0, -300, 0, 0, p.d('woodD', 0.3), p.l('mustard', 0.5)),
      { lift: 0.8 },
    );
    P.piece(
      paths.poly([
        [-110, -300],
        [-230, 0],
        [-300, 0],
      ]),
      p.l('mustard', 0.3),
      { lift: 2 },
    );
    P.piece(
      paths.poly([
        [-110, -300],
        [60, 0],
        [140, 0],
      ]),
      p.l('mustard', 0.3),
      { lift: 2 },
    );
    P.at(600, 0, () => {
      for (const r of [-0.5, 0.5])
        P.at(0, -20, () => P.piece(paths.rrect(-90, -16, 180, 32, 14), p.c('woodD'), { lift: 2 }), {
          rot: r,
        });
      P.piece(
        paths.smooth(
          [
            [0, -240],
            [66, -110],
            [58, -34],
            [0, -14],
            [-58, -34],
            [-66, -110],
          ],
          true,
          0.9,
        ),
        P.lin(0, -240, 0, -14, p.c('mustard'), p.c('tomato')),
        { lift: 1.4 },
      );
      P.piece(
        paths.smooth(
          [
            [6, -150],
            [34, -70],
            [0, -26],
            [-30, -70],
          ],
          true,
          0.9,
        ),
        '#fff0b8',
        { lift: 0.8 },
      );
    });
  },

  laptop(P) {
    const p = P.pal;
    P.piece(paths.rrect(-330, -460, 660, 430, 24), p.c('dark'), { lift: 4 });
    P.piece(paths.rect(-300, -432, 600, 372), p.l('blue', 0.5), { lift: 0 });
    P.clip(paths.rect(-300, -432, 600, 372), () => {
      P.piece(paths.rect(-300, -432, 600, 60), p.c('teal'), { lift: 1 });
      P.piece(paths.rrect(-270, -340, 250, 250, 10), p.paper, { lift: 2 });
      for (let i = 0; i < 4; i++)
        P.piece(
          paths.rrect(-240 + i * 56, -120 - i * 44 - 20, 36, 30 + i * 44, 4),
          p.c(nth(['rose', 'mustard', 'teal', 'red'], i)),
          { lift: 0.8 },
        );
      for (let i = 0; i < 5; i++)
        P.ink(paths.rrect(20, -330 + i * 50, nth([240, 200, 250, 160, 220], i), 18, 9), p.ink, i ? 0.4 : 0.8);
    });
    P.piece(
      paths.round(
        [
          [-330, -34],
          [330, -34],
          [420, 0, 14],
          [-420, 0, 14],
        ],
        8,
      ),
      p.c('steel'),
      { lift: 3 },
    );
    P.piece(paths.rrect(-70, -18, 140, 10, 5), p.c('steelD'), { lift: 0 });
  },

  aid(P) {
    const p = P.pal;
    P.piece(
      paths.diff(paths.rrect(-90, -410, 180, 120, 30), paths.rrect(-58, -380, 116, 100, 20)),
      p.c('dark'),
      {
        lift: 2,
      },
    );
    P.piece(paths.rrect(-300, -340, 600, 340, 40), shade(P, p.c('red'), -300, 300), { lift: 4 });
    P.piece(paths.circle(0, -170, 118), p.paper, { lift: 1.6 });
    P.piece(heart(0, -166, 70), p.c('red'), { lift: 1.2 });
    for (const x of [-220, 180]) P.piece(paths.rrect(x, -356, 44, 60, 10), p.c('steel'), { lift: 1.4 });
    P.at(400, -26, () => {
      P.piece(paths.rrect(-30, -190, 92, 190, 20), p.c('carrot'), { lift: 2 });
      P.piece(paths.rrect(-24, -230, 80, 50, 10), p.c('white'), { lift: 1.4 });
      P.piece(paths.rrect(-18, -140, 68, 74, 6), p.paper, { lift: 1 });
    });
    P.at(-420, -20, () => P.piece(paths.rrect(-70, -24, 140, 48, 24), p.c('dough'), { lift: 2 }), {
      rot: -0.3,
    });
    P.at(-420, -20, () => P.piece(paths.rrect(-26, -24, 52, 48, 6), p.l('dough', 0.4), { lift: 0.8 }), {
      rot: -0.3,
    });
  },

  lock(P, o) {
    const p = P.pal;
    P.at(
      o.open ? -60 : 0,
      o.open ? -40 : 0,
      () =>
        P.piece(
          paths.diff(paths.rrect(-120, -520, 240, 360, 120), paths.rrect(-72, -472, 144, 340, 72)),
          p.c('steel'),
          {
            lift: 3,
          },
        ),
      { rot: o.open ? -0.5 : 0 },
    );
    P.piece(paths.rrect(-190, -320, 380, 320, 44), shade(P, p.c('mustard'), -190, 190), { lift: 4 });
    P.piece(paths.circle(0, -186, 44), p.c('dark'), { lift: 0.6 });
    P.piece(
      paths.round(
        [
          [-20, -180],
          [20, -180],
          [34, -84],
          [-34, -84],
        ],
        8,
      ),
      p.c('dark'),
      { lift: 0 },
    );
    P.at(
      330,
      -70,
      () => {
        P.piece(paths.ring(0, 0, 58, 34), p.c('brass'), { lift: 2 });
        P.piece(paths.rect(-16, 58, 32, 0.1), p.c('brass'), { lift: 0 });
        P.piece(paths.rrect(54, -16, 210, 32, 8), p.c('brass'), { lift: 2 });
        for (const x of [190, 230]) P.piece(paths.rect(x, 10, 22, 46), p.c('brass'), { lift: 1.4 });
      },
      { rot: 0.16 },
    );
  },

  wateringCan(P) {
    const p = P.pal;
    P.at(
      -130,
      -170,
      () => {
        P.piece(
          paths.diff(paths.ellipse(-130, -120, 130, 150), paths.ellipse(-126, -120, 96, 116)),
          p.c('teal'),
          {
            lift: 2,
          },
        );
        P.piece(
          paths.round(
            [
              [120, -40],
              [330, -280],
              [372, -250],
              [170, 90],
            ],
            10,
          ),
          shade(P, p.c('teal'), 100, 360),
          { lift: 2 },
        );
        P.at(356, -276, () => P.piece(paths.ellipse(0, 0, 26, 62), p.d('teal', 0.2), { lift: 2 }), {
          rot: -0.75,
        });
        P.piece(
          paths.round(
            [
              [-130, -180, 18],
              [130, -180, 18],
              [156, 160, 30],
              [-156, 160, 30],
            ],
            20,
          ),
          shade(P, p.c('teal'), -150, 150),
          { lift: 4 },
        );
        P.piece(paths.ellipse(0, -180, 128, 26), p.d('teal', 0.35), { lift: 0.8 });
      },
      { rot: 0.22 },
    );
    for (let i = 0; i < 14; i++)
      P.piece(paths.ellipse(300 + P.R.r(-50, 60), -330 + i * 22, 7, 16), p.l('blue', 0.45), { lift: 0.8 });
    P.at(330, -4, () => sprout(P));
  },
} satisfies Drawings;
