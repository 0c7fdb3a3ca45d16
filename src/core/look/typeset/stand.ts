import type { Box, Size } from '../formats.ts';
import type { Standing, Zone } from '../types.ts';

/** Shares of the subject that words may cover before they go elsewhere. */
const COVER = {
  /** Low words go up when they cover more than this, and would cover far less above. */
  low: 0.3,
  farLess: 0.4,
  /** Each place further from the middle counts as if it covered so much more. */
  perPlace: 0.04,
} as const;

/** At the foot of the zone; at its top when the subject is below. */
export function low(zone: Zone, height: number, stage: Size, subject: Box | null): Standing {
  const below = { y: zone.bottom - height, standsOn: true };
  const above = { y: zone.top, standsOn: false };
  if (!subject) return below;
  const belowCovers = covered(zone, below.y, height, stage, subject);
  const aboveCovers = covered(zone, above.y, height, stage, subject);
  return belowCovers > COVER.low && aboveCovers < belowCovers * COVER.farLess ? above : below;
}

/** In the middle of the zone, or up or down from it where the words cover less of the subject. */
export function central(zone: Zone, height: number, stage: Size, subject: Box | null): Standing {
  const places = [0.5, 0.12, 0.9].map((k) => ({
    y: Math.round(zone.top + (zone.bottom - zone.top - height) * k),
    standsOn: false,
  }));
  const [middle] = places as [Standing, ...Standing[]];
  if (!subject) return middle;
  const costs = places.map((p, i) => covered(zone, p.y, height, stage, subject) + COVER.perPlace * i);
  let best = 0;
  costs.forEach((cost, i) => {
    if (cost < (costs[best] as number) - 1e-9) best = i;
  });
  return places[best] as Standing;
}

/** In the middle, whatever stands behind. */
export const middle = (zone: Zone, height: number, stage: Size): Standing =>
  central(zone, height, stage, null);

/** Share of the subject that a band of words would cover. */
function covered(zone: Zone, y: number, height: number, stage: Size, subject: Box): number {
  const [fx, fy] = [subject[0] * stage.width, subject[1] * stage.height];
  const [fw, fh] = [subject[2] * stage.width, subject[3] * stage.height];
  const w = Math.max(0, Math.min(fx + fw, zone.x + zone.width) - Math.max(fx, zone.x));
  const h = Math.max(0, Math.min(fy + fh, y + height) - Math.max(fy, y));
  return fw * fh > 0 ? (w * h) / (fw * fh) : 0;
}
