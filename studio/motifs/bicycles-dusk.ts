import { Path2D } from '@napi-rs/canvas';
import { mix } from '../kit/colour.ts';
import * as nature from '../kit/nature.ts';
import { BLEED, type Motif } from '../kit/paint.ts';
import * as paths from '../kit/paths.ts';
import * as people from '../kit/people.ts';
import * as things from '../kit/things.ts';

export const motif: Motif = {
  outdoor: true,
  title: 'Bicycles on a street at dusk',
  pal: 'dusk',
  focal: [760, 800],
  portrait: { x: 250, y: -360, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal,
      R = P.R;
    P.layer('sky', 0, () => {
      nature.sky(P, { x: 880, y: 600, r: 112, step: 160, halos: 4, hor: 820 });
      nature.streak(P, 1250, 260, 1.1, mix(p.sky[2], p.accent2, 0.25));
      nature.streak(P, 240, 200, 0.8, mix(p.sky[1], p.sky[2], 0.6));
    });
    P.layer('far', 0.2, () => {
      let x = -1400;
      const ps: Path2D[] = [];
      while (x < 3300) {
        const w = R.r(80, 170),
          h = R.r(120, 330);
        ps.push(
          R() < 0.5
            ? paths.rect(x, 900 - h, w + 2, h + 900)
            : paths.poly([
                [x, 1800],
                [x, 900 - h],
                [x + w / 2, 900 - h - w * 0.5],
                [x + w + 2, 900 - h],
                [x + w + 2, 1800],
              ]),
        );
        x += w;
      }
      ps.push(
        paths.poly([
          [500, 1000],
          [500, 470],
          [526, 370],
          [552, 470],
          [552, 1000],
        ]),
      );
      P.piece(
        paths.union(...ps),
        P.lin(0, 500, 0, 900, mix(p.ramp[0], p.sky[3], 0.25), mix(p.ramp[0], p.sky[3], 0.5)),
        { lift: 3 },
      );
    });
    P.layer('facades', 0.45, () => {
      for (const [x, w, h, c] of [
        [-330, 320, 620, 1],
        [-20, 260, 480, 2],
        [210, 200, 360, 1],
        [1190, 230, 420, 2],
        [1420, 270, 560, 1],
        [1700, 330, 700, 2],
        [2020, 320, 560, 1],
        [2330, 300, 640, 2],
        [-640, 320, 560, 2],
        [-950, 320, 660, 1],
      ] as const)
        things.house(P, x + w / 2, 960, w, h, {
          col: mix(p.ramp[c], p.accent, 0.08),
          roof: p.ramp[3],
          lit: p.lit,
          rows: Math.round(h / 130),
          cols: Math.round(w / 90),
          lift: 3.5,
          frame: mix(p.ramp[c], p.paper, 0.25),
          doorC: p.ramp[4],
          flat: c === 2 && w > 250,
        });
      // shop with awning
      P.piece(paths.rect(1432, 770, 250, 190), mix(p.accent2, p.sun, 0.35), { lift: 1 });
      P.glow(1556, 870, 320, p.accent2, 0.5);
      for (const q of [1512, 1596]) P.ink(paths.rect(q, 770, 8, 190), p.ramp[4]);
      for (let i = 0; i < 5; i++) things.book(P, 1450 + i * 10, 950, 9, 40 + i * 5, p.ramp[2], { band: 0 });
      const n = 7,
        w = 290 / n;
      for (let i = 0; i < n; i++) {
        const q = new Path2D(),
          x = 1412 + i * w;
        q.moveTo(x + 6, 720);
        q.lineTo(x + w + 2, 720);
        q.lineTo(x + w, 790);
        q.bezierCurveTo(x + w, 812, x, 812, x, 790);
        q.closePath();
        P.piece(q, i % 2 ? p.paper : p.accent, { lift: 2 });
      }
    });
    P.layer('trees', 0.6, () => {
      nature.round(P, 1290, 965, 1.35, mix(p.ramp[2], p.accent, 0.12));
      nature.round(P, 120, 965, 1.25, mix(p.ramp[2], p.accent, 0.08));
      nature.round(P, 1860, 965, 1.35, mix(p.ramp[2], p.accent, 0.1));
    });
    P.layer('road', 0.7, () => {
      P.piece(
        paths.rect(-BLEED, 946, 1920 + 2 * BLEED, 60),
        P.lin(0, 946, 0, 1006, mix(p.ramp[1], p.accent, 0.25), p.ramp[2]),
        { lift: 3 },
      );
      P.piece(
        paths.rect(-BLEED, 990, 1920 + 2 * BLEED, 1600),
        P.lin(0, 990, 0, 1280, mix(p.ramp[2], p.accent, 0.14), p.ramp[3]),
        { lift: 3 },
      );
      for (let i = -8; i < 20; i++)
        P.piece(paths.rrect(i * 260 + 20, 1102, 150, 12, 6), mix(p.ramp[1], p.accent2, 0.45), {
          lift: 0.8,
          grain: 0.2,
        });
      things.lamppost(P, 1110, 992, 600, { col: p.ramp[4] });
      things.lamppost(P, 330, 985, 430, { col: p.ramp[4] });
      P.piece(paths.ellipse(1206, 1000, 260, 24), p.accent2, { lift: 0, grain: 0.2, edge: 0, a: 0.25 });
    });
    P.layer('rider', 0.9, () => {
      P.group(
        () => {
          const o = { col: p.accent, crank: 0.85, lampOn: true, turn: 0.2, basket: 'flowers' } as const;
          const fig: people.SideFigure = {
            skin: p.skin(1),
            hair: '#2a1a24',
            hairStyle: 'bob',
            hat: 'beanie',
            hatCol: p.accent2,
            top: p.c('teal'),
            bottom: mix(p.c('navy'), p.ink, 0.2),
            lean: 13,
            head: -6,
            hands: [
              [24.5, -8],
              [25, -9],
            ],
            bends: [1, 1],
            hdirs: [10, 10],
            feet: [
              [13.2, 40],
              [-0.5, 28],
            ],
            knees: [-1, -1],
            eye: 'open',
            shoe: p.paper,
          };
          P.at(
            690,
            1080,
            () => {
              things.bike(P, 0, 0, 1.12, o);
              people.side(P, -80, -302, 5.75, fig);
            },
            { s: 1 },
          );
        },
        { lift: 5 },
      );
      P.group(
        () =>
          things.bike(P, 1420, 1016, 0.86, {
            col: p.accent2,
            rot: 0.0,
            crank: 1.6,
            face: -1,
            basket: 'bread',
          }),
        { lift: 3 },
      );
      P.glow(930, 850, 240, p.accent2, 0.28);
    });
    P.layer('front', 1.2, () => {
      for (let i = -5; i < 14; i++) {
        const x = i * 250 - 60;
        P.piece(
          paths.tube(
            [
              [x, 1700],
              [x, 1205],
            ],
            [34, 30],
          ),
          p.ramp[4],
          { lift: 4 },
        );
        P.piece(paths.circle(x, 1196, 23), p.ramp[4], { lift: 1 });
        const q: [number, number][] = [];
        for (let k = 0; k <= 6; k++) q.push([x + (250 * k) / 6, 1236 + Math.sin((k / 6) * Math.PI) * 34]);
        P.line(paths.smooth(q, false), p.ramp[4], 7);
      }
    });
  },
};
