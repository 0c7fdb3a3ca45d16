import { seeded } from '../hash.ts';

/** The lights in which the studio can paint; a palette each. */
export const LIGHTS = ['dawn', 'noon', 'dusk', 'night', 'rain', 'autumn', 'lamplit', 'kitchen'] as const;
export type Light = (typeof LIGHTS)[number];

/** Where a thing can stand. */
export const STAGES = ['table', 'sill', 'sheets', 'hill', 'above'] as const;
export type Stage = (typeof STAGES)[number];

/** Words that ask for a light, first match first. */
const ASKED: readonly [RegExp, Light][] = [
  [/\b(night|midnight|dark|moon|stars?|sleep|asleep)\b/i, 'night'],
  [/\b(rain|rained|rains|rainy|storm|wet|grey|gray|umbrella|cloudy|gloomy)\b/i, 'rain'],
  [/\b(evening|dusk|sunset|twilight)\b/i, 'dusk'],
  [/\b(morning|dawn|sunrise|early|breakfast|begin|beginning)\b/i, 'dawn'],
  [/\b(autumn|october|november|harvest|leaves)\b/i, 'autumn'],
  [/\b(lamp|candle|cosy|cozy|fireside|warm light)\b/i, 'lamplit'],
  [/\b(summer|noon|sunny|midday|bright day)\b/i, 'noon'],
];

/** The light that words ask for; null when they ask for none. */
export const lightOf = (words: string): Light | null => ASKED.find(([re]) => re.test(words))?.[1] ?? null;

/** What the studio shall paint: a thing on a stage, or a place, in a light. */
export interface Order {
  /** "still-life/hourglass" or "place/forest". */
  what: string;
  stage: Stage;
  light: Light;
  /** Another seed gives another composition of the same. */
  seed: string;
}

/** Stages on which a thing drawn upright, or one drawn from above, makes sense. */
const stagesFor = (usual: Stage): readonly Stage[] =>
  usual === 'above' ? ['above', 'sheets'] : ['table', 'sill', 'sheets', 'hill'];

/**
 * Fills in what words leave open. Another seed varies stage and light, so that asking again gives a really different
 * picture; what the words or the writer ask for stays.
 */
export function completeOrder(
  what: string,
  usualStage: Stage,
  words: string,
  seed: string,
  wanted: Partial<Pick<Order, 'stage' | 'light'>> = {},
): Order {
  const random = seeded(`order ${what} ${seed}`);
  const stages = stagesFor(usualStage);
  const stage = wanted.stage ?? (stages[Math.floor(random() * stages.length)] as Stage);
  const fitting: readonly Light[] =
    stage === 'table' || stage === 'above'
      ? ['kitchen', 'kitchen', 'lamplit', 'dawn']
      : ['noon', 'dawn', 'dusk', 'autumn'];
  const light = wanted.light ?? lightOf(words) ?? (fitting[Math.floor(random() * fitting.length)] as Light);
  return { what, stage, light, seed };
}
