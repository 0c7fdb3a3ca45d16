import { and, eq, inArray, isNull, or } from 'drizzle-orm';
import { failureOf } from '../../core/failure.ts';
import { lookOf } from '../../core/look/looks.ts';
import type { Piece } from '../../core/piece/types.ts';
import { framesToMs, type Milliseconds } from '../../core/time.ts';
import { layTimes } from '../../core/timeline/times.ts';
import { db } from '../db/client.ts';
import { pieces } from '../db/schema.ts';
import { log } from '../log.ts';
import { knownFacts } from '../material.ts';
import { aboutOf } from '../pieces/about.ts';
import { loadPiece } from '../pieces/pieces.ts';

/** How long a piece is, by the takes that are known now. */
async function lengthOfPiece(piece: Piece): Promise<Milliseconds> {
  const times = layTimes(piece, await knownFacts(piece), lookOf(piece.look));
  return framesToMs(times.at(-1)?.end ?? 0);
}

/**
 * Fills what the desk needs of pieces that were stored before it was kept, or of which a length is not known: of these
 * pieces, or of all. What cannot be read is left as it is, and its columns say so by being empty.
 */
export async function fillAbout(want: 'words' | 'lengthMs', ids?: readonly string[]): Promise<void> {
  const missing = and(
    or(isNull(pieces[want]), isNull(pieces.format)),
    ids ? inArray(pieces.id, [...ids, '']) : undefined,
  );
  const rows = await db().select({ id: pieces.id, rev: pieces.rev }).from(pieces).where(missing);
  for (const { id, rev } of rows) await fill(id, rev);
}

/** Pieces that could not be read as they are, so that they are tried and told once and not at every look at the desk. */
const damaged = new Set<string>();

async function fill(id: string, rev: number): Promise<void> {
  const state = `${id}/${rev}`;
  if (damaged.has(state)) return;
  try {
    const { piece } = await loadPiece(id);
    // An edit that came in between has emptied it for a reason.
    await db()
      .update(pieces)
      .set({ ...aboutOf(piece), lengthMs: await lengthOfPiece(piece) })
      .where(and(eq(pieces.id, id), eq(pieces.rev, rev)));
  } catch (e) {
    // Only what is stored can be damaged; a database that is away is not.
    if (failureOf(e).code !== 'damaged-piece') throw e;
    damaged.add(state);
    log.warn({ piece: id }, 'a stored piece cannot be read');
  }
}
