'use client';

import { App, Button, Input, Progress, Select } from 'antd';
import { useState } from 'react';
import { type CommentView, LINK_DAYS, type ReviewLink, type ReviewState } from '../../../api/reviews.ts';
import { linkStateWords } from '../../../wording/reviews.ts';
import { usePiece, usePieceState } from '../../piece/context.ts';
import { CommentThread, threadsOf } from '../../shared/comment-thread.tsx';
import { CopyButton } from '../../shared/copy-button.tsx';
import { useReviews, useReviewWork } from '../../shared/use-reviews.ts';
import './review-panel.css';

/** Links for reviewers, what they watch, and what they said. */
export function ReviewPanel() {
  const id = usePieceState((s) => s.id);
  const reviews = useReviews(id);
  if (reviews.isPending) return null;
  if (reviews.isError) return <p role="alert">{reviews.error.message}</p>;
  const { links, versions, comments } = reviews.data;
  return (
    <section className="reviewing" aria-label="Reviewers">
      <NewLink pieceId={id} />
      {links.length > 0 && (
        <ul className="reviewing__links" aria-label="Links">
          {links.map((link) => (
            <LinkRow key={link.id} pieceId={id} link={link} />
          ))}
        </ul>
      )}
      {versions.length > 0 && <Versions pieceId={id} versions={versions} />}
      <Comments pieceId={id} comments={comments} newest={versions[0]?.version ?? null} />
    </section>
  );
}

const DAYS = [1, 3, 7, LINK_DAYS.first, 30, 90].map((value) => ({
  value,
  label: `open for ${value} day${value === 1 ? '' : 's'}`,
}));

function NewLink({ pieceId }: { pieceId: string }) {
  const { store } = usePiece();
  const { create } = useReviewWork(pieceId);
  const [days, setDays] = useState<number>(LINK_DAYS.first);
  const [password, setPassword] = useState('');
  const empty = usePieceState((s) => s.doc.scenes.length === 0);
  return (
    <form
      className="reviewing__new"
      onSubmit={(e) => {
        e.preventDefault();
        void store
          .flush()
          .then(() => create.mutateAsync({ days, password }))
          .then(
            () => setPassword(''),
            () => undefined,
          );
      }}
    >
      <p className="tools__note">
        Whoever has the link watches the video and comments on its lines, without an account, and sees nothing
        else.
      </p>
      <Select
        size="small"
        aria-label="How long the link is open"
        value={days}
        onChange={setDays}
        options={DAYS}
      />
      <Input
        size="small"
        aria-label="Password, may stay empty"
        placeholder="Password, if any"
        autoComplete="off"
        maxLength={200}
        value={password}
        onChange={(e) => setPassword(e.target.value)}
      />
      <Button type="primary" htmlType="submit" loading={create.isPending} disabled={empty}>
        Make a link
      </Button>
    </form>
  );
}

const until = (iso: string) =>
  new Date(iso).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });

function LinkRow({ pieceId, link }: { pieceId: string; link: ReviewLink }) {
  const { change } = useReviewWork(pieceId);
  const address = new URL(link.path, window.location.href).href;
  const open = link.state === 'open';
  return (
    <li className={open ? undefined : 'reviewing__over'}>
      <span className="reviewing__address">
        {open ? (
          <a href={link.path} target="_blank" rel="noreferrer">
            {address}
          </a>
        ) : (
          <s>{address}</s>
        )}
      </span>
      <span className="reviewing__state">
        {open ? `open until ${until(link.expiresAt)}` : linkStateWords[link.state]}
        {link.hasPassword && ', with a password'}
      </span>
      <span className="reviewing__ways">
        {open && <CopyButton label="Copy the link" text={address} />}
        {link.state === 'expired' ? (
          <Button size="small" onClick={() => change.mutate({ link: link.id, days: LINK_DAYS.first })}>
            Open it again
          </Button>
        ) : (
          <Button size="small" onClick={() => change.mutate({ link: link.id, withdrawn: open })}>
            {open ? 'Withdraw' : 'Take that back'}
          </Button>
        )}
      </span>
    </li>
  );
}

function Versions({ pieceId, versions }: { pieceId: string; versions: ReviewState['versions'] }) {
  const { store } = usePiece();
  const { message } = App.useApp();
  const { send } = useReviewWork(pieceId);
  const [newest] = versions;
  if (!newest) return null;
  const show = async () => {
    await store.flush();
    const { version, made } = await send.mutateAsync();
    if (!made) message.info(`Version ${version} is the piece as it is now.`);
  };
  return (
    <div className="reviewing__version">
      <p>
        {newest.state === 'ready'
          ? `Version ${newest.version} is what reviewers see.`
          : newest.state === 'coming'
            ? `Version ${newest.version} is being made.`
            : `Version ${newest.version} could not be made; see under Deliveries.`}
      </p>
      {newest.state === 'coming' && (
        <Progress
          size="small"
          aria-label={`Progress of version ${newest.version}`}
          percent={newest.total ? Math.floor((newest.done / newest.total) * 100) : 0}
        />
      )}
      <Button
        size="small"
        loading={send.isPending}
        disabled={newest.state === 'coming'}
        onClick={() => void show().catch(() => undefined)}
      >
        Show them the piece as it is now
      </Button>
    </div>
  );
}

function Comments({
  pieceId,
  comments,
  newest,
}: {
  pieceId: string;
  comments: readonly CommentView[];
  newest: number | null;
}) {
  const { player, view } = usePiece();
  const { answer, settle } = useReviewWork(pieceId);
  const scenes = usePieceState((s) => s.doc.scenes);
  const threads = threadsOf(comments);
  const approvals = comments.filter((c) => c.kind === 'approval');
  const placeOf = new Map(scenes.map((s, i) => [s.id, i + 1]));
  return (
    <div className="reviewing__comments">
      {approvals.map((a) => (
        <p key={a.id}>
          {a.author} approved version {a.version}.
        </p>
      ))}
      {newest !== null && threads.length === 0 && (
        <p className="tools__note">Nobody has said anything yet.</p>
      )}
      {threads.map((t) => {
        const { sceneId } = t.first;
        const place = sceneId === null ? undefined : placeOf.get(sceneId);
        return (
          <div key={t.first.id}>
            {place === undefined ? (
              <span className="reviewing__place">
                {sceneId === null ? 'About the whole' : 'At a scene that is gone'}
              </span>
            ) : (
              <button
                type="button"
                className="reviewing__place"
                onClick={() => {
                  view.select([sceneId as string]);
                  player.showScene(sceneId as string);
                }}
              >
                Scene {place}
              </button>
            )}
            <CommentThread
              thread={t}
              now={newest}
              onShow={null}
              onAnswer={(text) => answer.mutateAsync({ comment: t.first.id, text })}
              onSettle={(settled) => settle.mutate({ comment: t.first.id, settled })}
            />
          </div>
        );
      })}
    </div>
  );
}
