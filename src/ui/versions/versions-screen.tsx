'use client';

import { CloseOutlined } from '@ant-design/icons';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { App, Button, Input, Skeleton } from 'antd';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { dropVersion, type KeptVersion, keepVersion, listVersions, returnToVersion } from '../../api/desk.ts';
import { versionName } from '../../wording/versions.ts';
import { call } from '../shared/api.ts';
import { CannotOpen, Opening } from '../shared/opening.tsx';
import { TopBar } from '../shared/top-bar.tsx';
import { whenWords } from '../shared/when.ts';
import { Beside } from './beside.tsx';
import './versions.css';

/** Earlier states of a piece: kept by name, looked at beside the piece as it is, returned to. */
export function VersionsScreen({ id }: { id: string }) {
  const list = useQuery({
    queryKey: ['versions', id],
    queryFn: () => call(listVersions, { params: { id } }),
  });
  const [open, setOpen] = useState<string | null>(null);
  if (list.isPending) return <Opening what="Earlier states are being looked up" />;
  if (list.isError)
    return (
      <CannotOpen title="This piece cannot be opened" error={list.error} onAgain={() => list.refetch()} />
    );
  const { title, versions } = list.data;
  const shown = versions.find((v) => v.id === open) ?? versions[0];
  return (
    <>
      <TopBar>
        <Link href={`/piece/${id}`}>Back to the piece</Link>
      </TopBar>
      <main className="versions">
        <div className="versions__list">
          <h1>{title || 'Untitled'}</h1>
          <Keep id={id} onKept={setOpen} />
          {versions.length === 0 && (
            <p className="versions__none">
              No state is kept yet. What reviewers see and what you deliver is kept by itself; any other state
              is when you give it a name.
            </p>
          )}
          <ul aria-label="Earlier states">
            {versions.map((v) => (
              <VersionRow
                key={v.id}
                pieceId={id}
                version={v}
                open={v.id === shown?.id}
                onOpen={() => setOpen(v.id)}
              />
            ))}
          </ul>
        </div>
        {shown ? <Compared key={shown.id} id={id} version={shown} /> : null}
      </main>
    </>
  );
}

function Keep({ id, onKept }: { id: string; onKept: (version: string) => void }) {
  const client = useQueryClient();
  const { message } = App.useApp();
  const [name, setName] = useState('');
  const keep = useMutation({
    mutationFn: () => call(keepVersion, { params: { id }, body: { name } }),
    onSuccess: async (made) => {
      setName('');
      await client.invalidateQueries({ queryKey: ['versions', id] });
      onKept(made.id);
    },
    onError: (e) => void message.error(e.message, 6),
  });
  return (
    <form
      className="versions__keep"
      onSubmit={(e) => {
        e.preventDefault();
        if (name.trim()) keep.mutate();
      }}
    >
      <Input
        aria-label="Name for the piece as it is now"
        placeholder="A name for now"
        maxLength={80}
        value={name}
        onChange={(e) => setName(e.target.value)}
      />
      <Button htmlType="submit" disabled={!name.trim()} loading={keep.isPending}>
        Keep it
      </Button>
    </form>
  );
}

function VersionRow({
  pieceId,
  version: v,
  open,
  onOpen,
}: {
  pieceId: string;
  version: KeptVersion;
  open: boolean;
  onOpen: () => void;
}) {
  const client = useQueryClient();
  const { message } = App.useApp();
  const drop = useMutation({
    mutationFn: () => call(dropVersion, { params: { id: pieceId, version: v.id } }),
    onSettled: () => client.invalidateQueries({ queryKey: ['versions', pieceId] }),
    onError: (e) => void message.error(e.message, 6),
  });
  const name = versionName(v);
  return (
    <li className={open ? 'versions__row versions__row--open' : 'versions__row'}>
      <button type="button" aria-current={open || undefined} onClick={onOpen}>
        <strong>{name}</strong>
        <span>{whenWords(v.at)}</span>
      </button>
      {v.kind === 'named' && (
        <Button
          type="text"
          size="small"
          icon={<CloseOutlined aria-hidden />}
          aria-label={`Take the name “${name}” away`}
          onClick={() => drop.mutate()}
        />
      )}
    </li>
  );
}

function Compared({ id, version }: { id: string; version: KeptVersion }) {
  const router = useRouter();
  const { message } = App.useApp();
  const back = useMutation({
    mutationFn: () => call(returnToVersion, { params: { id, version: version.id } }),
    onSuccess: () => {
      message.info('The piece is as it was then. Undo leads back.');
      router.push(`/piece/${id}`);
    },
    onError: (e) => void message.error(e.message, 6),
  });
  return (
    <section className="versions__compared" aria-label={`${versionName(version)}, beside now`}>
      <div className="versions__head">
        <h2>{versionName(version)}, and now</h2>
        <Button type="primary" loading={back.isPending} onClick={() => back.mutate()}>
          Return to this state
        </Button>
      </div>
      <Beside id={id} version={version.id} fallback={<Skeleton active />} />
    </section>
  );
}
