import { counted } from './reveals/counted.ts';
import { faded } from './reveals/faded.ts';
import { laid } from './reveals/laid.ts';
import { letters } from './reveals/letters.ts';
import { popped } from './reveals/popped.ts';
import { rise } from './reveals/rise.ts';
import { slide } from './reveals/slide.ts';
import { spoken } from './reveals/spoken.ts';
import type { Reveal } from './reveals/types.ts';
import { whole } from './reveals/whole.ts';
import { writing } from './reveals/writing.ts';

/** Every way in which words can come, in the order in which they are offered. */
export const REVEALS = {
  whole,
  faded,
  rise,
  slide,
  laid,
  spoken,
  popped,
  letters,
  writing,
  counted,
} satisfies Record<string, Reveal>;

/** The order in which the lines of a page come: from the first, from the last, or all with the first. */
export const REVEAL_ORDERS = ['down', 'up', 'together'] as const;
export type RevealOrder = (typeof REVEAL_ORDERS)[number];

export type RevealKind = keyof typeof REVEALS;
export const REVEAL_KINDS = Object.keys(REVEALS) as RevealKind[];
