import type { Format, Size } from '../look/formats.ts';
import { SAFE } from '../look/looks/make.ts';
import type { LayoutStyle, Rect, Standing, Zone } from '../look/types.ts';
import type { Behind } from './behind.ts';
import { aroundOf } from './panels.ts';

/** So many heights are tried for words that would stand on a head. */
const PLACES = 24;

/**
 * Where words were to stand; the nearest height at which they and their panel cover no head, in their zone or else in what every
 * screen shows, where there is one.
 */
export function offHeads(
  wanted: Standing,
  on: {
    zone: Zone;
    format: Format;
    stage: Size;
    words: Rect;
    style: Pick<LayoutStyle, 'panel'>;
    behind: Behind;
  },
): Standing {
  const { zone, words, stage, behind } = on;
  const { panel } = on.style;
  const covers = (y: number) => {
    const there = { ...words, y };
    return behind.coversHead(panel ? aroundOf(panel, there, zone, stage) : there);
  };
  if (!covers(wanted.y)) return wanted;
  const nearest = (top: number, bottom: number) => {
    const free = bottom - top - words.height;
    return Array.from({ length: free < 0 ? 0 : PLACES + 1 }, (_, k) => Math.round(top + (free * k) / PLACES))
      .filter((y) => !covers(y))
      .sort((a, b) => Math.abs(a - wanted.y) - Math.abs(b - wanted.y))[0];
  };
  const safe = SAFE(on.format);
  const pad = panel?.pad.y ?? 0;
  const y = nearest(zone.top, zone.bottom) ?? nearest(safe.top + pad, safe.bottom - pad);
  return y === undefined ? wanted : { y, standsOn: false };
}
