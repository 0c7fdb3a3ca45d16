import type { Size } from '../look/formats.ts';
import { type Grading, PLAIN_GRADING } from '../piece/types.ts';
import type { Frames } from '../time.ts';
import { cropAt } from '../timeline/framing.ts';
import type { Crop, SceneColours, Shot } from '../timeline/types.ts';
import { type Draw, IDENTITY, type TextureDraw } from './list.ts';
import type { Moving, PictureTexture, Texture, Tint } from './textures.ts';

/** A picture that would be drawn so many times smaller than its texture is made smaller first: sampling is bilinear. */
const SMALLEST_SCALE = 2;
/** A texture of one colour. */
const PLATE = 16;

const even = (n: number): number => Math.max(2, Math.round(n / 2) * 2);

export const wholeOf = ({ width, height }: Size): Crop => ({ x: 0, y: 0, width, height });

/** A texture on a rectangle of the frame. */
export const placed = (texture: Texture, from: Crop, to: Crop): TextureDraw => ({
  kind: 'texture',
  texture,
  from,
  to,
  transform: IDENTITY,
  alpha: 1,
  clip: null,
  blend: 'over',
});

/** The frame of scenes without a picture. */
export function groundDraw({ ground }: Pick<SceneColours, 'ground'>, size: Size): Draw {
  // As large as the frame: rows that are neither stretched nor squeezed are copied.
  const texture: Texture = {
    ...{ kind: 'ground', colours: ground },
    ...{ width: even(size.width), height: even(size.height) },
  };
  return placed(texture, wholeOf(texture), wholeOf(size));
}

const tintOf = (grading: Grading | null): Tint => {
  const { grade, strength, opacity, backdrop } = grading ?? PLAIN_GRADING;
  return (grade === PLAIN_GRADING.grade || strength === 0) && opacity === 1
    ? null
    : { grade, strength, opacity, backdrop };
};

/** A shot when it has run for so many frames, filling a frame. */
export function shotDraws(
  shot: Shot,
  run: Frames,
  grading: Grading | null,
  { ink }: Pick<SceneColours, 'ink'>,
  size: Size,
): Draw[] {
  const tint = tintOf(grading);
  const { assetId, view } = shot;
  if (shot.fit === 'whole') {
    const k = Math.min(size.width / shot.from.width, size.height / shot.from.height);
    const [width, height] = [even(shot.from.width * k), even(shot.from.height * k)];
    const to = { x: middle(size.width, width), y: middle(size.height, height), width, height };
    const texture = pictureTexture(shot, run, tint, shot.from, Math.min(1, k));
    const round: Texture =
      shot.surround === 'blur'
        ? { kind: 'surround', assetId, view, ink, tint, width: size.width, height: size.height }
        : { kind: 'plate', colour: shot.surround, tint, width: PLATE, height: PLATE };
    return [placed(round, wholeOf(round), wholeOf(size)), placed(texture, wholeOf(texture), to)];
  }
  const crop = cropAt(shot, shot.run > 1 ? Math.min(1, run / (shot.run - 1)) : 0);
  const { region, scale } = workingSize(shot, crop, size);
  const texture = pictureTexture(shot, run, tint, region, scale);
  const [kx, ky] = [texture.width / region.width, texture.height / region.height];
  const from = {
    x: (crop.x - region.x) * kx,
    y: (crop.y - region.y) * ky,
    width: crop.width * kx,
    height: crop.height * ky,
  };
  return [placed(texture, from, wholeOf(size))];
}

/** Even, so that it stands on whole samples of colour. */
const middle = (room: number, width: number): number => Math.round((room - width) / 4) * 2;

/**
 * The part of a file that is seen during a shot, and in which scale it is kept: as large as the closest crop wants it, a
 * whole number of times smaller by two where the crop of the moment is much wider, and never larger than the file.
 */
function workingSize(shot: Shot, crop: Crop, size: Size): { region: Crop; scale: number } {
  const { from, to, file } = { ...shot, file: shot.size };
  const stands = from.width === to.width && from.x === to.x && from.y === to.y;
  const closest = size.width / Math.min(from.width, to.width);
  const halvings = Math.max(0, Math.floor(Math.log2((crop.width * closest) / size.width + 1e-9)));
  const scale = Math.min(1, closest / SMALLEST_SCALE ** halvings);
  if (stands && shot.kind === 'still') return { region: from, scale };
  const x = Math.max(0, evenBelow(Math.min(from.x, to.x)));
  const y = Math.max(0, evenBelow(Math.min(from.y, to.y)));
  const right = Math.min(file.width, evenAbove(Math.max(from.x + from.width, to.x + to.width)));
  const bottom = Math.min(file.height, evenAbove(Math.max(from.y + from.height, to.y + to.height)));
  return { region: { x, y, width: right - x, height: bottom - y }, scale };
}

const evenBelow = (n: number): number => Math.floor(n / 2 + 1e-6) * 2;
const evenAbove = (n: number): number => Math.ceil(n / 2 - 1e-6) * 2;

function pictureTexture(shot: Shot, run: Frames, tint: Tint, region: Crop, scale: number): PictureTexture {
  const { assetId, view, size: file } = shot;
  const [width, height] = [even(region.width * scale), even(region.height * scale)];
  return {
    kind: 'picture',
    ...{ assetId, view, file, region, tint, width, height },
    moving: movingOf(shot, run),
  };
}

function movingOf(shot: Shot, run: Frames): Moving | null {
  if (shot.kind === 'loop') return { kind: 'loop', frame: run % shot.loopFrames, frames: shot.loopFrames };
  return shot.clip ? { kind: 'clip', clip: shot.clip, run } : null;
}
