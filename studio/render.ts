import type { PaintedRow, View } from './catalogue/row.ts';
import { mix } from './kit/colour.ts';
import { named } from './kit/named.ts';
import * as nature from './kit/nature.ts';
import { Paint, type Rect } from './kit/paint.ts';
import { PAL } from './kit/palettes.ts';
import { LOOP_MARGIN, loopFrames } from './loop.ts';
import { MOTIFS } from './motifs/index.ts';

/** Pixels of the two renderings of a still and of a loop. */
export const SIZES = {
  still: { wide: { w: 1920, h: 1280 }, tall: { w: 1080, h: 1920 } },
  loop: { wide: { w: 1280, h: 720 }, tall: { w: 720, h: 1280 } },
} as const;

export const LOOP_FPS = 30;
export const LOOP_SECONDS = 6;

/** Stage rectangle of a row's view, with the view's own proportions. */
export function viewOf(row: PaintedRow, view: View): Rect {
  const size = SIZES[row.kind][view];
  const ratio = size.h / size.w;
  const motif = named(MOTIFS, row.motif);
  if (view === 'wide') {
    const r = row.wide ?? (row.kind === 'loop' ? motif.wide : undefined);
    if (!r && row.kind === 'loop')
      return { x: 0, y: Math.max(0, Math.min(200, motif.focal[1] - 640)), w: 1920, h: 1080 };
    const full = r ?? { x: 0, y: 0, w: 1920, h: 1280 };
    return { ...full, h: full.w * ratio };
  }
  if (row.tall) return { ...row.tall, h: row.tall.w * ratio };
  if (row.wide) {
    const [fx, fy, fw, fh] = row.focal;
    const w = Math.max(row.wide.h * 0.62, fw * 1.08);
    const h = w * ratio;
    return { x: fx + fw / 2 - w / 2, y: fy + fh / 2 - h * 0.46, w, h };
  }
  const p = motif.portrait ?? { x: motif.focal[0] - 480, y: -200, w: 960, h: 1706 };
  return { ...p, h: p.w * ratio };
}

function paintRow(row: PaintedRow, view: View, scale: number, layered: boolean): Paint {
  const size = SIZES[row.kind][view];
  const motif = named(MOTIFS, row.motif);
  const palName = row.pal ?? motif.pal;
  const pal = named(PAL, palName);
  const P = new Paint({
    w: Math.round(size.w * scale),
    h: Math.round(size.h * scale),
    view: viewOf(row, view),
    pal,
    seed: row.motif + (row.seed ?? ''),
    layered,
    margin: layered ? LOOP_MARGIN : 0,
  });
  P.palName = palName;
  motif.draw(P, row.slots ?? {});
  if (pal.overcast && motif.outdoor)
    P.layer(
      'rain',
      0,
      () =>
        nature.rain(P, 190, -300, -300, 2300, 1500, mix(pal.paper, pal.sky[0], 0.25), {
          slant: 0.16,
          s: 1.15,
        }),
      { scroll: [-0.16, 1], turns: 5 },
    );
  if (!layered) P.finish(motif.finish);
  return P;
}

/** Paints the still of a row. scale 1 gives the sizes of SIZES; smaller ones are for tests and contact sheets. */
export function paintStill(row: PaintedRow, view: View, scale = 1) {
  return paintRow(row, view, scale, false).canvas;
}

/** Where the heads of a row are in a view, as fractions [x, y, w, h], largest first; those far away are left out. */
export function headsIn(row: PaintedRow, view: View): [number, number, number, number][] {
  const P = paintRow(row, view, SKETCH, false);
  const round = (n: number) => Math.round(n * 1000) / 1000;
  return P.heads
    .map(({ x, y, w, h }): [number, number, number, number] => {
      const [x0, y0] = [Math.max(0, x), Math.max(0, y)];
      return [round(x0), round(y0), round(Math.min(1, x + w) - x0), round(Math.min(1, y + h) - y0)];
    })
    .filter(([, , w, h]) => Math.min(w, h) > 0 && Math.max(w, h) >= LEAST_HEAD)
    .sort((a, b) => b[2] * b[3] - a[2] * a[3])
    .slice(0, MOST_HEADS);
}

/** Scale of a drawing of which only the places are wanted. */
const SKETCH = 0.12;
/** Share of a view; smaller heads are a crowd. */
const LEAST_HEAD = 0.045;
const MOST_HEADS = 6;

/** The frames of a row's loop as RGBA buffers, with their size. */
export function paintLoop(row: PaintedRow, view: View, frames = LOOP_FPS * LOOP_SECONDS, scale = 1) {
  const P = paintRow(row, view, scale, true);
  return { width: P.w, height: P.h, frames: loopFrames(P, frames) };
}

/** The focal box of a row as fractions [x, y, w, h] of a view, cut to the picture. */
export function focalBox(row: PaintedRow, view: View): [number, number, number, number] {
  const v = viewOf(row, view);
  const [fx, fy, fw, fh] = row.focal;
  const x0 = Math.max(0, (fx - v.x) / v.w);
  const y0 = Math.max(0, (fy - v.y) / v.h);
  const x1 = Math.min(1, (fx + fw - v.x) / v.w);
  const y1 = Math.min(1, (fy + fh - v.y) / v.h);
  return [x0, y0, Math.max(0.05, x1 - x0), Math.max(0.05, y1 - y0)].map(
    (n) => Math.round(n * 1000) / 1000,
  ) as [number, number, number, number];
}
