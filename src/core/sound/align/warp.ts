import type { Features } from './features.ts';

/** Vectors of one size in a row. */
export type Row = Pick<Features, 'frames' | 'size' | 'vectors'>;

/** For each frame of the first row the frames of the second that are matched to it. */
export interface Path {
  first: Int32Array;
  last: Int32Array;
}

/** Frames that are taken together on the coarse way, and how far from it the fine one may go, in frames. */
export const COARSE = { frames: 8, radius: 60 } as const;

/** From where a cell was reached: a step in both rows, in the first, or in the second alone. */
const BOTH = 0;
const FIRST = 1;
const SECOND = 2;

/**
 * Dynamic time warping (Sakoe and Chiba, 1978), coarse over all of both rows, then fine near the coarse path. Coarse cells
 * are frames x frames / 64: ten minutes against ten minutes are 56 million.
 */
export function warp(a: Row, b: Row): Path {
  const coarse = path(pooled(a), pooled(b), null);
  const from = new Int32Array(a.frames);
  const to = new Int32Array(a.frames);
  for (let i = 0; i < a.frames; i++) {
    const c = Math.min(coarse.first.length - 1, Math.floor(i / COARSE.frames));
    from[i] = Math.max(0, (coarse.first[c] as number) * COARSE.frames - COARSE.radius);
    to[i] = Math.min(b.frames, ((coarse.last[c] as number) + 1) * COARSE.frames + COARSE.radius);
  }
  from[0] = 0;
  to[a.frames - 1] = b.frames;
  for (let i = 1; i < a.frames; i++) to[i] = Math.max(to[i] as number, to[i - 1] as number);
  for (let i = a.frames - 2; i >= 0; i--) from[i] = Math.min(from[i] as number, from[i + 1] as number);
  return path(a, b, { from, to });
}

/** Frames taken together by COARSE.frames. */
export function pooled({ frames, size, vectors }: Row): Row {
  const n = Math.ceil(frames / COARSE.frames);
  const out = new Float32Array(n * size);
  for (let t = 0; t < n; t++) {
    const start = t * COARSE.frames;
    const end = Math.min(frames, start + COARSE.frames);
    for (let c = 0; c < size; c++) {
      let s = 0;
      for (let u = start; u < end; u++) s += vectors[u * size + c] as number;
      out[t * size + c] = s / (end - start);
    }
  }
  return { frames: n, size, vectors: out };
}

/** How far a frame of one row is from frames low to high (without it) of another, into `out` from its beginning. */
export function distances(a: Row, i: number, b: Row, low: number, high: number, out: Float64Array): void {
  const { size, vectors } = b;
  const of = Float64Array.from(a.vectors.subarray(i * size, (i + 1) * size));
  const fours = size & ~3;
  // Four at a time in two sums: this is where most of the time of a warping goes.
  for (let j = low, q = low * size; j < high; j++) {
    let s = 0;
    let u = 0;
    let k = 0;
    for (; k < fours; k += 4, q += 4) {
      const d0 = (of[k] as number) - (vectors[q] as number);
      const d1 = (of[k + 1] as number) - (vectors[q + 1] as number);
      const d2 = (of[k + 2] as number) - (vectors[q + 2] as number);
      const d3 = (of[k + 3] as number) - (vectors[q + 3] as number);
      s += d0 * d0 + d2 * d2;
      u += d1 * d1 + d3 * d3;
    }
    for (; k < size; k++, q++) s += ((of[k] as number) - (vectors[q] as number)) ** 2;
    out[j - low] = Math.sqrt(s + u);
  }
}

/** The cheapest way from both beginnings to both ends, within [from, to) of each frame of a. */
function path(a: Row, b: Row, band: { from: Int32Array; to: Int32Array } | null): Path {
  const n = a.frames;
  const lowOf = (i: number) => (band ? (band.from[i] as number) : 0);
  const highOf = (i: number) => (band ? (band.to[i] as number) : b.frames);
  const starts = new Float64Array(n + 1);
  for (let i = 0; i < n; i++) starts[i + 1] = (starts[i] as number) + highOf(i) - lowOf(i);
  const came = new Uint8Array(starts[n] as number);
  let before = new Float64Array(0);
  let [beforeLow, beforeHigh] = [0, 0];
  const far = new Float64Array(b.frames);
  for (let i = 0; i < n; i++) {
    const [low, high] = [lowOf(i), highOf(i)];
    const now = new Float64Array(high - low);
    distances(a, i, b, low, high, far);
    for (let j = low; j < high; j++) {
      let best = Number.POSITIVE_INFINITY;
      let way: number = BOTH;
      if (i === 0 && j === 0) best = 0;
      else {
        if (i > 0 && j > beforeLow && j <= beforeHigh) best = before[j - 1 - beforeLow] as number;
        const straight = i > 0 && j >= beforeLow && j < beforeHigh ? (before[j - beforeLow] as number) : best;
        if (straight < best) [best, way] = [straight, FIRST];
        if (j > low && (now[j - 1 - low] as number) < best)
          [best, way] = [now[j - 1 - low] as number, SECOND];
      }
      now[j - low] = best + (far[j - low] as number);
      came[(starts[i] as number) + j - low] = way;
    }
    before = now;
    [beforeLow, beforeHigh] = [low, high];
  }
  const first = new Int32Array(n);
  const last = new Int32Array(n).fill(-1);
  for (let i = n - 1, j = Math.min(b.frames, highOf(n - 1)) - 1; i >= 0 && j >= 0; ) {
    if (last[i] === -1) last[i] = j;
    first[i] = j;
    const way = came[(starts[i] as number) + j - lowOf(i)];
    if (i === 0 && j === 0) break;
    if (way !== SECOND) i--;
    if (way !== FIRST) j--;
  }
  return { first, last };
}
