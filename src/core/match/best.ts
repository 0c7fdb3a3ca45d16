/** Indices of the highest finite scores, best first; ties as `tie` orders them. A heap of `limit`: O(n log limit). */
export function best(scores: Float64Array, limit: number, tie: (a: number, b: number) => number): number[] {
  const before = (a: number, b: number) => (scores[b] as number) - (scores[a] as number) || tie(a, b);
  const heap: number[] = [];
  // The worst of those kept stands at the top.
  const sink = (at: number) => {
    for (let i = at; ; ) {
      let worst = i;
      for (const c of [2 * i + 1, 2 * i + 2])
        if (c < heap.length && before(heap[worst] as number, heap[c] as number) < 0) worst = c;
      if (worst === i) return;
      [heap[i], heap[worst]] = [heap[worst] as number, heap[i] as number];
      i = worst;
    }
  };
  for (let i = 0; i < scores.length; i++) {
    if (scores[i] === Number.NEGATIVE_INFINITY) continue;
    if (heap.length < limit) {
      heap.push(i);
      if (heap.length === limit) for (let k = (limit >> 1) - 1; k >= 0; k--) sink(k);
    } else if (limit > 0 && before(i, heap[0] as number) < 0) {
      heap[0] = i;
      sink(0);
    }
  }
  return heap.sort(before);
}
