import { and, asc, desc, eq, gt, inArray } from 'drizzle-orm';
import { HISTORY_AT_ONCE, type HistoryEntry, type StoredEntry } from '../../api/edits.ts';
import { Failed } from '../../core/failure.ts';
import { OUTLINE_EDIT_VERSION, type OutlineEdit, outlineEditing } from '../../core/outline/edit.ts';
import { type Db, db } from '../db/client.ts';
import { json } from '../db/json.ts';
import { sourceEdits, sources } from '../db/schema.ts';
import { type Appended, append } from '../edits/append.ts';
import { outlineOf, sourceToChange, titleOf } from './stored.ts';

type Row = typeof sourceEdits.$inferSelect;

const entryOf = ({ seq, id, kind, ref, edit, inverse }: Row): StoredEntry<OutlineEdit> => ({
  ...{ seq, id, kind, ref },
  edit: json(edit) as OutlineEdit,
  inverse: json(inverse) as OutlineEdit,
});

/** The last entries of an outline's history, in order. */
export async function lastEntries(sourceId: string, from: Pick<Db, 'select'> = db()) {
  const rows = await from
    .select()
    .from(sourceEdits)
    .where(eq(sourceEdits.sourceId, sourceId))
    .orderBy(desc(sourceEdits.seq))
    .limit(HISTORY_AT_ONCE);
  return rows.reverse().map(entryOf);
}

/** Stores entries that were made on revision baseRev of an outline, as appendEntries does for a piece. */
export async function appendOutlineEntries(
  id: string,
  baseRev: number,
  entries: readonly HistoryEntry<OutlineEdit>[],
): Promise<Appended<OutlineEdit>> {
  return db().transaction(async (tx) => {
    const [row] = await tx.select().from(sources).where(eq(sources.id, id)).for('update');
    if (!row) throw new Failed({ code: 'no-outline' });
    const source = sourceToChange(row);
    const { rev, behind, store } = await append(
      outlineEditing,
      {
        doc: outlineOf(row, source),
        rev: row.rev,
        since: async (after) =>
          (
            await tx
              .select()
              .from(sourceEdits)
              .where(and(eq(sourceEdits.sourceId, id), gt(sourceEdits.seq, after)))
              .orderBy(asc(sourceEdits.seq))
          ).map(entryOf),
        known: async (ids) =>
          (
            await tx
              .select({ id: sourceEdits.id })
              .from(sourceEdits)
              .where(and(eq(sourceEdits.sourceId, id), inArray(sourceEdits.id, [...ids])))
          ).map((r) => r.id),
      },
      baseRev,
      entries,
    );
    if (store) {
      const at = new Date();
      const { choices, options, facts } = store.doc;
      const now = { ...source, facts, title: facts?.name?.value ?? source.title };
      await tx
        .insert(sourceEdits)
        .values(store.entries.map((e) => ({ ...e, sourceId: id, version: OUTLINE_EDIT_VERSION, at })));
      await tx
        .update(sources)
        .set({ choices, options, rev, ...(facts ? { doc: now, title: titleOf(now) } : {}), updatedAt: at })
        .where(eq(sources.id, id));
    }
    return behind ? { rev, behind } : { rev };
  });
}
