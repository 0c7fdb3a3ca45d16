'use client';

import {
  ArrowDownOutlined,
  ArrowUpOutlined,
  CloseOutlined,
  DeleteOutlined,
  DownloadOutlined,
} from '@ant-design/icons';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { App, Button, Empty, Progress, Skeleton, Tag } from 'antd';
import Link from 'next/link';
import { useState } from 'react';
import { addressOf } from '../../api/endpoint.ts';
import { renderVideo } from '../../api/material.ts';
import {
  cancelRender,
  deleteRender,
  listRenders,
  type RenderView,
  renderFirst,
  swapRenders,
} from '../../api/renders.ts';
import { deliveryKind } from '../../core/deliver/kinds.ts';
import { clock } from '../../core/time.ts';
import { call } from '../shared/api.ts';
import { IconButton } from '../shared/icon-button.tsx';
import { whenWords } from '../shared/when.ts';
import { isActive } from './active.ts';
import { nameOf } from './name-of.ts';
import './renders.css';

const POLL_MS = 900;

const STEPS: Record<string, string> = {
  waiting: 'Waiting for its turn',
  voices: 'Voices and music',
  pictures: 'Painting',
  joining: 'Mixing and joining',
};

/** Renders, of one piece or all, with progress. */
const useRenders = (pieceId?: string) =>
  useQuery({
    queryKey: ['renders', pieceId ?? 'all'],
    queryFn: () => call(listRenders, { query: pieceId ? { piece: pieceId } : {} }),
    refetchInterval: (q) => (q.state.data?.some((r) => isActive(r)) ? POLL_MS : false),
  });

export function RenderList({ pieceId, newestRev }: { pieceId?: string; newestRev?: number }) {
  const renders = useRenders(pieceId);
  if (renders.isPending) return <Skeleton active />;
  if (renders.isError) return <p role="alert">{renders.error.message}</p>;
  if (!renders.data.length) return <Empty description="No video yet" image={Empty.PRESENTED_IMAGE_SIMPLE} />;
  const waiting = renders.data
    .filter((r) => r.state === 'waiting')
    .sort((a, b) => a.place - b.place || (a.createdAt < b.createdAt ? -1 : 1));
  const running = renders.data.filter((r) => r.state === 'running');
  const over = renders.data.filter((r) => !isActive(r));
  return (
    <ul className="renders">
      {[...running, ...waiting, ...over].map((r) => (
        <RenderRow
          key={r.id}
          render={r}
          before={waiting[waiting.indexOf(r) - 1]}
          after={r.state === 'waiting' ? waiting[waiting.indexOf(r) + 1] : undefined}
          all={!pieceId}
          older={newestRev !== undefined && r.rev < newestRev}
        />
      ))}
    </ul>
  );
}

