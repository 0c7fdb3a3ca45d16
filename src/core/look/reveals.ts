import { faded } from './reveals/faded.ts';
import { laid } from './reveals/laid.ts';
import { spoken } from './reveals/spoken.ts';
import type { Reveal } from './reveals/types.ts';

/** Every way in which words can come. */
export const REVEALS = { laid, faded, spoken } satisfies Record<string, Reveal>;

export type RevealKind = keyof typeof REVEALS;
export const REVEAL_KINDS = Object.keys(REVEALS) as RevealKind[];
