import type { Milliseconds } from '../../time.ts';
import { FEATURE_RATE, HOP, melBands } from '../mel.ts';
import { chroma } from './chroma.ts';
import { lowOnsets, onsets } from './onsets.ts';

/** Where the beats of a piece of music are, and which of them begin its bars. */
export interface Beats {
  /** When each beat is, in order. */
  beats: Milliseconds[];
  /** Beats of a bar. */
  meter: 3 | 4;
  /** Place among the beats of the first that begins a bar, 0 to meter - 1. */
  first: number;
  /** BPM, the middle one. */
  tempo: number;
  /** How sure it is that there is a beat at all, 0 to 1. */
  sure: number;
}

/** The harmony of each beat: how strongly the twelve pitch classes sound, their length 1, to two digits. */
export const harmonyOf = (samples: Float32Array, beats: readonly Milliseconds[]): number[][] =>
  beats.map((ms) =>
    Array.from(chroma(samples, Math.round((ms * FEATURE_RATE) / 1000)), (v) => Math.round(v * 100) / 100),
  );

const HOP_MS = (HOP * 1000) / FEATURE_RATE;

const RULES = {
  /** Tempi that are looked for, BPM. */
  slowest: 46,
  fastest: 208,
  /** The tempo that people tap most, BPM, and how many octaves from it count (standard deviation). */
  tapped: 112,
  spread: 0.95,
  /** How firmly beats keep their distance, against the onsets on which they lie. */
  tight: 320,
  /** From an onset's frame to when it is heard, ms. */
  latencyMs: 4,
  /** Beats to both sides over which distances are evened. */
  even: 6,
  /** What bass and drums add to the onsets. */
  low: 0.35,
  /** What a change of harmony says about a bar, against bass and drums, and what onsets on the beats say. */
  harmony: 1.5,
  onBeat: 0.5,
} as const;

/**
 * Finds the beats of music: the period from the autocorrelation of its onsets, weighted by how people tap, with what its double
 * and its triple say; then the row of beats that lies on the most onsets and keeps that period best, by dynamic programming
 * (Ellis, "Beat tracking by dynamic programming", 2007). A bar begins where bass and harmony change most. Mono at FEATURE_RATE.
 * null where nothing ever begins. Pure.
 */
export function beatsOf(samples: Float32Array): Beats | null {
  const bands = melBands(samples);
  const low = lowOnsets(bands);
  const strength = onsets(bands).map((v, i) => v + RULES.low * (low[i] as number));
  if (!strength.some((v) => v > 0) || bands.frames < (2 * 60_000) / RULES.slowest / HOP_MS) return null;
  const { period, sure } = periodOf(strength);
  const row = rowOf(strength, period);
  if (row.length < 2) return null;
  const { frames: chosen, meter, first } = placed(samples, strength, low, row);
  const frames = evenly(chosen);
  const gaps = frames.slice(1).map((f, i) => f - (frames[i] as number));
  const middle = gaps.toSorted((a, b) => a - b)[gaps.length >> 1] as number;
  return {
    beats: frames.map((f) => Math.max(0, Math.round(f * HOP_MS + RULES.latencyMs))),
    meter,
    first,
    tempo: Math.round((60_000 / (middle * HOP_MS)) * 10) / 10,
    sure,
  };
}

/** Frames from beat to beat, with a fraction. */
function periodOf(strength: Float32Array): { period: number; sure: number } {
  const least = Math.floor(60_000 / RULES.fastest / HOP_MS);
  const most = Math.ceil(60_000 / RULES.slowest / HOP_MS);
  const own = new Float64Array(4 * most + 2);
  const n = strength.length;
  for (let lag = 0; lag < own.length && lag < n; lag++) {
    let s = 0;
    for (let t = lag; t < n; t++) s += (strength[t] as number) * (strength[t - lag] as number);
    own[lag] = s / (n - lag);
  }
  const mean = (strength.reduce((s, v) => s + v, 0) / n) ** 2;
  const at = (lag: number) => Math.max(0, (own[lag] ?? 0) - mean);
  const near = (lag: number) => Math.max(at(lag - 1), at(lag), at(lag + 1));
  const tapped = 60_000 / RULES.tapped / HOP_MS;
  const worth = (lag: number) => {
    const weight = Math.exp(-0.5 * (Math.log2(lag / tapped) / RULES.spread) ** 2);
    const fours = 0.5 * near(2 * lag) + 0.35 * near(4 * lag);
    const threes = 0.45 * near(3 * lag);
    return weight * (at(lag) + Math.max(fours, threes));
  };
  let best = least;
  for (let lag = least; lag <= most; lag++) if (worth(lag) > worth(best)) best = lag;
  // Between frames, from the peak of the longest multiple that is a clear one.
  let period: number = best;
  for (const times of [1, 2, 4]) {
    const centre = Math.round(period * times);
    let top = centre;
    for (let lag = centre - times; lag <= centre + times; lag++) if (at(lag) > at(top)) top = lag;
    const [a, b, c] = [at(top - 1), at(top), at(top + 1)];
    const bend = a - 2 * b + c;
    if (b > 0 && bend < 0) period = (top + Math.max(-0.5, Math.min(0.5, (0.5 * (a - c)) / bend))) / times;
  }
  const power = Math.max(1e-9, (own[0] ?? 0) - mean);
  return { period, sure: Math.max(0, Math.min(1, near(best) / power)) };
}

