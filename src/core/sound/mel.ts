/**
 * Sound as mel bands: frames of 25 ms every 10 ms of mono sound at 16 kHz. What is aligned and what is counted in beats both
 * begin with them.
 */

import { fftOf } from './fft.ts';

export const FEATURE_RATE = 16_000;
export const HOP = 160;
const WINDOW = 400;
const FFT = 512;
export const MEL = { bands: 26, from: 100, to: 7000 } as const;
const PRE_EMPHASIS = 0.97;

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

const fft = fftOf(FFT);

/** Frames of so many samples. */
const melFrames = (samples: number): number => Math.max(1, Math.floor((samples - WINDOW) / HOP) + 1);

export interface MelBands {
  frames: number;
  /** frames x MEL.bands, dB. */
  logs: Float32Array;
  /** Mean square of each frame, dB. */
  energy: Float32Array;
  /** What lies below the bands, from LOW.from to LOW.to Hz: drums and bass, dB. */
  low: Float32Array;
}

const LOW = { from: 30, to: 130 } as const;
const bin = (hz: number) => Math.round((hz * FFT) / FEATURE_RATE);

/** samples: mono at FEATURE_RATE. */
export function melBands(samples: Float32Array): MelBands {
  const frames = melFrames(samples.length);
  const logs = new Float32Array(frames * MEL.bands);
  const energy = new Float32Array(frames);
  const low = new Float32Array(frames);
  const re = new Float64Array(FFT);
  const im = new Float64Array(FFT);
  const power = new Float64Array(FFT / 2 + 1);
  // Two frames are transformed at once, one as the real and one as the imaginary part: what is even of the outcome belongs to
  // the one, what is odd to the other.
  for (let t = 0; t < frames; t += 2) {
    const two = t + 1 < frames;
    energy[t] = windowed(samples, t, re);
    if (two) energy[t + 1] = windowed(samples, t + 1, im);
    else im.fill(0);
    fft(re, im);
    for (let k = 0; k <= FFT / 2; k++) {
      const n = (FFT - k) & (FFT - 1);
      const [a, b, c, d] = [re[k] as number, im[k] as number, re[n] as number, im[n] as number];
      power[k] = ((a + c) ** 2 + (b - d) ** 2) / 4;
    }
    into(t);
    if (!two) break;
    for (let k = 0; k <= FFT / 2; k++) {
      const n = (FFT - k) & (FFT - 1);
      const [a, b, c, d] = [re[k] as number, im[k] as number, re[n] as number, im[n] as number];
      power[k] = ((b + d) ** 2 + (c - a) ** 2) / 4;
    }
    into(t + 1);
  }
  return { frames, logs, energy, low };

  function into(t: number): void {
    for (let m = 0; m < MEL.bands; m++) {
      const { from, weights } = BANDS[m] as (typeof BANDS)[number];
      let s = 0;
      for (let i = 0; i < weights.length; i++) s += (power[from + i] as number) * (weights[i] as number);
      logs[t * MEL.bands + m] = 10 * Math.log10(s + 1e-12);
    }
    let s = 0;
    for (let k = bin(LOW.from); k <= bin(LOW.to); k++) s += power[k] as number;
    low[t] = 10 * Math.log10(s + 1e-12);
  }
}

/** A frame with its high sounds raised, under the window, into `out`; gives its mean square, dB. */
function windowed(samples: Float32Array, frame: number, out: Float64Array): number {
  const at = frame * HOP;
  let e = 0;
  let before = samples[at - 1] ?? 0;
  const whole = at + WINDOW <= samples.length;
  for (let i = 0; i < WINDOW; i++) {
    const x = whole ? (samples[at + i] as number) : (samples[at + i] ?? 0);
    e += x * x;
    out[i] = (x - PRE_EMPHASIS * before) * (hamming[i] as number);
    before = x;
  }
  out.fill(0, WINDOW);
  return 10 * Math.log10(e / WINDOW + 1e-10);
}
