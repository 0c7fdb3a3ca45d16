import type { Box, Size } from '../look/formats.ts';
import type { Relief } from '../picture/relief.ts';
import { type Aim, AUTO_FRAMING, type Framing, type ViewName } from '../piece/types.ts';
import { type Frames, framesToSeconds } from '../time.ts';
import type { AssetFact, Crop } from './types.ts';

/** How far the slow move goes: zoom at the far end, by length of the scene. */
const MOVE = { least: 1.045, most: 1.12, perSecond: 0.014 } as const;

/** The view whose proportions are nearest to the stage's. */
export function bestView(asset: Pick<AssetFact, 'views'>, stageRatio: number): ViewName | null {
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
  return aimCrop(width, height, ratio, {
    x: focal[0] + focal[2] / 2,
    y: focal[1] + focal[3] / 2,
    zoom: 1,
  });
}

/** The part of a picture that a frame set by hand shows, in source pixels; it never goes over an edge. */
export function aimCrop(width: number, height: number, ratio: number, aim: Aim): Crop {
  const w = Math.min(width, height * ratio) / Math.max(1, aim.zoom);
  const h = w / ratio;
  return {
    x: clamp(aim.x * width - w / 2, 0, width - w),
    y: clamp(aim.y * height - h / 2, 0, height - h),
    width: w,
    height: h,
  };
}

/** The aim that shows a crop: the inverse of aimCrop. */
export function aimOf(width: number, height: number, ratio: number, crop: Crop): Aim {
  const most = Math.min(width, height * ratio);
  return {
    x: clamp((crop.x + crop.width / 2) / width, 0, 1),
    y: clamp((crop.y + crop.height / 2) / height, 0, 1),
    zoom: Math.max(1, most / crop.width),
  };
}

/** A smaller part of a crop, drawn towards a point, never leaving the crop. zoom >= 1. */
function zoomInto(base: Crop, zoom: number, px: number, py: number): Crop {
  const w = base.width / zoom;
  const h = base.height / zoom;
  return {
    x: clamp(px - w / 2, base.x, base.x + base.width - w),
    y: clamp(py - h / 2, base.y, base.y + base.height - h),
    width: w,
    height: h,
  };
}

/** How a picture is framed: the frame moves from the first crop to the second. */
export interface Framed {
  view: ViewName;
  size: Size;
  fit: Framing['fit'];
  surround: string;
  from: Crop;
  to: Crop;
  /** The subject's box in fractions of the stage, where words should not stand. */
  subject: Box;
  /** What words on the picture have to know; null where it was not measured. */
  relief: Relief | null;
}

/**
 * The frame of a picture that is seen for so many frames. Without a word of the writer: a slow move towards the
 * subject, or away from it (outward); loops and clips stand still, they move by themselves. null without a file.
 */
export function framePicture(
  asset: AssetFact,
  framing: Framing | null,
  ratio: number,
  seen: Frames,
  outward: boolean,
): Framed | null {
  const view = bestView(asset, ratio);
  const size = view && asset.views[view];
  if (!view || !size) return null;
  const { width, height, focal } = size;
  const { fit, surround, move, aims } = framing ?? AUTO_FRAMING;
  if (fit === 'whole') {
    const whole = { x: 0, y: 0, width, height };
    return {
      view,
      size: { width, height },
      fit,
      surround,
      from: whole,
      to: whole,
      subject: wholeSubject(size, ratio),
      relief: size.relief ?? null,
    };
  }
  const [first, second] = aims[view] ?? [];
  const base = first ? aimCrop(width, height, ratio, first) : coverCrop(width, height, ratio, focal);
  const still = {
    view,
    size: { width, height },
    fit,
    surround,
    from: base,
    to: base,
    subject: subjectIn(base, size),
    relief: size.relief ?? null,
  };
  if (second) {
    const to = aimCrop(width, height, ratio, second);
    return { ...still, to, subject: subjectIn(to, size) };
  }
  if (move === 'still' || (move === 'auto' && asset.kind !== 'still')) return still;
  const zoom = clamp(1 + framesToSeconds(seen) * MOVE.perSecond, MOVE.least, MOVE.most);
  const [px, py] = pointIn(base, (focal[0] + focal[2] / 2) * width, (focal[1] + focal[3] / 2) * height);
  const close = zoomInto(base, zoom, px, py);
  const away = move === 'away' || (move === 'auto' && outward);
  return { ...still, from: away ? close : base, to: away ? base : close };
}

/** The subject's middle where the frame has it, else the middle of the frame. */
function pointIn(c: Crop, x: number, y: number): [number, number] {
  const inside = x >= c.x && x <= c.x + c.width && y >= c.y && y <= c.y + c.height;
  return inside ? [x, y] : [c.x + c.width / 2, c.y + c.height / 2];
}

/** The crop at a moment of a move: t from 0 to 1, evenly in the logarithm of the size so that the speed looks even. */
export function cropAt({ from: a, to: b }: { from: Crop; to: Crop }, t: number): Crop {
  if (a.width === b.width && a.x === b.x && a.y === b.y) return a;
  const width = a.width * (b.width / a.width) ** t;
  const k = a.width === b.width ? t : (width - a.width) / (b.width - a.width);
  const lerp = (p: number, q: number) => p + (q - p) * k;
  return { x: lerp(a.x, b.x), y: lerp(a.y, b.y), width, height: lerp(a.height, b.height) };
}

/** The subject's box in fractions of the stage when all of a picture is seen in the middle of it. */
function wholeSubject({ width, height, focal: [x, y, w, h] }: Size & { focal: Box }, ratio: number): Box {
  const p = width / height;
  const [sw, sh] = p > ratio ? [1, ratio / p] : [p / ratio, 1];
  return [(1 - sw) / 2 + x * sw, (1 - sh) / 2 + y * sh, w * sw, h * sh];
}

/** The part of the subject's box that a crop shows, in fractions of the stage. */
function subjectIn(crop: Crop, { width, height, focal: [x, y, w, h] }: Size & { focal: Box }): Box {
  const x0 = clamp((x * width - crop.x) / crop.width, 0, 1);
  const y0 = clamp((y * height - crop.y) / crop.height, 0, 1);
  const x1 = clamp(((x + w) * width - crop.x) / crop.width, 0, 1);
  const y1 = clamp(((y + h) * height - crop.y) / crop.height, 0, 1);
  return [x0, y0, Math.max(0, x1 - x0), Math.max(0, y1 - y0)];
}

function clamp(v: number, lo: number, hi: number): number {
  return Math.min(Math.max(v, lo), Math.max(lo, hi));
}
