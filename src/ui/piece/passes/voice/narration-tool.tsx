'use client';

import { UploadOutlined } from '@ant-design/icons';
import { App, Button } from 'antd';
import { useRef, useState } from 'react';
import { findInRecording } from '../../../../api/material.ts';
import { narratePiece, partOf, speakAgain } from '../../../../core/piece/record.ts';
import { spokenOf, voiceIn } from '../../../../core/piece/types.ts';
import type { FoundLines } from '../../../../core/sound/align/narration.ts';
import { clock } from '../../../../core/time.ts';
import { call } from '../../../shared/api.ts';
import { usePiece, usePieceState } from '../../context.ts';
import { keep, SOUND_FILES } from './keep.ts';

/** Rows by their numbers, with what they are. */
const rowsWords = (rows: readonly number[]): string =>
  rows.length === 1 ? `row ${rows[0]}` : `rows ${rows.join(', ')}`;

/** One recording of the whole piece: it is found in it where each row is said. */
export function NarrationTool() {
  const { store, apply } = usePiece();
  const { message } = App.useApp();
  const scenes = usePieceState((s) => s.doc.scenes);
  const [step, setStep] = useState<'sending' | 'listening' | null>(null);
  const [found, setFound] = useState<FoundLines | null>(null);
  const file = useRef<HTMLInputElement>(null);
  const take = async (recorded: File) => {
    setFound(null);
    setStep('sending');
    try {
      const { id } = await keep(recorded);
      setStep('listening');
      const { doc } = store.state;
      const lines = doc.scenes.map((s) => ({ text: spokenOf(s), voice: voiceIn(doc, s) }));
      const heard = await call(findInRecording, { params: { id }, body: { lines, says: doc.says } });
      // Rows may have moved meanwhile: they are met by their names.
      const parts = new Map(doc.scenes.map((s, i) => [s.id, heard.lines[i] ?? null]));
      const now = store.state.doc;
      apply(
        narratePiece(
          now,
          id,
          now.scenes.map((s) => parts.get(s.id) ?? null),
        ),
      );
      setFound(heard);
    } catch (e) {
      message.error((e as Error).message, 8);
    } finally {
      setStep(null);
    }
  };
  const recorded = scenes.filter((s) => partOf(s) !== null);
  return (
    <section className="narration">
      <h3>One recording of everything</h3>
      <p className="tools__note">
        Read the whole piece aloud, in order, and give the file: each row is found in it, and pictures and
        words follow your voice.
      </p>
      <div className="record__line">
        <Button
          size="small"
          icon={<UploadOutlined aria-hidden />}
          loading={step !== null}
          onClick={() => file.current?.click()}
        >
          {step === 'sending' ? 'Sending' : step === 'listening' ? 'Listening to it' : 'Choose a file'}
        </Button>
        <input
          ref={file}
          type="file"
          hidden
          accept={SOUND_FILES}
          aria-label="Recording of the whole piece"
          onChange={(e) => {
            const [one] = e.target.files ?? [];
            e.target.value = '';
            if (one) void take(one);
          }}
        />
        {recorded.length > 0 && (
          <Button size="small" onClick={() => apply(speakAgain(scenes))}>
            The voice says all again
          </Button>
        )}
      </div>
      {found && <Found found={found} />}
    </section>
  );
}

function Found({ found: { lines, added } }: { found: FoundLines }) {
  const numbered = lines.map((at, i) => ({ at, row: i + 1 }));
  const missing = numbered.filter(({ at }) => !at).map(({ row }) => row);
  const doubtful = numbered.filter(({ at }) => at?.doubtful).map(({ row }) => row);
  return (
    <ul className="narration__found" aria-live="polite">
      <li>
        {lines.length - missing.length} of {lines.length} rows are heard in it.
      </li>
      {missing.length > 0 && <li>Not heard: {rowsWords(missing)}. There the voice of the piece goes on.</li>}
      {doubtful.length > 0 && <li>Listen to {rowsWords(doubtful)}: it may say something else there.</li>}
      {added.map(({ startMs, endMs }) => (
        <li key={startMs}>
          At {clock(startMs)} something is said for {((endMs - startMs) / 1000).toFixed(1)} s that no row has;
          it is left out.
        </li>
      ))}
    </ul>
  );
}
