import { createStore } from 'zustand/vanilla';
import type { PassName } from '../passes.ts';

export interface ViewState {
  /** Ids of the selected scenes, the one that was selected first in front. */
  selected: string[];
  pass: PassName;
  /** Which of the tools of a pass is open, by pass; and which part of a tool, by its name. */
  open: Readonly<Record<string, string | undefined>>;
  /** Which picture of the scene the tools are for, from 0. */
  slot: number;
  /** Which of the two frames of a move is set: 0 the start, 1 the end. */
  aim: 0 | 1;
  /** The renders stand in place of the tools. */
  delivering: boolean;
  /** All actions, or all keys, are shown. */
  showing: 'palette' | 'keys' | null;
}

/** What the writer looks at: nothing of it is stored. */
export class View {
  readonly store;
  /** Where the caret was last in a row's shown words; not part of the state, since nothing is drawn by it. */
  caret: { sceneId: string; from: number; to: number } | null = null;

  constructor(first: { selected: string[]; pass: PassName }) {
    this.store = createStore<ViewState>(() => ({
      ...first,
      open: {},
      slot: 0,
      aim: 0,
      delivering: false,
      showing: null,
    }));
  }

  get state(): ViewState {
    return this.store.getState();
  }

  select(ids: string[]): void {
    this.store.setState((s) => ({ selected: ids, slot: s.selected[0] === ids[0] ? s.slot : 0 }));
  }

  /**
   * Scenes that are gone are no longer selected; when all of them are, the one before the first of them is, or what stands first
   * now. before, now: ids of all scenes, in order.
   */
  keepOnly(before: readonly string[], now: readonly string[]): void {
    const alive = new Set(now);
    const selected = this.state.selected.filter((id) => alive.has(id));
    if (selected.length === this.state.selected.length) return;
    if (selected.length) {
      this.store.setState({ selected });
      return;
    }
    const first = Math.min(...this.state.selected.map((id) => before.indexOf(id)));
    const next = before.slice(0, Math.max(0, first)).findLast((id) => alive.has(id)) ?? now[0];
    this.store.setState({ selected: next === undefined ? [] : [next], slot: 0 });
  }

  setPass(pass: PassName): void {
    this.store.setState({ pass, delivering: false });
  }

  /** Opens one of the tools of a pass. */
  open(pass: PassName, tool: string): void {
    this.store.setState((s) => ({ open: { ...s.open, [pass]: tool } }));
  }

  /** Chooses a part of a tool. */
  openPart(name: string, part: string): void {
    this.store.setState((s) => ({ open: { ...s.open, [name]: part } }));
  }

  setSlot(slot: number): void {
    this.store.setState({ slot });
  }

  setAim(aim: 0 | 1): void {
    this.store.setState({ aim });
  }

  show(showing: ViewState['showing']): void {
    this.store.setState({ showing });
  }

  setDelivering(delivering: boolean): void {
    this.store.setState({ delivering });
  }
}
