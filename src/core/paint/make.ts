import { GRADES } from '../look/grades.ts';
import { isRightToLeft } from '../look/typeset/direction.ts';
import { aimCrop } from '../timeline/framing.ts';
import type { Crop } from '../timeline/types.ts';
import type { Context2D, Drawable, FilePicture, Sources, Surface } from './context.ts';
import { type Writing, writeUpTo, writingOf } from './strokes/written.ts';
import type { PathTexture, PictureTexture, TextTexture, Texture, Tint, WrittenTexture } from './textures.ts';

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
      drawText(surface, texture, sources);
      return true;
    case 'written':
      drawWritten(surface, texture, sources);
      return true;
    case 'path':
      drawPath(surface, texture);
      return true;
    case 'shade': {
      const shade = ctx.createLinearGradient(0, 0, 0, height);
      for (const [at, alpha] of shadeStops(texture.ramp))
        shade.addColorStop(at, withAlpha(texture.colour, alpha));
      fill(surface, shade);
      return true;
    }
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

/** Steps of the ramp of a shade, so that it has no visible beginning. */
const RAMP_STEPS = 6;

/** Places and opacities of a shade from top to bottom. */
function shadeStops(ramp: number): [number, number][] {
  const up = Array.from({ length: RAMP_STEPS + 1 }, (_, i): [number, number] => {
    const t = i / RAMP_STEPS;
    return [ramp * t, t * t * (3 - 2 * t)];
  });
  return [...up, ...up.map(([at, a]): [number, number] => [1 - at, a]).reverse()];
}

/** A colour #rrggbb, less opaque. */
function withAlpha(colour: string, alpha: number): string {
  const [r, g, b] = [1, 3, 5].map((at) => Number.parseInt(colour.slice(at, at + 2), 16));
  return `rgba(${r}, ${g}, ${b}, ${alpha})`;
}

function drawText({ ctx }: Surface, t: TextTexture, sources: Sources): void {
  ctx.setTransform(...t.transform);
  ctx.textBaseline = 'alphabetic';
  ctx.textAlign = 'left';
  ctx.direction = isRightToLeft(t.text) ? 'rtl' : 'ltr';
  ctx.font = sources.font(t.font, t.text);
  ctx.letterSpacing = `${t.tracking}px`;
  if (t.glow) {
    ctx.shadowColor = t.glow.colour;
    ctx.shadowBlur = t.glow.blur;
    ctx.shadowOffsetX = 0;
    ctx.shadowOffsetY = t.glow.fall;
  }
  if (t.outline) {
    ctx.strokeStyle = t.outline.colour;
    // Half of the line lies under the letters.
    ctx.lineWidth = t.outline.width * 2;
    ctx.lineJoin = 'round';
    ctx.strokeText(t.text, 0, 0);
    ctx.shadowColor = 'rgba(0, 0, 0, 0)';
  }
  ctx.fillStyle = t.colour;
  ctx.fillText(t.text, 0, 0);
  ctx.shadowColor = 'rgba(0, 0, 0, 0)';
  ctx.shadowBlur = 0;
  ctx.shadowOffsetY = 0;
  ctx.letterSpacing = '0px';
  ctx.direction = 'ltr';
}

/** What is known of a word that is being written: it is wanted again in the next frames. */
const beingWritten = new WeakMap<TextTexture, { writing: Writing; whole: Uint8ClampedArray }>();

function drawWritten(surface: Surface, { of, fontSize, shown }: WrittenTexture, sources: Sources): void {
  const { ctx, width, height } = surface;
  const drawn = (text: TextTexture) => {
    ctx.setTransform(1, 0, 0, 1, 0, 0);
    ctx.clearRect(0, 0, width, height);
    drawText(surface, text, sources);
    return ctx.getImageData(0, 0, width, height);
  };
  let known = beingWritten.get(of);
  if (!known) {
    // What is round the letters goes with them and leads no pen.
    const letters = drawn({ ...of, outline: null, glow: null }).data;
    const writing = writingOf(letters, of, { size: fontSize, rightToLeft: isRightToLeft(of.text) });
    known = { writing, whole: of.outline || of.glow ? drawn(of).data : letters };
    beingWritten.set(of, known);
  }
  const image = ctx.createImageData(width, height);
  image.data.set(known.whole);
  writeUpTo(image.data, of, known.writing, shown);
  ctx.putImageData(image, 0, 0);
}

function drawPath({ ctx }: Surface, t: PathTexture): void {
  ctx.setTransform(...t.transform);
  ctx.beginPath();
  trace(ctx, t.path);
  if (t.fill) {
    ctx.fillStyle = t.fill;
    ctx.fill();
  }
  if (t.stroke) {
    ctx.strokeStyle = t.stroke.colour;
    ctx.lineWidth = t.stroke.width;
    ctx.lineJoin = 'round';
    ctx.stroke();
  }
}

/** Commands of a path and how many numbers each takes. Throws for any other. */
function trace(ctx: Context2D, path: string): void {
  for (const [, command, rest = ''] of path.matchAll(/([A-Z])([^A-Z]*)/g)) {
    const n = rest.trim().split(/\s+/).map(Number) as [number, number, number, number, number, number];
    if (command === 'M') ctx.moveTo(n[0], n[1]);
    else if (command === 'L') ctx.lineTo(n[0], n[1]);
    else if (command === 'Q') ctx.quadraticCurveTo(n[0], n[1], n[2], n[3]);
    else if (command === 'C') ctx.bezierCurveTo(...n);
    else if (command === 'Z') ctx.closePath();
    else throw new Error(`A path knows M, L, Q, C and Z, and not ${command}.`);
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
