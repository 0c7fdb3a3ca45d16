import type { Frames } from '../time.ts';
import type { AssetFact, Box, Crop, ScenePicture, ViewName } from './types.ts';

/** How far the slow move goes: zoom at the far end, by length of the scene. */
export const MOVE = { least: 1.045, most: 1.12, perSecond: 0.014 } as const;

/** The view whose proportions are nearest to the stage's. */
export function bestView(asset: AssetFact, stageRatio: number): ViewName | null {
  const views = Object.entries(asset.views) as [ViewName, { width: number; height: number }][];
  views.sort(
    ([, a], [, b]) =>
      Math.abs(Math.log(a.width / a.height / stageRatio)) -
      Math.abs(Math.log(b.width / b.height / stageRatio)),
  );
  return views[0]?.[0] ?? null;
}

/**
 * The largest part of a picture with the stage's proportions that has the subject in it, in source pixels: centred on
 * the subject as far as the picture goes, so that no edge is ever seen.
 */
export function coverCrop(width: number, height: number, ratio: number, focal: Box): Crop {
  const w = Math.min(width, height * ratio);
  const h = w / ratio;
  const cx = (focal[0] + focal[2] / 2) * width;
  const cy = (focal[1] + focal[3] / 2) * height;
  return { x: clamp(cx - w / 2, 0, width - w), y: clamp(cy - h / 2, 0, height - h), width: w, height: h };
}

/** A smaller part of a crop, drawn towards a point, never leaving the crop. zoom >= 1. */
export function zoomInto(base: Crop, zoom: number, px: number, py: number): Crop {
  const w = base.width / zoom;
  const h = base.height / zoom;
  return {
    x: clamp(px - w / 2, base.x, base.x + base.width - w),
    y: clamp(py - h / 2, base.y, base.y + base.height - h),
    width: w,
    height: h,
  };
}

/**
 * The frame of a scene's picture: a slow move towards the subject, or away from it in every second scene. Loops stand
 * still, they move by themselves.
 */
export function framePicture(
  asset: AssetFact,
  ratio: number,
  seen: Frames,
  outward: boolean,
): ScenePicture | null {
  const view = bestView(asset, ratio);
  const size = view && asset.views[view];
  if (!view || !size) return null;
  const base = coverCrop(size.width, size.height, ratio, size.focal);
  if (asset.kind === 'loop')
    return { assetId: asset.id, kind: 'loop', view, from: base, to: base, loopFrames: asset.loopFrames };
  const zoom = clamp(1 + (seen / 30) * MOVE.perSecond, MOVE.least, MOVE.most);
  const fx = (size.focal[0] + size.focal[2] / 2) * size.width;
  const fy = (size.focal[1] + size.focal[3] / 2) * size.height;
  const close = zoomInto(base, zoom, fx, fy);
  return {
    assetId: asset.id,
    kind: 'still',
    view,
    from: outward ? close : base,
    to: outward ? base : close,
    loopFrames: 0,
  };
}

/** The crop at a moment of the move: t from 0 to 1, evenly in the logarithm of the size so that the speed looks even. */
export function cropAt(picture: ScenePicture, t: number): Crop {
  const { from: a, to: b } = picture;
  if (a.width === b.width && a.x === b.x && a.y === b.y) return a;
  const width = a.width * (b.width / a.width) ** t;
  const k = a.width === b.width ? t : (width - a.width) / (b.width - a.width);
  const lerp = (p: number, q: number) => p + (q - p) * k;
  return { x: lerp(a.x, b.x), y: lerp(a.y, b.y), width, height: lerp(a.height, b.height) };
}

function clamp(v: number, lo: number, hi: number): number {
  return Math.min(Math.max(v, lo), Math.max(lo, hi));
}
