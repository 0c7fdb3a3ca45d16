/**
 * Everything that is expected to go wrong, as a code with the values that explain it. What it is called and what to do
 * about it is said by the interface (src/wording/failures.ts); what it means to a caller over HTTP by one table
 * (src/server/http/status.ts). Both do not compile until they know every code.
 */
export interface FailureValues {
  // What is asked for is not there.
  'no-piece': object;
  'no-outline': object;
  'no-picture': object;
  'no-own-picture': object;
  'no-library': object;
  'no-photo': object;
  'no-render': object;
  'no-video': object;
  'no-take': object;
  'no-sound': object;
  'no-track': object;
  'no-clip': object;
  'no-file': object;
  'no-review': object;
  'no-comment': object;
  'no-version': object;
  'no-demo-page': object;
  'no-address': object;

  // What was sent cannot be used.
  'bad-request': { what: string };
  'no-json': object;
  'too-large': { most: number };
  'other-site': object;
  'other-host': object;
  'no-access': object;
  'half-letter': object;

  // Pieces.
  'damaged-piece': { reason: 'no-document' | 'newer' | 'invalid'; detail: string };
  behind: object;
  'edit-refused': { reason: 'gone' | 'twice' | 'full' | 'invalid'; detail: string };
  'no-lines': object;
  'no-scenes': object;
  'too-many-scenes': { scenes: number; most: number; from: 'script' | 'outline' };
  'no-outline-lines': object;
  'too-many-photos': { most: number };
  'script-too-long': { letters: number; most: number };
  'damaged-source': { detail: string };

  // Renders.
  'render-running': object;
  'render-over': object;

  // Reviewers.
  'review-over': { reason: 'expired' | 'withdrawn' };
  'review-locked': object;
  'wrong-password': object;
  /** Asked too often; again after so many seconds. */
  'too-often': { waitS: number };
  'too-many-comments': { most: number };

  // Reading.
  address: { text: string };
  scheme: { scheme: string };
  private: { host: string };
  slow: { host: string };
  'not-found': { host: string };
  unreachable: { host: string };
  unsafe: { host: string; detail: string };
  'bad-redirect': { host: string };
  redirects: { host: string };
  refused: { host: string; status: number };
  'content-kind': { type: string };
  huge: { most: number };
  nested: object;
  'no-text': object;
  'file-kind': { readable: string[] };
  empty: { what: 'file' | 'page' | 'pasted' | 'words' | 'product' };
  'script-built': object;
  'old-office': object;
  encrypted: { what: string };
  damaged: { what: string };
  scanned: object;
  'no-pages': object;
  'no-chapters': object;

  // Pictures and clips.
  // Libraries from outside.
  'library-away': { library: string; state: 'slow' | 'failed' | 'limited'; waitS: number };
  'offer-gone': object;
  'price-changed': { fromCents: number; toCents: number };

  'picture-kind': object;
  'picture-or-clip': { most: number };
  'picture-large': { bytes: number; most: number };
  'picture-small': { width: number; height: number; least: number };
  'picture-pixels': { most: number };
  'picture-damaged': object;
  'drawing-large': { most: number };
  'drawing-damaged': object;
  'drawing-empty': object;
  /** Its parts are drawn more often than that. */
  'drawing-repeats': { most: number };
  'clip-large': { bytes: number; most: number };
  'clip-damaged': object;
  'clip-no-picture': object;
  'clip-long': { minutes: number; most: number };
  'clip-small': { width: number; height: number; least: number };
  'cannot-paint': object;
  'too-many-pictures': object;
  'without-pictures': object;
  'picture-outside': object;
  'picture-missing': object;
  'upload-lost': object;
  'cannot-store': object;

  // Voices.
  'no-compositor': object;
  'no-voice': { name: string; voices: string[] };
  unspeakable: object;
  'voice-answer': { detail: string };
  'no-service': { name: string };
  /** kind: neither a model nor its JSON. json: not in the open form. model: no ONNX. mute: nothing was heard when it was tried. */
  'voice-file': { why: 'kind' | 'json' | 'model' | 'mute' };

  // What the machine does.
  'too-heavy': { what: 'time' | 'memory'; most: number };
  busy: object;
  'database-away': object;
  'disk-full': object;
  'no-room': { bytes: number; free: number };

  unknown: { detail: string };
}

export type FailureCode = keyof FailureValues;
export type Failure = { [C in FailureCode]: { code: C } & FailureValues[C] }[FailureCode];

/** Thrown where a failure cannot be handed back as a value. */
export class Failed extends Error {
  override name = 'Failed';
  constructor(readonly failure: Failure) {
    super(JSON.stringify(failure));
  }
}

/** The failure behind an error; one that was not expected is unknown. */
export const failureOf = (e: unknown): Failure =>
  e instanceof Failed ? e.failure : { code: 'unknown', detail: e instanceof Error ? e.message : String(e) };
