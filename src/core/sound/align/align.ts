import type { Milliseconds } from '../../time.ts';
import { FEATURE_RATE, HOP } from '../mel.ts';
import { type Features, features } from './features.ts';
import { type Voiced, voiced } from './voiced.ts';
import { type Row, warp } from './warp.ts';

/** When something is said. */
export interface Said {
  startMs: Milliseconds;
  endMs: Milliseconds;
}

/** Silence is a vector of its own: this, and zeros. */
export const SILENCE = -2.5;
/** Pauses up to so many frames, and where in a frame its middle is. */
const ALIGN = { longestPause: 8, halfWindowMs: 12.5 } as const;
export const HOP_MS = (HOP * 1000) / FEATURE_RATE;

/** How onsets are met: frames after the onset by which it is anchored, how far it may be away, when a word counts as after a pause. */
const ONSET = {
  lead: 5,
  near: 40,
  late: 15,
  pauseMs: 60,
  silentBefore: 12,
  lookBack: 25,
  wander: 8,
  share: 0.2,
  underDb: 45,
  mostMs: 60,
} as const;

/**
 * Finds the words of a text in a recording of it, by warping the recording onto a reference of the same text whose times
 * are known (a synthetic voice): silences are cut to one length in both, and words after a pause are put on the voice's own
 * onset. Both mono at 16 kHz. Pure.
 */
export function align<W extends Said>(
  reference: Float32Array,
  words: readonly W[],
  recording: Float32Array,
): W[] {
  const a = heard(features(reference));
  const b = heard(features(recording));
  const path = expanded(a, b);
  const starts = wordStarts(a, b, path, words);
  const frame = (ms: number) => frameOf(ms, a.frames);
  const endOf = (w: W) => (path.last[frame(w.endMs)] as number) * HOP_MS + ALIGN.halfWindowMs;
  const out = words.map((w, i): W => {
    const startMs = starts[i] as number;
    const next = starts[i + 1] ?? Number.POSITIVE_INFINITY;
    return {
      ...w,
      startMs: Math.round(startMs),
      endMs: Math.round(Math.min(next, Math.max(startMs + HOP_MS, endOf(w)))),
    };
  });
  return out;
}

/** Features in which silence is one and the same, and which frames are compared. */
export interface Heard extends Features {
  voiced: Voiced;
  /** Frames that are compared: long silences are cut. */
  kept: Int32Array;
}

export function heard(f: Features): Heard {
  const v = voiced(f);
  const vectors = f.vectors.slice();
  for (let t = 0; t < f.frames; t++) {
    if (v.speaks[t]) continue;
    vectors.fill(0, t * f.size, (t + 1) * f.size);
    vectors[t * f.size] = SILENCE;
  }
  return { ...f, vectors, voiced: v, kept: withoutLongPauses(v.speaks) };
}

function withoutLongPauses(speaks: Uint8Array): Int32Array {
  const out: number[] = [];
  const half = ALIGN.longestPause >> 1;
  for (let t = 0; t < speaks.length; ) {
    if (speaks[t]) {
      out.push(t++);
      continue;
    }
    let end = t;
    while (end < speaks.length && !speaks[end]) end++;
    for (let k = t; k < end; k++)
      if (end - t <= ALIGN.longestPause || k < t + half || k >= end - half) out.push(k);
    t = end;
  }
  return Int32Array.from(out);
}

/** The frames that are compared. */
export const picked = (f: Heard): Row => {
  const vectors = new Float32Array(f.kept.length * f.size);
  f.kept.forEach((t, i) => {
    vectors.set(f.vectors.subarray(t * f.size, (t + 1) * f.size), i * f.size);
  });
  return { frames: f.kept.length, size: f.size, vectors };
};

/** The path between all frames of both. */
function expanded(a: Heard, b: Heard) {
  const short = warp(picked(a), picked(b));
  const first = new Int32Array(a.frames);
  const last = new Int32Array(a.frames);
  for (let t = 0, k = 0; t < a.frames; t++) {
    while ((a.kept[k + 1] ?? Number.POSITIVE_INFINITY) <= t) k++;
    first[t] = b.kept[short.first[k] as number] as number;
    last[t] = b.kept[short.last[k] as number] as number;
  }
  return { first, last };
}

const frameOf = (ms: number, frames: number): number =>
  Math.max(0, Math.min(frames - 1, Math.round((ms - ALIGN.halfWindowMs) / HOP_MS)));

