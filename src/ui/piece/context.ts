'use client';

import { createContext, useContext } from 'react';
import { useStore } from 'zustand';
import type { Edit } from '../../core/piece/edit.ts';
import type { Timeline } from '../../core/timeline/types.ts';
import type { Player } from './player.ts';
import type { PieceState, PieceStore } from './store.ts';

/** What the parts of the piece screen share. */
export interface PieceContextValue {
  store: PieceStore;
  player: Player;
  timeline: Timeline;
  /** Applies an edit and says when it cannot be. */
  apply(edit: Edit | null | undefined): void;
}

export const PieceContext = createContext<PieceContextValue | null>(null);

export function usePiece(): PieceContextValue {
  const value = useContext(PieceContext);
  if (!value) throw new Error('usePiece is used outside the piece screen.');
  return value;
}

export function usePieceState<T>(select: (s: PieceState) => T): T {
  return useStore(usePiece().store.store, select);
}
