/** Pixels of a small picture: RGB, 3 bytes each, row by row. */
import type { Box } from '../look/formats.ts';
export interface Pixels {
  data: Uint8Array;
  width: number;
  height: number;
}

/** Size at which pictures are looked at: the long side, pixels. */
export const ANALYSIS_SIZE = 128;

/**
 * Difference hash (Krawetz, 2013): whether brightness rises from one of 9 x 8 cells to the next; 64 bits as 16 hex
 * digits. Copies, other sizes and slightly moved shots differ in few bits.
 */
export function differenceHash(p: Pixels): string {
  const cell = (cx: number, cy: number): number => {
    const x0 = Math.floor((cx * p.width) / 9);
    const x1 = Math.max(x0 + 1, Math.floor(((cx + 1) * p.width) / 9));
    const y0 = Math.floor((cy * p.height) / 8);
    const y1 = Math.max(y0 + 1, Math.floor(((cy + 1) * p.height) / 8));
    let sum = 0;
    for (let y = y0; y < y1; y++) for (let x = x0; x < x1; x++) sum += luma(p, y * p.width + x);
    return sum / ((x1 - x0) * (y1 - y0));
  };
  let hex = '';
  for (let y = 0; y < 8; y++) {
    const row = Array.from({ length: 9 }, (_, x) => cell(x, y));
    for (let k = 0; k < 8; k += 4) {
      let nibble = 0;
      for (let b = 0; b < 4; b++) nibble = nibble * 2 + ((row[k + b + 1] ?? 0) > (row[k + b] ?? 0) ? 1 : 0);
      hex += nibble.toString(16);
    }
  }
  return hex;
}

const luma = (p: Pixels, i: number): number =>
  0.299 * (p.data[i * 3] ?? 0) + 0.587 * (p.data[i * 3 + 1] ?? 0) + 0.114 * (p.data[i * 3 + 2] ?? 0);

/** Variance of the Laplacian: how sharp the sharpest parts are (Pech-Pacheco et al., 2000). Taken of a picture of about 640 pixels. */
export function sharpness(grey: { data: Uint8Array; width: number; height: number }): number {
  const { data, width, height } = grey;
  if (width < 3 || height < 3) return 0;
  let sum = 0;
  let squares = 0;
  for (let y = 1; y < height - 1; y++)
    for (let x = 1; x < width - 1; x++) {
      const i = y * width + x;
      const l =
        4 * (data[i] ?? 0) -
        (data[i - 1] ?? 0) -
        (data[i + 1] ?? 0) -
        (data[i - width] ?? 0) -
        (data[i + width] ?? 0);
      sum += l;
      squares += l * l;
    }
  const n = (width - 2) * (height - 2);
  return Math.round((squares / n - (sum / n) ** 2) * 10) / 10;
}

/** How the subject is looked for. */
const SUBJECT = {
  /** Weight of colour against the whole, of edges, of skin. */
  colour: 1,
  edges: 0.7,
  skin: 0.9,
  /** Weight of a face, whose box is widened by so much for hair and chin. */
  face: 2.2,
  head: 0.3,
  /** A face this large against the largest belongs to the subject. */
  alsoFace: 0.55,
  /** Standard deviation of the prior for the middle, in shares of the picture. */
  middle: 0.34,
  /** The box holds so much of what stands out. */
  mass: 0.78,
  least: 0.16,
} as const;

/**
 * Where the subject is: what differs from the whole in colour (frequency-tuned saliency, Achanta et al., 2009), has edges
 * or the colour of skin, and stands near the middle; faces count most, wherever they are. The box is the shortest range across and down that holds most
 * of it, and all larger faces. faces: boxes in fractions, largest first.
 */
export function findSubject(p: Pixels, faces: readonly Box[] = []): Box {
  const { width: w, height: h } = p;
  const n = w * h;
  if (n === 0) return [0.25, 0.25, 0.5, 0.5];
  const lab = toLab(p);
  const mean = [0, 1, 2].map((c) => {
    let s = 0;
    for (let i = 0; i < n; i++) s += lab[i * 3 + c] ?? 0;
    return s / n;
  });
  const smooth = blur3(lab, w, h);
  const map = new Float64Array(n);
  const heads = faces.map(widened);
  const inHead = (x: number, y: number) =>
    heads.some(([hx, hy, hw, hh]) => x >= hx && x < hx + hw && y >= hy && y < hy + hh);
  let top = 1e-9;
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++) {
      const i = y * w + x;
      const d = Math.hypot(
        (smooth[i * 3] ?? 0) - (mean[0] ?? 0),
        (smooth[i * 3 + 1] ?? 0) - (mean[1] ?? 0),
        (smooth[i * 3 + 2] ?? 0) - (mean[2] ?? 0),
      );
      const ex = (lab[(i + (x + 1 < w ? 1 : 0)) * 3] ?? 0) - (lab[(i - (x > 0 ? 1 : 0)) * 3] ?? 0);
      const ey = (lab[(i + (y + 1 < h ? w : 0)) * 3] ?? 0) - (lab[(i - (y > 0 ? w : 0)) * 3] ?? 0);
      const skin = isSkin(p.data[i * 3] ?? 0, p.data[i * 3 + 1] ?? 0, p.data[i * 3 + 2] ?? 0) ? 1 : 0;
      const mx = ((x + 0.5) / w - 0.5) / SUBJECT.middle;
      const my = ((y + 0.5) / h - 0.5) / SUBJECT.middle;
      const v =
        (SUBJECT.colour * (d / 60) +
          SUBJECT.edges * Math.min(1, Math.hypot(ex, ey) / 40) +
          SUBJECT.skin * skin) *
          Math.exp(-(mx * mx + my * my) / 2) +
        (heads.length && inHead((x + 0.5) / w, (y + 0.5) / h) ? SUBJECT.face : 0);
      map[i] = v;
      top = Math.max(top, v);
    }
  const across = new Float64Array(w);
  const down = new Float64Array(h);
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++) {
      const v = Math.max(0, (map[y * w + x] ?? 0) / top - 0.25) ** 1.5;
      across[x] = (across[x] ?? 0) + v;
      down[y] = (down[y] ?? 0) + v;
    }
  const [x0, x1] = shortestRange(across);
  const [y0, y1] = shortestRange(down);
  const largest = faces[0]?.[2] ?? 0;
  const whole = heads.filter((_, i) => (faces[i]?.[2] ?? 0) >= SUBJECT.alsoFace * largest);
  const left = Math.min(x0 / w, ...whole.map((b) => b[0]));
  const above = Math.min(y0 / h, ...whole.map((b) => b[1]));
  const right = Math.max(x1 / w, ...whole.map((b) => b[0] + b[2]));
  const below = Math.max(y1 / h, ...whole.map((b) => b[1] + b[3]));
  return [round(left), round(above), round(right - left), round(below - above)];
}

