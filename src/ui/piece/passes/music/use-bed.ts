'use client';

import { bedAt, changeBed, setMusic } from '../../../../core/piece/music.ts';
import type { Bed, BedSource, Piece } from '../../../../core/piece/types.ts';
import { MIX } from '../../../../core/sound/mix.ts';
import type { Decibels } from '../../../../core/time.ts';
import type { SoundBed } from '../../../../core/timeline/types.ts';
import { newId, usePiece, usePieceState, useTimelineNow, useViewState } from '../../context.ts';

interface BedHere {
  piece: Piece;
  /** The music that is heard in the selected row; null for none. */
  bed: Bed | null;
  /** The same as it is laid. */
  laid: SoundBed | null;
  /** Gain at which it is heard where nobody speaks. */
  level: Decibels;
  choose(source: BedSource): void;
  change(change: Partial<Bed>, name: string): void;
}

/** The music that the tools are about: what is heard in the selected row. */
export function useBed(): BedHere {
  const { store, apply } = usePiece();
  const piece = usePieceState((s) => s.doc);
  const row = useViewState((s) => s.selected[0] ?? null);
  const bed = bedAt(piece, row);
  const { beds } = useTimelineNow().sound;
  return {
    piece,
    bed,
    laid: beds.find((b) => b.bedId === bed?.id) ?? null,
    level: MIX.musicOpenDb + (bed?.gainDb ?? 0),
    choose: (source) => apply(setMusic(store.state.doc, row, source, newId)),
    change(change, name) {
      const now = bedAt(store.state.doc, row);
      if (now) apply(changeBed(store.state.doc, now.id, change, name));
    },
  };
}
