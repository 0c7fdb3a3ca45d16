import type { Box } from '../look/formats.ts';

/**
 * How light and how busy a picture is, place by place, and where its heads are: what words that stand on it have to know. One
 * string of hex digits, row by row, three for a cell: darkest and lightest luminance and how much is going on.
 */
export interface Relief {
  cells: string;
  /** Fractions of the picture. */
  heads: readonly Box[];
}

/** Cells along the long side and along the short one. */
const CELLS = { long: 12, short: 8 } as const;
/** Luminance is kept as its root, which is how it is seen, in steps from 0 to 15. */
const ROOT = 2.2;
const STEPS = 15;
/** Shares of a cell's pixels that are darker or lighter than what is taken for its darkest and lightest. */
const TAIL = 0.03;
/** A mean step of luminance from pixel to pixel that counts as all busy. */
const BUSY = 0.1;

export interface RgbPixels {
  /** Three bytes a pixel. */
  data: ArrayLike<number>;
  width: number;
  height: number;
}

const gridOf = (wide: boolean): { columns: number; rows: number } =>
  wide ? { columns: CELLS.long, rows: CELLS.short } : { columns: CELLS.short, rows: CELLS.long };

/** Relative luminance of a colour, 0 to 1 (WCAG 2.2), of channels from 0 to 255. */
export function luminance(r: number, g: number, b: number): number {
  const linear = (v: number) => {
    const c = v / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  };
  return 0.2126 * linear(r) + 0.7152 * linear(g) + 0.0722 * linear(b);
}

/** Measures a small copy of a picture; a few hundred pixels on a side are enough. */
export function measureRelief({ data, width, height }: RgbPixels): string {
  const { columns, rows } = gridOf(width >= height);
  const light = new Float32Array(width * height);
  for (let i = 0; i < light.length; i++)
    light[i] = luminance(data[i * 3] ?? 0, data[i * 3 + 1] ?? 0, data[i * 3 + 2] ?? 0) ** (1 / ROOT);
  let out = '';
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const [x0, x1] = [Math.floor((width * column) / columns), Math.floor((width * (column + 1)) / columns)];
      const [y0, y1] = [Math.floor((height * row) / rows), Math.floor((height * (row + 1)) / rows)];
      const values: number[] = [];
      let steps = 0;
      for (let y = y0; y < y1; y++)
        for (let x = x0; x < x1; x++) {
          const at = y * width + x;
          const v = light[at] ?? 0;
          values.push(v);
          const right = x + 1 < width ? (light[at + 1] ?? v) : v;
          const below = y + 1 < height ? (light[at + width] ?? v) : v;
          steps += Math.abs(right - v) + Math.abs(below - v);
        }
      values.sort((a, b) => a - b);
      const tail = Math.floor(values.length * TAIL);
      const dark = values[tail] ?? 0;
      const bright = values[values.length - 1 - tail] ?? dark;
      const busy = Math.min(1, steps / Math.max(1, values.length) / 2 / BUSY);
      // Rounded outwards: what is kept is never better than what is there.
      const digits = [Math.floor(dark * STEPS), Math.ceil(bright * STEPS), Math.round(busy * STEPS)];
      out += digits.map((d) => Math.max(0, Math.min(STEPS, d)).toString(16)).join('');
    }
  return out;
}

/** Of pictures of the same proportions that are seen one after the other: the darkest, lightest and busiest of each place. */
export function joinReliefs(all: readonly string[]): string {
  const [first = '', ...others] = all;
  return [...first]
    .map((digit, i) => {
      const here = [digit, ...others.map((o) => o.charAt(i) || digit)].map((d) => Number.parseInt(d, 16));
      return (i % 3 === 0 ? Math.min(...here) : Math.max(...here)).toString(16);
    })
    .join('');
}

/** What lies in a part of a picture. */
export interface Part {
  /** Relative luminance, 0 to 1. */
  darkest: number;
  lightest: number;
  /** 0: plain, 1: as busy as can be. */
  busy: number;
}

/** part: in fractions of the picture; wide: whether it is at least as wide as high. null where nothing is known. */
export function reliefIn({ cells }: Pick<Relief, 'cells'>, wide: boolean, [x, y, w, h]: Box): Part | null {
  const { columns, rows } = gridOf(wide);
  if (cells.length !== columns * rows * 3) return null;
  const first = (v: number, n: number) => Math.max(0, Math.min(n - 1, Math.floor(v * n + 1e-6)));
  const last = (v: number, n: number) => Math.max(0, Math.min(n - 1, Math.ceil(v * n - 1e-6) - 1));
  let [darkest, lightest, busy, count] = [STEPS, 0, 0, 0];
  for (let row = first(y, rows); row <= last(y + h, rows); row++)
    for (let column = first(x, columns); column <= last(x + w, columns); column++) {
      const at = (row * columns + column) * 3;
      darkest = Math.min(darkest, Number.parseInt(cells.charAt(at), 16));
      lightest = Math.max(lightest, Number.parseInt(cells.charAt(at + 1), 16));
      busy += Number.parseInt(cells.charAt(at + 2), 16);
      count++;
    }
  if (!count) return null;
  return {
    darkest: (darkest / STEPS) ** ROOT,
    lightest: (lightest / STEPS) ** ROOT,
    busy: busy / count / STEPS,
  };
}
