'use client';

import { nanoid } from 'nanoid';
import { createStore } from 'zustand/vanilla';
import { applyEdit, type Edit, mergeTyping } from '../../core/piece/edit.ts';
import { shownPatch } from '../../core/piece/marks.ts';
import type { Piece } from '../../core/piece/types.ts';
import type { TakeFact, TrackFact } from '../../core/timeline/types.ts';
import type { HistoryEntry, StoredEntry } from '../../server/pieces/pieces.ts';
import type { ShelfEntryView } from '../../server/shelf/view.ts';
import { ApiError, api } from '../shared/api.ts';

export type Pass = 'words' | 'pictures' | 'voice' | 'music';

export type SaveState =
  | { kind: 'saved' }
  | { kind: 'saving' }
  | { kind: 'waiting'; message: string }
  | { kind: 'lost'; message: string };

/** Something that can be undone or redone: applying `edit` does it. */
interface Step {
  id: string;
  label: string;
  edit: Edit;
}

export interface PieceState {
  id: string;
  piece: Piece;
  undo: Step[];
  redo: Step[];
  save: SaveState;
  selected: string[];
  pass: Pass;
  /** Which of the tools for words are open. */
  wordsPart: 'edit' | 'find' | 'spelling' | 'source';
  /** Which of the tools for pictures are open, and which picture of the scene they are for, from 0. */
  picturesPart: 'find' | 'frame' | 'colour' | 'clip';
  slot: number;
  /** Which of the two frames of a move is set: 0 the start, 1 the end. */
  aim: 0 | 1;
  /** The renders stand in place of the tools. */
  delivering: boolean;
  takes: Record<string, TakeFact>;
  /** Takes that cannot be made, with the reason. */
  refusedTakes: Record<string, string>;
  track: TrackFact | null;
  material: MaterialState;
}

/** How far voices and music are. */
export interface MaterialState {
  /** Voices that are ready, of those wanted. */
  voices: { ready: number; wanted: number };
  music: 'none' | 'waiting' | 'making' | 'ready' | 'failed';
}

export interface Loaded {
  id: string;
  piece: Piece;
  rev: number;
  history: StoredEntry[];
  takes: Record<string, TakeFact>;
  /** Pictures of the piece that are not on the shipped shelf. */
  assets: ShelfEntryView[];
}

/** Typing within this time is one step of the history; an edit is sent after this quiet. */
const TYPING_MS = 900;
const SEND_MS = 350;

/**
 * The piece in the browser: one write path for every change, a queue of what the server has not acknowledged yet, and
 * the steps that can be undone. What is not acknowledged is also kept in the browser's storage, so that a crash or a
 * reload loses nothing.
 */
export class PieceStore {
  readonly store;
  /** The document as the server has it. */
  private acked: Piece;
  private rev: number;
  private pending: HistoryEntry[] = [];
  private sending = 0;
  private timer: ReturnType<typeof setTimeout> | null = null;
  private lastTyped = 0;
  private retryMs = 1000;

  constructor(loaded: Loaded) {
    this.acked = loaded.piece;
    this.rev = loaded.rev;
    const { undo, redo } = steps(loaded.history);
    this.store = createStore<PieceState>(() => ({
      id: loaded.id,
      piece: loaded.piece,
      undo,
      redo,
      save: { kind: 'saved' },
      selected: loaded.piece.scenes[0] ? [loaded.piece.scenes[0].id] : [],
      pass: 'words',
      wordsPart: 'edit',
      picturesPart: 'find',
      slot: 0,
      aim: 0,
      delivering: false,
      takes: loaded.takes,
      refusedTakes: {},
      track: null,
      material: { voices: { ready: 0, wanted: 0 }, music: 'waiting' },
    }));
    this.recover(loaded.history);
  }

  get state(): PieceState {
    return this.store.getState();
  }

  /** Applies an edit, remembers how to undo it, and sends it. Gives a message when it cannot be applied. */
  apply(edit: Edit): string | null {
    return this.enter('do', null, edit);
  }

  undo(): string | null {
    const step = this.state.undo.at(-1);
    return step ? this.enter('undo', step.id, step.edit) : null;
  }

