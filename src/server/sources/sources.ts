import { and, desc, eq, isNull } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { SCRIPT_LETTERS } from '../../api/pieces.ts';
import type { ShelfEntryView } from '../../api/shelf.ts';
import type {
  BroughtPhoto,
  ReadAs,
  SourceInput,
  SourceSummary,
  StoredSource,
  Wished,
} from '../../api/sources.ts';
import { Failed } from '../../core/failure.ts';
import { firstChoices } from '../../core/outline/outline.ts';
import { PHOTO } from '../../core/outline/photos.ts';
import { FIRST_OPTIONS, type PieceOptions } from '../../core/piece/options.ts';
import { checkedSource } from '../../core/source/fit.ts';
import { scriptOf } from '../../core/source/script.ts';
import { emptySource, type Photo, type Source } from '../../core/source/types.ts';
import { isDirected } from '../../core/text/directions/directions.ts';
import { apart, match, pictureApart } from '../apart/apart.ts';
import { pictureView, pictureViews } from '../assets/lookup.ts';
import { photoOf } from '../assets/photo-set.ts';
import { assetRecord } from '../assets/record.ts';
import { fetchPictures } from '../assets/source-pictures.ts';
import { db } from '../db/client.ts';
import { sources } from '../db/schema.ts';
import { createPiece } from '../pieces/pieces.ts';
import { decodeText } from '../read/decode.ts';
import { fetchDocument } from '../read/read.ts';
import { shelveFromSource } from '../shelf/own.ts';
import { entryViews } from '../shelf/search.ts';
import { lastEntries } from './edits.ts';
import { outlineOf, sourceOf, titleOf } from './stored.ts';

/** Reads what the writer brought. Throws Failed. */
export async function readInput(input: SourceInput): Promise<Source> {
  switch (input.from) {
    case 'address':
      return apart('read-fetched', await fetchDocument(input.address), input.as);
    case 'text':
      return apart('read-pasted', input.text, input.html, input.as);
    case 'photos':
      return input.photos.reduce<Promise<Source>>(
        async (set, one) => withPhoto(await set, await photoFrom(one)),
        Promise.resolve({ ...emptySource('photos', { kind: 'photos' }), title: input.title }),
      );
    default:
      return input satisfies never;
  }
}

/** Reads a file that was brought. Throws Failed. */
export const readBrought = (bytes: Buffer, name: string, as: ReadAs): Promise<Source> =>
  apart('read-file', bytes, name, as);

/**
 * The words of a file as a script, without making anything of them yet. Plain text stays as it is, and so does Markdown that
 * says what is seen and said. Throws Failed.
 */
export async function scriptFrom(bytes: Buffer, name: string): Promise<string> {
  const plain = /\.txt$/i.test(name) || (/\.(?:md|markdown)$/i.test(name) && isDirected(decodeText(bytes)));
  const text = plain ? decodeText(bytes) : scriptOf(await apart('read-file', bytes, name, 'article'));
  if (!text.trim()) throw new Failed({ code: 'empty', what: 'words' });
  if (text.length > SCRIPT_LETTERS)
    throw new Failed({ code: 'script-too-long', letters: text.length, most: SCRIPT_LETTERS });
  return text;
}

/** Stores what was read; that it can be stored is seen to where it is read, since that takes long for a book. */
export async function createSource(
  source: Source,
  wished: Wished = { targetMs: null, options: null },
): Promise<string> {
  const id = nanoid(12);
  const now = new Date();
  await db()
    .insert(sources)
    .values({
      id,
      kind: source.kind,
      title: titleOf(source),
      doc: source,
      choices: {
        ...firstChoices(source),
        ...(wished.targetMs === null ? {} : { targetMs: wished.targetMs }),
      },
      options: wished.options ?? firstOptions(source),
      createdAt: now,
      updatedAt: now,
    });
  return id;
}

const firstOptions = (source: Source): PieceOptions =>
  source.kind === 'photos' ? { ...FIRST_OPTIONS, mood: 'bright' } : FIRST_OPTIONS;

/** Throws Failed: there is no such source, or it cannot be read. */
export async function loadSource(id: string): Promise<StoredSource> {
  const [row] = await db().select().from(sources).where(eq(sources.id, id));
  if (!row) throw new Failed({ code: 'no-outline' });
  const source = sourceOf(row);
  const { choices, options } = outlineOf(row, source);
  return {
    ...{ id: row.id, source, choices, options, rev: row.rev, pieceId: row.pieceId },
    history: await lastEntries(id),
    assets: await entryViews(assetIds(source)),
  };
}

const assetIds = (source: Source): string[] => [
  ...source.pictures.flatMap((p) => p.assetId ?? []),
  ...source.photos.map((p) => p.assetId),
];

