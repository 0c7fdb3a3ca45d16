'use client';

import { createContext, useContext, useSyncExternalStore } from 'react';
import type { Frames } from '../../../core/time.ts';
import type { Timeline } from '../../../core/timeline/types.ts';

/** What a row shows of its scene's time. */
export interface SceneTime {
  start: Frames;
  length: Frames;
  estimated: boolean;
  stretched: boolean;
  takeKey: string | null;
}

const NONE: SceneTime = { start: 0, length: 0, estimated: true, stretched: false, takeKey: null };

/**
 * The times of all scenes, outside of React's tree: a typed letter moves the start of every later scene, and only the
 * figures are to be drawn again for that, not the rows.
 */
export class SceneTimes {
  private times = new Map<string, SceneTime>();
  private readonly listeners = new Set<() => void>();

  set(timeline: Timeline): void {
    const next = new Map<string, SceneTime>();
    for (const s of timeline.scenes) {
      const time: SceneTime = {
        start: s.start,
        length: s.end - s.start,
        estimated: s.estimated,
        stretched: s.stretched,
        takeKey: s.voice?.key ?? null,
      };
      const old = this.times.get(s.sceneId);
      next.set(s.sceneId, old && same(old, time) ? old : time);
    }
    this.times = next;
    for (const l of this.listeners) l();
  }

  get(id: string): SceneTime {
    return this.times.get(id) ?? NONE;
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
}

const same = (a: SceneTime, b: SceneTime): boolean =>
  a.start === b.start &&
  a.length === b.length &&
  a.estimated === b.estimated &&
  a.stretched === b.stretched &&
  a.takeKey === b.takeKey;

export const TimesContext = createContext<SceneTimes | null>(null);

export function useSceneTimes(): SceneTimes {
  const times = useContext(TimesContext);
  if (!times) throw new Error('useSceneTimes is used outside the piece screen.');
  return times;
}

export function useSceneTime(id: string): SceneTime {
  const times = useSceneTimes();
  return useSyncExternalStore(
    times.subscribe,
    () => times.get(id),
    () => NONE,
  );
}
