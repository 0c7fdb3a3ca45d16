import { and, eq } from 'drizzle-orm';
import { type KnownState, stateAfter } from '../../core/piece/states.ts';
import { db } from '../db/client.ts';
import { pieces } from '../db/schema.ts';

/** Notes on the desk that a piece has come so far. One that is gone is nobody's loss. */
export async function reached(pieceId: string, state: KnownState): Promise<void> {
  const [row] = await db().select({ state: pieces.state }).from(pieces).where(eq(pieces.id, pieceId));
  if (!row) return;
  const next = stateAfter(row.state, state);
  // Unless somebody has said something else in between.
  if (next !== row.state)
    await db()
      .update(pieces)
      .set({ state: next })
      .where(and(eq(pieces.id, pieceId), eq(pieces.state, row.state)));
}
