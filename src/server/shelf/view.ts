import type { PictureView, ShelfEntryView } from '../../api/shelf.ts';
import type { ViewName } from '../../core/piece/types.ts';
import type { CatalogueEntry } from './catalogue.ts';
import { shelf } from './shelf.ts';

export function shelfEntryView(e: CatalogueEntry): ShelfEntryView {
  const view = (name: ViewName): PictureView => {
    const { width, height, focal, hash, relief } = e.views[name];
    const src = `/media/shelf/${e.id}/${name}?v=${hash.slice(0, 12)}`;
    return { width, height, focal, relief: relief ?? null, src, thumb: `${src}&thumb` };
  };
  return {
    id: e.id,
    kind: e.kind,
    title: e.title,
    description: e.description,
    tags: e.tags,
    licence: 'free',
    credit: '',
    own: false,
    machineMade: false,
    cutOut: false,
    colours: e.views.wide.colours,
    people: e.people,
    takenAt: null,
    loopFrames: e.loopFrames,
    durationMs: 0,
    sound: false,
    clip: null,
    views: { wide: view('wide'), tall: view('tall') },
  };
}

export async function shelfView(): Promise<ShelfEntryView[]> {
  return [...(await shelf()).entries.values()].map(shelfEntryView);
}
