import { PLAIN_TREATMENT, type Treatment } from '../piece/types.ts';
import { aimCrop, cropAt } from '../timeline/framing.ts';
import { type Layer, layersAt } from '../timeline/shots.ts';
import type { Shot, Timeline } from '../timeline/types.ts';
import type { Context2D, Pictures } from './context.ts';
import { LOOK } from './look.ts';
import { paintTreatment } from './treatment.ts';
import { paintWords } from './words.ts';

/** Goes into the key of every rendered segment: raise it with any change of what is drawn. */
export const PAINTER_VERSION = 6;

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
  paintPictures(ctx, layersAt(timeline, index, frame), pictures, width, height);
  if (!scene.words) return;
  const k = width / timeline.width;
  ctx.setTransform(k, 0, 0, k, 0, 0);
  paintWords(ctx, scene.words, frame, scene.end - scene.start, index === 0);
}

/**
 * Layers from back to front, then their treatments: a wash over both sides of a dissolve, each as far as its side is
 * seen, comes close to a dissolve between the treated pictures and needs no second canvas.
 */
function paintPictures(
  ctx: Context2D,
  layers: readonly Layer[],
  pictures: Pictures,
  width: number,
  height: number,
): void {
  for (const layer of layers) {
    const { opacity, behind } = layer.treatment ?? PLAIN_TREATMENT;
    const own = layer.alpha * opacity;
    if (opacity < 1) {
      ctx.globalAlpha = (layer.alpha - own) / (1 - own);
      ctx.fillStyle = behind;
      ctx.fillRect(0, 0, width, height);
    }
    ctx.globalAlpha = own;
    paintLayer(ctx, layer, pictures, width, height);
  }
  ctx.globalAlpha = 1;
  for (const { treatment, share, run } of treatmentsOf(layers))
    paintTreatment(ctx, treatment, run, share, pictures.grain(), width, height);
}

/** Each treatment with the share of the frame's light that comes from layers with it. */
function treatmentsOf(layers: readonly Layer[]): { treatment: Treatment; share: number; run: number }[] {
  const out = new Map<string, { treatment: Treatment; share: number; run: number }>();
  let through = 1;
  for (const { treatment, alpha, run } of layers.toReversed()) {
    const seen = through * alpha;
    through -= seen;
    if (!treatment) continue;
    const key = JSON.stringify(treatment);
    out.set(key, { treatment, run, share: (out.get(key)?.share ?? 0) + seen });
  }
  return [...out.values()];
}

function imageOf({ shot, run }: Layer, pictures: Pictures): unknown {
  if (!shot) return null;
  const { kind, assetId, view } = shot;
  if (kind === 'clip') return pictures.clip(shot, run);
  return kind === 'loop'
    ? pictures.loop(assetId, view, run % shot.loopFrames)
    : pictures.still(assetId, view);
}

function paintLayer(ctx: Context2D, layer: Layer, pictures: Pictures, width: number, height: number): void {
  const { shot, run } = layer;
  const image = imageOf(layer, pictures);
  if (!shot || !image) {
    const ground = ctx.createLinearGradient(0, 0, 0, height);
    ground.addColorStop(0, LOOK.ground[0]);
    ground.addColorStop(1, LOOK.ground[1]);
    ctx.fillStyle = ground;
    ctx.fillRect(0, 0, width, height);
    return;
  }
  ctx.imageSmoothingEnabled = true;
  if (shot.fit === 'whole') {
    paintWhole(ctx, shot, image, pictures, width, height);
    return;
  }
  const crop = cropAt(shot, shot.run > 1 ? Math.min(1, run / (shot.run - 1)) : 0);
  // A clip's frames may be smaller than the file they came from: crops are in pixels of the file.
  const k = scaleOf(image, shot);
  ctx.imageSmoothingQuality = shot.kind === 'still' ? (crop.width > width * 1.3 ? 'high' : 'medium') : 'low';
  ctx.drawImage(image as never, crop.x * k, crop.y * k, crop.width * k, crop.height * k, 0, 0, width, height);
}

const scaleOf = (image: unknown, shot: Shot): number => {
  if (shot.kind !== 'clip') return 1;
  const { videoWidth, width } = image as { videoWidth?: number; width: number };
  return (videoWidth || width) / shot.size.width;
};

/** All of a picture in the middle, and round it a blurred copy that fills the frame, or a colour. */
function paintWhole(
  ctx: Context2D,
  shot: Shot,
  image: unknown,
  pictures: Pictures,
  width: number,
  height: number,
): void {
  const soft = shot.surround === 'blur' ? pictures.blurred(shot.assetId, shot.view) : null;
  if (soft) {
    const s = soft as { width: number; height: number };
    const c = aimCrop(s.width, s.height, width / height, { x: 0.5, y: 0.5, zoom: 1.06 });
    ctx.imageSmoothingQuality = 'high';
    ctx.drawImage(soft as never, c.x, c.y, c.width, c.height, 0, 0, width, height);
  } else {
    ctx.fillStyle = shot.surround === 'blur' ? LOOK.ink : shot.surround;
    ctx.fillRect(0, 0, width, height);
  }
  const { width: pw, height: ph } = shot.from;
  const fit = Math.min(width / pw, height / ph);
  const [w, h] = [Math.round(pw * fit), Math.round(ph * fit)];
  const k = scaleOf(image, shot);
  ctx.imageSmoothingQuality = pw > w * 1.3 ? 'high' : 'medium';
  ctx.drawImage(
    image as never,
    0,
    0,
    pw * k,
    ph * k,
    Math.round((width - w) / 2),
    Math.round((height - h) / 2),
    w,
    h,
  );
}
