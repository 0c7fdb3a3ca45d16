import { nth } from './named.ts';
/** A seeded stream of numbers in [0, 1) with the three draws that motifs need. */
export interface Random {
  (): number;
  /** Uniform in [lo, hi). */
  r(lo: number, hi: number): number;
  pick<T>(list: readonly T[]): T;
  /** Whole number in [lo, hi]. */
  i(lo: number, hi: number): number;
}

/** mulberry32 on a number, or on the FNV-1a hash of a string. */
export function rng(seed: string | number): Random {
  let a =
    typeof seed === 'string'
      ? [...seed].reduce((h, c) => Math.imul(h ^ c.charCodeAt(0), 16777619), 2166136261) >>> 0
      : seed >>> 0;
  const f = (() => {
    a |= 0;
    a = (a + 0x6d2b79f5) | 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  }) as Random;
  f.r = (lo: number, hi: number) => lo + f() * (hi - lo);
  f.pick = <T>(a: readonly T[]) => nth(a, Math.floor(f() * a.length));
  f.i = (lo: number, hi: number) => Math.floor(f.r(lo, hi + 1));
  return f;
}
