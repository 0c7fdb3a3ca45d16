import { contentWords } from '../../text/tokens.ts';

/** Unit vectors of content words: term frequency times the logarithm of the inverse sentence frequency. */
export function weighWords(texts: readonly string[]): Map<string, number>[] {
  const stems = texts.map((t) => contentWords(t).map((w) => w.stem));
  const frequency = new Map<string, number>();
  for (const s of stems) for (const w of new Set(s)) frequency.set(w, (frequency.get(w) ?? 0) + 1);
  return stems.map((s) => {
    const v = new Map<string, number>();
    for (const w of s) v.set(w, (v.get(w) ?? 0) + Math.log(1 + texts.length / (frequency.get(w) ?? 1)));
    const length = Math.hypot(...v.values()) || 1;
    for (const [w, x] of v) v.set(w, x / length);
    return v;
  });
}

export function cosine(a: Map<string, number>, b: Map<string, number>): number {
  const [small, large] = a.size < b.size ? [a, b] : [b, a];
  let sum = 0;
  for (const [w, x] of small) sum += x * (large.get(w) ?? 0);
  return sum;
}
