import { MATCH } from './score.ts';
import type { MatchLine, Vector } from './types.ts';

/**
 * What stands round each line: the lines before and after it; for a title all other lines, since a title speaks of the
 * whole. Vectors are unit vectors, in the order of the lines.
 */
export function contexts(lines: readonly { title: boolean; vector: Vector }[]): MatchLine['context'][] {
  return lines.map((line, i) => {
    const others = line.title ? lines.filter((_, k) => k !== i) : [lines[i - 1], lines[i + 1]];
    const vectors = others.flatMap((o) => (o ? [o.vector] : []));
    return vectors.length
      ? { vector: mean(vectors), share: line.title ? MATCH.scriptShare : MATCH.neighboursShare }
      : null;
  });
}

function mean(vectors: readonly Vector[]): Vector {
  const sum = new Float32Array(vectors[0]?.length ?? 0);
  for (const v of vectors)
    for (let i = 0; i < sum.length; i++) sum[i] = (sum[i] as number) + (v[i] as number);
  const length = Math.hypot(...sum) || 1;
  return sum.map((x) => x / length);
}
