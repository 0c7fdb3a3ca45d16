import type { Draw } from '../../paint/list.ts';
import type { EffectName } from '../../sound/effects.ts';
import type { Size } from '../formats.ts';

/** What a transition knows besides what is seen on both sides. */
interface Scenery {
  /** Of the frame, pixels. */
  size: Size;
  /** Colours of the look. */
  ink: string;
  paper: string;
}

/** How one picture gives way to the next: a pure function of the lists of what is seen on both sides. */
export interface Transition {
  label: string;
  /** Whether it takes time; one that does not is a cut. */
  takesTime: boolean;
  /** The effect that goes with it, where a piece wants one on its borders; null for what is best silent. */
  sound: EffectName | null;
  /**
   * What is drawn at t, above 0 and below 1, from back to front. Both sides are given from back to front, as they would be
   * drawn alone.
   */
  between(before: readonly Draw[], after: readonly Draw[], t: number, scenery: Scenery): Draw[];
}