/** Outlines that no piece was made from yet, latest first. */
export async function openSources(): Promise<SourceSummary[]> {
  const rows = await db()
    .select({ id: sources.id, kind: sources.kind, title: sources.title, updatedAt: sources.updatedAt })
    .from(sources)
    .where(and(isNull(sources.archivedAt), isNull(sources.pieceId)))
    .orderBy(desc(sources.updatedAt))
    .limit(12);
  return rows.map((r) => ({ ...r, updatedAt: r.updatedAt.toISOString() }));
}

export async function putAway(id: string): Promise<void> {
  await change(id, { archivedAt: new Date() });
}

async function change(id: string, values: Partial<typeof sources.$inferInsert>): Promise<void> {
  const [done] = await db()
    .update(sources)
    .set({ ...values, updatedAt: new Date() })
    .where(eq(sources.id, id));
  if (!done.affectedRows) throw new Failed({ code: 'no-outline' });
}

/** Changes what was read, one writer at a time. */
export async function changeSource(id: string, how: (source: Source) => Source): Promise<Source> {
  return db().transaction(async (tx) => {
    const [row] = await tx.select().from(sources).where(eq(sources.id, id)).for('update');
    if (!row) throw new Failed({ code: 'no-outline' });
    const source = checkedSource(how(sourceOf(row)));
    await tx
      .update(sources)
      .set({ doc: source, title: titleOf(source), updatedAt: new Date() })
      .where(eq(sources.id, id));
    return source;
  });
}

/** Fetches the pictures of a source that are not here yet, and puts them on the shelf. */
export async function bringPictures(id: string): Promise<StoredSource> {
  const { source } = await loadSource(id);
  const { pictures } = await fetchPictures(source, { take: pictureApart });
  await changeSource(id, (s) => ({ ...s, pictures }));
  await shelveFromSource(
    pictures.flatMap((p) => p.assetId ?? []),
    source.site,
  );
  return loadSource(id);
}

/** Adds a photo that was uploaded to a set. Throws Failed. */
export async function bringPhoto(id: string, brought: BroughtPhoto) {
  const { photos, title } = await addPhoto(id, await photoFrom(brought));
  return { photos, title, asset: await pictureView(brought.assetId) };
}

async function photoFrom({ photo, assetId, ...file }: BroughtPhoto): Promise<Photo> {
  const record = await assetRecord(assetId);
  if (!record) throw new Failed({ code: 'no-photo' });
  return photoOf(record, { id: photo, ...file });
}

export const addPhoto = (id: string, photo: Photo): Promise<Source> =>
  changeSource(id, (s) => withPhoto(s, photo));

/** Adds a photo to a set; one that is in it already is not added again. */
function withPhoto(s: Source, photo: Photo): Source {
  if (s.photos.some((p) => p.assetId === photo.assetId)) return s;
  if (s.photos.length >= PHOTO.most) throw new Failed({ code: 'too-many-photos', most: PHOTO.most });
  const photos = [...s.photos, photo];
  return {
    ...s,
    photos,
    form: { kind: 'photos', count: photos.length },
    title: s.title || setTitle(photo),
  };
}

/** A name for a photo set that has none yet: the day of its first photo. What says no day names nothing. */
const setTitle = (photo: Photo): string =>
  photo.takenAt
    ? `Photos of ${new Date(`${photo.takenAt.slice(0, 10)}T12:00:00Z`).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' })}`
    : '';

export const removePhotos = (id: string, ids: readonly string[]): Promise<Source> =>
  changeSource(id, (s) => {
    const photos = s.photos.filter((p) => !ids.includes(p.id));
    return { ...s, photos, form: { kind: 'photos', count: photos.length } };
  });

/** What the lines of an outline would get from the shelf, so that it can be seen before there is a piece. */
export async function nabbedFor(id: string): Promise<Record<string, ShelfEntryView>> {
  const { source, choices, options } = await loadSource(id);
  const found = await match('nab-outline', source, choices, { ...options, sourceId: id });
  const views = new Map((await pictureViews(Object.values(found))).map((v) => [v.id, v]));
  return Object.fromEntries(
    Object.entries(found).flatMap(([ref, assetId]) => {
      const view = views.get(assetId);
      return view ? [[ref, view]] : [];
    }),
  );
}

/** Makes the piece that an outline describes, pictures nabbed where the source has none. Throws Failed. */
export async function pieceFromSource(id: string): Promise<string> {
  const { source, choices, options } = await loadSource(id);
  const pieceId = await createPiece(
    await match('draft-outline', source, choices, { ...options, sourceId: id }),
  );
  await change(id, { pieceId });
  return pieceId;
}
