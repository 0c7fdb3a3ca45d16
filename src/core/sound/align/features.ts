import { MEL, melBands } from '../mel.ts';

/**
 * Speech as a row of feature vectors: cepstra of mel bands with their slopes (Davis and Mermelstein, 1980), from frames of
 * 25 ms every 10 ms of mono sound at 16 kHz.
 */
export interface Features {
  frames: number;
  /** Numbers in a vector. */
  size: number;
  /** frames x size. */
  vectors: Float32Array;
  /** Mean square of each frame, dB. */
  energy: Float32Array;
  /** Mean of the mel bands of each frame, dB. */
  bands: Float32Array;
}

const CEPSTRA = 10;
/** A band is heard down to so far under its own loud moments: what is quieter, noise among it, counts as this. */
const FLOOR_DB = 30;
const LOUD_SHARE = 0.97;
const SLOPE_WEIGHT = 2;
/** Cepstra are brought to about 1 by this. */
const SPREAD = 14;

const COSINES = Float64Array.from({ length: CEPSTRA * MEL.bands }, (_, i) => {
  const c = Math.floor(i / MEL.bands);
  const scale = Math.sqrt(2 / MEL.bands) * (c === 0 ? Math.SQRT1_2 : 1);
  return Math.cos((Math.PI * c * ((i % MEL.bands) + 0.5)) / MEL.bands) * scale;
});

/** samples: mono at FEATURE_RATE. */
export function features(samples: Float32Array): Features {
  const { frames, logs, energy } = melBands(samples);
  const bands = new Float32Array(frames);
  for (let t = 0; t < frames; t++) {
    let s = 0;
    for (let m = 0; m < MEL.bands; m++) s += logs[t * MEL.bands + m] as number;
    bands[t] = s / MEL.bands;
  }
  floor(logs, frames);
  const cepstra = new Float32Array(frames * CEPSTRA);
  for (let t = 0; t < frames; t++)
    for (let c = 0; c < CEPSTRA; c++) {
      let s = 0;
      for (let m = 0; m < MEL.bands; m++)
        s += (COSINES[c * MEL.bands + m] as number) * (logs[t * MEL.bands + m] as number);
      cepstra[t * CEPSTRA + c] = s;
    }
  normalise(cepstra, frames, energy);
  return { frames, size: 2 * CEPSTRA, vectors: withSlopes(cepstra, frames), energy, bands };
}

/** Each band down to FLOOR_DB under its loud moments, so that silence and noise look alike. */
function floor(logs: Float32Array, frames: number): void {
  const of = new Float32Array(frames);
  for (let m = 0; m < MEL.bands; m++) {
    for (let t = 0; t < frames; t++) of[t] = logs[t * MEL.bands + m] as number;
    const least = ((of.toSorted() as Float32Array)[Math.floor(frames * LOUD_SHARE)] ?? 0) - FLOOR_DB;
    for (let t = 0; t < frames; t++)
      logs[t * MEL.bands + m] = Math.max(least, logs[t * MEL.bands + m] as number);
  }
}

/** Mean 0 of each cepstrum over the frames in which somebody speaks, in place; spreads stay, since they tell sounds apart. */
function normalise(cepstra: Float32Array, frames: number, energy: Float32Array): void {
  const sorted = energy.toSorted() as Float32Array;
  const noise = sorted[Math.floor(frames * 0.1)] as number;
  const loud = sorted[Math.floor(frames * 0.95)] as number;
  const threshold = noise + 0.35 * (loud - noise);
  for (let c = 0; c < CEPSTRA; c++) {
    let [sum, n] = [0, 0];
    for (let t = 0; t < frames; t++) {
      if ((energy[t] as number) < threshold) continue;
      sum += cepstra[t * CEPSTRA + c] as number;
      n++;
    }
    const mean = n ? sum / n : 0;
    for (let t = 0; t < frames; t++) {
      const o = t * CEPSTRA + c;
      cepstra[o] = ((cepstra[o] as number) - mean) / SPREAD;
    }
  }
}

function withSlopes(cepstra: Float32Array, frames: number): Float32Array {
  const out = new Float32Array(frames * 2 * CEPSTRA);
  const at = (t: number, c: number) => cepstra[Math.max(0, Math.min(frames - 1, t)) * CEPSTRA + c] as number;
  for (let t = 0; t < frames; t++)
    for (let c = 0; c < CEPSTRA; c++) {
      const slope = (at(t + 1, c) - at(t - 1, c) + 2 * (at(t + 2, c) - at(t - 2, c))) / 10;
      out[t * 2 * CEPSTRA + c] = at(t, c);
      out[t * 2 * CEPSTRA + CEPSTRA + c] = slope * SLOPE_WEIGHT;
    }
  return out;
}
