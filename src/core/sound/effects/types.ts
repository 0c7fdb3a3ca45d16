import type { Milliseconds } from '../../time.ts';

/** A short sound that is made from sines and noise. */
export interface Effect {
  label: string;
  /** The moment of it that is put on the border. */
  hitMs: Milliseconds;
  lengthMs: Milliseconds;
  /** The value at t seconds, about -1 to 1; noise: white, -1 to 1, another at each call. */
  at(t: number, noise: () => number): number;
  /** Its noise is let through round this, Hz, at t seconds; null where it has none. */
  band: ((t: number) => { hz: number; q: number }) | null;
}
