import type { Box, ViewName } from '../../core/timeline/types.ts';
import { shelf } from './shelf.ts';

/** What the interface knows of a shelf picture. */
export interface ShelfEntryView {
  id: string;
  kind: 'still' | 'loop';
  title: string;
  description: string;
  tags: string[];
  licence: string;
  loopFrames: number;
  views: Record<ViewName, { width: number; height: number; focal: Box; hash: string }>;
}

export async function shelfView(): Promise<ShelfEntryView[]> {
  return [...(await shelf()).entries.values()].map((e) => ({
    id: e.id,
    kind: e.kind,
    title: e.title,
    description: e.description,
    tags: e.tags,
    licence: e.licence,
    loopFrames: e.loopFrames,
    views: {
      wide: {
        width: e.views.wide.width,
        height: e.views.wide.height,
        focal: e.views.wide.focal,
        hash: e.views.wide.hash,
      },
      tall: {
        width: e.views.tall.width,
        height: e.views.tall.height,
        focal: e.views.tall.focal,
        hash: e.views.tall.hash,
      },
    },
  }));
}
