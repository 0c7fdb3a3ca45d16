import { type Mask, stepsAround } from './mask.ts';

/**
 * The middle lines of what is on, one pixel wide and as connected as it was. The outermost pixels of the mask must be off.
 * Zhang and Suen, "A fast parallel algorithm for thinning digital patterns", CACM 27 (1984).
 */
export function thinned({ on, width, height }: Mask): Uint8Array {
  const thin = on.slice();
  const around = stepsAround(width);
  let left: number[] = [];
  for (let at = 0; at < width * height; at++) if (thin[at]) left.push(at);
  for (let changed = true; changed; ) {
    changed = false;
    for (const second of [false, true]) {
      const gone = left.filter((at) => goes(thin, at, around, second));
      for (const at of gone) thin[at] = 0;
      if (!gone.length) continue;
      changed = true;
      left = left.filter((at) => thin[at]);
    }
  }
  return thin;
}

function goes(thin: Uint8Array, at: number, around: readonly number[], second: boolean): boolean {
  let count = 0;
  let turns = 0;
  let before = thin[at + (around[7] as number)] as number;
  for (const step of around) {
    const here = thin[at + step] as number;
    count += here;
    if (!before && here) turns++;
    before = here;
  }
  if (count < 2 || count > 6 || turns !== 1) return false;
  const [up, right, down, left] = [0, 2, 4, 6].map((i) => thin[at + (around[i] as number)]);
  return second
    ? !(up && right && left) && !(up && down && left)
    : !(up && right && down) && !(right && down && left);
}