/** Where the sound of an onset really begins: back from its first voiced frame as long as the bands rise over the noise. */
function beginning({ bands, voiced: { speaks } }: Heard): (onset: number) => number {
  const quiet: number[] = [];
  const spoken: number[] = [];
  for (let t = 0; t < bands.length; t++) (speaks[t] ? spoken : quiet).push(bands[t] as number);
  quiet.sort((x, y) => x - y);
  spoken.sort((x, y) => x - y);
  const noise = quiet[quiet.length >> 1] ?? spoken[0] ?? 0;
  const loud = spoken[Math.floor(spoken.length * 0.8)] ?? noise;
  const threshold = Math.max(noise + ONSET.share * (loud - noise), loud - ONSET.underDb);
  return (onset) => {
    let t = onset;
    while (t > 0 && onset - t < ONSET.wander && (bands[t - 1] as number) > threshold) t--;
    return t;
  };
}

function wordStarts(
  a: Heard,
  b: Heard,
  path: { first: Int32Array; last: Int32Array },
  words: readonly Said[],
): number[] {
  const beginsA = beginning(a);
  const beginsB = beginning(b);
  const out: number[] = [];
  words.forEach((word, q) => {
    const i = frameOf(word.startMs, a.frames);
    let silent = 0;
    for (let t = i; t >= Math.max(0, i - ONSET.lookBack); t--) if (!a.voiced.speaks[t]) silent++;
    const gap = q > 0 ? word.startMs - (words[q - 1] as Said).endMs : Number.POSITIVE_INFINITY;
    const plain = 0.5 * ((path.first[i] as number) + (path.last[i] as number)) * HOP_MS + ALIGN.halfWindowMs;
    const start = gap > ONSET.pauseMs || silent > ONSET.silentBefore ? onset(word.startMs, i) : plain;
    out.push(Math.max(start, out.at(-1) ?? 0));
  });
  return out;

  function onset(startMs: number, i: number): number {
    const near = nearest(a.voiced.onsets, (o) => Math.abs(o - i), ONSET.late);
    const onA = near ?? i;
    const anchor = Math.min(a.frames - 1, Math.max(onA, i) + ONSET.lead);
    let at = path.first[anchor] as number;
    if (!b.voiced.speaks[at]) {
      const next = b.voiced.onsets.find((o) => o >= at);
      if (next !== undefined && next - at < 300) at = next + (anchor - onA);
    }
    const expected = at - (anchor - onA);
    const onB = nearest(
      b.voiced.onsets,
      (o) => Math.abs(expected - o) + (o > at + 2 ? ONSET.late : 0),
      ONSET.near,
    );
    if (onB === null) return expected * HOP_MS + ALIGN.halfWindowMs;
    const into = startMs - (beginsA(onA) * HOP_MS + ALIGN.halfWindowMs);
    return beginsB(onB) * HOP_MS + ALIGN.halfWindowMs + Math.max(-ONSET.mostMs, Math.min(ONSET.mostMs, into));
  }
}

/** The one that is nearest by a measure, within a bound; null for none. */
function nearest(of: readonly number[], far: (o: number) => number, within: number): number | null {
  let best: number | null = null;
  let least: number = within;
  for (const o of of) {
    const d = far(o);
    if (d < least) [best, least] = [o, d];
  }
  return best;
}

/** Mono sound at a third of its rate, from 48 to 16 kHz: means of a short window against folding (a Hann-windowed sinc). */
export function thirdRate(samples: Float32Array): Float32Array {
  const out = new Float32Array(Math.floor(samples.length / 3));
  for (let i = 0; i < out.length; i++) {
    let s = 0;
    for (let k = -TAPS; k <= TAPS; k++) s += (samples[3 * i + k] ?? 0) * (LOW_PASS[k + TAPS] as number);
    out[i] = s;
  }
  return out;
}

const TAPS = 12;
const LOW_PASS = (() => {
  const raw = Float64Array.from({ length: 2 * TAPS + 1 }, (_, i) => {
    const x = ((i - TAPS) * Math.PI) / 3;
    const sinc = x === 0 ? 1 : Math.sin(x) / x;
    return sinc * (0.5 + 0.5 * Math.cos((Math.PI * (i - TAPS)) / (TAPS + 1)));
  });
  const sum = raw.reduce((n, v) => n + v, 0);
  return raw.map((v) => v / sum);
})();
