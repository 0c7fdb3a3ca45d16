'use client';

import { Button, Input } from 'antd';
import { useState } from 'react';
import type { CommentView } from '../../api/reviews.ts';
import { LIMITS } from '../../core/piece/limits.ts';
import { clock } from '../../core/time.ts';
import { whenWords } from './when.ts';
import './comment-thread.css';

/** What was said first, with what was answered. */
export interface Thread {
  first: CommentView;
  answers: CommentView[];
}

/** Comments with their answers, in order; approvals are told apart. */
export function threadsOf(comments: readonly CommentView[]): Thread[] {
  const said = comments.filter((c) => c.kind === 'comment');
  return said
    .filter((c) => c.parentId === null)
    .map((first) => ({ first, answers: said.filter((c) => c.parentId === first.id) }));
}

/** A comment as a note at its line, with its answers. now: the version that is watched. */
export function CommentThread({
  thread: { first, answers },
  now,
  onShow,
  onAnswer,
  onSettle,
}: {
  thread: Thread;
  now: number | null;
  /** Shows its moment, and its part of the frame; null where there is nothing to show it on. */
  onShow: ((comment: CommentView) => void) | null;
  onAnswer: (text: string) => Promise<unknown>;
  onSettle: (settled: boolean) => void;
}) {
  const [answering, setAnswering] = useState(false);
  const [text, setText] = useState('');
  const [sending, setSending] = useState(false);
  const settled = first.settledAt !== null;
  const send = async () => {
    setSending(true);
    try {
      await onAnswer(text);
      setText('');
      setAnswering(false);
    } catch {
      // Whoever sends says why; the words stay here.
    } finally {
      setSending(false);
    }
  };
  return (
    <article
      className={settled ? 'comment comment--settled' : 'comment'}
      aria-label={`Comment by ${first.author}`}
    >
      <Said comment={first} now={now} onShow={onShow} />
      {answers.map((a) => (
        <Said key={a.id} comment={a} now={now} onShow={null} />
      ))}
      {answering ? (
        <form
          className="comment__form"
          onSubmit={(e) => {
            e.preventDefault();
            if (text.trim()) void send();
          }}
        >
          <Input.TextArea
            autoFocus
            autoSize={{ minRows: 2, maxRows: 8 }}
            aria-label={`Answer to ${first.author}`}
            maxLength={LIMITS.commentLength}
            value={text}
            onChange={(e) => setText(e.target.value)}
          />
          <span>
            <Button size="small" type="primary" htmlType="submit" disabled={!text.trim()} loading={sending}>
              Send the answer
            </Button>
            <Button size="small" type="text" onClick={() => setAnswering(false)}>
              Not now
            </Button>
          </span>
        </form>
      ) : (
        <span className="comment__ways">
          <Button size="small" type="text" onClick={() => setAnswering(true)}>
            Answer
          </Button>
          <Button size="small" type="text" onClick={() => onSettle(!settled)}>
            {settled ? 'Open it again' : 'Settled'}
          </Button>
        </span>
      )}
    </article>
  );
}

function Said({
  comment: c,
  now,
  onShow,
}: {
  comment: CommentView;
  now: number | null;
  onShow: ((comment: CommentView) => void) | null;
}) {
  return (
    <div className={c.byWriter ? 'comment__said comment__said--writer' : 'comment__said'}>
      <p className="comment__who">
        <strong>{c.author}</strong>
        {c.atMs !== null && onShow && now === c.version && (
          <button type="button" onClick={() => onShow(c)}>
            {clock(c.atMs)}
            {c.region && ', a part of the picture'}
          </button>
        )}
        <span>
          {now !== null && c.version !== now && `on version ${c.version}, `}
          {whenWords(c.at)}
        </span>
      </p>
      <p className="comment__text">{c.text}</p>
    </div>
  );
}
