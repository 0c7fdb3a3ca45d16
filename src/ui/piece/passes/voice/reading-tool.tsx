'use client';

import { DeleteOutlined } from '@ant-design/icons';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { LIMITS } from '../../../../core/piece/limits.ts';
import { spokenOf } from '../../../../core/piece/types.ts';
import { removeSaying, setSaying } from '../../../../core/piece/voice.ts';
import { sayingsIn } from '../../../../core/text/sayings.ts';
import { usePiece } from '../../context.ts';
import { Listen, useListen } from './listen.tsx';
import { useVoiceScope } from './scope.ts';

/** Words that voices read in a way of their own. */
export function ReadingTool() {
  const { apply } = usePiece();
  const { piece, voice } = useVoiceScope();
  const playing = useListen();
  const [written, setWritten] = useState('');
  const [said, setSaid] = useState('');
  const add = () => {
    const next = setSaying(piece, { written, said });
    if (!next) return;
    apply(next);
    setWritten('');
    setSaid('');
  };
  const rowsWith = (saying: { written: string; said: string }) =>
    piece.scenes.filter((s) => sayingsIn(spokenOf(s), [saying]).length > 0).length;
  return (
    <>
      <p className="tools__note">
        Write a name or a word as it should sound: “Osierwick” as “oh zher wick”. Only lines that have it are
        spoken again.
      </p>
      <ul className="speakers">
        {piece.says.map((s) => (
          <li key={s.written}>
            <span>
              <strong>{s.written}</strong> as “{s.said}”
            </span>
            <span className="speakers__what">{rowsWith(s) === 1 ? '1 row' : `${rowsWith(s)} rows`}</span>
            <span className="speakers__buttons">
              <Listen
                playing={playing}
                name={s.written}
                label={s.written}
                line={s.written}
                voice={voice}
                says={[s]}
              />
              <Button
                size="small"
                type="text"
                aria-label={`Read ${s.written} as it stands again`}
                icon={<DeleteOutlined aria-hidden />}
                onClick={() => apply(removeSaying(piece, s.written))}
              />
            </span>
          </li>
        ))}
      </ul>
      <div className="speakers__new">
        <Input
          size="small"
          aria-label="A word as it is written"
          placeholder="Written"
          value={written}
          maxLength={LIMITS.sayingLength}
          onChange={(e) => setWritten(e.target.value)}
        />
        <Input
          size="small"
          aria-label="How it is said"
          placeholder="Said"
          value={said}
          maxLength={LIMITS.sayingLength}
          onChange={(e) => setSaid(e.target.value)}
          onPressEnter={add}
        />
        <Listen
          playing={playing}
          name="new saying"
          label="the new reading"
          line={said || written || '…'}
          voice={voice}
          says={[]}
        />
        <Button size="small" disabled={!written.trim() || !said.trim()} onClick={add}>
          Keep
        </Button>
      </div>
    </>
  );
}
