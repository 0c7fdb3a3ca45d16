'use client';

import { MOODS } from '../../../../core/music/moods.ts';
import { joinMusic } from '../../../../core/piece/music.ts';
import type { Scene } from '../../../../core/piece/types.ts';
import { EFFECTS } from '../../../../core/sound/effects.ts';
import { useOwnTracks } from '../../../shared/use-own-tracks.ts';
import { usePiece, usePieceState } from '../../context.ts';

/** Music that begins with a row, and the sound with which it begins. */
export function BeginsHere({ scene, name }: { scene: Scene; name: string }) {
  const { store, apply } = usePiece();
  const bed = usePieceState((s) => s.doc.beds.find((b) => b.fromScene === scene.id) ?? null);
  const { byId } = useOwnTracks();
  const { effect } = scene;
  if (!bed && !effect) return null;
  const label = !bed
    ? ''
    : bed.source.kind === 'composed'
      ? MOODS[bed.source.mood].label
      : bed.source.kind === 'brought'
        ? (byId[bed.source.trackId]?.title ?? 'a track')
        : 'no music';
  return (
    <div className="said-by">
      {bed && (
        <>
          <span>From here: {label}</span>
          <button
            type="button"
            aria-label={`The music before goes on through ${name}`}
            onClick={() => apply(joinMusic(store.state.doc, bed.id))}
          >
            go on as before
          </button>
        </>
      )}
      {effect && (
        <span>
          {effect.name === 'none'
            ? 'Begins silently'
            : `Begins with ${EFFECTS[effect.name].label.toLowerCase()}`}
        </span>
      )}
    </div>
  );
}
