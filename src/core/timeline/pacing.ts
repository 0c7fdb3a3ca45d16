/** Pauses and holds round the voice. */
export const PACING = {
  firstLeadMs: 350,
  leadMs: 140,
  /** After the voice, by how a layout holds. */
  tailMs: { short: 260, long: 520 },
  endHoldMs: 1600,
  silentSceneMs: 2500,
  /** No scene is shorter. */
  leastFrames: 9,
  /** Breaths shorter than this do not let the music rise. */
  breathMs: 900,
  /** Lengths of tracks are rounded up to this, so that a small edit does not ask for a new one. */
  trackStepMs: 100,
  /** A transition takes at most one of so many parts of the shorter of its scenes. */
  transitionPart: 3,
} as const;
