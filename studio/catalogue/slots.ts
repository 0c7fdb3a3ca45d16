import type { Paint } from '../kit/paint.ts';

/** What a row asks its motif to vary. Colours are names of the palette or #rrggbb; yes and no are 1 and 0. */
export interface Slots {
  /** Which place (places.ts) or thing (objects.ts). */
  place?: string;
  thing?: string;
  /** Where the thing stands, its size, and its shift, units. */
  stage?: string;
  s?: number;
  dx?: number;
  dy?: number;
  /** Radians. */
  rot?: number;
  turn?: number;
  tilt?: number;
  /** Middle of its light from the thing's foot, units. */
  glow?: [number, number];
  /** Needs a broad cut in the tall view. */
  broad?: number;
  wall?: string;
  back?: string;
  top?: string;
  curtain?: string;
  cloth?: string;
  sheets?: readonly [string, string, string];
  cut?: string;
  plant?: number;
  sunX?: number;
  /** Who is shown: names of the cast (scenes/parts.ts); '' for nobody. */
  who?: string;
  a?: string;
  b?: string;
  goods?: string;
  late?: number;
  open?: number;
  down?: number;
  whole?: number;
  wilted?: number;
}

/** Draws a place or a thing on the stage. */
export type Drawing = (P: Paint, o: Slots) => void;
export type Drawings = Record<string, Drawing>;
