'use client';

import { AudioOutlined, CaretRightOutlined, DeleteOutlined, UploadOutlined } from '@ant-design/icons';
import { App, Button, Checkbox, Progress, Select } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { addressOf } from '../../../../api/endpoint.ts';
import { recordingSound } from '../../../../api/material.ts';
import {
  chooseRecording,
  dropRecording,
  partOf,
  speakAgain,
  takeRecording,
  trimRecording,
} from '../../../../core/piece/record.ts';
import { type Scene, spokenOf } from '../../../../core/piece/types.ts';
import { usePiece } from '../../context.ts';
import { useSelectedScene } from '../../view/use-selected.ts';
import { keep, SOUND_FILES } from './keep.ts';
import { NarrationTool } from './narration-tool.tsx';
import { TrimWave } from './trim-wave.tsx';
import { useRecorder } from './use-recorder.ts';

/** Records the selected row: microphone, level, count-in, the line to read, takes to choose from; and one for the whole piece. */
export function RecordTool() {
  const chosen = useSelectedScene();
  return (
    <>
      {chosen ? (
        <RecordRow key={chosen.scene.id} scene={chosen.scene} index={chosen.index} />
      ) : (
        <p className="tools__note">Select the row that you want to say yourself.</p>
      )}
      <NarrationTool />
    </>
  );
}

function RecordRow({ scene, index }: { scene: Scene; index: number }) {
  const { store, view, apply } = usePiece();
  const { message } = App.useApp();
  const [sending, setSending] = useState(false);
  const [countIn, setCountIn] = useState(true);
  const [device, setDevice] = useState<string | null>(null);
  const file = useRef<HTMLInputElement>(null);
  const take = async (recorded: File) => {
    setSending(true);
    try {
      const recording = await keep(recorded);
      // The row may have been changed while the recording was sent.
      const now = store.state.doc.scenes.find((s) => s.id === scene.id);
      if (now) apply(takeRecording(now, recording));
    } catch (e) {
      message.error((e as Error).message, 8);
    } finally {
      setSending(false);
    }
  };
  const recorder = useRecorder(take);
  const { phase } = recorder.state;
  const part = partOf(scene);
  const next = store.state.doc.scenes[index + 1];
  const record = () => recorder.start(device, countIn).catch((e: Error) => message.error(e.message, 8));
  return (
    <section className="record" aria-label={`Recording of scene ${index + 1}`}>
      <p className={`record__prompt${phase === 'recording' ? ' record__prompt--on' : ''}`}>
        {spokenOf(scene).trim() || 'This row has no words.'}
      </p>
      <div className="record__line">
        {phase === 'idle' || phase === 'asking' ? (
          <Button
            type="primary"
            icon={<AudioOutlined aria-hidden />}
            loading={phase === 'asking' || sending}
            onClick={record}
          >
            {part ? 'Record again' : 'Record'}
          </Button>
        ) : (
          <>
            <Button type="primary" onClick={recorder.stop} disabled={phase === 'counting'}>
              {phase === 'counting' ? `In ${recorder.state.left} …` : 'Done'}
            </Button>
            <Button onClick={recorder.cancel}>Cancel</Button>
            {phase === 'recording' && <Elapsed since={recorder.state.since} />}
          </>
        )}
        {phase === 'idle' && (
          <>
            <Button icon={<UploadOutlined aria-hidden />} onClick={() => file.current?.click()}>
              From a file
            </Button>
            <input
              ref={file}
              type="file"
              hidden
              accept={SOUND_FILES}
              aria-label="Recording of this row"
              onChange={(e) => {
                const [one] = e.target.files ?? [];
                e.target.value = '';
                if (one) void take(one);
              }}
            />
          </>
        )}
      </div>
      <Progress
        className="record__level"
        percent={Math.round(recorder.level * 100)}
        showInfo={false}
        size="small"
        status={recorder.level > 0.99 ? 'exception' : 'normal'}
        aria-label="Level of the microphone"
      />
      <div className="record__line">
        <Checkbox checked={countIn} onChange={(e) => setCountIn(e.target.checked)}>
          Count three first
        </Checkbox>
        {recorder.devices.length > 1 && (
          <Select
            size="small"
            aria-label="Microphone"
            value={device ?? recorder.devices[0]?.deviceId ?? null}
            onChange={setDevice}
            options={recorder.devices.map((d, i) => ({
              value: d.deviceId,
              label: d.label || `Microphone ${i + 1}`,
            }))}
            style={{ maxWidth: 150 }}
          />
        )}
      </div>
      {scene.recorded.length > 0 && <Takes scene={scene} />}
      {part && (
        <>
          <TrimWave
            key={part.takeId}
            part={part}
            onTrim={(startMs, endMs) => apply(trimRecording(scene, { startMs, endMs }))}
          />
          <div className="record__line">
            <Checkbox
              checked={part.clean}
              onChange={(e) => apply(trimRecording(scene, { clean: e.target.checked }))}
            >
              Without the noise of the room
            </Checkbox>
          </div>
          <div className="record__line">
            <Button size="small" onClick={() => apply(speakAgain([scene]))}>
              Let the voice say it
            </Button>
            {next && (
              <Button size="small" onClick={() => view.select([next.id])}>
                Next row
              </Button>
            )}
          </div>
        </>
      )}
    </section>
  );
}

function Elapsed({ since }: { since: number }) {
  const [now, setNow] = useState(since);
  useEffect(() => {
    const timer = window.setInterval(() => setNow(performance.now()), 100);
    return () => window.clearInterval(timer);
  }, []);
  return <span className="record__time">{(Math.max(0, now - since) / 1000).toFixed(1)} s</span>;
}

/** The recordings of a row, to listen to and to choose from. */
function Takes({ scene }: { scene: Scene }) {
  const { apply } = usePiece();
  const audio = useRef<HTMLAudioElement | null>(null);
  const heard = partOf(scene)?.takeId;
  const play = (id: string) => {
    audio.current?.pause();
    audio.current = new Audio(addressOf(recordingSound, { key: id }));
    void audio.current.play();
  };
  useEffect(() => () => audio.current?.pause(), []);
  return (
    <ul className="record__takes">
      {scene.recorded.map((id, i) => (
        <li key={id}>
          <label>
            <input
              type="radio"
              name={`take ${scene.id}`}
              checked={heard === id}
              onChange={() => apply(chooseRecording(scene, { id, startMs: 0, endMs: null }))}
            />{' '}
            Take {i + 1}
          </label>
          <Button
            size="small"
            type="text"
            aria-label={`Listen to take ${i + 1}`}
            icon={<CaretRightOutlined aria-hidden />}
            onClick={() => play(id)}
          />
          <Button
            size="small"
            type="text"
            aria-label={`Throw take ${i + 1} away`}
            icon={<DeleteOutlined aria-hidden />}
            onClick={() => apply(dropRecording(scene, id))}
          />
        </li>
      ))}
    </ul>
  );
}
