/** A stored document of any version. */
export type StoredDoc = Record<string, unknown> & { version?: unknown };

export type StoredOp = Record<string, unknown> & { op: string };

/** A stored edit of any version. */
export type StoredEdit = Record<string, unknown> & { ops: StoredOp[] };

/** One entry of a stored history: what was done, and what undoes it. */
export interface StoredHistoryEntry {
  edit: StoredEdit;
  inverse: StoredEdit;
}

/**
 * The step from one version to the next. It is never changed once it was released; a new shape gets a new version and a
 * new step.
 */
export interface Migration {
  doc(doc: StoredDoc): StoredDoc;
  /** An operation of the history; before: the document, of the new version, to which it is applied. */
  op(op: StoredOp, before: StoredDoc): StoredOp;
  /** What an edit has besides its operations. */
  edit?(edit: StoredEdit): StoredEdit;
}
