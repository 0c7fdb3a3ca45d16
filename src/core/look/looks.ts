import { paperTape } from './looks/paper-tape.ts';
import type { Look } from './types.ts';

/** Every look that a piece can have, in the order in which they are offered. */
const LOOKS = { 'paper-tape': paperTape } satisfies Record<string, Look>;

export type LookName = keyof typeof LOOKS;
export const LOOK_NAMES = Object.keys(LOOKS) as LookName[];

export const lookOf = (name: LookName): Look => LOOKS[name];
