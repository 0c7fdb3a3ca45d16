import type { Behind, HistoryEntry, StoredEntry } from '../../api/edits.ts';
import type { EditFailure, EditHead, Editing } from '../../core/editing.ts';
import { Failed } from '../../core/failure.ts';

/** A document as it is stored, held so that nobody else writes it meanwhile. */
export interface Held<D, E extends EditHead> {
  doc: D;
  rev: number;
  /** Entries after a revision, in order. */
  since(rev: number): Promise<StoredEntry<E>[]>;
  /** Which of these ids are stored already, whenever that was. */
  known(ids: readonly string[]): Promise<string[]>;
}

/** The revision that was reached, or what the sender does not know, in which case nothing is to be stored. */
export type Appended<E extends EditHead> =
  | { rev: number; behind?: undefined }
  | { rev: number; behind: Behind<E> };

/** What is to be stored in the same transaction. */
export interface ToStore<D, E extends EditHead> {
  doc: D;
  entries: StoredEntry<E>[];
}

/**
 * Puts entries that were made on revision baseRev on top of what is stored. When nothing but the first of them was stored
 * since then, in this order, a request came twice, and the rest is stored; in any other order the sender's document is
 * not the stored one, and it is told. All or nothing: throws Failed (edit-refused) when one of them cannot be applied.
 */
export async function append<D, E extends EditHead>(
  editing: Editing<D, E>,
  { doc, rev, since, known }: Held<D, E>,
  baseRev: number,
  entries: readonly HistoryEntry<E>[],
): Promise<Appended<E> & { store?: ToStore<D, E> }> {
  const between = rev === baseRev ? [] : await since(baseRev);
  const stored = new Set(await known(entries.map((e) => e.id)));
  const sentBefore = between.every((e, i) => e.id === entries[i]?.id);
  const storedSince = new Set(between.map((e) => e.id));
  const storedBefore = [...stored].filter((id) => !storedSince.has(id));
  if (!sentBefore || storedBefore.length)
    return { rev, behind: { rev, since: between, known: storedBefore } };
  const fresh: StoredEntry<E>[] = [];
  let now = doc;
  for (const entry of entries) {
    if (stored.has(entry.id)) continue;
    const result = editing.apply(now, entry.edit);
    if (!result.ok) throw new Failed(refused(result.failure));
    now = result.doc;
    fresh.push({ ...entry, seq: rev + fresh.length + 1, inverse: result.inverse });
    stored.add(entry.id);
  }
  if (!fresh.length) return { rev };
  return { rev: rev + fresh.length, store: { doc: now, entries: fresh } };
}

function refused(failure: EditFailure): Failed['failure'] {
  const detail =
    failure.reason === 'invalid' ? failure.message : failure.reason === 'full' ? String(failure.most) : '';
  return { code: 'edit-refused', reason: failure.reason, detail };
}
