import { and, asc, count, eq } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import type { CommentView, Region, Said } from '../../api/reviews.ts';
import { Failed } from '../../core/failure.ts';
import { LIMITS } from '../../core/piece/limits.ts';
import { db } from '../db/client.ts';
import { json } from '../db/json.ts';
import { comments } from '../db/schema.ts';
import { reached } from '../pieces/states.ts';
import type { Link } from './links.ts';
import { oftenAs } from './often.ts';
import { videoOf } from './versions.ts';

/** How the writer is called to reviewers. */
const WRITER = 'The writer';

type Row = typeof comments.$inferSelect;

const viewOf = (r: Row): CommentView => ({
  id: r.id,
  kind: r.kind,
  parentId: r.parentId,
  author: r.author,
  byWriter: r.reviewId === null,
  text: r.text,
  version: r.version,
  sceneId: r.sceneId,
  atMs: r.atMs,
  region: json(r.region) as Region | null,
  at: r.at.toISOString(),
  settledAt: r.settledAt?.toISOString() ?? null,
});

/** All that was said of a piece, in order. */
export async function commentsOf(pieceId: string): Promise<CommentView[]> {
  const rows = await db()
    .select()
    .from(comments)
    .where(eq(comments.pieceId, pieceId))
    .orderBy(asc(comments.at), asc(comments.id));
  return rows.map(viewOf);
}

type NewComment = Omit<typeof comments.$inferInsert, 'id' | 'at' | 'settledAt'>;

async function store(comment: NewComment): Promise<string> {
  const [there] = await db()
    .select({ n: count() })
    .from(comments)
    .where(eq(comments.pieceId, comment.pieceId));
  if ((there?.n ?? 0) >= LIMITS.comments)
    throw new Failed({ code: 'too-many-comments', most: LIMITS.comments });
  const id = nanoid(12);
  await db()
    .insert(comments)
    .values({ ...comment, id, at: new Date() });
  return id;
}

/** A comment of this piece that is no answer itself. Throws Failed (no-comment). */
async function parentIn(pieceId: string, id: string): Promise<Row> {
  const [row] = await db()
    .select()
    .from(comments)
    .where(and(eq(comments.id, id), eq(comments.pieceId, pieceId)));
  if (!row) throw new Failed({ code: 'no-comment' });
  return row.parentId === null ? row : parentIn(pieceId, row.parentId);
}

/** What a reviewer says. It belongs to the scene that stands at its moment. Throws Failed. */
export async function addComment(link: Link, said: Said): Promise<string> {
  await oftenAs('writing', link.id);
  const { pieceId, id: reviewId } = link;
  if (said.parentId !== null) {
    const parent = await parentIn(pieceId, said.parentId);
    return store({
      ...{ ...said, pieceId, reviewId, kind: 'comment' as const, parentId: parent.id },
      ...{ sceneId: parent.sceneId, atMs: null, region: null },
    });
  }
  const { scenes } = await videoOf(pieceId, said.version);
  const { atMs } = said;
  const scene = atMs === null ? null : (scenes.find((s) => atMs < s.endMs) ?? scenes.at(-1));
  return store({ ...said, pieceId, reviewId, kind: 'comment', sceneId: scene?.id ?? null });
}

/** A reviewer is content. Throws Failed. */
export async function approve(link: Link, author: string, version: number): Promise<string> {
  await oftenAs('writing', link.id);
  await videoOf(link.pieceId, version);
  const id = await store({
    ...{ pieceId: link.pieceId, reviewId: link.id, kind: 'approval' as const },
    ...{ version, author, text: '' },
  });
  await reached(link.pieceId, 'approved');
  return id;
}

/** The writer answers a comment. Throws Failed (no-comment). */
export async function answerComment(id: string, text: string): Promise<string> {
  const [row] = await db().select().from(comments).where(eq(comments.id, id));
  if (!row) throw new Failed({ code: 'no-comment' });
  const { pieceId, sceneId, version } = row;
  return store({
    ...{ pieceId, sceneId, version, text, kind: 'comment' as const },
    ...{ reviewId: null, parentId: row.parentId ?? row.id, author: WRITER },
  });
}

/** Says that a comment is dealt with, or not after all. pieceId: of which it must be. Throws Failed (no-comment). */
export async function settle(id: string, settled: boolean, pieceId?: string): Promise<void> {
  const [row] = await db().select().from(comments).where(eq(comments.id, id));
  if (!row || (pieceId !== undefined && row.pieceId !== pieceId)) throw new Failed({ code: 'no-comment' });
  await db()
    .update(comments)
    .set({ settledAt: settled ? new Date() : null })
    .where(eq(comments.id, id));
}

export async function settleByReviewer(link: Link, id: string, settled: boolean): Promise<void> {
  await oftenAs('writing', link.id);
  await settle(id, settled, link.pieceId);
}
