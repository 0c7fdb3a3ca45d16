import { type Format, ratioOf, stageOf } from '../look/formats.ts';
import { type Layout, layoutRule } from '../look/layouts.ts';
import { MOODS, type Mood } from '../music/moods.ts';
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
  /** Of the music; null without any. */
  mood: Mood | null;
  layout: Layout;
}

/** Added to the score, which runs from 0 to about 1: enough to decide between pictures that fit alike, no more. */
const PREFERENCE = {
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

/** How well a picture serves the piece and the line in everything but meaning. */
export function preference(traits: PictureTraits, { format, mood, layout }: Wanting): number {
  const stage = stageOf(format);
  const ratio = ratioOf(stage);
  let sum = traits.own ? PREFERENCE.own : 0;
  if (traits.mood && mood && MOODS[mood].pictures.includes(traits.mood)) sum += PREFERENCE.mood;
  if (traits.room && layoutRule(layout).standsInPicture)
    sum += traits.room.length ? PREFERENCE.room : PREFERENCE.noRoom;
  const seen = Math.max(0, ...(traits.ratios ?? []).map((r) => Math.min(r, ratio) / Math.max(r, ratio)));
  if (traits.ratios?.length && seen < 2 / 3) sum += seen < 0.5 ? PREFERENCE.hardCut : PREFERENCE.cut;
  if (traits.shortSide !== undefined && traits.shortSide * 1.5 < Math.min(stage.width, stage.height))
    sum += PREFERENCE.coarse;
  return sum;
}

/** What nab asks for each line: preference of an item, by the traits that are known of it. */
export type Preference = (item: ShelfItem, sceneId: string) => number;
