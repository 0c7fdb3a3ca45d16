import type { Found, Search, SearchAnswer, ShelfEntryView } from '../../api/shelf.ts';
import type { Licence } from '../../core/exchange/credits.ts';
import { Failed } from '../../core/failure.ts';
import { type Format, stageOf } from '../../core/look/formats.ts';
import { placeBrought } from '../../core/match/brought.ts';
import { confidenceOf, reasonsOf } from '../../core/match/nab.ts';
import type { PictureTraits } from '../../core/match/preference.ts';
import { ShelfIndex } from '../../core/match/score.ts';
import { sessionsOf } from '../../core/match/sessions.ts';
import type { ShelfItem } from '../../core/match/types.ts';
import { broughtAlong } from '../../core/outline/draft.ts';
import { hasHue } from '../../core/picture/hues.ts';
import type { Piece } from '../../core/piece/types.ts';
import { assetView, pictureFact } from '../assets/lookup.ts';
import { assetRecord } from '../assets/record.ts';
import { byteDots } from './dots.ts';
import { favouriteIds, ownShelf, ownWordsOf } from './own.ts';
import { matchLines, type NabFrom, shelf, traitsOf } from './shelf.ts';
import { ownTraits, sourcePicturesOf } from './source-pictures.ts';
import { shelfEntryView } from './view.ts';

type Reasoned = Pick<Found, 'reasons' | 'confidence'> & { id: string };

/** What of a picture is asked by filters. */
interface Facets {
  people: number | null;
  licence: Licence;
  colours: readonly string[];
  own: boolean;
  /** Width to height of its views. */
  ratios: number[];
  traits: PictureTraits;
}

interface WholeShelf {
  state: string;
  index: ShelfIndex;
  /** Own pictures first, latest first; then the shipped ones. */
  order: ShelfItem[];
  facets: Map<string, Facets>;
}

let whole: WholeShelf | null = null;

/** The shipped shelf and the own part as one; put together again only after a change. */
async function wholeShelf(): Promise<WholeShelf> {
  const [shipped, own] = await Promise.all([shelf(), ownShelf()]);
  if (whole?.state === own.state) return whole;
  const facets = new Map<string, Facets>();
  for (const e of shipped.entries.values())
    facets.set(e.id, {
      people: e.people,
      licence: 'free',
      colours: [...e.views.wide.colours, ...e.views.tall.colours],
      own: false,
      ratios: Object.values(e.views).map((v) => v.width / v.height),
      traits: traitsOf(e),
    });
  const brought: { item: ShelfItem; takenAt: string | null }[] = [];
  for (const p of own.pictures.values()) {
    const record = await assetRecord(p.id);
    if (!record) continue;
    brought.push({ item: p.item, takenAt: record.takenAt });
    facets.set(p.id, {
      people: p.people,
      licence: p.licence,
      colours: record.colours,
      own: true,
      ratios: [record.width / record.height],
      traits: ownTraits(record),
    });
  }
  const order = [...inSessions(brought), ...shipped.index.items];
  whole = { state: own.state, index: new ShelfIndex(order, shipped.tagVectors, byteDots), order, facets };
  return whole;
}

const saysWhatItShows = (item: ShelfItem): boolean => item.tags.length > 0 || !NAMELESS.has(item.title);

const inSession = new WeakMap<ShelfItem, ShelfItem>();

/** Own pictures with what those say that were taken on the same occasion. What has not changed stays the same object. */
function inSessions(brought: readonly { item: ShelfItem; takenAt: string | null }[]): ShelfItem[] {
  const sessions = sessionsOf(
    brought.map(({ item, takenAt }) => ({
      ...{ id: item.id, takenAt },
      words: NAMELESS.has(item.title) ? item.tags : [item.title, ...item.tags],
    })),
  );
  const byId = new Map(brought.map(({ item }) => [item.id, item]));
  return brought.map(({ item }) => {
    const of = sessions.get(item.id);
    if (!of) return item;
    // A photo of which nothing is said means what is said of the nearest one of its occasion.
    const nearest = saysWhatItShows(item) ? undefined : byId.get(of.nearest ?? '');
    const { textVector, tagsVector } = nearest ?? item;
    const { session, calledFor } = of;
    const before = inSession.get(item);
    if (
      before?.session === session &&
      before.textVector === textVector &&
      String(before.calledFor) === String(calledFor)
    )
      return before;
    const next = { ...item, textVector, tagsVector, session, calledFor };
    inSession.set(item, next);
    return next;
  });
}

/** Has both parts of the shelf put together ahead of the first search. */
export async function loadShelf(): Promise<void> {
  await wholeShelf();
}

/**
 * What pictures are nabbed from: those that may be used, and whose words say what is in them. A photo named by its camera
 * is found by looking, not by meaning.
 */
export async function nabFrom(piece: Piece): Promise<NabFrom> {
  const { index, facets } = await wholeShelf();
  const source = await sourcePicturesOf(piece);
  const allow = (item: ShelfItem) => {
    const f = facets.get(item.id);
    return (
      f !== undefined &&
      f.licence !== 'unknown' &&
      (!f.own || saysWhatItShows(item) || (item.calledFor?.length ?? 0) > 0)
    );
  };
  const traits = (item: ShelfItem): PictureTraits =>
    facets.get(item.id)?.traits ?? source?.traits.get(item.id) ?? {};
  return { index, allow, traits, ...(source ? { sourceIndex: source.index } : {}) };
}

