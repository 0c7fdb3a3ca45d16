'use client';

import {
  CloseOutlined,
  CopyOutlined,
  DownloadOutlined,
  InboxOutlined,
  MoreOutlined,
} from '@ant-design/icons';
import {
  keepPreviousData,
  useInfiniteQuery,
  useMutation,
  useQuery,
  useQueryClient,
} from '@tanstack/react-query';
import { App, Button, Dropdown, Empty, Input, Result, Skeleton } from 'antd';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useDeferredValue, useState } from 'react';
import { addressOf } from '../../api/endpoint.ts';
import type { PieceSummary } from '../../api/pieces.ts';
import { archivePiece, copyPiece, exportPiece, listPieces } from '../../api/pieces.ts';
import { listSources, putAwaySource } from '../../api/sources.ts';
import { call } from '../shared/api.ts';
import { aspect, thumbFor } from '../shared/media.ts';
import { TopBar } from '../shared/top-bar.tsx';
import type { DemoLink } from './examples.tsx';
import { LaidSheetView } from './laid-sheet.tsx';
import './desk.css';

const KINDS: Record<string, string> = {
  article: 'Article',
  product: 'Product',
  photos: 'Photos',
  script: 'Script',
};

/** Outlines that no piece was made from yet. */
function OpenOutlines() {
  const client = useQueryClient();
  const { message } = App.useApp();
  const open = useQuery({ queryKey: ['sources'], queryFn: () => call(listSources, {}) });
  const away = useMutation({
    mutationFn: (id: string) => call(putAwaySource, { params: { id } }),
    onSuccess: () => client.invalidateQueries({ queryKey: ['sources'] }),
    onError: (e) => message.error(e.message),
  });
  if (!open.data?.length) return null;
  return (
    <section aria-labelledby="open-title" className="desk__open">
      <h2 id="open-title">Begun, not made yet</h2>
      <ul>
        {open.data.map((s) => (
          <li key={s.id}>
            <Link href={`/outline/${s.id}`}>
              <small>{KINDS[s.kind]}</small> {s.title || 'Untitled'}
            </Link>
            <Button
              type="text"
              aria-label={`Put away ${s.title || 'untitled outline'}`}
              icon={<CloseOutlined aria-hidden />}
              onClick={() => away.mutate(s.id)}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The pieces, a page at a time, and how they are found. */
function Pieces() {
  const [find, setFind] = useState('');
  const sought = useDeferredValue(find.trim());
  const list = useInfiniteQuery({
    queryKey: ['pieces', sought],
    queryFn: ({ pageParam }) => call(listPieces, { query: { find: sought, after: pageParam } }),
    initialPageParam: '',
    getNextPageParam: (page) => page.next,
    placeholderData: keepPreviousData,
  });
  const shown = list.data?.pages.flatMap((page) => page.pieces);
  return (
    <section aria-labelledby="pieces-title">
      <div className="desk__head">
        <h2 id="pieces-title">Pieces</h2>
        <Input.Search
          aria-label="Find a piece by its title"
          placeholder="Find by title"
          allowClear
          value={find}
          onChange={(e) => setFind(e.target.value)}
          style={{ width: 240 }}
        />
      </div>
      {list.isPending && <Skeleton active paragraph={{ rows: 4 }} />}
      {list.isError && (
        <Result
          status="warning"
          title="The pieces cannot be read"
          subTitle={list.error.message}
          extra={<Button onClick={() => list.refetch()}>Try again</Button>}
        />
      )}
      {shown && shown.length === 0 && (
        <Empty
          description={
            find
              ? `No piece has “${find}” in its title.`
              : 'Nothing here yet. What you make above will lie here.'
          }
        />
      )}
      {shown && shown.length > 0 && (
        <ul className="piece-cards">
          {shown.map((p) =>
            p.about ? (
              <PieceCard key={p.id} piece={p} about={p.about} />
            ) : (
              <DamagedCard key={p.id} piece={p} />
            ),
          )}
        </ul>
      )}
      {list.hasNextPage && (
        <Button
          className="desk__more"
          loading={list.isFetchingNextPage}
          onClick={() => void list.fetchNextPage()}
        >
          Show older pieces
        </Button>
      )}
    </section>
  );
}

/** An empty sheet that becomes a piece, and all pieces. accept: endings of the documents that are read. */
export function Desk({ demo, accept }: { demo: DemoLink[]; accept: string[] }) {
  return (
    <>
      <TopBar />
      <main className="desk">
        <LaidSheetView demo={demo} accept={accept} />
        <OpenOutlines />
        <Pieces />
        <p className="desk__foot">
          <Link href="/licences">Licences of what Nabbet is made of</Link>
        </p>
      </main>
    </>
  );
}

const when = (iso: string) =>
  new Date(iso).toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  });

/** Puts a piece away, with the way back. */
function usePutAway({ id, title }: PieceSummary) {
  const client = useQueryClient();
  const { message } = App.useApp();
  const archive = useMutation({
    mutationFn: (archived: boolean) => call(archivePiece, { params: { id }, body: { archived } }),
    onSuccess: async (_, archived) => {
      await client.invalidateQueries({ queryKey: ['pieces'] });
      if (archived)
        message.info({
          content: (
            <>
              “{title}” was put away.{' '}
              <Button size="small" type="link" onClick={() => archive.mutate(false)}>
                Bring it back
              </Button>
            </>
          ),
          duration: 8,
        });
    },
    onError: (e) => message.error(e.message),
  });
  return archive;
}

/** A piece that is stored and cannot be read: nothing of it is lost, and it does not stand in the way of the others. */
function DamagedCard({ piece }: { piece: PieceSummary }) {
  const archive = usePutAway(piece);
  return (
    <li className="piece-card piece-card--damaged">
      <strong>{piece.title || 'Untitled'}</strong>
      <p>
        What is stored of this piece cannot be read here. It may come from a newer Nabbet, or it is damaged.
        Keep it as a file, then put it away.
      </p>
      <Button
        size="small"
        icon={<DownloadOutlined aria-hidden />}
        href={addressOf(exportPiece, { id: piece.id })}
        download={`${piece.id}.nabbet.json`}
        aria-label={`Keep “${piece.title}” as a file`}
      >
        Keep as a file
      </Button>{' '}
      <Button size="small" onClick={() => archive.mutate(true)} aria-label={`Put away “${piece.title}”`}>
        Put away
      </Button>
    </li>
  );
}

function PieceCard({ piece, about }: { piece: PieceSummary; about: NonNullable<PieceSummary['about']> }) {
  const router = useRouter();
  const client = useQueryClient();
  const { message } = App.useApp();
  const { format, scenes } = about;
  const thumb = about.cover && thumbFor(about.cover, format);
  const archive = usePutAway(piece);
  const copy = useMutation({
    mutationFn: () => call(copyPiece, { params: { id: piece.id } }),
    onSuccess: () => client.invalidateQueries({ queryKey: ['pieces'] }),
    onError: (e) => message.error(e.message),
  });
  return (
    <li className="piece-card">
      <button type="button" className="piece-card__open" onClick={() => router.push(`/piece/${piece.id}`)}>
        <span className="piece-card__cover">
          {thumb ? (
            <img
              src={thumb.src}
              alt=""
              style={{ aspectRatio: aspect(format), objectPosition: thumb.position }}
            />
          ) : (
            <span className="piece-card__none" />
          )}
        </span>
        <span className="piece-card__title">{piece.title || 'Untitled'}</span>
        <span className="piece-card__meta">
          {format} · {scenes} scene{scenes === 1 ? '' : 's'} · {when(piece.updatedAt)}
        </span>
      </button>
      <Dropdown
        trigger={['click']}
        menu={{
          items: [
            { key: 'copy', icon: <CopyOutlined aria-hidden />, label: 'Copy', onClick: () => copy.mutate() },
            {
              key: 'away',
              icon: <InboxOutlined aria-hidden />,
              label: 'Put away',
              onClick: () => archive.mutate(true),
            },
          ],
        }}
      >
        <Button
          className="piece-card__menu"
          size="small"
          icon={<MoreOutlined aria-hidden />}
          aria-label={`More for ${piece.title}`}
        />
      </Dropdown>
    </li>
  );
}
