import type { Features } from './features.ts';

/** In which frames somebody speaks. */
export interface Voiced {
  speaks: Uint8Array;
  /** First frames of the stretches of speech. */
  onsets: number[];
}

/** Shares of the way from noise to loud speech, distances in dB, and lengths in frames. */
const VOICED = { ratio: 0.3, under: 40, quietest: 50, leastSilence: 6, leastSpeech: 4 } as const;

export function voiced({ energy, frames }: Pick<Features, 'energy' | 'frames'>): Voiced {
  const smooth = new Float32Array(frames);
  for (let t = 0; t < frames; t++) {
    let [s, n] = [0, 0];
    for (let u = Math.max(0, t - 1); u <= Math.min(frames - 1, t + 1); u++, n++)
      s += Math.max(-80, energy[u] as number);
    smooth[t] = s / n;
  }
  const sorted = smooth.toSorted() as Float32Array;
  const loud = sorted[Math.floor(frames * 0.95)] as number;
  const noise = Math.max(sorted[Math.floor(frames * 0.03)] as number, loud - VOICED.quietest);
  const threshold = Math.max(noise + VOICED.ratio * (loud - noise), loud - VOICED.under);
  const speaks = Uint8Array.from(smooth, (e) => (e > threshold ? 1 : 0));
  closeGaps(speaks, 0, VOICED.leastSilence);
  closeGaps(speaks, 1, VOICED.leastSpeech);
  const onsets: number[] = [];
  for (let t = 0; t < frames; t++) if (speaks[t] && !speaks[t - 1]) onsets.push(t);
  return { speaks, onsets };
}

/** Stretches of a value that are shorter than so many frames, and not at an end, become the other one. */
function closeGaps(speaks: Uint8Array, value: 0 | 1, least: number): void {
  for (let t = 0; t < speaks.length; ) {
    if (speaks[t] !== value) {
      t++;
      continue;
    }
    let end = t;
    while (end < speaks.length && speaks[end] === value) end++;
    if (end - t < least && t > 0 && end < speaks.length) speaks.fill(1 - value, t, end);
    t = end;
  }
}
