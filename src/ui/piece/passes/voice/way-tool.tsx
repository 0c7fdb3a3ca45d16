'use client';

import { Radio, Slider } from 'antd';
import type { PieceVoice } from '../../../../core/piece/types.ts';
import { TONES, type ToneName } from '../../../../core/sound/tones.ts';
import { useVoices } from '../../../shared/use-voices.ts';
import { Listen, useLine, useListen } from './listen.tsx';
import { useVoiceScope } from './scope.ts';

const SLIDERS: {
  key: 'pace' | 'pitch' | 'pauses';
  label: string;
  say: (v: number) => string;
  range: [min: number, max: number, step: number];
  marks: Record<number, string>;
}[] = [
  {
    ...{ key: 'pace', label: 'Pace', say: (v) => `${Math.round(v * 100)} %` },
    ...{ range: [0.7, 1.4, 0.05], marks: { 0.7: 'slow', 1: 'its own', 1.4: 'quick' } },
  },
  {
    ...{
      key: 'pitch',
      label: 'Pitch',
      say: (v) => (v === 0 ? 'its own' : `${v > 0 ? '+' : ''}${v} semitones`),
    },
    ...{ range: [-4, 4, 0.5], marks: { [-4]: 'lower', 0: 'its own', 4: 'higher' } },
  },
  {
    ...{ key: 'pauses', label: 'Pauses', say: (v) => `${Math.round(v * 100)} %` },
    ...{ range: [0.4, 2.4, 0.1], marks: { 0.4: 'short', 1: 'its own', 2.4: 'long' } },
  },
];

/** How it is said: tone, pace, pitch and pauses, heard on the selected line. */
export function WayTool() {
  const { piece, voice, change } = useVoiceScope();
  const playing = useListen();
  const line = useLine();
  const { labelOf } = useVoices();
  const label = labelOf(voice.name);
  const listen = (name: string, of: string, way: PieceVoice) => (
    <Listen playing={playing} name={name} label={of} line={line} voice={way} says={piece.says} />
  );
  return (
    <>
      <Radio.Group
        className="voices voice__tones"
        value={voice.tone}
        aria-label="Tone"
        onChange={(e) => change({ tone: e.target.value })}
      >
        {(Object.keys(TONES) as ToneName[]).map((tone) => (
          <div key={tone} className="voices__row">
            <Radio value={tone}>
              <strong>{TONES[tone].label}</strong> <small>{TONES[tone].describe}</small>
            </Radio>
            {listen(`tone ${tone}`, `${label}, ${TONES[tone].label.toLowerCase()}`, { ...voice, tone })}
          </div>
        ))}
      </Radio.Group>
      {SLIDERS.map(({ key, label: name, say, range: [min, max, step], marks }) => (
        <div key={key}>
          <div className="tools__field">
            <span>
              {name} <small>{say(voice[key])}</small>
            </span>
          </div>
          <Slider
            ariaLabelForHandle={key === 'pace' ? 'Pace of the voice' : `${name} of the voice`}
            {...{ min, max, step, marks }}
            key={voice[key]}
            defaultValue={voice[key]}
            onChangeComplete={(v) => change({ [key]: v }, key)}
          />
        </div>
      ))}
      <div className="tools__line">
        <span>{label}, as set here</span>
        {listen('now', `${label} as set here`, voice)}
      </div>
    </>
  );
}
