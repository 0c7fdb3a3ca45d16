import type { Behind, HistoryEntry, StoredEntry } from '../../api/edits.ts';
import type { EditHead, Editing } from '../../core/editing.ts';
import type { Clock } from './clock.ts';

/** How an attempt to store entries ended. */
export type SendResult<E extends EditHead> =
  | { kind: 'stored'; rev: number }
  /** Others were faster: what they did comes first. */
  | ({ kind: 'behind' } & Behind<E>)
  /** The server will never take them. */
  | { kind: 'refused'; message: string }
  /** No connection, or the server is in trouble: to be tried again. */
  | { kind: 'unreachable'; message: string };

export type SaveState = { kind: 'saved' } | { kind: 'saving' } | { kind: 'waiting'; message: string };

/** An edit that could not be stored, and why: kept until the writer has seen it and took what is wanted of it. */
export interface SetAside<E extends EditHead> {
  entry: HistoryEntry<E>;
  /** What the server said; null when others changed what it stood on. */
  refusal: string | null;
}

/** Keeps what the server has not acknowledged over a crash or a reload. */
export interface Keeper<E extends EditHead> {
  read(): HistoryEntry<E>[];
  /** Throws when it cannot be kept. */
  write(entries: readonly HistoryEntry<E>[]): void;
  readAside(): SetAside<E>[];
  writeAside(all: readonly SetAside<E>[]): void;
}

export interface QueueOptions<D, E extends EditHead> {
  editing: Editing<D, E>;
  doc: D;
  rev: number;
  send(baseRev: number, entries: readonly HistoryEntry<E>[]): Promise<SendResult<E>>;
  keeper: Keeper<E>;
  clock: Clock;
  onSave(state: SaveState): void;
  /**
   * What is stored is other than it was thought: others edited in between, or the server refused an edit. doc: what is
   * stored with our own on top. own: entries that still wait, with what undoes them now. aside: our entries that cannot be
   * stored.
   */
  onRebase(doc: D, own: { entry: HistoryEntry<E>; inverse: E }[], aside: SetAside<E>[]): void;
}

export const SYNC = {
  /** Sent after this quiet, and at the latest so long after the first that waits: somebody may type without a pause. */
  quietMs: 350,
  longestQuietMs: 2500,
  /** Entries in one request, and letters of their JSON; one entry may have more. */
  batch: 400,
  batchLetters: 1_000_000,
  firstRetryMs: 1000,
  longestRetryMs: 15_000,
} as const;

/**
 * What the server has not acknowledged yet, in order: sent in batches, one request at a time, again after a failure, and
 * on top of what others did in between. An entry that was sent is never changed, since it may have been stored although
 * the answer was lost.
 */
export class EditQueue<D, E extends EditHead> {
  /** The document as the server has it. */
  private acked: D;
  private rev: number;
  private pending: HistoryEntry<E>[] = [];
  private readonly sent = new Set<string>();
  /** The request that is under way, and whether another one may follow it. */
  private sending: Promise<boolean> | null = null;
  private cancel: (() => void) | null = null;
  private retryMs: number = SYNC.firstRetryMs;
  private ended = false;
  /** When the first of what was never tried to be sent came. */
  private unsentSince: number | null = null;
  /** Something is being drawn: what is not sent yet can still grow, and waits. */
  private held = false;
  /** It would have been sent meanwhile. */
  private missed = false;
  /** So many of the entries that wait are sent one by one: the server refused them together. */
  private singly = 0;

  constructor(private readonly options: QueueOptions<D, E>) {
    this.acked = options.doc;
    this.rev = options.rev;
  }

  get waiting(): readonly HistoryEntry<E>[] {
    return this.pending;
  }

  /** Whether an entry is the last one and was never sent: only then it may still be replaced. */
  isOpen(id: string): boolean {
    return this.pending.at(-1)?.id === id && !this.sent.has(id);
  }

  add(entry: HistoryEntry<E>): void {
    this.pending.push(entry);
    this.changed();
  }

  /** Puts another edit in the place of an open entry. */
  replace(id: string, edit: E): void {
    if (!this.isOpen(id)) throw new Error('An entry that may have been sent is not changed.');
    this.pending = this.pending.map((e) => (e.id === id ? { ...e, edit } : e));
    this.changed();
  }

  private changed(): void {
    this.options.onSave({ kind: 'saving' });
    this.keep();
    const now = this.options.clock.now();
    this.unsentSince ??= now;
    this.schedule(Math.max(0, Math.min(SYNC.quietMs, this.unsentSince + SYNC.longestQuietMs - now)));
  }

  private schedule(ms: number): void {
    this.cancel?.();
    this.cancel = this.ended
      ? null
      : this.options.clock.after(ms, () => void this.sendWhile(() => !this.held));
  }

  /** Until `release`, nothing is sent by itself; it is kept here meanwhile as ever. */
  hold(): void {
    this.held = true;
  }

