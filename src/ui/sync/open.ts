'use client';

import { nanoid } from 'nanoid';
import { useEffect, useState } from 'react';
import type { StoredEntry } from '../../api/edits.ts';
import type { EditHead, Editing } from '../../core/editing.ts';
import { browserClock } from './clock.ts';
import { browserLocks, ownWindow, storageKeeper, takeOver } from './keeper.ts';
import { type AppendEndpoint, sendEntries } from './send.ts';
import { DocStore } from './store.ts';

/** A document as it was loaded. */
export interface Loaded<D, E extends EditHead> {
  editing: Editing<D, E>;
  endpoint: AppendEndpoint<E>;
  id: string;
  doc: D;
  rev: number;
  history: readonly StoredEntry<E>[];
}

const locks = () => browserLocks(navigator.locks, browserClock.now);

/** The id of this window, asked for once. */
let windowId: Promise<string> | null = null;

/** The store of a document in this window, with what windows that are gone left of it. */
export async function openStore<D, E extends EditHead>({
  endpoint,
  ...loaded
}: Loaded<D, E>): Promise<DocStore<D, E>> {
  windowId ??= ownWindow(sessionStorage, locks(), () => nanoid(10));
  const me = await windowId;
  const kept = { id: loaded.id, edit: loaded.editing.schema };
  await takeOver(localStorage, locks(), kept, me, browserClock.now);
  let leaving = false;
  const store = new DocStore({
    ...loaded,
    send: (baseRev, entries) => sendEntries(endpoint, loaded.id, baseRev, entries, leaving),
    keeper: storageKeeper(localStorage, kept, me, browserClock.now),
    clock: browserClock,
    newId: () => nanoid(10),
  });
  const end = store.end.bind(store);
  store.end = () => {
    leaving = true;
    end();
  };
  return store;
}

/**
 * What `open` opens, as long as the screen is there and the page is shown; null until it is open. Both functions have to
 * stay the same while what they open does. leave: the page goes, and may come back as it was: then it begins anew.
 */
export function useOpen<T>(open: () => Promise<T>, leave: (opened: T) => void, end = leave): T | null {
  const [opened, setOpened] = useState<T | null>(null);
  useEffect(() => {
    let here: T | null = null;
    let gone = false;
    void open().then((now) => {
      if (gone) return end(now);
      here = now;
      setOpened(now);
    });
    const onLeave = () => here !== null && leave(here);
    const onBack = (e: PageTransitionEvent) => e.persisted && window.location.reload();
    window.addEventListener('pagehide', onLeave);
    window.addEventListener('pageshow', onBack);
    return () => {
      gone = true;
      window.removeEventListener('pagehide', onLeave);
      window.removeEventListener('pageshow', onBack);
      if (here !== null) end(here);
    };
  }, [open, leave, end]);
  return opened;
}
