import type { HistoryEntry, StoredEntry } from '../../api/edits.ts';
import type { EditHead } from '../../core/editing.ts';

/** Something that can be undone or redone: applying `edit` does it. */
export interface Step<E extends EditHead> {
  /** Of the entry that was done first. */
  id: string;
  edit: E;
}

export interface Steps<E extends EditHead> {
  undo: Step<E>[];
  redo: Step<E>[];
}

/** The steps after one more entry was entered. inverse: of the entry's edit. */
export function afterEntry<E extends EditHead>(
  { undo, redo }: Steps<E>,
  { id, kind, ref }: Omit<HistoryEntry<E>, 'edit'>,
  inverse: E,
): Steps<E> {
  const step: Step<E> = { id: ref ?? id, edit: inverse };
  switch (kind) {
    case 'do':
      return { undo: [...undo, step], redo: [] };
    case 'undo':
      return { undo: undo.filter((s) => s.id !== ref), redo: [...redo, step] };
    case 'redo':
      return { undo: [...undo, step], redo: redo.filter((s) => s.id !== ref) };
    default:
      return kind satisfies never;
  }
}

/** The steps that can be undone and redone after a history. */
export const stepsOf = <E extends EditHead>(history: readonly StoredEntry<E>[]): Steps<E> =>
  history.reduce<Steps<E>>((steps, e) => afterEntry(steps, e, e.inverse), { undo: [], redo: [] });
