import { MATCH } from './score.ts';
import type { MatchLine, Vector } from './types.ts';

/** A line as far as its context is concerned. */
export interface ContextLine {
  title: boolean;
  vector: Vector;
  /** It speaks of something that the line before it names: "They open at six." */
  pointsBack: boolean;
}

/**
 * What stands round each line: the lines before and after it, and the topic, which is what the title and all lines say
 * together; for a title all other lines, since a title speaks of the whole. topic: meaning of the title of the piece, null
 * when it has none. Vectors are unit vectors, in the order of the lines.
 */
export function contexts(lines: readonly ContextLine[], topic: Vector | null = null): MatchLine['context'][] {
  return lines.map((line, i) => {
    const others = lines.flatMap((o, k) => (k === i ? [] : [o.vector]));
    if (line.title)
      return others.length
        ? { vector: mean(others), share: MATCH.scriptShare, most: MATCH.scriptShare }
        : null;
    const [before, after] = [lines[i - 1]?.vector, lines[i + 1]?.vector];
    const near = [before, after].flatMap((v) => v ?? []);
    if (!near.length) return topic ? { vector: topic, share: 0, most: MATCH.topicMost } : null;
    // What it points back to counts as much as all the rest.
    const beside = line.pointsBack && before ? mean([before, before, before, ...near]) : mean(near);
    const whole = mean([
      ...others,
      ...(topic ? Array.from({ length: Math.max(1, others.length) }, () => topic) : []),
    ]);
    return {
      vector: mean([beside, whole]),
      share: line.pointsBack ? MATCH.pointsBackShare : MATCH.neighboursShare,
      most: MATCH.topicMost,
    };
  });
}

/** How much more a word of a title counts that other lines say too: it is what the piece is about. */
const COMES_AGAIN = 1.5;

/** How much the words of each line count; words: by their stems. All the same but for titles. */
export function wordWeights(lines: readonly { title: boolean; words: readonly string[] }[]): number[][] {
  return lines.map(({ title, words }, i) => {
    if (!title) return words.map(() => 1);
    const others = new Set(lines.flatMap((l, k) => (k === i ? [] : l.words)));
    return words.map((w) => (others.has(w) ? COMES_AGAIN : 1));
  });
}

/** The direction of several unit vectors together, as a unit vector. */
export function mean(vectors: readonly Vector[]): Vector {
  const sum = new Float32Array(vectors[0]?.length ?? 0);
  for (const v of vectors)
    for (let i = 0; i < sum.length; i++) sum[i] = (sum[i] as number) + (v[i] as number);
  const length = Math.hypot(...sum) || 1;
  return sum.map((x) => x / length);
}
