import type { CSSProperties } from 'react';
import type { PictureView, ShelfEntryView } from '../../api/shelf.ts';
import { type Format, ratioOf, stageOf } from '../../core/look/formats.ts';
import type { Framing, ViewName } from '../../core/piece/types.ts';
import { aimCrop, bestView, coverCrop } from '../../core/timeline/framing.ts';
import type { Crop } from '../../core/timeline/types.ts';

/** The name of the view of a picture that a format shows. */
export const viewNameFor = (e: ShelfEntryView, format: Format): ViewName | null =>
  bestView(e, ratioOf(stageOf(format)));

function viewFor(e: ShelfEntryView, format: Format): PictureView | null {
  const name = viewNameFor(e, format);
  return (name && e.views[name]) ?? null;
}

/** Address of what is played: the clip's copy, or the loop. */
export const mediaUrl = (e: ShelfEntryView, format: Format): string =>
  e.clip ? (e.clip.done === 1 ? e.clip.proxy : '') : (viewFor(e, format)?.src ?? '');

/** How a whole picture is laid out in its surround. */
export const wholeStyle = (surround: string): CSSProperties => ({
  objectFit: 'contain',
  background: surround === 'blur' ? '#35333b' : surround,
});

/** How a picture has to be laid out in a box with a crop's proportions so that the box shows the crop. */
export const croppedStyle = (size: { width: number; height: number }, crop: Crop): CSSProperties => ({
  position: 'absolute',
  maxWidth: 'none',
  width: `${(size.width / crop.width) * 100}%`,
  height: `${(size.height / crop.height) * 100}%`,
  left: `${(-crop.x / crop.width) * 100}%`,
  top: `${(-crop.y / crop.height) * 100}%`,
});

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
  if (framing.fit === 'whole') return wholeStyle(framing.surround);
  const aim = framing.aims[name]?.at(-1);
  if (!aim) return null;
  const ratio = ratioOf(stageOf(format));
  return croppedStyle(view, aimCrop(view.width, view.height, ratio, aim));
}

/** The small picture that a format shows, and where it has to be cut, as a CSS object-position. */
export function thumbFor(e: ShelfEntryView, format: Format): { src: string; position: string } {
  const view = viewFor(e, format);
  if (!view) return { src: '', position: '50% 50%' };
  const { width, height, focal } = view;
  const ratio = ratioOf(stageOf(format));
  const c = coverCrop(width, height, ratio, focal);
  const share = (offset: number, room: number) => (room > 0.5 ? (offset / room) * 100 : 50);
  return {
    src: view.thumb,
    position: `${share(c.x, width - c.width)}% ${share(c.y, height - c.height)}%`,
  };
}

/** CSS aspect-ratio of a format. */
export const aspect = (format: Format): string => `${stageOf(format).width} / ${stageOf(format).height}`;
