import type { Row } from './warp.ts';

/** How strongly the mapping holds to the identity where little is heard: frames. */
const RIDGE = 12;
/** A number of a vector never counts more than this against the others: residuals below it are taken as it. */
const LEAST_SPREAD = 0.12;

/** Two rows in which the first sounds as the second one does. */
export interface Adapted {
  a: Row;
  b: Row;
}

/**
 * Brings a reference voice nearer to the one of a recording: the linear mapping by which frames that were matched to each
 * other differ least (ridge regression towards the identity; as Leggetter and Woodland adapt a recogniser's means, 1995), and
 * each number of the vectors weighed by how well it then agrees. What is said can then be told better from what is not.
 * pairs: for each frame of a that of b, -1 for none.
 */
export function adapted(a: Row, b: Row, pairs: Int32Array): Adapted {
  const n = a.size;
  const wide = n + 1;
  const left = new Float64Array(wide * wide);
  const right = new Float64Array(wide * n);
  const x = new Float64Array(wide);
  x[n] = 1;
  const take = (i: number) => {
    for (let k = 0; k < n; k++) x[k] = a.vectors[i * n + k] as number;
  };
  pairs.forEach((j, i) => {
    if (j < 0) return;
    take(i);
    for (let p = 0; p < wide; p++) {
      for (let q = 0; q < wide; q++)
        left[p * wide + q] = (left[p * wide + q] as number) + (x[p] as number) * (x[q] as number);
      for (let k = 0; k < n; k++)
        right[p * n + k] = (right[p * n + k] as number) + (x[p] as number) * (b.vectors[j * n + k] as number);
    }
  });
  for (let p = 0; p < n; p++) {
    left[p * wide + p] = (left[p * wide + p] as number) + RIDGE;
    right[p * n + p] = (right[p * n + p] as number) + RIDGE;
  }
  left[n * wide + n] = (left[n * wide + n] as number) + RIDGE;
  const map = solved(left, right, wide, n);
  const moved = new Float32Array(a.frames * n);
  for (let i = 0; i < a.frames; i++) {
    take(i);
    for (let k = 0; k < n; k++) {
      let s = 0;
      for (let p = 0; p < wide; p++) s += (x[p] as number) * (map[p * n + k] as number);
      moved[i * n + k] = s;
    }
  }
  const weights = weightsOf(moved, b, pairs);
  const weighed = (vectors: Float32Array) => vectors.map((v, q) => v * (weights[q % n] as number));
  return {
    a: { ...a, vectors: weighed(moved) },
    b: { ...b, vectors: weighed(b.vectors) },
  };
}

/** One over the spread of what is left between matched frames, for each number of the vectors. */
function weightsOf(moved: Float32Array, b: Row, pairs: Int32Array): Float64Array {
  const n = b.size;
  const sums = new Float64Array(n);
  let count = 0;
  pairs.forEach((j, i) => {
    if (j < 0) return;
    count++;
    for (let k = 0; k < n; k++)
      sums[k] = (sums[k] as number) + ((moved[i * n + k] as number) - (b.vectors[j * n + k] as number)) ** 2;
  });
  return sums.map((s) => 1 / Math.max(LEAST_SPREAD, Math.sqrt(s / Math.max(1, count))));
}

/** Solves left * map = right by elimination with pivots; left is size x size, right size x columns. Both are overwritten. */
function solved(left: Float64Array, right: Float64Array, size: number, columns: number): Float64Array {
  const l = (p: number, q: number) => left[p * size + q] as number;
  for (let c = 0; c < size; c++) {
    let pivot = c;
    for (let r = c + 1; r < size; r++) if (Math.abs(l(r, c)) > Math.abs(l(pivot, c))) pivot = r;
    swap(left, c, pivot, size);
    swap(right, c, pivot, columns);
    for (let r = 0; r < size; r++) {
      if (r === c) continue;
      const f = l(r, c) / l(c, c);
      for (let q = c; q < size; q++) left[r * size + q] = l(r, q) - f * l(c, q);
      for (let k = 0; k < columns; k++)
        right[r * columns + k] = (right[r * columns + k] as number) - f * (right[c * columns + k] as number);
    }
  }
  for (let r = 0; r < size; r++)
    for (let k = 0; k < columns; k++) right[r * columns + k] = (right[r * columns + k] as number) / l(r, r);
  return right;
}

function swap(m: Float64Array, a: number, b: number, width: number): void {
  if (a === b) return;
  const row = m.slice(a * width, (a + 1) * width);
  m.copyWithin(a * width, b * width, (b + 1) * width);
  m.set(row, b * width);
}
