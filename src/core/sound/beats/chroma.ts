import { fftOf } from '../fft.ts';
import { FEATURE_RATE } from '../mel.ts';

const WINDOW = 4096;
const fft = fftOf(WINDOW);
const HEARD = { from: 65, to: 1200 } as const;
const hann = Float64Array.from(
  { length: WINDOW },
  (_, i) => 0.5 - 0.5 * Math.cos((2 * Math.PI * i) / WINDOW),
);

/** The pitch class of each bin, -1 where it is not listened to. */
const CLASS = Int8Array.from({ length: WINDOW / 2 }, (_, k) => {
  const hz = (k * FEATURE_RATE) / WINDOW;
  return hz < HEARD.from || hz > HEARD.to ? -1 : ((Math.round(12 * Math.log2(hz / 440)) % 12) + 12) % 12;
});

/**
 * How strongly each of the twelve pitch classes sounds in a quarter of a second from a sample on, its length 1 (Fujishima,
 * 1999). Mono at FEATURE_RATE.
 */
export function chroma(samples: Float32Array, from: number): Float64Array {
  const re = new Float64Array(WINDOW);
  const im = new Float64Array(WINDOW);
  for (let i = 0; i < WINDOW; i++) re[i] = (samples[from + i] ?? 0) * (hann[i] as number);
  fft(re, im);
  const out = new Float64Array(12);
  for (let k = 0; k < WINDOW / 2; k++) {
    const at = CLASS[k] as number;
    if (at >= 0) out[at] = (out[at] as number) + Math.hypot(re[k] as number, im[k] as number);
  }
  const length = Math.hypot(...out) || 1;
  return out.map((v) => v / length);
}
