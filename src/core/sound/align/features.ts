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

export const FEATURE_RATE = 16_000;
export const HOP = 160;
const WINDOW = 400;
const FFT = 512;
const MEL = { bands: 26, from: 100, to: 7000 } as const;
const CEPSTRA = 10;
/** A band is heard down to so far under its own loud moments: what is quieter, noise among it, counts as this. */
const FLOOR_DB = 30;
const LOUD_SHARE = 0.97;
const PRE_EMPHASIS = 0.97;
const SLOPE_WEIGHT = 2;
/** Cepstra are brought to about 1 by this. */
const SPREAD = 14;

const hamming = Float64Array.from(
  { length: WINDOW },
  (_, i) => 0.54 - 0.46 * Math.cos((2 * Math.PI * i) / (WINDOW - 1)),
);

const mel = (hz: number) => 1127 * Math.log(1 + hz / 700);
const hz = (m: number) => 700 * (Math.exp(m / 1127) - 1);
/** Where bands begin, peak and end, in bins. */
const EDGES = Array.from(
  { length: MEL.bands + 2 },
  (_, i) => (hz(mel(MEL.from) + ((mel(MEL.to) - mel(MEL.from)) * i) / (MEL.bands + 1)) * FFT) / FEATURE_RATE,
);

/** Weights of the bins in each band. */
const BANDS = Array.from({ length: MEL.bands }, (_, m) => {
  const [a, b, c] = [EDGES[m] as number, EDGES[m + 1] as number, EDGES[m + 2] as number];
  const from = Math.max(0, Math.ceil(a));
  const to = Math.min(FFT / 2, Math.floor(c));
  return {
    from,
    weights: Float64Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => {
      const k = from + i;
      return k < b ? (k - a) / (b - a) : (c - k) / (c - b);
    }),
  };
});

const COSINES = Float64Array.from({ length: CEPSTRA * MEL.bands }, (_, i) => {
  const c = Math.floor(i / MEL.bands);
  const scale = Math.sqrt(2 / MEL.bands) * (c === 0 ? Math.SQRT1_2 : 1);
  return Math.cos((Math.PI * c * ((i % MEL.bands) + 0.5)) / MEL.bands) * scale;
});

/** A radix-2 FFT in place (Cooley and Tukey, 1965). */
const fft = (() => {
  const cos = Float64Array.from({ length: FFT / 2 }, (_, i) => Math.cos((2 * Math.PI * i) / FFT));
  const sin = Float64Array.from({ length: FFT / 2 }, (_, i) => Math.sin((2 * Math.PI * i) / FFT));
  const bits = Math.log2(FFT);
  const reversed = Uint16Array.from({ length: FFT }, (_, i) => {
    let r = 0;
    for (let b = 0; b < bits; b++) if ((i >> b) & 1) r |= 1 << (bits - 1 - b);
    return r;
  });
  return (re: Float64Array, im: Float64Array): void => {
    for (let i = 0; i < FFT; i++) {
      const j = reversed[i] as number;
      if (j <= i) continue;
      [re[i], re[j]] = [re[j] as number, re[i] as number];
      [im[i], im[j]] = [im[j] as number, im[i] as number];
    }
    for (let size = 2; size <= FFT; size <<= 1) {
      const half = size >> 1;
      const stride = FFT / size;
      for (let i = 0; i < FFT; i += size)
        for (let k = 0, q = 0; k < half; k++, q += stride) {
          const a = i + k;
          const b = a + half;
          const tr = (re[b] as number) * (cos[q] as number) + (im[b] as number) * (sin[q] as number);
          const ti = (im[b] as number) * (cos[q] as number) - (re[b] as number) * (sin[q] as number);
          re[b] = (re[a] as number) - tr;
          im[b] = (im[a] as number) - ti;
          re[a] = (re[a] as number) + tr;
          im[a] = (im[a] as number) + ti;
        }
    }
  };
})();

/** samples: mono at FEATURE_RATE. */
export function features(samples: Float32Array): Features {
  const frames = Math.max(1, Math.floor((samples.length - WINDOW) / HOP) + 1);
  const { logs, energy } = melBands(samples, frames);
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

function melBands(samples: Float32Array, frames: number): { logs: Float32Array; energy: Float32Array } {
  const logs = new Float32Array(frames * MEL.bands);
  const energy = new Float32Array(frames);
  const re = new Float64Array(FFT);
  const im = new Float64Array(FFT);
  const power = new Float64Array(FFT / 2 + 1);
  for (let t = 0; t < frames; t++) {
    re.fill(0);
    im.fill(0);
    const at = t * HOP;
    let e = 0;
    for (let i = 0; i < WINDOW; i++) {
      const x = samples[at + i] ?? 0;
      e += x * x;
      re[i] = (x - PRE_EMPHASIS * (samples[at + i - 1] ?? 0)) * (hamming[i] as number);
    }
    energy[t] = 10 * Math.log10(e / WINDOW + 1e-10);
    fft(re, im);
    for (let k = 0; k <= FFT / 2; k++) power[k] = (re[k] as number) ** 2 + (im[k] as number) ** 2;
    BANDS.forEach(({ from, weights }, m) => {
      let s = 0;
      for (let i = 0; i < weights.length; i++) s += (power[from + i] as number) * (weights[i] as number);
      logs[t * MEL.bands + m] = 10 * Math.log10(s + 1e-12);
    });
  }
  return { logs, energy };
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
