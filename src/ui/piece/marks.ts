'use client';

import { createContext, useContext, useSyncExternalStore } from 'react';
import type { Scene } from '../../core/piece/types.ts';
import type { Mark } from '../../core/proof/proof.ts';

const NONE: readonly Mark[] = [];

/**
 * What the proof finds, outside of React's tree: an edit changes the marks of few scenes, and only what shows those is
 * drawn again.
 */
export class Marks {
  private all: readonly Mark[] = NONE;
  private found: ReadonlySet<Scene> = new Set();
  private scenes = new Map<string, readonly Mark[]>();
  private readonly listeners = new Set<() => void>();

  /** scenes: those that the marks were found in. */
  set(marks: readonly Mark[], scenes: readonly Scene[]): void {
    this.found = new Set(scenes);
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

  /** Whether a scene is as it was when the marks were found: a repair that is older would undo what was typed since. */
  fits(scene: Scene | undefined): boolean {
    return scene !== undefined && this.found.has(scene);
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
}

export const MarksContext = createContext<Marks | null>(null);

export function useMarkStore(): Marks {
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
