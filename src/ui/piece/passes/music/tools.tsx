'use client';

import { Button, Radio, Slider } from 'antd';
import { MOODS, type Mood } from '../../../../core/music/moods.ts';
import { pieceEdit } from '../../../../core/piece/edit.ts';
import { type Bed, newBed } from '../../../../core/piece/types.ts';
import { MIX } from '../../../../core/sound/mix.ts';
import { useMaterialState, usePiece, usePieceState } from '../../context.ts';
import type { MaterialState } from '../../material/material.ts';

const STATES: Record<MaterialState['music'], string> = {
  none: 'No music in this piece.',
  waiting: 'The music is made when the voices have come and the length is known.',
  making: 'The music is being played in.',
  ready: 'Composed to the length of this piece; it ends with it.',
  failed: 'The music could not be made. Choose it again to try once more.',
};

/** Stands for no music among the moods. */
const NONE = 'none';

/** Mood, another piece of the same mood, and the level. */
export function MusicTools() {
  const state = useMaterialState((s) => s.music);
  const { apply } = usePiece();
  const beds = usePieceState((s) => s.doc.beds);
  const [bed, ...others] = beds;
  const put = (name: string, next: Bed[]) => apply(pieceEdit(name, { beds: next }));
  const set = (name: string, change: Partial<Bed>) => bed && put(name, [{ ...bed, ...change }, ...others]);
  const choose = (mood: Mood | typeof NONE) => {
    if (mood === NONE) put('music', []);
    else if (bed) set('music', { source: { ...bed.source, mood } });
    else put('music', [newBed('music', { kind: 'composed', mood, seed: 1 })]);
  };
  const gainDb = bed?.gainDb ?? 0;
  return (
    <>
      <div className="tools__head">
        <h2>Music</h2>
        <Button
          size="small"
          disabled={!bed}
          onClick={() =>
            bed && set('another-tune', { source: { ...bed.source, seed: (bed.source.seed % 999) + 1 } })
          }
        >
          Another tune
        </Button>
      </div>
      <p className="tools__note" aria-live="polite">
        {STATES[state]}
      </p>
      <Radio.Group
        className="voices"
        value={bed?.source.mood ?? NONE}
        aria-label="Mood"
        onChange={(e) => choose(e.target.value)}
      >
        {Object.entries(MOODS).map(([name, r]) => (
          <div key={name} className="voices__row">
            <Radio value={name}>
              <strong>{r.label}</strong> <small>{r.describe}</small>
            </Radio>
          </div>
        ))}
        <div className="voices__row">
          <Radio value={NONE}>
            <strong>No music</strong>
          </Radio>
        </div>
      </Radio.Group>
      <div className="tools__field">
        <span>
          Level: {gainDb === 0 ? 'as mixed' : `${gainDb > 0 ? '+' : ''}${gainDb} dB`}; under the voice it goes
          down by {Math.round(MIX.musicOpenDb - MIX.musicUnderVoiceDb)} dB more
        </span>
      </div>
      <Slider
        ariaLabelForHandle="Level of the music"
        min={-18}
        max={9}
        step={1}
        key={gainDb}
        defaultValue={gainDb}
        disabled={!bed}
        marks={{ [-18]: 'faint', 0: 'as mixed', 9: 'strong' }}
        onChangeComplete={(db) => set('music-level', { gainDb: db })}
      />
    </>
  );
}
