'use client';

import {
  CloseOutlined,
  CopyOutlined,
  FileTextOutlined,
  InboxOutlined,
  MoreOutlined,
  PictureOutlined,
  ReadOutlined,
  ShoppingOutlined,
} from '@ant-design/icons';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { App, Button, Dropdown, Empty, Input, Result, Skeleton } from 'antd';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { PieceSummary } from '../../api/pieces.ts';
import { archivePiece, copyPiece, listPieces } from '../../api/pieces.ts';
import { listSources, putAwaySource } from '../../api/sources.ts';
import type { Format } from '../../core/look/formats.ts';
import { call } from '../shared/api.ts';
import { aspect, thumbFor } from '../shared/media.ts';
import { TopBar } from '../shared/top-bar.tsx';
import './desk.css';

const WAYS = [
  {
    href: '/begin',
    icon: <FileTextOutlined aria-hidden />,
    title: 'Script',
    about: 'a text, a poem, notes: one scene for each sentence or line',
  },
  {
    href: '/begin/article',
    icon: <ReadOutlined aria-hidden />,
    title: 'Article',
    about: 'an address or a document, condensed to the length you want',
  },
  {
    href: '/begin/product',
    icon: <ShoppingOutlined aria-hidden />,
    title: 'Product page',
    about: 'a fact sheet you can correct, and a script that claims nothing else',
  },
  {
    href: '/begin/photos',
    icon: <PictureOutlined aria-hidden />,
    title: 'Photos',
    about: 'up to 200: sorted, turned upright, doubles and blurred ones pointed out',
  },
];

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
              size="small"
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

/** All pieces, and the ways to begin. */
export function Desk() {
  const pieces = useQuery({ queryKey: ['pieces'], queryFn: () => call(listPieces, {}) });
  const [find, setFind] = useState('');
  const shown = pieces.data?.filter((p) => p.title.toLowerCase().includes(find.trim().toLowerCase()));
  return (
    <>
      <TopBar />
      <main className="desk">
        <section className="desk__begin" aria-labelledby="begin-title">
          <div>
            <h1 id="begin-title">What do you want to say?</h1>
            <p>
              Bring words, a page or photos. You get a first draft with pictures, a voice, music and captions,
              and can change all of it.
            </p>
          </div>
          <nav className="begin-cards" aria-label="Ways to begin">
            {WAYS.map((w) => (
              <Link key={w.href} href={w.href} className="begin-card">
                {w.icon}
                <span>
                  <strong>{w.title}</strong>
                  <small>{w.about}</small>
                </span>
              </Link>
            ))}
          </nav>
        </section>
        <OpenOutlines />
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
          {pieces.isPending && <Skeleton active paragraph={{ rows: 4 }} />}
          {pieces.isError && (
            <Result
              status="warning"
              title="The pieces cannot be read"
              subTitle={pieces.error.message}
              extra={<Button onClick={() => pieces.refetch()}>Try again</Button>}
            />
          )}
          {shown && shown.length === 0 && (
            <Empty
              description={
                find ? `No piece has “${find}” in its title.` : 'Nothing here yet. Begin with a script.'
              }
            />
          )}
          {shown && shown.length > 0 && (
            <ul className="piece-cards">
              {shown.map((p) => (
                <PieceCard key={p.id} piece={p} />
              ))}
            </ul>
          )}
        </section>
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

function PieceCard({ piece }: { piece: PieceSummary }) {
  const router = useRouter();
  const client = useQueryClient();
  const { message } = App.useApp();
  const format = piece.format as Format;
  const thumb = piece.cover && thumbFor(piece.cover, format);
  const refresh = () => client.invalidateQueries({ queryKey: ['pieces'] });
  const archive = useMutation({
    mutationFn: (archived: boolean) => call(archivePiece, { params: { id: piece.id }, body: { archived } }),
    onSuccess: async (_, archived) => {
      await refresh();
      if (archived)
        message.info({
          content: (
            <>
              “{piece.title}” was put away.{' '}
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
  const copy = useMutation({
    mutationFn: () => call(copyPiece, { params: { id: piece.id } }),
    onSuccess: refresh,
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
          {piece.format} · {piece.scenes} scene{piece.scenes === 1 ? '' : 's'} · {when(piece.updatedAt)}
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
