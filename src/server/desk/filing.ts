import { and, eq, inArray, isNotNull, isNull, lt, max } from 'drizzle-orm';
import { EMPTIED_DAYS, type FilingChange } from '../../api/desk.ts';
import { Failed } from '../../core/failure.ts';
import type { Format } from '../../core/look/formats.ts';
import { LIMITS } from '../../core/piece/limits.ts';
import { retold } from '../../core/piece/translate.ts';
import { type Piece, plainVoice } from '../../core/piece/types.ts';
import { firstVoiceOf } from '../../core/sound/voices.ts';
import { languageWords } from '../../wording/voices.ts';
import { db } from '../db/client.ts';
import { json } from '../db/json.ts';
import { comments, edits, pieces, renders, reviews, versions } from '../db/schema.ts';
import { deleteRender } from '../jobs/renders.ts';
import { log } from '../log.ts';
import { createPiece, loadPiece } from '../pieces/pieces.ts';

const MOST_TAGS = 20;

/** Files many pieces at once. Throws Failed (no-piece) when none of them is there. */
export async function filePieces({
  ids,
  place,
  state,
  category,
  addTags,
  removeTags,
}: FilingChange): Promise<void> {
  const now = new Date();
  const lies =
    place === undefined
      ? {}
      : {
          archivedAt: place === 'away' ? now : null,
          binnedAt: place === 'bin' ? now : null,
          emptiedAt: null,
        };
  await db().transaction(async (tx) => {
    const rows = await tx
      .select({ id: pieces.id, tags: pieces.tags })
      .from(pieces)
      .where(inArray(pieces.id, ids))
      .for('update');
    if (!rows.length) throw new Failed({ code: 'no-piece' });
    const set = {
      ...lies,
      ...(state === undefined ? {} : { state }),
      ...(category === undefined ? {} : { category }),
    };
    if (Object.keys(set).length) await tx.update(pieces).set(set).where(inArray(pieces.id, ids));
    if (addTags || removeTags)
      for (const row of rows) {
        const had = (json(row.tags) as string[] | null) ?? [];
        const tags = [...new Set([...had, ...(addTags ?? [])])].filter((t) => !removeTags?.includes(t));
        await tx
          .update(pieces)
          .set({ tags: tags.slice(0, MOST_TAGS) })
          .where(eq(pieces.id, row.id));
      }
  });
}

/** Copies pieces: as they are, in another format, or with a voice for another language. Throws Failed. */
export async function copyPieces(
  ids: readonly string[],
  format: Format | null,
  language: string | null,
): Promise<string[]> {
  const copies: string[] = [];
  for (const id of ids) {
    const { piece } = await loadPiece(id);
    copies.push(await createPiece(copyOf(piece, format, language)));
    const [was] = await db()
      .select({ category: pieces.category, tags: pieces.tags })
      .from(pieces)
      .where(eq(pieces.id, id));
    if (was)
      await db()
        .update(pieces)
        .set({ category: was.category, tags: json(was.tags) as string[] | null })
        .where(eq(pieces.id, copies.at(-1) as string));
  }
  return copies;
}

/** A copy for another language has its words where they were translated; the others stay, as the writer's to translate. */
function copyOf(piece: Piece, format: Format | null, language: string | null): Piece {
  const voice = language === null ? null : firstVoiceOf(language);
  const what = [format ?? [], voice ? languageWords(voice.language) : []].flat().join(', ') || 'copy';
  const title = `${piece.title.slice(0, LIMITS.titleLength - what.length - 3)} (${what})`;
  const told = voice ? retold(piece, voice.language) : piece;
  return {
    ...told,
    title,
    ...(format ? { format } : {}),
    ...(voice
      ? {
          voice: plainVoice(voice.name),
          speakers: piece.speakers.map((s) => ({ ...s, voice: plainVoice(voice.name) })),
          scenes: told.scenes.map((s) => ({ ...s, voice: null, narration: { kind: 'synthetic' as const } })),
        }
      : {}),
  };
}

/** Empties the bin. What was in it is kept for some time. Gives how many pieces it were. */
export async function emptyBin(): Promise<{ count: number }> {
  const [result] = await db()
    .update(pieces)
    .set({ emptiedAt: new Date() })
    .where(and(isNotNull(pieces.binnedAt), isNull(pieces.emptiedAt)));
  return { count: result.affectedRows };
}

/** Takes back what the bin held when it was last emptied. */
export async function refillBin(): Promise<{ count: number }> {
  const [last] = await db()
    .select({ at: max(pieces.emptiedAt) })
    .from(pieces);
  if (!last?.at) return { count: 0 };
  const [result] = await db().update(pieces).set({ emptiedAt: null }).where(eq(pieces.emptiedAt, last.at));
  return { count: result.affectedRows };
}

const DAY_MS = 24 * 3_600_000;

/**
 * Removes for good what was in a bin that was emptied long ago: document, history, versions, links, comments and videos.
 * Pictures, recordings and music are kept by content, and may be used elsewhere.
 */
export async function removeEmptied(now: Date): Promise<number> {
  const before = new Date(now.getTime() - EMPTIED_DAYS * DAY_MS);
  const rows = await db().select({ id: pieces.id }).from(pieces).where(lt(pieces.emptiedAt, before));
  for (const { id } of rows) {
    const made = await db().select({ id: renders.id }).from(renders).where(eq(renders.pieceId, id));
    for (const render of made)
      await deleteRender(render.id).catch((e) => log.warn({ err: e, render: render.id }, 'a video stays'));
    await db().transaction(async (tx) => {
      for (const table of [edits, versions, reviews, comments])
        await tx.delete(table).where(eq(table.pieceId, id));
      await tx.delete(pieces).where(eq(pieces.id, id));
    });
  }
  return rows.length;
}
