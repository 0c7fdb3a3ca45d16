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

/** How far a frame of one row is from one of another. */
export function distance(a: Row, i: number, b: Row, j: number): number {
  let s = 0;
  for (let k = 0, p = i * a.size, q = j * a.size; k < a.size; k++, p++, q++) {
    const d = (a.vectors[p] as number) - (b.vectors[q] as number);
    s += d * d;
  }
  return Math.sqrt(s);
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
  for (let i = 0; i < n; i++) {
    const [low, high] = [lowOf(i), highOf(i)];
    const now = new Float64Array(high - low);
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
      now[j - low] = best + distance(a, i, b, j);
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
