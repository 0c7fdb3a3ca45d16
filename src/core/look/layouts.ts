import { caption } from './layouts/caption.ts';
import { end } from './layouts/end.ts';
import { figure } from './layouts/figure.ts';
import { number } from './layouts/number.ts';
import { plain } from './layouts/plain.ts';
import { quote } from './layouts/quote.ts';
import { split } from './layouts/split.ts';
import { subtitle } from './layouts/subtitle.ts';
import { title } from './layouts/title.ts';
import { words } from './layouts/words.ts';
import type { LayoutRule } from './types.ts';

/** Every layout that a scene can have, in the order in which they are offered. */
export const LAYOUTS = {
  title,
  caption,
  subtitle,
  quote,
  number,
  figure,
  split,
  words,
  end,
  plain,
} satisfies Record<string, LayoutRule>;

export type Layout = keyof typeof LAYOUTS;
/** Layouts that show words. */
export type WordLayout = {
  [K in Layout]: (typeof LAYOUTS)[K]['words'] extends null ? never : K;
}[Layout];
export const LAYOUT_NAMES = Object.keys(LAYOUTS) as Layout[];

export const layoutRule = (layout: Layout): LayoutRule => LAYOUTS[layout];
