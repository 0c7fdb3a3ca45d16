'use client';

import { App, Button, Modal, Progress } from 'antd';
import { type ReactNode, useCallback, useMemo, useRef, useState } from 'react';
import {
  type CommentView,
  isOpenComment,
  type Region,
  type ReviewPage,
  type ReviewScene,
} from '../../api/reviews.ts';
import type { SceneChange } from '../../core/piece/changes.ts';
import { clock } from '../../core/time.ts';
import { changesWords, sceneChangeWords } from '../../wording/reviews.ts';
import { CommentThread, type Thread, threadsOf } from '../shared/comment-thread.tsx';
import { CommentForm } from './comment-form.tsx';
import { Frame } from './frame.tsx';
import { useKept } from './kept.ts';
import { NameField } from './name-field.tsx';
import { useReviewing } from './use-review.ts';

/** Where a comment is being written: at a line, or about the whole (null). */
interface Writing {
  sceneId: string | null;
  atMs: number | null;
}

/** The video beside its words, line by line, with what was said at each: as a printer's proof has notes at its lines. */
export function Galley({ secret, page }: { secret: string; page: ReviewPage }) {
  const { version } = page;
  const video = useRef<HTMLVideoElement | null>(null);
  const [ms, setMs] = useState(0);
  const [writing, setWriting] = useState<Writing | null>(null);
  const [placing, setPlacing] = useState(false);
  const [region, setRegion] = useState<Region | null>(null);
  const [name, setName] = useKept('nabbet-reviewer');
  const { say, settle } = useReviewing(secret);
  const threads = useMemo(() => threadsOf(page.comments), [page.comments]);
  const now = page.scenes.find((s) => ms < s.endMs) ?? page.scenes.at(-1);

  const goTo = useCallback((to: number) => {
    if (!video.current) return;
    video.current.pause();
    video.current.currentTime = to / 1000;
    setMs(to);
  }, []);
  const write = (scene: ReviewScene | null) => {
    video.current?.pause();
    setRegion(null);
    setPlacing(false);
    if (!scene) return setWriting({ sceneId: null, atMs: null });
    const at = ms >= scene.startMs && ms < scene.endMs ? ms : standsAt(scene);
    if (at !== ms) goTo(at);
    setWriting({ sceneId: scene.id, atMs: Math.round(at) });
  };
  const close = () => {
    setWriting(null);
    setPlacing(false);
    setRegion(null);
  };
  const show = (c: CommentView) => {
    close();
    if (c.atMs !== null) goTo(c.atMs);
    setRegion(c.region);
  };
  const form = writing && version !== null && (
    <CommentForm
      {...{ secret, name, region, placing, sending: say.isPending, atMs: writing.atMs }}
      onName={setName}
      onPlacing={setPlacing}
      onClose={close}
      onSend={(text) =>
        say
          .mutateAsync({ author: name, text, version, parentId: null, atMs: writing.atMs, region })
          .then(close)
      }
    />
  );
  const thread = (t: Thread) => (
    <CommentThread
      key={t.first.id}
      thread={t}
      now={version}
      onShow={show}
      onAnswer={(text) =>
        say.mutateAsync({
          ...{ author: name || 'A reviewer', text, version: version ?? t.first.version },
          ...{ parentId: t.first.id, atMs: null, region: null },
        })
      }
      onSettle={(settled) => settle.mutate({ comment: t.first.id, settled })}
    />
  );
  const here = new Set(page.scenes.map((s) => s.id));
  const elsewhere = threads.filter((t) => t.first.sceneId === null || !here.has(t.first.sceneId));
  return (
    <main className="review">
      <div className="review__stage">
        {version === null ? (
          <Coming page={page} />
        ) : (
          <>
            <Frame
              {...{ secret, version, video, region, placing, format: page.format }}
              onRegion={setRegion}
              onTime={(t) => {
                setMs(t);
                if (!placing && !writing && !video.current?.paused) setRegion(null);
              }}
            />
            <div className="review__keys">
              <Button onClick={() => now && write(now)}>Say something at {clock(ms)}</Button>
              <Approve secret={secret} page={page} name={name} onName={setName} />
            </div>
          </>
        )}
      </div>
      <div className="review__words">
        <header>
          <h1>{page.title || 'Untitled'}</h1>
          <p className="review__about">
            {version !== null && `Version ${version}. `}
            This page is open until{' '}
            {new Date(page.expiresAt).toLocaleDateString('en-GB', { day: 'numeric', month: 'long' })}.
            {page.coming && version !== null && ` Version ${page.coming.version} is being made.`}
          </p>
          {page.changes && (
            <p className="review__changes">{changesWords(page.changes, `version ${page.changes.since}`)}</p>
          )}
        </header>
        <ol className="review__lines" aria-label="What is shown and said, line by line">
          {page.scenes.map((scene, i) => (
            <Line
              key={scene.id}
              scene={scene}
              current={scene.id === now?.id}
              change={page.changes?.scenes.find((c) => c.after === i)}
              onGo={() => goTo(standsAt(scene))}
              onWrite={() => write(scene)}
            >
              {threads.filter((t) => t.first.sceneId === scene.id).map(thread)}
              {writing?.sceneId === scene.id && form}
            </Line>
          ))}
        </ol>
        {page.changes && <Gone changes={page.changes} />}
        <section className="review__whole" aria-label="About the whole">
          <h2>About the whole</h2>
          {elsewhere.map(thread)}
          {writing && writing.sceneId === null
            ? form
            : version !== null && (
                <Button size="small" onClick={() => write(null)}>
                  Say something
                </Button>
              )}
          <Approvals comments={page.comments} />
        </section>
      </div>
    </main>
  );
}

