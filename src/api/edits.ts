import Joi from 'joi';
import type { EditHead } from '../core/editing.ts';
import type { Edit } from '../core/piece/edit.ts';
import { oneOf } from '../core/piece/field.ts';

/** One row of a document's history, as it is sent. */
export interface HistoryEntry<E extends EditHead = Edit> {
  id: string;
  kind: 'do' | 'undo' | 'redo';
  /** The entry that was undone or redone. */
  ref: string | null;
  edit: E;
}

/** One row of the history, as it is stored. seq: the revision to which it led. */
export interface StoredEntry<E extends EditHead = Edit> extends HistoryEntry<E> {
  seq: number;
  inverse: E;
}

/** What comes with a refusal because others were faster. */
export interface Behind<E extends EditHead = Edit> {
  rev: number;
  since: StoredEntry<E>[];
  /** Of what was sent, the entries that were stored before that. */
  known: string[];
}

/** So many entries of a history come with a document: the steps back that a window knows of. */
export const HISTORY_AT_ONCE = 1000;

const entryId = Joi.string().pattern(/^[A-Za-z0-9_-]{6,24}$/);

/** Entries that were made on a revision. edit: the schema of the document's edits. */
export const entriesSchema = <E extends EditHead>(edit: Joi.Schema<E>) =>
  Joi.object<{ baseRev: number; entries: HistoryEntry<E>[] }>({
    baseRev: Joi.number().integer().min(0).required(),
    entries: Joi.array()
      .items(
        Joi.object({
          id: entryId.required(),
          kind: oneOf(['do', 'undo', 'redo']).required(),
          ref: entryId.allow(null).required(),
          edit: edit.required(),
        }),
      )
      .min(1)
      .max(500)
      .required(),
  });
