import type { Size } from '../look/formats.ts';
import type { Crop } from '../timeline/types.ts';
import type { PictureTexture } from './textures.ts';

interface Gradient {
  addColorStop(offset: number, color: string): void;
}

/** Pixels row by row, red, green, blue and alpha, not premultiplied. */
interface Pixels extends Size {
  data: Uint8ClampedArray;
}

/** The part of a Canvas 2D context that the painter uses; the browser's and the server's both have it. */
export interface Context2D {
  fillStyle: unknown;
  globalAlpha: number;
  globalCompositeOperation: unknown;
  font: string;
  letterSpacing: string;
  direction: unknown;
  strokeStyle: unknown;
  lineWidth: number;
  lineJoin: unknown;
  shadowColor: string;
  shadowBlur: number;
  shadowOffsetX: number;
  shadowOffsetY: number;
  textBaseline: unknown;
  textAlign: unknown;
  imageSmoothingEnabled: boolean;
  imageSmoothingQuality: unknown;
  save(): void;
  restore(): void;
  setTransform(a: number, b: number, c: number, d: number, e: number, f: number): void;
  beginPath(): void;
  rect(x: number, y: number, w: number, h: number): void;
  roundRect(x: number, y: number, w: number, h: number, radii?: number): void;
  clip(): void;
  fill(): void;
  stroke(): void;
  moveTo(x: number, y: number): void;
  lineTo(x: number, y: number): void;
  quadraticCurveTo(cx: number, cy: number, x: number, y: number): void;
  bezierCurveTo(ax: number, ay: number, bx: number, by: number, x: number, y: number): void;
  closePath(): void;
  strokeText(text: string, x: number, y: number): void;
  fillRect(x: number, y: number, w: number, h: number): void;
  fillText(text: string, x: number, y: number): void;
  createLinearGradient(x0: number, y0: number, x1: number, y1: number): Gradient;
  createRadialGradient(x0: number, y0: number, r0: number, x1: number, y1: number, r1: number): Gradient;
  clearRect(x: number, y: number, w: number, h: number): void;
  createImageData(w: number, h: number): Pixels;
  getImageData(x: number, y: number, w: number, h: number): Pixels;
  putImageData(pixels: Pixels, x: number, y: number): void;
  drawImage(
    image: never,
    sx: number,
    sy: number,
    sw: number,
    sh: number,
    dx: number,
    dy: number,
    dw: number,
    dh: number,
  ): void;
}

/** What is painted on: so many pixels of a context. */
export interface Surface extends Size {
  ctx: Context2D;
}

/** Something that drawImage takes. */
export interface Drawable {
  /** Its pixels. */
  width: number;
  height: number;
  image: unknown;
}

/** A file, or a frame of one, as far as it is there: shows: the part of the file that it has, in pixels of the file. */
export interface FilePicture extends Drawable {
  shows: Crop;
}

/** What textures are made of; null while it is not there yet. */
export interface Sources {
  picture(of: PictureTexture): FilePicture | null;
  /** A small, blurred copy for the surround of a whole picture. */
  blurred(of: { assetId: string; view: PictureTexture['view'] }): Drawable | null;
  /** A square tile of grain. */
  grain(): Drawable | null;
  /** A CSS font as this side knows it, for a text. */
  font(css: string, text: string): string;
}
