import type { Size } from '../look/formats.ts';
import type { Crop } from '../timeline/types.ts';
import type { Texture } from './textures.ts';

/** Blend modes of the Compositing standard (W3C, Level 1) that a draw may have. */
export type Blend = 'over' | 'screen' | 'soft-light' | 'multiply';

/** x' = a x + c y + e, y' = b x + d y + f, in the order in which Canvas takes them. */
export type Affine = readonly [a: number, b: number, c: number, d: number, e: number, f: number];

export const IDENTITY: Affine = [1, 0, 0, 1, 0, 0];

/** A rectangle with round corners in a space of its own, which `transform` leads to pixels of the frame. */
export interface Area extends Crop {
  radius: number;
  transform: Affine;
}

interface Common {
  /** 0 to 1. */
  alpha: number;
  /** Nothing is seen outside of it. */
  clip: Area | null;
}

/** A part of a texture, in its pixels, on a rectangle. Blended otherwise than over what is there, it stands upright. */
export interface TextureDraw extends Common {
  kind: 'texture';
  texture: Texture;
  from: Crop;
  to: Crop;
  transform: Affine;
  blend: Blend;
}

/** An area filled with a CSS colour: #rrggbb or rgba(). */
export interface ShapeDraw extends Common {
  kind: 'shape';
  area: Area;
  colour: string;
}

export type Draw = TextureDraw | ShapeDraw;

/** What a frame of so many pixels consists of, from back to front. */
export interface DisplayList extends Size {
  draws: readonly Draw[];
  /** From top to bottom: seen where a picture is not there yet. */
  ground: readonly [string, string];
}
