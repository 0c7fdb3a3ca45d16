/** Why something cannot be read; each message says what to do. */
export type ReadReason =
  | 'address'
  | 'private'
  | 'unreachable'
  | 'refused'
  | 'redirects'
  | 'huge'
  | 'slow'
  | 'kind'
  | 'empty'
  | 'script-built'
  | 'encrypted'
  | 'damaged'
  | 'scanned';

/** A source that cannot be read: an expected failure with words for the writer. */
export class ReadError extends Error {
  override name = 'ReadError';
  constructor(
    readonly reason: ReadReason,
    message: string,
  ) {
    super(message);
  }
}

/** The way out that always works. */
export const PASTE_INSTEAD = 'Open it yourself, copy its text and paste it here.';
