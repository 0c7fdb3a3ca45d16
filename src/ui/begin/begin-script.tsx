'use client';

import { LoadingOutlined, PauseCircleOutlined, SoundOutlined } from '@ant-design/icons';
import { useMutation } from '@tanstack/react-query';
import { App, Button, Input, Segmented, Select, Tag } from 'antd';
import { useRouter } from 'next/navigation';
import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import { MOOD_RULES } from '../../core/music/moods.ts';
import { LIMITS } from '../../core/piece/schema.ts';
import type { Format, Mood } from '../../core/piece/types.ts';
import { DEFAULT_VOICE, VOICES } from '../../core/sound/speech.ts';
import { estimateSpeech } from '../../core/text/reading.ts';
import { cutScript, type ScriptLine, type Split } from '../../core/text/script.ts';
import { clock } from '../../core/time.ts';
import { PACING } from '../../core/timeline/compile.ts';
import { api } from '../shared/api.ts';
import { TopBar } from '../shared/top-bar.tsx';
import { useAudition } from '../shared/use-audition.ts';
import { SAMPLE_SCRIPT } from './sample-script.ts';

const KEPT = 'nabbet-begin-script';

/** The script has to rest so long before its lines are read ahead. */
const WARM_AFTER_MS = 500;

/** Paste a script, see the cut, choose format and voice, get the first draft. */
export function BeginScript() {
  const router = useRouter();
  const { message } = App.useApp();
  const [script, setScript] = useState('');
  const [split, setSplit] = useState<Split>('sentence');
  const [format, setFormat] = useState<Format>('9:16');
  const [voice, setVoice] = useState(DEFAULT_VOICE);
  const [mood, setMood] = useState<Mood>('gentle');
  useEffect(() => setScript(localStorage.getItem(KEPT) ?? ''), []);
  const deferred = useDeferredValue(script);
  const lines = useMemo(() => cutScript(deferred, split), [deferred, split]);
  useEffect(() => {
    if (!lines.length || lines.length > LIMITS.scenes) return;
    const abort = new AbortController();
    const timer = setTimeout(() => {
      // Only a head start: if it fails, the draft takes a second longer.
      api('/api/shelf/warm', { body: { lines }, signal: abort.signal }).catch(() => undefined);
    }, WARM_AFTER_MS);
    return () => {
      clearTimeout(timer);
      abort.abort();
    };
  }, [lines]);
  const audition = useAudition((m) => message.error(m));
  const draft = useMutation({
    mutationFn: () => api<{ id: string }>('/api/pieces', { body: { script, split, format, voice, mood } }),
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
  const tooMany = lines.length > LIMITS.scenes;
  return (
    <>
      <TopBar />
      <main className="begin">
        <section className="begin__words" aria-labelledby="words-title">
          <div className="begin__head">
            <h1 id="words-title">Your words</h1>
            {!script && (
              <Button size="small" onClick={() => change(SAMPLE_SCRIPT)}>
                Try with a sample
              </Button>
            )}
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
                ? `${lines.length} scene${lines.length === 1 ? '' : 's'}, about ${clock(estimate(lines))}`
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
        <footer className="begin__foot">
          <div className="begin__choice">
            <span>Format</span>
            <Segmented
              aria-label="Format"
              value={format}
              onChange={(v) => setFormat(v as Format)}
              options={[
                { value: '9:16', label: 'Tall 9:16' },
                { value: '1:1', label: 'Square 1:1' },
                { value: '16:9', label: 'Wide 16:9' },
              ]}
            />
          </div>
          <div className="begin__choice">
            <span>Voice</span>
            <span className="begin__voice">
              <Select
                aria-label="Voice"
                value={voice}
                onChange={setVoice}
                style={{ width: 250 }}
                options={VOICES.map((v) => ({ value: v.name, label: `${v.label}: ${v.describe}` }))}
              />
              <Button
                aria-label={audition.state ? 'Stop listening' : 'Listen to this voice on your first line'}
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
                    : audition.listen(
                        voice,
                        1,
                        (lines.find((l) => l.layout === 'caption') ?? lines[0])?.shown ||
                          'This is how I sound when I read your words.',
                      )
                }
              />
            </span>
          </div>
          <div className="begin__choice">
            <span>Music</span>
            <Select
              aria-label="Music"
              value={mood}
              onChange={setMood}
              style={{ width: 260 }}
              options={[
                ...Object.entries(MOOD_RULES).map(([value, r]) => ({
                  value,
                  label: `${r.label}: ${r.describe.split(',')[0]}`,
                })),
                { value: 'none', label: 'No music' },
              ]}
            />
          </div>
          <Button
            type="primary"
            size="large"
            disabled={!lines.length || tooMany}
            loading={draft.isPending}
            onClick={() => draft.mutate()}
          >
            Make the first draft
          </Button>
        </footer>
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
          {l.wish && <Tag className="wish-tag">picture: {l.wish}</Tag>}
        </li>
      ))}
    </ol>
  );
}

function estimate(lines: ScriptLine[]): number {
  return lines.reduce<number>(
    (ms, l) => ms + estimateSpeech(l.shown) + PACING.leadMs + PACING.tailMs,
    PACING.endHoldMs,
  );
}