  release(): void {
    this.held = false;
    if (this.missed) this.schedule(SYNC.quietMs);
    this.missed = false;
  }

  /** Sends what waits, until nothing does or it cannot be sent now. */
  flush(): Promise<void> {
    return this.sendWhile(() => true);
  }

  private async sendWhile(goesOn: () => boolean): Promise<void> {
    while (this.pending.length && !this.ended) {
      if (!goesOn()) {
        this.missed = true;
        return;
      }
      this.sending ??= this.sendBatch().finally(() => {
        this.sending = null;
      });
      if (!(await this.sending)) return;
    }
  }

  private async sendBatch(): Promise<boolean> {
    this.unsentSince = null;
    const batch = this.nextBatch();
    for (const e of batch) this.sent.add(e.id);
    const result = await this.options.send(this.rev, batch);
    switch (result.kind) {
      case 'stored':
        this.acknowledge(batch, result.rev);
        break;
      case 'behind':
        this.rebase(result);
        break;
      case 'refused':
        // All or nothing: which of them it is shows when they come one by one.
        if (batch.length > 1) this.singly = batch.length;
        else this.setAside(batch, result.message);
        break;
      case 'unreachable':
        this.options.onSave({ kind: 'waiting', message: result.message });
        this.retryMs = Math.min(SYNC.longestRetryMs, this.retryMs * 2);
        this.schedule(this.retryMs);
        return false;
      default:
        result satisfies never;
    }
    this.retryMs = SYNC.firstRetryMs;
    this.keep();
    if (!this.pending.length) this.options.onSave({ kind: 'saved' });
    return true;
  }

  private nextBatch(): HistoryEntry<E>[] {
    const batch: HistoryEntry<E>[] = [];
    let letters = 0;
    for (const entry of this.pending.slice(0, this.singly > 0 ? 1 : SYNC.batch)) {
      letters += JSON.stringify(entry).length;
      if (batch.length && letters > SYNC.batchLetters) break;
      batch.push(entry);
    }
    return batch;
  }

  /** What the server will never take goes aside with its reason; the rest goes on without it. */
  private setAside(refused: readonly HistoryEntry<E>[], refusal: string): void {
    const ids = new Set(refused.map((e) => e.id));
    this.singly = Math.max(0, this.singly - refused.length);
    this.onTop(
      this.pending.filter((e) => !ids.has(e.id)),
      refused.map((entry) => ({ entry, refusal })),
    );
  }

  private acknowledge(batch: readonly HistoryEntry<E>[], rev: number): void {
    for (const e of batch) this.acked = this.applied(e.edit);
    this.rev = rev;
    this.pending = this.pending.slice(batch.length);
    this.singly = Math.max(0, this.singly - batch.length);
  }

  /** Others edited in between: their edits first, then our own on top. */
  private rebase({ rev, since, known }: Behind<E>): void {
    for (const e of since) this.acked = this.applied(e.edit);
    this.rev = rev;
    const stored = new Set([...since.map((e) => e.id), ...known]);
    this.onTop(
      this.pending.filter((e) => !stored.has(e.id)),
      [],
    );
  }

  /** Puts our own entries on what is stored; what no longer applies there goes aside as well. */
  private onTop(entries: readonly HistoryEntry<E>[], aside: SetAside<E>[]): void {
    let doc = this.acked;
    const own: { entry: HistoryEntry<E>; inverse: E }[] = [];
    for (const entry of entries) {
      const r = this.options.editing.apply(doc, entry.edit);
      if (!r.ok) {
        aside.push({ entry, refusal: null });
        continue;
      }
      doc = r.doc;
      own.push({ entry, inverse: r.inverse });
    }
    this.pending = own.map((o) => o.entry);
    this.options.onRebase(doc, own, aside);
  }

  private keep(): void {
    try {
      this.options.keeper.write(this.pending);
    } catch {
      this.options.onSave({
        kind: 'waiting',
        message: 'This browser keeps no copy of unsaved edits (its storage is full or off).',
      });
    }
  }

  /** Entries of an earlier page of which nobody knows whether they arrived, without those that are stored. */
  left(history: readonly StoredEntry<E>[]): HistoryEntry<E>[] {
    const known = new Set(history.map((e) => e.id));
    const left = this.options.keeper.read().filter((e) => !known.has(e.id));
    for (const e of left) this.sent.add(e.id);
    return left;
  }

  /** When the page goes away: a last try to send. What does not arrive is taken up at the next visit. */
  end(): void {
    this.ended = true;
    this.cancel?.();
    if (this.pending.length) void this.options.send(this.rev, this.nextBatch());
  }

  /** What the server acknowledged applies, since it applied there. */
  private applied(edit: E): D {
    const r = this.options.editing.apply(this.acked, edit);
    return r.ok ? r.doc : this.acked;
  }
}
