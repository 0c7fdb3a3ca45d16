import { createWriteStream } from 'node:fs';
import { mkdtemp, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { createCanvas } from '@napi-rs/canvas';
import type { Size } from '../../core/look/formats.ts';
import type { DisplayList } from '../../core/paint/list.ts';
import { wholeOf } from '../../core/paint/pictures.ts';
import { ServerCanvas } from './canvas-frames.ts';
import { Compositor } from './compositor.ts';
import { fontFor } from './fonts.ts';
import { converter } from './i420.ts';
import type { PreparedSources } from './sources.ts';

/** Lists of one size as I420, by both back ends. sources: for each of them. */
export async function paintedTwice(
  size: Size,
  lists: readonly DisplayList[],
  sources?: () => PreparedSources,
): Promise<{ canvas: Buffer[]; compositor: Buffer[] }> {
  const folder = await mkdtemp(path.join(tmpdir(), 'nabbet-frames-'));
  const file = path.join(folder, 'frames');
  const out = createWriteStream(file);
  await new Promise((r) => out.once('open', r));
  const compositor = new Compositor(size, out, sources?.());
  const surface = new ServerCanvas(size, sources?.());
  const convert = converter(size.width, size.height);
  const canvas: Buffer[] = [];
  try {
    for (const list of lists) {
      await compositor.frame(list);
      await surface.draw(list);
      convert.rgba.set(surface.canvas.data());
      convert.run();
      canvas.push(Buffer.from(convert.i420));
    }
    await compositor.end();
    const all = await readFile(file);
    const bytes = (size.width * size.height * 3) / 2;
    return { canvas, compositor: lists.map((_, i) => all.subarray(i * bytes, (i + 1) * bytes)) };
  } finally {
    compositor.close();
    surface.close();
    await rm(folder, { recursive: true, force: true });
  }
}

/** Pictures "one" and "two" of a size: soft shapes on slopes of different colours, that nobody takes for each other. */
export const patternSources =
  (size: Size): (() => PreparedSources) =>
  () => {
    const files = new Map(
      (['one', 'two'] as const).map((name) => [
        name,
        { image: pattern(size, name === 'one'), ...size, shows: wholeOf(size) },
      ]),
    );
    return {
      prepare: async () => undefined,
      close: () => undefined,
      picture: (of) => files.get(of.assetId as 'one' | 'two') ?? null,
      blurred: () => null,
      font: fontFor,
      grain: () => null,
    };
  };

function pattern({ width, height }: Size, first: boolean) {
  const canvas = createCanvas(width, height);
  const ctx = canvas.getContext('2d');
  const slope = ctx.createLinearGradient(0, 0, first ? width : 0, height);
  slope.addColorStop(0, first ? '#16324a' : '#f0dca8');
  slope.addColorStop(1, first ? '#3f7f9c' : '#b8562e');
  ctx.fillStyle = slope;
  ctx.fillRect(0, 0, width, height);
  ctx.fillStyle = first ? '#e8f1f4' : '#2c1a12';
  for (let i = 0; i < 9; i++) {
    ctx.beginPath();
    const [x, y] = [((i * 37 + (first ? 10 : 60)) % 100) / 100, ((i * 53 + (first ? 5 : 31)) % 100) / 100];
    ctx.ellipse(x * width, y * height, width * 0.09, height * 0.05, i, 0, 7);
    ctx.fill();
  }
  return canvas;
}

const WINDOW = 8;
const STEP = 4;

/**
 * Structural similarity of luma, mean over windows of 8 x 8 pixels (Wang, Bovik, Sheikh and Simoncelli, Image quality
 * assessment, 2004), 1 for the same.
 */
export function ssim(a: Uint8Array, b: Uint8Array, { width, height }: Size): number {
  const [c1, c2, n] = [(0.01 * 255) ** 2, (0.03 * 255) ** 2, WINDOW * WINDOW];
  let sum = 0;
  let count = 0;
  for (let y = 0; y + WINDOW <= height; y += STEP)
    for (let x = 0; x + WINDOW <= width; x += STEP) {
      let [sa, sb, saa, sbb, sab] = [0, 0, 0, 0, 0];
      for (let j = 0; j < WINDOW; j++)
        for (let i = 0; i < WINDOW; i++) {
          const at = (y + j) * width + x + i;
          const p = a[at] as number;
          const q = b[at] as number;
          sa += p;
          sb += q;
          saa += p * p;
          sbb += q * q;
          sab += p * q;
        }
      const [ma, mb] = [sa / n, sb / n];
      const [va, vb, cov] = [saa / n - ma * ma, sbb / n - mb * mb, sab / n - ma * mb];
      sum += ((2 * ma * mb + c1) * (2 * cov + c2)) / ((ma * ma + mb * mb + c1) * (va + vb + c2));
      count++;
    }
  return sum / count;
}
