'use client';

import { Button, Input } from 'antd';
import type { Region } from '../../api/reviews.ts';
import { LIMITS } from '../../core/piece/limits.ts';
import { clock } from '../../core/time.ts';
import { useKept } from './kept.ts';
import { NameField } from './name-field.tsx';

/** What a reviewer is about to say, at the line at which it will stand. */
export function CommentForm({
  secret,
  name,
  onName,
  atMs,
  region,
  placing,
  sending,
  onPlacing,
  onSend,
  onClose,
}: {
  secret: string;
  name: string;
  onName: (name: string) => void;
  atMs: number | null;
  region: Region | null;
  placing: boolean;
  sending: boolean;
  onPlacing: (on: boolean) => void;
  onSend: (text: string) => Promise<unknown>;
  onClose: () => void;
}) {
  const [text, setText] = useKept(`nabbet-review-words-${secret}`);
  const ready = text.trim() !== '' && name.trim() !== '';
  return (
    <form
      className="comment__form review__form"
      onSubmit={(e) => {
        e.preventDefault();
        if (ready)
          void onSend(text).then(
            () => setText(''),
            () => undefined,
          );
      }}
    >
      <Input.TextArea
        autoFocus
        autoSize={{ minRows: 2, maxRows: 8 }}
        aria-label={atMs === null ? 'What you want to say' : `What you want to say at ${clock(atMs)}`}
        placeholder={atMs === null ? 'About the whole piece' : `At ${clock(atMs)}`}
        maxLength={LIMITS.commentLength}
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      <NameField name={name} onName={onName} />
      <span>
        <Button size="small" type="primary" htmlType="submit" disabled={!ready} loading={sending}>
          Send
        </Button>
        {atMs !== null && (
          <Button size="small" aria-pressed={placing} onClick={() => onPlacing(!placing)}>
            {placing ? 'Done drawing' : region ? 'Draw it again' : 'Show where'}
          </Button>
        )}
        <Button size="small" type="text" onClick={onClose}>
          Not now
        </Button>
      </span>
    </form>
  );
}
