import type { Font, Typeface } from '../fonts.ts';
import type { Scale } from '../types.ts';
import { breakLines, type LineBreak, type PlacedText, wordsToFit } from './lines.ts';
import { cutPages } from './pages.ts';

/** Width in pixels of a text in a font, without line breaks. */
export type Measure = (text: string, font: Font) => number;

export type Part = 'head' | 'rest';

/** A line of a text, as [start, end) of its words. */
export type SetLine = LineBreak & { font: Font; part: Part };

/** A text broken into lines and pages, before it is known when each word is said. */
export interface SetText {
  /** Of the large part. */
  font: Font;
  words: PlacedText[];
  pages: { lines: SetLine[] }[];
}

/** Pixels by which a size is made smaller until the words fit. */
const STEP = 4;
/** A title shorter than this stands on at most so many lines, so that it is as large as it looks. */
const SHORT_TITLE = { letters: 28, lines: 3 } as const;
/** A large part shorter than this, such as a figure, stays on one line. */
const ONE_LINE_LETTERS = 9;
/** A title that does not fit even at its smallest goes over pages of so many lines more than it should have. */
const OVER_LINES = 2;

type Arrange = (
  text: string,
  scale: Scale,
  faces: { head: Typeface; rest: Typeface },
  width: number,
  measure: Measure,
) => SetText;

const asTexts = (words: readonly PlacedText[]) => words.map((w) => w.text);

const longestWord = (text: string, widthOf: (t: string) => number): number =>
  Math.max(0, ...text.split(/\s+/).map(widthOf));

/** The largest size at which the whole text stands in its lines. */
export const fitLargest: Arrange = (text, { largest, smallest, lines }, { head }, width, measure) => {
  for (let size = largest; ; size -= STEP) {
    const font: Font = { ...head, size };
    const widthOf = (t: string) => measure(t, font);
    if (size > smallest && longestWord(text, widthOf) > width) continue;
    const words = wordsToFit(text, width, widthOf);
    const set = breakLines(asTexts(words), width, widthOf);
    const few = text.length < SHORT_TITLE.letters ? SHORT_TITLE.lines : lines;
    if (size > smallest && set.length > few) continue;
    const pages: SetText['pages'] = [];
    for (let i = 0; i < set.length; i += lines + OVER_LINES)
      pages.push({ lines: set.slice(i, i + lines + OVER_LINES).map((l) => ({ ...l, font, part: 'head' })) });
    return { font, words, pages };
  }
};

/** The first line of the text as large as it goes, the rest small; all on one page. */
export const twoParts: Arrange = (text, scale, faces, width, measure) => {
  const cut = text.indexOf('\n');
  const head = cut < 0 ? text : text.slice(0, cut);
  const restFont: Font = { ...faces.rest, size: scale.rest };
  const setPart = (start: number, end: number, font: Font) => {
    const widthOf = (t: string) => measure(t, font);
    const words = wordsToFit(text.slice(start, end), width, widthOf).map((w) => ({
      ...w,
      start: w.start + start,
      end: w.end + start,
    }));
    return { words, lines: breakLines(asTexts(words), width, widthOf), widthOf };
  };
  for (let size = scale.largest; ; size -= STEP) {
    const font: Font = { ...faces.head, size };
    const big = setPart(0, head.length, font);
    const most = head.length < ONE_LINE_LETTERS ? 1 : scale.lines;
    if (size > scale.smallest && (longestWord(head, big.widthOf) > width || big.lines.length > most))
      continue;
    const small = cut < 0 ? { words: [], lines: [] } : setPart(cut + 1, text.length, restFont);
    const shift = big.words.length;
    const lines: SetLine[] = [
      ...big.lines.map((l): SetLine => ({ ...l, font, part: 'head' })),
      ...small.lines.map(
        (l): SetLine => ({ ...l, start: l.start + shift, end: l.end + shift, font: restFont, part: 'rest' }),
      ),
    ];
    return { font, words: [...big.words, ...small.words], pages: [{ lines }] };
  }
};

/** Pages of few lines at one size; a page ends at a clause where it can. */
export const pagesOfLines: Arrange = (text, { largest, lines }, { head }, width, measure) => {
  const font: Font = { ...head, size: largest };
  const widthOf = (t: string) => measure(t, font);
  const words = wordsToFit(text, width, widthOf);
  const texts = asTexts(words);
  const pages = cutPages(texts, lines, width, widthOf).map(([i, j]) => ({
    lines: breakLines(texts.slice(i, j), width, widthOf).map(
      (l): SetLine => ({ start: l.start + i, end: l.end + i, width: l.width, font, part: 'head' }),
    ),
  }));
  return { font, words, pages };
};
