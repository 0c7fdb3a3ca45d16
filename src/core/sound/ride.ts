import { SAMPLE_RATE, type Samples } from '../time.ts';

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

/** Gain over a track as a function of its sample, in linear measure. */
export type Ride = (at: Samples) => number;

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
  const first = gains.find((g) => g !== null) ?? 0;
  let last = first;
  const filled = gains.map((g) => {
    last = g ?? last;
    return last;
  });
  return (at) => {
    const place = at / STEP - 0.5;
    const i = Math.max(0, Math.min(filled.length - 1, Math.floor(place)));
    const j = Math.min(filled.length - 1, i + 1);
    const share = Math.max(0, Math.min(1, place - i));
    const db = filled.length
      ? (filled[i] as number) + ((filled[j] as number) - (filled[i] as number)) * share
      : 0;
    return 10 ** (db / 20);
  };
}
