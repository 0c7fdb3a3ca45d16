import { MEL, type MelBands } from '../mel.ts';

/** Bands are heard down to so far under the loudest moment of all, dB. */
const RANGE_DB = 60;
/** Frames over which the mean is taken off, and over which what is left is smoothed (standard deviation). */
const ONSETS = { mean: 50, smooth: 2 } as const;

/**
 * How much begins in each frame: the rise of all bands since the frame before, without its own mean of a second, smoothed,
 * its spread 1 (spectral flux; Bello and others, 2005).
 */
export function onsets({ frames, logs }: MelBands): Float32Array {
  return evened(
    rises(logs, frames, MEL.bands).map((v) => v / MEL.bands),
    true,
  );
}

/** The same of what is below the bands, drums and bass: as loud as it is, so that the kick counts and what fades in does not. */
export function lowOnsets({ frames, low }: MelBands): Float32Array {
  const loud = low.map((db) => 10 ** (db / 20));
  const out = new Float32Array(frames);
  for (let t = 2; t < frames; t++)
    out[t] = Math.max(0, (loud[t] as number) - Math.min(loud[t - 1] as number, loud[t - 2] as number));
  return evened(out, false);
}

function rises(logs: Float32Array, frames: number, bands: number): Float32Array {
  let loudest = Number.NEGATIVE_INFINITY;
  for (const v of logs) loudest = Math.max(loudest, v);
  const least = loudest - RANGE_DB;
  const out = new Float32Array(frames);
  for (let t = 1; t < frames; t++)
    for (let m = 0; m < bands; m++) {
      const now = Math.max(least, logs[t * bands + m] as number);
      const before = Math.max(least, logs[(t - 1) * bands + m] as number);
      if (now > before) out[t] = (out[t] as number) + now - before;
    }
  return out;
}

function evened(x: Float32Array, smooth: boolean): Float32Array {
  const mean = moving(x, ONSETS.mean);
  const over = x.map((v, i) => Math.max(0, v - (mean[i] as number)));
  const out = smooth ? smoothed(over) : over;
  const spread = Math.sqrt(out.reduce((s, v) => s + v * v, 0) / Math.max(1, out.length));
  return spread > 0 ? out.map((v) => v / spread) : out;
}

/** Means over `half` values to both sides. */
function moving(x: Float32Array, half: number): Float32Array {
  const sums = new Float64Array(x.length + 1);
  for (let i = 0; i < x.length; i++) sums[i + 1] = (sums[i] as number) + (x[i] as number);
  return x.map((_, i) => {
    const from = Math.max(0, i - half);
    const to = Math.min(x.length, i + half + 1);
    return ((sums[to] as number) - (sums[from] as number)) / (to - from);
  });
}

function smoothed(x: Float32Array): Float32Array {
  const reach = 3 * ONSETS.smooth;
  const weights = Array.from({ length: 2 * reach + 1 }, (_, k) =>
    Math.exp(-0.5 * ((k - reach) / ONSETS.smooth) ** 2),
  );
  const sum = weights.reduce((s, w) => s + w, 0);
  return x.map((_, i) => {
    let s = 0;
    for (let k = -reach; k <= reach; k++) s += (x[i + k] ?? 0) * (weights[k + reach] as number);
    return s / sum;
  });
}
