import type { Font } from '../fonts.ts';
import type { Face, Scale } from '../types.ts';
import { breakLines, type LineBreak, type PlacedText, Runs, wordsToFit } from './lines.ts';
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

/** What a text is set in. */
export interface Setting {
  scale: Scale;
  faces: { head: Face; rest: Face };
  /** Of the lines, stage pixels. */
  width: number;
  /** Lines together may be so high; a part that shrinks goes on shrinking until they are. */
  height: number;
  measure: Measure;
}

export type Arrange = (text: string, setting: Setting) => SetText;

/** Pixels by which a size is made smaller until the words fit. */
const STEP = 4;
/** A title shorter than this stands on at most so many lines, so that it is as large as it looks. */
const SHORT_TITLE = { letters: 28, lines: 3 } as const;
/** A large part shorter than this, such as a figure, stays on one line. */
const ONE_LINE_LETTERS = 9;
/** A title that does not fit even at its smallest goes over pages of so many lines more than it should have. */
const OVER_LINES = 2;
/** No word is set smaller than this, stage pixels, and no small part while there is room. */
const LEAST = 28;
const LEAST_REST = 38;

export const fontOf = ({ family, weight, italic, tracking }: Face, size: number): Font => ({
  family,
  weight,
  italic,
  size,
  tracking,
});

const longestWord = (words: readonly PlacedText[], widthOf: (t: string) => number): number =>
  Math.max(0, ...words.map((w) => widthOf(w.text)));

/** Words of a text that are not cut. */
const uncut = (text: string, face: Face): PlacedText[] =>
  wordsToFit(text, Number.POSITIVE_INFINITY, () => 0, face.upper);

/**
 * A width grows with its size, but for a rounding that stays below this share: by what was measured at the largest size it
 * is known of most sizes that they are too large, and nothing is measured again for them. Shaping a script that no font of
 * the look has takes milliseconds a word.
 */
const NEARLY = 1.04;

/** The least that texts can be wide at a size. */
const leastWidths =
  (face: Face, largest: number, size: number, measure: Measure) =>
  (text: string): number =>
    (measure(text, fontOf(face, largest)) * size) / largest / NEARLY;

/** The largest size at which the whole text stands in its lines. */
export const fitLargest: Arrange = (text, { scale, faces: { head }, width, height, measure }) => {
  const { largest, smallest, lines } = scale;
  const whole = uncut(text, head);
  for (let size = largest; ; size -= STEP) {
    const last = size - STEP < Math.min(smallest, largest);
    const font = fontOf(head, size);
    const widthOf = (t: string) => measure(t, font);
    const few = text.length < SHORT_TITLE.letters ? Math.min(lines, SHORT_TITLE.lines) : lines;
    const tooMany = (n: number) => n > few || n * size * head.leading > height;
    const atLeast = leastWidths(head, largest, size, measure);
    if (
      !last &&
      (longestWord(whole, atLeast) > width || tooMany(new Runs(whole, atLeast).lines(0, whole.length, width)))
    )
      continue;
    if (!last && longestWord(whole, widthOf) > width) continue;
    const words = wordsToFit(text, width, widthOf, head.upper);
    const count = new Runs(words, widthOf).lines(0, words.length, width);
    if (!last && tooMany(count)) continue;
    const most = Math.max(1, Math.min(lines + OVER_LINES, Math.floor(height / (size * head.leading))));
    const pages = cutPages(words, most, width, widthOf).map(([i, j]) => ({
      lines: breakLines(words.slice(i, j), width, widthOf).map(
        (l): SetLine => ({ start: l.start + i, end: l.end + i, width: l.width, font, part: 'head' }),
      ),
    }));
    return { font, words, pages };
  }
};

/** A text in two parts, [start, end) of each. */
type Parts = { head: [number, number]; rest: [number, number] | null };

