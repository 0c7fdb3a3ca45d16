import type { Paint, Point } from '../paint.ts';

/** A head and what it wears. Colours are ready to be painted with; yes and no are 1 and 0. */
export interface Head {
  skin: string;
  hair: string;
  hairStyle?: 'short' | 'bun' | 'curly' | 'pony' | 'long' | 'grey' | 'bob' | 'bald' | 'cap';
  eye?: 'open' | 'closed';
  beard?: number;
  glasses?: number;
  hat?: 'cap' | 'beanie' | 'brim' | 'chef' | 'scarf';
  hatCol?: string;
  pom?: number;
}

/** Clothes and pose of a body: hands and feet as points in its own unit (100 is its height), directions in degrees. */
export interface Body extends Head {
  top: string;
  bottom?: string;
  shoe?: string;
  collar?: string;
  apron?: string;
  sleeve?: 'short';
  hands?: readonly (Point | null)[];
  /** Which way elbows and knees bend: 1 or -1, or between for less. */
  bends?: readonly number[];
  knees?: readonly number[];
  /** Where the hands point. */
  hdirs?: readonly (number | undefined)[];
  feet?: readonly (Point | null)[];
  face?: number;
  /** Drawn in front of the body, behind its near arm; and in front of everything. */
  hold?: (P: Paint) => void;
  after?: (P: Paint) => void;
}

/** A body seen from the side, facing right. Degrees and its own unit. */
export interface SideFigure extends Body {
  lean?: number;
  head?: number;
  armU?: number;
  armF?: number;
  flip?: number | boolean;
  bareWrist?: number;
  footRot?: number;
  round?: number;
  coat?: number;
  pack?: string;
}

/** A body seen from the front or the back. */
export interface FrontFigure extends Body {
  view?: 'front' | 'back';
  broad?: number;
  tilt?: number;
  drop?: number;
  neck?: 'v';
  stripe?: string;
  armsBehind?: number;
}
