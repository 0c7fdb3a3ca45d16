import { createStore } from 'zustand/vanilla';
import type { HistoryEntry, StoredEntry } from '../../../api/pieces.ts';
import { applyEdit, type Edit, type EditFailure, mergeEdits } from '../../../core/piece/edit.ts';
import type { Piece } from '../../../core/piece/types.ts';
import type { Clock } from '../sync/clock.ts';
import { EditQueue, type Keeper, type SaveState, type SendResult, type SetAside } from '../sync/queue.ts';
import { afterEntry, type Step, type Steps, stepsOf } from './steps.ts';

export interface PieceState extends Steps {
  id: string;
  piece: Piece;
  save: SaveState;
  /** Edits that could not be stored, until they are put away. */
  aside: SetAside[];
}

export interface StoreOptions {
  id: string;
  piece: Piece;
  rev: number;
  history: readonly StoredEntry[];
  send(baseRev: number, entries: readonly HistoryEntry[]): Promise<SendResult>;
  keeper: Keeper;
  clock: Clock;
  newId(): string;
}

/** What flows (typing, a slider) within this time of the last is one step of the history. */
export const FLOW_MS = 900;

/** The piece in the browser: one write path for every change, and the steps that can be undone. */
export class PieceStore {
  readonly store;
  private readonly queue: EditQueue;
  private lastAt = Number.NEGATIVE_INFINITY;

  constructor(private readonly options: StoreOptions) {
    const { id, piece, rev, history, send, keeper, clock } = options;
    this.store = createStore<PieceState>(() => ({
      ...{ id, piece, save: { kind: 'saved' } },
      ...stepsOf(history),
      aside: keeper.readAside(),
    }));
    this.queue = new EditQueue({
      ...{ piece, rev, send, keeper, clock },
      onSave: (save) => this.store.setState({ save }),
      onRebase: (now, own, aside) => this.rebased(now, own, aside),
    });
    const gone = this.queue.left(history).filter((e) => this.enter(e.kind, e.ref, e.edit, e.id) !== null);
    this.setAside(gone.map((entry) => ({ entry, refusal: null })));
  }

  get state(): PieceState {
    return this.store.getState();
  }

  /** Applies an edit, remembers how to undo it, and sends it. Gives why it cannot be applied. */
  apply(edit: Edit): EditFailure | null {
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
    kind: HistoryEntry['kind'],
    ref: string | null,
    edit: Edit,
    id = this.options.newId(),
  ): EditFailure | null {
    const { piece, undo } = this.state;
    const result = applyEdit(piece, edit);
    if (!result.ok) return result.failure;
    const now = this.options.clock.now();
    const last = this.queue.waiting.at(-1);
    const flows = kind === 'do' && last?.kind === 'do' && now - this.lastAt < FLOW_MS;
    const merged = flows && undo.at(-1)?.id === last.id ? mergeEdits(last.edit, edit) : null;
    this.lastAt = now;
    if (merged && last && this.queue.isOpen(last.id)) {
      this.store.setState({ piece: result.piece, redo: [] });
      this.queue.replace(last.id, merged);
      return null;
    }
    const entry: HistoryEntry = { id, kind, ref, edit };
    this.store.setState({ piece: result.piece, ...afterEntry(this.state, entry, result.inverse) });
    this.queue.add(entry);
    return null;
  }

  /** Steps of entries that still wait undo what is there now. */
  private rebased(
    piece: Piece,
    own: readonly { entry: HistoryEntry; inverse: Edit }[],
    aside: readonly SetAside[],
  ): void {
    const inverses = new Map(own.map(({ entry, inverse }) => [entry.ref ?? entry.id, inverse]));
    const gone = new Set(aside.map(({ entry }) => entry.id));
    const now = (steps: readonly Step[]) =>
      steps
        .filter((s) => !gone.has(s.id))
        .map((s) => {
          const edit = inverses.get(s.id);
          return edit ? { ...s, edit } : s;
        });
    this.store.setState((s) => ({ piece, undo: now(s.undo), redo: now(s.redo) }));
    this.setAside(aside);
  }

  private setAside(more: readonly SetAside[]): void {
    if (more.length) this.keepAside([...this.options.keeper.readAside(), ...more]);
  }

  /** Puts away what was set aside: the writer has seen it. */
  putAway(entryId: string): void {
    this.keepAside(this.options.keeper.readAside().filter(({ entry }) => entry.id !== entryId));
  }

  private keepAside(aside: SetAside[]): void {
    this.store.setState({ aside });
    this.options.keeper.writeAside(aside);
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
