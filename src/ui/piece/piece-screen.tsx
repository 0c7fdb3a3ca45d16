'use client';

import { useQuery } from '@tanstack/react-query';
import { App, Button, Result, Spin } from 'antd';
import Link from 'next/link';
import { useCallback, useEffect, useMemo, useState } from 'react';
import type { Edit } from '../../core/piece/edit.ts';
import { api } from '../shared/api.ts';
import { useShelf } from '../shared/use-shelf.ts';
import { PieceContext, TimelineContext } from './context.ts';
import { Head } from './head.tsx';
import { Monitor } from './monitor.tsx';
import { Player } from './player.ts';
import { Sheet } from './sheet.tsx';
import { type Loaded, PieceStore } from './store.ts';
import { Strip } from './strip.tsx';
import { Tools } from './tools.tsx';
import { useMaterial, useTimeline, useTypesetter } from './use-material.ts';
import { useShortcuts } from './use-shortcuts.ts';

/** The main screen: sheet, monitor, tools of the pass, strip. */
export function PieceScreen({ id }: { id: string }) {
  const loaded = useQuery({
    queryKey: ['piece', id],
    queryFn: () => api<Loaded>(`/api/pieces/${id}`),
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });
  if (loaded.isPending) return <Waiting what="The piece is being opened" />;
  if (loaded.isError)
    return (
      <main className="plain-page">
        <Result
          status="warning"
          title="This piece cannot be opened"
          subTitle={loaded.error.message}
          extra={[
            <Button key="again" onClick={() => loaded.refetch()}>
              Try again
            </Button>,
            <Link key="desk" href="/">
              Go to the desk
            </Link>,
          ]}
        />
      </main>
    );
  return <Open loaded={loaded.data} />;
}

function Waiting({ what }: { what: string }) {
  return (
    <main className="waiting" aria-live="polite">
      <Spin /> <span>{what}</span>
    </main>
  );
}

function Open({ loaded }: { loaded: Loaded }) {
  const { message } = App.useApp();
  const [store, setStore] = useState<PieceStore | null>(null);
  const [player, setPlayer] = useState<Player | null>(null);
  useEffect(() => {
    const s = new PieceStore(loaded);
    const p = new Player();
    setStore(s);
    setPlayer(p);
    const leave = () => s.leave();
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      s.leave();
      p.dispose();
    };
  }, [loaded]);
  const complain = useCallback((m: string) => message.warning(m, 5), [message]);
  if (!store || !player) return <Waiting what="The piece is being opened" />;
  return <Ready store={store} player={player} complain={complain} />;
}

function Ready({
  store,
  player,
  complain,
}: {
  store: PieceStore;
  player: Player;
  complain: (m: string) => void;
}) {
  const setter = useTypesetter();
  const timeline = useTimeline(store, setter);
  const material = useMaterial(store, timeline);
  const { byId } = useShelf();
  player.pictures.shelf = byId;
  useEffect(() => {
    if (timeline) player.setTimeline(timeline);
  }, [player, timeline]);
  useShortcuts(store, player);
  const value = useMemo(
    () => ({
      store,
      player,
      apply: (edit: Edit | null | undefined) => {
        const failure = edit ? store.apply(edit) : null;
        if (failure) complain(failure);
      },
    }),
    [store, player, complain],
  );
  if (!timeline) return <Waiting what="Fonts and pictures are being loaded" />;
  return (
    <PieceContext.Provider value={value}>
      <TimelineContext.Provider value={timeline}>
        <div className="piece">
          <Head material={material} />
          <main className="piece__body">
            <Sheet />
            <aside className="piece__side" aria-label="Monitor and tools">
              <Monitor />
              <Tools material={material} />
            </aside>
          </main>
          <Strip />
        </div>
      </TimelineContext.Provider>
    </PieceContext.Provider>
  );
}
