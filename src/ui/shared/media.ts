import type { Format } from '../../core/piece/types.ts';
import { coverCrop } from '../../core/timeline/framing.ts';
import { STAGE, type ViewName } from '../../core/timeline/types.ts';
import type { ShelfEntryView } from '../../server/shelf/view.ts';

export const mediaUrl = (e: ShelfEntryView, view: ViewName): string =>
  `/media/shelf/${e.id}/${view}?v=${e.views[view].hash.slice(0, 12)}`;
export const thumbUrl = (e: ShelfEntryView, view: ViewName): string => `${mediaUrl(e, view)}&thumb`;

/** The view that a format shows, and where it has to be cut, as a CSS object-position. */
export function thumbFor(e: ShelfEntryView, format: Format): { src: string; position: string } {
  const view: ViewName = format === '9:16' ? 'tall' : 'wide';
  const { width, height, focal } = e.views[view];
  const ratio = STAGE[format].width / STAGE[format].height;
  const c = coverCrop(width, height, ratio, focal);
  const share = (offset: number, room: number) => (room > 0.5 ? (offset / room) * 100 : 50);
  return {
    src: thumbUrl(e, view),
    position: `${share(c.x, width - c.width)}% ${share(c.y, height - c.height)}%`,
  };
}

/** CSS aspect-ratio of a format. */
export const aspect = (format: Format): string => `${STAGE[format].width} / ${STAGE[format].height}`;
