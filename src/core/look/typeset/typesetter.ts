import { LRUCache } from 'lru-cache';
import type { Font } from '../fonts.ts';
import type { Arrange, Measure, SetText, Setting } from './arrange.ts';

/** What is remembered: widths, since nearly all come again while somebody types; and texts that were set. */
const KEPT = { widths: 60_000, texts: 2000 } as const;

const graphemes = new Intl.Segmenter('en', { granularity: 'grapheme' });
const lettersIn = (text: string): number => {
  let n = 0;
  for (const _ of graphemes.segment(text)) n++;
  return n;
};

/** Sets texts in lines and pages; remembers what it has set, since a piece is compiled at every key. */
export class Typesetter {
  private readonly widths = new LRUCache<string, number>({ max: KEPT.widths });
  private readonly texts = new LRUCache<string, SetText>({ max: KEPT.texts });
  /** Width of a text, with what stands between its letters. */
  readonly measure: Measure;

  constructor(measure: Measure) {
    this.measure = (text, font) => {
      const key = `${fontKey(font)}|${text}`;
      const have = this.widths.get(key);
      if (have !== undefined) return have;
      const between = font.tracking ? lettersIn(text) * font.tracking * font.size : 0;
      const width = measure(text, font) + between;
      this.widths.set(key, width);
      return width;
    };
  }

  /** key: the same for the same arrangement and setting. */
  set(text: string, key: string, arrange: Arrange, setting: Omit<Setting, 'measure'>): SetText {
    const whole = `${key}|${text}`;
    const known = this.texts.get(whole);
    if (known) return known;
    const done = arrange(text, { ...setting, measure: this.measure });
    this.texts.set(whole, done);
    return done;
  }
}

const fontKey = ({ family, weight, italic, size, tracking }: Font): string =>
  `${family} ${weight}${italic ? 'i' : ''} ${size} ${tracking}`;
