import { cropAt } from '../timeline/framing.ts';
import type { Timeline, TimelineScene } from '../timeline/types.ts';
import type { Context2D, Pictures } from './context.ts';
import { LOOK } from './look.ts';
import { paintWords } from './words.ts';

/** Goes into the key of every rendered segment: raise it with any change of what is drawn. */
export const PAINTER_VERSION = 3;

/**
 * Paints one frame of a timeline onto a context of width x height pixels. The scene and the scene-local frame name the
 * moment, so that a segment does not depend on where it stands in the piece.
 */
export function paintFrame(
  ctx: Context2D,
  timeline: Timeline,
  index: number,
  frame: number,
  pictures: Pictures,
  width: number,
  height: number,
): void {
  const scene = timeline.scenes[index];
  ctx.setTransform(1, 0, 0, 1, 0, 0);
  ctx.globalAlpha = 1;
  ctx.globalCompositeOperation = 'source-over';
  if (!scene) {
    ctx.fillStyle = LOOK.ink;
    ctx.fillRect(0, 0, width, height);
    return;
  }
  const previous = timeline.scenes[index - 1];
  if (previous && frame < scene.dissolve) {
    paintPicture(ctx, previous, previous.end - previous.start + frame, pictures, width, height);
    const t = (frame + 1) / (scene.dissolve + 1);
    ctx.globalAlpha = t * t * (3 - 2 * t);
    paintPicture(ctx, scene, frame, pictures, width, height);
    ctx.globalAlpha = 1;
  } else paintPicture(ctx, scene, frame, pictures, width, height);
  if (!scene.words) return;
  const k = width / timeline.width;
  ctx.setTransform(k, 0, 0, k, 0, 0);
  paintWords(ctx, scene.words, frame, scene.end - scene.start, index === 0);
}

function paintPicture(
  ctx: Context2D,
  scene: TimelineScene,
  frame: number,
  pictures: Pictures,
  width: number,
  height: number,
): void {
  const p = scene.picture;
  const image =
    p &&
    (p.kind === 'loop'
      ? pictures.loop(p.assetId, p.view, frame % p.loopFrames)
      : pictures.still(p.assetId, p.view));
  if (!p || !image) {
    const ground = ctx.createLinearGradient(0, 0, 0, height);
    ground.addColorStop(0, LOOK.ground[0]);
    ground.addColorStop(1, LOOK.ground[1]);
    ctx.fillStyle = ground;
    ctx.fillRect(0, 0, width, height);
    return;
  }
  const seen = scene.end - scene.start + scene.tail;
  const crop = cropAt(p, seen > 1 ? frame / (seen - 1) : 0);
  ctx.imageSmoothingEnabled = true;
  ctx.imageSmoothingQuality = p.kind === 'loop' ? 'low' : crop.width > width * 1.3 ? 'high' : 'medium';
  ctx.drawImage(image as never, crop.x, crop.y, crop.width, crop.height, 0, 0, width, height);
}
