'use client';

import type { Scene } from '../../../core/piece/types.ts';
import { usePieceState, useViewState } from '../context.ts';

/** The first of the selected scenes and its place; null when nothing is selected. */
export function useSelectedScene(): { scene: Scene; index: number } | null {
  const scenes = usePieceState((s) => s.doc.scenes);
  const first = useViewState((s) => s.selected[0]);
  const index = scenes.findIndex((s) => s.id === first);
  const scene = scenes[index];
  return scene ? { scene, index } : null;
}
