'use client';

import { nanoid } from 'nanoid';
import { createContext, useContext, useSyncExternalStore } from 'react';
import { useStore } from 'zustand';
import type { Typesetter } from '../../core/look/typeset/typesetter.ts';
import type { Edit } from '../../core/piece/edit.ts';
import type { Piece, Scene } from '../../core/piece/types.ts';
import type { Timeline } from '../../core/timeline/types.ts';
import type { DocState, DocStore } from '../sync/store.ts';
import type { Material, MaterialState } from './material/material.ts';
import type { Player } from './monitor/player.ts';
import type { View, ViewState } from './view/view.ts';

/** The piece in the browser. */
export type PieceStore = DocStore<Piece, Edit>;

/** What the parts of the piece screen share and what does not change while the piece does. */
export interface PieceContextValue {
  store: PieceStore;
  view: View;
  material: Material;
  player: Player;
  /** Applies an edit and says when it cannot be. */
  apply(edit: Edit | null | undefined): void;
}

export const PieceContext = createContext<PieceContextValue | null>(null);

export function usePiece(): PieceContextValue {
  const value = useContext(PieceContext);
  if (!value) throw new Error('usePiece is used outside the piece screen.');
  return value;
}

/** The timeline changes with every edit: only what shows time listens to it. */
export const TimelineContext = createContext<Timeline | null>(null);

export function useTimelineNow(): Timeline {
  const value = useContext(TimelineContext);
  if (!value) throw new Error('useTimelineNow is used outside the piece screen.');
  return value;
}

/** The typesetter that laid the words of the timeline. */
export const SetterContext = createContext<Typesetter | null>(null);

export function usePieceState<T>(select: (s: DocState<Piece, Edit>) => T): T {
  return useStore(usePiece().store.store, select);
}

/** Scenes by id, made once for each state of the piece: every row asks. */
const byId = new WeakMap<readonly Scene[], ReadonlyMap<string, Scene>>();

function sceneOf(scenes: readonly Scene[], id: string): Scene | null {
  const known = byId.get(scenes) ?? new Map(scenes.map((s) => [s.id, s]));
  byId.set(scenes, known);
  return known.get(id) ?? null;
}

/** A scene; null when it is gone. */
export function useScene(id: string): Scene | null {
  return usePieceState((s) => sceneOf(s.doc.scenes, id));
}

export function useViewState<T>(select: (s: ViewState) => T): T {
  return useStore(usePiece().view.store, select);
}

export function useMaterialState<T>(select: (s: MaterialState) => T): T {
  return useStore(usePiece().material.store, select);
}

/** What follows from the piece and from what is selected in it; give a value that is equal when nothing changed. */
export function useSelection<T>(select: (piece: Piece, selected: readonly string[]) => T): T {
  const { store, view } = usePiece();
  const now = () => select(store.state.doc, view.state.selected);
  return useSyncExternalStore(
    (listener) => {
      const offs = [store.store.subscribe(listener), view.store.subscribe(listener)];
      return () => {
        for (const off of offs) off();
      };
    },
    now,
    now,
  );
}

/** Ids for new scenes. */
export const newId = (): string => nanoid(10);
