import type { Size } from '../look/formats.ts';
import type { Crop } from '../timeline/types.ts';
import type { Context2D, Drawable, Sources, Surface } from './context.ts';
import type { Area, Blend, DisplayList, ShapeDraw, TextureDraw } from './list.ts';
import { makeTexture, partIn } from './make.ts';
import { type PictureTexture, type Texture, textureKey, type WrittenTexture } from './textures.ts';

/** A new, transparent surface, and what drawImage takes of it. */
export type NewSurface = (size: Size) => { surface: Surface; image: unknown };

/** Bytes of textures that are kept, those used last; what a frame needs is kept whatever it takes. */
const KEPT_BYTES = 96_000_000;

const OPERATIONS: Record<Blend, string> = {
  over: 'source-over',
  screen: 'screen',
  'soft-light': 'soft-light',
  multiply: 'multiply',
};

/** The canvas back end: carries out display lists, and keeps the textures that it made. */
export class CanvasPainter {
  private readonly kept = new Map<string, Drawable>();
  private bytes = 0;
  /** By size, for what is drawn once. */
  private readonly scratch = new Map<string, ReturnType<NewSurface>>();

  constructor(
    private readonly sources: Sources,
    private readonly newSurface: NewSurface,
  ) {}

  paint(ctx: Context2D, { draws, width, height, ground }: DisplayList): void {
    ctx.setTransform(1, 0, 0, 1, 0, 0);
    ctx.globalCompositeOperation = 'source-over';
    for (const d of draws) {
      if (d.clip) {
        ctx.save();
        trace(ctx, d.clip);
        ctx.clip();
      }
      ctx.globalAlpha = d.alpha;
      if (d.kind === 'shape') fillShape(ctx, d);
      else this.drawTexture(ctx, d, { colours: ground, width, height });
      if (d.clip) ctx.restore();
    }
    ctx.setTransform(1, 0, 0, 1, 0, 0);
    ctx.globalAlpha = 1;
    ctx.globalCompositeOperation = 'source-over';
  }

  private drawTexture(
    ctx: Context2D,
    { texture, from, to, transform, blend }: TextureDraw,
    ground: Size & { colours: readonly [string, string] },
  ): void {
    const there = this.direct(texture, from) ?? this.made(texture, from);
    if (!there) {
      // A picture that is not there yet; light and grain wait.
      if (blend !== 'over') return;
      const empty: Texture = { kind: 'ground', ...ground };
      const made = this.made(empty, { x: 0, y: 0, ...ground });
      if (made)
        ctx.drawImage(
          made.image as never,
          0,
          0,
          ground.width,
          ground.height,
          to.x,
          to.y,
          to.width,
          to.height,
        );
      return;
    }
    const { part } = there;
    ctx.setTransform(...transform);
    ctx.globalCompositeOperation = OPERATIONS[blend];
    ctx.imageSmoothingEnabled = true;
    ctx.imageSmoothingQuality = 'low';
    ctx.drawImage(
      there.image as never,
      ...([part.x, part.y, part.width, part.height] as const),
      ...([to.x, to.y, to.width, to.height] as const),
    );
    ctx.globalCompositeOperation = 'source-over';
  }

  /** What moves and is shown as it is needs no texture. */
  private direct(texture: Texture, from: Crop): { image: unknown; part: Crop } | null {
    if (!isMoving(texture) || texture.tint) return null;
    const file = this.sources.picture(texture);
    if (!file) return null;
    const { region, width, height } = texture;
    const [kx, ky] = [region.width / width, region.height / height];
    const part = {
      x: region.x + from.x * kx,
      y: region.y + from.y * ky,
      width: from.width * kx,
      height: from.height * ky,
    };
    return { image: file.image, part: partIn(file, part) };
  }

  private made(texture: Texture, part: Crop): { image: unknown; part: Crop } | null {
    if (isPassing(texture)) return this.passing(texture, part);
    const key = textureKey(texture);
    const known = this.kept.get(key);
    if (known) {
      // Those used last are at the end.
      this.kept.delete(key);
      this.kept.set(key, known);
      return { image: known.image, part };
    }
    const { width, height } = texture;
    const { surface, image } = this.newSurface({ width, height });
    const complete = makeTexture(surface, texture, this.sources);
    if (!complete) return texture.kind === 'surround' ? { image, part } : null;
    this.bytes += width * height * 4;
    for (const [old, { width: w, height: h }] of this.kept) {
      if (this.bytes <= KEPT_BYTES) break;
      this.kept.delete(old);
      this.bytes -= w * h * 4;
    }
    this.kept.set(key, { image, width, height });
    return { image, part };
  }

  /**
   * Frames of what moves are not kept: in a browser, a video may be a little beside the frame that is wanted, and a word that is being
   * written is another one in the next frame.
   */
  private passing(
    texture: PictureTexture | WrittenTexture,
    part: Crop,
  ): { image: unknown; part: Crop } | null {
    const { width, height } = texture;
    const size = `${width}x${height}`;
    const scratch = this.scratch.get(size) ?? this.newSurface({ width, height });
    this.scratch.set(size, scratch);
    return makeTexture(scratch.surface, texture, this.sources) ? { image: scratch.image, part } : null;
  }

  /** Makes the textures of a list that are not there yet, at most so many; how many it made. */
  warm({ draws }: DisplayList, most: number): number {
    let count = 0;
    for (const d of draws) {
      if (count >= most) break;
      if (d.kind !== 'texture' || this.kept.has(textureKey(d.texture)) || isPassing(d.texture)) continue;
      if (this.made(d.texture, d.from)) count++;
    }
    return count;
  }

  clear(): void {
    this.kept.clear();
    this.scratch.clear();
    this.bytes = 0;
  }
}

/** Another one in nearly every frame. */
const isPassing = (t: Texture): t is PictureTexture | WrittenTexture => t.kind === 'written' || isMoving(t);

const isMoving = (t: Texture): t is PictureTexture => t.kind === 'picture' && t.moving !== null;

function trace(ctx: Context2D, { x, y, width, height, radius, transform }: Area): void {
  ctx.setTransform(...transform);
  ctx.beginPath();
  if (radius > 0) ctx.roundRect(x, y, width, height, radius);
  else ctx.rect(x, y, width, height);
}

function fillShape(ctx: Context2D, { area, colour }: ShapeDraw): void {
  ctx.fillStyle = colour;
  trace(ctx, area);
  ctx.fill();
}
