import { desc, eq, inArray, isNull, max, sql } from 'drizzle-orm';
import Joi from 'joi';
import { LICENCES, type Licence } from '../../core/exchange/credits.ts';
import type { ShelfItem } from '../../core/match/types.ts';
import { tagsFrom } from '../assets/keywords.ts';
import { type AssetRecord, assetRecord } from '../assets/record.ts';
import { db } from '../db/client.ts';
import { favourites, ownPictures } from '../db/schema.ts';
import { HttpError } from '../http.ts';
import { embedder } from './embedder.ts';

/** What its owner says of a picture that was brought in. */
export interface OwnWords {
  title: string;
  description: string;
  tags: string[];
  licence: Licence;
  credit: string;
  people: number | null;
}

export const ownWordsSchema = Joi.object<OwnWords>({
  title: Joi.string().trim().min(1).max(200),
  description: Joi.string().allow('').trim().max(600),
  tags: Joi.array().items(Joi.string().trim().lowercase().min(1).max(40)).max(40).unique(),
  licence: Joi.string().valid(...LICENCES),
  credit: Joi.string().allow('').trim().max(300),
  people: Joi.number().integer().min(0).max(1000).allow(null),
}).min(1);

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
    people: null,
  };
  const now = new Date();
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
  const [text, tags] = await embedder.embed([
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
      group: id,
      palette: '',
      textVector: floats.subarray(0, half),
      tagsVector: floats.subarray(half),
    },
  };
}

let cache: { state: string; pictures: Map<string, OwnPicture> } | null = null;

/** Changes whenever a picture of the own part does. */
export async function ownState(): Promise<string> {
  const [row] = await db()
    .select({ n: sql<number>`count(*)`, at: max(ownPictures.updatedAt) })
    .from(ownPictures);
  return `${row?.n ?? 0}/${row?.at?.getTime() ?? 0}`;
}

/** The own part of the shelf, latest first; read again only after a change. */
export async function ownShelf(): Promise<{ state: string; pictures: Map<string, OwnPicture> }> {
  const state = await ownState();
  if (cache?.state === state) return cache;
  const rows = await db()
    .select()
    .from(ownPictures)
    .where(isNull(ownPictures.archivedAt))
    .orderBy(desc(ownPictures.addedAt), ownPictures.id);
  cache = { state, pictures: new Map(rows.map((r) => [r.id, pictureOf(r)])) };
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
  if (!before) throw new HttpError(404, 'There is no such picture among your own.');
  const { title, description, tags, licence, credit, people } = { ...before, ...change };
  const words = { title, description, tags, licence, credit, people };
  await db()
    .update(ownPictures)
    .set({ ...words, vectors: await vectorsOf(words), updatedAt: new Date() })
    .where(eq(ownPictures.id, id));
  return words;
}

/** Takes pictures off the shelf, or puts them back. Pieces that use them keep them. */
export async function shelveAgain(ids: readonly string[], on: boolean): Promise<number> {
  if (!ids.length) return 0;
  const now = new Date();
  const [done] = await db()
    .update(ownPictures)
    .set({ archivedAt: on ? null : now, updatedAt: now })
    .where(inArray(ownPictures.id, [...ids]));
  return done.affectedRows;
}

export async function favouriteIds(): Promise<Set<string>> {
  return new Set((await db().select({ id: favourites.assetId }).from(favourites)).map((r) => r.id));
}

/** Keeps a picture at hand, or no longer. */
export async function setFavourite(assetId: string, on: boolean): Promise<void> {
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
