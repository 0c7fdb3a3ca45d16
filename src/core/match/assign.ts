/**
 * The assignment of rows to different columns with the largest total value, for rows <= columns: the Hungarian method
 * with potentials, O(rows² · columns) (Kuhn 1955, Munkres 1957, in the shortest-path form of Jonker and Volgenant 1987).
 * value[r][c]; the result gives a column for each row.
 */
export function assign(value: readonly (readonly number[])[]): number[] {
  const n = value.length;
  const m = value[0]?.length ?? 0;
  if (n > m) throw new Error(`More rows (${n}) than columns (${m}).`);
  const u = new Float64Array(n + 1);
  const v = new Float64Array(m + 1);
  const rowOf = new Int32Array(m + 1);
  const way = new Int32Array(m + 1);
  for (let i = 1; i <= n; i++) {
    rowOf[0] = i;
    let j0 = 0;
    const least = new Float64Array(m + 1).fill(Number.POSITIVE_INFINITY);
    const used = new Uint8Array(m + 1);
    do {
      used[j0] = 1;
      const i0 = rowOf[j0] as number;
      let delta = Number.POSITIVE_INFINITY;
      let j1 = 0;
      for (let j = 1; j <= m; j++) {
        if (used[j]) continue;
        const cost = -(value[i0 - 1]?.[j - 1] as number) - (u[i0] as number) - (v[j] as number);
        if (cost < (least[j] as number)) {
          least[j] = cost;
          way[j] = j0;
        }
        if ((least[j] as number) < delta) {
          delta = least[j] as number;
          j1 = j;
        }
      }
      for (let j = 0; j <= m; j++)
        if (used[j]) {
          const r = rowOf[j] as number;
          u[r] = (u[r] as number) + delta;
          v[j] = (v[j] as number) - delta;
        } else least[j] = (least[j] as number) - delta;
      j0 = j1;
    } while (rowOf[j0] !== 0);
    do {
      const j1 = way[j0] as number;
      rowOf[j0] = rowOf[j1] as number;
      j0 = j1;
    } while (j0);
  }
  const out = new Array<number>(n).fill(-1);
  for (let j = 1; j <= m; j++) if (rowOf[j]) out[(rowOf[j] as number) - 1] = j - 1;
  return out;
}
