import type { Format, Layout, Mood } from '../piece/types.ts';
import { STAGE } from '../timeline/types.ts';
import type { ShelfItem } from './types.ts';

/** What is known of a picture besides its meaning; what is not known is left out and counts neither way. */
export interface PictureTraits {
  /** Where words may stand; empty when they would cover what matters. */
  room?: readonly string[];
  mood?: string;
  /** Width to height of each of its views. */
  ratios?: readonly number[];
  /** Shorter side, pixels. */
  shortSide?: number;
  /** Brought by the writer. */
  own?: boolean;
}

/** The piece and the line for which a picture is wanted. */
export interface Wanting {
  format: Format;
  mood: Mood;
  layout: Layout;
}

/** Added to the score, which runs from 0 to about 1: enough to decide between pictures that fit alike, no more. */
export const LIKING = {
  own: 0.05,
  mood: 0.02,
  room: 0.02,
  noRoom: -0.03,
  /** For a cut that leaves less than two thirds, and less than a half. */
  cut: -0.02,
  hardCut: -0.05,
  /** For a picture that must be enlarged more than one and a half times. */
  coarse: -0.04,
} as const;

/** Moods of pictures that go with a mood of the music. */
const MOODS_OF: Record<Mood, readonly string[]> = {
  gentle: ['calm', 'warm', 'hopeful', 'sad'],
  bright: ['playful', 'festive', 'hopeful', 'warm'],
  drive: ['active', 'tense', 'serious'],
  wonder: ['hopeful', 'calm', 'festive'],
  none: [],
};

/** Layouts whose words stand in the picture rather than under it. */
const WORDY = new Set<Layout>(['title', 'quote', 'figure', 'end']);

/** How well a picture suits the piece and the line in everything but meaning. */
export function liking(traits: PictureTraits, { format, mood, layout }: Wanting): number {
  const stage = STAGE[format];
  const ratio = stage.width / stage.height;
  let sum = traits.own ? LIKING.own : 0;
  if (traits.mood && MOODS_OF[mood].includes(traits.mood)) sum += LIKING.mood;
  if (traits.room && WORDY.has(layout)) sum += traits.room.length ? LIKING.room : LIKING.noRoom;
  const seen = Math.max(0, ...(traits.ratios ?? []).map((r) => Math.min(r, ratio) / Math.max(r, ratio)));
  if (traits.ratios?.length && seen < 2 / 3) sum += seen < 0.5 ? LIKING.hardCut : LIKING.cut;
  if (traits.shortSide !== undefined && traits.shortSide * 1.5 < Math.min(stage.width, stage.height))
    sum += LIKING.coarse;
  return sum;
}

/** What nab asks for each line: liking of an item, by the traits that are known of it. */
export type Liking = (item: ShelfItem, sceneId: string) => number;
