import { and, eq, inArray } from 'drizzle-orm';
import { LRUCache } from 'lru-cache';
import sharp from 'sharp';
import type { OfferView, PieceCost, StockAnswer } from '../../api/stock.ts';
import { Failed } from '../../core/failure.ts';
import type { Piece } from '../../core/piece/types.ts';
import { mergeStock } from '../../core/stock/merge.ts';
import type { StockPicture } from '../../core/stock/types.ts';
import { pictureApart } from '../apart/apart.ts';
import { assetRecord } from '../assets/record.ts';
import { db } from '../db/client.ts';
import { stockTaken } from '../db/schema.ts';
import { log, loggedError } from '../log.ts';
import { shelve, shelveAgain } from '../shelf/own.ts';
import { UnderWay } from '../store/under-way.ts';
import { LIBRARIES } from './libraries.ts';
import { LibraryTrouble, type StockLibrary } from './library.ts';

const STOCK_LIMITS = {
  /** A library that has not answered by then is left out of this search. */
  searchMs: 2500,
  deliverMs: 20_000,
  /** Asked of each library, and shown of all. */
  each: 12,
  shown: 18,
  previewPixels: 40_000_000,
  previewSide: 480,
} as const;

/** Offers of the last searches, by library and picture: what is taken is what was shown. */
const offers = new LRUCache<string, StockPicture>({ max: 5000 });
const keyOf = (library: string, id: string): string => `${library}/${id}`;

/** Asks all libraries at once; each has its own time, and one that is slow, failing or tired holds no other. */
export async function searchStock(
  words: string,
  libraries: readonly StockLibrary[] = LIBRARIES,
  searchMs: number = STOCK_LIMITS.searchMs,
): Promise<StockAnswer> {
  const answers = await Promise.all(
    libraries.map(async (library) => {
      const signal = AbortSignal.timeout(searchMs);
      try {
        const found = await Promise.race([
          library.search(words, STOCK_LIMITS.each, signal),
          new Promise<never>((_, reject) =>
            signal.addEventListener('abort', () => reject(new LibraryTrouble({ state: 'slow' }))),
          ),
        ]);
        return { library, found, state: { state: 'answered' } as const };
      } catch (e) {
        if (!(e instanceof LibraryTrouble)) log.warn(loggedError(e), 'library');
        const state = e instanceof LibraryTrouble ? e.state : ({ state: 'failed' } as const);
        return { library, found: [], state };
      }
    }),
  );
  const merged = mergeStock(
    words,
    answers.map((a) => a.found),
  ).slice(0, STOCK_LIMITS.shown);
  for (const p of merged) offers.set(keyOf(p.library, p.id), p);
  const taken = await takenOf(merged);
  return {
    offers: merged.map(
      (p): OfferView => ({
        ...p,
        preview: `/media/stock/${p.library}/${encodeURIComponent(p.id)}`,
        assetId: taken.get(keyOf(p.library, p.id)) ?? null,
      }),
    ),
    libraries: answers.map(({ library: { id, name }, state }) => ({ id, name, ...state })),
  };
}

/** The assets of offers that were taken before. */
async function takenOf(list: readonly StockPicture[]): Promise<Map<string, string>> {
  if (!list.length) return new Map();
  const rows = await db()
    .select()
    .from(stockTaken)
    .where(
      inArray(
        stockTaken.picture,
        list.map((p) => p.id),
      ),
    );
  return new Map(rows.map((r) => [keyOf(r.library, r.picture), r.assetId]));
}

function libraryOf(id: string, libraries: readonly StockLibrary[]): StockLibrary {
  const library = libraries.find((l) => l.id === id);
  if (!library) throw new Failed({ code: 'no-library' });
  return library;
}

/** What a library says in the words of this application. */
function away(library: StockLibrary, e: unknown): unknown {
  if (!(e instanceof LibraryTrouble)) return e;
  const waitS = e.state.state === 'limited' ? e.state.waitS : 0;
  return new Failed({ code: 'library-away', library: library.name, state: e.state.state, waitS });
}

/** A preview, made anew so that nothing of a stranger's file reaches the page. */
export async function stockPreview(
  libraryId: string,
  picture: string,
  libraries: readonly StockLibrary[] = LIBRARIES,
): Promise<Buffer> {
  const library = libraryOf(libraryId, libraries);
  try {
    const bytes = await library.preview(picture, AbortSignal.timeout(STOCK_LIMITS.searchMs));
    return await sharp(bytes, { limitInputPixels: STOCK_LIMITS.previewPixels })
      .resize(STOCK_LIMITS.previewSide, STOCK_LIMITS.previewSide, { fit: 'inside', withoutEnlargement: true })
      .webp({ quality: 76 })
      .toBuffer();
  } catch (e) {
    throw e instanceof LibraryTrouble ? away(library, e) : new Failed({ code: 'no-picture' });
  }
}

const taking = new UnderWay<string>();

/**
 * Takes a picture: what it costs is paid once, and it is on the shelf for every piece from then on. shownCents: the price
 * that the writer saw. Gives the asset's id. Taken twice at once it is paid once.
 */
export function takeStock(
  { library, id, shownCents }: { library: string; id: string; shownCents: number },
  libraries: readonly StockLibrary[] = LIBRARIES,
): Promise<string> {
  return taking.once(keyOf(library, id), async () => {
    const from = libraryOf(library, libraries);
    const [before] = await db()
      .select()
      .from(stockTaken)
      .where(and(eq(stockTaken.library, library), eq(stockTaken.picture, id)));
    if (before && (await assetRecord(before.assetId))) {
      // It may have been taken off the shelf meanwhile.
      await shelveAgain(before.assetId, true);
      return before.assetId;
    }
    const offer = offers.get(keyOf(library, id));
    if (!offer) throw new Failed({ code: 'offer-gone' });
    if (offer.priceCents !== shownCents)
      throw new Failed({ code: 'price-changed', fromCents: shownCents, toCents: offer.priceCents });
    const bytes = await from
      .deliver(id, AbortSignal.timeout(STOCK_LIMITS.deliverMs))
      .catch((e) => Promise.reject(away(from, e)));
    const { title, tags, licence, credit, priceCents } = offer;
    const record = await pictureApart(bytes, { title, licence: 'source', origin: `${library}:${id}` });
    await shelve({ ...record, title }, { name: title, folder: '', licence, credit, tags });
    const row = { assetId: record.id, title, priceCents, takenAt: new Date() };
    await db()
      .insert(stockTaken)
      .values({ library, picture: id, ...row })
      .onDuplicateKeyUpdate({ set: row });
    return record.id;
  });
}

/** What was paid for the pictures that a piece uses. */
export async function costOf(piece: Pick<Piece, 'scenes'>): Promise<PieceCost> {
  const used = [...new Set(piece.scenes.flatMap((s) => s.pictures.map((p) => p.assetId)))];
  const rows = used.length
    ? await db().select().from(stockTaken).where(inArray(stockTaken.assetId, used))
    : [];
  const bought = rows.filter((r) => r.priceCents > 0);
  return {
    pictures: bought.map(({ assetId, title, priceCents }) => ({ assetId, title, priceCents })),
    totalCents: bought.reduce((n, r) => n + r.priceCents, 0),
  };
}
