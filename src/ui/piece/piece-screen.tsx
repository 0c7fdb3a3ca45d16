'use client';

import { useQuery, useQueryClient } from '@tanstack/react-query';
import { App } from 'antd';
import { type ReactNode, useCallback, useEffect, useMemo, useState } from 'react';
import type { Edit } from '../../core/piece/edit.ts';
import { api } from '../shared/api.ts';
import { CannotOpen, Opening } from '../shared/opening.tsx';
import { addAssets, useShelf } from '../shared/use-shelf.ts';
import { BringProvider } from './bring.tsx';
import { PieceContext, TimelineContext, usePiece, useTimelineNow } from './context.ts';
import { Head } from './head.tsx';
import { Monitor } from './monitor.tsx';
import { Player } from './player.ts';
import { Sheet } from './sheet.tsx';
import { Speller, SpellerContext } from './speller.ts';
import { type Loaded, PieceStore } from './store.ts';
import { Strip } from './strip.tsx';
import { SceneTimes, TimesContext } from './times.ts';
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
  const client = useQueryClient();
  const assets = loaded.data?.assets;
  useEffect(() => {
    if (assets) addAssets(client, assets);
  }, [assets, client]);
  if (loaded.isPending) return <Opening what="The piece is being opened" />;
  if (loaded.isError)
    return (
      <CannotOpen title="This piece cannot be opened" error={loaded.error} onAgain={() => loaded.refetch()} />
    );
  return <Open loaded={loaded.data} />;
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
  const [speller, setSpeller] = useState<Speller | null>(null);
  useEffect(() => {
    const s = new Speller();
    setSpeller(s);
    void s.start();
    return () => s.dispose();
  }, []);
  const complain = useCallback((m: string) => message.warning(m, 5), [message]);
  if (!store || !player || !speller) return <Opening what="The piece is being opened" />;
  return (
    <SpellerContext.Provider value={speller}>
      <Ready store={store} player={player} complain={complain} />
    </SpellerContext.Provider>
  );
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
  const { byId } = useShelf();
  player.pictures.shelf = byId;
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
  return (
    <PieceContext.Provider value={value}>
      <TimelineKeeper>
        <MaterialKeeper />
        <BringProvider>
          <div className="piece">
            <Head />
            <main className="piece__body">
              <Sheet />
              <aside className="piece__side" aria-label="Monitor and tools">
                <Monitor />
                <Tools />
              </aside>
            </main>
            <Strip />
          </div>
        </BringProvider>
      </TimelineKeeper>
    </PieceContext.Provider>
  );
}

/** Compiles the piece as it changes. Its children are not drawn again by that, only what listens to the timeline. */
function TimelineKeeper({ children }: { children: ReactNode }) {
  const { store, player } = usePiece();
  const setter = useTypesetter();
  const timeline = useTimeline(store, setter);
  const [times] = useState(() => new SceneTimes());
  useEffect(() => {
    if (!timeline) return;
    player.setTimeline(timeline);
    times.set(timeline);
  }, [player, times, timeline]);
  if (!timeline) return <Opening what="Fonts and pictures are being loaded" />;
  return (
    <TimelineContext.Provider value={timeline}>
      <TimesContext.Provider value={times}>{children}</TimesContext.Provider>
    </TimelineContext.Provider>
  );
}

/** Has voices and music made; draws nothing. */
function MaterialKeeper() {
  const { store } = usePiece();
  useMaterial(store, useTimelineNow());
  return null;
}
