import { type Decibels, SAMPLE_RATE } from '../time.ts';
import { peakAround } from './loudness.ts';

/** The limiter looks so far ahead, and lets go so slowly. */
const LIMITER = { aheadMs: 4, releaseMs: 120 } as const;

/**
 * Holds the true peak of all channels under a ceiling by one common gain: the gain needed at each sample is spread over
 * the look-ahead (minimum, then mean of the same length, so it is down in time and never steps) and released slowly.
 * Works in place. Gives the largest reduction, dB.
 */
export function limit(channels: readonly Float32Array[], ceiling: Decibels): Decibels {
  const max = 10 ** (ceiling / 20);
  const n = channels[0]?.length ?? 0;
  const need = new Float32Array(n).fill(1);
  let any = false;
  for (const c of channels)
    for (let i = 0; i < n; i++) {
      const p = peakAround(c, i, max * 0.5);
      if (p > max) {
        any = true;
        need[i] = Math.min(need[i] as number, max / p);
      }
    }
  if (!any) return 0;
  const ahead = Math.round((LIMITER.aheadMs * SAMPLE_RATE) / 1000);
  const least = slidingMinimum(need, ahead);
  const release = Math.exp(-1000 / (LIMITER.releaseMs * SAMPLE_RATE));
  let g = 1;
  for (let i = 0; i < n; i++) {
    g = Math.min(least[i] as number, 1 - (1 - g) * release);
    least[i] = g;
  }
  let sum = 0;
  let lowest = 1;
  const gain = new Float32Array(n);
  for (let i = 0; i < n; i++) {
    sum += least[i] as number;
    if (i >= ahead) sum -= least[i - ahead] as number;
    gain[i] = sum / Math.min(i + 1, ahead);
    lowest = Math.min(lowest, gain[i] as number);
  }
  for (const c of channels) for (let i = 0; i < n; i++) c[i] = (c[i] as number) * (gain[i] as number);
  return -20 * Math.log10(lowest);
}

/** Minimum over [i, i + ahead], by a monotone queue. */
function slidingMinimum(x: Float32Array, ahead: number): Float32Array {
  const n = x.length;
  const out = new Float32Array(n);
  const queue = new Int32Array(n);
  let head = 0;
  let tail = 0;
  for (let j = 0; j < n + ahead; j++) {
    if (j < n) {
      while (tail > head && (x[queue[tail - 1] as number] as number) >= (x[j] as number)) tail--;
      queue[tail++] = j;
    }
    const i = j - ahead;
    if (i < 0) continue;
    while ((queue[head] as number) < i) head++;
    out[i] = x[queue[head] as number] as number;
  }
  return out;
}
