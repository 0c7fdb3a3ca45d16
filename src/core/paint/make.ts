import { GRADES } from '../look/grades.ts';
import { aimCrop } from '../timeline/framing.ts';
import type { Crop } from '../timeline/types.ts';
import type { Drawable, FilePicture, Sources, Surface } from './context.ts';
import type { PictureTexture, Texture, Tint } from './textures.ts';

/** A picture drawn so much smaller than it is wants the better filter. */
const MUCH_SMALLER = 1.3;
/** The blurred surround is drawn a little larger than the frame, so that its own edge is not seen. */
const SURROUND_ZOOM = 1.06;
/** Light at the middle of a leak, on the way, and at its end. */
const LIGHT = [
  [0, '#ffb45e'],
  [0.35, '#c4502a'],
  [1, '#000000'],
] as const;

/** Draws a texture on an empty surface of its size. false: what it is made of is not there yet, and nothing was drawn. */
export function makeTexture(surface: Surface, texture: Texture, sources: Sources): boolean {
  const { ctx, width, height } = surface;
  ctx.setTransform(1, 0, 0, 1, 0, 0);
  ctx.imageSmoothingEnabled = true;
  switch (texture.kind) {
    case 'picture': {
      const file = sources.picture(texture);
      if (!file) return false;
      tinted(surface, texture.tint, () => drawPart(surface, file, texture));
      return true;
    }
    case 'surround': {
      const soft = sources.blurred(texture);
      tinted(surface, texture.tint, () => (soft ? drawSoft(surface, soft) : fill(surface, texture.ink)));
      return soft !== null;
    }
    case 'plate':
      tinted(surface, texture.tint, () => fill(surface, texture.colour));
      return true;
    case 'ground': {
      const ground = ctx.createLinearGradient(0, 0, 0, height);
      ground.addColorStop(0, texture.colours[0]);
      ground.addColorStop(1, texture.colours[1]);
      fill(surface, ground);
      return true;
    }
    case 'text':
      ctx.setTransform(...texture.transform);
      ctx.textBaseline = 'alphabetic';
      ctx.textAlign = 'left';
      ctx.font = texture.font;
      ctx.fillStyle = texture.colour;
      ctx.fillText(texture.text, 0, 0);
      return true;
    case 'light': {
      const r = width / 2;
      const light = ctx.createRadialGradient(r, r, 0, r, r, r);
      for (const [at, colour] of LIGHT) light.addColorStop(at, colour);
      fill(surface, light);
      return true;
    }
    case 'grain': {
      const tile = sources.grain();
      if (!tile) return false;
      ctx.drawImage(tile.image as never, 0, 0, tile.width, tile.height, 0, 0, width, height);
      return true;
    }
    default:
      return texture satisfies never;
  }
}

function fill({ ctx, width, height }: Surface, style: unknown): void {
  ctx.fillStyle = style;
  ctx.fillRect(0, 0, width, height);
}

/** Draws over the backdrop of a grading, as opaque as it says, and lays the washes of its grade over that. */
export function tinted(surface: Surface, tint: Tint, draw: () => void): void {
  const { ctx } = surface;
  if (!tint) {
    draw();
    return;
  }
  if (tint.opacity < 1) fill(surface, tint.backdrop);
  ctx.globalAlpha = tint.opacity;
  draw();
  for (const wash of GRADES[tint.grade].washes) {
    ctx.globalCompositeOperation = wash.mode;
    ctx.globalAlpha = wash.alpha * tint.strength;
    fill(surface, wash.colour);
  }
  ctx.globalCompositeOperation = 'source-over';
  ctx.globalAlpha = 1;
}

/** Where a part of a file lies in a picture of it, in the picture's pixels. */
export function partIn({ shows, width, height }: FilePicture, region: Crop): Crop {
  const [kx, ky] = [width / shows.width, height / shows.height];
  return {
    x: (region.x - shows.x) * kx,
    y: (region.y - shows.y) * ky,
    width: region.width * kx,
    height: region.height * ky,
  };
}

function drawPart(
  { ctx, width, height }: Surface,
  file: FilePicture,
  { region, moving }: PictureTexture,
): void {
  const c = partIn(file, region);
  ctx.imageSmoothingQuality = moving ? 'low' : c.width > width * MUCH_SMALLER ? 'high' : 'medium';
  ctx.drawImage(file.image as never, c.x, c.y, c.width, c.height, 0, 0, width, height);
}

function drawSoft({ ctx, width, height }: Surface, soft: Drawable): void {
  const c = aimCrop(soft.width, soft.height, width / height, { x: 0.5, y: 0.5, zoom: SURROUND_ZOOM });
  ctx.imageSmoothingQuality = 'high';
  ctx.drawImage(soft.image as never, c.x, c.y, c.width, c.height, 0, 0, width, height);
}
