'use client';

import { InboxOutlined } from '@ant-design/icons';
import { App, Input, Radio, Select } from 'antd';
import { useMemo, useRef, useState } from 'react';
import { changeVoice } from '../../../../api/voices.ts';
import { languageOfPiece } from '../../../../core/sound/cast.ts';
import { languageOfVoice, type OtherVoice } from '../../../../core/sound/voices.ts';
import { languageWords } from '../../../../wording/voices.ts';
import { call } from '../../../shared/api.ts';
import { IconButton } from '../../../shared/icon-button.tsx';
import { useVoices } from '../../../shared/use-voices.ts';
import { BringVoice } from './bring-voice.tsx';
import { Listen, useLine, useListen } from './listen.tsx';
import { useVoiceScope } from './scope.ts';

/** From so many voices of a language on they can be searched. */
const MANY = 20;

/** Voices by language, each heard on the selected line. */
export function CastTool() {
  const { piece, voice, change } = useVoiceScope();
  const playing = useListen();
  const line = useLine();
  const [looked, setLooked] = useState<string | null>(null);
  const written = useMemo(() => languageOfPiece(piece), [piece]);
  const language = looked ?? languageOfVoice(voice.name);
  const { message } = App.useApp();
  const voices = useVoices();
  const [find, setFind] = useState('');
  const top = useRef<HTMLDivElement>(null);
  const all = voices.of(language, voice.name);
  const shown =
    all.length < MANY ? all : all.filter((v) => v.label.toLowerCase().includes(find.trim().toLowerCase()));
  const putAway = async ({ name, label }: OtherVoice) => {
    try {
      await call(changeVoice, { body: { name, away: true } });
      await voices.again();
      message.info(`${label} was put away; what it said stays.`);
    } catch (e) {
      message.error((e as Error).message);
    }
  };
  return (
    <>
      <div className="voice__language" ref={top}>
        <Select
          size="small"
          aria-label="Language of the voices"
          showSearch={{ optionFilterProp: 'label' }}
          value={language}
          onChange={setLooked}
          options={voices.languages.map((value) => ({ value, label: languageWords(value) }))}
          style={{ width: 150 }}
        />
        <BringVoice
          onBrought={(name, of) => {
            setLooked(of);
            change({ name });
            top.current?.scrollIntoView({ block: 'nearest' });
          }}
        />
        {written && written !== language && (
          <span className="voice__written">
            The words are in {languageWords(written)}.{' '}
            {voices.languages.includes(written) ? (
              <button type="button" onClick={() => setLooked(written)}>
                Show its voices
              </button>
            ) : (
              'No voice here speaks it.'
            )}
          </span>
        )}
      </div>
      <p className="tools__note">
        Listen on your own line: “{line.length > 60 ? `${line.slice(0, 60)}…` : line}”
      </p>
      {all.length >= MANY && (
        <Input
          size="small"
          allowClear
          aria-label="Find a voice"
          placeholder="Find"
          value={find}
          onChange={(e) => setFind(e.target.value)}
        />
      )}
      <Radio.Group
        className="voices"
        value={voice.name}
        aria-label="Voice"
        onChange={(e) => change({ name: e.target.value })}
      >
        {shown.map((v) => (
          <div key={v.name} className="voices__row">
            <Radio value={v.name}>
              <strong>{v.label}</strong> <small>{v.describe}</small>
            </Radio>
            {voices.own.some((own) => own.name === v.name && !own.away) && (
              <IconButton
                label={`Put ${v.label} away`}
                icon={<InboxOutlined aria-hidden />}
                onClick={() => void putAway(v)}
              />
            )}
            <Listen
              playing={playing}
              name={v.name}
              label={v.label}
              line={line}
              voice={{ ...voice, name: v.name }}
              says={piece.says}
            />
          </div>
        ))}
      </Radio.Group>
    </>
  );
}
