import type { ViewName } from '../piece/types.ts';
import type { Shot } from '../timeline/types.ts';

/** The part of a Canvas 2D context that the painter uses; the browser's and the server's both have it. */
export interface Context2D {
  fillStyle: unknown;
  globalAlpha: number;
  globalCompositeOperation: unknown;
  font: string;
  textBaseline: unknown;
  textAlign: unknown;
  imageSmoothingEnabled: boolean;
  imageSmoothingQuality: unknown;
  save(): void;
  restore(): void;
  setTransform(a: number, b: number, c: number, d: number, e: number, f: number): void;
  translate(x: number, y: number): void;
  rotate(angle: number): void;
  scale(x: number, y: number): void;
  beginPath(): void;
  rect(x: number, y: number, w: number, h: number): void;
  roundRect(x: number, y: number, w: number, h: number, radii?: number): void;
  clip(): void;
  fill(): void;
  fillRect(x: number, y: number, w: number, h: number): void;
  fillText(text: string, x: number, y: number): void;
  createLinearGradient(
    x0: number,
    y0: number,
    x1: number,
    y1: number,
  ): { addColorStop(offset: number, color: string): void };
  createRadialGradient(
    x0: number,
    y0: number,
    r0: number,
    x1: number,
    y1: number,
    r1: number,
  ): { addColorStop(offset: number, color: string): void };
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

/** Pictures by id, as something that drawImage takes; null while it is not there yet. */
export interface Pictures {
  still(assetId: string, view: ViewName): unknown;
  loop(assetId: string, view: ViewName, frame: number): unknown;
  /** The picture of a clip's part when it has run for so many frames. */
  clip(shot: Shot, run: number): unknown;
  /** A small, blurred copy for the surround of a whole picture. */
  blurred(assetId: string, view: ViewName): unknown;
  /** A square tile of grain. */
  grain(): unknown;
}
