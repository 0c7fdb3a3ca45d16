import { type PlacedText, Runs } from './lines.ts';

/**
 * Cuts words into pages of at most `lines` lines, as few as possible, even in length and ending at punctuation where
 * that costs no page. Gives [start, end) indices of words.
 */
export function cutPages(
  words: readonly Pick<PlacedText, 'text' | 'joined'>[],
  lines: number,
  width: number,
  widthOf: (text: string) => number,
): [number, number][] {
  const n = words.length;
  if (!n) return [];
  const runs = new Runs(words, widthOf);
  if (runs.lines(0, n, width) <= lines) return [[0, n]];
  const pages = new Array<number>(n + 1).fill(Number.POSITIVE_INFINITY);
  const cost = new Array<number>(n + 1).fill(Number.POSITIVE_INFINITY);
  const from = new Array<number>(n + 1).fill(0);
  pages[0] = 0;
  cost[0] = 0;
  const whole = runs.width(0, n);
  for (let j = 1; j <= n; j++)
    for (let i = j - 1; i >= 0; i--) {
      const w = runs.width(i, j);
      if (w > width * lines && j - i > 1) break;
      if (runs.lines(i, j, width) > lines && j - i > 1) break;
      const p = (pages[i] as number) + 1;
      const last = words[j - 1]?.text ?? '';
      const end =
        j === n || /[.!?…;:。！？؟]["'”’)」]*$/.test(last) ? 0 : /[,،、]["'”’)]*$/.test(last) ? 0.08 : 0.3;
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
