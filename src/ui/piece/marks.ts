'use client';

import { createContext, useContext, useSyncExternalStore } from 'react';
import type { Mark } from '../../core/proof/proof.ts';

const NONE: readonly Mark[] = [];

/**
 * What the proof finds, outside of React's tree: an edit changes the marks of few scenes, and only what shows those is
 * drawn again.
 */
export class Marks {
  private all: readonly Mark[] = NONE;
  private scenes = new Map<string, readonly Mark[]>();
  private readonly listeners = new Set<() => void>();

  set(marks: readonly Mark[]): void {
    const groups = new Map<string, Mark[]>();
    for (const m of marks) groups.set(m.sceneId, [...(groups.get(m.sceneId) ?? []), m]);
    const next = new Map<string, readonly Mark[]>();
    for (const [id, group] of groups) {
      const old = this.scenes.get(id);
      next.set(id, old && JSON.stringify(old) === JSON.stringify(group) ? old : group);
    }
    const same =
      next.size === this.scenes.size && [...next].every(([id, group]) => this.scenes.get(id) === group);
    if (same) return;
    this.all = marks;
    this.scenes = next;
    for (const l of this.listeners) l();
  }

  get list(): readonly Mark[] {
    return this.all;
  }

  of(sceneId: string): readonly Mark[] {
    return this.scenes.get(sceneId) ?? NONE;
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
}

export const MarksContext = createContext<Marks | null>(null);

function useMarkStore(): Marks {
  const marks = useContext(MarksContext);
  if (!marks) throw new Error('Marks are used outside the piece screen.');
  return marks;
}

export function useMarks(): readonly Mark[] {
  const marks = useMarkStore();
  return useSyncExternalStore(
    marks.subscribe,
    () => marks.list,
    () => NONE,
  );
}

export function useSceneMarks(sceneId: string): readonly Mark[] {
  const marks = useMarkStore();
  return useSyncExternalStore(
    marks.subscribe,
    () => marks.of(sceneId),
    () => NONE,
  );
}

/** How many marks of a kind there are. */
export const useMarkCount = (check: Mark['check']): number =>
  useMarks().reduce((n, m) => (m.check === check && m.waived === null ? n + 1 : n), 0);
