import type { ComponentType } from 'react';
import type { Scene } from '../../../core/piece/types.ts';
import type { RowActions } from '../sheet/row-actions.ts';
import type { ViewState } from '../view/view.ts';

export interface RowExtraProps {
  scene: Scene;
  /** As it is called: "Scene 3". */
  name: string;
  /** The writer has asked to write other spoken words than the shown ones. */
  apart: boolean;
  actions: RowActions;
}

/** One way of going through the piece from top to bottom. */
export interface Pass {
  label: string;
  /** What it still wants, in a word or two; empty when nothing. A hook. */
  useWanted(): string;
  /** What a row shows below its words. */
  RowExtra: ComponentType<RowExtraProps>;
  /** What a row shows beside its times; null for nothing. */
  RowFigure: ComponentType<{ id: string; shown: string }> | null;
  /** Rows show their scene as it will be seen, instead of the picture alone. */
  painted: boolean;
  /** Rows show the alternatives of their picture. */
  alternatives: boolean;
  /** Rows offer to have other words spoken. */
  offersSpoken: boolean;
  /** Whether the picture's frame is set on the monitor. */
  framing(view: ViewState): boolean;
  /** Whether words are put in their place on the monitor. */
  placing: boolean;
  /** The tools for the selected rows. */
  Tools: ComponentType;
}
