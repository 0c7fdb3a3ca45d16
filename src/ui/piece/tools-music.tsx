'use client';

import { Button, Radio, Slider } from 'antd';
import { MOOD_RULES } from '../../core/music/moods.ts';
import type { Mood } from '../../core/piece/types.ts';
import { MIX } from '../../core/sound/mix.ts';
import { usePiece, usePieceState } from './context.ts';
import type { MaterialState } from './store.ts';

const STATES: Record<MaterialState['music'], string> = {
  none: 'No music in this piece.',
  waiting: 'The music is made when the voices have come and the length is known.',
  making: 'The music is being played in.',
  ready: 'Composed to the length of this piece; it ends with it.',
  failed: 'The music could not be made. Choose it again to try once more.',
};

/** Mood, another piece of the same mood, and the level. */
export function MusicTools() {
  const material = usePieceState((s) => s.material);
  const { apply } = usePiece();
  const music = usePieceState((s) => s.piece.music);
  const set = (label: string, patch: Partial<typeof music>) =>
    apply({ label, ops: [{ op: 'piece', patch: { music: { ...music, ...patch } } }] });
  return (
    <>
      <div className="tools__head">
        <h2>Music</h2>
        <Button
          size="small"
          disabled={music.mood === 'none'}
          onClick={() => set('Another tune', { seed: (music.seed % 999) + 1 })}
        >
          Another tune
        </Button>
      </div>
      <p className="tools__note" aria-live="polite">
        {STATES[material.music]}
      </p>
      <Radio.Group
        className="voices"
        value={music.mood}
        aria-label="Mood"
        onChange={(e) => set('Change music', { mood: e.target.value as Mood })}
      >
        {Object.entries(MOOD_RULES).map(([name, r]) => (
          <div key={name} className="voices__row">
            <Radio value={name}>
              <strong>{r.label}</strong> <small>{r.describe}</small>
            </Radio>
          </div>
        ))}
        <div className="voices__row">
          <Radio value="none">
            <strong>No music</strong>
          </Radio>
        </div>
      </Radio.Group>
      <div className="tools__field">
        <span>
          Level: {music.gainDb === 0 ? 'as mixed' : `${music.gainDb > 0 ? '+' : ''}${music.gainDb} dB`}; under
          the voice it goes down by {Math.round(MIX.musicOpenDb - MIX.musicUnderVoiceDb)} dB more
        </span>
      </div>
      <Slider
        ariaLabelForHandle="Level of the music"
        min={-18}
        max={9}
        step={1}
        key={music.gainDb}
        defaultValue={music.gainDb}
        disabled={music.mood === 'none'}
        marks={{ [-18]: 'faint', 0: 'as mixed', 9: 'strong' }}
        onChangeComplete={(gainDb) => set('Change music level', { gainDb })}
      />
    </>
  );
}
