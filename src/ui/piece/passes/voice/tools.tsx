'use client';

import { LoadingOutlined, PauseCircleOutlined, SoundOutlined } from '@ant-design/icons';
import { App, Button, Progress, Radio, Slider } from 'antd';
import { pieceEdit } from '../../../../core/piece/edit.ts';
import { spokenOf } from '../../../../core/piece/types.ts';
import { VOICES } from '../../../../core/sound/speech.ts';
import { failureWords } from '../../../../wording/failures.ts';
import { useAudition } from '../../../shared/use-audition.ts';
import { useMaterialState, usePiece, usePieceState } from '../../context.ts';
import { useSelectedScene } from '../../view/use-selected.ts';
import './voice.css';

/** Voices, heard on the selected line, and the pace. */
export function VoiceTools() {
  const { apply } = usePiece();
  const { message } = App.useApp();
  const voice = usePieceState((s) => s.doc.voice);
  const refused = useMaterialState((s) => s.refused);
  const chosen = useSelectedScene();
  const audition = useAudition((m) => message.error(m));
  const line = (chosen && spokenOf(chosen.scene).trim()) || 'This is how I sound when I read your words.';
  const { ready, wanted } = useMaterialState((s) => s.voices);
  return (
    <>
      <div className="tools__head">
        <h2>Voice</h2>
        {ready < wanted && (
          <Progress
            size="small"
            percent={Math.round((ready / wanted) * 100)}
            format={() => `${ready} of ${wanted}`}
            style={{ width: 150 }}
          />
        )}
      </div>
      <p className="tools__note">
        Listen to each on your own line: “{line.length > 70 ? `${line.slice(0, 70)}…` : line}”
      </p>
      <Radio.Group
        className="voices"
        value={voice.name}
        aria-label="Voice"
        onChange={(e) => apply(pieceEdit('voice', { voice: { ...voice, name: e.target.value } }))}
      >
        {VOICES.map((v) => (
          <div key={v.name} className="voices__row">
            <Radio value={v.name}>
              <strong>{v.label}</strong> <small>{v.describe}</small>
            </Radio>
            <Button
              size="small"
              aria-label={audition.state?.voice === v.name ? `Stop ${v.label}` : `Listen to ${v.label}`}
              icon={
                audition.state?.voice !== v.name ? (
                  <SoundOutlined aria-hidden />
                ) : audition.state.phase === 'making' ? (
                  <LoadingOutlined aria-hidden />
                ) : (
                  <PauseCircleOutlined aria-hidden />
                )
              }
              onClick={() =>
                audition.state?.voice === v.name ? audition.stop() : audition.listen(v.name, voice.pace, line)
              }
            />
          </div>
        ))}
      </Radio.Group>
      <label className="tools__field" htmlFor="pace">
        <span>Pace {voice.pace.toFixed(2)}</span>
      </label>
      <Slider
        ariaLabelForHandle="Pace of the voice"
        min={0.75}
        max={1.35}
        step={0.05}
        key={voice.pace}
        defaultValue={voice.pace}
        marks={{ 0.75: 'slow', 1: 'its own', 1.35: 'quick' }}
        onChangeComplete={(pace) => apply(pieceEdit('pace', { voice: { ...voice, pace } }))}
      />
      {Object.entries(refused).map(([key, why]) => (
        <p key={key} className="tools__note">
          One line stays silent: {failureWords(why)}
        </p>
      ))}
    </>
  );
}
