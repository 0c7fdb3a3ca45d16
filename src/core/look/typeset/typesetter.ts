import { LRUCache } from 'lru-cache';
import type { Font } from '../fonts.ts';
import type { Format } from '../formats.ts';
import { LAYOUTS, type WordLayout } from '../layouts.ts';
import { type LookName, lookOf } from '../looks.ts';
import type { Measure, SetText } from './arrange.ts';

/** What is remembered: widths, since nearly all come again while somebody types; and texts that were set. */
const KEPT = { widths: 60_000, texts: 2000 } as const;

/** Sets texts in lines and pages; remembers what it has set, since a piece is compiled at every key. */
export class Typesetter {
  private readonly widths = new LRUCache<string, number>({ max: KEPT.widths });
  private readonly texts = new LRUCache<string, SetText>({ max: KEPT.texts });
  readonly measure: Measure;

  constructor(measure: Measure) {
    this.measure = (text, font) => {
      const key = `${fontKey(font)}|${text}`;
      const have = this.widths.get(key);
      if (have !== undefined) return have;
      const width = measure(text, font);
      this.widths.set(key, width);
      return width;
    };
  }

  set(text: string, layout: WordLayout, look: LookName, format: Format): SetText {
    const key = `${look}|${layout}|${format}|${text}`;
    const known = this.texts.get(key);
    if (known) return known;
    const { faces, layouts, zones } = lookOf(look);
    const { head, rest, scale } = layouts[layout];
    const done = LAYOUTS[layout].words.arrange(
      text,
      scale[format],
      { head: faces[head.face], rest: faces[(rest ?? head).face] },
      zones[format].width,
      this.measure,
    );
    this.texts.set(key, done);
    return done;
  }
}

const fontKey = ({ families, weight, size }: Font): string => `${families[0]} ${weight} ${size}`;
