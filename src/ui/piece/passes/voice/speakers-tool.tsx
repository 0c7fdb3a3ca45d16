'use client';

import { DeleteOutlined } from '@ant-design/icons';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { LIMITS } from '../../../../core/piece/limits.ts';
import { removeSpeaker, renameSpeaker, setSpeaker } from '../../../../core/piece/voice.ts';
import { useVoices } from '../../../shared/use-voices.ts';
import { usePiece } from '../../context.ts';
import { Listen, useLine, useListen } from './listen.tsx';
import { useVoiceScope } from './scope.ts';

/** Who speaks in the piece, and in which rows. */
export function SpeakersTool() {
  const { apply, view } = usePiece();
  const { piece, rows, setScope } = useVoiceScope();
  const { labelOf } = useVoices();
  const playing = useListen();
  const line = useLine();
  const [name, setName] = useState('');
  const where = rows.length === 1 ? 'this row' : `these ${rows.length} rows`;
  const add = () => {
    apply(setSpeaker(piece, rows, name));
    setName('');
  };
  return (
    <>
      <p className="tools__note">
        {piece.speakers.length
          ? 'Each speaker has a voice. Everything else is said by the voice of the piece.'
          : 'One voice says everything. Name somebody who says the selected rows; in a script, lines such as “Mira: Come in.” name them by themselves.'}
      </p>
      <ul className="speakers">
        {piece.speakers.map((s) => {
          const said = piece.scenes.filter((x) => x.speaker === s.name).length;
          return (
            <li key={s.name}>
              <Input
                size="small"
                variant="borderless"
                aria-label={`Name of ${s.name}`}
                defaultValue={s.name}
                maxLength={LIMITS.nameLength}
                onBlur={(e) => apply(renameSpeaker(piece, s.name, e.target.value))}
                onPressEnter={(e) => e.currentTarget.blur()}
              />
              <span className="speakers__what">
                <button
                  type="button"
                  aria-label={`Voice of ${s.name}: ${labelOf(s.voice.name)}`}
                  onClick={() => {
                    setScope(`speaker ${s.name}`);
                    view.open('voice', 'cast');
                  }}
                >
                  {labelOf(s.voice.name)}
                </button>
                , {said === 1 ? '1 row' : `${said} rows`}
              </span>
              <span className="speakers__buttons">
                <Listen
                  playing={playing}
                  name={s.name}
                  label={s.name}
                  line={line}
                  voice={s.voice}
                  says={piece.says}
                />
                <Button
                  size="small"
                  disabled={!rows.some((r) => r.speaker !== s.name)}
                  onClick={() => apply(setSpeaker(piece, rows, s.name))}
                >
                  Says {where}
                </Button>
                <Button
                  size="small"
                  type="text"
                  aria-label={`Take out ${s.name}`}
                  icon={<DeleteOutlined aria-hidden />}
                  onClick={() => apply(removeSpeaker(piece, s.name))}
                />
              </span>
            </li>
          );
        })}
      </ul>
      {rows.some((r) => r.speaker !== null) && (
        <Button size="small" onClick={() => apply(setSpeaker(piece, rows, null))}>
          The voice of the piece says {where}
        </Button>
      )}
      <div className="speakers__new">
        <Input
          size="small"
          aria-label="Name of a new speaker"
          placeholder="Another speaker"
          value={name}
          maxLength={LIMITS.nameLength}
          onChange={(e) => setName(e.target.value)}
          onPressEnter={add}
        />
        <Button size="small" disabled={!name.trim() || rows.length === 0} onClick={add}>
          Says {where}
        </Button>
      </div>
    </>
  );
}
