import type { Size } from '../look/formats.ts';
import type { Grading, ViewName } from '../piece/types.ts';
import type { Frames } from '../time.ts';
import { clipFrame } from '../timeline/shots.ts';
import type { Crop, ShotClip } from '../timeline/types.ts';
import type { Affine } from './list.ts';

/** The part of a grading that is laid into pictures; null when it changes nothing. */
export type Tint = Pick<Grading, 'grade' | 'strength' | 'opacity' | 'backdrop'> | null;

/** Which frame of a picture that moves. */
export type Moving =
  | { kind: 'loop'; frame: Frames; frames: Frames }
  /** run: frames for which it has been seen. */
  | { kind: 'clip'; clip: ShotClip; run: Frames };

/** A part of a file, in pixels of the file, at the size in which it is used. */
export interface PictureTexture extends Size {
  kind: 'picture';
  assetId: string;
  view: ViewName;
  /** Of the file. */
  file: Size;
  region: Crop;
  moving: Moving | null;
  tint: Tint;
}

/** A blurred picture that fills a frame round the whole one. */
interface SurroundTexture extends Size {
  kind: 'surround';
  assetId: string;
  view: ViewName;
  tint: Tint;
  /** Where the blurred copy is not there. */
  ink: string;
}

/** One colour. */
interface PlateTexture extends Size {
  kind: 'plate';
  colour: string;
  tint: Tint;
}

/** From one colour at the top to another at the bottom. */
interface GroundTexture extends Size {
  kind: 'ground';
  colours: readonly [string, string];
}

/** Words as they are drawn with their baseline's beginning at 0, 0 under a transform. */
export interface TextTexture extends Size {
  kind: 'text';
  text: string;
  /** CSS font. */
  font: string;
  colour: string;
  transform: Affine;
  /** Between letters, and widths, in the space before the transform. */
  tracking: number;
  outline: { colour: string; width: number } | null;
  /** A soft shadow; blur and fall in pixels of the texture. */
  glow: { colour: string; blur: number; fall: number } | null;
}

/** A text as far as it is written by hand. */
export interface WrittenTexture extends Size {
  kind: 'written';
  of: TextTexture;
  /** Of the font, in pixels of the texture. */
  fontSize: number;
  /** 0 to 1, in steps. */
  shown: number;
}

/** A path, filled, or drawn as a line, or both. */
export interface PathTexture extends Size {
  kind: 'path';
  /** M, L, Q, C and Z of SVG paths, absolute, with spaces between. */
  path: string;
  fill: string | null;
  stroke: { colour: string; width: number } | null;
  transform: Affine;
}

/** A colour that is there in the middle and gone at the upper and lower edge. */
export interface ShadeTexture extends Size {
  kind: 'shade';
  colour: string;
  /** Share of the height in which it comes, and in which it goes. */
  ramp: number;
}

/** Light that falls off from the middle to black, for blending. */
interface LightTexture extends Size {
  kind: 'light';
}

/** A tile of grain, for blending. */
interface GrainTexture extends Size {
  kind: 'grain';
}

/** An image that is made once and used in many frames. Width and height are even. */
export type Texture =
  | PictureTexture
  | SurroundTexture
  | PlateTexture
  | GroundTexture
  | TextTexture
  | WrittenTexture
  | PathTexture
  | ShadeTexture
  | LightTexture
  | GrainTexture;

const keys = new WeakMap<Texture, string>();

/** Same key, same pixels. */
export function textureKey(t: Texture): string {
  const known = keys.get(t);
  if (known !== undefined) return known;
  const key = keyOf(t);
  keys.set(t, key);
  return key;
}

function keyOf(t: Texture): string {
  const size = `${t.kind} ${t.width}x${t.height}`;
  switch (t.kind) {
    case 'picture': {
      const { x, y, width, height } = t.region;
      return `${size} ${t.assetId}/${t.view} ${x},${y},${width},${height} ${movingKey(t.moving)} ${tintKey(t.tint)}`;
    }
    case 'surround':
      return `${size} ${t.assetId}/${t.view} ${t.ink} ${tintKey(t.tint)}`;
    case 'plate':
      return `${size} ${t.colour} ${tintKey(t.tint)}`;
    case 'ground':
      return `${size} ${t.colours.join(' ')}`;
    case 'text':
      return `${size} ${t.transform.join(',')} ${t.colour} ${t.tracking} ${lineKey(t.outline)} ${glowKey(t.glow)} ${t.font} ${t.text}`;
    case 'written':
      return `${size} ${t.shown} ${textureKey(t.of)}`;
    case 'path':
      return `${size} ${t.transform.join(',')} ${t.fill} ${lineKey(t.stroke)} ${t.path}`;
    case 'shade':
      return `${size} ${t.colour} ${t.ramp}`;
    case 'light':
    case 'grain':
      return size;
    default:
      return t satisfies never;
  }
}

const lineKey = (l: { colour: string; width: number } | null): string => (l ? `${l.colour}*${l.width}` : '');
const glowKey = (g: TextTexture['glow']): string => (g ? `${g.colour}~${g.blur}+${g.fall}` : '');

/** Same key, same colours. */
export const tintKey = (t: Tint): string => (t ? `${t.grade} ${t.strength} ${t.opacity} ${t.backdrop}` : '');

function movingKey(m: Moving | null): string {
  if (!m) return '';
  if (m.kind === 'loop') return `${m.frame}`;
  const { inMs, speed, frames, end } = m.clip;
  return `${inMs}*${speed} ${frames}${end} ${clipFrame(m.clip, m.run)}`;
}
