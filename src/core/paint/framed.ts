import type { Size } from '../look/formats.ts';
import { clipped, even, moved, upright } from '../look/transitions/draws.ts';
import type { Rect } from '../look/types.ts';
import type { PictureFrame } from '../timeline/types.ts';
import type { Draw } from './list.ts';
import { ornamentDraws, stageTo } from './ornaments.ts';

/** An area of the stage in pixels of the frame. */
export function inArea({ x, y, width, height }: Rect, scale: number): Rect {
  const [left, top] = [even(x * scale), even(y * scale)];
  return {
    ...{ x: left, y: top },
    ...{ width: even((x + width) * scale) - left, height: even((y + height) * scale) - top },
  };
}

/** A draw that fills a frame, in the parts of it that an area leaves free: what a picture covers is not drawn. */
export function aroundArea(draw: Draw, area: Rect, { width, height }: Size): Draw[] {
  if (draw.kind !== 'texture') return [draw];
  const right = area.x + area.width;
  const bottom = area.y + area.height;
  const parts: Rect[] = [
    { x: 0, y: 0, width, height: area.y },
    { x: 0, y: bottom, width, height: height - bottom },
    { x: 0, y: area.y, width: area.x, height: area.height },
    { x: right, y: area.y, width: width - right, height: area.height },
  ];
  const [kx, ky] = [draw.from.width / width, draw.from.height / height];
  return parts
    .filter((p) => p.width > 0 && p.height > 0)
    .map((p) => ({
      ...draw,
      from: { x: p.x * kx, y: p.y * ky, width: p.width * kx, height: p.height * ky },
      to: p,
    }));
}

/** Shadow and border of a picture, which lie under it. */
export function aroundPicture({ area, border, shadow }: PictureFrame, scale: number): Draw[] {
  if (!area) return [];
  const a = inArea(area, scale);
  const wide = border ? even(border.width * scale) : 0;
  const out = (by: number, right = 0, down = 0): Rect => ({
    ...{ x: a.x - by + right, y: a.y - by + down },
    ...{ width: a.width + 2 * by, height: a.height + 2 * by },
  });
  const shape = (rect: Rect, colour: string): Draw => ({
    ...{ kind: 'shape', area: upright(rect), colour, alpha: 1, clip: null },
  });
  return [
    ...(shadow
      ? [
          shape(out(wide + 4 * scale, 4 * scale, 14 * scale), shadow),
          shape(out(wide, 2 * scale, 6 * scale), shadow),
        ]
      : []),
    ...(border ? [shape(out(wide), border.colour)] : []),
  ];
}

/** Draws of a picture that begin at 0, 0, in its area: nothing of them is seen beyond it. */
export function onPicture(draws: readonly Draw[], area: Rect): Draw[] {
  const box = upright(area);
  return moved(draws, area.x, area.y).flatMap((d) => {
    // What fills its area exactly needs no clip, which costs time.
    const exact =
      d.kind === 'texture' &&
      d.clip === null &&
      d.to.x === area.x &&
      d.to.y === area.y &&
      d.to.width === area.width &&
      d.to.height === area.height;
    return exact ? [d] : clipped([d], box);
  });
}

export const ornamentsOf = ({ ornaments }: PictureFrame, scale: number): Draw[] =>
  ornamentDraws(ornaments, stageTo(scale));
