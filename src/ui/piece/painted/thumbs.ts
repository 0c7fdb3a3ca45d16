'use client';

import type { ShelfEntryView } from '../../../api/shelf.ts';
import { CanvasPainter } from '../../../core/paint/canvas.ts';
import type { Context2D, Drawable, FilePicture, Sources } from '../../../core/paint/context.ts';
import { frameAt, type Moment } from '../../../core/paint/frame.ts';
import { wholeOf } from '../../../core/paint/pictures.ts';
import type { PictureTexture } from '../../../core/paint/textures.ts';
import type { Timeline } from '../../../core/timeline/types.ts';

/** Small pictures that are kept. */
const KEPT = 400;

/** What small frames are made of: the small copies of pictures, of which no video plays. */
class ThumbSources implements Sources {
  private readonly images = new Map<string, HTMLImageElement>();
  shelf: ReadonlyMap<string, ShelfEntryView> = new Map();
  private readonly listeners = new Set<() => void>();
  private waiting = false;

  subscribe(listener: () => void): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  /** Pictures often come together: what shows them is drawn once. */
  private came = (): void => {
    if (this.waiting) return;
    this.waiting = true;
    requestAnimationFrame(() => {
      this.waiting = false;
      for (const l of this.listeners) l();
    });
  };

  picture(of: PictureTexture): FilePicture | null {
    const there = this.drawable(
      `${of.assetId}/${of.view}`,
      this.shelf.get(of.assetId)?.views[of.view]?.thumb,
    );
    return there && { ...there, shows: wholeOf(of.file) };
  }

  blurred({ assetId, view }: Pick<PictureTexture, 'assetId' | 'view'>): Drawable | null {
    return this.drawable(`${assetId}/${view}`, this.shelf.get(assetId)?.views[view]?.thumb);
  }

  grain(): null {
    return null;
  }

  font(css: string): string {
    return css;
  }

  private drawable(key: string, address: string | undefined): Drawable | null {
    let image = this.images.get(key);
    if (!image) {
      if (!address) return null;
      if (this.images.size >= KEPT) this.images.delete(this.images.keys().next().value as string);
      image = new Image();
      image.onload = this.came;
      image.src = address;
      this.images.set(key, image);
    }
    return image.complete && image.naturalWidth > 0
      ? { image, width: image.naturalWidth, height: image.naturalHeight }
      : null;
  }
}

export const thumbs = new ThumbSources();

const painter = new CanvasPainter(thumbs, ({ width, height }) => {
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = height;
  return { surface: { ctx: canvas.getContext('2d') as unknown as Context2D, width, height }, image: canvas };
});

/** Words that were drawn before their fonts came are drawn again. */
export const forgetPainted = (): void => painter.clear();

/** Paints a frame of a timeline on a small canvas. */
export function paintSmall(canvas: HTMLCanvasElement, timeline: Timeline, moment: Moment): void {
  const ctx = canvas.getContext('2d', { alpha: false });
  if (!ctx) return;
  const { width, height } = canvas;
  painter.paint(ctx as unknown as Context2D, frameAt(timeline, moment, { width, height }));
}
