import type { Rect } from '../kit/paint.ts';
import type { Slots } from './slots.ts';

export type View = 'wide' | 'tall';

/** One picture of the shelf, as data (rows/*.json): what the painter needs to paint it and what the search needs to find it. */
export interface CatalogueRow {
  /** Stable: pieces refer to it. */
  id: string;
  kind: 'still' | 'loop';
  motif: string;
  /** Palette other than the motif's own. */
  pal?: string;
  /** Stage rectangle of a detail framing; the height follows from the proportions. */
  wide?: Rect;
  tall?: Rect;
  slots?: Slots;
  seed?: string;
  title: string;
  description: string;
  tags: string[];
  /** Box round the subject, stage units: x, y, width, height. */
  focal: [number, number, number, number];
  /** Where words may stand without covering the subject. */
  room: ('top' | 'middle' | 'bottom' | 'left' | 'right')[];
  people: number;
  mood: string;
  setting: 'indoor' | 'outdoor' | 'table' | 'abstract';
  time: 'day' | 'morning' | 'evening' | 'night' | 'any';
  /** It shows nothing in particular and stands behind any words. */
  ground?: boolean;
  /** Lines as people write them for which the picture is used: what it stands for, not what is in it. */
  usedFor: string[];
  /** Single words that call for the picture though they are not in it (called-for.txt). */
  calledFor: string[];
}

/** What the painter needs of a row. */
export type PaintedRow = Pick<
  CatalogueRow,
  'kind' | 'motif' | 'pal' | 'wide' | 'tall' | 'slots' | 'seed' | 'focal'
>;
