'use client';

import { App, Button, Segmented, Select } from 'antd';
import type { Format } from '../../core/look/formats.ts';
import { MOODS } from '../../core/music/moods.ts';
import { type AskedMood, SUITED_MUSIC } from '../../core/music/suited.ts';
import type { PieceOptions } from '../../core/piece/options.ts';
import { plainVoice } from '../../core/piece/types.ts';
import { languageWords } from '../../wording/voices.ts';
import { FormatSelect } from '../shared/format-select.tsx';
import { FORMAT_OPTIONS, isOwnFormat } from '../shared/formats.ts';
import { ListenButton } from '../shared/listen-button.tsx';
import { spokenLine, usePlaying } from '../shared/use-playing.ts';
import { useVoices } from '../shared/use-voices.ts';
import './piece-options.css';

/** Stands for no music among the moods. */
const NONE = 'none';

/** Format, voice and music of the piece to be, and the button that makes it. */
export function PieceOptionsBar({
  options,
  onChange,
  sample,
  silent = false,
  disabled,
  pending,
  make = 'Make the first draft',
  onMake,
}: {
  options: PieceOptions;
  onChange: (options: PieceOptions) => void;
  /** A line on which a voice can be heard. */
  sample: string;
  /** Nobody speaks in this piece. */
  silent?: boolean;
  disabled: boolean;
  pending: boolean;
  /** What the button does. */
  make?: string;
  onMake: () => void;
}) {
  const { message } = App.useApp();
  const voices = useVoices();
  const playing = usePlaying((m) => message.error(m));
  return (
    <footer className="piece-options">
      <div className="piece-options__choice">
        <span>Format</span>
        <span className="piece-options__pair">
          <Segmented
            aria-label="Format"
            value={options.format}
            onChange={(v) => onChange({ ...options, format: v as Format })}
            options={FORMAT_OPTIONS}
          />
          <FormatSelect
            aria-label="Other proportions"
            placeholder="Other"
            className="piece-options__other"
            offered={[]}
            value={isOwnFormat(options.format) ? options.format : null}
            onChange={(format) => format && onChange({ ...options, format })}
          />
        </span>
      </div>
      {!silent && (
        <div className="piece-options__choice">
          <span>Voice</span>
          <span className="piece-options__pair">
            <Select
              aria-label="Voice"
              value={options.voice}
              onChange={(voice) => onChange({ ...options, voice })}
              style={{ width: 180 }}
              showSearch={{ optionFilterProp: 'label' }}
              options={voices.languages.map((language) => ({
                label: languageWords(language),
                options: voices.of(language, options.voice).map((v) => ({
                  value: v.name,
                  label: `${v.label}: ${v.describe}`,
                })),
              }))}
            />
            <ListenButton
              playing={playing}
              name="voice"
              label="this voice on one of your lines"
              size="middle"
              make={() =>
                spokenLine(sample || 'This is how I sound when I read your words.', plainVoice(options.voice))
              }
            />
          </span>
        </div>
      )}
      <div className="piece-options__choice">
        <span>Music</span>
        <Select
          aria-label="Music"
          value={options.mood ?? NONE}
          onChange={(mood: NonNullable<AskedMood> | typeof NONE) =>
            onChange({ ...options, mood: mood === NONE ? null : mood })
          }
          style={{ width: 190 }}
          options={[
            { value: SUITED_MUSIC, label: 'What suits the words' },
            ...Object.entries(MOODS).map(([value, r]) => ({
              value,
              label: `${r.label}: ${r.describe.split(',')[0]}`,
            })),
            { value: NONE, label: 'No music' },
          ]}
        />
      </div>
      <Button type="primary" size="large" disabled={disabled} loading={pending} onClick={onMake}>
        {make}
      </Button>
    </footer>
  );
}
