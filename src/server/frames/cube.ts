import { createCanvas } from '@napi-rs/canvas';
import { tinted } from '../../core/paint/make.ts';
import type { Tint } from '../../core/paint/textures.ts';
import { surfaceOf } from './sources.ts';

/** Colours along an edge of the cube: 255 is 51 times 5, so that each is whole in 8 bits. */
const LEVELS = 52;
const STEP = 255 / (LEVELS - 1);

/**
 * What a tint does to every colour, as a table that decoders apply, made by drawing all of them with it once. Format: Cube
 * LUT Specification 1.0 (red fastest, values 0 to 1).
 */
export function cubeOf(tint: Tint): string {
  const [width, height] = [LEVELS, LEVELS * LEVELS];
  const canvas = createCanvas(width, height);
  const surface = surfaceOf(canvas, false);
  const ctx = canvas.getContext('2d');
  const colours = ctx.createImageData(width, height);
  for (let i = 0; i < width * height; i++) {
    const [r, g, b] = [i % LEVELS, Math.floor(i / LEVELS) % LEVELS, Math.floor(i / LEVELS / LEVELS)];
    colours.data.set([r * STEP, g * STEP, b * STEP, 255], i * 4);
  }
  ctx.putImageData(colours, 0, 0);
  const all = createCanvas(width, height);
  all.getContext('2d').drawImage(canvas, 0, 0);
  tinted(surface, tint, () => surface.ctx.drawImage(all as never, 0, 0, width, height, 0, 0, width, height));
  const { data } = ctx.getImageData(0, 0, width, height);
  const lines = [`LUT_3D_SIZE ${LEVELS}`];
  for (let i = 0; i < data.length; i += 4)
    lines.push([0, 1, 2].map((c) => ((data[i + c] ?? 0) / 255).toFixed(5)).join(' '));
  return `${lines.join('\n')}\n`;
}
