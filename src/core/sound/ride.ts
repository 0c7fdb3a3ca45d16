import { type Decibels, SAMPLE_RATE, type Samples } from '../time.ts';

/**
 * How a track is ridden so that it neither drowns nor vanishes: its slow swells are made smaller, its beats stay as they are. Quiet
 * parts come up by most of what they lack, loud ones go down a little less.
 */
const RIDE = {
  /** Share of the distance from the middle that is taken away, below it and above it. */
  up: 0.9,
  down: 0.7,
  /** Never by more than this, dB. */
  mostUpDb: 9,
  mostDownDb: 6,
  /** What is quieter than this below the middle is no music: an ending that dies away. */
  floorDb: 26,
} as const;

/** Steps in which short-term loudness is given. */
const STEP: Samples = SAMPLE_RATE / 10;

/** Gain over a track: dB in the middle of each step of 100 ms, straight in between, the same before the first and after the last. */
export class Ride {
  constructor(private readonly steps: readonly Decibels[] = []) {}

  /** Both, one after the other. */
  and(other: Ride): Ride {
    const length = Math.max(this.steps.length, other.steps.length);
    return new Ride(Array.from({ length }, (_, i) => this.step(i) + other.step(i)));
  }

  /** Gains of so many samples from one on, in linear measure. */
  gains(start: Samples, length: number): Float64Array {
    const out = new Float64Array(length);
    for (let i = 0; i < length; ) {
      const place = (start + i) / STEP - 0.5;
      const step = Math.floor(place);
      const end = Math.min(length, i + Math.max(1, Math.ceil((step + 1.5) * STEP - start - i)));
      const [from, to] = [this.step(step), this.step(step + 1)];
      let gain = 10 ** ((from + (to - from) * (place - step)) / 20);
      // Straight in dB: from sample to sample by the same factor.
      const factor = 10 ** ((to - from) / STEP / 20);
      for (; i < end; i++) {
        out[i] = gain;
        gain *= factor;
      }
    }
    return out;
  }

  private step(i: number): Decibels {
    return this.steps[Math.max(0, Math.min(this.steps.length - 1, i))] ?? 0;
  }
}

/**
 * shortTerm: of the track, LUFS, each 100 ms (LoudnessMeter); middle: its integrated loudness. The gain is continuous, linear in dB
 * between steps, and as slow as the short-term loudness itself.
 */
export function rideOf(shortTerm: readonly number[], middle: number): Ride {
  const gains = shortTerm.map((now) => {
    const off = middle - now;
    if (!Number.isFinite(off) || off > RIDE.floorDb) return null;
    return off > 0 ? Math.min(RIDE.mostUpDb, off * RIDE.up) : Math.max(-RIDE.mostDownDb, off * RIDE.down);
  });
  // What is no music keeps the gain of the music next to it.
  let last = gains.find((g) => g !== null) ?? 0;
  return new Ride(
    gains.map((g) => {
      last = g ?? last;
      return last;
    }),
  );
}
