'use client';

import { merged } from '../../../../core/look/dress.ts';
import { AS_THE_PIECE, type SceneLook, type Style } from '../../../../core/piece/appearance.ts';
import type { Edit } from '../../../../core/piece/edit.ts';
import { stylePiece, styleScenes } from '../../../../core/piece/style.ts';
import type { Piece, Scene } from '../../../../core/piece/types.ts';
import { usePiece, usePieceState, useViewState } from '../../context.ts';
import { useSelectedScene } from '../../view/use-selected.ts';

/** What the tools of the look change: the whole piece, or the selected rows. */
export type Scope = 'piece' | 'rows';

export interface Scoped {
  scope: Scope;
  setScope(scope: Scope): void;
  piece: Piece;
  /** The first selected scene, on which everything is shown. */
  scene: Scene | null;
  index: number;
  /** What is changed so far, of the piece or of the first selected row. */
  style: Style | SceneLook;
  /** What of that stands for the scene. */
  now: Style;
  change(change: Partial<Style>, merge?: string): void;
}

export const rowsOf = (piece: Piece, selected: readonly string[]): Scene[] =>
  piece.scenes.filter((s) => selected.includes(s.id));

export function useScoped(): Scoped {
  const { store, view, apply } = usePiece();
  const piece = usePieceState((s) => s.doc);
  const scope: Scope = useViewState((s) => (s.open['look-scope'] === 'rows' ? 'rows' : 'piece'));
  const chosen = useSelectedScene();
  const scene = chosen?.scene ?? null;
  const style = scope === 'piece' ? piece.style : (scene?.look ?? AS_THE_PIECE);
  return {
    scope,
    setScope: (next) => view.openPart('look-scope', next),
    piece,
    scene,
    index: chosen?.index ?? 0,
    style,
    now: merged(piece.style, scope === 'rows' ? (scene?.look ?? null) : null),
    change(change, merge) {
      const { doc } = store.state;
      const ids = view.state.selected;
      const edit: Edit | null =
        scope === 'piece'
          ? stylePiece(doc, change, merge ? `style ${merge}` : null)
          : styleScenes(rowsOf(doc, ids), change, merge ? `style ${merge} ${ids.join(' ')}` : null);
      apply(edit);
    },
  };
}
