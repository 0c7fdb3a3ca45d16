'use client';

import { App, Button, Segmented, Slider } from 'antd';
import { splitMusic } from '../../../../core/piece/music.ts';
import { MIX } from '../../../../core/sound/mix.ts';
import { usePlaying } from '../../../shared/use-playing.ts';
import { newId, useMaterialState, usePiece, useViewState } from '../../context.ts';
import type { MaterialState } from '../../material/material.ts';
import { BeatTool } from './beat-tool.tsx';
import { BroughtTool } from './brought-tool.tsx';
import { ComposedTool } from './composed-tool.tsx';
import { EffectsTool } from './effects-tool.tsx';
import './music.css';
import { useBed } from './use-bed.ts';

const STATES: Record<MaterialState['music'], string> = {
  none: 'No music in this piece.',
  waiting: 'The music is made when the voices have come and the length is known.',
  making: 'The music is being played in.',
  ready: 'Made to the length of this piece; it ends with it.',
  failed: 'The music could not be made. Choose it again to try once more.',
};

const PARTS = [
  { value: 'composed', label: 'Made' },
  { value: 'brought', label: 'Brought' },
  { value: 'beat', label: 'Beat' },
  { value: 'effects', label: 'Effects' },
];

/** The music of the selected row, what changes with it, and short sounds. */
export function MusicTools() {
  const state = useMaterialState((s) => s.music);
  const { store, apply, view } = usePiece();
  const { message } = App.useApp();
  const playing = usePlaying((m) => message.error(m));
  const { piece, bed, change } = useBed();
  const row = useViewState((s) => s.selected[0] ?? null);
  const part = useViewState((s) => s.open.music ?? (bed?.source.kind === 'brought' ? 'brought' : 'composed'));
  const place = piece.scenes.findIndex((s) => s.id === row);
  const split = row ? splitMusic(piece, row, newId) : null;
  const gainDb = bed?.gainDb ?? 0;
  const heard = bed && bed.source.kind !== 'silence';
  return (
    <>
      <div className="tools__head">
        <h2>Music</h2>
        {(part === 'composed' || part === 'brought') && split && (
          <Button
            size="small"
            onClick={() => {
              const now = splitMusic(store.state.doc, row as string, newId);
              if (now) apply(now);
            }}
          >
            Other music from row {place + 1} on
          </Button>
        )}
      </div>
      <Segmented
        aria-label="Tools for the music"
        size="small"
        block
        value={part}
        onChange={(v) => view.open('music', v)}
        options={PARTS}
      />
      {part === 'composed' && <ComposedTool playing={playing} />}
      {part === 'brought' && <BroughtTool playing={playing} />}
      {part === 'beat' && <BeatTool />}
      {part === 'effects' && <EffectsTool playing={playing} />}
      {(part === 'composed' || part === 'brought') && (
        <>
          <div className="tools__field">
            <span>
              Level: {gainDb === 0 ? 'as mixed' : `${gainDb > 0 ? '+' : ''}${gainDb} dB`}; under the voice it
              goes down by {Math.round(MIX.musicOpenDb - MIX.musicUnderVoiceDb + MIX.carveLu)} dB more
            </span>
          </div>
          <Slider
            ariaLabelForHandle="Level of the music"
            min={-18}
            max={9}
            step={1}
            key={`${bed?.id} ${gainDb}`}
            defaultValue={gainDb}
            disabled={!heard}
            marks={{ [-18]: 'faint', 0: 'as mixed', 9: 'strong' }}
            onChangeComplete={(db) => change({ gainDb: db }, 'music-level')}
          />
        </>
      )}
      <p className="tools__note" aria-live="polite">
        {STATES[state]}
      </p>
    </>
  );
}
