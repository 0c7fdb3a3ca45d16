import type { ScenePatch } from '../../../core/piece/edit.ts';

/** What a row can do to the piece. */
export interface RowActions {
  /** The last step back, or again; where the row that had the caret goes, the caret goes to the one that is selected then. */
  undo(): void;
  redo(): void;
  /** only: this row alone; toggle: adds it or removes it; range: from the row selected first to this one. */
  select(id: string, how: 'only' | 'toggle' | 'range'): void;
  /** merge: changes that flow, such as typing, under one key. */
  change(id: string, name: string, patch: ScenePatch, merge?: string): void;
  split(id: string, caret: number): void;
  join(id: string): void;
  joinNext(id: string): void;
  selectAll(): void;
  /** Remembers where the caret stands. */
  caret(id: string, from: number, to: number): void;
  /** Types in the shown words; highlighted parts go along. */
  type(id: string, shown: string): void;
  /** Highlights a part of the shown words, or takes the highlight off. */
  highlight(id: string, from: number, to: number): void;
  find(): void;
  insertAfter(id: string): void;
  duplicate(id: string): void;
  remove(id: string): void;
  move(id: string, by: number): void;
  /** False when the text is a single line, which the field takes by itself. */
  paste(id: string, from: number, to: number, text: string): boolean;
  /** Moves the caret to the row above or below; x: where on the line it stood, pixels of the page, or null for the near end. */
  step(id: string, by: number, x: number | null): void;
  choose(id: string, assetId: string): void;
  playFrom(id: string): void;
}
