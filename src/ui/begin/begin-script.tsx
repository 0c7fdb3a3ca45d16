'use client';

import { FileAddOutlined } from '@ant-design/icons';
import { useMutation } from '@tanstack/react-query';
import { App, Button, Input, Segmented, Tag, Upload } from 'antd';
import { useRouter } from 'next/navigation';
import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import { createPiece } from '../../api/pieces.ts';
import { warmShelf } from '../../api/shelf.ts';
import { readScriptFile } from '../../api/sources.ts';
import { SCENE_MS } from '../../core/outline/length.ts';
import { LIMITS } from '../../core/piece/limits.ts';
import type { PieceOptions } from '../../core/piece/options.ts';
import { DEFAULT_VOICE, voiceSpeed } from '../../core/sound/speech.ts';
import { estimateSpeech } from '../../core/text/reading.ts';
import { cutScript, type ScriptLine, type Split } from '../../core/text/script.ts';
import { clock } from '../../core/time.ts';
import { PACING } from '../../core/timeline/pacing.ts';
import { call, sendFile } from '../shared/api.ts';
import { TopBar } from '../shared/top-bar.tsx';
import { PieceOptionsBar } from './piece-options.tsx';
import { SAMPLE_SCRIPT } from './sample-script.ts';
import './begin.css';

const KEPT = 'nabbet-begin-script';

/** The script has to rest so long before its lines are read ahead. */
const WARM_AFTER_MS = 500;

/** Paste a script, see the cut, choose format and voice, get the first draft. */
export function BeginScript({ accept }: { accept: string }) {
  const router = useRouter();
  const { message } = App.useApp();
  const [script, setScript] = useState('');
  const [split, setSplit] = useState<Split>('sentence');
  const [options, setOptions] = useState<PieceOptions>({
    format: '9:16',
    voice: DEFAULT_VOICE,
    mood: 'gentle',
  });
  useEffect(() => setScript(localStorage.getItem(KEPT) ?? ''), []);
  const deferred = useDeferredValue(script);
  const lines = useMemo(() => cutScript(deferred, split), [deferred, split]);
  useEffect(() => {
    if (!lines.length || lines.length > LIMITS.scenes) return;
    const abort = new AbortController();
    const timer = setTimeout(() => {
      // Only a head start: if it fails, the draft takes a second longer.
      call(warmShelf, { body: { lines } }, { signal: abort.signal }).catch(() => undefined);
    }, WARM_AFTER_MS);
    return () => {
      clearTimeout(timer);
      abort.abort();
    };
  }, [lines]);
  const draft = useMutation({
    mutationFn: () => call(createPiece, { body: { script, split, ...options } }),
    onSuccess: ({ id }) => {
      localStorage.removeItem(KEPT);
      router.push(`/piece/${id}`);
    },
    onError: (e) => message.error(e.message, 6),
  });
  const change = (text: string) => {
    setScript(text);
    localStorage.setItem(KEPT, text);
  };
  const [reading, setReading] = useState(false);
  const readScript = async (file: File) => {
    setReading(true);
    try {
      const { text } = await sendFile(readScriptFile, { query: { name: file.name } }, file);
      change(text);
    } catch (e) {
      message.error((e as Error).message, 8);
    } finally {
      setReading(false);
    }
  };
  const tooMany = lines.length > LIMITS.scenes;
  return (
    <>
      <TopBar />
      <main className="begin">
        <section className="begin__words" aria-labelledby="words-title">
          <div className="begin__head">
            <h1 id="words-title">Your words</h1>
            <span className="begin__head-tools">
              <Upload
                accept={accept}
                showUploadList={false}
                customRequest={({ file }) => void readScript(file as File)}
              >
                <Button size="small" icon={<FileAddOutlined aria-hidden />} loading={reading}>
                  From a file
                </Button>
              </Upload>
              {!script && (
                <Button size="small" onClick={() => change(SAMPLE_SCRIPT)}>
                  Try with a sample
                </Button>
              )}
            </span>
          </div>
          <Input.TextArea
            aria-label="Script"
            value={script}
            onChange={(e) => change(e.target.value)}
            placeholder={
              'Paste or type your script here.\n\nA first line by itself becomes the title.\nA remark in [brackets] says what the picture should show; it is not spoken.'
            }
            className="begin__script"
            autoFocus
          />
        </section>
        <section className="begin__cut" aria-labelledby="cut-title">
          <div className="begin__head">
            <h2 id="cut-title">
              {lines.length
                ? `${lines.length} scene${lines.length === 1 ? '' : 's'}, about ${clock(estimate(lines, voiceSpeed(options.voice)))}`
                : 'The scenes'}
            </h2>
            <Segmented
              aria-label="Cut by"
              value={split}
              onChange={(v) => setSplit(v as Split)}
              options={[
                { value: 'sentence', label: 'Sentences' },
                { value: 'line', label: 'Lines' },
                { value: 'paragraph', label: 'Paragraphs' },
              ]}
            />
          </div>
          {tooMany && (
            <p className="begin__warn">
              A piece holds at most {LIMITS.scenes} scenes. Take a part of the script, or cut by paragraph.
            </p>
          )}
          {lines.length === 0 ? (
            <p className="begin__empty">As you type, you see here how the script will be cut.</p>
          ) : (
            <CutPreview lines={lines} />
          )}
        </section>
        <PieceOptionsBar
          options={options}
          onChange={setOptions}
          sample={(lines.find((l) => l.layout === 'caption') ?? lines[0])?.shown ?? ''}
          disabled={!lines.length || tooMany}
          pending={draft.isPending}
          onMake={() => draft.mutate()}
        />
      </main>
    </>
  );
}

function CutPreview({ lines }: { lines: ScriptLine[] }) {
  return (
    <ol className="cut">
      {lines.slice(0, LIMITS.scenes).map((l, i) => (
        <li key={`${i}-${l.shown}`} className={l.layout === 'title' ? 'cut__title' : ''}>
          <span>{l.shown}</span>
          {l.layout === 'title' && <Tag>title</Tag>}
          {l.brief && <Tag className="brief-tag">picture: {l.brief}</Tag>}
        </li>
      ))}
    </ol>
  );
}

function estimate(lines: ScriptLine[], speed: number): number {
  return lines.reduce<number>((ms, l) => ms + estimateSpeech(l.shown, speed) + SCENE_MS, PACING.endHoldMs);
}
