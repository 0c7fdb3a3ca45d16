import {
  type Canvas,
  type CanvasGradient,
  type CanvasPattern,
  createCanvas,
  type GlobalCompositeOperation,
  type Path2D,
  type SKRSContext2D,
} from '@napi-rs/canvas';
import type { Drawing } from '../catalogue/slots.ts';
import { alpha } from './colour.ts';
import { grainTiles } from './grain.ts';
import type { Palette } from './palettes.ts';
import { type Random, rng } from './random.ts';

/** x and y, in stage units or in a figure's own; some shapes read a third number, a radius. */
export type Point = readonly [x: number, y: number, r?: number];

/** What a sheet is filled with. */
export type Fill = string | CanvasGradient | CanvasPattern;

/** How a sheet of paper lies. */
export interface Sheet {
  /** Height above what is below; 0 casts no shadow. */
  lift?: number;
  /** Strength of the paper's grain, and of its light cut edge, 0 to 1. */
  grain?: number;
  edge?: number;
  /** Opacity, 0 to 1. */
  a?: number;
}

/** How much is painted beyond the stage on every side, units. */
export const BLEED = 1400;

/** Left, top, right and bottom of what was drawn, pixels. */
type Box = [number, number, number, number];

/** A rectangle of the stage: 1920 by 1280 units, with 1400 more painted on every side. */
export interface Rect {
  x: number;
  y: number;
  w: number;
  h: number;
}

/** How a layer moves in a loop: everything closes after one turn of t from 0 to 1. */
export interface Motion {
  /** Sideways swing, units. */
  sway?: number;
  /** Up and down, units. */
  heave?: number;
  /** Rotation about pivot, radians. */
  roll?: number;
  pivot?: [number, number];
  /** Phase, radians. */
  ph?: number;
  /** Whole swings per loop. */
  n?: number;
  /** Direction of a wrap-around scroll, in heights of the picture, and turns per loop. */
  scroll?: [number, number];
  turns?: number;
  /** Depth of a brightness flicker, 0 to 1. */
  flicker?: number;
  /** The layer is drawn anew at every frame with t in [0, 1). */
  live?: boolean;
  /** Lowest visible line of the sheet, units: what lies under it is covered by the next sheet. */
  band?: number;
}

export interface Layer {
  name: string;
  depth: number;
  m: Motion;
  cv?: Canvas;
  fn?: (t: number) => void;
  skip?: boolean;
  ox?: number;
  oy?: number;
}

export interface Motif {
  title: string;
  /** Palette it was made in. */
  pal: string;
  outdoor?: boolean;
  /** Centre of the subject, stage units. */
  focal: [number, number];
  /** Tall view, stage units. */
  portrait?: Rect;
  /** Wide view for loops, stage units. */
  wide?: Rect;
  finish?: { vignette?: number; grain?: number };
  draw: Drawing;
}

/** A sheet-by-sheet painter on a canvas: every piece of paper casts its shadow on what lies below. */
export class Paint {
  w: number;
  h: number;
  pal: Palette;
  R: Random;
  view: Rect;
  /** Pixels per stage unit. */
  k: number;
  layered: boolean;
  margin: number;
  layers: Layer[] = [];
  pieces = 0;
  canvas: Canvas;
  ctx: SKRSContext2D;
  palName = '';
  t = 0;
  /** Heads that were drawn, in parts of the canvas: words keep off them. */
  heads: Rect[] = [];
  private pool: Canvas[] = [];
  private bb: Box | null = null;

