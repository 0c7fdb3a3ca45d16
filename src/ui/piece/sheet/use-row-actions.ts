'use client';

import { type RefObject, useMemo } from 'react';
import {
  deleteScenes,
  duplicateScenes,
  joinWithPrevious,
  moveScenes,
  pasteLines,
  splitScene,
} from '../../../core/piece/actions.ts';
import { edit, sceneEdit } from '../../../core/piece/edit.ts';
import { shownPatch, toggleHighlight } from '../../../core/piece/highlights.ts';
import { choosePicture } from '../../../core/piece/placements.ts';
import { emptyScene } from '../../../core/piece/types.ts';
import { readDirections } from '../../../core/text/directions/directions.ts';
import { cutScript } from '../../../core/text/script.ts';
import { tokens } from '../../../core/text/tokens.ts';
import { wantedOf } from '../bring.tsx';
import { newId, usePiece } from '../context.ts';
import { offsetAt } from './caret.ts';
import type { RowActions } from './row-actions.ts';
import { useSceneTimes } from './times.ts';

/** The word in which a caret stands. */
function wordAt(text: string, at: number): [number, number] | null {
  const word = tokens(text).find((t) => t.start <= at && t.end >= at);
  return word ? [word.start, word.end] : null;
}

/** What a row can do to the piece; stable, so that rows are drawn again only when they change. */
export function useRowActions(list: RefObject<HTMLElement | null>): RowActions {
  const { store, view, apply, player } = usePiece();
  const times = useSceneTimes();
  return useMemo(() => {
    const focus = (id: string, caret: number) =>
      requestAnimationFrame(() => {
        const field = list.current?.querySelector<HTMLTextAreaElement>(`[data-scene="${id}"] textarea`);
        field?.focus();
        field?.setSelectionRange(caret, caret);
        field?.closest('[data-scene]')?.scrollIntoView({ block: 'nearest' });
      });
    const piece = () => store.state.doc;
    const indexOf = (id: string) => piece().scenes.findIndex((s) => s.id === id);
    const select = (id: string, how: 'only' | 'toggle' | 'range') => {
      const { selected } = view.state;
      if (how === 'only') {
        if (selected.length !== 1 || selected[0] !== id) {
          view.select([id]);
          player.showScene(id);
        }
        return;
      }
      if (how === 'toggle') {
        view.select(selected.includes(id) ? selected.filter((s) => s !== id) : [...selected, id]);
        return;
      }
      const [a, b] = [indexOf(selected[0] ?? id), indexOf(id)];
      const range = piece()
        .scenes.slice(Math.min(a, b), Math.max(a, b) + 1)
        .map((s) => s.id);
      view.select(a <= b ? range : range.reverse());
    };
    const join = (id: string) => {
      const done = joinWithPrevious(piece(), id);
      if (!done) return;
      apply(done.edit);
      select(done.intoId, 'only');
      focus(done.intoId, done.caret);
    };
    const stepThrough = (how: 'undo' | 'redo') => {
      const row = (document.activeElement as HTMLElement | null)?.closest<HTMLElement>('[data-scene]');
      const typed = row !== null && row !== undefined;
      void store[how]();
      // The row in which somebody typed may be gone with the step: typing goes on where the selection went.
      if (!typed || indexOf(row.dataset.scene ?? '') >= 0) return;
      const next = piece().scenes.find((s) => s.id === view.state.selected[0]);
      if (next) focus(next.id, next.shown.length);
    };
    return {
      undo: () => stepThrough('undo'),
      redo: () => stepThrough('redo'),
      select,
      change: (id, name, patch, merge) => apply(sceneEdit(name, id, patch, merge)),
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
        view.caret = { sceneId: id, from, to };
      },
      selectAll: () => view.select(piece().scenes.map((s) => s.id)),
      type: (id, shown) => {
        const scene = piece().scenes[indexOf(id)];
        if (scene) apply(sceneEdit('type', id, shownPatch(scene, shown), 'type'));
      },
      highlight: (id, from, to) => {
        const scene = piece().scenes[indexOf(id)];
        if (!scene) return;
        const span = from === to ? wordAt(scene.shown, from) : ([from, to] as const);
        if (!span) return;
        const highlights = toggleHighlight(scene.highlights, [span[0], span[1]], scene.shown.length);
        apply(sceneEdit('highlight', id, { highlights }));
      },
      find: () => {
        view.setPass('words');
        view.open('words', 'find');
        requestAnimationFrame(() => document.getElementById('find-words')?.focus());
      },
      insertAfter: (id) => {
        const scene = emptyScene(newId());
        apply(edit('insert', [{ op: 'insert', at: indexOf(id) + 1, scene }]));
        select(scene.id, 'only');
        focus(scene.id, 0);
      },
      duplicate: (id) => {
        const { selected } = view.state;
        apply(duplicateScenes(piece(), selected.includes(id) ? selected : [id], newId));
      },
      remove: (id) => {
        const { selected } = view.state;
        const at = indexOf(id);
        apply(deleteScenes(selected.includes(id) && selected.length > 1 ? selected : [id]));
        const next = piece().scenes[Math.min(at, piece().scenes.length - 1)];
        if (next) {
          select(next.id, 'only');
          focus(next.id, next.shown.length);
        }
      },
      move: (id, by) => {
        const { selected } = view.state;
        apply(moveScenes(piece(), selected.includes(id) ? selected : [id], by < 0 ? -1 : 1));
        requestAnimationFrame(() => {
          const field = list.current?.querySelector<HTMLElement>(`[data-scene="${id}"] textarea`);
          if (selected.length < 2) field?.focus();
          field?.closest('[data-scene]')?.scrollIntoView({ block: 'nearest' });
        });
      },
      paste: (id, from, to, text) => {
        const lines = cutScript(readDirections(text)?.text ?? text, 'line');
        const pasted = pasteLines(piece(), id, from, to, lines, newId);
        apply(pasted);
        return pasted !== null;
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
        const slot = view.state.selected[0] === id ? view.state.slot : 0;
        apply(choosePicture(scene, entry ? wantedOf(entry) : assetId, slot));
      },
      playFrom: (id) => void player.play(times.get(id).start),
    };
  }, [store, view, apply, player, list, times]);
}
