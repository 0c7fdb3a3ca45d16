import { eq } from 'drizzle-orm';
import type { ReviewPage, ReviewState } from '../../api/reviews.ts';
import { Failed } from '../../core/failure.ts';
import { changesBetween } from '../../core/piece/changes.ts';
import { spokenOf } from '../../core/piece/types.ts';
import { db } from '../db/client.ts';
import { pieces } from '../db/schema.ts';
import { renderFile } from '../jobs/renders.ts';
import { loadPiece } from '../pieces/pieces.ts';
import { commentsOf } from './comments.ts';
import { type Link, linksOf } from './links.ts';
import { type SentVersion, versionsOf, videoOf, watchable } from './versions.ts';

/** What a writer sees of the reviewing of a piece. Throws Failed (no-piece). */
export async function reviewState(pieceId: string): Promise<ReviewState> {
  const [piece] = await db().select({ id: pieces.id }).from(pieces).where(eq(pieces.id, pieceId));
  if (!piece) throw new Failed({ code: 'no-piece' });
  const [links, versions, comments] = await Promise.all([
    linksOf(pieceId),
    versionsOf(pieceId),
    commentsOf(pieceId),
  ]);
  return { links, versions, comments };
}

/** What a reviewer sees: the newest version, what is other in it, and what was said. */
export async function reviewPage({ pieceId, expiresAt }: Link): Promise<ReviewPage> {
  const [[newest, before], versions, comments] = await Promise.all([
    watchable(pieceId, 2),
    versionsOf(pieceId),
    commentsOf(pieceId),
  ]);
  const coming = versions.find((v) => v.state === 'coming' && v.version > (newest?.version ?? 0)) ?? null;
  const about = newest?.piece ?? (await loadPiece(pieceId)).piece;
  return {
    title: about.title,
    format: about.format,
    version: newest?.version ?? null,
    coming,
    scenes: newest ? scenesOf(newest) : [],
    changes: newest && before ? { ...changesOf(before, newest), since: before.version } : null,
    comments,
    expiresAt: expiresAt.toISOString(),
  };
}

function scenesOf({ piece, scenes }: SentVersion): ReviewPage['scenes'] {
  const byId = new Map(piece.scenes.map((s) => [s.id, s]));
  return scenes.map((at) => {
    const scene = byId.get(at.id);
    return { ...at, shown: scene?.shown ?? '', spoken: scene ? spokenOf(scene) : '' };
  });
}

function changesOf(before: SentVersion, after: SentVersion) {
  const changes = changesBetween(before.piece, after.piece);
  const gone = changes.scenes.flatMap((c) => {
    const scene = c.after === null && c.before !== null ? before.piece.scenes[c.before] : undefined;
    return scene ? [[c.id, scene.shown || spokenOf(scene)] as const] : [];
  });
  return { ...changes, gone: Object.fromEntries(gone) };
}

/** The video of a version, and only of this link's piece. Throws Failed (no-version). */
export async function versionFile({ pieceId }: Link, version: number): Promise<string> {
  return renderFile((await videoOf(pieceId, version)).renderId);
}
