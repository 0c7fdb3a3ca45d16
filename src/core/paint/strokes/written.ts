import type { Size } from '../../look/formats.ts';
import { type Mask, nearest } from './mask.ts';
import { strokesOf } from './trace.ts';

/** From this opacity a pixel is a part of a letter, 0 to 255. */
const INK = 110;
/** Letters are looked at in about so many pixels a size of the font. */
const PIXELS_AN_EM = 56;
/** The pen is lifted for as long as it takes to draw this share of the size of the font. */
const LIFT = 0.12;
/** The end of a stroke is so soft, in pixels. */
const SOFT = 2.5;

/** When each pixel of a text is written: 0 at the beginning, 1 at the end. */
export interface Writing extends Size {
  /** Row by row, a cell for so many pixels of the text each way. */
  times: Float32Array;
  cell: number;
  /** Pixels that the pen goes, with what it goes in the air. */
  length: number;
}

/**
 * When a hand that writes a text along its strokes would come to each pixel of it. rgba: the letters alone, without what is round
 * them; size: of the font, in pixels. What lies outside of all strokes comes with the nearest one.
 */
export function writingOf(
  rgba: Uint8ClampedArray | Uint8Array,
  { width, height }: Size,
  { size, rightToLeft }: { size: number; rightToLeft: boolean },
): Writing {
  const cell = Math.max(1, Math.round(size / PIXELS_AN_EM));
  const mask = maskOf(rgba, { width, height }, cell);
  const strokes = strokesOf(mask, rightToLeft);
  const lift = (LIFT * size) / cell;
  const at = new Map<number, number>();
  let gone = 0;
  for (const stroke of strokes) {
    if (at.size) gone += lift;
    stroke.forEach((place, i) => {
      if (i) gone += distance(stroke[i - 1] as number, place, mask.width);
      if (!at.has(place)) at.set(place, gone);
    });
  }
  const all = Math.max(1, gone);
  const when = new Float32Array(mask.on.length);
  for (const [place, ms] of at) when[place] = ms / all;
  const times = new Float32Array(mask.on.length);
  nearest(mask, at.keys()).forEach((place, i) => {
    times[i] = when[place] ?? 0;
  });
  return { times, cell, length: all * cell, width: mask.width, height: mask.height };
}

/** Takes away what is not written yet. shown: 0 to 1. rgba: not premultiplied, changed in place. */
export function writeUpTo(
  rgba: Uint8ClampedArray | Uint8Array,
  { width, height }: Size,
  writing: Writing,
  shown: number,
) {
  const { times, cell, length } = writing;
  const steep = length / SOFT;
  const reach = shown * (1 + 1 / steep);
  for (let y = 0; y < height; y++) {
    const row = (Math.floor(y / cell) + 1) * writing.width + 1;
    for (let x = 0; x < width; x++) {
      const i = (y * width + x) * 4 + 3;
      const alpha = rgba[i] as number;
      if (!alpha) continue;
      const there = (reach - (times[row + Math.floor(x / cell)] as number)) * steep;
      if (there < 1) rgba[i] = there <= 0 ? 0 : alpha * there;
    }
  }
}

/** Cells that are mostly ink, with an empty border round them. */
function maskOf(rgba: Uint8ClampedArray | Uint8Array, { width, height }: Size, cell: number): Mask {
  const [w, h] = [Math.ceil(width / cell) + 2, Math.ceil(height / cell) + 2];
  const sums = new Float32Array(w * h);
  for (let y = 0, i = 3; y < height; y++) {
    const row = (Math.floor(y / cell) + 1) * w + 1;
    for (let x = 0; x < width; x++, i += 4) {
      const alpha = rgba[i] as number;
      if (!alpha) continue;
      const to = row + Math.floor(x / cell);
      sums[to] = (sums[to] as number) + alpha;
    }
  }
  const on = new Uint8Array(w * h);
  for (let i = 0; i < on.length; i++) on[i] = (sums[i] as number) >= INK * cell ** 2 ? 1 : 0;
  return { width: w, height: h, on };
}

const distance = (a: number, b: number, width: number): number =>
  Math.hypot((a % width) - (b % width), Math.floor(a / width) - Math.floor(b / width));
