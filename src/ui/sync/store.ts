import { createStore } from 'zustand/vanilla';
import type { HistoryEntry, StoredEntry } from '../../api/edits.ts';
import type { EditFailure, EditHead, Editing } from '../../core/editing.ts';
import type { Clock } from './clock.ts';
import { EditQueue, type Keeper, type SaveState, type SendResult, type SetAside } from './queue.ts';
import { afterEntry, type Step, type Steps, stepsOf } from './steps.ts';

export interface DocState<D, E extends EditHead> extends Steps<E> {
  id: string;
  doc: D;
  save: SaveState;
  /** Edits that could not be stored, until they are put away. */
  aside: SetAside<E>[];
}

export interface StoreOptions<D, E extends EditHead> {
  editing: Editing<D, E>;
  id: string;
  doc: D;
  rev: number;
  history: readonly StoredEntry<E>[];
  send(baseRev: number, entries: readonly HistoryEntry<E>[]): Promise<SendResult<E>>;
  keeper: Keeper<E>;
  clock: Clock;
  newId(): string;
}

/** What flows (typing, a slider) within this time of the last is one step of the history. */
export const FLOW_MS = 900;

/** A document in the browser: one write path for every change, and the steps that can be undone. */
export class DocStore<D, E extends EditHead> {
  readonly store;
  private readonly queue: EditQueue<D, E>;
  private lastAt = Number.NEGATIVE_INFINITY;
  /** Something is being drawn, and something has been changed by it. */
  private drawn: 'no' | 'held' | 'changed' = 'no';

  constructor(private readonly options: StoreOptions<D, E>) {
    const { editing, id, doc, rev, history, send, keeper, clock } = options;
    this.store = createStore<DocState<D, E>>(() => ({
      ...{ id, doc, save: { kind: 'saved' } },
      ...stepsOf(history),
      aside: keeper.readAside(),
    }));
    this.queue = new EditQueue({
      ...{ editing, doc, rev, send, keeper, clock },
      onSave: (save) => this.store.setState({ save }),
      onRebase: (now, own, aside) => this.rebased(now, own, aside),
    });
    const gone = this.queue.left(history).filter((e) => this.enter(e.kind, e.ref, e.edit, e.id) !== null);
    this.setAside(gone.map((entry) => ({ entry, refusal: null })));
  }

  get state(): DocState<D, E> {
    return this.store.getState();
  }

  /** Applies an edit, remembers how to undo it, and sends it. Gives why it cannot be applied. */
  apply(edit: E): EditFailure | null {
    return this.enter('do', null, edit);
  }

  undo(): EditFailure | null {
    const step = this.state.undo.at(-1);
    return step ? this.enter('undo', step.id, step.edit) : null;
  }

  redo(): EditFailure | null {
    const step = this.state.redo.at(-1);
    return step ? this.enter('redo', step.id, step.edit) : null;
  }

  private enter(
    kind: HistoryEntry<E>['kind'],
    ref: string | null,
    edit: E,
    id = this.options.newId(),
  ): EditFailure | null {
    const { doc, undo } = this.state;
    const { editing } = this.options;
    const result = editing.apply(doc, edit);
    if (!result.ok) return result.failure;
    const now = this.options.clock.now();
    const last = this.queue.waiting.at(-1);
    const soon = this.drawn === 'changed' || now - this.lastAt < FLOW_MS;
    const flows = kind === 'do' && last?.kind === 'do' && soon;
    const merged = flows && undo.at(-1)?.id === last.id ? editing.merge(last.edit, edit) : null;
    this.lastAt = now;
    if (this.drawn === 'held') this.drawn = 'changed';
    if (merged && last && this.queue.isOpen(last.id)) {
      this.store.setState({ doc: result.doc, redo: [] });
      this.queue.replace(last.id, merged);
      return null;
    }
    const entry: HistoryEntry<E> = { id, kind, ref, edit };
    this.store.setState({ doc: result.doc, ...afterEntry(this.state, entry, result.inverse) });
    this.queue.add(entry);
    return null;
  }

  /** Steps of entries that still wait undo what is there now. */
  private rebased(
    doc: D,
    own: readonly { entry: HistoryEntry<E>; inverse: E }[],
    aside: readonly SetAside<E>[],
  ): void {
    const inverses = new Map(own.map(({ entry, inverse }) => [entry.ref ?? entry.id, inverse]));
    const gone = new Set(aside.map(({ entry }) => entry.id));
    const now = (steps: readonly Step<E>[]) =>
      steps
        .filter((s) => !gone.has(s.id))
        .map((s) => {
          const edit = inverses.get(s.id);
          return edit ? { ...s, edit } : s;
        });
    this.store.setState((s) => ({ doc, undo: now(s.undo), redo: now(s.redo) }));
    this.setAside(aside);
  }

  private setAside(more: readonly SetAside<E>[]): void {
    if (more.length) this.keepAside([...this.options.keeper.readAside(), ...more]);
  }

  /** The words that an edit would have put in. */
  wordsOf(edit: E): string[] {
    return this.options.editing.words(edit);
  }

  /** Puts away what was set aside: the writer has seen it. */
  putAway(entryId: string): void {
    this.keepAside(this.options.keeper.readAside().filter(({ entry }) => entry.id !== entryId));
  }

  private keepAside(aside: SetAside<E>[]): void {
    this.store.setState({ aside });
    this.options.keeper.writeAside(aside);
  }

  /** From here to `release` something is drawn: however long that takes, what flows is one step of the history. */
  hold(): void {
    this.drawn = 'held';
    this.queue.hold();
  }

  release(): void {
    this.drawn = 'no';
    this.queue.release();
  }

  /** Sends what waits; called before anything that needs the server to be up to date. */
  flush(): Promise<void> {
    return this.queue.flush();
  }

  /** When the screen goes. */
  end(): void {
    this.queue.end();
  }
}
