'use client';

import { useMutation, useQuery } from '@tanstack/react-query';
import { App } from 'antd';
import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { ShelfEntryView } from '../../api/shelf.ts';
import { fetchSourcePictures, getSource, makePiece, type StoredSource } from '../../api/sources.ts';
import { PieceOptionsBar } from '../options/piece-options.tsx';
import { call } from '../shared/api.ts';
import { CannotOpen, Opening } from '../shared/opening.tsx';
import { TopBar } from '../shared/top-bar.tsx';
import { AlsoOpen } from '../sync/also-open.tsx';
import { Aside } from '../sync/aside.tsx';
import { useOpen } from '../sync/open.ts';
import { Saved, StepButtons } from '../sync/state.tsx';
import { ArticleSheet } from './article-sheet.tsx';
import { FactSheetForm } from './fact-sheet.tsx';
import { PhotoSet } from './photo-set.tsx';
import { SceneLines } from './scene-lines.tsx';
import { type Outline, type OutlineStore, openOutline, useOutline } from './use-outline.ts';
import './outline.css';

/** What was read and the scenes it becomes: an article in place, a fact sheet beside its script, photos as a contact sheet. */
export function OutlineScreen({ id }: { id: string }) {
  const stored = useQuery({
    queryKey: ['source', id],
    queryFn: () => call(getSource, { params: { id } }),
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });
  if (stored.isPending) return <Opening what="The outline is being opened" />;
  if (stored.isError)
    return (
      <CannotOpen
        title="This outline cannot be opened"
        error={stored.error}
        onAgain={() => stored.refetch()}
      />
    );
  return <Open stored={stored.data} />;
}

const endStore = (store: OutlineStore): void => store.end();

function Open({ stored }: { stored: StoredSource }) {
  const store = useOpen(
    useCallback(() => openOutline(stored), [stored]),
    endStore,
  );
  if (!store) return <Opening what="The outline is being opened" />;
  return <OpenOutline stored={stored} store={store} />;
}

function OpenOutline({ stored, store }: { stored: StoredSource; store: OutlineStore }) {
  const router = useRouter();
  const { message } = App.useApp();
  const complain = useCallback((why: string) => message.warning(why, 5), [message]);
  const outline = useOutline(stored, store, complain);
  const [assets, setAssets] = useState<ShelfEntryView[]>(stored.assets);
  const byId = useMemo(() => new Map(assets.map((a) => [a.id, a])), [assets]);
  const { source, setSource } = outline;
  const [fetching, setFetching] = useState(false);
  const asked = useRef(false);
  const fetched = useRef<Promise<void>>(Promise.resolve());
  useEffect(() => {
    if (asked.current || !source.pictures.some((p) => p.address && !p.assetId && !p.problem)) return;
    asked.current = true;
    setFetching(true);
    fetched.current = call(fetchSourcePictures, { params: { id: stored.id } })
      .then((now) => {
        setSource(now.source);
        setAssets(now.assets);
      })
      .catch((e) =>
        message.warning(`The pictures of the page could not be fetched. ${(e as Error).message}`, 6),
      )
      .finally(() => setFetching(false))
      .then(() => undefined);
  }, [stored.id, source.pictures, setSource, message]);
  useKeys(outline);
  const make = useMutation({
    mutationFn: async () => {
      // A draft without the pictures of the page would be another one.
      await fetched.current;
      await store.flush();
      const { save } = store.state;
      if (save.kind === 'waiting') throw new Error(save.message);
      return call(makePiece, { params: { id: stored.id } });
    },
    onSuccess: ({ id }) => router.push(`/piece/${id}`),
    onError: (e) => void message.error(e.message, 6),
  });
  const photos = source.kind === 'photos';
  return (
    <>
      <TopBar>
        <div className="outline__state">
          <Saved store={store} />
          <AlsoOpen docId={stored.id} />
          <Aside store={store} />
          <StepButtons store={store} />
        </div>
      </TopBar>
      <main className={`outline outline--${source.kind}`}>
        {source.kind === 'article' || source.kind === 'script' ? (
          <ArticleSheet outline={outline} byId={byId} fetching={fetching} />
        ) : photos ? (
          <PhotoSet outline={outline} byId={byId} addAsset={(a) => setAssets((all) => [...all, a])} />
        ) : (
          <>
            <section className="outline__source" aria-label="What was read">
              <FactSheetForm outline={outline} byId={byId} fetching={fetching} />
            </section>
            <SceneLines outline={outline} byId={byId} />
          </>
        )}
        <PieceOptionsBar
          options={outline.options}
          onChange={outline.setOptions}
          sample={outline.lines.find((l) => l.layout === 'caption')?.shown ?? ''}
          silent={photos}
          disabled={!outline.lines.length}
          pending={make.isPending || make.isSuccess}
          onMake={() => make.mutate()}
        />
      </main>
    </>
  );
}

function useKeys(outline: Outline): void {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (!(e.ctrlKey || e.metaKey) || e.altKey) return;
      const key = e.key.toLowerCase();
      if (key === 'z' && !e.shiftKey) outline.undo();
      else if (key === 'y' || (key === 'z' && e.shiftKey)) outline.redo();
      else return;
      e.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [outline]);
}
