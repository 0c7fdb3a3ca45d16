/** A picture fits a line when it is as near as this, 0 to 1. */
const FITS = 0.45;

/**
 * Which of the pictures that were laid beside a script goes to which of its lines. Those that fit a line go there, the best
 * pair first; the others keep their order and are spread over the lines that are left. Each is used once.
 * scores: for each line, how near each picture is; null where nothing is known of the picture.
 * Gives for each line the number of its picture, or null.
 */
export function placeBrought(
  scores: readonly (readonly (number | null)[])[],
  pictures: number,
): (number | null)[] {
  const given: (number | null)[] = scores.map(() => null);
  const used = new Set<number>();
  const pairs = scores
    .flatMap((row, line) => row.map((score, picture) => ({ line, picture, score: score ?? 0 })))
    .filter((p) => p.score >= FITS)
    .sort((a, b) => b.score - a.score || a.line - b.line || a.picture - b.picture);
  for (const { line, picture } of pairs) {
    if (given[line] !== null || used.has(picture)) continue;
    given[line] = picture;
    used.add(picture);
  }
  const rest = Array.from({ length: pictures }, (_, k) => k).filter((k) => !used.has(k));
  const free = given.flatMap((g, line) => (g === null ? [line] : []));
  const placed = rest.slice(0, free.length);
  for (const [k, picture] of placed.entries())
    given[free[Math.floor(((k + 0.5) * free.length) / placed.length)] as number] = picture;
  return given;
}