/** The pictures that were laid beside a script, in its scenes; those that are gone are left out. */
export async function withBrought(piece: Piece, brought: readonly string[]): Promise<Piece> {
  const { index, facets, order } = await wholeShelf();
  const items = new Map(order.map((it) => [it.id, it]));
  const ids = brought.filter((id) => facets.has(id));
  const lines = await matchLines(piece.scenes, { from: index });
  const near = lines.map(
    (line) =>
      new Map(
        index
          .rank(line, { limit: ids.length, allow: (it) => ids.includes(it.id) })
          .map((s) => [s.item.id, s] as const),
      ),
  );
  const saysWhat = (id: string) => {
    const item = items.get(id);
    return item !== undefined && saysWhatItShows(item);
  };
  const given = placeBrought(
    near.map((scores) => ids.map((id) => (saysWhat(id) ? (scores.get(id)?.score ?? 0) : null))),
    ids.length,
  );
  const scenes = piece.scenes.map((scene, i) => {
    const id = ids[given[i] ?? -1];
    return id ? { ...scene, pictures: [broughtAlong(id, { code: 'brought' })] } : scene;
  });
  return { ...piece, scenes };
}

const NAMELESS = new Set(['Photo', 'Picture', 'Clip']);

/** Share of a picture that must stay in view in a format. */
const LEAST_SEEN = 2 / 3;

function fits(ratio: number, format: Format): boolean {
  const stage = stageOf(format).width / stageOf(format).height;
  return Math.min(ratio, stage) / Math.max(ratio, stage) >= LEAST_SEEN;
}

function allows(search: Search, facets: Map<string, Facets>, favourite: Set<string>) {
  const without = new Set(search.without);
  return (item: ShelfItem): boolean => {
    const f = facets.get(item.id);
    return (
      f !== undefined &&
      !without.has(item.id) &&
      (!search.own || f.own) &&
      (!search.favourite || favourite.has(item.id)) &&
      (search.kind === null || (search.kind === 'still') === (item.kind === 'still')) &&
      (search.licence === null || f.licence === search.licence) &&
      (search.colour === null || hasHue(f.colours, search.colour)) &&
      (search.format === null || f.ratios.some((r) => fits(r, search.format as Format))) &&
      (search.people === null ||
        (f.people !== null &&
          (search.people === 'none'
            ? f.people === 0
            : search.people === 'one'
              ? f.people === 1
              : f.people > 1)))
    );
  };
}

/** Pictures of the whole shelf for words, for a likeness or for filters alone. */
export async function search(ask: Search): Promise<SearchAnswer> {
  const { index, order, facets } = await wholeShelf();
  const favourite = await favouriteIds();
  const fitting = order.filter(allows(ask, facets, favourite));
  const total = fitting.length;
  const among = new Set(fitting);
  const allow = (item: ShelfItem) => among.has(item);
  const upTo = ask.offset + ask.limit;
  const ranked = await rank();
  return { total, found: await Promise.all(ranked.slice(ask.offset, upTo).map(found)) };

  async function rank(): Promise<Reasoned[]> {
    if (ask.like)
      return index.like(ask.like, upTo, allow).map(({ item, close }) => ({
        id: item.id,
        reasons: [{ code: 'like', close }],
        confidence: close,
      }));
    const [line] = ask.q.trim()
      ? await matchLines([{ id: 'search', layout: 'caption', shown: ask.q, brief: '' }], {
          from: index,
          language: ask.language,
        })
      : [];
    if (!line) return fitting.map(({ id }) => ({ id, reasons: [], confidence: 0 }));
    return index
      .rank(line, { limit: upTo, allow })
      .map((s) => ({ id: s.item.id, reasons: reasonsOf(s, line.said), confidence: confidenceOf(s.score) }));
  }

  async function found(f: Reasoned): Promise<Found> {
    const { id, ...why } = f;
    return { entry: await entryView(id), ...why, favourite: favourite.has(id) };
  }
}

/** What the interface knows of a picture of the whole shelf, with what its owner says of it. */
export async function entryView(id: string): Promise<ShelfEntryView> {
  const shipped = (await shelf()).entries.get(id);
  if (shipped) return shelfEntryView(shipped);
  const record = await assetRecord(id);
  if (!record) throw new Failed({ code: 'no-picture' });
  const view = await assetView(record);
  const said = (await ownShelf()).pictures.get(id) ?? (await ownWordsOf([id])).get(id);
  if (!said) return view;
  const { title, description, tags, licence, credit, people } = said;
  return { ...view, title, description, tags, licence, credit, people };
}

/** The same for several pictures; ids that nothing is known of are left out. */
export async function entryViews(ids: Iterable<string>): Promise<ShelfEntryView[]> {
  const found = await Promise.all(
    [...new Set(ids)].map(async (id) => ((await pictureFact(id)) ? entryView(id) : null)),
  );
  return found.filter((v) => v !== null);
}
