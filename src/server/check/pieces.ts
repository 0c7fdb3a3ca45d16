import { asc, eq } from 'drizzle-orm';
import { applyEdit } from '../../core/piece/edit.ts';
import { migrateHistory } from '../../core/piece/migrate.ts';
import type { Piece } from '../../core/piece/types.ts';
import { db } from '../db/client.ts';
import { json } from '../db/json.ts';
import { edits, pieces } from '../db/schema.ts';
import { aboutOf } from '../pieces/about.ts';
import { historyOf } from '../pieces/history.ts';
import type { Finding, StoredCheck } from './types.ts';

/** Every piece can be read, its history has no gap and leads to it, and the desk shows what is in it. */
export const piecesCheck: StoredCheck = {
  of: 'pieces',
  async run() {
    const ids = await db().select({ id: pieces.id }).from(pieces);
    const findings: Finding[] = [];
    for (const { id } of ids) findings.push(...(await checkPiece(id)));
    return { seen: ids.length, findings };
  },
};

async function checkPiece(id: string): Promise<Finding[]> {
  const [row] = await db().select().from(pieces).where(eq(pieces.id, id));
  if (!row) return [];
  const name = `Piece ${id} “${row.title.slice(0, 40)}”`;
  const rows = await db().select().from(edits).where(eq(edits.pieceId, id)).orderBy(asc(edits.seq));
  const findings: Finding[] = [];
  const say = (what: string, mended: string | null = null) =>
    findings.push({ what: `${name}: ${what}`, mended });
  const gap = rows.findIndex((r, i) => r.seq !== i + 1);
  if (gap >= 0) say(`its history has a gap before edit ${rows[gap]?.seq}`);
  if (rows.length && rows.at(-1)?.seq !== row.rev)
    say(`it is at revision ${row.rev}, its history ends at ${rows.at(-1)?.seq}`);
  let piece: Piece;
  try {
    const read = migrateHistory(json(row.doc), rows.map(historyOf));
    piece = read.piece;
    const unread = read.entries.filter((e) => e === null).length;
    if (unread) say(`${unread} of its ${rows.length} edits cannot be read, and so not be undone`);
    else if (
      gap < 0 &&
      !undoable(
        piece,
        read.entries.flatMap((e) => e ?? []),
      )
    )
      say('its history does not lead to what is stored; it can be read, but not be undone to its beginning');
  } catch (e) {
    say(`it cannot be read: ${(e as Error).message}. It can be kept as a file from the desk`);
    return findings;
  }
  const about = aboutOf(piece);
  if (about.format !== row.format || about.scenes !== row.scenes || about.cover !== row.cover) {
    await db().update(pieces).set(about).where(eq(pieces.id, id));
    if (row.format !== null) say('the desk showed something else than what is in it', 'written anew');
  }
  return findings;
}

/** Whether everything can be undone from the end to the beginning. */
function undoable(piece: Piece, entries: readonly { inverse: Parameters<typeof applyEdit>[1] }[]): boolean {
  let at = piece;
  for (const { inverse } of entries.toReversed()) {
    const result = applyEdit(at, inverse);
    if (!result.ok) return false;
    at = result.piece;
  }
  return true;
}
