import type { HistoryEntry, StoredEntry } from '../../../api/pieces.ts';
import type { Edit } from '../../../core/piece/edit.ts';

/** Something that can be undone or redone: applying `edit` does it. */
export interface Step {
  /** Of the entry that was done first. */
  id: string;
  edit: Edit;
}

export interface Steps {
  undo: Step[];
  redo: Step[];
}

/** The steps after one more entry was entered. inverse: of the entry's edit. */
export function afterEntry(
  { undo, redo }: Steps,
  { id, kind, ref }: Omit<HistoryEntry, 'edit'>,
  inverse: Edit,
): Steps {
  const step: Step = { id: ref ?? id, edit: inverse };
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
export const stepsOf = (history: readonly StoredEntry[]): Steps =>
  history.reduce<Steps>((steps, e) => afterEntry(steps, e, e.inverse), { undo: [], redo: [] });
