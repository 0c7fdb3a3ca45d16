import type { CSSProperties } from 'react';
import type { Format, Framing, ViewName } from '../../core/piece/types.ts';
import { aimCrop, bestView, coverCrop } from '../../core/timeline/framing.ts';
import { STAGE } from '../../core/timeline/types.ts';
import type { PictureView, ShelfEntryView } from '../../server/shelf/view.ts';

/** The name of the view of a picture that a format shows. */
export const viewNameFor = (e: ShelfEntryView, format: Format): ViewName | null =>
  bestView(e, STAGE[format].width / STAGE[format].height);

function viewFor(e: ShelfEntryView, format: Format): PictureView | null {
  const name = viewNameFor(e, format);
  return (name && e.views[name]) ?? null;
}

/** Address of what is played: the clip's copy, or the loop. */
export const mediaUrl = (e: ShelfEntryView, format: Format): string =>
  e.clip ? (e.clip.done === 1 ? e.clip.proxy : '') : (viewFor(e, format)?.src ?? '');

/** How a small picture has to be laid out so that it shows what the writer's frame shows at the end; null without one. */
export function framedStyle(
  e: ShelfEntryView,
  format: Format,
  framing: Framing | null,
): CSSProperties | null {
  const name = viewNameFor(e, format);
  const view = name && e.views[name];
  if (e.cutOut && !framing) return { objectFit: 'contain', background: e.colours[0] };
  if (!framing || !name || !view) return null;
  if (framing.fit === 'whole')
    return { objectFit: 'contain', background: framing.surround === 'blur' ? '#35333b' : framing.surround };
  const aim = framing.aims[name]?.at(-1);
  if (!aim) return null;
  const c = aimCrop(view.width, view.height, STAGE[format].width / STAGE[format].height, aim);
  return {
    position: 'absolute',
    maxWidth: 'none',
    width: `${(view.width / c.width) * 100}%`,
    height: `${(view.height / c.height) * 100}%`,
    left: `${(-c.x / c.width) * 100}%`,
    top: `${(-c.y / c.height) * 100}%`,
  };
}

/** The small picture that a format shows, and where it has to be cut, as a CSS object-position. */
export function thumbFor(e: ShelfEntryView, format: Format): { src: string; position: string } {
  const view = viewFor(e, format);
  if (!view) return { src: '', position: '50% 50%' };
  const { width, height, focal } = view;
  const ratio = STAGE[format].width / STAGE[format].height;
  const c = coverCrop(width, height, ratio, focal);
  const share = (offset: number, room: number) => (room > 0.5 ? (offset / room) * 100 : 50);
  return {
    src: view.thumb,
    position: `${share(c.x, width - c.width)}% ${share(c.y, height - c.height)}%`,
  };
}

/** CSS aspect-ratio of a format. */
export const aspect = (format: Format): string => `${STAGE[format].width} / ${STAGE[format].height}`;
