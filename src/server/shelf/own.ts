import { eq, gte, inArray, max, sql } from 'drizzle-orm';
import type { OwnWords } from '../../api/shelf.ts';
import type { Licence } from '../../core/exchange/credits.ts';
import { Failed } from '../../core/failure.ts';
import type { ShelfItem } from '../../core/match/types.ts';
import { match } from '../apart/apart.ts';
import { tagsFrom } from '../assets/keywords.ts';
import { pictureFact } from '../assets/lookup.ts';
import { type AssetRecord, assetRecord } from '../assets/record.ts';
import { db } from '../db/client.ts';
import { favourites, ownPictures } from '../db/schema.ts';

/** A picture of the own part of the shelf. */
export interface OwnPicture extends OwnWords {
  id: string;
  kind: 'still' | 'clip';
  addedAt: Date;
  item: ShelfItem;
}

/** Puts a picture on the shelf, with tags from its name, its folder and its own keywords. Once it is there it stays as it is. */
export async function shelve(
  record: AssetRecord,
  from: { name: string; folder: string; licence?: Licence; credit?: string; tags?: string[] },
): Promise<void> {
  const words: OwnWords = {
    title: record.title,
    description: record.description.slice(0, 600),
    tags: from.tags ?? tagsFrom(from.name, from.folder, record.keywords),
    licence: from.licence ?? 'own',
    credit: from.credit ?? '',
    // Faces that are seen; whether anybody stands there with the back to us, nobody has said.
    people: record.faces || null,
  };
  const now = await nextChange();
  await db()
    .insert(ownPictures)
    .values({
      id: record.id,
      kind: record.kind,
      ...words,
      vectors: await vectorsOf(words),
      addedAt: now,
      updatedAt: now,
    })
    // Brought again after it was taken off: it is back.
    .onDuplicateKeyUpdate({ set: { archivedAt: null, updatedAt: now } });
}

async function vectorsOf(words: Pick<OwnWords, 'title' | 'description' | 'tags'>): Promise<Buffer> {
  const [text, tags] = await match('meanings', [
    [words.title, words.description].filter(Boolean).join('. '),
    words.tags.join(', ') || words.title,
  ]);
  return Buffer.concat([text, tags].map((v) => Buffer.from((v as Float32Array).slice().buffer)));
}

type Row = typeof ownPictures.$inferSelect;

function pictureOf(row: Row): OwnPicture {
  const { id, kind, title, description, licence, credit, people, addedAt } = row;
  const tags: string[] = typeof row.tags === 'string' ? JSON.parse(row.tags) : row.tags;
  const floats = new Float32Array(Uint8Array.from(row.vectors).buffer);
  const half = floats.length / 2;
  return {
    ...{ id, kind, title, description, tags, licence, credit, people, addedAt },
    item: {
      ...{ id, title, description, tags },
      kind: kind === 'clip' ? 'loop' : 'still',
      own: true,
      group: id,
      palette: '',
      textVector: floats.subarray(0, half),
      tagsVector: floats.subarray(half),
    },
  };
}

interface OwnCache {
  state: string;
  /** Latest change that was read. */
  at: Date;
  /** All that were ever brought, those included that were taken off: pictures stay the same objects until they change. */
  all: Map<string, { picture: OwnPicture; off: boolean }>;
  pictures: Map<string, OwnPicture>;
}

let cache: OwnCache | null = null;

/** When a change is made: after all that were made before, also when the clock of the machine was set back. */
async function nextChange(): Promise<Date> {
  const { at } = await changes();
  return new Date(Math.max(Date.now(), at.getTime() + 1));
}

async function changes(): Promise<{ n: number; at: Date }> {
  const [row] = await db()
    .select({ n: sql<number>`count(*)`, at: max(ownPictures.updatedAt) })
    .from(ownPictures);
  return { n: Number(row?.n ?? 0), at: row?.at ?? new Date(0) };
}

/** The own part of the shelf, latest first. After a change only what changed is read again. */
export async function ownShelf(): Promise<{ state: string; pictures: Map<string, OwnPicture> }> {
  const { n, at } = await changes();
  const state = `${n}/${at.getTime()}`;
  if (cache?.state === state) return cache;
  const before = cache;
  const all = new Map(before?.all);
  const keep = (rows: Row[]) => {
    for (const r of rows) all.set(r.id, { picture: pictureOf(r), off: r.archivedAt !== null });
  };
  const table = db().select().from(ownPictures);
  keep(await (before ? table.where(gte(ownPictures.updatedAt, before.at)) : table));
  if (all.size !== n) {
    // Rows went away, which only happens to a database by hand: everything is read anew.
    all.clear();
    keep(await db().select().from(ownPictures));
  }
  const shown = [...all.values()].filter((p) => !p.off).map((p) => p.picture);
  shown.sort((a, b) => b.addedAt.getTime() - a.addedAt.getTime() || (a.id < b.id ? -1 : 1));
  cache = { state, at, all, pictures: new Map(shown.map((p) => [p.id, p])) };
  return cache;
}

/** What is said of pictures of the own part, those included that were taken off the shelf. */
export async function ownWordsOf(ids: readonly string[]): Promise<Map<string, OwnWords>> {
  if (!ids.length) return new Map();
  const rows = await db()
    .select()
    .from(ownPictures)
    .where(inArray(ownPictures.id, [...ids]));
  return new Map(rows.map((r) => [r.id, pictureOf(r)]));
}

/** Changes what is said of a picture. */
export async function describeOwn(id: string, change: Partial<OwnWords>): Promise<OwnWords> {
  const before = (await ownWordsOf([id])).get(id);
  if (!before) throw new Failed({ code: 'no-own-picture' });
  const { title, description, tags, licence, credit, people } = { ...before, ...change };
  const words = { title, description, tags, licence, credit, people };
  await db()
    .update(ownPictures)
    .set({ ...words, vectors: await vectorsOf(words), updatedAt: await nextChange() })
    .where(eq(ownPictures.id, id));
  return words;
}

/** Takes a picture off the shelf, or puts it back. Pieces that use it keep it. Throws Failed. */
export async function shelveAgain(id: string, on: boolean): Promise<void> {
  const now = await nextChange();
  const [done] = await db()
    .update(ownPictures)
    .set({ archivedAt: on ? null : now, updatedAt: now })
    .where(eq(ownPictures.id, id));
  if (!done.affectedRows) throw new Failed({ code: 'no-own-picture' });
}

export async function favouriteIds(): Promise<Set<string>> {
  return new Set((await db().select({ id: favourites.assetId }).from(favourites)).map((r) => r.id));
}

/** Keeps a picture at hand, or no longer. Throws Failed. */
export async function setFavourite(assetId: string, on: boolean): Promise<void> {
  if (on && !(await pictureFact(assetId))) throw new Failed({ code: 'no-picture' });
  if (on)
    await db()
      .insert(favourites)
      .values({ assetId, at: new Date() })
      .onDuplicateKeyUpdate({ set: { assetId } });
  else await db().delete(favourites).where(eq(favourites.assetId, assetId));
}

/** Puts pictures that came along with a page on the shelf; nobody knows yet whether they may be used. */
export async function shelveFromSource(assetIds: readonly string[], site: string): Promise<void> {
  for (const id of assetIds) {
    const record = await assetRecord(id);
    if (record)
      await shelve(record, { name: '', folder: '', licence: 'unknown', credit: site.slice(0, 300) });
  }
}
