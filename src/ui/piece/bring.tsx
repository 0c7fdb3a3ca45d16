'use client';

import { useQueryClient } from '@tanstack/react-query';
import { App, Button } from 'antd';
import { createContext, type ReactNode, useCallback, useContext, useEffect, useMemo, useRef } from 'react';
import { getPicture, type ShelfEntryView } from '../../api/shelf.ts';
import { LITTER } from '../../core/outline/photos.ts';
import { choosePicture, type Wanted } from '../../core/piece/placements.ts';
import { AUTO_FRAMING } from '../../core/piece/types.ts';
import { call } from '../shared/api.ts';
import { addAssets, useShelf } from '../shared/use-shelf.ts';
import { type Sending, useUploads } from '../shared/use-uploads.ts';
import { usePiece } from './context.ts';

interface Bring {
  uploads: ReturnType<typeof useUploads>;
  /** Brings files onto the shelf; the first one also into a scene, when one is named. */
  bring(files: File[], sceneId: string | null): void;
}

const BringContext = createContext<Bring | null>(null);

export function useBring(): Bring {
  const value = useContext(BringContext);
  if (!value) throw new Error('useBring is used outside the piece screen.');
  return value;
}

/** How long to wait before asking again how far the copy of a clip is. */
const ASK_AGAIN_MS = 1500;

/** How a picture is shown when it is chosen: all of a logo, on its own ground. */
export const wantedOf = (entry: ShelfEntryView): Wanted => ({
  assetId: entry.id,
  ...(entry.cutOut
    ? { framing: { ...AUTO_FRAMING, fit: 'whole', surround: entry.colours[0] ?? '#ffffff', move: 'still' } }
    : {}),
});

/** Own pictures and clips on their way; they go on arriving while the writer does something else. */
export function BringProvider({ children }: { children: ReactNode }) {
  const { store, view, apply } = usePiece();
  const { message } = App.useApp();
  const client = useQueryClient();
  const wanted = useRef(new Map<File, string>());
  /** How many were brought at once. */
  const together = useRef(0);
  /** It came alone: the row that is chosen can have it at once. */
  const onShelf = useCallback(
    (entry: ShelfEntryView) => {
      const chosen = () => store.state.doc.scenes.find((s) => s.id === view.state.selected[0]);
      return (
        <>
          “{entry.title}” is on your shelf.{' '}
          <Button
            size="small"
            type="link"
            onClick={() => {
              const scene = chosen();
              if (scene) apply(choosePicture(scene, wantedOf(entry), view.state.slot));
            }}
          >
            Show it in the chosen row
          </Button>
        </>
      );
    },
    [store, view, apply],
  );
  const arrived = useCallback(
    async (one: Sending, assetId: string) => {
      const entry = await call(getPicture, { params: { id: assetId } });
      addAssets(client, [entry]);
      void client.invalidateQueries({ queryKey: ['search'] });
      const scene = store.state.doc.scenes.find((s) => s.id === wanted.current.get(one.file));
      if (scene) apply(choosePicture(scene, wantedOf(entry)));
      else if (together.current > 1) message.success(`“${entry.title}” is on your shelf.`, 2);
      else message.success({ content: onShelf(entry), duration: 8 });
    },
    [client, store, apply, message, onShelf],
  );
  const uploads = useUploads(arrived);
  const { add } = uploads;
  const bring = useCallback(
    (files: File[], sceneId: string | null) => {
      const real = files.filter((f) => !LITTER.test(f.name));
      if (sceneId && real[0]) wanted.current.set(real[0], sceneId);
      together.current = real.length;
      add(real);
    },
    [add],
  );
  useClipsBecomePlayable();
  const value = useMemo(() => ({ uploads, bring }), [uploads, bring]);
  return <BringContext.Provider value={value}>{children}</BringContext.Provider>;
}

/** Asks how far the copies for playing are, until each clip that is known can be played. */
function useClipsBecomePlayable(): void {
  const client = useQueryClient();
  const { byId } = useShelf();
  const waiting = [...byId.values()]
    .filter((e) => e.clip && e.clip.done < 1 && !e.clip.failed)
    .map((e) => e.id);
  const key = waiting.join();
  useEffect(() => {
    if (!key) return;
    const timer = setInterval(() => {
      for (const id of key.split(','))
        void call(getPicture, { params: { id } }).then(
          (e) => addAssets(client, [e]),
          () => undefined,
        );
    }, ASK_AGAIN_MS);
    return () => clearInterval(timer);
  }, [key, client]);
}
