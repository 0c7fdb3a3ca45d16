import { and, desc, eq, isNull } from 'drizzle-orm';
import Joi from 'joi';
import { nanoid } from 'nanoid';
import { draftFromOutline } from '../../core/outline/from-outline.ts';
import { firstChoices, outlineLines } from '../../core/outline/outline.ts';
import { PHOTO } from '../../core/outline/photos.ts';
import type { OutlineChoices } from '../../core/outline/types.ts';
import { LIMITS } from '../../core/piece/schema.ts';
import { FORMATS, type Format, MOODS, type Mood } from '../../core/piece/types.ts';
import { DEFAULT_VOICE, VOICES, voiceSpeed } from '../../core/sound/speech.ts';
import type { FactSheet, Photo, Source, SourceKind } from '../../core/source/types.ts';
import { db } from '../db/client.ts';
import { sources } from '../db/schema.ts';
import { HttpError } from '../http.ts';
import { createPiece } from '../pieces/pieces.ts';
import { entryViews, nabFrom } from '../shelf/search.ts';
import { withPictures } from '../shelf/shelf.ts';
import type { ShelfEntryView } from '../shelf/view.ts';

/** What the piece will be besides its words. */
export interface PieceOptions {
  format: Format;
  voice: string;
  mood: Mood;
}

export const optionsSchema = Joi.object<PieceOptions>({
  format: Joi.string()
    .valid(...FORMATS)
    .required(),
  voice: Joi.string()
    .valid(...VOICES.map((v) => v.name))
    .required(),
  mood: Joi.string()
    .valid(...MOODS)
    .required(),
});

const FIRST_OPTIONS: PieceOptions = { format: '9:16', voice: DEFAULT_VOICE, mood: 'gentle' };

/** A stored source with the state of its outline. */
export interface StoredSource {
  id: string;
  source: Source;
  choices: OutlineChoices;
  options: PieceOptions;
  pieceId: string | null;
  /** Pictures of the source that we have. */
  assets: ShelfEntryView[];
}

export interface SourceSummary {
  id: string;
  kind: SourceKind;
  title: string;
  updatedAt: string;
}

const parsed = <T>(v: unknown): T => (typeof v === 'string' ? JSON.parse(v) : v) as T;

export async function createSource(source: Source): Promise<string> {
  const id = nanoid(12);
  const now = new Date();
  await db()
    .insert(sources)
    .values({
      id,
      kind: source.kind,
      title: source.title.slice(0, 500),
      doc: source,
      choices: firstChoices(source),
      options: source.kind === 'photos' ? { ...FIRST_OPTIONS, mood: 'bright' } : FIRST_OPTIONS,
      createdAt: now,
      updatedAt: now,
    });
  return id;
}

export async function loadSource(id: string): Promise<StoredSource> {
  const [row] = await db().select().from(sources).where(eq(sources.id, id));
  if (!row) throw new HttpError(404, 'There is no such outline. It may have been put away.');
  const source = parsed<Source>(row.doc);
  return {
    id: row.id,
    source,
    choices: parsed(row.choices),
    options: parsed(row.options),
    pieceId: row.pieceId,
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

export async function saveChoices(id: string, choices: OutlineChoices, options: PieceOptions): Promise<void> {
  await change(id, { choices, options });
}

export async function putAway(id: string): Promise<void> {
  await change(id, { archivedAt: new Date() });
}

async function change(id: string, values: Partial<typeof sources.$inferInsert>): Promise<void> {
  const [done] = await db()
    .update(sources)
    .set({ ...values, updatedAt: new Date() })
    .where(eq(sources.id, id));
  if (!done.affectedRows) throw new HttpError(404, 'There is no such outline.');
}

/** Changes what was read, one writer at a time. */
export async function changeSource(id: string, how: (source: Source) => Source): Promise<Source> {
  return db().transaction(async (tx) => {
    const [row] = await tx.select().from(sources).where(eq(sources.id, id)).for('update');
    if (!row) throw new HttpError(404, 'There is no such outline.');
    const source = how(parsed<Source>(row.doc));
    await tx
      .update(sources)
      .set({ doc: source, title: source.title.slice(0, 500), updatedAt: new Date() })
      .where(eq(sources.id, id));
    return source;
  });
}

export const saveFacts = (id: string, facts: FactSheet): Promise<Source> =>
  changeSource(id, (s) => ({ ...s, facts, title: facts.name?.value ?? s.title }));

/** Adds a photo to a set; one that is in it already is not added again. */
export const addPhoto = (id: string, photo: Photo): Promise<Source> =>
  changeSource(id, (s) => {
    if (s.photos.some((p) => p.assetId === photo.assetId)) return s;
    if (s.photos.length >= PHOTO.most) throw new HttpError(409, `A set holds at most ${PHOTO.most} photos.`);
    const photos = [...s.photos, photo];
    return { ...s, photos, form: `${photos.length} photos`, title: s.title || setTitle(photo) };
  });

/** A name for a photo set that has none yet: the day of its first photo. */
const setTitle = (photo: Photo): string =>
  photo.takenAt
    ? `Photos of ${new Date(`${photo.takenAt.slice(0, 10)}T12:00:00Z`).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' })}`
    : 'Photos';

export const removePhotos = (id: string, ids: readonly string[]): Promise<Source> =>
  changeSource(id, (s) => ({ ...s, photos: s.photos.filter((p) => !ids.includes(p.id)) }));

/** Makes the piece that an outline describes, pictures nabbed where the source has none. */
export async function pieceFromSource(id: string): Promise<string> {
  const { source, choices, options } = await loadSource(id);
  const lines = outlineLines(source, choices, voiceSpeed(options.voice));
  if (!lines.length) throw new HttpError(400, 'The outline has no scenes yet.');
  if (lines.length > LIMITS.scenes)
    throw new HttpError(
      400,
      `This makes ${lines.length} scenes; a piece holds at most ${LIMITS.scenes}. Choose a shorter length.`,
    );
  const draft = draftFromOutline(source, choices, lines, { ...options, sourceId: id }, () => nanoid(10));
  const pieceId = await createPiece(await withPictures(draft, await nabFrom(draft)));
  await change(id, { pieceId });
  return pieceId;
}
