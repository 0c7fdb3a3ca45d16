'use client';

import { nanoid } from 'nanoid';
import { createContext, useContext } from 'react';
import { useStore } from 'zustand';
import type { Edit } from '../../core/piece/edit.ts';
import type { Timeline } from '../../core/timeline/types.ts';
import type { Player } from './player.ts';
import type { PieceState, PieceStore } from './store.ts';

/** What the parts of the piece screen share and what does not change while the piece does. */
export interface PieceContextValue {
  store: PieceStore;
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

export function usePieceState<T>(select: (s: PieceState) => T): T {
  return useStore(usePiece().store.store, select);
}

/** Ids for new scenes. */
export const newId = (): string => nanoid(10);
