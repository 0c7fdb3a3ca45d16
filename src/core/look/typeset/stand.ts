import type { Box, Size } from '../formats.ts';
import type { Rect, Stand, Standing, Zone } from '../types.ts';

const COVER = {
  /** Low words go up when it costs so much less to stand there: captions keep their place where they can. */
  worthMoving: 0.3,
  /** Each place further from the first one counts as if it cost so much more. */
  perPlace: 0.03,
  /** What is at the top of a subject is looked at first, a face above all: so much of its height counts so many times. */
  topShare: 0.4,
  topWeight: 2,
} as const;

/** Heights in the zone, from 0 at its top to 1 at its foot, in the order in which they are preferred. */
const CENTRAL = [0.5, 0.7, 0.3, 0.88, 0.12, 1, 0] as const;

const at = (zone: Zone, height: number, k: number): Standing => ({
  y: Math.round(zone.top + (zone.bottom - zone.top - height) * k),
  standsOn: false,
});

const rectAt = (words: Pick<Rect, 'x' | 'width' | 'height'>, { y }: Standing): Rect => ({
  ...{ x: words.x, y },
  ...{ width: words.width, height: words.height },
});

/** At the foot of the zone; at its top where that covers much less of what is behind. */
export const low: Stand = (zone, words, cost) => {
  const below = { y: zone.bottom - words.height, standsOn: true };
  const above = { y: zone.top, standsOn: false };
  if (!cost) return below;
  return cost(rectAt(words, above)) < cost(rectAt(words, below)) - COVER.worthMoving ? above : below;
};

/** In the middle of the zone, or up or down from it where the words cover less of what is behind. */
export const central: Stand = (zone, words, cost) => {
  const places = CENTRAL.map((k) => at(zone, words.height, k));
  const [middle] = places as [Standing, ...Standing[]];
  if (!cost) return middle;
  const costs = places.map((p, i) => cost(rectAt(words, p)) + COVER.perPlace * i);
  return places[costs.indexOf(Math.min(...costs))] ?? middle;
};

/** In the middle, whatever stands behind. */
export const middle: Stand = (zone, words) => at(zone, words.height, 0.5);

/** Share of a rectangle that another one has. */
function shareIn(of: Rect, by: Rect): number {
  const w = Math.max(0, Math.min(of.x + of.width, by.x + by.width) - Math.max(of.x, by.x));
  const h = Math.max(0, Math.min(of.y + of.height, by.y + by.height) - Math.max(of.y, by.y));
  return of.width * of.height > 0 ? (w * h) / (of.width * of.height) : 0;
}

/** How much of the subject words cover, 0 to 1; what is at its top counts more. */
export function covered(words: Rect, stage: Size, [x, y, w, h]: Box): number {
  const whole = { x: x * stage.width, y: y * stage.height, width: w * stage.width, height: h * stage.height };
  const head = { ...whole, height: whole.height * COVER.topShare };
  const weight = COVER.topShare * (COVER.topWeight - 1);
  return (shareIn(whole, words) + weight * shareIn(head, words)) / (1 + weight);
}
