import type { Size } from '../../look/formats.ts';

/** Pixels row by row, 1 where something is. */
export interface Mask extends Size {
  on: Uint8Array;
}

/** Steps to the eight neighbours of a pixel, clockwise from the one above it. */
const AROUND = [
  [0, -1],
  [1, -1],
  [1, 0],
  [1, 1],
  [0, 1],
  [-1, 1],
  [-1, 0],
  [-1, -1],
] as const;

/** The same as steps in an array of rows so wide; of no use at the edge, which is kept empty. */
export const stepsAround = (width: number): number[] => AROUND.map(([dx, dy]) => dy * width + dx);

/**
 * Which source lies nearest to each pixel, by steps over what is on first and over all the rest afterwards: places of sources; -1 in
 * the outermost pixels, and where there are no sources at all.
 */
export function nearest({ on, width, height }: Mask, sources: Iterable<number>): Int32Array {
  const of = new Int32Array(width * height).fill(-1);
  const queue = new Int32Array(width * height);
  const around = stepsAround(width);
  let end = 0;
  for (const s of sources) {
    of[s] = s;
    queue[end++] = s;
  }
  const isEdge = new Uint8Array(width * height);
  for (let x = 0; x < width; x++) isEdge[x] = isEdge[x + (height - 1) * width] = 1;
  for (let y = 0; y < height; y++) isEdge[y * width] = isEdge[(y + 1) * width - 1] = 1;
  for (const everywhere of [false, true])
    for (let begin = 0; begin < end; begin++) {
      const at = queue[begin] as number;
      for (const step of around) {
        const next = at + step;
        if (of[next] !== -1 || isEdge[next] || !(everywhere || on[next])) continue;
        of[next] = of[at] as number;
        queue[end++] = next;
      }
    }
  return of;
}

/**
 * How far inside of what is on each pixel lies, in pixels: 0 outside. Chamfer distance with 3 and 4, a third of it: Borgefors,
 * "Distance transformations in digital images", CVGIP 34 (1986). The outermost pixels must be off.
 */
export function depths({ on, width }: Mask): Float32Array {
  const deep = new Float32Array(on.length);
  const pass = (at: number, beside: number, before: number) => {
    if (!on[at]) return;
    const least = Math.min(
      (deep[at + beside] as number) + 1,
      (deep[at + before] as number) + 1,
      (deep[at + before - 1] as number) + 4 / 3,
      (deep[at + before + 1] as number) + 4 / 3,
    );
    deep[at] = beside < 0 ? least : Math.min(deep[at] as number, least);
  };
  for (let at = 0; at < on.length; at++) pass(at, -1, -width);
  for (let at = on.length - 1; at >= 0; at--) pass(at, 1, width);
  return deep;
}
