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
    let s = 0;
    for (let k = bin(LOW.from); k <= bin(LOW.to); k++) s += power[k] as number;
    low[t] = 10 * Math.log10(s + 1e-12);
  }
  return { frames, logs, energy, low };
}