/** A moment at which a scene stands for itself: what leads over from the one before is done, and its words have come. */
const standsAt = ({ startMs, endMs }: ReviewScene): number => startMs + Math.min(900, (endMs - startMs) / 2);

function Line({
  scene,
  current,
  change,
  onGo,
  onWrite,
  children,
}: {
  scene: ReviewScene;
  current: boolean;
  change: SceneChange | undefined;
  onGo: () => void;
  onWrite: () => void;
  children: ReactNode;
}) {
  const words = scene.shown || scene.spoken || 'No words';
  return (
    <li
      className={current ? 'review__line review__line--now' : 'review__line'}
      aria-current={current || undefined}
    >
      <button type="button" className="review__go" onClick={onGo} aria-label={`Show ${clock(scene.startMs)}`}>
        {clock(scene.startMs)}
      </button>
      <div>
        <p>{words}</p>
        {scene.spoken !== scene.shown && scene.shown && scene.spoken && (
          <p className="review__spoken">Said: {scene.spoken}</p>
        )}
        {change && <p className="review__change">{sceneChangeWords(change)}</p>}
        {children}
      </div>
      <Button
        size="small"
        type="text"
        className="review__say"
        onClick={onWrite}
        aria-label={`Comment on: ${words}`}
      >
        Comment
      </Button>
    </li>
  );
}

/** What the version before had and this one has not. */
function Gone({ changes }: { changes: NonNullable<ReviewPage['changes']> }) {
  const gone = Object.entries(changes.gone);
  if (!gone.length) return null;
  return (
    <section className="review__gone">
      <h2>Left out since version {changes.since}</h2>
      <ul>
        {gone.map(([id, words]) => (
          <li key={id}>
            <s>{words}</s>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Approvals({ comments }: { comments: readonly CommentView[] }) {
  const approvals = comments.filter((c) => c.kind === 'approval');
  if (!approvals.length) return null;
  return (
    <ul className="review__approvals">
      {approvals.map((a) => (
        <li key={a.id}>
          {a.author} approved version {a.version}.
        </li>
      ))}
    </ul>
  );
}

function Coming({ page: { coming, format } }: { page: ReviewPage }) {
  return (
    <div className="review__frame review__frame--coming" style={{ aspectRatio: format.replace(':', ' / ') }}>
      {coming ? (
        <>
          <p aria-live="polite">The video is being made; it begins here by itself.</p>
          <Progress percent={coming.total ? Math.floor((coming.done / coming.total) * 100) : 0} />
        </>
      ) : (
        <p>There is no video to watch yet. Ask whoever sent the link.</p>
      )}
    </div>
  );
}

/** Approves the version that is watched; says once more what that is. */
function Approve({
  secret,
  page: { version, comments },
  name,
  onName,
}: {
  secret: string;
  page: ReviewPage;
  name: string;
  onName: (name: string) => void;
}) {
  const { approve } = useReviewing(secret);
  const { message } = App.useApp();
  const [asking, setAsking] = useState(false);
  const open = comments.filter(isOpenComment).length;
  if (version === null) return null;
  return (
    <>
      <Button type="primary" onClick={() => setAsking(true)}>
        Approve version {version}
      </Button>
      <Modal
        open={asking}
        title={`Approve version ${version}?`}
        okText="Approve"
        cancelText="Not yet"
        okButtonProps={{ disabled: !name.trim() }}
        confirmLoading={approve.isPending}
        onCancel={() => setAsking(false)}
        onOk={() =>
          approve.mutateAsync({ author: name, version }).then(
            () => {
              setAsking(false);
              message.success(`Version ${version} is approved.`);
            },
            () => undefined,
          )
        }
      >
        <p>
          It can go out as it is.{open > 0 && ` ${open} comment${open > 1 ? 's are' : ' is'} still open.`}
        </p>
        <NameField name={name} onName={onName} />
      </Modal>
    </>
  );
}
