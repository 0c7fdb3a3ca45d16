'use client';

import { LoadingOutlined, PauseCircleOutlined, SoundOutlined } from '@ant-design/icons';
import { App, Button, Segmented, Select } from 'antd';
import type { Format } from '../../core/look/formats.ts';
import { MOODS, type Mood } from '../../core/music/moods.ts';
import type { PieceOptions } from '../../core/piece/options.ts';
import { VOICES } from '../../core/sound/speech.ts';
import { FORMAT_OPTIONS } from '../shared/formats.ts';
import { useAudition } from '../shared/use-audition.ts';
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
  const audition = useAudition((m) => message.error(m));
  return (
    <footer className="piece-options">
      <div className="piece-options__choice">
        <span>Format</span>
        <Segmented
          aria-label="Format"
          value={options.format}
          onChange={(v) => onChange({ ...options, format: v as Format })}
          options={FORMAT_OPTIONS}
        />
      </div>
      {!silent && (
        <div className="piece-options__choice">
          <span>Voice</span>
          <span className="piece-options__voice">
            <Select
              aria-label="Voice"
              value={options.voice}
              onChange={(voice) => onChange({ ...options, voice })}
              style={{ width: 230 }}
              options={VOICES.map((v) => ({ value: v.name, label: `${v.label}: ${v.describe}` }))}
            />
            <Button
              aria-label={audition.state ? 'Stop listening' : 'Listen to this voice on one of your lines'}
              icon={
                audition.state?.phase === 'making' ? (
                  <LoadingOutlined aria-hidden />
                ) : audition.state ? (
                  <PauseCircleOutlined aria-hidden />
                ) : (
                  <SoundOutlined aria-hidden />
                )
              }
              onClick={() =>
                audition.state
                  ? audition.stop()
                  : audition.listen(options.voice, 1, sample || 'This is how I sound when I read your words.')
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
          onChange={(mood: Mood | typeof NONE) => onChange({ ...options, mood: mood === NONE ? null : mood })}
          style={{ width: 230 }}
          options={[
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