/** A face with hair and chin, inside the picture. */
function widened([x, y, w, h]: Box): Box {
  const [dx, dy] = [w * SUBJECT.head, h * SUBJECT.head];
  const left = Math.max(0, x - dx);
  const above = Math.max(0, y - dy);
  return [left, above, Math.min(1, x + w + dx) - left, Math.min(1, y + h + dy) - above];
}

const round = (v: number): number => Math.round(v * 1000) / 1000;

/** The shortest [from, to) that holds SUBJECT.mass of the sum, and is not shorter than SUBJECT.least. */
function shortestRange(values: Float64Array): [number, number] {
  const n = values.length;
  const total = values.reduce((a, b) => a + b, 0);
  if (total <= 0) return [Math.floor(n * 0.25), Math.ceil(n * 0.75)];
  const least = Math.max(1, Math.round(n * SUBJECT.least));
  let best: [number, number] = [0, n];
  let sum = 0;
  let from = 0;
  for (let to = 1; to <= n; to++) {
    sum += values[to - 1] ?? 0;
    while (sum - (values[from] ?? 0) >= SUBJECT.mass * total && to - from > least) sum -= values[from++] ?? 0;
    if (sum >= SUBJECT.mass * total && to - from < best[1] - best[0]) best = [from, to];
  }
  return best;
}

/** sRGB to CIE L*a*b* (D65). */
function toLab(p: Pixels): Float32Array {
  const out = new Float32Array(p.width * p.height * 3);
  const linear = (v: number) => (v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4);
  const f = (t: number) => (t > 0.008856 ? Math.cbrt(t) : 7.787 * t + 16 / 116);
  for (let i = 0; i < p.width * p.height; i++) {
    const r = linear((p.data[i * 3] ?? 0) / 255);
    const g = linear((p.data[i * 3 + 1] ?? 0) / 255);
    const b = linear((p.data[i * 3 + 2] ?? 0) / 255);
    const x = f((0.4124 * r + 0.3576 * g + 0.1805 * b) / 0.9505);
    const y = f(0.2126 * r + 0.7152 * g + 0.0722 * b);
    const z = f((0.0193 * r + 0.1192 * g + 0.9505 * b) / 1.089);
    out[i * 3] = 116 * y - 16;
    out[i * 3 + 1] = 500 * (x - y);
    out[i * 3 + 2] = 200 * (y - z);
  }
  return out;
}

/** Box blur of 5 x 5, three channels. */
function blur3(v: Float32Array, w: number, h: number): Float32Array {
  const out = new Float32Array(v.length);
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++)
      for (let c = 0; c < 3; c++) {
        let s = 0;
        let k = 0;
        for (let dy = -2; dy <= 2; dy++)
          for (let dx = -2; dx <= 2; dx++) {
            const [xx, yy] = [x + dx, y + dy];
            if (xx < 0 || yy < 0 || xx >= w || yy >= h) continue;
            s += v[(yy * w + xx) * 3 + c] ?? 0;
            k++;
          }
        out[(y * w + x) * 3 + c] = s / k;
      }
  return out;
}

/** Colour of skin of any tone in even light (after Kovac et al., 2003, widened). */
function isSkin(r: number, g: number, b: number): boolean {
  const max = Math.max(r, g, b);
  const min = Math.min(r, g, b);
  return (
    r > 60 &&
    g > 30 &&
    b > 15 &&
    max - min > 15 &&
    r > g &&
    g >= b * 0.85 &&
    r - g > 8 &&
    r - g < 110 &&
    r / (g + 1) < 2
  );
}

/** Up to three colours that make up the picture, "#rrggbb", by share (counted in 4 x 4 x 4 cells). */
export function mainColours(p: Pixels): string[] {
  const cells = new Map<number, { n: number; r: number; g: number; b: number }>();
  for (let i = 0; i < p.width * p.height; i++) {
    const [r, g, b] = [p.data[i * 3] ?? 0, p.data[i * 3 + 1] ?? 0, p.data[i * 3 + 2] ?? 0];
    const key = (r >> 6) * 16 + (g >> 6) * 4 + (b >> 6);
    const c = cells.get(key) ?? { n: 0, r: 0, g: 0, b: 0 };
    c.n++;
    c.r += r;
    c.g += g;
    c.b += b;
    cells.set(key, c);
  }
  const hex = (v: number) => Math.round(v).toString(16).padStart(2, '0');
  return [...cells.values()]
    .sort((a, b) => b.n - a.n)
    .slice(0, 3)
    .map((c) => `#${hex(c.r / c.n)}${hex(c.g / c.n)}${hex(c.b / c.n)}`);
}
