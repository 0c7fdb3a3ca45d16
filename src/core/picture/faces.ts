/** Brightness of a picture, a byte each, row by row. */
import type { Box } from '../look/formats.ts';
export interface Grey {
  data: Uint8Array;
  width: number;
  height: number;
}

/** One weak classifier: rectangles x, y, width, height, weight in the window, and the votes on either side of a threshold. */
interface Feature {
  rects: number[];
  threshold: number;
  left: number;
  right: number;
}

/** A trained cascade: a window passes when the votes of every stage reach the stage's threshold. */
export interface Cascade {
  width: number;
  height: number;
  stages: { threshold: number; features: Feature[] }[];
}

/**
 * Reads a cascade from a row of numbers: width, height, then for each stage its threshold and number of features, for each
 * feature whether it is tilted, its rectangles, threshold and two votes. Throws when it is none, or has tilted features.
 */
export function readCascade(data: readonly number[]): Cascade {
  let at = 0;
  const next = (): number => {
    const v = data[at++];
    if (v === undefined) throw new Error('The face cascade ends too early.');
    return v;
  };
  const [width, height] = [next(), next()];
  const stages: Cascade['stages'] = [];
  while (at < data.length) {
    const threshold = next();
    const features = Array.from({ length: next() }, (): Feature => {
      if (next() !== 0) throw new Error('The face cascade has tilted features.');
      const rects = Array.from({ length: next() * 5 }, next);
      return { rects, threshold: next(), left: next(), right: next() };
    });
    stages.push({ threshold, features });
  }
  return { width, height, stages };
}

const FACES = {
  /** Each size of window to the next, and steps of a window in shares of its width. */
  growth: 1.15,
  step: 0.06,
  /** Windows that must agree, and how much two must overlap to be of one face. */
  agree: 4,
  overlap: 0.35,
  /** The smallest window, times that of the cascade, and the largest, share of the shorter side. */
  least: 1.3,
  most: 0.95,
} as const;

/**
 * Faces seen from the front, largest first, in fractions of the picture: a cascade of simple features on summed areas
 * (Viola and Jones, 2001), windows that agree taken together. The picture should have a long side of about 360 pixels.
 */
export function findFaces(grey: Grey, cascade: Cascade): Box[] {
  const { width: w, height: h } = grey;
  const { sum, squares } = summed(grey);
  const row = w + 1;
  const area = (of: Float64Array, x: number, y: number, aw: number, ah: number): number =>
    (of[y * row + x] as number) -
    (of[y * row + x + aw] as number) -
    (of[(y + ah) * row + x] as number) +
    (of[(y + ah) * row + x + aw] as number);

  /** The features at one size, their rectangles as offsets of four corners in the summed areas. */
  const sized = (scale: number) =>
    cascade.stages.map(({ threshold, features }) => ({
      threshold,
      features: features.map(({ rects, threshold: limit, left, right }) => {
        const corners = new Int32Array((rects.length / 5) * 4);
        const weights = new Float64Array(rects.length / 5);
        for (let k = 0; k < weights.length; k++) {
          const [x = 0, y = 0, rw = 0, rh = 0] = rects
            .slice(k * 5, k * 5 + 4)
            .map((v) => Math.round(v * scale));
          corners.set([y * row + x, y * row + x + rw, (y + rh) * row + x, (y + rh) * row + x + rw], k * 4);
          weights[k] = rects[k * 5 + 4] as number;
        }
        return { corners, weights, limit, left, right };
      }),
    }));

  const passes = (x: number, y: number, size: number, stages: ReturnType<typeof sized>): boolean => {
    const share = 1 / (size * size);
    const mean = area(sum, x, y, size, size) * share;
    const variance = area(squares, x, y, size, size) * share - mean * mean;
    // Flat windows hold no face, and would make noise of rounding.
    if (variance < 60) return false;
    const deviation = Math.sqrt(variance);
    const base = y * row + x;
    for (const { threshold, features } of stages) {
      let votes = 0;
      for (const { corners, weights, limit, left, right } of features) {
        let value = 0;
        for (let k = 0; k < weights.length; k++)
          value +=
            ((sum[base + (corners[k * 4] as number)] as number) -
              (sum[base + (corners[k * 4 + 1] as number)] as number) -
              (sum[base + (corners[k * 4 + 2] as number)] as number) +
              (sum[base + (corners[k * 4 + 3] as number)] as number)) *
            (weights[k] as number);
        votes += value * share < limit * deviation ? left : right;
      }
      if (votes < threshold) return false;
    }
    return true;
  };

  const found: number[][] = [];
  for (
    let scale: number = FACES.least;
    cascade.width * scale <= Math.min(w, h) * FACES.most;
    scale *= FACES.growth
  ) {
    const size = Math.floor(cascade.width * scale);
    const step = Math.max(1, Math.round(size * FACES.step));
    const stages = sized(scale);
    // One pixel is kept free: rounded rectangles may reach it.
    for (let y = 0; y + size + 1 < h; y += step)
      for (let x = 0; x + size + 1 < w; x += step) if (passes(x, y, size, stages)) found.push([x, y, size]);
  }
  return together(found).map(([x = 0, y = 0, size = 0]) => [x / w, y / h, size / w, size / h]);
}

/** Sums of brightness and of its square over all that is above and left; one row and column more than the picture. */
function summed({ data, width, height }: Grey): { sum: Float64Array; squares: Float64Array } {
  const row = width + 1;
  const sum = new Float64Array(row * (height + 1));
  const squares = new Float64Array(row * (height + 1));
  for (let y = 0; y < height; y++) {
    let [s, q] = [0, 0];
    for (let x = 0; x < width; x++) {
      const v = data[y * width + x] ?? 0;
      s += v;
      q += v * v;
      const at = (y + 1) * row + x + 1;
      sum[at] = (sum[at - row] as number) + s;
      squares[at] = (squares[at - row] as number) + q;
    }
  }
  return { sum, squares };
}

/** Means of windows that overlap, where enough of them do, largest first. */
function together(windows: readonly number[][]): number[][] {
  const groups: { n: number; x: number; y: number; size: number }[] = [];
  for (const [x = 0, y = 0, size = 0] of windows) {
    const near = groups.find(
      (g) => overlap([g.x / g.n, g.y / g.n, g.size / g.n], [x, y, size]) >= FACES.overlap,
    );
    if (near) {
      near.n++;
      near.x += x;
      near.y += y;
      near.size += size;
    } else groups.push({ n: 1, x, y, size });
  }
  const faces = groups
    .filter((g) => g.n >= FACES.agree)
    .map((g) => [g.x / g.n, g.y / g.n, g.size / g.n])
    .sort((a, b) => (b[2] as number) - (a[2] as number));
  // A face inside a larger one is a part of it.
  return faces.filter((f, i) => !faces.slice(0, i).some((larger) => overlap(larger, f) > 0.15));
}

/** Shared area of two squares against that of both. */
function overlap(
  [ax = 0, ay = 0, a = 0]: readonly number[],
  [bx = 0, by = 0, b = 0]: readonly number[],
): number {
  const w = Math.min(ax + a, bx + b) - Math.max(ax, bx);
  const h = Math.min(ay + a, by + b) - Math.max(ay, by);
  const both = w > 0 && h > 0 ? w * h : 0;
  return both / (a * a + b * b - both);
}
