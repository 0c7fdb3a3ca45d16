import { blinds } from './transitions/blinds.ts';
import { blur } from './transitions/blur.ts';
import { cut } from './transitions/cut.ts';
import { dip } from './transitions/dip.ts';
import { dissolve } from './transitions/dissolve.ts';
import { doors } from './transitions/doors.ts';
import { flash } from './transitions/flash.ts';
import { iris } from './transitions/iris.ts';
import { page } from './transitions/page.ts';
import { push } from './transitions/push.ts';
import { slant } from './transitions/slant.ts';
import { slide } from './transitions/slide.ts';
import { tiles } from './transitions/tiles.ts';
import { torn } from './transitions/torn.ts';
import type { Transition } from './transitions/types.ts';
import { whip } from './transitions/whip.ts';
import { wipe } from './transitions/wipe.ts';
import { zoom } from './transitions/zoom.ts';

/** Every way in which one picture can give way to the next, in the order in which they are offered. */
export const TRANSITIONS = {
  cut,
  dissolve,
  dip,
  flash,
  blur,
  slide,
  push,
  whip,
  wipe,
  slant,
  doors,
  blinds,
  tiles,
  iris,
  zoom,
  page,
  torn,
} satisfies Record<string, Transition>;

export type TransitionKind = keyof typeof TRANSITIONS;
export const TRANSITION_KINDS = Object.keys(TRANSITIONS) as TransitionKind[];
