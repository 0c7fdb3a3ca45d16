import type { Size } from '../look/formats.ts';
import { type Grading, PLAIN_GRADING } from '../piece/types.ts';
import type { Frames } from '../time.ts';
import { aimCrop, cropAt } from '../timeline/framing.ts';
import type { Shot, Timeline } from '../timeline/types.ts';
import type { Context2D, Pictures } from './context.ts';
import { paintGrading } from './grading.ts';
import { type Layer, layersAt } from './layers.ts';
import { paintWords } from './words.ts';

/** Goes into the key of every rendered segment: raise it with any change of what is drawn. */
export const PAINTER_VERSION = 6;

/** What is painted on: so many pixels of a context. */
export interface Surface extends Size {
  ctx: Context2D;
}

/** A frame of a piece, named by its scene, so that a segment does not depend on where it stands in the piece. */
export interface Moment {
  /** Place of the scene. */
  index: number;
  /** Scene-local. */
  frame: Frames;
}

/** A picture drawn so much smaller than it is wants the better filter. */
const MUCH_SMALLER = 1.3;
/** The blurred surround is drawn a little larger than the frame, so that its own edge is not seen. */
const SURROUND_ZOOM = 1.06;

/** Paints one frame of a timeline. */
export function paintFrame(
  surface: Surface,
  timeline: Timeline,
  { index, frame }: Moment,
  pictures: Pictures,
): void {
  const { ctx, width, height } = surface;
  const scene = timeline.scenes[index];
  ctx.setTransform(1, 0, 0, 1, 0, 0);
  ctx.globalAlpha = 1;
  ctx.globalCompositeOperation = 'source-over';
  if (!scene) {
    ctx.fillStyle = timeline.ink;
    ctx.fillRect(0, 0, width, height);
    return;
  }
  paintPictures(surface, timeline, layersAt(timeline, index, frame), pictures);
  if (!scene.words) return;
  const k = width / timeline.width;
  ctx.setTransform(k, 0, 0, k, 0, 0);
  paintWords(ctx, scene.words, { frame, length: scene.end - scene.start, opening: index === 0 });
}

/**
 * Layers from back to front, then their gradings: a wash over both sides of a transition, each as far as its side is
 * seen, comes close to a transition between the graded pictures and needs no second canvas.
 */
function paintPictures(
  surface: Surface,
  timeline: Timeline,
  layers: readonly Layer[],
  pictures: Pictures,
): void {
  const { ctx, width, height } = surface;
  for (const layer of layers) {
    const { opacity, backdrop } = layer.grading ?? PLAIN_GRADING;
    const own = layer.alpha * opacity;
    if (opacity < 1) {
      ctx.globalAlpha = (layer.alpha - own) / (1 - own);
      ctx.fillStyle = backdrop;
      ctx.fillRect(0, 0, width, height);
    }
    ctx.globalAlpha = own;
    paintLayer(surface, timeline, layer, pictures);
  }
  ctx.globalAlpha = 1;
  for (const { grading, share, run } of gradingsOf(layers))
    paintGrading(surface, grading, { frame: run, share }, pictures.grain());
}

/** Each grading with the share of the frame's light that comes from layers with it. */
function gradingsOf(layers: readonly Layer[]): { grading: Grading; share: number; run: Frames }[] {
  const out = new Map<string, { grading: Grading; share: number; run: Frames }>();
  let through = 1;
  for (const { grading, alpha, run } of layers.toReversed()) {
    const seen = through * alpha;
    through -= seen;
    if (!grading) continue;
    const key = JSON.stringify(grading);
    out.set(key, { grading, run, share: (out.get(key)?.share ?? 0) + seen });
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

function paintLayer(surface: Surface, timeline: Timeline, layer: Layer, pictures: Pictures): void {
  const { ctx, width, height } = surface;
  const { shot, run } = layer;
  const image = imageOf(layer, pictures);
  if (!shot || !image) {
    const ground = ctx.createLinearGradient(0, 0, 0, height);
    ground.addColorStop(0, timeline.ground[0]);
    ground.addColorStop(1, timeline.ground[1]);
    ctx.fillStyle = ground;
    ctx.fillRect(0, 0, width, height);
    return;
  }
  ctx.imageSmoothingEnabled = true;
  if (shot.fit === 'whole') {
    paintWhole(surface, shot, image, pictures, timeline.ink);
    return;
  }
  const crop = cropAt(shot, shot.run > 1 ? Math.min(1, run / (shot.run - 1)) : 0);
  // A clip's frames may be smaller than the file they came from: crops are in pixels of the file.
  const k = scaleOf(image, shot);
  ctx.imageSmoothingQuality =
    shot.kind === 'still' ? (crop.width > width * MUCH_SMALLER ? 'high' : 'medium') : 'low';
  ctx.drawImage(image as never, crop.x * k, crop.y * k, crop.width * k, crop.height * k, 0, 0, width, height);
}

const scaleOf = (image: unknown, shot: Shot): number => {
  if (shot.kind !== 'clip') return 1;
  const { videoWidth, width } = image as { videoWidth?: number; width: number };
  return (videoWidth || width) / shot.size.width;
};

/** All of a picture in the middle, and round it a blurred copy that fills the frame, or a colour. */
function paintWhole(surface: Surface, shot: Shot, image: unknown, pictures: Pictures, ink: string): void {
  const { ctx, width, height } = surface;
  const soft = shot.surround === 'blur' ? pictures.blurred(shot.assetId, shot.view) : null;
  if (soft) {
    const s = soft as Size;
    const c = aimCrop(s.width, s.height, width / height, { x: 0.5, y: 0.5, zoom: SURROUND_ZOOM });
    ctx.imageSmoothingQuality = 'high';
    ctx.drawImage(soft as never, c.x, c.y, c.width, c.height, 0, 0, width, height);
  } else {
    ctx.fillStyle = shot.surround === 'blur' ? ink : shot.surround;
    ctx.fillRect(0, 0, width, height);
  }
  const { width: pw, height: ph } = shot.from;
  const fit = Math.min(width / pw, height / ph);
  const [w, h] = [Math.round(pw * fit), Math.round(ph * fit)];
  const k = scaleOf(image, shot);
  ctx.imageSmoothingQuality = pw > w * MUCH_SMALLER ? 'high' : 'medium';
  const [x, y] = [Math.round((width - w) / 2), Math.round((height - h) / 2)];
  ctx.drawImage(image as never, 0, 0, pw * k, ph * k, x, y, w, h);
}
