'use client';

import type { Piece, PieceVoice, Scene } from '../../../../core/piece/types.ts';
import { changeVoice, type VoiceScope, voiceOfScope } from '../../../../core/piece/voice.ts';
import { usePiece, usePieceState, useViewState } from '../../context.ts';

/** Before the name of a speaker in the part that is kept open. */
const SPEAKER = 'speaker ';

const scopeOf = (open: string | undefined, piece: Piece, rows: readonly Scene[]): VoiceScope => {
  if (open === 'scenes' && rows.length) return { of: 'scenes' };
  const name = open?.startsWith(SPEAKER) ? open.slice(SPEAKER.length) : null;
  return name !== null && piece.speakers.some((s) => s.name === name)
    ? { of: 'speaker', name }
    : { of: 'piece' };
};

export const scopeName = (scope: VoiceScope): string =>
  scope.of === 'speaker' ? `${SPEAKER}${scope.name}` : scope.of;

export interface VoiceScoped {
  piece: Piece;
  scope: VoiceScope;
  setScope(name: string): void;
  /** The selected rows. */
  rows: Scene[];
  voice: PieceVoice;
  change(change: Partial<PieceVoice>, merge?: string): void;
}

/** Whose voice the tools change, and how. */
export function useVoiceScope(): VoiceScoped {
  const { store, view, apply } = usePiece();
  const piece = usePieceState((s) => s.doc);
  const selected = useViewState((s) => s.selected);
  const open = useViewState((s) => s.open['voice-scope']);
  const rows = piece.scenes.filter((s) => selected.includes(s.id));
  const scope = scopeOf(open, piece, rows);
  return {
    piece,
    scope,
    setScope: (name) => view.openPart('voice-scope', name),
    rows,
    voice: voiceOfScope(piece, scope, rows),
    change(change, merge) {
      const { doc } = store.state;
      const scenes = doc.scenes.filter((s) => view.state.selected.includes(s.id));
      apply(changeVoice(doc, scope, scenes, change, merge ? `${merge} ${scopeName(scope)}` : null));
    },
  };
}
