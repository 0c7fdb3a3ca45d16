import type { Vector } from './types.ts';

/** Scalar product of two vectors of one length; of unit vectors their likeness. */
export const dot = (a: Vector, b: Vector): number => {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += (a[i] as number) * (b[i] as number);
  return sum;
};
