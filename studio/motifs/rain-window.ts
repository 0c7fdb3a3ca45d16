import { mix } from '../kit/colour.ts';
import * as nature from '../kit/nature.ts';
import { BLEED, type Motif } from '../kit/paint.ts';
import { PAL } from '../kit/palettes.ts';
import * as paths from '../kit/paths.ts';
import * as things from '../kit/things.ts';

export const motif: Motif = {
  title: 'Rain on a window, a lamp on the sill',
  pal: 'lamplit',
  focal: [1290, 760],
  portrait: { x: 800, y: -330, w: 960, h: 1706 },
  draw(P) {
    const p = P.pal,
      R = P.R,
      rn = PAL.rain,
      nt = PAL.night;
    const sk = ['#26374e', '#3a5068', '#5f7687', '#8b9a9f'];
    // outside
    P.layer('outside', 0, () => {
      P.piece(paths.rect(-BLEED, -BLEED, 1920 + 2 * BLEED, 1280 + 2 * BLEED), P.lin(0, 0, 0, 1000, ...sk), {
        lift: 0,
        edge: 0,
        grain: 0.45,
      });
      const row = (y: number, c: string, h0: number, h1: number, w0: number, w1: number, lit: number) => {
        let x = -300;
        while (x < 2200) {
          const w = R.r(w0, w1),
            h = R.r(h0, h1);
          P.piece(
            R() < 0.45
              ? paths.rect(x, y - h, w, h + 900)
              : paths.poly([
                  [x, y + 900],
                  [x, y - h],
                  [x + w / 2, y - h - w * 0.36],
                  [x + w, y - h],
                  [x + w, y + 900],
                ]),
            c,
            { lift: 2.5, grain: 0.4 },
          );
          for (let yy = y - h + 30; yy < y - 20; yy += 58)
            for (let xx = x + 22; xx < x + w - 30; xx += 50)
              if (R() < lit) {
                P.ink(paths.rrect(xx, yy, 22, 30, 3), mix(p.accent2, '#8fa0a8', R.r(0, 0.4)), 0.85);
                P.glow(xx + 11, yy + 15, 46, p.accent2, 0.35);
              }
          x += w + R.r(-8, 10);
        }
      };
      row(760, '#66798a', 250, 420, 120, 190, 0.12);
      row(900, '#4a6074', 220, 400, 150, 240, 0.26);
      row(1060, '#30465a', 160, 330, 180, 300, 0.36);
      for (let i = 0; i < 24; i++) {
        const x = R.r(-100, 2000),
          y = R.r(760, 1010),
          r = R.r(14, 44);
        P.ink(paths.circle(x, y, r), R.pick([p.accent2, p.accent2, p.accent, '#dfe6d8']), R.r(0.12, 0.32));
      }
      for (let i = 0; i < 12; i++) {
        const c = P.ctx;
        P.ink(paths.rect(-BLEED, 700 + i * 40, 1920 + 2 * BLEED, 40), '#9fb0b6', 0.012 * i);
      }
    });
    P.layer(
      'rain',
      0,
      () => nature.rain(P, 150, -200, -200, 2100, 1400, '#c9d6d8', { slant: 0.14, s: 1.1 }),
      {
        scroll: [-0.14, 1],
        turns: 6,
      },
    );
    // drops on the glass
    P.layer('drops', 0.1, () => {
      for (let i = 0; i < 240; i++) {
        const x = R.r(-100, 2020),
          y = R.r(-100, 1020),
          r = R() ** 2.2 * 13 + 3;
        drop(x, y, r);
      }
      for (let i = 0; i < 26; i++) {
        const x = R.r(-60, 1980),
          y = R.r(100, 900),
          l = R.r(90, 380),
          r = R.r(8, 15);
        const pts: [number, number][] = [];
        for (let k = 0; k <= 5; k++) pts.push([x + R.r(-7, 7), y - l + (l * k) / 5]);
        P.piece(paths.tube(pts, [1, r * 0.45, r * 0.7, r * 0.8]), '#c7d6da', {
          lift: 0.6,
          grain: 0,
          edge: 0.2,
          a: 0.38,
        });
        drop(x, y, r);
      }
      function drop(x: number, y: number, r: number) {
        P.piece(
          paths.smooth([
            [x, y - r * 1.35],
            [x + r * 0.8, y - r * 0.1],
            [x + r * 0.62, y + r * 0.75],
            [x, y + r],
            [x - r * 0.62, y + r * 0.75],
            [x - r * 0.8, y - r * 0.1],
          ]),
          P.lin(0, y - r, 0, y + r, '#5f7c8c', '#dbe7e8'),
          { lift: 0.8, grain: 0, edge: 0, a: 0.8 },
        );
        P.ink(paths.ellipse(x - r * 0.25, y - r * 0.35, r * 0.16, r * 0.28, 0.3), '#ffffff', 0.85);
      }
    });
    // frame
    P.layer('frame', 0.3, () => {
      const fr = mix(p.ramp[3], '#2a1d22', 0.3),
        fl = mix(p.ramp[2], p.accent2, 0.12);
      const bar = (x: number, y: number, w: number, h: number, c = fl) =>
        P.piece(
          paths.rect(x, y, w, h),
          P.lin(x, y, x + (w > h ? 0 : w), y + (w > h ? h : 0), mix(c, p.accent2, 0.18), c),
          { lift: 4, edge: 0.25 },
        );
      bar(930, -BLEED, 52, 2700);
      bar(-BLEED, 330, 1920 + 2 * BLEED, 38);
      bar(-BLEED, -BLEED, 1920 + BLEED * 2, BLEED - 620);
      bar(-BLEED, -BLEED, BLEED + 70, 3000, fr);
      bar(1850, -BLEED, 1600, 3000, fr);
      // curtain left
      for (let i = 0; i < 6; i++) {
        const x = -330 + i * 82;
        P.piece(
          paths.smooth(
            [
              [x - 60, -1200],
              [x + 70, -1200],
              [x + 92, 200],
              [x + 76 + i * 6, 700],
              [x + 104 - i * 5, 2200],
              [x - 60, 2200],
            ],
            true,
            0.5,
          ),
          P.lin(
            x - 40,
            0,
            x + 100,
            0,
            mix(p.c('brick'), p.shadow, 0.5),
            mix(p.c('brick'), p.shadow, 0.18 + (5 - i) * 0.05),
          ),
          { lift: 4, grain: 0.6 },
        );
      }
    });
    // sill
    P.layer('sill', 0.6, () => {
      P.piece(paths.rect(-BLEED, 1010, 1920 + 2 * BLEED, 40), mix(p.ramp[1], p.accent2, 0.18), { lift: 4 });
      P.piece(
        paths.rect(-BLEED, 1046, 1920 + 2 * BLEED, 1600),
        P.lin(0, 1046, 0, 1500, mix(p.ramp[2], p.accent2, 0.12), p.ramp[4]),
        { lift: 6 },
      );
      P.glow(1290, 1010, 560, p.accent2, 0.35);
      things.stack(P, 560, 1014, [
        [300, 44, p.c('teal')],
        [260, 36, p.c('brick'), 24],
        [236, 40, p.c('mustard'), 10],
      ]);
      P.group(() => things.mug(P, 700, 895, 0.94, p.c('rose'), { band: p.c('cream') }), { lift: 3 });
      P.group(
        () =>
          things.pot(P, 1660, 1014, 1.1, p.c('brick'), () =>
            things.fern(P, 11, 250, p.c('leafD'), { fan: 2.6 }),
          ),
        { lift: 3 },
      );
      P.group(() => things.tablelamp(P, 1290, 1018, 1.42, { base: p.c('teal'), glow: 0 }), { lift: 4 });
    });
    P.layer('steam', 0.6, (t) => nature.steam(P, 696, 770, 230, 1.1, p.paper, 0.5, { ph: t * Math.PI * 2 }), {
      live: true,
    });
    P.layer(
      'light',
      0.6,
      () => {
        P.glow(1290, 640, 760, p.accent2, 0.55);
        P.glow(1290, 700, 300, p.sun, 0.35);
      },
      { flicker: 0.05 },
    );
  },
};
