/** A hit: General MIDI percussion key, place in the bar in quarters, velocity. */
export type Hit = readonly [pitch: number, at: number, velocity: number];

const each = (pitch: number, places: readonly number[], velocity: number): Hit[] =>
  places.map((at): Hit => [pitch, at, velocity]);
const QUARTERS = [0, 1, 2, 3];
const OFFBEATS = [0.5, 1.5, 2.5, 3.5];

/**
 * Patterns of one bar. 36 kick, 38 snare, 39 clap, 42 closed hat, 46 open hat, 51 ride, 54 tambourine, 56 cowbell, 47 tom,
 * 70 maracas, 75 claves, 76 wood block, 45 low tom.
 */
export const BEATS = {
  /** Kick, clap and hats, friendly. */
  claps: [
    ...each(36, [0, 2, 2.5], 84),
    ...each(39, [1, 3], 62),
    ...each(42, QUARTERS, 48),
    ...each(70, OFFBEATS, 40),
  ],
  /** Four to the floor with an open hat between. */
  floor: [
    ...each(36, QUARTERS, 92),
    ...each(46, OFFBEATS, 44),
    ...each(39, [1, 3], 54),
    ...each(42, QUARTERS, 34),
  ],
  /** A slow heartbeat. */
  heart: [...each(36, [0, 0.5], 76), ...each(45, [2], 52)],
  /** Brushes and a ride. */
  brushes: [...each(51, [0, 1, 1.5, 2, 3, 3.5], 40), ...each(38, [1, 3], 28), ...each(36, [0, 2.5], 48)],
  /** Wood and shakers, hopping. */
  wood: [
    ...each(76, [0, 1.5, 3], 56),
    ...each(75, [2, 2.5], 46),
    ...each(70, [0.5, 1, 2, 3.5], 36),
    ...each(36, [0], 60),
  ],
  /** A march with toms. */
  march: [...each(36, [0, 2], 88), ...each(38, [1, 1.5, 3, 3.25, 3.5], 50), ...each(47, [2.5], 54)],
} satisfies Record<string, readonly Hit[]>;

export type BeatName = keyof typeof BEATS;
