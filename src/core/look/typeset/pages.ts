import { breakLines } from './lines.ts';

/**
 * Cuts words into pages of at most `lines` lines, as few as possible, even in length and ending at punctuation where
 * that costs no page. Gives [start, end) indices of words.
 */
export function cutPages(
  words: readonly string[],
  lines: number,
  width: number,
  widthOf: (text: string) => number,
): [number, number][] {
  const n = words.length;
  if (!n) return [];
  if (breakLines(words, width, widthOf).length <= lines) return [[0, n]];
  const pages = new Array<number>(n + 1).fill(Number.POSITIVE_INFINITY);
  const cost = new Array<number>(n + 1).fill(Number.POSITIVE_INFINITY);
  const from = new Array<number>(n + 1).fill(0);
  pages[0] = 0;
  cost[0] = 0;
  const whole = widthOf(words.join(' '));
  for (let j = 1; j <= n; j++)
    for (let i = j - 1; i >= 0; i--) {
      const part = words.slice(i, j);
      const w = widthOf(part.join(' '));
      if (w > width * lines && part.length > 1) break;
      if (breakLines(part, width, widthOf).length > lines && part.length > 1) break;
      const p = (pages[i] as number) + 1;
      const end =
        j === n || /[.!?…;:]["'”’)]*$/.test(words[j - 1] as string)
          ? 0
          : /,["'”’)]*$/.test(words[j - 1] as string)
            ? 0.08
            : 0.3;
      const c = (cost[i] as number) + (w / whole) ** 2 * 2 + end;
      if (p < (pages[j] as number) || (p === pages[j] && c < (cost[j] as number))) {
        pages[j] = p;
        cost[j] = c;
        from[j] = i;
      }
    }
  const out: [number, number][] = [];
  for (let j = n; j > 0; j = from[j] as number) out.unshift([from[j] as number, j]);
  return out;
}