  constructor({
    w = 1920,
    h = 1280,
    view,
    pal,
    seed = 1,
    layered = false,
    margin = 0,
  }: {
    w?: number;
    h?: number;
    view?: Rect;
    pal: Palette;
    seed?: string | number;
    layered?: boolean;
    margin?: number;
  }) {
    this.w = w;
    this.h = h;
    this.pal = pal;
    this.R = rng(seed);
    this.view = view || { x: 0, y: 0, w: 1920, h: 1280 };
    this.k = w / this.view.w;
    this.layered = layered;
    this.margin = margin;
    this.canvas = createCanvas(w + margin * 2, h + margin * 2);
    this.ctx = this.canvas.getContext('2d');
    this.base();
  }
  base() {
    this.ctx.setTransform(
      this.k,
      0,
      0,
      this.k,
      -this.view.x * this.k + this.margin,
      -this.view.y * this.k + this.margin,
    );
    this.ctx.lineCap = 'round';
    this.ctx.lineJoin = 'round';
  }
  at(
    x: number,
    y: number,
    fn: () => void,
    { rot = 0, s = 1, sx = s, sy = s }: { rot?: number; s?: number; sx?: number; sy?: number } = {},
  ) {
    const c = this.ctx;
    c.save();
    c.translate(x, y);
    if (rot) c.rotate(rot);
    c.scale(sx, sy);
    fn();
    c.restore();
  }
  lin(x0: number, y0: number, x1: number, y1: number, ...cs: string[]): CanvasGradient {
    const g = this.ctx.createLinearGradient(x0, y0, x1, y1);
    cs.forEach((c, i) => g.addColorStop(i / (cs.length - 1), c));
    return g;
  }
  rad(x: number, y: number, r0: number, r1: number, ...cs: string[]): CanvasGradient {
    const g = this.ctx.createRadialGradient(x, y, r0, x, y, r1);
    cs.forEach((c, i) => g.addColorStop(i / (cs.length - 1), c));
    return g;
  }
  get sc() {
    const t = this.ctx.getTransform();
    return Math.hypot(t.a, t.b);
  }
  /** Notes that a head is drawn here: about the place, with a radius, in the units of the moment. */
  head(x: number, y: number, r: number) {
    const t = this.ctx.getTransform();
    const { width, height } = this.canvas;
    const at = { x: t.a * x + t.c * y + t.e, y: t.b * x + t.d * y + t.f };
    const half = r * Math.hypot(t.a, t.b);
    this.heads.push({
      x: (at.x - half) / width,
      y: (at.y - half) / height,
      w: (2 * half) / width,
      h: (2 * half) / height,
    });
  }
  // one sheet of paper.  lift = height above what is below
  piece(path: Path2D, fill: Fill, { lift = 2, grain = 0.42, edge = 0.22, a = 1 }: Sheet = {}) {
    const c = this.ctx,
      k = this.k;
    this.pieces++;
    if (this.bb) this.grow(path, 14 * k);
    c.save();
    c.globalAlpha = a;
    c.fillStyle = fill;
    if (lift > 0) {
      const sh = this.pal.shadow;
      if (lift >= 2) {
        c.shadowColor = alpha(sh, 0.3);
        c.shadowBlur = (6 + lift * 7) * k;
        c.shadowOffsetX = lift * 1.6 * k;
        c.shadowOffsetY = lift * 3.2 * k;
        c.fill(path);
      }
      c.shadowColor = alpha(sh, lift < 1 ? 0.3 : 0.34);
      c.shadowBlur = (2 + lift * 2.2) * k;
      c.shadowOffsetX = Math.min(lift, 3) * 0.8 * k;
      c.shadowOffsetY = Math.min(lift, 3) * 1.3 * k;
      c.fill(path);
      c.shadowColor = 'transparent';
    } else c.fill(path);
    if (edge > 0 || grain > 0) {
      c.clip(path);
      if (edge > 0) {
        const q = this.sc;
        c.globalAlpha = a;
        c.lineWidth = (3.4 * k) / q;
        c.strokeStyle = `rgba(255,250,240,${edge})`;
        c.save();
        c.translate((0.5 * k) / q, (1.1 * k) / q);
        c.stroke(path);
        c.restore();
      }
      if (grain > 0) {
        const b = path.getBounds(),
          q = this.sc;
        if ((b[2] - b[0]) * (b[3] - b[1]) * q * q > 1800) this.grainFill(grain * a);
      }
    }
    c.restore();
  }
  grow(path: Path2D, pad: number) {
    const b = path.computeTightBounds(),
      t = this.ctx.getTransform(),
      B = this.bb;
    if (!B) return;
    for (const [x, y] of [
      [b[0], b[1]],
      [b[2], b[1]],
      [b[0], b[3]],
      [b[2], b[3]],
    ] as const) {
      const X = t.a * x + t.c * y + t.e,
        Y = t.b * x + t.d * y + t.f;
      B[0] = Math.min(B[0], X - pad);
      B[1] = Math.min(B[1], Y - pad);
      B[2] = Math.max(B[2], X + pad);
      B[3] = Math.max(B[3], Y + pad);
    }
  }
  grainFill(g: number) {
    const c = this.ctx;
    c.globalCompositeOperation = 'soft-light';
    c.globalAlpha = g;
    const pt = c.createPattern(grainTiles(), 'repeat') as CanvasPattern;
    c.resetTransform();
    const gs = Math.max(0.6, (this.w / 1920) * 1.1) * (this.h > this.w ? 1.5 : 1);
    c.scale(gs, gs);
    c.translate(-this.R() * 512, -this.R() * 512);
    c.fillStyle = pt;
    c.fillRect(0, 0, this.canvas.width / gs + 512, this.canvas.height / gs + 512);
  }
  // a mark with no thickness (ink on the sheet)
  ink(path: Path2D, col: Fill, a = 1) {
    const c = this.ctx;
    if (this.bb) this.grow(path, 4);
    c.save();
    c.globalAlpha *= a;
    c.fillStyle = col;
    c.fill(path);
    c.restore();
  }
  line(path: Path2D, col: Fill, w = 2, a = 1) {
    const c = this.ctx;
    if (this.bb) this.grow(path, w * this.sc + 4);
    c.save();
    c.globalAlpha *= a;
    c.strokeStyle = col;
    c.lineWidth = w;
    c.stroke(path);
    c.restore();
  }
  clip(path: Path2D, fn: () => void) {
    const c = this.ctx;
    c.save();
    c.clip(path);
    fn();
    c.restore();
  }
  glow(x: number, y: number, r: number, col: string, a = 0.5, mode: GlobalCompositeOperation = 'screen') {
    const c = this.ctx;
    c.save();
    c.globalCompositeOperation = mode;
    c.fillStyle = this.rad(
      x,
      y,
      0,
      r,
      alpha(col, a),
      alpha(col, a * 0.45),
      alpha(col, a * 0.12),
      alpha(col, 0),
    );
    c.fillRect(x - r, y - r, r * 2, r * 2);
    c.restore();
  }
  // many pieces, one common shadow
  group(fn: () => void, { lift = 3, a = 1 }: Pick<Sheet, 'lift' | 'a'> = {}) {
    const c0 = this.ctx,
      cv = this.pool.pop() || createCanvas(this.canvas.width, this.canvas.height),
      c1 = cv.getContext('2d');
    c1.resetTransform();
    c1.clearRect(0, 0, cv.width, cv.height);
    c1.setTransform(c0.getTransform());
    c1.lineCap = c1.lineJoin = 'round';
    const bb0 = this.bb;
    this.bb = [1e9, 1e9, -1e9, -1e9];
    this.ctx = c1;
    c1.save();
    fn();
    c1.restore();
    this.ctx = c0;
    const b = this.bb;
    this.bb = bb0;
    if (bb0) {
      bb0[0] = Math.min(bb0[0], b[0]);
      bb0[1] = Math.min(bb0[1], b[1]);
      bb0[2] = Math.max(bb0[2], b[2]);
      bb0[3] = Math.max(bb0[3], b[3]);
    }
    const x0 = Math.max(0, Math.floor(b[0])),
      y0 = Math.max(0, Math.floor(b[1])),
      ww = Math.min(cv.width, Math.ceil(b[2])) - x0,
      hh = Math.min(cv.height, Math.ceil(b[3])) - y0;
    if (ww <= 0 || hh <= 0) {
      this.pool.push(cv);
      return;
    }
    const k = this.k,
      sh = this.pal.shadow;
    c0.save();
    c0.resetTransform();
    c0.globalAlpha = a;
    if (lift > 0) {
      c0.shadowColor = alpha(sh, 0.36);
      c0.shadowBlur = (6 + lift * 6) * k;
      c0.shadowOffsetX = lift * 1.8 * k;
      c0.shadowOffsetY = lift * 3 * k;
    }
    c0.drawImage(cv, x0, y0, ww, hh, x0, y0, ww, hh);
    c0.restore();
    this.pool.push(cv);
  }
  // m: motion data read by the loop renderer: {sway, heave, roll, pivot, ph, drift, scroll, live}
  layer(name: string, depth: number, fn: (t: number) => void, m: Motion = {}) {
    if (!this.layered) {
      this.ctx.save();
      fn(this.t || 0);
      this.ctx.restore();
      return;
    }
    if (m.live) {
      this.layers.push({ name, depth, m, fn });
      return;
    }
    const cv = createCanvas(this.canvas.width, this.canvas.height),
      c0 = this.ctx;
    this.ctx = cv.getContext('2d');
    this.base();
    fn(0);
    this.ctx = c0;
    this.layers.push({ name, depth, m, cv });
  }
  finish({ vignette = 0.22, grain = 0.15 } = {}) {
    const c = this.ctx;
    c.save();
    c.resetTransform();
    const W = this.canvas.width,
      H = this.canvas.height;
    if (vignette) {
      const g = c.createRadialGradient(
        W * 0.5,
        H * 0.46,
        Math.min(W, H) * 0.45,
        W * 0.5,
        H * 0.5,
        Math.hypot(W, H) * 0.58,
      );
      g.addColorStop(0, 'rgba(0,0,0,0)');
      g.addColorStop(1, alpha(this.pal.shadow, vignette));
      c.globalCompositeOperation = 'multiply';
      c.fillStyle = g;
      c.fillRect(0, 0, W, H);
    }
    if (grain) this.grainFill(grain);
    c.restore();
  }
}