  redo(): string | null {
    const step = this.state.redo.at(-1);
    return step ? this.enter('redo', step.id, step.edit) : null;
  }

  select(ids: string[]): void {
    this.store.setState((s) => ({ selected: ids, slot: s.selected[0] === ids[0] ? s.slot : 0 }));
  }

  /** Where the caret was last in a row's shown words; not part of the state, since nothing is drawn by it. */
  caret: { sceneId: string; from: number; to: number } | null = null;

  /** Puts text in the place of a part of the shown words. */
  typeAt(id: string, from: number, to: number, text: string): void {
    const scene = this.state.piece.scenes.find((s) => s.id === id);
    if (!scene) return;
    const shown = scene.shown.slice(0, from) + text + scene.shown.slice(to);
    this.apply({ label: 'Type', ops: [{ op: 'scene', id, patch: shownPatch(scene, shown) }] });
    this.caret = { sceneId: id, from: from + text.length, to: from + text.length };
  }

  setWordsPart(wordsPart: PieceState['wordsPart']): void {
    this.store.setState({ wordsPart });
  }

  setPicturesPart(picturesPart: PieceState['picturesPart']): void {
    this.store.setState({ picturesPart });
  }

  setAim(aim: 0 | 1): void {
    this.store.setState({ aim });
  }

  setSlot(slot: number): void {
    this.store.setState({ slot });
  }

  setPass(pass: Pass): void {
    this.store.setState({ pass, delivering: false });
  }

  setDelivering(delivering: boolean): void {
    this.store.setState({ delivering });
  }

  addTake(take: TakeFact): void {
    this.store.setState((s) => ({ takes: { ...s.takes, [take.key]: take } }));
  }

  refuseTake(key: string, reason: string): void {
    this.store.setState((s) => ({ refusedTakes: { ...s.refusedTakes, [key]: reason } }));
  }

  setTrack(track: TrackFact | null): void {
    this.store.setState({ track });
  }

  setMaterial(material: MaterialState): void {
    const old = this.state.material;
    if (
      old.music !== material.music ||
      old.voices.ready !== material.voices.ready ||
      old.voices.wanted !== material.voices.wanted
    )
      this.store.setState({ material });
  }

  private enter(kind: HistoryEntry['kind'], ref: string | null, edit: Edit): string | null {
    const { piece, undo, redo } = this.state;
    const result = applyEdit(piece, edit);
    if (!result.ok) return result.failure.message;
    const now = Date.now();
    const last = this.pending.length > this.sending ? this.pending.at(-1) : undefined;
    const merged =
      kind === 'do' && last?.kind === 'do' && now - this.lastTyped < TYPING_MS
        ? mergeTyping(last.edit, edit)
        : null;
    this.lastTyped = now;
    if (merged && last && undo.at(-1)?.id === last.id) {
      last.edit = merged;
      this.store.setState({ piece: result.piece, redo: [] });
    } else {
      const id = nanoid(10);
      this.pending.push({ id, kind, ref, edit });
      const step: Step = { id: ref ?? id, label: edit.label, edit: result.inverse };
      if (kind === 'do') this.store.setState({ piece: result.piece, undo: [...undo, step], redo: [] });
      else if (kind === 'undo')
        this.store.setState({ piece: result.piece, undo: undo.slice(0, -1), redo: [...redo, step] });
      else this.store.setState({ piece: result.piece, undo: [...undo, step], redo: redo.slice(0, -1) });
    }
    const alive = new Set(this.state.piece.scenes.map((s) => s.id));
    const selected = this.state.selected.filter((s) => alive.has(s));
    if (selected.length !== this.state.selected.length) this.store.setState({ selected });
    this.store.setState({ save: { kind: 'saving' } });
    this.keep();
    this.schedule(SEND_MS);
    return null;
  }

