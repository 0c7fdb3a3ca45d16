/** Words of one line: [start, end) of the words given. */
export interface LineBreak {
  start: number;
  end: number;
  width: number;
}

/** A word of a text: text.slice(start, end). */
export interface PlacedText {
  text: string;
  start: number;
  end: number;
}

/**
 * Sets words into as few lines as fit the width, and among those the most even ones (dynamic programming over the
 * squares of what is left free). A single word wider than the line stands alone and overhangs.
 */
export function breakLines(
  words: readonly string[],
  maxWidth: number,
  widthOf: (text: string) => number,
): LineBreak[] {
  const n = words.length;
  if (!n) return [];
  const width = (i: number, j: number) => widthOf(words.slice(i, j).join(' '));
  const lines = new Array<number>(n + 1).fill(Number.POSITIVE_INFINITY);
  const ragged = new Array<number>(n + 1).fill(Number.POSITIVE_INFINITY);
  const from = new Array<number>(n + 1).fill(0);
  lines[0] = 0;
  ragged[0] = 0;
  for (let j = 1; j <= n; j++)
    for (let i = j - 1; i >= 0; i--) {
      const w = width(i, j);
      if (w > maxWidth && j - i > 1) break;
      const l = (lines[i] as number) + 1;
      const r = (ragged[i] as number) + (Math.max(0, maxWidth - w) / maxWidth) ** 2;
      if (l < (lines[j] as number) || (l === lines[j] && r < (ragged[j] as number))) {
        lines[j] = l;
        ragged[j] = r;
        from[j] = i;
      }
    }
  const out: LineBreak[] = [];
  for (let j = n; j > 0; j = from[j] as number)
    out.unshift({ start: from[j] as number, end: j, width: width(from[j] as number, j) });
  return out;
}

/** Words of a text with their places; a word wider than the line is cut between characters. */
export function wordsToFit(text: string, maxWidth: number, widthOf: (text: string) => number): PlacedText[] {
  const out: PlacedText[] = [];
  for (const m of text.matchAll(/\S+/g)) {
    if (widthOf(m[0]) <= maxWidth) {
      out.push({ text: m[0], start: m.index, end: m.index + m[0].length });
      continue;
    }
    let part = '';
    let start = m.index;
    for (const { segment } of new Intl.Segmenter('en', { granularity: 'grapheme' }).segment(m[0])) {
      if (part && widthOf(part + segment) > maxWidth) {
        out.push({ text: part, start, end: start + part.length });
        start += part.length;
        part = '';
      }
      part += segment;
    }
    if (part) out.push({ text: part, start, end: start + part.length });
  }
  return out;
}