/** The first part as large as it goes, the rest small; on one page. What is too high for it shrinks together. */
const inParts =
  (partsOf: (text: string) => Parts): Arrange =>
  (text, { scale, faces, width, height, measure }) => {
    const parts = partsOf(text);
    const setPart = ([start, end]: [number, number], font: Font, upper: boolean) => {
      const widthOf = (t: string) => measure(t, font);
      const words = wordsToFit(text.slice(start, end), width, widthOf, upper).map((w) => ({
        ...w,
        start: w.start + start,
        end: w.end + start,
      }));
      return { words, lines: breakLines(words, width, widthOf) };
    };
    const letters = parts.head[1] - parts.head[0];
    const whole = uncut(text.slice(...parts.head), faces.head);
    const wholeRest = parts.rest ? uncut(text.slice(...parts.rest), faces.rest) : [];
    const linesOf = (words: PlacedText[], widthOf: (t: string) => number) =>
      new Runs(words, widthOf).lines(0, words.length, width);
    for (let size = scale.largest, restSize = scale.rest; ; ) {
      const canShrink = size - STEP >= Math.min(scale.smallest, scale.largest);
      const font = fontOf(faces.head, size);
      const restFont = fontOf(faces.rest, restSize);
      const most = letters < ONE_LINE_LETTERS ? 1 : scale.lines;
      const atLeast = leastWidths(faces.head, scale.largest, size, measure);
      const tooWide = (widthOf: (t: string) => number) =>
        longestWord(whole, widthOf) > width || linesOf(whole, widthOf) > most;
      if (canShrink && (tooWide(atLeast) || tooWide((t) => measure(t, font)))) {
        size -= STEP;
        continue;
      }
      const heightOf = (big: number, small: number) =>
        big * size * faces.head.leading + small * restSize * faces.rest.leading + size * 0.3;
      const mayShrink = size > LEAST || restSize > LEAST;
      const shrink = () => {
        if (size > LEAST) {
          size = Math.max(LEAST, size - STEP);
          // What is small already shrinks less.
          const wanted = 2 * Math.round((scale.rest * Math.sqrt(size / scale.largest)) / 2);
          restSize = Math.min(restSize, Math.max(LEAST_REST, wanted));
        } else restSize = Math.max(LEAST, restSize - STEP);
      };
      const restAtLeast = leastWidths(faces.rest, scale.rest, restSize, measure);
      if (mayShrink && heightOf(linesOf(whole, atLeast), linesOf(wholeRest, restAtLeast)) > height) {
        shrink();
        continue;
      }
      const big = setPart(parts.head, font, faces.head.upper);
      const small = parts.rest ? setPart(parts.rest, restFont, faces.rest.upper) : { words: [], lines: [] };
      if (mayShrink && heightOf(big.lines.length, small.lines.length) > height) {
        shrink();
        continue;
      }
      const shift = big.words.length;
      const lines: SetLine[] = [
        ...big.lines.map((l): SetLine => ({ ...l, font, part: 'head' })),
        ...small.lines.map(
          (l): SetLine => ({
            ...l,
            start: l.start + shift,
            end: l.end + shift,
            font: restFont,
            part: 'rest',
          }),
        ),
      ];
      return { font, words: [...big.words, ...small.words], pages: [{ lines }] };
    }
  };

/** The first line of the text as large as it goes, the rest small. */
export const twoParts: Arrange = inParts((text) => {
  const cut = text.indexOf('\n');
  return cut < 0 ? { head: [0, text.length], rest: null } : { head: [0, cut], rest: [cut + 1, text.length] };
});

const NUMBER = /^\s*(?:no\.?\s*|#)?(\d{1,3})[.):]?\s+(?=\S)/i;

/** The number with which a text begins as large as it goes, the rest below it; all small where there is none. */
export const numbered: Arrange = inParts((text) => {
  const found = NUMBER.exec(text);
  if (!found) return { head: [0, text.length], rest: null };
  const digits = found[1] ?? '';
  const at = text.indexOf(digits);
  return { head: [at, at + digits.length], rest: [found[0].length, text.length] };
});

/** Pages of few lines at one size; a page ends at a clause where it can. */
export const pagesOfLines: Arrange = (text, { scale, faces: { head }, width, height, measure }) => {
  const font = fontOf(head, scale.largest);
  const widthOf = (t: string) => measure(t, font);
  const words = wordsToFit(text, width, widthOf, head.upper);
  const lines = Math.max(1, Math.min(scale.lines, Math.floor(height / (font.size * head.leading))));
  const pages = cutPages(words, lines, width, widthOf).map(([i, j]) => ({
    lines: breakLines(words.slice(i, j), width, widthOf).map(
      (l): SetLine => ({ start: l.start + i, end: l.end + i, width: l.width, font, part: 'head' }),
    ),
  }));
  return { font, words, pages };
};
