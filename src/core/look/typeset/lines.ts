/** Words of one line: [start, end) of the words given. */
export interface LineBreak {
  start: number;
  end: number;
  width: number;
}

/** A word of a text: text.slice(start, end), in the case in which it is set. */
export interface PlacedText {
  text: string;
  start: number;
  end: number;
  /** No space stands before it: it is a part of a longer word, or of a script without spaces. */
  joined: boolean;
}

type WidthOf = (text: string) => number;

/** Words as they stand in a line. */
export const inLine = (words: readonly Pick<PlacedText, 'text' | 'joined'>[]): string =>
  words.map((w, i) => (i === 0 || w.joined ? w.text : ` ${w.text}`)).join('');

/** A last line of one short word costs so much: it looks like an orphan. */
const ORPHAN = { cost: 0.35, share: 0.34 } as const;

/** A number that a line leaves without its unit, or a title without its name, costs so much. */
const TORN = 0.3;
const NUMBER = /^[(“"]?[~<>+±−-]?[$£€¥]?\d[\d.,:/–-]*$/;
const UNIT =
  /^(?:[kcmµ]?[gml]|km|[mc]?m²|[kMGT]?B|[kM]?W|kWh|mph|lbs?|oz|ft|in|°[CF]?|%|[€$£¥]|s|h|hrs?|min|am|pm|p\.m|a\.m|percent|per\s?cent|hundred|thousand|million|billion|(?:second|minute|hour|day|week|month|year|mile|metre|meter|kilometre|degree|euro|dollar|pound|cent|page|people|step)s?)[.,;:!?)”"]*$/i;
const CURRENCY = /^(?:[€$£¥]|EUR|CHF|USD|GBP)$/;
const BEFORE_NAME = /^(?:No|Nr|Mr|Mrs|Ms|Dr|Prof|St|vs)\.$/i;

/** Stops that some languages set apart (“Encore chaud !”): they are no words, and begin no line; nor does an opening mark end one. */
const STOPS = /^[!?;:»%…)\]]+$/;
const OPENING = /^[«([¿¡]+$/;

/** Whether two words are read as one: "150 kg", "€ 64,90", "12 minutes", "Dr. Venn". */
const belongTogether = (word: string, next: string): boolean =>
  BEFORE_NAME.test(word) ||
  STOPS.test(next) ||
  OPENING.test(word) ||
  (NUMBER.test(word) && UNIT.test(next)) ||
  (CURRENCY.test(word) && NUMBER.test(next));

/** Widths of runs of words: sums of those of single words and the spaces between them. */
export class Runs {
  private readonly ends: number[] = [0];
  private readonly gaps: number[] = [];

  constructor(words: readonly Pick<PlacedText, 'text' | 'joined'>[], widthOf: WidthOf) {
    const space = widthOf('n n') - widthOf('nn');
    for (const [i, w] of words.entries()) {
      this.gaps.push(w.joined || i === 0 ? 0 : space);
      this.ends.push((this.ends[i] as number) + (this.gaps[i] as number) + widthOf(w.text));
    }
  }

  /** Of the words [start, end). */
  width(start: number, end: number): number {
    return end > start
      ? (this.ends[end] as number) - (this.ends[start] as number) - (this.gaps[start] as number)
      : 0;
  }

  /** Into how few lines the words [start, end) go. */
  lines(start: number, end: number, maxWidth: number): number {
    let count = 0;
    for (let i = start; i < end; count++) {
      let j = i + 1;
      while (j < end && this.width(i, j + 1) <= maxWidth) j++;
      i = j;
    }
    return count;
  }
}

/**
 * Sets words into as few lines as fit the width, and among those the most even ones (dynamic programming over the
 * squares of what is left free), without a lonely short word in the last line and without a number torn from its unit where
 * that can be avoided. A single word wider than the line stands alone and overhangs.
 */
export function breakLines(
  words: readonly Pick<PlacedText, 'text' | 'joined'>[],
  maxWidth: number,
  widthOf: WidthOf,
): LineBreak[] {
  const n = words.length;
  if (!n) return [];
  const runs = new Runs(words, widthOf);
  const lines = new Array<number>(n + 1).fill(Number.POSITIVE_INFINITY);
  const ragged = new Array<number>(n + 1).fill(Number.POSITIVE_INFINITY);
  const from = new Array<number>(n + 1).fill(0);
  lines[0] = 0;
  ragged[0] = 0;
  for (let j = 1; j <= n; j++)
    for (let i = j - 1; i >= 0; i--) {
      const w = runs.width(i, j);
      if (w > maxWidth && j - i > 1) break;
      const l = (lines[i] as number) + 1;
      const alone = j === n && i === n - 1 && n > 2 && w < maxWidth * ORPHAN.share ? ORPHAN.cost : 0;
      const torn = j < n && belongTogether(words[j - 1]?.text ?? '', words[j]?.text ?? '') ? TORN : 0;
      const r = (ragged[i] as number) + (Math.max(0, maxWidth - w) / maxWidth) ** 2 + alone + torn;
      if (l < (lines[j] as number) || (l === lines[j] && r < (ragged[j] as number))) {
        lines[j] = l;
        ragged[j] = r;
        from[j] = i;
      }
    }
  const out: LineBreak[] = [];
  for (let j = n; j > 0; j = from[j] as number) {
    const start = from[j] as number;
    out.unshift({ start, end: j, width: widthOf(inLine(words.slice(start, j))) });
  }
  return out;
}

/** Scripts that are written without spaces: lines break between their words. */
const UNSPACED =
  /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Thai}\p{Script=Lao}\p{Script=Khmer}]/u;
