import path from 'node:path';
import { type Canvas, createCanvas, type Image, loadImage } from '@napi-rs/canvas';
import type { NewSurface } from '../../core/paint/canvas.ts';
import type { Context2D, Drawable, FilePicture, Sources, Surface } from '../../core/paint/context.ts';
import { wholeOf } from '../../core/paint/pictures.ts';
import type { PictureTexture, Texture } from '../../core/paint/textures.ts';
import { blurredFile, pictureFile } from '../assets/lookup.ts';
import { CONFIG } from '../config.ts';
import { fontFor } from './fonts.ts';
import { Readers } from './readers.ts';

/** Pictures held in memory at a time: a dissolve between two that are shown whole needs four. */
const STILLS_KEPT = 6;

export const newCanvas: NewSurface = ({ width, height }) => {
  const canvas = createCanvas(width, height);
  return { surface: surfaceOf(canvas), image: canvas };
};

export const surfaceOf = (canvas: Canvas, alpha = true): Surface => ({
  ctx: canvas.getContext('2d', { alpha }) as unknown as Context2D,
  width: canvas.width,
  height: canvas.height,
});

/** Sources that are loaded before they are asked. */
export interface PreparedSources extends Sources {
  prepare(texture: Texture): Promise<void>;
  close(): void;
}

/** What textures are made of on the server: `prepare` loads it, and decodes loops and clips up to the wanted frame. */
export class ServerSources implements PreparedSources {
  private readonly images = new Map<string, Image>();
  private readonly readers = new Readers();
  private readonly frames = new Map<string, FilePicture>();
  private tile: Image | null = null;

  /** stillsKept: fewer where each texture is made as soon as it is prepared. */
  constructor(private readonly stillsKept = STILLS_KEPT) {}

  async prepare(texture: Texture): Promise<void> {
    if (texture.kind === 'grain')
      this.tile ??= await loadImage(path.join(CONFIG.root, 'public/textures/grain.png'));
    else if (texture.kind === 'surround')
      await this.load(`${keyOf(texture)}/blurred`, () => blurredFile(texture.assetId, texture.view));
    else if (texture.kind === 'picture' && texture.moving) await this.read(texture);
    else if (texture.kind === 'picture')
      await this.load(keyOf(texture), () => pictureFile(texture.assetId, texture.view));
  }

  private async load(key: string, fileOf: () => Promise<string | null>): Promise<void> {
    if (this.images.has(key)) return;
    const file = await fileOf();
    if (!file) return;
    while (this.images.size >= this.stillsKept) this.images.delete(this.images.keys().next().value as string);
    this.images.set(key, await loadImage(file));
  }

  private async read(texture: PictureTexture): Promise<void> {
    const { width, height, region } = texture;
    const pixels = await this.readers.frame(texture);
    const canvas = createCanvas(width, height);
    const ctx = canvas.getContext('2d');
    const image = ctx.createImageData(width, height);
    image.data.set(pixels);
    ctx.putImageData(image, 0, 0);
    // One frame of each picture: two may be seen at once, in different parts of it.
    if (this.frames.size >= this.stillsKept) this.frames.delete(this.frames.keys().next().value as string);
    this.frames.set(frameKey(texture), { image: canvas, width, height, shows: region });
  }

  picture(of: PictureTexture): FilePicture | null {
    if (of.moving) return this.frames.get(frameKey(of)) ?? null;
    const image = this.images.get(keyOf(of));
    return image ? { image, width: image.width, height: image.height, shows: wholeOf(of.file) } : null;
  }

  blurred(of: { assetId: string; view: string }): Drawable | null {
    const image = this.images.get(`${keyOf(of)}/blurred`);
    return image ? { image, width: image.width, height: image.height } : null;
  }

  grain(): Drawable | null {
    return this.tile && { image: this.tile, width: this.tile.width, height: this.tile.height };
  }

  font(css: string, text: string): string {
    return fontFor(css, text);
  }

  /** Closes the readers of loops and clips; stills stay for the next run. */
  close(): void {
    this.readers.close();
    this.frames.clear();
  }
}

const keyOf = ({ assetId, view }: { assetId: string; view: string }): string => `${assetId}/${view}`;
const frameKey = (of: PictureTexture): string => `${keyOf(of)} ${JSON.stringify([of.moving, of.region])}`;
