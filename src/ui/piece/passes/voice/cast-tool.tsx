'use client';

import { Radio, Select } from 'antd';
import { useMemo, useState } from 'react';
import { languageOfPiece } from '../../../../core/sound/cast.ts';
import { languageOfVoice, SPOKEN_LANGUAGES, VOICES } from '../../../../core/sound/voices.ts';
import { languageWords } from '../../../../wording/voices.ts';
import { Listen, useLine, useListen } from './listen.tsx';
import { useVoiceScope } from './scope.ts';

const LANGUAGES = SPOKEN_LANGUAGES.map((value) => ({ value, label: languageWords(value) }));

/** Voices by language, each heard on the selected line. */
export function CastTool() {
  const { piece, voice, change } = useVoiceScope();
  const playing = useListen();
  const line = useLine();
  const [looked, setLooked] = useState<string | null>(null);
  const written = useMemo(() => languageOfPiece(piece), [piece]);
  const language = looked ?? languageOfVoice(voice.name);
  return (
    <>
      <div className="voice__language">
        <Select
          size="small"
          aria-label="Language of the voices"
          showSearch={{ optionFilterProp: 'label' }}
          value={language}
          onChange={setLooked}
          options={LANGUAGES}
          style={{ width: 150 }}
        />
        {written && written !== language && (
          <span className="voice__written">
            The words are in {languageWords(written)}.{' '}
            {SPOKEN_LANGUAGES.includes(written) ? (
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
      <Radio.Group
        className="voices"
        value={voice.name}
        aria-label="Voice"
        onChange={(e) => change({ name: e.target.value })}
      >
        {VOICES.filter((v) => v.language === language).map((v) => (
          <div key={v.name} className="voices__row">
            <Radio value={v.name}>
              <strong>{v.label}</strong> <small>{v.describe}</small>
            </Radio>
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
