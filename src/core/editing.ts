import type Joi from 'joi';

/** Why an edit cannot be applied: what it stands on is gone, it would be there twice, or the result is no valid document. */
export type EditFailure =
  | { reason: 'gone' }
  | { reason: 'twice' }
  | { reason: 'full'; most: number }
  | { reason: 'invalid'; message: string };

export type Edited<D, E> = { ok: true; doc: D; inverse: E } | { ok: false; failure: EditFailure };

/** What every edit says, whatever it changes. */
export interface EditHead {
  /** What it does, as a code: "split". What that is called is said by the interface; nothing is decided by it. */
  name: string;
  /** How many things it concerns, where that is worth saying. */
  count?: number;
  /** Edits in quick succession with the same key are one step of the history; null: never. */
  merge: string | null;
}

/** How documents of one kind are changed: by edits, which are plain data. */
export interface Editing<D, E extends EditHead> {
  /** Applies an edit to a valid document without changing it, as a whole or not at all; the inverse undoes exactly it. */
  apply(doc: D, edit: E): Edited<D, E>;
  /** The edit that does what two in succession do, where they are one step of the history; else null. */
  merge(earlier: E, later: E): E | null;
  /** The words that an edit would have put in, for who lost them. */
  words(edit: E): string[];
  schema: Joi.Schema<E>;
}
