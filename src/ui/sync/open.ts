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
  const letGo = holdWhileDown(store, window);
  const end = store.end.bind(store);
  store.end = () => {
    leaving = true;
    letGo();
    end();
  };
  return store;
}

const CAPTURE = { capture: true } as const;

/** What is drawn with a pointer is one step, from where the button goes down to where it goes up. Gives how to stop that. */
export function holdWhileDown(
  store: Pick<DocStore<never, never>, 'hold' | 'release'>,
  on: EventTarget,
): () => void {
  const hold = () => store.hold();
  // On their way down, the blurs of single fields come by as well.
  const release = (e: Event) => {
    if (e.type !== 'blur' || e.target === on) store.release();
  };
  const ends = ['pointerup', 'pointercancel', 'blur'];
  on.addEventListener('pointerdown', hold, CAPTURE);
  for (const e of ends) on.addEventListener(e, release, CAPTURE);
  return () => {
    on.removeEventListener('pointerdown', hold, CAPTURE);
    for (const e of ends) on.removeEventListener(e, release, CAPTURE);
    store.release();
  };
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