/** What may not begin a line (JIS X 4051, the rules that matter in short lines), and what may not end one. */
const NOT_FIRST = /^[\p{Pe}\p{Pf}\p{Po}\p{M}ー～ゝゞ々ぁぃぅぇぉっゃゅょァィゥェォッャュョ]/u;
const NOT_LAST = /[\p{Ps}\p{Pi}]$/u;

const graphemes = new Intl.Segmenter('en', { granularity: 'grapheme' });
const unspaced = new Intl.Segmenter('ja', { granularity: 'word' });

/** Parts of a run without spaces between which a line may break. */
export function breakable(run: string): string[] {
  if (!UNSPACED.test(run)) return [run];
  const out: string[] = [];
  for (const { segment } of unspaced.segment(run)) {
    const last = out.at(-1);
    if (
      last !== undefined &&
      (NOT_FIRST.test(segment) || NOT_LAST.test(last) || !(UNSPACED.test(segment) || UNSPACED.test(last)))
    )
      out[out.length - 1] = last + segment;
    else out.push(segment);
  }
  return out;
}

/**
 * Words of a text with their places, cut where lines may break; what is wider than the line is cut between characters. upper: set
 * in capitals.
 */
export function wordsToFit(text: string, maxWidth: number, widthOf: WidthOf, upper = false): PlacedText[] {
  const out: PlacedText[] = [];
  const cased = (t: string) => (upper ? t.toLocaleUpperCase() : t);
  for (const m of text.matchAll(/\S+/g)) {
    let start = m.index;
    breakable(m[0]).forEach((part, k) => {
      for (const piece of widthOf(cased(part)) <= maxWidth
        ? [part]
        : cutToFit(part, maxWidth, (t) => widthOf(cased(t)))) {
        out.push({ text: cased(piece), start, end: start + piece.length, joined: k > 0 || start > m.index });
        start += piece.length;
      }
    });
  }
  return out;
}

function cutToFit(word: string, maxWidth: number, widthOf: WidthOf): string[] {
  const out: string[] = [];
  let part = '';
  for (const { segment } of graphemes.segment(word)) {
    if (part && widthOf(part + segment) > maxWidth) {
      out.push(part);
      part = '';
    }
    part += segment;
  }
  return part ? [...out, part] : out;
}
