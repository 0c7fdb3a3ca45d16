'use client';

import { Button, Progress, Segmented, Select } from 'antd';
import { clearVoice } from '../../../../core/piece/voice.ts';
import { failureWords } from '../../../../wording/failures.ts';
import { useMaterialState, usePiece, useViewState } from '../../context.ts';
import { CastTool } from './cast-tool.tsx';
import { ReadingTool } from './reading-tool.tsx';
import { RecordTool } from './record-tool.tsx';
import { scopeName, useVoiceScope } from './scope.ts';
import { SpeakersTool } from './speakers-tool.tsx';
import './voice.css';
import { WayTool } from './way-tool.tsx';

const PARTS = [
  { value: 'cast', label: 'Voices' },
  { value: 'way', label: 'Way' },
  { value: 'speakers', label: 'Who' },
  { value: 'reading', label: 'Reading' },
  { value: 'record', label: 'Record' },
];

/** Who speaks and how: of the piece, of a speaker, or of the selected rows. */
export function VoiceTools() {
  const { apply } = usePiece();
  const part = useViewState((s) => s.open.voice ?? 'cast');
  const { view } = usePiece();
  const { piece, scope, setScope, rows } = useVoiceScope();
  const refused = useMaterialState((s) => s.refused);
  const { ready, wanted } = useMaterialState((s) => s.voices);
  const scoped = part === 'cast' || part === 'way';
  return (
    <div className="voice">
      <div className="tools__head">
        <h2>Voice</h2>
        {scoped && (
          <Select
            size="small"
            aria-label="Whose voice"
            value={scopeName(scope)}
            onChange={setScope}
            popupMatchSelectWidth={false}
            options={[
              { value: 'piece', label: 'Whole piece' },
              ...piece.speakers.map((s) => ({ value: `speaker ${s.name}`, label: s.name })),
              {
                value: 'scenes',
                label: rows.length > 1 ? `These ${rows.length} rows` : 'This row',
                disabled: rows.length === 0,
              },
            ]}
          />
        )}
        {ready < wanted && (
          <Progress
            size="small"
            aria-label="Voices that are there"
            percent={Math.round((ready / wanted) * 100)}
            format={() => `${ready} of ${wanted}`}
            style={{ width: 150 }}
          />
        )}
      </div>
      <Segmented
        aria-label="Tools for the voice"
        size="small"
        block
        value={part}
        onChange={(v) => view.open('voice', v)}
        options={PARTS}
      />
      {part === 'cast' && <CastTool />}
      {part === 'way' && <WayTool />}
      {part === 'speakers' && <SpeakersTool />}
      {part === 'reading' && <ReadingTool />}
      {part === 'record' && <RecordTool />}
      {scoped && scope.of === 'scenes' && rows.some((s) => s.voice !== null) && (
        <Button size="small" onClick={() => apply(clearVoice(rows))}>
          As the piece has it
        </Button>
      )}
      {Object.entries(refused).map(([key, why]) => (
        <p key={key} className="tools__note">
          One line stays silent: {failureWords(why)}
        </p>
      ))}
    </div>
  );
}
