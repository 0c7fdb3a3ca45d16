import type { Licence } from '../../core/exchange/credits.ts';
import type { ViewName } from '../../core/piece/types.ts';
import type { Box } from '../../core/timeline/types.ts';
import type { CatalogueEntry } from './catalogue.ts';
import { shelf } from './shelf.ts';

export interface PictureView {
  width: number;
  height: number;
  focal: Box;
  /** Addresses of the picture and of its small copy. */
  src: string;
  thumb: string;
}

/** What the interface knows of a picture. */
export interface ShelfEntryView {
  id: string;
  kind: 'still' | 'loop' | 'clip';
  title: string;
  description: string;
  tags: string[];
  /** free, credit (with whom to name), bought, own or unknown. */
  licence: Licence;
  credit: string;
  /** Brought in, not of the shipped shelf. */
  own: boolean;
  /** Painted to order by the studio. */
  machineMade: boolean;
  /** A drawing without ground, such as a logo. */
  cutOut: boolean;
  colours: string[];
  /** null while nobody has said. */
  people: number | null;
  loopFrames: number;
  durationMs: number;
  sound: boolean;
  /**
   * Of a clip: addresses of the copy for playing, of the file itself where browsers play it, and of the film strip; and
   * how far the copy is, 0 to 1.
   */
  clip: { proxy: string; direct: string | null; strip: string; done: number; failed: string | null } | null;
  /** At least one; a picture from elsewhere has just one. */
  views: Partial<Record<ViewName, PictureView>>;
}

export function shelfEntryView(e: CatalogueEntry): ShelfEntryView {
  const view = (name: ViewName): PictureView => {
    const { width, height, focal, hash } = e.views[name];
    const src = `/media/shelf/${e.id}/${name}?v=${hash.slice(0, 12)}`;
    return { width, height, focal, src, thumb: `${src}&thumb` };
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
