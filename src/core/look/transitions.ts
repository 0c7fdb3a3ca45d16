import { cut } from './transitions/cut.ts';
import { dissolve } from './transitions/dissolve.ts';
import type { Transition } from './transitions/types.ts';

/** Every way in which one picture can give way to the next. */
export const TRANSITIONS = { cut, dissolve } satisfies Record<string, Transition>;

export type TransitionKind = keyof typeof TRANSITIONS;
export const TRANSITION_KINDS = Object.keys(TRANSITIONS) as TransitionKind[];
