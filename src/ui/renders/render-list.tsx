'use client';

import {
  ArrowDownOutlined,
  ArrowUpOutlined,
  CloseOutlined,
  DeleteOutlined,
  DownloadOutlined,
  HolderOutlined,
} from '@ant-design/icons';
import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { App, Button, Empty, Progress, Skeleton, Tag } from 'antd';
import Link from 'next/link';
import { type CSSProperties, type ReactNode, useState } from 'react';
import { addressOf } from '../../api/endpoint.ts';
import { renderVideo } from '../../api/material.ts';
import {
  cancelRender,
  deleteRender,
  listRenders,
  orderRenders,
  type RenderView,
  renderFirst,
} from '../../api/renders.ts';
import { deliveryKind } from '../../core/deliver/kinds.ts';
import { clock } from '../../core/time.ts';
import { call } from '../shared/api.ts';
import { dragWords } from '../shared/drag.ts';
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
  // A list that went on while one of its rows is held would put that row somewhere else.
  const [held, setHeld] = useState<RenderView[] | null>(null);
  if (renders.isPending) return <Skeleton active />;
  if (renders.isError) return <p role="alert">{renders.error.message}</p>;
  if (!renders.data.length) return <Empty description="No video yet" image={Empty.PRESENTED_IMAGE_SIMPLE} />;
  const listed = held ?? renders.data;
  const waiting = listed
    .filter((r) => r.state === 'waiting')
    .sort((a, b) => a.place - b.place || (a.createdAt < b.createdAt ? -1 : 1));
  const shown = (r: RenderView) => ({
    render: r,
    all: !pieceId,
    older: newestRev !== undefined && r.rev < newestRev,
  });
  const rows = (which: (r: RenderView) => boolean) =>
    listed.map((r) => which(r) && <RenderRow key={r.id} {...shown(r)} />);
  return (
    <Queue waiting={waiting} onHold={(on) => setHeld(on ? renders.data : null)}>
      {(queued) => (
        <ul className="renders">
          {rows((r) => r.state === 'running')}
          {queued.map((q) => (
            <WaitingRow key={q.render.id} row={shown(q.render)} {...q} />
          ))}
          {rows((r) => !isActive(r))}
        </ul>
      )}
    </Queue>
  );
}

/** place: in the queue, from 0. */
interface Queued {
  render: RenderView;
  place: number;
  of: number;
  onMove: (by: 1 | -1) => void;
}

interface Row {
  render: RenderView;
  all: boolean;
  older: boolean;
}

const POINTER = { activationConstraint: { distance: 6 } };
const KEYBOARD = { coordinateGetter: sortableKeyboardCoordinates };

/** Those that wait: dragged to their places, or moved by their arrows. */
function Queue({
  waiting,
  onHold,
  children,
}: {
  waiting: RenderView[];
  onHold: (on: boolean) => void;
  children: (queued: Queued[]) => ReactNode;
}) {
  const client = useQueryClient();
  const { message } = App.useApp();
  const [wanted, setWanted] = useState<string[] | null>(null);
  const sensors = useSensors(useSensor(PointerSensor, POINTER), useSensor(KeyboardSensor, KEYBOARD));
  const order = useMutation({
    mutationFn: (ids: string[]) => call(orderRenders, { body: { ids } }),
    onMutate: setWanted,
    onSettled: async () => {
      await client.invalidateQueries({ queryKey: ['renders'] });
      setWanted(null);
    },
    onError: (e) => void message.error(e.message),
  });
  // Where they were put is seen at once.
  const place = (r: RenderView) => wanted?.indexOf(r.id) ?? -1;
  const rows = wanted ? [...waiting].sort((a, b) => place(a) - place(b)) : waiting;
  const ids = rows.map((r) => r.id);
  const move = (from: number, to: number) => {
    if (from !== to && from >= 0 && to >= 0 && to < ids.length) order.mutate(arrayMove(ids, from, to));
  };
  return (
    <DndContext
      id="queue"
      accessibility={dragWords('Render', (id) => ids.indexOf(String(id)) + 1)}
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragStart={() => onHold(true)}
      onDragCancel={() => onHold(false)}
      onDragEnd={({ active, over }) => {
        onHold(false);
        if (over) move(ids.indexOf(String(active.id)), ids.indexOf(String(over.id)));
      }}
    >
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        {children(
          rows.map((render, i) => ({ render, place: i, of: ids.length, onMove: (by) => move(i, i + by) })),
        )}
      </SortableContext>
    </DndContext>
  );
}

function WaitingRow({ row, place, of, onMove }: Queued & { row: Row }) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: row.render.id,
  });
  const name = nameOf(row.render);
  return (
    <RenderRow
      {...row}
      item={{
        ref: setNodeRef,
        style: { transform: CSS.Translate.toString(transform), transition },
        dragged: isDragging,
      }}
      keys={
        of > 1 && (
          <>
            <Button
              size="small"
              type="text"
              icon={<HolderOutlined aria-hidden />}
              {...attributes}
              {...listeners}
              aria-label={`${name}, ${place + 1} of ${of} that wait: move`}
            />
            {place > 0 && (
              <IconButton
                label={`${name} earlier`}
                icon={<ArrowUpOutlined aria-hidden />}
                onClick={() => onMove(-1)}
              />
            )}
            {place < of - 1 && (
              <IconButton
                label={`${name} later`}
                icon={<ArrowDownOutlined aria-hidden />}
                onClick={() => onMove(1)}
              />
            )}
          </>
        )
      }
    />
  );
}

/** item: how it stands in a list that is sorted by hand. keys: what else can be done while it waits. */
function RenderRow({
  render: r,
  all,
  older,
  item,
  keys,
}: Row & {
  item?: { ref: (node: HTMLElement | null) => void; style: CSSProperties; dragged: boolean };
  keys?: ReactNode;
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
  const kind = deliveryKind(r.kind);
  const [watching, setWatching] = useState(false);
  const active = isActive(r);
  const percent = r.total ? Math.floor((r.done / r.total) * 100) : 0;
  return (
    <li ref={item?.ref} className={`render${item?.dragged ? ' render--dragged' : ''}`} style={item?.style}>
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
            {keys}
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
