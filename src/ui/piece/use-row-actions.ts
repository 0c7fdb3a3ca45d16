'use client';

import { nanoid } from 'nanoid';
import { type RefObject, useMemo } from 'react';
import {
  choosePicture,
  deleteScenes,
  duplicateScenes,
  emptyScene,
  joinWithPrevious,
  moveScene,
  pasteLines,
  splitScene,
} from '../../core/piece/actions.ts';
import type { Scene } from '../../core/piece/types.ts';
import { cutScript } from '../../core/text/script.ts';
import { usePiece } from './context.ts';
import type { RowActions } from './row.tsx';

const newId = () => nanoid(10);

/** What a row can do to the piece; stable, so that rows are drawn again only when they change. */
export function useRowActions(list: RefObject<HTMLElement | null>): RowActions {
  const { store, apply, player } = usePiece();
  return useMemo(() => {
    const focus = (id: string, caret: number) =>
      requestAnimationFrame(() => {
        const field = list.current?.querySelector<HTMLTextAreaElement>(`[data-scene="${id}"] textarea`);
        field?.focus();
        field?.setSelectionRange(caret, caret);
        field?.closest('[data-scene]')?.scrollIntoView({ block: 'nearest' });
      });
    const piece = () => store.state.piece;
    const indexOf = (id: string) => piece().scenes.findIndex((s) => s.id === id);
    const select = (id: string, add: boolean) => {
      const { selected } = store.state;
      if (!add) {
        if (selected.length !== 1 || selected[0] !== id) {
          store.select([id]);
          player.showScene(id);
        }
        return;
      }
      store.select(selected.includes(id) ? selected.filter((s) => s !== id) : [...selected, id]);
    };
    return {
      select,
      change: (id: string, label: string, patch: Partial<Omit<Scene, 'id'>>) =>
        apply({ label, ops: [{ op: 'scene', id, patch }] }),
      split: (id, caret) => {
        const done = splitScene(piece(), id, caret, newId);
        if (!done) return;
        apply(done.edit);
        select(done.newSceneId, false);
        focus(done.newSceneId, 0);
      },
      join: (id) => {
        const done = joinWithPrevious(piece(), id);
        if (!done) return;
        apply(done.edit);
        select(done.intoId, false);
        focus(done.intoId, done.caret);
      },
      insertAfter: (id) => {
        const scene = emptyScene(newId());
        apply({ label: 'Insert scene', ops: [{ op: 'insert', at: indexOf(id) + 1, scene }] });
        select(scene.id, false);
        focus(scene.id, 0);
      },
      duplicate: (id) => {
        const { selected } = store.state;
        apply(duplicateScenes(piece(), selected.includes(id) ? selected : [id], newId));
      },
      remove: (id) => {
        const { selected } = store.state;
        const at = indexOf(id);
        apply(deleteScenes(selected.includes(id) && selected.length > 1 ? selected : [id]));
        const next = piece().scenes[Math.min(at, piece().scenes.length - 1)];
        if (next) {
          select(next.id, false);
          focus(next.id, next.shown.length);
        }
      },
      move: (id, by) => {
        const to = indexOf(id) + by;
        if (to < 0 || to >= piece().scenes.length) return;
        apply(moveScene(id, to));
        requestAnimationFrame(() =>
          list.current?.querySelector<HTMLElement>(`[data-scene="${id}"] textarea`)?.focus(),
        );
      },
      paste: (id, from, to, text) => {
        const lines = cutScript(text, 'line').map((l) => l.shown);
        const edit = pasteLines(piece(), id, from, to, lines, newId);
        apply(edit);
        return edit !== null;
      },
      step: (id, by) => {
        const next = piece().scenes[indexOf(id) + by];
        if (!next) return;
        select(next.id, false);
        focus(next.id, by > 0 ? 0 : next.shown.length);
      },
      choose: (id, assetId) => {
        const scene = piece().scenes.find((s) => s.id === id);
        if (scene) apply(choosePicture(scene, assetId));
      },
      playFrom: (start) => void player.play(start),
    };
  }, [store, apply, player, list]);
}
