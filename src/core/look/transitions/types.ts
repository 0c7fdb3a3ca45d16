/** A picture of a frame with its opacity; what else it is belongs to the painter. */
interface Sheer {
  alpha: number;
}

/** How one picture gives way to the next: a pure function of what is seen on both sides. */
export interface Transition {
  label: string;
  /** Whether it takes time; one that does not is a cut. */
  takesTime: boolean;
  /**
   * What is seen at t, above 0 and below 1, from back to front. Both sides are given from back to front, as they would be
   * seen alone.
   */
  between<L extends Sheer>(before: readonly L[], after: readonly L[], t: number): L[];
}