/** The frames of the beats. */
function rowOf(strength: Float32Array, period: number): number[] {
  const n = strength.length;
  const score = new Float64Array(n);
  const before = new Int32Array(n).fill(-1);
  const [from, to] = [Math.round(period / 2), Math.round(period * 2)];
  const cost = Float64Array.from(
    { length: to - from + 1 },
    (_, k) => -RULES.tight * Math.log((from + k) / period) ** 2,
  );
  for (let t = 0; t < n; t++) {
    let best = 0;
    let came = -1;
    for (let k = 0; k < cost.length; k++) {
      const p = t - from - k;
      if (p < 0) break;
      const s = (score[p] as number) + (cost[k] as number);
      if (s > best) [best, came] = [s, p];
    }
    score[t] = (strength[t] as number) + best;
    before[t] = came;
  }
  // The last beat: the best in the last period. Beats before the first and after the last onset go on in the period.
  let end = n - 1;
  for (let t = Math.max(0, n - Math.ceil(period)); t < n; t++)
    if ((score[t] as number) > (score[end] as number)) end = t;
  const out: number[] = [];
  for (let t = end; t >= 0; t = before[t] as number) out.push(t);
  return out.reverse();
}

/** Beats on the straight line through those round them: an onset that comes early or late does not move its beat. */
function evenly(row: readonly number[]): number[] {
  return row.map((_, i) => {
    const from = Math.max(0, i - RULES.even);
    const near = row.slice(from, i + RULES.even + 1);
    const m = (near.length - 1) / 2;
    const mean = near.reduce((s, v) => s + v, 0) / near.length;
    let [up, down] = [0, 0];
    near.forEach((v, k) => {
      up += (k - m) * (v - mean);
      down += (k - m) ** 2;
    });
    return mean + (down ? up / down : 0) * (i - from - m);
  });
}

/**
 * Onsets alone do not say whether the beats or the moments between them are the beats, nor where bars begin: bass and drums,
 * and changes of the harmony, do.
 */
function placed(
  samples: Float32Array,
  strength: Float32Array,
  low: Float32Array,
  row: readonly number[],
): { frames: readonly number[]; meter: 3 | 4; first: number } {
  // Beats and the moments between them by turns.
  const halves = row.flatMap((f, i) => {
    const next = row[i + 1];
    return next === undefined ? [f] : [f, Math.round((f + next) / 2)];
  });
  const onset = standard(halves.map((f) => peakNear(strength, f)));
  const bass = standard(halves.map((f) => peakNear(low, f)));
  const harmony = standard(changes(halves.map((f) => chroma(samples, f * HOP))));
  const choices = ([0, 1] as const).flatMap((shift) => {
    const beats = meanOf(onset, shift, 2) + meanOf(bass, shift, 2);
    return ([4, 3] as const).flatMap((meter) =>
      Array.from({ length: meter }, (_, first) => {
        const bars = (of: readonly number[]) => meanOf(of, shift + 2 * first, 2 * meter);
        const worth = bars(bass) + RULES.harmony * bars(harmony);
        // Four is what nearly all music of today has: three has to be clearly better.
        return { shift, meter, first, worth: worth * (meter === 4 ? 1 : 0.72) + RULES.onBeat * beats };
      }),
    );
  });
  const { shift, meter, first } = choices.reduce((best, c) => (c.worth > best.worth ? c : best));
  return { frames: halves.filter((_, i) => i % 2 === shift), meter, first };
}

/** How much the harmony of the next two beats is another than that of the last two, at each half beat. */
const changes = (sounds: readonly Float64Array[]): number[] =>
  sounds.map((_, k) => {
    const sum = (from: number, to: number) => {
      const out = new Float64Array(12);
      for (const s of sounds.slice(Math.max(0, from), to))
        for (let c = 0; c < 12; c++) out[c] = (out[c] as number) + (s[c] as number);
      return out;
    };
    const [a, b] = [sum(k - 4, k), sum(k, k + 4)];
    const both = Math.hypot(...a) * Math.hypot(...b);
    return both > 0 ? 1 - a.reduce((s, v, c) => s + v * (b[c] as number), 0) / both : 0;
  });

const standard = (x: readonly number[]): number[] => {
  const mean = x.reduce((s, v) => s + v, 0) / Math.max(1, x.length);
  const spread = Math.sqrt(x.reduce((s, v) => s + (v - mean) ** 2, 0) / Math.max(1, x.length)) || 1;
  return x.map((v) => (v - mean) / spread);
};

/** Of every `step`-th value from a first one on. */
function meanOf(x: readonly number[], first: number, step: number): number {
  let [sum, n] = [0, 0];
  for (let i = first; i < x.length; i += step) [sum, n] = [sum + (x[i] as number), n + 1];
  return sum / Math.max(1, n);
}

const peakNear = (x: Float32Array, frame: number): number => {
  let top = 0;
  for (let t = frame - 4; t <= frame + 4; t++) top = Math.max(top, x[t] ?? 0);
  return top;
};
