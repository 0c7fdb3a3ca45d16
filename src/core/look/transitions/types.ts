/** What a transition may change of a draw; all else belongs to the painter. */
interface Sheer {
  alpha: number;
}

/** How one picture gives way to the next: a pure function of the lists of what is seen on both sides. */
export interface Transition {
  label: string;
  /** Whether it takes time; one that does not is a cut. */
  takesTime: boolean;
  /**
   * What is drawn at t, above 0 and below 1, from back to front. Both sides are given from back to front, as they would be
   * drawn alone.
   */
  between<D extends Sheer>(before: readonly D[], after: readonly D[], t: number): D[];
}