  private schedule(ms: number): void {
    if (this.timer) clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.flush(), ms);
  }

  /** Sends what is pending; called by itself after each edit, and before anything that needs the server to be up to date. */
  async flush(): Promise<void> {
    if (this.sending || !this.pending.length) return;
    const batch = this.pending.slice(0, 400);
    this.sending = batch.length;
    try {
      const { rev } = await api<{ rev: number }>(`/api/pieces/${this.state.id}/edits`, {
        body: { baseRev: this.rev, entries: batch },
      });
      this.acknowledge(batch, rev);
      this.retryMs = 1000;
    } catch (e) {
      this.sending = 0;
      if (e instanceof ApiError && e.status === 409)
        this.rebase(e.body as unknown as { rev: number; since: StoredEntry[] });
      else if (e instanceof ApiError && (e.status === 404 || e.status === 422 || e.status === 400)) {
        this.store.setState({
          save: { kind: 'lost', message: `${e.message} Reload the page to go on from the last saved state.` },
        });
        return;
      } else {
        this.store.setState({ save: { kind: 'waiting', message: (e as Error).message } });
        this.retryMs = Math.min(15_000, this.retryMs * 2);
        this.schedule(this.retryMs);
        return;
      }
    }
    this.sending = 0;
    this.keep();
    if (this.pending.length) await this.flush();
    else this.store.setState({ save: { kind: 'saved' } });
  }

  private acknowledge(batch: HistoryEntry[], rev: number): void {
    for (const e of batch) {
      const r = applyEdit(this.acked, e.edit);
      if (r.ok) this.acked = r.piece;
    }
    this.rev = rev;
    this.pending = this.pending.slice(batch.length);
  }

  /** Others edited in between: their edits first, then our own on top; what no longer applies is dropped and said. */
  private rebase({ rev, since }: { rev: number; since: StoredEntry[] }): void {
    for (const e of since) {
      const r = applyEdit(this.acked, e.edit);
      if (r.ok) this.acked = r.piece;
    }
    this.rev = rev;
    let piece = this.acked;
    const known = new Set(since.map((e) => e.id));
    this.pending = this.pending.filter((e) => {
      if (known.has(e.id)) return false;
      const r = applyEdit(piece, e.edit);
      if (r.ok) piece = r.piece;
      return r.ok;
    });
    this.store.setState({ piece });
  }

  private get storageKey(): string {
    return `nabbet-pending-${this.state.id}`;
  }

  /** Keeps in the browser what the server has not acknowledged. */
  private keep(): void {
    try {
      if (this.pending.length)
        localStorage.setItem(this.storageKey, JSON.stringify({ rev: this.rev, entries: this.pending }));
      else localStorage.removeItem(this.storageKey);
    } catch {
      this.store.setState({
        save: {
          kind: 'waiting',
          message: 'This browser keeps no copy of unsaved edits (its storage is full or off).',
        },
      });
    }
  }

  /** Takes up what an earlier page could not send any more. */
  private recover(history: StoredEntry[]): void {
    const raw = localStorage.getItem(this.storageKey);
    if (!raw) return;
    try {
      const { entries } = JSON.parse(raw) as { entries: HistoryEntry[] };
      const known = new Set(history.map((e) => e.id));
      for (const e of entries) if (!known.has(e.id)) this.enter(e.kind, e.ref, e.edit);
    } catch {
      localStorage.removeItem(this.storageKey);
    }
  }

  /** When the page goes away: a last try to send. What does not arrive is taken up at the next visit. */
  leave(): void {
    if (!this.pending.length) return;
    void api(`/api/pieces/${this.state.id}/edits`, {
      body: { baseRev: this.rev, entries: this.pending },
      keepalive: true,
    }).catch(() => undefined);
  }
}

/** The steps that can be undone and redone after a history. */
export function steps(history: StoredEntry[]): { undo: Step[]; redo: Step[] } {
  const undo: Step[] = [];
  let redo: Step[] = [];
  for (const e of history) {
    const step: Step = { id: e.ref ?? e.id, label: e.edit.label, edit: e.inverse };
    if (e.kind === 'undo') {
      const at = undo.findIndex((s) => s.id === e.ref);
      if (at >= 0) undo.splice(at, 1);
      redo.push(step);
    } else {
      if (e.kind === 'redo') redo = redo.filter((s) => s.id !== e.ref);
      else redo = [];
      undo.push(step);
    }
  }
  return { undo, redo };
}