/** before, after: its neighbours among those that wait. */
function RenderRow({
  render: r,
  before,
  after: behind,
  all,
  older,
}: {
  render: RenderView;
  before: RenderView | undefined;
  after: RenderView | undefined;
  all: boolean;
  older: boolean;
}) {
  const client = useQueryClient();
  const { message } = App.useApp();
  const after = {
    onSettled: () => client.invalidateQueries({ queryKey: ['renders'] }),
    onError: (e: Error) => void message.error(e.message),
  };
  const cancel = useMutation({
    mutationFn: () => call(cancelRender, { params: { id: r.id } }),
    ...after,
  });
  const remove = useMutation({
    mutationFn: () => call(deleteRender, { params: { id: r.id } }),
    ...after,
  });
  const first = useMutation({
    mutationFn: () => call(renderFirst, { params: { id: r.id } }),
    ...after,
  });
  const swap = useMutation({
    mutationFn: (other: string) => call(swapRenders, { params: { id: r.id }, body: { with: other } }),
    ...after,
  });
  const kind = deliveryKind(r.kind);
  const [watching, setWatching] = useState(false);
  const active = isActive(r);
  const percent = r.total ? Math.floor((r.done / r.total) * 100) : 0;
  return (
    <li className="render">
      <div className="render__head">
        <strong>{all ? <Link href={`/piece/${r.pieceId}`}>{r.title || 'Untitled'}</Link> : nameOf(r)}</strong>
        <span>
          {all && `${nameOf(r)} · `}
          {whenWords(r.createdAt)}
        </span>
        {r.state === 'failed' && <Tag color="error">failed</Tag>}
        {r.state === 'cancelled' && <Tag>cancelled</Tag>}
        {r.state === 'done' && older && <Tag>of an earlier state</Tag>}
      </div>
      {active && (
        <div className="render__progress">
          <Progress percent={percent} size="small" aria-label={`Progress of ${r.title}`} />
          <span aria-live="polite">
            {STEPS[r.step] ?? r.step}
            {r.remainingMs !== null && r.done < r.total && `, about ${clock(r.remainingMs + 999)} left`}
          </span>
          <span className="render__keys">
            {before && (
              <IconButton
                label={`${nameOf(r)} earlier`}
                icon={<ArrowUpOutlined aria-hidden />}
                onClick={() => swap.mutate(before.id)}
              />
            )}
            {behind && (
              <IconButton
                label={`${nameOf(r)} later`}
                icon={<ArrowDownOutlined aria-hidden />}
                onClick={() => swap.mutate(behind.id)}
              />
            )}
            {r.state === 'waiting' && (
              <Button size="small" loading={first.isPending} onClick={() => first.mutate()}>
                Next
              </Button>
            )}
            <Button
              size="small"
              icon={<CloseOutlined aria-hidden />}
              loading={cancel.isPending}
              onClick={() => cancel.mutate()}
            >
              Cancel
            </Button>
          </span>
        </div>
      )}
      {r.state === 'failed' && <p className="render__error">{r.error}</p>}
      {!active && (
        <div className="render__done">
          {r.state === 'done' && (
            <>
              <Button
                size="small"
                type="primary"
                icon={<DownloadOutlined aria-hidden />}
                href={addressOf(renderVideo, { id: r.id }, { download: '' })}
              >
                Download
              </Button>
              <Button size="small" aria-expanded={watching} onClick={() => setWatching((on) => !on)}>
                {watching ? 'Close' : kind.seen && kind.plays ? 'Watch' : kind.plays ? 'Listen' : 'Look'}
              </Button>
              <span>
                {kind.plays && `${clock(r.durationMs ?? 0)}, `}
                {sizeWords(r.bytes ?? 0)}
              </span>
            </>
          )}
          <Button
            size="small"
            type="text"
            icon={<DeleteOutlined aria-hidden />}
            aria-label={`Remove this render of ${r.title}`}
            onClick={() => remove.mutate()}
          />
        </div>
      )}
      {watching && <Shown render={r} />}
      {r.state === 'done' && r.file && (
        <p className="render__file">
          Kept as <code>{r.file}</code>
        </p>
      )}
    </li>
  );
}

const sizeWords = (bytes: number): string =>
  bytes < 1e6 ? `${Math.ceil(bytes / 1000)} kB` : `${(bytes / 1e6).toFixed(1)} MB`;

/** A delivery as it is: seen, heard, or both. */
function Shown({ render: { id, kind, title } }: { render: RenderView }) {
  const src = addressOf(renderVideo, { id });
  const { seen, plays } = deliveryKind(kind);
  if (!plays) return <img className="render__video" src={src} alt={`${title}, as it is delivered`} />;
  // biome-ignore lint/a11y/useMediaCaption: nothing but sound
  if (!seen) return <audio controls autoPlay src={src} />;
  // biome-ignore lint/a11y/useMediaCaption: its captions are in the picture, or go with it as a file
  return <video className="render__video" controls autoPlay src={src} />;
}
