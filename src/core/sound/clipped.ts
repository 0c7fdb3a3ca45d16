/** How a clipped peak is told: at least so many samples in a row at the highest level, which is louder than so much. */
const FLAT = { samples: 4, within: 0.001, peakFrom: 0.25 } as const;

/**
 * How often a recording hit the ceiling: flat tops at its highest level, also where it was made quieter afterwards. A sine
 * that just fits has none, since it stays near its top for less than that at any frequency that a voice has much of.
 */
export function clippedPeaks(samples: Float32Array): number {
  let peak = 0;
  for (const v of samples) peak = Math.max(peak, Math.abs(v));
  if (peak < FLAT.peakFrom) return 0;
  const floor = peak * (1 - FLAT.within);
  let peaks = 0;
  let run = 0;
  let side = 0;
  for (const v of samples) {
    const here = v >= floor ? 1 : v <= -floor ? -1 : 0;
    run = here !== 0 && here === side ? run + 1 : here !== 0 ? 1 : 0;
    side = here;
    if (run === FLAT.samples) peaks++;
  }
  return peaks;
}
