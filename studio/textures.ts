import { mkdir, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { createCanvas } from '@napi-rs/canvas';
import sharp from 'sharp';
import { rng } from './kit/random.ts';

const SIZE = 384;

/** A square tile of film grain round middle grey: soft light leaves the picture's brightness as it is. Repeats unseen. */
export async function filmGrain(): Promise<Buffer> {
  const random = rng('film grain');
  const raw = Float32Array.from({ length: SIZE * SIZE }, () => random() + random() + random() - 1.5);
  const at = (x: number, y: number) => raw[((y + SIZE) % SIZE) * SIZE + ((x + SIZE) % SIZE)] as number;
  const canvas = createCanvas(SIZE, SIZE);
  const ctx = canvas.getContext('2d');
  const image = ctx.createImageData(SIZE, SIZE);
  for (let y = 0; y < SIZE; y++)
    for (let x = 0; x < SIZE; x++) {
      // Clumps of about two pixels: single ones would be lost by the encoder.
      const soft = at(x, y) * 0.5 + (at(x + 1, y) + at(x - 1, y) + at(x, y + 1) + at(x, y - 1)) * 0.25;
      const k = (y * SIZE + x) * 4;
      image.data.fill(Math.max(0, Math.min(255, 128 + soft * 105)), k, k + 3);
      image.data[k + 3] = 255;
    }
  ctx.putImageData(image, 0, 0);
  return sharp(canvas.toBuffer('image/png')).greyscale().png({ compressionLevel: 9 }).toBuffer();
}

/** Writes the textures that the painter lays over pictures: `tsx studio/textures.ts FOLDER`. */
export async function paintTextures(folder: string): Promise<void> {
  await mkdir(folder, { recursive: true });
  await writeFile(path.join(folder, 'grain.png'), await filmGrain());
}
