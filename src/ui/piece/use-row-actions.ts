'use client';

import { type RefObject, useMemo } from 'react';
import {
  deleteScenes,
  duplicateScenes,
  emptyScene,
  joinWithPrevious,
  moveScenes,
  pasteLines,
  splitScene,
} from '../../core/piece/actions.ts';
import { shownPatch, toggleMark } from '../../core/piece/marks.ts';
import { choosePicture } from '../../core/piece/pictures.ts';
import type { Scene } from '../../core/piece/types.ts';
import { cutScript } from '../../core/text/script.ts';
import { tokens } from '../../core/text/tokens.ts';
import { wantedOf } from './bring.tsx';
import { offsetAt } from './caret.ts';
import { newId, usePiece } from './context.ts';
import type { RowActions } from './row.tsx';
import { useSceneTimes } from './times.ts';

/** The word in which a caret stands. */
function wordAt(text: string, at: number): [number, number] | null {
  const word = tokens(text).find((t) => t.start <= at && t.end >= at);
  return word ? [word.start, word.end] : null;
}

/** What a row can do to the piece; stable, so that rows are drawn again only when they change. */
export function useRowActions(list: RefObject<HTMLElement | null>): RowActions {
  const { store, apply, player } = usePiece();
  const times = useSceneTimes();
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
    const select = (id: string, how: 'only' | 'toggle' | 'range') => {
      const { selected } = store.state;
      if (how === 'only') {
        if (selected.length !== 1 || selected[0] !== id) {
          store.select([id]);
          player.showScene(id);
        }
        return;
      }
      if (how === 'toggle') {
        store.select(selected.includes(id) ? selected.filter((s) => s !== id) : [...selected, id]);
        return;
      }
      const [a, b] = [indexOf(selected[0] ?? id), indexOf(id)];
      const range = piece()
        .scenes.slice(Math.min(a, b), Math.max(a, b) + 1)
        .map((s) => s.id);
      store.select(a <= b ? range : range.reverse());
    };
    const join = (id: string) => {
      const done = joinWithPrevious(piece(), id);
      if (!done) return;
      apply(done.edit);
      select(done.intoId, 'only');
      focus(done.intoId, done.caret);
    };
    return {
      select,
      change: (id: string, label: string, patch: Partial<Omit<Scene, 'id'>>) =>
        apply({ label, ops: [{ op: 'scene', id, patch }] }),
      split: (id, caret) => {
        const done = splitScene(piece(), id, caret, newId);
        if (!done) return;
        apply(done.edit);
        select(done.newSceneId, 'only');
        focus(done.newSceneId, 0);
      },
      join,
      joinNext: (id) => {
        const next = piece().scenes[indexOf(id) + 1];
        if (next) join(next.id);
      },
      caret: (id, from, to) => {
        store.caret = { sceneId: id, from, to };
      },
      selectAll: () => store.select(piece().scenes.map((s) => s.id)),
      type: (id, shown) => {
        const scene = piece().scenes[indexOf(id)];
        if (scene) apply({ label: 'Type', ops: [{ op: 'scene', id, patch: shownPatch(scene, shown) }] });
      },
      highlight: (id, from, to) => {
        const scene = piece().scenes[indexOf(id)];
        if (!scene) return;
        const span = from === to ? wordAt(scene.shown, from) : ([from, to] as const);
        if (!span) return;
        const marks = toggleMark(scene.marks, [span[0], span[1]], scene.shown.length);
        apply({
          label: marks.length < scene.marks.length ? 'Take the highlight off' : 'Highlight',
          ops: [{ op: 'scene', id, patch: { marks } }],
        });
      },
      find: () => {
        store.setPass('words');
        store.setWordsPart('find');
        requestAnimationFrame(() => document.getElementById('find-words')?.focus());
      },
      insertAfter: (id) => {
        const scene = emptyScene(newId());
        apply({ label: 'Insert scene', ops: [{ op: 'insert', at: indexOf(id) + 1, scene }] });
        select(scene.id, 'only');
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
          select(next.id, 'only');
          focus(next.id, next.shown.length);
        }
      },
      move: (id, by) => {
        const { selected } = store.state;
        apply(moveScenes(piece(), selected.includes(id) ? selected : [id], by < 0 ? -1 : 1));
        requestAnimationFrame(() => {
          const field = list.current?.querySelector<HTMLElement>(`[data-scene="${id}"] textarea`);
          if (selected.length < 2) field?.focus();
          field?.closest('[data-scene]')?.scrollIntoView({ block: 'nearest' });
        });
      },
      paste: (id, from, to, text) => {
        const lines = cutScript(text, 'line');
        const edit = pasteLines(piece(), id, from, to, lines, newId);
        apply(edit);
        return edit !== null;
      },
      step: (id, by, x) => {
        const next = piece().scenes[indexOf(id) + by];
        if (!next) return;
        const mirror = list.current?.querySelector<HTMLElement>(`[data-scene="${next.id}"] .words__mirror`);
        const near = by > 0 ? 0 : next.shown.length;
        focus(next.id, x === null || !mirror ? near : offsetAt(mirror, x, by > 0 ? 'first' : 'last'));
      },
      choose: (id, assetId) => {
        const scene = piece().scenes.find((s) => s.id === id);
        if (!scene) return;
        const entry = player.pictures.shelf.get(assetId);
        const slot = store.state.selected[0] === id ? store.state.slot : 0;
        apply(choosePicture(scene, entry ? wantedOf(entry) : assetId, slot));
      },
      playFrom: (id) => void player.play(times.get(id).start),
    };
  }, [store, apply, player, list, times]);
}
