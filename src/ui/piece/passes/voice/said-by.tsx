'use client';

import type { Scene } from '../../../../core/piece/types.ts';
import { clearVoice, setSpeaker } from '../../../../core/piece/voice.ts';
import { TONES } from '../../../../core/sound/tones.ts';
import { useVoices } from '../../../shared/use-voices.ts';
import { usePiece, usePieceState } from '../../context.ts';

/** Who says a row: a speaker, a voice of its own, or the voice of the piece. */
export function SaidBy({ scene, name }: { scene: Scene; name: string }) {
  const { store, apply } = usePiece();
  const { labelOf } = useVoices();
  const main = usePieceState((s) => s.doc.voice);
  const speakers = usePieceState((s) => s.doc.speakers);
  if (!speakers.length && !scene.voice) return null;
  const choose = (to: string) => apply(setSpeaker(store.state.doc, [scene], to || null));
  return (
    <div className="said-by">
      {scene.voice ? (
        <>
          <span>
            {labelOf(scene.voice.name)}
            {scene.voice.tone === 'plain' ? '' : `, ${TONES[scene.voice.tone].label.toLowerCase()}`}, a voice
            of its own
          </span>
          <button
            type="button"
            aria-label={`${name} in the voice of the piece`}
            onClick={() => apply(clearVoice([scene]))}
          >
            as the piece
          </button>
        </>
      ) : (
        <select
          aria-label={`Who says ${name}`}
          value={speakers.some((s) => s.name === scene.speaker) ? (scene.speaker ?? '') : ''}
          onChange={(e) => choose(e.target.value)}
        >
          <option value="">{labelOf(main.name)}</option>
          {speakers.map((s) => (
            <option key={s.name} value={s.name}>
              {s.name} ({labelOf(s.voice.name)})
            </option>
          ))}
        </select>
      )}
    </div>
  );
}
