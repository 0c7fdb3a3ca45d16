import type { Layout } from '../look/layouts.ts';
import type { LineReason } from '../source/reasons.ts';
import type { Milliseconds } from '../time.ts';
import type { Angle } from './angles.ts';

/** A scene to be, as the outline shows it. */
export interface OutlineLine {
  /** Where it comes from; also its name in the writer's choices. */
  ref: string;
  layout: Layout;
  shown: string;
  /** null: the voice says what is shown; '' is silence. */
  spoken: string | null;
  /** The sentence of the source, or the fact; empty for words of our own. */
  from: string;
  /** A picture of the source by id, or null for one from the shelf. */
  picture: string | null;
  /** A photo's asset, for photo sets. */
  assetId: string | null;
  /** Length set by the outline; null follows the voice. */
  durationMs: Milliseconds | null;
  /** Why it was chosen. */
  reasons: LineReason[];
  /** The writer pulled it in or changed it. */
  fixed: boolean;
}

/** What the writer changed by hand on a line. */
export interface LineEdit {
  shown?: string;
  spoken?: string | null;
  layout?: Layout;
}

/** How a photo set becomes a piece. */
export interface PhotoChoices {
  /** Photo ids in the writer's order; null sorts by capture time. */
  order: string[] | null;
  /** Photos that are left out. */
  leave: string[];
  length: 'each' | 'total';
  eachMs: Milliseconds;
  totalMs: Milliseconds;
  /** Words on the first and the last photo. */
  first: string;
  last: string;
}

export const CHOICES_VERSION = 1;

/** Every decision that was made on an outline; with the source it gives the lines. */
export interface OutlineChoices {
  version: typeof CHOICES_VERSION;
  /** null: no limit. */
  targetMs: Milliseconds | null;
  speak: 'line' | 'sentence';
  angle: Angle;
  /** Sentences that were pulled in, in any order. */
  keep: string[];
  /** Lines and sentences that were thrown out. */
  drop: string[];
  edits: Record<string, LineEdit>;
  /** Pictures given by hand: line ref to picture id, or null for none of the source's. */
  pictures: Record<string, string | null>;
  /** Pictures of the source that shall not be used. */
  leavePictures: string[];
  /** Of a source with chapters, those that are told; none tells the first. */
  chapters: string[];
  /** A closing card that names the source. */
  closing: boolean;
  photos: PhotoChoices;
}

/** A line of which only what matters is said: it follows the voice, says what it shows, and has no picture yet. */
export const outlineLine = (
  said: Pick<OutlineLine, 'ref' | 'layout' | 'shown' | 'from'> & Partial<OutlineLine>,
): OutlineLine => ({
  spoken: null,
  picture: null,
  assetId: null,
  durationMs: null,
  reasons: [],
  fixed: false,
  ...said,
});
